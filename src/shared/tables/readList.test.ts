import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { parseCsv } from '../files/csv'
import { columnsOf } from './columns'
import { tableCsv } from './csv'
import { compareList, listHabits, matchList, readListRows, undecidedColumns } from './readList'
import { namesOf } from './titles'

const bundle = demoBundle()
const names = namesOf(bundle)
const columns = columnsOf('items')
const items = bundle.items as unknown as ({ id: string } & Record<string, unknown>)[]

const read = (table: string[][], given: Record<string, unknown> = {}, habits = {}) => {
  const { headingRow, columns: matched } = matchList(table, columns, habits)
  const context = { resource: 'items' as const, columns, names, given }
  const rows = readListRows(table, matched, headingRow, context)
  return { headingRow, matched, rows, compared: compareList('items', items, rows, matched, context) }
}

describe('a list', () => {
  it('that was saved from the shelf says what is known already', () => {
    const table = parseCsv(
      tableCsv(
        columns,
        items.map((value) => ({ id: value.id, value })),
        names,
      ),
    )
    const { rows, compared } = read(table)
    expect(rows.flatMap(({ faults }) => faults)).toEqual([])
    expect(compared.map(({ is }) => is)).toEqual(items.map(() => 'same'))
  })

  it('is found by code and make, and changes only what it has columns for', () => {
    const { rows, compared } = read(
      [
        ['Ostrel feet', '', ''],
        ['Order no.', 'Code', 'Description', 'Opening', 'Remarks'],
        ['1', 'K4', 'blind hem foot', '7,5', 'new'],
        ['2', 'K99', 'roller foot', '−1 to 4', ''],
        ['', '', '', '', ''],
      ],
      { make: 'ostrel', what: 'foot' },
    )
    expect(rows).toHaveLength(2)
    const known = items.find(({ id }) => id === 'os-k4')
    expect(compared[0]).toMatchObject({ is: 'changed', id: 'os-k4' })
    expect(compared[0]?.next).toEqual({ ...known, name: 'blind hem foot', slot: 7.5 })
    expect(compared[1]).toMatchObject({ is: 'added', id: 'k99-roller-foot' })
    expect(compared[1]?.next).toMatchObject({ make: 'ostrel', what: 'foot', slot: { left: -1, right: 4 } })
  })

  it('has every column with figures decided: by its heading, or by what was said last time', () => {
    const table = [
      ['Code', 'Description', 'Ref', 'Remarks'],
      ['K1', 'one', '88-1', 'soft'],
    ]
    const before = read(table)
    expect(undecidedColumns(before.matched, before.rows).map(({ heading }) => heading)).toEqual(['Ref'])
    const said = before.matched.map((column) => (column.heading === 'Ref' ? { ...column, isDecided: true } : column))
    const after = read(table, {}, listHabits(said))
    expect(undecidedColumns(after.matched, after.rows)).toEqual([])
  })

  it('takes prices as whole money, and tells what is no one price', () => {
    const { rows } = read([
      ['Code', 'Name', 'What', 'Price'],
      ['A1', 'one', 'foot', '29'],
      ['A2', 'two', 'foot', '€ 18,95'],
      ['A3', 'three', 'foot', '1.299'],
    ])
    expect(rows.map(({ value }) => value['price'])).toEqual([2900, 1895, undefined])
    expect(rows[2]?.faults.map(({ message }) => message)).toEqual(['“1.299” is not one price as 18.95'])
  })

  it('names each cell that is not understood, and each row that lacks what it needs', () => {
    const { rows } = read([
      ['Code', 'Name', 'What', 'Opening'],
      ['A1', 'one', 'foot', 'wide'],
      ['', 'two', 'foot', '3'],
      ['A3', 'three', 'shoe', '3'],
    ])
    expect(rows.map(({ row, faults }) => [row, faults.map(({ column, message }) => `${column}: ${message}`)])).toEqual([
      [2, ['4: “wide” is not a number']],
      [3, ['1: Code is needed']],
      [4, ['3: “shoe” is none of foot, ankle, adapter, plate, accessory']],
    ])
  })

  it('takes a column for what a person took it for last time', () => {
    const table = [
      ['Kürzel', 'Was', 'Teil'],
      ['A1', 'foot', 'one'],
    ]
    const habits = { kürzel: { field: 'Code' }, was: { field: 'What' }, teil: { field: 'Name' } }
    const { matched, rows } = read(table, {}, habits)
    expect(rows[0]?.value).toEqual({ code: 'A1', what: 'foot', name: 'one' })
    expect(listHabits(matched)).toEqual(habits)
  })
})
