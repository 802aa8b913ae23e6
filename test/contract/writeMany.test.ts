/** Rows by the thousand, on a real server: all of them, in few statements, none too large. */
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import { FabricRow, ImportHabitRow } from '../../src/server/database/entities/index'
import { writeMany } from '../../src/server/database/writeMany'
import { openShop, type Shop } from './shop'

let shop: Shop
beforeAll(async () => {
  shop = await openShop({ demo: false })
})
afterAll(() => shop.close())

const statements = async (work: () => Promise<void>): Promise<number[]> => {
  const { manager } = shop.services.database
  const asked = vi.spyOn(manager, 'query')
  await work()
  const sizes = asked.mock.calls.map(([sql]) => sql.length)
  asked.mockRestore()
  return sizes
}
const fabric = (id: string, ordinal: number, text: string) => ({
  id,
  ordinal,
  version: 1,
  name: `It's “${id}” \\ ?`,
  content: { text, at: null },
})

describe('many rows', () => {
  it('are written whole, in their order, however large some are', async () => {
    const { manager } = shop.services.database
    const rows = Array.from({ length: 4500 }, (_, i) =>
      fabric(`f${i}`, i, i % 900 === 7 ? 'x'.repeat(1_200_000) : 'é?'),
    )
    const sizes = await statements(() => writeMany(manager, FabricRow, rows))
    expect(sizes.length).toBeLessThan(20)
    expect(Math.max(...sizes)).toBeLessThan(2_600_000)
    const found = await manager.find(FabricRow, { order: { ordinal: 'ASC' } })
    expect(found.map(({ id, name, content }) => ({ id, name, content }))).toEqual(
      rows.map(({ id, name, content }) => ({ id, name, content })),
    )
  })

  it('replace what has their key where that is wanted, and else are refused', async () => {
    const { manager } = shop.services.database
    const anew = [fabric('f1', 1, 'anew'), fabric('g1', 5000, 'new')]
    await expect(writeMany(manager, FabricRow, anew)).rejects.toThrow(/Duplicate/)
    await writeMany(manager, FabricRow, anew, { replace: true })
    expect(await manager.findOneBy(FabricRow, { id: 'f1' })).toMatchObject({ content: { text: 'anew' } })
    expect(await manager.countBy(FabricRow, {})).toBe(4501)
    expect(await statements(() => writeMany(manager, ImportHabitRow, []))).toEqual([])
  })
})
