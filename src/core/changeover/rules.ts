/** What a machine's rules say of one move, and what the move does. (changeover.md) */
import { grouped } from '../catalogue/grouped'
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import { ANY, UNKNOWN } from './positions'

export type NeedsRule = Extract<ControlRule, { needs: unknown }>
export type ResetsRule = Extract<ControlRule, { resets: unknown }>
export type DutyRule = Extract<ControlRule, { duty: unknown }>
export type HazardRule = Extract<ControlRule, { hazard: unknown }>

const ITEM_CONTROLS: ReadonlySet<string> = new Set(['foot', 'plate', 'ankle', 'adapter', 'accessory'])
/** Whether a control holds things of the catalogue, several parted by `+`. */
export const isItemControl = (control: string): boolean => ITEM_CONTROLS.has(control)

export interface Move {
  control: string
  to: string
}

/** By the control whose moves they speak of. A machine is asked about often, and its rules never change. */
const books = new WeakMap<readonly ControlRule[], Map<string, ControlRule[]>>()
const NO_RULES: readonly ControlRule[] = []

/** The rules that speak of a control's moves, in their order. */
export const rulesOfMoves = (rules: readonly ControlRule[], control: string): readonly ControlRule[] => {
  let book = books.get(rules)
  if (!book) books.set(rules, (book = grouped(rules, (rule) => [movedBy(rule)])))
  return book.get(control) ?? NO_RULES
}

const movedBy = (rule: ControlRule): string => {
  if ('needs' in rule) return rule.for.control
  return 'hazard' in rule ? rule.on.control : rule.after.control
}

/** What choosing a stitch, or another thing that resets to "stitchDefaults", sets the values to. */
export type Defaults = Readonly<Positions>

export const standsAt = (state: Readonly<Positions>, control: string): string => state[control] ?? UNKNOWN

/** Every rule that forbids the move from this state. An unknown position may be any: what it may break is broken. */
export const forbidding = ({ rules, controls }: Controls, state: Readonly<Positions>, move: Move): NeedsRule[] => {
  const from = standsAt(state, move.control)
  return rulesOfMoves(rules, move.control).filter((rule): rule is NeedsRule => {
    if (!('needs' in rule)) return false
    if (rule.for.to !== undefined && rule.for.to !== move.to) return false
    // From an unknown place it may be the one the rule speaks of, unless that is where it is to go.
    if (rule.for.from !== undefined && rule.for.from !== from && (from !== UNKNOWN || rule.for.from === move.to))
      return false
    return Object.entries(rule.needs).some(
      ([control, allowed]) => controls[control] !== undefined && !certainly(controls, state, control, allowed),
    )
  })
}

/** Whether a control surely stands at one of these. */
export const certainly = (
  controls: Controls['controls'],
  state: Readonly<Positions>,
  control: string,
  allowed: readonly string[],
): boolean => {
  const at = standsAt(state, control)
  if (at !== UNKNOWN) return allowed.includes(at)
  const positions = controls[control]?.positions ?? []
  return !positions.includes(ANY) && positions.every((position) => allowed.includes(position))
}

/** What a move resets, by control: the rules after it, in their order. */
export const resetsOf = ({ rules, controls }: Controls, move: Move, defaults: Defaults): Positions => {
  const reset: Positions = {}
  for (const rule of rulesOfMoves(rules, move.control)) {
    if (!('resets' in rule) || !follows(rule.after, move)) continue
    const given = rule.resets === 'stitchDefaults' ? defaults : rule.resets
    for (const [control, to] of Object.entries(given)) {
      if (controls[control] !== undefined && control !== move.control) reset[control] = to
    }
  }
  return reset
}

/** The machine after a legal move. Where it is not known that the move moved anything, nor is what it reset. */
export const after = (controls: Controls, state: Readonly<Positions>, move: Move, defaults: Defaults): Positions => {
  const moved = standsAt(state, move.control) !== UNKNOWN
  const next: Positions = { ...state, [move.control]: move.to }
  for (const [control, to] of Object.entries(resetsOf(controls, move, defaults))) {
    next[control] = moved || state[control] === to ? to : UNKNOWN
  }
  return next
}

export const dutiesOf = ({ rules }: Pick<Controls, 'rules'>, move: Move): DutyRule[] =>
  rulesOfMoves(rules, move.control).filter((rule): rule is DutyRule => 'duty' in rule && follows(rule.after, move))

export const hazardsOf = ({ rules }: Pick<Controls, 'rules'>, move: Move): HazardRule[] =>
  rulesOfMoves(rules, move.control).filter((rule): rule is HazardRule => 'hazard' in rule && follows(rule.on, move))

/** Of a rule that speaks of this control's moves. */
const follows = ({ to }: { to?: string }, move: Move): boolean => to === undefined || to === move.to
