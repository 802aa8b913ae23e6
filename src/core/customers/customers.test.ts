import { describe, expect, it } from 'vitest'
import { parseCsv } from '#shared/files/csv'
import { customerFaultText } from '#shared/messages/customers'
import { demoBundle } from '#demo/bundle'
import { demoCustomers } from '#demo/customers'
import { customerHabits, matchCustomers, undecidedCustomerColumns } from './customerColumns'
import { readCustomers } from './readCustomers'
import { knownAs, samePerson } from './samePerson'
import { machinesByModel, type Customer } from './types'

const { models, items, makes } = demoBundle()
const names = {
  models: models.map(({ id, name, make, aliases }) => ({
    id,
    name,
    make: makes.find((one) => one.id === make)?.name ?? make,
    aliases,
  })),
  items: items.map(({ id, code, name }) => ({ id, code, name })),
}
const read = (text: string) => readCustomers(parseCsv(text), names)

describe('a list of customers', () => {
  it('brings lines of one person together, by name and mail', () => {
    const { customers, faults } = read(
      'Name;Mail;Machine;Serial;Bought;Owns\nYlvi;y@a.example;Plover ' +
        '60;PL-1;4.3.2023;LF·16\nylvi;Y@a.example;the small overlocker;;2021;\n',
    )
    expect(faults).toEqual([])
    expect(customers).toHaveLength(1)
    expect(customers[0]).toMatchObject({
      name: 'Ylvi',
      machines: [
        { model: 'plover-60', serial: 'PL-1', bought: '2023-03-04' },
        { model: 'eddy-4', bought: '2021-01-01' },
      ],
      owns: ['lf-16'],
      lines: [2, 3],
    })
  })

  it.each([
    [
      'a model nobody knows, and one that is near',
      'A,,Plover,,,',
      'Line 2: no model is called “Plover”; “Plover 60” is near.',
    ],
    ['a foot nobody knows', 'A,,Ketch,,,ZZ9', 'Line 2: no foot or accessory has the code “ZZ9”.'],
    [
      'a day that is in no calendar',
      'A,,Ketch,,31.2.2024,',
      'Line 2: “31.2.2024” is no date; write 2026-03-09 or 9.3.2026.',
    ],
    ['a mail address that is none', 'A,nobody,Ketch,,,', 'Line 2: “nobody” is no mail address.'],
    ['no name', ',a@b.example,Ketch,,,', 'Line 2: no name.'],
  ])('says %s, and takes the rest', (_, line, told) => {
    const { customers, faults } = read(`Customer,Email,Machine,Serial,Bought,Owns\n${line}\nB,,Ketch,,,`)
    expect(faults.map(customerFaultText)).toEqual([told])
    expect(customers.map(({ name }) => name)).toEqual(['B'])
  })

  it('asks whether a name with another mail is the same person, and does as is said', () => {
    const lines = parseCsv('Name,Mail,Machine\nYlvi,y@a.example,Ketch\nYlvi,other@a.example,Dinghy\nYlvi,,Yawl')
    const asked = readCustomers(lines, names)
    expect(asked.customers.map((one) => one.machines.length)).toEqual([2])
    expect(asked.faults.map(customerFaultText)).toEqual([
      'Line 3: Ylvi has another telephone or mail than in line 2: the same person?',
    ])
    const one = readCustomers(lines, names, { people: { ylvi: 'one' } })
    expect(one.faults).toEqual([])
    expect(one.customers.map(({ email, machines }) => [email, machines.length])).toEqual([['y@a.example', 3]])
    const several = readCustomers(lines, names, { people: { ylvi: 'several' } })
    expect(several.customers.map(({ email }) => email)).toEqual(['y@a.example', 'other@a.example'])
  })

  it('finds several machines in a cell, however they are written, and gives none of them the other’s number', () => {
    const { customers, faults } = read('Name,Machine,Serial\nA,"PLOVER60, ketch",S1\nB,eddy4 and Wren-24,')
    expect(faults).toEqual([])
    expect(customers.map(({ machines }) => machines)).toEqual([
      [{ model: 'plover-60' }, { model: 'ketch' }],
      [{ model: 'eddy-4' }, { model: 'wren-24' }],
    ])
  })

  it('makes nobody of a heading within the list, and takes no spoilt telephone', () => {
    const { customers, faults } = read('Name,Phone,Machine\nA,0123 45,Ketch\nWaiting list:,,\nB,"5,55E+07",Ketch')
    expect(customers.map(({ name }) => name)).toEqual(['A'])
    expect(faults.map(({ line, code }) => [line, code])).toEqual([
      [3, 'section'],
      [4, 'spoilt'],
    ])
  })

  it.each<[Partial<Customer>, Partial<Customer>, string]>([
    [{ phone: '0123 456' }, { phone: '0123/456' }, 'same'],
    [{ email: 'A@b.example' }, { email: 'a@b.example' }, 'same'],
    [{ phone: '1' }, { phone: '2' }, 'asked'],
    [{ phone: '1' }, { email: 'a@b.example' }, 'asked'],
    [{ phone: '1' }, {}, 'same'],
    [{}, {}, 'same'],
    [{ name: 'Other' }, {}, 'other'],
  ])('%o and %o: %s', (a, b, is) => {
    expect(samePerson({ name: 'Ada', ...a }, { name: ' ada ', ...b })).toBe(is)
  })

  it('knows whom of the shop’s customers somebody is, or asks', () => {
    const stored = [
      { id: '1', name: 'Ada', phone: '1' },
      { id: '2', name: 'Ada', phone: '2' },
      { id: '3', name: 'Bea', email: 'b@b.example' },
    ]
    expect(knownAs({ name: 'Ada', phone: '2' }, stored)).toEqual({ id: '2' })
    expect(knownAs({ name: 'Ada' }, stored)).toEqual({ asked: ['1', '2'] })
    expect(knownAs({ name: 'Bea', phone: '9' }, stored)).toEqual({ asked: ['3'] })
    expect(knownAs({ name: 'Bea' }, stored)).toEqual({ id: '3' })
    expect(knownAs({ name: 'Cleo' }, stored)).toBeUndefined()
  })

  it('takes no heading for a field on a shared word, and asks of columns with figures', () => {
    const cells = parseCsv('Kim’s list\n\nName,Shoe size,Date of birth,Machine,Nick\nA,44,1.2.1980,Ketch,Al')
    const table = matchCustomers(cells)
    expect(table.columns.map(({ field }) => field)).toEqual(['name', undefined, undefined, 'model', undefined])
    expect(undecidedCustomerColumns(table, cells).map(({ heading }) => heading)).toEqual(['Shoe size', 'Date of birth'])
    const read = readCustomers(cells, names, {}, table)
    expect(read.customers).toEqual([{ name: 'A', machines: [{ model: 'ketch' }], owns: [], lines: [4] }])
  })

  it('joins a name from two columns, and reads a list without headings as a person says', () => {
    expect(read('Surname,First name,Machine\nBoe,Ada,Ketch').customers[0]?.name).toBe('Ada Boe')
    const cells = parseCsv('Ada,0123 45,Ketch\nBea,0123 46,Yawl')
    expect(readCustomers(cells, names)).toEqual({ customers: [], faults: [] })
    const said = matchCustomers(cells).columns.map((column, i) => ({
      ...column,
      field: (['name', 'phone', 'model'] as const)[i],
      isDecided: true,
    }))
    const { customers } = readCustomers(cells, names, { skipped: new Set([2]) }, { from: 0, columns: said })
    expect(customers).toMatchObject([{ name: 'Ada', phone: '0123 45', machines: [{ model: 'ketch' }] }])
  })

  it('reads the next file as this one was said to be', () => {
    const cells = parseCsv('Who sews,Reached at,Shoe size\nA,0123,44')
    const { columns } = matchCustomers(cells)
    const said = columns.map((one, i) => ({
      ...one,
      field: (['name', 'phone', undefined] as const)[i],
      isDecided: true,
    }))
    const again = matchCustomers(cells, customerHabits({ from: 1, columns: said }))
    expect(again.columns).toEqual(said)
    expect(undecidedCustomerColumns(again, cells)).toEqual([])
  })
})

describe('the demo’s customers', () => {
  it('are thirty, with machines and feet that the catalogue has', () => {
    const customers = demoCustomers()
    expect(customers).toHaveLength(30)
    const counted = machinesByModel(customers)
    expect([...counted.values()].reduce((sum, count) => sum + count, 0)).toBe(
      customers.flatMap(({ machines }) => machines).length,
    )
    expect([...counted.keys()].every((id) => models.some((model) => model.id === id))).toBe(true)
    expect(customers.flatMap(({ owns }) => owns).filter((id) => !items.some((item) => item.id === id))).toEqual([])
    expect(new Set(customers.map(({ name }) => name)).size).toBe(30)
  })
})
