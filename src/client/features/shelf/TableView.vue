<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { resources } from '#shared/api/resources'
import { columnsOf, parametersOf, type Column } from '#shared/tables/columns'
import { withArticle } from '#shared/messages/words'
import { titleOf } from '#shared/tables/titles'
import { problemText } from '../../api/client'
import { useKeys } from '../../state/keys'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import { useSession } from '../../state/session'
import ClashDialog from '../../ui/sheet/ClashDialog.vue'
import SheetGrid from '../../ui/sheet/SheetGrid.vue'
import { useEdits, type EditRow } from '../../ui/sheet/useEdits'
import EditionsNote from '../technique/EditionsNote.vue'
import EditBar from './EditBar.vue'
import RemoveRow, { type Removing } from './RemoveRow.vue'
import type { Shelf } from './shelves'

/** One table of the catalogue, whole. */
const props = defineProps<{ shelf: Shelf & { resource: NonNullable<Shelf['resource']> } }>()
const session = useSession()
const route = useRoute()
const router = useRouter()
const { query } = usePicks()
const lists = usePickLists()
const store = useNames()
const resource = props.shelf.resource
const filter = ref('')
const what = ref('')
const sheet = ref<InstanceType<typeof SheetGrid>>()
const filterField = ref<HTMLInputElement>()
const failed = ref('')

const columns = ref<Column[]>(columnsOf(resource))
const names = computed(() => store.names)
const edits = useEdits({ resource, columns, names })
const load = async () => {
  failed.value = ''
  try {
    await store.load()
    await edits.load()
    const parameters = parametersOf(
      resource,
      edits.rows.value.map(({ value }) => value),
    )
    columns.value = columnsOf(resource, parameters.length > 0 ? parameters : undefined)
  } catch (error) {
    failed.value = problemText(error)
  }
}
void load()
watch(
  () => edits.said.value,
  (said) => {
    if (said) void Promise.all([store.load(), lists.load()])
  },
)

const WHATS = ['foot', 'ankle', 'adapter', 'plate', 'accessory']
const words = computed(() => [filter.value, what.value].filter(Boolean).join(' '))

/** Where a row has a page of its own. */
const pageOf = (row: EditRow) => {
  if (row.version === null) return undefined
  if (resource === 'models') return { path: `/shelf/models/${row.id}`, query: query.value }
  if (resource === 'techniques') return { path: `/shelf/techniques/${row.id}`, query: query.value }
  if (resource === 'items') return { path: '/shelf/fit', query: { ...query.value, item: row.id } }
  return undefined
}
const open = (row: EditRow) => {
  const page = pageOf(row)
  if (page) void router.push(page)
}
const add = async () => {
  filter.value = ''
  what.value = ''
  edits.addRows(1)
  await nextTick()
  sheet.value?.toLast()
}

const removing = ref<Removing>()
const remove = () => {
  const row = sheet.value?.current()
  if (!row) return
  if (row.version === null) edits.dropNew(row.id)
  else
    removing.value = {
      resource,
      id: row.id,
      version: edits.saved.value.get(row.id)?.version ?? row.version,
      title: titleOf(resource, row.value, names.value),
    }
}
const reload = async () => {
  removing.value = undefined
  await Promise.all([load(), lists.load()])
}
useKeys([
  { keys: 'f', does: 'Filter this table', run: () => filterField.value?.focus() },
  { keys: 'e', does: 'Into the table', run: () => sheet.value?.focus() },
])
const mayImport = resource !== 'models' && resource !== 'techniques'
</script>

