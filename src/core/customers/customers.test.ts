import { describe, expect, it } from 'vitest'
import { parseCsv } from '#shared/files/csv'
import { customerFaultText } from '#shared/messages/customers'
import { demoBundle } from '#demo/bundle'
import { demoCustomers } from '#demo/customers'
import { readCustomers } from './readCustomers'
import { machinesByModel } from './types'

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
        '60;PL-1;4.3.2023;LF·16\nylvi;Y@a.example;the small overlocker;;2021;\nYlvi;other@a.example;Ketch;;;',
    )
    expect(faults).toEqual([])
    expect(customers).toHaveLength(2)
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

  it('says which columns it left out, and when it found none', () => {
    expect(read('Name,Shoe size\nA,44')).toMatchObject({ unread: ['Shoe size'], found: true })
    expect(read('one,two\n1,2').found).toBe(false)
    expect(read('some title\n\nName,Machine\nA,Ketch').customers[0]?.lines).toEqual([4])
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
