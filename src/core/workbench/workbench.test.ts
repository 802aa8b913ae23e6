import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bindingCover, bindingLength, stripsFor } from './binding'
import { biteFor, biteOf, pickEvery, widthForBite } from './blindHemBite'
import {
  beadsOf,
  coveringFeed,
  openingOf,
  placeButtonholes,
  sewnLengthOf,
  startOffset,
  type Button,
} from './buttonholeFit'
import { circleSpacing, circumference, fitMotif, letteringAngle } from './circles'
import { OutOfReach, type Figure } from './figure'
import { bobbinHolds, diameterOf, perMetre, perStitch } from './thread'

const rounded = ({ value }: Figure, digits = 3) => Number(value.toFixed(digits))

describe('worked cases', () => {
  it.each<[Button, number]>([
    [{ shape: 'flat', diameter: 20, thickness: 3 }, 23],
    [{ shape: 'domed', diameter: 20, height: 6 }, 22.25],
    [{ shape: 'ball', diameter: 12 }, 18.85],
    [{ shape: 'measured', wrap: 50 }, 25],
  ])('opening of %o', (button, opening) => expect(rounded(openingOf(button).opening, 2)).toBe(opening))

  it('domed button: radius and arc', () => {
    const { radius, arc } = openingOf({ shape: 'domed', diameter: 20, height: 6 }).parts
    expect([rounded(radius as Figure), rounded(arc as Figure)]).toEqual([11.333, 24.499])
  })

  it('sewn length, beads, placement', () => {
    expect(sewnLengthOf(23, 'snug', 1.5).value).toBe(26)
    expect(sewnLengthOf(23, 'coat', 1.5).value).toBe(28)
    expect(beadsOf(5, 2.1)).toMatchObject({ gap: { value: 0.8 }, verdict: 'good' })
    expect(beadsOf(5, 2.4).verdict).toBe('bladeCatches')
    expect(beadsOf(6, 2).verdict).toBe('whiskers')
    expect(placeButtonholes(40, 400, 5)).toMatchObject({ spacing: { value: 90 }, places: [40, 130, 220, 310, 400] })
    expect(placeButtonholes(40, 400, 1).places).toEqual([220])
  })

  it('thread', () => {
    expect(rounded(perStitch(2.5, 0, 1), 2)).toBe(3.85)
    expect(rounded(perMetre(2.5, 0, 1), 2)).toBe(1.54)
    const thirty = diameterOf({ tex: 30, fibre: 'polyester' })
    expect(rounded(thirty)).toBe(0.215)
    const { from, to } = coveringFeed(thirty.value)
    expect([rounded(from, 2), rounded(to, 2)]).toEqual([0.34, 0.45])
    expect(bobbinHolds(60, { tex: 30, fibre: 'cotton' }).value).toBe(60)
    expect(bobbinHolds(60, { tex: 120, fibre: 'cotton' }).value).toBeCloseTo(15)
    expect(bobbinHolds(60, { tex: 120, fibre: 'cotton' }, true).value).toBeCloseTo(12.75)
  })

  it('blind hem', () => {
    expect(widthForBite(2, biteFor({ weight: 'medium', behaviours: [] })).value).toBe(2.5)
    expect(biteFor({ weight: 'light', behaviours: ['lofty'] })).toBe(1)
    expect(pickEvery(1.5, 5).value).toBe(7.5)
    expect(biteOf(1.5, 2).value).toBe(-0.5)
  })

  it('binding', () => {
    expect(bindingCover(63.5, 6.35, 3)).toMatchObject({
      back: { value: 16.05 },
      margin: { value: 9.7 },
      verdict: 'good',
    })
    expect(bindingCover(50.8, 6.35, 3)).toMatchObject({ margin: { value: 3.35 }, verdict: 'good' })
    expect(bindingCover(45, 6.35, 3).verdict).toBe('misses')
    expect(bindingCover(80, 6.35, 3).verdict).toBe('wideBack')
    expect(bindingLength(6000).value).toBe(6250)
    expect(stripsFor(6250, 63.5, 1050).value).toBe(7)
  })

  it('motifs on a circle', () => {
    expect(rounded(circumference(60))).toBe(376.991)
    const [first, ...others] = fitMotif(60, 14.2, 0.1)
    expect(first).toMatchObject({ count: 26, length: 14.5 })
    expect([rounded(first?.change as Figure, 1), rounded(first?.leftOver as Figure)]).toEqual([2.1, -0.009])
    const next = others.find(({ count }) => count === 27)
    expect([next?.length, rounded(next?.change as Figure, 1), rounded(next?.leftOver as Figure)]).toEqual([
      14, -1.4, -1.009,
    ])
    expect(letteringAngle(120, 60).value).toBe(2)
    expect(circleSpacing(20, 6, 0.25)).toMatchObject({
      inner: { value: 0.2125 },
      outer: { value: 0.2875 },
      packs: false,
    })
    expect(circleSpacing(10, 6, 0.25).packs).toBe(true)
  })

  it('start offset says when it rests on too few tries', () => {
    expect(startOffset([-1.5, -2.1, -1.8])).toMatchObject({
      mean: { value: -1.8 },
      spread: { value: 0.3 },
      enough: true,
    })
    expect([1, 2, 3].map((tries) => startOffset(Array<number>(tries).fill(-1.5)).enough)).toEqual([false, false, true])
  })
})

