/** The names of everything a row can point at, read again whenever a table is opened. */
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { RowNames } from '#shared/tables/titles'
import { get } from '../api/client'
import { whenChanged } from './changes'

export const useNames = defineStore('names', () => {
  const names = shallowRef<RowNames>({})
  const load = async () => {
    names.value = await get('/api/names')
  }
  whenChanged(['catalogue'], () => Object.keys(names.value).length > 0 && load().catch(() => undefined))
  return { names, load }
})
