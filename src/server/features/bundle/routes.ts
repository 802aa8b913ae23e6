import { z } from 'zod'
import { Bundle } from '#shared/api/catalogue'
import { Changed } from '#shared/api/rows'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { checkedBundle, importBundle } from './merge'

const MOST_MEGABYTES = 40

export const bundleRoutes = [
  route({
    method: 'get',
    path: '/api/bundle',
    summary: 'The whole catalogue as one open file',
    tag: 'Data',
    for: ANY_ROLE,
    result: Bundle,
    handle: async ({ services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return snapshot.bundle
    },
  }),
  route({
    method: 'post',
    path: '/api/bundle',
    summary: 'Take a catalogue file in: known ids are replaced, new ones added, nothing is removed; all or nothing',
    tag: 'Data',
    for: LEAD,
    body: z.unknown().meta({ description: 'A catalogue file, as GET /api/bundle gives it' }),
    result: Changed,
    refuses: [413, 422],
    megabytes: MOST_MEGABYTES,
    handle: async (context) => {
      const counts = await importBundle(context.services.catalogue, actorOf(context), checkedBundle(context.body))
      context.revision(counts.revision)
      return counts
    },
  }),
]
