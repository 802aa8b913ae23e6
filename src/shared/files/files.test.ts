import ExcelJs from 'exceljs'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { readChart } from '#core/import/chart'
import { notesOf } from '#core/import/fileTable'
import { faultText } from '../messages/chart'
import { readTableFile, type ReadOptions } from './readFile'
import { sheetWatch } from './sheetBounds'

const decoder = (encoding: string, fatal: boolean) => new TextDecoder(encoding, { fatal })
const read = (bytes: Uint8Array, options?: ReadOptions) => readTableFile(bytes, decoder, options)
const why = (bytes: Uint8Array) =>
  read(bytes).then(
    () => 'read',
    (error: Error) => error.message,
  )

const workbook = async (): Promise<Uint8Array> => {
  const book = new ExcelJs.Workbook()
  const sheet = book.addWorksheet('Stitches')
  book.addWorksheet('Notes').addRow(['printed by hand'])
  sheet.addRow(['Stitch chart'])
  sheet.mergeCells('A1:F1')
  sheet.addRow(['Menu', 'No.', 'Name', 'Width', 'Length', 'Tension'])
  sheet.addRow(['Utility', 1, 'Zigzag', { formula: 'E3*2', result: 3 }, 1.5, 'auto'])
  sheet.addRow(['', 2, 'Blind hem', new Date(Date.UTC(2026, 3, 3)), 1.1 + 2.2, 4])
  sheet.addRow(['', '', 'for knits', '', '', ''])
  sheet.mergeCells('A3:A5')
  sheet.addRow([
    'Decor',
    3,
    { richText: [{ text: 'Le' }, { text: 'af' }] },
    { formula: 'D9' },
    { formula: '1/0', result: { error: '#DIV/0!' } },
    '',
  ])
  return new Uint8Array(await book.xlsx.writeBuffer())
}

describe('a workbook', () => {
  it('gives text, and what the spreadsheet knows beyond it', async () => {
    const { tables } = await read(await workbook())
    expect(tables.map(({ name }) => name)).toEqual(['Stitches', 'Notes'])
    const [sheet] = tables
    expect(sheet?.cells.slice(0, 4)).toEqual([
      ['Stitch chart', '', '', '', '', ''],
      ['Menu', 'No.', 'Name', 'Width', 'Length', 'Tension'],
      ['Utility', '1', 'Zigzag', '3', '1.5', 'auto'],
      ['', '2', 'Blind hem', '3-Apr', '3.3', '4'],
    ])
    const notes = notesOf(sheet ?? { notes: [] })
    expect(notes.at(3, 4)).toEqual({ what: 'formula', formula: '=E3*2' })
    expect(notes.at(4, 4)).toEqual({ what: 'date' })
    expect(notes.at(4, 1)).toEqual({ what: 'merged', from: 3 })
  })

  it('is read as a chart: merged menus carried, dates and empty formulas named', async () => {
    const [sheet] = (await read(await workbook())).tables
    const { rows } = readChart(sheet?.cells ?? [], { notes: notesOf(sheet ?? { notes: [] }) })
    expect(rows.map(({ is, texts }) => [is, texts.menu, texts.name])).toEqual([
      ['stitch', 'Utility', 'Zigzag'],
      ['stitch', 'Utility', 'Blind hem for knits'],
      ['continued', 'Utility', 'for knits'],
      ['stitch', 'Decor', 'Leaf'],
    ])
    expect(rows.flatMap(({ faults }) => faults.map(faultText))).toEqual([
      'Row 4, column 4 (Width): “3-Apr” looks like a date; a spreadsheet may have made one of a range.',
      'Row 6, column 4 (Width): “=D9” is a formula whose result is not in the file.',
      'Row 6, column 5 (Length): “=1/0” is a formula whose result is not in the file.',
    ])
  })
})

describe('a text file', () => {
  const table = (text: string, options?: ReadOptions) => read(strToU8(text), options)
  it.each([
    [',', 'a,b\n1,2'],
    [';', 'a;b\n1,5;2,5'],
    ['\t', 'a\tb\n1,5\t2'],
    ['|', 'a|b\n1|2'],
  ])('is cut at %j where it is', async (delimiter, text) => {
    const file = await table(text)
    expect(file.delimiter).toBe(delimiter)
    expect(file.tables[0]?.cells[0]).toEqual(['a', 'b'])
  })

  it('is cut and read as a person says', async () => {
    expect((await table('a-b;c', { delimiter: ';' })).tables[0]?.cells).toEqual([['a-b', 'c']])
    const windows = new Uint8Array([0x4e, 0x61, 0x68, 0x74, 0x20, 0x96, 0x20, 0xfc, 0x3b, 0x32])
    expect((await read(windows)).tables[0]?.cells).toEqual([['Naht – ü', '2']])
    expect((await read(windows)).encoding).toBe('windows-1252')
    const wide = new Uint8Array([0xff, 0xfe, 0x61, 0x00, 0x3b, 0x00, 0x62, 0x00])
    expect((await read(wide)).tables[0]?.cells).toEqual([['a', 'b']])
  })
})

