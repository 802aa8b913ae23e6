/** A catalogue from elsewhere: held against what was last taken from there and what stands here; taken in parts. */
import { rowsOf } from '#core/catalogue/rows'
import { compareCatalogues, mergeWrites } from '#core/import/mergeCatalogue'
import { idsFor, inOurIds, type OtherIds } from '#core/import/otherIds'
import type { Bundle } from '#core/catalogue/types'
import { CatalogueSources, MergeSent, MergeView, type Merging } from '#shared/api/merging'
import { resourceList } from '#shared/api/resources'
import { Changed } from '#shared/api/rows'
import { namesOf, type RowNames } from '#shared/tables/titles'
import { Conflict, Invalid } from '../../http/problems'
import { LEAD, route, type Context } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import type { RowWrite } from '../catalogue/store'
import { mergeLines } from './mergeLines'
import { MOST_MEGABYTES } from './readCatalogue'
import { keepTaken, lastTaken, takenSources, type Taken } from './taken'

interface Sent {
  /** As it was published. */
  published: Bundle
  /** In this shop's ids, as is what was taken last. */
  theirs: Bundle
  base: Bundle | undefined
  ids: OtherIds
  last: Taken | undefined
  merging: Merging
}

type Sending = Pick<Context<unknown, unknown, unknown>, 'services' | 'upload' | 'work' | 'snapshot'>

const readSent = async ({ services, upload, work, snapshot }: Sending): Promise<Sent> => {
  const read = await services.workers.run('readMerging', [upload], work.signal)
  if ('issues' in read) throw new Invalid('This is not a Handhold catalogue.', read.issues)
  const { bundle: published, merging } = read
  const last = await lastTaken(services.database.manager, merging.source)
  const was = last ? await services.workers.run('readCatalogue', [last.bytes], work.signal) : undefined
  if (was && 'issues' in was) throw new Error(`what was last taken from “${merging.source}” is damaged`)
  const known = last?.ids ?? {}
  const base = was ? inOurIds(was.bundle, known) : undefined
  const ids = idsFor({ ours: snapshot.bundle, theirs: published, base }, known, new Set(merging.others))
  return { published, theirs: inOurIds(published, ids), base, ids, last, merging }
}

export const mergeRoutes = [
  route({
    method: 'get',
    path: '/api/catalogues',
    summary: 'Who published the catalogues that were taken in, each with when it was last',
    tag: 'Data',
    for: LEAD,
    result: CatalogueSources,
    handle: ({ services }) => takenSources(services.database.manager),
  }),
  route({
    method: 'post',
    path: '/api/catalogues/compare',
    summary: 'What a catalogue from elsewhere would bring, row by row and field by field; nothing is written',
    tag: 'Data',
    for: LEAD,
    takes: 'application/json',
    holds: MergeSent,
    result: MergeView,
    refuses: [413, 422],
    megabytes: MOST_MEGABYTES,
    handle: async (context) => {
      const { snapshot } = context
      const { theirs, base, last } = await readSent(context)
      const rows = compareCatalogues({ ours: snapshot.bundle, theirs, base })
      const [there, here] = [namesOf(theirs), namesOf(snapshot.bundle)]
      const names: RowNames = Object.fromEntries(
        resourceList.map((resource) => [resource, { ...there[resource], ...here[resource] }]),
      )
      context.revision(snapshot.revision)
      return {
        revision: snapshot.revision,
        last: last ? { at: last.at.toISOString(), by: last.by } : null,
        lines: mergeLines(rows, names),
        same: rowsOf(theirs).length - rows.filter(({ is }) => is !== 'gone').length,
      }
    },
  }),
  route({
    method: 'post',
    path: '/api/catalogues/take',
    summary: 'Take of a catalogue what was decided, in one write that is undone in one; it is remembered as taken',
    tag: 'Data',
    for: LEAD,
    takes: 'application/json',
    holds: MergeSent,
    result: Changed,
    refuses: [409, 413, 422],
    megabytes: MOST_MEGABYTES,
    handle: async (context) => {
      const { services } = context
      const { published, theirs, base, ids, merging } = await readSent(context)
      const actor = actorOf(context)
      const choices = {
        left: new Set(merging.left),
        turned: new Set(merging.turned),
        removed: new Set(merging.removed),
      }
      const written = await services.catalogue.write(
        actor,
        ({ bundle, revision }) => {
          if (merging.revision !== revision)
            throw new Conflict('The catalogue has changed since it was compared. Compare again; your choices stay.', [])
          const rows = compareCatalogues({ ours: bundle, theirs, base })
          return mergeWrites(rows, { ours: bundle, theirs }, choices).map(({ row, value }): RowWrite => ({
            key: row,
            value,
            expects: 'any',
          }))
        },
        (manager, revision) => keepTaken(manager, actor, { source: merging.source, revision, ids, bundle: published }),
      )
      context.revision(written.snapshot.revision)
      return written.counts
    },
  }),
]
