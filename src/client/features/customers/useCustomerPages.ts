/** The shop's customers by name who are found by some words, page by page as one goes down the list. */
import { promiseTimeout } from '@vueuse/core'
import { shallowRef, watch } from 'vue'
import type { CustomersPage } from '#shared/api/customers'
import { get, problemText } from '../../api/client'
import { whenChanged } from '../../state/changes'

const PAGE = 200
/** So many lines before the last that is known, the next are asked for. */
const AHEAD = 40
const TYPING_MS = 150

export const useCustomerPages = (words: () => string) => {
  /** `rows`: those that were asked for; `total`, `machines`: of all who are found. */
  const found = shallowRef<CustomersPage>()
  const problem = shallowRef('')
  let times = 0
  let isAsking = false

  const page = (before: string | undefined) =>
    get('/api/customers', { q: words(), most: String(PAGE), ...(before === undefined ? {} : { before }) })
  /** Reads on from `from` until so many are there, or all. */
  const read = async (from: CustomersPage['rows'], many: number) => {
    const mine = ++times
    isAsking = true
    problem.value = ''
    try {
      let rows = from
      for (;;) {
        const next = await page(rows.at(-1)?.customer.id)
        if (mine !== times) return
        rows = [...rows, ...next.rows]
        if (rows.length < many && next.rows.length === PAGE) continue
        found.value = { ...next, rows }
        return
      }
    } catch (error) {
      if (mine === times) problem.value = problemText(error)
    } finally {
      if (mine === times) isAsking = false
    }
  }
  const again = () => read([], found.value?.rows.length ?? 0)
  /** Somebody looks at the line of that place. */
  const reach = (place: number) => {
    const { rows = [], total = 0 } = found.value ?? {}
    if (!isAsking && place > rows.length - AHEAD && rows.length < total) void read(rows, rows.length + 1)
  }
  void again()
  watch(words, async () => {
    const mine = ++times
    await promiseTimeout(TYPING_MS)
    if (mine === times) await read([], 0)
  })
  whenChanged(['customers'], again)
  return { found, problem, again, reach }
}
