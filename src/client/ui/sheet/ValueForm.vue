<script setup lang="ts">
import { reactive, useId, watch } from 'vue'
import { isPlain, readCell, showCell } from '#shared/tables/cells'
import type { Column } from '#shared/tables/columns'
import { cellOf, withCell } from '#shared/tables/rowCells'
import type { RowNames } from '#shared/tables/titles'
import CellInput from './CellInput.vue'
import FieldList from './FieldList.vue'
import { useOpenFaults } from './openFaults'

/** A part of a row as a form: one field below the other, or all in a line. */
const props = defineProps<{
  value: object
  columns: Column[]
  names: RowNames
  layout: 'form' | 'line'
  /** Said before each field's name where no label stands beside it. */
  label: string
  /** In a line: each field's name stands above it. */
  captions?: boolean
}>()
const emit = defineEmits<{ change: [value: object] }>()
const id = useId()
const faults = useOpenFaults(id)
const typed = reactive<Record<string, { text: string; fault: string }>>({})

/** A value that came from elsewhere, by undo or by moving, takes the place of what was typed. */
watch(
  () => props.value,
  () => {
    for (const heading of Object.keys(typed)) forget(heading)
  },
)
const forget = (heading: string) => {
  delete typed[heading]
  faults.set(heading, undefined)
}
const textOf = (column: Column) =>
  typed[column.heading]?.text ?? showCell(column.kind, cellOf(props.value, column), props.names)
const locked = (column: Column) =>
  typed[column.heading] === undefined && !isPlain(column, cellOf(props.value, column), props.names)
const set = (column: Column, text: string) => {
  const read = readCell(column.kind, text, props.names)
  if ('fault' in read) {
    typed[column.heading] = { text, fault: read.fault }
    faults.set(column.heading, read.fault)
    return
  }
  forget(column.heading)
  emit('change', withCell(props.value, column, read.value) as object)
}
</script>

<template>
  <FieldList
    v-if="layout === 'form'"
    :columns="columns"
    :names="names"
    may-write
    :text-of="textOf"
    :is-locked="locked"
    :fault-of="(column) => typed[column.heading]?.fault"
    @change="set"
  />
  <div v-else class="line">
    <span
      v-for="(column, i) in columns"
      :key="column.heading"
      class="field"
      :style="{ flexBasis: `${column.width}ch` }"
    >
      <small v-if="captions" class="soft" aria-hidden="true">{{ column.heading }}</small>
      <CellInput
        :id="`${id}-${i}`"
        :column="column"
        :text="textOf(column)"
        :names="names"
        :locked="locked(column)"
        :invalid="typed[column.heading] !== undefined"
        :label="`${label}, ${column.heading}`"
        @change="(text) => set(column, text)"
      />
      <small v-if="typed[column.heading]" class="caution" role="alert">{{ typed[column.heading]?.fault }}</small>
    </span>
  </div>
</template>

<style scoped lang="scss">
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
  flex: 1;
}

.field {
  flex: 1 1 10ch;
  min-width: 6rem;
}
</style>
