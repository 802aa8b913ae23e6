<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import type { Item } from '#core/catalogue/types'
import { faultText } from '#shared/messages/chart'
import { get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePicks } from '../../state/picks'
import ChartRows from './ChartRows.vue'
import ChartColumns from './ChartColumns.vue'
import ChartCompare from './ChartCompare.vue'
import FilePicker from './FilePicker.vue'
import { useChart, type ChartContext } from './useChart'
import { useFile } from './useFile'

/** A stitch chart from a file: read it, mend it, see what it would change, take it in parts. */
const props = defineProps<{ id: string }>()
const store = useNames()
const { query } = usePicks()
const context = shallowRef<ChartContext>()
const failed = ref('')
const comparing = ref(false)
const file = useFile()
const chart = useChart(
  () => context.value,
  () => file.table.value,
)
const rowList = ref<InstanceType<typeof ChartRows>>()

/** The model as it is now, all names that functions are told from, and how the make's columns were matched before. */
const readModel = async () => {
  const [page, names, items] = await Promise.all([
    get(`/api/models/${props.id}`),
    get('/api/native-names'),
    get('/api/catalogue/items'),
  ])
  const habit = await get(`/api/import-habits/chart/${page.model.make}`)
  await store.load()
  const feet = items
    .map(({ value }) => value as Item)
    .filter(({ what, make }) => what === 'foot' && make === page.model.make)
    .map(({ code }) => code)
  context.value = { page, ...names, habits: habit.columns, feet }
}
watch(
  () => props.id,
  () => readModel().catch((error: unknown) => (failed.value = problemText(error))),
  { immediate: true },
)

const onlyOpen = ref(false)
const saying = ref('')
const setSaid = ref('')
const together = ref('')
const sayingField = ref<HTMLInputElement>()
const inSight = computed(() => rowList.value?.inSight.length ?? 0)
/** Whatever is in sight becomes one thing; the next words can be typed at once. */
const setTogether = () => {
  const named = context.value?.functions.find(({ id }) => id === together.value)
  if (!named || inSight.value === 0 || (saying.value.trim() === '' && !onlyOpen.value)) return
  const rows = rowList.value?.inSight ?? []
  chart.chooseMany(rows, named.id)
  setSaid.value = `${rows.length} ${rows.length === 1 ? 'row is' : 'rows are'} now ${named.name}.`
  saying.value = ''
  sayingField.value?.focus()
}
const MOST_FAULTS = 8
</script>

<template>
  <main class="page wide">
    <h1>
      <RouterLink :to="{ path: `/shelf/models/${id}`, query }">{{ context?.page.model.name ?? id }}</RouterLink>: read a
      stitch chart
    </h1>
    <FilePicker :file="file" what="Chart, CSV, XLSX or PDF" />
    <p v-if="!file.table.value && !file.problem.value" class="soft">
      As a maker prints it or a shop typed it: decimal comma or point, mm, inches or stitches to the inch, ranges,
      blanks, merged and continued rows. Nothing is written until you say so.
    </p>

    <template v-if="chart.rows.value.length > 0 && !comparing">
      <ChartColumns :chart="chart" :context="context" />
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
          <span v-if="chart.open.value.length > 0" class="caution">
            {{ chart.open.value.length }} {{ chart.open.value.length === 1 ? 'column' : 'columns' }} to decide.
          </span>
        </p>
        <p v-if="chart.long.value.length > 0" class="apply">
          {{ chart.long.value.length }} rows are longer than the heading: were these decimal commas? “{{
            chart.long.value[0]?.cells.join(' | ')
          }}” would be “{{ chart.long.value[0]?.rejoined?.join(' | ') }}”.
          <BButton size="sm" variant="outline-primary" @click="chart.joinAll()">Join them again</BButton>
        </p>
        <p v-if="chart.rewritten.value.length > 0">
          Feet as the catalogue writes them:
          {{ chart.rewritten.value.map(({ written, code }) => `${written} as ${code}`).join(', ') }}.
        </p>
        <p v-if="chart.unknownFeet.value.length > 0" class="caution">
          No foot of this make is called {{ chart.unknownFeet.value.join(', ') }}: taken as the chart writes it.
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
          <BButton variant="primary" :disabled="!chart.sound.value" @click="comparing = true"
            >Compare with the machine</BButton
          >
          <template v-if="chart.proposed.value.length > 0 || chart.feetOpen.value">
            <template v-if="chart.proposed.value.length > 0"
              >{{ chart.proposed.value.length }} functions are proposals, told from the names.</template
            >
            Look down the list, then
            <BButton size="sm" variant="outline-primary" @click="chart.confirmAll()">They are right</BButton>
          </template>
          <span v-else-if="!chart.sound.value" class="soft">Mend or skip each open row first.</span>
        </p>
      </section>

      <form class="together" @submit.prevent="setTogether">
        <label for="saying">Rows that say</label>
        <input id="saying" ref="sayingField" v-model="saying" class="form-control short" autocomplete="off" />
        <label for="together">are all</label>
        <select id="together" v-model="together" class="form-select short">
          <option value="">choose …</option>
          <option v-for="entry in context?.functions" :key="entry.id" :value="entry.id">{{ entry.name }}</option>
        </select>
        <BButton
          type="submit"
          size="sm"
          variant="outline-primary"
          :disabled="together === '' || inSight === 0 || (saying.trim() === '' && !onlyOpen)"
          >Set the {{ inSight }} in sight</BButton
        >
        <span role="status" class="soft">{{ setSaid }}</span>
        <label class="only"><input v-model="onlyOpen" type="checkbox" /> Only open rows</label>
      </form>
      <ChartRows ref="rowList" :chart="chart" :context="context" :only-open="onlyOpen" :saying="saying" />
    </template>

    <ChartCompare
      v-if="comparing && context"
      :chart="chart"
      :context="context"
      :read-model="readModel"
      @back="comparing = false"
    />
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

.together {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.6rem;
  align-items: center;
}

.short {
  width: 14rem;
}

.only {
  margin-left: auto;
}
</style>
