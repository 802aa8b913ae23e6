/** New editions of shipped techniques: looked at, taken in parts, or left. */
import { editionParts } from '#core/catalogue/editions'
import { EditionOffer, EditionTaken, TechniqueParams } from '#shared/api/editions'
import { differencesOf } from '#shared/tables/difference'
import { namesOf } from '#shared/tables/titles'
import { z } from 'zod'
import { Invalid, NotFound } from '../../http/problems'
import { LEAD, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { decide, openEditions, takingIn } from './editions'
import { shippedLibrary } from './library'
import { checkedBundle } from './merge'

const library = async () => checkedBundle(await shippedLibrary())

export const editionRoutes = [
  route({
    method: 'get',
    path: '/api/editions',
    summary: 'Shipped techniques with a new edition that the shop has not decided about, part by part',
    tag: 'Data',
    for: LEAD,
    result: z.array(EditionOffer),
    handle: async ({ services, snapshot, revision }) => {
      revision(snapshot.revision)
      const names = namesOf(snapshot.bundle)
      const open = await openEditions(services.database.manager, snapshot, (await library()).techniques)
      return open.map(({ own, shipped }) => ({
        technique: own.id,
        name: own.name,
        version: snapshot.rows.techniques.get(own.id)?.version ?? 0,
        parts: editionParts(own, shipped).map(({ id, is, own: had, shipped: brings }) => ({
          id,
          is,
          name: id === 'facts' ? 'Name, purpose and level' : (brings.name ?? id),
          differences: (is === 'added' ? [] : differencesOf('techniques', had, brings, names)).map(
            ({ heading, before, after }) => ({ heading, before, after }),
          ),
        })),
      }))
    },
  }),
  route({
    method: 'post',
    path: '/api/editions/{technique}',
    summary: 'Take parts of a new edition in, or none: it is not offered again; what only the shop has stays',
    tag: 'Data',
    for: LEAD,
    params: TechniqueParams,
    body: EditionTaken,
    result: z.object({ taken: z.int() }),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { services, snapshot, params, body } = context
      const shipped = await library()
      const edition = shipped.techniques.find(({ id }) => id === params.technique)
      const own = snapshot.index.techniques.get(params.technique)
      if (!edition || !own) throw new NotFound(`No new edition of “${params.technique}” is offered.`)
      const offered = new Set(editionParts(own, edition).map(({ id }) => id))
      const unknown = body.take.findIndex((id) => !offered.has(id))
      if (unknown >= 0)
        throw new Invalid('The edition brings no such part.', [
          { path: ['take', unknown], message: `“${body.take[unknown]}” is no part that differs` },
        ])
      if (body.take.length > 0) {
        const rows = takingIn(snapshot, shipped, { own, shipped: edition }, new Set(body.take), body.version)
        const written = await services.catalogue.write(actorOf(context), () => rows)
        context.revision(written.snapshot.revision)
      }
      await services.writes.run('settings', (manager) => decide(manager, edition))
      return { taken: body.take.length }
    },
  }),
]
