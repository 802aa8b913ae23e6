import { describe, expect, it } from 'vitest'
import { controlsOf } from '../changeover/machine'
import { indexCatalogue } from '../catalogue/index'
import { outlineOf, placeOf } from './usualPlaces'
import { demoBundle } from '#demo/bundle'
import { OUTLINE_LINES } from './outlines'

describe('outlines', () => {
  it('are drawn of every view that a control of the demo’s machines sits in', () => {
    const bundle = demoBundle()
    const { items } = indexCatalogue(bundle)
    const missing = bundle.models.flatMap((model) =>
      Object.keys(controlsOf(model, items).controls).flatMap((control) => {
        const place = placeOf(model, control)
        if (!place) return []
        const view = OUTLINE_LINES[outlineOf(model.kind)][place.view]
        return view && view.lines.length > 1 ? [] : [`${model.name} ${control} ${place.view}`]
      }),
    )
    expect(missing).toEqual([])
    expect(new Set(bundle.models.map(({ kind }) => outlineOf(kind))).size).toBe(Object.keys(OUTLINE_LINES).length)
  })
})