describe('what is no table', () => {
  it('is refused with a plain word', async () => {
    expect(await why(new Uint8Array())).toBe('it is empty')
    expect(await why(strToU8(' \n;;\n'))).toBe('it holds no rows')
    expect(await why(strToU8('a\u0000b'))).toBe('it is not a text file')
    expect(await why(new Uint8Array([0xd0, 0xcf, 0x11, 0xe0]))).toContain('old workbook')
    expect(await why(strToU8('PK\u0003\u0004 nonsense'))).toContain('none or is damaged')
    expect(await why(zipSync({ 'readme.txt': strToU8('hello') }))).toContain('none or is damaged')
    expect(await why(new Uint8Array(50 * 1024 * 1024).fill(0x3b))).toBe('it has 50 MB; a table has at most 10 MB')
    expect(await why(strToU8('a\n'.repeat(20_001)))).toContain('20001 rows')
    expect(await why(strToU8(';'.repeat(400)))).toContain('401 columns')
  })

  it('unpacks to no more than a table can be, whatever it says of itself', async () => {
    const bomb = zipSync({ 'xl/worksheets/sheet1.xml': new Uint8Array(82 * 1024 * 1024) }, { level: 1 })
    expect(bomb.length).toBeLessThan(1024 * 1024)
    expect(await why(bomb)).toBe('it unpacks to more than 80 MB, which no table does')
    const lying = Uint8Array.from(bomb)
    // The central directory and the local header claim one byte.
    const at = (signature: number[]) => lying.findIndex((_, i) => signature.every((byte, k) => lying[i + k] === byte))
    new DataView(lying.buffer).setUint32(at([0x50, 0x4b, 1, 2]) + 24, 1, true)
    new DataView(lying.buffer).setUint32(at([0x50, 0x4b, 3, 4]) + 22, 1, true)
    expect(await why(lying)).toContain('unpacks to more than 80 MB')
    const many = zipSync(Object.fromEntries(Array.from({ length: 1100 }, (_, i) => [`f${i}`, strToU8('x')])))
    expect(await why(many)).toContain('more than 1000 files')
  })

  /** A workbook whose sheet and list of names are written by hand, as a spreadsheet never would. */
  const made = async (sheet: string, names = ''): Promise<Uint8Array> => {
    const parts = unzipSync(await workbook())
    const text = (part: string) => strFromU8(parts[part] as Uint8Array)
    const at = 'xl/worksheets/sheet1.xml'
    return zipSync({
      ...parts,
      [at]: strToU8(text(at).replace(/<sheetData>.*<\/sheetData>(<mergeCells.*<\/mergeCells>)?/s, sheet)),
      'xl/workbook.xml': strToU8(text('xl/workbook.xml').replace('</sheets>', `</sheets>${names}`)),
    })
  }
  const cell = '<c r="A1" t="inlineStr"><is><t>x</t></is></c>'
  const data = (rows: string) => `<sheetData>${rows}</sheetData>`
  it.each([
    ['has a row far below', data('<row r="5000000"><c r="A5000000"><v>1</v></c></row>'), '', 'a row 5000000'],
    ['has a cell far below', data('<row r="1"><c r="A900000"><v>1</v></c></row>'), '', 'a row 900000'],
    ['has a cell far to the right', data('<row r="1"><c r="XFD1"><v>1</v></c></row>'), '', 'a column XFD'],
    [
      'joins a whole sheet',
      `${data(`<row r="1">${cell}</row>`)}<mergeCells><mergeCell ref="A1:XFD1048576"/></mergeCells>`,
      '',
      'it joins 17179869184 cells',
    ],
    [
      'joins many',
      `${data(`<row r="1">${cell}</row>`)}<mergeCells>${'<mergeCell ref="A1:CV101"/>'.repeat(12)}</mergeCells>`,
      '',
      'it joins',
    ],
    [
      'has a row told in another way',
      data("<row  spans='1:1'\n r = '5000000'><c><v>1</v></c></row>"),
      '',
      'a row 5000000',
    ],
    ['has a row in character references', data('<row r="&#53;000000"><c><v>1</v></c></row>'), '', 'not written as'],
    [
      'names a whole sheet',
      data(`<row r="1">${cell}</row>`),
      '<definedNames><definedName name="X">Stitches!$A$1:$XFD$1048576</definedName></definedNames>',
      'it names an area',
    ],
  ])('that %s is refused before anything is built from it', async (_, sheet, names, message) => {
    const bytes = await made(sheet, names)
    expect(bytes.length).toBeLessThan(20_000)
    expect(await why(bytes)).toContain(message)
  })

  it('is seen however the parts of it come', () => {
    const text = `<sheetData><row r="1">${cell}</row><row r="5000000"/></sheetData>`
    for (let at = 0; at <= text.length; at++) {
      const watch = sheetWatch('xl/worksheets/sheet1.xml', { rows: 100, columns: 10, merged: 10 })
      expect(() => [text.slice(0, at), text.slice(at)].forEach(watch), String(at)).toThrow('a row 5000000')
    }
    const endless = sheetWatch('xl/worksheets/sheet1.xml', { rows: 100, columns: 10, merged: 10 })
    expect(() => ['<row ', ' '.repeat(30_000), 'r="1">'].forEach(endless)).toThrow('not written as')
  })

  it('made by hand within its bounds is read', async () => {
    const merge = '<mergeCells><mergeCell ref="A1:B2"/></mergeCells>'
    const { tables } = await read(await made(`${data(`<row r="1">${cell}</row>`)}${merge}`))
    expect(tables[0]?.cells[0]?.[0]).toBe('x')
  })

  it('with a cell of fifty thousand blanks is refused, with where', async () => {
    expect(await why(strToU8(`No;Name\n1;${' '.repeat(50_000)}x\n`))).toBe(
      'row 2, column 2 holds 50001 signs; the most is 5000',
    )
  })
})
