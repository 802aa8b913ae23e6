/** Blocks of cells of a sheet: emptied, filled down, copied, pasted over what is chosen. */
import type { Ref } from 'vue'
import { blockText, parseBlock } from '#shared/files/csv'
import type { Column } from '#shared/tables/columns'
import type { CellPosition } from './useCursor'
import type { EditRow, Edits } from './useEdits'

interface Sheet {
  edits: Pick<Edits, 'setCells' | 'textOf' | 'addRows'>
  columns: readonly Column[]
  /** Rows may be added by pasting below the last. */
  mayAdd?: boolean
}

interface Chosen {
  shown: Readonly<Ref<readonly EditRow[]>>
  block: Readonly<Ref<{ top: number; bottom: number; left: number; right: number }>>
  go: (row: CellPosition['row'], column: CellPosition['column'], extend?: boolean) => void
  /** A cell that is not written from here is passed over. */
  isLocked: (cell: { row: EditRow; column: Column }) => boolean
}

export const useBlocks = (sheet: Sheet, { shown, block, go, isLocked }: Chosen) => {
  const linesIn = ({ top, bottom, left, right } = block.value): { row: EditRow; column: Column }[][] =>
    shown.value
      .slice(top, bottom + 1)
      .map((row) => sheet.columns.slice(left, right + 1).map((column) => ({ row, column })))
  const write = (cells: { row: EditRow; column: Column; text: string }[]) => {
    const open = cells.filter((cell) => !isLocked(cell)).map((cell) => ({ ...cell, id: cell.row.id }))
    if (open.length > 0) sheet.edits.setCells(open)
  }

  const clear = () => write(linesIn().flatMap((line) => line.map((cell) => ({ ...cell, text: '' }))))

  /** What stands in the first line goes into all others; of a single line what stands above it. */
  const fillDown = () => {
    const { top, bottom } = block.value
    const from = top === bottom ? top - 1 : top
    const source = shown.value[from]
    if (!source) return
    const cells = linesIn({ ...block.value, top: from + 1 }).flat()
    write(cells.map((cell) => ({ ...cell, text: sheet.edits.textOf(source, cell.column) })))
  }

  const copied = (): string =>
    blockText(linesIn().map((line) => line.map(({ row, column }) => sheet.edits.textOf(row, column))))

  /** One cell fills all that is chosen; a block goes from its first cell on, over new rows where rows may be added. */
  const paste = (text: string) => {
    if (text === '') return
    const cells = parseBlock(text)
    const [[single] = []] = cells
    if (cells.length === 1 && cells[0]?.length === 1) {
      write(linesIn().flatMap((line) => line.map((cell) => ({ ...cell, text: single ?? '' }))))
      return
    }
    const { top, left } = block.value
    const missing = top + cells.length - shown.value.length
    const added = missing > 0 && sheet.mayAdd ? sheet.edits.addRows(missing) : []
    const rows = [...shown.value.slice(top), ...added]
    write(
      cells.flatMap((line, r) =>
        line.flatMap((own, c) => {
          const [row, column] = [rows[r], sheet.columns[left + c]]
          return row && column ? [{ row, column, text: own }] : []
        }),
      ),
    )
    go(top, left)
    go(top + cells.length - 1, left + Math.max(...cells.map((line) => line.length)) - 1, true)
  }

  return { clear, fillDown, copied, paste }
}
