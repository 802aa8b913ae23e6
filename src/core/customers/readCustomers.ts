/**
 * A list of customers from a file: one line a person or a machine; lines of one person (same name, and no other phone
 * or mail) belong together. What is not understood is told with its line and left to be mended; the rest can be taken.
 */
import type { Id } from '../catalogue/types'
import type { Customer, Machine } from './types'

export type CustomerDraft = Omit<Customer, 'id'>

export type CustomerFault =
  | { line: number; code: 'noName' }
  | { line: number; code: 'unknownModel'; text: string; near?: string }
  | { line: number; code: 'severalModels'; text: string }
  | { line: number; code: 'unknownItem'; text: string }
  | { line: number; code: 'badDate'; text: string }
  | { line: number; code: 'badMail'; text: string }

export interface CustomersRead {
  customers: (CustomerDraft & { lines: number[] })[]
  faults: CustomerFault[]
  /** Headings nobody knows; their columns are left out. */
  unread: string[]
  /** Undefined headings where no column for names was found. */
  found: boolean
}

export interface CustomerNames {
  models: readonly { id: Id; name: string; make: string; aliases?: readonly string[] | undefined }[]
  items: readonly { id: Id; code: string; name: string }[]
}

type CustomerField = 'name' | 'phone' | 'email' | 'model' | 'serial' | 'bought' | 'owns' | 'note'
const HEADINGS: Record<CustomerField, RegExp> = {
  name: /^(customer|name|person|full name|who)$/,
  phone: /phone|tel|mobile/,
  email: /mail/,
  model: /model|machine/,
  serial: /serial/,
  bought: /bought|purchase|date|since/,
  owns: /owns|feet|items|accessor/,
  note: /note|remark/,
}

export const readCustomers = (cells: readonly (readonly string[])[], names: CustomerNames): CustomersRead => {
  const at = cells.findIndex((row) => row.some((cell) => HEADINGS.name.test(tidy(cell))))
  if (at < 0) return { customers: [], faults: [], unread: [], found: false }
  const heads = (cells[at] ?? []).map((heading) =>
    (Object.keys(HEADINGS) as CustomerField[]).find((field) => HEADINGS[field].test(tidy(heading))),
  )
  const unread = (cells[at] ?? []).filter((heading, i) => heads[i] === undefined && heading.trim() !== '')
  const read = reader(names)
  const customers = new Map<string, CustomersRead['customers'][number]>()
  const faults: CustomerFault[] = []
  cells.slice(at + 1).forEach((row, i) => {
    if (row.every((cell) => cell.trim() === '')) return
    const line = at + i + 2
    const text = (field: CustomerField): string => (row[heads.indexOf(field)] ?? '').trim()
    const name = text('name')
    if (name === '') {
      faults.push({ line, code: 'noName' })
      return
    }
    const given = read(line, text, faults)
    if (!given) return
    const [phone, email, note] = [text('phone'), text('email'), text('note')]
    const key = [tidy(name), tidy(email) || tidy(phone)].join('\n')
    const known = customers.get(key) ?? {
      name,
      ...(phone ? { phone } : {}),
      ...(email ? { email } : {}),
      ...(note ? { note } : {}),
      machines: [],
      owns: [],
      lines: [],
    }
    if (given.machine) known.machines.push(given.machine)
    known.owns = [...new Set([...known.owns, ...given.owns])]
    known.lines.push(line)
    customers.set(key, known)
  })
  return { customers: [...customers.values()], faults, unread, found: true }
}

/** Reads what a line says of a machine; undefined where something in it is not understood. */
const reader = ({ models, items }: CustomerNames) => {
  const byName = new Map<string, Set<Id>>()
  const say = (text: string, id: Id) => byName.set(tidy(text), (byName.get(tidy(text)) ?? new Set()).add(id))
  for (const { id, name, make, aliases = [] } of models)
    for (const word of [id, name, `${make} ${name}`, ...aliases]) say(word, id)
  const itemOf = new Map(
    items.flatMap(({ id, code, name }) => [id, code, name].map((word) => [tidy(word), id] as const)),
  )
  return (
    line: number,
    text: (field: CustomerField) => string,
    faults: CustomerFault[],
  ): { machine?: Machine; owns: Id[] } | undefined => {
    const before = faults.length
    const [model, serial, bought, mail] = [text('model'), text('serial'), text('bought'), text('email')]
    const found = [...(byName.get(tidy(model)) ?? [])]
    if (model !== '' && found.length === 0) {
      const near = models.find(
        ({ name }) => tidy(name).startsWith(tidy(model).slice(0, 4)) || tidy(model).includes(tidy(name)),
      )?.name
      faults.push({ line, code: 'unknownModel', text: model, ...(near === undefined ? {} : { near }) })
    }
    if (found.length > 1) faults.push({ line, code: 'severalModels', text: model })
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
      ...(found[0] === undefined
        ? {}
        : { machine: { model: found[0], ...(serial ? { serial } : {}), ...(date ? { bought: date } : {}) } }),
    }
  }
}

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
