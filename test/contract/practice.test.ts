import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { openShop, type Person, type Shop } from './shop'

let shop: Shop
let lead: Person
let desk: Person
let viewer: Person
beforeAll(async () => {
  shop = await openShop()
  ;[lead, desk, viewer] = await Promise.all([shop.as('lead'), shop.as('desk'), shop.as('viewer')])
})
afterAll(() => shop.close())

const asked = { model: 'eddy-4', technique: 'rolled-edge', fabric: 'chiffon' }
const review = {
  reached: false,
  missed: [{ control: 'leftNeedle', at: 'in', wanted: 'out' }],
  refused: [],
  passedBy: [],
  undone: [],
  strikes: 1,
  badSamples: 0,
  moves: 4,
  extra: 0,
}
const attempt = { ...asked, stage: 'roll', review }

describe('the card’s changeover', () => {
  const steps = async (query: Record<string, string>) => {
    const { body } = await lead
      .get('/api/card')
      .query({ ...asked, ...query })
      .expect(200)
    return body.stages[0] as {
      procedure: { steps: { moves?: { control: string; to: string }[] }[] }
      changeover: { seconds?: number; from: Record<string, string> }
    }
  }
  const movesOf = ({ procedure: { steps: told } }: Awaited<ReturnType<typeof steps>>) =>
    told.flatMap(({ moves = [] }) => moves.map(({ control, to }) => `${control} ${to}`))

  it('starts from how the machine is said to stand', async () => {
    expect(movesOf(await steps({}))).toContain('lowerKnife retracted')
    const now = movesOf(await steps({ now: 'leftNeedle:out,stitchFinger:off' }))
    expect(now).not.toContain('lowerKnife retracted')
    expect(now).not.toContain('leftNeedle out')
  })

  it('starts from how another technique left the machine', async () => {
    const after = await steps({ after: 'flatlock' })
    expect(after.changeover.from).toMatchObject({ rightNeedle: 'out' })
    expect(movesOf(after)).toContain('rightNeedle in')
  })

  it('names what it cannot read', async () => {
    const { body } = await lead
      .get('/api/card')
      .query({ ...asked, now: 'leftNeedle' })
      .expect(422)
    expect(JSON.stringify(body.issues)).toContain('leftNeedle:out')
  })
})

describe('controls of a model', () => {
  it('are refused with the rule where normal sewing could not reach a place', async () => {
    const { body: rows } = await lead.get('/api/catalogue/models').expect(200)
    const row = (rows as { id: string; version: number; value: { controls: { rules: unknown[] } } }[]).find(
      ({ id }) => id === 'eddy-4',
    )
    if (!row) throw new Error('no eddy-4')
    const rule = {
      id: 'never',
      needs: { lowerKnife: ['retracted'], hemSelector: ['rolled'], stitchFinger: ['on'] },
      for: { control: 'hemSelector' },
      because: 'so',
    }
    const value = { ...row.value, controls: { ...row.value.controls, rules: [...row.value.controls.rules, rule] } }
    const changes = { changes: [{ resource: 'models', id: 'eddy-4', version: row.version, value }] }
    const refused = await lead.post('/api/catalogue/changes').send(changes).expect(422)
    expect(JSON.stringify(refused.body.issues)).toMatch(/hem selector can never come to “rolled”.*“never”/)
    const { body: again } = await lead.get('/api/catalogue/models').expect(200)
    expect((again as typeof rows).find(({ id }: { id: string }) => id === 'eddy-4')).toEqual(row)
  })
})

describe('practice', () => {
  it('gives the machine of a stage, and says why where nothing can be sewn', async () => {
    const { body } = await viewer.get('/api/practice').query(asked).expect(200)
    expect(body).toMatchObject({ model: { id: 'eddy-4' }, goal: { leftNeedle: 'out' }, stage: { id: 'roll' } })
    const { body: none } = await viewer
      .get('/api/practice')
      .query({ ...asked, model: 'spindrift-e' })
      .expect(422)
    expect(JSON.stringify(none)).toContain('its card says what stops it')
    await viewer
      .get('/api/practice')
      .query({ ...asked, stage: 'nowhere' })
      .expect(422)
  })

  it('keeps what each person’s machine shows, and takes settings sent to it', async () => {
    const { body: empty } = await desk.get('/api/practice/machine').expect(200)
    expect(empty).toEqual({})
    const sent = {
      model: 'plover-60',
      positions: { stitch: 's-utility-114', width: '2.4' },
      values: { width: 2.4 },
      due: [],
    }
    await desk.put('/api/practice/machine').send(sent).expect(200)
    await desk
      .put('/api/practice/machine')
      .send({ ...sent, values: { width: 2.8 } })
      .expect(200)
    const { body: read } = await desk.get('/api/practice/machine').expect(200)
    expect(read.machine).toEqual({ ...sent, values: { width: 2.8 } })
    const { body: other } = await lead.get('/api/practice/machine').expect(200)
    expect(other).toEqual({})
    await desk
      .put('/api/practice/machine')
      .send({ ...sent, values: { width: 'wide' } })
      .expect(422)
  })

  it('keeps attempts per person and offers next what went wrong, until it went well', async () => {
    await viewer.post('/api/practice/attempts').send(attempt).expect(201)
    const { body: first } = await viewer.get('/api/practice/attempts').expect(200)
    expect(first.next).toHaveLength(1)
    expect(first.next[0]).toMatchObject({
      names: { technique: 'Rolled edge', model: 'Eddy 4' },
      query: { m: 'eddy-4' },
    })
    const well = { ...review, reached: true, missed: [], strikes: 0 }
    await viewer
      .post('/api/practice/attempts')
      .send({ ...attempt, review: well })
      .expect(201)
    const { body: then } = await viewer.get('/api/practice/attempts').expect(200)
    expect(then.next).toEqual([])
    expect(then.attempts).toHaveLength(2)
    const { body: others } = await lead.get('/api/practice/attempts').expect(200)
    expect(others.attempts).toEqual([])
  })
})

