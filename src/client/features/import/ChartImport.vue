<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { chartFields, habitsOf, type ChartColumn, type ChartField } from '#core/import/columns'
import type { Compared } from '#core/import/compare'
import type { Parameter, Stitch } from '#core/catalogue/types'
import type { Changes, ImportHabit, ModelPage, NativeNames, RowView } from '#shared/api/rows'
import { faultText, fieldWord } from '#shared/messages/chart'
import { differencesOf } from '#shared/tables/difference'
import { titleOf } from '#shared/tables/titles'
import type { z } from 'zod'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists, usePicks } from '../../state/picks'
import ChartRows from './ChartRows.vue'
import DifferenceList from './DifferenceList.vue'
import FilePicker from './FilePicker.vue'
import { useChart, type ChartContext } from './useChart'
import { useFile } from './useFile'

/** A stitch chart from a file: read it, mend it, see what it would change, take it in parts. */
const props = defineProps<{ id: string }>()
const router = useRouter()
const lists = usePickLists()
const store = useNames()
const { query } = usePicks()
const context = shallowRef<ChartContext>()
const failed = ref('')
const busy = ref(false)
const comparing = ref(false)
const chosen = shallowRef<ReadonlySet<string>>(new Set())
const edition = ref('')
const file = useFile()
const chart = useChart(
  () => context.value,
  () => file.table.value,
)
const rowList = ref<InstanceType<typeof ChartRows>>()

/** The model as it is now, all names that functions are told from, and how the make's columns were matched before. */
const readModel = async () => {
  const [page, names] = await Promise.all([
    get<ModelPage>(`/api/models/${props.id}`),
    get<NativeNames>('/api/native-names'),
  ])
  const habit = await get<ImportHabit>(`/api/import-habits/chart/${page.model.make}`)
  await store.load()
  edition.value = page.model.edition ?? ''
  context.value = { page, ...names, habits: habit.columns }
}
watch(
  () => props.id,
  () => readModel().catch((error: unknown) => (failed.value = problemText(error))),
  { immediate: true },
)

const onlyOpen = ref(false)
const isMm = (field: ChartField | undefined) => field === 'width' || field === 'length' || field === 'needlePosition'
const hasOffset = ({ field }: ChartColumn) => {
  const scale = context.value?.page.model.scales[field as Parameter]
  return typeof scale === 'object' && scale.shownOffset !== undefined
}
const samplesOf = (stitch: string) =>
  (context.value?.page.samples ?? []).filter((sample) => sample.stitch === stitch).length
const counts = computed(() => ({
  added: chart.compared.value.filter(({ is }) => is === 'added').length,
  changed: chart.compared.value.filter(({ is }) => is === 'changed').length,
  gone: chart.compared.value.filter(({ is }) => is === 'gone').length,
  same: chart.compared.value.filter(({ is }) => is === 'same').length,
}))
const compare = () => {
  const taken = chart.compared.value.filter(({ is, held }) => (is === 'added' || is === 'changed') && !held)
  chosen.value = new Set(taken.map(({ id }) => id))
  comparing.value = true
}
const title = ({ next, known }: Compared<Stitch>) => titleOf('stitches', next ?? known)
const fields = ({ known, next }: Compared<Stitch>) => differencesOf('stitches', known, next, store.names)
const note = ({ is, id, known, next, moved }: Compared<Stitch>): string => {
  const sewn = samplesOf(id)
  const samples = sewn > 0 ? `${sewn} ${sewn === 1 ? 'sample was' : 'samples were'} sewn with it` : ''
  if (moved && known && next) return [`the same stitch, now ${next.select} instead of ${known.select}`, samples].filter(Boolean).join('; ') // prettier-ignore
  if (is === 'gone') return sewn > 0 ? `${samples}: it stays.` : 'Ticked, it is removed; left, it stays.'
  return samples
}
const stays = ({ id }: Compared<Stitch>) => samplesOf(id) > 0
const newEdition = computed(() => {
  const text = edition.value.trim()
  return text !== '' && text !== context.value?.page.model.edition ? text : undefined
})

