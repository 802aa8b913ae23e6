/** Two states of one row, field by field in words: for the history, and for two people who changed the same thing. */
import type { Resource } from '../api/resources'
import { inWords } from '#core/answer/show'
import { sameValue } from '#core/catalogue/sameValue'
import { showCell } from './cells'
import { columnsOf, parametersOf } from './columns'
import { cellOf } from './rowCells'
import type { RowNames } from './titles'

export interface FieldDifference {
  /** Keys down to what differs. */
  path: readonly string[]
  heading: string
  before: string
  after: string
}

type Tree = Record<string, unknown>

/** Fields in the order of the table's columns, then what lies deeper. A row that is not there has none of them. */
export const differencesOf = (
  resource: Resource,
  before: unknown,
  after: unknown,
  names: RowNames,
): FieldDifference[] => {
  const columns = columnsOf(resource, parametersOf(resource, [before, after].filter(Boolean)))
  const found = columns.flatMap(({ path, heading, kind }): FieldDifference[] => {
    const [was, is] = [cellOf(before, { path }), cellOf(after, { path })]
    if (sameValue(was, is)) return []
    return [{ path, heading, before: showCell(kind, was, names), after: showCell(kind, is, names) }]
  })
  const tops = new Set(columns.map(({ path }) => path[0]))
  const keys = [...new Set([before, after].flatMap((value) => Object.keys((value ?? {}) as Tree)))]
  const deeper = keys.filter((key) => key !== 'id' && !tops.has(key))
  return [
    ...found,
    ...deeper.flatMap((key) => leaves([key], (before as Tree | null)?.[key], (after as Tree | null)?.[key])),
  ]
}

const isTree = (value: unknown): value is Tree => value !== null && typeof value === 'object'

/** What differs below a key, told by where it stands: "methods › 1 › stages › 2 › name". */
const leaves = (path: string[], before: unknown, after: unknown): FieldDifference[] => {
  if (sameValue(before, after)) return []
  if (isTree(before) && isTree(after)) {
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) =>
      leaves([...path, key], before[key], after[key]),
    )
  }
  return [{ path, heading: path.map(placeWord).join(' › '), before: plain(before), after: plain(after) }]
}

/** People count from one. */
const placeWord = (key: string): string => (/^\d+$/.test(key) ? String(Number(key) + 1) : inWords(key))

const plain = (value: unknown): string =>
  value === undefined || value === null
    ? ''
    : isTree(value)
      ? typeof value.name === 'string'
        ? value.name
        : typeof value.text === 'string'
          ? value.text
          : JSON.stringify(value)
      : String(value)
