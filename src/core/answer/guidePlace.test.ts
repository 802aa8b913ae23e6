import { describe, expect, it } from 'vitest'
import type { Item } from '../catalogue/types'
import { fabric, functions } from './answers.testkit'
import { guideForWidth, guidePlace, withGuideSet } from './guidePlace'

const screw: Item['guide'] = { kind: 'adjustable', range: { from: -4, to: -1 } }
/** Its bite is 0.5 mm. */
const medium = { weight: 'medium' as const, behaviours: [] }

describe('a guide that can be moved', () => {
  it.each<[string, Item['guide'], number, number | undefined]>([
    ['stands a bite short of the swing', screw, 3, 2.5],
    ['goes as far as its screw', screw, 4.5, 4],
    ['and no further: the shop may have sewn any width', screw, 4.6, undefined],
    ['comes as near as its screw lets it', screw, 1.5, 1],
    ['and no nearer', screw, 1.4, undefined],
    ['is told of whichever end is listed first', { kind: 'adjustable', range: { from: -1, to: -4 } }, 3, 2.5],
    ['stands nowhere where nobody has stated its reach', { kind: 'adjustable' }, 3, undefined],
    ['is no fixed one', { kind: 'right', offset: -2 }, 3, undefined],
    ['is none', undefined, 3, undefined],
  ])('%s', (_, guide, width, place) => {
    const found = guideForWidth(guide, width, medium)
    if (place === undefined) expect(found).toBeUndefined()
    else expect(found).toBeCloseTo(place, 9)
  })

  it('makes a larger bite in what is lofty', () => {
    expect(guideForWidth(screw, 3, { ...medium, behaviours: ['lofty'] })).toBeLessThan(2.5)
  })

  const known = { functions: new Map(functions.map((one) => [one.id, one])) }
  const setTo = (value: number | { from: number; to: number }) =>
    ({ width: { value } }) as unknown as Parameters<typeof guidePlace>[1]['settings']
  it('is set for a blind hem of one width, and for nothing else', () => {
    const at = (sewn: string, width: Parameters<typeof setTo>[0]) =>
      guidePlace(known, { function: sewn, settings: setTo(width) }, { guide: screw }, fabric)
    expect(at('blindHem.woven', 3)).toBeCloseTo(2.5, 9)
    expect(at('zigzag', 3)).toBeUndefined()
    expect(at('blindHem.woven', { from: 2, to: 3 })).toBeUndefined()
    expect(guidePlace(known, { function: 'blindHem.woven', settings: {} }, { guide: screw }, fabric)).toBeUndefined()
    expect(guidePlace(known, { function: 'blindHem.woven', settings: setTo(3) }, undefined, fabric)).toBeUndefined()
  })

  it('is drawn left of the stitches where it is set, and as it is where it is not', () => {
    expect(withGuideSet({ guide: screw }, 2.5).guide).toEqual({ ...screw, offset: -2.5 })
    expect(withGuideSet({ guide: screw }, undefined).guide).toEqual(screw)
    expect(withGuideSet({ guide: undefined }, 2.5)).toEqual({ guide: undefined })
  })
})
