/** Eighteen messy lists: what of them is taken is right, all else is told. */
import { describe, expect, it } from 'vitest'
import { matchCustomers, undecidedCustomerColumns } from '#core/customers/customerColumns'
import { readCustomers } from '#core/customers/readCustomers'
import { readFitChart, statedFits } from '#core/import/fitChart'
import { columnsOf } from '#shared/tables/columns'
import { matchList, readListRows, undecidedColumns } from '#shared/tables/readList'
import { cellOf } from '#shared/tables/rowCells'
import { namesOf } from '#shared/tables/titles'
import { demoBundle } from './bundle'
import { MESSY_FITS, MESSY_LISTS, MESSY_PEOPLE, TOLD } from './messyLists.testkit'

const shop = demoBundle()
const names = namesOf(shop)
const cellsOf = (text: string) => text.split('\n').map((line) => line.split('|'))

describe.each(MESSY_LISTS)('a list with $name', ({ of, text, right, undecided = [] }) => {
  const columns = columnsOf(of, [])
  const cells = cellsOf(text)
  const matched = matchList(cells, columns)
  const rows = readListRows(cells, matched.columns, matched.headingRow, { resource: of, columns, names, given: {} })

  it('has nothing taken wrongly, and all else told', () => {
    for (const [at, values] of Object.entries(right)) {
      const row = rows.find((one) => one.row === Number(at))
      if (!row) throw new Error(`row ${at} is lost`)
      for (const [heading, value] of Object.entries(values)) {
        if (heading === '') {
          expect(row.faults.map((fault) => fault.heading)).toEqual([''])
          continue
        }
        const column = columns.find((one) => one.heading === heading)
        if (!column) throw new Error(`no column ${heading}`)
        const isTold = row.faults.some((fault) => fault.heading === heading)
        const taken: unknown = isTold ? TOLD : cellOf(row.value, column)
        expect(taken, `row ${at}, ${heading}: ${row.faults.map(({ message }) => message).join('; ')}`).toEqual(value)
      }
    }
  })
  it('asks of the columns with figures that nobody knows', () => {
    expect(undecidedColumns(matched.columns, rows).map(({ heading }) => heading)).toEqual(undecided)
  })
})

const people = {
  models: shop.models.map(({ id, name, make, aliases }) => ({ id, name, make: names.makes?.[make] ?? make, aliases })),
  items: shop.items,
}
describe.each(MESSY_PEOPLE)('a list of people with $name', ({ text, right, told, undecided = [] }) => {
  const cells = cellsOf(text)
  const table = matchCustomers(cells)
  const { customers, faults } = readCustomers(cells, people, {}, table)

  it('has nobody taken wrongly, and all else told', () => {
    expect(customers.map(({ name }) => name)).toEqual(Object.keys(right))
    for (const { name, phone, email, machines, owns } of customers) {
      const taken = {
        ...{ phone, email, models: machines.map(({ model }) => model), owns: owns.length },
        bought: machines[0]?.bought,
      }
      for (const [field, value] of Object.entries(right[name] ?? {}))
        expect((taken as Record<string, unknown>)[field], `${name}, ${field}`).toEqual(value)
    }
    expect([...new Set(faults.map(({ line }) => line))]).toEqual(told)
  })
  it('asks of the columns with figures that nobody knows', () => {
    expect(undecidedCustomerColumns(table, cells).map(({ heading }) => heading)).toEqual(undecided)
  })
})

describe('a fit chart', () => {
  it.each(MESSY_FITS)('with $name: stated, or asked', ({ text, right }) => {
    const chart = readFitChart(cellsOf(text), {
      modelOf: (word) => shop.models.find(({ name }) => name === word)?.id,
      itemOf: (word) => shop.items.find(({ code }) => code === word)?.id,
    })
    if (!chart) throw new Error('no chart')
    const itemId = (code: string) => shop.items.find((item) => item.code === code)?.id
    const stated = new Map(
      statedFits(chart).map(({ statement }) => [`${statement.item}, ${statement.model ?? ''}`, statement.fits]),
    )
    const asked = new Set(chart.marks.filter(({ means }) => means === undefined).map(({ mark }) => mark))
    const outcome: Record<string, unknown> = {}
    for (const { text: code, item, marks } of chart.feet)
      for (const { place, model } of chart.models) {
        const mark = marks[place]
        if (mark === undefined || model === undefined || item === undefined) continue
        if (asked.has(mark)) outcome[`${code}, ${model}`] = TOLD
        else if (stated.has(`${itemId(code)}, ${model}`))
          outcome[`${code}, ${model}`] = stated.get(`${itemId(code)}, ${model}`)
      }
    expect(outcome).toEqual(right)
  })
})
