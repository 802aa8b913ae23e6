import { describe, expect, it } from 'vitest'
import type { ControlShape } from '../catalogue/types'
import { controlsOf } from '../changeover/machine'
import { controlsIn, stepMarks } from './stepMarks'
import { placeOf } from './usualPlaces'
import { demo } from '#demo/cards.testkit'

const { bundle, index, cardFor } = demo

/** Half of what a drawn control takes, to each side of its middle. */
const HALF: Record<ControlShape, { x: number; y: number }> = {
  lever: { x: 3, y: 10.5 },
  dial: { x: 9, y: 9 },
  knob: { x: 7, y: 7 },
  key: { x: 8, y: 6 },
  wheel: { x: 6, y: 14 },
  slot: { x: 11, y: 3.5 },
  screen: { x: 16, y: 11 },
  screw: { x: 6, y: 6 },
}

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

  it('keeps marks of one view apart, or in one place', () => {
    let pairs = 0
    for (const model of bundle.models) {
      const places = Object.keys(controlsOf(model, index.items).controls).flatMap((id) => placeOf(model, id) ?? [])
      for (const a of places)
        for (const b of places) {
          const [across, down] = [Math.abs(a.x - b.x) * 300, Math.abs(a.y - b.y) * 210]
          if (a.view !== b.view || across + down === 0) continue
          pairs++
          const [one, other] = [HALF[a.shape], HALF[b.shape]]
          const isApart = across >= one.x + other.x || down >= one.y + other.y
          expect(isApart, `${model.name} ${a.view} ${a.x} ${a.y} ${b.x} ${b.y}`).toBe(true)
        }
    }
    expect(pairs).toBeGreaterThan(500)
  })
})

describe('the marks of a card', () => {
  it('number each control by the steps that move it, a model’s own place before the usual', () => {
    const [stage] = cardFor({ technique: 'blind-hem', model: 'ketch', fabric: 'wool-suiting' }).stages
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
