/** Classes in the database. */
import { In, type EntityManager } from 'typeorm'
import { freeId } from '#core/catalogue/ids'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { ClassRow, ClassWrite } from '#shared/api/classes'
import { ClassSeatRow, SewingClassRow } from '../../database/entities/index'
import type { Writes } from '../../database/writes'
import { Invalid, NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'
import { putRecord } from '../records/store'
import type { RecordTable } from '../records/table'
import { withRows, writeRows, type StoredClass } from './rows'

const GONE = 'There is no such class any more.'

export const classTable: RecordTable<ClassWrite> = {
  resource: 'classes',
  topic: 'classes',
  one: 'class',
  read: async (manager, id) => {
    const row = await manager.findOne(SewingClassRow, { where: { id }, lock: { mode: 'pessimistic_write' } })
    const [stored] = row ? await withRows(manager, [row]) : []
    return stored && { version: stored.version, value: stored.content }
  },
  put: (manager, id, { version, value }, isNew) => writeRows(manager, { id, version, content: value }, isNew),
  drop: async (manager, id) => void (await manager.delete(SewingClassRow, { id })),
  title: ({ title }) => title,
  sent: (id, value) => ({ ...value, id }),
  check: (_, value, index) => checkClass(value, index),
}

export class ClassStore {
  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
  ) {}

  /** The next one first, past ones last. */
  async all(): Promise<ClassRow[]> {
    const rows = await this.manager.find(SewingClassRow, { order: { starts: 'DESC', id: 'ASC' } })
    return (await withRows(this.manager, rows)).map(toView)
  }

  async one(id: string): Promise<ClassRow> {
    const row = await this.manager.findOneBy(SewingClassRow, { id })
    const [stored] = row ? await withRows(this.manager, [row]) : []
    if (!stored) throw new NotFound(GONE)
    return toView(stored)
  }

  /** In which a customer has a seat. */
  async of(customer: string): Promise<ClassRow[]> {
    const seats = await this.manager.findBy(ClassSeatRow, { customer })
    const rows = await this.manager.findBy(SewingClassRow, { id: In(seats.map((seat) => seat.of)) })
    return (await withRows(this.manager, rows)).map(toView)
  }

  async add(content: ClassWrite, index: CatalogueIndex, actor: Actor): Promise<ClassRow> {
    checkClass(content, index)
    return this.writes.run('classes', async (manager) => {
      const id = freeId(content.title, 'class', await usedIds(manager))
      const version = await putRecord(manager, actor, classTable, { row: id, value: content, expects: 'new' })
      return { version, class: { ...content, id } }
    })
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(
    id: string,
    expects: number,
    content: ClassWrite,
    index: CatalogueIndex,
    actor: Actor,
  ): Promise<ClassRow> {
    checkClass(content, index)
    return this.writes.run('classes', async (manager) => {
      const version = await putRecord(manager, actor, classTable, { row: id, value: content, expects })
      return { version, class: { ...content, id } }
    })
  }

  /** It can be brought back from the history. Throws `Conflict` where somebody else has changed it meanwhile. */
  async remove(id: string, expects: number, actor: Actor): Promise<void> {
    await this.writes.run('classes', (manager) =>
      putRecord(manager, actor, classTable, { row: id, value: null, expects }),
    )
  }
}

/** Of classes there are, and of those that could be brought back. */
const usedIds = async (manager: EntityManager): Promise<Set<string>> => {
  const rows = await manager.find(SewingClassRow, { select: { id: true } })
  const past = await manager.query<{ id: string }[]>(
    "SELECT DISTINCT `of_id` AS id FROM shop_history WHERE resource = 'classes'",
  )
  return new Set([...rows, ...past].map(({ id }) => id))
}

const toView = ({ id, version, content }: StoredClass): ClassRow => ({ version, class: { ...content, id } })

/** Throws `Invalid` for what the catalogue has not, and for what holds no sense. */
export const checkClass = ({ techniques, seats, loans, pins, order = [] }: ClassWrite, index: CatalogueIndex): void => {
  const issues: { path: (string | number)[]; message: string }[] = []
  const say = (path: (string | number)[], message: string) => issues.push({ path, message })
  const ids = new Set(techniques.map(({ technique }) => technique))
  techniques.forEach(({ technique, fabric, method, after = [] }, t) => {
    const named = index.techniques.get(technique)
    if (!named) say(['techniques', t, 'technique'], `no technique “${technique}” in the catalogue`)
    else if (method !== undefined && !named.methods.some(({ id }) => id === method))
      say(['techniques', t, 'method'], `“${technique}” has no method “${method}”`)
    if (!index.fabrics.has(fabric)) say(['techniques', t, 'fabric'], `no fabric “${fabric}” in the catalogue`)
    for (const first of after)
      if (!ids.has(first)) say(['techniques', t, 'after'], `“${first}” is not taught in this class`)
  })
  order.forEach((id, o) => {
    if (!ids.has(id)) say(['order', o], `“${id}” is not taught in this class`)
  })
  if (ids.size < techniques.length) say(['techniques'], 'a technique is listed twice')
  seats.forEach(({ model, owns }, s) => {
    if (model !== undefined && !index.models.has(model))
      say(['seats', s, 'model'], `no model “${model}” in the catalogue`)
    for (const id of owns) if (!index.items.has(id)) say(['seats', s, 'owns'], `no item “${id}” in the catalogue`)
  })
  loans.forEach(({ item, model }, l) => {
    if ((item === undefined) === (model === undefined)) say(['loans', l], 'an item or a model is lent, one of the two')
    if (item !== undefined && !index.items.has(item)) say(['loans', l, 'item'], `no item “${item}” in the catalogue`)
    if (model !== undefined && !index.models.has(model))
      say(['loans', l, 'model'], `no model “${model}” in the catalogue`)
  })
  pins.forEach(({ seat, item }, p) => {
    if (seat >= seats.length) say(['pins', p, 'seat'], 'there is no such seat')
    if (!index.items.has(item)) say(['pins', p, 'item'], `no item “${item}” in the catalogue`)
  })
  if (issues.length > 0) throw new Invalid('The class does not hold together.', issues)
}
