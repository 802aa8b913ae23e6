/** What stands, what the book says and what is set are three facts: the design's worked cases, and others. */
import { describe, expect, it } from 'vitest'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { bundleOf, foot, P, Q, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Model, Positions, Scale, Stage, Stitch } from '../catalogue/types'
import { needlePosition } from '../changeover/positions'
import { cardOf } from './card'

const standard = foot({ id: 'standard', functions: ['standard'], slot: 8.4 })
const kept = { shows: 'mm', from: 0, to: 7, step: 0.5, kept: true } as const
const target = (parameter: 'width' | 'length', to: Stage['targets'][number]['to']) => ({
  parameter,
  to,
  because: 'asked',
})

interface Scene {
  model?: Model
  width?: Scale
  defaults?: Stitch['defaults']
  targets?: Stage['targets']
  normal?: Positions
  now?: Positions
}

/** Foot and needle as the stage wants them. */
const ASKS_NO_POWER_OFF: Positions = { foot: 'standard', needle: needlePosition({ point: 'universal', size: 80 }) }

const valuesOf = ({ model = P, width, defaults = {}, targets = [], normal = {}, now }: Scene) => {
  const scales = { ...model.scales, ...(width ? { width } : {}) }
  const of: Model = {
    ...model,
    scales,
    supplied: [...model.supplied, 'standard'],
    stitches: [stitch({ function: 'zigzag', defaults })],
    controls: { controls: {}, normal, rules: [] },
  }
  const index = indexCatalogue(
    bundleOf({
      models: [of],
      items: [standard],
      techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], targets })])],
    }),
  )
  const question = { technique: 'technique', model: of.id, fabric: 'cotton' }
  const answer = explain({ index, fitOf: fitLookup(index) }, question)
  const [told] = cardOf(index, question, answer, now ? { now } : {}).stages
  return Object.fromEntries(
    [...(told?.changes ?? []), ...(told?.unchanged ?? [])].map(({ parameter, stands, act, resets, setting }) => [
      parameter,
      { stands, act, resets, set: setting.value, book: setting.default },
    ]),
  )
}

