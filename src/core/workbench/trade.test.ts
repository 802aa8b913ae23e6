import { describe, expect, it } from 'vitest'
import type { Scale } from '../catalogue/types'
import { balanceTurn, beadStitches, edgeToCentre, onFoot, pastCentre } from './buttonholeFoot'
import { holesWidth, ringWidth, shankHeight, type SewOnMachine } from './buttonSewOn'
import { circleStages, stageRadius } from './circleStages'
import { minutesFor, perforation, stitchesIn } from './density'
import { nextRatio } from './differential'
import { OutOfReach } from './figure'
import { cutForTrim, cutForTurns, farLeft, foldedBorder, guideReach, mitreMarks, RIB_RATIO, ribbingCut } from './hems'
import { quarterInchCheck, rowAt, twinRows } from './needleGuide'
import { pagesOf } from './sheet'
import { circleGuide } from './templates'
import { perMetre } from './thread'
import { THREAD_RATIOS, threadByRatio } from './threadRatios'

describe('a buttonhole against foot and edge', () => {
  it.each([
    [{ maxButton: 25, overrun: 1 }, 'fits', 27],
    [{ maxButton: 22.9 }, 'tooLong', 26],
    [{}, 'unknown', 26],
  ] as const)('foot %o', (foot, verdict, sewn) =>
    expect(onFoot(23, 26, foot)).toMatchObject({ verdict, sewn: { value: sewn } }),
  )

  it('lies clear of the edge', () => {
    expect(edgeToCentre(20).value).toBe(16)
    expect([pastCentre('horizontal'), pastCentre('vertical')]).toEqual([3, 0])
  })

  it('counts a bead, and says which bead is denser', () => {
    expect(beadStitches(26, 1.5, 0.4).value).toBe(57.5)
    expect([balanceTurn(40, 41), balanceTurn(40, 50), balanceTurn(50, 40)]).toEqual([
      'even',
      'rightIsDenser',
      'leftIsDenser',
    ])
  })
})

describe('buttons and rings', () => {
  const machine = (more: Partial<SewOnMachine> = {}): SewOnMachine => ({
    maxWidth: 7,
    slots: [7.6, 8.6],
    needleSize: 80,
    scale: { shows: 'mm', from: 0, to: 7, step: 0.5 },
    ...more,
  })
  it.each([
    [4, {}, 4, 'good'],
    [4.2, {}, 4, 'good'],
    [7.6, {}, undefined, 'beyond'],
    [7, {}, 7, 'hits'],
    [7, { slots: [undefined, undefined] }, 7, 'good'],
    [
      4,
      {
        scale: {
          shows: 'marks',
          from: 0,
          to: 5,
          marks: [
            { mark: 'a', value: 3 },
            { mark: 'b', value: 5 },
          ],
        },
      },
      undefined,
      'between',
    ],
  ] as [number, Partial<SewOnMachine>, number | undefined, string][])(
    'holes %f mm apart, %o',
    (spacing, more, set, verdict) => {
      expect(holesWidth(spacing, machine(more))).toMatchObject({ set, verdict })
    },
  )

  it('goes around a ring’s wire, and lifts a button by what it closes over', () => {
    expect(ringWidth(2, machine())).toMatchObject({ set: 4, verdict: 'good' })
    expect(shankHeight(3, 0.5).value).toBe(3.5)
  })
})

describe('hems', () => {
  it('adds what is trimmed or turned', () => {
    expect(cutForTrim(500, 4).value).toBe(504)
    expect(cutForTurns(500, 20, 10).value).toBe(530)
    expect(cutForTurns(500, 20, 0).value).toBe(520)
  })
  it('reaches from the needle at the far left to the toe', () => {
    const needle = farLeft(8, 3.5, 80)
    expect(needle.value).toBeCloseTo(-3.4)
    expect(guideReach(8, needle.value).value).toBeCloseTo(11.4)
    expect(farLeft(9.5, 3.5, 80).value).toBe(-3.5)
  })
  it('cuts ribbing shorter than the opening', () => {
    const { length, depth } = ribbingCut(600, RIB_RATIO.medium, 6)
    expect([length.value, depth(40).value]).toEqual([492, 92])
  })
  it('marks a mitre where the folded seam meets the raw edges', () => {
    expect(mitreMarks(30, 30)).toMatchObject({ along: { value: 60 }, up: { value: 60 } })
    const { along, up } = mitreMarks(40, 25)
    // Reflected about their folds, both marks are the corner of the finished border.
    expect([along.value, 2 * 40 - 0]).toEqual([2 * 25, up.value])
    expect(mitreMarks(30, 40).seam.value).toBe(50)
  })
  it('cuts a backing to fold over its front', () => {
    const { out, width, height, marks } = foldedBorder({ width: 600, height: 900 }, 25, 6, 3)
    expect([out.value, width.value, height.value, marks.along.value]).toEqual([34, 668, 968, 68])
  })
})

