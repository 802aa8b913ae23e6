import { describe, expect, it } from 'vitest'
import type { CardValue } from './card'
import type { Scale } from '../catalogue/types'
import { scaleView } from './scaleView'

const value = (
  scale: Scale | 'absent' | undefined,
  more: Partial<CardValue['setting']> = {},
  stands: CardValue['stands'] = 4,
): CardValue => ({
  parameter: 'width',
  stands,
  resets: true,
  act: 'set',
  scale,
  hits: [{ from: 5, to: 10 }],
  setting: {
    value: 2,
    shown: '2.0',
    default: 4,
    from: 'target',
    changed: true,
    setAgain: 'no',
    reasons: [],
    ...more,
  },
})
const tape: Scale = { shows: 'mm', from: 0, to: 10, step: 0.1 }

describe('a value on its scale', () => {
  it('lies on a tape by its share of the span', () => {
    const view = scaleView(value(tape), {})
    expect(view).toMatchObject({ shape: 'tape', set: [0.2], starts: [0.4], hits: [{ from: 0.5, to: 1 }] })
    expect(view?.ticks.filter(({ major }) => major).map(({ label }) => label)).toEqual(
      Array.from({ length: 11 }, (_, i) => String(i)),
    )
  })

  it('counts a needle position from where the machine counts it', () => {
    const view = scaleView(value({ shows: 'mm', from: -3.5, to: 3.5, step: 0.5, shownOffset: 3.5 }), {})
    expect(view?.ticks.some(({ label, at }) => label === '3.5' && at === 0.5)).toBe(true)
  })

  it('gives a range both its ends', () => {
    const view = scaleView(value(tape, { value: { from: 1, to: 3 } }, { from: 4, to: 5 }), {})
    expect(view).toMatchObject({ set: [0.1, 0.3], starts: [0.4, 0.5] })
  })

  it('turns to a dial where there are marks, and to the face that holds', () => {
    const marks = (a: number, b: number) => [
      { mark: 'A', value: a },
      { mark: 'B', value: b },
    ]
    const faces = [
      { when: { leftNeedle: 'in' }, marks: marks(5, 7) },
      { when: { leftNeedle: 'out' }, marks: marks(2, 4) },
    ]
    const dial = scaleView(value({ shows: 'marks', from: 2, to: 7, faces }), { leftNeedle: 'out' })
    expect(dial).toMatchObject({ shape: 'dial', set: [0], starts: [1] })
    expect(dial?.ticks.map(({ label, at }) => [label, at])).toEqual([
      ['A', 0],
      ['B', 1],
    ])
  })

  it('draws nothing where there is no scale, no span or no number', () => {
    expect(scaleView(value(undefined), {})).toBeUndefined()
    expect(scaleView(value('absent'), {})).toBeUndefined()
    expect(scaleView(value({ ...tape, to: 0 }), {})).toBeUndefined()
    expect(scaleView(value(tape, { value: 'auto' }), {})).toBeUndefined()
    const { stands: _, ...unknown } = value(tape)
    expect(scaleView(unknown, {})?.starts).toEqual([])
  })
})
