/** A card sent: to the outbox for a customer, or by a link for anybody. A link holds nothing of a customer. */
import { z } from 'zod'
import { cardOf } from '#core/card/card'
import type { Question } from '#core/answer/types'
import type { Sheet } from '#core/workbench/sheet'
import { CardView } from '#shared/api/card'
import {
  PassQuery,
  SendCard,
  SendSheet,
  SentTo,
  SharedCardMade,
  SharedCardRow,
  SharedCardWrite,
  TokenParams,
} from '#shared/api/desk'
import { cardMessage, sheetMessage } from '#shared/messages/desk'
import { Invalid, NotFound } from '../../http/problems'
import { FILE, STAFF, route, sends } from '../../http/route'
import { pdfOf } from '../../print/drawn'
import { wholeFile } from '../../print/join'
import type { Services } from '../../services'
import { answered } from '../cards/routes'
import { actorOf } from '../catalogue/actor'
import type { Actor } from '../catalogue/store'
import { cardPages } from '../classes/handouts/cardPages'
import { defined, makeLink } from '../practice/linkRoutes'
import { namesOf } from '../practice/trial'
import { sheetOrRefuse } from '../workbench/sheetPdf'
import { addCardLink, liveCardLinks, revokeCardLink } from './cardLinks'
import { Asked, linkedCard, Pass } from './linkedCard'

const SENT_DAYS = 90
const PASS_DAYS = 365
const IdParams = z.strictObject({ id: z.coerce.number().int().positive() })

/** Where the codes of a class's handouts lead; what was printed before holds until its time is over. */
export const handoutPass = async (services: Services, title: string, { name, at }: Actor): Promise<string> =>
  `/c/${(await share(services, { pass: title }, PASS_DAYS, name, at)).token}`

const share = (
  services: Services,
  asked: z.infer<typeof Asked> | z.infer<typeof Pass>,
  days: number,
  by: string,
  at: Date,
): Promise<{ token: string; expires: Date }> => addCardLink(services, asked, days, { by, at })

