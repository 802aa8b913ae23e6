import { computed, type Ref } from 'vue'

import { get } from '../../api/client'
import type { Picked } from '../../state/picks'
import { useQuery } from '../../state/useQuery'
import { workbenchContextOf } from './calculator'

/** What lies in hand for what is picked. */
export const useWorkbenchContext = (picked: Ref<Picked>) => {
  const { answer, problem } = useQuery(
    'workbenchInput',
    () => {
      const { owned, model, technique, fabric, method, also } = picked.value
      return { model, technique, fabric, method, also, owned: owned.join(',') }
    },
    (asked) => get('/api/hand', asked),
  )
  return { bench: computed(() => workbenchContextOf(answer.value ?? { stages: [], guides: [] })), problem }
}
