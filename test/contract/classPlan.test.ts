import ICAL from 'ical.js'
import PostalMime from 'postal-mime'
import { randomUUID } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest'
import type { SewingClass } from '#core/classes/types'
import type { ClassPlanView, ClassRow, RunSheetView, SuppliesView } from '#shared/api/classes'
import { planAhead } from '../../src/server/features/classes/planAhead'
import { ClassPlanning } from '../../src/server/features/classes/planning'
import { codesIn, wordsOf as pagesOf } from '../reading/pdf'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let desk: Person
let rows: ClassRow[]
beforeAll(async () => {
  shop = await openShop()
  desk = await shop.as('desk')
  rows = (await desk.get('/api/classes').expect(200)).body as ClassRow[]
})
afterAll(() => shop.close())

const named = (title: string) => rows.find((row) => row.class.title === title)?.class as ClassRow['class']
const waistcoat = () => named('Waistcoat details')
const pdf = async (path: string) =>
  (
    await desk
      .get(path)
      .expect(200)
      .expect('Content-Type', /pdf/)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = []
        response.on('data', (part: Buffer) => parts.push(part))
        response.on('end', () => done(null, Buffer.concat(parts)))
      })
  ).body as Buffer

describe('a change to a class', () => {
  it('says what it would do, and keeps nothing', async () => {
    const { id, ...facts } = waistcoat()
    const plan = (await desk.get(`/api/classes/${id}/plan`).expect(200)).body as ClassPlanView
    const from = plan.seats.findIndex(({ loans }) => loans.includes('u-pipe'))
    const to = plan.seats.findIndex(({ buys }) => buys.includes('u-pipe'))
    const moved = { ...facts, pins: [{ seat: to, item: 'u-pipe', how: 'loan' as const }] }
    const { body } = await desk.post(`/api/classes/${id}/change`).send({ class: moved }).expect(200)
    expect(body).toMatchObject({ solved: true, change: { ready: 0, lost: [] } })
    expect(body.change.given).toContainEqual({ seat: to, item: 'u-pipe', how: 'loan' })
    expect(body.change.taken).toContainEqual({ seat: from, item: 'u-pipe', how: 'loan' })
    expect((await desk.get(`/api/classes/${id}`)).body.class.pins).toEqual([])
    await desk
      .post(`/api/classes/${id}/change`)
      .send({ class: { ...facts, seats: [] } })
      .expect(422)
  })

  it('is told of one more piece of what the shop lends', async () => {
    const { body } = await desk.get(`/api/classes/${waistcoat().id}/purchases`).expect(200)
    expect(body.purchases).toContainEqual({ item: 'u-pipe', ready: 0, spared: 1 })
    expect(body.names.items['u-pipe']).toBeDefined()
  })
})

describe('long work', () => {
  it('is done ahead for the classes to come, and drawn for the one that is taught next', async () => {
    const { services } = shop
    const planning = new ClassPlanning(services.workers)
    const today = services.now().toISOString().slice(0, 10)
    const byDay = rows.map((row) => row.class).sort((a, b) => a.starts.localeCompare(b.starts)) as SewingClass[]
    const past = byDay.filter(({ starts }) => starts < today)
    const [next, other] = byDay.slice(past.length) as [SewingClass, SewingClass]
    // One of them speaks of what is gone: the others are made ready all the same.
    const taught = [{ technique: 'gone', fabric: 'gone' }]
    const gone = { ...next, id: 'gone', starts: `${today}T23:59:00`, techniques: taught }
    const stored = await services.classes.all()
    const all = vi.spyOn(services.classes, 'all').mockResolvedValueOnce([{ version: 1, class: gone }, ...stored])
    await planAhead({ ...services, planning })
    all.mockRestore()
    const solving = vi.spyOn(services.workers, 'run')
    const snapshot = await services.catalogue.snapshot()
    const planned = async (asked: SewingClass) => {
      await planning.of(snapshot, asked, () => Promise.resolve())
      return solving.mock.calls.length
    }
    for (const one of byDay.slice(past.length)) expect(await planned(one)).toBe(0)
    expect(await planned(past[0] as SewingClass)).toBeGreaterThan(0)
    solving.mockClear()
    const drawn = async (id: string) => {
      await pdf(`/api/classes/${id}/handouts/cards.pdf`)
      return solving.mock.calls.filter(([task]) => task === 'drawPdf').length
    }
    // Of what is ready only the names are drawn.
    expect(await drawn(next.id)).toBe(1)
    expect(await drawn(other.id)).toBeGreaterThan(2)
    solving.mockRestore()
  })

  it('is stopped by its name, and by nobody else', async () => {
    const work = randomUUID()
    const path = `/api/classes/${named('Armour, quilted').id}/handouts/everything.pdf`
    const asked = desk.agent.get(path).set('X-Work', work)
    const answer = new Promise<{ status: number; body: { stopped?: boolean } }>((resolve) =>
      asked.end((_, response) => resolve(response)),
    )
    const lead = await shop.as('lead')
    await expect.poll(async () => (await desk.get(`/api/work/${work}`)).body.working).toBe(true)
    await lead.get(`/api/work/${work}`).expect(200, { working: false })
    await desk.delete(`/api/work/${work}`).expect(200, { stopped: true })
    expect(await answer).toMatchObject({ status: 409, body: { stopped: true } })
    await desk.get(`/api/work/${work}`).expect(200, { working: false })
  })
})

