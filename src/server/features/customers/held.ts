/**
 * All that is held of a customer, told once: what is given out to them and what goes when they are erased are the same
 * list.
 */
import { In, type EntityManager } from 'typeorm'
import type { Customer } from '#core/customers/types'
import {
  AskAliasRow,
  ClassSeatRow,
  CustomerRow,
  DeskCaseRow,
  OutboxMessageRow,
  PracticeAttemptRow,
  PracticeLinkRow,
  SewingClassRow,
  ShopHistoryRow,
} from '../../database/entities/index'

/** Whose name is not held any more. */
export const ERASED = 'a former customer'

type Json = Record<string, unknown>

/** One place where something of a person may be. */
interface Place {
  name: string
  /** What is there of them, as it would be given to them. */
  held: (manager: EntityManager, customer: Customer) => Promise<unknown[]>
  /** Takes it away; what a shop must go on knowing stays without them. */
  erase: (manager: EntityManager, customer: Customer) => Promise<void>
}

const sameName = (a: string, b: string): boolean => a.trim().toLowerCase() === b.trim().toLowerCase()

/** Theirs by their id; one with their name and nobody's id may be theirs, and is taken for it. */
const isTheirSeat = (seat: Json, { id, name }: Customer): boolean =>
  seat['customer'] === undefined ? sameName(String(seat['name'] ?? ''), name) : seat['customer'] === id

const seatsOf = (content: unknown): Json[] => ((content as { seats?: Json[] } | null)?.seats ?? []) as Json[]

const withoutSeats = (content: unknown, customer: Customer): Json => ({
  ...(content as Json),
  seats: seatsOf(content).map((seat) => {
    if (!isTheirSeat(seat, customer)) return seat
    const { customer: _, ...rest } = seat
    return { ...rest, name: ERASED }
  }),
})

const hasSeat = (content: unknown, customer: Customer): boolean =>
  content !== null && seatsOf(content).some((seat) => isTheirSeat(seat, customer))

const classes: Place = {
  name: 'seats',
  held: async (manager, customer) => {
    const seats = await seatsFor(manager, customer)
    const rows = await manager.findBy(SewingClassRow, { id: In(seats.map((seat) => seat.of)) })
    const byId = new Map(rows.map(({ id, content }) => [id, content as Json]))
    return seats.map(({ of, name, model, content }) => {
      const { title, starts } = byId.get(of) ?? {}
      return { class: title, starts, seat: { name, ...(model === null ? {} : { model }), ...(content as Json) } }
    })
  },
  erase: async (manager, customer) => {
    const seats = await seatsFor(manager, customer)
    for (const { of, place } of seats)
      await manager.update(ClassSeatRow, { of, place }, { name: ERASED, customer: null })
    for (const id of new Set(seats.map((seat) => seat.of)))
      await manager.increment(SewingClassRow, { id }, 'version', 1)
    for (const row of await manager.findBy(ShopHistoryRow, { resource: 'classes' })) {
      if (!hasSeat(row.before, customer) && !hasSeat(row.after, customer)) continue
      const [before, after] = [row.before, row.after].map((one) => one && withoutSeats(one, customer))
      await manager.update(ShopHistoryRow, { id: row.id }, { before, after })
    }
  },
}

/** Theirs by their id, and those with their name that are nobody's. */
const seatsFor = (manager: EntityManager, { id, name }: Customer): Promise<ClassSeatRow[]> =>
  manager
    .createQueryBuilder(ClassSeatRow, 'seat')
    .where('seat.customer = :id OR (seat.customer IS NULL AND LOWER(TRIM(seat.name)) = LOWER(TRIM(:name)))', {
      id,
      name,
    })
    .orderBy('seat.of')
    .addOrderBy('seat.place')
    .getMany()

/** What was typed freely may name anybody; codes and figures are what the shop learns from. */
const withoutText = ({ question: _, advice: __, answer: ___, handedTo: ____, shown, ...content }: Json): Json => ({
  ...content,
  question: 'Erased with the customer.',
  ...(shown === undefined ? {} : { shown: { ...(shown as Json), positions: {} } }),
})

