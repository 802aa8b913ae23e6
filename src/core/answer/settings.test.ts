import { describe, expect, it } from 'vitest'
import type { Model, Sample, Scale, Stage, Stitch } from '../catalogue/types'
import { ask, bundleOf, codes, fabric, foot, only, P, Q, stage, stitch, technique } from './answers.testkit'
import { showValue } from './show'

const standard = foot({ id: 'standard', functions: ['standard'], slot: 8.4 })
const had = (model: Model): Model => ({ ...model, supplied: [...model.supplied, 'standard'] })

interface Scene {
  model?: Model
  defaults?: Stitch['defaults']
  ranges?: Stitch['ranges']
  targets?: Stage['targets']
  must?: Stage['stitchMust']
  samples?: Partial<Sample>[]
  more?: Partial<Stage>
}

const card = ({ model = P, defaults = {}, ranges, targets = [], must, samples = [], more }: Scene) =>
  only(
    ask(
      bundleOf({
        models: [
          { ...had(model), stitches: [stitch({ function: 'zigzag', defaults, ...(ranges ? { ranges } : {}) })] },
        ],
        items: [standard],
        techniques: [
          technique([
            stage({ stitches: [{ function: 'zigzag' }], targets, ...(must ? { stitchMust: must } : {}), ...more }),
          ]),
        ],
        samples: samples.map((sample, i) => ({
          id: `smp${i}`,
          model: model.id,
          technique: 'technique',
          method: 'method',
          stage: 'sew',
          fabric: 'cotton',
          stitch: 'zigzag',
          used: {},
          verdict: 'good',
          on: `2026-03-0${i + 1}`,
          by: 'A',
          ...sample,
        })),
      }),
    ),
  )

const to = (
  parameter: 'width' | 'length' | 'tension',
  target: Stage['targets'][number]['to'],
  when?: Stage['targets'][number]['when'],
) => ({ parameter, to: target, because: 'so', ...(when ? { when } : {}) })

