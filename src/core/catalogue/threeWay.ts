/** Two who changed the same thing: what each has changed since both read it, and what that comes to. */
import { sameValue } from './sameValue'

export type EditSide = 'yours' | 'theirs'

/** A part that yours and theirs differ in. */
export interface PartChange {
  /** Keys and places down to it; none where the whole is in question. */
  path: readonly string[]
  /** Who changed it. */
  by: EditSide | 'both'
  yours: unknown
  theirs: unknown
}

type Tree = Record<string, unknown>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null

/** Parts are told apart within records, and within lists that are as long as they were. */
const splits = (all: readonly unknown[]): all is Tree[] => {
  if (!all.every(isTree)) return false
  const lists = all.filter((one) => Array.isArray(one))
  return lists.length === 0 || (lists.length === all.length && lists.every(({ length }) => length === lists[0]?.length))
}

export const partChanges = (
  base: unknown,
  yours: unknown,
  theirs: unknown,
  path: readonly string[] = [],
): PartChange[] => {
  if (sameValue(yours, theirs)) return []
  const all = [base, yours, theirs]
  if (splits(all)) {
    const keys = [...new Set(all.flatMap(Object.keys))]
    return keys.flatMap((key) =>
      partChanges(...(all.map((one) => one[key]) as [unknown, unknown, unknown]), [...path, key]),
    )
  }
  const by = sameValue(base, yours) ? 'theirs' : sameValue(base, theirs) ? 'yours' : 'both'
  return [{ path, by, yours, theirs }]
}

const withPart = (whole: unknown, [key, ...deeper]: readonly string[], part: unknown): unknown => {
  if (key === undefined) return part
  if (Array.isArray(whole)) return whole.map((one, i) => (String(i) === key ? withPart(one, deeper, part) : one))
  const next = withPart((whole as Tree)[key], deeper, part)
  const { [key]: _, ...others } = whole as Tree
  return next === undefined ? others : { ...(whole as Tree), [key]: next }
}

/** Theirs, with yours where that is what holds. */
export const heldTogether = (
  theirs: unknown,
  moved: readonly PartChange[],
  holds: (moved: PartChange) => EditSide,
): unknown =>
  moved.reduce((whole, one) => (holds(one) === 'yours' ? withPart(whole, one.path, one.yours) : whole), theirs)