describe('properties', () => {
  const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true })

  it('buttonhole spacing sums to the run', () => {
    fc.assert(
      fc.property(mm(0, 500), mm(10, 900), fc.integer({ min: 2, max: 20 }), (first, run, count) => {
        const { places, spacing } = placeButtonholes(first, first + run, count)
        expect(spacing.value * (count - 1)).toBeCloseTo(run, 3)
        expect(places.at(-1)).toBeCloseTo(first + run, 6)
      }),
    )
  })

  it('an anchor is hit, evenly, within the run, and no other way is nearer to even', () => {
    fc.assert(
      fc.property(mm(0, 300), mm(20, 900), fc.integer({ min: 2, max: 12 }), mm(0, 1), (first, run, count, share) => {
        const last = first + run
        const at = first + share * run
        const { places, anchored } = placeButtonholes(first, last, count, at)
        expect(places[anchored as number]).toBeCloseTo(at, 6)
        expect(Math.min(...places)).toBeGreaterThan(first - 1e-6)
        expect(Math.max(...places)).toBeLessThan(last + 1e-6)
        const step = (places[1] as number) - (places[0] as number)
        const even = run / (count - 1)
        for (let i = 0; i < count; i++) {
          for (const other of [(at - first) / i, (last - at) / (count - 1 - i)]) {
            const fits = at - i * other >= first - 1e-9 && at + (count - 1 - i) * other <= last + 1e-9
            if (Number.isFinite(other) && fits)
              expect(Math.abs(step - even)).toBeLessThanOrEqual(Math.abs(other - even) + 1e-6)
          }
        }
      }),
    )
  })

  it('what a motif leaves over is never more than half a step times the count', () => {
    fc.assert(
      fc.property(mm(10, 200), mm(2, 20), fc.constantFrom(0.1, 0.2, 0.5, 1), (radius, motif, step) => {
        for (const { count, leftOver, length } of fitMotif(radius, motif, step)) {
          expect(Math.abs(leftOver.value)).toBeLessThanOrEqual((step / 2) * count + 1e-3)
          expect(Math.abs(length / motif - 1)).toBeLessThanOrEqual(0.15 + 1e-6)
        }
      }),
    )
  })

  it('thread is never less than its geometric minimum', () => {
    fc.assert(
      fc.property(mm(0.1, 12), mm(0, 9), mm(0, 10), (length, width, thickness) => {
        expect(perStitch(length, width, thickness).value).toBeGreaterThanOrEqual(Math.hypot(length, width) + thickness)
      }),
    )
  })
})

describe('odd inputs', () => {
  it.each<[string, () => unknown]>([
    ['diameter', () => openingOf({ shape: 'flat', diameter: 0, thickness: 2 })],
    ['diameter', () => openingOf({ shape: 'ball', diameter: -12 })],
    ['diameter', () => openingOf({ shape: 'ball', diameter: 1e9 })],
    ['diameter', () => openingOf({ shape: 'ball', diameter: NaN })],
    ['height', () => openingOf({ shape: 'domed', diameter: 20, height: 11 })],
    ['wrap', () => openingOf({ shape: 'measured', wrap: Infinity })],
    ['bead', () => beadsOf(5, 2.6)],
    ['bead', () => beadsOf(5, NaN)],
    ['last', () => placeButtonholes(400, 40, 5)],
    ['count', () => placeButtonholes(40, 400, 2.5)],
    ['anchor', () => placeButtonholes(40, 400, 5, 20)],
    ['tries', () => startOffset([])],
    ['tex', () => diameterOf({ tex: 0, fibre: 'cotton' })],
    ['length', () => perStitch(0, 0, 1)],
    ['bite', () => widthForBite(2, 0)],
    ['strip', () => bindingCover(-5, 6, 3)],
    ['usable width', () => stripsFor(6000, 63.5, 60)],
    ['motif', () => fitMotif(2, 20, 0.1)],
    ['radius', () => circleSpacing(2, 6, 0.3)],
    ['text length', () => letteringAngle(400, 60)],
  ])('%s out of reach says what would be in reach', (input, reckon) => {
    const said = (() => {
      try {
        reckon()
        return undefined
      } catch (error) {
        return error
      }
    })()
    expect(said).toBeInstanceOf(OutOfReach)
    const { input: named, reach } = said as OutOfReach
    expect(named).toBe(input)
    expect(reach.from).toBeLessThanOrEqual(reach.to)
  })
})
