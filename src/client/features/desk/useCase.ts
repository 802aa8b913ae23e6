/** A case while it is written: what was typed outlives a reload, and nobody's change is written over. */
import { computed, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter, type LocationQueryValue } from 'vue-router'
import { stopsIn } from '#core/ask/askables'
import { STOPS } from '#core/desk/troubles'
import type { CustomerRow } from '#shared/api/customers'
import type { CaseRow, CaseWrite } from '#shared/api/desk'
import { ApiProblem, call, get, problemText } from '../../api/client'
import { usePickLists, usePicks } from '../../state/picks'
import { keptDraft } from '../../ui/sheet/keptDraft'

/** The case of that id, or a new one begun from the address; `opened` is called once it stands there. */
export const useCase = (idNow: () => string | undefined, opened: () => Promise<void>) => {
  const route = useRoute()
  const router = useRouter()
  const lists = usePickLists()
  const { query } = usePicks()
  const row = shallowRef<CaseRow>()
  const customers = shallowRef<CustomerRow['customer'][]>([])
  const problem = ref('')
  const said = ref('')
  const busy = ref(false)
  const started = Date.now()
  const blank = (): CaseWrite => {
    const one = (value: LocationQueryValue | LocationQueryValue[] | undefined) => (typeof value === 'string' && value !== '' ? value : undefined) // prettier-ignore
    const { m, t, f, trouble, customer, q, stop } = route.query
    const given = { model: one(m), technique: one(t), fabric: one(f), trouble: one(trouble), customer: one(customer), stop: one(stop) } // prettier-ignore
    const known = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
    const name = one(q) ?? [nameOf('techniques', one(t)), nameOf('models', one(m))].filter(Boolean).join(' on the ')
    return { question: name, outcome: one(stop) ? 'workshop' : 'open', ...known }
  }
  const nameOf = (list: 'models' | 'techniques' | 'fabrics', id: string | undefined) => lists.lists?.[list].find((one) => one.id === id)?.name // prettier-ignore
  const draft = ref<CaseWrite>()
  /** What was typed survives a reload of the same page, as long as nobody else has changed the case meanwhile. */
  const kept = computed(() => keptDraft<{ version: number; facts: CaseWrite }>(`case${route.fullPath}`))
  const touched = ref(false)
  watch(draft, (facts) =>
    kept.value.write(touched.value && facts ? { version: row.value?.version ?? 0, facts } : undefined),
  )

  const take = (next: CaseRow) => {
    touched.value = false
    kept.value.write(undefined)
    row.value = next
    const { id: _, at: __, by: ___, ...facts } = next.case
    draft.value = facts
  }
  const load = async () => {
    const id = idNow()
    try {
      const [found] = await Promise.all([get<CustomerRow[]>('/api/customers'), lists.known()])
      customers.value = found.map(({ customer }) => customer)
      const typed = kept.value.read()
      const read = id === undefined ? undefined : await get<CaseRow>(`/api/cases/${id}`)
      if (id !== idNow()) return
      if (read) take(read)
      else draft.value = blank()
      if (typed && typed.version === (row.value?.version ?? 0)) {
        touched.value = true
        draft.value = typed.facts
        said.value = 'What you had typed is here again; it is not kept yet.'
      }
      await opened()
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  void load()
  /** From one case to another this page stays: what it shows does not. A new one that was just kept is the same. */
  watch(
    () => idNow() ?? route.fullPath,
    (id) => {
      if (String(row.value?.case.id) === id) return
      touched.value = false
      row.value = undefined
      draft.value = undefined
      problem.value = ''
      said.value = ''
      void load()
    },
  )

  /** Heard in what is asked as well: nobody has to notice it. */
  const stop = computed(() => {
    const id = draft.value?.stop ?? stopsIn(draft.value?.question ?? '')[0]?.id
    return STOPS.find((one) => one.id === id)
  })
  const put = (next: Partial<CaseWrite>) => {
    if (!draft.value) return
    touched.value = true
    draft.value = Object.fromEntries(Object.entries({ ...draft.value, ...next }).filter(([, value]) => value !== undefined && value !== '')) as CaseWrite // prettier-ignore
    if (draft.value.question === undefined) draft.value.question = ''
  }

  const save = async (next: Partial<CaseWrite> = {}) => {
    put({ ...next, ...(stop.value && !draft.value?.stop ? { stop: stop.value.id, outcome: 'workshop' } : {}) })
    if (!draft.value || busy.value) return
    problem.value = ''
    said.value = ''
    busy.value = true
    try {
      if (row.value)
        take(await call<CaseRow>('PUT', `/api/cases/${row.value.case.id}`, { version: row.value.version, case: draft.value })) // prettier-ignore
      else {
        const minutes = draft.value.minutes ?? Math.max(1, Math.round((Date.now() - started) / 60_000))
        const made = await call<CaseRow>('POST', '/api/cases', { ...draft.value, minutes })
        take(made)
        await router.replace({ path: `/desk/${made.case.id}`, query: query.value })
      }
      said.value = 'Kept.'
    } catch (error) {
      problem.value = error instanceof ApiProblem && error.details.status === 409 ? 'Somebody else has changed this case meanwhile. What you typed is kept here; open it in another tab to see theirs.' : problemText(error) // prettier-ignore
    } finally {
      busy.value = false
    }
  }

  return { row, draft, customers, problem, said, busy, stop, put, save }
}
