/** The coverage from far away, drawn as one picture: names at two edges, a block a cell. */
import type { Verdict } from '#core/answer/types'

export interface OverviewLook {
  ink: string
  soft: string
  sheet: string
  fold: string
  teal: string
  ochre: string
  font: string
}

export interface OverviewInput {
  rows: readonly { name: string; starts: boolean }[]
  columns: readonly { name: string }[]
  verdictAt: (row: number, column: number) => Verdict
  isDim: (row: number, column: number) => boolean
  cursor: { row: number; column: number }
  open: { row: number; column: number } | undefined
  /** Of a cell, and of the names' edges, px. */
  cell: { width: number; height: number }
  head: { width: number; height: number }
  /** Of the window, px, and how far it is scrolled. */
  width: number
  height: number
  left: number
  top: number
}

/** The cell under a place of the window; undefined over the names and beyond the last cell. */
export const cellUnder = (input: OverviewInput, x: number, y: number): { row: number; column: number } | undefined => {
  const { head, cell, left, top, rows, columns } = input
  if (x < head.width || y < head.height) return undefined
  const column = Math.floor((x - head.width + left) / cell.width)
  const row = Math.floor((y - head.height + top) / cell.height)
  return row < rows.length && column < columns.length ? { row, column } : undefined
}

/** First and last of what is in sight along one side. */
export const inSight = (offset: number, room: number, size: number, count: number): [first: number, last: number] => [
  Math.max(0, Math.floor(offset / size)),
  Math.min(count - 1, Math.floor((offset + room) / size)),
]

export const drawOverview = (to: CanvasRenderingContext2D, input: OverviewInput, look: OverviewLook): void => {
  const { head, cell, width, height, left, top, rows, columns } = input
  const [firstRow, lastRow] = inSight(top, height - head.height, cell.height, rows.length)
  const [firstColumn, lastColumn] = inSight(left, width - head.width, cell.width, columns.length)
  const right = Math.min(width, head.width + columns.length * cell.width - left)
  const bottom = Math.min(height, head.height + rows.length * cell.height - top)
  to.fillStyle = look.sheet
  to.fillRect(0, 0, width, height)
  for (let row = firstRow; row <= lastRow; row++) {
    const y = head.height + row * cell.height - top
    for (let column = firstColumn; column <= lastColumn; column++) {
      to.globalAlpha = input.isDim(row, column) ? 0.25 : 1
      drawCell(to, input.verdictAt(row, column), head.width + column * cell.width - left, y, cell, look)
    }
    to.globalAlpha = 1
    if (rows[row]?.starts) {
      to.fillStyle = look.soft
      to.fillRect(0, y - 1, right, 2)
    }
  }
  outline(to, input, input.open, look.teal)
  outline(to, input, input.cursor, look.ink)

  to.fillStyle = look.fold
  to.fillRect(0, head.height, head.width, bottom - head.height)
  to.textBaseline = 'middle'
  for (let row = firstRow; row <= lastRow; row++) {
    const y = head.height + row * cell.height - top
    to.fillStyle = row === input.cursor.row ? look.teal : look.ink
    to.font = `${row === input.cursor.row ? 650 : 400} 11.5px ${look.font}`
    to.fillText(rows[row]?.name ?? '', 8, y + cell.height / 2, head.width - 12)
  }
  to.fillStyle = look.fold
  to.fillRect(0, 0, right, head.height)
  for (let column = firstColumn; column <= lastColumn; column++) {
    to.save()
    to.translate(head.width + column * cell.width - left + cell.width / 2, head.height - 6)
    to.rotate(-Math.PI / 2)
    to.fillStyle = column === input.cursor.column ? look.teal : look.ink
    to.font = `${column === input.cursor.column ? 650 : 400} 10.5px ${look.font}`
    to.fillText(columns[column]?.name ?? '', 0, 0, head.height - 10)
    to.restore()
  }
  to.fillStyle = look.fold
  to.fillRect(0, 0, head.width, head.height)
}

/** Full, half, framed, empty: told without colour. */
const drawCell = (
  to: CanvasRenderingContext2D,
  verdict: Verdict,
  x: number,
  y: number,
  { width, height }: OverviewInput['cell'],
  look: OverviewLook,
) => {
  const [left, top, wide, high] = [x + 1, y + 1, width - 2, height - 2]
  if (verdict === 'ready') {
    to.fillStyle = look.teal
    to.fillRect(left, top, wide, high)
  } else if (verdict === 'otherRoute') {
    to.fillStyle = look.teal
    to.beginPath()
    to.moveTo(left, top)
    to.lineTo(left + wide, top)
    to.lineTo(left, top + high)
    to.fill()
  } else if (verdict === 'needsItems') {
    to.strokeStyle = look.ochre
    to.lineWidth = 2
    to.strokeRect(left + 1, top + 1, wide - 2, high - 2)
  } else {
    to.fillStyle = look.soft
    to.fillRect(left + wide / 2 - 1, top + high / 2 - 1, 2, 2)
  }
}

const outline = (
  to: CanvasRenderingContext2D,
  input: OverviewInput,
  at: { row: number; column: number } | undefined,
  colour: string,
) => {
  if (!at) return
  const { head, cell, left, top } = input
  to.strokeStyle = colour
  to.lineWidth = 2
  to.strokeRect(
    head.width + at.column * cell.width - left,
    head.height + at.row * cell.height - top,
    cell.width,
    cell.height,
  )
}
