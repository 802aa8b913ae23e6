/** What a view asks the server for, asked anew whenever the question changes. */
import { promiseTimeout } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'
import { problemText } from '../api/client'

/** Long enough not to flicker, too short to be taken for the answer to what stands there now. */
const STAYS_MS = 250

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
 * more, as after a write; what stood there stays, also where that fails.
 */
export const useQuery = <Question, Answer>(
  question: () => Question | undefined,
  ask: (question: Question) => Promise<Answer>,
  { wait = 0, stays = STAYS_MS }: QueryOptions = {},
) => {
  const answer = shallowRef<Answer>()
  const problem = ref('')
  const busy = ref(false)
  let times = 0

  const take = (next: Answer | undefined, trouble = '') => {
    answer.value = next
    problem.value = trouble
    busy.value = false
  }
  const again = async () => {
    const mine = ++times
    const asked = question()
    if (asked === undefined) return take(undefined)
    busy.value = true
    try {
      const next = await ask(asked)
      if (mine === times) take(next)
    } catch (error) {
      if (mine === times) take(answer.value, problemText(error))
    }
  }
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
      if (mine === times) await again()
    },
    { immediate: true },
  )
  return { answer, problem, busy, again }
}
