<script setup lang="ts" generic="Column extends { place: number; heading: string }">
import { computed } from 'vue'

/** Every column of a file with its heading and a sample; what nobody has decided stands first. */
const props = defineProps<{
  columns: readonly Column[]
  /** Columns with figures of which nobody has said what they are. */
  open: readonly Pick<Column, 'place'>[]
  rows: readonly { cells: readonly string[] }[]
}>()
defineSlots<{ default: (scope: { column: Column; isOpen: boolean }) => unknown }>()

const isOpen = ({ place }: Column) => props.open.some((column) => column.place === place)
const sampleOf = ({ place }: Column) =>
  props.rows.map(({ cells }) => (cells[place] ?? '').trim()).find((cell) => cell !== '') ?? ''
const shown = computed(() =>
  props.columns
    .filter((column) => column.heading !== '' || sampleOf(column) !== '')
    .sort((a, b) => Number(isOpen(b)) - Number(isOpen(a)) || a.place - b.place),
)
</script>

<template>
  <section aria-label="Columns">
    <h2>Columns</h2>
    <p v-if="open.length > 0" class="caution" role="status">
      Say what {{ open.length === 1 ? 'this column is' : 'these columns are' }}, or leave
      {{ open.length === 1 ? 'it' : 'them' }} out: nothing with figures is dropped in silence.
    </p>
    <div class="columns">
      <div v-for="column in shown" :key="column.place" :class="{ undecided: isOpen(column) }">
        <label :for="`column-${column.place}`">{{ column.heading || `Column ${column.place + 1}` }}</label>
        <span class="soft sample">{{ sampleOf(column) }}</span>
        <slot :column="column" :is-open="isOpen(column)"></slot>
      </div>
    </div>
  </section>
</template>

<style scoped lang="scss">
h2 {
  font-size: var(--text);
}

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

.sample {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.undecided {
  border: 2px solid var(--madder);
}
</style>
