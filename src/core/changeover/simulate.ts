/** A machine that is moved by hand: what its rules forbid does not happen and says why. */
import type { Controls, Positions } from '../catalogue/types'
import { after, dutiesOf, forbidding, hazardsOf, standsAt, type Defaults, type Move, type NeedsRule } from './rules'

export type MoveResult =
  | { done: false; forbidden: NeedsRule[] }
  | {
      done: true
      state: Positions
      /** What the move reset, where it stood otherwise before. */
      reset: Positions
      duties: string[]
      hazards: string[]
    }

/** Makes one move. A move to where the control stands already does nothing. */
export const moveOnce = (controls: Controls, state: Positions, move: Move, defaults: Defaults): MoveResult => {
  if (standsAt(state, move.control) === move.to) return { done: true, state, reset: {}, duties: [], hazards: [] }
  const forbidden = forbidding(controls, state, move)
  if (forbidden.length > 0) return { done: false, forbidden }
  const next = after(controls, state, move, defaults)
  return {
    done: true,
    state: next,
    reset: Object.fromEntries(
      Object.entries(next).filter(([control, to]) => control !== move.control && standsAt(state, control) !== to),
    ),
    duties: dutiesOf(controls, move).map(({ duty }) => duty),
    hazards: hazardsOf(controls, move).map(({ hazard }) => hazard),
  }
}
