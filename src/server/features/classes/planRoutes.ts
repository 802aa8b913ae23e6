/** What follows from a class: its plan, what a change would do, run sheet, supplies, calendar, handouts, messages. */
import { z } from 'zod'
import { changeBetween, worthOfOneMore } from '#core/classes/change'
import type { PlannedClass } from '#core/classes/plan'
import { runSheet } from '#core/classes/runSheet'
import { suppliesOf, type Supply, type SupplyNeed } from '#core/classes/supplies'
import type { SewingClass } from '#core/classes/types'
import { nameChange, nameClass } from '#core/classes/names'
import { hungIn } from '../practice/progress'
import { Naming } from '#core/names/names'
import type { CatalogueIndex } from '#core/catalogue/index'
import { Id } from '#shared/api/catalogue'
import {
  Clashes,
  ClassChangeView,
  ClassDraft,
  ClassMessages,
  ClassMessagesSent,
  ClassPlanView,
  ClassPurchases,
  HandoutParams,
  HandoutQuery,
  RunSheetView,
  SuppliesView,
} from '#shared/api/classes'
import { Invalid, NotFound } from '../../http/problems'
import { FILE, STAFF, route, sends, type Context } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { handoutPass } from '../desk/shareRoutes'
import { clashesWith, classCalendar } from './calendar'
import { handout, type HandoutInput } from './handouts/handout'
import { messagesOf } from './messages'
import { checkClass } from './store'

const Params = z.strictObject({ id: Id })
type PlanContext = Context<{ id: string }, unknown, unknown>

const plannedClass = async ({ params, services, snapshot, work }: PlanContext): Promise<PlannedClass> => {
  const { class: asked } = await services.classes.one(params.id)
  return services.planning.of(snapshot, asked as SewingClass, work.reportProgress)
}

const needsOf = (planned: PlannedClass, stock: readonly Supply[]): (SupplyNeed & { name: string })[] =>
  suppliesOf(planned, stock).map((need) => ({ ...need, name: nameOf(planned.index, need) }))

const nameOf = (index: CatalogueIndex, { what, of }: SupplyNeed): string => {
  if (what === 'fabric') return index.fabrics.get(of)?.name ?? of
  if (what === 'thread') return index.threads.get(of)?.name ?? of
  return what === 'bobbin' ? `Wound bobbin, ${of}` : what === 'needle' ? `Needle ${of}` : of
}

/** `coded`: with cards, whose codes lead somewhere. */
const handoutInput = async (context: PlanContext, coded: boolean): Promise<HandoutInput> => {
  const { services, snapshot } = context
  const origin = await services.links.origin()
  const [planned, { supplies }, { tolerance }] = await Promise.all([
    plannedClass(context),
    services.cupboard.supplies(),
    services.settings.read(),
  ])
  const cards = coded ? `${origin}${await handoutPass(services, planned.asked.title, actorOf(context))}` : origin
  const needs = needsOf(planned, supplies as Supply[])
  const hung = () => hungIn(services, planned)
  const { workers, bodies } = services
  return { planned, answering: snapshot, tolerance, cards, needs, hung, workers, bodies }
}

