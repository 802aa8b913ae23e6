/** Wherever a card has a figure worked out, the workbench beside it works out the same. */
import { describe, expect, it } from 'vitest'
import type { Reason } from '#core/answer/reasons'
import type { Question, Setting, StageAnswer } from '#core/answer/types'
import { scene } from '#core/answer/scenes.testkit'
import type { Bundle, Calculation } from '#core/catalogue/types'
import { slotValues } from '#core/procedure/slots'
import { indexCatalogue } from '#core/catalogue/index'
import { runs, shareOf } from '#core/runs.testkit'
import { demoBundle } from '#demo/bundle'
import { withOtherMachines } from '#demo/otherMachines.testkit'
import { benchesOf, valuesOf } from './valuesOf.testkit'
import { calculators } from './calculators'
import type { Calculator, WorkbenchContext } from './calculator'

const by = (id: string) => calculators.find((one) => one.id === id) as Calculator

const figureOf = (id: string, label: string, bench: WorkbenchContext, typed: Record<string, string> = {}) =>
  by(id)
    .compute(valuesOf(by(id), bench, typed), bench)
    .find((line) => line.label === label)?.figure?.value as number

/** The calculation that a value comes from, and what it was before the scale took it. */
const workedOut = ({ value, reasons }: Setting): { calc: Calculation; wanted: number } | undefined => {
  const target = reasons.find((reason): reason is Extract<Reason, { code: 'target' }> => reason.code === 'target')
  if (!target || typeof target.to !== 'object' || !('calc' in target.to) || typeof value !== 'number') return undefined
  const asked = reasons.flatMap((reason) =>
    reason.code === 'heldToLimit' || reason.code === 'nearestReachable' ? [reason.wanted] : [],
  )
  return { calc: target.to.calc, wanted: asked[0] ?? value }
}

const measured = { holeSpacing: 3.4, ringWire: 2.1 }

/** Compares a stage of a card with the workbench; how many figures were compared. */
const compare = (stage: StageAnswer, bench: WorkbenchContext, of: string): number => {
  let compared = 0
  for (const setting of Object.values(stage.settings)) {
    const worked = setting && workedOut(setting)
    if (!worked) continue
    const { calc, wanted } = worked
    const close = (figure: number) => {
      compared++
      expect(figure, `${of}: ${calc}`).toBeCloseTo(wanted, 5)
    }
    const isAlone = bench.hand.stages.filter(({ works }) => works.includes(calc)).length === 1
    if (!isAlone) continue
    if (calc === 'blindHemBite' && bench.stage('blindHem')?.stage === stage.stage)
      close(figureOf('blind-hem', 'Width to set', bench))
    if (calc === 'holeSpacing')
      close(figureOf('button', 'Width', bench, { what: 'two', spacing: String(measured.holeSpacing) }))
    if (calc === 'ring') close(figureOf('button', 'Width', bench, { what: 'ring', wire: String(measured.ringWire) }))
    if (calc === 'quarterInch') close(figureOf('needle-guide', 'Needle position wanted', bench))
    if (calc === 'beadLength' || calc === 'cover') {
      compared++
      expect(wanted, of).toBeGreaterThanOrEqual(figureOf('density', 'Covers from', bench) - 1e-6)
      expect(wanted, of).toBeLessThanOrEqual(figureOf('density', 'Covers up to', bench) + 1e-6)
    }
  }
  return compared
}

const all = (bundle: Bundle, questions: readonly Question[]): number => {
  const benchOf = benchesOf(bundle)
  const index = indexCatalogue(bundle)
  let compared = 0
  for (const question of questions) {
    const { answer, bench } = benchOf(question)
    const of = `${question.technique} on ${question.model} in ${question.fabric}`
    for (const stage of answer.stages) {
      compared += compare(stage, bench, of)
      const fabric = index.fabrics.get(question.fabric)
      const guide = fabric && slotValues({ index, answer: stage, fabric }).get('guide')
      if (guide === undefined || bench.stage('blindHem')?.stage !== stage.stage) continue
      // What the card says and draws of a guide with a screw.
      compared++
      const [fold] = bench.stage('blindHem')?.sketch?.fabric.lines ?? []
      if (fold) expect(fold.at, of).toBeCloseTo(-Number(guide.split(' ')[0]), 1)
      expect(figureOf('blind-hem', 'Or set the guide', bench), of).toBeCloseTo(Number(guide.split(' ')[0]), 1)
    }
  }
  return compared
}

describe('card and workbench', () => {
  it('work out the same over a quarter of the demo’s cells, and of machines a shop enters', () => {
    const bundle = withOtherMachines(demoBundle())
    const questions = bundle.techniques.flatMap(({ id: technique, methods }) =>
      bundle.models.flatMap(({ id: model }) =>
        bundle.fabrics.flatMap(({ id: fabric }) =>
          [undefined, ...methods.map(({ id }) => id)].map((method): Question => ({
            technique,
            model,
            fabric,
            ...(method ? { method } : {}),
            job: { measured },
          })),
        ),
      ),
    )
    expect(all(bundle, shareOf(questions, 1 / 4))).toBeGreaterThan(runs(375))
  })

  it('work out the same in 900 random catalogues', () => {
    let compared = 0
    for (let seed = 1; seed <= runs(900); seed++) {
      const { bundle, question } = scene(seed)
      compared += all(bundle, [{ ...question, job: { ...question.job, measured } }])
    }
    expect(compared).toBeGreaterThan(runs(20) - 1)
  })

  it('refuse the same measured holes', () => {
    const bundle = withOtherMachines(demoBundle())
    const benchOf = benchesOf(bundle)
    let refused = 0
    for (const { id: model } of bundle.models)
      for (const spacing of [2.3, 3.7, 4.9, 6.2, 8.4, 12]) {
        const asked = { technique: 'button-sew-on', model, fabric: 'wool-suiting' }
        const { answer, bench } = benchOf({ ...asked, job: { measured: { holeSpacing: spacing } } })
        const calculator = by('button')
        const set = calculator.tries?.(valuesOf(calculator, bench, { what: 'two', spacing: String(spacing) }), bench)
        const width = answer.stages[0]?.settings.width?.value
        if (answer.stages.length === 0) refused++
        else expect(set, `${model} ${spacing}`).toEqual({ width })
      }
    expect(refused).toBeGreaterThan(20)
  })
})