describe('where a value comes from', () => {
  it.each<[string, Scene, 'width' | 'length' | 'tension', Record<string, unknown>]>([
    ['a target', { targets: [to('width', { abs: 3 })] }, 'width', { value: 3, from: 'target', changed: true }],
    [
      'times the default',
      { defaults: { length: 1.5 }, targets: [to('length', { times: 1.5 })] },
      'length',
      { value: 2.3 },
    ],
    ['plus the default', { defaults: { width: 2 }, targets: [to('width', { plus: 0.5 })] }, 'width', { value: 2.5 }],
    [
      'both ends of a range',
      { defaults: { width: { from: 2, to: 3 } }, targets: [to('width', { times: 2 })] },
      'width',
      { value: { from: 4, to: 6 }, shown: '4.0–6.0' },
    ],
    [
      'numbers from normal where the book says auto',
      { defaults: { tension: 'auto' }, targets: [to('tension', { numbers: 2 })] },
      'tension',
      { value: 6, from: 'target' },
    ],
    [
      'numbers from normal where the book is silent',
      { targets: [to('tension', { numbers: -1 })] },
      'tension',
      { value: 3 },
    ],
    [
      'a range keeps a default inside it',
      { defaults: { width: 3.5 }, targets: [to('width', { from: 3, to: 4, prefer: 3.2 })] },
      'width',
      { value: 3.5, from: 'default', changed: false, setAgain: 'no' },
    ],
    [
      'a range else prefers',
      { defaults: { width: 5 }, targets: [to('width', { from: 3, to: 4, prefer: 3.2 })] },
      'width',
      { value: 3.2, from: 'target' },
    ],
    [
      'the more specific target',
      { targets: [to('width', { abs: 3 }), to('width', { abs: 2 }, { structure: ['woven'] })] },
      'width',
      { value: 2 },
    ],
    [
      'the first of equally specific ones',
      { targets: [to('width', { abs: 3 }, { weight: ['medium'] }), to('width', { abs: 2 }, { structure: ['woven'] })] },
      'width',
      { value: 3 },
    ],
    [
      'a target that does not hold is not asked',
      { defaults: { width: 4 }, targets: [to('width', { abs: 3 }, { structure: ['knit'] })] },
      'width',
      { value: 4, from: 'default' },
    ],
    [
      'the default as the book gives it',
      { defaults: { width: 3.33 } },
      'width',
      { value: 3.33, from: 'default', changed: false },
    ],
    [
      'nothing where times meets auto',
      { defaults: { length: 'auto' }, targets: [to('length', { times: 2 })] },
      'length',
      { value: 'unstated', from: 'unstated', shown: '–', default: 'auto' },
    ],
    [
      'nothing where the book is silent',
      { targets: [to('length', 'default')] },
      'length',
      { value: 'unstated', from: 'unstated', changed: false },
    ],
    [
      'the least width raises a default',
      { defaults: { width: 1 }, must: { minWidth: 2.25 } },
      'width',
      { value: 2.3, from: 'target', changed: true },
    ],
  ])('%s', (_, scene, parameter, expected) => expect(card(scene).settings[parameter]).toMatchObject(expected))

  it.each<[string, Scene, 'width' | 'length', number, string]>([
    [
      'the stitch’s range',
      { ranges: { width: { from: 1, to: 4 } }, targets: [to('width', { abs: 6 })] },
      'width',
      4,
      'heldToLimit',
    ],
    ['the scale', { targets: [to('length', { abs: 9 })] }, 'length', 5, 'heldToLimit'],
    [
      'the nearest place, ties toward the lower',
      { model: Q, targets: [to('width', { abs: 2.25 })] },
      'width',
      2,
      'nearestReachable',
    ],
    ['never 0 unless asked for', { targets: [to('length', { abs: 0.04 })] }, 'length', 0.1, 'neverZero'],
  ])('is held to %s', (_, scene, parameter, value, code) => {
    const setting = card(scene).settings[parameter]
    expect(setting?.value).toBe(value)
    expect(codes(setting?.reasons ?? [])).toContain(code)
  })

  it('breaks a tie of lengths toward the longer', () => {
    const halves: Model = { ...P, scales: { ...P.scales, length: { shows: 'mm', from: 0, to: 4, step: 0.5 } } }
    expect(card({ model: halves, targets: [to('length', { abs: 1.25 })] }).settings.length?.value).toBe(1.5)
  })

  it('gives 0 where 0 was asked for', () =>
    expect(card({ targets: [to('length', { abs: 0 })] }).settings.length?.value).toBe(0))

  it('says that a default lies off the scale and leaves it', () => {
    const width = card({ model: Q, defaults: { width: 2.3 } }).settings.width
    expect(width).toMatchObject({ value: 2.3, from: 'default' })
    expect(codes(width?.reasons ?? [])).toContain('defaultOffScale')
  })

  it('sets nothing where there is no control', () => {
    const fixed: Model = { ...P, scales: { ...P.scales, tension: 'absent' } }
    const tension = card({ model: fixed, targets: [to('tension', { numbers: 2 })] }).settings.tension
    expect(tension).toMatchObject({ value: 'absent', changed: false, setAgain: 'no' })
    expect(codes(tension?.reasons ?? [])).toEqual(['noControl'])
  })

  it.each([
    [true, 'no'],
    [false, 'afterChoosing'],
    [undefined, 'check'],
  ] as const)('kept: %s → set again: %s', (kept, setAgain) => {
    const model: Model = { ...P, scales: { ...P.scales, width: { shows: 'mm', from: 0, to: 7, step: 0.1, kept } } }
    expect(card({ model, targets: [to('width', { abs: 3 })] }).settings.width?.setAgain).toBe(setAgain)
  })
})

