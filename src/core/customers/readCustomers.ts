/**
 * A list of customers from a file: one line a person or a machine; lines of one person (same name, and no other phone
 * or mail) belong together. What is not understood is told with its line and left to be mended; the rest can be taken.
 */
import type { Id } from '../catalogue/types'
import { damageOf } from '../import/damage'
import { CUSTOMER_FIELDS, matchCustomers, namesPeople, type CustomerField, type CustomerTable } from './customerColumns'
import { nameKey, samePerson } from './samePerson'
import type { Customer, Machine } from './types'

export type CustomerDraft = Omit<Customer, 'id'>

export type CustomerFault =
  | { line: number; code: 'noName' }
  | { line: number; code: 'unknownModel'; text: string; near?: string }
  | { line: number; code: 'severalModels'; text: string }
  | { line: number; code: 'unknownItem'; text: string }
  | { line: number; code: 'badDate'; text: string }
  | { line: number; code: 'badMail'; text: string }
  /** A spreadsheet has lost what stood there: a telephone made a short number, a formula without its result. */
  | { line: number; code: 'spoilt'; field: CustomerField; text: string }
  /** A heading within the list, no person. */
  | { line: number; code: 'section'; text: string }
  /** The name of an earlier line with another telephone or mail. */
  | { line: number; code: 'sameName'; text: string; earlier: number }

/** The field that a fault is mended in. */
export const faultyField = (fault: CustomerFault): CustomerField => {
  switch (fault.code) {
    case 'unknownModel':
    case 'severalModels':
      return 'model'
    case 'unknownItem':
      return 'owns'
    case 'badDate':
      return 'bought'
    case 'badMail':
      return 'email'
    case 'spoilt':
      return fault.field
    default:
      return 'name'
  }
}

export interface CustomersRead {
  customers: (CustomerDraft & { lines: number[] })[]
  faults: CustomerFault[]
}

export interface CustomerChoices {
  /** Whether the lines of one name, as `nameKey` has it, are one person or several; left out: not said yet. */
  people?: Readonly<Record<string, 'one' | 'several'>>
  /** Lines that are not looked at, counted from 1. */
  skipped?: ReadonlySet<number>
}

export interface CustomerNames {
  models: readonly { id: Id; name: string; make: string; aliases?: readonly string[] | undefined }[]
  items: readonly { id: Id; code: string; name: string }[]
}

/** `table`: what each column is; as its headings say where left out. A list without names holds nobody. */
export const readCustomers = (
  cells: readonly (readonly string[])[],
  names: CustomerNames,
  { people = {}, skipped = new Set() }: CustomerChoices = {},
  table: CustomerTable = matchCustomers(cells),
): CustomersRead => {
  if (!namesPeople(table)) return { customers: [], faults: [] }
  const placeOf = new Map(table.columns.flatMap(({ field, place }) => (field ? [[field, place] as const] : [])))
  const read = reader(names)
  const customers: CustomersRead['customers'] = []
  const faults: CustomerFault[] = []
  cells.slice(table.from).forEach((row, i) => {
    const line = table.from + i + 1
    if (skipped.has(line) || row.every((cell) => cell.trim() === '')) return
    const text = (field: CustomerField): string => (row[placeOf.get(field) ?? -1] ?? '').trim()
    const name = text('name') || [text('firstName'), text('lastName')].filter(Boolean).join(' ')
    if (name === '') {
      faults.push({ line, code: 'noName' })
      return
    }
    if (/:$/.test(name) && row.filter((cell) => cell.trim() !== '').length === 1) {
      faults.push({ line, code: 'section', text: name })
      return
    }
    const given = read(line, text, faults)
    if (!given) return
    const [phone, email, note] = [text('phone'), text('email'), text('note')]
    const told = { name, ...(phone ? { phone } : {}), ...(email ? { email } : {}) }
    const said = people[nameKey(name)]
    const judged = customers.map((one) => ({ one, is: samePerson(one, told) }))
    const same = judged.find(({ is }) => is === 'same' || (is === 'asked' && said === 'one'))?.one
    const doubt = judged.find(({ is }) => is === 'asked')?.one
    if (!same && doubt && said === undefined) {
      faults.push({ line, code: 'sameName', text: name, earlier: doubt.lines[0] as number })
      return
    }
    const known = same ?? { ...told, machines: [], owns: [], lines: [] }
    if (!same) customers.push(known)
    // What the first line told stays; a later one fills what it left open.
    if (known.phone === undefined && phone) known.phone = phone
    if (known.email === undefined && email) known.email = email
    if (note && known.note === undefined) known.note = note
    known.machines.push(...given.machines)
    known.owns = [...new Set([...known.owns, ...given.owns])]
    known.lines.push(line)
  })
  return { customers, faults }
}

