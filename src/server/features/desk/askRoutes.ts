/** One line of free text to what is asked, and the words that a shop has taught it. */
import { z } from 'zod'
import { understand } from '#core/ask/ask'
import type { Learned } from '#core/ask/askables'
import { decideBriefly } from '#core/coverage/decide'
import { stopsIn } from '#shared/messages/stops'
import { picksFrom } from '#core/ask/picks'
import { wordsOf } from '#core/ask/words'
import { AskQuery, AskView, LearnedWords, LearnWords } from '#shared/api/desk'
import { Invalid, NotFound } from '../../http/problems'
import { STAFF, route, sends } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { troubleName } from './diagnosing'

export const askRoutes = [
  route({
    method: 'get',
    path: '/api/ask',
    summary: 'One line of free text to machine or customer, technique or trouble, fabric',
    tag: 'Desk',
    for: STAFF,
    query: AskQuery,
    result: sends<AskView>(AskView),
    handle: async ({ query, services, snapshot }) => {
      const customers = await services.customers.all()
      const index = await services.ask.index(snapshot, customers)
      const named = (map: ReadonlyMap<string, { name: string }>) => (id: string) => map.get(id)?.name ?? id
      const { models, techniques } = snapshot.index
      const owners = new Map(customers.map(({ customer }) => [customer.id, customer]))
      const owned = (customer: string) => owners.get(customer)?.machines.map(({ model }) => model) ?? []
      const picks = picksFrom(understand(index, query.q, owned), [...owners.values()], {
        model: named(models),
        technique: named(techniques),
        sews: (model, technique, fabric) =>
          (fabric === undefined ? snapshot.bundle.fabrics.map(({ id }) => id) : [fabric]).some(
            (id) => decideBriefly(snapshot, { model, technique, fabric: id }).verdict !== 'notOnThisModel',
          ),
      })
      return { picks, stops: stopsIn(query.q) }
    },
  }),
  route({
    method: 'post',
    path: '/api/ask/words',
    summary: 'What some words mean in this shop, confirmed by somebody of it',
    tag: 'Desk',
    for: STAFF,
    body: LearnWords,
    result: z.object({ learned: z.literal(true) }),
    status: 201,
    refuses: [422],
    handle: async (context) => {
      const { body, services, snapshot } = context
      const existing = {
        model: snapshot.index.models,
        technique: snapshot.index.techniques,
        fabric: snapshot.index.fabrics,
        customer: undefined,
        trouble: undefined,
      }[body.kind]
      if (existing && !existing.has(body.of))
        throw new Invalid('Nothing is called that.', [
          { path: ['of'], message: `there is no ${body.kind} “${body.of}”` },
        ])
      await services.ask.learn(
        { kind: body.kind, of: body.of, words: wordsOf(body.words).join(' ') },
        actorOf(context).name,
      )
      return { learned: true as const }
    },
  }),
  route({
    method: 'get',
    path: '/api/ask/words',
    summary: 'What the ask line has learnt in this shop',
    tag: 'Desk',
    for: STAFF,
    result: z.array(LearnedWords),
    handle: async ({ services, snapshot }) => {
      const customers = new Map((await services.customers.all()).map(({ customer }) => [customer.id, customer]))
      const { models, techniques, fabrics } = snapshot.index
      const lists = { model: models, technique: techniques, fabric: fabrics, customer: customers }
      const nameOf = ({ kind, of }: Learned) =>
        kind === 'trouble' ? troubleName(snapshot.index, of) : (lists[kind].get(of)?.name ?? of)
      return (await services.ask.readLearned()).map((one) => ({ ...one, name: nameOf(one) }))
    },
  }),
  route({
    method: 'delete',
    path: '/api/ask/words',
    summary: 'Forget what some words meant in this shop',
    tag: 'Desk',
    for: STAFF,
    body: LearnWords,
    result: z.object({ forgotten: z.literal(true) }),
    refuses: [404],
    handle: async ({ body, services }) => {
      if (!(await services.ask.forget(body))) throw new NotFound('Those words are not known any more.')
      return { forgotten: true as const }
    },
  }),
]
