import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatDisplay, formatInches, formatNumber } from './format'
import { parseNumber, splitUnit, toMm } from './parse'
import { mmFromSpi, spiFromMm, tidy } from './quantities'

describe('numbers as people write them', () => {
  it.each([
    ['2,5', 2.5],
    ['2.5', 2.5],
    ['.5', 0.5],
    ['1/4', 0.25],
    ['1 1/2', 1.5],
    ['1½', 1.5],
    ['¾', 0.75],
    ['-2', -2],
    ['−2', -2],
    ['±0', 0],
    ['± 0,0', 0],
    [' 3 ', 3],
    ['+1', 1],
  ])('reads %j', (text, value) => expect(parseNumber(text)).toBe(value))

  it.each(['', 'abc', '1/0', '2,5,1', '1.2.3', '3-4', '±2', '2 5', '1e3', '½ ½'])('does not read %j', (text) =>
    expect(parseNumber(text)).toBeUndefined(),
  )

  it.each([
    ['2.5 mm', '2.5', 'mm'],
    ['1/4"', '1/4', 'inch'],
    ['10 spi', '10', 'spi'],
    ['10 st/in', '10', 'spi'],
    ['12 stitches per inch', '12', 'spi'],
    ['3', '3', 'none'],
  ])('splits %j', (text, number, unit) => expect(splitUnit(text)).toEqual({ number, unit }))

  it('turns units into mm', () => {
    expect(toMm(0.25, 'inch')).toBe(6.35)
    expect(toMm(10, 'spi')).toBe(2.54)
    expect(toMm(0, 'spi')).toBeUndefined()
    expect(toMm(3, 'mm')).toBe(3)
  })

  it('goes to density and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 50, noNaN: true }), (mm) => {
        expect(mmFromSpi(spiFromMm(mm))).toBeCloseTo(mm, 9)
      }),
    )
  })
})

describe('numbers as they are shown', () => {
  it.each([
    [2.5, '2.5'],
    [2, '2.0'],
    [6.35, '6.35'],
    [-3.5, '−3.5'],
  ])('%d on a display', (value, text) => expect(formatDisplay(value)).toBe(text))

  it.each([
    [6.35, '¼"'],
    [38.1, '1½"'],
    [25.4, '1"'],
    [0, '0"'],
    [4.7625, '3/16"'],
    [30.1625, '1 3/16"'],
    [-6.35, '−¼"'],
  ])('%d mm in inches', (mm, text) => expect(formatInches(mm)).toBe(text))

  it('drops what is not there and keeps what is', () => {
    expect(formatNumber(4)).toBe('4')
    expect(formatNumber(1.256)).toBe('1.26')
    expect(formatNumber(-0.5)).toBe('−0.5')
    expect(tidy(0.1 + 0.2)).toBe(0.3)
    expect(Object.is(tidy(-0), 0)).toBe(true)
  })
})
