/** A list from a file (feet, fabrics, threads …) read into rows of a table, each cell beside its own text. */
import { freeId } from '#core/catalogue/ids'
import { compareRows, type Compared, type ReadRow } from '#core/import/compare'
import { tidyHeading, type ColumnHabit } from '#core/import/columns'
import { damageOf } from '#core/import/damage'
import { cellFaultText } from '../messages/chart'
import { resources, type Resource } from '../api/resources'
import { readCell } from './cells'
import { undefused } from './csv'
import type { Column } from './columns'
import { blankRow, cellOf, withCell } from './rowCells'
import { titleOf, type RowNames } from './titles'

type Value = { id: string } & Record<string, unknown>

export interface ListColumn {
  place: number
  heading: string
  /** Heading of the table's column it is taken into; undefined: not taken in. */
  into: string | undefined
  /** Its heading or a person has said what it is, or that it is left out. */
  isDecided: boolean
}

export interface ListRow {
  row: number
  cells: string[]
  value: Record<string, unknown>
  /** The id the file names, as one of our own exports does. */
  id: string | undefined
  faults: { column: number; heading: string; text: string; message: string }[]
}

const ID = 'Id'
/** In place of a column's heading: it is left out. */
const LEFT_OUT = 'none'
const HEADING_WITHIN = 20

