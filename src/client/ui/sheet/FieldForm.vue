<script setup lang="ts">
import { isPlain } from '#shared/tables/cells'
import type { Column } from '#shared/tables/columns'
import { cellOf } from '#shared/tables/rowCells'
import type { RowNames } from '#shared/tables/titles'
import FieldList from './FieldList.vue'
import type { EditRow, Edits } from './useEdits'

/** One row as a form: the same columns as its sheet, one below the other. */
const props = defineProps<{ edits: Edits; row: EditRow; columns: Column[]; names: RowNames; mayWrite: boolean }>()

const faultOf = (column: Column) =>
  props.edits.faultsOf(props.row).find(({ heading }) => heading === column.heading)?.message
const isLocked = (column: Column) =>
  !props.mayWrite ||
  (props.row.typed[column.heading] === undefined && !isPlain(column, cellOf(props.row.value, column), props.names))
</script>

<template>
  <FieldList
    :columns="columns"
    :names="names"
    :may-write="mayWrite"
    :text-of="(column) => edits.textOf(row, column)"
    :is-locked="isLocked"
    :fault-of="faultOf"
    @change="(column, text) => edits.setCells([{ id: row.id, column, text }])"
  />
</template>
