/** Customers in the database, with their machines. What else is held of one, and how it goes, stands in `held.ts`. */
import { randomBytes } from 'node:crypto'
import type { EntityManager } from 'typeorm'
import type { z } from 'zod'
import { sameValue } from '#core/catalogue/sameValue'
import { knownAs, nameKey } from '#core/customers/samePerson'
import type { CatalogueIndex } from '#core/catalogue/index'
import {
  Customer,
  CustomerWrite,
  type CustomerRow,
  type CustomersImported,
  type CustomersPage,
  type CustomersQuery,
} from '#shared/api/customers'
import { CustomerRow as Row } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { Invalid, NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'
import { noteHistory, putRecord, type HistoryLine } from '../records/store'
import type { RecordTable } from '../records/table'
import { eraseAll } from './held'

const PAGE = 100
/** More than anybody is found by. */
const MOST_WORDS = 8
const GONE = 'There is no such customer any more.'

export const customerTable: RecordTable<CustomerWrite> = {
  resource: 'customers',
  topic: 'customers',
  one: 'customer',
  read: async (manager, id) => {
    const row = await manager.findOne(Row, { where: { id }, lock: { mode: 'pessimistic_write' } })
    return row ? { version: row.version, value: contentOf(row) } : undefined
  },
  put: async (manager, id, { version, value }, isNew) => {
    const columns = { version, name: value.name, content: value }
    if (isNew) await manager.insert(Row, { id, ...columns })
    else await manager.update(Row, { id }, columns)
  },
  drop: async (manager, id) => void (await manager.delete(Row, { id })),
  title: ({ name }) => name,
  sent: (id, value) => ({ ...value, id }),
  check: (_, value, index) => check([value], index),
}

export class CustomerStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  async all(): Promise<CustomerRow[]> {
    return (await this.manager.find(Row, { order: { name: 'ASC', id: 'ASC' } })).map(toView)
  }

  /** A page of those who are meant, by name, and how many they are in all. */
  async page(
    { q = '', ids, mail, before, most = PAGE }: z.output<typeof CustomersQuery>,
    index: CatalogueIndex,
  ): Promise<CustomersPage> {
    const query = this.manager.createQueryBuilder(Row, 'one')
    if (ids) query.andWhere('one.id IN (:...ids)', { ids: ids.length > 0 ? ids : [''] })
    if (mail) query.andWhere("JSON_VALUE(one.facts, '$.email') IS NOT NULL")
    for (const [i, word] of q.toLowerCase().split(/\s+/).filter(Boolean).slice(0, MOST_WORDS).entries()) {
      const models = index.bundle.models.filter(({ make, name }) =>
        `${index.makes.get(make)?.name ?? ''} ${name}`.toLowerCase().includes(word),
      )
      query.andWhere(`(${SAID} LIKE :word${i}${models.length > 0 ? ` OR ${hasModel(`:...models${i}`)}` : ''})`, {
        [`word${i}`]: `%${word.replace(/[\\%_]/g, '\\$&')}%`,
        [`models${i}`]: models.map(({ id }) => id),
      })
    }
    const counts = await query
      .clone()
      .select('COUNT(*)', 'total')
      .addSelect("COALESCE(SUM(JSON_LENGTH(one.facts, '$.machines')), 0)", 'machines')
      .getRawOne<{ total: string; machines: string }>()
    if (before !== undefined)
      query.andWhere('(one.name, one.id) > (SELECT past.name, past.id FROM customer past WHERE past.id = :before)', {
        before,
      })
    const rows = await query.orderBy('one.name').addOrderBy('one.id').limit(most).getMany()
    return { rows: rows.map(toView), total: Number(counts?.total), machines: Number(counts?.machines) }
  }

  /** Whoever may be one of these people: of the same name, whatever its capitals and spaces. */
  async named(names: readonly string[]): Promise<CustomerRow[]> {
    const rows = await this.manager
      .createQueryBuilder(Row, 'one')
      .where("REGEXP_REPLACE(TRIM(one.name), '[[:space:]]+', ' ') IN (:...names)", { names: names.map(nameKey) })
      .orderBy('one.name')
      .addOrderBy('one.id')
      .getMany()
    return rows.map(toView)
  }

  async one(id: string): Promise<CustomerRow> {
    const row = await this.manager.findOneBy(Row, { id })
    if (!row) throw new NotFound(GONE)
    return toView(row)
  }

  async add(customer: CustomerWrite, index: CatalogueIndex, actor: Actor): Promise<CustomerRow> {
    check([customer], index)
    return this.writes.run('customers', async (manager) => {
      const id = newId()
      const version = await putRecord(manager, actor, customerTable, { row: id, value: customer, expects: 'new' })
      return { version, customer: { ...customer, id } }
    })
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(
    id: string,
    expects: number,
    customer: CustomerWrite,
    index: CatalogueIndex,
    actor: Actor,
  ): Promise<CustomerRow> {
    check([customer], index)
    return this.writes.run('customers', async (manager) => {
      const version = await putRecord(manager, actor, customerTable, { row: id, value: customer, expects })
      return { version, customer: { ...customer, id } }
    })
  }

  /** All that is held of them, wherever it is; nothing brings it back. */
  async erase(id: string): Promise<void> {
    await this.writes.run(['customers', 'classes', 'cases', 'words', 'outbox', 'practice'], async (manager) => {
      const row = await manager.findOne(Row, { where: { id }, lock: { mode: 'pessimistic_write' } })
      if (!row) throw new NotFound(GONE)
      await eraseAll(manager, toView(row).customer)
    })
  }

  /**
   * All or nothing. A person with the same name and mail, or name and phone, or of whom it is said, is the same person:
   * machines are added.
   */
  async takeIn(
    customers: readonly (CustomerWrite & { same?: string | undefined })[],
    index: CatalogueIndex,
    actor: Actor,
  ): Promise<CustomersImported> {
    check(customers, index)
    return this.writes.run('customers', async (manager) => {
      const rows = await manager.find(Row, { lock: { mode: 'pessimistic_write' } })
      const lines: HistoryLine[] = []
      const counts = { added: 0, changed: 0, same: 0 }
      const byName = new Map<string, Kept[]>()
      const byId = new Map<string, Kept>()
      const keep = (one: Kept) => {
        const key = nameKey(one.customer.name)
        byName.set(key, [...(byName.get(key) ?? []).filter(({ id }) => id !== one.id), one])
        byId.set(one.id, one)
      }
      for (const row of rows) keep({ id: row.id, version: row.version, customer: contentOf(row) })
      for (const [place, { same, ...customer }] of customers.entries()) {
        const row = same === undefined ? knownRow(customer, byName) : byId.get(same)
        if (same !== undefined && !row)
          throw new Invalid('Somebody in the list is gone.', [
            { path: ['customers', place, 'same'], message: `there is no customer “${same}” any more` },
          ])
        const before = row?.customer
        const next = before ? merged(before, customer) : customer
        if (before && sameValue(next, before)) {
          counts.same++
          continue
        }
        const id = row?.id ?? newId()
        const version = (row?.version ?? 0) + 1
        await customerTable.put(manager, id, { version, value: next }, !row)
        lines.push({ resource: 'customers', row: id, version, before: before ?? null, after: next })
        counts[row ? 'changed' : 'added']++
        // The next line of the list may be of the same person.
        keep({ id, version, customer: next })
      }
      await noteHistory(manager, actor, lines)
      return counts
    })
  }
}

/** What a customer is found by, in a line each; whatever its capitals. */
const SAID =
  "CONCAT_WS('\\n', one.name, JSON_VALUE(one.facts, '$.phone'), JSON_VALUE(one.facts, '$.email'), " +
  "JSON_EXTRACT(one.facts, '$.machines[*].serial')) COLLATE utf8mb4_unicode_ci"
const hasModel = (ids: string): string =>
  "EXISTS (SELECT 1 FROM JSON_TABLE(one.facts, '$.machines[*]' COLUMNS (model varchar(120) PATH '$.model')) owned " +
  `WHERE owned.model IN (${ids}))`

/** An id tells nothing of the person. */
const newId = (): string => `c-${randomBytes(8).toString('hex')}`

const contentOf = ({ content }: Row): CustomerWrite => CustomerWrite.parse(content)

const toView = ({ id, version, content }: Row): CustomerRow => ({
  version,
  customer: Customer.parse({ ...(content as object), id }),
})

interface Kept {
  id: string
  version: number
  customer: CustomerWrite
}

/** Whom of those of one name somebody is beyond doubt; who is only like one is somebody new. */
const knownRow = (customer: CustomerWrite, byName: ReadonlyMap<string, readonly Kept[]>): Kept | undefined => {
  const named = byName.get(nameKey(customer.name)) ?? []
  const known = knownAs(
    customer,
    named.map(({ id, customer: { name, phone, email } }) => ({ id, name, phone, email })),
  )
  return known && 'id' in known ? named.find(({ id }) => id === known.id) : undefined
}

/** What the list says is added; a machine is the same by its serial, else by its model. */
const merged = (before: CustomerWrite, next: CustomerWrite): CustomerWrite => {
  const has = (machine: CustomerWrite['machines'][number]) =>
    before.machines.some(
      ({ model, serial }) => model === machine.model && (machine.serial === undefined || serial === machine.serial),
    )
  return {
    ...before,
    ...next,
    machines: [...before.machines, ...next.machines.filter((machine) => !has(machine))],
    owns: [...new Set([...before.owns, ...next.owns])],
  }
}

/** Throws `Invalid` for a model or an item that the catalogue has not. */
const check = (customers: readonly CustomerWrite[], { models, items }: CatalogueIndex): void => {
  const issues = customers.flatMap(({ machines, owns }, c) => [
    ...machines.flatMap(({ model }, m) =>
      models.has(model)
        ? []
        : [{ path: ['customers', c, 'machines', m, 'model'], message: `no model “${model}” in the catalogue` }],
    ),
    ...owns.flatMap((id, o) =>
      items.has(id) ? [] : [{ path: ['customers', c, 'owns', o], message: `no item “${id}” in the catalogue` }],
    ),
  ])
  if (issues.length > 0) throw new Invalid('Something a customer has is not in the catalogue.', issues.slice(0, 50))
}
