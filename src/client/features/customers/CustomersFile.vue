<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { readCustomers } from '#core/customers/readCustomers'
import type { CustomersImported } from '#shared/api/customers'
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
const items = ref<{ id: string; code: string; name: string }[]>([])
const busy = ref(false)
const said = ref('')
const problem = ref('')
Promise.all([lists.loaded(), get<TableRow[]>('/api/catalogue/items')])
  .then(([, rows]) => (items.value = rows.map(({ value }) => value as { id: string; code: string; name: string })))
  .catch((error: unknown) => (problem.value = problemText(error)))

const read = computed(() => {
  const { table } = file
  const { models } = lists.lists ?? {}
  return table.value && models ? readCustomers(table.value.cells, { models, items: items.value }) : undefined
})
const machines = computed(() => read.value?.customers.reduce((sum, one) => sum + one.machines.length, 0) ?? 0)
const take = async () => {
  busy.value = true
  problem.value = ''
  try {
    const customers = (read.value?.customers ?? []).map(({ lines: _, ...customer }) => customer)
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
      A line a machine: name, phone, mail, machine, serial, bought, owns (codes of feet). Lines of the same name and
      mail are one person; who is known already gets what is new.
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
          <strong>{{ read.customers.length }} customers with {{ machines }} machines are understood.</strong>
          <span v-if="read.unread.length > 0" class="soft"> Left out: {{ read.unread.join(', ') }}.</span>
        </p>
        <section v-if="read.faults.length > 0" aria-label="Not understood">
          <h2>Not understood, and not taken</h2>
          <ul>
            <li v-for="fault in read.faults" :key="JSON.stringify(fault)">{{ customerFaultText(fault) }}</li>
          </ul>
          <p class="soft">Mend them in the file and choose it again; who is in by then is not taken twice.</p>
        </section>
        <p>
          <BButton variant="primary" :disabled="busy || read.customers.length === 0" @click="take">
            {{ busy ? 'Taking in …' : `Take ${read.customers.length} in` }}
          </BButton>
          <BButton variant="link" @click="router.push({ path: '/shop/customers', query })">Leave it</BButton>
        </p>
      </template>
    </template>
  </main>
</template>

<style scoped lang="scss">
.lines {
  white-space: pre-line;
}
</style>
