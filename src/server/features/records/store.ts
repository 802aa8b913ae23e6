/**
 * Whatever people edit beside the catalogue: written at the version its writer saw, with its history, and taken back
 * from there, removed things too. One place for all of it; what each kind of record is stands in its `RecordTable`.
 */
import { isDeepStrictEqual } from 'node:util'
import { LessThan, type EntityManager } from 'typeorm'
import type { CatalogueIndex } from '#core/catalogue/index'
import type { RecordWriteDetail, RecordWriteView, ShopResource } from '#shared/api/records'
import type { Json } from '../../database/entities/columns'
import { ShopHistoryRow } from '../../database/entities/index'
import { writeMany } from '../../database/writeMany'
import type { Writes } from '../../database/writes'
import { Conflict, Invalid, NotFound } from '../../http/problems'
import type { Actor } from '../catalogue/store'
import type { Kept, RecordTable } from './table'

const PAGE = 30

/** A write of one record; `value` null removes it. `expects`: the version its writer saw. */
export interface RecordWrite<Value> {
  row: string
  value: Value | null
  expects: number | 'new' | 'any'
}

/** A line of the history that is not written yet. */
export interface HistoryLine {
  resource: ShopResource
  row: string
  version: number
  before: Json | null
  after: Json | null
}

/** Writes a record within a transaction. Throws `NotFound` or `Conflict` where it is not as its writer saw it. */
export const putRecord = async <Value>(
  manager: EntityManager,
  actor: Actor,
  table: RecordTable<Value>,
  { row, value, expects }: RecordWrite<Value>,
): Promise<number> => {
  const now = expects === 'new' ? undefined : await table.read(manager, row)
  if (typeof expects === 'number') checkVersion(table, row, now, value, expects)
  if (!now && value === null) throw gone(table)
  if (now && isDeepStrictEqual(plain(now.value), plain(value))) return now.version
  const version = (now?.version ?? (expects === 'new' ? 0 : await lastVersion(manager, table, row))) + 1
  if (value === null) await table.drop(manager, row)
  else await table.put(manager, row, { version, value }, now === undefined)
  await noteHistory(manager, actor, [
    {
      resource: table.resource,
      row,
      version,
      before: (now?.value ?? null) as Json | null,
      after: value as Json | null,
    },
  ])
  return version
}

export const noteHistory = async (
  manager: EntityManager,
  { name, at }: Actor,
  lines: readonly HistoryLine[],
): Promise<void> => {
  await writeMany(
    manager,
    ShopHistoryRow,
    lines.map((line) => ({ ...line, by: name, at })),
  )
}

const checkVersion = <Value>(
  table: RecordTable<Value>,
  row: string,
  now: Kept<Value> | undefined,
  yours: Value | null,
  expects: number,
): void => {
  if (now?.version === expects) return
  if (!now) {
    if (expects === 0) return
    throw gone(table)
  }
  throw new Conflict(`Somebody else has changed this ${table.one} meanwhile.`, [
    { resource: table.resource, row, yours, theirs: { version: now.version, value: table.sent(row, now.value) } },
  ])
}

const gone = ({ one }: Pick<RecordTable, 'one'>) => new NotFound(`There is no such ${one} any more.`)

/** Versions never come back, whatever is removed and brought back. */
const lastVersion = async <Value>(manager: EntityManager, { resource }: RecordTable<Value>, row: string) =>
  (await manager.maximum(ShopHistoryRow, 'version', { resource, row })) ?? 0

/** As JSON has it: what is undefined is not there. */
const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value)) as unknown

export class RecordHistory {
  private readonly tables: ReadonlyMap<ShopResource, RecordTable>

  constructor(
    private readonly writes: Writes,
    private readonly manager: EntityManager,
    tables: readonly RecordTable[],
  ) {
    this.tables = new Map(tables.map((table) => [table.resource, table]))
  }

  /** Newest first, a page at a time. */
  async page(of: { resource?: ShopResource | undefined; row?: string | undefined; before?: number | undefined }) {
    const { before, ...named } = of
    const where = {
      ...Object.fromEntries(Object.entries(named).filter(([, value]) => value !== undefined)),
      ...(before === undefined ? {} : { id: LessThan(before) }),
    }
    const rows = await this.manager.find(ShopHistoryRow, { where, order: { id: 'DESC' }, take: PAGE })
    const last = await this.lastOf(rows)
    return rows.map((row) => this.toView(row, last.get(keyOf(row)) === row.id))
  }

  async one(id: number): Promise<RecordWriteDetail> {
    const row = await this.manager.findOneBy(ShopHistoryRow, { id })
    if (!row) throw new NotFound('There is no such write in the history.')
    const last = await this.lastOf([row])
    return { ...this.toView(row, last.get(keyOf(row)) === id), before: row.before, after: row.after }
  }

  /** Puts back what stood before a write. Throws `Conflict` where the record was written to since. */
  async undo(actor: Actor, id: number, index: CatalogueIndex) {
    const asked = await this.one(id)
    if (goesByErasing(asked))
      throw new Invalid('A customer goes by being erased, at their own page: with all that is held of them.', [])
    const table = this.tables.get(asked.resource) as RecordTable
    return this.writes.run(table.topic, async (manager) => {
      const { row, before, after } = asked
      const now = await table.read(manager, row)
      if (!isDeepStrictEqual(plain(now?.value ?? null), after)) {
        throw new Conflict(`The ${table.one} changed again since; undo that first. Nothing was changed.`, [
          {
            resource: asked.resource,
            row,
            yours: before,
            theirs: now ? { ...now, value: table.sent(row, now.value) } : null,
          },
        ])
      }
      if (before !== null) await table.check(manager, before, index)
      const version = await putRecord(manager, actor, table, { row, value: before, expects: 'any' })
      return { resource: asked.resource, row, version: before === null ? null : version }
    })
  }

  private async lastOf(rows: readonly ShopHistoryRow[]): Promise<Map<string, number>> {
    const last = new Map<string, number>()
    for (const { resource, row } of new Map(rows.map((one) => [keyOf(one), one])).values())
      last.set(keyOf({ resource, row }), (await this.manager.maximum(ShopHistoryRow, 'id', { resource, row })) ?? 0)
    return last
  }

  private toView({ id, resource, row, at, by, before, after }: ShopHistoryRow, stands: boolean): RecordWriteView {
    const table = this.tables.get(resource as ShopResource) as RecordTable
    return {
      id,
      resource: resource as ShopResource,
      row,
      title: table.title(after ?? before),
      did: before === null ? 'added' : after === null ? 'removed' : 'changed',
      at: at.toISOString(),
      by,
      stands: stands && !goesByErasing({ resource, before }),
    }
  }
}

/** Else a customer's history, and with it their name, would outlive them, with nobody left to erase. */
const goesByErasing = ({ resource, before }: { resource: string; before: unknown }): boolean =>
  resource === 'customers' && before === null

const keyOf = ({ resource, row }: Pick<ShopHistoryRow, 'resource' | 'row'>): string => `${resource}\n${row}`
