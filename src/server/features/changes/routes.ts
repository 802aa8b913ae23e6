import { z } from 'zod'
import { setTimeout as pause } from 'node:timers/promises'
import type { TopicVersions } from '#shared/api/changes'
import { ANY_ROLE, route } from '../../http/route'

/** A sign that it is still there, and the moment to see whether who listens is still signed in, ms. */
const ALIVE_MS = 15_000

export const changeRoutes = [
  route({
    method: 'get',
    path: '/api/changes',
    summary: 'A stream of what was written to: each topic with how often, at first all of them, then those that grew',
    tag: 'Changes',
    for: ANY_ROLE,
    result: z.string(),
    type: 'text/event-stream',
    streams: async ({ services, cookies, signal }, send) => {
      const tell = (versions: TopicVersions) => send(`event: versions\ndata: ${JSON.stringify(versions)}\n\n`)
      const stop = await services.changes.listen(tell)
      try {
        while (!signal.aborted) {
          await pause(ALIVE_MS, undefined, { signal }).catch(() => undefined)
          if (signal.aborted) return
          // Signed out, here or elsewhere: nothing more is told.
          if (!(await services.sessions.arriving(cookies.token)).session) return
          send(': alive\n\n')
        }
      } finally {
        stop()
      }
    },
    handle: () => '',
  }),
]
