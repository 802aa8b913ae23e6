import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Scale } from '../catalogue/types'
import { readShown, shownText, type ShownFault } from './readShown'
import { showValue } from './show'

const mm: Scale = { shows: 'mm', from: 0, to: 7, step: 0.1 }
const fromLeft: Scale = { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, shownOffset: 3.5 }
const spi: Scale = { shows: 'spi', from: 0, to: 6.35, step: 1 }
const numbers: Scale = { shows: 'marks', from: 0, to: 9, step: 0.5 }
const words: Scale = {
  shows: 'marks',
  from: 0,
  to: 3,
  marks: [
    { mark: 'N', value: 0 },
    { mark: 'R', value: 3 },
  ],
}
/** A dial that turns freely; its figures are no millimetres. */
const dial: Scale = {
  shows: 'marks',
  from: 0,
  to: 4,
  step: 0,
  marks: [
    { mark: '0', value: 0 },
    { mark: '½', value: 0.3 },
    { mark: '1', value: 0.5 },
    { mark: '2', value: 1.5 },
    { mark: '4', value: 4 },
  ],
}
const letters: Scale = {
  shows: 'marks',
  from: 0.8,
  to: 4,
  step: 0,
  marks: [
    { mark: 'R', value: 0.8 },
    { mark: '2', value: 2 },
    { mark: 'N', value: 2.5 },
    { mark: '3', value: 3 },
  ],
}
const faces: Scale = {
  shows: 'marks',
  from: 1,
  to: 8,
  faces: [
    { when: { needle: 'in' }, marks: [{ mark: '1', value: 2 }] },
    { when: { needle: 'out' }, marks: [{ mark: '1', value: 6 }] },
  ],
}

describe('a value read off a machine', () => {
  it.each<[string, Scale | undefined, number | undefined]>([
    ['2,7', mm, 2.7],
    ['', mm, undefined],
    ['3.5', fromLeft, 0],
    ['0', fromLeft, -3.5],
    ['10', spi, 2.54],
    ['r', words, 3],
    ['1.3', undefined, 1.3],
    ['4.5', numbers, 4.5],
    ['2', dial, 1.5],
    ['3', dial, 2.75],
    ['0.5', dial, 0.3],
    ['½', dial, 0.3],
    ['just under 2', dial, 1.375],
    ['just over ½', dial, 0.325],
    ['between 1 and 2', dial, 1],
    ['n', letters, 2.5],
    ['2.5', letters, 2.5],
    ['between R and 2', letters, 1.4],
  ])('%j', (text, scale, value) => expect(readShown(text, 'length', scale)).toMatchObject({ value }))

  it('of a dial with two faces by the one that holds', () => {
    expect(readShown('1', 'cuttingWidth', faces, { needle: 'out' })).toEqual({ value: 6 })
    expect(readShown('1', 'cuttingWidth', faces, { needle: 'in' })).toEqual({ value: 2 })
    expect(shownText(6, faces, { needle: 'out' })).toBe('1')
  })

  it('as what is meant where the machine shows the same', () => {
    expect(readShown('between R and 2', 'length', letters, {}, 1.2)).toEqual({ value: 1.2 })
    expect(readShown('2.75', 'length', mm, {}, 2.7)).toHaveProperty('between')
    expect(readShown('2.8', 'length', mm, {}, 2.7)).toEqual({ value: 2.8 })
  })

  it('by either of two figures that stand at one mark', () => {
    const both: Scale = { shows: 'marks', from: 2, to: 7, marks: [{ mark: '6.2 / 3.4', value: 3.4 }] }
    for (const text of ['6.2 / 3.4', '6.2', '3.4'])
      expect(readShown(text, 'cuttingWidth', both)).toEqual({ value: 3.4 })
  })

  it.each<[string, Scale, [string, string]]>([
    ['2.75', mm, ['2.7', '2.8']],
    ['4.3', numbers, ['4', '4.5']],
    ['1/4"', mm, ['6.3', '6.4']],
  ])('%j names the places it lies between', (text, scale, between) =>
    expect(readShown(text, 'length', scale)).toMatchObject({ between }),
  )

  it.each<[string, Scale, ShownFault['code']]>([
    ['wide', mm, 'notANumber'],
    ['9', mm, 'outside'],
    ['8', fromLeft, 'outside'],
    ['S', words, 'notAMark'],
    ['5', dial, 'notAMark'],
    ['x', letters, 'notAMark'],
    ['0', spi, 'noLength'],
  ])('%j says what is wrong', (text, scale, code) =>
    expect(readShown(text, 'length', scale)).toMatchObject({ fault: { code } }),
  )

  it('has no unit where it counts in numbers', () => {
    expect(readShown('4 mm', 'tension', numbers)).toMatchObject({ fault: { code: 'notANumber' } })
    expect(readShown('8', 'needlePosition', fromLeft)).toEqual({ fault: { code: 'outside', from: '0', to: '7' } })
  })

  it('comes back as it is written', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(mm, fromLeft, spi, dial, letters),
        fc.integer({ min: 1, max: 100 }),
        (scale, part) => {
          const whole = scale.from + ((scale.to - scale.from) * part) / 100
          const text = shownText(whole, scale)
          const read = readShown(text, 'length', scale)
          // Behind the last mark, or beside one with a letter, there is no figure to say it by.
          const loose = /just|between/.test(text) ? 0.9 : scale === spi ? whole * 0.1 : 0.01
          expect(read).toHaveProperty('value')
          expect(Math.abs((read as { value: number }).value - whole)).toBeLessThan(loose)
        },
      ),
    )
    expect(readShown(shownText(3, words), 'length', words)).toEqual({ value: 3 })
  })

  it('understands what a card says of it', () => {
    for (const value of [0, 0.3, 0.28, 0.33, 1, 1.45, 3])
      for (const scale of [dial, letters]) {
        if (value < scale.from || value > scale.to) continue
        const read = readShown(showValue(value, 'length', scale), 'length', scale)
        expect(read).toHaveProperty('value')
        expect(Math.abs((read as { value: number }).value - value)).toBeLessThanOrEqual(0.6)
      }
  })
})
