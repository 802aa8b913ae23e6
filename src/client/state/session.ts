import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import type { SessionView } from '#shared/api/session'
import { call, get, rememberCsrf } from '../api/client'

export const useSession = defineStore('session', () => {
  const view = ref<SessionView>()
  const user = computed(() => view.value?.user)
  const mayWrite = computed(() => user.value?.role === 'lead')

  const take = (next: SessionView) => {
    view.value = next
    rememberCsrf(next.csrf)
  }
  const load = async () => take(await get('/api/session'))
  const signIn = async (name: string, password: string) =>
    take(await call('POST', '/api/session', { user: name, password }))
  /** The lead's account of a shop that has none. */
  const begin = async (person: { id: string; name: string; password: string }) =>
    take(await call('POST', '/api/session/first', person))
  const signOut = async () => {
    await call('DELETE', '/api/session')
    await load()
  }
  return { view, user, mayWrite, load, signIn, begin, signOut }
})
