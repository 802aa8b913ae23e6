/** A maker's stitch chart, row by row, each beside its original text. Nothing is written by reading. */
import { entryOf, isInMm, type PlainParameter } from '../catalogue/parameters'
import type { Model, Range } from '../catalogue/types'
import { sameValue } from '../catalogue/sameValue'
import {
  columnOf,
  headingScore,
  isValueField,
  valueFields,
  withHabits,
  type ChartColumn,
  type ColumnHabit,
  type TextField,
} from './columns'
import { NO_NOTES, type NoteLookup } from './fileTable'
import { selectOf } from './chartStitch'
import { feetInCell, type FeetRead } from './feetInCell'
import { headingsAt, knownHeadings } from './headings'
import { cellsBeyond, rejoined } from './longRow'
import { beyondMachine, inside, normalOf } from './onMachine'
import { readValue, type CellFault, type CellReading } from './readValue'

export interface ChartReading {
  /** Row of the headings, counted from 1; undefined where no row looks like them. */
  headingRow: number | undefined
  columns: ChartColumn[]
  rows: ChartRow[]
}

export interface ChartRow {
  /** Row in the file, counted from 1. */
  row: number
  cells: string[]
  /** A section's title holds no stitch; an empty row holds nothing; a continued one adds to the stitch above it. */
  is: 'stitch' | 'title' | 'empty' | 'continued'
  /** Row of the stitch that a continued row adds to. */
  continues?: number
  /** Cells taken from above, by place: merged with it, or left empty where the column says "as above". */
  carried: Readonly<Record<number, string>>
  texts: Partial<Record<TextField, string>>
  values: Partial<Record<ValueField, CellReading>>
  /** What the book says a value may be set to. */
  ranges: Partial<Record<ValueField, Range>>
  feet?: FeetRead
  /** A row longer than its heading, with its figures joined again. */
  rejoined?: string[]
  faults: ChartFault[]
}

export interface ChartFault {
  row: number
  column: number
  heading: string
  text: string
  why: CellFault | 'noNumber' | 'sameNumber' | 'beyond' | 'tooLong' | 'oneEnd'
  /** What it may have been. */
  maybe?: string
}

export type ValueField = PlainParameter

/** The headings are looked for this far down. */
const HEADING_WITHIN = 20
const LEAST_HEADINGS = 2

export interface ChartGround {
  notes?: NoteLookup
  /** The machine's scales: how it shows what the chart prints, and where they end. */
  scales?: Model['scales']
  /** Codes of the make's feet. */
  feet?: readonly string[]
}

/** Finds the headings and reads every row below them. `habits`: how the make's columns were matched before. */
export const readChart = (
  table: readonly (readonly string[])[],
  { habits = {}, ...ground }: ChartGround & { habits?: Readonly<Record<string, ColumnHabit>> } = {},
): ChartReading => {
  const head = table.slice(0, HEADING_WITHIN)
  const scores = head.map((cells) => Math.max(headingScore(cells), knownHeadings(cells, habits)))
  const best = Math.max(0, ...scores)
  const at = best >= LEAST_HEADINGS ? scores.indexOf(best) : -1
  const width = Math.max(0, ...table.map((row) => row.length))
  const { headings, last } = headingsAt(table, at)
  const read = Array.from({ length: width }, (_, place) => columnOf(headings[place] ?? '', place, ground.scales))
  const columns = onceEach(withHabits(read, habits))
  return { headingRow: at >= 0 ? last + 1 : undefined, columns, rows: readRows(table, columns, last + 1, ground) }
}

/**
 * Reads the rows again, after columns were matched, cells mended or rows skipped by hand. `from`: the first row below
 * the headings, from 0. A skipped row adds nothing to the stitch above and takes no number.
 */
export const readRows = (
  table: readonly (readonly string[])[],
  columns: readonly ChartColumn[],
  from: number,
  {
    notes = NO_NOTES,
    scales = {},
    feet = [],
    skipped = new Set(),
  }: ChartGround & { skipped?: ReadonlySet<number> } = {},
): ChartRow[] => {
  const rows: ChartRow[] = []
  const above: string[] = []
  let last: number | undefined
  table.slice(from).forEach((cells, i) => {
    const number = from + i + 1
    const row = readRow([...cells], columns, number, {
      above,
      notes,
      scales,
      feet,
      after: last === undefined ? undefined : rows[last],
    })
    cells.forEach((cell, place) => {
      if (cell.trim() !== '') above[place] = cell
    })
    if (row.is === 'continued' && last !== undefined && !skipped.has(number))
      rows[last] = joined(rows[last] as ChartRow, row)
    if (row.is === 'stitch') last = rows.length
    if (row.is === 'title') last = undefined
    rows.push(row)
  })
  return flagRepeats(rows, skipped)
}

