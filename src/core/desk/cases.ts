/** Calls as the desk keeps them, and what they tell together. */
import type { Id } from '../catalogue/types'
import type { History } from './diagnosis'
import type { Shown } from './shown'

export type Outcome = 'open' | 'solved' | 'workshop' | 'noAnswer'

export interface DeskCase {
  id: number
  /** ISO. */
  at: string
  by: string
  /** Left out for a caller whom nobody knows, or who is erased. */
  customer?: Id
  model?: Id
  technique?: Id
  fabric?: Id
  /** Of the technique: `technique.fault`; or one of the desk's own troubles. */
  trouble?: Id
  question: string
  shown?: Shown
  /** Rungs of the ladder that were gone up. */
  rungs?: string[]
  advice?: string
  /** Told to who asked by telephone card: it stands at their link. */
  answer?: string
  /** It came from a customer's telephone card. */
  phone?: boolean
  outcome: Outcome
  /** Key of what it was, once it is known. */
  cause?: string
  minutes?: number
  /** ISO date. */
  followUp?: string
  /** Whom of the shop it was handed to. */
  handedTo?: string
  /** A reason to stop was heard: no setting is told. `NO_STOP`: somebody heard it and it was none. */
  stop?: string
}

/** In place of a reason to stop: what sounded like one was none. */
export const NO_STOP = 'none'
/** Of a line that sounds dangerous, where no rule says what it is. */
export const UNNAMED_STOP = 'unnamed'

/** How often each cause was the one, in the closed cases of a trouble. */
export const historyOf = (cases: readonly DeskCase[], trouble: Id): History => {
  const count: Record<string, number> = {}
  for (const one of cases)
    if (one.trouble === trouble && one.outcome === 'solved' && one.cause !== undefined)
      count[one.cause] = (count[one.cause] ?? 0) + 1
  return count
}

export interface Looking {
  /** By what: id and how many calls, the most first. */
  techniques: [Id, number][]
  models: [Id, number][]
  troubles: [Id, number][]
  /** `2026-05`, every month from the first call to the last, also those without any. */
  months: [string, number][]
  minutes: number
  /** What was asked oftener in the later half than before, by at least two calls. */
  rising: { trouble: Id; before: number; after: number }[]
}

export const lookBack = (cases: readonly DeskCase[]): Looking => {
  const counted = (key: 'technique' | 'model' | 'trouble'): [Id, number][] => {
    const count = new Map<Id, number>()
    for (const one of cases) {
      const id = one[key]
      if (id !== undefined) count.set(id, (count.get(id) ?? 0) + 1)
    }
    return [...count].sort(([a, x], [b, y]) => y - x || a.localeCompare(b))
  }
  const times = cases.map(({ at }) => at).sort()
  const middle = times[times.length >> 1] ?? ''
  const troubles = counted('trouble')
  return {
    techniques: counted('technique'),
    models: counted('model'),
    troubles,
    months: monthsOf(times).map((month) => [month, times.filter((at) => at.startsWith(month)).length]),
    minutes: cases.reduce((sum, one) => sum + (one.minutes ?? 0), 0),
    rising: troubles.flatMap(([trouble]) => {
      const own = cases.filter((one) => one.trouble === trouble)
      const before = own.filter(({ at }) => at < middle).length
      return own.length - 2 * before >= 2 ? [{ trouble, before, after: own.length - before }] : []
    }),
  }
}

const monthsOf = (times: readonly string[]): string[] => {
  const [first, last] = [times[0]?.slice(0, 7), times.at(-1)?.slice(0, 7)]
  if (first === undefined || last === undefined) return []
  const months: string[] = []
  for (let month = first; month <= last; month = nextMonth(month)) months.push(month)
  return months
}

const nextMonth = (month: string): string => {
  const [year, of] = month.split('-').map(Number) as [number, number]
  return of === 12 ? `${year + 1}-01` : `${year}-${String(of + 1).padStart(2, '0')}`
}
