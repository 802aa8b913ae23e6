/** The desk: cases, diagnosis, looking back. */
import { z } from 'zod'
import { lookBack } from '#core/desk/cases'
import type { Shown } from '#core/desk/shown'
import { tradeUp, usedIn } from '#core/desk/tradeUp'
import { Naming } from '#core/names/names'
import { nameCarried } from '#core/translate/names'
import { Id } from '#shared/api/catalogue'
import {
  CaseChange,
  CaseParams,
  CaseRow,
  CasesQuery,
  CaseWrite,
  DiagnosisAsk,
  DiagnosisView,
  LookingView,
  TradeUpQuery,
  TradeUpView,
} from '#shared/api/desk'
import { VersionSeen } from '#shared/api/records'
import { NotFound } from '../../http/problems'
import { STAFF, route, sends } from '../../http/route'
import { actorOf } from '../catalogue/actor'
import { asCases } from './cases'
import { diagnosisOf, troubleName } from './diagnosing'

export const deskRoutes = [
  route({
    method: 'get',
    path: '/api/cases',
    summary: 'Cases, the latest first: by words, outcome, machine, technique, trouble, caller, or follow-up due',
    tag: 'Desk',
    for: STAFF,
    query: CasesQuery,
    result: z.array(CaseRow),
    handle: ({ query, services }) => services.cases.all(query),
  }),
  route({
    method: 'post',
    path: '/api/cases',
    summary: 'A new case',
    tag: 'Desk',
    for: STAFF,
    body: CaseWrite,
    result: CaseRow,
    status: 201,
    refuses: [422],
    handle: (context) => context.services.cases.add(context.body, actorOf(context)),
    again: ({ services }, { id }) => services.cases.one(Number(id)),
  }),
  route({
    method: 'get',
    path: '/api/cases/looking-back',
    summary: 'What the cases tell together: by technique, model, trouble and month; what is rising',
    tag: 'Desk',
    for: STAFF,
    result: LookingView,
    handle: async ({ services, snapshot }) => {
      const rows = await services.cases.all()
      const looking = lookBack(asCases(rows))
      const { index } = snapshot
      const names = Object.fromEntries([
        ...looking.techniques.map(([id]) => [id, index.techniques.get(id)?.name ?? id]),
        ...looking.models.map(([id]) => [id, index.models.get(id)?.name ?? id]),
        ...looking.troubles.map(([id]) => [id, troubleName(index, id)]),
      ]) as Record<string, string>
      return { ...looking, cases: rows.length, names }
    },
  }),
  route({
    method: 'get',
    path: '/api/cases/{id}',
    summary: 'A case',
    tag: 'Desk',
    for: STAFF,
    params: CaseParams,
    result: CaseRow,
    refuses: [404],
    handle: ({ params, services }) => services.cases.one(params.id),
  }),
  route({
    method: 'put',
    path: '/api/cases/{id}',
    summary: 'Change a case at the version that was seen',
    tag: 'Desk',
    for: STAFF,
    params: CaseParams,
    body: CaseChange,
    result: CaseRow,
    refuses: [404, 409, 422],
    handle: (context) => {
      const { params, body, services } = context
      return services.cases.change(params.id, body.version, body.case, actorOf(context))
    },
    again: ({ services, params }) => services.cases.one(params.id),
  }),
  route({
    method: 'delete',
    path: '/api/cases/{id}',
    summary: 'Remove a case',
    tag: 'Desk',
    for: STAFF,
    params: CaseParams,
    query: VersionSeen,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404, 409],
    handle: async (context) => {
      const { params, query, services } = context
      await services.cases.remove(params.id, query.version, actorOf(context))
      return { gone: true as const }
    },
    again: () => ({ gone: true as const }),
  }),
  route({
    method: 'get',
    path: '/api/customers/{id}/trade-up',
    summary: 'A customer’s machine against a new one, for what they were seen to sew in classes and calls',
    tag: 'Desk',
    for: STAFF,
    params: z.strictObject({ id: Id }),
    query: TradeUpQuery,
    result: sends<TradeUpView>(TradeUpView),
    refuses: [404],
    handle: async ({ params, query, services, snapshot }) => {
      const { index } = snapshot
      const [from, to] = [index.models.get(query.from), index.models.get(query.to)]
      if (!from || !to) throw new NotFound('There is no such model any more.')
      const { customer } = await services.customers.one(params.id)
      const [cases, classes] = await Promise.all([
        services.cases.all({ customer: customer.id }),
        services.classes.of(customer.id),
      ])
      const called = asCases(cases)
      const taught = classes.flatMap((row) => row.class.techniques)
      const used = usedIn([...called, ...taught]).filter(
        ({ technique, fabric }) => index.techniques.has(technique) && index.fabrics.has(fabric),
      )
      const compared = tradeUp(snapshot, from, to, customer.owns, used)
      const rows = compared.rows.map((row) => ({
        ...row,
        name: index.techniques.get(row.technique)?.name ?? '',
        fabricName: index.fabrics.get(row.fabric)?.name ?? '',
      }))
      const naming = nameCarried(new Naming(index), compared.items)
        .models([from.id, to.id])
        .items([...compared.buy, ...compared.unpriced])
      for (const side of compared.rows.flatMap((row) => [row.from, row.to]))
        naming.items(side.toGet).reasons([side.reason])
      return { ...compared, rows, names: naming.names }
    },
  }),
  route({
    method: 'post',
    path: '/api/diagnosis',
    summary: 'What the machine shows against its card: hazards, ranked causes, the least moves that put it right',
    tag: 'Desk',
    for: STAFF,
    body: DiagnosisAsk,
    result: sends<DiagnosisView>(DiagnosisView),
    refuses: [422],
    handle: async ({ body, services, snapshot }) => {
      const { trouble, shown, stage, ...question } = body
      return diagnosisOf(services, snapshot, question, { trouble, stage, shown: shown as Shown })
    },
  }),
]
