import { MM_PER_INCH, mmFromSpi, tidy } from './quantities'

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
}

/**
 * Reads one number as people write it: decimal comma or point, a sign (also ± before 0), fractions and mixed
 * fractions ("1/4", "1 1/2", "1½"). Returns undefined where the text is not exactly one number.
 */
export const parseNumber = (text: string): number | undefined => {
  const plain = text
    .trim()
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${VULGAR[glyph]}`)
    .replace(/[−–]/g, '-')
    .replace(/^±\s*(?=0+([.,]0+)?$)/, '')
    .trim()
  const fraction = /^([+-]?)\s*(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain)
  if (fraction) {
    const [, sign, whole = '0', top, bottom] = fraction
    if (Number(bottom) === 0) return undefined
    return (sign === '-' ? -1 : 1) * (Number(whole) + Number(top) / Number(bottom))
  }
  if (!/^[+-]?(\d+([.,]\d+)?|[.,]\d+)$/.test(plain)) return undefined
  return Number(plain.replace(',', '.'))
}

/** Units a written length may carry; `none` where it carries none. */
export type WrittenUnit = 'mm' | 'inch' | 'spi' | 'none'

/** A unit a column's heading may declare, used where a cell carries none. */
export type AssumedUnit = 'mm' | 'inch' | 'spi'

const UNIT_WORDS: [RegExp, WrittenUnit][] = [
  [/\s*(mm|millimet(er|re)s?)\.?$/i, 'mm'],
  [/\s*(spi|st(itches)?\.?\s*(\/|per)\s*in(ch)?\.?)$/i, 'spi'],
  [/\s*("|″|”|''|in\.|in|inch(es)?)$/i, 'inch'],
]

/** Splits a unit off the end of a text. */
export const splitUnit = (text: string): { number: string; unit: WrittenUnit } => {
  for (const [pattern, unit] of UNIT_WORDS) {
    if (pattern.test(text)) return { number: text.replace(pattern, ''), unit }
  }
  return { number: text, unit: 'none' }
}

/** Millimetres for a number in a unit; undefined where the unit makes no length of it (0 stitches to the inch). */
export const toMm = (value: number, unit: AssumedUnit): number | undefined => {
  if (unit === 'mm') return value
  if (unit === 'inch') return tidy(value * MM_PER_INCH)
  return value > 0 ? tidy(mmFromSpi(value)) : undefined
}
