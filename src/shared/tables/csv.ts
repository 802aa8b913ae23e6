/** A table as a CSV file that a spreadsheet opens without running anything, and that is read in again the same. */
import { stringify } from 'csv-stringify/browser/esm/sync'
import { cellOf } from './rowCells'
import { showCell } from './cells'
import type { Column } from './columns'
import type { RowNames } from './titles'

/** First characters that make spreadsheets take a text for a formula or a command. */
const RUNS = /^[=+\-@\t\r]/
const NUMBER = /^[+-]?\d+([.,]\d+)?$/
/**
 * A text that itself begins as a defused one does gets one apostrophe more, so that nothing is lost on the way back.
 */
const DEFUSED = /^'+[=+\-@\t\r]/

/** An apostrophe before what a spreadsheet would run; numbers stay numbers. */
export const defused = (text: string): string =>
  (RUNS.test(text) && !NUMBER.test(text)) || DEFUSED.test(text) ? `'${text}` : text

/** Takes that apostrophe away again. */
export const undefused = (text: string): string => (DEFUSED.test(text) ? text.slice(1) : text)

/**
 * Cells as a file that any other program reads cell for cell: with a byte-order mark, so that spreadsheets read the
 * letters right, lines that end as RFC 4180 says, and quotes around what has a line's end of any kind in it.
 */
export const csvFile = (rows: readonly (readonly string[])[]): string =>
  stringify(
    rows.map((row) => row.map(defused)),
    { bom: true, record_delimiter: 'windows', quoted_match: /[\r\n]/ },
  )

export const tableCsv = (
  columns: readonly Column[],
  rows: readonly { id: string; model?: string | undefined; value: unknown }[],
  names: RowNames,
): string => {
  const withModel = rows.some(({ model }) => model !== undefined)
  const head = ['Id', ...(withModel ? ['Model'] : []), ...columns.map(({ heading }) => heading)]
  const lines = rows.map(({ id, model, value }) => [
    id,
    ...(withModel ? [model ?? ''] : []),
    ...columns.map((column) => showCell(column.kind, cellOf(value, column), names)),
  ])
  return csvFile([head, ...lines])
}
