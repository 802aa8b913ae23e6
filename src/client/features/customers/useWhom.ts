/** Whom of the shop's customers people of a list are: known, asked about, or new. */
import { computed, ref, type Ref } from 'vue'
import { knownAs, nameKey } from '#core/customers/samePerson'
import type { CustomersRead } from '#core/customers/readCustomers'
import type { CustomerRow } from '#shared/api/customers'

type Person = CustomersRead['customers'][number]
type Customer = CustomerRow['customer']
/** In place of an id: somebody new of that name. */
export const NEW_PERSON = 'new'

export const whomKey = ({ name, lines }: Pick<Person, 'name' | 'lines'>): string => `${nameKey(name)} ${lines[0] ?? 0}`

export const useWhom = (people: () => readonly Person[], stored: Readonly<Ref<readonly Customer[]>>) => {
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
  /** Who is asked about and not answered waits. */
  const sure = computed(() => people().filter((one) => !isOpen(one)))
  /** The id of who it is; undefined for somebody new. */
  const idOf = (one: Person): string | undefined => {
    const known = knownAs(one, stored.value)
    const answer = said.value[whomKey(one)]
    if (answer !== undefined) return answer === NEW_PERSON ? undefined : answer
    return known && 'id' in known ? known.id : undefined
  }
  const say = (key: string, whom: string) => (said.value = { ...said.value, [key]: whom })
  const contactOf = (id: string): string => {
    const one = stored.value.find((customer) => customer.id === id)
    return [one?.name, one?.phone, one?.email].filter(Boolean).join(', ')
  }
  return { said, asked, sure, idOf, say, contactOf }
}

export type Whom = ReturnType<typeof useWhom>
