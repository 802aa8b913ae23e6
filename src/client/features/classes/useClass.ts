/** The class that is open: as it is kept, as it is being changed, and how it is kept again. */
import { computed, inject, provide, ref, shallowRef, watch, type InjectionKey } from 'vue'
import type { ClassRow, ClassWrite } from '#shared/api/classes'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { useNames } from '../../state/names'
import { usePickLists } from '../../state/picks'
import { keptDraft } from '../../ui/sheet/keptDraft'

export const openClass = (id: string) => {
  const names = useNames()
  const lists = usePickLists()
  const kept = keptDraft<{ version: number; facts: ClassWrite }>(`class/${id}`)
  const row = shallowRef<ClassRow>()
  const draft = ref<ClassWrite>()
  const problem = ref('')
  const said = ref('')
  const saving = ref(false)

  const take = (next: ClassRow) => {
    row.value = next
    const { id: _, ...facts } = next.class
    draft.value = facts
  }
  const load = async () => {
    try {
      const [read] = await Promise.all([get<ClassRow>(`/api/classes/${id}`), names.load(), lists.known()])
      take(read)
      const typed = kept.read()
      if (typed?.version === read.version) {
        draft.value = typed.facts
        said.value = 'What you had typed is here again; it is not saved yet.'
      }
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  const changed = computed(() => {
    if (!row.value || !draft.value) return false
    const { id: _, ...facts } = row.value.class
    return JSON.stringify(facts) !== JSON.stringify(draft.value)
  })
  // What was typed survives a reload, as long as nobody else has changed the class meanwhile.
  watch(draft, (facts) => kept.write(changed.value && row.value && facts ? { version: row.value.version, facts } : undefined)) // prettier-ignore
  const put = (next: Partial<ClassWrite>) => {
    if (draft.value) draft.value = { ...draft.value, ...next }
  }
  /** Whether it is kept; what was typed stays where it is not. */
  const save = async (): Promise<boolean> => {
    if (!row.value || !draft.value) return false
    problem.value = ''
    said.value = ''
    saving.value = true
    try {
      take(await call<ClassRow>('PUT', `/api/classes/${id}`, { version: row.value.version, class: draft.value }))
      said.value = 'Saved.'
      return true
    } catch (error) {
      problem.value =
        error instanceof ApiProblem && error.details.status === 409
          ? 'Somebody else has changed this class meanwhile. What you typed is kept here; open it in another tab to see theirs.'
          : problemText(error)
      return false
    } finally {
      saving.value = false
    }
  }
  /** One change kept at once, on top of whatever else is being changed. */
  const keep = async (next: Partial<ClassWrite>): Promise<boolean> => {
    put(next)
    return save()
  }
  const techniqueName = (technique: string | undefined) => lists.lists?.techniques.find((one) => one.id === technique)?.name ?? technique ?? '' // prettier-ignore
  const seatName = (seat: number) => row.value?.class.seats[seat]?.name ?? ''
  const opened = { id, row, draft, changed, problem, said, saving, load, put, save, keep, techniqueName, seatName, names } // prettier-ignore
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
