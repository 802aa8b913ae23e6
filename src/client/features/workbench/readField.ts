/** A field's text as its value, or what is wrong with it. */
import { parseNumber, splitUnit, toMm } from '#core/units/parse'
import type { Field } from './calculators'

export type FieldRead = { value: number } | { fault: string }

/** Millimetres where no unit is written; inches and their fractions where one is. */
export const readField = ({ is }: Field, text: string): FieldRead => {
  const asked = text.trim()
  if (asked === '') return { fault: 'is needed' }
  const { number, unit } = is === 'length' ? splitUnit(asked) : { number: asked, unit: 'none' as const }
  if (unit === 'spi') return { fault: 'stitches to the inch are no length here' }
  const read = parseNumber(number)
  if (read === undefined) return { fault: `“${asked.slice(0, 30)}” is not a number` }
  const value = unit === 'inch' ? toMm(read, 'inch') : read
  return value === undefined ? { fault: 'is no length' } : { value }
}
