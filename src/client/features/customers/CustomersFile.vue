<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { call, get, problemText } from '../../api/client'

import { usePickLists, usePicks } from '../../state/picks'
import FilePicker from '../import/FilePicker.vue'
import { useFile } from '../import/useFile'
import CustomerListLines from './CustomerListLines.vue'
import { useCustomerList } from './useCustomerList'
import { useWhom } from './useWhom'
import WhomQuestions from './WhomQuestions.vue'

/** A list of customers from a file: what is understood is taken, what is not is told with its line. */
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const file = useFile()
const items = ref<{ id: string; code: string; name: string }[]>([])
const busy = ref(false)
const said = ref('')
const problem = ref('')
Promise.all([lists.loaded(), get('/api/catalogue/items')])
  .then(([, rows]) => {
    items.value = rows.map(({ value }) => value as { id: string; code: string; name: string })
  })
  .catch((error: unknown) => (problem.value = problemText(error)))

const list = useCustomerList(file, () => (lists.lists ? { models: lists.lists.models, items: items.value } : undefined))
const { read } = list
const whom = useWhom(() => read.value?.customers ?? [])
const { sure } = whom
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
    const customers = sure.value.map((one) => {
      const { lines: _, ...customer } = one
      const same = whom.idOf(one)
      return { ...customer, ...(same === undefined ? {} : { same }) }
    })
    const counts = await call('POST', '/api/customers/import', { customers })
    await list.remember()
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
      <CustomerListLines :list="list" />
      <WhomQuestions :whom="whom" />
      <p>
        <strong>{{ understood }}</strong>
        <span v-if="list.open.value.length > 0" class="soft"> First decide each open column.</span>
      </p>
      <p>
        <BButton variant="primary" :disabled="busy || sure.length === 0 || list.open.value.length > 0" @click="take">
          {{ busy ? 'Taking in …' : `Take ${sure.length} in` }}
        </BButton>
        <BButton variant="link" @click="router.push({ path: '/shop/customers', query })">Leave it</BButton>
      </p>
    </template>
  </main>
</template>
