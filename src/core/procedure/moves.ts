/** Moves of a plan as they are told: what of them goes in one breath, with which cautions, and where controls sit. */
import { faceOf, showValue } from '../answer/show'
import type { CatalogueIndex } from '../catalogue/index'
import { sewsWithLoopers } from '../catalogue/kinds'
import type { Controls, Kind, Model, Parameter, Positions, Stitch } from '../catalogue/types'
import type { ChangeoverPlan, PlanStep } from '../changeover/plan'
import { needleAt, valueAt } from '../changeover/positions'
import { isItemControl } from '../changeover/rules'
import { untold, type Unnamed } from './ids'
import { needlesInOrder, needleTold } from './needles'
import type { Phase, ToldMove, ToldStep } from './types'

export interface Telling {
  index: Pick<CatalogueIndex, 'items'>
  model: Pick<Model, 'id' | 'scales' | 'kind'> & { stitches: readonly Pick<Stitch, 'id' | 'sequence'>[] }
  controls: Controls['controls']
  rules: Controls['rules']
  /** How all stands once the plan is done, for a dial that reads otherwise then. */
  end: Positions
  /** All that the plan moves. */
  moved: ReadonlySet<string>
}

/** How the moves of a plan are told. */
export const tellingOf = (told: Omit<Telling, 'end' | 'moved'>, plan: ChangeoverPlan): Telling => ({
  ...told,
  end: plan.outcome === 'plan' ? plan.end : {},
  moved: new Set(plan.outcome === 'plan' ? plan.steps.map(({ control }) => control) : []),
})

export const toldMove = (
  { control, from, to }: Pick<PlanStep, 'control' | 'from' | 'to'>,
  { index, model, controls, end, moved }: Telling,
): ToldMove => {
  const placed = controls[control]
  const foot = control === 'foot' ? index.items.get(to) : undefined
  const isCase =
    control === 'accessory' && [from, to].some((ids) => ids.split('+').some((id) => holdsBobbin(index, id)))
  return {
    model: model.id,
    control,
    from,
    to,
    means: meaning(control, model),
    ...shownValue(control, to, model, end),
    ...(placed?.say?.[to] === undefined ? {} : { say: placed.say[to] }),
    ...(placed?.where === undefined ? {} : { where: placed.where }),
    ...(foot?.attachment === 'snapOn' ? { snaps: true } : {}),
    // A walking foot's screw is told with its fork: the fork comes first.
    ...(foot?.attachment === 'screwOn' && !foot.functions?.includes('walking') ? { screws: true } : {}),
    ...(isCase ? { isCase } : {}),
    ...needleTold(control, to, { controls, end, moved }),
    ...(NEEDLES.has(control) ? needlesOf(control, model.kind, end) : {}),
    ...(control === 'stitch' && sewsWithLoopers(model.kind) ? { isSetUp: true } : {}),
    ...(control === 'stitch' && 'buttonholeStep' in controls && hasPlaces(model, to) ? { isDialled: true } : {}),
  }
}

const hasPlaces = ({ stitches }: Telling['model'], stitch: string): boolean =>
  stitches.some(({ id, sequence }) => id === stitch && sequence !== undefined)

const NEEDLES: ReadonlySet<string> = new Set(['needle', 'thread:needle'])
const needlesOf = (control: string, kind: Kind, end: Positions): Pick<ToldMove, 'needles'> => {
  if (sewsWithLoopers(kind)) return { needles: 'all' }
  const isTwin = control === 'thread:needle' && needleAt(end['needle'] ?? '')?.twin !== undefined
  return isTwin ? { needles: 'both' } : {}
}

const holdsBobbin = ({ items }: Telling['index'], id: string): boolean =>
  items.get(id)?.functions?.some((name) => name.startsWith('bobbinCase')) ?? false

