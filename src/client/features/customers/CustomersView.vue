<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { CustomerRow, CustomerWrite } from '#shared/api/customers'
import { call, get } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import { useAction } from '../../state/useAction'
import { useVersionedRecord } from '../../state/useVersionedRecord'
import ChangedUnderneath from '../../ui/ChangedUnderneath.vue'
import VersionDialog from '../../ui/VersionDialog.vue'
import { useRowWindow } from '../../ui/useRowWindow'
import CustomerForm from './CustomerForm.vue'
import { useCustomerPages } from './useCustomerPages'
import { useKeys } from '../../state/keys'

/**
 * Customers with their machines and what they own: found, changed, given out, erased; their machine taken to a card.
 */
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const names = useNames()
const filter = ref('')
const { found, problem: notFound, again: readList, reach } = useCustomerPages(() => filter.value.trim())
const shown = computed(() => found.value?.rows ?? [])
const open = ref<string>()
const erasing = ref(false)
const modelName = (id: string) => lists.lists?.models.find((model) => model.id === id)?.name ?? id

const { problem: notDone, said: done, act, read } = useAction()
const {
  row,
  draft,
  problem,
  said,
  saving,
  changed,
  clash,
  settle,
  leave,
  underneath,
  compare,
  begin,
  take,
  save: keep,
} = useVersionedRecord<CustomerRow, CustomerWrite>({
  contentOf: ({ customer: { id: _, ...content } }) => content,
  rowOf: ({ version, value }) => ({ version, customer: value as CustomerRow['customer'] }),
  write: (customer, over) =>
    over
      ? call('PUT', `/api/customers/${over.customer.id}`, { version: over.version, customer })
      : call('POST', '/api/customers', customer),
  reads: {
    topic: 'customers',
    again: ({ customer: { id } }) => get(`/api/customers/${id}`),
  },
})
void read(() => Promise.all([names.load(), lists.loaded()]))

const {
  seen,
  above,
  below,
  measure,
  show: scrollTo,
} = useRowWindow({ rows: () => shown.value, keyOf: ({ customer }) => customer.id, height: 54 })
watch(seen, (lines) => reach(lines.at(-1)?.index ?? 0))
const NEW = 'new'
const blank: CustomerWrite = { name: '', machines: [], owns: [] }

const show = (id: string | undefined) => {
  open.value = id
  done.value = ''
  notDone.value = ''
  erasing.value = false
  const one = shown.value.find(({ customer }) => customer.id === id)
  if (one) take(one)
  else begin(id === NEW ? blank : undefined)
}
/** The list beside has it too. */
const kept = async (saving: Promise<boolean>) => {
  if (!(await saving) || !row.value) return
  open.value = row.value.customer.id
  await readList()
}
const erase = () =>
  act(async () => {
    if (!row.value) return
    const { name, id } = row.value.customer
    await call('DELETE', `/api/customers/${id}`)
    show(undefined)
    await readList()
    return `All that was held of ${name} is erased.`
  })
/** Their machine, their other machines and what they own, to the card. */
const toCard = (at: number) => {
  const { machines, owns } = row.value?.customer ?? blank
  const also = machines.filter((_, i) => i !== at).map(({ model }) => model)
  void router.push({
    path: '/card',
    query: {
      ...query.value,
      m: machines[at]?.model,
      owned: owns.join(',') || undefined,
      also: [...new Set(also)].join(',') || undefined,
      now: undefined,
      after: undefined,
    },
  })
}
useKeys([{ keys: '↑ ↓', does: 'From the words or a name: open the one before, the next' }])
const onKey = async (event: KeyboardEvent) => {
  if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return
  event.preventDefault()
  const ids = shown.value.map(({ customer }) => customer.id)
  const at = ids.indexOf(open.value ?? '') + (event.key === 'ArrowDown' ? 1 : -1)
  const place = Math.min(Math.max(at, 0), ids.length - 1)
  const next = ids[place]
  if (!next) return
  show(next)
  scrollTo(place)
  // Who moves from line to line stays on the line; who types words stays with them.
  const line = (event.currentTarget as HTMLElement).closest('ul')
  await nextTick()
  line?.querySelector<HTMLElement>(`[data-index="${place}"] button`)?.focus()
}
</script>

