/** Cells in and out of a row's value. Values are not mutated. */
import type { Resource } from '../api/resources'
import type { Column } from './columns'

type Tree = Record<string, unknown>

export const cellOf = (value: unknown, { path }: Pick<Column, 'path'>): unknown => {
  let at = value
  for (const key of path) at = (at as Tree | undefined)?.[key]
  return at
}

/** Objects that stay when nothing is left in them. */
const STAYS: ReadonlySet<string> = new Set(['scales', 'used'])

/**
 * The value with one cell set. Undefined takes the key away, and with it what it alone held up, unless the column
 * says what an empty cell is.
 */
export const withCell = (value: unknown, { path, empty }: Pick<Column, 'path' | 'empty'>, cell: unknown): unknown => {
  const set = withKey(value as Tree, path, cell ?? empty)
  if (path[0] !== 'source' || set.source === undefined) return set
  return { ...set, source: { evidence: 'book', ...(set.source as Tree) } }
}

const withKey = (tree: Tree | undefined, [key, ...rest]: readonly string[], cell: unknown): Tree => {
  const name = key as string
  const inner = rest.length === 0 ? cell : withKey(tree?.[name] as Tree | undefined, rest, cell)
  const isEmpty = rest.length > 0 && Object.keys(inner as Tree).length === 0 && !STAYS.has(name)
  if (inner === undefined || isEmpty) {
    const { [name]: _, ...others } = tree ?? {}
    return others
  }
  return { ...tree, [name]: inner }
}

/** What every new row of a table starts from. */
export const blankRow = (resource: Resource): Tree => structuredClone(BLANK[resource] ?? {})

const BLANK: Partial<Record<Resource, Tree>> = {
  models: { supplied: [], features: [], scales: {} },
  stitches: { motion: 'forward' },
  threads: { use: '' },
  fits: { fits: true, evidence: 'book', where: '' },
  fabrics: { layers: 1, behaviours: [] },
  techniques: { for: '', level: 1, methods: [] },
}
