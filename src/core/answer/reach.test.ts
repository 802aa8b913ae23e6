import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Scale } from '../catalogue/types'
import { agreeing, nearest, placesBetween, reaches, reachOf, type Reach } from './reach'

const values = (reach: Reach) => (reach.kind === 'list' ? reach.places.map(({ value }) => value) : reach)
const stepped = (from: number, to: number, step: number): Scale => ({ shows: 'mm', from, to, step })

describe('what a scale reaches', () => {
  it.each<[string, Scale | undefined, unknown]>([
    ['nothing stated: anything', undefined, { kind: 'free', from: -Infinity, to: Infinity }],
    ['no step: turns freely', { shows: 'mm', from: 0, to: 5 }, { kind: 'free', from: 0, to: 5 }],
    [
      'step 0: turns freely, though it has marks',
      { shows: 'marks', from: 0, to: 4, step: 0, marks: [{ mark: '1', value: 1 }] },
      { kind: 'free', from: 0, to: 4 },
    ],
    [
      'marks without a step: only the marks, rising',
      {
        shows: 'marks',
        from: -3,
        to: 3,
        marks: [
          { mark: 'right', value: 3 },
          { mark: 'left', value: -3 },
        ],
      },
      [-3, 3],
    ],
    ['a step: every place with both ends', stepped(-1, 1, 0.5), [-1, -0.5, 0, 0.5, 1]],
    ['a step that does not end where the scale ends', stepped(0, 1, 0.4), [0, 0.4, 0.8]],
    ['a step finer than anybody turns', stepped(0, 1000, 0.01), { kind: 'free', from: 0, to: 1000 }],
    [
      'stitches to the inch, from the shortest stitch',
      { shows: 'spi', from: 2.54, to: 25.4, step: 3 },
      [2.54, 3.628571, 6.35, 25.4],
    ],
    ['stitches to the inch that never begin', { shows: 'spi', from: 0, to: 0, step: 1 }, [0]],
  ])('%s', (_, scale, expected) => {
    const found = values(reachOf(scale))
    if (Array.isArray(expected))
      expect((found as number[]).map((value) => Math.round(value * 1e6) / 1e6)).toEqual(expected)
    else expect(found).toEqual(expected)
  })

  it('stitches to the inch that start at 0 go up from the longest stitch, to the finest', () => {
    const found = values(reachOf({ shows: 'spi', from: 0, to: 25.4 / 4, step: 1 })) as number[]
    expect(found[0]).toBe(0)
    expect(found.at(-1)).toBeCloseTo(25.4 / 4, 6)
    const densities = found.slice(1).map((mm) => 25.4 / mm)
    densities.forEach((spi) => expect(spi).toBeCloseTo(Math.round(spi), 1))
    expect(new Set(densities.map(Math.round)).size).toBe(densities.length)
    expect(Math.min(...found.slice(1))).toBeGreaterThanOrEqual(0.05)
  })

  it('a two-faced dial keeps the places whose face can hold', () => {
    const dial: Scale = {
      shows: 'marks',
      from: 1,
      to: 4,
      faces: [
        {
          when: { needle: 'out' },
          marks: [
            { mark: 'a', value: 4 },
            { mark: 'b', value: 2 },
          ],
        },
        { when: { needle: 'in' }, marks: [{ mark: 'c', value: 1 }] },
      ],
    }
    const reach = reachOf(dial)
    expect(values(reach)).toEqual([1, 2, 4])
    expect(values(agreeing(reach, { needle: 'out' }))).toEqual([2, 4])
    expect(values(agreeing(reach, { needle: 'in', other: 'x' }))).toEqual([1])
    expect(values(agreeing(reach, {}))).toEqual([1, 2, 4])
  })
})

describe('the nearest place', () => {
  const reach = reachOf(stepped(0, 5, 0.5))
  it.each<[number, Parameters<typeof nearest>[2], number]>([
    [1.7, { ties: 'lower' }, 1.5],
    [1.75, { ties: 'lower' }, 1.5],
    [1.75, { ties: 'higher' }, 2],
    [9, { ties: 'lower' }, 5],
    [-9, { ties: 'higher' }, 0],
    [0.1, { ties: 'lower', aboveZero: true }, 0.5],
    [4, { ties: 'lower', within: { from: 1, to: 2 } }, 2],
    [4.2, { ties: 'lower', within: { from: 1.1, to: 1.4 } }, 4],
  ])('to %f seeking %o is %f', (value, seeking, expected) => {
    expect(nearest(reach, value, seeking)?.value).toBe(expected)
  })

  it('on a freely turning scale is the value itself, held between the ends', () => {
    const free = reachOf({ shows: 'mm', from: 1, to: 3 })
    expect([0, 2.34, 7].map((value) => nearest(free, value, { ties: 'lower' })?.value)).toEqual([1, 2.34, 3])
  })

  it('is none where there is no place', () => {
    expect(nearest({ kind: 'list', places: [] }, 1, { ties: 'lower' })).toBeUndefined()
    expect(nearest({ kind: 'list', places: [{ value: 0 }] }, 1, { ties: 'lower', aboveZero: true })).toBeUndefined()
  })

  it('is never farther than any other place, and lies between the asked ends where one does', () => {
    const grid = fc.tuple(fc.integer({ min: -40, max: 40 }), fc.integer({ min: 0, max: 60 }), fc.constantFrom(1, 2, 5))
    fc.assert(
      fc.property(
        grid,
        fc.double({ min: -9, max: 9, noNaN: true }),
        fc.boolean(),
        ([from, more, step], value, higher) => {
          const all = reachOf(stepped(from / 10, (from + more) / 10, step / 10))
          const places = values(all) as number[]
          const found = nearest(all, value, { ties: higher ? 'higher' : 'lower' })?.value as number
          expect(places).toContain(found)
          expect(Math.abs(found - value)).toBeLessThanOrEqual(
            Math.min(...places.map((place) => Math.abs(place - value))) + 1e-6,
          )
          const within = { from: from / 10, to: (from + more / 2) / 10 }
          const inside = nearest(all, value, { ties: 'lower', within })?.value as number
          expect(inside).toBeGreaterThanOrEqual(within.from - 1e-9)
          expect(inside).toBeLessThanOrEqual(within.to + 1e-6)
        },
      ),
    )
  })
})

describe('places between two values', () => {
  it.each<[string, Reach, [number, number], number[]]>([
    ['of a list: those in it', reachOf(stepped(0, 3, 1)), [0.5, 2], [1, 2]],
    ['of a free scale: its ends', { kind: 'free', from: 0, to: 3 }, [-1, 2], [0, 2]],
    ['of a free scale that only touches: one', { kind: 'free', from: 0, to: 3 }, [3, 5], [3]],
    ['of a free scale elsewhere: none', { kind: 'free', from: 0, to: 3 }, [4, 5], []],
  ])('%s', (_, reach, [low, high], expected) => {
    expect(placesBetween(reach, low, high).map(({ value }) => value)).toEqual(expected)
  })

  it('are told from those that cannot be stood at', () => {
    const halves = reachOf(stepped(0, 3, 0.5))
    expect([0, 1.5, 1.6, 3.5].map((value) => reaches(halves, value))).toEqual([true, true, false, false])
    expect([0, 1.6, 3.5].map((value) => reaches({ kind: 'free', from: 0, to: 3 }, value))).toEqual([true, true, false])
  })
})
