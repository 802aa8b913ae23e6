/** Rows by the thousand, on a real server: all of them, in few statements, none too large. */
import type { Connection } from 'mysql2'
import type { EntityManager } from 'typeorm'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { FabricRow, ImportHabitRow } from '../../src/server/database/entities/index'
import { writeMany } from '../../src/server/database/writeMany'
import { openShop, type Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop({ demo: false })
})
afterAll(() => shop.close())

/** How many rows each statement carried. */
const statements = async (manager: EntityManager, work: () => Promise<void>): Promise<number[]> => {
  const asked = vi.spyOn((await manager.queryRunner?.connect()) as Connection, 'execute')
  await work()
  const counts = asked.mock.calls.map(([sql]) => String(sql).split('(?').length - 1)
  asked.mockRestore()
  return counts
}
const fabric = (id: string, ordinal: number, text: string) => ({
  id,
  ordinal,
  version: 1,
  name: `It's “${id}” \\ ?`,
  content: { text, at: null, by: 0.1 },
})
const within = <Result>(work: (manager: EntityManager) => Promise<Result>): Promise<Result> =>
  shop.services.database.transaction(work)

describe('many rows', () => {
  it('are written whole, in their order, however large some are', async () => {
    const rows = Array.from({ length: 4500 }, (_, i) =>
      fabric(`f${i}`, i, i % 900 === 7 ? 'x'.repeat(1_200_000) : 'é?'),
    )
    await within(async (manager) => {
      const counts = await statements(manager, () => writeMany(manager, FabricRow, rows))
      expect(counts.reduce((sum, count) => sum + count)).toBe(4500)
      expect(counts.length).toBeLessThan(60)
      // A statement ends with the row that is large; its rows are prepared by powers of two.
      expect(counts.slice(0, 2)).toEqual([8, 128])
      expect(counts.every((count) => Number.isInteger(Math.log2(count)))).toBe(true)
    })
    const { manager } = shop.services.database
    const found = await manager.find(FabricRow, { order: { ordinal: 'ASC' } })
    expect(found.map(({ id, name, content }) => ({ id, name, content }))).toEqual(
      rows.map(({ id, name, content }) => ({ id, name, content })),
    )
  })

  it('replace what has their key where that is wanted, and else are refused', async () => {
    const { manager } = shop.services.database
    const anew = [fabric('f1', 1, 'anew'), fabric('g1', 5000, 'new')]
    await expect(within((manager) => writeMany(manager, FabricRow, anew))).rejects.toThrow(/Duplicate/)
    await within((manager) => writeMany(manager, FabricRow, anew, { replace: true }))
    expect(await manager.findOneBy(FabricRow, { id: 'f1' })).toMatchObject({ content: { text: 'anew' } })
    expect(await manager.countBy(FabricRow, {})).toBe(4501)
    await within(async (manager) => {
      expect(await statements(manager, () => writeMany(manager, ImportHabitRow, []))).toEqual([])
    })
  })

  it('are told of wherever one of them does not fit, and none of them is there', async () => {
    const rows = Array.from({ length: 700 }, (_, i) => fabric(`h${i}`, i, 'ok'))
    rows[130] = fabric('h129', 0, 'twice')
    await expect(within((manager) => writeMany(manager, FabricRow, rows))).rejects.toThrow(/Duplicate/)
    expect(await shop.services.database.manager.countBy(FabricRow, {})).toBe(4501)
  })
})
