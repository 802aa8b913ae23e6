/**
 * A class planned: who is ready for what, who is lent or buys what, in which order it is taught, who cannot and why.
 */
import { answerCosts } from '../answer/costs'
import type { AnswerContext } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import type { Verdict } from '../answer/types'
import type { CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import { allocate, type Allocation, type SeatPlan, type Solver } from './allocate'
import { seatOptions, type SeatOptions } from './options'
import { MOST_TECHNIQUES, teachingOrder, type TeachingOrder } from './order'
import { sewingOf, type ClassSewing } from './sewing'
import type { SeatOptionsOf, ReportProgress, SewingClass } from './types'

export interface ClassCell {
  /** With what the person owns, on their machine or the first that can be lent. */
  verdict: Verdict
  toGet: Id[]
  method?: Id | undefined
  /** What that method loses against a better one. */
  costs: string[]
  /** With what is lent and bought; undefined where the seat is not made ready. */
  chosen?: { method: Id; need: Id[]; machine?: Id | undefined } | undefined
  /** Why nothing helps on their own machine: no way at all. */
  reasons: Reason[]
}

export interface PlannedSeat extends Omit<SeatPlan, 'chosen'> {
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
  /**
   * In which the room waits least; left out for more techniques than are put in order, or where they go in a circle.
   */
  order?: TeachingOrder | undefined
}

/** A plan with what it rests on. */
export interface PlannedClass {
  asked: SewingClass
  index: CatalogueIndex
  plan: ClassPlan
  sewing: ClassSewing
  optionsOf: SeatOptionsOf
}

export const planClass = async (
  answering: AnswerContext,
  asked: SewingClass,
  solve: Solver,
  reportProgress: ReportProgress = () => undefined,
): Promise<PlannedClass> => {
  const { techniques, seats, loans, pins } = asked
  const steps = progressSteps(seats.length, reportProgress)
  const table = await readiness(answering, asked, steps.readying)
  const optionsOf: SeatOptionsOf = (s, t) => table[s]?.[t]?.options ?? []
  const found = await allocate({ seats: seats.length, techniques: techniques.length, optionsOf, loans, pins }, solve, {
    reportProgress: steps.sharing,
  })
  const planned = seats.map((_, s) => plannedSeat(asked, table[s] ?? [], found, s))
  const sewing = sewingOf(
    answering,
    asked,
    planned.map((seat) => ({
      ...seat,
      chosen: seat.cells.map(
        ({ chosen }) =>
          chosen && { method: chosen.method, ...(chosen.machine === undefined ? {} : { machine: chosen.machine }) },
      ),
    })),
  )
  const plan: ClassPlan = {
    seats: planned,
    ready: found?.ready ?? 0,
    bought: found?.bought ?? 0,
    lent: found?.lent ?? 0,
    solved: found !== undefined,
  }
  if (techniques.length > 0 && techniques.length <= MOST_TECHNIQUES) {
    for (let s = 0; s < seats.length; s++) {
      await steps.ordering(s)
      for (let next = 0; next < techniques.length; next++)
        for (let from = -1; from < techniques.length; from++)
          if (from !== next) sewing.seconds(s, from < 0 ? undefined : from, next)
    }
    plan.order = teachingOrder({
      techniques: techniques.length,
      after: mustPrecede(asked),
      seconds: sewing.seconds,
      seats: seats.length,
    })
  }
  return { asked, index: answering.index, plan, sewing, optionsOf }
}

/** For each technique, the places of those that must come before it. */
export const mustPrecede = ({ techniques }: SewingClass): number[][] =>
  techniques.map(({ after = [] }) =>
    after.map((id) => techniques.findIndex(({ technique }) => technique === id)).filter((at) => at >= 0),
  )

/** Cards first, then sharing out, then changeovers: as parts of one way. */
const progressSteps = (seats: number, reportProgress: ReportProgress) => {
  const SHARING = 4
  const of = 2 * seats + SHARING
  return {
    readying: (s: number) => reportProgress(s, of),
    sharing: (aim: number) => reportProgress(seats + aim, of),
    ordering: (s: number) => reportProgress(seats + SHARING + s, of),
  }
}

const readiness = async (
  answering: AnswerContext,
  { techniques, seats, loans }: SewingClass,
  reportProgress: (seat: number) => void | Promise<void>,
): Promise<SeatOptions[][]> => {
  const alike = new Map<string, SeatOptions>()
  const table: SeatOptions[][] = []
  for (const [s, seat] of seats.entries()) {
    await reportProgress(s)
    table.push(
      techniques.map((technique) => {
        // Who has the same machine and owns the same can do the same.
        const key = JSON.stringify([technique, seat.model, seat.owns])
        const options = alike.get(key) ?? seatOptions(answering, technique, seat, loans)
        alike.set(key, options)
        return options
      }),
    )
  }
  return table
}

const plannedSeat = (
  { seats, techniques }: SewingClass,
  options: readonly SeatOptions[],
  found: Allocation | undefined,
  s: number,
): PlannedSeat => {
  const plan = found?.seats[s]
  return {
    name: seats[s]?.name ?? '',
    model: seats[s]?.model ?? plan?.machine,
    ready: plan?.ready ?? false,
    machine: plan?.machine,
    loans: plan?.loans ?? [],
    buys: plan?.buys ?? [],
    short: plan?.ready ? [] : shortOf(options),
    cells: techniques.map((_, t) => {
      const cell = options[t]
      const option = plan?.chosen[t]
      return {
        verdict: cell?.answer?.verdict ?? 'notOnThisModel',
        toGet: cell?.answer?.toGet ?? [],
        method: cell?.answer?.method,
        costs: cell?.answer ? answerCosts(cell.answer) : [],
        chosen: option && { method: option.method, need: option.need, machine: option.machine },
        reasons: cell?.reasons ?? [],
      }
    }),
  }
}

/** What the fewest-needing ways of the techniques would take. */
const shortOf = (cells: readonly SeatOptions[]): Id[] =>
  [...new Set(cells.flatMap(({ options }) => options.find(({ machine }) => machine === undefined)?.need ?? []))].sort()
