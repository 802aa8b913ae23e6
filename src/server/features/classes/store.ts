/** Classes in the database. */
import type { DataSource } from 'typeorm'
import { freeId } from '#core/catalogue/ids'
import type { CatalogueIndex } from '#core/catalogue/index'
import { ClassRow, type ClassWrite } from '#shared/api/classes'
import { SewingClassRow } from '../../database/entities/index'
import { Conflict, Invalid, NotFound } from '../../http/problems'

const GONE = 'There is no such class any more.'

export class ClassStore {
  constructor(private readonly database: DataSource) {}

  /** The next one first, past ones last. */
  async all(): Promise<ClassRow[]> {
    return (await this.database.manager.find(SewingClassRow, { order: { starts: 'DESC', id: 'ASC' } })).map(toView)
  }

  async one(id: string): Promise<ClassRow> {
    const row = await this.database.manager.findOneBy(SewingClassRow, { id })
    if (!row) throw new NotFound(GONE)
    return toView(row)
  }

  async add(content: ClassWrite, index: CatalogueIndex): Promise<ClassRow> {
    checkClass(content, index)
    return this.database.transaction(async (manager) => {
      const taken = new Set((await manager.find(SewingClassRow, { select: { id: true } })).map(({ id }) => id))
      const id = freeId(content.title, 'class', taken)
      await manager.insert(SewingClassRow, { id, version: 1, starts: content.starts, content } as never)
      return { version: 1, class: { ...content, id } }
    })
  }

  /** Throws `Conflict` with both versions where somebody else was first. */
  async change(id: string, version: number, content: ClassWrite, index: CatalogueIndex): Promise<ClassRow> {
    checkClass(content, index)
    return this.database.transaction(async (manager) => {
      const row = await manager.findOne(SewingClassRow, { where: { id }, lock: { mode: 'pessimistic_write' } })
      if (!row) throw new NotFound(GONE)
      if (row.version !== version) {
        const theirs = { version: row.version, value: toView(row).class }
        throw new Conflict('Somebody else has changed this class meanwhile.', [
          { resource: 'classes', row: id, yours: content, theirs },
        ])
      }
      await manager.update(SewingClassRow, { id }, { version: version + 1, starts: content.starts, content } as never)
      return { version: version + 1, class: { ...content, id } }
    })
  }

  async remove(id: string): Promise<void> {
    const { affected } = await this.database.manager.delete(SewingClassRow, { id })
    if (!affected) throw new NotFound(GONE)
  }
}

const toView = ({ id, version, content }: SewingClassRow): ClassRow =>
  ClassRow.parse({ version, class: { ...(content as object), id } })

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
