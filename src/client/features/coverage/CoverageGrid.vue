<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, nextTick, ref, useId, watch } from 'vue'

import { get } from '../../api/client'
import { useQuery } from '../../state/useQuery'
import LoadingNote from '../../ui/LoadingNote.vue'
import { useCursor } from '../../ui/sheet/useCursor'
import OverviewPicture from './OverviewPicture.vue'
import CoverageBand, { type CellView } from './CoverageBand.vue'
import type { Filters } from './filters'
import { gridCells } from './gridCells'
import { EVIDENCE_WORD, shortVerdict } from './words'
import { useKeys } from '../../state/keys'

/** Techniques down, models across: a mark a cell, frozen heads, from single cells to the whole shop. */
const props = defineProps<{
  fabric: string
  filters: Filters
  at: { technique: string; model: string } | undefined
}>()
const emit = defineEmits<{ open: [technique: string, model: string] }>()

const id = useId()
const scroll = ref<HTMLElement>()
const ZOOMS = [
  { name: 'words', width: 112, height: 40 },
  { name: 'marks', width: 44, height: 34 },
  { name: 'overview', width: 14, height: 16 },
] as const
const zoom = ref(0)
const size = computed(() => ZOOMS[zoom.value] ?? ZOOMS[0])
const HEAD = { width: 208, height: 92 }

const { answer: grid, problem } = useQuery(
  'grid',
  () => props.fabric,
  (fabric) => get('/api/coverage/grid', { fabric }),
)
watch(grid, (view) => {
  if (view) zoom.value = view.models.length > 40 ? 2 : view.models.length > 9 ? 1 : 0
})

const cells = computed(() => gridCells(grid.value, props.filters))
const rows = computed(() => cells.value.rows)
const columns = computed(() => cells.value.columns)
const down = useVirtualizer(
  computed(() => ({
    count: rows.value.length,
    getScrollElement: () => scroll.value ?? null,
    estimateSize: () => size.value.height,
    overscan: 6,
    scrollMargin: 0,
    scrollPaddingStart: HEAD.height,
  })),
)
const across = useVirtualizer(
  computed(() => ({
    horizontal: true,
    count: columns.value.length,
    getScrollElement: () => scroll.value ?? null,
    estimateSize: () => size.value.width,
    overscan: 6,
    scrollPaddingStart: HEAD.width,
  })),
)
watch(size, () => {
  down.value.measure()
  across.value.measure()
})
const shownRows = computed(() => down.value.getVirtualItems())
const shownColumns = computed(() => across.value.getVirtualItems())
const verdictAt = (r: number, c: number) => cells.value.at(r, c).verdict
const isDim = (r: number, c: number) => cells.value.isDim(r, c)
const labelOf = (r: number, c: number): string => {
  const { verdict, evidence, proved } = cells.value.at(r, c)
  const head = `${rows.value[r]?.name} on ${columns.value[c]?.make} ${columns.value[c]?.name}`
  const said = `${head}: ${shortVerdict(verdict).toLowerCase()}`
  return [said, evidence && EVIDENCE_WORD[evidence], proved && 'proved on fabric'].filter(Boolean).join(', ')
}

const pageRows = () => Math.max(1, Math.floor(((scroll.value?.clientHeight ?? 400) - HEAD.height) / size.value.height))
const {
  at: cursor,
  go,
  move,
} = useCursor(() => ({ rows: rows.value.length, columns: columns.value.length, page: pageRows() }))
// A narrower filter may leave the cursor outside.
watch(cells, () => {
  const { row, column } = cursor.value
  if (row >= rows.value.length || column >= columns.value.length) go(row, column)
})
const cellId = (r: number, c: number) => `${id}-${r}-${c}`
const open = (r: number, c: number) => {
  const [technique, model] = [rows.value[r], columns.value[c]]
  if (technique && model) emit('open', technique.id, model.id)
}
useKeys([
  { keys: '← ↑ ↓ →', does: 'In the map: from one to the next; Enter opens its card' },
  { keys: '+ -', does: 'In the map: nearer, further away' },
])

const onKey = (event: KeyboardEvent) => {
  if (event.key === 'Enter' || event.key === ' ') open(cursor.value.row, cursor.value.column)
  else if (event.key === '+' || event.key === '=') zoom.value = Math.max(0, zoom.value - 1)
  else if (event.key === '-') zoom.value = Math.min(ZOOMS.length - 1, zoom.value + 1)
  else if (!move(event)) return
  event.preventDefault()
  event.stopPropagation()
}
watch(cursor, ({ row, column }) => {
  down.value.scrollToIndex(row)
  across.value.scrollToIndex(column)
  // An open card follows the cursor.
  if (props.at) void nextTick(() => open(row, column))
})
const openColumn = (r: number): number | undefined => {
  if (!props.at || props.at.technique !== rows.value[r]?.id) return undefined
  const found = columns.value.findIndex(({ id: model }) => model === props.at?.model)
  return found < 0 ? undefined : found
}
const cellAt = (r: number, c: number): CellView => ({
  id: cellId(r, c),
  verdict: verdictAt(r, c),
  proved: cells.value.at(r, c).proved,
  dim: isDim(r, c),
  label: labelOf(r, c),
})
const firstOfFamily = (r: number) => r === 0 || rows.value[r]?.family !== rows.value[r - 1]?.family
const picture = computed(() => {
  const open = rows.value.findIndex(({ id: technique }) => technique === props.at?.technique)
  const column = open < 0 ? undefined : openColumn(open)
  return {
    rows: rows.value.map(({ name }, r) => ({ name, starts: firstOfFamily(r) })),
    columns: columns.value.map(({ make, name }) => ({ name: `${make} ${name}` })),
    verdictAt,
    isDim,
    cursor: cursor.value,
    open: column === undefined ? undefined : { row: open, column },
    cell: { width: size.value.width, height: size.value.height },
    head: HEAD,
  }
})
/** Cells are drawn again where this moves; until then they stay as they are, however the window slides. */
const version = ref(0)
watch([cells, size], () => version.value++)
const press = (r: number, c: number) => {
  go(r, c)
  if (!props.at) open(r, c)
}
</script>

