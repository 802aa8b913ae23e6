/**
 * A long table, in an element with ref “scroll”, of which only the rows in sight are drawn, between two fillers that
 * keep its height.
 */
import { useVirtualizer } from '@tanstack/vue-virtual'
import { computed, useTemplateRef, type ComponentPublicInstance } from 'vue'

interface RowWindow<Row> {
  rows: () => readonly Row[]
  keyOf: (row: Row) => number | string
  /** What a row is taken for in px before it is measured. */
  height: number
}

export const useRowWindow = <Row>({ rows, keyOf, height }: RowWindow<Row>) => {
  const scroll = useTemplateRef<HTMLElement>('scroll')
  const virtualizer = useVirtualizer(
    computed(() => ({
      count: rows().length,
      getScrollElement: () => scroll.value ?? null,
      estimateSize: () => height,
      getItemKey: (index: number) => keyOf(rows()[index] as Row),
      overscan: 6,
    })),
  )
  const items = computed(() => virtualizer.value.getVirtualItems())
  return {
    seen: computed(() => items.value.map(({ index }) => ({ index, row: rows()[index] as Row }))),
    above: computed(() => items.value[0]?.start ?? 0),
    below: computed(() => virtualizer.value.getTotalSize() - (items.value.at(-1)?.end ?? 0)),
    measure: (row: Element | ComponentPublicInstance | null) => virtualizer.value.measureElement(row as Element | null),
    show: (index: number) => virtualizer.value.scrollToIndex(index, { align: 'center' }),
  }
}
