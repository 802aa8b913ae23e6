/** What whole pages are made of: the picks, a model's page, the names of everything. */
import { z } from 'zod'
import { Id } from '#shared/api/catalogue'
import { CopyModel, ModelPage, NamesView, PickLists, RowView } from '#shared/api/rows'
import { namesOf } from '#shared/tables/titles'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { actorOf } from './actor'
import { copyModel } from './copyModel'
import type { Stored } from './mapper'
import type { Snapshot } from './snapshot'

const OneModel = z.strictObject({ id: Id })

export const pageRoutes = [
  route({
    method: 'get',
    path: '/api/picks',
    summary: 'Models, techniques and fabrics to pick from',
    tag: 'Catalogue',
    for: ANY_ROLE,
    result: PickLists,
    handle: async ({ services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return pickLists(snapshot)
    },
  }),
  route({
    method: 'get',
    path: '/api/names',
    summary: 'The names of everything a row can point at, by id',
    tag: 'Catalogue',
    for: ANY_ROLE,
    result: NamesView,
    handle: async ({ services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return namesOf(snapshot.bundle)
    },
  }),
  route({
    method: 'get',
    path: '/api/models/{id}',
    summary: 'All about one model',
    tag: 'Catalogue',
    for: ANY_ROLE,
    params: OneModel,
    result: ModelPage,
    refuses: [404],
    handle: async ({ params, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return modelPage(snapshot, params.id)
    },
  }),
  route({
    method: 'post',
    path: '/api/models/{id}/copy',
    summary: 'A copy of a model under a new name, as the start of its sister; what is copied says so',
    tag: 'Catalogue',
    for: LEAD,
    params: OneModel,
    body: CopyModel,
    result: RowView,
    status: 201,
    refuses: [404, 422],
    handle: async (context) => {
      const { snapshot, id } = await copyModel(
        context.services.catalogue,
        actorOf(context),
        context.params.id,
        context.body.name,
      )
      context.revision(snapshot.revision)
      const { version, value } = snapshot.rows.models.get(id) as Stored
      return { version, value }
    },
  }),
]

const pickLists = ({ bundle, index }: Snapshot): PickLists => ({
  models: bundle.models.map(({ id, name, make, kind, aliases, stitches }) => ({
    id,
    name,
    make: index.makes.get(make)?.name ?? make,
    kind,
    aliases: aliases ?? [],
    stitches: stitches.length,
  })),
  techniques: bundle.techniques.map(({ id, name, family, aliases }) => ({ id, name, family, aliases: aliases ?? [] })),
  fabrics: bundle.fabrics.map(({ id, name, structure, weight }) => ({ id, name, structure, weight })),
})

const modelPage = ({ index, rows, bundle }: Snapshot, id: string): ModelPage => {
  const model = index.models.get(id)
  const head = rows.models.get(id)
  if (!model || !head) throw new NotFound(`There is no model “${id}”.`)
  return {
    version: head.version,
    model,
    make: index.makes.get(model.make)?.name ?? model.make,
    stitchVersions: Object.fromEntries(
      model.stitches.map((stitch) => [stitch.id, rows.stitches.get(`${id}/${stitch.id}`)?.version ?? 0]),
    ),
    samples: bundle.samples.filter((sample) => sample.model === id).map(({ id, stitch }) => ({ id, stitch })),
  }
}
