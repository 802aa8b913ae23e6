import { describe, expect, it } from 'vitest'
import { useCursor } from './useCursor'

const key = (name: string, more: Partial<KeyboardEvent> = {}) =>
  ({ key: name, ctrlKey: false, metaKey: false, altKey: false, shiftKey: false, ...more }) as KeyboardEvent
const sheet = (rows = 10, columns = 4) => useCursor(() => ({ rows, columns, page: 5 }))

describe('the cursor of a sheet', () => {
  it.each<[string, Partial<KeyboardEvent>, number, number]>([
    ['ArrowDown', {}, 4, 1],
    ['ArrowUp', {}, 2, 1],
    ['ArrowRight', {}, 3, 2],
    ['ArrowLeft', {}, 3, 0],
    ['ArrowDown', { ctrlKey: true }, 9, 1],
    ['ArrowUp', { metaKey: true }, 0, 1],
    ['PageDown', {}, 8, 1],
    ['PageUp', {}, 0, 1],
    ['Home', {}, 3, 0],
    ['End', {}, 3, 3],
    ['Home', { ctrlKey: true }, 0, 0],
    ['End', { ctrlKey: true }, 9, 3],
  ])('%s %j goes to row %i, column %i', (name, more, row, column) => {
    const { at, go, move } = sheet()
    go(3, 1)
    expect(move(key(name, more))).toBe(true)
    expect(at.value).toEqual({ row, column })
  })

  it('leaves every other key alone, and every key with Alt', () => {
    const { move } = sheet()
    for (const other of [key('a'), key('Enter'), key('ArrowDown', { altKey: true })]) expect(move(other)).toBe(false)
  })

  it('stays within the sheet, also an empty one', () => {
    const { at, go } = sheet(0, 0)
    go(5, 5)
    expect(at.value).toEqual({ row: 0, column: 0 })
  })

  it('spans a block from where it was set down, whichever way', () => {
    const { block, go, isIn, move } = sheet()
    go(5, 2)
    move(key('ArrowUp', { shiftKey: true }))
    move(key('ArrowLeft', { shiftKey: true }))
    expect(block.value).toEqual({ top: 4, bottom: 5, left: 1, right: 2 })
    expect([isIn(4, 1), isIn(5, 2), isIn(3, 1), isIn(5, 3)]).toEqual([true, true, false, false])
    move(key('ArrowDown'))
    expect(block.value).toEqual({ top: 5, bottom: 5, left: 1, right: 1 })
  })
})
