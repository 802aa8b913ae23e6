/** The names of everything a row can point at, read again whenever a table is opened. */
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { RowNames } from '#shared/tables/titles'
import { get } from '../api/client'

export const useNames = defineStore('names', () => {
  const names = shallowRef<RowNames>({})
  const load = async () => {
    names.value = await get<RowNames>('/api/names')
  }
  return { names, load }
})
