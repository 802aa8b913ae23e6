/** What the parts of a workbook say of their own extent, looked at before a library builds anything from them. */

export interface SheetLimits {
  rows: number
  columns: number
  /** Cells that are joined, of a sheet's joined areas together. */
  merged: number
}

/** Its message says what is beyond the limits. */
export class SheetTooLarge extends Error {}

const PLACED = /<(?:\w+:)?(row|c|mergeCell)\b([^>]*)>/g
const PLACE = /\br\s*=\s*["']([A-Z]*)(\d+)["']/
const AREA = /\$?([A-Z]{1,8})\$?(\d+):\$?([A-Z]{1,8})\$?(\d+)/
/** Names of areas: the library goes through each of their cells. */
const NAMED = /<(?:\w+:)?definedName\b[^>]*>([^<]*)</g
/** No spreadsheet writes a tag, or a name's area, as long as this. */
const LONGEST = 20_000
const OTHERWISE = 'it is not written as spreadsheets write theirs'

/** The number of a column by its letters: A is 1. */
const columnNumber = (letters: string): number =>
  [...letters].reduce((sum, letter) => sum * 26 + letter.charCodeAt(0) - 64, 0)

const cellsIn = (text: string): number => {
  const [, left = '', top, right = '', bottom] = AREA.exec(text) ?? []
  if (top === undefined) return 1
  return (Math.abs(columnNumber(right) - columnNumber(left)) + 1) * (Math.abs(Number(bottom) - Number(top)) + 1)
}

/** Looks through the text of one part as it comes, piece by piece; throws `SheetTooLarge` at what is beyond. */
export const sheetWatch = (part: string, limits: SheetLimits): ((text: string) => void) => {
  if (part.startsWith('xl/worksheets/')) return inPieces('<', sheetLooker(limits))
  if (part === 'xl/workbook.xml') return inPieces('<definedName', bookLooker(limits))
  return () => undefined
}

/** Shows what comes in pieces that end before `open` is opened and not yet closed by the end of a tag. */
const inPieces = (open: string, look: (text: string) => void): ((text: string) => void) => {
  let before = ''
  return (text) => {
    const seen = before + text
    const last = seen.lastIndexOf(open)
    const isOpen = last >= 0 && !seen.slice(last + 1).includes(open === '<' ? '>' : '</')
    before = isOpen ? seen.slice(last) : ''
    if (before.length > LONGEST) throw new SheetTooLarge(OTHERWISE)
    look(isOpen ? seen.slice(0, last) : seen)
  }
}

const sheetLooker = (limits: SheetLimits) => {
  let merged = 0
  return (text: string): void => {
    for (const [, tag, attributes = ''] of text.matchAll(PLACED)) {
      // A place told by character references is read by nothing here, and by the library all the same.
      if (attributes.includes('&')) throw new SheetTooLarge(OTHERWISE)
      if (tag === 'mergeCell') {
        merged += cellsIn(attributes)
        if (merged > limits.merged) throw new SheetTooLarge(`it joins ${merged} cells; the most is ${limits.merged}`)
        continue
      }
      const [, letters = '', row = '0'] = PLACE.exec(attributes) ?? []
      if (Number(row) > limits.rows) throw new SheetTooLarge(`it has a row ${row}; the most is ${limits.rows}`)
      if (columnNumber(letters) > limits.columns)
        throw new SheetTooLarge(`it has a column ${letters}; the most are ${limits.columns} columns`)
    }
  }
}

const bookLooker =
  ({ rows, columns }: SheetLimits) =>
  (text: string): void => {
    for (const [, of = ''] of text.matchAll(NAMED)) {
      if (of.includes('&#')) throw new SheetTooLarge(OTHERWISE)
      for (const area of of.split(',')) {
        const cells = cellsIn(area)
        if (cells > rows * columns) throw new SheetTooLarge(`it names an area of ${cells} cells`)
      }
    }
  }
