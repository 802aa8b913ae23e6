/**
 * Three facts of every value, never mixed: what the book states for the stitch, what the control shows once the stitch
 * is chosen, and what the card wants. What is to be set is read off the plan's own moves. (procedure.md)
 */
import type { Setting } from '../answer/types'
import type { Parameter, Range, Scale } from '../catalogue/types'
import type { Changeover } from '../changeover/changeover'
import { isReset } from '../changeover/machine'
import { UNKNOWN, valueAt } from '../changeover/positions'

export interface Standing {
  /** What the control shows once the stitch is chosen; left out where that is not known. */
  stands?: number | Range | 'auto'
  /** Choosing a stitch sets it anew, or may. */
  resets: boolean
  /**
   * `set`: it must be set, or nobody knows how it stands. `leave`: it stands so already. `silent`: the book says
   * nothing, start from normal. `absent`: the model has no such control.
   */
  act: 'set' | 'leave' | 'silent' | 'absent'
}

export const standingOf = (
  parameter: Parameter,
  { value, changed }: Setting,
  scale: Scale | 'absent' | undefined,
  { plan, goal }: Pick<Changeover, 'plan' | 'goal'>,
): Standing => {
  const resets = isReset(scale)
  if (value === 'absent') return { resets, act: 'absent' }
  if (value === 'unstated') return { resets, act: 'silent' }
  // Without a legal plan nothing is known of how it will stand; without a control in the plan only the book is.
  if (plan.outcome !== 'plan') return { resets, act: 'set' }
  if (goal[parameter] === undefined) return { resets, act: changed ? 'set' : 'leave' }
  const move = plan.steps.findLast(({ control }) => control === parameter)
  const at = move ? move.from : (plan.end[parameter] ?? UNKNOWN)
  const stands = valueAt(at)
  return { ...(stands === undefined ? {} : { stands }), resets, act: move ? 'set' : 'leave' }
}
