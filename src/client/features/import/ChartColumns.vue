<!-- What each column of a chart is taken as. -->
<script setup lang="ts">
import { isInMm, isParameter } from '#core/catalogue/parameters'
import type { Parameter } from '#core/catalogue/types'
import { chartFields, type ChartColumn, type ChartField } from '#core/import/columns'
import { fieldWord } from '#shared/messages/chart'
import type { ChartContext, Chart } from './useChart'

const { chart, context } = defineProps<{ chart: Chart; context: ChartContext | undefined }>()

const isMm = (field: ChartField | undefined) => field !== undefined && isParameter(field) && isInMm(field)
const hasOffset = ({ field }: ChartColumn) => {
  const scale = context?.page.model.scales[field as Parameter]
  return typeof scale === 'object' && scale.shownOffset !== undefined
}
const text = (event: Event) => (event.target as HTMLSelectElement).value
</script>

<template>
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
          <option v-for="field in chartFields" :key="field" :value="field">{{ fieldWord(field) }}</option>
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
  </details>
</template>

<style scoped lang="scss">
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
