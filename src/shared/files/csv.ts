/** CSV files as tables of text; the separator and the encoding are found out, or told. */
import { stringify } from 'csv-stringify/browser/esm/sync'
import { parse } from 'csv-parse/browser/esm/sync'
import { detectDelimiter } from '#core/import/delimiter'

/** Every row with every cell, empty ones included. Throws with row and reason where quotes do not close. */
export const parseCsv = (text: string, delimiter: string = detectDelimiter(text)): string[][] =>
  parse(text.replace(/^\uFEFF/, ''), {
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

export type Encoding = 'utf-8' | 'utf-16le' | 'windows-1252'

/** UTF-8 or UTF-16 by their marks; UTF-8 without one; failing that Windows-1252, as older spreadsheets write. */
export const detectEncoding = (bytes: Uint8Array, decoder: DecoderMaker): Encoding => {
  if (bytes[0] === 0xff && bytes[1] === 0xfe) return 'utf-16le'
  try {
    decoder('utf-8', true).decode(bytes)
    return 'utf-8'
  } catch {
    return 'windows-1252'
  }
}

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
