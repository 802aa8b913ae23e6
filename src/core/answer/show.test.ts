import { describe, expect, it } from 'vitest'
import type { Parameter, Scale } from '../catalogue/types'
import { Q } from './answers.testkit'
import { inWords, positionsInWords, showValue } from './show'

const mm: Scale = { shows: 'mm', from: 0, to: 7, step: 0.1 }
const dial = Q.scales.length as Scale
const numbers: Scale = { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4 }
const faced: Scale = {
  shows: 'marks',
  from: 1,
  to: 3,
  faces: [{ when: { leftNeedle: 'out' }, marks: [{ mark: '6', value: 2 }] }],
}

describe('a value as the model shows it', () => {
  it.each<[Parameters<typeof showValue>[0], Parameter, Scale | 'absent' | undefined, string]>([
    ['auto', 'tension', numbers, 'auto'],
    ['absent', 'width', 'absent', '–'],
    ['unstated', 'width', undefined, '–'],
    [3.5, 'width', mm, '3.5'],
    [{ from: 2, to: 3 }, 'width', mm, '2.0–3.0'],
    [2.54, 'length', { ...mm, shows: 'spi' }, '10 spi'],
    [0, 'length', { ...mm, shows: 'spi' }, '0'],
    [1.5, 'length', dial, '1½'],
    [1.6, 'length', dial, 'just over 1½'],
    [1.75, 'length', dial, 'between 1½ and 2'],
    [1.9, 'length', dial, 'just under 2'],
    [4.2, 'length', dial, 'just over 4'],
    [-1, 'length', dial, 'just under 0'],
    [4.5, 'tension', numbers, '4.5'],
    [1, 'width', { ...mm, shownOffset: 2 }, '3.0'],
    [2, 'cuttingWidth', faced, 'left needle out, dial at 6'],
    [3, 'tension', undefined, '3'],
    [3, 'length', undefined, '3.0'],
  ])('%o of %s', (value, parameter, scale, expected) => {
    expect(showValue(value, parameter, scale)).toBe(expected)
  })

  it('of a face that does not hold is the plain value', () => {
    expect(showValue(2, 'cuttingWidth', faced, { leftNeedle: 'in' })).toBe('2.0')
  })

  it('names controls in words', () => {
    expect(inWords('feedDogsDown')).toBe('feed dogs down')
    expect(positionsInWords({ feedDogs: 'down', upperKnife: 'retracted' })).toBe(
      'feed dogs down, upper knife retracted',
    )
  })
})
