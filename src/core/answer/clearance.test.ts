import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Swing } from '../catalogue/types'
import { foot, P, plates } from './answers.testkit'
import {
  clearPositions,
  fencesAround,
  greatestClearWidth,
  inTheWay,
  needleMargin,
  swingSpan,
  wouldHit,
  type Path,
} from './clearance'
import { narrow } from './narrow'

const around = (slot: number | { left: number; right: number } | undefined, twinSpacing?: number) =>
  fencesAround({ model: P, foot: foot({ id: 'f', slot }), plates: [plates.zigzag], needleSize: 80, twinSpacing })
const path = (swing: Swing, width: number | undefined, position = 0): Path => ({
  swing,
  narrowest: width ?? 0,
  widest: width,
  widthKnown: width !== undefined,
  positions: [position],
})
const free = { foot: undefined, trusted: false }

describe('clearance', () => {
  it('keeps half the blade and a little', () => {
    expect(needleMargin(80)).toBeCloseTo(0.6)
    expect(needleMargin(90)).toBeCloseTo(0.65)
  })

  it.each([
    ['none', { from: 1, to: 1 }],
    ['centred', { from: -1, to: 3 }],
    ['left', { from: -3, to: 1 }],
    ['right', { from: 1, to: 5 }],
  ] as const)('a %s swing of 4 about 1', (swing, span) => expect(swingSpan(swing, 1, 4)).toEqual(span))

  it('names the tighter thing on the side that hits', () => {
    expect(wouldHit(path('centred', 6), around(5), free)).toMatchObject({ code: 'needleWouldHitFoot', item: 'f' })
    const straight = fencesAround({
      model: P,
      foot: foot({ id: 'f', slot: 5 }),
      plates: [plates.straight],
      needleSize: 80,
      twinSpacing: undefined,
    })
    expect(wouldHit(path('left', 3), straight, free)).toMatchObject({ code: 'needleWouldHitPlate', side: 'left' })
    expect(wouldHit(path('right', 3.6), around(undefined), free)).toMatchObject({
      code: 'beyondNeedleTravel',
      side: 'right',
    })
  })

  it('takes the twin needle’s spacing on both sides', () => {
    expect(wouldHit(path('centred', 2), around(7, 4), free)).toMatchObject({ code: 'needleWouldHitFoot' })
    expect(wouldHit(path('centred', 1.8), around(7, 4), free)).toBeUndefined()
  })

  it('refuses what is narrower than a pin, straight stitches too', () => {
    const pinned = foot({ id: 'f', slot: 8, minWidth: 4 })
    const limits = { foot: pinned, trusted: false }
    expect(wouldHit(path('centred', 3), around(8), limits)).toMatchObject({ code: 'needleWouldHitPin', width: 3 })
    expect(wouldHit(path('none', 5), around(8), limits)).toMatchObject({ code: 'needleWouldHitPin', width: 0 })
    expect(wouldHit(path('centred', 5), around(8), limits)).toBeUndefined()
  })

  it.each([
    ['wider than the foot says', path('centred', 4.1), false, { code: 'widerThanFoot', width: 4.1, maxWidth: 4 }],
    ['just as wide', path('centred', 4), false, undefined],
    ['no swing at all', path('none', 9), false, undefined],
    ['of a width that nothing tells', path('centred', undefined), false, undefined],
    ['perhaps wider', { ...path('centred', 5), widthKnown: false }, false, { code: 'widerThanFoot', width: 5 }],
    ['perhaps wider, by the book', { ...path('centred', 5), widthKnown: false }, true, undefined],
    ['wider, whatever the book says', path('centred', 5), true, { code: 'widerThanFoot', item: 'f' }],
  ] as const)('a foot that takes 4 mm, and a stitch %s', (_, sewn, trusted, told) => {
    const limited = { foot: foot({ id: 'f', slot: 20, maxWidth: 4 }), trusted }
    const hit = wouldHit(sewn, around(20), limited)
    if (told) expect(hit).toMatchObject(told)
    else expect(hit).toBeUndefined()
  })

  it('names each thing in the way, on either side, from any of the needle’s places', () => {
    const kinds = (...asked: Parameters<typeof inTheWay>) => inTheWay(...asked).map(({ kind }) => kind)
    // Needle 80 in an opening of 5: 1.9 to each side; the bar goes 3.5.
    const fences = around(5)
    expect(kinds('centred', 3.8, [0], fences)).toEqual([])
    expect(kinds('centred', 3.9, [0], fences)).toEqual(['foot'])
    expect(kinds('left', 2, [0], fences)).toEqual(['foot'])
    expect(kinds('right', 2, [0], fences)).toEqual(['foot'])
    expect(kinds('none', 0, [1.8], fences)).toEqual([])
    expect(kinds('none', 0, [-1.8, 2], fences)).toEqual(['foot'])
    expect(kinds('centred', 7.2, [0], fences)).toEqual(['foot', 'travel'])
    expect(kinds('centred', 9, [0], fences)).toEqual(['foot', 'plate', 'travel'])
  })

  it('trusts the book’s own pairing with an unknown width, but not the plate', () => {
    const own = foot({ id: 'f', slot: 4 })
    const unknown = { ...path('centred', undefined), widest: 7 }
    const roomy = fencesAround({ model: P, foot: own, plates: [plates.zigzag], needleSize: 80, twinSpacing: undefined })
    expect(wouldHit(unknown, roomy, { foot: own, trusted: false })).toMatchObject({ code: 'needleWouldHitFoot' })
    expect(wouldHit(unknown, roomy, { foot: own, trusted: true })).toBeUndefined()
    const tight = fencesAround({
      model: P,
      foot: own,
      plates: [plates.straight],
      needleSize: 80,
      twinSpacing: undefined,
    })
    expect(wouldHit(unknown, tight, { foot: own, trusted: true })).toMatchObject({ code: 'needleWouldHitPlate' })
  })
})

