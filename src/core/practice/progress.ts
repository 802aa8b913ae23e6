/** Who practised what, and at which controls they hung: told by person and by control. */
import type { Id } from '../catalogue/types'
import type { Review } from './attempt'

export interface PastAttempt {
  /** A name as it was typed, or that of an account. */
  by: string
  /** ISO. */
  at: string
  model: Id
  technique: Id
  stage: Id
  review: Pick<Review, 'reached' | 'missed' | 'refused'>
}

export interface Hang {
  control: string
  /** Attempts in which it stood wrong at the end, or would not move. */
  times: number
  /** The last attempt at the same stage of the same machine went without it. */
  settled: boolean
}

export interface PersonProgress {
  by: string
  attempts: number
  reached: number
  last: string
  /** What is not settled first, the oftenest first. */
  hangs: Hang[]
}

export interface Progress {
  /** Whoever practised last first. */
  people: PersonProgress[]
  /** Where somebody still hangs, the most people first. */
  controls: { control: string; people: string[]; times: number }[]
}

const folded = (name: string) => name.trim().toLowerCase()

/** Where it stood wrong or was refused. */
export const hungIn = ({ missed, refused }: PastAttempt['review']): Set<string> =>
  new Set([...missed, ...refused].map(({ control }) => control))

/** In any order. */
export const progressOf = (attempts: readonly PastAttempt[]): Progress => {
  const sorted = [...attempts].sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
  const byPerson = new Map<string, PastAttempt[]>()
  for (const one of sorted) byPerson.set(folded(one.by), [...(byPerson.get(folded(one.by)) ?? []), one])
  const people = [...byPerson.values()].map(personOf).sort((a, b) => (a.last < b.last ? 1 : a.last > b.last ? -1 : 0))
  const open = people.flatMap(({ by, hangs }) => hangs.filter(({ settled }) => !settled).map((hang) => ({ by, hang })))
  const controls = [...new Set(open.map(({ hang }) => hang.control))].map((control) => {
    const own = open.filter(({ hang }) => hang.control === control)
    return { control, people: own.map(({ by }) => by), times: own.reduce((sum, { hang }) => sum + hang.times, 0) }
  })
  return {
    people,
    controls: controls.sort((a, b) => b.people.length - a.people.length || b.times - a.times),
  }
}

const taskOf = ({ model, technique, stage }: PastAttempt) => `${model}/${technique}/${stage}`

/** Of one person, the oldest first. */
const personOf = (own: readonly PastAttempt[]): PersonProgress => {
  const last = own.at(-1) as PastAttempt
  const latest = new Map(own.map((one) => [taskOf(one), one]))
  const hung = new Map<string, PastAttempt[]>()
  for (const one of own)
    for (const control of hungIn(one.review)) hung.set(control, [...(hung.get(control) ?? []), one])
  const hangs = [...hung].map(([control, found]): Hang => {
    const tasks = [...new Set(found.map(taskOf))].map((task) => latest.get(task) as PastAttempt)
    return { control, times: found.length, settled: tasks.every(({ review }) => !hungIn(review).has(control)) }
  })
  return {
    by: last.by,
    attempts: own.length,
    reached: own.filter(({ review }) => review.reached).length,
    last: last.at,
    hangs: hangs.sort((a, b) => Number(a.settled) - Number(b.settled) || b.times - a.times),
  }
}

/** Controls at which somebody still hangs with a technique on a machine. */
export const hungAt = (
  attempts: readonly PastAttempt[],
  { by, model, technique }: Pick<PastAttempt, 'by' | 'model' | 'technique'>,
): string[] => {
  const own = attempts.filter(
    (one) => folded(one.by) === folded(by) && one.model === model && one.technique === technique,
  )
  const [person] = progressOf(own).people
  return (person?.hangs ?? []).filter(({ settled }) => !settled).map(({ control }) => control)
}
