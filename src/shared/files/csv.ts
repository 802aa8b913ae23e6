/** CSV files as tables of text; the separator and the encoding are found out, or told. */
import { stringify } from 'csv-stringify/browser/esm/sync'
import { parse } from 'csv-parse/browser/esm/sync'
import { detectDelimiter } from '#core/import/delimiter'

/** Every row with every cell, empty ones included. Throws with row and reason where quotes do not close. */
export const parseCsv = (text: string, delimiter: string = detectDelimiter(text)): string[][] =>
  parse(text.replace(/^\uFEFF/, '').replaceAll(/\r\n?/g, '\n'), {
    delimiter,
    relax_column_count: true,
    relax_quotes: true,
    skip_empty_lines: false,
  })

/** A block of cells as the clipboard carries it, and back. */
export const parseBlock = (text: string): string[][] =>
  parse(text.replace(/\r?\n$/, ''), { delimiter: '\t', relax_column_count: true, relax_quotes: true })

export const blockText = (cells: readonly (readonly string[])[]): string =>
  stringify(
    cells.map((row) => [...row]),
    { delimiter: '\t', record_delimiter: 'unix', quoted_match: /[\r\n]/ },
  ).replace(/\n$/, '')

export type Encoding = 'utf-8' | 'utf-16le' | 'utf-16be' | 'windows-1252'

/**
 * UTF-8 or UTF-16 by their marks; without one UTF-16 by where its zeros stand, else UTF-8; failing that Windows-1252,
 * as older spreadsheets write.
 */
export const detectEncoding = (bytes: Uint8Array, decoder: DecoderMaker): Encoding => {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  if (bytes[0] === 0xfe && bytes[1] === 0xff) return 'utf-16be'
  const looked = bytes.subarray(0, LOOKED_AT)
  const zerosAt = (parity: number) => looked.filter((byte, i) => byte === 0 && i % 2 === parity).length
  const [even, odd] = [zerosAt(0), zerosAt(1)]
  // Of plain letters nearly every other byte is 0, always the same one; a stray one is no text.
  if (Math.max(even, odd) > looked.length / ZERO_SHARE && Math.min(even, odd) === 0 && looked.length >= LEAST_LOOKED)
    return odd > even ? 'utf-16le' : 'utf-16be'
  try {
    decoder('utf-8', true).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}

/** Of UTF-16 every other byte of plain letters is 0. */
const LOOKED_AT = 400
const LEAST_LOOKED = 8
const ZERO_SHARE = 4

export const decodeText = (
  bytes: Uint8Array,
  decoder: DecoderMaker,
  encoding: Encoding = detectEncoding(bytes, decoder),
): string => {
  const text = decoder(encoding, false).decode(bytes)
  if (encoding !== 'windows-1252') return text
  return text.replace(/[\u0080-\u009f]/g, (control) => WINDOWS_1252[control.charCodeAt(0) - 0x80] ?? control)
}

/** Some runtimes decode Windows-1252 as Latin-1 and leave control characters where these stand. */
const WINDOWS_1252 = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ'

/** `TextDecoder`, which the runtime gives. */
export type DecoderMaker = (encoding: string, fatal: boolean) => { decode: (bytes: Uint8Array) => string }
