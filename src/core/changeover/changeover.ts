/** What a stage of a card asks of a machine, planned: there, and back to normal sewing. */
import { LRUCache } from 'lru-cache'
import type { CatalogueIndex } from '../catalogue/index'
import { inRange } from '../answer/reach'
import type { ControlRule, Controls, Model, Parameter, Positions, Stage } from '../catalogue/types'
import type { StageAnswer } from '../answer/types'
import { stageGoal, type StageGoal } from './goal'
import { controlsOf, inFigures, isReset, normalSewing } from './machine'
import { planChangeover, rememberedSearch, type ChangeoverPlan } from './plan'
import { ANY, AS_BEFORE, UNKNOWN, valueAt, valuePosition } from './positions'
import type { Defaults } from './rules'

export interface Changeover extends Pick<StageGoal, 'goal' | 'defaults'> {
  /** The model's controls, with the rules of what is fitted for this stage. */
  controls: Controls
  from: Positions
  plan: ChangeoverPlan
  /**
   * From where the stage leaves the machine to normal sewing; left out where there is no plan, or it was not asked for.
   */
  back?: ChangeoverPlan
  /** Moved, nobody has said how they stand in normal sewing, and no plan can put them back: they are named. */
  asBefore?: string[]
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
  { stands, now, oneWay = false, movedBefore = [] }: ChangeoverOptions = {},
): Changeover => {
  const own = index.memory.of(rememberedControls)(model, index.items)
  const search = index.memory.lasting(rememberedSearch)
  const { goal: wanted, rules, ...staged } = stageGoal(index, answer, stage, model, own)
  const controls = index.memory.of(rememberedFitted)(own, rules)
  const from = stands ?? { ...inFigures(own.normal, model), ...now }
  const goal = leftWithin(wanted, from, model)
  const planned = (defaults: Defaults) => planChangeover({ controls, from, goal, defaults }, search)
  const { plan, defaults } = withMemoriesGone(staged, planned)
  if (plan.outcome !== 'plan' || oneWay) return { controls, goal, defaults, from, plan }
  const moved = new Set([...movedBefore, ...plan.steps.map(({ control }) => control)])
  return {
    controls,
    goal,
    defaults,
    from,
    plan,
    ...wayBack(index, model, controls, sewnFrom(plan.end, answer, model), moved),
  }
}

export interface ChangeoverOptions {
  stands?: Positions
  now?: Positions | undefined
  oneWay?: boolean
  /** Controls that the stages before have moved on this machine: the way back is theirs too. */
  movedBefore?: Iterable<string>
}

/**
 * The plan of a machine that remembers values for their stitch until the power goes off: where hands at the needle have
 * the power off anyhow before the stitch is chosen, it is known what it then brings.
 */
const withMemoriesGone = (
  { defaults, defaultsAfterPower }: Pick<StageGoal, 'defaults' | 'defaultsAfterPower'>,
  planned: (defaults: Defaults) => ChangeoverPlan,
): { plan: ChangeoverPlan; defaults: Defaults } => {
  const looking = planned(defaults)
  if (!defaultsAfterPower || !choosesAfterPower(looking)) return { plan: looking, defaults }
  const forgetting = planned(defaultsAfterPower)
  return choosesAfterPower(forgetting)
    ? { plan: forgetting, defaults: defaultsAfterPower }
    : { plan: looking, defaults }
}

const choosesAfterPower = (plan: ChangeoverPlan): boolean => {
  if (plan.outcome !== 'plan') return false
  const off = plan.steps.findIndex(({ control, to }) => control === 'power' && to === 'off')
  const chosen = plan.steps.findLastIndex(({ control }) => control === 'stitch')
  return off >= 0 && chosen > off
}

/** Where the stage leaves the machine: after sewing, a stitch sewn by steps at its last. */
const sewnFrom = (end: Positions, { stitch }: StageAnswer, { stitches }: Model): Positions => {
  const last = stitches.find(({ id }) => id === stitch)?.sequence?.at(-1)?.at
  const sewn = afterSewing(end)
  return last === undefined || !('buttonholeStep' in sewn) ? sewn : { ...sewn, buttonholeStep: last }
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

/**
 * Back to normal sewing of every control that was moved: as its model says it stands there, else as its scale does, and
 * what neither says is named. The machine's own values come with any stitch.
 */
const wayBack = (
  index: CatalogueIndex,
  model: Model,
  controls: Controls,
  from: Positions,
  moved: ReadonlySet<string>,
): Pick<Changeover, 'back' | 'asBefore'> => {
  const resetsItself = (id: string): boolean =>
    id in model.scales ? isReset(model.scales[id as Parameter]) : id === 'stitch' && controls.normal['stitch'] === SELF
  const normal = { ...normalOfScales(model), ...normalSewing(model, index.items, controls) }
  const isElsewhere = (id: string, at: string) => from[id] !== undefined && from[id] !== UNKNOWN && from[id] !== at
  const back = Object.fromEntries(
    Object.entries(normal).filter(
      ([id, at]) =>
        id in controls.controls &&
        !(id === 'stitch' && resetsItself(id)) &&
        (moved.has(id) || ALWAYS.has(id) || isElsewhere(id, at)),
    ),
  )
  const unsaid = [...moved].filter((id) => back[id] === undefined && !MOVED_BY_SEWING.has(id) && !resetsItself(id))
  const isOpen = (id: string) => controls.controls[id]?.positions.includes(ANY) ?? false
  for (const id of unsaid) if (isOpen(id)) back[id] = AS_BEFORE
  const asBefore = unsaid.filter((id) => !isOpen(id))
  const unvalued = Object.fromEntries(Object.keys(model.scales).map((id) => [id, UNKNOWN]))
  const search = index.memory.lasting(rememberedSearch)
  return {
    back: planChangeover({ controls, from, goal: back, defaults: unvalued }, search),
    ...(asBefore.length > 0 ? { asBefore } : {}),
  }
}

/** What way back ends with, moved before or not. */
const ALWAYS: ReadonlySet<string> = new Set(['power', 'handwheel', 'looperCover'])

/** A machine that chooses a stitch by itself when it is switched on. */
const SELF = 'switchedOn'
const MOVED_BY_SEWING: ReadonlySet<string> = new Set(['needleHeight', 'footLift', 'bobbin', 'handwheel', 'power'])

/** The normal mark of kept scales. */
const normalOfScales = ({ scales }: Model): Positions =>
  Object.fromEntries(
    Object.entries(scales).flatMap(([id, scale]): [string, string][] =>
      typeof scale === 'object' && scale.normal !== undefined && !isReset(scale)
        ? [[id, valuePosition(scale.normal)]]
        : [],
    ),
  )

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

/**
 * A machine's controls with the rules of what is fitted. The same for the same rules: what is found of controls is kept
 * as long as they are, and each card having its own would fill the memory with what nobody asks for again.
 */
const rememberedFitted = () => {
  const numbers = new WeakMap<Controls, number>()
  const fitted = new LRUCache<string, Controls>({ max: 1_000 })
  let count = 0
  return (own: Controls, rules: ControlRule[]): Controls => {
    if (rules.length === 0) return own
    const number = numbers.get(own) ?? count++
    numbers.set(own, number)
    const key = `${number} ${JSON.stringify(rules)}`
    const controls = fitted.get(key) ?? { ...own, rules: [...own.rules, ...rules] }
    fitted.set(key, controls)
    return controls
  }
}
