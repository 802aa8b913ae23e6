/**
 * The legal sequence of moves with the least effort from where a machine stands to what a stage needs; among equals the
 * one that follows the trade's habit. Exact (A*). An unknown position counts as all it may be, so a plan holds from
 * every state consistent with what is known. (changeover.md)
 */
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import { compile } from './compile'
import { deferredOf, withDeferred } from './deferred'
import { memoizeSearch, type Search } from './memoizedSearch'
import { searchLeast, type TakenMove } from './search'
import { ABSENT, ANY, UNKNOWN } from './positions'
import { isResetByOthers, rulebookOf } from './rulebook'
import type { Defaults } from './rules'
import { moveOnce } from './simulate'

export interface PlanStep {
  control: string
  /** `?` where nobody said how it stood: "make sure". */
  from: string
  to: string
  seconds: number
  hazards: string[]
  /** What it leaves to do, told with this step. */
  duties: string[]
  /** What it takes back, where that stood otherwise. */
  reset: Positions
}

export type ChangeoverPlan =
  | { outcome: 'plan'; steps: PlanStep[]; seconds: number; end: Positions }
  /** Nothing is legal from every state it may be in: look at these first. */
  | { outcome: 'look'; controls: string[] }
  /** There is no legal way: the control that cannot come to its place, and the rules that forbid it. */
  | { outcome: 'blocked'; control: string; to: string; rules: ControlRule[] }

export interface PlanInput {
  controls: Controls
  /** How it stands; a control left out is unknown. */
  from: Readonly<Positions>
  /** How it must stand; a control left out may stand anywhere. */
  goal: Readonly<Positions>
  /** What the values come back to when the wanted stitch is chosen. */
  defaults?: Defaults
}

/** `search`: one that remembers, where many such questions are asked. */
export const planChangeover = (input: PlanInput, search: Search = searchAll): ChangeoverPlan => {
  const wanted = withinReach(input)
  const taken = search(wanted)
  if (taken) return planOf(wanted, taken)
  // Why there is none takes many searches, some of them the same.
  const again = memoizeSearch(search, MOST_AGAIN)
  const controls = whatToLookAt(wanted, again)
  if (controls) return { outcome: 'look', controls }
  return blocked(wanted, again)
}

const MOST_AGAIN = 500
const MOST_SEARCHES = 4000
/** A search that remembers as many questions as the cards of a shop ask. */
export const rememberedSearch = (): Search => memoizeSearch(searchAll, MOST_SEARCHES)

/** What the machine has no control for cannot be asked of it. */
const withinReach = (input: PlanInput): Required<PlanInput> => ({
  controls: input.controls,
  from: input.from,
  defaults: input.defaults ?? {},
  goal: Object.fromEntries(
    Object.entries(input.goal).filter(([control]) => {
      const own = input.controls.controls[control]
      return own !== undefined && !own.positions.includes(ABSENT)
    }),
  ),
})

/** Searches what hangs together; what no rule speaks of is one move each, put in where habit has it. */
export const searchAll = (input: Required<PlanInput>): TakenMove[] | undefined => {
  const { controls, from, goal } = input
  const loose = Object.keys(goal).filter((id) => goal[id] !== (from[id] ?? UNKNOWN) && isLoose(input, id))
  const bound = Object.fromEntries(Object.entries(goal).filter(([id]) => !loose.includes(id)))
  const deferred = deferredOf({ ...input, goal: bound })
  const later = new Set(deferred.map(({ control }) => control))
  const sought = Object.fromEntries(Object.entries(bound).filter(([id]) => !later.has(id)))
  const found = searchLeast(compile({ ...input, goal: sought }))
  const taken = found && withDeferred({ ...input, goal: bound }, found, deferred)
  if (!taken || loose.length === 0) return taken
  const { order } = rulebookOf(controls)
  const late = (id: string): number => order.get(id) as number
  const left = [...loose].sort((a, b) => late(a) - late(b))
  const merged: TakenMove[] = []
  // From the end, as the search does: whatever comes later in the trade's order is done later.
  for (const step of [...taken].reverse()) {
    while (left.length > 0 && late(left.at(-1) as string) > late(step.control)) {
      const control = left.pop() as string
      merged.push({ control, to: goal[control] as string })
    }
    merged.push(step)
  }
  merged.push(...left.reverse().map((control) => ({ control, to: goal[control] as string })))
  return merged.reverse()
}

