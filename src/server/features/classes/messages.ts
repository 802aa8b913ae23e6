/** After the class: each person's cards, to the outbox. */
import type { ClassMessagesSent } from '#shared/api/classes'
import { handoutMessage } from '#shared/messages/classes'
import type { Context } from '../../http/route'
import { Invalid } from '../../http/problems'
import { actorOf } from '../catalogue/actor'
import type { Letter } from '../outbox/outbox'
import { handout, type HandoutInput } from './handouts/handout'

/** To whom the shop has a mail address; the others are named, as is who has no card. All are sent, or none. */
export const messagesOf = async (
  context: Context<unknown, unknown, { seats: number[] }>,
  input: HandoutInput,
): Promise<ClassMessagesSent> => {
  const { body, services, work } = context
  const { asked } = input.planned
  const unknown = body.seats.filter((s) => !asked.seats[s])
  if (unknown.length > 0)
    throw new Invalid(
      'There is no such seat.',
      unknown.map((s) => ({ path: ['seats', s], message: 'is no seat of this class' })),
    )
  const customers = new Map((await services.customers.all()).map(({ customer }) => [customer.id, customer]))
  const letters: Letter[] = []
  const without: string[] = []
  const cardless: string[] = []
  for (const [done, s] of [...new Set(body.seats)].entries()) {
    await work.reportProgress(done, body.seats.length)
    const seat = asked.seats[s]
    const customer = customers.get(seat?.customer ?? '')
    if (!seat || customer?.email === undefined) {
      without.push(seat?.name ?? '')
      continue
    }
    const pdf = await handout(input, 'cards', () => Promise.resolve(), s)
    if (!pdf) {
      cardless.push(seat.name)
      continue
    }
    const { subject, text } = handoutMessage(asked, seat.name)
    letters.push({
      to: { name: customer.name, address: customer.email },
      subject,
      text,
      customer: customer.id,
      attachments: [{ filename: 'cards.pdf', content: pdf, contentType: 'application/pdf' }],
    })
  }
  await work.reportProgress(body.seats.length, body.seats.length)
  await services.outbox.send(letters, actorOf(context))
  return { sent: letters.length, without, cardless }
}
