import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { exclusive } from './exclusive'

/** Tabs of one browser without locks: they share what is stored. */
let stored: Map<string, string>
beforeEach(() => {
  vi.useFakeTimers()
  stored = new Map()
  vi.stubGlobal('navigator', {})
  vi.stubGlobal('addEventListener', () => undefined)
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => stored.get(key) ?? null,
    setItem: (key: string, text: string) => void stored.set(key, text),
    removeItem: (key: string) => void stored.delete(key),
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const tab = () => {
  const stop = new AbortController()
  const state = { runs: false, stop: () => stop.abort() }
  exclusive('turn', stop.signal, () => {
    state.runs = true
    return () => (state.runs = false)
  })
  return state
}
const wait = (ms: number) => vi.advanceTimersByTimeAsync(ms)

it('runs in one tab of several, and in another once that one is closed', async () => {
  const tabs = [tab(), tab(), tab()]
  await wait(5000)
  const first = tabs.filter(({ runs }) => runs)
  expect(first).toHaveLength(1)
  first[0]?.stop()
  expect(tabs.some(({ runs }) => runs)).toBe(false)
  await wait(5000)
  expect(tabs.filter(({ runs }) => runs)).toHaveLength(1)
  expect(first[0]?.runs).toBe(false)
  for (const one of tabs) one.stop()
  expect(stored.size).toBe(0)
})

it('takes the turn of a tab that died without a word', async () => {
  stored.set('turn', JSON.stringify({ tab: 'dead', until: Date.now() + 6000 }))
  const one = tab()
  await wait(5000)
  expect(one.runs).toBe(false)
  await wait(6000)
  expect(one.runs).toBe(true)
  one.stop()
})

it('is not kept from it by what nobody can read', async () => {
  stored.set('turn', '{')
  const one = tab()
  await wait(3000)
  expect(one.runs).toBe(true)
  one.stop()
})
