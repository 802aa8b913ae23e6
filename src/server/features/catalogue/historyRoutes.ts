import { z } from 'zod'
import { Changed, HistoryEntry, HistoryQuery, Undo, WritesQuery, WriteView } from '#shared/api/rows'
import { namesOf } from '#shared/tables/titles'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { forgetTaken } from '../bundle/taken'
import { actorOf } from './actor'
import { readHistory, readWrites, undoChanges } from './history'

export const historyRoutes = [
  route({
    method: 'get',
    path: '/api/history',
    summary: 'Every change of a row, before and after, newest first',
    tag: 'History',
    for: ANY_ROLE,
    query: HistoryQuery,
    result: z.array(HistoryEntry),
    handle: ({ query, services }) => readHistory(services.database.manager, query),
  }),
  route({
    method: 'get',
    path: '/api/history/writes',
    summary: 'Who changed what and when: whole writes, newest first',
    tag: 'History',
    for: ANY_ROLE,
    query: WritesQuery,
    result: z.array(WriteView),
    handle: async ({ query, services }) =>
      readWrites(services.database.manager, query, namesOf((await services.catalogue.snapshot()).bundle)),
  }),
  route({
    method: 'post',
    path: '/api/history/undo',
    summary: 'Take back a write, or some rows of it; refused where they were changed again since',
    tag: 'History',
    for: LEAD,
    body: Undo,
    result: Changed,
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { services, body } = context
      const changes = await undoChanges(services.database.manager, body)
      const written = await services.catalogue.write(
        actorOf(context),
        ({ rows }) => changes(rows),
        async (manager) => body.only ?? (await forgetTaken(manager, body.revision)),
      )
      context.revision(written.snapshot.revision)
      return written.counts
    },
  }),
]
