/** A field's text as its value, or what is wrong with it. */
import { parseNumber, splitUnit, toMm } from '#core/units/parse'
import { readMotif } from '#core/stitch/motifText'
import type { Field } from './calculator'

export type FieldRead = { value: number } | { values: number[] } | { fault: string }

const MOST_NUMBERS = 100

/** Millimetres where no unit is written; inches and their fractions where one is. Several numbers may also be none. */
export const readField = ({ is }: Field, text: string): FieldRead => {
  const asked = text.trim()
  if (is === 'text') return readMotifText(text)
  if (is === 'numbers') return readNumbers(asked)
  if (asked === '') return { fault: 'is needed' }
  const { number, unit } = is === 'length' ? splitUnit(asked) : { number: asked, unit: 'none' as const }
  if (unit === 'spi') return { fault: 'stitches to the inch are no length here' }
  const read = parseNumber(number)
  if (read === undefined) return { fault: `“${asked.slice(0, 30)}” is not a number` }
  const value = unit === 'inch' ? toMm(read, 'inch') : read
  return value === undefined ? { fault: 'is no length' } : { value }
}

/** The only text there is so far: a motif's points. */
const readMotifText = (text: string): FieldRead => {
  const read = readMotif(text)
  return 'fault' in read ? { fault: `line ${read.line}: ${read.fault}` } : { values: read.points.flat() }
}

const readNumbers = (text: string): FieldRead => {
  const words = text.split(/[\s;]+/).filter(Boolean)
  if (words.length > MOST_NUMBERS) return { fault: `are at most ${MOST_NUMBERS} numbers` }
  const values: number[] = []
  for (const word of words) {
    const read = parseNumber(word)
    if (read === undefined) return { fault: `“${word.slice(0, 30)}” is not a number` }
    values.push(read)
  }
  return { values }
}
