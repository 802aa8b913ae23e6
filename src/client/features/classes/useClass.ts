/** The class that is open: as it is kept, as it is being changed, and how it is kept again. */
import { inject, provide, watch, type InjectionKey } from 'vue'
import type { ClassRow, ClassWrite } from '#shared/api/classes'
import { call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists } from '../../state/picks'
import { useVersionedRecord, type Typed } from '../../state/useVersionedRecord'
import { keptDraft } from '../../ui/sheet/keptDraft'

export const openClass = (id: string) => {
  const names = useNames()
  const lists = usePickLists()
  const kept = keptDraft<Typed<ClassWrite>>(`class/${id}`)
  const keeping = useVersionedRecord<ClassRow, ClassWrite>({
    contentOf: ({ class: { id: _, ...content } }) => content,
    rowOf: ({ version, value }) => ({ version, class: value as ClassRow['class'] }),
    write: (content, over) => call('PUT', `/api/classes/${id}`, { version: over?.version ?? 0, class: content }),
    reads: { topic: 'classes', again: () => get(`/api/classes/${id}`) },
  })
  const { row, draft, problem, said, changed, take, save, resume } = keeping
  const load = async () => {
    try {
      const [read] = await Promise.all([get(`/api/classes/${id}`), names.load(), lists.loaded()])
      take(read)
      if (resume(kept.read())) said.value = 'What you had typed is here again; it is not saved yet.'
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  // What was typed survives a reload; what it was typed over too, should somebody change the class meanwhile.
  watch([draft, row], ([content, of]) => {
    if (!of) return
    const { id: _, ...over } = of.class
    kept.write(changed.value && content ? { content, over } : undefined)
  })
  const put = (next: Partial<ClassWrite>) => {
    if (draft.value) draft.value = { ...draft.value, ...next }
  }
  /** One change kept at once, on top of whatever else is being changed. */
  const keep = async (next: Partial<ClassWrite>): Promise<boolean> => {
    put(next)
    return save()
  }
  const techniqueName = (technique: string | undefined) =>
    lists.lists?.techniques.find((one) => one.id === technique)?.name ?? technique ?? ''
  const seatName = (seat: number) => row.value?.class.seats[seat]?.name ?? ''
  const opened = { ...keeping, id, load, put, keep, techniqueName, seatName, names }
  provide(KEY, opened)
  void load()
  return opened
}

const KEY: InjectionKey<ReturnType<typeof openClass>> = Symbol('class')

/** Within the room of a class. */
export const useClass = () => {
  const opened = inject(KEY)
  if (!opened) throw new Error('no class is open here')
  return opened
}
