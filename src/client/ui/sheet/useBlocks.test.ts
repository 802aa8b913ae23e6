import { describe, expect, it } from 'vitest'
import { ref } from 'vue'
import type { Column } from '#shared/tables/columns'
import { useBlocks } from './useBlocks'
import type { EditRow } from './useEdits'

const COLUMNS = ['a', 'b', 'c'].map((heading) => ({ heading }) as Column)

/** A sheet of three rows and columns; "b" of the second row is locked. */
const sheet = (at: { top: number; bottom: number; left: number; right: number }, mayAdd = false) => {
  const texts = [
    ['a1', 'b1', 'c1'],
    ['a2', 'b2', 'c2'],
    ['a3', 'b3', 'c3'],
  ]
  const rowOf = (i: number) => ({ id: String(i) }) as EditRow
  const shown = ref(texts.map((_, i) => rowOf(i)))
  const gone: unknown[] = []
  const columnAt = (column: Column) => COLUMNS.indexOf(column)
  const blocks = useBlocks(
    {
      columns: COLUMNS,
      mayAdd,
      edits: {
        textOf: (row, column) => texts[Number(row.id)]?.[columnAt(column)] ?? '',
        setCells: (cells) => {
          for (const { id, column, text } of cells) (texts[Number(id)] as string[])[columnAt(column)] = text
        },
        addRows: (count) => Array.from({ length: count }, () => rowOf(texts.push(['', '', '']) - 1)),
      },
    },
    {
      shown: shown as never,
      block: ref(at),
      go: (...to) => gone.push(to),
      isLocked: ({ row, column }) => row.id === '1' && column.heading === 'b',
    },
  )
  return { ...blocks, gone, text: () => texts.map((line) => line.join(' ')) }
}

describe('a block of a sheet', () => {
  it('is emptied, but for what is locked', () => {
    const { clear, text } = sheet({ top: 1, bottom: 2, left: 0, right: 1 })
    clear()
    expect(text()).toEqual(['a1 b1 c1', ' b2 c2', '  c3'])
  })

  it('is filled down from its first line, a single one from the line above', () => {
    const several = sheet({ top: 0, bottom: 2, left: 1, right: 2 })
    several.fillDown()
    expect(several.text()).toEqual(['a1 b1 c1', 'a2 b2 c1', 'a3 b1 c1'])
    const single = sheet({ top: 2, bottom: 2, left: 0, right: 0 })
    single.fillDown()
    expect(single.text()).toEqual(['a1 b1 c1', 'a2 b2 c2', 'a2 b3 c3'])
    const first = sheet({ top: 0, bottom: 0, left: 0, right: 0 })
    first.fillDown()
    expect(first.text()[0]).toBe('a1 b1 c1')
  })

  it('is copied as lines and columns', () => {
    expect(sheet({ top: 0, bottom: 1, left: 1, right: 2 }).copied().trim().split(/\r?\n/)).toEqual(['b1\tc1', 'b2\tc2'])
  })

  it('takes one cell into all of it', () => {
    const { paste, text, gone } = sheet({ top: 0, bottom: 1, left: 0, right: 1 })
    paste('x')
    expect(text()).toEqual(['x x c1', 'x b2 c2', 'a3 b3 c3'])
    expect(gone).toEqual([])
  })

  it('takes a block from its first cell on, no further than the table goes, and chooses it', () => {
    const { paste, text, gone } = sheet({ top: 1, bottom: 1, left: 1, right: 1 })
    paste('1\t2\t3\n4\t5\t6\n7\t8\t9')
    expect(text()).toEqual(['a1 b1 c1', 'a2 b2 2', 'a3 4 5'])
    expect(gone).toEqual([
      [1, 1],
      [3, 3, true],
    ])
  })

  it('adds rows for what is pasted below the last, where rows may be added', () => {
    const { paste, text } = sheet({ top: 2, bottom: 2, left: 0, right: 0 }, true)
    paste('1\t2\n3\t4')
    expect(text()).toEqual(['a1 b1 c1', 'a2 b2 c2', '1 2 c3', '3 4 '])
    paste('')
    expect(text()).toHaveLength(4)
  })
})
