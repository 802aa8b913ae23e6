import jsQR from 'jsqr'
import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { picturesOf, wordsOf } from '../reading/pdf'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
let desk: Person
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  lead = await shop.as('lead')
  desk = await shop.as('desk')
  viewer = await shop.as('viewer')
})
afterAll(() => shop.close())

const hem = {
  model: 'plover-60',
  edition: '2nd edition',
  technique: 'blind-hem',
  method: 'with-guide',
  stage: 'hem',
  fabric: 'chiffon',
  stitch: 's-utility-114',
  foot: 'lf-07',
  needleSize: 60,
  used: { width: 2.4, length: 2 },
  verdict: 'good',
}
const log = async (more: object = {}, by = desk): Promise<string> => {
  const { body, status } = await by.post('/api/samples').send({ ...hem, ...more })
  expect(status).toBe(201)
  return body.id as string
}
const card = async () =>
  (await viewer.get('/api/card?model=plover-60&technique=blind-hem&fabric=chiffon').expect(200)).body
const evidence = async (fabric = 'chiffon') =>
  (
    await viewer
      .get('/api/evidence')
      .query({ model: 'plover-60', technique: 'blind-hem', method: 'with-guide', stage: 'hem', fabric })
      .query({ stitch: 's-utility-114', foot: 'lf-07' })
      .expect(200)
  ).body

describe('logging a sample', () => {
  it('changes the card at once, and the card says so', async () => {
    const before = await card()
    expect(before.stages[0].answer.settings.width.from).not.toBe('house')
    const id = await log()
    expect(id).toMatch(/^smp-\d{8}-1$/)
    const { settings, proved } = (await card()).stages[0].answer
    expect(settings.width).toMatchObject({ value: 2.4, from: 'house' })
    expect(proved).toMatchObject({ samples: 1, people: 1, pinned: false })
    const { body } = await viewer.get(`/api/catalogue/samples/${id}`).expect(200)
    expect(body.value).toMatchObject({ by: 'Osk Brandal', verdict: 'good' })
  })

  it('the nearest to the medians holds until the lead pins one; pinning another lets the first go', async () => {
    await log({ used: { width: 2.6, length: 2 } })
    const wide = await log({ used: { width: 3.2, length: 2 } })
    expect((await card()).stages[0].answer.settings.width.value).toBe(2.6)
    expect((await evidence()).disputed).toBe(true)
    expect((await desk.post(`/api/samples/${wide}/pin`).send({ pinned: true })).status).toBe(403)
    await lead.post(`/api/samples/${wide}/pin`).send({ pinned: true }).expect(200)
    expect((await evidence()).house).toMatchObject({ sample: wide, pinned: true, samples: 3 })
    const other = await log({ used: { width: 2.5, length: 2 } })
    await lead.post(`/api/samples/${other}/pin`).send({ pinned: true }).expect(200)
    expect((await card()).stages[0].answer.settings.width.value).toBe(2.5)
    const pinned = (await viewer.get('/api/samples')).body.filter(
      (one: { pinned: boolean; fabric: { id: string } }) => one.pinned && one.fabric.id === 'chiffon',
    )
    expect(
      pinned.filter(({ id }: { id: string }) => id.startsWith('smp-20')).map(({ id }: { id: string }) => id),
    ).toEqual([other])
    await lead.post(`/api/samples/${other}/pin`).send({ pinned: false }).expect(200)
    expect((await evidence()).house.pinned).toBe(false)
  })

  it('is refused with the place where it does not hold together', async () => {
    const wrong = await desk.post('/api/samples').send({ ...hem, stage: 'nowhere' })
    expect(wrong.status).toBe(422)
    expect(JSON.stringify(wrong.body.issues)).toContain('nowhere')
    expect((await desk.post('/api/samples').send({ ...hem, used: { width: 'wide' } })).status).toBe(422)
    expect((await viewer.post('/api/samples').send(hem)).status).toBe(403)
    const redo = await log({ verdict: 'redo' })
    const pin = await lead.post(`/api/samples/${redo}/pin`).send({ pinned: true })
    expect([pin.status, pin.body.title]).toEqual([422, 'Only a good sample can be the house setting.'])
  })

  it('is disputed by what the shop bears, as the lead has chosen it', async () => {
    const settings = { tolerance: { mm: 2, numbers: 1 }, forgetNamesAfter: 24 }
    const { version } = (await viewer.get('/api/settings')).body
    expect((await desk.put('/api/settings').send({ version, settings })).status).toBe(403)
    await lead.put('/api/settings').send({ version, settings }).expect(200)
    await lead
      .put('/api/settings')
      .send({ version, settings: { ...settings, forgetNamesAfter: 3 } })
      .expect(409)
    expect((await evidence()).disputed).toBe(false)
    expect((await viewer.get('/api/settings')).body).toEqual({ version: version + 1, settings })
    const wrong = { version: version + 1, settings: { tolerance: { mm: -1, numbers: 1 } } }
    expect((await lead.put('/api/settings').send(wrong)).status).toBe(422)
  })
})