/** A value as the model shows it where it is to stand; nothing for another control. */
const shownValue = (
  control: string,
  to: string,
  { scales }: Pick<Model, 'scales'>,
  setup: Positions,
): { shown?: string; holds?: Positions } => {
  const value = control in scales ? valueAt(to) : undefined
  if (value === undefined) return {}
  const scale = scales[control as Parameter]
  const face = faceOf(value, scale, setup)
  return face ? { shown: face.mark, holds: face.when } : { shown: showValue(value, control as Parameter, scale, setup) }
}

export const meaning = (control: string, { scales }: Pick<Model, 'scales'>): ToldMove['means'] => {
  if (isItemControl(control)) return 'item'
  if (control.startsWith('thread:')) return 'thread'
  if (control === 'needle' || control === 'stitch') return control
  return control in scales ? 'value' : 'position'
}

/** What is taken off leaves nothing to tighten, nor does a needle that is only laid ready. */
const isFastened = ({ control, to, stay }: ToldMove): boolean =>
  isItemControl(control) ? to !== 'none' && to !== 'off' : stay === undefined || stay.length > 0

/** One move of a plan as a step. */
export const moveStep = (phase: Phase, step: PlanStep, telling: Telling): Unnamed => {
  const move = toldMove(step, telling)
  return untold(
    phase,
    {
      tells: 'moves',
      moves: [move],
      duties: !isFastened(move) ? [] : step.duties.map((text) => ({ text, control: step.control })),
    },
    {
      cautions: step.hazards.map((text) => ({ text, control: step.control })),
      seconds: step.seconds,
      leaves: { ...step.reset, [step.control]: step.to },
    },
  )
}

/** Steps of moves that follow one another told together where they are short. One with a duty ends its breath. */
export const inBreaths = (steps: readonly Unnamed[]): Unnamed[] => {
  const breaths: Unnamed[] = []
  for (const step of steps) {
    const breath = breaths.at(-1)
    const joined = breath && joinedWith(breath, step)
    if (joined) breaths[breaths.length - 1] = joined
    else breaths.push(step)
  }
  return breaths
}

const joinedWith = (breath: Unnamed, step: Unnamed): Unnamed | undefined => {
  if (breath.tells !== 'moves' || step.tells !== 'moves' || breath.phase !== step.phase) return undefined
  const [last, next] = [breath.moves.at(-1), step.moves[0]]
  if (!last || !next || breath.duties.length + breath.cautions.length > 0 || !goTogether(last, next)) return undefined
  if (breath.moves.length >= MOST_IN_A_BREATH) return undefined
  return {
    ...breath,
    moves: [...breath.moves, ...step.moves],
    duties: step.duties,
    cautions: step.cautions,
    seconds: breath.seconds + step.seconds,
    leaves: { ...breath.leaves, ...step.leaves },
  }
}

/** More than so many nobody keeps in mind. */
const MOST_IN_A_BREATH = 4
const CLEARING: ReadonlySet<string> = new Set(['needleHeight', 'footLift', 'power', 'looperCover'])
const goTogether = (one: ToldMove, next: ToldMove): boolean =>
  (CLEARING.has(one.control) && CLEARING.has(next.control)) ||
  ((one.means === 'stitch' || one.means === 'value') && next.means === 'value') ||
  (one.control === 'power' && one.to === 'on' && next.means === 'stitch')

/** A plan as steps; where there is none, what to look at or what forbids it. */
export const planned = (phase: Phase, plan: ChangeoverPlan, telling: Telling): Unnamed[] => {
  const { controls } = telling
  if (plan.outcome === 'look') {
    const looked = plan.controls.map((control) => ({ control, where: controls[control]?.where }))
    return [untold(phase, { tells: 'look', controls: looked })]
  }
  if (plan.outcome === 'blocked')
    return [untold(phase, { tells: 'blocked', control: plan.control, to: plan.to, rules: plan.rules })]
  return inBreaths(needlesInOrder(plan.steps, telling.rules).map((step) => moveStep(phase, step, telling)))
}

/** All moves that a step tells, in their order. */
export const movesOf = (step: ToldStep | Unnamed): readonly ToldMove[] => ('moves' in step ? step.moves : [])
