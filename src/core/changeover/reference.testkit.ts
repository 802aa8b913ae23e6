/**
 * Slow, obvious readings of the same rules: every state a machine may be in is kept by itself, and a move counts only
 * where it is legal in each of them. Shares no code with the planner or the simulator.
 */
import type { Controls, Positions } from '../catalogue/types'

type State = Record<string, string>
const textOf = (states: readonly State[]): string =>
  [...new Set(states.map((state) => JSON.stringify(Object.entries(state).sort())))].sort().join('|')

export const mayMove = ({ rules }: Controls, state: State, control: string, to: string): boolean => {
  for (const rule of rules) {
    if (!('needs' in rule)) continue
    const speaksOfIt =
      rule.for.control === control && (rule.for.to ?? to) === to && (rule.for.from ?? state[control]) === state[control]
    if (!speaksOfIt) continue
    for (const [other, allowed] of Object.entries(rule.needs))
      if (!allowed.includes(state[other] as string)) return false
  }
  return true
}

export const movedTo = ({ rules }: Controls, state: State, control: string, to: string): State => {
  const next = { ...state, [control]: to }
  for (const rule of rules) {
    if (!('resets' in rule) || rule.resets === 'stitchDefaults') continue
    if (rule.after.control !== control || (rule.after.to ?? to) !== to) continue
    for (const [other, place] of Object.entries(rule.resets)) if (other !== control) next[other] = place
  }
  return next
}

/** Every full state in which what is known holds. */
export const everyState = ({ controls }: Controls, known: Positions): State[] =>
  Object.entries(controls).reduce<State[]>(
    (states, [id, { positions }]) =>
      states.flatMap((state) =>
        (known[id] === undefined || known[id] === '?' ? positions : [known[id]]).map((at) => ({ ...state, [id]: at })),
      ),
    [{}],
  )

/** Least seconds from all these states at once to the goal, breadth first by cost; undefined where there is no way. */
export const leastSeconds = (machine: Controls, from: Positions, goal: Positions): number | undefined => {
  const open: { states: State[]; spent: number }[] = [{ states: everyState(machine, from), spent: 0 }]
  const done = new Set<string>()
  for (;;) {
    open.sort((a, b) => a.spent - b.spent)
    const next = open.shift()
    if (!next) return undefined
    const key = textOf(next.states)
    if (done.has(key)) continue
    done.add(key)
    if (next.states.every((state) => Object.entries(goal).every(([id, at]) => state[id] === at))) return next.spent
    for (const [id, { positions, seconds }] of Object.entries(machine.controls)) {
      for (const to of positions) {
        const moving = next.states.filter((state) => state[id] !== to)
        if (moving.length === 0 || !moving.every((state) => mayMove(machine, state, id, to))) continue
        const states = next.states.map((state) => (state[id] === to ? state : movedTo(machine, state, id, to)))
        open.push({ states, spent: next.spent + seconds })
      }
    }
  }
}

/** Every sequence of moves of this many seconds from one state to the goal; undefined where looking takes too long. */
export const everySequence = (
  machine: Controls,
  from: State,
  goal: Positions,
  seconds: number,
): string[][] | undefined => {
  const found: string[][] = []
  let looked = 0
  const go = (state: State, left: number, done: readonly string[]) => {
    if (++looked > 5000) return
    if (left === 0) {
      if (Object.entries(goal).every(([id, at]) => state[id] === at)) found.push([...done])
      return
    }
    for (const [id, control] of Object.entries(machine.controls))
      for (const to of control.positions)
        if (state[id] !== to && control.seconds <= left && mayMove(machine, state, id, to))
          go(movedTo(machine, state, id, to), left - control.seconds, [...done, `${id} ${to}`])
  }
  go(from, seconds, [])
  return looked > 5000 ? undefined : found
}
