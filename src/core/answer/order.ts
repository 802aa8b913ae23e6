import type { Id } from '../catalogue/types'

/** Number lists, entry by entry. */
export const compareNumbers = (a: readonly number[], b: readonly number[]): number => {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] as number) - (b[i] ?? 0)
    if (difference !== 0) return difference
  }
  return 0
}

/** Id lists in code-unit order, entry by entry. */
export const compareIds = (a: readonly Id[], b: readonly Id[]): number => {
  for (let i = 0; i < Math.min(a.length, b.length); i++) {
    const [left, right] = [a[i] as Id, b[i] as Id]
    if (left !== right) return left < right ? -1 : 1
  }
  return a.length - b.length
}

export const compareChains = (a: readonly Id[], b: readonly Id[]): number => a.length - b.length || compareIds(a, b)
