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
import type { Words } from './compact'

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
  const { id: _, ...rest } = value as Record<string, unknown>
  const row: Record<string, unknown> = { id: key.id, ordinal, version }
  if (key.model !== undefined) row.model = key.model
  for (const column of tables[key.resource].columns) {
    row[column] = rest[column] ?? null
    delete rest[column]
  }
  row.content = rest
  return row
}

/** Throws where a stored row has not its resource's shape. `words`: of all rows that are read together. */
export const fromRow = (resource: Resource, row: CatalogueRow, words: Words): Stored => {
  const columns = row as unknown as Record<string, unknown>
  const value: Record<string, unknown> = { id: row.id }
  for (const column of tables[resource].columns) if (columns[column] !== null) value[column] = columns[column]
  Object.assign(value, row.content)
  const checked = resources[resource].schema.safeParse(value)
  if (!checked.success)
    throw new Error(`stored ${resources[resource].one} “${row.id}” is damaged: ${checked.error.message}`)
  return {
    key: {
      resource,
      id: words.word(row.id),
      ...(resource === 'stitches' ? { model: words.word(columns.model as string) } : {}),
    },
    ordinal: row.ordinal,
    version: row.version,
    value: words.compact(checked.data),
  }
}
