/** The search behind a plan: the least effort, and of its sequences the one by habit. */
import TinyQueue from 'tinyqueue'
import { ANYWHERE, type Compiled, type CompiledMove } from './compile'

export interface TakenMove {
  control: string
  to: string
}

type Places = number[]

/** More states than any real machine has; a question that needs more has no answer here. */
const MOST_STATES = 400_000

interface Seen {
  places: Places
  /** Least seconds from the start. */
  spent: number
  /** Every last move of a sequence of that effort. */
  by: { move: CompiledMove; from: Seen }[]
  /** How often it was reached for less than before; an older entry of the open list is worth nothing. */
  round: number
}

/**
 * The least effort by A*, kept going until every sequence of that effort is known, then the one that follows habit: its
 * last moves are those that come latest in the trade's order, so that what is only done for a while is done when it is
 * needed and not before. Undefined where there is no way.
 */
export const searchLeast = (compiled: Compiled): TakenMove[] | undefined => {
  const ends = leastEffort(compiled)
  return ends.length === 0 ? undefined : byHabit(compiled, ends)
}

const leastEffort = (compiled: Compiled): Seen[] => {
  const first: Seen = { places: compiled.start, spent: 0, by: [], round: 0 }
  const seen = new Map<string, Seen>([[keyOf(first.places), first]])
  const bounds = new Map<Seen, number>()
  const boundOf = (state: Seen): number => {
    const bound = bounds.get(state) ?? surelyToSpend(compiled, state.places)
    bounds.set(state, bound)
    return bound
  }
  const open = new TinyQueue<{ total: number; state: Seen; round: number }>(
    [],
    (a, b) => a.total - b.total || b.state.spent - a.state.spent,
  )
  open.push({ total: boundOf(first), state: first, round: 0 })
  const ends: Seen[] = []
  let effort = Infinity
  for (let next = open.pop(); next && next.total <= effort + SAME; next = open.pop()) {
    const { state, round } = next
    if (round !== state.round) continue
    if (reached(compiled, state.places)) {
      effort = state.spent
      ends.push(state)
      continue
    }
    if (seen.size > MOST_STATES) return []
    for (const move of compiled.moves) {
      if (!legal(compiled, state.places, move)) continue
      const spent = state.spent + (compiled.seconds[move.control] as number)
      const places = moved(compiled, state.places, move)
      const key = keyOf(places)
      const earlier = seen.get(key)
      if (earlier && earlier.spent < spent - SAME) continue
      if (earlier && earlier.spent <= spent + SAME) {
        earlier.by.push({ move, from: state })
        continue
      }
      const then: Seen = earlier ?? { places, spent, by: [], round: -1 }
      then.spent = spent
      then.by = [{ move, from: state }]
      then.round++
      seen.set(key, then)
      const total = spent + boundOf(then)
      if (total <= effort + SAME) open.push({ total, state: then, round: then.round })
    }
  }
  return ends
}

/** Seconds nearer than this are the same. */
const SAME = 1e-9

/** Back from the ends: of all last moves the latest in the order of habit, and so on among what led there. */
const byHabit = (compiled: Compiled, ends: readonly Seen[]): TakenMove[] => {
  const order = new Map(compiled.moves.map((move, i) => [move, i]))
  const backwards: CompiledMove[] = []
  let states: ReadonlySet<Seen> = new Set(ends)
  for (;;) {
    const steps = [...states].flatMap(({ by }) => by)
    if (steps.length === 0) break
    const last = steps.reduce((latest, step) =>
      (order.get(step.move) as number) > (order.get(latest.move) as number) ? step : latest,
    ).move
    backwards.push(last)
    states = new Set(steps.filter(({ move }) => move === last).map(({ from }) => from))
  }
  return backwards.reverse().map(({ control, to }) => ({
    control: compiled.controls[control] as string,
    to: compiled.words[control]?.[to] as string,
  }))
}

const keyOf = (places: Places): string => String.fromCharCode(...places)

const reached = ({ goal }: Compiled, places: Places): boolean =>
  goal.every((wanted, control) => wanted < 0 || places[control] === wanted)

const legal = ({ unknown }: Compiled, places: Places, move: CompiledMove): boolean => {
  const from = places[move.control] as number
  if (from === move.to) return false
  return move.needs.every(
    (need) =>
      (need.from !== ANYWHERE && need.from !== from && from !== unknown[move.control]) ||
      need.allowed[places[need.control] as number] === true,
  )
}

const moved = ({ unknown }: Compiled, places: Places, move: CompiledMove): Places => {
  const then = places.slice()
  const surely = places[move.control] !== unknown[move.control]
  then[move.control] = move.to
  for (const { control, to } of move.resets) {
    if (surely || places[control] === to) then[control] = to
    else then[control] = unknown[control] as number
  }
  return then
}

/**
 * Seconds that are surely still to spend: every control that must move counts once, twice where it must leave its place
 * for a while and come back. What a reset may bring about is not counted, but what a sure move resets is.
 */
const surelyToSpend = (compiled: Compiled, places: Places): number => {
  const { controls, goal, seconds, demands, resetTo, resetsAt } = compiled
  const times = new Array<number>(controls.length).fill(0)
  const waiting: number[] = []
  const must = (control: number, count: number) => {
    if (count <= (times[control] as number)) return
    if (times[control] === 0) waiting.push(control)
    times[control] = count
  }
  /** Whether it can only come to its goal by a move of its own. */
  const byItself = (control: number): boolean =>
    (goal[control] as number) >= 0 && !resetTo[control]?.has(goal[control] as number)
  const surelyComesTo = (control: number, to: number) => {
    for (const reset of resetsAt[control]?.[to] ?? [])
      if (reset.to !== goal[reset.control] && byItself(reset.control)) must(reset.control, 1)
  }
  goal.forEach((wanted, control) => {
    if (places[control] === wanted || !byItself(control)) return
    must(control, 1)
    surelyComesTo(control, wanted)
  })
  for (let control = waiting.pop(); control !== undefined; control = waiting.pop()) {
    const wanted = goal[control] as number
    const comesHome = byItself(control) && (places[control] !== wanted || (times[control] as number) > 1)
    for (const { to, control: other, allowed } of demands[control] as (typeof demands)[number]) {
      if (to >= 0 && !(to === wanted && comesHome)) continue
      if (allowed[places[other] as number] === true || resetCanHelp(resetTo[other], allowed)) continue
      const back = byItself(other) && allowed[goal[other] as number] !== true
      must(other, back ? 2 : 1)
      if (back) surelyComesTo(other, goal[other] as number)
      const only = allowed.indexOf(true)
      if (only >= 0 && only === allowed.lastIndexOf(true)) surelyComesTo(other, only)
    }
  }
  return times.reduce((sum, count, control) => sum + count * (seconds[control] as number), 0)
}

const resetCanHelp = (resetTo: ReadonlySet<number> | undefined, allowed: readonly boolean[]): boolean =>
  [...(resetTo ?? [])].some((to) => allowed[to] === true)
