import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Scale } from '#core/catalogue/types'
import { readUsed, usedText } from './readUsed'

const mm: Scale = { shows: 'mm', from: 0, to: 7, step: 0.1 }
const fromLeft: Scale = { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, shownOffset: 3.5 }
const spi: Scale = { shows: 'spi', from: 0, to: 6.35, step: 1 }
const marked: Scale = {
  shows: 'marks',
  from: 0,
  to: 3,
  marks: [
    { mark: 'N', value: 0 },
    { mark: 'R', value: 3 },
  ],
}

describe('a value read off a machine', () => {
  it.each<[string, Scale | undefined, number | undefined]>([
    ['2,7', mm, 2.7],
    ['', mm, undefined],
    ['3.5', fromLeft, 0],
    ['0', fromLeft, -3.5],
    ['10', spi, 2.54],
    ['2.5 mm', spi, 2.5],
    ['r', marked, 3],
    ['1/4"', mm, 6.35],
    ['1.3', undefined, 1.3],
  ])('%j', (text, scale, value) => expect(readUsed(text, scale)).toEqual({ value }))

  it.each<[string, Scale, string]>([
    ['wide', mm, 'not a number'],
    ['9', mm, 'from 0 to 7'],
    ['8', fromLeft, 'from 0 to 7'],
    ['S', marked, 'one of N, R'],
    ['0', spi, 'no length'],
  ])('%j says what is wrong', (text, scale, fault) =>
    expect(readUsed(text, scale)).toMatchObject({ fault: expect.stringContaining(fault) }),
  )

  it('comes back as it is written', () => {
    fc.assert(
      fc.property(fc.constantFrom(mm, fromLeft), fc.integer({ min: 0, max: 70 }), (scale, tenths) => {
        const value = Math.round((scale.from + tenths / 10) * 10) / 10
        expect(readUsed(usedText(value, scale), scale)).toEqual({ value: value === 0 ? 0 : value })
      }),
    )
    expect(readUsed(usedText(3, marked), marked)).toEqual({ value: 3 })
  })
})
