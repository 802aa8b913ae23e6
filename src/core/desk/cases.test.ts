import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { historyOf, lookBack, type DeskCase } from './cases'
import { ladderFor } from './ladder'
import { usedIn } from './tradeUp'

let id = 0
const call = (at: string, more: Partial<DeskCase> = {}): DeskCase => ({
  id: ++id,
  at,
  by: 'osk',
  question: 'why',
  outcome: 'solved',
  ...more,
})

describe('what was the cause before', () => {
  it('counts solved calls of the trouble, by their cause', () => {
    const cases = [
      call('2026-01-01', { trouble: 'skips', cause: 'needle' }),
      call('2026-01-02', { trouble: 'skips', cause: 'needle' }),
      call('2026-01-03', { trouble: 'skips', cause: 'threading' }),
      call('2026-01-03', { trouble: 'skips', cause: 'needle', outcome: 'workshop' }),
      call('2026-01-04', { trouble: 'skips' }),
      call('2026-01-05', { trouble: 'jam', cause: 'threading' }),
    ]
    expect(historyOf(cases, 'skips')).toEqual({ needle: 2, threading: 1 })
    expect(historyOf(cases, 'noise')).toEqual({})
  })
})

describe('looking back', () => {
  it('counts by technique, model and trouble, the most first, equals by name', () => {
    const back = lookBack([
      call('2026-01-01', { technique: 'b', model: 'm', trouble: 'skips', minutes: 5 }),
      call('2026-01-02', { technique: 'a', trouble: 'skips', minutes: 10 }),
      call('2026-01-02', { technique: 'a' }),
      call('2026-01-02', { technique: 'c' }),
    ])
    expect(back.techniques).toEqual([
      ['a', 2],
      ['b', 1],
      ['c', 1],
    ])
    expect(back.models).toEqual([['m', 1]])
    expect(back.troubles).toEqual([['skips', 2]])
    expect(back.minutes).toBe(15)
  })

  it('names every month between the first call and the last, also over the new year', () => {
    const back = lookBack([call('2026-02-11'), call('2025-11-30'), call('2026-02-01')])
    expect(back.months).toEqual([
      ['2025-11', 1],
      ['2025-12', 0],
      ['2026-01', 0],
      ['2026-02', 2],
    ])
  })

  it('is empty without calls', () => {
    expect(lookBack([])).toEqual({ techniques: [], models: [], troubles: [], months: [], minutes: 0, rising: [] })
  })

  it('finds what is asked oftener in the later half, by two calls at least', () => {
    const days = (trouble: string, ...on: number[]) =>
      on.map((day) => call(`2026-03-${String(day).padStart(2, '0')}`, { trouble }))
    const back = lookBack([
      ...days('jam', 1, 2, 20, 21, 22),
      ...days('skips', 3, 23, 24, 25),
      ...days('noise', 4, 5, 6, 26),
    ])
    expect(back.rising).toEqual([{ trouble: 'skips', before: 1, after: 3 }])
  })

  it('counts every call in one month', () => {
    const calls = fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.constantFrom('jam', 'skips', undefined)), {
      maxLength: 30,
    })
    fc.assert(
      fc.property(calls, (made) => {
        const cases = made.map(([months, trouble]) =>
          call(new Date(Date.UTC(2025, months, 3)).toISOString(), trouble ? { trouble } : {}),
        )
        const back = lookBack(cases)
        expect(back.months.reduce((sum, [, count]) => sum + count, 0)).toBe(cases.length)
        expect(new Set(back.months.map(([month]) => month)).size).toBe(back.months.length)
        expect([...back.months].sort()).toEqual(back.months)
        for (const { before, after } of back.rising) expect(after - before).toBeGreaterThanOrEqual(2)
      }),
    )
  })
})

describe('what settles most calls', () => {
  const household = {
    kind: 'computerised',
    features: ['startKey'],
    bobbin: { class: 'B', capacity: 1 },
    needle: { system: 'N' },
  } as unknown as Parameters<typeof ladderFor>[0]
  it('goes from what it is to the pedal, with the bobbin of the model', () => {
    const rungs = ladderFor(household)
    expect(rungs.map((rung) => rung.id)).toEqual([
      'danger',
      'what',
      'rethread',
      'needle',
      'bobbin',
      'lint',
      'foot',
      'pedal',
    ])
    expect(rungs.find((rung) => rung.id === 'bobbin')).toEqual({ id: 'bobbin', bobbin: 'B' })
    expect(rungs.find((rung) => rung.id === 'pedal')).toMatchObject({ startKey: true, winder: true })
    // Nobody has a card: nothing is said of the needle.
    expect(rungs.find((rung) => rung.id === 'needle')).toEqual({ id: 'needle' })
  })

  it.each(['overlocker', 'coverstitch', 'overlockCover'] as const)('asks an %s for its loopers', (kind) => {
    const rungs = ladderFor({ kind, features: [] })
    expect(rungs.map(({ id }) => id)).toEqual(['danger', 'what', 'loopers', 'needle', 'lint', 'foot', 'pedal'])
    expect(rungs.at(-1)).toEqual({ id: 'pedal', startKey: false, winder: false })
  })
})

describe('what somebody sews', () => {
  it('is counted by technique and fabric, the oftenest first, without what names only one of them', () => {
    const visits = [
      { technique: 'hem', fabric: 'wool' },
      { technique: 'hem', fabric: 'linen' },
      { technique: 'hem', fabric: 'linen' },
      { technique: 'hem' },
      { fabric: 'wool' },
    ]
    expect(usedIn(visits)).toEqual([
      { technique: 'hem', fabric: 'linen', times: 2 },
      { technique: 'hem', fabric: 'wool', times: 1 },
    ])
  })
})