export const shareRoutes = [
  route({
    method: 'post',
    path: '/api/shared-cards',
    summary: 'A link to a card for somebody without an account',
    tag: 'Desk',
    for: STAFF,
    body: SharedCardWrite,
    result: SharedCardMade,
    status: 201,
    refuses: [422],
    handle: async (context) => {
      const { days, ...asked } = context.body
      answered(context.snapshot, defined(asked) as Question)
      const { name, at } = actorOf(context)
      const { token, expires } = await share(context.services, asked, days, name, at)
      return { token, expires: expires.toISOString() }
    },
  }),
  route({
    method: 'post',
    path: '/api/shared-cards/paper',
    summary: 'A card on paper, two A5 pages to a sheet; its code is a link for somebody without an account',
    tag: 'Desk',
    for: STAFF,
    body: SharedCardWrite,
    result: FILE,
    type: 'application/pdf',
    refuses: [422],
    handle: async (context) => {
      const { services, snapshot } = context
      const { days, ...asked } = context.body
      const origin = await services.links.origin()
      const question = defined(asked) as Question
      const { tolerance } = await services.settings.read()
      const card = cardOf(snapshot.index, question, answered(snapshot, question), { tolerance })
      const { name, at } = actorOf(context)
      const { token } = await share(services, asked, days, name, at)
      const document = cardPages([{ person: '', card, address: `${origin}/c/${token}` }], card.technique.name)
      const { pdf, pages } = await services.workers.run('drawPdf', [document])
      const sheets = { ...wholeFile(0, pages), twoUp: true }
      return Buffer.from(await services.workers.run('joinPdf', [[pdf], [sheets], card.technique.name]))
    },
  }),
  route({
    method: 'get',
    path: '/api/shared-cards',
    summary: 'Links to cards that still hold',
    tag: 'Desk',
    for: STAFF,
    result: z.array(SharedCardRow),
    handle: async ({ services, snapshot }) => {
      const rows = await liveCardLinks(services)
      return rows.map(({ id, by, expires, content }) => {
        const pass = Pass.safeParse(content)
        if (pass.success)
          return { id, by, expires: expires.toISOString(), what: `the cards handed out in “${pass.data.pass}”` }
        const { technique, model, fabric } = namesOf(snapshot, Asked.parse(content))
        return {
          id,
          by,
          expires: expires.toISOString(),
          what: `${technique} on the ${model} in ${fabric.toLowerCase()}`,
        }
      })
    },
  }),
  route({
    method: 'delete',
    path: '/api/shared-cards/{id}',
    summary: 'Revoke a link',
    tag: 'Desk',
    for: STAFF,
    params: IdParams,
    result: z.object({ gone: z.literal(true) }),
    refuses: [404],
    handle: async ({ params, services }) => {
      if (!(await revokeCardLink(services, params.id))) throw new NotFound('There is no such link any more.')
      return { gone: true as const }
    },
  }),
  route({
    method: 'get',
    path: '/api/shared/cards/{token}',
    summary: 'The card a link leads to',
    tag: 'Shared',
    for: 'everyone',
    params: TokenParams,
    query: PassQuery,
    result: sends<CardView>(CardView),
    refuses: [404, 422],
    handle: async ({ params, query, services, snapshot }) => {
      const { question } = await linkedCard(services, params.token, query)
      const { tolerance } = await services.settings.read()
      return cardOf(snapshot.index, question, answered(snapshot, question), { tolerance })
    },
  }),
  route({
    method: 'post',
    path: '/api/outbox/cards',
    summary: 'Send a customer a card, as PDF with a link to the same on a screen',
    tag: 'Outbox',
    for: STAFF,
    body: SendCard,
    result: SentTo,
    status: 201,
    refuses: [404, 422],
    handle: async (context) => {
      const { body, services, snapshot } = context
      const origin = await services.links.origin()
      const { customer: id, practice = false, ...asked } = body
      const { name, address } = await mailOf(services, id)
      const question = defined(asked) as Question
      const { tolerance } = await services.settings.read()
      const card = cardOf(snapshot.index, question, answered(snapshot, question), { tolerance })
      const actor = actorOf(context)
      const { owned: _, ...toPractise } = asked
      const machine = practice
        ? await makeLink(services, snapshot, { ...toPractise, days: SENT_DAYS }, actor)
        : undefined
      const { token } = await share(services, asked, SENT_DAYS, actor.name, actor.at)
      const pdf = await pdfOf(
        services.workers,
        cardPages([{ person: name, card, address: `${origin}/c/${token}` }], card.technique.name),
      )
      const { subject, text } = cardMessage(card.technique.name, name, {
        card: `${origin}/c/${token}`,
        ...(machine ? { practice: `${origin}${machine.path}` } : {}),
      })
      await services.outbox.send(
        [
          {
            to: { name, address },
            subject,
            text,
            customer: id,
            attachments: [{ filename: 'card.pdf', content: pdf, contentType: 'application/pdf' }],
          },
        ],
        actor,
      )
      return { to: address }
    },
  }),
  route({
    method: 'post',
    path: '/api/outbox/sheets',
    summary: 'Send a customer a drawing to be printed at 1:1: a mark strip, a circle guide, a corner',
    tag: 'Outbox',
    for: STAFF,
    body: SendSheet,
    result: SentTo,
    status: 201,
    refuses: [404, 422],
    megabytes: 2,
    handle: async (context) => {
      const { body, services } = context
      const { name, address } = await mailOf(services, body.customer)
      const content = await sheetOrRefuse(services.workers, body.sheet as Sheet)
      const { subject, text } = sheetMessage(body.words, name)
      await services.outbox.send(
        [
          {
            to: { name, address },
            subject,
            text,
            customer: body.customer,
            attachments: [{ filename: 'sheet.pdf', content, contentType: 'application/pdf' }],
          },
        ],
        actorOf(context),
      )
      return { to: address }
    },
  }),
]

/** Throws `Invalid` where the shop has no mail address of them. */
const mailOf = async (services: Services, id: string): Promise<{ name: string; address: string }> => {
  const { customer } = await services.customers.one(id)
  if (customer.email !== undefined) return { name: customer.name, address: customer.email }
  throw new Invalid('No mail address is known of them.', [
    { path: ['customer'], message: `${customer.name} has no mail address: add it under Shop → Customers` },
  ])
}
