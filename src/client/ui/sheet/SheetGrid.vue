<script setup lang="ts">
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, nextTick, ref, useId, watch } from 'vue'
import type { Column } from '#shared/tables/columns'
import { isPlain } from '#shared/tables/cells'
import { cellOf } from '#shared/tables/rowCells'
import type { RowNames } from '#shared/tables/titles'
import CellSuggestions from './CellSuggestions.vue'
import SheetStatus from './SheetStatus.vue'
import { useBlocks } from './useBlocks'
import { useCursor } from './useCursor'
import type { EditRow, Edits } from './useEdits'
import { useSheetTable } from './useSheetTable'
import { useKeys } from '../../state/keys'

/** A table edited like a sheet: arrows, typing, blocks from the clipboard, fill down, undo. */
const props = defineProps<{
  edits: Edits
  columns: Column[]
  names: RowNames
  label: string
  filter: string
  mayWrite: boolean
  /** Rows may be added by pasting below the last. */
  mayAdd?: boolean
}>()
const emit = defineEmits<{ open: [row: EditRow] }>()

const ROW_HEIGHT = 34
const id = useId()
const scroll = ref<HTMLElement>()
const field = ref<HTMLInputElement>()
const columnsRef = computed(() => props.columns)
const { shown, sortBy, sortedBy } = useSheetTable(
  props.edits,
  columnsRef,
  computed(() => props.filter),
)
const pageRows = () => Math.max(1, Math.floor((scroll.value?.clientHeight ?? ROW_HEIGHT) / ROW_HEIGHT) - 2)
const { at, block, isIn, go, move } = useCursor(() => ({
  rows: shown.value.length,
  columns: props.columns.length,
  page: pageRows(),
}))

const virtualizer = useVirtualizer(
  computed(() => ({
    count: shown.value.length,
    getScrollElement: () => scroll.value ?? null,
    estimateSize: () => ROW_HEIGHT,
    getItemKey: (index: number) => shown.value[index]?.id ?? index,
    overscan: 8,
    scrollPaddingStart: ROW_HEIGHT,
  })),
)
const items = computed(() => virtualizer.value.getVirtualItems())
const template = computed(
  () => `3.4rem ${props.columns.map(({ width }) => `calc(${width * 0.9}ch + 1.1rem)`).join(' ')}`,
)

const current = computed(() => {
  const row = shown.value[at.value.row]
  const column = props.columns[at.value.column]
  return row && column ? { row, column } : undefined
})
const cellId = (row: number, column: number) => `${id}-${row}-${column}`
const isLocked = ({ row, column }: { row: EditRow; column: Column }): boolean =>
  !props.mayWrite ||
  (row.typed[column.heading] === undefined && !isPlain(column, cellOf(row.value, column), props.names))

const draft = ref<string>()
const edit = (text?: string) => {
  if (!current.value || isLocked(current.value)) return
  draft.value = text ?? props.edits.textOf(current.value.row, current.value.column)
  void nextTick(() => {
    field.value?.focus()
    if (text === undefined) field.value?.select()
  })
}
const commit = (down = 0, right = 0) => {
  if (draft.value === undefined || !current.value) return
  const { row, column } = current.value
  if (draft.value !== props.edits.textOf(row, column)) props.edits.setCells([{ id: row.id, column, text: draft.value }])
  leave(down, right)
}
const leave = (down = 0, right = 0) => {
  draft.value = undefined
  go(at.value.row + down, at.value.column + right)
  scroll.value?.focus()
}
const onFieldKey = (event: KeyboardEvent) => {
  if (event.key === 'Enter') commit(event.shiftKey ? -1 : 1)
  else if (event.key === 'Tab') commit(0, event.shiftKey ? -1 : 1)
  else if (event.key === 'Escape') leave()
  else return
  event.preventDefault()
  event.stopPropagation()
}

const { clear, fillDown, copied, paste } = useBlocks(props, { shown, block, go, isLocked })
const onCopy = (event: ClipboardEvent) => {
  if (draft.value !== undefined) return
  event.clipboardData?.setData('text/plain', copied())
  event.preventDefault()
}
const onPaste = (event: ClipboardEvent) => {
  if (draft.value !== undefined || !props.mayWrite) return
  event.preventDefault()
  paste(event.clipboardData?.getData('text/plain') ?? '')
}

