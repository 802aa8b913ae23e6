import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { parseCsv } from '#shared/files/csv'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
beforeAll(async () => {
  shop = await openShop()
  lead = await shop.as('lead')
})
afterAll(() => shop.close())

const read = async (path: string) => (await lead.get(path).expect(200)).body
const write = (...changes: object[]) => lead.post('/api/catalogue/changes').send({ changes })
const bundle = () => read('/api/bundle')

describe('many rows at once', () => {
  const stitch = (model: string, id: string, more = {}) => ({
    resource: 'stitches',
    model,
    id,
    version: null,
    value: { id, select: id, function: 'zigzag', motion: 'forward', ...more },
  })

  it('are written in one go, and counted', async () => {
    const before = await read('/api/catalogue/stitches?model=spindrift-e')
    const applied = await write(
      stitch('spindrift-e', 'c-1'),
      stitch('spindrift-e', 'c-2', { defaults: { width: 3 } }),
    ).expect(200)
    expect(applied.body).toMatchObject({ added: 2, changed: 0, removed: 0, same: 0 })
    const after = await read('/api/catalogue/stitches?model=spindrift-e')
    expect(after).toHaveLength(before.length + 2)
    expect(after.at(-1)).toMatchObject({ id: 'c-2', model: 'spindrift-e', version: applied.body.revision })
  })

  it('are written wholly or not at all, and every fault is named', async () => {
    const before = await bundle()
    const refused = await write(stitch('ketch', 'n-1'), stitch('ketch', 'n-2', { function: 'no-such' })).expect(422)
    expect(refused.body.issues[0].message).toContain('no-such')
    const shapes = await write(
      stitch('ketch', 'n-1', { colour: 'red' }),
      { ...stitch('ketch', 'n-2'), model: undefined },
      stitch('ketch', 'n-3'),
      stitch('ketch', 'n-3'),
    ).expect(422)
    const places = shapes.body.issues.map(({ path }: { path: string[] }) => path.join('.'))
    expect(places).toEqual(['changes.0.value', 'changes.1.model', 'changes.3.id'])
    expect(await bundle()).toEqual(before)
  })

  it('name every row that somebody else has changed, with both versions', async () => {
    const rows = await read('/api/catalogue/threads')
    const [one, two, three] = rows
    const renamed = (row: typeof one, name: string) => ({
      resource: 'threads',
      id: row.id,
      version: row.version,
      value: { ...row.value, name },
    })
    await write(renamed(one, 'first theirs'), renamed(two, 'second theirs')).expect(200)
    const refused = await write(renamed(one, 'mine'), renamed(two, 'mine'), renamed(three, 'mine')).expect(409)
    expect(refused.body.title).toContain('2 of these rows')
    expect(refused.body.clashes).toMatchObject([
      { resource: 'threads', row: one.id, yours: { name: 'mine' }, theirs: { value: { name: 'first theirs' } } },
      { resource: 'threads', row: two.id, yours: { name: 'mine' }, theirs: { value: { name: 'second theirs' } } },
    ])
    expect((await read(`/api/catalogue/threads/${three.id}`)).value).toEqual(three.value)
  })

  it('are refused when they are far too large or no rows at all', async () => {
    const huge = await write({ resource: 'items', id: 'x', version: null, value: 'x'.repeat(17 * 1024 * 1024) }).expect(
      413,
    )
    expect(huge.body.title).toContain('Nothing was kept')
    await write().expect(422)
    await lead.post('/api/catalogue/changes').set('Content-Type', 'application/json').send('{').expect(400)
    await lead.get('/api/catalogue/stitches').expect(422)
    await lead.get('/api/catalogue/stitches?model=none').expect(404)
  })
})