describe('what is set and what is left', () => {
  it('a dial stands where normal sewing left it, whatever the book says', () => {
    const dial: Scale = { shows: 'marks', from: 0, to: 6, step: 0, marks: marks(0, 1, 2, 3, 4, 5, 6), kept: true }
    const length: Scale = { shows: 'marks', from: 0, to: 4, step: 0, marks: marks(0, 0.5, 1, 2, 3, 4), kept: true }
    const { width, length: long } = valuesOf({
      model: { ...Q, scales: { width: dial, length } },
      defaults: { width: { from: 4, to: 5 }, length: 0.4 },
      normal: { width: '0', length: '4' },
    })
    expect(width).toMatchObject({ stands: 0, act: 'set', set: { from: 4, to: 5 }, resets: false })
    expect(long).toMatchObject({ stands: 4, act: 'set', set: 0.4, book: 0.4 })
  })

  it('a range that holds what stands is left', () =>
    expect(
      valuesOf({ width: kept, defaults: { width: { from: 4, to: 5 } }, normal: { width: '4.5' } })['width'],
    ).toMatchObject({ stands: 4.5, act: 'leave' }))

  it.each<[string, Scene, object]>([
    ['resets to what the card wants: left', { defaults: { width: 3.5 } }, { stands: 3.5, act: 'leave', resets: true }],
    [
      'resets to something else: set',
      { defaults: { width: 3.5 }, targets: [target('width', { abs: 3 })] },
      { stands: 3.5, act: 'set', set: 3 },
    ],
    [
      'is kept and stands as the card wants: left',
      { width: kept, defaults: { width: 5 }, targets: [target('width', { abs: 3 })], normal: { width: '3' } },
      { stands: 3, act: 'leave', resets: false },
    ],
    [
      'is kept and the book agrees with the card, not the dial: set',
      { width: kept, defaults: { width: 3 }, normal: { width: '5' } },
      { stands: 5, act: 'set', set: 3 },
    ],
    [
      'is kept and nobody knows how it stands: set',
      { width: kept, defaults: { width: 3 } },
      { stands: undefined, act: 'set' },
    ],
    [
      'was told to stand elsewhere now: set',
      { width: kept, defaults: { width: 3 }, normal: { width: '3' }, now: { width: '5' } },
      { stands: 5, act: 'set' },
    ],
    [
      'is remembered for its stitch, the power never off: nobody knows, set',
      { width: { ...kept, kept: 'perStitch' }, defaults: { width: 3 }, now: { ...ASKS_NO_POWER_OFF } },
      { stands: undefined, act: 'set' },
    ],
    [
      'is remembered until the power goes off, which the foot asks for: left',
      { width: { ...kept, kept: 'perStitch' }, defaults: { width: 3 }, normal: { width: '5' } },
      { stands: 3, act: 'leave' },
    ],
    [
      'may survive even that: nobody knows, set',
      { width: { shows: 'mm', from: 0, to: 7, step: 0.5 }, defaults: { width: 3 }, normal: { width: '5' } },
      { stands: undefined, act: 'set' },
    ],
    [
      'may or may not survive: nobody knows, set',
      { width: { shows: 'mm', from: 0, to: 7, step: 0.5 }, defaults: { width: 3 } },
      { stands: undefined, act: 'set', resets: true },
    ],
    ['is nowhere stated: silent', { targets: [target('width', { times: 2 })] }, { act: 'silent' }],
    [
      'is counted from the left: the figure, not what it reads',
      { width: { ...kept, shownOffset: 1 }, defaults: { width: 3 }, normal: { width: '4' } },
      { stands: 3, act: 'leave' },
    ],
  ])('a width that %s', (_, scene, expected) => expect(valuesOf(scene)['width']).toMatchObject(expected))

  it('a value without a control is not set', () => {
    const model: Model = { ...P, scales: { ...P.scales, tension: 'absent' } }
    expect(valuesOf({ model, defaults: { tension: 4 } })['tension']).toMatchObject({ act: 'absent' })
  })

  it('where no legal order is known, every value is set and none is left', () => {
    const values = valuesOf({ defaults: { width: 3.5 }, now: { power: '?', needleHeight: '?', footLift: '?' } })
    expect(Object.values(values).filter(({ act }) => act === 'leave')).toEqual(
      Object.values(values).filter(({ stands }) => stands !== undefined),
    )
  })
})

describe('a two-faced dial', () => {
  it('is told by the face that holds once all stands, in the step as in the value', () => {
    const face = (at: string, mark: string) => ({ when: { leftNeedle: at }, marks: [{ mark, value: 3 }] })
    const scale: Scale = { shows: 'marks', from: 3, to: 3, faces: [face('in', 'A'), face('out', 'C')], kept: true }
    const needle = { positions: ['in', 'out'], seconds: 30, habit: 10 }
    const model: Model = {
      ...P,
      scales: { ...P.scales, width: scale },
      supplied: [...P.supplied, 'standard'],
      stitches: [stitch({ function: 'zigzag', defaults: { width: 3 } })],
      controls: { controls: { leftNeedle: needle }, normal: { leftNeedle: 'in' }, rules: [] },
    }
    const sewn = stage({ stitches: [{ function: 'zigzag' }], setup: { leftNeedle: 'out' } })
    const index = indexCatalogue(bundleOf({ models: [model], items: [standard], techniques: [technique([sewn])] }))
    const question = { technique: 'technique', model: 'p', fabric: 'cotton' }
    const [told] = cardOf(index, question, explain({ index, fitOf: fitLookup(index) }, question)).stages
    const moves = (told?.procedure.steps ?? []).flatMap((step) => (step.tells === 'moves' ? step.moves : []))
    expect(moves.find(({ control }) => control === 'width')).toMatchObject({ shown: 'C', holds: { leftNeedle: 'out' } })
    expect(told?.changes.map(({ setting }) => setting.shown)).toEqual(['left needle out, dial at C'])
  })
})

function marks(...values: number[]) {
  return values.map((value) => ({ mark: `${value}`, value }))
}
