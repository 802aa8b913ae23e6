import type { Id } from '../catalogue/types'

/** Id lists in code-unit order, entry by entry. */
export const compareIds = (a: readonly Id[], b: readonly Id[]): number => {
  for (let i = 0; i < Math.min(a.length, b.length); i++) {
    const [left, right] = [a[i] as Id, b[i] as Id]
    if (left !== right) return left < right ? -1 : 1
  }
  return a.length - b.length
}

export const compareChains = (a: readonly Id[], b: readonly Id[]): number => a.length - b.length || compareIds(a, b)
