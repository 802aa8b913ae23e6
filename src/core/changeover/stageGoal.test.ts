/** How a machine must stand for one stage of an answer, piece by piece. */
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, R, stage, stageAnswer, stitch, technique } from '../answer/answers.testkit'
import type { Setting, StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { ControlRule, Item, Model, Scale, Stage } from '../catalogue/types'
import { stageGoal } from './goal'
import { controlsOf } from './machine'

const zigzag = stitch({ function: 'zigzag' })
const setting = (fields: Partial<Setting>): Setting => ({
  value: 3,
  shown: '',
  from: 'default',
  changed: false,
  setAgain: 'no',
  reasons: [],
  ...fields,
})
interface Case {
  answer?: Partial<StageAnswer>
  stage?: Partial<Stage>
  model?: Partial<Model>
  items?: Item[]
  /** Controls that the machine has beside the usual ones. */
  has?: string[]
}
const goalOf = ({ answer, stage: of, model: own, items = [], has = [] }: Case) => {
  const model: Model = { ...P, stitches: [zigzag], ...own }
  const one = stage({ stitches: [{ function: 'zigzag' }], ...of })
  const index = indexCatalogue(bundleOf({ models: [model], items, techniques: [technique([one])] }))
  const asked = stageAnswer({ stage: one.id, model: model.id, ...answer })
  const usual = controlsOf(model, index.items)
  const more = Object.fromEntries(has.map((id) => [id, { positions: ['*'], seconds: 1, habit: 1 }]))
  return stageGoal(index, asked, one, model, { ...usual, controls: { ...usual.controls, ...more } })
}

describe('what is fitted', () => {
  it('is the needle by size and point, a twin by its spacing too', () => {
    expect(goalOf({}).goal.needle).toBe('80/universal')
    expect(goalOf({ stage: { twinSpacing: 4 } }).goal.needle).toBe('80x4/universal')
  })

  it('is an adapter with its ankle off, for who has feet that snap on', () => {
    const adapter: Item = { id: 'up', code: 'UP', name: 'Adapter', what: 'adapter' }
    const walking = foot({ id: 'walk', attachment: 'screwOn' })
    const asked = goalOf({ model: R, items: [adapter, walking], answer: { foot: 'walk', chain: ['up'] } })
    expect(asked.goal).toMatchObject({ adapter: 'up', ankle: 'off', foot: 'walk' })
    const alone = goalOf({ items: [walking], answer: { foot: 'walk' } })
    expect(alone.goal).toMatchObject({ adapter: 'none', ankle: 'off' })
    const snapped = goalOf({ items: [foot({ id: 'open' })], answer: { foot: 'open' } })
    expect(snapped.goal.adapter).toBe('none')
    expect(snapped.goal.ankle).not.toBe('off')
  })

  it('is the ankle that a foot needs instead of the machine’s own', () => {
    const ankle: Item = { id: 'shank-2', code: 'S2', name: 'Ankle', what: 'ankle' }
    const asked = goalOf({ items: [ankle, foot({ id: 'own' })], answer: { foot: 'own', chain: ['shank-2'] } })
    expect(asked.goal).toMatchObject({ ankle: 'shank-2', adapter: 'none' })
  })

  it('are all accessories together, or none', () => {
    const items = ['a', 'b'].map((id): Item => ({ id, code: id, name: id, what: 'accessory' }))
    expect(goalOf({ items, answer: { accessories: ['a', 'b'] } }).goal.accessory).toBe('a+b')
    expect(goalOf({ items }).goal.accessory).toBe('none')
  })

  it('is threaded; needles whose thread nobody names are threaded again after the loopers', () => {
    const has = ['thread:needle', 'thread:upperLooper']
    const loopers = [{ place: 'upperLooper', thread: 'fine' }]
    expect(goalOf({ has, answer: { threads: loopers } }).goal).toMatchObject({
      'thread:upperLooper': 'fine',
      'thread:needle': 'asBefore',
    })
    const both = [...loopers, { place: 'needle', thread: 'strong' }]
    expect(goalOf({ has, answer: { threads: both } }).goal['thread:needle']).toBe('strong')
    const needle = goalOf({ has, answer: { threads: [{ place: 'bobbin', thread: 'fine' }] } })
    expect(needle.goal['thread:needle']).not.toBe('asBefore')
  })
})

describe('what is set', () => {
  it('is every value that has one, on a machine that is on', () => {
    const settings = {
      width: setting({ value: { from: 4, to: 5 } }),
      length: setting({ value: 'auto' }),
      tension: setting({ value: 'unstated' }),
      needlePosition: setting({ value: 'absent' }),
    }
    const { goal } = goalOf({ answer: { settings } })
    expect(goal).toMatchObject({ width: '4..5', length: 'auto', stitch: 'zigzag', power: 'on' })
    expect(goal).not.toHaveProperty('tension')
    expect(goal).not.toHaveProperty('needlePosition')
  })

  it('is nothing that the machine has not', () => {
    expect(goalOf({ answer: { setup: { moon: 'full' } } }).goal).not.toHaveProperty('moon')
    expect(goalOf({ has: ['moon'], answer: { setup: { moon: 'full' } } }).goal.moon).toBe('full')
  })

  it('begins a stepped stitch at its first place', () => {
    const stepped = { ...zigzag, sequence: [{ at: '1', does: 'near bar' }] }
    const has = ['buttonholeStep']
    expect(goalOf({ has, model: { stitches: [stepped] } }).goal.buttonholeStep).toBe('1')
    expect(goalOf({ has }).goal).not.toHaveProperty('buttonholeStep')
  })

  it.each([
    ['buttonSensor', 'buttonholeLever', 'downAndBack'],
    ['twoThreadConverter', 'upperLooper', 'twoThreadConverter'],
    ['feedDogsDown', 'feedDogs', 'down'],
  ])('puts what %s is met by where it works, unless a thing brings it', (feature, control, to) => {
    const has = [control]
    expect(goalOf({ has, answer: { features: [{ feature }] } }).goal[control]).toBe(to)
    expect(goalOf({ has, answer: { features: [{ feature, item: 'thing' }] } }).goal[control]).not.toBe(to)
    expect(goalOf({ has }).goal[control]).not.toBe(to)
  })
})

describe('what choosing the stitch brings', () => {
  const scales = (kept: Scale['kept']) => ({ width: { shows: 'mm', from: 0, to: 7, kept } as Scale })
  const settings = { width: setting({ default: 3.5 }) }

  it('is the book’s own value where the machine forgets what was set', () => {
    const { defaults, defaultsAfterPower } = goalOf({ model: { scales: scales(false) }, answer: { settings } })
    expect(defaults).toEqual({ width: '3.5' })
    expect(defaultsAfterPower).toBeUndefined()
  })

  it('is not known where the machine remembers it for the stitch, and known again after the power was off', () => {
    const { defaults, defaultsAfterPower } = goalOf({ model: { scales: scales('perStitch') }, answer: { settings } })
    expect(defaults).toEqual({ width: '?' })
    expect(defaultsAfterPower).toEqual({ width: '3.5' })
  })

  it('is nothing of a dial that stays, of what is absent, and not known of what no book says', () => {
    expect(goalOf({ model: { scales: scales(true) }, answer: { settings } }).defaults).toEqual({})
    const absent = { width: setting({ value: 'absent', default: 3.5 }) }
    expect(goalOf({ model: { scales: scales(false) }, answer: { settings: absent } }).defaults).toEqual({})
    const silent = { width: setting({}) }
    expect(goalOf({ model: { scales: scales(false) }, answer: { settings: silent } }).defaults).toEqual({ width: '?' })
  })
})

describe('what fitted things ask', () => {
  const rulesOf = (item: Item, answer: Partial<StageAnswer>) => goalOf({ items: [item], answer }).rules
  const rule = (rules: readonly ControlRule[], id: string) => rules.find((one) => one.id === id)

  it('is nothing of a plain foot', () => {
    expect(rulesOf(foot({ id: 'open' }), { foot: 'open' })).toEqual([])
  })

  it('is that a setup stands before the foot goes on', () => {
    const rules = rulesOf(foot({ id: 'free', setup: { feedDogs: 'down' } }), { foot: 'free' })
    expect(rules).toMatchObject([
      { id: 'setup-free', needs: { feedDogs: ['down'] }, for: { control: 'foot', to: 'free' } },
    ])
  })

  it('is the fork over the clamp once a walking foot is on', () => {
    const rules = rulesOf(foot({ id: 'walk', functions: ['walking'] }), { foot: 'walk' })
    expect(rules).toMatchObject([{ id: 'fork-walk', after: { control: 'foot', to: 'walk' } }])
  })

  it('is a full bobbin beneath what covers it, none changed while it lies there, and the hand off its pin', () => {
    const circle: Item = {
      id: 'circle',
      code: 'C',
      name: 'Circles',
      what: 'accessory',
      circular: { minRadius: 20, maxRadius: 100, mountGroup: 'bed', pivotSide: 'left' },
    }
    const rules = rulesOf(circle, { accessories: ['circle'] })
    expect(rules.map(({ id }) => id)).toEqual(['setup-circle', 'beneath-circle', 'pin-circle'])
    expect(rule(rules, 'setup-circle')).toMatchObject({
      needs: { bobbin: ['full'] },
      for: { control: 'accessory', to: 'circle' },
    })
    expect(rule(rules, 'beneath-circle')).toMatchObject({ needs: { accessory: ['none'] }, for: { control: 'bobbin' } })
    expect(rule(rules, 'pin-circle')).toMatchObject({ on: { control: 'accessory', to: 'circle' } })
  })
})
