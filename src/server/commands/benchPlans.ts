/** Planner times on the models that ship: every card of each, there and back, the slowest of their medians. */
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { changeoversOf } from '#core/card/changeovers'
import { planChangeover } from '#core/changeover/plan'
import { demoBundle } from '#demo/bundle'

const RUNS = 5

export const benchPlans = (row: (name: string, value: string) => void): void => {
  const bundle = demoBundle()
  const index = indexCatalogue(bundle)
  const answering = { index, fitOf: fitLookup(index) }
  for (const model of bundle.models) {
    const times = bundle.techniques.flatMap(({ id: technique }) =>
      ['cotton-shirting', 'stretch-jersey'].flatMap((fabric) => {
        const question = { model: model.id, technique, fabric }
        const answer = explain(answering, question)
        const stages = index.techniques.get(technique)?.methods.find(({ id }) => id === answer.method)?.stages ?? []
        return changeoversOf(index, answer, stages, model.id).map(({ controls, from, goal, defaults }) =>
          medianOf(() => void planChangeover({ controls, from, goal, defaults })),
        )
      }),
    )
    const sorted = times.sort((a, b) => a - b)
    const [middle, slowest] = [sorted[sorted.length >> 1], sorted.at(-1)]
    row(
      `  ${model.name}: ${times.length} plans, median; slowest`,
      middle === undefined || slowest === undefined ? 'none' : `${middle.toFixed(1)}; ${slowest.toFixed(1)} ms`,
    )
  }
}

const medianOf = (work: () => void): number => {
  const times = Array.from({ length: RUNS }, () => {
    const from = performance.now()
    work()
    return performance.now() - from
  })
  return times.sort((a, b) => a - b)[RUNS >> 1] as number
}
