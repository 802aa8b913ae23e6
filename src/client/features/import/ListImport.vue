<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Compared } from '#core/import/compare'
import { resources, type Resource } from '#shared/api/resources'
import type { Changes, ImportHabit, TableRow } from '#shared/api/rows'
import { unusualIn } from '#shared/tables/cells'
import { columnsOf, parametersOf, type Column } from '#shared/tables/columns'
import { differencesOf } from '#shared/tables/difference'
import {
  compareList,
  listHabits,
  matchList,
  readListRows,
  undecidedColumns,
  type ListColumn,
} from '#shared/tables/readList'
import { cellOf } from '#shared/tables/rowCells'
import { titleOf } from '#shared/tables/titles'
import { call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import { shelves } from '../shelf/shelves'
import ColumnBoxes from './ColumnBoxes.vue'
import DifferenceList from './DifferenceList.vue'
import FilePicker from './FilePicker.vue'
import ListRows from './ListRows.vue'
import { useFile } from './useFile'

/** A list of feet, fabrics, threads … from a file, taken into its table. */
const props = defineProps<{ resource: Exclude<Resource, 'stitches' | 'samples' | 'models' | 'techniques'> }>()
type Value = { id: string } & Record<string, unknown>
const router = useRouter()
const { query } = usePicks()
const store = useNames()
const lists = usePickLists()
const file = useFile()
const stored = shallowRef<TableRow[]>([])
const habit = shallowRef<ImportHabit>({ columns: {} })
const matched = shallowRef<ListColumn[]>([])
const headingRow = ref(0)
const cells = shallowRef<string[][]>([])
const skipped = shallowRef<ReadonlySet<number>>(new Set())
const make = ref('')
const where = ref('')
const comparing = ref(false)
const chosen = shallowRef<ReadonlySet<string>>(new Set())
const failed = ref('')
const busy = ref(false)

const shelf = computed(() => shelves.find(({ resource }) => resource === props.resource))
const columns = computed<Column[]>(() => columnsOf(props.resource, parametersOf(props.resource, [])))
const hasMake = computed(() => props.resource === 'items')
const given = computed<Record<string, unknown>>(() => ({
  ...(hasMake.value && make.value !== '' ? { make: make.value } : {}),
  ...(props.resource === 'items' ? { what: 'foot' } : {}),
  ...(where.value.trim() === '' || !columns.value.some(({ path }) => path[0] === 'source')
    ? {}
    : { source: { evidence: 'book', where: where.value.trim() } }),
}))
const context = computed(() => ({
  resource: props.resource,
  columns: columns.value,
  names: store.names,
  given: given.value,
}))

const start = async () => {
  try {
    const [rows] = await Promise.all([get(`/api/catalogue/${props.resource}`), store.load()])
    stored.value = rows
  } catch (error) {
    failed.value = problemText(error)
  }
}
void start()
const habitPath = () => `/api/import-habits/list-${props.resource}/${make.value || 'any'}` as const
watch([() => file.table.value, make], async ([table]) => {
  comparing.value = false
  if (!table) return
  habit.value = await get(habitPath()).catch(() => ({ columns: {} }))
  const read = matchList(table.cells, columns.value, habit.value.columns)
  cells.value = table.cells
  matched.value = read.columns
  headingRow.value = read.headingRow
  skipped.value = new Set()
})
const rows = computed(() => readListRows(cells.value, matched.value, headingRow.value, context.value))
const taken = computed(() => rows.value.filter(({ row }) => !skipped.value.has(row)))
const faults = computed(() => taken.value.flatMap(({ row, faults }) => faults.map((fault) => ({ row, ...fault }))))
/** Words that are taken as they are, and that nothing may ever ask for. */
const unusual = computed(() => {
  const said = taken.value.flatMap(({ row, value }) =>
    columns.value.flatMap((column) =>
      unusualIn(column.kind, cellOf(value, column)).map((words) => `Row ${row} (${column.heading}): ${words}`),
    ),
  )
  return said.length > MOST_FAULTS ? [...said.slice(0, MOST_FAULTS), `and ${said.length - MOST_FAULTS} more`] : said
})
const open = computed(() => undecidedColumns(matched.value, taken.value))
const compared = computed(() =>
  compareList(
    props.resource,
    stored.value.map(({ value }) => value as Value),
    taken.value,
    matched.value,
    context.value,
  ),
)
const count = (is: Compared<Value>['is']) => compared.value.filter((entry) => entry.is === is).length

const match = (place: number, into: string) => {
  matched.value = matched.value.map((column) =>
    column.place === place
      ? { ...column, into: into === '' ? undefined : into, isDecided: true }
      : column.into === into && into !== ''
        ? { ...column, into: undefined, isDecided: false }
        : column,
  )
}
const mend = (row: number, place: number, text: string) => {
  cells.value = cells.value.map((line, i) =>
    i === row - 1
      ? Array.from({ length: Math.max(line.length, place + 1) }, (_, c) => (c === place ? text : (line[c] ?? '')))
      : line,
  )
}
const skip = (row: number, on: boolean) => {
  const next = new Set(skipped.value)
  if (on) next.add(row)
  else next.delete(row)
  skipped.value = next
}
const compare = () => {
  chosen.value = new Set(
    compared.value.filter(({ is, held }) => (is === 'added' || is === 'changed') && !held).map(({ id }) => id),
  )
  comparing.value = true
}
const apply = async () => {
  busy.value = true
  failed.value = ''
  try {
    const versions = new Map(stored.value.map(({ id, version }) => [id, version]))
    const body: Changes = {
      changes: compared.value
        .filter(({ id, is }) => is !== 'same' && is !== 'gone' && chosen.value.has(id))
        .map(({ id, next }) => ({ resource: props.resource, id, version: versions.get(id) ?? null, value: next })),
    }
    await call('POST', '/api/catalogue/changes', body)
    await call('PUT', habitPath(), { columns: listHabits(matched.value) })
    await lists.load()
    await router.push({ path: `/shelf/${props.resource}`, query: query.value })
  } catch (error) {
    failed.value = `${problemText(error)}\nNothing was written; what you mended is still here.`
    await start()
  } finally {
    busy.value = false
  }
}
/** A list is rarely whole, so what is not in it is not offered for removal. */
const shown = computed(() => compared.value.filter(({ is }) => is !== 'gone'))
const title = ({ next, stored: was }: Compared<Value>) => titleOf(props.resource, next ?? was, store.names)
const fields = ({ stored: was, next }: Compared<Value>) => differencesOf(props.resource, was, next, store.names)
const text = (event: Event) => (event.target as HTMLSelectElement).value
const MOST_FAULTS = 6
</script>

<template>
  <main class="page wide">
    <h1>
      <RouterLink :to="{ path: `/shelf/${resource}`, query }">{{ shelf?.name }}</RouterLink>: read a list
    </h1>
    <div class="line">
      <FilePicker :file="file" what="List, CSV, XLSX or PDF" />
      <template v-if="hasMake">
        <label for="make">Make</label>
        <select id="make" v-model="make" class="form-select short">
          <option value="">as the list says</option>
          <option v-for="(name, id) in store.names.makes" :key="id" :value="id">{{ name }}</option>
        </select>
        <label for="where">Where it says so</label>
        <input id="where" v-model="where" class="form-control short" placeholder="feet list, p. 6" />
      </template>
    </div>
    <p v-if="!file.table.value && !file.problem.value" class="soft">
      One {{ resources[resource].one }} a row, headings above. A file saved from this shelf is read in again as it is.
      Nothing is written until you say so.
    </p>
    <template v-if="file.table.value && !comparing">
      <ColumnBoxes v-slot="{ column, isOpen }" :columns="matched" :open="open" :rows="rows">
        <select
          :id="`column-${column.place}`"
          class="form-select form-select-sm"
          :value="isOpen ? '?' : (column.into ?? '')"
          @change="match(column.place, text($event))"
        >
          <option v-if="isOpen" value="?" disabled>what is it?</option>
          <option value="">left out</option>
          <option value="Id">Id</option>
          <option v-for="one in columns" :key="one.heading" :value="one.heading">{{ one.heading }}</option>
        </select>
      </ColumnBoxes>
      <section aria-live="polite">
        <p>
          <strong>{{ taken.length }}</strong> rows read from {{ file.file.value?.name }}.
          <span v-if="faults.length > 0" class="caution">{{ faults.length }} not understood.</span>
        </p>
        <ul v-if="faults.length > 0">
          <li v-for="fault in faults.slice(0, MOST_FAULTS)" :key="`${fault.row}/${fault.column}`" class="caution">
            Row {{ fault.row }}, column {{ fault.column }}{{ fault.heading ? ` (${fault.heading})` : '' }}:
            {{ fault.message }}.
          </li>
          <li v-if="faults.length > MOST_FAULTS">and {{ faults.length - MOST_FAULTS }} more.</li>
        </ul>
        <ul v-if="unusual.length > 0" class="soft">
          <li v-for="one in unusual" :key="one">{{ one }}.</li>
        </ul>
        <p class="line">
          <BButton variant="primary" :disabled="faults.length + open.length > 0 || taken.length === 0" @click="compare">
            Compare with the shelf
          </BButton>
          <span v-if="faults.length > 0" class="soft">Mend or skip each open row first.</span>
          <span v-else-if="open.length > 0" class="soft">Decide each open column first.</span>
        </p>
      </section>
      <ListRows :rows="rows" :columns="matched" :skipped="skipped" @mend="mend" @skip="skip" />
    </template>
    <template v-if="comparing">
      <p class="line">
        <BButton variant="primary" :disabled="chosen.size === 0 || busy" @click="apply">
          {{ busy ? 'Writing …' : 'Apply' }}
        </BButton>
        <BButton variant="link" @click="comparing = false">Back to the rows</BButton>
        <span role="status">
          {{ count('added') }} new, {{ count('changed') }} changed, {{ count('same') }} as they were;
          {{ count('gone') }} on the shelf are not in the list and stay.
        </span>
      </p>
      <DifferenceList
        v-model="chosen"
        :compared="shown"
        :title="title"
        :fields="fields"
        :note="() => ''"
        :stays="() => true"
      />
    </template>
    <p v-if="failed" role="alert" class="caution lines">{{ failed }}</p>
  </main>
</template>

<style scoped lang="scss">
.short {
  width: 12rem;
}
</style>
