/** The three picks, kept in the address so that every view can be linked, and carried from room to room. */
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { useRoute, useRouter, type LocationQuery, type LocationQueryRaw, type LocationQueryValue } from 'vue-router'
import type { PickLists } from '#shared/api/rows'
import { get } from '../api/client'
import { whenChanged } from './changes'

export type PickKey = 'model' | 'technique' | 'fabric'
const KEYS = {
  model: 'm',
  technique: 't',
  fabric: 'f',
  method: 'method',
  owned: 'owned',
  also: 'also',
  opening: 'opening',
  radius: 'radius',
  measured: 'measured',
  now: 'now',
  after: 'after',
  alternatives: 'alternatives',
} as const
/** What the method was called in addresses that are printed or kept. */
const OLD_METHOD_KEY = 'way'
/** The method that an address names, one printed or kept long ago too. */
export const methodIn = (query: LocationQuery): string | undefined =>
  one(query[KEYS.method]) ?? one(query[OLD_METHOD_KEY])
/** What a job asks for beyond the three picks, mm. */
export type Job = 'opening' | 'radius'

/** `holeSpacing:3.4,ringWire:2` by what is measured. */
export const measuredIn = (text: string | undefined): Record<string, string | undefined> =>
  Object.fromEntries((text ?? '').split(',').flatMap((part) => (part.includes(':') ? [part.split(':')] : [])))

const one = (value: LocationQueryValue | LocationQueryValue[] | undefined): string | undefined =>
  (Array.isArray(value) ? value[0] : value) ?? undefined

export const usePickLists = defineStore('pickLists', () => {
  const lists = shallowRef<PickLists>()
  const load = async (): Promise<PickLists> => {
    const read = await get('/api/picks')
    lists.value = read
    return read
  }
  /** The lists, also for who asks before they are there. */
  const loaded = async (): Promise<PickLists> => lists.value ?? load()
  whenChanged(['catalogue'], () => lists.value && load().catch(() => undefined))
  return { lists, load, loaded }
})

/** Picks on their way into the address. */
let pending: LocationQueryRaw | undefined

/** All that is asked with. */
export type Picked = { [Key in Exclude<keyof typeof KEYS, 'owned'>]?: string | undefined } & {
  owned: readonly string[]
}

export const usePicks = () => {
  const route = useRoute()
  const router = useRouter()
  const store = usePickLists()
  const picked = computed((): Picked => ({
    model: one(route.query[KEYS.model]),
    technique: one(route.query[KEYS.technique]),
    fabric: one(route.query[KEYS.fabric]),
    method: methodIn(route.query),
    also: one(route.query[KEYS.also]),
    opening: one(route.query[KEYS.opening]),
    radius: one(route.query[KEYS.radius]),
    measured: one(route.query[KEYS.measured]),
    now: one(route.query[KEYS.now]),
    after: one(route.query[KEYS.after]),
    alternatives: one(route.query[KEYS.alternatives]),
    owned: (one(route.query[KEYS.owned]) ?? '').split(',').filter(Boolean),
  }))
  /** The card that they make, once all three are there. */
  const whole = computed(() => {
    const { model, technique, fabric, method } = picked.value
    if (!model || !technique || !fabric) return undefined
    return { model, technique, fabric, ...(method ? { method } : {}) }
  })
  /** The picks as they go into a link. */
  const query = computed(() =>
    Object.fromEntries(
      Object.values(KEYS)
        .map((key) => [key, key === KEYS.method ? methodIn(route.query) : one(route.query[key])])
        .filter(([, value]) => value),
    ),
  )
  /** On top of what was picked last, even where that has not reached the address yet. */
  const change = async (next: LocationQueryRaw) => {
    const asked = { ...(pending ?? query.value), ...next }
    pending = asked
    try {
      await router.push({ path: route.path, query: asked })
    } finally {
      if (pending === asked) pending = undefined
    }
  }
  /** A new technique has other methods, so a named one is let go; how one machine stands says nothing of another. */
  const pick = (what: PickKey, id: string) =>
    change({
      [KEYS[what]]: id,
      [KEYS.alternatives]: undefined,
      ...(what === 'technique' ? { [KEYS.method]: undefined } : {}),
      ...(what === 'model' ? { [KEYS.now]: undefined, [KEYS.after]: undefined } : {}),
    })
  const setMethod = (id: string | undefined) => change({ [KEYS.method]: id })
  const setOwned = (ids: readonly string[]) => change({ [KEYS.owned]: ids.length > 0 ? ids.join(',') : undefined })
  /** How the machine stands before the card begins: `leftNeedle:out,upperKnife:?`, or as a technique left it. */
  const setStand = (stand: { now?: string | undefined; after?: string | undefined }) => change(stand)
  const showAllAlternatives = () => change({ [KEYS.alternatives]: 'all' })
  /** Measured of the piece in hand, mm; undefined lets it go. */
  const setMeasured = (key: string, mm: string | undefined) => {
    const measured = { ...measuredIn(picked.value.measured), [key]: mm }
    const told = Object.entries(measured).flatMap(([one, figure]) => (figure ? [`${one}:${figure}`] : []))
    return change({ [KEYS.measured]: told.length > 0 ? told.join(',') : undefined })
  }
  const dropJob = (job: Job) => change({ [KEYS[job]]: undefined })
  /** The next or previous in a list, for the same other picks. */
  const step = async (what: 'model' | 'technique', by: 1 | -1) => {
    const { models, techniques } = await store.loaded()
    const list = what === 'model' ? models : techniques
    if (list.length === 0) return
    const at = list.findIndex(({ id }) => id === picked.value[what])
    const next = list[(at + by + list.length) % list.length]
    if (next) await pick(what, next.id)
  }
  return { picked, whole, query, pick, setMethod, setOwned, setStand, showAllAlternatives, setMeasured, dropJob, step }
}

/** Something to begin with for who does not know yet what to pick: the shop's first of each. */
export const useExample = () => {
  const store = usePickLists()
  return computed(() => {
    const { models, techniques, fabrics } = store.lists ?? {}
    const [model] = models ?? []
    const [technique] = techniques ?? []
    const [fabric] = fabrics ?? []
    if (!model || !technique || !fabric) return undefined
    return {
      query: { m: model.id, t: technique.id, f: fabric.id },
      words: `${technique.name} on the ${model.make} ${model.name} in ${fabric.name.toLowerCase()}`,
    }
  })
}
