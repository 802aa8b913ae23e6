/** Classes: kept, changed, removed. */
import { z } from 'zod'
import { Id } from '#shared/api/catalogue'
import { ClassChange, ClassRow, ClassWrite } from '#shared/api/classes'
import { VersionSeen } from '#shared/api/records'
import { STAFF, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'

const Params = z.strictObject({ id: Id })

export const classRoutes = [
  route({
    method: 'get',
    path: '/api/classes',
    summary: 'All classes, the latest first',
    tag: 'Classes',
    for: STAFF,
    result: z.array(ClassRow),
    handle: ({ services }) => services.classes.all(),
  }),
  route({
    method: 'post',
    path: '/api/classes',
    summary: 'A new class',
    tag: 'Classes',
    for: STAFF,
    body: ClassWrite,
    result: ClassRow,
    status: 201,
    refuses: [422],
    handle: (context) => context.services.classes.add(context.body, context.snapshot.index, actorOf(context)),
    again: ({ services }, { id }) => services.classes.one(String(id)),
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}',
    summary: 'A class',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: ClassRow,
    refuses: [404],
    handle: ({ params, services }) => services.classes.one(params.id),
  }),
  route({
    method: 'put',
    path: '/api/classes/{id}',
    summary: 'Change a class at the version that was seen',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    body: ClassChange,
    result: ClassRow,
    refuses: [404, 409, 422],
    handle: (context) => {
      const { params, body, services, snapshot } = context
      return services.classes.change(params.id, body.version, body.class, snapshot.index, actorOf(context))
    },
    again: ({ services, params }) => services.classes.one(params.id),
  }),
  route({
    method: 'delete',
    path: '/api/classes/{id}',
    summary: 'Remove a class',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    query: VersionSeen,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404, 409],
    handle: async (context) => {
      const { params, query, services } = context
      await services.classes.remove(params.id, query.version, actorOf(context))
      return { gone: true as const }
    },
    again: () => ({ gone: true as const }),
  }),
]
