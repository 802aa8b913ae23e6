/** The card of a technique while it is written, a moment after each change. */
import { useDebounceFn } from '@vueuse/core'
import { ref, shallowRef, watch, type Ref } from 'vue'
import type { Card } from '#core/card/card'
import type { Technique } from '#core/catalogue/types'
import { Technique as TechniqueSchema } from '#shared/api/catalogue'
import { call, problemText } from '../../api/client'

/** Short enough that the card is there within a fifth of a second, long enough not to ask at every key. */
const WAIT_MS = 25

export interface Drafting {
  technique: Technique | undefined
  model: string | undefined
  fabric: string | undefined
  method: string | undefined
}

export const useDraftCard = (drafting: Ref<Drafting>) => {
  const card = shallowRef<Card>()
  const problem = ref('')
  let asked = 0

  const ask = useDebounceFn(async () => {
    const { technique, model, fabric, method } = drafting.value
    const mine = ++asked
    if (!technique || !model || !fabric) return
    const checked = TechniqueSchema.safeParse(technique)
    if (!checked.success) {
      const [issue] = checked.error.issues
      problem.value =
        'The card waits: ' +
        `${issue?.path.map((key) => (typeof key === 'number' ? key + 1 : String(key))).join(' › ')} ` +
        `${issue?.message}.`
      return
    }
    try {
      const next = await call('POST', '/api/card/draft', { technique, model, fabric, method })
      if (mine !== asked) return
      card.value = next
      problem.value = ''
    } catch (error) {
      if (mine === asked) problem.value = problemText(error)
    }
  }, WAIT_MS)
  watch(drafting, () => void ask(), { immediate: true })
  return { card, problem }
}
