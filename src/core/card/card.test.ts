import { describe, expect, it } from 'vitest'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { bundleOf, foot, P, plates, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Model, Stage } from '../catalogue/types'
import { cardOf } from './card'

const standard = foot({ id: 'standard', functions: ['standard'], slot: 7 })

const cardWith = (more: Partial<Stage>, model: Partial<Model> = {}) => {
  const bundle = bundleOf({
    models: [
      {
        ...P,
        supplied: [plates.zigzag.id, 'standard'],
        stitches: [stitch({ function: 'zigzag', defaults: { width: 4 }, source: { evidence: 'book', where: 'p. 9' } })],
        ...model,
      },
    ],
    items: [standard],
    techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], ...more })])],
  })
  const index = indexCatalogue(bundle)
  const question = { technique: 'technique', model: 'p', fabric: 'cotton' }
  return cardOf(index, question, explain({ index, fitOf: fitLookup(index) }, question))
}

const width = { parameter: 'width' as const, to: { abs: 3 }, because: 'narrower' }
const order = (card: ReturnType<typeof cardWith>) =>
  card.stages[0]?.procedure.steps.map((step) => {
    if (step.tells === 'own') return step.text
    return 'moves' in step && step.moves.length > 0
      ? step.moves.map(({ control, to, shown }) => `${control} ${shown ?? to}`).join(', ')
      : step.tells
  })

describe('the steps of a card', () => {
  it('come in the trade’s order, power off before anything is fitted', () => {
    const steps = [{ text: 'Sew with {foot.code} at width {width}.' }]
    expect(order(cardWith({ targets: [width], steps }))).toEqual([
      'needleHeight up, footLift up, power off',
      'needle 80/universal',
      'foot standard',
      'power on, stitch zigzag, width 3.0',
      'handwheel turned',
      'scrap',
      'reset',
      'Sew with standard at width 3.0.',
    ])
  })

  it('are set by hand before the power comes on where the machine keeps them', () => {
    expect(order(cardWith({ targets: [width] }, { kind: 'mechanical' }))).toEqual([
      'needleHeight up, footLift up, power off',
      'needle 80/universal',
      'foot standard',
      'stitch zigzag, width 3.0',
      'handwheel turned',
      'power on',
      'proof',
      'reset',
    ])
  })

  it('let a technique tell beside a move, and instead of one', () => {
    const steps = [
      { text: 'Button into its holder.', before: 'foot' },
      { text: 'Its screw tight.', after: 'foot' },
      { text: 'Lever down and back.', does: { buttonholeLever: 'downAndBack' } },
      { text: 'Guide over.', phase: 'ready' as const },
      { text: 'Screw of the plate.', after: 'plate' },
      { text: 'Sew.' },
    ]
    const features = ['buttonSensor']
    const said = order(cardWith({ steps, features: { need: features } }, { features })) ?? []
    const at = said.indexOf('foot standard')
    expect(said.slice(at - 1, at + 2)).toEqual(['Button into its holder.', 'foot standard', 'Its screw tight.'])
    expect(said.join()).not.toContain('Screw of the plate')
    expect(said.slice(-7)).toEqual([
      'Lever down and back.',
      'Guide over.',
      'handwheel turned',
      'scrap',
      'buttonholeLever up, buttonholeLever downAndBack',
      'reset',
      'Sew.',
    ])
  })

  it('leave out what the fabric or machine does not ask for', () => {
    const steps = [{ text: 'Knit only.', when: { structure: ['knit' as const] } }, { text: 'All.' }]
    expect(order(cardWith({ steps }))?.slice(-1)).toEqual(['All.'])
  })

  it('name a changed plate', () => {
    const changed = cardWith({}, { supplied: [plates.straight.id, plates.zigzag.id, 'standard'] })
    expect(order(changed)).toContain('plate plate-zigzag')
    expect(changed.stages[0]?.plate).toMatchObject({ id: 'plate-zigzag', change: true, source: 'supplied' })
  })
})

describe('a card', () => {
  it('parts what changes from what stays, and shows where the needle would hit', () => {
    const [told] = cardWith({ targets: [width] }).stages
    expect(told?.changes.map(({ parameter }) => parameter)).toEqual(['width'])
    expect(told?.changes[0]?.hits).toEqual([{ from: 5.8, to: 7 }])
    expect(told).toMatchObject({ resets: true, bookPage: 'p. 9' })
  })

  it('knows the name of everything it speaks of', () => {
    const { names } = cardWith({ targets: [width] })
    expect(names.items).toHaveProperty('standard')
    expect(names.functions).toEqual({ zigzag: 'Zigzag' })
    expect(names.methods).toEqual({ 'technique/method': 'Method' })
  })
})
