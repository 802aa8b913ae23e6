/** What somebody reads off a machine, as the value that stands there: the way back of `showValue`. (answers §4.7) */
import { isInMm } from '../catalogue/parameters'
import type { Mark, Parameter, Positions, Scale } from '../catalogue/types'
import { formatNumber } from '../units/format'
import { parseNumber, splitUnit, toMm } from '../units/parse'
import { MM_PER_INCH, tidy } from '../units/quantities'
import { agrees, reachOf } from './reach'
import { showValue } from './show'

export type ShownFault =
  | { code: 'notANumber'; text: string }
  | { code: 'notAMark'; marks: string[] }
  | { code: 'noLength' }
  /** As the machine shows its ends. */
  | { code: 'outside'; from: string; to: string }

export type ShownReading =
  /** `between`: the machine cannot stand there, only at these, as it shows them; at ends both are the same. */
  { value: number | undefined; between?: [string, string] } | { fault: ShownFault }

/**
 * Nothing typed: not stated. `setup`: how the controls stand, for a dial with two faces. `meant`: a value that is taken
 * where the machine would show the same, since nobody can read or set it finer.
 */
export const readShown = (
  text: string,
  parameter: Parameter,
  scale: Scale | undefined,
  setup: Positions = {},
  meant?: number,
): ShownReading => {
  const read = readExactly(text, parameter, scale, setup)
  if (meant === undefined || !('value' in read) || read.value === undefined) return read
  const shows = (value: number) => showValue(value, parameter, scale, setup)
  return shows(read.value) === shows(meant) ? { value: meant } : read
}

const readExactly = (text: string, parameter: Parameter, scale: Scale | undefined, setup: Positions): ShownReading => {
  const typed = text.trim()
  if (typed === '') return { value: undefined }
  const marks = marksOf(scale, setup)
  const atMark = marks && valueAtMarks(typed, marks, scale)
  if (atMark !== undefined) return onScale(atMark, scale)
  if (marks && (isMarked(scale) || countsByMarks(scale, marks)))
    return { fault: { code: 'notAMark', marks: marks.map(({ mark }) => mark) } }
  const { number, unit } = splitUnit(typed)
  const read = parseNumber(number)
  if (read === undefined || (unit !== 'none' && !isInMm(parameter)))
    return { fault: { code: 'notANumber', text: typed.slice(0, 30) } }
  const asked = unit === 'none' ? (scale?.shows === 'spi' ? 'spi' : 'mm') : unit
  const value = asked === 'mm' ? read : toMm(read, asked)
  if (value === undefined) return { fault: { code: 'noLength' } }
  const inner = tidy(value - (unit === 'none' ? (scale?.shownOffset ?? 0) : 0))
  if (scale && (inner < scale.from - EPSILON || inner > scale.to + EPSILON)) {
    const [from, to] = [shownText(scale.from, scale), shownText(scale.to, scale)]
    return { fault: { code: 'outside', from, to } }
  }
  return onScale(inner, scale)
}

/** A value as it is typed for `readShown`; of a dial with two faces the mark of the one that holds. */
export const shownText = (value: number | undefined, scale: Scale | undefined, setup: Positions = {}): string => {
  if (value === undefined) return ''
  const mark = marksOf(scale, setup)?.find((one) => Math.abs(one.value - value) < EPSILON)
  if (mark) return mark.mark
  if (isMarked(scale)) return ''
  if (scale?.shows === 'spi') return value > 0 ? formatNumber(MM_PER_INCH / value, 1) : '0'
  const marks = marksOf(scale, setup)
  const label = marks && labelAt(value, marks)
  if (marks && label === undefined && scale?.shows === 'marks') return showValue(value, 'length', scale, setup)
  return formatNumber(label ?? tidy(value + (scale?.shownOffset ?? 0)), 3).replace('−', '-')
}

/** Only its marks can be stood at: it is chosen, not typed. */
export const isMarked = (scale: Scale | undefined): scale is Scale & { marks: Mark[] } =>
  scale?.shows === 'marks' && scale.step === undefined && (scale.marks?.length ?? 0) > 0

