/** What a row without a number adds to the stitch above, and which columns nobody has decided on. */
import { describe, expect, it } from 'vitest'
import { readChart, readRows, undecided } from './chart'

const HEAD = ['No.', 'Name', 'Width', 'Length', 'Foot']
const stitchesOf = (...rows: string[][]) => readChart([HEAD, ...rows]).rows.filter(({ is }) => is === 'stitch')

describe('a row that goes on', () => {
  it('runs the name on and fills what was left open, and no more', () => {
    const [stitch, ...others] = stitchesOf(['7', 'Blind', '3', '', 'A'], ['', 'hem', '', '2', 'B'])
    expect(others).toEqual([])
    expect(stitch?.texts).toMatchObject({ name: 'Blind hem', foot: 'A' })
    expect(stitch?.values).toMatchObject({ width: { is: 'value', value: 3 }, length: { is: 'value', value: 2 } })
  })

  it('keeps where the book sends its reader, unless a value stands there already', () => {
    const [open] = stitchesOf(['7', 'Satin', '3', '', 'A'], ['', '', '', 'see p. 81', ''])
    expect(open?.values.length).toEqual({ is: 'silent', see: 'p. 81' })
    const [stated] = stitchesOf(['7', 'Satin', '3', '2', 'A'], ['', '', '', 'see p. 81', ''])
    expect(stated?.values.length).toEqual({ is: 'value', value: 2 })
  })

  it('is a stitch of its own, without a number, where it states another value', () => {
    const rows = readChart([HEAD, ['7', 'Satin', '3', '2', 'A'], ['', 'wide', '5', '', '']]).rows
    expect(rows.map(({ is }) => is)).toEqual(['stitch', 'stitch'])
    expect(rows[0]?.values.width).toEqual({ is: 'value', value: 3 })
  })

  it('adds nothing where it is skipped', () => {
    const table = [HEAD, ['7', 'Blind', '3', '', 'A'], ['', 'hem', '', '2', '']]
    const { columns } = readChart(table)
    const read = (skipped: number[]) => readRows(table, columns, 1, { skipped: new Set(skipped) })[0]
    expect(read([])?.texts.name).toBe('Blind hem')
    expect(read([3])).toMatchObject({ texts: { name: 'Blind' } })
    expect(read([3])?.values.length?.is).not.toBe('value')
  })
})

describe('a column that nobody has decided on', () => {
  const open = (...rows: string[][]) => {
    const { columns, rows: read } = readChart([['No.', 'Name', 'Width', 'Zone'], ...rows])
    return undecided(columns, read).map(({ heading }) => heading)
  }

  it('is asked about as soon as one stitch has a figure in it', () => {
    expect(open(['1', 'Satin', '3', ''], ['2', 'Zigzag', '4', '12'])).toEqual(['Zone'])
  })

  it('is left alone where it holds words, or figures beside no stitch', () => {
    expect(open(['1', 'Satin', '3', 'north'], ['2', 'Zigzag', '4', ''])).toEqual([])
    expect(open(['1', 'Satin', '3', ''], ['', '', '', ''])).toEqual([])
  })
})
