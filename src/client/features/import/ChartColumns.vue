<!-- What each column of a chart is taken as. -->
<script setup lang="ts">
import { isInMm, isParameter } from '#core/catalogue/parameters'
import type { Parameter } from '#core/catalogue/types'
import {
  chartFields,
  columnParts,
  isValueField,
  type ChartColumn,
  type ChartField,
  type ColumnPart,
} from '#core/import/columns'
import { computed } from 'vue'
import { fieldWord, partWord } from '#shared/messages/chart'
import type { ChartContext, Chart } from './useChart'

const { chart, context } = defineProps<{ chart: Chart; context: ChartContext | undefined }>()

const isMm = (field: ChartField | undefined) => field !== undefined && isParameter(field) && isInMm(field)
const hasOffset = ({ field }: ChartColumn) => {
  const scale = context?.page.model.scales[field as Parameter]
  return typeof scale === 'object' && scale.shownOffset !== undefined
}
const isOpen = ({ place }: ChartColumn) => chart.open.value.some((column) => column.place === place)
/** What is not decided stands first; a column of nothing not at all. */
const ordered = computed(() =>
  chart.columns.value
    .filter((column) => column.heading !== '' || sampleOf(column) !== '')
    .sort((a, b) => Number(isOpen(b)) - Number(isOpen(a)) || a.place - b.place),
)
const sampleOf = ({ place }: ChartColumn): string =>
  chart.rows.value
    .map(({ is, cells }) => (is === 'stitch' ? (cells[place] ?? '').trim() : ''))
    .find((cell) => cell !== '') ?? ''
const text = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <section aria-label="Columns" class="matching">
    <h2>Columns</h2>
    <p v-if="chart.open.value.length > 0" class="caution" role="status">
      Say what {{ chart.open.value.length === 1 ? 'this column is' : 'these columns are' }}, or leave
      {{ chart.open.value.length === 1 ? 'it' : 'them' }} out: nothing with figures is dropped in silence.
    </p>
    <div class="columns">
      <div v-for="column in ordered" :key="column.place" :class="{ undecided: isOpen(column) }">
        <label :for="`column-${column.place}`">{{ column.heading || `Column ${column.place + 1}` }}</label>
        <span class="soft sample">{{ sampleOf(column) }}</span>
        <select
          :id="`column-${column.place}`"
          class="form-select form-select-sm"
          :value="isOpen(column) ? '?' : (column.field ?? '')"
          @change="chart.matchColumn(column.place, (text($event) || undefined) as ChartField | undefined)"
        >
          <option v-if="isOpen(column)" value="?" disabled>what is it?</option>
          <option value="">left out</option>
          <option v-for="field in chartFields" :key="field" :value="field">{{ fieldWord(field) }}</option>
        </select>
        <select
          v-if="column.field && isValueField(column.field)"
          class="form-select form-select-sm"
          :aria-label="`What of it ${column.heading} states`"
          :value="column.part"
          @change="chart.setColumn(column.place, { part: text($event) as ColumnPart })"
        >
          <option v-for="part in columnParts" :key="part" :value="part">{{ partWord(part) }}</option>
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
        <label v-if="!isMm(column.field) && column.field !== undefined && column.field !== 'number'" class="carries">
          <input
            type="checkbox"
            :checked="column.carries"
            @change="chart.setColumn(column.place, { carries: ($event.target as HTMLInputElement).checked })"
          />
          blank means as above
        </label>
      </div>
    </div>
  </section>
</template>

<style scoped lang="scss">
.columns {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  padding: 0.5rem 0;

  > div {
    width: 10rem;
    padding: 0.3rem;
  }
}

.matching h2 {
  font-size: 1.05rem;
}

.sample {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.undecided {
  border: 2px solid var(--madder);
}

.carries {
  display: block;
  font-size: 0.9rem;
}
</style>
