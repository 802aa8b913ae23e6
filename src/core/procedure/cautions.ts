/** Cautions and places as they are told: once, where the danger begins or the control is first moved. */
import { movesOf } from './moves'
import type { Unnamed } from './ids'
import type { ToldMove, ToldStep } from './types'

/** Steps as they are told one after the other. */
export const toldOnce = (steps: readonly ToldStep[]): ToldStep[] => placedOnce(untilPowerOn(cautionedOnce(steps)))

/** Where a control sits is said when it is first moved. */
export const placedOnce = <Step extends Unnamed>(steps: readonly Step[], placed = new Set<string>()): Step[] => {
  const once = ({ where, ...move }: ToldMove): ToldMove => {
    if (where === undefined || placed.has(move.control)) return move
    placed.add(move.control)
    return { ...move, where }
  }
  return steps.map((step) => ('moves' in step ? { ...step, moves: step.moves.map(once) } : step))
}

/** A caution is said once, where the danger begins, with the last step that it holds for. */
export const cautionedOnce = (steps: readonly ToldStep[]): ToldStep[] => {
  const begun = new Map<string, { step: ToldStep; at: number }>()
  const told = steps.map((step): ToldStep => ({ ...step, cautions: [] }))
  steps.forEach(({ cautions }, i) => {
    const step = told[i] as ToldStep
    for (const caution of cautions) {
      const first = begun.get(caution.text)
      if (!first) {
        step.cautions.push({ ...caution })
        begun.set(caution.text, { step, at: step.cautions.length - 1 })
      } else first.step.cautions[first.at] = { ...(first.step.cautions[first.at] as typeof caution), until: step.id }
    }
  })
  return told
}

/** What is said of the power that goes off holds until it comes on. */
const untilPowerOn = (steps: readonly ToldStep[]): ToldStep[] =>
  steps.map((step, i) => {
    if (!step.cautions.some(({ control }) => control === 'power')) return step
    const on = steps.findIndex(
      (later, j) => j > i && movesOf(later).some(({ control, to }) => control === 'power' && to === 'on'),
    )
    const until = steps[on]?.id
    if (until === undefined) return step
    return { ...step, cautions: step.cautions.map((one) => (one.control === 'power' ? { ...one, until } : one)) }
  })