/** Reads what a line says of a machine; undefined where something in it is not understood. */
const reader = ({ models, items }: CustomerNames) => {
  const byName = new Map<string, Set<Id>>()
  const say = (text: string, id: Id) => byName.set(bare(text), (byName.get(bare(text)) ?? new Set()).add(id))
  for (const { id, name, make, aliases = [] } of models)
    for (const word of [id, name, `${make} ${name}`, ...aliases]) say(word, id)
  const itemOf = new Map(
    items.flatMap(({ id, code, name }) => [id, code, name].map((word) => [tidy(word), id] as const)),
  )
  return (
    line: number,
    text: (field: CustomerField) => string,
    faults: CustomerFault[],
  ): { machines: Machine[]; owns: Id[] } | undefined => {
    const before = faults.length
    const [model, serial, bought, mail] = [text('model'), text('serial'), text('bought'), text('email')]
    // A name with a stroke of its own is one machine.
    const written = byName.has(bare(model)) ? [model] : model.split(/[,;/+&\n]|\band\b/i)
    const machines = written.flatMap((one) => {
      const word = one.trim()
      if (word === '') return []
      const [found, ...others] = byName.get(bare(word)) ?? []
      if (found === undefined) {
        const near = models.find(
          ({ name }) => tidy(name).startsWith(tidy(word).slice(0, 4)) || tidy(word).includes(tidy(name)),
        )?.name
        faults.push({ line, code: 'unknownModel', text: word, ...(near === undefined ? {} : { near }) })
      }
      if (others.length > 0) faults.push({ line, code: 'severalModels', text: word })
      return found === undefined ? [] : [found]
    })
    for (const field of CUSTOMER_FIELDS)
      if (damageOf(text(field)) !== undefined) faults.push({ line, code: 'spoilt', field, text: text(field) })
    const date = bought === '' ? undefined : dateOf(bought)
    if (bought !== '' && date === undefined) faults.push({ line, code: 'badDate', text: bought })
    if (mail !== '' && !/^[^\s@]+@[^\s@]+\.[^\s@]+$/.test(mail)) faults.push({ line, code: 'badMail', text: mail })
    const owns = text('owns')
      .split(/[,;|]/)
      .map((word) => word.trim())
      .filter(Boolean)
    const known = owns.flatMap((word) => {
      const id = itemOf.get(tidy(word))
      if (id === undefined) faults.push({ line, code: 'unknownItem', text: word })
      return id === undefined ? [] : [id]
    })
    if (faults.length > before) return undefined
    return {
      owns: known,
      // Of several machines in one cell nobody knows whose number and day it is.
      machines: machines.map((id) => ({
        model: id,
        ...(serial && machines.length === 1 ? { serial } : {}),
        ...(date && machines.length === 1 ? { bought: date } : {}),
      })),
    }
  }
}

/** Letters and figures alone: `PLOVER60` is the Plover 60. */
const bare = (text: string): string => tidy(text).replace(/[^\p{L}\d]/gu, '')

const tidy = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s\u00a0]+/g, ' ')

/** 2026-03-09, 9.3.2026, 9/3/2026 (day first), 2026; an ISO date, or undefined for one that no calendar has. */
const dateOf = (text: string): string | undefined => {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text)
  const dayFirst = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(text)
  if (/^\d{4}$/.test(text)) return `${text}-01-01`
  const [year, month, day] = iso ? [iso[1], iso[2], iso[3]] : dayFirst ? [dayFirst[3], dayFirst[2], dayFirst[1]] : []
  if (year === undefined || month === undefined || day === undefined) return undefined
  const date = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day)))
  const iso8601 = date.toISOString().slice(0, 10)
  return iso8601 === `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}` ? iso8601 : undefined
}
