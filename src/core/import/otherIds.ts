/** A catalogue from elsewhere in this shop's ids: the same id may be another thing in another shop. */
import { freeId } from '../catalogue/ids'
import { referencesOf, type ListName, type RowName } from '../catalogue/references'
import { rowKey } from '../catalogue/rows'
import type { Bundle } from '../catalogue/types'
import { compareCatalogues, type MergeGiven } from './mergeCatalogue'

/** Their rows by `rowKey`, with the id that each has here. */
export type OtherIds = Readonly<Record<string, string>>

type Tree = Record<string | number, unknown>

/** Their catalogue with those ids, wherever they are named. The bundle is not mutated. */
export const inOurIds = (bundle: Bundle, ids: OtherIds): Bundle => {
  if (Object.keys(ids).length === 0) return bundle
  const renamed = JSON.parse(JSON.stringify(bundle)) as Bundle
  for (const { path, to } of referencesOf(bundle)) {
    const id = ids[rowKey(to)]
    if (id === undefined) continue
    let at = renamed as unknown as Tree
    for (const key of path.slice(0, -1)) at = at[key] as Tree
    at[path.at(-1) as string | number] = id
  }
  for (const [list, rows] of Object.entries(renamed) as [ListName, { id: string }[]][])
    if (Array.isArray(rows)) for (const row of rows) row.id = ids[rowKey({ resource: list, id: row.id })] ?? row.id
  return renamed
}

/** Whose ids mean nothing to anybody: a collision is another row, and nobody is asked. */
const NAMELESS: ReadonlySet<RowName['resource']> = new Set(['fits', 'samples'])

/** Rows with these ids here, and new ones for the others: asked about, or nameless and about something else. */
export const idsFor = (given: MergeGiven, known: OtherIds, others: ReadonlySet<string>): OtherIds => {
  const ids: Record<string, string> = { ...known }
  const taken = (list: ListName) => ({
    has: (id: string) => [...given.ours[list], ...given.theirs[list]].some((row) => row.id === id),
  })
  const add = ({ resource, id }: RowName) => {
    const key = rowKey({ resource, id })
    if (resource === 'stitches' || ids[key] !== undefined) return
    const free = taken(resource)
    const mine = new Set(Object.values(ids))
    ids[key] = freeId(`${id}-2`, id, { has: (one) => free.has(one) || mine.has(one) })
  }
  for (const list of ['makes', 'models', 'items', 'fabrics', 'techniques', 'threads'] as const)
    for (const { id } of given.theirs[list]) if (others.has(rowKey({ resource: list, id }))) add({ resource: list, id })
  const back = new Map(Object.entries(ids).map(([key, id]) => [`${key.split('/')[0]}/${id}`, key]))
  for (const { row, mayBeOther } of compareCatalogues({ ...given, theirs: inOurIds(given.theirs, ids) }))
    if (mayBeOther && NAMELESS.has(row.resource) && !back.has(rowKey(row))) add(row)
  return ids
}
