import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { decodeText, parseCsv } from '#shared/files/csv'
import { faultText } from '#shared/messages/chart'
import { habitsOf } from './columns'
import { compareRows, type Compared } from './compare'
import { notesOf, type FileTable } from './fileTable'
import { readFitChart, statedFits } from './fitChart'
import { rangeBehindDate } from './readValue'
import type { Model, Stitch } from '../catalogue/types'
import { readChart, readRows } from './chart'
import { selectOf, stitchId, stitchOf, stitchOver } from './chartStitch'
import { columnOf } from './columns'
import { detectDelimiter } from './delimiter'
import { functionProposer, knownNames } from './proposeFunction'
import { readValue } from './readValue'

const inMm = { measures: 'length', unit: 'mm' } as const
const inSpi = { measures: 'length', unit: 'spi' } as const
const inInches = { measures: 'length', unit: 'inch' } as const
const asMark = { measures: 'mark', unit: 'mm' } as const
const value = (v: unknown) => ({ is: 'value', value: v })

describe('a cell', () => {
  it.each([
    ['2,5', inMm, value(2.5)],
    ['2.5', inMm, value(2.5)],
    ['1/4"', inMm, value(6.35)],
    ['10 spi', inMm, value(2.54)],
    ['10', inSpi, value(2.54)],
    ['1/8', inInches, value(3.175)],
    ['2.5 mm', inSpi, value(2.5)],
    ['auto', inMm, value('auto')],
    ['AUTO', asMark, value('auto')],
    ['3-4', inMm, value({ from: 3, to: 4 })],
    ['3–4', inMm, value({ from: 3, to: 4 })],
    ['0.5~1', inMm, value({ from: 0.5, to: 1 })],
    ['0,5 … 1', inMm, value({ from: 0.5, to: 1 })],
    ['3 to 4', inMm, value({ from: 3, to: 4 })],
    ['10-12 spi', inMm, value({ from: 2.116667, to: 2.54 })],
    ['4-4', inMm, value(4)],
    ['±0', asMark, { is: 'unreadable', why: 'plusMinus' }],
    ['±0', { ...asMark, normal: 4 }, value(4)],
    ['±0', { ...inMm, signed: true }, value(0)],
    ['5,5E+07', asMark, { is: 'unreadable', why: 'spoilt' }],
    ['3,5 (0,0–7,0)', inMm, { ...value(3.5), range: { from: 0, to: 7 } }],
    ['auto [0.2-4]', inMm, { ...value('auto'), range: { from: 0.2, to: 4 } }],
    ['', inMm, { is: 'silent' }],
    ['–', inMm, { is: 'silent' }],
    ['n/a', inMm, { is: 'silent' }],
    ['see p. 81', inMm, { is: 'silent', see: 'p. 81' }],
    ['p. 81', inMm, { is: 'silent', see: 'p. 81' }],
    ['3-Apr', inMm, { is: 'unreadable', why: 'looksLikeDate' }],
    ['03.04.2026', inMm, { is: 'unreadable', why: 'looksLikeDate' }],
    ['4-3', inMm, { is: 'unreadable', why: 'rangeFalls' }],
    ['wide', inMm, { is: 'unreadable', why: 'notANumber' }],
    ['2,5,1', inMm, { is: 'unreadable', why: 'notANumber' }],
    ['-2', inMm, { is: 'unreadable', why: 'negative' }],
    ['4 mm', asMark, { is: 'unreadable', why: 'unitNotALength' }],
    ['0', inSpi, { is: 'unreadable', why: 'noDensity' }],
    ['99999', inMm, { is: 'unreadable', why: 'tooLarge' }],
  ] as const)('%j', (text, expected, reading) => expect(readValue(text, expected)).toEqual(reading))

  it('keeps the sign of a needle position', () =>
    expect(readValue('-3,5', { ...inMm, signed: true })).toEqual(value(-3.5)))

  it('never throws, whatever is in it', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 40 }), (text) => {
        expect(['value', 'silent', 'unreadable']).toContain(readValue(text, inMm).is)
      }),
    ))
})

