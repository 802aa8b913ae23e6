/** The columns of a list of customers: by whole headings alone, else as a person says. */
import { tidyHeading, type ColumnHabit } from '../import/columns'

export const CUSTOMER_FIELDS = [
  'name',
  'firstName',
  'lastName',
  'phone',
  'email',
  'model',
  'serial',
  'bought',
  'owns',
  'note',
] as const
export type CustomerField = (typeof CUSTOMER_FIELDS)[number]

/** "Date of birth" is no day of purchase, nor is "Telephone hours" a telephone: whole headings, without their unit. */
const HEADINGS: Record<CustomerField, RegExp> = {
  name: /^(customer|customer name|name|full name|person|who|participant|guest)$/,
  firstName: /^(first name|given name|forename)$/,
  lastName: /^(last name|surname|family name)$/,
  phone: /^(tele)?phone( (no|number))?$|^tel( (no|number))?$|^mobile( (phone|no|number))?$/,
  email: /^e ?mail( address)?$|^mail( address)?$/,
  model: /^(sewing )?machines?( model| type)?$|^models?$|^(brings|sews on)$/,
  serial: /^serial( (no|number))?$|^machine (no|number)$/,
  bought: /^(bought|bought on|purchased|purchased on|purchase date|date of purchase|date bought|since|sold|sold on)$/,
  owns: /^owns$|^(feet|accessories|feet and accessories|owned feet|extra feet)$/,
  note: /^(notes?|remarks?|comments?)$/,
}

export interface CustomerColumn {
  place: number
  heading: string
  field: CustomerField | undefined
  /** Its heading or a person has said what it is, or that it is left out. */
  isDecided: boolean
}

export interface CustomerTable {
  /** Rows from here on are read, from 0. */
  from: number
  columns: CustomerColumn[]
}

const LEFT_OUT = 'none'
const HEADING_WITHIN = 20
const plain = (heading: string): string =>
  tidyHeading(heading)
    .replace(/[-_./]+/g, ' ')
    .trim()

const fieldOf = (
  heading: string,
  habits: Readonly<Record<string, ColumnHabit>>,
): { field: CustomerField | undefined; isDecided: boolean } => {
  const key = tidyHeading(heading)
  const habit = key !== '' && Object.hasOwn(habits, key) ? habits[key]?.field : undefined
  const known = CUSTOMER_FIELDS.find((field) => field === habit)
  if (known || habit === LEFT_OUT) return { field: known, isDecided: true }
  const field = CUSTOMER_FIELDS.find((one) => HEADINGS[one].test(plain(heading)))
  return { field, isDecided: field !== undefined }
}

/** A first line without a figure above one that has some: headings, whatever they mean. */
const looksLikeHeadings = ([first = [], second = []]: readonly (readonly string[])[]): boolean =>
  first.filter((cell) => cell.trim() !== '').length > 1 &&
  !first.some((cell) => /\d/.test(cell)) &&
  second.some((cell) => /\d/.test(cell))

/** The row with most headings that are known; none: a person says what the columns are. */
export const matchCustomers = (
  cells: readonly (readonly string[])[],
  habits: Readonly<Record<string, ColumnHabit>> = {},
): CustomerTable => {
  const scores = cells
    .slice(0, HEADING_WITHIN)
    .map((row) => new Set(row.flatMap((cell) => fieldOf(cell, habits).field ?? [])).size)
  const best = Math.max(0, ...scores)
  const at = best > 0 ? scores.indexOf(best) : looksLikeHeadings(cells) ? 0 : -1
  const width = cells.reduce((most, row) => Math.max(most, row.length), 0)
  const taken = new Set<CustomerField>()
  const columns = Array.from({ length: width }, (_, place): CustomerColumn => {
    const heading = (cells[at]?.[place] ?? '').trim()
    const { field, isDecided } = fieldOf(heading, habits)
    if (field === undefined || taken.has(field))
      return { place, heading, field: undefined, isDecided: !field && isDecided }
    taken.add(field)
    return { place, heading, field, isDecided }
  })
  return { from: at + 1, columns }
}

export const namesPeople = ({ columns }: CustomerTable): boolean =>
  columns.some(({ field }) => field === 'name' || field === 'firstName' || field === 'lastName')

/** Columns with figures of which nobody has said what they are: nothing of them is dropped in silence. */
export const undecidedCustomerColumns = (
  { from, columns }: CustomerTable,
  cells: readonly (readonly string[])[],
): CustomerColumn[] =>
  columns.filter(({ isDecided, place }) => !isDecided && cells.slice(from).some((row) => /\d/.test(row[place] ?? '')))

export const customerHabits = ({ columns }: CustomerTable): Record<string, ColumnHabit> =>
  Object.fromEntries(
    columns
      .filter(({ heading, isDecided }) => heading !== '' && isDecided)
      .map(({ heading, field }) => [tidyHeading(heading), { field: field ?? LEFT_OUT }]),
  )
