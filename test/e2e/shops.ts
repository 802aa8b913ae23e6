/** One shop for each worker: what one file's test writes no other worker's sees meanwhile. */
import { availableParallelism } from 'node:os'

export interface E2eShop {
  url: string
  databaseUrl: string
}

const KEY = 'HANDHOLD_E2E_SHOPS'

/** How many files run at once, each with browser, server and database beside it. */
export const WORKERS = Math.max(1, Math.min(4, availableParallelism()))

/** Tells the workers, which are processes of their own. */
export const announceShops = (shops: readonly E2eShop[]): void => {
  process.env[KEY] = JSON.stringify(shops)
}

/** The shop of the worker that asks; without an address before the shops are there. */
export const shopOfWorker = (): E2eShop => {
  const shops = JSON.parse(process.env[KEY] ?? '[]') as E2eShop[]
  return shops[Number(process.env['TEST_PARALLEL_INDEX'] ?? 0)] ?? { url: '', databaseUrl: '' }
}