const onKey = (event: KeyboardEvent) => {
  if (draft.value !== undefined) return
  const command = event.ctrlKey || event.metaKey
  if (command && event.key === 'z') props.edits.undo()
  else if (command && event.key === 'y') props.edits.redo()
  else if (event.altKey && event.key === 'ArrowDown') fillDown()
  else if (event.key === 'Enter' && event.altKey) {
    if (current.value) emit('open', current.value.row)
  } else if (event.key === 'Enter' || event.key === 'F2') edit()
  else if (event.key === 'Delete' || event.key === 'Backspace') clear()
  else if (event.key.length === 1 && !command && !event.altKey && props.mayWrite)
    edit(event.key === ' ' ? '' : event.key)
  else if (!move(event)) return
  event.preventDefault()
  event.stopPropagation()
}
watch(at, ({ row, column }) => {
  virtualizer.value.scrollToIndex(row)
  void nextTick(() =>
    document.getElementById(cellId(row, column))?.scrollIntoView?.({ block: 'nearest', inline: 'nearest' }),
  )
})
watch(
  () => shown.value.length,
  () => go(at.value.row, at.value.column),
)

useKeys([
  { keys: '← ↑ ↓ →', does: 'In a table: from cell to cell; with Shift a block' },
  { keys: 'Enter', does: 'In a table: type in the cell; Delete empties it' },
  { keys: 'Alt ↓', does: 'In a table: fill a block down' },
  { keys: 'Ctrl Z', does: 'In a table: take back what was typed, Ctrl Y brings it again' },
  { keys: 'Alt Enter', does: 'In a table: open the row, where it has a page' },
])

const press = (row: number, column: number, event: MouseEvent) => {
  if (draft.value !== undefined) commit()
  go(row, column, event.shiftKey)
}
const faultOf = (row: EditRow, column: Column) =>
  props.edits.faultsOf(row).find(({ heading }) => heading === column.heading)

defineExpose({
  focus: () => scroll.value?.focus(),
  toLast: () => {
    go(shown.value.length - 1, 0)
    scroll.value?.focus()
  },
  /** To the next row below that is not sound, or the first; to its first cell that is not. */
  toFault: () => {
    const faulty = shown.value.flatMap((row, i) => (props.edits.faultsOf(row).length > 0 ? [i] : []))
    const row = faulty.find((i) => i > at.value.row) ?? faulty[0]
    const found = row === undefined ? undefined : shown.value[row]
    if (row === undefined || !found) return
    const column = props.columns.findIndex((one) => faultOf(found, one))
    go(row, Math.max(0, column))
    scroll.value?.focus()
  },
  current: () => current.value?.row,
})
</script>

