import { setTimeout as pause } from 'node:timers/promises'
import { createConnection } from 'mysql2/promise'
import { expect, it } from 'vitest'
import { connect } from '#server/database/connect'
import { migrate } from '#server/database/migrate'
import { migrations } from '#server/database/migrations/index'
import { dropDatabase, emptyDatabase, startServer } from './processes'

const KILLS = Number(process.env.HANDHOLD_FIRE_KILLS ?? 60)

/** A database as it was when only the first so many migrations were known. */
const asOf = async (count: number): Promise<string> => {
  const url = await emptyDatabase()
  const database = await connect(url, { poolSize: 2 })
  database.migrations.splice(count)
  if (count > 0) await migrate(database)
  await database.destroy()
  return url
}
const held = async (url: string) => {
  const connection = await createConnection(url)
  const [rows] = await connection.query<never[]>(
    'SELECT (SELECT COUNT(*) FROM customer) customers, (SELECT COUNT(*) FROM class) classes, ' +
      '(SELECT COUNT(*) FROM desk_case) cases, (SELECT COUNT(*) FROM model) models, ' +
      '(SELECT COUNT(*) FROM migrations) steps',
  )
  await connection.end()
  return rows[0]
}

it(`starts again after each of ${KILLS} kills at random moments of a first start or an upgrade`, async () => {
  const from = Date.now()
  const whole = await emptyDatabase()
  const first = startServer(whole)
  await first.url
  const usual = Date.now() - from
  await first.kill()
  const wanted = await held(whole)
  for (let kill = 0; kill < KILLS; kill++) {
    // Every third a first start, the others from each earlier state in turn.
    const state = kill % 3 === 0 ? 0 : 1 + (kill % (migrations.length - 1))
    const url = await asOf(state)
    const after = Math.random() * usual
    const killed = startServer(url)
    await pause(after)
    await killed.kill()
    const again = startServer(url)
    expect((await fetch(`${await again.url}/api/health`)).status, `${state} migrations, killed after ${after} ms`).toBe(
      200,
    )
    await again.kill()
    expect(await held(url), `${state} migrations, killed after ${after} ms`).toEqual(wanted)
    await dropDatabase(url)
  }
  process.stdout.write(
    `${KILLS} kills within ${usual} ms of a start: ${KILLS} good starts after, each with the whole demo once\n`,
  )
})

it.each([2, 3])('%i servers started at once on an empty database all come up', async (count) => {
  for (let round = 0; round < 5; round++) {
    const url = await emptyDatabase()
    const servers = Array.from({ length: count }, () => startServer(url))
    for (const server of servers) expect((await fetch(`${await server.url}/api/health`)).status).toBe(200)
    for (const server of servers) await server.kill()
    await dropDatabase(url)
  }
  process.stdout.write(`${count} servers at once, 5 rounds: all came up\n`)
})
