import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { explain, type AnswerContext } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { bundleOf, foot, P, stage, stitch, technique } from '../answer/answers.testkit'
import { scene, sisterScene } from '../answer/scenes.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, Model } from '../catalogue/types'
import { decide, decisionOf } from './decide'
import { Coverage } from './coverage'
import { runs } from '../runs.testkit'

const CATALOGUES = runs(2000)
const SISTERS = runs(500)
const VERDICTS = ['needsItems', 'notOnThisModel', 'otherRoute', 'ready']

const answeringOf = (bundle: Bundle): AnswerContext => {
  const index = indexCatalogue(bundle)
  return { index, fitOf: fitLookup(index) }
}
const seeds = fc.integer({ min: 0, max: 2 ** 31 })

describe('deciding', () => {
  it(`says what explaining says, ${CATALOGUES} random catalogues`, () => {
    const seen = new Set<string>()
    fc.assert(
      fc.property(seeds, (seed) => {
        const { bundle, question } = scene(seed)
        const answering = answeringOf(bundle)
        const decided = decide(answering, question)
        seen.add(decided.verdict)
        expect(decided).toEqual(decisionOf(question.technique, explain(answering, question)))
      }),
      { numRuns: CATALOGUES },
    )
    expect([...seen].sort()).toEqual(VERDICTS)
  })
})

describe('the engine', () => {
  it(`says in every cell what explaining says, ${SISTERS} catalogues of sisters`, () => {
    const seen = new Set<string>()
    let byKeys = 0
    let all = 0
    fc.assert(
      fc.property(seeds, fc.boolean(), (seed, plainer) => {
        const bundle = sisterScene(seed)
        // Packs and samples leave a cell to `decide`: without them more is judged by keys.
        const items = bundle.items.filter(({ contains }) => !contains)
        const answering = answeringOf(plainer ? { ...bundle, items, samples: [] } : bundle)
        const coverage = new Coverage(answering)
        for (const technique of bundle.techniques) {
          for (const model of bundle.models) {
            for (const fabric of bundle.fabrics) {
              const question = { technique: technique.id, model: model.id, fabric: fabric.id }
              const decided = coverage.cell(technique.id, model.id, fabric.id)
              seen.add(decided.verdict)
              expect(decided, JSON.stringify(question)).toEqual(
                decisionOf(question.technique, explain(answering, question)),
              )
            }
          }
        }
        byKeys += coverage.judged.byKeys
        all += coverage.judged.all
      }),
      { numRuns: SISTERS },
    )
    expect([...seen].sort()).toEqual(VERDICTS)
    expect(byKeys / all).toBeGreaterThan(0.5)
  })
})

describe('what is alike but for its name', () => {
  const sewn = (more: Partial<Model>): Model => ({
    ...P,
    supplied: [],
    stitches: [stitch({ function: 'zigzag', defaults: { width: 6 } })],
    ...more,
  })
  const asks = (feet: string[]) =>
    technique([stage({ id: 's', stitches: [{ function: 'zigzag' }], feet: feet.map((name) => ({ function: name })) })])
  const both = (bundle: Bundle) => {
    const answering = answeringOf(bundle)
    const coverage = new Coverage(answering)
    return bundle.techniques.flatMap(({ id }) =>
      bundle.models.map((model) => {
        const question = { technique: id, model: model.id, fabric: bundle.fabrics[0]?.id as string }
        const found = coverage.cell(question.technique, question.model, question.fabric)
        expect(found).toEqual(decisionOf(question.technique, explain(answering, question)))
        return found
      }),
    )
  }

  it('is refused under its own name', () => {
    const narrow = (id: string, job: string) => foot({ id, functions: [job], slot: 2 })
    const [first, second] = both(
      bundleOf({
        models: [sewn({})],
        items: [narrow('a', 'one'), narrow('b', 'two')],
        techniques: [asks(['one']), { ...asks(['two']), id: 'other' }],
      }),
    )
    expect(JSON.stringify(first?.reason)).toContain('"item":"a"')
    expect(JSON.stringify(second?.reason)).toContain('"item":"b"')
  })

  it('is told apart where a foot denies one function of two', () => {
    const alike = { swing: 'centred' as const, defaults: { width: 3 } }
    const two = sewn({
      stitches: [
        stitch({ id: 'z', function: 'zigzag', ...alike }),
        stitch({ id: 's', function: 'blindHem.woven', ...alike }),
      ],
    })
    const sewing = (name: string) => ({
      ...technique([stage({ id: 's', stitches: [{ function: name }], feet: [{ function: 'one' }] })]),
      id: name,
    })
    const [zigzag, blindHem] = both(
      bundleOf({
        models: [two],
        items: [foot({ id: 'a', functions: ['one'], slot: 8, denies: ['blindHem.woven'] })],
        techniques: [sewing('zigzag'), sewing('blindHem.woven')],
      }),
    )
    expect([zigzag?.verdict, blindHem?.verdict]).toEqual(['needsItems', 'notOnThisModel'])
  })
})
