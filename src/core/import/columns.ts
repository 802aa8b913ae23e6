/** Which column of a chart holds what, told from its heading. */
import { entryOf, parametersThat, type PlainParameter } from '../catalogue/parameters'
import type { Model, Parameter } from '../catalogue/types'
import type { AssumedUnit } from '../units/parse'

export type TextField = 'number' | 'menu' | 'name' | 'function' | 'foot' | 'page'
export type ChartField = TextField | PlainParameter

/** Parameters that a chart may have a column for. */
export const valueFields: readonly PlainParameter[] = parametersThat(({ heading }) => heading)

export const chartFields: readonly ChartField[] = ['number', 'menu', 'name', 'function', 'foot', ...valueFields, 'page']

export interface ChartColumn {
  place: number
  heading: string
  /** Undefined: not taken in. */
  field: ChartField | undefined
  unit: AssumedUnit
  /** An empty cell means the same as the one above it. */
  carries: boolean
  /** Numbers stand as the machine shows them, with what its scale adds ("centre is 3.5"). */
  asShown: boolean
}

/** How a column was read before, by its tidied heading. */
export interface ColumnHabit {
  field: string
  unit?: string | undefined
  carries?: boolean | undefined
}

/** One heading however it is spaced and written. */
export const tidyHeading = (heading: string): string => heading.replace(/\s+/g, ' ').trim().toLowerCase()

/** The columns as a person matched them last time; a heading that was not there then keeps what it was told from. */
export const withHabits = (
  columns: readonly ChartColumn[],
  habits: Readonly<Record<string, ColumnHabit>>,
): ChartColumn[] =>
  columns.map((column) => {
    const habit = Object.hasOwn(habits, tidyHeading(column.heading)) ? habits[tidyHeading(column.heading)] : undefined
    if (!habit || column.heading === '') return column
    const field = (chartFields as readonly string[]).includes(habit.field) ? (habit.field as ChartField) : undefined
    const unit = habit.unit === 'inch' || habit.unit === 'spi' || habit.unit === 'mm' ? habit.unit : column.unit
    return { ...column, field, unit, carries: habit.carries ?? column.carries }
  })

export const habitsOf = (columns: readonly ChartColumn[]): Record<string, ColumnHabit> =>
  Object.fromEntries(
    columns
      .filter(({ heading }) => heading !== '')
      .map(({ heading, field, unit, carries }) => [tidyHeading(heading), { field: field ?? 'none', unit, carries }]),
  )

/** First match wins; a heading is lower-cased and stripped of its unit before it is looked up. */
const HEADINGS: [ChartField, RegExp][] = [
  ...[...valueFields].reverse().map((field): [ChartField, RegExp] => [field, entryOf(field).heading as RegExp]),
  ['foot', /foot|^ft\.?$/],
  ['page', /^(pages?|pp?\.?|pg\.?)$/],
  ['menu', /menu|mode|group|category|ring/],
  ['function', /function|purpose/],
  ['number', /^(no|nr|num|number|#|stitch (no|nr|number)|select|dial|picture)\.?$/],
  ['name', /name|description|^stitch$|pattern/],
]

/** `scales`: the machine's own, for what a heading leaves open. */
export const columnOf = (heading: string, place: number, scales: Model['scales'] = {}): ChartColumn => {
  const plain = heading.replace(/\s+/g, ' ').trim()
  const bare = plain
    .replace(/[([].*?[)\]]/g, '')
    .trim()
    .toLowerCase()
  const field = HEADINGS.find(([, pattern]) => pattern.test(bare))?.[0]
  const scale = scales[field as Parameter]
  const own = typeof scale === 'object' ? scale : undefined
  const unit = unitIn(plain, field) ?? (field === 'length' && own?.shows === 'spi' ? 'spi' : 'mm')
  return { place, heading: plain, field, unit, carries: field === 'menu', asShown: own?.shownOffset !== undefined }
}

/** The unit a heading names; undefined where it names none. */
const unitIn = (heading: string, field: ChartField | undefined): AssumedUnit | undefined => {
  if (/spi|st(itches)?\.? ?(\/|per) ?in/i.test(heading)) return field === 'length' ? 'spi' : 'mm'
  if (/\b(in|inch|inches)\b|"|″/i.test(heading)) return 'inch'
  return /\bmm\b/i.test(heading) ? 'mm' : undefined
}

/** How likely a row is the headings': how many of its cells name a field, each field once. */
export const headingScore = (cells: readonly string[]): number =>
  new Set(cells.map((cell, place) => columnOf(cell, place).field).filter((field) => field !== undefined)).size
