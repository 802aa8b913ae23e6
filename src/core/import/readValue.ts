/** One cell of a stitch chart, as makers and shops write them, into a typed value. */
import { damageOf } from './damage'
import type { Range } from '../catalogue/types'
import { parseNumber, splitUnit, toMm, type AssumedUnit } from '../units/parse'
import { tidy } from '../units/quantities'

export type CellReading =
  /** The book states a value. */
  | { is: 'value'; value: number | Range | 'auto'; range?: Range }
  /** The book is silent; `see` where it sends the reader elsewhere. */
  | { is: 'silent'; see?: string }
  | { is: 'unreadable'; why: CellFault }

export type CellFault =
  | 'notANumber'
  | 'looksLikeDate'
  | 'plusMinus'
  | 'spoilt'
  | 'noResult'
  | 'rangeFalls'
  | 'unitNotALength'
  | 'negative'
  | 'noDensity'
  | 'tooLarge'

export interface CellExpectation {
  /** Lengths are turned into mm; marks are numbers of the model's own. */
  measures: 'length' | 'mark'
  /** What a bare number in a length column means. */
  unit: AssumedUnit
  /** Whether a value under 0 makes sense (needle positions). */
  signed?: boolean
  /** What "±0" means: the middle of a signed value, the normal mark; undefined where it means nothing. */
  normal?: number | undefined
  /** More than this is a slip, mm or marks; of a stitch where nothing is said. */
  most?: number
}

const SILENT = /^(?:|[-–—−]+|n\/?a|\?|none)$/i
/** A cell by which nothing is stated. */
export const isSilent = (text: string): boolean => SILENT.test(text.trim())

const AUTO = /^(?:auto(?:matic)?\.?)$/i
const ELSEWHERE = /^(?:see\s+)?(?:p|pp|page)\.?\s*(\d+(?:\s*[-–]\s*\d+)?)$/i
const BETWEEN = /^(.+?)\s*(?:~|–|—|\.{2,3}|…|\bto\b)\s*(.+)$/i
const HYPHEN = /^([^-]*\d[^-]*?)\s*-\s*(.*\d.*)$/
const MONTH_NAME = '(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*'
const MONTH = new RegExp(`^\\d{1,2}[-./ ]+${MONTH_NAME}\\.?$|^${MONTH_NAME}[-./ ]+\\d{1,4}$`, 'i')
const LONG_DATE = /^\d{1,4}([-./])\d{1,2}\1\d{1,4}$/
/** "3.5 (0.0–7.0)", "auto [0.2–4]": a default with its range behind it. */
const WITH_RANGE = /^([^([]+?)\s*[([]\s*([^)\]]+?)\s*[)\]]$/
const PLUS_MINUS = /^(±|\+\/-)\s*0+([.,]0+)?$/
/** No stitch, dial or tension comes near this. */
const MOST = 1000

/**
 * The range that a spreadsheet most likely made a date of: "03-Apr" was "3-4". Undefined where it is no such date.
 * An offer to a person, never taken by itself.
 */
export const rangeBehindDate = (text: string): string | undefined => {
  const plain = text.trim()
  const named = /^(?:(\d{1,2})[-./ ]+([a-z]{3})[a-z]*\.?|([a-z]{3})[a-z]*[-./ ]+(\d{1,4}))$/i.exec(plain)
  if (named) {
    const month = MONTHS.indexOf((named[2] ?? named[3] ?? '').toLowerCase()) + 1
    const other = Number((named[1] ?? named[4] ?? '').slice(-2))
    return month > 0 ? risingPair(other, month) : undefined
  }
  const iso = /^\d{4}-(\d{1,2})-(\d{1,2})/.exec(plain)
  return iso ? risingPair(Number(iso[1]), Number(iso[2])) : undefined
}
const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec']
const risingPair = (a: number, b: number): string => `${Math.min(a, b)}-${Math.max(a, b)}`

/** Reads a cell; never guesses: what is not understood is said to be so. */
export const readValue = (text: string, expected: CellExpectation): CellReading => {
  const plain = text.replace(/[   ]/g, ' ').trim()
  if (isSilent(plain)) return { is: 'silent' }
  if (AUTO.test(plain)) return { is: 'value', value: 'auto' }
  const elsewhere = ELSEWHERE.exec(plain)
  if (elsewhere) return { is: 'silent', see: `p. ${elsewhere[1]}` }
  if (MONTH.test(plain) || LONG_DATE.test(plain)) return { is: 'unreadable', why: 'looksLikeDate' }
  const damage = damageOf(plain)
  if (damage !== undefined) return { is: 'unreadable', why: damage }
  if (PLUS_MINUS.test(plain)) {
    const middle = expected.signed ? 0 : expected.normal
    return middle === undefined ? { is: 'unreadable', why: 'plusMinus' } : { is: 'value', value: middle }
  }
  const [, before, within] = WITH_RANGE.exec(plain) ?? []
  if (before !== undefined && within !== undefined) {
    const [own, range] = [readValue(before, expected), readValue(within, expected)]
    if (own.is === 'value' && range.is === 'value' && typeof range.value === 'object')
      return { ...own, range: range.value }
  }
  const single = readNumber(plain, expected, undefined)
  if (single.is === 'value' || single.why !== 'notANumber') return single
  const ends = BETWEEN.exec(plain) ?? HYPHEN.exec(plain)
  return ends ? readRange(ends[1] as string, ends[2] as string, expected) : single
}

type NumberReading = { is: 'value'; value: number } | { is: 'unreadable'; why: CellFault }

const readNumber = (
  text: string,
  { measures, unit, signed, most = MOST }: CellExpectation,
  unitOfRange: AssumedUnit | undefined,
): NumberReading => {
  const { number, unit: written } = splitUnit(text.trim())
  const value = parseNumber(number)
  if (value === undefined) return { is: 'unreadable', why: 'notANumber' }
  if (value < 0 && !signed) return { is: 'unreadable', why: 'negative' }
  if (measures === 'mark') {
    if (written !== 'none') return { is: 'unreadable', why: 'unitNotALength' }
    return Math.abs(value) > most ? { is: 'unreadable', why: 'tooLarge' } : { is: 'value', value }
  }
  const asked = written === 'none' ? (unitOfRange ?? unit) : written
  const mm = toMm(value, asked)
  if (mm === undefined) return { is: 'unreadable', why: 'noDensity' }
  return Math.abs(mm) > most ? { is: 'unreadable', why: 'tooLarge' } : { is: 'value', value: tidy(mm) }
}

/** "10–12 spi": a unit behind the second end holds for both; densities turn the ends around. */
const readRange = (first: string, second: string, expected: CellExpectation): CellReading => {
  const { unit } = splitUnit(second.trim())
  const shared = unit === 'none' ? undefined : unit
  const a = readNumber(first, expected, shared)
  const b = readNumber(second, expected, shared)
  if (a.is !== 'value') return a
  if (b.is !== 'value') return b
  const density = (shared ?? expected.unit) === 'spi' && expected.measures === 'length'
  const [from, to] = density ? [b.value, a.value] : [a.value, b.value]
  if (from > to) return { is: 'unreadable', why: 'rangeFalls' }
  return { is: 'value', value: from === to ? from : { from, to } }
}
