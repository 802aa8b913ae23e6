/**
 * The steps of a stage in the order of the trade: prepare, the planned moves with the technique's own steps where it
 * places `{fit}` and `{set}`, sew, finish.
 */
import type { CatalogueIndex } from '../catalogue/index'
import type { ControlRule, Controls, Id, Model, Parameter, Positions, Step } from '../catalogue/types'
import type { StageAnswer } from '../answer/types'
import type { Changeover } from '../changeover/changeover'
import type { ChangeoverPlan, PlanStep } from '../changeover/plan'
import { showValue } from '../answer/show'
import { valueAt } from '../changeover/positions'
import { isItemControl } from '../changeover/rules'
import { fillSlots, slotValues } from './slots'

/** One move of a control, with what its model says of it. */
export interface CardMove extends Pick<PlanStep, 'control' | 'from' | 'to' | 'hazards' | 'duties'> {
  /** Whose control it is. */
  model: Id
  /** Of a value: as the model shows it. */
  shown?: string | undefined
  /** What kind of word `to` is. */
  means: 'item' | 'needle' | 'thread' | 'stitch' | 'value' | 'position'
  /** How to say "put it there", and where it sits, where the model says so. */
  say?: string | undefined
  where?: string | undefined
}

export type CardStep =
  | {
      step: 'authored'
      phase: 'prepare' | 'sew' | 'finish'
      text: string
      check?: string | undefined
      caution?: string | undefined
      ifWrong?: string | undefined
    }
  /** Moves told in one breath. `unknown`: something about foot, plate or width is not stated. */
  | { step: 'moves'; moves: CardMove[]; unknown: boolean }
  /** No order of moves is legal from all it may be: look at these. */
  | { step: 'look'; controls: { control: string; where?: string | undefined }[] }
  | { step: 'blocked'; control: string; to: string; rules: ControlRule[] }
  | { step: 'scrap' }

export interface StepsInput {
  index: CatalogueIndex
  answer: StageAnswer
  model: Model
  changeover: Changeover
  authored: { prepare: readonly Step[]; sew: readonly Step[]; finish: readonly Step[] }
}

export const cardSteps = (input: StepsInput): CardStep[] => {
  const { authored, changeover, model } = input
  const values = slotValues(input)
  const ownSteps =
    (phase: 'prepare' | 'sew' | 'finish') =>
    (step: Step): CardStep => ({
      step: 'authored',
      phase,
      text: fillSlots(step.text, values),
      ...(step.check === undefined ? {} : { check: fillSlots(step.check, values) }),
      ...(step.caution === undefined ? {} : { caution: step.caution }),
      ...(step.ifWrong === undefined ? {} : { ifWrong: fillSlots(step.ifWrong, values) }),
    })
  const { fit, set } = fitAndSet(changeover, model, input.answer.cautions.length > 0)
  const blocks: Record<string, CardStep[]> = { '{fit}': fit, '{set}': [...set, { step: 'scrap' }] }
  const placed = (slot: string) => authored.sew.some(({ text }) => text === slot)
  const sew = authored.sew.flatMap((step) => blocks[step.text] ?? [ownSteps('sew')(step)])
  return placedOnce([
    ...authored.prepare.map(ownSteps('prepare')),
    ...(placed('{fit}') ? [] : (blocks['{fit}'] as CardStep[])),
    ...(placed('{set}') ? [] : (blocks['{set}'] as CardStep[])),
    ...sew,
    ...authored.finish.map(ownSteps('finish')),
  ])
}

/** Where a control sits is said when it is first moved. */
const placedOnce = (steps: readonly CardStep[]): CardStep[] => {
  const placed = new Set<string>()
  const once = ({ where, ...move }: CardMove): CardMove => {
    if (where === undefined || placed.has(move.control)) return move
    placed.add(move.control)
    return { ...move, where }
  }
  return steps.map((step) => (step.step === 'moves' ? { ...step, moves: step.moves.map(once) } : step))
}

