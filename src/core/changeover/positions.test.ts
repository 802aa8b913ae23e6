import { describe, expect, it } from 'vitest'
import { needleAt, needlePosition, valueAt, valuePosition } from './positions'

describe('a value as a position', () => {
  it.each([
    [0.4, '0.4'],
    [0.1 + 0.2, '0.3'],
    [-1.5, '-1.5'],
    ['auto', 'auto'],
    [{ from: 4, to: 5 }, '4..5'],
    [{ from: -0.5, to: 0.1 + 0.2 }, '-0.5..0.3'],
  ] as const)('%j is %s', (value, position) => expect(valuePosition(value)).toBe(position))

  it.each([
    ['0.4', 0.4],
    ['-1.5', -1.5],
    ['auto', 'auto'],
    ['4..5', { from: 4, to: 5 }],
  ] as const)('%s is read as %j', (position, value) => expect(valueAt(position)).toEqual(value))

  it.each(['', '?', 'on', '4..', '..5', '1..2..3', 'Infinity', '4..on'])('%j is none', (position) =>
    expect(valueAt(position)).toBeUndefined(),
  )
})

describe('a needle as a position', () => {
  it.each([
    [{ point: 'universal', size: 80 }, '80/universal'],
    [{ point: 'stretch', size: 75, twin: 2.5 }, '75x2.5/stretch'],
    [{ point: 'a/b\nc', size: 90 }, '90/a/b\nc'],
  ])('%j is %j, and back', (needle, position) => {
    expect(needlePosition(needle)).toBe(position)
    expect(needleAt(position)).toEqual(needle)
  })

  it.each(['', 'out', '80', '80x/universal', 'x4/universal', 'a80/universal', '80.5.1/x'])('%j is none', (position) =>
    expect(needleAt(position)).toBeUndefined(),
  )
})