const changesOf = async (): Promise<Changes> => {
  const versions = context.value?.page.stitchVersions ?? {}
  const stitches = chart.compared.value
    .filter(({ id, is }) => is !== 'same' && chosen.value.has(id))
    .map(({ id, next }) => ({ noun: 'stitches' as const, model: props.id, id, version: versions[id] ?? null, value: next ?? null })) // prettier-ignore
  if (newEdition.value === undefined) return { changes: stitches }
  const head = await get<z.infer<typeof RowView>>(`/api/catalogue/models/${props.id}`)
  const value = { ...(head.value as object), edition: newEdition.value }
  return { changes: [...stitches, { noun: 'models', id: props.id, version: head.version, value }] }
}
const apply = async () => {
  busy.value = true
  failed.value = ''
  try {
    await call('POST', '/api/catalogue/changes', await changesOf())
    const make = context.value?.page.model.make as string
    await call('PUT', `/api/import-habits/chart/${make}`, { columns: habitsOf(chart.columns.value) })
    await lists.load()
    await router.push({ path: `/shelf/models/${props.id}`, query: query.value })
  } catch (error) {
    failed.value = `${problemText(error)}\nNothing was written; what you mended is still here.`
    if (error instanceof ApiProblem && [409, 410].includes(error.details.status)) {
      await readModel()
      failed.value += '\nThe machine’s stitches were read again: look at what is new or changed now, then apply.'
    }
  } finally {
    busy.value = false
  }
}
const text = (event: Event) => (event.target as HTMLInputElement | HTMLSelectElement).value
const MOST_FAULTS = 8
</script>