/** A plan as steps of a card; where there is none, what to look at or what forbids it. */
export const planSteps = (plan: ChangeoverPlan, { controls }: Controls, model: Model, unknown = false): CardStep[] => {
  if (plan.outcome === 'look')
    return [{ step: 'look', controls: plan.controls.map((control) => ({ control, where: controls[control]?.where })) }]
  if (plan.outcome === 'blocked') return [{ step: 'blocked', control: plan.control, to: plan.to, rules: plan.rules }]
  const breaths = inBreaths(plan.steps.map((step) => cardMove(step, controls, model, plan.end)))
  return placedOnce(
    breaths.map((moves) => ({
      step: 'moves',
      moves,
      unknown: unknown && moves.some(({ control }) => control === 'handwheel'),
    })),
  )
}

/** Set once all is fitted: from the first thing chosen or set, with the switching on just before it. */
const fitAndSet = (changeover: Changeover, model: Model, unknown: boolean): { fit: CardStep[]; set: CardStep[] } => {
  const { plan, controls } = changeover
  if (plan.outcome !== 'plan') return { fit: planSteps(plan, controls, model), set: [] }
  const first = plan.steps.findIndex(({ control }) => SET_LAST.has(control) || control in model.scales)
  const before = plan.steps[first - 1]
  const at = first < 0 ? plan.steps.length : before?.control === 'power' && before.to === 'on' ? first - 1 : first
  const part = (from: number, to: number) =>
    planSteps({ ...plan, steps: plan.steps.slice(from, to) }, controls, model, unknown)
  return { fit: part(0, at), set: part(at, plan.steps.length) }
}

const SET_LAST: ReadonlySet<string> = new Set([
  'stitch',
  'handwheel',
  'feedDogs',
  'dualFeed',
  'buttonholeLever',
  'buttonholeStep',
])

/** `end`: how all stands once the plan is done, for a dial that reads otherwise then. */
const cardMove = (step: PlanStep, controls: Controls['controls'], model: Model, end: Positions): CardMove => {
  const { control, from, to, hazards, duties } = step
  const placed = controls[control]
  return {
    model: model.id,
    control,
    from,
    to,
    hazards,
    duties,
    means: meaning(control, model),
    ...shownValue(control, to, model, end),
    ...(placed?.say?.[to] === undefined ? {} : { say: placed.say[to] }),
    ...(placed?.where === undefined ? {} : { where: placed.where }),
  }
}

/** A value as the model shows it where it is to stand; nothing for another control. */
const shownValue = (control: string, to: string, { scales }: Model, setup: Positions): { shown?: string } => {
  const value = control in scales ? valueAt(to) : undefined
  if (value === undefined) return {}
  return { shown: showValue(value, control as Parameter, scales[control as Parameter], setup) }
}

export const meaning = (control: string, { scales }: Pick<Model, 'scales'>): CardMove['means'] => {
  if (isItemControl(control)) return 'item'
  if (control.startsWith('thread:')) return 'thread'
  if (control === 'needle' || control === 'stitch') return control
  return control in scales ? 'value' : 'position'
}

/** Short moves that are told together: getting clear, and choosing with its values. One with a duty ends its breath. */
const inBreaths = (moves: CardMove[]): CardMove[][] => {
  const breaths: CardMove[][] = []
  for (const move of moves) {
    const breath = breaths.at(-1)
    const last = breath?.at(-1)
    if (breath && last && last.duties.length + last.hazards.length === 0 && goTogether(last, move)) breath.push(move)
    else breaths.push([move])
  }
  return breaths
}

const CLEARING: ReadonlySet<string> = new Set(['needleHeight', 'footLift', 'power'])
const goTogether = (one: CardMove, next: CardMove): boolean =>
  (CLEARING.has(one.control) && CLEARING.has(next.control)) ||
  ((one.means === 'stitch' || one.means === 'value') && next.means === 'value') ||
  (one.control === 'power' && one.to === 'on' && next.means === 'stitch')
