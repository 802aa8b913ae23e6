import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it } from 'vitest'
import { createApp } from 'vue'
import { createMemoryHistory, createRouter, type Router } from 'vue-router'
import type { PickLists } from '#shared/api/rows'
import { useExample, usePickLists, usePicks } from './picks'

const option = (id: string, more: object = {}) => ({ id, name: `Name of ${id}`, ...more })
const LISTS = {
  models: [option('m1', { make: 'Maker' }), option('m2', { make: 'Maker' }), option('m3', { make: 'Maker' })],
  techniques: [option('t1'), option('t2')],
  fabrics: [option('f1')],
} as unknown as PickLists

let router: Router
let picks: ReturnType<typeof usePicks>
let example: ReturnType<typeof useExample>

beforeEach(async () => {
  router = createRouter({ history: createMemoryHistory(), routes: [{ path: '/:any(.*)*', component: {} }] })
  const pinia = createPinia()
  setActivePinia(pinia)
  const app = createApp({}).use(router).use(pinia)
  await router.push('/card?m=m1&t=t1&f=f1')
  picks = app.runWithContext(usePicks)
  example = app.runWithContext(useExample)
})
const address = () => router.currentRoute.value.fullPath

describe('picks', () => {
  it('are read from the address, which can be linked', async () => {
    await router.push('/card?m=m1&t=t1&f=f1&owned=a,b,,&way=first&opening=20')
    expect(picks.picked.value).toMatchObject({
      model: 'm1',
      technique: 't1',
      fabric: 'f1',
      method: 'first',
      opening: '20',
      owned: ['a', 'b'],
    })
    expect(picks.query.value).toEqual({ m: 'm1', t: 't1', f: 'f1', method: 'first', owned: 'a,b,,', opening: '20' })
    await router.push('/card')
    expect(picks.picked.value).toMatchObject({ model: undefined, owned: [] })
    expect(picks.query.value).toEqual({})
  })

  it('take the first of what an address says twice', async () => {
    await router.push('/card?m=m2&m=m3')
    expect(picks.picked.value.model).toBe('m2')
  })

  it('stay in the room they are changed in', async () => {
    await router.push('/coverage?m=m1')
    await picks.pick('fabric', 'f1')
    expect(address()).toBe('/coverage?m=m1&f=f1')
  })

  it('of another technique let go a method that is named', async () => {
    await picks.setMethod('second')
    expect(address()).toContain('method=second')
    await picks.pick('technique', 't2')
    expect(picks.picked.value).toMatchObject({ model: 'm1', technique: 't2', method: undefined })
  })

  it('of another machine let go how the one before stood, and keep the method', async () => {
    await picks.setMethod('second')
    await picks.setStand({ now: 'knife:up', after: 't2' })
    await picks.pick('model', 'm2')
    expect(picks.picked.value).toMatchObject({ model: 'm2', now: undefined, after: undefined, method: 'second' })
  })

  it('made one upon the other hold both, though the first has not arrived', async () => {
    await Promise.all([picks.pick('model', 'm3'), picks.pick('technique', 't2')])
    expect(picks.picked.value).toMatchObject({ model: 'm3', technique: 't2', fabric: 'f1' })
  })

  it('hold what is owned, or nothing of it', async () => {
    await picks.setOwned(['x', 'y'])
    expect(picks.picked.value.owned).toEqual(['x', 'y'])
    await picks.setOwned([])
    expect(address()).not.toContain('owned')
  })

  it('step through the list and around its ends', async () => {
    usePickLists().lists = LISTS
    await picks.step('model', 1)
    expect(picks.picked.value.model).toBe('m2')
    await picks.step('model', -1)
    await picks.step('model', -1)
    expect(picks.picked.value.model).toBe('m3')
    await picks.step('model', 1)
    expect(picks.picked.value).toMatchObject({ model: 'm1', technique: 't1', fabric: 'f1' })
  })
})

describe('something to begin with', () => {
  it('is the first of each, in words', () => {
    usePickLists().lists = LISTS
    expect(example.value).toEqual({
      query: { m: 'm1', t: 't1', f: 'f1' },
      words: 'Name of t1 on the Maker Name of m1 in name of f1',
    })
  })

  it('is nothing where the shop has no machine yet', () => {
    expect(example.value).toBeUndefined()
    usePickLists().lists = { ...LISTS, models: [] }
    expect(example.value).toBeUndefined()
  })
})
