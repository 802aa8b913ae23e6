/** Equal as data: whatever the order of keys, and a key that is undefined is as one that is not there. */
export const sameValue = (a: unknown, b: unknown): boolean => {
  if (a === b) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  if (Array.isArray(a) !== Array.isArray(b)) return false
  const [left, right] = [a as Record<string, unknown>, b as Record<string, unknown>]
  const keys = (of: Record<string, unknown>) => Object.keys(of).filter((key) => of[key] !== undefined)
  return keys(left).length === keys(right).length && keys(left).every((key) => sameValue(left[key], right[key]))
}
