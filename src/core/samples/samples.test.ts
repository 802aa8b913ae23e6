import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { houseSettingOf } from '../answer/houseSetting'
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, Model, Sample, Technique } from '../catalogue/types'
import { evidenceOf } from './evidence'
import { ladderOf } from './ladder'
import { spreadOf, standing } from './spread'

const shop = demoBundle()
const plover = shop.models.find(({ id }) => id === 'plover-60') as Model
const hem = shop.techniques.find(({ id }) => id === 'blind-hem') as Technique
const sample = (id: string, more: Partial<Sample> = {}): Sample => ({
  id,
  model: 'plover-60',
  edition: plover.edition as string,
  technique: 'blind-hem',
  method: 'with-guide',
  stage: 'hem',
  fabric: 'wool-suiting',
  stitch: 's-utility-114',
  foot: 'lf-07',
  used: { width: 2.8, length: 2 },
  verdict: 'good',
  on: '2026-09-14',
  by: 'Maren Tolvik',
  ...more,
})
const evidence = (samples: Sample[], tolerance?: { mm: number; numbers: number }) => {
  const index = indexCatalogue({ ...shop, samples } as Bundle)
  const method = hem.methods.find(({ id }) => id === 'with-guide')
  const cell = {
    model: plover,
    technique: 'blind-hem',
    method: 'with-guide',
    stage: method?.stages[0] as never,
    fabric: index.fabrics.get('wool-suiting') as never,
    stitch: plover.stitches.find(({ id }) => id === 's-utility-114') as never,
    foot: 'lf-07',
  }
  return { ...evidenceOf(index, cell, tolerance), alone: houseSettingOf(index, cell).house }
}

describe('a ladder of tries', () => {
  it('tells what was changed since the one before, and whether it was one thing', () => {
    const rungs = ladderOf([
      sample('c', { on: '2026-09-15', used: { width: 2.6, length: 2.2 } }),
      sample('b', { used: { width: 2.6, length: 2 } }),
      sample('a', { used: { width: 3.2, length: 2 } }),
      sample('d', { on: '2026-09-16', used: { width: 2.6 }, needleSize: 90 }),
    ])
    expect(rungs.map(({ sample: { id }, clean }) => [id, clean])).toEqual([
      ['a', false],
      ['b', true],
      ['c', true],
      ['d', false],
    ])
    expect(rungs[1]?.changes).toEqual([{ of: 'parameter', parameter: 'width', from: 3.2, to: 2.6 }])
    expect(rungs[3]?.changes).toEqual([
      { of: 'needleSize', from: undefined, to: '90' },
      { of: 'parameter', parameter: 'length', from: 2.2, to: undefined },
    ])
  })
  it('is in the order they were sewn, whatever order they come in', () => {
    const all = ['2026-01-01', '2026-03-01', '2026-03-01', '2026-02-01'].map((on, i) => sample(`s${i}`, { on }))
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: 4 }), (shuffled) => {
        expect(ladderOf(shuffled).map((rung) => rung.sample.id)).toEqual(['s0', 's3', 's1', 's2'])
      }),
    )
  })
})

describe('how far good samples agree', () => {
  it('counts only what stands: good, this foot, this edition, this stitch', () => {
    const all = [
      sample('good'),
      sample('usable', { verdict: 'usable' }),
      sample('old', { edition: '1st edition' }),
      sample('other', { foot: 'lf-01' }),
      sample('stitch', { stitch: 's-utility-115' }),
      sample('any', { foot: undefined as never }),
    ]
    expect(standing(all, plover, 's-utility-114', 'lf-07').map(({ id }) => id)).toEqual(['good', 'any'])
  })
  it.each([
    [[2.6, 2.8, 3.0], false],
    [[2.5, 3.0], false],
    [[2.4, 3.0], true],
  ])('widths %o', (widths, disputed) => {
    const samples = widths.map((width, i) => sample(`s${i}`, { used: { width } }))
    expect(spreadOf(samples, plover)).toEqual([
      {
        parameter: 'width',
        median: expect.any(Number),
        least: Math.min(...widths),
        most: Math.max(...widths),
        samples: widths.length,
        disputed,
      },
    ])
  })
  it('counts tension in numbers, ratios in tenths', () => {
    const two = (used: [Sample['used'], Sample['used']]) =>
      spreadOf(
        used.map((one, i) => sample(`s${i}`, { used: one })),
        plover,
      )[0]?.disputed
    expect(two([{ tension: 4 }, { tension: 5 }])).toBe(false)
    expect(two([{ tension: 4 }, { tension: 5.5 }])).toBe(true)
    expect(two([{ differential: 1.4 }, { differential: 1.6 }])).toBe(true)
  })
  it('bears what the shop says it bears', () => {
    const samples = [sample('a', { used: { width: 2.4 } }), sample('b', { used: { width: 3 } })]
    expect(evidence(samples).disputed).toBe(true)
    expect(evidence(samples, { mm: 1, numbers: 1 }).disputed).toBe(false)
  })
})

describe('the evidence of a cell', () => {
  it('has the same house setting as the card', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            width: fc.integer({ min: 20, max: 34 }),
            day: fc.integer({ min: 10, max: 28 }),
            good: fc.boolean(),
            pinned: fc.boolean(),
          }),
          { maxLength: 8 },
        ),
        (made) => {
          const samples = made.map(({ width, day, good, pinned }, i) =>
            sample(`s${i}`, {
              used: { width: width / 10 },
              on: `2026-03-${day}`,
              verdict: good ? 'good' : 'redo',
              ...(pinned ? { pinned } : {}),
            }),
          )
          const { house, alone, tries } = evidence(samples)
          expect(house?.sample).toBe(alone?.sample.id)
          expect(tries).toHaveLength(samples.length)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('is proved by two people or two days', () => {
    expect(evidence([sample('a')]).house).toMatchObject({ proved: false, samples: 1 })
    expect(evidence([sample('a'), sample('b', { by: 'Osk Brandal' })]).house?.proved).toBe(true)
    expect(evidence([sample('a'), sample('b', { on: '2026-09-20' })]).house?.proved).toBe(true)
  })
  it('draws each try and says what the machine gives', () => {
    const [first] = evidence([sample('a')]).tries
    expect(first?.spec).toMatchObject({ width: 2.8, length: 2 })
    expect(first?.given).toMatchObject({ width: 3.5, length: 1.5 })
    expect(evidence([sample('a', { edition: 'other' })]).tries[0]?.stale).toBe(true)
  })
  it('learns start offset and quarter inch from repeated tries, but not from those to be done again', () => {
    const tries = [-1.5, -2.1, -1.8].map((offset, i) =>
      sample(`s${i}`, { measured: { startOffset: offset, middle: 25 } }),
    )
    const found = evidence([...tries, sample('bad', { verdict: 'redo', measured: { startOffset: 9, middle: 30 } })])
    expect(found.startOffset).toMatchObject({ mean: { value: -1.8 }, spread: { value: 0.3 }, enough: true, tries: 3 })
    expect(found.quarterInch).toMatchObject({ move: { value: 0.2 }, tries: 3 })
    expect(evidence([sample('a')]).startOffset).toBeUndefined()
  })
})