interface Around {
  /** The last text of each column above this row. */
  above: readonly string[]
  notes: NoteLookup
  scales: Model['scales']
  feet: readonly string[]
  /** The stitch above, with no title between. */
  after: ChartRow | undefined
}

/** A field's part is taken from the first column that names it; what a second one is must be said. */
const onceEach = (columns: ChartColumn[]): ChartColumn[] => {
  const taken = new Set<string>()
  return columns.map((column) => {
    if (column.field === undefined) return column
    const key = `${column.field}/${column.part}`
    if (taken.has(key)) return { ...column, field: undefined, isDecided: false }
    taken.add(key)
    return column
  })
}

/** Columns that hold figures of which nobody has said what they are: nothing of them is dropped in silence. */
export const undecided = (columns: readonly ChartColumn[], rows: readonly ChartRow[]): ChartColumn[] =>
  columns.filter(
    ({ isDecided, place }) =>
      !isDecided &&
      rows.some(
        ({ is, cells, faults }) =>
          is === 'stitch' && /\d/.test(cells[place] ?? '') && !faults.some(({ why }) => why === 'tooLong'),
      ),
  )

const readRow = (
  cells: string[],
  columns: readonly ChartColumn[],
  row: number,
  { above, notes, scales, feet, after }: Around,
): ChartRow => {
  const read: ChartRow = { row, cells, is: 'stitch', carried: {}, texts: {}, values: {}, ranges: {}, faults: [] }
  const filled = cells.flatMap((cell, place) => (cell.trim() === '' ? [] : [place]))
  if (filled.length === 0) return { ...read, is: 'empty' }
  const carried: Record<number, string> = {}
  for (const column of columns) {
    if (column.field === undefined) continue
    const own = (cells[column.place] ?? '').trim()
    const note = notes.at(row, column.place + 1)
    const isMerged = note?.what === 'merged' && column.field !== 'number'
    const text = own === '' && (isMerged || column.carries) ? (above[column.place] ?? '').trim() : own
    if (text !== own) carried[column.place] = text
    const why = note?.what === 'date' || note?.what === 'noResult' ? NOTED[note.what] : undefined
    if (isValueField(column.field)) {
      const reading: CellReading = why
        ? { is: 'unreadable', why }
        : readValue(text, {
            measures: isInMm(column.field) ? 'length' : 'mark',
            unit: column.unit,
            signed: entryOf(column.field).signed ?? false,
            normal: normalOf(scales[column.field]),
          })
      const own = column.asShown ? inside(reading, scales[column.field]) : reading
      const beyond = beyondMachine(own, column.field, scales[column.field])
      const taken: CellReading = beyond ? { is: 'unreadable', why: 'tooLarge' } : own
      if (column.part === 'default') read.values[column.field] = taken
      if (taken.is === 'value') takeRange(read, column, taken)
      if (beyond) read.faults.push({ ...fault(row, column, text, 'beyond'), ...beyond })
      else if (own.is === 'unreadable') read.faults.push(fault(row, column, text, own.why))
    } else if (text !== '') {
      read.texts[column.field] = text
      if (column.field === 'foot') read.feet = feetInCell(text, feet)
      if (why) read.faults.push(fault(row, column, text, why))
    }
  }
  completeRanges(read, columns, scales)
  const whole = { ...read, carried }
  const [only] = filled
  const inName =
    columns.some(({ field, place }) => field === 'name' && place === only) &&
    columns.some(({ field }) => field === 'number')
  if (filled.length === 1 && !/\d/.test(cells[only as number] as string) && !(inName && after)) {
    return { ...whole, is: 'title', texts: {}, values: {}, ranges: {}, faults: [] }
  }
  const headed = columns.findLastIndex(({ heading }) => heading !== '') + 1
  const beyond = headed > 0 ? cellsBeyond(cells, headed) : 0
  if (beyond > 0 && columns.slice(headed).every(({ field }) => field === undefined))
    return tooLong(whole, columns, headed)
  if (read.texts.number !== undefined) return whole
  if (after && addsTo(after, whole)) return { ...whole, is: 'continued', continues: after.row }
  const column = columns.find(({ field }) => field === 'number') ?? columns[0]
  if (column) read.faults.push(fault(row, column, (cells[column.place] ?? '').trim(), 'noNumber'))
  return whole
}

