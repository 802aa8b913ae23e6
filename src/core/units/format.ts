import { MM_PER_INCH, tidy, type Mm } from './quantities'

/** A number as people write it: at most `decimals` places, no trailing zeros beyond one, a true minus sign. */
export const formatNumber = (value: number, decimals = 2): string => {
  const text = String(tidy(Number(value.toFixed(decimals))))
  return text.replace('-', '−')
}

/** A value the way a millimetre display shows it: always one decimal, two where the value needs them. */
export const formatDisplay = (value: number): string => {
  const twoPlaces = Math.abs(value * 10 - Math.round(value * 10)) > 1e-6
  return value.toFixed(twoPlaces ? 2 : 1).replace('-', '−')
}

/** Inches as a fraction to 1/16, rounded to the nearest: 6.35 → ¼", 38.1 → 1½". */
export const formatInches = (mm: Mm): string => {
  const sixteenths = Math.round((Math.abs(mm) / MM_PER_INCH) * 16)
  const whole = Math.floor(sixteenths / 16)
  const rest = sixteenths % 16
  const sign = mm < 0 && sixteenths > 0 ? '−' : ''
  if (rest === 0) return `${sign}${whole}"`
  let [top, bottom] = [rest, 16]
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2]
  const glyph = FRACTIONS[`${top}/${bottom}`] ?? `${whole > 0 ? ' ' : ''}${top}/${bottom}`
  return `${sign}${whole > 0 ? whole : ''}${glyph}"`
}

const FRACTIONS: Record<string, string> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
}
