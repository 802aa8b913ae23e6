/** The outbox: a simulated mailbox that keeps what would be sent as standard mail files (RFC 5322). */
import { createTransport } from 'nodemailer'
import type { EntityManager } from 'typeorm'
import type { OutboxMessage } from '#shared/api/outbox'
import { OutboxMessageRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'

export interface Letter {
  to: { name: string; address: string }
  subject: string
  text: string
  /** Whom it is for; it goes when they are erased. */
  customer?: string | undefined
  attachments?: { filename: string; content: Buffer; contentType: string }[]
}

const FROM = { name: 'Handhold', address: 'desk@handhold.example' }
const GONE = 'There is no such message in the outbox any more.'

export class Outbox {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  /** All or nothing. */
  async send(letters: readonly Letter[], { name, at }: Actor): Promise<void> {
    const rows = await Promise.all(
      letters.map(async (letter) => ({
        at,
        by: name,
        to: letter.to.address,
        subject: letter.subject,
        customer: letter.customer ?? null,
        mail: await mailOf(letter, at),
      })),
    )
    await this.writes.run('outbox', (manager) => manager.insert(OutboxMessageRow, rows))
  }

  /** The latest first. */
  async all(): Promise<OutboxMessage[]> {
    const rows = await this.manager.query<(Omit<OutboxMessage, 'at'> & { at: Date })[]>(
      'SELECT id, at, `by`, `to`, subject, LENGTH(mail) AS bytes FROM outbox_message ORDER BY id DESC LIMIT 500',
    )
    return rows.map(({ at, bytes, ...row }) => ({ ...row, at: at.toISOString(), bytes: Number(bytes) }))
  }

  async mail(id: number): Promise<Buffer> {
    return (await this.one(id)).mail
  }

  /** A copy with today's date. */
  async again(id: number, { name, at }: Actor): Promise<void> {
    const { to, subject, customer, mail } = await this.one(id)
    const dated = Buffer.from(mail.toString('latin1').replace(/^Date: .*$/m, `Date: ${rfcDate(at)}`), 'latin1')
    await this.writes.run('outbox', (manager) =>
      manager.insert(OutboxMessageRow, { at, by: name, to, subject, customer, mail: dated }),
    )
  }

  async remove(id: number): Promise<void> {
    await this.writes.run('outbox', async (manager) => {
      const { affected } = await manager.delete(OutboxMessageRow, { id })
      if (!affected) throw new NotFound(GONE)
    })
  }

  private async one(id: number): Promise<OutboxMessageRow> {
    const row = await this.manager.findOneBy(OutboxMessageRow, { id })
    if (!row) throw new NotFound(GONE)
    return row
  }
}

const composer = createTransport({ streamTransport: true, buffer: true, newline: 'windows' })

const mailOf = async ({ to, subject, text, attachments = [] }: Letter, date: Date): Promise<Buffer> => {
  const { message } = await composer.sendMail({ from: FROM, to, subject, text, attachments, date })
  return message as Buffer
}

const rfcDate = (at: Date): string => at.toUTCString().replace('GMT', '+0000')
