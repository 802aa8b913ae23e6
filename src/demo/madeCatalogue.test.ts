import { describe, expect, it } from 'vitest'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { Coverage } from '#core/coverage/coverage'
import { decisionOf } from '#core/coverage/decide'
import { shareOf } from '#core/runs.testkit'
import { MADE_FABRICS, madeCatalogue } from './madeCatalogue'

const SIZE = { models: 60, stitchesEach: 120, feet: 100, techniques: 30 }

describe('the made catalogue', () => {
  it.each(shareOf([1, 2, 3]))('is covered in every cell as explaining says, seed %i', (seed) => {
    const bundle = madeCatalogue(SIZE, seed)
    const index = indexCatalogue(bundle)
    const answering = { index, fitOf: fitLookup(index) }
    const coverage = new Coverage(answering)
    const fabric = seed === 1 ? 'cloth' : `cloth${MADE_FABRICS - seed}`
    const pauses = [...coverage.deciding(fabric, 100)]
    expect(pauses.length).toBeGreaterThan(2)
    const verdicts = new Set<string>()
    for (const row of pauses.at(-1) ?? []) {
      bundle.models.forEach((model, at) => {
        const decided = row.decision(at, model)
        verdicts.add(decided.verdict)
        const question = { technique: row.technique.id, model: model.id, fabric }
        expect(decided, JSON.stringify(question)).toEqual(decisionOf(question.technique, explain(answering, question)))
      })
    }
    expect(verdicts.size).toBe(4)
    expect(coverage.judged.byKeys).toBe(coverage.judged.all)
  })
})
