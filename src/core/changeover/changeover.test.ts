/** From an answer's stage to the moves of hands, and back to normal sewing; on machines of a few controls. */
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, stage, stageAnswer, stitch, technique } from '../answer/answers.testkit'
import type { Setting, StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { Model, Positions } from '../catalogue/types'
import { afterSewing, changeoverOf, type ChangeoverOptions } from './changeover'

const straight = stitch({ id: 'straight', function: 'straight' })
const zigzag = stitch({ function: 'zigzag' })
const setting = (value: Setting['value']): Setting => ({
  value,
  shown: '',
  from: 'target',
  changed: true,
  setAgain: 'no',
  reasons: [],
})
const change = (options: ChangeoverOptions = {}, answer: Partial<StageAnswer> = {}, own: Partial<Model> = {}) => {
  const model: Model = { ...P, stitches: [straight, zigzag], ...own }
  const one = stage({ stitches: [{ function: 'zigzag' }] })
  const index = indexCatalogue(bundleOf({ models: [model], techniques: [technique([one])] }))
  const asked = stageAnswer({ stage: one.id, model: model.id, settings: { width: setting(4) }, ...answer })
  return changeoverOf(index, asked, one, model, options)
}
const stepsOf = (plan: ReturnType<typeof change>['plan'] | undefined): string[] =>
  plan?.outcome === 'plan' ? plan.steps.map(({ control, to }) => `${control}=${to}`) : ['no plan']
const endOf = (plan: ReturnType<typeof change>['plan'] | undefined): Positions =>
  plan?.outcome === 'plan' ? plan.end : {}

describe('a changeover', () => {
  it('goes from normal sewing to what the stage asks, and reaches it', () => {
    const { plan, goal, from } = change()
    expect(endOf(plan)).toMatchObject(goal)
    expect(goal).toMatchObject({ stitch: 'zigzag', width: '4', needle: '80/universal' })
    expect(stepsOf(plan)).toEqual(expect.arrayContaining(['stitch=zigzag', 'width=4']))
    expect(from['stitch']).not.toBe('zigzag')
  })

  it('begins with what is said of how it stands now, or with all that is known', () => {
    const now = { width: '4', stitch: 'zigzag' }
    expect(change({ now }).from).toEqual({ ...change().from, ...now })
    const stands = change().goal
    expect(change({ stands })).toMatchObject({ from: stands })
    expect(stepsOf(change({ stands }).plan)).toEqual([])
  })

  it('has no way back where none is asked for', () => {
    const there = change({ oneWay: true })
    expect(there).not.toHaveProperty('back')
    expect(Object.keys(there).sort()).toEqual(['controls', 'defaults', 'from', 'goal', 'plan'])
    expect(change()).toHaveProperty('back')
  })

  it('has the same controls for the same things fitted, on every machine that says the same', () => {
    const low: Model = { ...P, stitches: [straight, zigzag], features: ['feedDogsDown'] }
    const kin = { ...low, id: 'kin' }
    const one = stage({ stitches: [{ function: 'zigzag' }] })
    const walking = foot({ id: 'walking', functions: ['walking'] })
    const free = foot({ id: 'free', setup: { feedDogs: 'down' } })
    const models = [low, kin]
    const index = indexCatalogue(bundleOf({ models, items: [walking, free], techniques: [technique([one])] }))
    const controls = (model: Model, on?: string) =>
      changeoverOf(index, stageAnswer({ stage: one.id, model: model.id, ...(on ? { foot: on } : {}) }), one, model)
        .controls
    expect(controls(low, 'walking')).toBe(controls(kin, 'walking'))
    const ids = (on?: string) => controls(low, on).rules.map(({ id }) => id)
    expect(ids('walking')).toEqual([...ids(), 'fork-walking'])
    expect(ids('free')).toEqual([...ids(), 'setup-free'])
  })

  it('puts back what was moved, here and by the stages before, to where it stands in normal sewing', () => {
    const has = { features: ['feedDogsDown'] } as Partial<Model>
    const { back } = change({}, { features: [{ feature: 'feedDogsDown' }] } as Partial<StageAnswer>, has)
    expect(stepsOf(back)).toContain('feedDogs=up')
    expect(stepsOf(change({}, {}, has).back)).not.toContain('feedDogs=up')
    // It stands as in normal sewing, but a stage before has moved it: the way back names it.
    const dial = {
      scales: { ...P.scales, tension: { shows: 'marks', from: 0, to: 9, step: 0.5, normal: 4, kept: true } },
    }
    const before = (options: ChangeoverOptions) => stepsOf(change(options, {}, dial as Partial<Model>).back)
    expect(before({ movedBefore: ['tension'], now: { tension: '6' } })).toContain('tension=4')
    expect(before({})).not.toContain('tension=4')
  })

  it('leaves a value that lies in the range that is asked, where the machine keeps it', () => {
    const width = { shows: 'mm', from: 0, to: 7, step: 0.1, kept: true }
    const kept = { scales: { ...P.scales, width } } as Partial<Model>
    const range = { settings: { width: setting({ from: 3, to: 5 }) } }
    const stands = { ...change({}, range, kept).goal, width: '4.5' }
    expect(change({ stands }, range, kept).goal['width']).toBe('4.5')
    expect(change({ stands: { ...stands, width: '6' } }, range, kept).goal['width']).toBe('3..5')
    expect(change({ stands: { ...stands, width: '3..5' } }, range, kept).goal['width']).toBe('3..5')
    expect(change({ stands }, range).goal['width']).toBe('3..5')
  })
})

describe('a machine that remembers values with their stitch until it is switched off', () => {
  const width = { shows: 'mm', from: 0, to: 7, step: 0.1, kept: 'perStitch' }
  const remembers = { scales: { ...P.scales, width } } as Partial<Model>
  const asked = { settings: { width: { ...setting(4), default: 4 } } }

  it('brings its own where the power is off anyhow before the stitch is chosen', () => {
    const { plan, defaults } = change({}, asked, remembers)
    expect(stepsOf(plan)).toContain('power=off')
    expect(stepsOf(plan)).not.toContain('width=4')
    expect(defaults).toEqual({ width: '4' })
  })

  it('may bring anything where it stays on: the value is set, and nothing is said of what comes', () => {
    const stands = { ...change({}, asked, remembers).goal, power: 'on', stitch: 'straight' }
    const { plan, defaults } = change({ stands }, asked, remembers)
    expect(stepsOf(plan)).not.toContain('power=off')
    expect(stepsOf(plan)).toContain('width=4')
    expect(defaults['width']).not.toBe('4')
  })
})

describe('the way back', () => {
  it('begins where a stitch of places has ended', () => {
    const places = [
      { at: '1', does: 'a' },
      { at: '4', does: 'b' },
    ]
    const dialled = { features: ['buttonholeDial'], stitches: [straight, { ...zigzag, sequence: places }] }
    const { goal, back } = change({}, {}, dialled as Partial<Model>)
    expect(goal['buttonholeStep']).toBe('1')
    const turned = back?.outcome === 'plan' ? back.steps.find(({ control }) => control === 'buttonholeStep') : undefined
    expect(turned).toMatchObject({ from: '4', to: 'off' })
  })

  it('ends with the power on, whatever was moved, and chooses no stitch on a machine that does so itself', () => {
    const chosen = (own: Partial<Model>) =>
      stepsOf(change({}, {}, own).back).filter((step) => step.startsWith('stitch='))
    expect(endOf(change().back)['power']).toBe('on')
    expect(chosen({ kind: 'computerised' })).toEqual([])
    expect(chosen({ kind: 'mechanical' })).toHaveLength(1)
  })
})

describe('who has sewn', () => {
  it('knows no more how needle, foot and bobbin stand, and the rest as it was', () => {
    const sewn = afterSewing({ needleHeight: 'up', footLift: 'down', bobbin: 'full', width: '4' })
    expect(sewn).toEqual({ width: '4' })
  })
})
