import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Swing } from '../catalogue/types'
import { wouldHit, type Fence, type Path } from './clearance'
import { narrow, type NarrowInput } from './narrow'
import { reachOf, type Reach } from './reach'

const fence = (from: number, to: number): Fence => ({
  kind: 'foot',
  item: { id: 'foot', code: 'F', name: 'Foot', what: 'foot' },
  span: { from, to },
  inset: 0.6,
})
const grid = (from: number, to: number, step: number): Reach => reachOf({ shows: 'mm', from, to, step })
const free = (from: number, to: number): Reach => ({ kind: 'free', from, to })
const LIMITS = { foot: undefined, trusted: false }

interface Asked {
  swing: Swing
  width: number
  position: number
  widths: Reach
  positions?: Reach
  fences: Fence[]
  least?: number
}

const inputOf = ({ swing, width, position, widths, positions, fences, least = 0 }: Asked): NarrowInput => {
  const path: Path = { swing, narrowest: width, widest: width, widthKnown: true, positions: [position] }
  return {
    swing,
    width: { wanted: width, stands: width, reach: widths, least },
    position: positions && { wanted: position, stands: position, reach: positions },
    path,
    fences,
    limits: LIMITS,
  }
}

const hits = ({ swing, fences }: Asked, width: number, position: number): boolean =>
  wouldHit({ swing, narrowest: width, widest: width, widthKnown: true, positions: [position] }, fences, LIMITS) !==
  undefined

const lossOf = (asked: Asked, width: number, position: number): number => {
  const lost = (value: number, wanted: number) =>
    wanted === 0 ? 0 : Math.max(0, 1 - Math.abs(value) / Math.abs(wanted))
  return lost(width, asked.width) + lost(position, asked.position)
}

describe('narrowing', () => {
  it.each<[string, Asked, { width?: number; position?: number } | undefined]>([
    [
      'takes the widest that clears',
      { swing: 'centred', width: 6, position: 0, widths: grid(0, 7, 0.5), fences: [fence(-2.3, 2.3)] },
      { width: 4.5 },
    ],
    [
      'turns freely to the very edge',
      { swing: 'centred', width: 6, position: 0, widths: free(0, 7), fences: [fence(-2.3, 2.3)] },
      { width: 4.6 },
    ],
    [
      'gives up where more than a third would go',
      { swing: 'centred', width: 6, position: 0, widths: grid(0, 7, 0.5), fences: [fence(-1.9, 1.9)] },
      undefined,
    ],
    [
      'gives up below what the stage needs',
      { swing: 'centred', width: 6, position: 0, widths: grid(0, 7, 0.5), fences: [fence(-2.3, 2.3)], least: 5 },
      undefined,
    ],
    [
      'a stitch that swings to the left gives up width, its line stays',
      { swing: 'left', width: 3, position: 0, widths: grid(0, 7, 0.1), fences: [fence(-2.5, 2.5)] },
      { width: 2.5 },
    ],
    [
      'moves the needle where that loses less',
      {
        swing: 'none',
        width: 0,
        position: 3,
        widths: grid(0, 0, 1),
        positions: grid(-3.5, 3.5, 0.5),
        fences: [fence(-2.5, 2.5)],
      },
      { width: 0, position: 2.5 },
    ],
    [
      'never moves it beyond the centre',
      {
        swing: 'none',
        width: 0,
        position: 3,
        widths: grid(0, 0, 1),
        positions: grid(-3.5, 3.5, 0.5),
        fences: [fence(-5, 1.5)],
      },
      undefined,
    ],
  ])('%s', (_, asked, expected) => {
    expect(narrow(inputOf(asked))).toEqual(expected)
  })

  const asked = fc.record({
    swing: fc.constantFrom<Swing>('centred', 'left', 'right'),
    width: fc.integer({ min: 10, max: 70 }).map((tenths) => tenths / 10),
    position: fc.integer({ min: -35, max: 35 }).map((tenths) => tenths / 10),
    fences: fc.array(
      fc
        .tuple(fc.integer({ min: -60, max: -5 }), fc.integer({ min: 5, max: 60 }))
        .map(([from, to]) => fence(from / 10, to / 10)),
      { minLength: 1, maxLength: 2 },
    ),
  })

  it('is clear, and no clear pair on the scales loses less', () => {
    let found = 0
    fc.assert(
      fc.property(asked, fc.boolean(), (one, moves) => {
        const widths = grid(0, 7, 0.5)
        const positions = grid(-3.5, 3.5, 0.5)
        const whole: Asked = { ...one, widths, ...(moves ? { positions } : {}) }
        const got = narrow(inputOf(whole))
        const kept = (value: number, wanted: number) =>
          Math.abs(value) >= (Math.abs(wanted) * 2) / 3 - 1e-9 &&
          Math.abs(value) <= Math.abs(wanted) + 1e-9 &&
          value * wanted >= 0
        const placesOf = (reach: Reach) => (reach.kind === 'list' ? reach.places.map(({ value }) => value) : [])
        const tried = [one.width, ...placesOf(widths)].filter((width) => kept(width, one.width))
        const moved = moves
          ? [one.position, ...placesOf(positions)].filter((at) => kept(at, one.position))
          : [one.position]
        const clear = tried.flatMap((width) =>
          moved.filter((at) => !hits(whole, width, at)).map((at) => lossOf(whole, width, at)),
        )
        if (!got) {
          expect(clear).toEqual([])
          return
        }
        found++
        const [width, position] = [got.width ?? one.width, got.position ?? one.position]
        expect(hits(whole, width, position)).toBe(false)
        expect(lossOf(whole, width, position)).toBeCloseTo(Math.min(...clear), 6)
      }),
      { numRuns: 2000 },
    )
    expect(found).toBeGreaterThan(200)
  })

  it('turning freely loses no more than any place of a fine grid', () => {
    fc.assert(
      fc.property(asked, (one) => {
        const freely: Asked = { ...one, widths: free(0, 7), positions: free(-3.5, 3.5) }
        const byGrid: Asked = { ...one, widths: grid(0, 7, 0.1), positions: grid(-3.5, 3.5, 0.1) }
        const [got, best] = [narrow(inputOf(freely)), narrow(inputOf(byGrid))]
        if (!best) return
        expect(got).toBeDefined()
        const loss = (pair: typeof got) =>
          lossOf(one as Asked, pair?.width ?? one.width, pair?.position ?? one.position)
        expect(hits(freely, got?.width ?? one.width, got?.position ?? one.position)).toBe(false)
        expect(loss(got)).toBeLessThanOrEqual(loss(best) + 1e-6)
      }),
      { numRuns: 1000 },
    )
  })
})