describe('the run sheet', () => {
  it('adds its stages up, and follows the educator’s own order with what is wrong with it', async () => {
    const { id, ...facts } = waistcoat()
    const sheet = (await desk.get(`/api/classes/${id}/run-sheet`).expect(200)).body as RunSheetView
    const lengths = sheet.stages.map(({ show, change, sew, inspect, slack }) => show + change + sew + inspect + slack)
    expect(sheet.minutes).toBe(lengths.reduce((sum, one) => sum + one, 0))
    expect(sheet.left).toBe(facts.minutes - sheet.minutes)
    expect(sheet.stages.map(({ starts }) => starts)).toEqual(
      lengths.map((_, i) => lengths.slice(0, i).reduce((sum, one) => sum + one, 0)),
    )
    expect(sheet).toMatchObject({ own: false, violations: [], waits: sheet.leastWaits })
    const made = (
      await desk
        .post('/api/classes')
        .send({ ...facts, title: 'Back to front', order: ['button-sew-on', 'buttonhole'] })
        .expect(201)
    ).body as ClassRow
    const own = (await desk.get(`/api/classes/${made.class.id}/run-sheet`).expect(200)).body as RunSheetView
    const names = own.stages.map(({ technique }) => facts.techniques[technique]?.technique)
    expect(names.slice(0, 2)).toEqual(['button-sew-on', 'buttonhole'])
    expect([...names].sort()).toEqual(facts.techniques.map(({ technique }) => technique).sort())
    expect(own).toMatchObject({
      own: true,
      violations: [
        { technique: 1, first: 0 },
        { technique: 2, first: 1 },
      ],
    })
    expect(own.waits).toBeGreaterThanOrEqual(own.leastWaits ?? Infinity)
  })

  it('is iCalendar that another reader reads, with alarms', async () => {
    const { id, starts, minutes, techniques } = waistcoat()
    const { text } = await desk
      .get(`/api/classes/${id}/calendar.ics`)
      .expect(200)
      .expect('Content-Type', /text\/calendar/)
      .buffer(true)
    const calendar = new ICAL.Component(ICAL.parse(text) as never)
    const events = calendar.getAllSubcomponents('vevent')
    const [whole, ...stages] = events.map((event) => new ICAL.Event(event))
    expect(whole?.startDate.toString()).toBe(starts)
    expect(whole?.duration.toSeconds()).toBe(minutes * 60)
    expect(whole?.location).toBe('Front table')
    expect(stages).toHaveLength(techniques.length)
    expect(events.map((event) => event.getAllSubcomponents('valarm').length)).toEqual([2, 1, 1, 1, 1])
    expect(stages[0]?.summary).toMatch(/^Waistcoat details: /)
    expect(stages[0]?.startDate.toString()).toBe(starts)
  })

  it('shows what the shop’s calendar has at the same time', async () => {
    const { id, starts } = waistcoat()
    expect((await desk.get(`/api/classes/${id}/clashes`).expect(200)).body).toEqual({ clashes: [], known: false })
    const day = starts.slice(0, 10).replaceAll('-', '')
    const event = (uid: string, ...lines: string[]) => [
      'BEGIN:VEVENT',
      `UID:${uid}`,
      'DTSTAMP:20260101T000000Z',
      ...lines,
      'END:VEVENT',
    ]
    const file = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//shop//EN',
      ...event(
        'a',
        `DTSTART:${day}T200000`,
        `DTEND:${day}T213000`,
        'SUMMARY:Rehearsal in the front room',
        'LOCATION:Front table',
      ),
      ...event('b', `DTSTART:${day}T210000`, `DTEND:${day}T220000`, 'SUMMARY:After the class'),
      ...event('c', 'DTSTART;VALUE=DATE:20260105', 'RRULE:FREQ=DAILY;COUNT=3', 'SUMMARY:Long ago'),
      ...event('d', `DTSTART:${day}T180000`, `DTEND:${day}T190000`, 'STATUS:CANCELLED', 'SUMMARY:Called off'),
      ...event(
        'e',
        `DTSTART:${String(Number(day) - 10000)}T183000`,
        `DTEND:${String(Number(day) - 10000)}T193000`,
        'RRULE:FREQ=YEARLY',
        'SUMMARY:Every year',
      ),
      'END:VCALENDAR',
    ].join('\r\n')
    await desk.put('/api/calendar?name=shop.ics').set('Content-Type', 'text/calendar').send(file).expect(200)
    const { body } = await desk.get(`/api/classes/${id}/clashes`).expect(200)
    expect(body.known).toBe(true)
    expect(body.clashes.map(({ title }: { title: string }) => title)).toEqual([
      'Every year',
      'Rehearsal in the front room',
    ])
    const { body: refused } = await desk
      .put('/api/calendar')
      .set('Content-Type', 'text/calendar')
      .send('nothing of the kind')
      .expect(422)
    expect(refused.issues[0].path).toEqual(['file'])
    expect((await desk.get('/api/calendar')).body).toMatchObject({ file: 'shop.ics' })
  })
})

