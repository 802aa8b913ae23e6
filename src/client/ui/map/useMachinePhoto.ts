/** The shop's own photograph of a machine from one side, where it has one and somebody is signed in to see it. */
import { computed } from 'vue'
import type { MachineView } from '#core/catalogue/types'

import { get } from '../../api/client'
import { useSession } from '../../state/session'
import { useQuery } from '../../state/useQuery'

export const useMachinePhoto = (model: () => string | undefined, view: () => MachineView) => {
  const session = useSession()
  const { answer } = useQuery(
    'machinePhotos',
    () => (session.user ? 'all' : undefined),
    () => get('/api/machine-photos'),
  )
  return computed(() => {
    const found = answer.value?.find((one) => one.model === model() && one.view === view())
    return found && `/api/models/${found.model}/photos/${found.view}?at=${encodeURIComponent(found.at)}`
  })
}
