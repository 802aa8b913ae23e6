import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { MOST_TECHNIQUES, teachingOrder } from './order'

const permutations = (list: readonly number[]): number[][] =>
  list.length === 0
    ? [[]]
    : list.flatMap((first) => permutations(list.filter((other) => other !== first)).map((rest) => [first, ...rest]))

describe('the teaching order', () => {
  it('is the best of all orders that keep what must come first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.array(fc.array(fc.nat(90), { minLength: 30, maxLength: 30 }), { minLength: 1, maxLength: 3 }),
        fc.array(fc.tuple(fc.nat(4), fc.nat(4)), { maxLength: 3 }),
        (techniques, table, pairs) => {
          const after = Array.from({ length: techniques }, (_, t) =>
            pairs.filter(([first, then]) => then === t && first !== t && first < techniques).map(([first]) => first),
          )
          const seconds = (seat: number, from: number | undefined, next: number) =>
            table[seat]?.[(from === undefined ? 5 : from) * 5 + next] ?? 0
          const found = teachingOrder({ techniques, after, seconds, seats: table.length })
          const kept = permutations(Array.from({ length: techniques }, (_, t) => t)).filter((order) =>
            order.every((t, at) => (after[t] ?? []).every((first) => order.indexOf(first) < at)),
          )
          const scores = kept.map((order) => {
            const changes = order.map((next, at) =>
              table.map((_, seat) => seconds(seat, at === 0 ? undefined : order[at - 1], next)),
            )
            return [
              changes.reduce((sum, each) => sum + Math.max(...each), 0),
              changes.flat().reduce((sum, one) => sum + one, 0),
            ] as const
          })
          const best = [...scores].sort((a, b) => a[0] - b[0] || a[1] - b[1])[0]
          expect(found && [found.waits, found.work]).toEqual(best)
          if (found) expect(kept.map((order) => order.join())).toContain(found.order.join())
        },
      ),
      { numRuns: 400, seed: 2 },
    )
  })

  it('says nothing where what must come first goes in a circle, and refuses what it cannot search in full', () => {
    const input = { after: [[1], [0]], seconds: () => 1, seats: 1 }
    expect(teachingOrder({ ...input, techniques: 2 })).toBeUndefined()
    expect(() => teachingOrder({ ...input, techniques: MOST_TECHNIQUES + 1 })).toThrow(RangeError)
  })
})
