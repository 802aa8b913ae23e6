<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { CaseRow } from '#shared/api/desk'

import { outcomeWord } from '#shared/messages/desk'
import { dateWords } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import { customerNames } from '../../state/customers'
import { whenChanged } from '../../state/changes'
import { usePickLists, usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import { useSession } from '../../state/session'
import TabLinks from '../../ui/TabLinks.vue'
import { wallDay } from '../../ui/wallDay'
import { deskTabs } from './tabs'

/** Calls, the latest first; found by words and outcome; what is to be followed up is told first. */
const { query } = usePicks()
const lists = usePickLists()
const due = shallowRef<CaseRow[]>([])
const names = shallowRef(new Map<string, string>())
const words = ref('')
const outcome = ref('')
const mine = ref(false)
const session = useSession()
const PAGE = 100
const most = ref(PAGE)
const shown = computed(() => rows.value ?? [])
const isMore = computed(() => shown.value.length >= most.value)
watch([words, outcome, mine], () => (most.value = PAGE))
const problem = ref('')
const { answer: rows, problem: notFound } = useQuery(
  'cases',
  () => ({
    q: words.value,
    outcome: outcome.value,
    handedTo: mine.value ? session.user?.name : undefined,
    most: String(most.value),
  }),
  (asked) => get('/api/cases', asked),
  { wait: 150, stays: 1500 },
)
const today = wallDay(new Date())
const load = async () => {
  try {
    const [found] = await Promise.all([get('/api/cases', { due: today }), lists.loaded()])
    due.value = found
  } catch (error) {
    problem.value = problemText(error)
  }
}
void load()
whenChanged(['cases'], load)
const readNames = async () => {
  const callers = [...due.value, ...shown.value].map((row) => row.case.customer)
  names.value = await customerNames(callers).catch(() => names.value)
}
watch([due, shown], readNames)
whenChanged(['customers'], readNames)

const who = ({ customer, phone }: CaseRow['case']) =>
  customer === undefined ? (phone ? 'by telephone card' : 'unknown caller') : (names.value.get(customer) ?? '…')
const nameIn = (list: readonly { id: string; name: string }[] | undefined, id: string | undefined) =>
  list?.find((one) => one.id === id)?.name
const about = ({ model, technique }: CaseRow['case']) =>
  [nameIn(lists.lists?.models, model), nameIn(lists.lists?.techniques, technique)].filter(Boolean).join(' · ')
const minutes = computed(() => shown.value.reduce((sum, row) => sum + (row.case.minutes ?? 0), 0))
</script>

<template>
  <main class="page wide">
    <div class="head">
      <h1>Desk</h1>
      <RouterLink class="btn btn-primary" :to="{ path: '/desk/new', query }">A new case <kbd>n</kbd></RouterLink>
    </div>
    <TabLinks :tabs="deskTabs" label="The desk" class="tabs" />
    <p v-if="problem || notFound" role="alert" class="caution">{{ problem || notFound }}</p>
    <section v-if="due.length > 0" aria-label="Follow-ups due" class="due">
      <h2>To ring back</h2>
      <ul>
        <li v-for="row in due" :key="row.case.id">
          <RouterLink :to="{ path: `/desk/${row.case.id}`, query }">{{ who(row.case) }}</RouterLink>:
          {{ row.case.question }}
          <span class="soft">{{ dateWords(row.case.followUp ?? '') }}</span>
        </li>
      </ul>
    </section>
    <p class="filters">
      <label for="case-words">Find</label>
      <input id="case-words" v-model="words" class="form-control" placeholder="words of question or advice" />
      <label for="case-outcome">Outcome</label>
      <select id="case-outcome" v-model="outcome" class="form-select">
        <option value="">all</option>
        <option v-for="one in ['open', 'solved', 'workshop', 'noAnswer']" :key="one" :value="one">
          {{ outcomeWord(one) }}
        </option>
      </select>
      <label><input v-model="mine" type="checkbox" class="form-check-input" /> handed to me</label>
      <span v-if="rows" class="soft" role="status"
        >{{ isMore ? `the latest ${shown.length}` : shown.length }} cases, {{ minutes }} minutes</span
      >
    </p>
    <p v-if="rows && shown.length === 0">
      {{ words || outcome || mine ? 'No case says that.' : 'No call kept yet. Press n on a card, or begin one here.' }}
    </p>
    <div v-else-if="rows" class="scroll">
      <table class="table">
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">What</th>
            <th scope="col">Machine, technique</th>
            <th scope="col">Outcome</th>
            <th scope="col" class="number">Minutes</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in shown" :key="row.case.id">
            <td class="when">{{ dateWords(row.case.at) }}</td>
            <td>{{ who(row.case) }}</td>
            <th scope="row">
              <RouterLink :to="{ path: `/desk/${row.case.id}`, query }">{{ row.case.question }}</RouterLink>
              <span v-if="row.case.phone && !row.case.answer" class="open"> not answered yet</span>
              <span v-if="row.case.handedTo" class="soft"> for {{ row.case.handedTo }}</span>
            </th>
            <td>{{ about(row.case) }}</td>
            <td :class="{ open: row.case.outcome === 'open' }">{{ outcomeWord(row.case.outcome) }}</td>
            <td class="number">{{ row.case.minutes ?? '–' }}</td>
          </tr>
        </tbody>
      </table>
      <BButton v-if="isMore" variant="outline-primary" @click="most += PAGE">Older</BButton>
    </div>
  </main>
</template>

<style scoped lang="scss">
.head,
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

.tabs {
  margin-bottom: 0.8rem;
}

.filters .form-control {
  width: 20rem;
}

.filters .form-select {
  width: auto;
}

.due {
  border-left: 4px solid var(--ochre);
  padding-left: 1rem;

  h2 {
    margin-top: 0;
  }
}

.scroll {
  overflow-x: auto;
}

.when {
  white-space: nowrap;
}

.number {
  text-align: right;
  font-variant-numeric: tabular-nums;
}

.open {
  font-weight: 650;
}
</style>