/** No rule speaks of it, and one move brings it there. */
const isLoose = ({ controls, defaults, goal }: Required<PlanInput>, id: string): boolean => {
  const positions = controls.controls[id]?.positions ?? []
  if (!(positions.includes(ANY) || positions.includes(goal[id] as string))) return false
  const book = rulebookOf(controls)
  const isSpokenOf = [book.needsOf, book.needsFrom, book.resetsAfter].some((rules) => rules.has(id))
  return !isSpokenOf && !isResetByOthers(book, id, defaults)
}

const planOf = ({ controls, from, defaults }: Required<PlanInput>, taken: TakenMove[]): ChangeoverPlan => {
  let state: Positions = { ...from }
  const left: string[][] = []
  const steps = taken.map(({ control, to }): PlanStep => {
    const moved = moveOnce(controls, state, { control, to }, defaults)
    if (!moved.done) throw new Error(`the plan moves ${control} to ${to} against ${moved.forbidden[0]?.id}`)
    const step: PlanStep = {
      control,
      from: state[control] ?? UNKNOWN,
      to,
      seconds: controls.controls[control]?.seconds ?? 0,
      hazards: moved.hazards,
      duties: [],
      reset: moved.reset,
    }
    left.push(moved.duties)
    state = moved.state
    return step
  })
  placeDuties(steps, left)
  return { outcome: 'plan', steps, seconds: steps.reduce((sum, { seconds }) => sum + seconds, 0), end: state }
}

/**
 * A duty is told with the step that leaves it; one of the power switch waits until what is set with power on is set.
 * `left`: the duties that each step leaves.
 */
const placeDuties = (steps: readonly PlanStep[], left: readonly (readonly string[])[]): void =>
  steps.forEach(({ control }, i) => {
    const duties = left[i] ?? []
    if (duties.length === 0) return
    const last = control === 'power' ? steps.findIndex((step, j) => j > i && step.control === 'power') : i + 1
    const at = control === 'power' ? (last < 0 ? steps.length : last) - 1 : i
    steps[at]?.duties.push(...duties)
  })

/**
 * Fewest unknown controls whose place, once known, always leaves a way; failing that the first that leaves one in some
 * place at least. Undefined where looking would not help.
 */
const whatToLookAt = (input: Required<PlanInput>, search: Search): string[] | undefined => {
  const { controls, from } = input
  const unknown = compile(input).controls.filter((id) => (from[id] ?? UNKNOWN) === UNKNOWN && isListed(controls, id))
  const ways = (looked: readonly string[]): boolean[] =>
    everyPlace(controls, looked).map((places) => search({ ...input, from: { ...from, ...places } }) !== undefined)
  const sets = [
    ...unknown.map((one) => [one]),
    ...unknown.flatMap((one, i) => unknown.slice(i + 1).map((other) => [one, other])),
  ]
  const found = sets.map((looked) => ({ looked, ways: ways(looked) }))
  return (found.find((one) => one.ways.every(Boolean)) ?? found.find((one) => one.ways.some(Boolean)))?.looked
}

const isListed = ({ controls }: Controls, id: string): boolean => !controls[id]?.positions.includes(ANY)

const everyPlace = ({ controls }: Controls, looked: readonly string[]): Positions[] =>
  looked.reduce<Positions[]>(
    (combined, id) =>
      combined.flatMap((places) => (controls[id]?.positions ?? []).map((at) => ({ ...places, [id]: at }))),
    [{}],
  )

/** The first thing wanted that cannot be had, alone or with the rest, and the rules without one of which it could. */
const blocked = (input: Required<PlanInput>, search: Search): ChangeoverPlan => {
  const wanted = Object.entries(input.goal)
  const alone = wanted.find(([control, to]) => search({ ...input, goal: { [control]: to } }) === undefined)
  const [control, to] =
    alone ??
    wanted.find((_, i) => search({ ...input, goal: Object.fromEntries(wanted.slice(0, i + 1)) }) === undefined) ??
    (wanted[0] as [string, string])
  const goal = alone ? { [control]: to } : input.goal
  const binding = input.controls.rules.filter((rule) => 'needs' in rule || 'resets' in rule)
  const without = (dropped: ControlRule): Controls => ({
    ...input.controls,
    rules: input.controls.rules.filter((rule) => rule !== dropped),
  })
  const freeing = binding.filter((rule) => search({ ...input, goal, controls: without(rule) }) !== undefined)
  const rules = freeing.length > 0 ? freeing : binding.filter((rule) => speaksOf(rule, control))
  return { outcome: 'blocked', control, to, rules: rules.length > 0 ? rules : binding }
}

const speaksOf = (rule: ControlRule, control: string): boolean =>
  'needs' in rule
    ? rule.for.control === control
    : 'resets' in rule && rule.resets !== 'stitchDefaults' && control in rule.resets