describe('supplies', () => {
  it('are told for all seats and a spare, rounded up to packs, less what is on the shelf', async () => {
    const { id, seats } = waistcoat()
    const { needs } = (await desk.get(`/api/classes/${id}/supplies`).expect(200)).body as SuppliesView
    const buttons = needs.find(({ of }) => of.startsWith('Button,'))
    // Two buttons a seat, and for one spare seat.
    expect(buttons).toMatchObject({
      amount: 2 * (seats.length + 1),
      packs: { of: 12, need: 2, shelf: 3, buy: 0, cost: 0 },
    })
    const cord = needs.find(({ of }) => of.startsWith('Piping cord'))
    expect(cord?.amount).toBeCloseTo(0.6 * 1.05 * (seats.length + 1), 6)
    expect(cord?.packs).toMatchObject({ need: 1, shelf: 0, buy: 1, cost: 310 })
    const wool = needs.find(({ what }) => what === 'fabric')
    // 9 of 300 × 350: four of 350 across a bolt of 1450, three rows of 300. 18 of 120 × 250: five of 250 across, four
    // rows of 120.
    expect(wool?.amount).toBe(3 * 300 + 4 * 120)
    expect(wool?.packs).toMatchObject({ need: 14, shelf: 12, buy: 2 })
    // Buttonholes have no length of seam: their thread is not known, and not nothing.
    const thread = needs.find(({ what, of }) => what === 'thread' && of === 'sewing-polyester')
    expect(thread?.unknown.length).toBeGreaterThan(0)
  })

  it('are kept with how they are sold; the second writer sees the first', async () => {
    const { body: before } = await desk.get('/api/cupboard').expect(200)
    const supplies = [...before.supplies, { what: 'material', of: 'Ribbon', pack: 10, shelf: 1 }]
    await desk.put('/api/cupboard').send({ version: before.version, supplies }).expect(200)
    const { body } = await desk.put('/api/cupboard').send({ version: before.version, supplies: [] }).expect(409)
    expect(body.theirs.value).toHaveLength(supplies.length)
  })
})

