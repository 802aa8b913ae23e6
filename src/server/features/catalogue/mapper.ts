/** Where rows and the core's types meet. Columns hold what is searched or referred to; `facts` holds the rest. */
import type { EntityTarget } from 'typeorm'
import { resources, type Resource } from '#shared/api/resources'
import {
  FabricRow,
  FitStatementRow,
  ItemRow,
  MakeRow,
  ModelRow,
  SampleRow,
  StitchFunctionRow,
  StitchRow,
  TechniqueRow,
  ThreadRow,
  type CatalogueRow,
} from '../../database/entities/index'
import { Words } from './compact'

interface Table {
  entity: EntityTarget<CatalogueRow>
  /** Keys that have a column of their own, beside the id. */
  columns: readonly string[]
}

export const tables: Record<Resource, Table> = {
  makes: { entity: MakeRow, columns: ['name'] },
  functions: { entity: StitchFunctionRow, columns: ['name', 'family'] },
  threads: { entity: ThreadRow, columns: ['name'] },
  models: { entity: ModelRow, columns: ['make', 'name', 'kind'] },
  stitches: { entity: StitchRow, columns: ['select', 'function'] },
  items: { entity: ItemRow, columns: ['make', 'code', 'name', 'what'] },
  fits: { entity: FitStatementRow, columns: ['item', 'model'] },
  fabrics: { entity: FabricRow, columns: ['name'] },
  techniques: { entity: TechniqueRow, columns: ['name', 'family'] },
  samples: { entity: SampleRow, columns: ['model', 'technique', 'fabric'] },
}

/** What an edit or an import carries: a value with its key. A stitch belongs to a model. */
export interface RowKey {
  resource: Resource
  id: string
  model?: string
}

export interface Stored<Value = unknown> {
  key: RowKey
  ordinal: number
  version: number
  value: Value
}

/** One text for a key: `item/k4`, `stitch/plover-60/b12`. */
export const keyText = ({ id, model }: RowKey): string => (model === undefined ? id : `${model}/${id}`)

export const toRow = ({ key, ordinal, version, value }: Stored): Record<string, unknown> => {
  const { columns } = tables[key.resource]
  const row: Record<string, unknown> = { id: key.id, ordinal, version }
  if (key.model !== undefined) row.model = key.model
  for (const column of columns) row[column] = (value as Record<string, unknown>)[column] ?? null
  const rest: Record<string, unknown> = {}
  for (const [name, part] of Object.entries(value as object))
    if (name !== 'id' && !columns.includes(name)) rest[name] = part
  row.content = rest
  return row
}

/** A row as it lies in the table: `facts` as text, and the columns of its resource. */
export interface RawRow extends Record<string, unknown> {
  id: string
  ordinal: number
  version: number
  facts: string
}

/**
 * Rows that are read together. Models of one family say the same of most of their stitches: equal facts are parsed,
 * checked and kept once, with the columns of each laid over them; those are held by the table's own types. Values share
 * their parts: nobody writes into one.
 */
export class RowReader {
  private readonly checked = new Map<string, Record<string, unknown>>()
  private readonly words = new Words()

  /** Throws where a stored row has not its resource's shape. */
  read(resource: Resource, row: RawRow): Stored {
    const own: Record<string, unknown> = { id: this.words.word(row.id) }
    for (const column of tables[resource].columns) {
      const value = row[column]
      if (value !== null) own[column] = typeof value === 'string' ? this.words.word(value) : value
    }
    const key: RowKey = { resource, id: own.id as string }
    if (resource === 'stitches') key.model = this.words.word(row.model as string)
    return {
      key,
      ordinal: row.ordinal,
      version: row.version,
      value: { ...this.factsOf(resource, row, own), ...own },
    }
  }

  /** A checked value of these facts, with these keys, in the order of its schema. */
  private factsOf(resource: Resource, row: RawRow, own: Record<string, unknown>): Record<string, unknown> {
    const kind = `${resource} ${Object.keys(own).join(' ')} ${row.facts}`
    const known = this.checked.get(kind)
    if (known) return known
    const value = resources[resource].schema.safeParse({ ...own, ...(JSON.parse(row.facts) as object) })
    if (!value.success)
      throw new Error(`stored ${resources[resource].one} “${row.id}” is damaged: ${value.error.message}`)
    const compact = this.words.compact(value.data) as Record<string, unknown>
    this.checked.set(kind, compact)
    return compact
  }
}
