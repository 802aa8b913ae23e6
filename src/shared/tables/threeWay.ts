/** Two who changed the same thing: what each has changed since both read it, and what that comes to. */
import { inWords } from '#core/answer/show'
import { sameValue } from '#core/catalogue/sameValue'
import type { RowNames } from './titles'

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

/** Where it stands, in words: by the name of what a list holds, else counted from one. */
export const placeWords = (path: readonly string[], whole: unknown): string => {
  let at = whole
  const words = path.map((key) => {
    const within = at
    at = isTree(at) ? at[key] : undefined
    if (!Array.isArray(within)) return inWords(key)
    const called = isTree(at)
      ? ['name', 'title', 'technique', 'of', 'model']
          .map((one) => (at as Tree)[one])
          .find((one) => typeof one === 'string')
      : undefined
    return called ?? String(Number(key) + 1)
  })
  return words.join(' › ')
}

/** What stands there, in words: names for ids, "not stated" for nothing. */
export const partWords = (part: unknown, names: RowNames): string => {
  if (part === undefined || part === null || part === '') return 'not stated'
  if (typeof part === 'boolean') return part ? 'yes' : 'no'
  if (Array.isArray(part)) return part.length === 0 ? 'none' : part.map((one) => partWords(one, names)).join(', ')
  if (isTree(part)) {
    const plainParts = Object.entries(part).filter(([, value]) => typeof value !== 'object')
    const called = part['name'] ?? part['title']
    return typeof called === 'string'
      ? called
      : plainParts.map(([, value]) => partWords(value, names)).join(' ') || 'set'
  }
  const text = String(part as string | number)
  return (
    Object.values(names)
      .map((list) => (list as Record<string, string> | undefined)?.[text])
      .find(Boolean) ?? text
  )
}