describe('a column', () => {
  it.each([
    ['Width (mm)', 'width', 'mm'],
    ['Length [spi]', 'length', 'spi'],
    ['Stitches per inch', 'length', 'spi'],
    ['Length (inch)', 'length', 'inch'],
    ['Nr.', 'number', 'mm'],
    ['Presser foot', 'foot', 'mm'],
    ['Needle pos.', 'needlePosition', 'mm'],
    ['Remarks', undefined, 'mm'],
  ])('%j', (heading, field, unit) => expect(columnOf(heading, 0)).toMatchObject({ field, unit }))
})

describe('a file', () => {
  it.each([
    ['a,b,c\n1,2,3', ','],
    ['a;b;c\n1,5;2,5;3', ';'],
    ['a\tb\n1,5\t2', '\t'],
    ['"x;y",b\n"1;2",3', ','],
  ])('%j is cut at %j', (text, delimiter) => expect(detectDelimiter(text)).toBe(delimiter))

  const decoder = (encoding: string, fatal: boolean) => new TextDecoder(encoding, { fatal })
  it('is read as UTF-8, with or without its mark, else as Windows-1252', () => {
    expect(decodeText(new TextEncoder().encode('½ – é'), decoder)).toBe('½ – é')
    expect(decodeText(new Uint8Array([0xbd, 0x20, 0x96]), decoder)).toBe('½ –')
    expect(parseCsv('\uFEFFNr,Name\r\n1,"Zig, zag"\r\n')).toEqual([
      ['Nr', 'Name'],
      ['1', 'Zig, zag'],
    ])
  })

  it.each(['utf-16le', 'utf-16be'] as const)('is read as %s with or without its mark', (encoding) => {
    const bytesOf = (text: string) =>
      new Uint8Array(
        [...text].flatMap((letter) => {
          const code = letter.charCodeAt(0)
          return encoding === 'utf-16le' ? [code & 255, code >> 8] : [code >> 8, code & 255]
        }),
      )
    expect(decodeText(bytesOf('Nr;Größe'), decoder)).toBe('Nr;Größe')
    expect(parseCsv(decodeText(bytesOf('\uFEFFNr;Größe'), decoder))).toEqual([['Nr', 'Größe']])
  })

  it('may end its lines in every way at once', () => {
    expect(parseCsv('a;b\r\n1;2\n3;4\r5;6')).toEqual([
      ['a', 'b'],
      ['1', '2'],
      ['3', '4'],
      ['5', '6'],
    ])
  })
})

const chart = readChart(
  parseCsv(
    [
      'Some model;;;',
      'Nr;Stitch;Width;Length (spi)',
      'Utility;;;',
      '1;Straight;;10',
      '2;Zigzag;3-4;auto',
      ';;;',
      '2;Again;x;12',
      ';lost;1;12',
    ].join('\n'),
  ),
)

