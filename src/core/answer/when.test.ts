import { describe, expect, it } from 'vitest'
import type { When } from '../catalogue/types'
import { fabric, P } from './answers.testkit'
import { holds, mostSpecific, specificity } from './when'

const at = {
  model: { ...P, features: ['dualFeed', 'feedDogsDown'] },
  fabric: { ...fabric, behaviours: ['frays'] },
  layers: 2,
}

describe('a condition', () => {
  it.each<[string, When | undefined, boolean]>([
    ['none', undefined, true],
    ['an empty one', {}, true],
    ['a fabric by name', { fabric: ['cotton', 'other'] }, true],
    ['another fabric', { fabric: ['other'] }, false],
    ['no fabric at all', { fabric: [] }, false],
    ['its structure', { structure: ['knit'] }, false],
    ['its weight', { weight: ['medium'] }, true],
    ['one of several behaviours', { behaviour: ['slips', 'frays'] }, true],
    ['a behaviour it has not', { behaviour: ['slips'] }, false],
    ['as many layers', { minLayers: 2 }, true],
    ['more layers', { minLayers: 3 }, false],
    ['the kind of machine', { kind: ['computerised', 'mechanical'] }, true],
    ['every feature named', { feature: ['dualFeed', 'feedDogsDown'] }, true],
    ['one feature missing', { feature: ['dualFeed', 'kneeLift'] }, false],
    ['without what it lacks', { withoutFeature: ['kneeLift'] }, true],
    ['without what it has', { withoutFeature: ['kneeLift', 'dualFeed'] }, false],
    ['the make', { make: ['maker'] }, true],
    ['the model', { model: ['q'] }, false],
    ['two, one of which fails', { make: ['maker'], structure: ['knit'] }, false],
  ])('%s', (_, when, expected) => {
    expect(holds(when, at)).toBe(expected)
  })

  it('is the more specific the more it names', () => {
    expect([undefined, {}, { make: ['maker'] }, { make: ['maker'], minLayers: 1 }].map(specificity)).toEqual([
      0, 0, 1, 2,
    ])
  })

  it('that names most is taken of those that hold, the first of equals', () => {
    const named = (id: string, when?: When) => ({ id, ...(when ? { when } : {}) })
    const entries = [
      named('always'),
      named('knit', { structure: ['knit'], weight: ['medium'] }),
      named('woven', { structure: ['woven'] }),
      named('medium', { weight: ['medium'] }),
    ]
    expect(mostSpecific(entries, at)?.id).toBe('woven')
    expect(mostSpecific(entries.slice(0, 2), at)?.id).toBe('always')
    expect(mostSpecific([named('knit', { structure: ['knit'] })], at)).toBeUndefined()
  })
})