const swings = fc.constantFrom<Swing>('centred', 'left', 'right')
const slots = fc
  .record({ left: fc.integer({ min: -60, max: -5 }), right: fc.integer({ min: 5, max: 60 }) })
  .map(({ left, right }) => ({ left: left / 10, right: right / 10 }))

describe('properties of clearance', () => {
  it('the greatest clear width is clear, and a hair more is not', () => {
    fc.assert(
      fc.property(swings, slots, fc.integer({ min: -20, max: 20 }), (swing, slot, tenth) => {
        const fences = around(slot)
        const at = tenth / 10
        const most = greatestClearWidth(swing, at, fences)
        if (most < 0) expect(wouldHit(path(swing, 0, at), fences, free)).toBeDefined()
        else {
          expect(wouldHit(path(swing, most, at), fences, free)).toBeUndefined()
          expect(wouldHit(path(swing, most + 0.001, at), fences, free)).toBeDefined()
        }
      }),
    )
  })

  it('clear positions are clear at both ends', () => {
    fc.assert(
      fc.property(swings, slots, fc.integer({ min: 0, max: 30 }), (swing, slot, tenth) => {
        const fences = around(slot)
        const clear = clearPositions(swing, tenth / 10, fences)
        fc.pre(clear.from <= clear.to)
        for (const at of [clear.from, clear.to]) {
          expect(wouldHit(path(swing, tenth / 10, at), fences, free)).toBeUndefined()
        }
      }),
    )
  })

  it('a freely turning control loses no more than the finest grid finds', () => {
    const turning = { kind: 'free' as const, from: -10, to: 10 }
    fc.assert(
      fc.property(
        swings,
        slots,
        fc.integer({ min: 10, max: 70 }),
        fc.integer({ min: -30, max: 30 }),
        (swing, slot, w10, p10) => {
          const fences = around(slot)
          const [width, position] = [w10 / 10, p10 / 10]
          const input = {
            swing,
            width: { wanted: width, stands: width, reach: turning, least: 0 },
            position: { wanted: position, stands: position, reach: turning },
            path: path(swing, width, position),
            fences,
            limits: free,
          }
          const loss = (w: number, p: number) =>
            1 - w / width + (position === 0 ? 0 : 1 - Math.abs(p) / Math.abs(position))
          let best = Infinity
          const STEPS = 120
          for (let i = 0; i <= STEPS; i++) {
            const w = width * (2 / 3 + i / (3 * STEPS))
            for (let j = 0; j <= (position === 0 ? 0 : STEPS); j++) {
              const p = position * (2 / 3 + j / (3 * STEPS))
              if (!wouldHit(path(swing, w, p), fences, free)) best = Math.min(best, loss(w, p))
            }
          }
          const found = narrow(input)
          if (best === Infinity) {
            if (found) expect(loss(found.width ?? width, found.position ?? position)).toBeGreaterThan(0.3)
          } else {
            expect(found).toBeDefined()
            const [w, p] = [found?.width ?? width, found?.position ?? position]
            expect(wouldHit(path(swing, w, p), fences, free)).toBeUndefined()
            expect(loss(w, p)).toBeLessThanOrEqual(best + 1e-5)
          }
        },
      ),
      { numRuns: 150 },
    )
  })
})
