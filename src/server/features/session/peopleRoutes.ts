/** The people of the shop and what each may do. */
import { z } from 'zod'
import { Person, PersonChange, PersonWrite } from '#shared/api/session'
import { LEAD, route } from '../../http/route'

const Params = z.strictObject({ id: z.string().min(1).max(120) })
const Done = z.object({ done: z.literal(true) })

export const peopleRoutes = [
  route({
    method: 'get',
    path: '/api/people',
    summary: 'Who has an account',
    tag: 'Shop',
    for: LEAD,
    result: z.array(Person),
    handle: ({ services }) => services.sessions.people(),
  }),
  route({
    method: 'post',
    path: '/api/people',
    summary: 'An account for somebody',
    tag: 'Shop',
    for: LEAD,
    body: PersonWrite,
    result: Person,
    status: 201,
    refuses: [422],
    handle: async ({ body, services }) => {
      await services.sessions.addPerson(body)
      return { id: body.id, name: body.name, role: body.role }
    },
  }),
  route({
    method: 'put',
    path: '/api/people/{id}',
    summary: 'What somebody is called, may do, and signs in with',
    tag: 'Shop',
    for: LEAD,
    params: Params,
    body: PersonChange,
    result: Person,
    refuses: [404, 422],
    handle: async ({ params, body, services }) => {
      await services.sessions.changePerson(params.id, body)
      return { id: params.id, name: body.name, role: body.role }
    },
  }),
  route({
    method: 'delete',
    path: '/api/people/{id}',
    summary: 'End somebody’s account; what they did stays with their name',
    tag: 'Shop',
    for: LEAD,
    params: Params,
    result: Done,
    refuses: [404, 422],
    handle: async ({ params, services }) => {
      await services.sessions.removePerson(params.id)
      return { done: true as const }
    },
  }),
]
