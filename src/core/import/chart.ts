/** A maker's stitch chart, row by row, each beside its original text. Nothing is written by reading. */
import { entryOf, isInMm, type PlainParameter } from '../catalogue/parameters'
import type { Model, Motion, Parameter, Range, Scale, Stitch } from '../catalogue/types'
import { tidy } from '../units/quantities'
import { freeId, slug } from '../catalogue/ids'
import { sameValue } from '../catalogue/sameValue'
import {
  columnOf,
  headingScore,
  tidyHeading,
  valueFields,
  withHabits,
  type ChartColumn,
  type ChartField,
  type ColumnHabit,
  type TextField,
} from './columns'
import { NO_NOTES, type NoteLookup } from './fileTable'
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
  faults: ChartFault[]
}

export interface ChartFault {
  row: number
  column: number
  heading: string
  text: string
  why: CellFault | 'noNumber' | 'sameNumber' | 'noResult'
}

export type ValueField = PlainParameter

/** The headings are looked for this far down. */
const HEADING_WITHIN = 20
const LEAST_HEADINGS = 2

export interface ChartGround {
  notes?: NoteLookup
  /** The machine's scales: how it shows what the chart prints. */
  scales?: Model['scales']
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
  const headings = at >= 0 ? (table[at] as readonly string[]) : []
  const read = Array.from({ length: width }, (_, place) => columnOf(headings[place] ?? '', place, ground.scales))
  const columns = onceEach(withHabits(read, habits))
  return { headingRow: at >= 0 ? at + 1 : undefined, columns, rows: readRows(table, columns, at + 1, ground) }
}

const knownHeadings = (cells: readonly string[], habits: Readonly<Record<string, ColumnHabit>>): number =>
  new Set(cells.map(tidyHeading).filter((heading) => heading !== '' && Object.hasOwn(habits, heading))).size

/**
 * Reads the rows again, after columns were matched, cells mended or rows skipped by hand. `from`: the first row below
 * the headings, from 0. A skipped row adds nothing to the stitch above and takes no number.
 */
export const readRows = (
  table: readonly (readonly string[])[],
  columns: readonly ChartColumn[],
  from: number,
  { notes = NO_NOTES, scales = {}, skipped = new Set() }: ChartGround & { skipped?: ReadonlySet<number> } = {},
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
  /** The stitch above, with no title between. */
  after: ChartRow | undefined
}

/** A field is taken from the first column that names it. */
const onceEach = (columns: ChartColumn[]): ChartColumn[] => {
  const taken = new Set<ChartField>()
  return columns.map((column) => {
    if (column.field === undefined || taken.has(column.field)) return { ...column, field: undefined }
    taken.add(column.field)
    return column
  })
}

const readRow = (
  cells: string[],
  columns: readonly ChartColumn[],
  row: number,
  { above, notes, scales, after }: Around,
): ChartRow => {
  const read: ChartRow = { row, cells, is: 'stitch', carried: {}, texts: {}, values: {}, faults: [] }
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
          })
      read.values[column.field] = column.asShown ? inside(reading, scales[column.field]) : reading
      if (reading.is === 'unreadable') read.faults.push(fault(row, column, text, reading.why))
    } else if (text !== '') {
      read.texts[column.field] = text
      if (why) read.faults.push(fault(row, column, text, why))
    }
  }
  const whole = { ...read, carried }
  const [only] = filled
  const inName =
    columns.some(({ field, place }) => field === 'name' && place === only) &&
    columns.some(({ field }) => field === 'number')
  if (filled.length === 1 && !/\d/.test(cells[only as number] as string) && !(inName && after)) {
    return { ...whole, is: 'title', texts: {}, values: {}, faults: [] }
  }
  if (read.texts.number !== undefined) return whole
  if (after && addsTo(after, whole)) return { ...whole, is: 'continued', continues: after.row }
  const column = columns.find(({ field }) => field === 'number') ?? columns[0]
  if (column) read.faults.push(fault(row, column, (cells[column.place] ?? '').trim(), 'noNumber'))
  return whole
}