<template>
  <p v-if="problem" role="alert" class="caution">{{ problem }}</p>
  <LoadingNote v-else-if="!grid" doing="Every machine is judged for every technique …" />
  <template v-if="grid">
    <p class="line">
      <span role="group" aria-label="Zoom">
        <button
          v-for="(one, i) in ZOOMS"
          :key="one.name"
          type="button"
          class="zoom"
          :aria-pressed="zoom === i"
          @click="zoom = i"
        >
          {{ one.name }}
        </button>
      </span>
      <span class="soft"><kbd>+</kbd> <kbd>−</kbd> zoom, arrows move, <kbd>Enter</kbd> opens the card beside</span>
    </p>
    <div
      ref="scroll"
      class="grid"
      :class="size.name"
      role="grid"
      tabindex="0"
      aria-label="Coverage, techniques down and machines across"
      aria-readonly="true"
      :aria-rowcount="rows.length + 1"
      :aria-colcount="columns.length + 1"
      :aria-activedescendant="rows.length > 0 ? cellId(cursor.row, cursor.column) : undefined"
      @keydown="onKey"
    >
      <div
        class="sheet"
        role="presentation"
        :style="{ width: `${HEAD.width + across.getTotalSize()}px`, height: `${HEAD.height + down.getTotalSize()}px` }"
      >
        <template v-if="size.name === 'overview' && scroll">
          <OverviewPicture :scroller="scroll" :input="picture" @press="press" />
          <div class="visually-hidden" role="row">
            <span :id="cellId(cursor.row, cursor.column)" role="gridcell">{{
              labelOf(cursor.row, cursor.column)
            }}</span>
          </div>
        </template>
        <template v-else>
          <div class="heads" role="row" :style="{ height: `${HEAD.height}px` }">
            <span class="corner" role="columnheader" :style="{ width: `${HEAD.width}px` }"
              ><span class="visually-hidden">Technique</span></span
            >
            <span
              v-for="item in shownColumns"
              :key="columns[item.index]!.id"
              class="model"
              role="columnheader"
              :aria-colindex="item.index + 2"
              :style="{ left: `${HEAD.width + item.start}px`, width: `${item.size}px` }"
              :class="{ at: cursor.column === item.index }"
            >
              <span
                >{{ columns[item.index]!.make }}<br /><strong>{{ columns[item.index]!.name }}</strong></span
              >
            </span>
          </div>
          <CoverageBand
            v-for="row in shownRows"
            :key="rows[row.index]!.id"
            class="band"
            :class="{ family: firstOfFamily(row.index) }"
            :aria-rowindex="row.index + 2"
            :style="{ top: `${HEAD.height + row.start}px`, height: `${row.size}px` }"
            :name="rows[row.index]!.name"
            :head="HEAD.width"
            :zoom="size.name === 'words' ? 'words' : 'marks'"
            :window="shownColumns"
            :cell="(column) => cellAt(row.index, column)"
            :at="cursor.row === row.index ? cursor.column : undefined"
            :open="openColumn(row.index)"
            :version="version"
            @press="(column) => press(row.index, column)"
          />
        </template>
      </div>
    </div>
    <p class="status" role="status">
      {{ rows.length > 0 ? labelOf(cursor.row, cursor.column) : 'Nothing is as it is looked for here.' }}
    </p>
  </template>
</template>

<style scoped lang="scss">
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1.2rem;
  margin-bottom: 0.4rem;
}

.zoom {
  border: 0;
  background: none;
  color: var(--ink-soft);
  border-bottom: 3px solid transparent;
  margin-right: 0.8rem;
  padding: 0;

  &[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 650;
    border-bottom-color: var(--teal);
  }
}

.grid {
  overflow: auto;
  height: calc(100vh - 17.2rem);
  min-height: 16rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
  contain: strict;
}

.sheet {
  position: relative;
}

.heads {
  position: sticky;
  top: 0;
  z-index: 3;
  background: var(--fold);
}

.corner {
  position: sticky;
  left: 0;
  display: inline-block;
  height: 100%;
  background: var(--fold);
  z-index: 1;
}

.model {
  position: absolute;
  bottom: 0;
  height: 100%;
  padding: 0.3rem;
  font-size: var(--small);
  line-height: 1.2;
  overflow: hidden;
  display: flex;
  align-items: end;

  &.at {
    box-shadow: inset 0 -3px var(--teal);
  }
}

.marks .model span {
  writing-mode: vertical-rl;
  transform: rotate(180deg);
  white-space: nowrap;
}

.band {
  position: absolute;
  left: 0;
  right: 0;
}

.family {
  border-top: 2px solid var(--ink-soft);
}

.status {
  min-height: 1.6rem;
  margin: 0.3rem 0 0;
}
</style>
