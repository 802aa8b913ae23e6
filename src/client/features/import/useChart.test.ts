import { beforeEach, describe, expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { FileTable } from '#core/import/fileTable'
import type { KnownName } from '#core/import/proposeFunction'
import type { ModelPage } from '#shared/api/rows'
import { useChart, type ChartContext } from './useChart'

const functions = [
  { id: 'zigzag', name: 'Zigzag', family: 'zigzag', swing: 'centred' },
  { id: 'straight', name: 'Straight stitch', family: 'straight', swing: 'none' },
] as ChartContext['functions']
const known: KnownName[] = [
  { name: 'wide zigzag', function: 'zigzag', motion: 'forwardReverse', make: 'maker', count: 3 },
]
const page = {
  version: 1,
  model: {
    id: 'm',
    make: 'maker',
    name: 'M',
    kind: 'computerised',
    supplied: [],
    features: [],
    scales: {},
    stitches: [
      {
        id: 's1',
        select: '1',
        nativeName: 'Straight stitch',
        function: 'straight',
        motion: 'forward',
        defaults: { length: 2 },
      },
      {
        id: 's7',
        select: '7',
        nativeName: 'Wide zigzag',
        function: 'zigzag',
        motion: 'forwardReverse',
        defaults: { width: 5, length: 2 },
      },
      { id: 's8', select: '8', nativeName: 'Gone', function: 'zigzag', motion: 'forward' },
    ],
  },
  make: 'Maker',
  stitchVersions: {},
  samples: [],
} as unknown as ModelPage
const table = (...cells: string[][]): FileTable => ({ name: '', cells, notes: [] })
const HEAD = ['No.', 'Name', 'Width', 'Length']

let file = ref<FileTable>()
let chart: ReturnType<typeof useChart>
const open = async (...cells: string[][]) => {
  file.value = table(...cells)
  await nextTick()
}
beforeEach(() => {
  file = ref<FileTable>()
  chart = useChart(
    () => ({ page, functions, known, habits: {}, feet: ['LF·05', 'A'] }),
    () => file.value,
  )
})

describe('a chart being looked through', () => {
  it('has its functions proposed by the make’s own names, then by words; a person confirms them', async () => {
    await open(HEAD, ['1', 'Straight stitch', '0', '2.5'], ['2', 'Wide zigzag', '5', '2'])
    expect([...chart.choices.value.values()]).toEqual([
      { function: 'straight', motion: 'forward', proposedFrom: 'words' },
      { function: 'zigzag', motion: 'forwardReverse', proposedFrom: 'sameMake' },
    ])
    expect(chart.sound.value).toBe(false)
    chart.confirmAll()
    expect(chart.proposed.value).toEqual([])
    expect(chart.sound.value).toBe(true)
  })

  it('waits until columns with figures are decided, once a person has said so', async () => {
    await open([...HEAD, 'Needle size'], ['1', 'Straight stitch', '0', '2.5', '90'])
    chart.confirmAll()
    expect(chart.open.value.map(({ heading }) => heading)).toEqual(['Needle size'])
    expect(chart.sound.value).toBe(false)
    chart.matchColumn(4, undefined)
    expect(chart.open.value).toEqual([])
    expect(chart.sound.value).toBe(true)
  })

  it('takes a column as an end of a range where a person says so, and lets the other one go', async () => {
    await open([...HEAD, 'W2'], ['1', 'Wide zigzag', '5', '2', '6'])
    chart.setColumn(4, { field: 'width', part: 'max' })
    expect(chart.columns.value.map(({ field, part }) => [field, part]).slice(2)).toEqual([
      ['width', 'default'],
      ['length', 'default'],
      ['width', 'max'],
    ])
    chart.setColumn(4, { part: 'default' })
    expect(chart.columns.value[2]?.field).toBeUndefined()
    expect(chart.open.value.map(({ place }) => place)).toEqual([2])
  })

  it('joins figures of all rows that decimal commas parted, at one press', async () => {
    await open(HEAD, ['1', 'Wide zigzag', '5', '0', '1', '5'], ['2', 'Straight stitch', '0', '2', '5'])
    expect(chart.faults.value.map(({ why }) => why)).toEqual(['tooLong', 'tooLong'])
    chart.joinAll()
    expect(chart.faults.value).toEqual([])
    expect(chart.taken.value.map(({ values }) => [values.width, values.length])).toEqual([
      [
        { is: 'value', value: 5 },
        { is: 'value', value: 1.5 },
      ],
      [
        { is: 'value', value: 0 },
        { is: 'value', value: 2.5 },
      ],
    ])
  })

  it('shows feet as the catalogue writes them, and those it has not; the first are confirmed', async () => {
    await open([...HEAD, 'Foot'], ['1', 'Straight stitch', '0', '2.5', 'LF-05/Q'])
    expect(chart.rewritten.value).toEqual([{ written: 'LF-05', code: 'LF·05' }])
    expect(chart.unknownFeet.value).toEqual(['Q'])
    expect(chart.sound.value).toBe(false)
    chart.confirmAll()
    expect(chart.sound.value).toBe(true)
    expect(chart.compared.value[0]).toMatchObject({ next: { foot: ['LF·05', 'Q'] } })
  })

  it('takes what a person says of one row for all of its name of which nobody has said anything', async () => {
    await open(HEAD, ['1', 'Xyz', '0', '2'], ['2', 'xyz', '5', '2'], ['3', 'Other', '5', '2'], ['4', 'Xyz', '1', '2'])
    chart.choose(3, 'straight')
    chart.choose(2, 'zigzag')
    expect([2, 3, 4, 5].map((row) => chart.choices.value.get(row)?.function)).toEqual([
      'zigzag',
      'straight',
      undefined,
      'straight',
    ])
  })

  it('is not taken in while a row has no function', async () => {
    await open(HEAD, ['1', 'Straight stitch', '0', '2.5'], ['2', 'Xyz', '5', '2'])
    chart.confirmAll()
    expect(chart.without.value.map(({ row }) => row)).toEqual([3])
    expect(chart.compared.value).toEqual([])
    chart.choose(3, 'zigzag')
    // As the function is sewn elsewhere.
    expect(chart.choices.value.get(3)).toEqual({
      function: 'zigzag',
      motion: 'forwardReverse',
      proposedFrom: undefined,
    })
    expect(chart.sound.value).toBe(true)
  })

  it('keeps a choice while something else is mended', async () => {
    await open(HEAD, ['1', 'Xyz', '0', 'long'], ['2', 'Wide zigzag', '5', '2'])
    chart.choose(2, 'straight')
    expect(chart.faults.value).toHaveLength(1)
    chart.mend(2, 3, '2.5')
    expect(chart.faults.value).toEqual([])
    expect(chart.choices.value.get(2)?.function).toBe('straight')
  })

  it('takes what was mended into a place that the file had not', async () => {
    await open(HEAD, ['1', 'Straight stitch'])
    chart.mend(2, 3, '3')
    chart.confirmAll()
    expect(chart.compared.value[0]?.next?.defaults).toMatchObject({ length: 3 })
  })

  it('leaves out what is skipped, and takes it in again', async () => {
    await open(HEAD, ['1', 'Straight stitch', '0', 'long'], ['2', 'Wide zigzag', '5', '2'])
    chart.confirmAll()
    chart.skip(2, true)
    expect(chart.faults.value).toEqual([])
    expect(chart.sound.value).toBe(true)
    chart.skip(2, false)
    expect(chart.sound.value).toBe(false)
  })

  it('gives a field to one column only', async () => {
    await open(HEAD, ['1', 'Straight stitch', '0', '2.5'])
    chart.matchColumn(2, 'length')
    expect(chart.columns.value.map(({ field }) => field)).toEqual(['number', 'name', 'length', undefined])
    chart.matchColumn(2, undefined)
    expect(chart.columns.value.map(({ field }) => field)).toEqual(['number', 'name', undefined, undefined])
  })

  it('reads a column again in another unit', async () => {
    await open(HEAD, ['1', 'Straight stitch', '0', '0.1'])
    chart.confirmAll()
    chart.setColumn(3, { unit: 'inch' })
    expect(chart.compared.value[0]?.next?.defaults).toMatchObject({ length: 2.54 })
  })

  it('is compared with what is known: changed, moved with its id, new, and gone', async () => {
    await open(HEAD, ['1', 'Straight stitch', '', '2.5'], ['9', 'Wide zigzag', '5', '2'], ['10', 'Zigzag', '3', '2'])
    chart.confirmAll()
    expect(chart.compared.value.map(({ is, id, moved }) => [is, id, moved])).toEqual([
      ['changed', 's1', false],
      ['changed', 's7', true],
      ['added', expect.not.stringMatching(/^s[178]$/), false],
      ['gone', 's8', false],
    ])
  })

  it('begins anew with another file', async () => {
    await open(HEAD, ['1', 'Xyz', '0', '2.5'])
    chart.choose(2, 'straight')
    chart.skip(2, true)
    await open(HEAD, ['1', 'Xyz', '0', '2.5'])
    expect([chart.choices.value.size, chart.skipped.value.size]).toEqual([0, 0])
  })
})

describe('many rows at once', () => {
  const kindOf = () => [...chart.choices.value].map(([row, { function: named }]) => `${row} ${named}`)
  it('what is of a kind is set in one, as are the open rows right below', async () => {
    await open(
      HEAD,
      ['1', 'Fern', '2', '1'],
      ['2', 'Moss', '2', '1'],
      ['3', 'Moor', '2', '1'],
      ['4', 'Straight stitch'],
      ['5', 'Reed', '1', '1'],
    )
    expect(kindOf()).toEqual(['5 straight'])
    expect(chart.openBelow(2)).toEqual([3, 4])
    chart.skip(3, true)
    expect(chart.openBelow(2)).toEqual([4])
    chart.skip(3, false)
    chart.chooseMany([2, ...chart.openBelow(2)], 'zigzag')
    expect(kindOf().sort()).toEqual(['2 zigzag', '3 zigzag', '4 zigzag', '5 straight'])
    expect(chart.openBelow(5)).toEqual([6])
    expect(chart.proposed.value.map(({ row }) => row)).toEqual([5])
  })
})
