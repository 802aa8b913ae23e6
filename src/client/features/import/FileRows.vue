<script setup lang="ts" generic="Row extends { row: number }">
import { useRowWindow } from '../../ui/useRowWindow'

/** The rows of a file, only those in sight drawn: their number before them, a box to skip each behind them. */
const props = defineProps<{
  rows: readonly Row[]
  headings: readonly { place: number; text: string }[]
  label: string
  /** What a row is taken for in px before it is measured. */
  height: number
  skipped: ReadonlySet<number>
  /** Rows that hold nothing to be taken in, and so nothing to skip. */
  isTitle?: (row: Row) => boolean
  isOpen: (row: Row) => boolean
}>()
const emit = defineEmits<{ skip: [row: number, on: boolean] }>()
const { seen, above, below, measure, show } = useRowWindow({
  rows: () => props.rows,
  keyOf: ({ row }) => row,
  height: props.height,
})
const title = (row: Row) => props.isTitle?.(row) === true
defineExpose({
  show: (number: number) => {
    const index = props.rows.findIndex(({ row }) => row === number)
    if (index >= 0) show(index)
  },
})
</script>

<template>
  <div ref="scroll" class="scroll" tabindex="0" role="region" :aria-label="label">
    <table class="table table-sm" :aria-rowcount="rows.length + 1">
      <thead>
        <tr>
          <th scope="col">Row</th>
          <th v-for="heading in headings" :key="heading.place" scope="col">{{ heading.text }}</th>
          <th scope="col">Skip</th>
        </tr>
      </thead>
      <tbody>
        <tr v-if="above > 0" aria-hidden="true" :style="{ height: `${above}px` }"></tr>
        <tr
          v-for="{ index, row } in seen"
          :id="`row-${row.row}`"
          :key="row.row"
          :ref="measure"
          :data-index="index"
          :class="{ open: isOpen(row), skipped: skipped.has(row.row) || title(row) }"
        >
          <th scope="row">{{ row.row }}</th>
          <slot :row="row"></slot>
          <td v-if="!title(row)">
            <input
              type="checkbox"
              :aria-label="`Skip row ${row.row}`"
              :checked="skipped.has(row.row)"
              @change="emit('skip', row.row, ($event.target as HTMLInputElement).checked)"
            />
          </td>
        </tr>
        <tr v-if="below > 0" aria-hidden="true" :style="{ height: `${below}px` }"></tr>
      </tbody>
    </table>
  </div>
</template>

<style lang="scss">
.skipped {
  color: var(--ink-soft);

  .file-cell {
    text-decoration: line-through;
  }
}
</style>

<style scoped lang="scss">
.scroll {
  overflow: auto;
  max-height: 60vh;
  border-top: 1px solid var(--rule);
}

thead th {
  position: sticky;
  top: 0;
  background: var(--paper);
  z-index: 1;
}

.open > th {
  border-left: 4px solid var(--madder);
}
</style>
