/** Which column of a chart holds what, told from its heading. */
import { entryOf, parametersThat, type PlainParameter } from '../catalogue/parameters'
import type { Model, Parameter } from '../catalogue/types'
import type { AssumedUnit } from '../units/parse'

export type TextField = 'number' | 'menu' | 'name' | 'function' | 'foot' | 'page'
export type ChartField = TextField | PlainParameter

/** Parameters that a chart may have a column for. */
export const valueFields: readonly PlainParameter[] = parametersThat(({ heading }) => heading)

export const chartFields: readonly ChartField[] = ['number', 'menu', 'name', 'function', 'foot', ...valueFields, 'page']

/** What of a value a column states: its default, an end of its range, or the whole range. */
export type ColumnPart = 'default' | 'min' | 'max' | 'range'
export const columnParts: readonly ColumnPart[] = ['default', 'min', 'max', 'range']

export interface ChartColumn {
  place: number
  heading: string
  /** Undefined: not taken in. */
  field: ChartField | undefined
  part: ColumnPart
  /** Its heading or a person has said what it is, or that it is left out. */
  isDecided: boolean
  unit: AssumedUnit
  /** An empty cell means the same as the one above it. */
  carries: boolean
  /** Numbers stand as the machine shows them, with what its scale adds ("centre is 3.5"). */
  asShown: boolean
}

/** How a column was read before, by its tidied heading. */
export interface ColumnHabit {
  field: string
  part?: string | undefined
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
    const part = columnParts.find((one) => one === habit.part) ?? column.part
    return { ...column, field, part, unit, carries: habit.carries ?? column.carries, isDecided: true }
  })

export const habitsOf = (columns: readonly ChartColumn[]): Record<string, ColumnHabit> =>
  Object.fromEntries(
    columns
      .filter(({ heading, isDecided }) => heading !== '' && isDecided)
      .map(({ heading, field, part, unit, carries }) => [
        tidyHeading(heading),
        { field: field ?? 'none', part, unit, carries },
      ]),
  )

/** Whole headings; a shared word is none: "needle size" is no needle position. */
const HEADINGS: [ChartField, RegExp][] = [
  ...valueFields.map((field): [ChartField, RegExp] => [field, entryOf(field).heading as RegExp]),
  ['foot', /^(presser )?(foot|feet|ft)( (code|letter|no|number|name))?$/],
  ['page', /^(pages?|pp?|pg)( in (the )?(book|manual))?$/],
  ['menu', /^(menu|mode|group|category|ring)$/],
  ['function', /^(function|purpose)$/],
  ['number', /^((no|nr|num|number|#)|(pattern|program|picture) (no|nr|number)|select|dial|picture)$/],
  ['name', /^((pattern )?(name|description)|pattern|)$/],
]

/** Words of a heading that say which part of a value it is; the others of them say nothing. */
const PARTS: [ColumnPart, RegExp][] = [
  ['min', /^(min|minimum|least|lowest|smallest|from)$/],
  ['max', /^(max|maximum|most|highest|greatest|largest|to)$/],
  ['range', /^(range|manual|manually|adjustable|adjustment|limits)$/],
  ['default', /^(default|auto|automatic|automatically|preset|pre|standard|normal|factory|basic|initial|programmed)$/],
]
const SAYS_NOTHING = /^(stitch|setting|settings|set|value|values|recommended|mm|in|inch|inches|·)$/

/** `scales`: the machine's own, for what a heading leaves open. */
export const columnOf = (heading: string, place: number, scales: Model['scales'] = {}): ChartColumn => {
  const plain = heading.replace(/\s+/g, ' ').trim()
  const words = plain
    .replace(/[([].*?[)\]]/g, ' ')
    .toLowerCase()
    .split(/[\s.:,"″]+/)
    .filter((word) => word !== '')
  const partOf = (word: string) => PARTS.find(([, pattern]) => pattern.test(word))?.[0]
  const part = words.map(partOf).find((one) => one !== undefined) ?? 'default'
  const bare = words.filter((word) => partOf(word) === undefined && !SAYS_NOTHING.test(word)).join(' ')
  const named = bare !== '' || words.includes('stitch')
  const told = named ? HEADINGS.find(([, pattern]) => pattern.test(bare))?.[0] : undefined
  // An end of something that is no value is nothing known.
  const field = told !== undefined && part !== 'default' && !isValueField(told) ? undefined : told
  const scale = scales[field as Parameter]
  const own = typeof scale === 'object' ? scale : undefined
  const unit = unitIn(plain, field) ?? (field === 'length' && own?.shows === 'spi' ? 'spi' : 'mm')
  const asShown = own?.shownOffset !== undefined
  return {
    place,
    heading: plain,
    field,
    part,
    isDecided: field !== undefined,
    unit,
    carries: field === 'menu',
    asShown,
  }
}

export const isValueField = (field: ChartField): field is PlainParameter =>
  (valueFields as readonly string[]).includes(field)

/** The unit a heading names; undefined where it names none. */
const unitIn = (heading: string, field: ChartField | undefined): AssumedUnit | undefined => {
  if (/spi|st(itches)?\.? ?(\/|per) ?in/i.test(heading)) return field === 'length' ? 'spi' : 'mm'
  if (/\b(in|inch|inches)\b|"|″/i.test(heading)) return 'inch'
  return /\bmm\b/i.test(heading) ? 'mm' : undefined
}

/** How likely a row is the headings': how many of its cells name a field, each field once. */
export const headingScore = (cells: readonly string[]): number =>
  new Set(
    cells
      .map((cell, place) => columnOf(cell, place))
      .flatMap(({ field, part }) => (field === undefined ? [] : [`${field}/${part}`])),
  ).size
