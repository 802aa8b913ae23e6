import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Card } from '#core/card/card'
import { get, problemText } from '../../api/client'

interface Picked {
  model: string | undefined
  technique: string | undefined
  fabric: string | undefined
  method: string | undefined
  also: string | undefined
  owned: readonly string[]
}

/** The card for what is picked; a slower answer to an earlier pick is dropped. */
export const useCard = (picked: Ref<Picked>) => {
  const card = shallowRef<Card>()
  const problem = ref('')
  const busy = ref(false)
  let asked = 0

  watch(
    picked,
    async ({ model, technique, fabric, method, also, owned }) => {
      const mine = ++asked
      if (!model || !technique || !fabric) {
        card.value = undefined
        problem.value = ''
        return
      }
      busy.value = true
      try {
        const next = await get<Card>('/api/card', { model, technique, fabric, method, also, owned: owned.join(',') })
        if (mine !== asked) return
        card.value = next
        problem.value = ''
      } catch (error) {
        if (mine !== asked) return
        card.value = undefined
        problem.value = problemText(error)
      } finally {
        if (mine === asked) busy.value = false
      }
    },
    { immediate: true },
  )
  return { card, problem, busy }
}