const EPSILON = 1e-6
/** Shown figures are rounded so. */
const ROUNDED = 0.006

const marksOf = (scale: Scale | undefined, setup: Positions): Mark[] | undefined => {
  const marks = scale?.faces?.find(({ when }) => agrees(when, setup))?.marks ?? scale?.marks
  return marks && marks.length > 0 ? marks : undefined
}

/** Its marks count in something of their own, of which a figure is not the value. */
const countsByMarks = (scale: Scale | undefined, marks: readonly Mark[]): boolean =>
  scale?.shows === 'marks' && (scale.step === 0 || scale.faces !== undefined) && marks.length > 0

/** A mark by its word or figure, "just under 2", "between 1 and 2", or a figure between those of two marks. */
const valueAtMarks = (typed: string, marks: readonly Mark[], scale: Scale | undefined): number | undefined => {
  const plain = typed.toLowerCase()
  const figure = parseNumber(typed)
  const named = (word: string) =>
    marks.findIndex(({ mark }) =>
      [mark, ...mark.split(' / ')].some(
        (label) => label.toLowerCase() === word || (parseNumber(label) ?? NaN) === (parseNumber(word) ?? Infinity),
      ),
    )
  const at = (place: number): number | undefined => marks[place]?.value
  const exact = at(named(plain))
  if (exact !== undefined) return exact
  const [, side, word = ''] = /^just (under|below|before|over|above|past) (.+)$/.exec(plain) ?? []
  if (side !== undefined) {
    const place = named(word)
    const under = ['under', 'below', 'before'].includes(side)
    const [here, there] = [at(place), at(place + (under ? -1 : 1)) ?? (under ? scale?.from : scale?.to)]
    return place < 0 || here === undefined || there === undefined ? undefined : tidy(here + (there - here) * NEAR)
  }
  const [, one = '', other = ''] = /^(?:halfway )?between (.+) and (.+)$/.exec(plain) ?? []
  const [a, b] = [at(named(one)), at(named(other))]
  if (a !== undefined && b !== undefined) return tidy((a + b) / 2)
  return scale?.shows === 'marks' && figure !== undefined ? valueAtLabel(figure, marks) : undefined
}

/** So near a mark, in parts of the gap, is "just under" or "just over" it. */
const NEAR = 0.125

const labelled = (marks: readonly Mark[]): { label: number; value: number }[] =>
  marks
    .flatMap(({ mark, value }) => {
      const label = parseNumber(mark)
      return label === undefined ? [] : [{ label, value }]
    })
    .sort((a, b) => a.label - b.label)

/** Between two figured marks the value lies as the figure does. */
const valueAtLabel = (figure: number, marks: readonly Mark[]): number | undefined => {
  const rows = labelled(marks)
  const above = rows.findIndex(({ label }) => label > figure)
  const [low, high] = [rows[above - 1], rows[above]]
  return low && high
    ? tidy(low.value + ((high.value - low.value) * (figure - low.label)) / (high.label - low.label))
    : undefined
}

/** The figure that lies between two figured marks as the value does. */
const labelAt = (value: number, marks: readonly Mark[]): number | undefined => {
  const rows = labelled(marks).sort((a, b) => a.value - b.value)
  const above = rows.findIndex((row) => row.value > value)
  const [low, high] = [rows[above - 1], rows[above]]
  return low && high
    ? low.label + ((high.label - low.label) * (value - low.value)) / (high.value - low.value)
    : undefined
}

const onScale = (value: number, scale: Scale | undefined): ShownReading => {
  const reach = reachOf(scale)
  if (!scale || reach.kind === 'free' || reach.places.length === 0) return { value }
  if (reach.places.some((place) => Math.abs(place.value - value) <= ROUNDED)) return { value }
  const below = reach.places.findLast((place) => place.value < value) ?? reach.places[0]
  const above = reach.places.find((place) => place.value > value) ?? reach.places.at(-1)
  return { value, between: [shownText(below?.value, scale), shownText(above?.value, scale)] }
}
