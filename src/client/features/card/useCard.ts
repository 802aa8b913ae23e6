import type { Ref } from 'vue'

import { get } from '../../api/client'
import type { Picked } from '../../state/picks'
import { useQuery } from '../../state/useQuery'

/** The card for what is picked; none while one of the three is not. */
export const useCard = (picked: Ref<Picked>) => {
  const { answer, problem, busy } = useQuery(
    'card',
    () => (picked.value.model && picked.value.technique && picked.value.fabric ? picked.value : undefined),
    ({ owned, ...asked }) => get('/api/card', { ...asked, owned: owned.join(',') }),
  )
  return { card: answer, problem, busy }
}
