/** Any request may carry a name for its work in `X-Work`; under it can be asked how far it is, and it can be stopped. */
import { z } from 'zod'
import { ANY_ROLE, route } from '../http/route'
import { NotFound } from '../http/problems'

const Params = z.strictObject({ id: z.string().regex(/^[\w-]{8,80}$/) })
const Progress = z.object({ done: z.number(), of: z.number() })

export const workRoutes = [
  route({
    method: 'get',
    path: '/api/work/{id}',
    summary: 'How far a request is that is still being worked on',
    tag: 'Service',
    for: ANY_ROLE,
    params: Params,
    result: Progress,
    refuses: [404],
    handle: ({ params, session, services }) => {
      const work = services.work.find(session?.user.id ?? '', params.id)
      if (!work) throw new NotFound('Nothing of that name is being worked on.')
      return { done: work.done, of: work.of }
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
