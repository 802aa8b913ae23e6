/** What is done once a day, by one of two servers. */
import { afterAll, beforeAll, expect, it } from 'vitest'
import { openShop, type Shop } from './shop'

let one: Shop
let other: Shop
beforeAll(async () => {
  one = await openShop()
  other = await openShop({ url: one.databaseUrl })
})
afterAll(() => Promise.all([one.close(), other.close()]))

const rows = (statement: string) => one.services.database.query<Record<string, unknown>[]>(statement)

it('is done by one of all servers, and again on the next day', async () => {
  expect(await Promise.all([one.daily.look(), other.daily.look()])).toEqual([false, false])
  await rows('DELETE FROM daily_task')
  const done = await Promise.all([one.daily.look(), other.daily.look(), one.daily.look(), other.daily.look()])
  expect(done.filter(Boolean)).toHaveLength(1)
})

it('takes away what was typed at links whose time is over, and nothing of those that hold', async () => {
  const desk = await one.as('desk')
  const card = { technique: 'piping', model: 'wren-24', fabric: 'wool-suiting', days: 3 }
  const none = { missed: [], refused: [], passedBy: [], undone: [] }
  const review = { ...none, reached: true, strikes: 0, badSamples: 0, moves: 4, extra: 0 }
  for (const note of ['For the old one', 'For the new one']) {
    const { body } = await desk
      .post('/api/practice/links')
      .send({ ...card, note })
      .expect(201)
    const path = `/api/shared${body.path.replace('/p/', '/practice/')}/attempts`
    await one.anyone().post(path).send({ name: note, review }).expect(201)
  }
  await rows("UPDATE practice_link SET expires = '2020-01-01' WHERE note = 'For the old one'")
  await rows('DELETE FROM daily_task')
  expect(await one.daily.look()).toBe(true)
  expect((await rows("SELECT note FROM practice_link WHERE note LIKE 'For %'")).map(({ note }) => note)).toEqual([
    'For the new one',
  ])
  expect((await rows("SELECT `by` FROM practice_attempt WHERE `by` LIKE 'For %'")).map(({ by }) => by)).toEqual([
    'For the new one',
  ])
})

it('lets outcomes of yesterday’s writes go, and is tried again where it failed', async () => {
  await rows("INSERT INTO kept_outcome VALUES ('osk', 'of-yesterday', NOW(3) - INTERVAL 25 HOUR, '{}')")
  await rows("INSERT INTO kept_outcome VALUES ('osk', 'of-today', NOW(3) - INTERVAL 1 HOUR, '{}')")
  await rows('DELETE FROM daily_task')
  await rows('RENAME TABLE shared_card TO away')
  expect(await one.daily.look()).toBe(false)
  await rows('RENAME TABLE away TO shared_card')
  expect(await other.daily.look()).toBe(true)
  const kept = await rows("SELECT `key` FROM kept_outcome WHERE `key` LIKE 'of-%'")
  expect(kept.map(({ key }) => key)).toEqual(['of-today'])
})
