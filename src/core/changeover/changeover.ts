/** What a stage of a card asks of a machine, planned: there, and back to normal sewing. */
import { LRUCache } from 'lru-cache'
import type { CatalogueIndex } from '../catalogue/index'
import { inRange } from '../answer/reach'
import type { Controls, Model, Parameter, Positions, Stage } from '../catalogue/types'
import type { StageAnswer } from '../answer/types'
import { stageGoal, type StageGoal } from './goal'
import { controlsOf, inFigures, isReset, normalSewing } from './machine'
import { planChangeover, rememberedSearch, type ChangeoverPlan } from './plan'
import { UNKNOWN, valueAt } from './positions'

export interface Changeover extends Pick<StageGoal, 'goal' | 'defaults'> {
  /** The model's controls, with the rules of what is fitted for this stage. */
  controls: Controls
  from: Positions
  plan: ChangeoverPlan
  /**
   * From where the stage leaves the machine to normal sewing; left out where there is no plan, or it was not asked for.
   */
  back?: ChangeoverPlan
}

/**
 * `stands`: all that is known of how it stands. `now`: what is said on top of normal sewing. With neither it stands as
 * for normal sewing. `oneWay`: the way back is not asked for.
 */
export const changeoverOf = (
  index: CatalogueIndex,
  answer: StageAnswer,
  stage: Stage,
  model: Model,
  { stands, now, oneWay = false }: { stands?: Positions; now?: Positions | undefined; oneWay?: boolean } = {},
): Changeover => {
  const own = index.memory.of(rememberedControls)(model, index.items)
  const search = index.memory.lasting(rememberedSearch)
  const { goal: wanted, defaults, rules } = stageGoal(index, answer, stage, model, own)
  const controls = { ...own, rules: [...own.rules, ...rules] }
  const from = stands ?? { ...inFigures(own.normal, model), ...now }
  const goal = leftWithin(wanted, from, model)
  const plan = planChangeover({ controls, from, goal, defaults }, search)
  if (plan.outcome !== 'plan' || oneWay) return { controls, goal, defaults, from, plan }
  const sewn = afterSewing(plan.end)
  return { controls, goal, defaults, from, plan, back: wayBack(index, model, controls, goal, sewn) }
}

/** A range that holds what stands there, and keeps it, is left as it stands. */
const leftWithin = (goal: Positions, from: Readonly<Positions>, { scales }: Model): Positions =>
  Object.fromEntries(
    Object.entries(goal).map(([control, at]) => {
      const range = control in scales && !isReset(scales[control as Parameter]) ? valueAt(at) : undefined
      const stands = valueAt(from[control] ?? UNKNOWN)
      const holds = typeof range === 'object' && typeof stands === 'number' && inRange(stands, range)
      return [control, holds ? (from[control] as string) : at]
    }),
  )

/** Who has sewn has moved needle and foot and used thread: how those stand is not known any more. */
export const afterSewing = ({ needleHeight: _, footLift: __, bobbin: ___, ...rest }: Positions): Positions => rest

/** Back to what normal sewing says, of all that the stage changed; the machine's own values come with any stitch. */
const wayBack = (
  index: CatalogueIndex,
  model: Model,
  controls: Controls,
  goal: Positions,
  from: Positions,
): ChangeoverPlan => {
  const normal = normalSewing(model, index.items, controls)
  const back = Object.fromEntries(Object.entries(normal).filter(([id]) => id !== 'stitch' && goal[id] !== undefined))
  const unvalued = Object.fromEntries(Object.keys(model.scales).map((id) => [id, UNKNOWN]))
  return planChangeover({ controls, from, goal: back, defaults: unvalued }, index.memory.lasting(rememberedSearch))
}

/** The controls of models, found once; those that say the same are the same, so that plans for them are too. */
const rememberedControls = () => {
  const byModel = new WeakMap<Model, Controls>()
  const byText = new LRUCache<string, Controls>({ max: 500 })
  return (model: Model, items: CatalogueIndex['items']): Controls => {
    const cached = byModel.get(model)
    if (cached) return cached
    const own = controlsOf(model, items)
    const text = JSON.stringify(own)
    const controls = byText.get(text) ?? own
    byText.set(text, controls)
    byModel.set(model, controls)
    return controls
  }
}
