/**
 * Things dragged from one list to another; whoever is told of it decides what comes of it, and the lists are drawn
 * anew.
 */
import Sortable from 'sortablejs'
import { nextTick, onBeforeUnmount, watch, type Ref } from 'vue'

export interface Dragged {
  /** `data-thing` of what was dragged, `data-list` of where from and where to. */
  thing: string
  from: string
  to: string
  /** Its place among the others, before and after. */
  before: number
  after: number
}

/** `lists`: a selector of the lists in `room`. `again`: drawn anew whenever it changes. */
export const useDragBetween = (
  room: Ref<HTMLElement | undefined>,
  lists: string,
  again: () => unknown,
  dropped: (dragged: Dragged) => void,
) => {
  let made: Sortable[] = []
  const forget = () => {
    for (const one of made) one.destroy()
    made = []
  }
  watch(
    [room, again],
    async () => {
      await nextTick()
      forget()
      const found = [...(room.value?.querySelectorAll<HTMLElement>(lists) ?? [])]
      made = found.map((list) =>
        Sortable.create(list, {
          group: lists,
          draggable: '[data-thing]',
          filter: 'select, button, a, input',
          preventOnFilter: false,
          animation: matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 120,
          onEnd: ({ item, from, to, oldDraggableIndex = 0, newDraggableIndex = 0 }) => {
            // The list is put back as it was: what is shown follows from what is kept, not from what was dragged.
            item.remove()
            from.insertBefore(item, [...from.querySelectorAll(':scope > [data-thing]')][oldDraggableIndex] ?? null)
            if (from === to && oldDraggableIndex === newDraggableIndex) return
            dropped({
              thing: item.dataset['thing'] ?? '',
              from: from.dataset['list'] ?? '',
              to: to.dataset['list'] ?? '',
              before: oldDraggableIndex,
              after: newDraggableIndex,
            })
          },
        }),
      )
    },
    { immediate: true, flush: 'post' },
  )
  onBeforeUnmount(forget)
}