describe('density', () => {
  it.each([
    [90, 2.5, 'good', 0.36],
    [90, 2.4, 'weakens', 0.375],
    [90, 0.9, 'tears', 1],
  ])('needle %f at %f mm', (size, feed, verdict, share) => {
    expect(perforation(size, feed)).toMatchObject({ verdict, share: { value: share }, safeFeed: { value: 2.5 } })
  })
  it('counts stitches and minutes', () => {
    expect(stitchesIn(1000, 0.4).value).toBe(2500)
    expect(minutesFor(2500, 500).value).toBe(5)
  })
})

describe('differential', () => {
  const scale: Scale = { shows: 'mm', from: 0.7, to: 2, step: 0.1 }
  it.each([
    [1, 108, 1.1, 'wavy', false],
    [1, 92, 0.9, 'puckered', false],
    [1.5, 100.3, 1.5, 'flat', false],
    [1.8, 130, 2, 'wavy', true],
  ])('at %f, 100 became %f', (now, measured, set, verdict, held) => {
    expect(nextRatio(now, measured, scale)).toMatchObject({ set, verdict, held })
  })
  it('turns freely where the scale is not stated', () =>
    expect(nextRatio(1, 108, undefined)).toMatchObject({ set: 1.08, held: false }))
})

describe('circles in stages', () => {
  it('widens away from the pivot', () => {
    expect([stageRadius(60, 'left', 2.5).value, stageRadius(60, 'right', 2.5).value]).toEqual([62.5, 57.5])
  })
  it('adds the thread of all stages', () => {
    const base = { name: 'base', position: 0, width: 0, length: 2.5 }
    const { stages, thread } = circleStages(
      60,
      'left',
      [base, { name: 'cover', position: 0, width: 5, length: 0.4 }],
      1,
    )
    const [first, second] = stages.map((stage) => stage.thread.value)
    expect(first).toBeCloseTo((2 * Math.PI * 60 * perMetre(2.5, 0, 1).value) / 1000, 5)
    expect(second).toBeCloseTo((2 * Math.PI * 60 * perMetre(0.4, 5, 1).value) / 1000, 5)
    expect(thread.value).toBeCloseTo((first as number) + (second as number), 5)
    expect(circleStages(60, 'left', [{ ...base, rounds: 2 }], 1).thread.value).toBeCloseTo(2 * (first as number), 5)
  })
})

describe('thread by ratio', () => {
  it('is shared between needles and loopers', () => {
    expect(threadByRatio(10, 14, 0.2)).toMatchObject({
      all: { value: 140 },
      needles: { value: 28 },
      loopers: { value: 112 },
    })
  })
  it('ships only ratios that use thread', () => {
    for (const { ratio, needles } of THREAD_RATIOS) {
      expect(ratio).toBeGreaterThan(2)
      expect(needles > 0 && needles < 1).toBe(true)
    }
  })
})

describe('odd inputs say what would be in reach', () => {
  const reach = { travel: { from: -3.5, to: 3.5 }, needleSize: 80 }
  it.each<[string, () => unknown]>([
    ['distance', () => rowAt({ guide: 0 }, reach, 'left', -1)],
    ['distance', () => rowAt({ guide: 0 }, reach, 'left', NaN)],
    ['guide', () => rowAt({ guide: 400 }, reach, 'left', 2)],
    ['spacing', () => twinRows(0, 5, 7, 80)],
    ['measured', () => quarterInchCheck(1, 4)],
    ['seams', () => quarterInchCheck(25, 0)],
    ['spacing', () => holesWidth(-4, { slots: [], needleSize: 80 })],
    ['wire', () => ringWidth(0, { slots: [], needleSize: 80 })],
    ['layers', () => shankHeight(-1, 0)],
    ['second', () => cutForTurns(500, 10, 20)],
    ['ratio', () => ribbingCut(600, 0.1, 6)],
    ['hem', () => mitreMarks(0, 30)],
    ['feed', () => stitchesIn(100, 0)],
    ['speed', () => minutesFor(100, 0)],
    ['needle', () => perforation(8, 2)],
    ['measured', () => nextRatio(1, 1000, undefined)],
    ['radius of a stage', () => stageRadius(5, 'right', 6)],
    ['bead length', () => beadStitches(2, 1.5, 0.4)],
    ['needles’ share', () => threadByRatio(10, 14, 3)],
    ['radius', () => circleGuide(Infinity, 8)],
    ['pages', () => pagesOf({ title: '', width: 9000, height: 9000, marks: [] })],
  ])('%s', (input, reckon) => {
    expect(reckon).toThrow(OutOfReach)
    try {
      reckon()
    } catch (error) {
      const { input: named, reach: may } = error as OutOfReach
      expect(named).toBe(input)
      expect(may.from).toBeLessThanOrEqual(may.to)
    }
  })
})
