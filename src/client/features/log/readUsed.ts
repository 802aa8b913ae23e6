/** A value as somebody reads it off the machine, turned into what is kept; and back. */
import type { Scale } from '#core/catalogue/types'
import { formatNumber } from '#core/units/format'
import { parseNumber, splitUnit, toMm } from '#core/units/parse'
import { tidy } from '#core/units/quantities'

export type UsedRead = { value: number | undefined } | { fault: string }

/** Only its marks can be stood at: it is chosen, not typed. */
export const isMarked = (scale: Scale | undefined): scale is Scale & { marks: NonNullable<Scale['marks']> } =>
  scale?.shows === 'marks' && scale.step === undefined && (scale.marks?.length ?? 0) > 0

/** Nothing typed: not stated. On a scale that counts from elsewhere, what is shown is what is typed. */
export const readUsed = (text: string, scale: Scale | undefined): UsedRead => {
  const typed = text.trim()
  if (typed === '') return { value: undefined }
  const mark = scale?.marks?.find((one) => one.mark.toLowerCase() === typed.toLowerCase())
  if (mark) return { value: mark.value }
  if (isMarked(scale)) return { fault: `is one of ${scale.marks.map((one) => one.mark).join(', ')}` }
  const { number, unit } = splitUnit(typed)
  const read = parseNumber(number)
  if (read === undefined) return { fault: `“${typed.slice(0, 30)}” is not a number` }
  const asked = unit === 'none' ? (scale?.shows === 'spi' ? 'spi' : 'mm') : unit
  const value = asked === 'mm' ? read : toMm(read, asked)
  if (value === undefined) return { fault: 'is no length' }
  const inner = tidy(value - (unit === 'none' ? (scale?.shownOffset ?? 0) : 0))
  if (scale && (inner < scale.from - 1e-6 || inner > scale.to + 1e-6)) {
    return { fault: `goes from ${usedText(scale.from, scale)} to ${usedText(scale.to, scale)} on this machine` }
  }
  return { value: inner }
}

export const usedText = (value: number | undefined, scale: Scale | undefined): string => {
  if (value === undefined) return ''
  if (isMarked(scale)) return scale.marks.find((one) => Math.abs(one.value - value) < 1e-6)?.mark ?? ''
  if (scale?.shows === 'spi') return value > 0 ? formatNumber(25.4 / value, 1) : '0'
  return formatNumber(tidy(value + (scale?.shownOffset ?? 0)), 3).replace('−', '-')
}
