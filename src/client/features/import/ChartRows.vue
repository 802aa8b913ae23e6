<script setup lang="ts">
import { computed, ref } from 'vue'
import type { ChartRow, ValueField } from '#core/import/chart'
import type { ChartColumn, ChartField } from '#core/import/columns'
import { rangeBehindDate } from '#core/import/readValue'
import { showValue } from '#core/answer/show'
import { fieldWord } from '#shared/messages/chart'
import FileCell from './FileCell.vue'
import FileRows from './FileRows.vue'
import type { Chart, ChartContext } from './useChart'

/** Every row of the chart, its own text beside how it was read. */
const props = defineProps<{
  chart: Chart
  context: ChartContext | undefined
  onlyOpen: boolean
  /** Only rows that say this. */
  saying: string
}>()

/** Something is missing before the row can be taken; a proposal only waits for a yes. */
const isOpen = (row: ChartRow) =>
  !props.chart.skipped.value.has(row.row) &&
  (row.faults.length > 0 || (row.is === 'stitch' && !props.chart.choices.value.has(row.row)))
const words = computed(() => props.saying.toLowerCase().split(/\s+/).filter(Boolean))
const says = ({ cells }: ChartRow) => {
  const text = cells.join(' ').toLowerCase()
  return words.value.every((word) => text.includes(word))
}
const shownRows = computed(() =>
  props.chart.rows.value.filter((row) => row.is !== 'empty' && (!props.onlyOpen || isOpen(row)) && says(row)),
)
const usedColumns = computed(() => props.chart.columns.value.filter(({ field }) => field !== undefined))

/** How a cell was read, beside its own text. */
const readAs = (row: ChartRow, { field, place }: ChartColumn): string => {
  const carried = row.carried[place]
  if (carried !== undefined) return `as above: ${carried}`
  const reading = row.values[field as ValueField]
  const note = props.chart.notes.at(row.row, place + 1)
  const formula = note?.what === 'formula' ? `, worked out by ${note.formula}` : ''
  if (field === 'foot' && row.feet) return row.feet.codes.join(' or ')
  if (!reading) return formula.replace(/^, /, '')
  if (reading.is === 'silent') return reading.see ? `silent, ${reading.see}` : 'silent'
  if (reading.is === 'unreadable') return 'not understood'
  const scale = props.context?.page.model.scales[field as ValueField]
  const range = row.ranges[field as ValueField]
  const within = range ? ` (${showValue(range, field as ValueField, scale)})` : ''
  return `${showValue(reading.value, field as ValueField, scale)}${within}${formula}`
}
const faultIn = (row: ChartRow, { place }: ChartColumn) => row.faults.find(({ column }) => column === place + 1)
/** The range a spreadsheet may have made a date of, offered where the cell is one. */
const offer = (row: ChartRow, column: ChartColumn) =>
  faultIn(row, column)?.maybe ??
  (faultIn(row, column)?.why === 'looksLikeDate' ? rangeBehindDate(row.cells[column.place] ?? '') : undefined)
/** Offered at the row above the first of which nothing is known. */
const below = ({ row }: ChartRow): number[] => {
  const choice = props.chart.choices.value.get(row)
  return choice && choice.proposedFrom === undefined ? props.chart.openBelow(row) : []
}
const fill = (row: ChartRow) =>
  props.chart.chooseMany(below(row), props.chart.choices.value.get(row.row)?.function as string)
const PROPOSED = {
  sameMake: 'same make',
  otherMake: 'another make',
  words: 'its words',
} as const

const headings = computed(() => [
  ...usedColumns.value.map(({ place, field }) => ({ place, text: fieldWord(field as ChartField) })),
  { place: -1, text: 'What it is' },
])
const frame = ref<{ show: (row: number) => void }>()
defineExpose({
  show: (row: number) => frame.value?.show(row),
  /** Stitches in sight that are taken. */
  inSight: computed(() =>
    shownRows.value
      .filter(({ is, row }) => is === 'stitch' && !props.chart.skipped.value.has(row))
      .map(({ row }) => row),
  ),
})
const HEIGHT = 58
</script>

<template>
  <FileRows
    ref="frame"
    :rows="shownRows"
    :headings="headings"
    label="Rows of the chart"
    :height="HEIGHT"
    :skipped="chart.skipped.value"
    :is-title="({ is }) => is === 'title'"
    :is-open="isOpen"
    @skip="chart.skip"
  >
    <template #default="{ row }">
      <td v-if="row.is === 'title'" :colspan="headings.length + 1">
        {{ row.cells.filter(Boolean).join(' ') }} (a title, holds no stitch)
      </td>
      <template v-else>
        <FileCell
          v-for="column in usedColumns"
          :key="column.place"
          :text="row.cells[column.place] ?? ''"
          :label="`Row ${row.row}, ${fieldWord(column.field!)}`"
          :fault="faultIn(row, column) !== undefined"
          @mend="(mended) => chart.mend(row.row, column.place, mended)"
        >
          <button
            v-if="offer(row, column)"
            type="button"
            class="offer"
            @click="chart.mend(row.row, column.place, offer(row, column)!)"
          >
            It was {{ offer(row, column) }}
          </button>
          <small v-else-if="readAs(row, column)" :class="{ caution: faultIn(row, column) }">{{
            readAs(row, column)
          }}</small>
        </FileCell>
        <td v-if="row.is === 'continued'">continues row {{ row.continues }}</td>
        <td v-else>
          <select
            class="form-select form-select-sm"
            :class="{ proposal: chart.choices.value.get(row.row)?.proposedFrom }"
            :aria-label="`Row ${row.row}, function`"
            :value="chart.choices.value.get(row.row)?.function ?? ''"
            @change="chart.choose(row.row, ($event.target as HTMLSelectElement).value)"
          >
            <option value="" disabled>choose …</option>
            <option v-for="entry in context?.functions" :key="entry.id" :value="entry.id">{{ entry.name }}</option>
          </select>
          <button v-if="below(row).length > 0" type="button" class="fill" @click="fill(row)">
            and the {{ below(row).length }} open below
          </button>
          <small v-if="chart.choices.value.get(row.row)?.proposedFrom">
            proposed ({{ PROPOSED[chart.choices.value.get(row.row)!.proposedFrom!] }})
          </small>
        </td>
      </template>
    </template>
  </FileRows>
</template>

<style scoped lang="scss">
small {
  display: block;

  &:not(.caution) {
    color: var(--ink-soft);
  }
}

.offer {
  display: block;
  border: 1px solid var(--madder);
  border-radius: 0.2rem;
  background: var(--sheet);
  color: var(--madder);
  font-size: var(--note);
  padding: 0 0.4rem;
}

.fill {
  border: 0;
  padding: 0;
  background: none;
  color: var(--teal);
  font-size: var(--note);
  text-decoration: underline;
}

.proposal {
  border-color: var(--ochre);
  background-color: var(--ochre-wash);
}
</style>
