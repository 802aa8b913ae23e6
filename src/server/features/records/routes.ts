import { z } from 'zod'
import { RecordUndone, RecordWriteDetail, RecordWritesQuery, RecordWriteView } from '#shared/api/records'
import { Forbidden } from '../../http/problems'
import { STAFF, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'

const Params = z.strictObject({ id: z.coerce.number().int().min(1) })

export const recordRoutes = [
  route({
    method: 'get',
    path: '/api/history/records',
    summary: 'Who changed which class, customer, case, list or choice of the shop and when, newest first',
    tag: 'History',
    for: STAFF,
    query: RecordWritesQuery,
    result: z.array(RecordWriteView),
    handle: ({ query, services }) => services.records.page(query),
  }),
  route({
    method: 'get',
    path: '/api/history/records/{id}',
    summary: 'Such a write, before and after',
    tag: 'History',
    for: STAFF,
    params: Params,
    result: RecordWriteDetail,
    refuses: [404],
    handle: ({ params, services }) => services.records.one(params.id),
  }),
  route({
    method: 'post',
    path: '/api/history/records/{id}/undo',
    summary: 'Put back what stood before such a write, a removed record too; refused where it was changed again since',
    tag: 'History',
    for: STAFF,
    params: Params,
    result: RecordUndone,
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { params, services, snapshot, session } = context
      const { resource } = await services.records.one(params.id)
      if (resource === 'settings' && session?.user.role !== 'lead')
        throw new Forbidden('What the lead has chosen for the shop, the lead takes back.')
      return services.records.undo(actorOf(context), params.id, snapshot.index)
    },
  }),
]
