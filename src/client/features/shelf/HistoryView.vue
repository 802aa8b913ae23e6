<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { z } from 'zod'
import { resources, type Resource } from '#shared/api/resources'
import type { HistoryEntry, WriteView } from '#shared/api/rows'
import { differencesOf } from '#shared/tables/difference'
import { titleOf } from '#shared/tables/titles'
import { call, get } from '../../api/client'
import { whenChanged } from '../../state/changes'
import { useNames } from '../../state/names'
import { usePickLists } from '../../state/picks'
import { useSession } from '../../state/session'
import { useAction } from '../../state/useAction'
import RecordWrites from './RecordWrites.vue'

/** Who changed what and when, with before and after, and the way back. */
type Entry = z.infer<typeof HistoryEntry>
const route = useRoute()
const router = useRouter()
const session = useSession()
const store = useNames()
const lists = usePickLists()
const writes = shallowRef<WriteView[]>()
const more = ref(false)
const opened = ref<number>()
const entries = shallowRef<Entry[]>([])
const PAGE = 30

const asked = computed(() => ({
  model: route.query.model as string | undefined,
  resource: route.query.resource as string | undefined,
  row: route.query.row as string | undefined,
}))
const of = computed(() =>
  asked.value.model ? (store.names.models?.[asked.value.model] ?? asked.value.model) : undefined,
)

const isOfOne = computed(() => asked.value.model !== undefined || asked.value.resource !== undefined)
const mayShop = computed(() => session.user?.role !== 'viewer')
const isShops = computed(() => route.query.of === 'shop' && mayShop.value && !isOfOne.value)
const showOf = (what: 'catalogue' | 'shop') =>
  void router.replace({ path: route.path, query: { ...route.query, of: what === 'shop' ? what : undefined } })

const { problem, said, act, read } = useAction()
/** Undefined where something else is asked for by now. */
const pageOf = async (before?: number): Promise<WriteView[] | undefined> => {
  const of = asked.value
  const page = await get('/api/history/writes', { ...of, ...(before ? { before: String(before) } : {}) })
  if (of !== asked.value) return undefined
  more.value = page.length === PAGE
  return page
}
const load = async () => {
  await store.load()
  writes.value = (await pageOf()) ?? writes.value
}
watch(asked, () => void read(load), { immediate: true })
whenChanged(['catalogue'], () => read(load))
const older = () =>
  act(async () => {
    const page = await pageOf(writes.value?.at(-1)?.revision)
    if (page) writes.value = [...(writes.value ?? []), ...page]
  })

const show = (revision: number) =>
  read(async () => {
    if (opened.value === revision) {
      opened.value = undefined
      return
    }
    entries.value = (await get('/api/history', { revision: String(revision) })).reverse()
    opened.value = revision
  })
const undo = (revision: number, only?: number) =>
  act(async () => {
    await call('POST', '/api/history/undo', { revision, ...(only === undefined ? {} : { only: [only] }) })
    opened.value = undefined
    await Promise.all([load(), lists.load()])
    return 'Taken back. That is a change of its own and can be taken back too.'
  })

/** Taking back more than one row is asked once more. */
const asking = ref<number>()
const askingOf = ({ revision, rows }: WriteView) => (asking.value === revision ? `Take back all ${rows} rows` : 'Undo')
const askUndo = ({ revision, rows }: WriteView) => {
  if (rows > 1 && asking.value !== revision) asking.value = revision
  else {
    asking.value = undefined
    void undo(revision)
  }
}

const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })
const PLURALS: Partial<Record<Resource, string>> = { fits: 'fit statements', functions: 'stitch functions' }
const many = (resource: Resource, count: number) =>
  `${count} ${count === 1 ? resources[resource].one : (PLURALS[resource] ?? resource)}`
