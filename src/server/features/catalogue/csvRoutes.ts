import { z } from 'zod'
import { TableParams, TableQuery } from '#shared/api/rows'
import { columnsOf, parametersOf } from '#shared/tables/columns'
import { tableCsv } from '#shared/tables/csv'
import { namesOf } from '#shared/tables/titles'
import { NotFound } from '../../http/problems'
import { ANY_ROLE, route } from '../../http/route'
import { rowsIn } from './snapshot'

export const csvRoutes = [
  route({
    method: 'get',
    path: '/api/tables/{resource}',
    summary: 'A table as a CSV file; all stitches, or those of one model',
    tag: 'Data',
    for: ANY_ROLE,
    params: TableParams,
    query: TableQuery,
    result: z.string(),
    type: 'text/csv',
    refuses: [404],
    handle: async ({ params: { resource }, query: { model }, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      if (model !== undefined && !snapshot.rows.models.has(model)) throw new NotFound(`There is no model “${model}”.`)
      const rows = rowsIn(snapshot, resource, model)
      const columns = columnsOf(
        resource,
        parametersOf(
          resource,
          rows.map(({ value }) => value),
        ),
      )
      return tableCsv(
        columns,
        rows.map(({ key, value }) => ({ id: key.id, model: key.model, value })),
        namesOf(snapshot.bundle),
      )
    },
  }),
]
