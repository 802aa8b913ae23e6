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
import ColumnBoxes from './ColumnBoxes.vue'
import type { ChartContext, Chart } from './useChart'

const { chart, context } = defineProps<{ chart: Chart; context: ChartContext | undefined }>()

const isMm = (field: ChartField | undefined) => field !== undefined && isParameter(field) && isInMm(field)
const hasOffset = ({ field }: ChartColumn) => {
  const scale = context?.page.model.scales[field as Parameter]
  return typeof scale === 'object' && scale.shownOffset !== undefined
}
const stitchRows = computed(() => chart.rows.value.filter(({ is }) => is === 'stitch'))
const text = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
  <ColumnBoxes v-slot="{ column, isOpen }" :columns="chart.columns.value" :open="chart.open.value" :rows="stitchRows">
    <select
      :id="`column-${column.place}`"
      class="form-select form-select-sm"
      :value="isOpen ? '?' : (column.field ?? '')"
      @change="chart.matchColumn(column.place, (text($event) || undefined) as ChartField | undefined)"
    >
      <option v-if="isOpen" value="?" disabled>what is it?</option>
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
      blank: as above
    </label>
  </ColumnBoxes>
</template>

<style scoped lang="scss">
.carries {
  display: block;
  font-size: var(--note);
}
</style>
