import { describe, expect, it } from 'vitest'
import { cellUnder, inSight, type OverviewInput } from './overviewPicture'

const names = (count: number) => Array.from({ length: count }, (_, i) => ({ name: `${i}`, starts: false }))
const input: OverviewInput = {
  rows: names(60),
  columns: names(1000),
  verdictAt: () => 'ready',
  isDim: () => false,
  cursor: { row: 0, column: 0 },
  open: undefined,
  cell: { width: 14, height: 16 },
  head: { width: 208, height: 92 },
  width: 800,
  height: 600,
  left: 7000,
  top: 32,
}

describe('the coverage from far away', () => {
  it('knows the cell under a place of the window', () => {
    expect(cellUnder(input, 208, 92)).toEqual({ row: 2, column: 500 })
    expect(cellUnder(input, 208 + 13.9, 92 + 15.9)).toEqual({ row: 2, column: 500 })
    expect(cellUnder(input, 208 + 14, 92 + 16)).toEqual({ row: 3, column: 501 })
  })

  it('knows none over the names and beyond the last', () => {
    expect(cellUnder(input, 207, 300)).toBeUndefined()
    expect(cellUnder(input, 300, 91)).toBeUndefined()
    expect(cellUnder({ ...input, left: 14 * 999 }, 208 + 14, 100)).toBeUndefined()
    expect(cellUnder({ ...input, top: 16 * 59 }, 300, 92 + 16)).toBeUndefined()
  })

  it('draws no more than what is in sight', () => {
    expect(inSight(0, 592, 14, 1000)).toEqual([0, 42])
    expect(inSight(7000, 592, 14, 1000)).toEqual([500, 542])
    expect(inSight(13_900, 592, 14, 1000)).toEqual([992, 999])
    expect(inSight(0, 508, 16, 5)).toEqual([0, 4])
  })
})
