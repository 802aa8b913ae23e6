import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { indexCatalogue } from '../catalogue/index'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { cardOf } from '../card/card'
import { controlsOf } from '../changeover/machine'
import { controlsIn, stepMarks } from './stepMarks'
import { placeOf } from './usualPlaces'

const bundle = demoBundle()
const index = indexCatalogue(bundle)

/** What is set by threads and levers, or shown nowhere of its own. */
const NOWHERE = new Set(['stitch'])

describe('where controls sit', () => {
  it.each(bundle.models.map((model) => [model.name, model] as const))(
    'is known of each control of a %s',
    (_, model) => {
      const without = Object.keys(controlsOf(model, index.items).controls).filter((id) => !placeOf(model, id))
      expect(without.filter((id) => !NOWHERE.has(id))).toEqual([])
    },
  )

  it('keeps marks of one view far enough apart to be told, or in one place', () => {
    for (const model of bundle.models) {
      const places = Object.keys(controlsOf(model, index.items).controls).flatMap((id) => placeOf(model, id) ?? [])
      for (const a of places)
        for (const b of places) {
          const off = Math.hypot((a.x - b.x) * 300, (a.y - b.y) * 210)
          if (a.view === b.view && off > 0)
            expect(off, `${model.name} ${a.view} ${a.x} ${a.y} ${b.x} ${b.y}`).toBeGreaterThan(12)
        }
    }
  })
})

describe('the marks of a card', () => {
  it('number each control by the steps that move it, a model’s own place before the usual', () => {
    const answering = { index, fitOf: fitLookup(index) }
    const question = { technique: 'blind-hem', model: 'ketch', fabric: 'wool-suiting' }
    const { stages } = cardOf(index, question, explain(answering, question))
    const [stage] = stages
    if (!stage) throw new Error('no stage')
    const views = stepMarks(stage.procedure.steps, stage.map.places)
    const all = views.flatMap(({ marks }) => marks)
    expect(all.find(({ control }) => control === 'power')?.place).toEqual({
      view: 'right',
      x: 0.5,
      y: 0.88,
      shape: 'slot',
    })
    for (const { control, numbers } of all)
      for (const number of numbers) {
        const step = stage.procedure.steps[number - 1]
        expect(step && controlsIn(step)).toContain(control)
      }
    expect(all.length).toBeGreaterThan(6)
  })
})
