import { Bundle } from '#shared/api/catalogue'
import { Changed } from '#shared/api/rows'
import { Invalid } from '../../http/problems'
import { ANY_ROLE, LEAD, route } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { shippedLibrary } from './library'
import { checkedBundle, importBundle } from './merge'
import { MOST_MEGABYTES } from './readCatalogue'

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
    takes: 'application/json',
    holds: Bundle,
    result: Changed,
    refuses: [413, 422],
    megabytes: MOST_MEGABYTES,
    handle: async (context) => {
      const { services, upload, work } = context
      const read = await services.workers.run('readCatalogue', [upload], work.signal)
      if ('issues' in read) throw new Invalid('This is not a Handhold catalogue.', read.issues)
      const counts = await importBundle(services.catalogue, actorOf(context), read.bundle)
      context.revision(counts.revision)
      return counts
    },
  }),
  route({
    method: 'post',
    path: '/api/library',
    summary:
      'Take in what ships as craft knowledge without machines: stitches, threads, fabrics, techniques; what the ' +
      'shop has of them stays',
    tag: 'Data',
    for: LEAD,
    result: Changed,
    status: 201,
    handle: async (context) => {
      const { services, snapshot } = context
      const shipped = checkedBundle(await shippedLibrary())
      const { index } = snapshot
      // What the shop has made its own is not replaced.
      const fresh = {
        ...shipped,
        functions: shipped.functions.filter(({ id }) => !index.functions.has(id)),
        threads: shipped.threads.filter(({ id }) => !index.threads.has(id)),
        fabrics: shipped.fabrics.filter(({ id }) => !index.fabrics.has(id)),
        techniques: shipped.techniques.filter(({ id }) => !index.techniques.has(id)),
      }
      const counts = await importBundle(services.catalogue, actorOf(context), fresh)
      context.revision(counts.revision)
      return counts
    },
  }),
]
