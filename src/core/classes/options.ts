/** The ways a seat could do a technique: each applicable method, and what each of its other ways would need. */
import { explainEach, type AnswerContext } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import type { Answer } from '../answer/types'
import type { Id } from '../catalogue/types'
import type { ClassTechnique, LoanStock, SeatOption, Seat } from './types'

export interface SeatOptions {
  options: SeatOption[]
  /** The card as it is, on their own machine or the first of the shop's. */
  answer?: Answer | undefined
  /** What stops it on their own machine; without one, on any of the shop's. */
  reasons: Reason[]
}

/** A better-ranked method counts more than anything within it. */
const METHOD_RANK = 100
const ALTERNATIVE_RANK = 10

export const seatOptions = (
  answering: AnswerContext,
  { technique, fabric, method: wanted }: ClassTechnique,
  seat: Seat,
  loans: readonly LoanStock[],
): SeatOptions => {
  const lendable = [
    ...new Set(
      loans.flatMap(({ model, pieces }) => (model !== undefined && pieces > 0 && model !== seat.model ? [model] : [])),
    ),
  ]
  const machines: (Id | undefined)[] = seat.model === undefined ? lendable : [undefined, ...lendable]
  const found: SeatOption[] = []
  const reasons: Reason[] = []
  let first: Answer | undefined
  for (const lent of machines) {
    const model = lent ?? (seat.model as Id)
    const { answer, by, applies } = explainEach(answering, { technique, model, fabric, owned: seat.owns })
    first ??= answer
    if (answer.verdict === 'notOnThisModel' && (lent === undefined || seat.model === undefined))
      reasons.push(...answer.reasons)
    const methods = answering.index.techniques.get(technique)?.methods ?? []
    const ranked = [...methods].sort((a, b) => Number(b.id === wanted) - Number(a.id === wanted))
    ranked.forEach((method, rank) => {
      // What the class asks for by name is asked for no condition, as on a card.
      if (!applies(method) && method.id !== wanted) return
      const own = answer.method === method.id && answer.methods.length === 0 ? answer : by(method.id)
      if (own.verdict === 'notOnThisModel') return
      const worse = own.verdict === 'otherRoute' ? 1 : 0
      const option = (need: Id[], within: number): SeatOption => ({
        ...(lent === undefined ? {} : { machine: lent }),
        method: method.id,
        need: [...need].sort(),
        rank: rank * METHOD_RANK + within,
      })
      found.push(option(own.toGet, worse))
      const [only, ...others] = own.stages
      if (only && others.length === 0)
        for (const other of only.alternatives)
          if (other.model === model) found.push(option(other.toGet, ALTERNATIVE_RANK))
    })
  }
  return { options: undominated(found), answer: first, reasons }
}

/** Leaves out a way that needs all that another needs, and is no better ranked. */
const undominated = (options: readonly SeatOption[]): SeatOption[] => {
  const kept: SeatOption[] = []
  for (const option of [...options].sort((a, b) => a.need.length - b.need.length || a.rank - b.rank)) {
    const worse = kept.some(
      (other) =>
        other.machine === option.machine &&
        other.rank <= option.rank &&
        other.need.every((id) => option.need.includes(id)),
    )
    if (!worse) kept.push(option)
  }
  return kept
}
