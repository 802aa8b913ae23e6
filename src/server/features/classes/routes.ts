/** Classes: kept, changed. */
import { z } from 'zod'
import { Id } from '#shared/api/catalogue'
import { ClassChange, ClassRow, ClassWrite } from '#shared/api/classes'
import { STAFF, route } from '../../http/route'

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
    handle: ({ body, services, snapshot }) => services.classes.add(body, snapshot.index),
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
    handle: ({ params, body, services, snapshot }) =>
      services.classes.change(params.id, body.version, body.class, snapshot.index),
  }),
  route({
    method: 'delete',
    path: '/api/classes/{id}',
    summary: 'Remove a class',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404],
    handle: async ({ params, services }) => {
      await services.classes.remove(params.id)
      return { gone: true as const }
    },
  }),
]
