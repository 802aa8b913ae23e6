/** The machine to try on for what is picked; another pick is another machine, so nothing of the one before stays. */
import { useRoute } from 'vue-router'

import { get } from '../../api/client'
import { usePicks } from '../../state/picks'
import { useQuery } from '../../state/useQuery'

export const useTrial = () => {
  const route = useRoute()
  const { picked } = usePicks()
  const { answer, problem } = useQuery(
    'trial',
    () => {
      const { owned, model, technique, fabric, method, also, opening, radius, measured } = picked.value
      const stage = typeof route.query.stage === 'string' ? route.query.stage : undefined
      const asked = { model, technique, fabric, method, also, opening, radius, measured, owned: owned.join(','), stage }
      return model && technique && fabric ? asked : undefined
    },
    (asked) => get('/api/practice', asked),
    { stays: 0 },
  )
  return { trial: answer, problem }
}