/** Its figures stand nobody knows where: none is taken. */
const tooLong = (row: ChartRow, columns: readonly ChartColumn[], headed: number): ChartRow => {
  const figures = new Set(columns.filter(({ field }) => field && isValueField(field)).map(({ place }) => place))
  const joined = rejoined(row.cells, headed, figures)
  const last = columns[headed] as ChartColumn
  return {
    ...row,
    values: {},
    ranges: {},
    ...(joined ? { rejoined: joined } : {}),
    faults: [fault(row.row, last, row.cells.slice(headed).join(' '), 'tooLong')],
  }
}

/** An end alone goes to the end of the machine's own scale; where that is not stated it is told, not dropped. */
const completeRanges = (read: ChartRow, columns: readonly ChartColumn[], scales: Model['scales']): void => {
  for (const [field, { from, to }] of Object.entries(read.ranges) as [ValueField, Range][]) {
    if (Number.isFinite(from) && Number.isFinite(to)) continue
    const scale = scales[field]
    if (typeof scale === 'object') {
      read.ranges[field] = { from: Number.isFinite(from) ? from : scale.from, to: Number.isFinite(to) ? to : scale.to }
      continue
    }
    delete read.ranges[field]
    const column = columns.find((one) => one.field === field && (one.part === 'min' || one.part === 'max'))
    if (column) read.faults.push(fault(read.row, column, (read.cells[column.place] ?? '').trim(), 'oneEnd'))
  }
}

/** An end of a range, a whole one, or one beside its default. */
const takeRange = (
  { ranges }: ChartRow,
  { field, part }: ChartColumn,
  { value, range }: CellReading & { is: 'value' },
) => {
  const own = field as ValueField
  const { from, to } = ranges[own] ?? { from: NaN, to: NaN }
  if (part === 'default') {
    if (range) ranges[own] = range
  } else if (typeof value === 'object') ranges[own] = value
  else if (typeof value === 'number')
    ranges[own] =
      part === 'range' ? { from: value, to: value } : part === 'min' ? { from: value, to } : { from, to: value }
}

const NOTED = { date: 'looksLikeDate', noResult: 'noResult' } as const

/** A row without a number adds to the stitch above, unless it states what the stitch states otherwise or unreadably. */
const addsTo = (stitch: ChartRow, row: ChartRow): boolean =>
  valueFields.every((field) => {
    const [stated, more] = [stitch.values[field], row.values[field]]
    if (more === undefined || more.is === 'silent' || stated === undefined || stated.is === 'silent') return true
    return stated.is === 'value' && more.is === 'value' && sameValue(stated.value, more.value)
  })

/** Names run on; everything else fills what the stitch left open. */
const joined = (stitch: ChartRow, more: ChartRow): ChartRow => {
  const name = [stitch.texts.name, more.texts.name].filter((text) => text !== undefined).join(' ')
  const values = { ...stitch.values }
  for (const field of valueFields) {
    const reading = more.values[field]
    if (reading?.is === 'value' || (reading?.is === 'silent' && reading.see !== undefined)) {
      if (values[field]?.is !== 'value') values[field] = reading
    }
  }
  return {
    ...stitch,
    ranges: { ...more.ranges, ...stitch.ranges },
    texts: { ...more.texts, ...stitch.texts, ...(name === '' ? {} : { name }) },
    values,
  }
}

const fault = (row: number, column: ChartColumn, text: string, why: ChartFault['why']): ChartFault => ({
  row,
  column: column.place + 1,
  heading: column.heading,
  text,
  why,
})

/** Two rows that choose the same stitch cannot both be right. */
const flagRepeats = (rows: readonly ChartRow[], skipped: ReadonlySet<number>): ChartRow[] => {
  const first = new Map<string, number>()
  return rows.map((row) => {
    const others = row.faults.filter(({ why }) => why !== 'sameNumber')
    const select = selectOf(row)
    if (row.is !== 'stitch' || select === undefined || skipped.has(row.row)) return { ...row, faults: others }
    const earlier = first.get(select)
    if (earlier === undefined) {
      first.set(select, row.row)
      return { ...row, faults: others }
    }
    return {
      ...row,
      faults: [...others, { row: row.row, column: 1, heading: '', text: select, why: 'sameNumber' as const }],
    }
  })
}