const summary = ({ counts, first, rows }: WriteView): string => {
  if (rows === 1 && first[0]) return `${first[0].did} ${resources[first[0].resource].one} ${first[0].title}`
  return counts
    .flatMap(({ resource, added, changed, removed }) => [
      added > 0 ? `added ${many(resource, added)}` : '',
      changed > 0 ? `changed ${many(resource, changed)}` : '',
      removed > 0 ? `removed ${many(resource, removed)}` : '',
    ])
    .filter(Boolean)
    .join(', ')
}
const didOf = ({ before, after }: Entry) => (before === null ? 'added' : after === null ? 'removed' : 'changed')
const MOST_FIELDS = 12
</script>

<template>
  <main class="page">
    <h1>
      History<template v-if="of"> of {{ of }}</template>
    </h1>
    <p v-if="!isOfOne && mayShop" class="kinds" role="group" aria-label="Of what">
      <BButton
        size="sm"
        :variant="isShops ? 'outline-primary' : 'primary'"
        :pressed="!isShops"
        @click="showOf('catalogue')"
        >The catalogue</BButton
      >
      <BButton size="sm" :variant="isShops ? 'primary' : 'outline-primary'" :pressed="isShops" @click="showOf('shop')"
        >Classes, customers, desk, shop</BButton
      >
    </p>
    <RecordWrites v-if="isShops" />
    <template v-else>
      <p v-if="problem" role="alert" class="caution lines">{{ problem }}</p>
      <p role="status">{{ said }}</p>
      <p v-if="writes?.length === 0">
        Nothing has been changed yet. Whatever is, is listed here and can be taken back.
      </p>
      <ol v-else-if="writes" class="writes">
        <li v-for="write in writes" :key="write.revision">
          <div class="line">
            <button type="button" class="open" :aria-expanded="opened === write.revision" @click="show(write.revision)">
              <span class="when">{{ when.format(new Date(write.at)) }}</span>
              <span class="by">{{ write.by }}</span>
              <span>{{ summary(write) }}</span>
            </button>
            <BButton
              v-if="session.mayWrite"
              size="sm"
              :variant="asking === write.revision ? 'danger' : 'outline-primary'"
              :aria-label="`${askingOf(write)}: ${summary(write)}`"
              @click="askUndo(write)"
              >{{ askingOf(write) }}</BButton
            >
          </div>
          <div v-if="opened === write.revision" class="detail">
            <section v-for="entry in entries" :key="entry.id">
              <h2>
                {{ didOf(entry) }} {{ resources[entry.resource].one }}:
                {{ titleOf(entry.resource, entry.after ?? entry.before, store.names) }}
                <BButton
                  v-if="session.mayWrite && write.rows > 1"
                  size="sm"
                  variant="link"
                  @click="undo(write.revision, entry.id)"
                  >Undo this row</BButton
                >
              </h2>
              <table v-if="didOf(entry) === 'changed'" class="table table-sm">
                <thead>
                  <tr>
                    <th scope="col">Field</th>
                    <th scope="col">Before</th>
                    <th scope="col">After</th>
                  </tr>
                </thead>
                <tbody>
                  <tr
                    v-for="field in differencesOf(entry.resource, entry.before, entry.after, store.names).slice(
                      0,
                      MOST_FIELDS,
                    )"
                    :key="field.heading"
                  >
                    <th scope="row">{{ field.heading }}</th>
                    <td>{{ field.before || 'not stated' }}</td>
                    <td>{{ field.after || 'not stated' }}</td>
                  </tr>
                </tbody>
              </table>
              <p v-else class="soft">
                {{
                  differencesOf(entry.resource, entry.before, entry.after, store.names)
                    .slice(0, MOST_FIELDS)
                    .map(({ heading, before, after }) => `${heading}: ${after || before}`)
                    .join(' · ')
                }}
              </p>
            </section>
            <p v-if="write.rows > entries.length" class="soft">
              The first {{ entries.length }} of {{ write.rows }} rows.
            </p>
          </div>
        </li>
      </ol>
      <BButton v-if="more" variant="outline-primary" @click="older()">Older</BButton>
    </template>
  </main>
</template>

<style scoped lang="scss">
@use './writes';
</style>
