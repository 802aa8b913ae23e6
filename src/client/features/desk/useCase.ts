/** A case while it is written: what was typed outlives a reload, and nobody's change is written over. */
import { computed, watch } from 'vue'
import { useRoute, useRouter, type LocationQueryValue } from 'vue-router'
import { sameValue } from '#core/catalogue/sameValue'
import { NO_STOP } from '#core/desk/cases'
import { needsFirstAid, stopsIn } from '#shared/messages/stops'
import type { CaseRow, CaseWrite } from '#shared/api/desk'
import { call, get, problemText } from '../../api/client'
import { usePickLists, usePicks } from '../../state/picks'
import { useVersionedRecord, type Typed } from '../../state/useVersionedRecord'
import { keptDraft } from '../../ui/sheet/keptDraft'

const NEW = '/desk/new'

const contentOf = ({ case: { id: _, at: __, by: ___, phone: ____, ...content } }: CaseRow): CaseWrite => content

/** The case of that id, or a new one begun from the address; `opened` is called once it stands there. */
export const useCase = (idNow: () => string | undefined, opened: () => Promise<void>) => {
  const route = useRoute()
  const router = useRouter()
  const lists = usePickLists()
  const { query } = usePicks()
  const started = Date.now()
  const blank = (): CaseWrite => {
    const one = (value: LocationQueryValue | LocationQueryValue[] | undefined) =>
      typeof value === 'string' && value !== '' ? value : undefined
    const { m, t, f, trouble, customer, q, stop } = route.query
    const given = {
      model: one(m),
      technique: one(t),
      fabric: one(f),
      trouble: one(trouble),
      customer: one(customer),
      stop: one(stop),
    }
    const stated = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined))
    const name = one(q) ?? [nameOf('techniques', one(t)), nameOf('models', one(m))].filter(Boolean).join(' on the ')
    return { question: name, outcome: one(stop) ? 'workshop' : 'open', ...stated }
  }
  const nameOf = (list: 'models' | 'techniques' | 'fabrics', id: string | undefined) =>
    lists.lists?.[list].find((one) => one.id === id)?.name
  const keeping = useVersionedRecord<CaseRow, CaseWrite>({
    contentOf,
    rowOf: ({ version, value }) => ({ version, case: value as CaseRow['case'] }),
    write: async (content, over) => {
      if (over) return call('PUT', `/api/cases/${over.case.id}`, { version: over.version, case: content })
      const minutes = content.minutes ?? Math.max(1, Math.round((Date.now() - started) / 60_000))
      return call('POST', '/api/cases', { ...content, minutes })
    },
    done: 'Kept.',
    reads: { topic: 'cases', again: ({ case: { id } }) => get(`/api/cases/${id}`) },
  })
  const { row, draft, problem, said, changed, begin, take, resume, save: keepDraft } = keeping
  /** What was typed survives a reload of the same page; what it was typed over too. */
  const kept = computed(() => keptDraft<Typed<CaseWrite>>(`case${idNow() === undefined ? route.fullPath : route.path}`))
  let start: CaseWrite | undefined
  const typed = computed(() => (row.value ? changed.value : !sameValue(draft.value, start)))
  watch([draft, kept, row], ([content]) => {
    if (content)
      kept.value.write(typed.value ? { content, ...(row.value ? { over: contentOf(row.value) } : {}) } : undefined)
  })

  const load = async () => {
    const id = idNow()
    try {
      await lists.loaded()
      const before = kept.value.read()
      const read = id === undefined ? undefined : await get(`/api/cases/${id}`)
      if (id !== idNow()) return
      start = blank()
      if (read) take(read)
      else begin(start)
      if (read ? resume(before) : before) {
        if (!read && before) draft.value = before.content
        said.value = 'What you had typed is here again; it is not kept yet.'
      }
      await opened()
    } catch (error) {
      problem.value = problemText(error)
    }
  }
  void load()
  /** The address that the picks of this very case were written into. */
  let own: string | undefined
  /** The picks at the top are the case's: what is told of the call is what the rooms speak of. */
  const follow = async ({ model, technique, fabric }: CaseWrite) => {
    const told = Object.entries({ m: model, t: technique, f: fabric }).filter(([, id]) => id !== undefined)
    const to = router.resolve({ path: route.path, query: { ...route.query, ...Object.fromEntries(told) } })
    if (to.fullPath === route.fullPath) return
    const before = kept.value
    own = to.fullPath
    await router.replace(to.fullPath)
    if (before !== kept.value) before.write(undefined)
  }
  watch(
    () => [draft.value?.model, draft.value?.technique, draft.value?.fabric, row.value?.case.id],
    () => draft.value && void follow(draft.value),
  )
  /** From one case to another this page stays: what it shows does not. A new one that was just kept is the same. */
  watch(
    () => idNow() ?? route.fullPath,
    (id) => {
      if (String(row.value?.case.id) === id || id === own) return
      begin(undefined)
      void load()
    },
  )

  /** Heard in what is asked as well: nobody has to notice it. */
  const stop = computed(() => {
    const id = draft.value?.stop ?? stopsIn(draft.value?.question ?? '')[0]?.id
    return id === undefined || id === NO_STOP ? undefined : { id, firstAid: needsFirstAid(id) }
  })
  const put = (next: Partial<CaseWrite>) => {
    if (!draft.value) return
    const filled = Object.entries({ ...draft.value, ...next }).filter(
      ([key, value]) => value !== undefined && (value !== '' || key === 'question'),
    )
    draft.value = Object.fromEntries(filled) as unknown as CaseWrite
  }

  const save = async (next: Partial<CaseWrite> = {}) => {
    put({ ...next, ...(stop.value && !draft.value?.stop ? { stop: stop.value.id, outcome: 'workshop' } : {}) })
    if (!(await keepDraft()) || !row.value || route.path !== NEW) return
    kept.value.write(undefined)
    await router.replace({ path: `/desk/${row.value.case.id}`, query: query.value })
  }

  return { ...keeping, stop, put, save }
}
