/** Customers in the database. Nothing of them is kept beside their row, so that erasing one leaves nothing behind. */
import type { DataSource, EntityManager } from 'typeorm'
import type { SewingClass } from '#core/classes/types'
import { freeId } from '#core/catalogue/ids'
import { sameValue } from '#core/catalogue/sameValue'
import type { CatalogueIndex } from '#core/catalogue/index'
import { Customer, type CustomerRow, type CustomersImported, type CustomerWrite } from '#shared/api/customers'
import { CustomerRow as Row, PracticeAttemptRow, SewingClassRow } from '../../database/entities/index'
import { Conflict, Invalid, NotFound } from '../../http/problems'

/** Whose name is not held any more. */
const ERASED = 'a former customer'

export class CustomerStore {
  constructor(private readonly database: DataSource) {}

  async all(): Promise<CustomerRow[]> {
    return (await this.database.manager.find(Row, { order: { name: 'ASC', id: 'ASC' } })).map(toView)
  }

  async one(id: string): Promise<CustomerRow> {
    const row = await this.database.manager.findOneBy(Row, { id })
    if (!row) throw new NotFound('There is no such customer any more.')
    return toView(row)
  }

  async add(customer: CustomerWrite, index: CatalogueIndex): Promise<CustomerRow> {
    check([customer], index)
    return this.database.transaction(async (manager) => insert(manager, customer, await idsIn(manager)))
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(id: string, version: number, customer: CustomerWrite, index: CatalogueIndex): Promise<CustomerRow> {
    check([customer], index)
    return this.database.transaction(async (manager) => {
      const row = await manager.findOne(Row, { where: { id }, lock: { mode: 'pessimistic_write' } })
      if (!row) throw new NotFound('There is no such customer any more.')
      if (row.version !== version) {
        const theirs = { version: row.version, value: toView(row).customer }
        throw new Conflict('Somebody else has changed this customer meanwhile.', [
          { resource: 'customers', row: id, yours: customer, theirs },
        ])
      }
      return update(manager, row, customer)
    })
  }

  /**
   * Their seats in classes stay, without their name; messages to them go with their row. What was practised with a link
   * stays too, without the name that was typed there: it is all that tells whose it was, so whoever is called the same
   * loses it as well.
   */
  async erase(id: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      const row = await manager.findOne(Row, { where: { id }, lock: { mode: 'pessimistic_write' } })
      if (!row) throw new NotFound('There is no such customer any more.')
      await manager.delete(Row, { id })
      await manager
        .createQueryBuilder()
        .update(PracticeAttemptRow)
        .set({ by: ERASED })
        .where('link IS NOT NULL AND LOWER(TRIM(`by`)) = LOWER(TRIM(:name))', { name: row.name })
        .execute()
      for (const row of await manager.find(SewingClassRow, { lock: { mode: 'pessimistic_write' } })) {
        const content = row.content as Pick<SewingClass, 'seats'>
        if (!content.seats.some(({ customer }) => customer === id)) continue
        const seats = content.seats.map(({ customer, ...seat }) =>
          customer === id ? { ...seat, name: ERASED } : { ...seat, ...(customer === undefined ? {} : { customer }) },
        )
        await manager.update(SewingClassRow, { id: row.id }, {
          version: row.version + 1,
          content: { ...content, seats },
        } as never)
      }
    })
  }

  /**
   * All or nothing. A person with the same name and mail, or name and phone, is the same person: machines are added.
   */
  async takeIn(customers: readonly CustomerWrite[], index: CatalogueIndex): Promise<CustomersImported> {
    check(customers, index)
    return this.database.transaction(async (manager) => {
      const rows = await manager.find(Row, { lock: { mode: 'pessimistic_write' } })
      const ids = new Set(rows.map(({ id }) => id))
      const stored = new Map(rows.map((row) => [keyOf(toView(row).customer), row]))
      const counts = { added: 0, changed: 0, same: 0 }
      for (const customer of customers) {
        const row = stored.get(keyOf(customer))
        if (!row) {
          const added = await insert(manager, customer, ids)
          ids.add(added.customer.id)
          counts.added++
          continue
        }
        const { id: _, ...before } = toView(row).customer
        const next = merged(before, customer)
        if (sameValue(next, before)) counts.same++
        else {
          await update(manager, row, next)
          counts.changed++
        }
      }
      return counts
    })
  }
}

const toView = ({ id, version, content }: Row): CustomerRow => ({
  version,
  customer: Customer.parse({ ...(content as object), id }),
})

const idsIn = async (manager: EntityManager): Promise<Set<string>> =>
  new Set((await manager.find(Row, { select: { id: true } })).map(({ id }) => id))

const insert = async (manager: EntityManager, customer: CustomerWrite, taken: { has: (id: string) => boolean }) => {
  const id = freeId(customer.name, 'customer', taken)
  await manager.insert(Row, { id, version: 1, name: customer.name, content: customer } as never)
  return { version: 1, customer: { ...customer, id } }
}

const update = async (manager: EntityManager, { id, version }: Row, customer: CustomerWrite) => {
  await manager.update(Row, { id }, { version: version + 1, name: customer.name, content: customer } as never)
  return { version: version + 1, customer: { ...customer, id } }
}

const keyOf = ({ name, email, phone }: CustomerWrite): string =>
  [name.toLowerCase(), (email ?? phone ?? '').toLowerCase()].join('\n')

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