/** Other words that shops and makers head these columns with. */
const ALSO: Record<string, RegExp> = {
  Code: /^(foot|no|nr|number|#|order (no|number)|article|part (no|number))\.?$/,
  Name: /^(description|foot name|item)$/,
  'Opening mm': /^(opening|slot|needle opening)\b/,
  'Held by': /^(attachment|mount|fixing)$/,
  'Used for': /^(use|uses|function|functions|for)$/,
  'Most width mm': /^(max(imum)?\.? (stitch )?width)\b/,
  'Where it says so': /^(page|source|where)$/,
  'Comes with': /^(supplied|included)$/,
  Thickness: /^thickness\b/,
}

/** A heading that is the column's own comes before one that only means it. */
const columnFor = (heading: string, columns: readonly Column[]): { into: string; own: boolean } | undefined => {
  const tidy = tidyHeading(heading)
  if (tidy === 'id') return { into: ID, own: true }
  const same = columns.find((column) => tidyHeading(column.heading) === tidy)
  if (same) return { into: same.heading, own: true }
  const also = columns.find((column) => ALSO[column.heading]?.test(tidy))
  return also && { into: also.heading, own: false }
}

/** Finds the headings; each of the table's columns is taken from the first that names it. */
export const matchList = (
  table: readonly (readonly string[])[],
  columns: readonly Column[],
  habits: Readonly<Record<string, ColumnHabit>> = {},
): { headingRow: number; columns: ListColumn[] } => {
  const habitualColumn = (heading: string): ReturnType<typeof columnFor> => {
    const habit = Object.hasOwn(habits, tidyHeading(heading)) ? habits[tidyHeading(heading)] : undefined
    if (!habit || heading.trim() === '') return columnFor(heading, columns)
    const isKnown = habit.field === ID || columns.some((column) => column.heading === habit.field)
    return isKnown ? { into: habit.field, own: true } : undefined
  }
  const isLeftOut = (heading: string) =>
    heading !== '' && Object.hasOwn(habits, tidyHeading(heading)) && habits[tidyHeading(heading)]?.field === LEFT_OUT
  const scores = table
    .slice(0, HEADING_WITHIN)
    .map((cells) => new Set(cells.flatMap((cell) => habitualColumn(cell)?.into ?? [])).size)
  const best = Math.max(0, ...scores)
  const at = best > 0 ? scores.indexOf(best) : -1
  const width = table.reduce((most, row) => Math.max(most, row.length), 0)
  const headings = Array.from({ length: width }, (_, place) => (table[at]?.[place] ?? '').trim())
  const found = headings.map(habitualColumn)
  const firstOf = (place: number): boolean => {
    const into = found[place]?.into
    const rivals = found.flatMap((one, i) => (one?.into === into ? [{ i, own: one?.own }] : []))
    return (rivals.find(({ own }) => own) ?? rivals[0])?.i === place
  }
  const matched = headings.map((heading, place): ListColumn => ({
    place,
    heading,
    into: firstOf(place) ? found[place]?.into : undefined,
    isDecided: firstOf(place) ? found[place] !== undefined || isLeftOut(heading) : false,
  }))
  return { headingRow: at + 1, columns: matched }
}

export const listHabits = (columns: readonly ListColumn[]): Record<string, ColumnHabit> =>
  Object.fromEntries(
    columns
      .filter(({ heading, isDecided }) => heading !== '' && isDecided)
      .map(({ heading, into }) => [tidyHeading(heading), { field: into ?? LEFT_OUT }]),
  )

/** Columns with figures of which nobody has said what they are: nothing of them is dropped in silence. */
export const undecidedColumns = (columns: readonly ListColumn[], rows: readonly ListRow[]): ListColumn[] =>
  columns.filter(({ isDecided, place }) => !isDecided && rows.some(({ cells }) => /\d/.test(cells[place] ?? '')))

interface ListContext {
  resource: Resource
  columns: readonly Column[]
  names: RowNames
  /** What holds for every row that does not say otherwise: its make, the page. */
  given: Readonly<Record<string, unknown>>
}

/** `from`: the first row below the headings, from 0. Empty rows are left out. */
export const readListRows = (
  table: readonly (readonly string[])[],
  matched: readonly ListColumn[],
  from: number,
  { resource, columns, names, given }: ListContext,
): ListRow[] => {
  const byHeading = new Map(columns.map((column) => [column.heading, column]))
  return table.slice(from).flatMap((cells, i): ListRow[] => {
    if (cells.every((cell) => cell.trim() === '')) return []
    const read: ListRow = {
      row: from + i + 1,
      cells: [...cells],
      value: { ...blankRow(resource), ...given },
      id: undefined,
      faults: [],
    }
    for (const { place, into } of matched) {
      const text = undefused((cells[place] ?? '').trim())
      if (into === ID) read.id = text === '' ? undefined : text
      const column = into === undefined ? undefined : byHeading.get(into)
      if (!column || text === '') continue
      const damage = damageOf(text)
      const cell = damage ? { fault: `“${text}” ${cellFaultText[damage]}` } : readCell(column.kind, text, names)
      if ('fault' in cell) read.faults.push({ column: place + 1, heading: column.heading, text, message: cell.fault })
      else read.value = withCell(read.value, column, cell.value) as Record<string, unknown>
    }
    return [withMissing(read, resource, columns, matched)]
  })
}

/** A row that lacks what its table needs says so once, at its first column. */
const withMissing = (
  read: ListRow,
  resource: Resource,
  columns: readonly Column[],
  matched: readonly ListColumn[],
): ListRow => {
  if (read.faults.length > 0) return read
  const missing = columns.filter((column) => column.required && cellOf(read.value, column) === undefined)
  if (missing.length > 0) {
    const message = `${missing.map(({ heading }) => heading).join(', ')} ${missing.length === 1 ? 'is' : 'are'} needed`
    return { ...read, faults: [{ column: 1, heading: '', text: '', message }] }
  }
  const checked = resources[resource].schema.safeParse({ id: 'x', ...read.value })
  const [issue] = checked.error?.issues ?? []
  if (!issue) return read
  const place = issue.path.join('.')
  const column = columns.find(({ path }) => path.join('.') === place)
  const at = matched.find(({ into }) => into !== undefined && into === column?.heading)?.place ?? 0
  const heading = column?.heading ?? issue.path.join(' › ')
  return { ...read, faults: [{ column: at + 1, heading, text: read.cells[at] ?? '', message: issue.message }] }
}

/** What a row is called within its table, so that the next list finds it again. */
const callOf = (resource: Resource, value: Record<string, unknown>): string => {
  const keys: Partial<Record<Resource, string[]>> = {
    items: ['make', 'code'],
    models: ['make', 'name'],
    fits: ['item', 'model', 'group', 'evidence'],
  }
  return (keys[resource] ?? ['name']).map((key) => String(value[key] ?? '').toLowerCase()).join('\n')
}

/** The rows of a list against the table as it is. */
export const compareList = (
  resource: Resource,
  stored: readonly Value[],
  rows: readonly ListRow[],
  matched: readonly ListColumn[],
  { columns, names, given }: ListContext,
): Compared<Value>[] => {
  const byId = new Map(stored.map((value) => [value.id, value]))
  const present = columns.filter(
    (column) => matched.some(({ into }) => into === column.heading) || cellOf(given, column) !== undefined,
  )
  const read = rows.map(({ row, id, value }): ReadRow<Value> => ({ row, value: { ...value, id: id ?? '' } }))
  return compareRows<Value>({
    stored,
    read,
    // A row of our own export is found by its id even where its name was changed in the file.
    callOf: (value) => (byId.get(value.id) ? `id\n${value.id}` : callOf(resource, value)),
    traceOf: (value) => callOf(resource, value),
    newId: (value, taken) =>
      freeId(value.id || titleOf(resource, value, names), resources[resource].one.replaceAll(' ', '-'), taken),
    over: (old, next) =>
      present.reduce<Value>((all, column) => withCell(all, column, cellOf(next, column)) as Value, old),
  })
}
