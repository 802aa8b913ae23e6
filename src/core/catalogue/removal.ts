/** What removing a row takes with it, and what forbids it. */
import { referencesOf, type Reference, type RowName } from './references'
import type { Bundle, Item, Model } from './types'

export interface Removal {
  /** Rows that go with it: fit statements about it, a model's stitches. */
  along: RowName[]
  /** Rows that stay, with its name taken out of their lists. */
  changed: { row: RowName; value: unknown }[]
  /** Rows that cannot be without it; while there are any, it stays. */
  held: Reference[]
}

const same = (a: RowName, b: RowName): boolean => a.resource === b.resource && a.id === b.id && a.model === b.model

/** Inputs are not mutated. */
export const planRemoval = (bundle: Bundle, row: RowName): Removal => {
  const toIt = referencesOf(bundle).filter(({ to }) => same(to, row))
  const own: RowName[] =
    row.resource === 'models'
      ? (bundle.models.find(({ id }) => id === row.id)?.stitches ?? []).map(({ id }) => ({
          resource: 'stitches',
          id,
          model: row.id,
        }))
      : []
  const along = distinct(toIt.filter(({ whenGone }) => whenGone === 'along').map(({ from }) => from))
  const without = distinct(toIt.filter(({ whenGone }) => whenGone === 'takenOut').map(({ from }) => from))
  return {
    along: [...own, ...along],
    changed: without.map((from) => ({ row: from, value: takenOut(bundle, from, row.id) })),
    held: toIt.filter(({ whenGone }) => whenGone === 'kept'),
  }
}

const takenOut = (bundle: Bundle, { resource, id }: RowName, gone: string): unknown => {
  const others = (ids: readonly string[]) => ids.filter((other) => other !== gone)
  if (resource === 'models') {
    const { stitches: _, ...head } = bundle.models.find((model) => model.id === id) as Model
    return { ...head, supplied: others(head.supplied) }
  }
  const item = bundle.items.find((candidate) => candidate.id === id) as Item
  return { ...item, contains: others(item.contains ?? []) }
}

const distinct = (rows: readonly RowName[]): RowName[] => [
  ...new Map(rows.map((row) => [`${row.resource}/${row.model ?? ''}/${row.id}`, row])).values(),
]
