/** The shop's own photograph of a machine from one side, where it has one. */
import { computed, inject, provide, shallowRef, type InjectionKey, type Ref } from 'vue'
import type { MachineView } from '#core/catalogue/types'
import type { MachinePhoto } from '#shared/api/samples'

import { get } from '../../api/client'
import { useSession } from '../../state/session'
import { useQuery } from '../../state/useQuery'

/** Which there are, and where each is. */
interface Photos {
  all: Readonly<Ref<readonly MachinePhoto[] | undefined>>
  addressOf: (photo: MachinePhoto) => string
}
const AT_A_LINK: InjectionKey<Photos> = Symbol('photographs at a link')

/** Below this page the photographs of a link are shown; where they cannot be had an outline stays. */
export const providePhotos = (found: Promise<MachinePhoto[]>, addressOf: Photos['addressOf']): void => {
  const all = shallowRef<MachinePhoto[]>([])
  found.then(
    (those) => (all.value = those),
    () => undefined,
  )
  provide(AT_A_LINK, { all, addressOf })
}

export const useMachinePhoto = (model: () => string | undefined, view: () => MachineView) => {
  const session = useSession()
  const atLink = inject(AT_A_LINK, undefined)
  const { answer: own } = useQuery(
    'machinePhotos',
    () => (session.user && !atLink ? 'all' : undefined),
    () => get('/api/machine-photos'),
  )
  const { all, addressOf }: Photos = atLink ?? {
    all: own,
    addressOf: (photo) => `/api/models/${photo.model}/photos/${photo.view}?at=${encodeURIComponent(photo.at)}`,
  }
  return computed(() => {
    const found = all.value?.find((one) => one.model === model() && one.view === view())
    return found && addressOf(found)
  })
}
