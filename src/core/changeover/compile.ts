/** A planning question in numbers: only the controls that matter, each with the places it may come to. */
import type { Controls, Positions } from '../catalogue/types'
import { ANY, UNKNOWN } from './positions'
import { rulebookOf, type Rulebook } from './rulebook'
import { standsAt, type Defaults, type ResetsRule } from './rules'

export interface Compiled {
  /** The controls that matter, in the order of habit. */
  controls: string[]
  /** Words of each control's places; the number of a place is where it stands here. */
  words: string[][]
  start: number[]
  /** −1: it may stand anywhere. */
  goal: number[]
  seconds: number[]
  /** All moves, in the order of habit. */
  moves: CompiledMove[]
  /** The number of each control’s unknown place. */
  unknown: number[]
  /** For each control, what a bound on the effort asks of the others before it can move. */
  demands: Demand[][]
  /** Places that a reset may bring about, by control. */
  resetTo: Set<number>[]
  /** What a move to a place resets, by control and place. */
  resetsAt: CompiledMove['resets'][][]
}

export interface CompiledMove {
  control: number
  to: number
  /** `from`: the place the rule speaks of leaving, or `ANYWHERE`; an unknown place may be that one. */
  needs: { from: number; control: number; allowed: boolean[] }[]
  resets: { control: number; to: number }[]
}

/** "Whenever this control comes to `to` (−1: moves at all), that one stands at one of these." */
export interface Demand {
  to: number
  control: number
  allowed: boolean[]
}

const LEAST_SECONDS = 0.001

