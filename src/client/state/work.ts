/** Something the server works on for long: how far it is, and a way to stop it. */
import { computed, onBeforeUnmount, ref } from 'vue'
import { ApiProblem, call, get } from '../api/client'

/** Shorter work shows nothing. */
const QUIET_MS = 400
const ASK_MS = 300

export const useWork = () => {
  const name = ref<string>()
  const progress = ref<number>()
  const busy = computed(() => name.value !== undefined)
  let timer: ReturnType<typeof setTimeout> | undefined

  const watchOver = (work: string) => {
    timer = setTimeout(
      async () => {
        const state = await get(`/api/work/${work}`).catch(() => undefined)
        if (name.value !== work) return
        progress.value = state?.working ? (state.done ?? 0) / Math.max(1, state.of ?? 1) : (progress.value ?? 0)
        watchOver(work)
      },
      progress.value === undefined ? QUIET_MS : ASK_MS,
    )
  }
  const end = () => {
    clearTimeout(timer)
    name.value = undefined
    progress.value = undefined
  }
  /** Undefined where it was stopped. Throws as the request does. */
  const run = async <Result>(ask: (work: string) => Promise<Result>): Promise<Result | undefined> => {
    const work = Array.from(crypto.getRandomValues(new Uint32Array(4))).join('-')
    name.value = work
    watchOver(work)
    try {
      return await ask(work)
    } catch (error) {
      if (error instanceof ApiProblem && error.details.stopped) return undefined
      throw error
    } finally {
      if (name.value === work) end()
    }
  }
  const stop = async () => {
    if (name.value !== undefined) await call('DELETE', `/api/work/${name.value}`).catch(() => undefined)
  }
  onBeforeUnmount(() => void stop())
  return { busy, progress, run, stop }
}
