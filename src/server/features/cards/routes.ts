import { explain } from '#core/answer/explain'
import { QuestionError } from '#core/answer/question'
import type { Question } from '#core/answer/types'
import type { Positions } from '#core/catalogue/types'
import { cardOf } from '#core/card/card'
import { changeoversOf } from '#core/card/changeovers'
import { afterSewing } from '#core/changeover/changeover'
import { Answer, Question as QuestionSchema } from '#shared/api/answer'
import { CardQuery, CardView, DraftCard } from '#shared/api/card'
import type { z } from 'zod'
import { Invalid } from '../../http/problems'
import { ANY_ROLE, LEAD, JsonBytes, route, sends } from '../../http/route'
import type { Snapshot } from '../catalogue/snapshot'

export const cardRoutes = [
  route({
    method: 'get',
    path: '/api/card',
    summary: 'The set-up card for a technique on a model in a fabric',
    tag: 'Cards',
    for: ANY_ROLE,
    query: CardQuery,
    result: sends<CardView>(CardView),
    refuses: [422],
    handle: async ({ query, services, snapshot }) => {
      const { tolerance } = await services.settings.read()
      const told = services.cards.answer(snapshot, [query, tolerance], () => {
        const { now, after, alternatives, ...asked } = query
        const question = questionOf(asked)
        const stands = { ...(after === undefined ? {} : leftBy(snapshot, { ...question, technique: after })), ...now }
        const answer = answered(snapshot, question)
        return cardOf(snapshot.index, question, answer, {
          tolerance,
          now: stands,
          allAlternatives: alternatives === 'all',
        })
      })
      return new JsonBytes(told)
    },
  }),
  route({
    method: 'post',
    path: '/api/card/draft',
    summary: 'The card of a technique as it is being written; nothing is kept',
    tag: 'Cards',
    for: LEAD,
    body: DraftCard,
    result: sends<CardView>(CardView),
    refuses: [422],
    handle: async ({ body: { technique, ...asked }, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      const techniques = new Map(snapshot.index.techniques).set(technique.id, technique)
      const index = { ...snapshot.index, techniques }
      const question: Question = { technique: technique.id, ...asked }
      return cardOf(index, question, answered({ ...snapshot, index }, question))
    },
  }),
  route({
    method: 'post',
    path: '/api/answer',
    summary: 'The answer to one question, as data',
    tag: 'Cards',
    for: ANY_ROLE,
    body: QuestionSchema,
    result: sends<Answer>(Answer),
    refuses: [422],
    handle: async ({ body, services, revision }) => {
      const snapshot = await services.catalogue.snapshot()
      revision(snapshot.revision)
      return answered(snapshot, body)
    },
  }),
]

/** The question of an address. */
export const questionOf = ({
  needle: needleSize,
  opening: buttonOpening,
  radius,
  measured,
  ...asked
}: Omit<z.infer<typeof CardQuery>, 'now' | 'after' | 'ways'>): Question => {
  const job = Object.fromEntries(
    Object.entries({ needleSize, buttonOpening, radius, measured }).filter(([, value]) => value !== undefined),
  )
  return { ...asked, ...(Object.keys(job).length > 0 ? { job } : {}) }
}

/** How a technique leaves the machine that is asked about; nothing is known of it where it cannot be sewn there. */
const leftBy = (snapshot: Snapshot, { method: _, ...question }: Question): Positions => {
  const answer = answered(snapshot, question)
  const method = snapshot.index.techniques.get(question.technique)?.methods.find(({ id }) => id === answer.method)
  const changeovers = changeoversOf(snapshot.index, answer, method?.stages ?? [], question.model)
  const last = changeovers.filter((_, i) => answer.stages[i]?.model === question.model).at(-1)
  return last?.plan.outcome === 'plan' ? afterSewing(last.plan.end) : {}
}

/** Throws `Invalid` for what the catalogue has not. */
export const answered = (snapshot: Snapshot, question: Question) => {
  try {
    return explain(snapshot, question)
  } catch (error) {
    if (error instanceof QuestionError) throw new Invalid('The question names something unknown.', error.issues)
    throw error
  }
}
