/** Parts of a row that two changed, in words: where they stand and what stands there. */
import { inWords } from '#core/answer/show'
import type { RowNames } from './titles'

type Tree = Record<string, unknown>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null

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
  // A length that came in inches has no end.
  const text = String(typeof part === 'number' ? Number(part.toFixed(3)) : part)
  return (
    Object.values(names)
      .map((list) => (list as Record<string, string> | undefined)?.[text])
      .find(Boolean) ?? text
  )
}
