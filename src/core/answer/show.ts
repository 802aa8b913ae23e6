/** A value as the model shows it. (answers §4.7) */
import { isInMm } from '../catalogue/parameters'
import type { Mark, Parameter, Positions, Range, Scale } from '../catalogue/types'
import { formatDisplay, formatNumber } from '../units/format'
import { spiFromMm, tidy } from '../units/quantities'
import { agrees } from './reach'

type Value = number | Range | 'auto' | 'absent' | 'unstated'

/** Nearer to a mark than this share of the gap reads "just under" or "just over" it. */
const JUST = 0.25

/** Shown text; for `absent` and `unstated` a dash, since the model shows nothing. */
export const showValue = (
  value: Value,
  parameter: Parameter,
  scale: Scale | 'absent' | undefined,
  setup: Positions = {},
): string => {
  if (value === 'auto') return 'auto'
  if (value === 'absent' || value === 'unstated') return '–'
  if (typeof value === 'object') {
    const gap = gapAround(value, scale)
    if (gap) return `between ${gap.below.mark} and ${gap.above.mark}`
    return `${showValue(value.from, parameter, scale, setup)}–${showValue(value.to, parameter, scale, setup)}`
  }
  if (scale === undefined || scale === 'absent') return plain(value, parameter)
  const face = faceOf(value, scale, setup)
  if (face) return `${positionsInWords(face.when)}, dial at ${face.mark}`
  if (scale.shows === 'spi') return value > 0 ? `${formatNumber(spiFromMm(value), 1)} spi` : '0'
  const exact = scale.marks?.find((mark) => near(mark.value, value))
  if (exact) return exact.mark
  if (scale.marks && scale.marks.length > 0 && (scale.shows === 'marks' || scale.step === 0)) {
    return againstMarks(scale.marks, value)
  }
  return plain(value + (scale.shownOffset ?? 0), parameter)
}

/** The mark of a two-faced dial that holds for a value while the controls stand so, and how they stand. */
export const faceOf = (
  value: Value,
  scale: Scale | 'absent' | undefined,
  setup: Positions,
): { mark: string; when: Positions } | undefined => {
  if (typeof value !== 'number' || typeof scale !== 'object') return undefined
  for (const { when, marks } of scale.faces ?? []) {
    const mark = agrees(when, setup) ? marks.find((one) => near(one.value, value)) : undefined
    if (mark) return { mark: mark.mark, when }
  }
  return undefined
}

/** "left needle out": a control's name and position as words. */
export const positionsInWords = (positions: Positions): string =>
  Object.entries(positions)
    .map(([control, position]) => `${inWords(control)} ${inWords(position)}`)
    .join(', ')

/** camelCase as words. */
export const inWords = (name: string): string =>
  name.replace(/([a-z0-9])([A-Z])/g, (_, a, b) => `${a} ${b.toLowerCase()}`)

const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6

const plain = (value: number, parameter: Parameter): string =>
  isInMm(parameter) ? formatDisplay(tidy(value)) : formatNumber(value)

/** The two neighbouring marks that a range lies between, where it does not begin and end at marks itself. */
const gapAround = (
  { from, to }: Range,
  scale: Scale | 'absent' | undefined,
): { below: Mark; above: Mark } | undefined => {
  const marks = typeof scale === 'object' && scale.step === 0 ? (scale.marks ?? []) : []
  const isMark = (value: number) => marks.some((mark) => near(mark.value, value))
  if (isMark(from) && isMark(to)) return undefined
  const above = marks.find((mark) => mark.value > from + 1e-6)
  const below = marks.findLast((mark) => mark.value <= from + 1e-6)
  return below && above && to <= above.value + 1e-6 ? { below, above } : undefined
}

const againstMarks = (marks: readonly Mark[], value: number): string => {
  const below = [...marks].reverse().find((mark) => mark.value < value)
  const above = marks.find((mark) => mark.value > value)
  if (!below) return above ? `just under ${above.mark}` : formatNumber(value)
  if (!above) return `just over ${below.mark}`
  const share = (value - below.value) / (above.value - below.value)
  if (share <= JUST + 1e-9) return `just over ${below.mark}`
  if (share >= 1 - JUST - 1e-9) return `just under ${above.mark}`
  return `between ${below.mark} and ${above.mark}`
}
