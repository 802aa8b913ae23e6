/** The whole catalogue in memory, at one revision. */
import type { EntityManager } from 'typeorm'
import { indexCatalogue, type CatalogueIndex } from '#core/catalogue/index'
import type { Bundle, Model, Stitch } from '#core/catalogue/types'
import { fitLookup, type FitLookup } from '#core/answer/fit'
import { resourceList, type Resource } from '#shared/api/resources'
import { RowReader, keyText, tables, type RawRow, type Stored } from './mapper'

export interface Snapshot {
  revision: number
  rows: Record<Resource, Map<string, Stored>>
  bundle: Bundle
  index: CatalogueIndex
  fitOf: FitLookup
}

export type Rows = Snapshot['rows']

/** Reads every row within one transaction, so that all of them are of the same revision. */
export const readSnapshot = async (manager: EntityManager): Promise<Snapshot> => {
  const revision = await readRevision(manager)
  const rows = emptyRows()
  const reader = new RowReader()
  for (const resource of resourceList)
    for (const row of await readRaw(manager, resource)) {
      const stored = reader.read(resource, row)
      rows[resource].set(keyText(stored.key), stored)
    }
  return snapshotOf(revision, rows)
}

/** A hundred thousand rows: as they lie in the table, since an entity of each would take as long as reading them. */
const readRaw = (manager: EntityManager, resource: Resource): Promise<RawRow[]> => {
  const { entity, columns } = tables[resource]
  const { tableName } = manager.connection.getMetadata(entity)
  const own = [...columns, ...(resource === 'stitches' ? ['model'] : [])].map((column) => `, \`${column}\``).join('')
  return manager.query(
    `SELECT id, ordinal, version, CAST(facts AS CHAR) AS facts${own} FROM \`${tableName}\` ORDER BY ordinal, id`,
  )
}

/** The one revision row, made by the first migration; asked at every request, so in a plain query. */
export const readRevision = async (manager: EntityManager, lock = false): Promise<number> => {
  const sql = `SELECT revision FROM catalogue_revision WHERE id = 1${lock ? ' FOR UPDATE' : ''}`
  const [row] = (await manager.query(sql)) as { revision: number }[]
  if (!row) throw new Error('the catalogue has no revision row')
  return row.revision
}

export const emptyRows = (): Rows =>
  Object.fromEntries(resourceList.map((resource) => [resource, new Map()])) as unknown as Rows

/** `before`: a snapshot from which these rows differ in few; what did not change stays the same object. */
export const snapshotOf = (revision: number, rows: Rows, before?: Snapshot): Snapshot => {
  const bundle = bundleOf(rows, before)
  const index = indexCatalogue(bundle, before?.index)
  const sameFits = before && (['items', 'fits', 'makes'] as const).every((list) => bundle[list] === before.bundle[list])
  return { revision, rows, bundle, index, fitOf: sameFits ? before.fitOf : fitLookup(index) }
}

const valuesOf = <Value>(rows: ReadonlyMap<string, Stored>): Value[] =>
  [...rows.values()].sort((a, b) => a.ordinal - b.ordinal).map(({ value }) => value as Value)

/** Rows of one table in their order; `model`: its stitches alone. */
export const rowsIn = ({ rows }: Pick<Snapshot, 'rows'>, resource: Resource, model?: string): Stored[] =>
  [...rows[resource].values()]
    .filter(({ key }) => resource !== 'stitches' || model === undefined || key.model === model)
    .sort((a, b) => a.ordinal - b.ordinal)

export const bundleOf = (rows: Rows, before?: Pick<Snapshot, 'rows' | 'bundle'>): Bundle => {
  const list = <Value>(resource: Exclude<Resource, 'stitches' | 'models'>): Value[] =>
    before && rows[resource] === before.rows[resource]
      ? (before.bundle[resource] as Value[])
      : valuesOf<Value>(rows[resource])
  return {
    format: 'handhold-catalogue',
    version: 3,
    makes: list('makes'),
    functions: list('functions'),
    threads: list('threads'),
    models: modelsOf(rows, before),
    items: list('items'),
    fits: list('fits'),
    fabrics: list('fabrics'),
    techniques: list('techniques'),
    samples: list('samples'),
  }
}

/** Models with their stitches, in their order; one of which no row moved is the same object as before. */
const modelsOf = (rows: Rows, before: Pick<Snapshot, 'rows' | 'bundle'> | undefined): Model[] => {
  if (before && rows.models === before.rows.models && rows.stitches === before.rows.stitches)
    return before.bundle.models
  const moved = before ? movedModels(before.rows, rows) : undefined
  const stitches = new Map<string, Stored[]>()
  for (const stored of rows.stitches.values()) {
    const model = stored.key.model as string
    if (moved && !moved.has(model)) continue
    const ofModel = stitches.get(model)
    if (ofModel) ofModel.push(stored)
    else stitches.set(model, [stored])
  }
  const earlier = new Map(before?.bundle.models.map((model) => [model.id, model]))
  return valuesOf<Omit<Model, 'stitches'>>(rows.models).map((head) => {
    const same = moved && !moved.has(head.id) ? earlier.get(head.id) : undefined
    if (same) return same
    const own = (stitches.get(head.id) ?? []).sort((a, b) => a.ordinal - b.ordinal)
    return { ...head, stitches: own.map(({ value }) => value as Stitch) }
  })
}

/** Models of which a row was written, added or removed. */
const movedModels = (before: Rows, after: Rows): Set<string> => {
  const moved = new Set<string>()
  for (const resource of ['models', 'stitches'] as const) {
    if (before[resource] === after[resource]) continue
    const note = ({ key }: Stored) => moved.add(key.model ?? key.id)
    for (const [key, stored] of after[resource]) if (before[resource].get(key) !== stored) note(stored)
    for (const [key, stored] of before[resource]) if (!after[resource].has(key)) note(stored)
  }
  return moved
}