export const compile = (input: {
  controls: Controls
  from: Readonly<Positions>
  goal: Readonly<Positions>
  defaults: Defaults
}): Compiled => {
  const { from, goal, defaults } = input
  const known = input.controls.controls
  const book = rulebookOf(input.controls)
  const ofDefaults = Object.entries(defaults).filter(([id]) => id in known)
  const given = ({ resets }: ResetsRule): [string, string][] =>
    resets === 'stitchDefaults' ? ofDefaults : Object.entries(resets).filter(([id]) => id in known)

  const matters = relevant({ from, goal, book, known, given })
  const { order, needsOf: needsOfMoved, resetsAfter } = book
  const controls = [...matters].sort((a, b) => (order.get(a) as number) - (order.get(b) as number))
  const numberOf = new Map(controls.map((id, i) => [id, i]))

  const asked = (id: string): string[] => [
    ...(goal[id] === undefined ? [] : [goal[id]]),
    ...(book.needsFrom.get(id) ?? []).flatMap((rule) => (matters.has(rule.for.control) ? (rule.needs[id] ?? []) : [])),
  ]
  /** Worth moving to only where somebody asks for it, a reset follows, or the way from one place to another counts. */
  const worthAll = (id: string): boolean =>
    resetsAfter.has(id) || (needsOfMoved.get(id) ?? []).some((rule) => rule.for.from !== undefined)
  const reachable = controls.map((id) => {
    const listed = known[id]?.positions ?? []
    const wanted = asked(id)
    const worth = worthAll(id) ? listed : listed.filter((word) => wanted.includes(word))
    return [...new Set([...worth.filter((word) => word !== ANY), ...(listed.includes(ANY) ? wanted : [])])]
  })
  const reset = new Map(controls.map((id) => [id, new Set<string>()]))
  for (const rules of resetsAfter.values())
    for (const rule of rules) for (const [id, to] of given(rule)) reset.get(id)?.add(to)
  // Where a move may not have moved, what it resets may stand as before: it is not known.
  const words = controls.map((id, i) => [
    ...new Set([
      ...(reachable[i] as string[]),
      standsAt(from, id),
      ...(goal[id] === undefined ? [] : [goal[id]]),
      ...(reset.get(id) as Set<string>),
      UNKNOWN,
    ]),
  ])
  const wordNumber = words.map((list) => new Map(list.map((word, i) => [word, i])))
  const place = (control: number, word: string): number => wordNumber[control]?.get(word) ?? -1

  const allowedAt = (control: number, allowed: readonly string[]): boolean[] => {
    const listed = known[controls[control] as string]?.positions ?? []
    const all = !listed.includes(ANY) && listed.every((word) => allowed.includes(word))
    return (words[control] as string[]).map((word) => (word === UNKNOWN ? all : allowed.includes(word)))
  }
  const needsOf = (control: number, to: string) =>
    (needsOfMoved.get(controls[control] as string) ?? [])
      .filter((rule) => rule.for.to === undefined || rule.for.to === to)
      .filter((rule) => rule.for.from !== to)
      .flatMap((rule) =>
        Object.entries(rule.needs).flatMap(([id, allowed]) => {
          const other = numberOf.get(id)
          if (other === undefined) return []
          const left = rule.for.from
          const at = left === undefined ? ANYWHERE : place(control, left)
          return [{ from: at, control: other, allowed: allowedAt(other, allowed) }]
        }),
      )
  const resetsOf = (control: number, to: string) => {
    const after = new Map<number, number>()
    for (const rule of resetsAfter.get(controls[control] as string) ?? []) {
      if (rule.after.to !== undefined && rule.after.to !== to) continue
      for (const [id, word] of given(rule)) {
        const other = numberOf.get(id)
        if (other !== undefined && other !== control) after.set(other, place(other, word))
      }
    }
    return [...after].map(([other, at]) => ({ control: other, to: at }))
  }

  const resetsAt = words.map((list, control) => list.map((word) => resetsOf(control, word)))
  const moves = controls.flatMap((_, control) =>
    (reachable[control] as string[]).map((word): CompiledMove => {
      const to = place(control, word)
      return { control, to, needs: needsOf(control, word), resets: resetsAt[control]?.[to] ?? [] }
    }),
  )
  const demands = controls.map((id, control) =>
    (needsOfMoved.get(id) ?? []).flatMap((rule): Demand[] => {
      if (rule.for.from !== undefined) return []
      const to = rule.for.to === undefined ? -1 : place(control, rule.for.to)
      if (rule.for.to !== undefined && to < 0) return []
      return Object.entries(rule.needs).flatMap(([otherId, allowed]) => {
        const other = numberOf.get(otherId)
        return other === undefined ? [] : [{ to, control: other, allowed: allowedAt(other, allowed) }]
      })
    }),
  )
  return {
    controls,
    words,
    start: controls.map((id, i) => place(i, standsAt(from, id))),
    goal: controls.map((id, i) => (goal[id] === undefined ? -1 : place(i, goal[id]))),
    // No move is free, or going in circles would cost nothing.
    seconds: controls.map((id) => known[id]?.seconds || LEAST_SECONDS),
    moves,
    unknown: controls.map((_, i) => place(i, UNKNOWN)),
    resetsAt,
    demands,
    resetTo: controls.map((id, i) => new Set([...(reset.get(id) as Set<string>)].map((word) => place(i, word)))),
  }
}

/** Of a need: wherever the control comes from. */
export const ANYWHERE = -2

/** What is to be moved, what its moves need, and what of the wanted a move may take back. */
const relevant = ({
  from,
  goal,
  book,
  known,
  given,
}: {
  from: Readonly<Positions>
  goal: Readonly<Positions>
  book: Rulebook
  known: Controls['controls']
  given: (rule: ResetsRule) => [string, string][]
}): Set<string> => {
  const found = new Set(Object.keys(goal).filter((id) => standsAt(from, id) !== goal[id]))
  const resetting = (id: string): ResetsRule[] => [
    ...(book.resetsOf.get(id) ?? []),
    ...book.resetsToDefaults.filter((rule) => given(rule).some(([other]) => other === id)),
  ]
  for (const id of found) {
    for (const rule of book.needsOf.get(id) ?? [])
      for (const other of Object.keys(rule.needs)) if (other in known) found.add(other)
    // What a move takes back matters where it is wanted or needed, and a reset may also be what helps.
    for (const rule of book.resetsAfter.get(id) ?? [])
      for (const [other] of given(rule)) if (goal[other] !== undefined) found.add(other)
    for (const { after } of resetting(id)) found.add(after.control)
  }
  return found
}
