import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { mitreMarks } from '#core/workbench/hems'
import { circleGuide, cornerTemplate, markStrip } from '#core/workbench/templates'
import type { Sheet } from '#core/workbench/sheet'
import { measuredBar, picturesOf, wordsOf } from '../reading/pdf'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  viewer = await shop.as('viewer')
})
afterAll(() => shop.close())

const printed = async (sheet: Sheet): Promise<Buffer> => {
  const answer = await viewer
    .post('/api/workbench/sheet.pdf')
    .send(sheet)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = []
      response.on('data', (part: Buffer) => parts.push(part))
      response.on('end', () => done(null, Buffer.concat(parts)))
    })
  expect(answer.status).toBe(200)
  expect(answer.headers['content-type']).toBe('application/pdf')
  return answer.body as Buffer
}

describe('a drawing printed at 1:1', () => {
  it.each<[string, Sheet, number]>([
    ['strip', markStrip({ places: [40, 130, 220, 310, 400], sewnLength: 26, lie: 'vertical', edge: 16 }), 2],
    ['short strip', markStrip({ places: [40, 130], sewnLength: 26, lie: 'horizontal', edge: 16, anchored: 1 }), 1],
    ['circle', circleGuide(60, 26), 1],
    ['corner', cornerTemplate(40, 25, mitreMarks(40, 25)), 1],
  ])('%s: 50 mm measure 50 mm within 0.2 on every page', async (_, sheet, pages) => {
    const pdf = await printed(sheet)
    const pictures = picturesOf(pdf)
    expect(pictures).toHaveLength(pages)
    for (const picture of pictures) {
      const bar = measuredBar(picture, 50)
      expect(bar).toBeDefined()
      expect(Math.abs((bar as number) - 50)).toBeLessThan(0.2)
    }
    expect(wordsOf(pdf).join(' ')).toContain('50 mm')
  })

  it('has buttonholes at their places across the pages', async () => {
    const words = wordsOf(
      await printed(markStrip({ places: [40, 130, 220, 310, 400], sewnLength: 26, lie: 'vertical', edge: 16 })),
    )
    expect(words[0]).toContain('40 mm = 1 9/16"')
    expect(words[1]).toContain('400 mm = 15¾"')
    expect(words[1]).toContain('page 1.2 of 2')
  })

  it('refuses what is no drawing, or too many pages, and says why', async () => {
    const sheet = markStrip({ places: [40], sewnLength: 26, lie: 'vertical', edge: 16 })
    const bad = await viewer.post('/api/workbench/sheet.pdf').send({ ...sheet, width: -1 })
    expect(bad.status).toBe(422)
    expect(bad.body.issues[0].path).toEqual(['width'])
    const vast = await viewer.post('/api/workbench/sheet.pdf').send({ ...sheet, width: 9999, height: 9999 })
    expect(vast.status).toBe(422)
    expect(vast.body.title).toContain('at most 60')
  })
})

describe('what lies in hand', () => {
  it('is nothing where nothing is picked', async () => {
    const { body } = await viewer.get('/api/hand').expect(200)
    expect(body).toEqual({ stages: [], guides: [] })
  })
  it('is the machine’s scales and guided feet, the fabric’s thickness, the card’s foot and stitch', async () => {
    const { body } = await viewer.get('/api/hand?model=plover-60&technique=blind-hem&fabric=wool-suiting').expect(200)
    expect(body.model.scales.width).toMatchObject({ shows: 'mm' })
    expect(body.fabric.thickness).toBeCloseTo(0.9)
    const [stage] = body.stages
    expect(stage.foot).toMatchObject({ code: 'LF·07', guide: { kind: 'left', offset: -2 } })
    expect(stage.function.id).toBe('blindHem.woven')
    expect(stage.settings.width).toBeGreaterThan(1)
    expect(body.guides.map(({ code }: { code: string }) => code)).toContain('LF·07')
    expect(body.guides.every(({ code }: { code: string }) => !code.startsWith('K'))).toBe(true)
  })
  it('names what it does not know', async () => {
    const { status, body } = await viewer.get('/api/hand?model=nobody')
    expect(status).toBe(422)
    expect(body.issues).toEqual([{ path: ['model'], message: 'no model “nobody” in the catalogue' }])
  })
})