describe('the photo of a sample', () => {
  let id: string
  beforeAll(async () => {
    id = await log()
  })
  const send = (file: Buffer, type = 'image/jpeg') =>
    desk.put(`/api/samples/${id}/photo`).set('Content-Type', type).send(file)
  const noise = (width: number, height: number) => {
    const raw = Buffer.alloc(width * height * 3)
    for (let i = 0; i < raw.length; i++) raw[i] = (i * 2654435761) % 251
    return sharp(raw, { raw: { width, height, channels: 3 } })
  }

  it('of 20 MB is kept small, upright, and without what the camera wrote into it', async () => {
    const large = await noise(3000, 2300)
      .withExif({ IFD0: { Copyright: 'somebody at home' } })
      .withMetadata({ orientation: 6 })
      .png({ compressionLevel: 0 })
      .toBuffer()
    expect(large.length).toBeGreaterThan(20_000_000)
    const { body, status } = await send(large, 'image/png')
    expect(status).toBe(200)
    expect([body.width, body.height]).toEqual([1227, 1600])
    const kept = await viewer.get(`/api/samples/${id}/photo`).buffer(true).expect(200)
    expect(kept.headers['content-type']).toBe('image/jpeg')
    const { exif, orientation, width } = await sharp(kept.body as Buffer).metadata()
    expect([exif, orientation, width]).toEqual([undefined, undefined, 1227])
    const small = await viewer.get(`/api/samples/${id}/photo?size=small`).buffer(true).expect(200)
    expect((await sharp(small.body as Buffer).metadata()).height).toBe(320)
    expect((await evidence()).photos).toContain(id)
  })

  it.each<[string, Buffer, string]>([
    ['a PDF named .jpg', Buffer.from('%PDF-1.7\n1 0 obj'), 'The file is a PDF'],
    [
      'an SVG with a script',
      Buffer.from('<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>'),
      'The file is an SVG drawing',
    ],
    ['a text', Buffer.from('just words'), 'The file is a text'],
    ['nothing', Buffer.alloc(0), 'The file is empty'],
    [
      'a JPEG cut off',
      Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 16]), Buffer.from('JFIF'), Buffer.alloc(40)]),
      'cannot be read as a picture',
    ],
  ])('%s is refused, and says what it is', async (_, file, why) => {
    const { status, body } = await send(file)
    expect(status).toBe(422)
    expect(body.title).toContain(why)
    expect(body.title).toContain('Nothing was kept')
  })

  it('over the bound is refused with the bound', async () => {
    const { status, body } = await send(Buffer.alloc(26 * 1024 * 1024, 1))
    expect(status).toBe(413)
    expect(body.title).toContain('25 MB')
  })

  it('of nobody’s sample is not kept', async () => {
    const tiny = await noise(8, 8).jpeg().toBuffer()
    expect((await desk.put('/api/samples/nobody/photo').set('Content-Type', 'image/jpeg').send(tiny)).status).toBe(404)
    expect((await viewer.get('/api/samples/smp-001/photo')).status).toBe(404)
  })
})