<template>
  <div class="sheet">
    <div
      ref="scroll"
      class="grid"
      role="grid"
      tabindex="0"
      :aria-label="label"
      :aria-rowcount="shown.length + 1"
      :aria-colcount="columns.length"
      :aria-readonly="!mayWrite"
      :aria-activedescendant="current && items.length > 0 ? cellId(at.row, at.column) : undefined"
      @keydown="onKey"
      @copy="onCopy"
      @paste="onPaste"
    >
      <div class="line head" role="row" :style="{ gridTemplateColumns: template }">
        <span class="cell corner" role="columnheader"><span class="visually-hidden">Row</span></span>
        <span
          v-for="column in columns"
          :key="column.heading"
          class="cell"
          role="columnheader"
          :aria-sort="sortedBy(column.heading) ?? 'none'"
        >
          <button type="button" tabindex="-1" @click="sortBy(column.heading)">
            {{ column.heading
            }}<span v-if="sortedBy(column.heading)" aria-hidden="true">{{
              sortedBy(column.heading) === 'ascending' ? ' ↑' : ' ↓'
            }}</span>
          </button>
        </span>
      </div>
      <div class="body" role="presentation" :style="{ height: `${virtualizer.getTotalSize()}px` }">
        <div
          v-for="item in items"
          :key="String(item.key)"
          class="line"
          role="row"
          :aria-rowindex="item.index + 2"
          :class="{
            changed: edits.isChanged(shown[item.index]!),
            faulty: edits.faultsOf(shown[item.index]!).length > 0,
          }"
          :style="{ gridTemplateColumns: template, transform: `translateY(${item.start}px)` }"
        >
          <span class="cell number" role="rowheader">
            <slot name="row" :row="shown[item.index]!" :place="item.index + 1">{{ item.index + 1 }}</slot>
          </span>
          <span
            v-for="(column, c) in columns"
            :id="cellId(item.index, c)"
            :key="column.heading"
            class="cell"
            role="gridcell"
            :aria-colindex="c + 1"
            :aria-selected="isIn(item.index, c)"
            :aria-invalid="faultOf(shown[item.index]!, column) ? 'true' : undefined"
            :class="{
              at: at.row === item.index && at.column === c,
              chosen: isIn(item.index, c),
              fault: faultOf(shown[item.index]!, column),
            }"
            @mousedown.left="press(item.index, c, $event)"
            @mouseenter="$event.buttons === 1 && go(item.index, c, true)"
            @dblclick="edit()"
          >
            <template v-if="draft !== undefined && at.row === item.index && at.column === c">
              <input
                :ref="(element) => (field = (element as HTMLInputElement | null) ?? undefined)"
                v-model="draft"
                class="typing"
                :aria-label="`${column.heading}, row ${item.index + 1}`"
                :list="`${id}-list`"
                autocomplete="off"
                @keydown="onFieldKey"
                @blur="commit()"
              />
            </template>
            <template v-else>{{ edits.textOf(shown[item.index]!, column) }}</template>
          </span>
        </div>
      </div>
    </div>
    <CellSuggestions v-if="current" :id="`${id}-list`" :column="current.column" :names="names" />
    <p class="status" role="status">
      <SheetStatus v-if="current" :cell="current" :edits="edits" :locked="mayWrite && isLocked(current)" />
      <template v-else-if="filter">No row has all these words.</template>
    </p>
  </div>
</template>

<style scoped lang="scss">
.grid {
  overflow: auto;
  height: var(--sheet-height, 60vh);
  min-height: 16rem;
  border: 1px solid var(--rule);
  background: var(--sheet);
  position: relative;

  &:focus-visible {
    outline-offset: 0;
  }
}

.line {
  display: grid;
  gap: 0;
  align-items: stretch;
  width: max-content;
  min-width: 100%;
}

.body {
  position: relative;

  .line {
    position: absolute;
    top: 0;
    left: 0;
    height: 34px;
  }
}

.head {
  position: sticky;
  top: 0;
  z-index: 3;
  background: var(--fold);
  height: 34px;

  button {
    border: 0;
    padding: 0;
    background: none;
    color: var(--ink);
    font-weight: 650;
    white-space: nowrap;
  }
}

.cell {
  padding: 0.3rem 0.6rem;
  border-right: 1px solid var(--rule);
  border-bottom: 1px solid var(--rule);
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  line-height: 1.35;
  cursor: cell;
}

/* What a row is called stays in sight. */
.number + .cell,
.corner + .cell {
  position: sticky;
  left: 3.4rem;
  z-index: 1;
  background: var(--sheet);
}

.corner + .cell {
  background: var(--fold);
}

.number + .chosen {
  background: var(--teal-wash);
}

.number + .fault {
  background: var(--madder-wash);
}

.number,
.corner {
  position: sticky;
  left: 0;
  z-index: 2;
  background: var(--fold);
  color: var(--ink-soft);
  text-align: right;
  cursor: default;
}

.chosen {
  background: var(--teal-wash);
}

.at {
  box-shadow: inset 0 0 0 2px var(--teal);
  padding: 0.3rem 0.6rem;
}

.changed .number {
  border-left: 4px solid var(--ochre);
  color: var(--ink);
}

.faulty .number {
  border-left-color: var(--madder);
}

.fault {
  background: var(--madder-wash);
}

.typing {
  width: 100%;
  border: 0;
  padding: 0;
  background: var(--sheet);
  color: var(--ink);
  outline: none;
}

.status {
  min-height: 1.6rem;
  margin: 0.3rem 0 0;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
