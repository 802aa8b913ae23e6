/**
 * How each seat sews each technique with what it has, is lent and buys, and what it takes to get from one to the next.
 */
import { explain, type AnswerContext } from '../answer/explain'
import type { Answer, Question } from '../answer/types'
import { changeoversOf } from '../card/changeovers'
import type { Id, Method, Model, Positions } from '../catalogue/types'
import { afterSewing, changeoverOf, type Changeover } from '../changeover/changeover'
import type { SeatPlan } from './allocate'
import type { SeatOption, SewingClass } from './types'

export interface SeatSewing {
  question: Question
  answer: Answer
  method: Method
  /** Without the ways back. */
  changeovers: Changeover[]
  /** How it leaves the machine; undefined where no order of moves is known. */
  leaves?: Positions | undefined
}

export interface ClassSewing {
  /** Undefined where there is no machine, or it cannot be sewn on it. */
  at: (seat: number, technique: number) => SeatSewing | undefined
  /** What they sit at: their own, or the one that is lent for it. */
  model: (seat: number, technique: number) => Model | undefined
  /** To the first stage of `next`; `from` left out: from normal sewing. */
  changeover: (seat: number, from: number | undefined, next: number) => Changeover | undefined
  /** Seconds of it; 0 where there is none. */
  seconds: (seat: number, from: number | undefined, next: number) => number
}

/** `ways`: by technique; left out where the seat is not made ready. */
export type SeatGiven = Pick<SeatPlan, 'machine' | 'loans' | 'buys'> & {
  chosen: (Pick<SeatOption, 'method' | 'machine'> | undefined)[]
}

/** `handling`: the same for all that is sewn by the same moves on the same machine. */
type Handled = SeatSewing & { handling: string }

/** Everything is worked out when it is asked for, and once for seats that are alike. */
export const sewingOf = (
  answering: AnswerContext,
  { techniques, seats }: SewingClass,
  given: readonly SeatGiven[],
): ClassSewing => {
  const { index } = answering
  const model = (s: number, t: number): Model | undefined => {
    const { machine, chosen = [] } = given[s] ?? {}
    return index.models.get(chosen[t]?.machine ?? seats[s]?.model ?? machine ?? '')
  }
  /** Seats with the same machine and the same things to hand are handled alike. */
  const likes = seats.map(({ owns }, s) =>
    JSON.stringify([techniques.map((_, t) => model(s, t)?.id), owns, given[s]?.loans, given[s]?.buys]),
  )
  const likeOf = likes.map((like) => likes.indexOf(like))
  const methodOf = (s: number, t: number): Id => given[s]?.chosen[t]?.method ?? '?'

  const sew = (s: number, t: number): Handled | undefined => {
    const [seat, taught, on] = [seats[s], techniques[t], model(s, t)]
    if (!seat || !taught || !on) return undefined
    const owned = [...seat.owns, ...(given[s]?.loans ?? []), ...(given[s]?.buys ?? [])]
    const named = given[s]?.chosen[t]?.method
    const question: Question = {
      technique: taught.technique,
      fabric: taught.fabric,
      model: on.id,
      owned,
      ...(named ? { method: named } : {}),
    }
    const answer = explain(answering, question)
    const method = index.techniques.get(taught.technique)?.methods.find(({ id }) => id === answer.method)
    if (!method || answer.stages.length === 0) return undefined
    const handling = handlingOf(on.id, taught.technique, answer)
    return { question, answer, method, handling, ...handle(handling, answer, method, on) }
  }
  const handle = once(
    (handling: string, ..._: [Answer, Method, Model]) => handling,
    (_, answer, method, on) => {
      const changeovers = changeoversOf(index, answer, method.stages, on.id, undefined, true)
      const last = changeovers.at(-1)
      return { changeovers, leaves: last?.plan.outcome === 'plan' ? afterSewing(last.plan.end) : undefined }
    },
  )
  const change = (s: number, from: number | undefined, next: number): Changeover | undefined => {
    const to = at(s, next)
    const first = to?.answer.stages[0]
    const on = first && index.models.get(first.model)
    const stage = to?.method.stages.find(({ id }) => id === first?.stage)
    if (!first || !on || !stage) return undefined
    // At another machine nothing was left as it is: it stands as for normal sewing.
    const stands = from === undefined || model(s, from) !== model(s, next) ? undefined : at(s, from)?.leaves
    return changeoverOf(index, first, stage, on, { oneWay: true, ...(stands ? { stands } : {}) })
  }
  const at = once((s: number, t: number) => `${likeOf[s] ?? s} ${t} ${methodOf(s, t)}`, sew)
  const changeover = once(
    (s: number, from: number | undefined, next: number) =>
      `${from === undefined ? '' : (at(s, from)?.handling ?? '')} ${at(s, next)?.handling ?? ''}`,
    change,
  )
  const seconds = (s: number, from: number | undefined, next: number): number => {
    const plan = changeover(s, from, next)?.plan
    return plan?.outcome === 'plan' ? Math.round(plan.seconds) : 0
  }
  return { at, model, changeover, seconds }
}

/** What of an answer its machine is handled by. */
const handlingOf = (model: Id, technique: Id, { method, stages }: Answer): string =>
  JSON.stringify([
    [model, technique, method],
    stages.map(({ reasons: _, cautions: __, alternatives: ___, proved: ____, ...handled }) => handled),
  ])

const once = <Asked extends unknown[], Told>(keyOf: (...asked: Asked) => string, work: (...asked: Asked) => Told) => {
  const known = new Map<string, Told>()
  return (...asked: Asked): Told => {
    const key = keyOf(...asked)
    if (!known.has(key)) known.set(key, work(...asked))
    return known.get(key) as Told
  }
}
