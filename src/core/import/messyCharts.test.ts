import { describe, expect, it } from 'vitest'
import { readChart, undecided, type ChartRow } from './chart'
import { stitchOf } from './chartStitch'
import { feetInCell } from './feetInCell'
import { rejoined } from './longRow'
import { MESSY_CHARTS, MESSY_SCALES } from './messyCharts.testkit'

const KNOWN_FEET = ['A', 'J', 'G', 'LF·05', 'LF·07']
const cellsOf = (text: string) => text.split('\n').map((line) => line.split('|'))

/** What a row's stitch states, by the words of the lists. */
const stated = (row: ChartRow): Record<string, unknown> => {
  const stitch = stitchOf(row, { id: 's', function: 'straight', motion: 'forward' })
  const ranges = Object.entries(stitch.ranges ?? {}).map(([field, range]) => [`range of ${field}`, range])
  return { ...stitch.defaults, ...Object.fromEntries(ranges), foot: stitch.foot }
}

describe.each(MESSY_CHARTS)('a chart with $name', ({ text, right, told, undecided: open = [] }) => {
  const chart = readChart(cellsOf(text), { scales: MESSY_SCALES, feet: KNOWN_FEET })

  it('has nothing taken wrongly', () => {
    for (const [number, values] of Object.entries(right)) {
      const row = chart.rows.find(({ is, texts }) => is === 'stitch' && texts.number === number)
      expect(row).toBeDefined()
      expect(row && { ...stated(row) }).toMatchObject(
        Object.fromEntries(Object.entries(values).filter(([, value]) => value !== undefined)),
      )
      for (const [key, value] of Object.entries(values))
        if (value === undefined) expect((row && stated(row)[key]) as unknown).toBeUndefined()
    }
  })

  it('tells what is not taken, and why', () => {
    const faults = chart.rows.flatMap((row) => row.faults).map(({ row, why }) => [row, why])
    expect(faults).toEqual(told)
  })

  it('has its figures’ columns decided, or asks', () => {
    expect(undecided(chart.columns, chart.rows).map(({ heading }) => heading)).toEqual(open)
  })
})

describe('a range', () => {
  const table = cellsOf('No.|Name|Width|Width max|Needle position\n1|Zigzag|5|5.5|3 (0–6)')
  it('of which one end is told goes to the machine’s own, where that is known; else it is told', () => {
    const known = readChart(table, { scales: MESSY_SCALES }).rows[0]
    expect(known?.ranges.width).toEqual({ from: 0, to: 5.5 })
    const unknown = readChart(table, { scales: { needlePosition: { shows: 'mm', from: 0, to: 9 } } }).rows[0]
    expect(unknown?.ranges.width).toBeUndefined()
    expect(unknown?.faults.map(({ column, why }) => [column, why])).toEqual([[4, 'oneEnd']])
  })

  it('stands as the machine shows it, like its default', () => {
    const scales = {
      ...MESSY_SCALES,
      needlePosition: { shows: 'mm', from: -3, to: 3, step: 0.5, shownOffset: 3 } as const,
    }
    const row = readChart(table, { scales }).rows[0]
    expect(row?.values.needlePosition).toMatchObject({ value: 0 })
    expect(row?.ranges.needlePosition).toEqual({ from: -3, to: 3 })
  })
})

describe('a row that is too long', () => {
  const values = new Set([2, 3])
  it.each<[string, string[] | undefined]>([
    ['1|Straight|0|2|5', ['1', 'Straight', '0', '2,5']],
    ['2|Zigzag|5|0|1|5', ['2', 'Zigzag', '5,0', '1,5']],
    ['3|Zigzag|wide|1|5', ['3', 'Zigzag', 'wide', '1,5']],
    ['4|Zigzag|5|x|y', undefined],
    ['5|Zigzag|5|1', undefined],
  ])('%s', (text, cells) => expect(rejoined(text.split('|'), 4, values)).toEqual(cells))
})

describe('feet in a cell', () => {
  it.each<[string, string[]]>([
    ['A', ['A']],
    ['A/J', ['A', 'J']],
    ['G or J', ['G', 'J']],
    ['LF07', ['LF·07']],
    ['–', []],
    ['', []],
    ['A, A', ['A']],
  ])('%j', (text, codes) => expect(feetInCell(text, KNOWN_FEET).codes).toEqual(codes))

  it('says what is written otherwise and what nobody knows', () => {
    expect(feetInCell('LF 5/Q', KNOWN_FEET)).toEqual({ codes: ['LF 5', 'Q'], rewritten: [], unknown: ['LF 5', 'Q'] })
    expect(feetInCell('lf-05', KNOWN_FEET).rewritten).toEqual([{ written: 'lf-05', code: 'LF·05' }])
    expect(feetInCell('Q', []).unknown).toEqual([])
    // A code with a stroke of its own is one foot.
    expect(feetInCell('9/1', ['9/1']).codes).toEqual(['9/1'])
  })
})
