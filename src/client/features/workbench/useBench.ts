import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Hand } from '#core/card/hand'
import { get, problemText } from '../../api/client'
import type { Picked } from '../../state/picks'
import { benchOf, type Bench } from './calculator'

/** What lies in hand for what is picked; a slower answer to an earlier pick is dropped. */
export const useBench = (picked: Ref<Picked>) => {
  const bench = shallowRef<Bench>(benchOf({ stages: [], guides: [] }))
  const problem = ref('')
  let asked = 0
  watch(
    picked,
    async ({ owned, model, technique, fabric, method, also }) => {
      const mine = ++asked
      try {
        const hand = await get<Hand>('/api/hand', { model, technique, fabric, method, also, owned: owned.join(',') })
        if (mine !== asked) return
        bench.value = benchOf(hand)
        problem.value = ''
      } catch (error) {
        if (mine === asked) problem.value = problemText(error)
      }
    },
    { immediate: true },
  )
  return { bench, problem }
}