describe('a chart', () => {
  it('finds its headings and tells rows, titles and blanks apart', () => {
    expect(chart.headingRow).toBe(2)
    expect(chart.columns.map(({ field }) => field)).toEqual(['number', 'name', 'width', 'length'])
    expect(chart.rows.map(({ row, is }) => [row, is])).toEqual([
      [3, 'title'],
      [4, 'stitch'],
      [5, 'stitch'],
      [6, 'empty'],
      [7, 'stitch'],
      [8, 'stitch'],
    ])
  })

  it('names bad cells by row and column, in words', () => {
    const faults = chart.rows.flatMap((row) => row.faults).map(faultText)
    expect(faults).toEqual([
      'Row 7, column 3 (Width): “x” is not a number.',
      'Row 7, column 1: “2” is chosen by an earlier row already.',
      'Row 8, column 1 (Nr): the row has no stitch number.',
    ])
  })

  it('makes stitches that state what the book states and no more', () => {
    const choice = { id: 's-1', function: 'straight', motion: 'forward' } as const
    const [, straight, zigzag] = chart.rows
    expect(straight && stitchOf(straight, choice)).toEqual({
      id: 's-1',
      select: '1',
      function: 'straight',
      nativeName: 'Straight',
      motion: 'forward',
      defaults: { length: 2.54 },
      source: { evidence: 'book' },
    })
    expect(zigzag && stitchOf(zigzag, choice).defaults).toEqual({ width: { from: 3, to: 4 }, length: 'auto' })
  })

  it('reads merged, continued and carried rows, and says where each comes from', () => {
    const cells = [
      ['Menu', 'Nr', 'Stitch', 'Width', 'Length', 'Page'],
      ['Utility', '1', 'Blind hem', '3', '', ''],
      ['', '', 'for knits', '', '2', '48'],
      ['', '2', 'Zigzag', '4', '1', ''],
      ['', '', '', '5', '', ''],
      ['Decor', '3', 'Leaf', '7', '0.4', ''],
      ['', '4', '', '', '0.5', ''],
    ]
    const notes: FileTable['notes'] = [{ row: 7, column: 3, is: { what: 'merged', from: 6 } }]
    const { rows, columns } = readChart(cells, { notes: notesOf({ notes }) })
    expect(rows.map(({ is, continues }) => [is, continues])).toEqual([
      ['stitch', undefined],
      ['continued', 2],
      ['stitch', undefined],
      ['stitch', undefined],
      ['stitch', undefined],
      ['stitch', undefined],
    ])
    expect(rows[0]?.texts).toMatchObject({ number: '1', menu: 'Utility', name: 'Blind hem for knits', page: '48' })
    expect(rows[0]?.values.length).toEqual({ is: 'value', value: 2 })
    expect(rows[2]?.carried).toEqual({ 0: 'Utility' })
    expect(rows[3]?.faults.map(faultText)).toEqual(['Row 5, column 2 (Nr): the row has no stitch number.'])
    expect(rows[5]?.texts).toEqual({ menu: 'Decor', number: '4', name: 'Leaf' })
    const without = readRows(cells, columns, 1, { skipped: new Set([3]) })
    expect(without[0]?.texts.name).toBe('Blind hem')
    // A skipped row takes no number: the one after it is the first of that number, and none is twice.
    const twice = [...cells, ['Nutz', '9', 'Twice', '2', '', ''], ['Nutz', '9', 'Twice', '2', '', '']]
    const repeats = (skipped: number[]) =>
      readRows(twice, columns, 1, { skipped: new Set(skipped) })
        .filter(({ faults }) => faults.some(({ why }) => why === 'sameNumber'))
        .map(({ row }) => row)
    expect(repeats([])).toEqual([twice.length])
    expect(repeats([twice.length - 1])).toEqual([])
    expect(repeats([twice.length])).toEqual([])
    const carried = columns.map((column) => (column.field === 'width' ? { ...column, carries: true } : column))
    expect(readRows(cells, carried, 1)[5]?.values.width).toEqual({ is: 'value', value: 7 })
  })

  it('takes no date and no formula without a result for a value', () => {
    const notes: FileTable['notes'] = [
      { row: 2, column: 2, is: { what: 'date' } },
      { row: 3, column: 2, is: { what: 'noResult', formula: '=B2*2' } },
      { row: 4, column: 2, is: { what: 'formula', formula: '=1+2' } },
    ]
    const { rows } = readChart(
      [
        ['Nr', 'Width'],
        ['1', '3-Apr'],
        ['2', '=B2*2'],
        ['3', '3'],
      ],
      { notes: notesOf({ notes }) },
    )
    expect(rows.flatMap(({ faults }) => faults.map(({ row, why }) => [row, why]))).toEqual([
      [2, 'looksLikeDate'],
      [3, 'noResult'],
    ])
    expect(rows[2]?.values.width).toEqual({ is: 'value', value: 3 })
  })

  it.each([
    ['03-Apr', '3-4'],
    ['4-Mar', '3-4'],
    ['03. Apr', '3-4'],
    ['Apr-10', '4-10'],
    ['2026-04-03', '3-4'],
    ['3-4', undefined],
    ['wide', undefined],
  ])('%s may have been %s', (text, range) => expect(rangeBehindDate(text)).toBe(range))

  it('matches columns as a person matched them last time', () => {
    const cells = [
      ['Zeile', 'Bild', 'Breite'],
      ['1', 'Plain', '1/8'],
      ['2', 'Zig', '1/4'],
    ]
    const habits = { zeile: { field: 'number' }, bild: { field: 'name' }, breite: { field: 'width', unit: 'inch' } }
    expect(readChart(cells).headingRow).toBeUndefined()
    const known = readChart(cells, { habits })
    expect(known.headingRow).toBe(1)
    expect(known.rows[0]?.values.width).toEqual({ is: 'value', value: 3.175 })
    expect(habitsOf(known.columns)).toMatchObject({
      zeile: { field: 'number' },
      breite: { field: 'width', unit: 'inch' },
    })
  })

  it('reads numbers as the machine shows them', () => {
    const scales: Model['scales'] = {
      needlePosition: { shows: 'mm', from: -3.5, to: 3.5, step: 0.5, shownOffset: 3.5 },
      length: { shows: 'spi', from: 0.5, to: 5 },
    }
    const cells = [
      ['Nr', 'Needle position', 'Length'],
      ['1', '3.5', '10'],
      ['2', '0–7', '12'],
      ['3', 'auto', ''],
    ]
    const { rows, columns } = readChart(cells, { scales })
    expect(rows.map(({ values }) => values.needlePosition)).toEqual([
      { is: 'value', value: 0 },
      { is: 'value', value: { from: -3.5, to: 3.5 } },
      { is: 'value', value: 'auto' },
    ])
    expect(rows[0]?.values.length).toEqual({ is: 'value', value: 2.54 })
    const fromCentre = columns.map((column) => ({ ...column, asShown: false }))
    expect(readRows(cells, fromCentre, 1, { scales })[0]?.values.needlePosition).toEqual({ is: 'value', value: 3.5 })
    expect(
      readChart(
        [
          ['Nr', 'Length (mm)'],
          ['1', '2'],
        ],
        { scales },
      ).columns[1]?.unit,
    ).toBe('mm')
  })

  it('reads anew where columns are matched by hand', () => {
    const columns = chart.columns.map((column) =>
      column.field === 'name' ? { ...column, field: 'foot' as const } : column,
    )
    const [row] = readRows([['9', 'F1', '2', '10']], columns, 0)
    expect(row && selectOf(row)).toBe('9')
    expect(row?.texts).toEqual({ number: '9', foot: 'F1' })
  })

  it('never makes one id twice', () => {
    const taken = new Set<string>()
    const ids = ['Utility 1', 'utility-1', '½', '–'].map((select) => {
      const id = stitchId(select, taken)
      taken.add(id)
      return id
    })
    expect(ids).toEqual(['s-utility-1', 's-utility-1-2', 's-1-2', 's-stitch'])
  })
})

