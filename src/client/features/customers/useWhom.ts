/** Whom of the shop's customers people of a list are: known, asked about, or new. */
import { computed, ref } from 'vue'
import { knownAs, nameKey } from '#core/customers/samePerson'
import type { CustomersRead } from '#core/customers/readCustomers'
import { call } from '../../api/client'
import { useQuery } from '../../state/useQuery'

type Person = CustomersRead['customers'][number]
/** In place of an id: somebody new of that name. */
export const NEW_PERSON = 'new'

export const whomKey = ({ name, lines }: Pick<Person, 'name' | 'lines'>): string => `${nameKey(name)} ${lines[0] ?? 0}`

export const useWhom = (people: () => readonly Person[]) => {
  const { answer, problem } = useQuery(
    'customers',
    () => {
      const names = [...new Set(people().map(({ name }) => name))]
      return names.length > 0 ? names : undefined
    },
    (names) => call('POST', '/api/customers/named', { names }),
    { stays: 0 },
  )
  const stored = computed(() => (answer.value ?? []).map(({ customer }) => customer))
  const said = ref<Record<string, string>>({})
  /** Of a name the shop has with another telephone or mail. */
  const asked = computed(() =>
    people().flatMap((one) => {
      const known = knownAs(one, stored.value)
      return known && 'asked' in known ? [{ key: whomKey(one), one, ids: known.asked }] : []
    }),
  )
  const isOpen = (one: Person): boolean =>
    asked.value.some(({ key }) => key === whomKey(one) && said.value[key] === undefined)
  /** Who is asked about and not answered waits; all do until the shop's own are known. */
  const sure = computed(() => (answer.value ? people().filter((one) => !isOpen(one)) : []))
  /** The id of who it is; undefined for somebody new. */
  const idOf = (one: Person): string | undefined => {
    const known = knownAs(one, stored.value)
    const answer = said.value[whomKey(one)]
    if (answer !== undefined) return answer === NEW_PERSON ? undefined : answer
    return known && 'id' in known ? known.id : undefined
  }
  const say = (key: string, whom: string) => (said.value = { ...said.value, [key]: whom })
  const customerOf = (id: string | undefined) => stored.value.find((customer) => customer.id === id)
  const contactOf = (id: string): string => {
    const one = customerOf(id)
    return [one?.name, one?.phone, one?.email].filter(Boolean).join(', ')
  }
  return { said, asked, sure, problem, idOf, customerOf, say, contactOf }
}

export type Whom = ReturnType<typeof useWhom>
