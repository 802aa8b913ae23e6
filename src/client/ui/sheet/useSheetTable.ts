/** The rows of a sheet in the order and choice they are shown. */
import {
  columnFilteringFeature,
  createFilteredRowModel,
  createSortedRowModel,
  globalFilteringFeature,
  rowSortingFeature,
  sortFn_alphanumeric,
  tableFeatures,
  useTable,
  type Row,
  type SortingState,
  type Updater,
} from '@tanstack/vue-table'
import { computed, ref, type Ref } from 'vue'
import type { Column } from '#shared/tables/columns'
import type { EditRow, Edits } from './useEdits'

const features = tableFeatures({
  columnFilteringFeature,
  globalFilteringFeature,
  filteredRowModel: createFilteredRowModel(),
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric },
})

/** The whole row as one text, for the filter line. */
const WHOLE = 'whole row'

/** Every typed word must turn up somewhere in the row. */
const hasAllWords = (row: Row<typeof features, EditRow>, _column: string, words: string[]): boolean => {
  const text = row.getValue<string>(WHOLE)
  return words.every((word) => text.includes(word))
}

export const useSheetTable = (edits: Edits, columns: Ref<Column[]>, filter: Ref<string>) => {
  const sorting = ref<SortingState>([])
  const state = computed(() => ({
    sorting: sorting.value,
    globalFilter: filter.value.toLowerCase().split(/\s+/).filter(Boolean),
  }))
  const definitions = computed(() => [
    ...columns.value.map((column) => ({
      id: column.heading,
      accessorFn: (row: EditRow) => edits.textOf(row, column),
      sortFn: 'alphanumeric' as const,
      enableGlobalFilter: false,
    })),
    {
      id: WHOLE,
      accessorFn: (row: EditRow) =>
        columns.value
          .map((column) => edits.textOf(row, column))
          .join('\n')
          .toLowerCase(),
      enableSorting: false,
    },
  ])
  const data = computed(() => [...edits.rows.value])
  const table = useTable({
    features,
    columns: definitions,
    data,
    state,
    getRowId: (row: EditRow) => row.id,
    globalFilterFn: hasAllWords as never,
    onSortingChange: (next: Updater<SortingState>) => {
      sorting.value = typeof next === 'function' ? next(sorting.value) : next
    },
  })
  const shown = computed<readonly EditRow[]>(() => table.getRowModel().rows.map(({ original }) => original as EditRow))
  const sortBy = (heading: string) => table.getColumn(heading)?.toggleSorting()
  const sortedBy = (heading: string): 'ascending' | 'descending' | undefined => {
    const sort = sorting.value.find(({ id }) => id === heading)
    return sort && (sort.desc ? 'descending' : 'ascending')
  }
  return { shown, sortBy, sortedBy }
}