<template>
  <main class="page wide">
    <div class="head">
      <h1>Customers</h1>
      <div class="acts">
        <BButton variant="primary" @click="show(NEW)">A new customer</BButton>
        <RouterLink class="btn btn-outline-primary" :to="{ path: '/shop/customers/file', query }"
          >From a file</RouterLink
        >
        <a class="btn btn-link" href="/api/customers.csv" download="customers.csv">Save as CSV</a>
      </div>
    </div>
    <p v-if="said || done" role="status">{{ said || done }}</p>
    <p v-if="problem || notDone || notFound" role="alert" class="caution lines">{{ problem || notDone || notFound }}</p>
    <ChangedUnderneath :shown="underneath !== undefined" @compare="compare" />
    <VersionDialog v-if="clash" :both="clash" @settle="(content) => kept(settle(content))" @leave="leave" />
    <p v-if="found && found.total === 0 && filter.trim() === '' && open === undefined">
      No customer yet. A list as CSV or XLSX, one line a machine, brings them all at once; or begin with one.
    </p>
    <div class="columns">
      <section v-if="found && (found.total > 0 || filter !== '')" aria-label="All customers">
        <label for="filter" class="visually-hidden">Filter customers</label>
        <input
          id="filter"
          v-model="filter"
          type="search"
          class="form-control"
          placeholder="Name, machine, serial, phone"
          @keydown="onKey"
        />
        <ul ref="scroll">
          <li v-if="above > 0" aria-hidden="true" :style="{ height: `${above}px` }"></li>
          <li
            v-for="{ index, row: { customer } } in seen"
            :key="customer.id"
            :ref="measure"
            :data-index="index"
            :aria-setsize="found.total"
            :aria-posinset="index + 1"
          >
            <button
              type="button"
              :aria-current="customer.id === open ? 'true' : undefined"
              @click="show(customer.id)"
              @keydown="onKey"
            >
              <strong>{{ customer.name }}</strong>
              <span class="soft">{{
                customer.machines.map(({ model }) => modelName(model)).join(', ') || 'no machine'
              }}</span>
            </button>
          </li>
          <li v-if="below > 0" aria-hidden="true" :style="{ height: `${below}px` }"></li>
        </ul>
        <p class="on-paper">On paper stands who was in sight; “Save as CSV” has everybody.</p>
        <p v-if="shown.length === 0" class="soft">Nobody by these words.</p>
      </section>
      <section v-if="draft" aria-label="Customer">
        <p v-if="row" class="acts">
          <BButton v-for="(machine, i) in row.customer.machines" :key="i" variant="outline-primary" @click="toCard(i)">
            Card for the {{ modelName(machine.model) }}
          </BButton>
        </p>
        <CustomerForm
          :key="open ?? ''"
          :customer="draft"
          :names="names.names"
          :may-save="(changed || !row) && !saving"
          @change="(next) => (draft = next)"
          @save="kept(keep())"
        />
        <p v-if="row" class="acts end">
          <a
            class="btn btn-link"
            :href="`/api/customers/${row.customer.id}/export`"
            :download="`${row.customer.id}.json`"
          >
            All we hold of them, as a file
          </a>
          <BButton v-if="!erasing" variant="link" @click="erasing = true">Erase them</BButton>
          <template v-else>
            <span class="caution">Gone for good, with their machines.</span>
            <BButton variant="outline-primary" @click="erase">Erase {{ row.customer.name }}</BButton>
            <BButton variant="link" @click="erasing = false">Keep</BButton>
          </template>
        </p>
      </section>
      <section v-else-if="found && found.total > 0" class="soft" aria-label="Nobody chosen">
        <p>
          {{ found.total }} {{ found.total === 1 ? 'customer' : 'customers' }} with {{ found.machines }}
          {{ found.machines === 1 ? 'machine' : 'machines' }}.
        </p>
        <p>
          Type a name, a machine, a serial number or a telephone; <kbd>↓</kbd> and <kbd>↑</kbd> open one after the
          other. Here stand their machines and feet then, a card for each machine, and all that is held of them.
        </p>
      </section>
    </div>
  </main>
</template>

<style scoped lang="scss">
.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.6rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

.columns {
  display: grid;
  grid-template-columns: minmax(16rem, 24rem) minmax(0, 1fr);
  gap: 0 2rem;
}

ul {
  list-style: none;
  padding: 0;
  margin: 0.4rem 0 0;
  max-height: calc(100vh - 15rem);
  overflow-y: auto;
}

li button {
  display: block;
  width: 100%;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  color: var(--ink);
  text-align: left;
  padding: 0.3rem 0.6rem;

  &[aria-current] {
    border-color: var(--teal);
    background: var(--fold);
  }

  span {
    display: block;
    font-size: var(--note);
  }
}

.end {
  border-top: 1px solid var(--rule);
  padding-top: 0.5rem;
  margin-top: 1rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: 1fr;
  }

  ul {
    max-height: 16rem;
  }
}
</style>
