<script lang="ts">
import type { Verdict } from '#core/answer/types'

export interface CellView {
  id: string
  verdict: Verdict
  proved: boolean
  dim: boolean
  label: string
}
</script>

<script setup lang="ts">
import type { VirtualItem } from '@tanstack/vue-virtual'
import VerdictMark from '../card/VerdictMark.vue'
import { shortVerdict } from './words'

/** One technique of the grid. A cell that stays in sight while the window slides is not drawn again. */
defineProps<{
  name: string
  /** Width of the frozen head, px. */
  head: number
  zoom: 'words' | 'marks'
  window: readonly VirtualItem[]
  cell: (column: number) => CellView
  /** Column of the cursor, and of the cell whose card is open. */
  at: number | undefined
  open: number | undefined
  version: number
}>()
defineEmits<{ press: [column: number] }>()
</script>

<template>
  <div role="row" :class="zoom">
    <span class="technique" role="rowheader" :style="{ width: `${head}px` }" :class="{ at: at !== undefined }">{{
      name
    }}</span>
    <span
      v-for="item in window"
      :id="cell(item.index).id"
      :key="item.index"
      v-memo="[version, item.index, item.start, at === item.index, open === item.index]"
      class="cell"
      role="gridcell"
      :aria-colindex="item.index + 2"
      :aria-label="cell(item.index).label"
      :aria-selected="open === item.index"
      :class="[
        cell(item.index).verdict,
        { at: at === item.index, dim: cell(item.index).dim, open: open === item.index },
      ]"
      :style="{ left: `${head + item.start}px`, width: `${item.size}px` }"
      @click="$emit('press', item.index)"
    >
      <VerdictMark :verdict="cell(item.index).verdict" />
      <span v-if="zoom === 'words'" class="word"
        >{{ shortVerdict(cell(item.index).verdict) }}<small v-if="cell(item.index).proved"> proved</small></span
      >
    </span>
  </div>
</template>

<style scoped lang="scss">
.technique {
  position: sticky;
  left: 0;
  z-index: 2;
  display: inline-flex;
  align-items: center;
  height: 100%;
  padding: 0 0.5rem;
  background: var(--fold);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;

  &.at {
    box-shadow: inset 3px 0 var(--teal);
  }
}

.cell {
  position: absolute;
  top: 0;
  height: 100%;
  display: flex;
  gap: 0.3rem;
  align-items: center;
  padding: 0 0.3rem;
  border-right: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  font-size: var(--small);
  line-height: 1.05;
  cursor: pointer;
}

.marks .cell {
  justify-content: center;
}

:deep(.verdict-mark) {
  flex: none;
  width: 1.35rem;
  height: 1.35rem;
}

// What cannot be done is what one looks for least.
:deep(.notOnThisModel .solid) {
  fill: none;
  stroke: var(--rule);
  stroke-width: 2.5;
}

:deep(.notOnThisModel .cut) {
  stroke: var(--ink-soft);
  stroke-width: 3;
}

.dim {
  opacity: 0.25;
}

.at.cell {
  outline: 2px solid var(--ink);
  outline-offset: -2px;
  z-index: 1;
}

.open {
  background: var(--teal-wash);
}
</style>
