/**
 * Moves that a plan can do without and be given afterwards: what nothing waits for, and what may be moved whenever some
 * other control that must move may. Leaving it out costs just its own seconds, so the plan stays the least; the search
 * has half as many states for each.
 */
import type { Controls, Positions } from '../catalogue/types'
import { ANY } from './positions'
import type { PlanInput } from './plan'
import { isResetByOthers, rulebookOf } from './rulebook'
import { after, certainly, standsAt, type NeedsRule } from './rules'
import type { TakenMove } from './search'

export interface Deferred {
  control: string
  /** What may be moved only while this may. */
  with: string
}

type Input = Required<PlanInput>

/** Those among the wanted controls, the ones they are put beside left in. */
export const deferredOf = (input: Input): Deferred[] => {
  const { goal, from } = input
  const moving = Object.keys(goal).filter((id) => goal[id] !== standsAt(from, id))
  const kept = new Set<string>()
  const deferred: Deferred[] = []
  for (const control of moving) {
    if (kept.has(control) || !isLeaf(input, control)) continue
    const beside = moving.find(
      (other) =>
        other !== control &&
        isMovedSurely(input, other) &&
        !deferred.some((one) => one.control === other) &&
        holdsAll(conditions(input, other, true), conditions(input, control, false)) &&
        holdsAll(resetsBy(input, other), resetsBy(input, control)) &&
        ![control, other].some((id) => minds(input, id, resetControls(input, control))),
    )
    if (beside === undefined) continue
    kept.add(beside)
    deferred.push({ control, with: beside })
  }
  return deferred
}

const holdsAll = (some: ReadonlySet<string>, others: ReadonlySet<string>): boolean =>
  [...others].every((one) => some.has(one))

/** Nothing waits for it, and only a move of its own brings it there. */
const isLeaf = (input: Input, id: string): boolean =>
  isMovedSurely(input, id) && !rulebookOf(input.controls).needsFrom.has(id)

/** Nothing resets it, and it can be moved to the goal. */
const isMovedSurely = ({ controls, defaults, goal }: Input, id: string): boolean => {
  const positions = controls.controls[id]?.positions ?? []
  if (!(positions.includes(ANY) || positions.includes(goal[id] as string))) return false
  return !isResetByOthers(rulebookOf(controls), id, defaults)
}

/** What must stand so for its move to the goal; `surely`: what must in any case, wherever it comes from. */
const conditions = (input: Input, id: string, surely: boolean): Set<string> =>
  new Set(
    needsOf(input, id, surely).flatMap(({ needs }) =>
      Object.entries(needs).flatMap(([control, allowed]) =>
        input.controls.controls[control] === undefined ? [] : [`${control} ${[...allowed].sort().join('|')}`],
      ),
    ),
  )

const needsOf = ({ controls, goal }: Input, id: string, surely: boolean): NeedsRule[] =>
  (rulebookOf(controls).needsOf.get(id) ?? []).filter(
    (rule) => (rule.for.to === undefined || rule.for.to === goal[id]) && !(surely && rule.for.from !== undefined),
  )

/** What its move to the goal resets. */
const resetsBy = ({ controls, goal, defaults }: Input, id: string): Set<string> =>
  new Set(
    (rulebookOf(controls).resetsAfter.get(id) ?? []).flatMap((rule) => {
      if (rule.after.to !== undefined && rule.after.to !== goal[id]) return []
      return Object.entries(rule.resets === 'stitchDefaults' ? defaults : rule.resets).map(([to, at]) => `${to} ${at}`)
    }),
  )

const resetControls = (input: Input, id: string): Set<string> =>
  new Set([...resetsBy(input, id)].map((one) => one.split(' ')[0] as string))

/** Whether a move of it asks how one of these stands. */
const minds = ({ controls }: Input, id: string, others: ReadonlySet<string>): boolean =>
  (rulebookOf(controls).needsOf.get(id) ?? []).some(({ needs }) => Object.keys(needs).some((one) => others.has(one)))

/** The moves with the deferred ones among them, each where habit has it while it may be made. */
export const withDeferred = (input: Input, taken: readonly TakenMove[], deferred: readonly Deferred[]): TakenMove[] => {
  const { order } = rulebookOf(input.controls)
  const late = (id: string): number => order.get(id) as number
  const moves = [...taken]
  for (const { control, with: beside } of deferred) {
    const to = input.goal[control] as string
    const states = statesOf(input, moves)
    const anchor = moves.findLastIndex((move) => move.control === beside && move.to === input.goal[beside])
    const isOpen = (place: number): boolean =>
      mayMove(input.controls, states[place] as Positions, needsOf(input, control, false))
    const reset = resetControls(input, control)
    // Earlier than what resets the same it would reset it for the moves between.
    const isUntouched = ({ control: moved }: TakenMove): boolean => !reset.has(moved) && !minds(input, moved, reset)
    let [first, last] = [anchor, anchor]
    while (first > 0 && isOpen(first - 1) && isUntouched(moves[first - 1] as TakenMove)) first--
    while (last < moves.length && isOpen(last + 1) && !reset.has(moves[last]?.control ?? '')) last++
    let place = last
    while (place > first && late((moves[place - 1] as TakenMove).control) > late(control)) place--
    moves.splice(place, 0, { control, to })
  }
  return moves
}

/** How all stands before each move, and after the last. */
const statesOf = ({ controls, from, defaults }: Input, moves: readonly TakenMove[]): Positions[] => {
  const states: Positions[] = [{ ...from }]
  for (const move of moves) states.push(after(controls, states.at(-1) as Positions, move, defaults))
  return states
}

const mayMove = ({ controls }: Controls, state: Positions, needs: readonly NeedsRule[]): boolean =>
  needs.every((rule) =>
    Object.entries(rule.needs).every(
      ([control, allowed]) => controls[control] === undefined || certainly(controls, state, control, allowed),
    ),
  )
