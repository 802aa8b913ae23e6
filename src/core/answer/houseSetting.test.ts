import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { indexCatalogue } from '../catalogue/index'
import type { Model, Sample } from '../catalogue/types'
import { bundleOf, fabric, P, stage, stitch, technique } from './answers.testkit'
import { houseSettingOf, mediansOf, numberOf } from './houseSetting'

const sewing = stage({ id: 'sew', stitches: [{ function: 'zigzag' }] })
const zigzag = stitch({ id: 'z', function: 'zigzag' })
const model: Model = { ...P, stitches: [zigzag], edition: '2' }
const sample = (id: string, width: number, more: Partial<Sample> = {}): Sample => ({
  id,
  model: 'p',
  technique: 'technique',
  method: 'method',
  stage: 'sew',
  stitch: 'z',
  fabric: 'cotton',
  layers: 2,
  used: { width },
  verdict: 'good',
  by: 'somebody',
  on: '2026-05-04T10:00:00Z',
  ...more,
})
const houseFor = (samples: Sample[], foot?: string) =>
  houseSettingOf(indexCatalogue(bundleOf({ models: [model], techniques: [technique([sewing])], samples })), {
    model,
    technique: 'technique',
    method: 'method',
    stage: sewing,
    fabric,
    stitch: zigzag,
    foot,
  })

describe('the house setting', () => {
  it.each<[string, Sample[], string | undefined]>([
    ['is none without samples', [], undefined],
    ['is the only good one', [sample('a', 3)], 'a'],
    ['is none of what went wrong', [sample('a', 3, { verdict: 'redo' })], undefined],
    ['is the one in the middle', [sample('a', 1), sample('b', 3), sample('c', 3.2)], 'b'],
    ['of two is the one at the lower middle', [sample('a', 4), sample('b', 3)], 'b'],
    [
      'is a sample that was really sewn, not a mean',
      [
        sample('a', 1, { used: { width: 1, length: 3 } }),
        sample('b', 3, { used: { width: 3, length: 1 } }),
        sample('c', 2, { used: { width: 2, length: 2 } }),
      ],
      'c',
    ],
    ['of equally near ones is the latest', [sample('a', 3), sample('b', 3, { on: '2026-06-01T10:00:00Z' })], 'b'],
    ['is the pinned one, however far', [sample('a', 3), sample('b', 3), sample('c', 7, { pinned: true })], 'c'],
    [
      'of two pinned ones is the later',
      [sample('a', 3, { pinned: true, on: '2026-06-01T10:00:00Z' }), sample('b', 7, { pinned: true })],
      'a',
    ],
    ['is none that belongs to another edition', [sample('a', 3, { edition: '1' })], undefined],
    ['is one that states no edition', [sample('a', 3), sample('b', 9, { edition: '1' })], 'a'],
    ['is none that states nothing', [sample('a', 3, { used: {} })], undefined],
    ['is none of another fabric', [sample('a', 3, { fabric: 'other' })], undefined],
  ])('%s', (_, samples, expected) => {
    expect(houseFor(samples).house?.sample.id).toBe(expected)
  })

  it('is of the foot that is asked about, or of none', () => {
    const samples = [sample('with', 3, { foot: 'open' }), sample('without', 4)]
    expect(houseFor(samples, 'open').house?.samples).toBe(2)
    expect(houseFor(samples, 'other').house?.sample.id).toBe('without')
  })

  it('tells how many samples, people and days stand behind it, and what is stale', () => {
    const { house, stale } = houseFor([
      sample('a', 3, { by: 'one', on: '2026-05-04T08:00:00Z' }),
      sample('b', 3, { by: 'two', on: '2026-05-04T18:00:00Z' }),
      sample('c', 3, { by: 'two', on: '2026-05-09T10:00:00Z' }),
      sample('d', 3, { by: 'three', edition: '1' }),
    ])
    expect(house).toMatchObject({ samples: 3, people: 2, days: 2, last: '2026-05-09', pinned: false })
    expect(stale.map(({ id }) => id)).toEqual(['d'])
  })

  it('lies at the medians or as near as any sample does, in numbers of the scale', () => {
    const widths = fc.array(fc.integer({ min: 0, max: 70 }), { minLength: 1, maxLength: 9 })
    fc.assert(
      fc.property(widths, (tenths) => {
        const samples = tenths.map((width, i) => sample(`s${i}`, width / 10))
        const [median] = [...mediansOf(samples).values()]
        const sorted = tenths.map((width) => width / 10).sort((a, b) => a - b)
        expect(median).toBe(sorted[Math.floor((sorted.length - 1) / 2)])
        // One parameter: some sample stands at the median itself.
        expect(houseFor(samples).house?.sample.used.width).toBe(median)
      }),
    )
  })

  it('weighs by how much a number is on a scale', () => {
    expect(numberOf({ shows: 'mm', from: 0, to: 5, number: 0.5 })).toBe(0.5)
    expect([undefined, 'absent' as const, { shows: 'mm' as const, from: 0, to: 5 }].map(numberOf)).toEqual([
      0.1, 0.1, 0.1,
    ])
  })
})
