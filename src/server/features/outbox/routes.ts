/** The outbox: read, sent again, deleted. */
import { z } from 'zod'
import { OutboxMessage, OutboxParams } from '#shared/api/outbox'
import { FILE, STAFF, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'

const Done = z.object({ done: z.literal(true) })

export const outboxRoutes = [
  route({
    method: 'get',
    path: '/api/outbox',
    summary: 'What was sent, the latest first',
    tag: 'Outbox',
    for: STAFF,
    result: z.array(OutboxMessage),
    handle: ({ services }) => services.outbox.all(),
  }),
  route({
    method: 'get',
    path: '/api/outbox/{id}.eml',
    summary: 'A message as a mail file',
    tag: 'Outbox',
    for: STAFF,
    params: OutboxParams,
    result: FILE,
    type: 'message/rfc822',
    refuses: [404],
    handle: async ({ params, services }) => await services.outbox.mail(params.id),
  }),
  route({
    method: 'post',
    path: '/api/outbox/{id}/again',
    summary: 'Send a message once more',
    tag: 'Outbox',
    for: STAFF,
    params: OutboxParams,
    result: Done,
    status: 201,
    refuses: [404],
    handle: async (context) => {
      await context.services.outbox.again(context.params.id, actorOf(context))
      return { done: true as const }
    },
  }),
  route({
    method: 'delete',
    path: '/api/outbox/{id}',
    summary: 'Delete a message',
    tag: 'Outbox',
    for: STAFF,
    params: OutboxParams,
    result: Done,
    refuses: [404],
    handle: async ({ params, services }) => {
      await services.outbox.remove(params.id)
      return { done: true as const }
    },
  }),
]
