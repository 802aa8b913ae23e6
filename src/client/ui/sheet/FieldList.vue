<script setup lang="ts">
import { useId } from 'vue'
import type { Column } from '#shared/tables/columns'
import type { RowNames } from '#shared/tables/titles'
import CellInput from './CellInput.vue'

/** Fields one below the other, each with its name, its cell and what is wrong with it. */
defineProps<{
  columns: Column[]
  names: RowNames
  mayWrite: boolean
  textOf: (column: Column) => string
  isLocked: (column: Column) => boolean
  faultOf: (column: Column) => string | undefined
}>()
const emit = defineEmits<{ change: [column: Column, text: string] }>()
const id = useId()
</script>

<template>
  <dl class="form">
    <template v-for="(column, i) in columns" :key="column.heading">
      <dt>
        <label :for="`${id}-${i}`">{{ column.heading }}</label>
      </dt>
      <dd>
        <CellInput
          :id="`${id}-${i}`"
          :column="column"
          :text="textOf(column)"
          :names="names"
          :locked="isLocked(column)"
          :invalid="faultOf(column) !== undefined"
          @change="(text) => emit('change', column, text)"
        />
        <small v-if="faultOf(column)" class="caution" role="alert">{{ faultOf(column) }}</small>
        <small v-else-if="mayWrite && isLocked(column)" class="soft">too rich for one line: kept as it is</small>
      </dd>
    </template>
  </dl>
</template>

<style scoped lang="scss">
.form {
  display: grid;
  grid-template-columns: minmax(7rem, 12rem) 1fr;
  gap: 0.3rem 0.8rem;
  margin: 0;
}

dt {
  font-weight: 400;
  color: var(--ink-soft);
  padding-top: 0.2rem;
}

dd {
  margin: 0;
}
</style>
