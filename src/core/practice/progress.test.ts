import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { hungAt, progressOf, type PastAttempt } from './progress'

const attempt = (by: string, day: number, missed: string[], more: Partial<PastAttempt> = {}): PastAttempt => ({
  by,
  at: `2026-11-${String(day).padStart(2, '0')}T10:00:00.000Z`,
  model: 'eddy-4',
  technique: 'rolled-edge',
  stage: 'roll',
  review: {
    reached: missed.length === 0,
    missed: missed.map((control) => ({ control, at: 'a', wanted: 'b' })),
    refused: [],
  },
  ...more,
})

describe('progress in practice', () => {
  it('tells where each person hung, and what is settled since', () => {
    const { people, controls } = progressOf([
      attempt('Anna', 3, ['upperKnife']),
      attempt('Anna', 1, ['upperKnife', 'hemSelector']),
      attempt('anna ', 2, ['upperKnife']),
      attempt('Bo', 4, ['upperKnife']),
      attempt('Bo', 5, []),
      attempt('Cleo', 1, ['hemSelector'], { technique: 'cover-hem' }),
    ])
    expect(people.map(({ by, attempts, reached }) => [by, attempts, reached])).toEqual([
      ['Bo', 2, 1],
      ['Anna', 3, 0],
      ['Cleo', 1, 0],
    ])
    expect(people[0]?.hangs).toEqual([{ control: 'upperKnife', times: 1, settled: true }])
    expect(people[1]?.hangs).toEqual([
      { control: 'upperKnife', times: 3, settled: false },
      { control: 'hemSelector', times: 1, settled: true },
    ])
    expect(controls).toEqual([
      { control: 'upperKnife', people: ['Anna'], times: 3 },
      { control: 'hemSelector', people: ['Cleo'], times: 1 },
    ])
  })

  it('puts first who practised last, where most people hang, and what is not settled', () => {
    const { people, controls } = progressOf([
      attempt('Cleo', 1, ['length', 'length', 'width', 'foot']),
      attempt('Cleo', 2, ['length', 'width', 'foot']),
      attempt('Anna', 3, ['foot', 'plate']),
      attempt('Bo', 9, ['plate', 'width', 'needle']),
      attempt('Anna', 5, ['foot']),
      attempt('Anna', 4, ['plate']),
      attempt('Anna', 6, ['foot']),
    ])
    expect(people.map(({ by }) => by)).toEqual(['Bo', 'Anna', 'Cleo'])
    expect(people[1]?.hangs).toEqual([
      { control: 'foot', times: 3, settled: false },
      { control: 'plate', times: 2, settled: true },
    ])
    expect(controls).toEqual([
      { control: 'foot', people: ['Anna', 'Cleo'], times: 5 },
      { control: 'width', people: ['Bo', 'Cleo'], times: 3 },
      { control: 'length', people: ['Cleo'], times: 2 },
      { control: 'plate', people: ['Bo'], times: 1 },
      { control: 'needle', people: ['Bo'], times: 1 },
    ])
  })

  it('does not take one technique’s success for another’s', () => {
    const both = [attempt('Anna', 1, ['tension']), attempt('Anna', 2, [], { technique: 'cover-hem' })]
    expect(hungAt(both, { by: 'ANNA', model: 'eddy-4', technique: 'rolled-edge' })).toEqual(['tension'])
    expect(hungAt(both, { by: 'Anna', model: 'eddy-4', technique: 'cover-hem' })).toEqual([])
    expect(hungAt(both, { by: 'Anna', model: 'ketch', technique: 'rolled-edge' })).toEqual([])
    expect(progressOf(both).people[0]?.hangs[0]?.settled).toBe(false)
  })

  it('counts a refused move, and is the same in whatever order attempts come', () => {
    const refused = attempt('Anna', 1, [])
    refused.review.refused = [{ control: 'upperKnife', to: 'out', rules: ['r'] }]
    expect(progressOf([refused]).people[0]?.hangs).toEqual([{ control: 'upperKnife', times: 1, settled: false }])
    const all = [1, 2, 3, 4, 5].map((day) => attempt(day % 2 ? 'Anna' : 'Bo', day, day < 4 ? ['tension'] : []))
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: 5 }), (shuffled) => {
        expect(progressOf(shuffled)).toEqual(progressOf(all))
      }),
    )
  })
})
