/** A workbook's sheets as tables of text, with what the spreadsheet knows beyond the text. */
import type { CellNote, FileTable } from '#core/import/fileTable'
import type ExcelJs from 'exceljs'

/** The library is large: it is loaded when the first workbook is opened. */
const library = async (): Promise<typeof ExcelJs> => {
  const loaded = await import('exceljs')
  return (loaded as { default?: typeof ExcelJs }).default ?? loaded
}

export const prepareXlsx = async (): Promise<void> => void (await library())

/** Parts of a sheet that say nothing about its cells. */
const UNREAD = [
  'dataValidations',
  'conditionalFormatting',
  'autoFilter',
  'sheetProtection',
  'hyperlinks',
  'printOptions',
  'pageMargins',
  'pageSetup',
  'headerFooter',
  'rowBreaks',
  'picture',
  'drawing',
  'tableParts',
  'extLst',
  'sheetViews',
]

export const readXlsx = async (bytes: Uint8Array): Promise<FileTable[]> => {
  const { Workbook } = await library()
  const workbook = new Workbook()
  await workbook.xlsx.load(bytes as never, { ignoreNodes: UNREAD } as never)
  return workbook.worksheets.map(sheetTable)
}

const sheetTable = (sheet: ExcelJs.Worksheet): FileTable => {
  const notes: CellNote[] = []
  const cells: string[][] = []
  sheet.eachRow({ includeEmpty: true }, (row, number) => {
    const texts: string[] = []
    row.eachCell({ includeEmpty: true }, (cell, column) => {
      const { text, is } = cellText(cell)
      texts[column - 1] = text
      if (is) notes.push({ row: number, column, is })
    })
    cells[number - 1] = Array.from(texts, (text) => text ?? '')
  })
  return { name: sheet.name, cells: Array.from(cells, (row) => row ?? []), notes }
}

interface CellText {
  text: string
  is?: CellNote['is']
}

const cellText = (cell: ExcelJs.Cell): CellText => {
  if (cell.isMerged && cell.master.address !== cell.address) {
    return { text: '', is: { what: 'merged', from: Number(cell.master.row) } }
  }
  const { value } = cell
  if (value !== null && typeof value === 'object' && ('formula' in value || 'sharedFormula' in value)) {
    const formula = `=${cell.formula}`
    const { result } = value as { result?: unknown }
    if (result === undefined || result === null || (typeof result === 'object' && 'error' in result)) {
      return { text: formula, is: { what: 'noResult', formula } }
    }
    const { text, is } = plainText(result, cell)
    return { text, is: is ?? { what: 'formula', formula } }
  }
  return plainText(value, cell)
}

/** `cell` is asked for its number format only where that matters: styles are slow to look up. */
const plainText = (value: unknown, cell: { numFmt: string } | undefined): CellText => {
  if (typeof value === 'string') return { text: value }
  if (value === null || value === undefined) return { text: '' }
  if (value instanceof Date) return { text: dateText(value), is: { what: 'date' } }
  if (typeof value === 'number')
    return { text: /%/.test(cell?.numFmt ?? '') ? `${tidied(value * 100)}%` : tidied(value) }
  if (typeof value === 'object') {
    const { richText, text, error } = value as { richText?: { text: string }[]; text?: unknown; error?: string }
    if (richText) return { text: richText.map((part) => part.text).join('') }
    if (error !== undefined) return { text: error, is: { what: 'noResult', formula: error } }
    return text === undefined ? { text: '' } : plainText(text, undefined)
  }
  return { text: String(value) }
}

/** Numbers without the noise of binary fractions. */
const DIGITS = 12
const tidied = (value: number): string => String(Number(value.toPrecision(DIGITS)))

/** 3 April as "3-Apr": what a spreadsheet shows of the "3-4" it was given. */
const dateText = (date: Date): string => {
  const month = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'][date.getUTCMonth()]
  return Number.isNaN(date.getTime()) ? 'not a date' : `${date.getUTCDate()}-${month}`
}