describe('a proposed function', () => {
  const functions = [
    { id: 'zigzag', name: 'Zigzag', family: 'z', swing: 'centred' as const },
    { id: 'blindHem.woven', name: 'Blind hem for wovens', family: 'b', swing: 'left' as const },
  ]
  const known = [
    { name: 'hidden hem', function: 'blindHem.woven', motion: 'forward' as const, make: 'other', count: 1 },
    { name: 'net', function: 'zigzag', motion: 'forwardReverse' as const, make: 'own', count: 1 },
  ]
  it.each([
    ['Net', 'zigzag', 'sameMake'],
    ['Hidden hem', 'blindHem.woven', 'otherMake'],
    ['Zigzag stitch', 'zigzag', 'words'],
  ])('%j is told from what is known', (name, id, from) =>
    expect(functionProposer('own', known, functions)(name)).toMatchObject({ function: id, from }),
  )

  it.each(['Lantern 3', '', '   ', 'Stitch'])('%j is not guessed at', (name) =>
    expect(functionProposer('own', known, functions)(name)).toBeUndefined(),
  )

  it('is told from words only where three in five are shared', () => {
    const named = (id: string, name: string) => ({ id, name, family: 'x', swing: 'none' as const })
    const plain = functionProposer('own', [], [named('s', 'Straight stitch'), named('k', 'Ladder hem for knits')])
    const names = ['Straight stitch, centre', 'Straight, left needle', 'Straight satin']
    expect(names.map((name) => plain(name)?.function)).toEqual(['s', 's', undefined])
    expect(plain('Stretch ladder hem')).toMatchObject({ function: 'k' })
    const propose = functionProposer('own', [], [named('f', 'Ladder hem edge')])
    expect(propose('Ladder hem edge')).toMatchObject({ function: 'f', from: 'words' })
    expect(propose('Ladder hem edge lace trim')).toMatchObject({ function: 'f' })
    expect(propose('Ladder hem lace')).toBeUndefined()
    expect(propose('Ladder hem edge lace trim loop')).toBeUndefined()
  })

  it('learns what a make uses a name for most often, corrections included', () => {
    const use = (named: string) => ({
      name: 'lantern',
      function: named,
      motion: 'forward' as const,
      make: 'own',
      count: 1,
    })
    const learned = (...uses: string[]) => functionProposer('own', [...known, ...uses.map(use)], functions)('Lantern')
    expect(learned('blindHem.woven')).toMatchObject({ function: 'blindHem.woven', from: 'sameMake' })
    expect(learned('blindHem.woven', 'zigzag', 'zigzag')).toMatchObject({ function: 'zigzag', from: 'sameMake' })
  })

  it('knows the names of the catalogue', () => {
    const stitch = { id: 'a', select: '1', function: 'zigzag', motion: 'forward' as const }
    const model = { id: 'm', make: 'x', name: 'M', kind: 'mechanical' as const, supplied: [], features: [], scales: {} }
    expect(knownNames({ models: [{ ...model, stitches: [{ ...stitch, nativeName: 'Zig-Zag!' }, stitch] }] })).toEqual([
      { name: 'zig zag', function: 'zigzag', motion: 'forward', make: 'x', count: 1 },
    ])
  })
})

