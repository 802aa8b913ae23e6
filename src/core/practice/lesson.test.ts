import { describe, expect, it } from 'vitest'
import { backToNormal, exercisedBy, goingOn } from './lesson'
import { asTheCardSays, missing, startOf } from './machine'
import { trialOf, type Trial } from './trial'
import { demo } from '#demo/cards.testkit'

const { answering, answerTo } = demo
const trialFor = (model: string, technique: string): Trial => {
  const question = { model, technique, fabric: 'cotton-shirting' }
  const trial = trialOf(answering, question, answerTo(question), undefined)
  if (!trial) throw new Error(`no ${technique} on ${model}`)
  return trial
}

describe('a lesson', () => {
  it.each([
    ['plover-60', 'narrow-hem', 'buttonhole'],
    ['eddy-4', 'rolled-edge', 'overlock-seam'],
  ])('on the %s begins each task as the one before was left', (model, one, two) => {
    const [first, second] = [trialFor(model, one), trialFor(model, two)]
    const left = asTheCardSays(first)
    expect(missing(first, left)).toEqual([])
    const start = goingOn(second, { ...left, due: ['Tighten it'] })
    for (const [control, at] of Object.entries(first.goal))
      if (control in startOf(second).positions) expect(start.positions[control], control).toBe(at)
    expect(start.due).toEqual([])
    const back = backToNormal(first)
    const wrong = missing(back, left).map(({ control }) => control)
    expect(wrong.length).toBeGreaterThan(0)
    expect(exercisedBy(back, left.positions)).toEqual(expect.arrayContaining(wrong))
    expect(missing(back, { ...left, positions: { ...left.positions, ...back.goal } })).toEqual([])
    expect(exercisedBy(first, first.goal)).toEqual([])
    expect(exercisedBy(first, first.normal).length).toBeGreaterThan(0)
  })
  it('begins the first as for normal sewing', () => {
    const trial = trialFor('eddy-4', 'rolled-edge')
    expect(goingOn(trial, undefined)).toEqual(startOf(trial))
  })
})