describe('the label of a sample', () => {
  it('says what was chosen, given and used, and its code opens the sample', async () => {
    const { body } = await viewer.get('/api/samples/smp-003/label.pdf').buffer(true).expect(200)
    const [words] = wordsOf(body as Buffer)
    for (const said of [
      'Utility 114 · LF·07',
      'Plover 60',
      'Width gives 3.5, used 2.8',
      'Length gives 1.5, used 2.0',
      'Wool suiting, needle 80',
      '2026-10-02',
      'Osk Brandal',
    ])
      expect(words).toContain(said)
    const [page] = picturesOf(body as Buffer)
    expect([
      Math.round((page?.width ?? 0) / (page?.perMm ?? 1)),
      Math.round((page?.height ?? 0) / (page?.perMm ?? 1)),
    ]).toEqual([70, 40])
    const { grey, width, height } = page as NonNullable<typeof page>
    const colours = new Uint8ClampedArray(grey.length * 4).map((_, i) => (i % 4 === 3 ? 255 : (grey[i >> 2] as number)))
    expect(jsQR(colours, width, height)?.data).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/log\/smp-003$/)
  })

  it('stays on one label, however many values were set', async () => {
    const used = { width: 3, length: 2, needlePosition: 0, tension: 4, pressure: 3, differential: 1, balance: 0 }
    const id = await log({ used, fabric: 'wool-suiting', verdict: 'usable' })
    const { body } = await viewer.get(`/api/samples/${id}/label.pdf`).buffer(true).expect(200)
    const pages = wordsOf(body as Buffer)
    expect(pages).toHaveLength(1)
    for (const said of ['Balance', 'Needle position', 'Usable']) expect(pages[0]).toContain(said)
  })

  it('is kept by the printer that ships with Handhold', async () => {
    const printed = await desk.post('/api/label-printer/jobs').send({ sample: 'smp-003' })
    expect(printed.status).toBe(201)
    expect((await desk.post('/api/label-printer/jobs').send({ sample: 'nobody' })).status).toBe(404)
    const { body } = await viewer.get('/api/label-printer/jobs').expect(200)
    expect(body[0]).toMatchObject({ id: printed.body.id, sample: 'smp-003', by: 'Osk Brandal' })
    const out = await viewer.get(`/api/label-printer/jobs/${printed.body.id}`).buffer(true).expect(200)
    expect(wordsOf(out.body as Buffer)[0]).toContain('LF·07')
  })
})

describe('the photograph of a machine', () => {
  const path = '/api/models/ketch/photos/front'
  const picture = () =>
    sharp({ create: { width: 900, height: 600, channels: 3, background: '#888' } })
      .jpeg()
      .toBuffer()
  const listed = async () => (await viewer.get('/api/machine-photos').expect(200)).body

  it('is kept by view, changed, told of, and taken away', async () => {
    await viewer
      .put(path)
      .set('Content-Type', 'image/jpeg')
      .send(await picture())
      .expect(403)
    await desk
      .put(path)
      .set('Content-Type', 'image/jpeg')
      .send(await picture())
      .expect(200)
    await desk
      .put(path)
      .set('Content-Type', 'image/jpeg')
      .send(await picture())
      .expect(200)
    expect(await listed()).toEqual([{ model: 'ketch', view: 'front', at: expect.any(String) }])
    const { body } = await viewer.get(`${path}?at=now`).buffer(true).expect(200)
    expect((await sharp(body as Buffer).metadata()).width).toBe(900)
    await viewer.get('/api/models/ketch/photos/back').expect(404)
    await desk
      .put('/api/models/nothing/photos/front')
      .set('Content-Type', 'image/jpeg')
      .send(await picture())
      .expect(404)
    await desk
      .put('/api/models/ketch/photos/above')
      .set('Content-Type', 'image/jpeg')
      .send(await picture())
      .expect(422)
    expect(JSON.stringify((await desk.get('/api/bundle').expect(200)).body)).not.toContain('photo')
    await desk.delete(path).expect(200)
    await desk.delete(path).expect(404)
    expect(await listed()).toEqual([])
  })
})
