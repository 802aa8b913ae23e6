import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Card } from '#core/card/card'
import { get, problemText } from '../../api/client'
import type { Picked } from '../../state/picks'

/** The card for what is picked; a slower answer to an earlier pick is dropped. */
export const useCard = (picked: Ref<Picked>) => {
  const card = shallowRef<Card>()
  const problem = ref('')
  const busy = ref(false)
  let times = 0

  watch(
    picked,
    async ({ owned, ...asked }) => {
      const { model, technique, fabric } = asked
      const mine = ++times
      if (!model || !technique || !fabric) {
        card.value = undefined
        problem.value = ''
        return
      }
      busy.value = true
      try {
        const next = await get<Card>('/api/card', { ...asked, owned: owned.join(',') })
        if (mine !== times) return
        card.value = next
        problem.value = ''
      } catch (error) {
        if (mine !== times) return
        card.value = undefined
        problem.value = problemText(error)
      } finally {
        if (mine === times) busy.value = false
      }
    },
    { immediate: true },
  )
  return { card, problem, busy }
}