describe('the house setting', () => {
  const used = (width: number, more: Partial<Sample> = {}): Partial<Sample> => ({ used: { width }, ...more })
  const targets = [to('width', { abs: 6 })]
  it.each<[string, Partial<Sample>[], number | undefined]>([
    ['nearest the median', [used(2), used(3), used(3.1)], 3],
    ['of an even number the lower middle', [used(2), used(3), used(4), used(5)], 3],
    ['a tie goes to the later', [used(3, { note: 'a' }), used(3, { by: 'B' })], 3],
    ['the pinned one', [used(3), used(3), used(5, { pinned: true })], 5],
    ['the latest of two pinned', [used(4, { pinned: true }), used(5, { pinned: true })], 5],
    ['only good ones', [used(4, { verdict: 'usable' }), used(5, { verdict: 'redo' })], undefined],
    ['none sewn with another foot', [used(4, { foot: 'other-foot' })], undefined],
    ['none in another fabric', [used(4, { fabric: 'else' })], undefined],
  ])('%s', (_, samples, width) => {
    expect(card({ samples, targets }).settings.width).toMatchObject(
      width === undefined ? { value: 6, from: 'target' } : { value: width, from: 'house' },
    )
  })

  it('counts what stands behind it', () => {
    const answer = card({ samples: [used(3), used(3, { by: 'B' }), used(3.1, { by: 'B', on: '2026-03-02' })], targets })
    expect(answer.proved).toEqual({ sample: 'smp1', samples: 3, people: 2, days: 2, last: '2026-03-02', pinned: false })
  })

  it('gives what it states, and leaves the rest to the technique', () => {
    const { settings } = card({ samples: [used(3)], targets: [...targets, to('length', { abs: 2 })] })
    expect(settings).toMatchObject({ width: { from: 'house' }, length: { from: 'target', value: 2 } })
  })

  it('is put aside, and shown, when the book has a newer edition', () => {
    const answer = card({ model: { ...P, edition: '2' }, samples: [used(3, { edition: '1' })], targets })
    expect(answer.settings.width).toMatchObject({ value: 6, from: 'target' })
    expect(answer.proved).toBeUndefined()
    expect(answer.reasons).toContainEqual({ code: 'houseStale', samples: ['smp0'], now: '2' })
    expect(card({ samples: [used(3, { edition: '1' })], targets }).settings.width?.from).toBe('house')
  })
})

describe('needle, speed, thread', () => {
  it('takes the job’s needle, the stage’s most specific, the fabric’s; held to the model', () => {
    expect(card({}).needle).toEqual({ point: 'universal', size: 80 })
    const needles = [{ size: 90 }, { when: { structure: ['woven' as const] }, point: 'sharp', size: 70 }]
    expect(card({ more: { needle: needles } }).needle).toEqual({ point: 'sharp', size: 70 })
    const thin: Model = { ...P, needle: { system: 'flat', maxSize: 75 } }
    const held = card({ model: thin })
    expect(held.needle).toEqual({ system: 'flat', point: 'universal', size: 75 })
    expect(held.reasons).toContainEqual({ code: 'needleHeldToModel', wanted: 80, max: 75 })
  })

  it('takes the least of the speeds, and the fabric’s thread where the stage names none', () => {
    expect(card({ model: { ...P, maxSpeed: 900 }, more: { maxSpeed: 700 } }).maxSpeed).toBe(700)
    expect(card({}).threads).toEqual([])
    expect(fabric.thread).toBeUndefined()
  })
})

describe('a value as the model shows it', () => {
  const dial: Scale = {
    shows: 'marks',
    from: 0,
    to: 4,
    step: 0,
    marks: [
      { mark: '0', value: 0 },
      { mark: 'R', value: 1 },
      { mark: '2', value: 2 },
      { mark: '4', value: 4 },
    ],
  }
  it.each([
    [2.5, { shows: 'mm', from: 0, to: 7, step: 0.1 }, '2.5'],
    [0, { shows: 'mm', from: -3.5, to: 3.5, shownOffset: 3.5 }, '3.5'],
    [2.54, { shows: 'spi', from: 1, to: 5, step: 1 }, '10 spi'],
    [0, { shows: 'spi', from: 0, to: 5, step: 1 }, '0'],
    [1, dial, 'R'],
    [0.1, dial, 'just over 0'],
    [0.8, dial, 'just under R'],
    [1.5, dial, 'between R and 2'],
    [2.6, dial, 'between 2 and 4'],
    ['auto', dial, 'auto'],
    [3, undefined, '3.0'],
  ] as const)('%j', (value, scale, shown) => {
    const parameter = scale && 'shownOffset' in scale ? 'needlePosition' : 'length'
    expect(showValue(value, parameter, scale as Scale | undefined)).toBe(shown)
  })
})
