import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { scene } from '../answer/scenes.testkit'
import { indexCatalogue } from '../catalogue/index'
import { decide, decisionOf } from './decide'

const CATALOGUES = 2000

describe('deciding', () => {
  it(`says what explaining says, ${CATALOGUES} random catalogues`, () => {
    const seen = new Set<string>()
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const { bundle, question } = scene(seed)
        const index = indexCatalogue(bundle)
        const answering = { index, fitOf: fitLookup(index) }
        const decided = decide(answering, question)
        seen.add(decided.verdict)
        expect(decided).toEqual(decisionOf(explain(answering, question)))
      }),
      { numRuns: CATALOGUES },
    )
    expect([...seen].sort()).toEqual(['needsItems', 'notOnThisModel', 'otherRoute', 'ready'])
  })
})
