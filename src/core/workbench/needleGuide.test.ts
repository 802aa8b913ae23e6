import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { needleMargin } from '../answer/clearance'
import type { Scale } from '../catalogue/types'
import { quarterInchCheck, rowAt, twinRows, type NeedleReach } from './needleGuide'

const tenths: Scale = { shows: 'mm', from: -3.5, to: 3.5, step: 0.1 }
const machine = (more: Partial<NeedleReach> = {}): NeedleReach => ({
  scale: tenths,
  travel: { from: -3.5, to: 3.5 },
  needleSize: 80,
  ...more,
})

describe('a row beside a guide', () => {
  it.each([
    // [guide, side, distance, slot, needle, sewn, exact]
    [0, 'left', 2, 5.5, -2, 2, true],
    [0, 'right', 1.5, 5.5, 1.5, 1.5, true],
    [6.4, 'left', 6.4, 8, 0, 6.4, true],
    [6.4, 'left', 4, 8, 2.4, 4, true],
    [-2, 'right', 1, 8, -1, 1, true],
    // Half a slot less the margin of an 80 needle is 2.15, on tenths 2.1.
    [0, 'left', 3, 5.5, -2.1, 2.1, false],
    [6.4, 'left', 12, 8, -3.4, 9.8, false],
  ] as const)('guide %f, %s, %f mm', (guide, side, distance, slot, needle, sewn, exact) => {
    const row = rowAt({ guide, slot }, machine(), side, distance)
    expect(row).toMatchObject({ needle, exact, distance: { value: sewn } })
  })

  it('takes the nearest of few positions, and none where the slot leaves none', () => {
    const dial: Scale = {
      shows: 'marks',
      from: -3,
      to: 3,
      marks: [-3, 0, 3].map((value) => ({ mark: String(value), value })),
    }
    expect(rowAt({ guide: 0, slot: 7.6 }, machine({ scale: dial }), 'left', 2)).toMatchObject({
      needle: -3,
      distance: { value: 3 },
      exact: false,
      reach: { from: 0, to: 3 },
    })
    expect(rowAt({ guide: 0, slot: 5 }, machine({ scale: dial }), 'left', 2)).toMatchObject({
      needle: 0,
      reach: { from: 0, to: 0 },
    })
    expect(rowAt({ guide: 0, slot: 1 }, machine(), 'left', 2)).toMatchObject({ needle: undefined, reach: undefined })
  })

  it('never sews on the other side of the guide', () => {
    const foot = { guide: -2, slot: { left: -4.2, right: 2 } }
    expect(rowAt(foot, machine(), 'left', 1)).toMatchObject({ needle: -3, distance: { value: 1 } })
    expect(rowAt({ guide: -2, slot: 4 }, machine(), 'left', 1)).toMatchObject({ needle: undefined })
    expect(rowAt(foot, machine(), 'right', 0.5)).toMatchObject({ needle: -1.5, reach: { from: 0, to: 3.4 } })
  })

  it('never puts the needle into the foot, and no clear place of the scale is nearer', () => {
    const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(
        mm(-10, 10),
        mm(1.4, 9),
        mm(0, 12),
        fc.constantFrom('left', 'right'),
        fc.constantFrom(60, 80, 110),
        (guide, slot, distance, side, needleSize) => {
          const row = rowAt({ guide, slot }, machine({ needleSize }), side as 'left', distance)
          const half = slot / 2 - needleMargin(needleSize)
          const clear = Array.from({ length: 71 }, (_, i) => (i - 35) / 10).filter(
            (p) => Math.abs(p) <= half + 1e-6 && (side === 'left' ? p <= guide + 1e-6 : p >= guide - 1e-6),
          )
          if (row.needle === undefined) {
            expect(clear).toEqual([])
            return
          }
          const best = Math.min(...clear.map((p) => Math.abs(p - row.wanted.value)))
          expect(Math.abs(row.needle)).toBeLessThanOrEqual(half + 1e-5)
          expect(Math.abs(row.needle - row.wanted.value)).toBeLessThanOrEqual(best + 1e-5)
        },
      ),
    )
  })
})

describe('twin rows', () => {
  it.each([
    [4, 5, 7, true, true],
    [6, 5, 7, false, false],
    [4, undefined, undefined, undefined, undefined],
  ])('spacing %f', (spacing, most, slot, clear, taken) => {
    expect(twinRows(spacing, most, slot, 75)).toMatchObject({ clear, taken, needed: { value: spacing + 1.15 } })
  })
})

describe('the quarter-inch check', () => {
  it.each([
    [25, 0.2, 0.4],
    [25.4, 0, 0],
    [26, -0.3, -0.6],
  ])('a middle of %f mm', (measured, move, seam) => {
    const { over, ...told } = quarterInchCheck(measured, 10)
    expect(told).toMatchObject({ move: { value: move }, seam: { value: seam } })
    expect(over.value).toBeCloseTo(10 * seam)
  })
})
