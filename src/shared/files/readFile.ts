/**
 * A file of a table, whatever it is: bounded in size, rows and what it unpacks to, with a plain word on what is wrong.
 */
import type { FileTable } from '#core/import/fileTable'
import { decodeText, detectEncoding, parseCsv, type DecoderMaker, type Encoding } from './csv'
import { detectDelimiter } from '#core/import/delimiter'
import { tableOfPages } from '#core/import/pdfTable'
import { SheetTooLarge, sheetWatch } from './sheetBounds'
import { unzippedSize, ZipTooLarge } from './unzipWithin'

const MB = 1024 * 1024
/** A stitch chart is some kilobytes; this is a hundred times the largest. */
export const MOST_BYTES = 10 * MB
const MOST_ROWS = 20_000
const MOST_COLUMNS = 300
const MOST_CELLS = { rows: MOST_ROWS, columns: MOST_COLUMNS, merged: 100_000 }
/** What a cell of a table may hold: a page of text. */
const MOST_SIGNS = 5000
const MOST_UNZIPPED = { bytes: 80 * MB, entries: 1000 }

export interface ReadOptions {
  encoding?: Encoding | undefined
  delimiter?: string | undefined
  /** Of a PDF: `12-14, 20`; empty: all. */
  pages?: string | undefined
  /** How far the reading is. */
  progress?: ((done: number, of: number) => void) | undefined
}

export interface ReadFile {
  tables: FileTable[]
  /** Undefined for a workbook. */
  encoding: Encoding | undefined
  delimiter: string | undefined
  /** Of a PDF: the pages that were asked for, and how many it has. */
  pages?: { asked: string; of: number }
}

/** Its message is for people; nothing was read. */
export class UnreadableFile extends Error {}

const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b
const isPdf = (bytes: Uint8Array): boolean => String.fromCharCode(...bytes.subarray(0, 5)) === '%PDF-'
const isOldWorkbook = (bytes: Uint8Array): boolean => bytes[0] === 0xd0 && bytes[1] === 0xcf

/** Throws `UnreadableFile` for anything that is not a table within the limits. */
export const readTableFile = async (
  bytes: Uint8Array,
  decoder: DecoderMaker,
  options: ReadOptions = {},
): Promise<ReadFile> => {
  if (bytes.length === 0) throw new UnreadableFile('it is empty')
  checkSize(bytes.length)
  if (isOldWorkbook(bytes)) throw new UnreadableFile('it is an old workbook (.xls); save it as .xlsx or CSV')
  const read = isPdf(bytes)
    ? await readBook(bytes, options)
    : isZip(bytes)
      ? await readWorkbook(bytes)
      : readText(bytes, decoder, options)
  checkTables(read)
  return read
}

/** Throws where a table is larger than any, or holds nothing. */
const checkTables = (read: ReadFile): void => {
  for (const { cells } of read.tables) {
    if (cells.length > MOST_ROWS) throw new UnreadableFile(`it has ${cells.length} rows; the most is ${MOST_ROWS}`)
    const widest = cells.reduce((most, row) => Math.max(most, row.length), 0)
    if (widest > MOST_COLUMNS) throw new UnreadableFile(`it has ${widest} columns; the most is ${MOST_COLUMNS}`)
    cells.forEach((row, r) =>
      row.forEach((cell, c) => {
        if (cell.length > MOST_SIGNS)
          throw new UnreadableFile(
            `row ${r + 1}, column ${c + 1} holds ${cell.length} signs; the most is ${MOST_SIGNS}`,
          )
      }),
    )
  }
  if (read.tables.every(({ cells }) => cells.every((row) => row.every((cell) => cell.trim() === '')))) {
    throw new UnreadableFile('it holds no rows')
  }
}

/** Throws before a file is even loaded. */
export const checkSize = (bytes: number): void => {
  if (bytes <= MOST_BYTES) return
  throw new UnreadableFile(`it has ${Math.round(bytes / MB)} MB; a table has at most ${MOST_BYTES / MB} MB`)
}

/** Loads what a workbook needs before the first is opened. */
export const prepareReading = async (): Promise<void> => (await import('./xlsx')).prepareXlsx()

const readWorkbook = async (bytes: Uint8Array): Promise<ReadFile> => {
  try {
    unzippedSize(bytes, MOST_UNZIPPED, (part) => sheetWatch(part, MOST_CELLS))
    const { readXlsx } = await import('./xlsx')
    const tables = await readXlsx(bytes)
    if (tables.length > 0) return { tables, encoding: undefined, delimiter: undefined }
  } catch (error) {
    if (error instanceof SheetTooLarge) throw new UnreadableFile(error.message)
    if (error instanceof ZipTooLarge) throw new UnreadableFile(`${error.message}, which no table does`)
  }
  throw new UnreadableFile('it is packed like a workbook, but is none or is damaged')
}

/** The most pages that are read at once. */
const MOST_PAGES = 400

const readBook = async (bytes: Uint8Array, { pages = '', progress }: ReadOptions): Promise<ReadFile> => {
  const { readPdf } = await import('./pdf')
  const read = await readPdf(bytes, { wanted: pages, most: MOST_PAGES }, progress).catch(() => {
    throw new UnreadableFile('it is a damaged PDF, or locked with a password')
  })
  if (read === 'noSuchPages') throw new UnreadableFile(`it has no pages “${pages}”; write them as 12-14, 20`)
  if (read === 'tooManyPages')
    throw new UnreadableFile(
      `it has more than ${MOST_PAGES} pages; print those with the table into a file of their own`,
    )
  if (read.pages.every(({ texts }) => texts.length === 0)) {
    throw new UnreadableFile('its pages are pictures without text; have their text recognised first')
  }
  const table = tableOfPages(read.pages)
  if (table.cells.length === 0) throw new UnreadableFile('no table stands on these pages; say which pages hold it')
  return { tables: [table], encoding: undefined, delimiter: undefined, pages: { asked: pages, of: read.of } }
}

/** A table that was copied from a spreadsheet, a page or a text; within the limits of a file. */
export const readPasted = (text: string): ReadFile => {
  checkSize(text.length)
  const cells = parseCsv(text, text.includes('\t') ? '\t' : detectDelimiter(text))
  const read = { tables: [{ name: '', cells, notes: [] }], encoding: undefined, delimiter: undefined }
  checkTables(read)
  return read
}

const readText = (bytes: Uint8Array, decoder: DecoderMaker, options: ReadOptions): ReadFile => {
  const encoding = options.encoding ?? detectEncoding(bytes, decoder)
  const text = decodeText(bytes, decoder, encoding)
  if (text.includes('\u0000')) throw new UnreadableFile('it is not a text file')
  const delimiter = options.delimiter ?? detectDelimiter(text)
  try {
    return { tables: [{ name: '', cells: parseCsv(text, delimiter), notes: [] }], encoding, delimiter }
  } catch (error) {
    throw new UnreadableFile((error as Error).message)
  }
}
