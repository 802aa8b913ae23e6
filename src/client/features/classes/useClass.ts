/** The class that is open: as it is kept, as it is being changed, and how it is kept again. */
import { inject, provide, watch, type InjectionKey } from 'vue'
import type { ClassRow, ClassWrite } from '#shared/api/classes'
import { call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists } from '../../state/picks'
import { useVersionedRecord } from '../../state/useVersionedRecord'
import { keptDraft } from '../../ui/sheet/keptDraft'

export const openClass = (id: string) => {
  const names = useNames()
  const lists = usePickLists()
  const kept = keptDraft<{ version: number; content: ClassWrite }>(`class/${id}`)
  const keeping = useVersionedRecord<ClassRow, ClassWrite>({
    contentOf: ({ class: { id: _, ...content } }) => content,
    rowOf: ({ version, value }) => ({ version, class: value as ClassRow['class'] }),
    write: (content, over) => call('PUT', `/api/classes/${id}`, { version: over?.version, class: content }),
  })
  const { row, draft, problem, said, changed, take, save } = keeping
  const load = async () => {
    try {
      const [read] = await Promise.all([get<ClassRow>(`/api/classes/${id}`), names.load(), lists.loaded()])
      take(read)
      const typed = kept.read()
      if (typed?.version === read.version) {
        draft.value = typed.content
        said.value = 'What you had typed is here again; it is not saved yet.'
      }
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  // What was typed survives a reload, as long as nobody else has changed the class meanwhile.
  watch([draft, row], ([content, of]) =>
    kept.write(changed.value && of && content ? { version: of.version, content } : undefined),
  )
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
