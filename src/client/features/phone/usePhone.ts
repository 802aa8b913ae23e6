/** A card's link on a telephone: what is ticked there, what it has told the shop, what the shop answers. */
import { useEventListener } from '@vueuse/core'
import { ref, shallowRef, watch } from 'vue'

import type { Compared } from '#core/desk/shown'
import type { PhoneTold } from '#shared/api/desk'
import { call, get } from '../../api/client'
import { providePhotos } from '../../ui/map/useMachinePhoto'
import { keptDraft } from '../../ui/sheet/keptDraft'

/** Which of the cards that a class's code opens; empty at a link to one card. */
export type PhoneQuery = Record<'model' | 'technique' | 'fabric' | 'method' | 'owned', string | undefined>

interface OnThisPhone {
  /** Steps that are done, by stage. */
  done: Record<string, string[]>
  /** Of what was sent: it is known again when it is sent again, and its answer is read with it. */
  keys: string[]
}

/** What is told of a piece that did not come out; `words` in the sender's own. */
export interface NotWorking {
  trouble?: string
  shown?: Compared['shown']
  rungs: string[]
  stop?: string
  words: string
}

const newKey = () => [...crypto.getRandomValues(new Uint8Array(16))].map((one) => one.toString(36)).join('-')
const MOST_KEYS = 8

export const usePhone = (token: string, query: PhoneQuery) => {
  const stated = Object.fromEntries(Object.entries(query).filter(([, value]) => value !== undefined))
  const address = <What extends string>(what: What, more: Record<string, string> = {}) => {
    const asked = new URLSearchParams({ ...stated, ...more } as Record<string, string>).toString()
    return `/api/shared/cards/${token}/${what}?${asked}` as const
  }
  const kept = keptDraft<OnThisPhone>(`phone/${token}/${Object.values(stated).join('/')}`)
  const here = ref<OnThisPhone>(kept.read() ?? { done: {}, keys: [] })
  watch(here, (now) => kept.write(now), { deep: true })

  const told = shallowRef<PhoneTold>({ worked: false, asked: [] })
  const listen = async () => {
    told.value = await get(address('told', { keys: here.value.keys.join() }))
  }
  providePhotos(get(address('photos')), ({ view, at }) => address(`photos/${view}`, { at }))

  /** Whoever comes back to the page finds what was answered meanwhile; without a line what stands there stays. */
  useEventListener(document, 'visibilitychange', () => {
    if (document.visibilityState === 'visible') void listen().catch(() => undefined)
  })

  /** One key for one thing, however often it is pressed until it has arrived. */
  const sending = { worked: newKey(), cases: newKey() }
  const send = async (what: keyof typeof sending, body: object) => {
    const key = sending[what]
    await call('POST', address(what), { ...body, key })
    here.value.keys = [...here.value.keys.filter((one) => one !== key), key].slice(-MOST_KEYS)
    sending[what] = newKey()
    await listen()
  }

  return {
    told,
    listen,
    done: (stage: string): readonly string[] => here.value.done[stage] ?? [],
    tick: (stage: string, step: string, yes: boolean) => {
      const others = (here.value.done[stage] ?? []).filter((one) => one !== step)
      here.value.done[stage] = yes ? [...others, step] : others
    },
    /** Nothing is ticked any more: for the next piece. */
    begin: (stage: string) => (here.value.done[stage] = []),
    worked: () => send('worked', {}),
    ask: (what: NotWorking) => send('cases', what),
    /** The machine of a stage, and what it shows against the card. */
    from: (stage: string) => ({
      key: `${token}/${Object.values(stated).join('/')}/${stage}`,
      trial: () => get(address('machine', { stage })),
      compare: ({ trouble, shown }: Compared) =>
        call('POST', address('diagnosis'), {
          stage,
          shown,
          ...(trouble === '' ? {} : { trouble }),
        }),
    }),
  }
}
export type Phone = ReturnType<typeof usePhone>
