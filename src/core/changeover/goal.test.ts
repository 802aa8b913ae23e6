import { describe, expect, it } from 'vitest'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { bundleOf, foot, only, P, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Item, Model, Stage } from '../catalogue/types'
import { afterSewing, changeoverOf } from './changeover'

const straight = stitch({ function: 'straight', defaults: { width: 0, length: 2.4, needlePosition: 0 } })

/** What a stage asks of the controls of P, with these features and things. */
const changeover = (of: Partial<Stage>, { features = [], items = [] }: Partial<Model> & { items?: Item[] } = {}) => {
  const one = stage({ stitches: [{ function: 'straight' }], feet: 'none', ...of })
  const model: Model = { ...P, features, stitches: [straight], supplied: [...P.supplied, ...items.map(({ id }) => id)] }
  const bundle = bundleOf({ models: [model], items, techniques: [technique([one])] })
  const index = indexCatalogue(bundle)
  const answer = explain(
    { index, fitOf: fitLookup(index) },
    { technique: 'technique', model: model.id, fabric: 'cotton' },
  )
  return changeoverOf(index, only(answer), one, model)
}

describe('what a stage asks of the machine', () => {
  it('is the feed dogs down where it needs them down, and only then', () => {
    const features = ['feedDogsDown', 'feedDogs:lever']
    const asked = changeover({ features: { need: ['feedDogsDown'] } }, { features })
    expect(asked.goal.feedDogs).toBe('down')
    expect(asked.plan.outcome === 'plan' && asked.plan.steps.some(({ control }) => control === 'feedDogs')).toBe(true)
    expect(changeover({}, { features }).goal.feedDogs).toBe('up')
  })

  it('is the dual feed engaged where it needs it', () => {
    expect(changeover({ features: { need: ['dualFeed'] } }, { features: ['dualFeed'] }).goal.dualFeed).toBe('engaged')
  })

  it('is every accessory fitted, by name, and none where it needs none', () => {
    const guide: Item = {
      id: 'guide-1',
      code: 'G1',
      name: 'Seam guide',
      what: 'accessory',
      functions: ['seamGuide'],
    }
    const asked = changeover({ accessories: ['seamGuide'] }, { items: [guide] })
    expect(asked.goal.accessory).toBe('guide-1')
    expect(asked.plan.outcome === 'plan' && asked.plan.steps.some(({ to }) => to === 'guide-1')).toBe(true)
    expect(changeover({}, { items: [guide] }).goal.accessory).toBe('none')
  })

  it('is the foot that was chosen', () => {
    const asked = changeover(
      { feet: [{ function: 'patchwork' }] },
      { items: [foot({ id: 'q', functions: ['patchwork'] })] },
    )
    expect(asked.goal.foot).toBe('q')
  })
})

describe('what is known after sewing', () => {
  it('is how everything stands but needle, foot lift and bobbin, which sewing moves', () => {
    const { plan } = changeover({})
    const end = plan.outcome === 'plan' ? plan.end : {}
    const after = afterSewing({ ...end, needleHeight: 'up', footLift: 'down', bobbin: 'full' })
    expect(Object.keys(end).filter((id) => !(id in after))).toEqual(
      ['needleHeight', 'footLift', 'bobbin'].filter((id) => id in end),
    )
    for (const id of ['needleHeight', 'footLift', 'bobbin']) expect(after).not.toHaveProperty(id)
    expect(after.stitch).toBe('straight')
  })
})
