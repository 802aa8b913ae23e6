import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
beforeAll(async () => {
  shop = await openShop()
  lead = await shop.as('lead')
})
afterAll(() => shop.close())

const read = async (path: string) => (await lead.get(path).expect(200)).body
const LETTERS: Record<string, string> = { r: 'ready', i: 'needsItems', o: 'otherRoute', n: 'notOnThisModel' }

describe('coverage', () => {
  it('says in each cell what its card says', async () => {
    const { models, techniques, verdicts } = await read('/api/coverage/grid?fabric=denim')
    for (const [t, technique] of techniques.entries()) {
      for (const [m, model] of models.entries()) {
        const card = await read(`/api/card?technique=${technique.id}&model=${model.id}&fabric=denim`)
        expect(LETTERS[verdicts[t][m]], `${technique.id} on ${model.id}`).toBe(card.verdict)
      }
    }
  })

  it('gives one model’s column with its first reasons and the names they need', async () => {
    const { cells, names } = await read('/api/coverage/column?model=ketch&fabric=denim')
    const grid = await read('/api/coverage/grid?fabric=denim')
    expect(cells.map(({ technique }: { technique: string }) => technique)).toEqual(
      grid.techniques.map(({ id }: { id: string }) => id),
    )
    for (const { decision } of cells) expect(decision.verdict === 'ready' || decision.reason !== undefined).toBe(true)
    for (const id of cells.flatMap(({ decision }: { decision: { toGet: string[] } }) => decision.toGet))
      expect(names.items[id]).toBeDefined()
    await lead.get('/api/coverage/column?model=none&fabric=denim').expect(404)
    await lead.get('/api/coverage/grid?fabric=none').expect(404)
  })

  it('follows a write at once, and its undo', async () => {
    const before = await read('/api/coverage/grid?fabric=denim')
    const place = before.models.findIndex(({ id }: { id: string }) => id === 'plover-60')
    const head = await read('/api/catalogue/models/plover-60')
    const supplied = head.value.supplied.filter((id: string) => !id.startsWith('lf-'))
    const written = await lead
      .put('/api/catalogue/models/plover-60')
      .send({ version: head.version, value: { ...head.value, supplied } })
      .expect(200)
    const after = await read('/api/coverage/grid?fabric=denim')
    const column = (grid: { verdicts: string[] }) => grid.verdicts.map((row) => row[place]).join('')
    const others = (grid: { verdicts: string[] }) =>
      grid.verdicts.map((row) => [...row].filter((_, i) => i !== place).join(''))
    expect(column(after)).not.toBe(column(before))
    expect(others(after)).toEqual(others(before))
    await lead.post('/api/history/undo').send({ revision: written.body.version }).expect(200)
    expect(await read('/api/coverage/grid?fabric=denim')).toEqual(before)
  })

  it('ranks what closes gaps, and closing one closes its cells', async () => {
    const { gaps, cover, needing } = await read('/api/coverage/gaps?fabric=denim')
    expect(gaps.length).toBeGreaterThan(0)
    const sizes = gaps.map(({ cells }: { cells: unknown[] }) => cells.length)
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a))
    expect(cover.closed).toBeLessThanOrEqual(needing)
    const buy = gaps.find(
      ({ closer, cells }: { closer: { closes: string }; cells: unknown[] }) =>
        closer.closes === 'buy' && cells.length > 0,
    )
    for (const { technique, model } of buy.cells) {
      const card = await read(`/api/card?technique=${technique}&model=${model}&fabric=denim&owned=${buy.closer.item}`)
      expect(card.verdict).not.toBe('needsItems')
    }
  })
})
