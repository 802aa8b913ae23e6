import { describe, expect, it } from 'vitest'
import type { Scale } from '../catalogue/types'
import { finishSetting } from './finishSetting'
import type { Draft } from './settings'

const mm: Scale = { shows: 'mm', from: 0, to: 7, step: 0.1 }
const tension: Scale = { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4 }
const draft = (more: Partial<Draft>): Draft =>
  ({ parameter: 'width', value: 3, default: 3, from: 'default', reasons: [], ...more }) as Draft
const finished = (more: Partial<Draft>, scale: Scale | 'absent' | undefined = mm, offsetLimit?: number) =>
  finishSetting(draft(more), { scale, setup: {}, offsetLimit, clear: undefined })

describe('a setting as the card gives it', () => {
  it.each<[string, Partial<Draft>, boolean]>([
    ['what the machine gives', { value: 3, default: 3 }, false],
    ['what differs by no more than rounding', { value: 3 + 1e-9, default: 3 }, false],
    ['another value', { value: 2.5, default: 3 }, true],
    ['a value where the book says none', { value: 3, default: undefined }, true],
    ['a value where the machine chooses for itself', { value: 3, default: 'auto' }, true],
    ['what the machine chooses for itself', { value: 'auto', default: 'auto' }, false],
    ['what the machine has not', { value: 'absent', default: 3 }, false],
    ['what nobody has stated', { value: 'unstated', default: undefined }, false],
    ['the range the book gives', { value: { from: 2, to: 3 }, default: { from: 2, to: 3 } }, false],
    ['one end of a range moved', { value: { from: 2, to: 3.5 }, default: { from: 2, to: 3 } }, true],
    ['one value of a range', { value: 2, default: { from: 2, to: 3 } }, true],
  ])('%s', (_, more, changed) => {
    expect(finished(more).changed).toBe(changed)
  })

  it.each<[string, Scale | 'absent' | undefined, 'no' | 'afterChoosing' | 'check']>([
    ['that is let go with the next stitch', { ...mm, kept: false }, 'afterChoosing'],
    ['that is kept', { ...mm, kept: true }, 'no'],
    ['of which nobody has said', mm, 'check'],
    ['of no scale', undefined, 'check'],
  ])('is to be set again: one %s', (_, scale, setAgain) => {
    expect(finished({ value: 2, default: 3, from: 'target' }, scale).setAgain).toBe(setAgain)
    expect(finished({ value: 3, default: 3 }, scale).setAgain).toBe('no')
  })

  it('leaves out a default that there is none of, and shows what the model shows', () => {
    expect(finished({ value: 2.5, default: undefined })).not.toHaveProperty('default')
    expect(finished({ value: 2.5, default: 3 })).toMatchObject({ shown: '2.5', default: 3 })
    expect(finished({ value: 'absent' }).shown).toBe('–')
  })
})

describe('one offset for every stitch', () => {
  const byNumbers = (value: number, limit: number | undefined, more: Partial<Draft> = {}) =>
    finished(
      { parameter: 'tension', value, default: 4, from: 'target', byNumbers: true, ...more } as Partial<Draft>,
      { ...tension, kept: false },
      limit,
    )

  it('holds the whole of a small change, which then need not be set again', () => {
    const { reasons, setAgain } = byNumbers(3, 2)
    expect(reasons).toEqual([{ code: 'tensionOffset', offset: -1, effective: 3, rest: 0 }])
    expect(setAgain).toBe('no')
  })

  it('holds as much of a large one as it can, and the rest is set each time', () => {
    const { reasons, setAgain } = byNumbers(7.5, 2)
    expect(reasons).toEqual([{ code: 'tensionOffset', offset: 2, effective: 7.5, rest: 1.5 }])
    expect(setAgain).toBe('afterChoosing')
  })

  it('counts from normal where the book says nothing', () => {
    expect(byNumbers(5, 2, { default: undefined }).reasons).toMatchObject([{ offset: 1, rest: 0 }])
  })

  it.each<[string, Parameters<typeof byNumbers>]>([
    ['a model that has none', [3, undefined]],
    ['a change that is none', [4, 2]],
    ['a value that was not asked for in numbers', [3, 2, { byNumbers: false } as Partial<Draft>]],
    ['a value of the house', [3, 2, { from: 'house' }]],
  ])('is not told of %s', (_, given) => {
    expect(byNumbers(...given).reasons).toEqual([])
  })
})