describe('removing and taking back', () => {
  it('says what goes along with a foot, takes it along, and brings all of it back to its place', async () => {
    const before = await bundle()
    const stated: { id: string; item: string; chain?: string[] }[] = before.fits
    const item = stated[0]?.item as string
    const along = stated.filter((fit) => fit.item === item || fit.chain?.includes(item)).map(({ id }) => id)
    const lists = before.models.filter(({ supplied }: { supplied: string[] }) => supplied.includes(item))
    const plan = await read(`/api/catalogue/items/${item}/removal`)
    expect(plan.along.map(({ id }: { id: string }) => id)).toEqual(along)
    expect(plan.held).toEqual([])
    const row = await read(`/api/catalogue/items/${item}`)

    const refused = await lead.delete(`/api/catalogue/items/${item}?version=${row.version}`).expect(422)
    expect(refused.body.issues[0].message).toContain(item)
    const removed = await lead.delete(`/api/catalogue/items/${item}?version=${row.version}&along=yes`).expect(200)
    expect(removed.body).toMatchObject({ removed: 1 + along.length, changed: plan.changed.length })
    expect(plan.changed.filter(({ resource }: { resource: string }) => resource === 'models')).toHaveLength(
      lists.length,
    )
    await lead.get(`/api/catalogue/items/${item}`).expect(404)

    await lead.post('/api/history/undo').send({ revision: removed.body.revision }).expect(200)
    expect(await bundle()).toEqual(before)
    expect((await read(`/api/catalogue/items/${item}`)).version).toBeGreaterThan(row.version)
  })

  it('keeps what samples were sewn with', async () => {
    const { samples } = await bundle()
    const { foot } = samples.find((sample: { foot?: string }) => sample.foot !== undefined)
    const plan = await read(`/api/catalogue/items/${foot}/removal`)
    expect(plan.held.some(({ resource }: { resource: string }) => resource === 'samples')).toBe(true)
    const row = await read(`/api/catalogue/items/${foot}`)
    await lead.delete(`/api/catalogue/items/${foot}?version=${row.version}&along=yes`).expect(422)
  })

  it('takes a model’s stitches along, and undo brings them back as they were', async () => {
    const before = await bundle()
    const path = '/api/catalogue/models/confluence-5'
    const head = await read(path)
    const removed = await lead.delete(`${path}?version=${head.version}&along=yes`).expect(200)
    await lead.get('/api/models/confluence-5').expect(404)
    const [write] = await read('/api/history/writes?model=confluence-5')
    expect(write).toMatchObject({ revision: removed.body.revision, by: 'Maren Tolvik' })
    expect(write.counts.find(({ resource }: { resource: string }) => resource === 'stitches')).toMatchObject({
      removed: 8,
    })
    await lead.post('/api/history/undo').send({ revision: removed.body.revision }).expect(200)
    expect(await bundle()).toEqual(before)
    await lead.delete(`${path}?version=${head.version}&along=yes`).expect(409)
  })

  it('takes an edit back, and the taking back too', async () => {
    const path = '/api/catalogue/fabrics/denim'
    const row = await read(path)
    const thicker = { ...row.value, thickness: 0.9 }
    await lead.put(path).send({ version: row.version, value: thicker }).expect(200)
    const revision = (await read('/api/history/writes?resource=fabrics&row=denim'))[0].revision
    const undone = await lead.post('/api/history/undo').send({ revision }).expect(200)
    expect((await read(path)).value).toEqual(row.value)
    await lead.post('/api/history/undo').send({ revision: undone.body.revision }).expect(200)
    expect((await read(path)).value).toEqual(thicker)
  })

  it('does not undo what was changed again since, and says what stands there now', async () => {
    const path = '/api/catalogue/items/lf-01'
    const row = await read(path)
    const priced = (version: number, price: number) => lead.put(path).send({ version, value: { ...row.value, price } })
    const first = await priced(row.version, 1000).expect(200)
    await priced(first.body.version, 1200).expect(200)
    const refused = await lead.post('/api/history/undo').send({ revision: first.body.version }).expect(409)
    expect(refused.body.clashes).toMatchObject([{ row: 'lf-01', theirs: { value: { price: 1200 } } }])
    expect((await read(path)).value.price).toBe(1200)
    await lead.post('/api/history/undo').send({ revision: 999_999 }).expect(404)
  })
})

