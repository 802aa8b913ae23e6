import { describe, expect, it } from 'vitest'
import { parseCsv } from '#shared/files/csv'
import { customerFaultText } from '#shared/messages/customers'
import { demoBundle } from '#demo/bundle'
import { demoCustomers } from '#demo/customers'
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
    const one = readCustomers(lines, names, { ylvi: 'one' })
    expect(one.faults).toEqual([])
    expect(one.customers.map(({ email, machines }) => [email, machines.length])).toEqual([['y@a.example', 3]])
    const several = readCustomers(lines, names, { ylvi: 'several' })
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
