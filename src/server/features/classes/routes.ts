/** Classes: kept, changed, planned. */
import { z } from 'zod'
import { QuestionError } from '#core/answer/question'
import type { Solver } from '#core/classes/allocate'
import { planClass } from '#core/classes/plan'
import type { SewingClass } from '#core/classes/types'
import { collectNames } from '#core/card/names'
import { Id } from '#shared/api/catalogue'
import { ClassChange, ClassPlanView, ClassRow, ClassWrite } from '#shared/api/classes'
import { Invalid } from '../../http/problems'
import { STAFF, route } from '../../http/route'
import type { Snapshot } from '../catalogue/snapshot'
import { loadSolver } from './solver'

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
    handle: ({ params, body, services, snapshot }) => services.classes.change(params.id, body.version, body.class, snapshot.index), // prettier-ignore
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
  route({
    method: 'get',
    path: '/api/classes/{id}/plan',
    summary: 'Who is ready for what, who is lent or buys what, in which order it is taught',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: ClassPlanView,
    refuses: [404, 422],
    handle: async ({ params, services, snapshot }) => {
      const { class: asked } = await services.classes.one(params.id)
      const plan = planned(snapshot, asked as SewingClass, await loadSolver())
      return { ...plan, names: collectNames(snapshot.index, plan, asked) } as never
    },
  }),
]

/** Throws `Invalid` for what the catalogue has lost since the class was written. */
const planned = (snapshot: Snapshot, asked: SewingClass, solve: Solver) => {
  try {
    return planClass(snapshot, asked, solve)
  } catch (error) {
    if (error instanceof QuestionError) throw new Invalid('The class speaks of something that is gone.', error.issues)
    throw error
  }
}
