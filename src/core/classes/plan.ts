/** A class planned: who is ready for what, who is lent or buys what, in which order it is taught, who cannot and why. */
import { explain, type Answering } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import type { Answer, Verdict } from '../answer/types'
import { changeoversOf } from '../card/changeovers'
import type { Id, Positions } from '../catalogue/types'
import { afterSewing, changeoverOf } from '../changeover/changeover'
import { allocate, type Allocation, type SeatPlan, type Solver } from './allocate'
import { seatOptions, type SeatOptions } from './options'
import { MOST_TECHNIQUES, teachingOrder, type TeachingOrder } from './order'
import type { SewingClass } from './types'

export interface ClassCell {
  /** With what the person owns, on their machine or the first that can be lent. */
  verdict: Verdict
  toGet: Id[]
  method?: Id | undefined
  /** With what is lent and bought; undefined where the seat is not made ready. */
  way?: { method: Id; need: Id[] } | undefined
  /** Why nothing helps: no way at all on this machine. */
  reasons: Reason[]
}

export interface PlannedSeat extends Omit<SeatPlan, 'ways'> {
  name: string
  model?: Id | undefined
  cells: ClassCell[]
  /** Items that would make the seat ready, of which no piece is left and which were pinned not to be bought. */
  short: Id[]
}

export interface ClassPlan {
  seats: PlannedSeat[]
  ready: number
  bought: number
  lent: number
  /** False where more is pinned than the shop has; then nothing is allocated. */
  solved: boolean
  order?: TeachingOrder | undefined
}

export const planClass = (answering: Answering, asked: SewingClass, solve: Solver): ClassPlan => {
  const { techniques, seats, loans, pins } = asked
  const alike = new Map<string, SeatOptions>()
  const table = seats.map((seat) =>
    techniques.map((technique) => {
      // Who has the same machine and owns the same can do the same.
      const key = JSON.stringify([technique, seat.model, seat.owns])
      const known = alike.get(key) ?? seatOptions(answering, technique, seat, loans)
      alike.set(key, known)
      return known
    }),
  )
  const cellOf = (s: number, t: number) => table[s]?.[t] as SeatOptions
  const found = allocate({ seats: seats.length, techniques: techniques.length, optionsOf: (s, t) => cellOf(s, t).options, loans, pins }, solve) // prettier-ignore
  const planned = seats.map(({ name, model }, s): PlannedSeat => {
    const plan = found?.seats[s]
    return {
      name,
      model: model ?? plan?.machine,
      ready: plan?.ready ?? false,
      machine: plan?.machine,
      loans: plan?.loans ?? [],
      buys: plan?.buys ?? [],
      short: plan?.ready ? [] : shortOf(table[s] ?? []),
      cells: techniques.map((_, t) => {
        const { answer, reasons } = cellOf(s, t)
        const way = plan?.ways[t]
        return { verdict: answer?.verdict ?? 'notOnThisModel', toGet: answer?.toGet ?? [], method: answer?.method, way: way && { method: way.method, need: way.need }, reasons: cellOf(s, t).options.length > 0 ? [] : reasons } // prettier-ignore
      }),
    }
  })
  return {
    seats: planned,
    ready: found?.ready ?? 0,
    bought: found?.bought ?? 0,
    lent: found?.lent ?? 0,
    solved: found !== undefined,
    order: techniques.length > 0 && techniques.length <= MOST_TECHNIQUES ? orderOf(answering, asked, found) : undefined,
  }
}

/** What the fewest-needing ways of the techniques would take. */
const shortOf = (cells: readonly SeatOptions[]): Id[] =>
  [...new Set(cells.flatMap(({ options }) => options[0]?.need ?? []))].sort()

const orderOf = (answering: Answering, { techniques, seats }: SewingClass, found: Allocation | undefined): TeachingOrder | undefined => {
  const { index } = answering
  const known = new Map<string, Sewing | undefined>()
  /** How a technique is sewn at a seat, and how it leaves the machine. */
  const sewing = (s: number, t: number): Sewing | undefined => {
    const key = `${likeOf(s)} ${t} ${found?.seats[s]?.ways[t]?.method ?? ''}`
    if (!known.has(key)) known.set(key, work(s, t))
    return known.get(key)
  }
  /** Seats with the same machine and the same things to hand are handled alike. */
  const likes = seats.map(({ model, owns }, s) => JSON.stringify([model ?? found?.seats[s]?.machine, owns, found?.seats[s]?.loans, found?.seats[s]?.buys]))
  const likeOf = (s: number): number => likes.indexOf(likes[s] as string)
  const times = new Map<string, number>()
  const work = (s: number, t: number): Sewing | undefined => {
    const [seat, taught, plan] = [seats[s], techniques[t], found?.seats[s]]
    const model = seat?.model ?? plan?.machine
    const method = plan?.ways[t]?.method
    if (!seat || !taught || model === undefined || !index.models.has(model)) return undefined
    const owned = [...seat.owns, ...(plan?.loans ?? []), ...(plan?.buys ?? [])]
    const answer = explain(answering, { technique: taught.technique, fabric: taught.fabric, model, owned, ...(method ? { method } : {}) })
    const stages = index.techniques.get(taught.technique)?.methods.find(({ id }) => id === answer.method)?.stages ?? []
    const last = changeoversOf(index, answer, stages, model).at(-1)
    return last?.plan.outcome === 'plan' ? { answer, leaves: afterSewing(last.plan.end) } : undefined
  }
  const seconds = (s: number, from: number | undefined, next: number): number => {
    const ways = found?.seats[s]?.ways
    const key = [likeOf(s), from, next, ways?.[from ?? -1]?.method, ways?.[next]?.method].join(' ')
    const time = times.get(key) ?? changeoverSeconds(s, from, next)
    times.set(key, time)
    return time
  }
  const changeoverSeconds = (s: number, from: number | undefined, next: number): number => {
    const to = sewing(s, next)
    const stage = to?.answer.stages[0]
    const model = stage && index.models.get(stage.model)
    const told = index.techniques.get(techniques[next]?.technique ?? '')?.methods.find(({ id }) => id === to?.answer.method)?.stages.find(({ id }) => id === stage?.stage)
    if (!stage || !model || !told) return 0
    const stands = from === undefined ? undefined : sewing(s, from)?.leaves
    const { plan } = changeoverOf(index, stage, told, model, stands ? { stands } : {})
    return plan.outcome === 'plan' ? Math.round(plan.seconds) : 0
  }
  const after = techniques.map(({ after: first = [] }) => first.map((id) => techniques.findIndex(({ technique }) => technique === id)).filter((at) => at >= 0))
  return teachingOrder({ techniques: techniques.length, after, seconds, seats: seats.length })
} // prettier-ignore

interface Sewing {
  answer: Answer
  leaves: Positions
}
