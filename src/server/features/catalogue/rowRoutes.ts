/** One row of the catalogue, read, written and removed the same way whatever it is; many rows at once. */
import { z } from 'zod'
import { planRemoval } from '#core/catalogue/removal'
import type { RowName } from '#core/catalogue/references'
import {
  Changed,
  Changes,
  RemovalView,
  RemoveQuery,
  RowParams,
  RowView,
  RowWrite,
  StitchParams,
  TableParams,
  TableQuery,
  TableRow,
} from '#shared/api/rows'
import { resources, type Resource } from '#shared/api/resources'
import { namesOf, titleOf } from '#shared/tables/titles'
import { Invalid, NotFound } from '../../http/problems'
import { ANY_ROLE, LEAD, route, type Context } from '../../http/route'
import { actorOf } from './actor'
import { checkedChanges, checkedValue, keyOf, removalChanges } from './change'
import { keyText, type RowKey, type Stored } from './mapper'
import { rowsIn, type Snapshot } from './snapshot'

const oneRow = <Params extends z.ZodType>(
  path: string,
  params: Params,
  keyOfParams: (params: z.output<Params>) => RowKey,
) => [
  route({
    method: 'get',
    path,
    summary: 'One row with its version',
    tag: 'Catalogue',
    for: ANY_ROLE,
    params,
    result: RowView,
    refuses: [404],
    handle: async (context) => {
      const { stored } = await storedRow(context, keyOfParams(context.params))
      return { version: stored.version, value: stored.value }
    },
  }),
  route({
    method: 'put',
    path,
    summary: 'Write one row; refused with both versions where somebody else has changed it',
    tag: 'Catalogue',
    for: LEAD,
    params,
    body: RowWrite,
    result: RowView,
    refuses: [409, 410, 422],
    megabytes: 4,
    handle: async (context) => {
      const key = keyOfParams(context.params)
      const value = checkedValue(key, context.body.value)
      const { snapshot } = await context.services.catalogue.write(actorOf(context), () => [
        { key, value, expects: context.body.version },
      ])
      context.revision(snapshot.revision)
      const stored = snapshot.rows[key.resource].get(keyText(key)) as Stored
      return { version: stored.version, value: stored.value }
    },
  }),
  route({
    method: 'delete',
    path,
    summary: 'Remove one row; refused where something refers to it, unless that can go along and may',
    tag: 'Catalogue',
    for: LEAD,
    params,
    query: RemoveQuery,
    result: Changed,
    refuses: [409, 410, 422],
    handle: async (context) => {
      const key = keyOfParams(context.params)
      const { version, along } = context.query
      const written = await context.services.catalogue.write(actorOf(context), (snapshot) =>
        removalChanges(snapshot, key, version, along === 'yes'),
      )
      context.revision(written.snapshot.revision)
      return written.counts
    },
  }),
  route({
    method: 'get',
    path: `${path}/removal`,
    summary: 'What removing the row would take with it, and what forbids it',
    tag: 'Catalogue',
    for: ANY_ROLE,
    params,
    result: RemovalView,
    refuses: [404],
    handle: async (context) => {
      const key = keyOfParams(context.params)
      const { snapshot } = await storedRow(context, key)
      const { along, changed, held } = planRemoval(snapshot.bundle, key)
      const names = namesOf(snapshot.bundle)
      const valueOf = (row: RowName) => snapshot.rows[row.resource].get(keyText(keyOf(row)))?.value
      const named = (rows: readonly RowName[]) =>
        rows.map((row) => ({ ...row, title: titleOf(row.resource, valueOf(row), names) }))
      return {
        along: named(along),
        changed: named(changed.map(({ row }) => row)),
        held: named(held.map(({ from }) => from)),
      }
    },
  }),
]

const storedRow = async (
  { services, revision }: Context<unknown, unknown, unknown>,
  key: RowKey,
): Promise<{ snapshot: Snapshot; stored: Stored }> => {
  const snapshot = await services.catalogue.snapshot()
  revision(snapshot.revision)
  const stored = snapshot.rows[key.resource].get(keyText(key))
  if (!stored) throw new NotFound(`There is no ${resources[key.resource].one} “${keyText(key)}”.`)
  return { snapshot, stored }
}

export const rowRoutes = [
  ...oneRow('/api/catalogue/stitches/{model}/{id}', StitchParams, ({ model, id }) => ({
    resource: 'stitches',
    model,
    id,
  })),
  ...oneRow('/api/catalogue/{resource}/{id}', RowParams, ({ resource, id }) => ({
    resource: resource as Resource,
    id,
  })),
  route({
    method: 'get',
    path: '/api/catalogue/{resource}',
    summary: 'All rows of one table with their versions; stitches of one model',
    tag: 'Catalogue',
    for: ANY_ROLE,
    params: TableParams,
    query: TableQuery,
    result: z.array(TableRow),
    refuses: [404, 422],
    handle: async ({ params, query, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return tableRows(snapshot, params.resource, query.model)
    },
  }),
  route({
    method: 'post',
    path: '/api/catalogue/changes',
    summary: 'Write and remove many rows together; refused as a whole, with every row somebody else has changed',
    tag: 'Catalogue',
    for: LEAD,
    body: Changes,
    result: Changed,
    refuses: [409, 410, 422],
    // A whole chart is a quarter of one; more is a whole catalogue, which a worker reads.
    megabytes: 4,
    handle: async (context) => {
      const changes = checkedChanges(
        context.body.changes.map(({ resource, id, model, version, value }) => ({
          key: keyOf({ resource, id, ...(model === undefined ? {} : { model }) }),
          version,
          value,
        })),
      )
      const written = await context.services.catalogue.write(actorOf(context), () => changes)
      context.revision(written.snapshot.revision)
      return written.counts
    },
  }),
]

/** In the order of the list. Throws where stitches are asked for without their model. */
const tableRows = (snapshot: Snapshot, resource: Resource, model: string | undefined): z.input<typeof TableRow>[] => {
  if (resource === 'stitches') {
    if (model === undefined) {
      throw new Invalid('Stitches are read model by model.', [{ path: ['model'], message: 'name a model' }])
    }
    if (!snapshot.rows.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
  }
  return rowsIn(snapshot, resource, model).map(({ key, version, value }) => ({
    id: key.id,
    ...(key.model === undefined ? {} : { model: key.model }),
    version,
    value,
  }))
}
