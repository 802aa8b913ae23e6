/** How long a statement may take while somebody waits for its answer. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openShop, type Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop({ demo: false })
})
afterAll(() => shop.close())

describe('a statement that is waited for', () => {
  it('is given up where the database does not come back to it, and the next one is answered', async () => {
    const { database } = shop.services
    await expect(database.query('SELECT SLEEP(12)')).rejects.toMatchObject({ code: 'PROTOCOL_SEQUENCE_TIMEOUT' })
    expect(await database.query('SELECT 1 AS one')).toMatchObject([{ one: expect.anything() as unknown }])
  })

  it('has longer where it carries much', async () => {
    const much = 'a'.repeat(100_000)
    const [row] = await shop.services.database.query<{ length: string }[]>('SELECT SLEEP(7), LENGTH(?) AS length', [
      much,
    ])
    expect(Number(row?.length)).toBe(much.length)
  })
})