describe('a practice link', () => {
  const make = async (days = 3) => {
    const { body } = await desk
      .post('/api/practice/links')
      .send({ ...asked, note: 'Friday’s class', days })
      .expect(201)
    return body as { id: number; path: string; expires: string }
  }
  const tokenOf = (path: string) => path.replace('/p/', '')

  it('opens without an account, holds no note, and keeps what came of it', async () => {
    const { id, path } = await make()
    const shared = await shop
      .anyone()
      .get(`/api/shared/practice/${tokenOf(path)}`)
      .expect(200)
    expect(shared.body.goal).toMatchObject({ leftNeedle: 'out' })
    expect(JSON.stringify(shared.body)).not.toContain('Friday')
    await shop
      .anyone()
      .post(`/api/shared/practice/${tokenOf(path)}/attempts`)
      .send({ name: 'Sunniva', review })
      .expect(201)
    const { body: attempts } = await desk.get(`/api/practice/links/${id}/attempts`).expect(200)
    expect(attempts).toMatchObject([{ by: 'Sunniva', review: { strikes: 1 } }])
    const { body: links } = await desk.get('/api/practice/links').expect(200)
    expect(links.find((link: { id: number }) => link.id === id)).toMatchObject({ note: 'Friday’s class', attempts: 1 })
  })

  it('shows the shop’s photograph of its machine, and of no other', async () => {
    const picture = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#888' } })
      .jpeg()
      .toBuffer()
    for (const model of ['eddy-4', 'yawl'])
      await lead.put(`/api/models/${model}/photos/needle`).set('Content-Type', 'image/jpeg').send(picture).expect(200)
    const { path, id } = await make()
    const photos = (rest: string) => shop.anyone().get(`/api/shared/practice/${tokenOf(path)}/photos${rest}`)
    expect((await photos('').expect(200)).body).toMatchObject([{ model: 'eddy-4', view: 'needle' }])
    const { body } = await photos('/needle?at=now').expect(200)
    expect(await sharp(body as Buffer).metadata()).toMatchObject({ format: 'jpeg', width: 60 })
    await photos('/left').expect(404)
    await desk.delete(`/api/practice/links/${id}`).expect(200)
    await photos('/needle').expect(404)
  })

  it('keeps two hundred attempts and not one more, also of many who come at once', async () => {
    const { id, path } = await make()
    const send = () =>
      shop
        .anyone()
        .post(`/api/shared/practice/${tokenOf(path)}/attempts`)
        .send({ name: 'Many', review })
    for (let i = 0; i < 190; i += 10) await Promise.all(Array.from({ length: 10 }, send))
    const answers = await Promise.all(Array.from({ length: 40 }, send))
    expect(answers.filter(({ status }) => status === 201)).toHaveLength(10)
    expect(answers.filter(({ status }) => status === 404)).toHaveLength(30)
    const [row] = await shop.services.database.query('SELECT COUNT(*) AS kept FROM practice_attempt WHERE link = ?', [
      id,
    ])
    expect(Number(row.kept)).toBe(200)
  })

  it('cannot be guessed, and says the same whether it was revoked, is over or never was', async () => {
    const { id, path } = await make()
    const gone = await shop.anyone().get('/api/shared/practice/nobodyEverGaveThisTokenAway').expect(404)
    await desk.delete(`/api/practice/links/${id}`).expect(200)
    const revoked = await shop
      .anyone()
      .get(`/api/shared/practice/${tokenOf(path)}`)
      .expect(404)
    expect(revoked.body.title).toBe(gone.body.title)
    await shop
      .anyone()
      .post(`/api/shared/practice/${tokenOf(path)}/attempts`)
      .send({ name: 'x', review })
      .expect(404)
    await desk.delete(`/api/practice/links/${id}`).expect(404)
    const late = await make(1)
    const rows = await shop.services.database.query('UPDATE practice_link SET expires = ? WHERE id = ?', [
      new Date(0),
      late.id,
    ])
    expect(rows.affectedRows).toBe(1)
    await shop
      .anyone()
      .get(`/api/shared/practice/${tokenOf(late.path)}`)
      .expect(404)
  })

  it('is made by desk and lead, not by who may only look; only where there is something to practise', async () => {
    await viewer
      .post('/api/practice/links')
      .send({ ...asked, days: 3 })
      .expect(403)
    await shop.anyone().get('/api/practice/links').expect(401)
    await desk
      .post('/api/practice/links')
      .send({ ...asked, model: 'spindrift-e', days: 3 })
      .expect(422)
    await desk
      .post('/api/practice/links')
      .send({ ...asked, days: 0 })
      .expect(422)
  })
})

