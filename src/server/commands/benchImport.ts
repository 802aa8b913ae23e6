/** How fast a large chart is read, matched and compared; the files are kept for the measurement in the browser. */
import ExcelJs from 'exceljs'
import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Bundle, Stitch } from '#core/catalogue/types'
import { readChart } from '#core/import/chart'
import { stitchId, stitchOf, stitchOver } from '#core/import/chartStitch'
import { compareRows } from '#core/import/compare'
import { notesOf } from '#core/import/fileTable'
import { functionProposer, knownNames } from '#core/import/proposeFunction'
import { bookPdf } from '#demo/madeBook'
import { madeChart } from '#demo/madeChart'
import { readTableFile } from '#shared/files/readFile'

const ROWS = 5000
const RUNS = 5
const [PAGES, ROWS_A_PAGE] = [40, 30]

const decoder = (encoding: string, fatal: boolean) => new TextDecoder(encoding, { fatal })

const workbookOf = async (table: readonly string[][]): Promise<Uint8Array> => {
  const book = new ExcelJs.Workbook()
  const sheet = book.addWorksheet('Stitches')
  for (const row of table) sheet.addRow(row)
  return new Uint8Array(await book.xlsx.writeBuffer())
}

const median = (times: readonly number[]): number =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? NaN

export const benchImport = async (bundle: Bundle, folder: string, row: (name: string, value: string) => void) => {
  const table = madeChart(ROWS)
  const csv = new TextEncoder().encode(table.map((cells) => cells.join(';')).join('\r\n'))
  const files = { csv, xlsx: await workbookOf(table) }
  mkdirSync(folder, { recursive: true })
  writeFileSync(
    join(folder, 'book.pdf'),
    await bookPdf(table.slice(1, 1 + PAGES * ROWS_A_PAGE), { perPage: ROWS_A_PAGE }),
  )
  const stored = bundle.models[0]?.stitches ?? []
  for (const [kind, bytes] of Object.entries(files)) {
    writeFileSync(join(folder, `chart.${kind}`), bytes)
    const times: Record<string, number[]> = { read: [], matched: [], compared: [] }
    for (let run = 0; run < RUNS; run++) {
      const from = performance.now()
      const [file] = (await readTableFile(bytes, decoder)).tables
      if (!file) throw new Error('nothing was read')
      const read = performance.now()
      const { rows, columns } = readChart(file.cells, { notes: notesOf(file) })
      const propose = functionProposer('make1', knownNames(bundle), bundle.functions)
      const proposals = rows.map(({ texts }) => propose(texts.name ?? ''))
      const matched = performance.now()
      compareRows<Stitch>({
        stored,
        read: rows
          .filter(({ is }) => is === 'stitch')
          .map((one, i) => ({
            row: one.row,
            value: stitchOf(one, { id: '', function: proposals[i]?.function ?? 'fn0', motion: 'forward' }),
          })),
        callOf: ({ select }) => select,
        traceOf: ({ nativeName }) => nativeName,
        newId: ({ select }, taken) => stitchId(select, taken),
        over: stitchOver(columns),
      })
      times.read?.push(read - from)
      times.matched?.push(matched - read)
      times.compared?.push(performance.now() - matched)
    }
    for (const [what, took] of Object.entries(times))
      row(`  ${ROWS} rows ${kind}, ${what}`, `${median(took).toFixed(0)} ms`)
  }
}
