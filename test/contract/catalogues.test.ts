/** A catalogue from another shop: taken in, changed on both sides, taken in again, undone in one. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Bundle, Model } from '#core/catalogue/types'
import type { MergeLine, MergeView } from '#shared/api/merging'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let other: Shop
let lead: Person
let published: Bundle
beforeAll(async () => {
  shop = await openShop({ demo: false })
  other = await openShop()
  lead = await shop.as('lead')
  published = (await (await other.as('lead')).get('/api/bundle').expect(200)).body
})
afterAll(async () => {
  await shop.close()
  await other.close()
})

const SOURCE = 'The shop by the bridge'
const send = (act: 'compare' | 'take', catalogue: unknown, choices: object = {}) =>
  lead.post(`/api/catalogues/${act}`).send({ source: SOURCE, ...choices, catalogue })
const compare = async (catalogue: unknown, choices: object = {}): Promise<MergeView> =>
  (await send('compare', catalogue, choices).expect(200)).body
const take = async (catalogue: unknown, choices: object = {}) => {
  const { revision } = await compare(catalogue, choices)
  return (await send('take', catalogue, { revision, ...choices }).expect(200)).body
}
const lines = (view: MergeView, is: MergeLine['is']) => view.lines.filter((line) => line.is === is)
const ours = async (): Promise<Bundle> => (await lead.get('/api/bundle').expect(200)).body
const edited = (change: (bundle: Bundle) => void): Bundle => {
  const copy = structuredClone(published)
  change(copy)
  return copy
}
const ketch = ({ models }: Bundle) => models.find(({ id }) => id === 'ketch') as Model
const put = async (id: string, change: (value: Record<string, unknown>) => void) => {
  const { version, value } = (await lead.get(`/api/catalogue/models/${id}`).expect(200)).body
  change(value)
  await lead.put(`/api/catalogue/models/${id}`).send({ version, value }).expect(200)
}

describe('a catalogue from another shop', () => {
  it('is all new to an empty one; leaving a model leaves its stitches and what is said of it', async () => {
    const view = await compare(published)
    expect(view.last).toBeNull()
    expect(lines(view, 'new')).toHaveLength(view.lines.length)
    const model = view.lines.find(({ key }) => key === 'models/ketch')
    expect(model).toMatchObject({ stitches: ketch(published).stitches.length })
    expect(view.lines.some(({ key }) => key.startsWith('stitches/ketch/'))).toBe(false)
    const counts = await take(published, { left: ['models/ketch'] })
    expect(counts).toMatchObject({ changed: 0, removed: 0, same: 0 })
    const now = await ours()
    expect(now.models.map(({ id }) => id)).toEqual(published.models.map(({ id }) => id).filter((id) => id !== 'ketch'))
    expect(now.fits.length).toBeLessThan(published.fits.length)
    expect(now.samples.some(({ model }) => model === 'ketch')).toBe(false)
  })

  it('taken again has nothing to do; what was left is brought by a word', async () => {
    const view = await compare(published)
    expect(view.last).toMatchObject({ by: 'Maren Tolvik' })
    expect(new Set(view.lines.map(({ is }) => is))).toEqual(new Set(['changedHere']))
    expect(await take(published)).toMatchObject({ added: 0, changed: 0, removed: 0 })
    const left = view.lines.filter(({ key }) => /^(models|stitches)\/ketch(\/|$)/.test(key))
    expect(await take(published, { turned: left.flatMap(({ parts }) => parts.map(({ key }) => key)) })).toMatchObject({
      added: left.length,
    })
    expect(ketch(await ours()).stitches).toHaveLength(ketch(published).stitches.length)
  })

  it('changed on both sides: theirs is taken, ours is kept, both are asked, gone stays; undone in one', async () => {
    await put('ketch', (value) => {
      value['maxSpeed'] = 640
      value['series'] = 'ours'
    })
    const gone = published.fits.at(-1)?.id as string
    const next = edited((there) => {
      ketch(there).maxSpeed = 700
      ketch(there).market = 'north'
      there.fits.pop()
    })
    const before = await ours()
    const view = await compare(next)
    const line = view.lines.find(({ key }) => key === 'models/ketch')
    expect(line?.is).toBe('changedInBoth')
    expect(line?.parts.map(({ place, here, there, by, usual }) => [place, here, there, by, usual])).toEqual([
      ['Fastest, stitches a minute', '640', '700', 'both', 'yours'],
      ['Series', 'ours', 'not stated', 'yours', 'yours'],
      ['Market', 'not stated', 'north', 'theirs', 'theirs'],
    ])
    expect(lines(view, 'gone').map(({ key }) => key)).toEqual([`fits/${gone}`])
    const { revision } = await take(next)
    expect(ketch(await ours())).toMatchObject({ maxSpeed: 640, market: 'north', series: 'ours' })
    expect((await ours()).fits.some(({ id }) => id === gone)).toBe(true)
    expect(lines(await compare(next), 'changedThere')).toEqual([])

    await lead.post('/api/history/undo').send({ revision }).expect(200)
    expect(await ours()).toEqual(before)
    // It counts as not taken again.
    expect(lines(await compare(next), 'changedInBoth').map(({ key }) => key)).toEqual(['models/ketch'])
    const both = line?.parts[0]?.key as string
    await take(next, { turned: [both], removed: [`fits/${gone}`] })
    expect(ketch(await ours())).toMatchObject({ maxSpeed: 700, market: 'north' })
    expect((await ours()).fits.some(({ id }) => id === gone)).toBe(false)
  })

  it('an id that is something else there gets one of its own, for good', async () => {
    const foreign = edited((there) => {
      there.samples = []
      there.models = there.models.slice(0, 1)
      ;(there.models[0] as Model).name = 'Another machine'
      there.fits = []
    })
    const id = foreign.models[0]?.id as string
    const source = 'A maker'
    const asked = await compare(foreign, { source })
    expect(asked.lines.filter(({ mayBeOther }) => mayBeOther).map(({ key }) => key)).toEqual([`models/${id}`])
    const others = [`models/${id}`]
    await take(foreign, { source, others })
    const now = await ours()
    expect(now.models.find((model) => model.id === id)?.name).not.toBe('Another machine')
    expect(now.models.find((model) => model.id === `${id}-2`)?.name).toBe('Another machine')
    const again = await compare(foreign, { source })
    expect(again.lines.filter(({ mayBeOther, is }) => mayBeOther || is === 'new')).toEqual([])
    expect((await lead.get('/api/catalogues').expect(200)).body.map((one: { source: string }) => one.source)).toEqual([
      source,
      SOURCE,
    ])
  })

  it('is refused where the catalogue has moved since, and where the file is none, with where', async () => {
    await send('take', published, { revision: 1 }).expect(409)
    const broken = edited((there) => ((there.items[0] as { what: string }).what = 'gadget'))
    const { body } = await send('compare', broken).expect(422)
    expect(body.issues[0].path).toEqual(['items', 0, 'what'])
    await send('compare', published, { source: '  ' }).expect(422)
    await (await shop.as('desk')).post('/api/catalogues/compare').send({ source: 'x', catalogue: {} }).expect(403)
  })
})
