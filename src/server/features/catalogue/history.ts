/** Who changed what and when, and taking it back. */
import { isDeepStrictEqual } from 'node:util'
import { In, LessThan, Like, type EntityManager, type FindOptionsWhere } from 'typeorm'
import type { z } from 'zod'
import { resources, type Resource } from '#shared/api/resources'
import type { HistoryEntry, HistoryQuery, Undo, WritesQuery, WriteView } from '#shared/api/rows'
import { titleOf, type RowNames } from '#shared/tables/titles'
import { HistoryRow } from '../../database/entities/index'
import { Conflict, NotFound } from '../../http/problems'
import { keyText, type RowKey } from './mapper'
import type { RowWrite } from './store'
import type { Rows } from './snapshot'

const PAGE = 100
const WRITES_A_PAGE = 30
/** Rows of a write that are named in the list of writes. */
const NAMED = 3

/** Newest first, a page at a time; `before` is the id the last page ended on. */
export const readHistory = async (
  manager: EntityManager,
  { revision, resource, row, before }: z.output<typeof HistoryQuery>,
): Promise<z.input<typeof HistoryEntry>[]> => {
  const rows = await manager.find(HistoryRow, {
    where: {
      ...(revision === undefined ? {} : { revision }),
      ...(resource ? { resource } : {}),
      ...(row === undefined ? {} : { row }),
      ...(before === undefined ? {} : { id: LessThan(before) }),
    },
    order: { id: 'DESC' },
    take: PAGE,
  })
  return rows.map((entry) => ({
    id: entry.id,
    revision: entry.revision,
    resource: entry.resource as Resource,
    row: entry.row,
    at: entry.at.toISOString(),
    by: entry.by,
    before: entry.before,
    after: entry.after,
  }))
}

const didOf = ({ before, after }: { before: unknown; after: unknown }): 'added' | 'changed' | 'removed' =>
  before === null ? 'added' : after === null ? 'removed' : 'changed'

/** Whole writes, newest first, each with counts and the names of its first rows. */
export const readWrites = async (
  manager: EntityManager,
  { resource, row, model, before }: z.output<typeof WritesQuery>,
  names: RowNames,
): Promise<WriteView[]> => {
  const older = before === undefined ? {} : { revision: LessThan(before) }
  const one: FindOptionsWhere<HistoryRow> = {
    ...older,
    ...(resource ? { resource } : {}),
    ...(row === undefined ? {} : { row }),
  }
  const where =
    model === undefined
      ? [one]
      : [
          { ...older, resource: 'models', row: model },
          { ...older, resource: 'stitches', row: Like(`${model.replace(/[\\%_]/g, '\\$&')}/%`) },
        ]
  const found = await manager
    .createQueryBuilder(HistoryRow, 'history')
    .select('DISTINCT history.revision', 'revision')
    .where(where)
    .orderBy('history.revision', 'DESC')
    .limit(WRITES_A_PAGE)
    .getRawMany<{ revision: number }>()
  const revisions = found.map(({ revision }) => revision)
  if (revisions.length === 0) return []
  const counts = await manager
    .createQueryBuilder(HistoryRow, 'history')
    .select('history.revision', 'revision')
    .addSelect('history.resource', 'resource')
    .addSelect('COUNT(*)', 'rows')
    .addSelect("SUM(COALESCE(history.before, 'null') = 'null')", 'added')
    .addSelect("SUM(COALESCE(history.after, 'null') = 'null')", 'removed')
    .where({ revision: In(revisions) })
    .groupBy('history.revision')
    .addGroupBy('history.resource')
    .getRawMany<{ revision: number; resource: Resource; rows: string; added: string; removed: string }>()
  return Promise.all(
    revisions.map(async (revision): Promise<WriteView> => {
      const first = await manager.find(HistoryRow, { where: { revision }, order: { id: 'ASC' }, take: NAMED })
      const own = counts.filter((count) => count.revision === revision)
      return {
        revision,
        at: first[0]?.at.toISOString() ?? '',
        by: first[0]?.by ?? '',
        counts: own.map((count) => ({
          resource: count.resource,
          added: Number(count.added),
          removed: Number(count.removed),
          changed: Number(count.rows) - Number(count.added) - Number(count.removed),
        })),
        first: first.map((entry) => ({
          id: entry.id,
          resource: entry.resource as Resource,
          row: entry.row,
          title: titleOf(entry.resource as Resource, entry.after ?? entry.before, names),
          did: didOf(entry),
        })),
        rows: own.reduce((sum, count) => sum + Number(count.rows), 0),
      }
    }),
  )
}

/**
 * The changes that take a write back, from its entries. Throws `Conflict` with every row that has been changed since,
 * `NotFound` where there is no such write.
 */
export const undoChanges = async (
  manager: EntityManager,
  { revision, only }: z.output<typeof Undo>,
): Promise<(rows: Rows) => RowWrite[]> => {
  const entries = await manager.find(HistoryRow, {
    where: { revision, ...(only ? { id: In(only) } : {}) },
    order: { id: 'DESC' },
  })
  if (entries.length === 0) throw new NotFound('There is no such write in the history.')
  return (rows) => {
    const clashes = entries.flatMap((entry) => {
      const now = rows[entry.resource as Resource].get(entry.row)
      if (isDeepStrictEqual(now?.value ?? null, entry.after)) return []
      return [
        {
          resource: entry.resource,
          row: entry.row,
          yours: entry.before,
          theirs: now ? { version: now.version, value: now.value } : null,
        },
      ]
    })
    if (clashes.length > 0) {
      const [first] = clashes
      const what = `${resources[first?.resource as Resource].one} “${first?.row}”`
      const others = clashes.length > 1 ? ` and ${clashes.length - 1} more rows` : ''
      throw new Conflict(`The ${what}${others} changed again since; undo that first. Nothing was changed.`, clashes)
    }
    return entries.map((entry) => ({
      key: keyOfText(entry.resource as Resource, entry.row),
      value: entry.before,
      expects: 'any',
      ...(entry.ordinal === null ? {} : { ordinal: entry.ordinal }),
    }))
  }
}

const keyOfText = (resource: Resource, text: string): RowKey => {
  if (resource !== 'stitches') return { resource, id: text }
  const [model, id] = text.split('/') as [string, string]
  const key = { resource, model, id }
  if (keyText(key) !== text) throw new Error(`“${text}” is no key of a stitch`)
  return key
}