/** What the machine shows, as the value inside. */
const inside = (reading: CellReading, scale: Scale | 'absent' | undefined): CellReading => {
  const offset = typeof scale === 'object' ? (scale.shownOffset ?? 0) : 0
  if (reading.is !== 'value' || reading.value === 'auto' || offset === 0) return reading
  const { value } = reading
  if (typeof value === 'number') return { is: 'value', value: tidy(value - offset) }
  return { is: 'value', value: { from: tidy(value.from - offset), to: tidy(value.to - offset) } }
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
  return { ...stitch, texts: { ...more.texts, ...stitch.texts, ...(name === '' ? {} : { name }) }, values }
}

const isValueField = (field: ChartField): field is ValueField => (valueFields as readonly string[]).includes(field)

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

/** How a person gets to the stitch: its number, with menu or mode before it. */
export const selectOf = ({ texts }: ChartRow): string | undefined =>
  texts.number === undefined ? undefined : texts.menu === undefined ? texts.number : `${texts.menu} ${texts.number}`

export interface StitchChoice {
  id: string
  function: string
  motion: Motion
}

/** The stitch a row states. What the book does not state stays unstated. */
export const stitchOf = (row: ChartRow, { id, function: named, motion }: StitchChoice): Stitch => {
  const defaults: Partial<Record<Parameter, number | Range | 'auto'>> = {}
  for (const field of valueFields) {
    const reading = row.values[field]
    if (reading?.is === 'value') defaults[field] = reading.value
  }
  const see = Object.values(row.values).find((reading) => reading.is === 'silent' && reading.see !== undefined)
  const page = row.texts.page ?? (see?.is === 'silent' ? see.see : undefined)
  return {
    id,
    select: selectOf(row) ?? '',
    function: named,
    ...(row.texts.name === undefined ? {} : { nativeName: row.texts.name }),
    motion,
    ...(Object.keys(defaults).length > 0 ? { defaults } : {}),
    ...(row.texts.foot === undefined || /^[-–—]+$/.test(row.texts.foot) ? {} : { foot: row.texts.foot }),
    source: { evidence: 'book', ...(page === undefined ? {} : { where: pageText(page) }) },
  }
}

/** A known stitch with what a chart's columns state put over it; what the chart has no column for stays. */
export const stitchOver =
  (columns: readonly ChartColumn[]) =>
  (known: Stitch, read: Stitch): Stitch => {
    const fields = new Set(columns.map(({ field }) => field))
    const defaults = { ...known.defaults }
    for (const field of valueFields) {
      if (!fields.has(field)) continue
      const value = read.defaults?.[field]
      if (value === undefined) delete defaults[field]
      else defaults[field] = value
    }
    const { defaults: _, foot: _foot, nativeName: _name, ...rest } = known
    const [nativeName, foot] = [
      fields.has('name') ? read.nativeName : known.nativeName,
      fields.has('foot') ? read.foot : known.foot,
    ]
    const where = read.source?.where ?? (known.source?.evidence === 'book' ? known.source.where : undefined)
    return {
      ...rest,
      select: read.select,
      function: read.function,
      motion: read.function === known.function ? known.motion : read.motion,
      ...(nativeName === undefined ? {} : { nativeName }),
      ...(Object.keys(defaults).length > 0 ? { defaults } : {}),
      ...(foot === undefined ? {} : { foot }),
      source: { evidence: 'book', ...(where === undefined ? {} : { where }) },
    }
  }

const pageText = (page: string): string => (/^\d/.test(page) ? `p. ${page}` : page)

/** A lasting id for a new stitch, made from how it is chosen. */
export const stitchId = (select: string, taken: ReadonlySet<string>): string =>
  freeId(`s-${slug(select, 'stitch')}`, 'stitch', taken)