describe('a lesson', () => {
  const lesson = {
    name: 'Rolled edge and back',
    model: 'eddy-4',
    tasks: [{ technique: 'rolled-edge', fabric: 'chiffon' }, { normal: true }],
  }

  it('is made, changed at the version that was seen, removed, and brought back from the history', async () => {
    await viewer.post('/api/practice/lessons').send(lesson).expect(403)
    const { body: made } = await desk.post('/api/practice/lessons').send(lesson).expect(201)
    const path = `/api/practice/lessons/${made.id}`
    expect((await viewer.get(path).expect(200)).body).toEqual(made)
    const longer = { ...lesson, tasks: [...lesson.tasks, { technique: 'overlock-seam', fabric: 'stretch-jersey' }] }
    await lead.put(path).send({ version: 1, lesson: longer }).expect(200)
    const { body: clash } = await desk.put(path).send({ version: 1, lesson }).expect(409)
    expect(clash.theirs).toMatchObject({ version: 2, value: longer })
    await desk.delete(`${path}?version=2`).expect(200)
    await desk.get(path).expect(404)
    const { body: writes } = await desk.get(`/api/history/records?resource=lessons&row=${made.id}`).expect(200)
    await desk.post(`/api/history/records/${writes[0].id}/undo`).expect(200)
    expect((await desk.get(path).expect(200)).body.lesson).toEqual(longer)
  })

  it('is refused where it speaks of what is not there, or has nothing to come back from', async () => {
    const refused = async (more: object) => (await desk.post('/api/practice/lessons').send({ ...lesson, ...more })).body
    expect((await refused({ model: 'nothing' })).issues).toMatchObject([{ path: ['model'] }])
    const tasks = [{ technique: 'nothing', fabric: 'chiffon' }]
    expect((await refused({ tasks })).issues).toMatchObject([{ path: ['tasks', 0, 'technique'] }])
    expect((await refused({ tasks: [{ normal: true }] })).issues).toMatchObject([{ path: ['tasks', 0] }])
    await desk
      .post('/api/practice/lessons')
      .send({ ...lesson, tasks: [] })
      .expect(422)
  })
})

describe('progress', () => {
  it('says where whom hangs, also by a link, and a class’s run sheet says it beside the technique', async () => {
    const { body: classes } = await desk.get('/api/classes').expect(200)
    const kept = classes[0]
    const who = kept.class.seats[0].name as string
    const one = {
      ...kept.class,
      seats: [{ name: who, model: 'eddy-4', owns: [] }],
      techniques: [{ technique: 'rolled-edge', fabric: 'chiffon' }],
      loans: [],
      pins: [],
    }
    const { id, ...facts } = one
    await desk.put(`/api/classes/${id}`).send({ version: kept.version, class: facts }).expect(200)
    const helps = async () => (await desk.get(`/api/classes/${id}/run-sheet`).expect(200)).body.stages[0].help
    expect(JSON.stringify(await helps())).not.toContain('hung')
    const { body: link } = await desk
      .post('/api/practice/links')
      .send({ ...asked, days: 3 })
      .expect(201)
    const attempts = `/api/shared/practice/${link.path.slice('/p/'.length)}/attempts`
    await shop
      .anyone()
      .post(attempts)
      .send({ name: ` ${who.toUpperCase()}`, review })
      .expect(201)
    const { body: progress } = await desk.get('/api/practice/progress').expect(200)
    const { people } = progress.controls.find(({ control }: { control: string }) => control === 'leftNeedle')
    expect(people.map((name: string) => name.trim())).toContain(who.toUpperCase())
    expect(await helps()).toMatchObject([{ seat: 0, why: expect.arrayContaining(['hung']), hung: ['leftNeedle'] }])
    const well = { ...review, reached: true, missed: [] }
    await shop.anyone().post(attempts).send({ name: who, review: well }).expect(201)
    expect(JSON.stringify(await helps())).not.toContain('hung')
    await viewer.get('/api/practice/progress').expect(403)
  })
})