describe('a copied model', () => {
  it('starts as its sister, and says so of every fact', async () => {
    const source = await read('/api/models/plover-60')
    const copied = await lead.post('/api/models/plover-60/copy').send({ name: 'Plover 70' }).expect(201)
    expect(copied.body.value).toMatchObject({ id: 'plover-70', name: 'Plover 70', make: source.model.make })
    const { model } = await read('/api/models/plover-70')
    expect(model.edition).toBeUndefined()
    expect(model.stitches.map(({ id }: { id: string }) => id)).toEqual(
      source.model.stitches.map(({ id }: { id: string }) => id),
    )
    for (const { source } of [model, ...model.stitches]) {
      expect(source).toEqual({ evidence: 'workedOut', where: 'copied from Plover 60' })
    }
    const again = await lead.post('/api/models/plover-60/copy').send({ name: 'Plover 70' }).expect(201)
    expect(again.body.value.id).toBe('plover-70-2')
    await lead.post('/api/models/none/copy').send({ name: 'x' }).expect(404)
    await lead.post('/api/models/plover-60/copy').send({ name: ' ' }).expect(422)
  })
})

describe('what a shop told about a make’s files', () => {
  it('is remembered per kind and make, last word first', async () => {
    const path = '/api/import-habits/chart/larkfen'
    expect(await read(path)).toEqual({ columns: {} })
    await lead
      .put(path)
      .send({ columns: { zz: { field: 'width', unit: 'mm' } } })
      .expect(200)
    await lead
      .put(path)
      .send({ columns: { zz: { field: 'length' } }, marks: { x: 'fits' } })
      .expect(200)
    expect(await read(path)).toEqual({ columns: { zz: { field: 'length' } }, marks: { x: 'fits' } })
    expect(await read('/api/import-habits/chart/ostrel')).toEqual({ columns: {} })
    const viewer = await shop.as('viewer')
    await viewer.put(path).send({ columns: {} }).expect(403)
  })
})

describe('a table as a CSV file', () => {
  it('comes as a spreadsheet opens it, every table with every row', async () => {
    const all = await bundle()
    for (const resource of [
      'makes',
      'functions',
      'threads',
      'models',
      'items',
      'fits',
      'fabrics',
      'techniques',
      'samples',
    ]) {
      const file = await lead.get(`/api/tables/${resource}`).expect(200)
      expect(file.headers['content-type']).toContain('text/csv')
      expect(parseCsv(file.text)).toHaveLength(all[resource].length + 1)
    }
    const stitches = parseCsv((await lead.get('/api/tables/stitches?model=ketch').expect(200)).text)
    expect(stitches).toHaveLength(9)
    expect(stitches[0]?.slice(0, 3)).toEqual(['Id', 'Model', 'Choose'])
    await lead.get('/api/tables/stitches?model=none').expect(404)
    await lead.get('/api/tables/nothing').expect(422)
  })

  it('defuses what a spreadsheet would run', async () => {
    const value = { id: 'evil', name: '=HYPERLINK("http://x";"y")', tex: 30, fibre: 'cotton', use: '@SUM(A1)' }
    await write({ resource: 'threads', id: 'evil', version: null, value }).expect(200)
    const line = parseCsv((await lead.get('/api/tables/threads')).text).at(-1)
    expect(line).toContain('\'=HYPERLINK("http://x";"y")')
    expect(line).toContain("'@SUM(A1)")
  })
})

describe('will it fit', () => {
  it('answers for an item, a model or both, with the names it speaks of', async () => {
    const all = await bundle()
    expect((await read('/api/fits?item=lf-07')).reports).toHaveLength(all.models.length)
    expect((await read('/api/fits?model=ketch')).reports).toHaveLength(all.items.length)
    const { reports, names } = await read('/api/fits?item=lf-07&model=plover-60')
    expect(reports).toMatchObject([{ item: 'lf-07', model: 'plover-60', fit: { fits: 'yes' }, supplied: true }])
    expect(names.models['plover-60']).toBe('Larkfen Plover 60')
    await lead.get('/api/fits').expect(422)
    await lead.get('/api/fits?item=none').expect(404)
  })
})
