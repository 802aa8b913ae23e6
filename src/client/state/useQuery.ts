/** What a view asks the server for, asked anew whenever the question changes, or what its answer rests on. */
import { QueryClient } from '@tanstack/vue-query'
import { promiseTimeout } from '@vueuse/core'
import { defineStore } from 'pinia'
import { markRaw, ref, shallowRef, watch } from 'vue'
import { sameValue } from '#core/catalogue/sameValue'
import type { Topic } from '#shared/api/changes'
import { problemText } from '../api/client'
import { useStamp, whenChanged } from './changes'

/** Long enough not to flicker, too short to be taken for the answer to what stands there now. */
const STAYS_MS = 250
/** An answer that no view shows is still known for so long, ms. */
const KEPT_MS = 5 * 60_000

/** What answers rest on: when something of these topics is written, they are asked for again. */
const RESTS_ON = {
  card: ['catalogue', 'settings'],
  evidence: ['catalogue', 'settings', 'samplePhotos'],
  workbenchInput: ['catalogue'],
  translation: ['catalogue'],
  editions: ['catalogue', 'settings'],
  fits: ['catalogue'],
  items: ['catalogue'],
  machinePhotos: ['machinePhotos'],
  trial: ['catalogue'],
  diagnosis: ['catalogue', 'cases'],
  model: ['catalogue'],
  tradeUp: ['catalogue', 'customers', 'classes', 'cases'],
  cases: ['cases', 'customers'],
  customers: ['customers'],
  worked: ['catalogue', 'settings', 'sharedCards'],
  grid: ['catalogue', 'customers'],
  column: ['catalogue', 'customers'],
  gaps: ['catalogue', 'customers', 'classes'],
  ofClass: ['catalogue', 'classes', 'customers', 'cupboard', 'settings'],
} as const satisfies Record<string, readonly Topic[]>

/** Answers by what was asked and what it rested on: one that rested on something older is never given. */
export const useAnswers = defineStore('answers', () => {
  const known = markRaw(
    new QueryClient({
      defaultOptions: { queries: { retry: false, staleTime: Infinity, gcTime: KEPT_MS, networkMode: 'always' } },
    }),
  )
  /** Nothing is kept for who signs in next. */
  const forget = () => known.clear()
  return { known, forget }
})

export interface QueryOptions {
  /**
   * How long a question must stand before it is asked, ms: for what is asked while somebody types. The first is asked
   * at once.
   */
  wait?: number
  /** How long the answer to an earlier question is shown while the next is on its way, ms; infinite for long work. */
  stays?: number
}

/**
 * The answer to what is asked now: a slower one to an earlier question is dropped, and none is shown for another
 * question than its own for longer than `stays`. Without a question there is no answer. `again` asks the same once
 * more, as after a write; what stood there stays, also where that fails or `ask` gives nothing. What somebody else
 * wrote under it has it asked again by itself.
 */
export const useQuery = <Question, Answer>(
  kind: keyof typeof RESTS_ON,
  question: () => Question | undefined,
  ask: (question: Question) => Promise<Answer>,
  { wait = 0, stays = STAYS_MS }: QueryOptions = {},
) => {
  const answers = useAnswers()
  const stamp = useStamp(RESTS_ON[kind])
  const answer = shallowRef<Answer>()
  const problem = ref('')
  const busy = ref(false)
  let times = 0

  const take = (next: Answer | undefined, trouble = '') => {
    answer.value = next
    problem.value = trouble
    busy.value = false
  }
  /** `same`: of the same question, where an answer that is as it was changes nothing. */
  const run = async (staleTime: number, same = false) => {
    const mine = ++times
    const asked = question()
    if (asked === undefined) return take(undefined)
    busy.value = true
    try {
      const queryKey = [kind, asked, stamp()]
      const queryFn = async () => ({ is: await ask(asked) })
      const next = await answers.known.fetchQuery({ queryKey, queryFn, staleTime })
      // Broken off on purpose: nothing was answered.
      if (next.is === undefined) answers.known.removeQueries({ queryKey, exact: true })
      if (mine !== times) return
      const isOld = next.is === undefined || (same && sameValue(next.is, answer.value))
      take(isOld ? answer.value : next.is)
    } catch (error) {
      if (mine === times) take(answer.value, problemText(error))
    }
  }
  const again = () => run(0)
  /** Takes away what answers an earlier question, unless the answer to this one comes first. */
  const letGo = async () => {
    const earlier = answer.value
    if (stays === Infinity) return
    if (stays > 0) await promiseTimeout(stays)
    if (earlier !== undefined && answer.value === earlier) answer.value = undefined
  }
  watch(
    () => JSON.stringify(question()),
    async () => {
      const mine = ++times
      busy.value = true
      problem.value = ''
      void letGo()
      if (wait > 0 && mine > 1 && question() !== undefined) await promiseTimeout(wait)
      if (mine === times) await run(Infinity)
    },
    { immediate: true },
  )
  // What stands there stays until the new answer is here.
  whenChanged(RESTS_ON[kind], () => void run(Infinity, true))
  return { answer, problem, busy, again }
}