<template>
  <main class="page wide">
    <div class="head">
      <h1>{{ shelf.name }}</h1>
      <div class="acts">
        <a class="btn btn-link" :href="`/api/tables/${resource}`" :download="`${resource}.csv`">Save as CSV</a>
        <template v-if="session.mayWrite">
          <RouterLink
            v-if="resource === 'fits'"
            class="btn btn-outline-primary"
            :to="{ path: '/shelf/fits/chart', query: route.query }"
            >Read a fit chart</RouterLink
          >
          <RouterLink
            v-if="mayImport"
            class="btn btn-outline-primary"
            :to="{ path: `/shelf/${resource}/file`, query: route.query }"
            >Read a list from a file</RouterLink
          >
          <BButton variant="outline-primary" :disabled="!edits.loaded.value" @click="add"
            >Add {{ withArticle(resources[resource].one) }}</BButton
          >
        </template>
      </div>
    </div>
    <p v-if="failed" role="alert" class="caution lines">{{ failed }}</p>
    <EditionsNote v-if="resource === 'techniques' && session.mayWrite" />
    <template v-if="edits.loaded.value">
      <p v-if="edits.rows.value.length === 0">{{ shelf.empty }}</p>
      <template v-else>
        <div class="line">
          <label for="filter" class="visually-hidden">Filter {{ shelf.name }}</label>
          <input
            id="filter"
            ref="filterField"
            v-model="filter"
            type="search"
            class="form-control filter"
            placeholder="Filter by any words"
            @keydown.down.prevent="sheet?.focus()"
            @keydown.enter.prevent="sheet?.focus()"
          />
          <label v-if="resource === 'items'" class="what">
            Show
            <select v-model="what" class="form-select">
              <option value="">everything</option>
              <option v-for="one in WHATS" :key="one" :value="one">
                {{ one === 'foot' ? 'feet' : one === 'accessory' ? 'accessories' : `${one}s` }}
              </option>
            </select>
          </label>
          <EditBar v-if="session.mayWrite" :edits="edits" :on-fault="() => sheet?.toFault()" />
          <BButton v-if="session.mayWrite" variant="link" class="remove" @click="remove">Remove this row</BButton>
        </div>
        <p class="on-paper">On paper stands what was in sight; “Save as CSV” has all of it.</p>
        <SheetGrid
          ref="sheet"
          :edits="edits"
          :columns="columns"
          :names="names"
          :label="shelf.name"
          :filter="words"
          :may-write="session.mayWrite"
          may-add
          @open="open"
        >
          <template #row="{ row, place }">
            <RouterLink
              v-if="pageOf(row)"
              :to="pageOf(row)!"
              :aria-label="`Open ${titleOf(resource, row.value, names)}`"
              tabindex="-1"
              >{{ place }} ›</RouterLink
            >
            <template v-else>{{ place }}</template>
          </template>
        </SheetGrid>
        <p class="soft keys">
          Arrows move, typing replaces, <kbd>Enter</kbd> edits, <kbd>Alt</kbd> <kbd>↓</kbd> fills down, <kbd>Ctrl</kbd>
          <kbd>C</kbd>/<kbd>V</kbd> takes blocks, <kbd>Ctrl</kbd> <kbd>Z</kbd> undoes<template
            v-if="resource === 'models' || resource === 'techniques' || resource === 'items'"
            >, <kbd>Alt</kbd> <kbd>Enter</kbd> opens</template
          >.<template v-if="resource === 'models'">
            The stitches of a model, and its book as a table or a PDF, are on its own page.</template
          >
        </p>
      </template>
    </template>
    <ClashDialog :edits="edits" :names="names" />
    <RemoveRow :row="removing" @removed="reload" @brought-back="reload" @cancel="removing = undefined" />
  </main>
</template>

<style scoped lang="scss">
.page {
  --sheet-height: calc(100vh - 20rem);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}

.head {
  justify-content: space-between;
}

.line {
  margin-bottom: 0.5rem;
}

.filter {
  width: 15rem;
}

.what {
  display: flex;
  gap: 0.4rem;
  align-items: center;
}

.remove {
  margin-left: auto;
}

.keys {
  font-size: var(--note);
  margin: 0.2rem 0 0;
}
</style>
