<!-- What stands in the cell at hand, and what is wrong with it or its row. -->
<script setup lang="ts">
import { computed } from 'vue'
import type { Column } from '#shared/tables/columns'
import { unusualIn } from '#shared/tables/cells'
import { cellOf } from '#shared/tables/rowCells'
import type { EditRow, Edits } from './useEdits'

const props = defineProps<{
  cell: { row: EditRow; column: Column }
  edits: Edits
  /** It may be written, but not from one cell. */
  locked: boolean
}>()

const heading = computed(() => props.cell.column.heading)
const fault = computed(() => {
  const all = props.edits.faultsOf(props.cell.row)
  return all.find((one) => one.heading === heading.value) ?? all[0]
})
const unusual = computed(() => unusualIn(props.cell.column.kind, cellOf(props.cell.row.value, props.cell.column)))
</script>

<template>
  <strong>{{ heading }}</strong>{{ ' ' }}
  <span v-if="fault" class="caution">
    <template v-if="fault.heading !== heading">{{ fault.heading }}: </template>{{ fault.message }}
  </span>
  <template v-else>
    {{ edits.textOf(cell.row, cell.column) || 'not stated' }}
    <span v-if="locked" class="soft"> (too rich for one cell: kept as it is)</span>
    <span v-else-if="unusual.length > 0" class="caution"> ({{ unusual.join('; ') }})</span>
    <span v-else-if="cell.column.hint" class="soft"> ({{ cell.column.hint }})</span>
  </template>
</template>