export const classPlanRoutes = [
  route({
    method: 'get',
    path: '/api/classes/{id}/plan',
    summary: 'Who is ready for what, who is lent or buys what, in which order it is taught',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: sends<ClassPlanView>(ClassPlanView),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const planned = await plannedClass(context)
      const { plan, asked } = planned
      const { index } = context.snapshot
      const methods = asked.techniques.map(({ technique }) =>
        (index.techniques.get(technique)?.methods ?? []).map(({ id, name }) => ({ id, name })),
      )
      return { ...plan, methods, names: nameClass(planned).names }
    },
  }),
  route({
    method: 'post',
    path: '/api/classes/{id}/change',
    summary: 'What a change to a class would do; nothing is kept',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    body: ClassDraft,
    result: sends<ClassChangeView>(ClassChangeView),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { body, params, services, snapshot, work } = context
      checkClass(body.class, snapshot.index)
      const before = await plannedClass(context)
      const { plan } = await services.planning.of(
        snapshot,
        { ...body.class, id: params.id } as SewingClass,
        work.reportProgress,
      )
      if (plan.seats.length !== before.plan.seats.length)
        throw new Invalid('The change has other seats than the class.', [
          { path: ['class', 'seats'], message: 'must be as many as before' },
        ])
      const change = changeBetween(before.plan, plan)
      return { change, solved: plan.solved, names: nameChange(snapshot.index, change).names }
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/purchases',
    summary: 'What one more piece in the shop’s loan stock would change, the most useful first',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: sends<ClassPurchases>(ClassPurchases),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const planned = await plannedClass(context)
      const purchases = await worthOfOneMore(planned, context.services.planning.solve, context.work.reportProgress)
      const naming = new Naming(context.snapshot.index)
        .items(purchases.map(({ item }) => item))
        .models(purchases.map(({ model }) => model))
      return { purchases, names: naming.names }
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/run-sheet',
    summary: 'What happens when, whom to help where, which machine to demonstrate on',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: sends<RunSheetView>(RunSheetView),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const planned = await plannedClass(context)
      const sheet = runSheet(planned, await hungIn(context.services, planned))
      return { ...sheet, names: nameClass(planned).models([sheet.demonstrate?.model]).names }
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/calendar.ics',
    summary: 'The class and its techniques as iCalendar, with alarms',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: z.string(),
    type: 'text/calendar',
    refuses: [404, 409, 422],
    handle: async (context) => {
      const planned = await plannedClass(context)
      const name = (place: number) =>
        context.snapshot.index.techniques.get(planned.asked.techniques[place]?.technique ?? '')?.name ?? ''
      return classCalendar(planned.asked, runSheet(planned), name, context.services.now())
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/clashes',
    summary: 'What the shop’s calendar has in the time of the class',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: Clashes,
    refuses: [404],
    handle: async ({ params, services }) => {
      const [{ class: asked }, calendar] = await Promise.all([
        services.classes.one(params.id),
        services.cupboard.calendar(),
      ])
      return { clashes: clashesWith(asked, calendar.events), known: calendar.read !== undefined }
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/supplies',
    summary: 'What the class uses up, rounded up to how it is sold',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    result: sends<SuppliesView>(SuppliesView),
    refuses: [404, 409, 422],
    handle: async (context) => {
      const [planned, { supplies }] = await Promise.all([plannedClass(context), context.services.cupboard.supplies()])
      return { needs: needsOf(planned, supplies as Supply[]), spares: planned.asked.spares ?? 1 }
    },
  }),
  route({
    method: 'get',
    path: '/api/classes/{id}/handouts/{part}.pdf',
    summary: 'Handouts: cards for each seat, side-by-side and wall sheets, lists, run sheet, shopping, or everything',
    tag: 'Classes',
    for: STAFF,
    params: HandoutParams,
    query: HandoutQuery,
    result: FILE,
    type: 'application/pdf',
    refuses: [404, 409, 422],
    handle: async (context) => {
      const { params, query, work } = context
      const input = await handoutInput(context, params.part === 'cards' || params.part === 'everything')
      if (query.seat !== undefined && !input.planned.asked.seats[query.seat])
        throw new NotFound('There is no such seat.')
      const pdf = await handout(input, params.part, work.reportProgress, query.seat)
      if (!pdf) throw new Invalid('There is no card to print: no machine is told, and none of the shop’s is left.', [])
      return pdf
    },
  }),
  route({
    method: 'post',
    path: '/api/classes/{id}/messages',
    summary: 'A follow-up with their cards to people of the class, into the outbox',
    tag: 'Classes',
    for: STAFF,
    params: Params,
    body: ClassMessages,
    result: ClassMessagesSent,
    refuses: [404, 409, 422],
    handle: async (context) => messagesOf(context, await handoutInput(context, true)),
  }),
]
