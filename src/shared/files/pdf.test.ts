import { describe, expect, it } from 'vitest'
import { readChart } from '#core/import/chart'
import { BOOK_HEADING, bookPdf, scannedPdf } from '#demo/madeBook'
import { pagesIn, readPdf } from './pdf'
import { readPasted, readTableFile, type ReadOptions } from './readFile'

const decoder = (encoding: string, fatal: boolean) => new TextDecoder(encoding, { fatal })
const read = async (bytes: Uint8Array, options: ReadOptions = {}) => readTableFile(bytes.slice(), decoder, options)
const ROWS = Array.from({ length: 45 }, (_, i) => [
  String(201 + i),
  i % 3 === 0 ? 'Straight stitch, long' : i % 3 === 1 ? 'Zigzag' : 'Blind hem',
  i % 3 === 0 ? '0' : '3,5 (0,0–6,0)',
  '2,5',
  i % 2 === 0 ? '4' : 'auto',
  i % 5 === 0 ? 'A/J' : 'A',
])

describe('a pasted table', () => {
  it('is cut at tabs, else as a file is, within a file’s limits', () => {
    expect(readPasted('No.\tName, long\n1\tZigzag').tables[0]?.cells).toEqual([
      ['No.', 'Name, long'],
      ['1', 'Zigzag'],
    ])
    expect(readPasted('No.;Name\n1;Zigzag').tables[0]?.cells[1]).toEqual(['1', 'Zigzag'])
    expect(() => readPasted(' \n')).toThrow('it holds no rows')
    expect(() => readPasted('x\n'.repeat(20_001))).toThrow('20001 rows')
  })
})

describe('a book’s table as a PDF', () => {
  it('comes as it stands on three pages, each row with its page, headings and page numbers once', async () => {
    const { tables, pages } = await read(await bookPdf(ROWS))
    const cells = tables[0]?.cells ?? []
    expect(cells[0]).toEqual([...BOOK_HEADING, 'Page'])
    expect(cells.slice(1)).toEqual(ROWS.map((row, i) => [...row, String(1 + Math.floor(i / 20))]))
    expect(pages).toEqual({ asked: '', of: 3 })
  })

  it('is a chart like any other, with the page as its source', async () => {
    const { tables } = await read(await bookPdf(ROWS))
    const chart = readChart(tables[0]?.cells ?? [])
    expect(chart.rows.flatMap(({ faults }) => faults)).toEqual([])
    expect(chart.rows).toHaveLength(45)
    expect(chart.rows[44]).toMatchObject({ texts: { number: '245', page: '3' }, ranges: { width: { from: 0, to: 6 } } })
  })

  it('is read by pages, and tells how far it is', async () => {
    const told: [number, number][] = []
    const { tables } = await read(await bookPdf(ROWS), { pages: '2-3', progress: (...far) => told.push(far) })
    expect(tables[0]?.cells[1]?.[0]).toBe('221')
    expect(told).toEqual([
      [1, 2],
      [2, 2],
    ])
  })

  it('keeps cells empty that are, and what a cell holds on a second line', async () => {
    const rows = [
      ['1', 'Straight', '0', '2.5', '4', 'A'],
      ['', 'with reinforcement', '', '', '', ''],
      ['2', 'Zigzag', '', '1.5', '', 'J'],
      ['3', 'Hem', '2', '2', '3', ''],
    ]
    const { tables } = await read(await bookPdf(rows))
    expect(tables[0]?.cells.slice(1).map((cells) => cells.slice(0, -1))).toEqual(rows)
  })

  it('says what is the matter where nothing can be read', async () => {
    await expect(read(await scannedPdf())).rejects.toThrow('its pages are pictures without text')
    await expect(read(await bookPdf(ROWS), { pages: '9' })).rejects.toThrow('it has no pages “9”')
    await expect(read(await bookPdf([['one line of words']]))).rejects.toThrow('no table stands on these pages')
    await expect(read(new TextEncoder().encode('%PDF-1.7 nonsense'))).rejects.toThrow('damaged PDF')
  })

  it('counts pages before it reads them', async () => {
    const bytes = await bookPdf(ROWS)
    expect(await readPdf(bytes.slice(), { wanted: '', most: 2 })).toBe('tooManyPages')
    expect(await readPdf(bytes.slice(), { wanted: '3', most: 2 })).toMatchObject({ of: 3 })
  })

  it.each<[string, number[] | undefined]>([
    ['', [1, 2, 3]],
    ['2', [2]],
    ['1-2', [1, 2]],
    ['1, 3', [1, 3]],
    ['3–3', [3]],
    ['0', undefined],
    ['2-9', undefined],
    ['first', undefined],
  ])('pages “%s” of three', (text, pages) => expect(pagesIn(text, 3)).toEqual(pages))
})
