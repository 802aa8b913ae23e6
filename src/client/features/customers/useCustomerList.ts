/** A list of people from a file while it is looked through: its columns matched, its lines mended, read anew. */
import { computed, ref, shallowRef, watch } from 'vue'
import {
  customerHabits,
  matchCustomers,
  namesPeople,
  undecidedCustomerColumns,
  type CustomerField,
  type CustomerTable,
} from '#core/customers/customerColumns'
import { readCustomers, type CustomerNames } from '#core/customers/readCustomers'
import { nameKey } from '#core/customers/samePerson'

import { call, get } from '../../api/client'
import { useSession } from '../../state/session'
import type { OpenFile } from '../import/useFile'

const HABITS = '/api/import-habits/customers/any'

export const useCustomerList = (file: OpenFile, names: () => CustomerNames | undefined) => {
  const session = useSession()
  const cells = shallowRef<string[][]>([])
  const table = shallowRef<CustomerTable>({ from: 0, columns: [] })
  const skipped = shallowRef<ReadonlySet<number>>(new Set())
  /** Of one name in the file: one person, or several; by `nameKey`. */
  const people = ref<Record<string, 'one' | 'several'>>({})

  watch(file.table, async (read) => {
    skipped.value = new Set()
    people.value = {}
    const habit = read ? await get(HABITS).catch(() => ({ columns: {} })) : { columns: {} }
    cells.value = read?.cells ?? []
    table.value = matchCustomers(cells.value, habit.columns)
  })
  const read = computed(() => {
    const known = names()
    if (!known || cells.value.length === 0) return undefined
    return readCustomers(cells.value, known, { people: people.value, skipped: skipped.value }, table.value)
  })
  const found = computed(() => namesPeople(table.value))
  /** Columns with figures that nobody has decided about. */
  const open = computed(() => undecidedCustomerColumns(table.value, cells.value))
  const doubted = computed(() => [
    ...new Set((read.value?.faults ?? []).flatMap((fault) => (fault.code === 'sameName' ? [fault.text] : []))),
  ])
  const sayPeople = (name: string, are: 'one' | 'several') => (people.value = { ...people.value, [nameKey(name)]: are })
  const match = (place: number, field: CustomerField | undefined) => {
    const columns = table.value.columns.map((column) =>
      column.place === place
        ? { ...column, field, isDecided: true }
        : field !== undefined && column.field === field
          ? { ...column, field: undefined, isDecided: false }
          : column,
    )
    table.value = { ...table.value, columns }
  }
  const mend = (line: number, place: number, text: string) => {
    cells.value = cells.value.map((row, i) =>
      i === line - 1
        ? Array.from({ length: Math.max(row.length, place + 1) }, (_, c) => (c === place ? text : (row[c] ?? '')))
        : row,
    )
  }
  const skip = (line: number, on: boolean) => {
    const next = new Set(skipped.value)
    if (on) next.add(line)
    else next.delete(line)
    skipped.value = next
  }
  /** Lines that hold something not understood, and those that are skipped. */
  const lines = computed(() => {
    const faulty = new Set((read.value?.faults ?? []).map(({ line }) => line))
    return [...new Set([...faulty, ...skipped.value])]
      .sort((a, b) => a - b)
      .map((row) => ({ row, cells: cells.value[row - 1] ?? [] }))
  })
  /** How this file was read holds for the next; only a lead's word does. */
  const remember = async () => {
    if (session.mayWrite) await call('PUT', HABITS, { columns: customerHabits(table.value) })
  }
  return {
    ...{ cells, table, skipped, read, found, open, doubted, lines },
    ...{ sayPeople, match, mend, skip, remember },
  }
}

export type CustomerList = ReturnType<typeof useCustomerList>