describe('handouts', () => {
  it('are a card for each seat’s machine with a code that opens it, two to a sheet', async () => {
    const { id, seats } = waistcoat()
    const file = await pdf(`/api/classes/${id}/handouts/cards.pdf`)
    const pages = await pagesOf(file)
    for (const { name } of seats) expect(pages.some((page) => page.includes(name))).toBe(true)
    expect(pages.every((page) => page.includes('manual stands above') || page.length > 0)).toBe(true)
    const plan = (await desk.get(`/api/classes/${id}/plan`)).body as ClassPlanView
    const mine = await pdf(`/api/classes/${id}/handouts/cards.pdf?seat=6`)
    const [name, model] = [plan.seats[6]?.name as string, plan.seats[6]?.model as string]
    const own = await pagesOf(mine)
    expect(own.join('\n')).toContain(name)
    expect(own.join('\n')).not.toContain(seats[0]?.name)
    const codes = await codesIn(mine)
    expect(codes.length).toBeGreaterThanOrEqual(4)
    for (const code of codes) {
      const address = new URL(code)
      expect(address.pathname).toMatch(/^\/c\//)
      expect(address.searchParams.get('m')).toBe(model)
      expect(code).not.toContain(encodeURIComponent(name.split(' ')[1] as string))
    }
    // It opens without an account, that very card, and only as long as it is not revoked.
    const [first] = codes.map((code) => new URL(code))
    const asked = {
      model: first?.searchParams.get('m'),
      technique: first?.searchParams.get('t'),
      fabric: first?.searchParams.get('f'),
    }
    const { body: card } = await shop
      .anyone()
      .get(`/api/shared/cards/${first?.pathname.slice(3)}`)
      .query(asked)
      .expect(200)
    expect(card).toMatchObject({ model: { id: model }, technique: { id: asked.technique } })
    await shop
      .anyone()
      .get(`/api/shared/cards/${first?.pathname.slice(3)}`)
      .expect(404)
    const { body: links } = await desk.get('/api/shared-cards').expect(200)
    expect(links[0]).toMatchObject({ what: 'the cards handed out in “Waistcoat details”' })
    await desk.get(`/api/classes/${id}/handouts/cards.pdf?seat=40`).expect(404)
  })

  it('are none for who has no machine, and say so', async () => {
    const { id: _, ...facts } = waistcoat()
    const alone = { ...facts, title: 'Alone', loans: [], pins: [], seats: [{ name: 'Nan Dell', owns: [] }] }
    const { body: made } = await desk.post('/api/classes').send(alone).expect(201)
    const { body } = await desk.get(`/api/classes/${made.class.id}/handouts/cards.pdf?seat=0`).expect(422)
    expect(body.title).toContain('no machine is told')
    await desk.delete(`/api/classes/${made.class.id}?version=${made.version}`)
  })

  it('are lists, a run sheet, a side-by-side sheet and what to buy', async () => {
    const { id, seats } = waistcoat()
    const text = async (part: string) =>
      (await pagesOf(await pdf(`/api/classes/${id}/handouts/${part}.pdf`))).join('\n')
    const lists = await text('lists')
    for (const { name } of seats) expect(lists).toContain(name)
    expect(lists).toContain('Loans: out and in')
    expect(lists).toContain('The room’s spare kit')
    expect(lists).toMatch(/empty bobbins \(/)
    expect(await text('run-sheet')).toMatch(/18:30[\s\S]*Ends \d\d:\d\d/)
    expect(await text('side-by-side')).toContain('Bold: not as on most')
    for (const paper of ['wall-a4', 'wall-a3']) {
      const wall = await text(paper)
      expect(wall).toContain('Buttonhole')
      expect(wall).toMatch(/Look: /)
    }
    expect(await text('shopping')).toMatch(/Piping cord, 4 mm[\s\S]*3\.10/)
    const all = await pagesOf(await pdf(`/api/classes/${id}/handouts/everything.pdf`))
    expect(all.length).toBeGreaterThan(seats.length)
  })
})

describe('after a class', () => {
  it('its cards go to the outbox, as mail another reader reads; erasing a customer takes theirs along', async () => {
    const { id, seats } = named('First hems')
    const { body } = await desk
      .post(`/api/classes/${id}/messages`)
      .send({ seats: [0, 1] })
      .expect(200)
    expect(body).toEqual({ sent: 2, without: [], cardless: [] })
    const { body: sent } = await desk.get('/api/outbox').expect(200)
    expect(sent).toHaveLength(2)
    const { text } = await desk
      .get(`/api/outbox/${sent[0].id}.eml`)
      .expect(200)
      .buffer(true)
      .parse((response, done) => {
        let all = ''
        response.setEncoding('latin1')
        response.on('data', (part: string) => (all += part))
        response.on('end', () => done(null, { text: all }))
      })
      .then((response) => response.body as { text: string })
    const mail = await PostalMime.parse(Buffer.from(text, 'latin1'))
    expect(mail.subject).toBe('Your cards from “First hems”')
    expect(mail.to?.[0]?.address).toBe(sent[0].to)
    expect(mail.text).toContain('Sew a scrap first')
    const [attached] = mail.attachments
    expect(attached?.mimeType).toBe('application/pdf')
    expect((await pagesOf(Buffer.from(attached?.content as ArrayBuffer))).length).toBeGreaterThan(0)
    await desk.post(`/api/outbox/${sent[0].id}/again`).expect(201)
    expect((await desk.get('/api/outbox')).body).toHaveLength(3)
    await desk.delete(`/api/outbox/${sent[0].id}`).expect(200)
    await desk.get(`/api/outbox/${sent[0].id}.eml`).expect(404)
    await desk.delete(`/api/customers/${seats[0]?.customer}`).expect(200)
    await desk.delete(`/api/customers/${seats[1]?.customer}`).expect(200)
    expect((await desk.get('/api/outbox')).body).toEqual([])
    const after = (await desk.get(`/api/classes/${id}`)).body as ClassRow
    expect(after.class.seats.slice(0, 2).map(({ name, customer }) => [name, customer])).toEqual([
      ['a former customer', undefined],
      ['a former customer', undefined],
    ])
    expect(after.class.seats[2]?.name).toBe(seats[2]?.name)
  })

  it('who has no mail address is named', async () => {
    const { id, seats } = waistcoat()
    const guest = seats.findIndex(({ customer }) => customer === undefined)
    const { body } = await desk
      .post(`/api/classes/${id}/messages`)
      .send({ seats: [guest] })
      .expect(200)
    expect(body).toEqual({ sent: 0, without: [seats[guest]?.name], cardless: [] })
    await desk
      .post(`/api/classes/${id}/messages`)
      .send({ seats: [59] })
      .expect(422)
  })
})
