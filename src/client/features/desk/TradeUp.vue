<script setup lang="ts">
import { NO_NAMES } from '#core/names/names'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'

import { speech } from '#shared/messages/en'
import { carriedText, carriesWord } from '#shared/messages/translate'
import { list, moneyWords, verdictWord } from '#shared/messages/words'
import { get, problemText } from '../../api/client'
import { useKeys } from '../../state/keys'
import { usePickLists, usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import CustomerPick from '../../ui/CustomerPick.vue'
import TabLinks from '../../ui/TabLinks.vue'
import VerdictMark from '../card/VerdictMark.vue'
import { deskTabs } from './tabs'

/**
 * Their machine against a new one, for what they sew: what works, what carries over, what to buy; on one printed page.
 */
const route = useRoute()
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const unread = ref('')
const asked = (key: string) => (typeof route.query[key] === 'string' ? route.query[key] : '')
const change = (next: Record<string, string | undefined>) =>
  router.replace({
    path: route.path,
    query: {
      ...query.value,
      customer: asked('customer') || undefined,
      from: asked('from') || undefined,
      to: asked('to') || undefined,
      ...next,
    },
  })
const { answer: found } = useQuery(
  'customers',
  () => asked('customer') || undefined,
  (id) => get(`/api/customers/${id}`),
  { stays: 0 },
)
const person = computed(() => found.value?.customer)
const machines = computed(() => [...new Set(person.value?.machines.map(({ model }) => model) ?? [])])
const from = computed(() => asked('from') || machines.value[0] || '')
const nameOf = (id: string) => lists.lists?.models.find((model) => model.id === id)?.name ?? id
lists.loaded().catch((error: unknown) => (unread.value = problemText(error)))
const { answer: told, problem } = useQuery(
  'tradeUp',
  () => {
    const machines = { from: from.value, to: asked('to') }
    return person.value && machines.from && machines.to ? { of: person.value.id, machines } : undefined
  },
  ({ of, machines }) => get(`/api/customers/${of}/trade-up`, machines),
  { stays: 0 },
)
const say = computed(() => speech(told.value?.names ?? NO_NAMES))
const itemsOf = (ids: readonly string[]) => ids.flatMap((id) => told.value?.names.items[id] ?? [])
const value = (event: Event) => (event.target as HTMLSelectElement).value
const print = () => window.print()
useKeys([{ keys: 'p', does: 'Print it', run: print }])
</script>

<template>
  <main class="page wide">
    <h1>
      {{ person && told ? `${person.name}: from the ${nameOf(from)} to the ${nameOf(asked('to'))}` : 'Trade-up' }}
    </h1>
    <TabLinks :tabs="deskTabs" label="The desk" class="tabs" />
    <p class="ask">
      <CustomerPick
        label="Customer"
        :picked="asked('customer') || undefined"
        @pick="(customer) => change({ customer: customer?.id, from: undefined })"
      />
      <label for="trade-from">Old machine</label>
      <select
        id="trade-from"
        class="form-select"
        :value="from"
        :disabled="!person"
        @change="change({ from: value($event) })"
      >
        <option v-if="machines.length === 0" value="">{{ person ? 'no machine told' : 'choose who first' }}</option>
        <option v-for="id in machines" :key="id" :value="id">{{ nameOf(id) }}</option>
      </select>
      <label for="trade-to">New machine</label>
      <select
        id="trade-to"
        class="form-select"
        :value="asked('to')"
        @change="change({ to: value($event) || undefined })"
      >
        <option value="">choose</option>
        <option v-for="one in lists.lists?.models ?? []" :key="one.id" :value="one.id">
          {{ one.make }} {{ one.name }}
        </option>
      </select>
    </p>
    <p v-if="unread || problem" role="alert" class="caution">{{ unread || problem }}</p>
    <p v-if="!told && !problem">
      Choose who, and the machine they think of: what they sew is taken from classes and calls.
    </p>
    <template v-if="told">
      <p v-if="told.rows.length === 0">
        Nothing is known of what they sew yet: no class, and no call with a technique and a fabric. What they have is
        compared below.
      </p>
      <table v-else class="table">
        <thead>
          <tr>
            <th scope="col">What they sew</th>
            <th scope="col">{{ nameOf(from) }}</th>
            <th scope="col">{{ nameOf(asked('to')) }}</th>
            <th scope="col">To get for it</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in told.rows" :key="row.technique + row.fabric">
            <th scope="row">
              {{ row.name }} <span class="soft">{{ row.fabricName.toLowerCase() }}</span>
            </th>
            <td>
              <VerdictMark :verdict="row.from.verdict" class="mark" />
              {{ verdictWord(row.from.verdict, itemsOf(row.from.toGet)) }}
            </td>
            <td>
              <VerdictMark :verdict="row.to.verdict" class="mark" />
              {{ verdictWord(row.to.verdict, itemsOf(row.to.toGet)) }}
            </td>
            <td>
              {{
                row.to.toGet.length > 0
                  ? say.items(row.to.toGet)
                  : row.to.reason
                    ? say.reason(row.to.reason)
                    : 'nothing'
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <p>
        <strong>To buy:</strong>
        {{ told.buy.length === 0 ? 'nothing' : `${say.items(told.buy)}, ${moneyWords(told.cost)}`
        }}{{ told.unpriced.length > 0 ? `; no price stated for ${say.items(told.unpriced)}` : '' }}.
        <span v-if="told.lost.length > 0" class="caution">
          Not on the new machine:
          {{ list(told.rows.filter(({ technique }) => told?.lost.includes(technique)).map(({ name }) => name)) }}.
        </span>
      </p>
      <h2>What they have</h2>
      <ul>
        <li v-for="one in told.items" :key="one.item">
          {{ say.item(one.item) }}: <strong>{{ carriesWord[one.carries] }}</strong>.{{ ' ' }}
          <span class="soft">{{ carriedText(one, say) }}</span>
        </li>
      </ul>
      <p>
        <BButton variant="outline-primary" class="print" @click="print">Print <kbd>p</kbd></BButton>
      </p>
    </template>
  </main>
</template>

<style scoped lang="scss">
.tabs {
  margin-bottom: 0.8rem;
}

.ask {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.8rem;
  align-items: center;

  select {
    width: auto;
  }
}

.mark {
  width: 1.4rem;
  vertical-align: middle;
}

@media print {
  .tabs,
  .ask,
  .print {
    display: none;
  }
}
</style>
