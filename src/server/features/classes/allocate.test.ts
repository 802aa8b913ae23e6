import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { allocate, type Allocation, type AllocationInput } from '#core/classes/allocate'
import type { SeatOption } from '#core/classes/types'
import { optimum } from './solver'
import { runs } from '#core/runs.testkit'

const ITEMS = ['adapter', 'foot', 'plate']
type Score = [ready: number, bought: number, lent: number, rank: number]
const better = (a: Score, b: Score): boolean => {
  const at = a.findIndex((one, i) => one !== b[i])
  return at >= 0 && (at === 0 ? (a[0] as number) > (b[0] as number) : (a[at] as number) < (b[at] as number))
}

/** Everything there is to choose, one seat after another. */
const bestByHand = ({ seats, techniques, optionsOf, loans, pins }: AllocationInput): Score | undefined => {
  const have = (id: string) =>
    loans.filter(({ item, model }) => item === id || model === id).reduce((sum, { pieces }) => sum + pieces, 0)
  let best: Score | undefined
  const seat = (s: number, used: ReadonlyMap<string, number>, score: Score): void => {
    if (s === seats) {
      if ([...used].every(([id, count]) => count <= have(id)) && (!best || better(score, best))) best = score
      return
    }
    const pinned = pins.filter((pin) => pin.seat === s)
    const choose = (t: number, need: ReadonlySet<string>, machine: string | undefined, rank: number): void => {
      if (t < techniques) {
        for (const option of optionsOf(s, t)) {
          if (machine !== undefined && option.machine !== undefined && option.machine !== machine) continue
          choose(t + 1, new Set([...need, ...option.need]), option.machine ?? machine, rank + option.rank)
        }
        return
      }
      assign([...need], machine, 1, rank)
    }
    const assign = (need: string[], machine: string | undefined, ready: number, rank: number): void => {
      const extra = pinned.filter(({ how, item }) => how !== 'not' && !need.includes(item)).map(({ item }) => item)
      const all = [...need, ...extra]
      for (let mask = 0; mask < 2 ** all.length; mask++) {
        const how = (i: number) => ((mask >> i) & 1 ? 'buy' : 'loan')
        if (pinned.some(({ item, how: wanted }) => (all.includes(item) ? how(all.indexOf(item)) : 'not') !== wanted))
          continue
        const next = new Map(used)
        all.forEach((id, i) => how(i) === 'loan' && next.set(id, (next.get(id) ?? 0) + 1))
        if (machine !== undefined) next.set(machine, (next.get(machine) ?? 0) + 1)
        const bought = all.filter((_, i) => how(i) === 'buy').length
        seat(s + 1, next, [
          score[0] + ready,
          score[1] + bought,
          score[2] + all.length - bought + (machine === undefined ? 0 : 1),
          score[3] + rank,
        ])
      }
    }
    assign([], undefined, 0, 0)
    choose(0, new Set(), undefined, 0)
  }
  seat(0, new Map(), [0, 0, 0, 0])
  return best
}

const scoreOf = ({ ready, bought, lent, seats }: Allocation): Score => [
  ready,
  bought,
  lent,
  seats.reduce((sum, { chosen }) => sum + chosen.reduce((all, way) => all + (way?.rank ?? 0), 0), 0),
]

const option: fc.Arbitrary<SeatOption> = fc
  .record({ need: fc.subarray(ITEMS), rank: fc.integer({ min: 0, max: 3 }), lent: fc.integer({ min: 0, max: 4 }) })
  .map(({ need, rank, lent }) => ({
    method: 'm',
    need,
    rank,
    ...(lent === 0 ? { machine: 'plain' } : lent === 1 ? { machine: 'wide' } : {}),
  }))

describe('the allocation', () => {
  it('is the best of all there are, over random small classes', async () => {
    let hard = 0
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.array(fc.array(option, { maxLength: 3 }), { minLength: 2, maxLength: 2 }), {
          minLength: 1,
          maxLength: 3,
        }),
        fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 5, maxLength: 5 }),
        fc.array(
          fc.record({
            seat: fc.nat(2),
            item: fc.constantFrom(...ITEMS),
            how: fc.constantFrom('loan' as const, 'buy' as const, 'not' as const),
          }),
          { maxLength: 1 },
        ),
        async (table, pieces, pins) => {
          const input: AllocationInput = {
            seats: table.length,
            techniques: 2,
            optionsOf: (s, t) => table[s]?.[t] ?? [],
            loans: [
              ...ITEMS.map((item, i) => ({ item, pieces: pieces[i] as number })),
              { model: 'plain', pieces: pieces[3] as number },
              { model: 'wide', pieces: pieces[4] as number },
            ],
            pins: pins.filter(({ seat }) => seat < table.length),
          }
          const best = bestByHand(input)
          const found = await allocate(input, optimum)
          expect(found && scoreOf(found)).toEqual(best)
          if (best && best[0] > 0 && best[1] + best[2] > 1) hard++
        },
      ),
      { numRuns: runs(250), seed: 9 },
    )
    expect(hard).toBeGreaterThan(runs(40))
  })

  it('lends one foot to the seat it makes ready, and keeps what is pinned', async () => {
    const needs = (...need: string[]): SeatOption => ({ method: 'm', need, rank: 0 })
    const table = [
      [[needs('foot')], [needs()]],
      [[needs('foot', 'plate')], [needs()]],
      [[needs('foot')], []],
    ]
    const input = {
      seats: 3,
      techniques: 2,
      optionsOf: (s: number, t: number) => table[s]?.[t] ?? [],
      loans: [{ item: 'foot', pieces: 1 }],
      pins: [],
    }
    expect(await allocate(input, optimum)).toMatchObject({
      ready: 2,
      bought: 2,
      lent: 1,
      seats: [{ ready: true }, { ready: true }, { ready: false, loans: [], buys: [] }],
    })
    const pinned = await allocate({ ...input, pins: [{ seat: 0, item: 'foot', how: 'loan' }] }, optimum)
    expect(pinned?.seats.map(({ loans, buys }) => [loans, buys])).toEqual([
      [['foot'], []],
      [[], ['foot', 'plate']],
      [[], []],
    ])
    const twice = [0, 1].map((seat) => ({ seat, item: 'foot', how: 'loan' as const }))
    expect(await allocate({ ...input, pins: twice }, optimum)).toBeUndefined()
  })
})
