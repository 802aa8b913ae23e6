/** Where the cursor stands in a sheet, and what is selected with it. */
import { computed, ref } from 'vue'

export interface CellPosition {
  row: number
  column: number
}

const within = (value: number, count: number): number => Math.max(0, Math.min(value, count - 1))

export const useCursor = (size: () => { rows: number; columns: number; page: number }) => {
  const at = ref<CellPosition>({ row: 0, column: 0 })
  const anchor = ref<CellPosition>({ row: 0, column: 0 })

  const go = (row: number, column: number, extend = false) => {
    const { rows, columns } = size()
    at.value = { row: within(row, rows), column: within(column, columns) }
    if (!extend) anchor.value = at.value
  }
  const block = computed(() => ({
    top: Math.min(at.value.row, anchor.value.row),
    bottom: Math.max(at.value.row, anchor.value.row),
    left: Math.min(at.value.column, anchor.value.column),
    right: Math.max(at.value.column, anchor.value.column),
  }))
  const isIn = (row: number, column: number): boolean => {
    const { top, bottom, left, right } = block.value
    return row >= top && row <= bottom && column >= left && column <= right
  }

  /** Moves for a key of moving; false where the key is none. */
  const move = (event: KeyboardEvent): boolean => {
    const { row, column } = at.value
    const { rows, columns, page } = size()
    const far = event.ctrlKey || event.metaKey
    const to: Record<string, [number, number] | undefined> = {
      ArrowUp: [far ? 0 : row - 1, column],
      ArrowDown: [far ? rows : row + 1, column],
      ArrowLeft: [row, far ? 0 : column - 1],
      ArrowRight: [row, far ? columns : column + 1],
      PageUp: [row - page, column],
      PageDown: [row + page, column],
      Home: [far ? 0 : row, 0],
      End: [far ? rows : row, columns],
    }
    const next = event.altKey ? undefined : to[event.key]
    if (!next) return false
    go(next[0], next[1], event.shiftKey)
    return true
  }
  return { at, block, isIn, go, move }
}