<template>
  <main class="page wide">
    <h1>
      <RouterLink :to="{ path: `/shelf/models/${id}`, query }">{{ context?.page.model.name ?? id }}</RouterLink>: read a
      stitch chart
    </h1>
    <FilePicker :file="file" what="Chart, CSV or XLSX" />
    <p v-if="!file.table.value && !file.problem.value" class="soft">
      As a maker prints it or a shop typed it: decimal comma or point, mm, inches or stitches to the inch, ranges,
      blanks, merged and continued rows. Nothing is written until you say so.
    </p>

    <template v-if="chart.rows.value.length > 0 && !comparing">
      <section class="sum" aria-live="polite">
        <p>
          <strong>{{ chart.taken.value.length }}</strong> stitches read from {{ file.file.value?.name }}.
          <template v-if="chart.skipped.value.size > 0">{{ chart.skipped.value.size }} skipped. </template>
          <span v-if="chart.faults.value.length > 0" class="caution">
            {{ chart.faults.value.length }} {{ chart.faults.value.length === 1 ? 'cell' : 'cells' }} not understood.
          </span>
          <span v-if="chart.without.value.length > 0" class="caution">
            {{ chart.without.value.length }} without a function.
          </span>
        </p>
        <ul v-if="chart.faults.value.length > 0" class="faults">
          <li
            v-for="fault in chart.faults.value.slice(0, MOST_FAULTS)"
            :key="`${fault.row}/${fault.column}/${fault.why}`"
          >
            <button type="button" @click="rowList?.show(fault.row)">{{ faultText(fault) }}</button>
          </li>
          <li v-if="chart.faults.value.length > MOST_FAULTS">
            and {{ chart.faults.value.length - MOST_FAULTS }} more.
          </li>
        </ul>
        <p class="apply">
          <BButton variant="primary" :disabled="!chart.sound.value" @click="compare">Compare with the machine</BButton>
          <template v-if="chart.proposed.value.length > 0">
            {{ chart.proposed.value.length }} functions are proposals, told from the names. Look down the list, then
            <BButton size="sm" variant="outline-primary" @click="chart.confirmAll()">They are right</BButton>
          </template>
          <span v-else-if="!chart.sound.value" class="soft">Mend or skip each open row first.</span>
          <label class="only"><input v-model="onlyOpen" type="checkbox" /> Only open rows</label>
        </p>
      </section>

      <details class="matching">
        <summary>Columns</summary>
        <div class="columns">
          <div v-for="column in chart.columns.value" :key="column.place">
            <label :for="`column-${column.place}`">{{ column.heading || `Column ${column.place + 1}` }}</label>
            <select
              :id="`column-${column.place}`"
              class="form-select form-select-sm"
              :value="column.field ?? ''"
              @change="chart.matchColumn(column.place, (text($event) || undefined) as ChartField | undefined)"
            >
              <option value="">not taken in</option>
              <option v-for="field in chartFields" :key="field" :value="field">{{ fieldWord[field] }}</option>
            </select>
            <select
              v-if="isMm(column.field)"
              class="form-select form-select-sm"
              :aria-label="`Unit of ${column.heading}`"
              :value="column.unit"
              @change="chart.setColumn(column.place, { unit: text($event) as ChartColumn['unit'] })"
            >
              <option value="mm">mm</option>
              <option value="inch">inches</option>
              <option v-if="column.field === 'length'" value="spi">stitches to the inch</option>
            </select>
            <label v-if="hasOffset(column)" class="carries">
              <input
                type="checkbox"
                :checked="column.asShown"
                @change="chart.setColumn(column.place, { asShown: ($event.target as HTMLInputElement).checked })"
              />
              as the machine shows it
            </label>
            <label
              v-if="!isMm(column.field) && column.field !== undefined && column.field !== 'number'"
              class="carries"
            >
              <input
                type="checkbox"
                :checked="column.carries"
                @change="chart.setColumn(column.place, { carries: ($event.target as HTMLInputElement).checked })"
              />
              blank means as above
            </label>
          </div>
        </div>
      </details>

      <ChartRows ref="rowList" :chart="chart" :context="context" :only-open="onlyOpen" />
    </template>

    <template v-if="comparing">
      <p class="apply">
        <BButton variant="primary" :disabled="(chosen.size === 0 && newEdition === undefined) || busy" @click="apply">
          {{ busy ? 'Writing …' : 'Apply' }}
        </BButton>
        <BButton variant="link" @click="comparing = false">Back to the rows</BButton>
        <span role="status">
          {{ counts.added }} new, {{ counts.changed }} changed, {{ counts.gone }} not in the file any more,
          {{ counts.same }} as they were. {{ chosen.size }} ticked.
        </span>
        <span class="only">
          <label for="edition">Edition of the book</label>
          <input id="edition" v-model="edition" class="form-control edition" />
        </span>
      </p>
      <p v-if="failed" role="alert" class="caution lines">{{ failed }}</p>
      <DifferenceList
        v-model="chosen"
        :compared="chart.compared.value"
        :title="title"
        :fields="fields"
        :note="note"
        :stays="stays"
      />
    </template>
    <p v-else-if="failed" role="alert" class="caution lines">{{ failed }}</p>
  </main>
</template>

<style scoped lang="scss">
.sum {
  border-top: 1px solid var(--rule);
  margin-top: 0.6rem;
  padding-top: 0.6rem;
}

.sum p {
  margin-bottom: 0.4rem;
}

.faults {
  padding-left: 1.2rem;

  button {
    border: 0;
    padding: 0;
    background: none;
    color: var(--madder);
    text-decoration: underline;
    text-align: left;
  }
}

.apply {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}

.only {
  margin-left: auto;
}

.edition {
  display: inline-block;
  width: 10rem;
  margin-left: 0.5rem;
}

.lines {
  white-space: pre-line;
}

.columns {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  padding: 0.5rem 0;
}

.carries {
  display: block;
  font-size: 0.9rem;
}
</style>
