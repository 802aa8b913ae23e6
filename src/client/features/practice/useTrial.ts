/** The machine to try on for what is picked; a slower answer to an earlier pick is dropped. */
import { ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Trial } from '#core/practice/trial'
import { get, problemText } from '../../api/client'
import { usePicks } from '../../state/picks'

export const useTrial = () => {
  const route = useRoute()
  const { picked } = usePicks()
  const trial = shallowRef<Trial>()
  const problem = ref('')
  let times = 0
  watch(
    [picked, () => route.query.stage],
    async ([{ owned, now: _, after: __, ways: ___, ...asked }, stage]) => {
      const mine = ++times
      problem.value = ''
      trial.value = undefined
      if (!asked.model || !asked.technique || !asked.fabric) return
      try {
        const found = await get<Trial>('/api/practice', { ...asked, owned: owned.join(','), stage: typeof stage === 'string' ? stage : undefined }) // prettier-ignore
        if (mine === times) trial.value = found
      } catch (error) {
        if (mine === times) problem.value = problemText(error)
      }
    },
    { immediate: true },
  )
  return { trial, problem }
}