const cases: Place = {
  name: 'cases',
  held: async (manager, { id }) =>
    (await manager.findBy(DeskCaseRow, { customer: id })).map(({ id: number, at, by, trouble, content }) => ({
      ...(content as Json),
      id: number,
      at: at.toISOString(),
      by,
      ...(trouble === null ? {} : { trouble }),
    })),
  erase: async (manager, { id }) => {
    for (const row of await manager.find(DeskCaseRow, {
      where: { customer: id },
      lock: { mode: 'pessimistic_write' },
    })) {
      await manager.delete(ShopHistoryRow, { resource: 'cases', row: String(row.id) })
      const content = withoutText(row.content as Json)
      const bare = { version: row.version + 1, customer: null, words: '', content }
      await manager.update(DeskCaseRow, { id: row.id }, bare)
    }
    // Of cases that were removed, or spoke of them once.
    for (const row of await manager.findBy(ShopHistoryRow, { resource: 'cases' }))
      if ([row.before, row.after].some((one) => (one as Json | null)?.['customer'] === id))
        await manager.delete(ShopHistoryRow, { id: row.id })
  },
}

const words: Place = {
  name: 'words',
  held: async (manager, { id }) =>
    (await manager.findBy(AskAliasRow, { kind: 'customer', of: id })).map((row) => row.words),
  erase: async (manager, { id }) => void (await manager.delete(AskAliasRow, { kind: 'customer', of: id })),
}

const messages: Place = {
  name: 'messages',
  held: async (manager, customer) =>
    (await messagesTo(manager, customer)).map(({ at, to, subject, mail }) => ({
      at: at.toISOString(),
      to,
      subject,
      mail: mail.toString('utf8'),
    })),
  erase: async (manager, customer) => {
    for (const { id } of await messagesTo(manager, customer)) await manager.delete(OutboxMessageRow, { id })
  },
}

/** Those that are theirs, and whatever went to their address. */
const messagesTo = (manager: EntityManager, { id, email }: Customer): Promise<OutboxMessageRow[]> =>
  manager.find(OutboxMessageRow, { where: [{ customer: id }, ...(email === undefined ? [] : [{ to: email }])] })

const speaksOf = (text: string, { name }: Customer): boolean => text.toLowerCase().includes(name.trim().toLowerCase())

const links: Place = {
  name: 'practice',
  held: async (manager, customer) => [
    ...(await notesOf(manager, customer)).map(({ note }) => ({ note })),
    ...(await attemptsOf(manager, customer)).map(({ at, by, content }) => ({
      ...(content as Json),
      at: at.toISOString(),
      by,
    })),
  ],
  erase: async (manager, customer) => {
    for (const { id } of await notesOf(manager, customer)) await manager.update(PracticeLinkRow, { id }, { note: '' })
    for (const { id } of await attemptsOf(manager, customer))
      await manager.update(PracticeAttemptRow, { id }, { by: ERASED })
  },
}

const notesOf = async (manager: EntityManager, customer: Customer): Promise<PracticeLinkRow[]> =>
  (await manager.find(PracticeLinkRow)).filter(({ note }) => speaksOf(note, customer))

/** With a link there is only the name that was typed: whoever is called the same loses it as well. */
const attemptsOf = async (manager: EntityManager, { name }: Customer): Promise<PracticeAttemptRow[]> =>
  (await manager.find(PracticeAttemptRow)).filter(({ link, by }) => link !== null && sameName(by, name))

const history: Place = {
  name: 'history',
  held: async (manager, { id }) =>
    (await manager.findBy(ShopHistoryRow, { resource: 'customers', row: id })).map(({ at, by, before, after }) => ({
      at: at.toISOString(),
      by,
      before,
      after,
    })),
  erase: async (manager, { id }) => void (await manager.delete(ShopHistoryRow, { resource: 'customers', row: id })),
}

const PLACES: readonly Place[] = [classes, cases, words, messages, links, history]

/** Place by place, what is held beside the customer's own row. */
export const heldOf = async (manager: EntityManager, customer: Customer): Promise<Record<string, unknown[]>> =>
  Object.fromEntries(
    await Promise.all(PLACES.map(async ({ name, held }) => [name, await held(manager, customer)] as const)),
  )

/** Within a transaction, with the customer's row locked. */
export const eraseAll = async (manager: EntityManager, customer: Customer): Promise<void> => {
  for (const { erase } of PLACES) await erase(manager, customer)
  await manager.delete(CustomerRow, { id: customer.id })
}