describe('a newer edition against what is known', () => {
  const stitch = (id: string, select: string, more: Partial<Stitch> = {}): Stitch => ({
    id,
    select,
    function: 'zigzag',
    motion: 'forward',
    ...more,
  })
  const compare = (stored: Stitch[], read: Stitch[]): Compared<Stitch>[] =>
    compareRows({
      stored,
      read: read.map((value, i) => ({ row: i + 2, value })),
      callOf: ({ select }) => select,
      traceOf: ({ nativeName }) => nativeName,
      newId: ({ select }, taken) => stitchId(select, taken),
      over: (old, next) => ({ ...old, ...next }),
    })
  const told = (all: Compared<Stitch>[]) => all.map(({ id, is, moved, held }) => [id, is, moved, held])

  it('is told as new, changed, same and gone, ids kept', () => {
    const known = [stitch('a', '1'), stitch('b', '2', { foot: 'X' }), stitch('c', '3')]
    const read = [stitch('', '1'), stitch('', '2', { foot: 'Y' }), stitch('', '9')]
    expect(told(compare(known, read))).toEqual([
      ['a', 'same', false, false],
      ['b', 'changed', false, false],
      ['s-9', 'added', false, false],
      ['c', 'gone', false, false],
    ])
  })

  it('finds a stitch that only got another number, but never between two of one name', () => {
    const known = [
      stitch('a', '1', { nativeName: 'leaf' }),
      stitch('b', '2', { nativeName: 'twin' }),
      stitch('c', '3', { nativeName: 'twin' }),
    ]
    const read = [stitch('', '11', { nativeName: 'leaf' }), stitch('', '12', { nativeName: 'twin' })]
    const compared = compare(known, read)
    expect(told(compared)).toEqual([
      ['a', 'changed', true, false],
      ['s-12', 'added', false, false],
      ['b', 'gone', false, false],
      ['c', 'gone', false, false],
    ])
    expect(compared[0]?.next).toMatchObject({ id: 'a', select: '11' })
  })

  it('never writes over what was tried at the bench', () => {
    const tried = stitch('a', '1', { foot: 'X', source: { evidence: 'bench', where: 'tried' } })
    expect(told(compare([tried], [stitch('', '1', { foot: 'Y' })]))).toEqual([['a', 'changed', false, true]])
    expect(told(compare([tried], []))).toEqual([['a', 'gone', false, true]])
  })

  it('keeps what the chart has no column for', () => {
    const { columns } = readChart([
      ['Nr', 'Name', 'Width'],
      ['1', 'Plain', '3'],
    ])
    const known = stitch('a', '1', {
      defaults: { width: 2, tension: 4 },
      brings: ['feedDogsDown'],
      foot: 'X',
      source: { evidence: 'book', where: 'p. 4' },
    })
    const read = stitch('', '1', { nativeName: 'Plain', defaults: { width: 3 }, source: { evidence: 'book' } })
    expect(stitchOver(columns)(known, read)).toEqual({
      ...known,
      nativeName: 'Plain',
      defaults: { width: 3, tension: 4 },
    })
    expect(stitchOver(columns)(known, { ...read, defaults: {} }).defaults).toEqual({ tension: 4 })
  })
})

