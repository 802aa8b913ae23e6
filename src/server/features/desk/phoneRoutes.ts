/** What a customer's telephone asks and tells at a card's link, without an account; and what the shop sees of it. */
import { z } from 'zod'
import type { Answer } from '#core/answer/types'
import { UNNAMED_STOP } from '#core/desk/cases'
import { countWorked, workedStages } from '#core/desk/worked'
import type { Shown } from '#core/desk/shown'
import { CardQuery } from '#shared/api/card'
import {
  CaseWrite,
  DiagnosisView,
  PassQuery,
  PhoneCase,
  PhoneDiagnosis,
  PhoneKept,
  PhoneKeys,
  PhonePhotoParams,
  PhonePhotoQuery,
  PhoneTold,
  PhoneTrialQuery,
  PhoneWorked,
  TokenParams,
  WorkedCount,
} from '#shared/api/desk'
import { TrialView } from '#shared/api/practice'
import { MachinePhoto } from '#shared/api/samples'
import { stopsIn } from '#shared/messages/stops'
import { Invalid } from '../../http/problems'
import { ANY_ROLE, FILE, route, sends } from '../../http/route'
import { answered, questionOf } from '../cards/routes'
import type { Snapshot } from '../catalogue/snapshot'
import { defined } from '../practice/linkRoutes'
import { trialFor } from '../practice/trial'
import { machinePhoto, machinePhotos } from '../samples/photos'
import { diagnosisOf } from './diagnosing'
import { linkedCard, type LinkedCard } from './linkedCard'

/** Its answer; throws `Invalid` where nothing can be sewn: nothing can have worked, nor gone wrong. */
const sewable = (snapshot: Snapshot, { question }: LinkedCard): Answer & { method: string } => {
  const answer = answered(snapshot, question)
  const { method } = answer
  if (method === undefined)
    throw new Invalid('There is nothing to sew here.', [
      { path: ['technique'], message: 'its card says what stops it' },
    ])
  return { ...answer, method }
}

/** A telephone asks first for every danger that has a name. One without is left to the desk, which hears it too. */
const stopOf = (words: string): string | undefined => {
  const heard = stopsIn(words)[0]?.id
  return heard === UNNAMED_STOP ? undefined : heard
}

const shared = { tag: 'Shared', for: 'everyone' } as const

export const phoneRoutes = [
  route({
    ...shared,
    method: 'get',
    path: '/api/shared/cards/{token}/machine',
    summary: 'What the machine of a linked card could be set to, to tell what it shows',
    params: TokenParams,
    query: PhoneTrialQuery,
    result: sends<TrialView>(TrialView),
    refuses: [404, 422],
    handle: async ({ params, query: { stage, ...query }, services, snapshot }) =>
      trialFor(snapshot, (await linkedCard(services, params.token, query)).question, stage),
  }),
  route({
    ...shared,
    method: 'get',
    path: '/api/shared/cards/{token}/photos',
    summary: 'From which sides the machine of a linked card has a photograph of the shop’s',
    params: TokenParams,
    query: PassQuery,
    result: z.array(MachinePhoto),
    refuses: [404],
    handle: async ({ params, query, services }) => {
      const { question } = await linkedCard(services, params.token, query)
      return machinePhotos(services, question.model)
    },
  }),
  route({
    ...shared,
    method: 'get',
    path: '/api/shared/cards/{token}/photos/{view}',
    summary: 'The shop’s photograph of the machine of a linked card, and of no other',
    params: PhonePhotoParams,
    query: PhonePhotoQuery,
    result: FILE,
    type: 'image/jpeg',
    refuses: [404],
    handle: async ({ params: { token, view }, query: { at: _, ...query }, services }) => {
      const { question } = await linkedCard(services, token, query)
      return machinePhoto(services, { model: question.model, view })
    },
  }),
  route({
    ...shared,
    method: 'post',
    path: '/api/shared/cards/{token}/diagnosis',
    summary: 'What the machine shows against the linked card; what the shop counted stays with the shop',
    params: TokenParams,
    query: PassQuery,
    body: PhoneDiagnosis,
    result: sends<DiagnosisView>(DiagnosisView),
    refuses: [404, 422],
    handle: async ({ params, query, body, services, snapshot }) => {
      const { question } = await linkedCard(services, params.token, query)
      const found = await diagnosisOf(services, snapshot, question, { ...body, shown: body.shown as Shown })
      return { ...found, causes: found.causes.map((cause) => ({ ...cause, history: { was: 0, of: 0 } })) }
    },
  }),
  route({
    ...shared,
    method: 'post',
    path: '/api/shared/cards/{token}/worked',
    summary: 'It worked: counted once a link, apart from what the shop has sewn',
    params: TokenParams,
    query: PassQuery,
    body: PhoneWorked,
    result: PhoneKept,
    status: 201,
    refuses: [404, 422],
    handle: async ({ params, query, body, services, snapshot, address }) => {
      const linked = await linkedCard(services, params.token, query)
      const { method, stages } = sewable(snapshot, linked)
      const sent = { key: body.key, address, at: services.now() }
      await services.phone.worked(linked, method, workedStages(stages), sent)
      return { kept: true as const }
    },
  }),
  route({
    ...shared,
    method: 'post',
    path: '/api/shared/cards/{token}/cases',
    summary: 'It does not: a question to the shop, which becomes a case; a few a link',
    params: TokenParams,
    query: PassQuery,
    body: PhoneCase,
    result: PhoneKept,
    status: 201,
    refuses: [404, 422, 429],
    handle: async ({ params, query, body, services, snapshot, address }) => {
      const linked = await linkedCard(services, params.token, query)
      const { method } = sewable(snapshot, linked)
      const { key, words, stage: _, stop = stopOf(words), ...told } = body
      const { model, technique, fabric } = linked.question
      const content = CaseWrite.parse({
        ...defined(told),
        question: words,
        model,
        technique,
        fabric,
        outcome: stop === undefined ? 'open' : 'workshop',
        ...(stop === undefined ? {} : { stop }),
      })
      await services.phone.ask(linked, method, content, { key, address, at: services.now() })
      return { kept: true as const }
    },
  }),
  route({
    ...shared,
    method: 'get',
    path: '/api/shared/cards/{token}/told',
    summary: 'What was asked at a link, and what the shop answers',
    params: TokenParams,
    query: PassQuery.extend(PhoneKeys.shape),
    result: PhoneTold,
    refuses: [404],
    handle: async ({ params, query: { keys, ...query }, services }) =>
      services.phone.told(await linkedCard(services, params.token, query), keys.split(',').filter(Boolean)),
  }),
  route({
    method: 'get',
    path: '/api/worked',
    summary: 'For how many customers a card worked, by their telephones',
    tag: 'Cards',
    for: ANY_ROLE,
    query: CardQuery,
    result: WorkedCount,
    refuses: [422],
    handle: async ({ query: { now: _, after: __, alternatives: ___, ...asked }, services, snapshot }) => {
      const question = questionOf(asked)
      const { method, stages } = answered(snapshot, question)
      if (method === undefined) return { now: 0, otherwise: 0 }
      return countWorked(await services.phone.workedWith(question, method), stages)
    },
  }),
]
