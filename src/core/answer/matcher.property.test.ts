import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, Item } from '../catalogue/types'
import { explain, explainEach } from './explain'
import { fitLookup } from './fit'
import type { Reason } from './reasons'
import { referenceAnswer, STAGE_CODES } from './reference.testkit'
import { scene } from './scenes.testkit'
import type { Answer, Question } from './types'
import { runs } from '../runs.testkit'

const CATALOGUES = runs(1200)

const answer = (bundle: Bundle, question: Question): Answer => {
  const index = indexCatalogue(bundle)
  return explain({ index, fitOf: fitLookup(index) }, question)
}

const codes = (reasons: readonly Reason[]): string[] => reasons.map(({ code }) => code)

const essence = (given: Answer) => ({
  verdict: given.verdict,
  method: given.method,
  toGet: given.toGet,
  stages: given.stages.map((stage) => ({
    model: stage.model,
    stitch: stage.stitch,
    foot: stage.foot,
    chain: stage.chain,
    plate: stage.plate,
    extras: stage.accessories,
    width: stage.settings.width?.value,
    position: stage.settings.needlePosition?.value,
    length: stage.settings.length?.value,
    tension: stage.settings.tension?.value,
    cautions: stage.cautions,
    told: codes(stage.reasons).filter((code) => STAGE_CODES.includes(code)),
    alternatives: stage.alternatives.map(({ model, stitch, foot, toGet, better, worse }) => ({
      model,
      stitch,
      foot,
      toGet,
      better: codes(better),
      worse: codes(worse),
    })),
  })),
  methods: given.methods.map(({ method, verdict, toGet }) => ({ method, verdict, toGet })),
})

const RANK = { notOnThisModel: 0, needsItems: 1, otherRoute: 2, ready: 3 }

/** Seeds of scenes that once were answered otherwise than the reference does. */
const ONCE_MISSED = [
  // Two feet with a guide at the same distance, one on the right, one on the left.
  1334548005,
  // An accessory that also brings the needed feature, beside a cheaper one that does not.
  1022929853,
  // Where any foot will do: a better stitch that waits for a standard foot, and no better “foot” without a name.
  1948306870, 2079990896,
]

describe('the matcher over random catalogues', () => {
  it('says of each method, asked for with the others, what it says of it alone', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const { bundle, question } = scene(seed)
        const index = indexCatalogue(bundle)
        const answering = { index, fitOf: fitLookup(index) }
        const { method: _, ...open } = question
        const each = explainEach(answering, open)
        expect(each.answer).toEqual(explain(answering, open))
        for (const { id } of index.techniques.get(question.technique)?.methods ?? [])
          expect(each.by(id)).toEqual(explain(answering, { ...open, method: id }))
      }),
      { numRuns: runs(300) },
    )
  })

  it.each(ONCE_MISSED)('says what the slow reference says, scene %i', (seed) => {
    const { bundle, question } = scene(seed)
    expect(essence(answer(bundle, question))).toEqual(referenceAnswer(bundle, question))
  })

  it(`says what the slow reference says, ${CATALOGUES} catalogues`, () => {
    const seen = { ready: 0, needsItems: 0, otherRoute: 0, notOnThisModel: 0 }
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const { bundle, question } = scene(seed)
        const given = answer(bundle, question)
        seen[given.verdict] += 1
        expect(essence(given)).toEqual(referenceAnswer(bundle, question))
      }),
      { numRuns: CATALOGUES },
    )
    for (const count of Object.values(seen)) expect(count).toBeGreaterThanOrEqual(Math.floor(CATALOGUES / 100))
  })

  it('never answers worse when more is had', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), fc.nat(11), (seed, which) => {
        const { bundle, question } = scene(seed)
        const more = bundle.items[which % bundle.items.length] as Item
        const before = answer(bundle, question)
        const after = answer(bundle, { ...question, owned: [...(question.owned ?? []), more.id] })
        // Where nobody knows which needle plate is on, one more that is theirs may be it: the worst is taken. Of one
        // without a stated slot there is no worst.
        if (more.what === 'plate' && before.stages.some(({ plate }) => plate === undefined)) {
          const items = bundle.items.map((item) => (item === more ? { ...more, slot: undefined } : item))
          const verdictOf = (owned: string[] = []) => answer({ ...bundle, items }, { ...question, owned }).verdict
          expect(RANK[verdictOf([...(question.owned ?? []), more.id])]).toBeGreaterThanOrEqual(
            RANK[verdictOf(question.owned)],
          )
          return
        }
        expect(RANK[after.verdict]).toBeGreaterThanOrEqual(RANK[before.verdict])
        if (before.verdict === 'needsItems' && after.verdict === 'needsItems') {
          expect(after.toGet.length).toBeLessThanOrEqual(before.toGet.length)
        }
      }),
      // The slot of a plate is in the way, and the book of a better stitch is what is told.
      { numRuns: runs(1500), examples: [[1085325586, 7]] },
    )
  })

  it('gives the same answer to the same question, and touches neither', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const { bundle, question } = scene(seed)
        const before = JSON.stringify([bundle, question])
        expect(answer(bundle, question)).toEqual(answer(structuredClone(bundle), structuredClone(question)))
        expect(JSON.stringify([bundle, question])).toBe(before)
      }),
      { numRuns: 200 },
    )
  })
})
