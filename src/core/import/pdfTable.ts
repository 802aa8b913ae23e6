/**
 * The table on pages of a book, from where its words stand: lines by their height, columns by the gaps that run down
 * through them. (intake, PDF with text)
 */
import type { FileTable } from './fileTable'

/** A piece of text on a page, in points from the left and the top. */
export interface PlacedText {
  text: string
  left: number
  right: number
  /** Of its base line. */
  y: number
  height: number
}

export interface PdfPage {
  page: number
  texts: readonly PlacedText[]
}

type Line = PlacedText[]

/** Pieces whose base lines are nearer than this share of their height stand in one line. */
const SAME_LINE = 0.5
/** A gap within a cell is narrower than this share of the height. */
const WORD_GAP = 0.6
/** A line of the table has so many pieces at least. */
const LEAST_PIECES = 3
/** A gap of columns is free in all but this share of the lines: a spanning heading may cross it. */
const CROSSED = 0.1
const NO_TABLE = 3

/** All pages as one table, the page of each row in a last column; no rows where no table stands on them. */
export const tableOfPages = (pages: readonly PdfPage[]): FileTable => {
  const lined = pages.map(({ page, texts }) => ({ page, lines: linesOf(texts) }))
  const gaps = columnGaps(lined.flatMap(({ lines }) => lines.filter((line) => line.length >= LEAST_PIECES)))
  if (gaps.length === 0) return { name: '', cells: [], notes: [] }
  const rows = lined.flatMap(({ page, lines }) =>
    lines
      .map((line) => cellsOf(line, gaps))
      .filter((cells) => !isRunning(cells))
      .map((cells) => ({ page, cells })),
  )
  const table = rows.slice(firstOfTable(rows.map(({ cells }) => cells)))
  const head = table[0]
  const heads = new Set(
    table
      .filter(({ page, cells }) => page === head?.page && !/\d/.test(cells.join('')))
      .map(({ cells }) => cells.join('\n')),
  )
  // What stands at the head of each page is said once.
  const once = table.filter(({ page, cells }, i) => i === 0 || page === head?.page || !heads.has(cells.join('\n')))
  return { name: '', cells: once.map(({ page, cells }, i) => [...cells, i === 0 ? 'Page' : String(page)]), notes: [] }
}

const linesOf = (texts: readonly PlacedText[]): Line[] => {
  const lines: Line[] = []
  for (const piece of [...texts].filter(({ text }) => text.trim() !== '').sort((a, b) => a.y - b.y)) {
    const line = lines.at(-1)
    const [first] = line ?? []
    if (line && first && Math.abs(piece.y - first.y) <= SAME_LINE * Math.max(piece.height, first.height))
      line.push(piece)
    else lines.push([piece])
  }
  return lines.map(joinedPieces)
}

/** Words of one cell as one piece. */
const joinedPieces = (line: Line): Line => {
  const pieces: Line = []
  for (const piece of [...line].sort((a, b) => a.left - b.left)) {
    const last = pieces.at(-1)
    if (last && piece.left - last.right < WORD_GAP * piece.height) {
      const space = piece.left - last.right > 0.12 * piece.height ? ' ' : ''
      pieces[pieces.length - 1] = { ...last, text: `${last.text}${space}${piece.text}`, right: piece.right }
    } else pieces.push(piece)
  }
  return pieces
}

/** The middles of the gaps that run through the lines, in points from the left. */
const columnGaps = (lines: readonly Line[]): number[] => {
  if (lines.length < NO_TABLE) return []
  const right = Math.ceil(Math.max(...lines.flatMap((line) => line.map((piece) => piece.right))))
  const covered = new Uint32Array(right + 1)
  for (const line of lines)
    for (const piece of line)
      for (let at = Math.floor(piece.left); at < Math.ceil(piece.right); at += 1) covered[at] = (covered[at] ?? 0) + 1
  const most = Math.max(1, Math.floor(lines.length * CROSSED))
  const gaps: number[] = []
  let from: number | undefined
  let begun = false
  covered.forEach((count, at) => {
    if (count > most) {
      if (begun && from !== undefined && at - from >= 2) gaps.push((from + at) / 2)
      begun = true
      from = undefined
    } else from ??= at
  })
  return gaps
}

const cellsOf = (line: Line, gaps: readonly number[]): string[] => {
  const cells = Array.from({ length: gaps.length + 1 }, () => '')
  for (const piece of line) {
    const middle = (piece.left + piece.right) / 2
    const found = gaps.findIndex((gap) => middle < gap)
    const place = found < 0 ? gaps.length : found
    cells[place] = [cells[place], piece.text.trim()].filter(Boolean).join(' ')
  }
  return cells
}

/** A page's own number, alone in its line. */
const isRunning = (cells: readonly string[]): boolean => {
  const filled = cells.filter((cell) => cell !== '')
  return filled.length === 1 && /^(page\s*)?\d{1,4}$/i.test(filled[0] as string)
}

/** The first line that may be the headings: several cells, and no figures; else the first of the table. */
const firstOfTable = (rows: readonly (readonly string[])[]): number => {
  const at = rows.findIndex(
    (cells) => cells.filter((cell) => cell !== '').length >= LEAST_PIECES && !cells.some((cell) => /\d/.test(cell)),
  )
  return Math.max(0, at)
}
