/**
 * Any request may carry a name for its work in `X-Work`; under it can be asked how far it is, and it can be stopped.
 */
import { z } from 'zod'
import { ANY_ROLE, route } from '../http/route'

const Params = z.strictObject({ id: z.string().regex(/^[\w-]{8,80}$/) })
/** Work that is over, or that somebody else asked for, is none. */
const Progress = z.discriminatedUnion('working', [
  z.object({ working: z.literal(true), done: z.number(), of: z.number() }),
  z.object({ working: z.literal(false) }),
])

export const workRoutes = [
  route({
    method: 'get',
    path: '/api/work/{id}',
    summary: 'How far a request is that is still being worked on',
    tag: 'Service',
    for: ANY_ROLE,
    params: Params,
    result: Progress,
    handle: ({ params, session, services }) => {
      const work = services.work.find(session?.user.id ?? '', params.id)
      return work ? ({ working: true, done: work.done, of: work.of } as const) : ({ working: false } as const)
    },
  }),
  route({
    method: 'delete',
    path: '/api/work/{id}',
    summary: 'Stop a request that is still being worked on; nothing of it is kept',
    tag: 'Service',
    for: ANY_ROLE,
    params: Params,
    result: z.object({ stopped: z.boolean() }),
    handle: ({ params, session, services }) => {
      const work = services.work.find(session?.user.id ?? '', params.id)
      work?.stop()
      return { stopped: work !== undefined }
    },
  }),
]
