<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { useRouter } from 'vue-router'
import { readCustomers } from '#core/customers/readCustomers'
import { knownAs, nameKey } from '#core/customers/samePerson'
import type { CustomerRow, CustomersImported } from '#shared/api/customers'
import { customerFaultText } from '#shared/messages/customers'
import { call, get, problemText } from '../../api/client'
import type { TableRow } from '#shared/api/rows'
import { usePickLists, usePicks } from '../../state/picks'
import FilePicker from '../import/FilePicker.vue'
import { useFile } from '../import/useFile'

/** A list of customers from a file: what is understood is taken, what is not is told with its line. */
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const file = useFile()
const stored = shallowRef<CustomerRow['customer'][]>([])
const items = ref<{ id: string; code: string; name: string }[]>([])
const busy = ref(false)
const said = ref('')
const problem = ref('')
Promise.all([lists.loaded(), get<TableRow[]>('/api/catalogue/items'), get<CustomerRow[]>('/api/customers')])
  .then(([, rows, known]) => {
    stored.value = known.map(({ customer }) => customer)
    items.value = rows.map(({ value }) => value as { id: string; code: string; name: string })
  })
  .catch((error: unknown) => (problem.value = problemText(error)))

const read = computed(() => {
  const { table } = file
  const { models } = lists.lists ?? {}
  return table.value && models
    ? readCustomers(table.value.cells, { models, items: items.value }, people.value)
    : undefined
})
/** Of one name in the file: one person, or several; by `nameKey`. */
const people = ref<Record<string, 'one' | 'several'>>({})
const doubted = computed(() => [
  ...new Set((read.value?.faults ?? []).flatMap((fault) => (fault.code === 'sameName' ? [fault.text] : []))),
])
/** Of a name the shop has with another telephone or mail: whom it is, or nobody yet known. */
const whom = ref<Record<string, string>>({})
const NEW = 'new'
const askedWhom = computed(() =>
  (read.value?.customers ?? []).flatMap((one) => {
    const known = knownAs(one, stored.value)
    return known && 'asked' in known ? [{ key: keyOf(one), one, asked: known.asked }] : []
  }),
)
const openWhom = computed(() => askedWhom.value.filter(({ key }) => whom.value[key] === undefined))
const keyOf = ({ name, lines }: { name: string; lines: readonly number[] }) => `${nameKey(name)} ${lines[0] ?? 0}`
const contactOf = (id: string) => {
  const one = stored.value.find((customer) => customer.id === id)
  return [one?.name, one?.phone, one?.email].filter(Boolean).join(', ')
}
/** Who is asked about and not answered waits. */
const sure = computed(() =>
  (read.value?.customers ?? []).filter((one) => !openWhom.value.some(({ key }) => key === keyOf(one))),
)
const understood = computed(() => {
  const people = sure.value.length === 1 ? 'customer' : 'customers'
  const theirs = machines.value === 1 ? 'machine' : 'machines'
  const are = sure.value.length === 1 ? 'is' : 'are'
  return `${sure.value.length} ${people} with ${machines.value} ${theirs} ${are} understood.`
})
const machines = computed(() => sure.value.reduce((sum, one) => sum + one.machines.length, 0))
const take = async () => {
  busy.value = true
  problem.value = ''
  try {
    const customers = sure.value.map(({ lines, ...customer }) => {
      const known = knownAs(customer, stored.value)
      const said = whom.value[keyOf({ ...customer, lines })]
      const same = said === NEW ? undefined : (said ?? (known && 'id' in known ? known.id : undefined))
      return { ...customer, ...(same === undefined ? {} : { same }) }
    })
    const counts = await call<CustomersImported>('POST', '/api/customers/import', { customers })
    said.value = `${counts.added} added, ${counts.changed} changed, ${counts.same} as they were.`
  } catch (error) {
    problem.value = `${problemText(error)} Nothing was changed.`
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page">
    <h1>Customers from a file</h1>
    <p>
      A line a machine: name, phone, mail, machine, serial, bought, owns (codes of feet). Lines of one name are one
      person; where telephone or mail differs you are asked. Who is known already gets what is new.
    </p>
    <FilePicker :file="file" what="A list as CSV or XLSX" />
    <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
    <p v-if="said" role="status">
      {{ said }} <RouterLink :to="{ path: '/shop/customers', query }">To the customers</RouterLink>
    </p>
    <template v-if="read && !said">
      <p v-if="!read.found" class="caution">No column is called “Name” or “Customer”: nothing can be read.</p>
      <template v-else>
        <p>
          <strong>{{ understood }}</strong>
          <span v-if="read.unread.length > 0" class="soft"> Left out: {{ read.unread.join(', ') }}.</span>
        </p>
        <section v-if="doubted.length + askedWhom.length > 0" aria-label="The same person?">
          <h2>The same person?</h2>
          <p v-for="name in doubted" :key="name">
            {{ name }} stands in the list with different telephones or mails:
            <BButton size="sm" variant="outline-primary" @click="people = { ...people, [nameKey(name)]: 'one' }">
              one person
            </BButton>
            {{ ' ' }}
            <BButton size="sm" variant="outline-primary" @click="people = { ...people, [nameKey(name)]: 'several' }">
              several of that name
            </BButton>
          </p>
          <p v-for="{ key, one, asked } in askedWhom" :key="key">
            <label :for="`whom-${key}`">{{ [one.name, one.phone, one.email].filter(Boolean).join(', ') }}</label>
            <select
              :id="`whom-${key}`"
              class="form-select form-select-sm whom"
              :value="whom[key] ?? ''"
              @change="whom = { ...whom, [key]: ($event.target as HTMLSelectElement).value }"
            >
              <option value="" disabled>which?</option>
              <option v-for="id in asked" :key="id" :value="id">is {{ contactOf(id) }}</option>
              <option :value="NEW">somebody new of that name</option>
            </select>
          </p>
        </section>
        <section v-if="read.faults.length > 0" aria-label="Not understood">
          <h2>Not understood, and not taken</h2>
          <ul>
            <li v-for="fault in read.faults" :key="JSON.stringify(fault)">{{ customerFaultText(fault) }}</li>
          </ul>
          <p class="soft">Mend them in the file and choose it again; who is in by then is not taken twice.</p>
        </section>
        <p>
          <BButton variant="primary" :disabled="busy || sure.length === 0" @click="take">
            {{ busy ? 'Taking in …' : `Take ${sure.length} in` }}
          </BButton>
          <BButton variant="link" @click="router.push({ path: '/shop/customers', query })">Leave it</BButton>
        </p>
      </template>
    </template>
  </main>
</template>

<style scoped lang="scss">
.whom {
  display: inline-block;
  width: auto;
  margin-left: 0.6rem;
}

.lines {
  white-space: pre-line;
}
</style>