describe('a fit chart', () => {
  const ids = (known: Record<string, string>) => (text: string) => known[text]
  const modelOf = ids({ 'Plover 60': 'p60', Ketch: 'ketch' })
  const itemOf = ids({ F1: 'f1', F2: 'f2', A9: 'a9' })
  const table = [
    ['Which foot fits', '', '', ''],
    ['Foot', 'Plover 60', 'Ketch', 'Yawl'],
    ['F1', 'x', 'no', 'x'],
    ['F2', 'A9', '', '–'],
    ['F7', 'x', 'o', ''],
  ]
  it('states marks, adapters and refusals, and nothing for an empty cell', () => {
    const chart = readFitChart(table, { modelOf, itemOf })
    expect(chart?.headingRow).toBe(2)
    expect(chart?.models.map(({ model }) => model)).toEqual(['p60', 'ketch', undefined])
    expect(chart?.marks.filter(({ means }) => !means).map(({ mark }) => mark)).toEqual(['o'])
    expect(chart && statedFits(chart).map(({ row, statement }) => [row, statement])).toEqual([
      [3, { item: 'f1', model: 'p60', fits: true }],
      [3, { item: 'f1', model: 'ketch', fits: false }],
      [4, { item: 'f2', model: 'p60', fits: true, chain: ['a9'] }],
    ])
  })

  it('asks what a cross means beside ticks', () => {
    const ticked = [
      ['Foot', 'Plover 60', 'Ketch'],
      ['F1', '✓', 'x'],
      ['F2', 'x', '✓'],
    ]
    const chart = readFitChart(ticked, { modelOf, itemOf })
    expect(chart?.marks.filter(({ means }) => !means).map(({ mark }) => mark)).toEqual(['x'])
    expect(chart && statedFits(chart)).toHaveLength(2)
  })

  it('takes a mark for what it meant in the last chart, and is no chart where no model is named', () => {
    const chart = readFitChart(table, { modelOf, itemOf: () => 'f', habits: { o: { says: 'doesNotFit' } } })
    expect(
      chart &&
        statedFits(chart)
          .filter(({ row }) => row === 5)
          .map(({ statement }) => statement.fits),
    ).toEqual([true, false])
    expect(readFitChart(table, { modelOf: () => undefined, itemOf })).toBeUndefined()
  })
})
