/** Lessons: what is to be set up one after the other on one machine. */
import { z } from 'zod'
import { LessonChange, LessonParams, LessonRow, LessonWrite } from '#shared/api/practice'
import { VersionSeen } from '#shared/api/records'
import { ANY_ROLE, STAFF, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { checkLesson } from './lessons'

export const lessonRoutes = [
  route({
    method: 'get',
    path: '/api/practice/lessons',
    summary: 'Lessons, by name',
    tag: 'Practice',
    for: ANY_ROLE,
    result: z.array(LessonRow),
    handle: ({ services }) => services.lessons.all(),
  }),
  route({
    method: 'get',
    path: '/api/practice/lessons/{id}',
    summary: 'A lesson',
    tag: 'Practice',
    for: ANY_ROLE,
    params: LessonParams,
    result: LessonRow,
    refuses: [404],
    handle: ({ params, services }) => services.lessons.one(params.id),
  }),
  route({
    method: 'post',
    path: '/api/practice/lessons',
    summary: 'A new lesson',
    tag: 'Practice',
    for: STAFF,
    body: LessonWrite,
    result: LessonRow,
    status: 201,
    refuses: [422],
    handle: (context) => {
      checkLesson(context.body, context.snapshot.index)
      return context.services.lessons.add(context.body, actorOf(context))
    },
    again: ({ services }, { id }) => services.lessons.one(Number(id)),
  }),
  route({
    method: 'put',
    path: '/api/practice/lessons/{id}',
    summary: 'Change a lesson at the version that was seen',
    tag: 'Practice',
    for: STAFF,
    params: LessonParams,
    body: LessonChange,
    result: LessonRow,
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { params, body, services, snapshot } = context
      checkLesson(body.lesson, snapshot.index)
      const version = await services.lessons.change(params.id, body.version, body.lesson, actorOf(context))
      return { id: params.id, version, lesson: body.lesson }
    },
    again: ({ services, params }) => services.lessons.one(params.id),
  }),
  route({
    method: 'delete',
    path: '/api/practice/lessons/{id}',
    summary: 'Remove a lesson',
    tag: 'Practice',
    for: STAFF,
    params: LessonParams,
    query: VersionSeen,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404, 409],
    handle: async (context) => {
      const { params, query, services } = context
      await services.lessons.change(params.id, query.version, null, actorOf(context))
      return { gone: true as const }
    },
    again: () => ({ gone: true as const }),
  }),
]
