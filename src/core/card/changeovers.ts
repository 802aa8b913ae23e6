/** The changeovers of all stages of an answer. */
import type { Answer } from '../answer/types'
import type { CatalogueIndex } from '../catalogue/index'
import type { Positions, Stage } from '../catalogue/types'
import { afterSewing, changeoverOf, type Changeover } from '../changeover/changeover'

/**
 * Each stage from where the one before left its machine; the way back of all on a machine after the last. `oneWay`:
 * without the ways back.
 */
export const changeoversOf = (
  index: CatalogueIndex,
  answer: Answer,
  stages: readonly Stage[],
  asked: string,
  now?: Positions,
  oneWay = false,
): Changeover[] => {
  const left = new Map<string, Positions>()
  const moved = new Map<string, Set<string>>()
  return answer.stages.map((given, i) => {
    const model = found(index.models.get(given.model))
    const stage = found(stages.find(({ id }) => id === given.stage))
    const stands = left.get(model.id)
    const movedBefore = moved.get(model.id) ?? new Set<string>()
    const isLast = !answer.stages.slice(i + 1).some((later) => later.model === model.id)
    const changeover = changeoverOf(index, given, stage, model, {
      oneWay: oneWay || !isLast,
      movedBefore,
      ...(stands ? { stands } : { now: model.id === asked ? now : undefined }),
    })
    if (changeover.plan.outcome === 'plan') {
      left.set(model.id, afterSewing(changeover.plan.end))
      moved.set(model.id, new Set([...movedBefore, ...changeover.plan.steps.map(({ control }) => control)]))
    }
    return changeover
  })
}

export const found = <T>(thing: T | undefined): T => {
  if (thing === undefined) throw new Error('the answer speaks of something that the catalogue has not')
  return thing
}
