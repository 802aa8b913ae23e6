import { createConnection, type Connection } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import type { DataSource, QueryRunner } from 'typeorm'
import { connect } from '#server/database/connect'
import { alone, migrate } from '#server/database/migrate'
import { openShop } from './shop'

let admin: Connection
let count = 0
beforeAll(async () => {
  admin = await createConnection(inject('databaseUrl'))
})
afterAll(() => admin.end())

/** An empty database. */
const empty = async (): Promise<string> => {
  const url = new URL(inject('databaseUrl'))
  url.pathname = `/handhold_migrate_${process.pid}_${++count}`
  await admin.query(`CREATE DATABASE \`${url.pathname.slice(1)}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`)
  return url.href
}
const withDatabase = async <Result>(url: string, act: (database: DataSource) => Promise<Result>): Promise<Result> => {
  const database = await connect(url)
  try {
    return await act(database)
  } finally {
    await database.destroy()
  }
}
/** Tables, columns, keys: all that a migration makes. */
const shape = async (database: DataSource): Promise<Record<string, string>> => {
  const tables = (await database.query('SHOW TABLES')) as Record<string, string>[]
  const made = await Promise.all(
    tables.flatMap(Object.values).map(async (table: string) => {
      const [row] = (await database.query(`SHOW CREATE TABLE \`${table}\``)) as { 'Create Table': string }[]
      return [table, row?.['Create Table'].replace(/ AUTO_INCREMENT=\d+/, '') ?? '']
    }),
  )
  return Object.fromEntries(made) as Record<string, string>
}
/** Lets so many statements through and then ends, as a process that is killed between two of them does. */
const cutAfter = (database: DataSource, statements: number): void => {
  let left = statements
  const begin = database.createQueryRunner.bind(database)
  database.createQueryRunner = () => {
    const runner = begin()
    const query = runner.query.bind(runner) as (statement: string, values?: unknown[]) => Promise<unknown>
    runner.query = ((statement: string, values?: unknown[]) => {
      if (left-- <= 0) throw new Error('cut')
      return query(statement, values)
    }) as QueryRunner['query']
    return runner
  }
}

describe('bringing a database up to date', () => {
  it('may be cut off after any statement, and is whole the next time', async () => {
    const whole = await withDatabase(await empty(), async (database) => {
      await migrate(database)
      return shape(database)
    })
    expect(Object.keys(whole).length).toBeGreaterThan(20)
    const url = await empty()
    const noted = () =>
      admin.query(`SELECT name FROM \`${new URL(url).pathname.slice(1)}\`.migrations ORDER BY id`).then(
        ([rows]) => (rows as { name: string }[]).map(({ name }) => name),
        () => [],
      )
    let cuts = 0
    // Each start comes one statement further than the one before, until one more migration is noted.
    for (let [statements, before, isCut] = [0, 0, true]; isCut;) {
      isCut = await withDatabase(url, (database) => {
        cutAfter(database, statements)
        return migrate(database).then(
          () => false,
          (error: Error) => {
            if (error.message !== 'cut') throw error
            return true
          },
        )
      })
      if (isCut) cuts++
      const { length } = await noted()
      statements = length > before ? 0 : statements + 1
      before = length
    }
    expect(cuts).toBeGreaterThan(40)
    await withDatabase(url, async (database) => {
      expect(await shape(database)).toEqual(whole)
      expect(await database.query('SELECT * FROM catalogue_revision')).toEqual([{ id: 1, revision: 0 }])
      expect(await noted()).toEqual(database.migrations.map(({ constructor }) => constructor.name))
    })
  })

  it('still refuses what is wrong and not merely there already', async () => {
    await withDatabase(await empty(), async (database) => {
      const [first] = database.migrations
      if (!first) throw new Error('no migration')
      const broken = {
        name: 'Broken1999999999999',
        up: (runner: QueryRunner) => runner.query('ALTER TABLE `nothing` ADD `x` int'),
        down: () => Promise.resolve(),
      }
      ;(database as { migrations: unknown[] }).migrations = [first, broken]
      await expect(migrate(database)).rejects.toThrow(/nothing/)
    })
  })

  it('is done by one server at a time', async () => {
    const url = await empty()
    let [inside, most, done] = [0, 0, 0]
    await Promise.all(
      [1, 2, 3].map(() =>
        withDatabase(url, (database) =>
          alone(database, async () => {
            most = Math.max(most, ++inside)
            await migrate(database)
            inside--
            done++
          }),
        ),
      ),
    )
    expect([most, done]).toEqual([1, 3])
  })

  it('takes the lease of a server that died over, once its time is up', async () => {
    const url = await empty()
    await withDatabase(url, async (database) => {
      await alone(database, () => Promise.resolve())
      await database.query("UPDATE lease SET holder = 'dead', until = NOW(3) + INTERVAL 1 SECOND WHERE id = 1")
      await alone(database, async () => {
        const [{ held }] = (await database.query('SELECT until > NOW(3) AND holder <> "dead" AS held FROM lease')) as [
          { held: number },
        ]
        expect(held).toBe(1)
      })
    })
  })
})

describe('servers on one empty database', () => {
  it.each([2, 3])('%i at once all come up, with one demo', async (servers) => {
    const url = await empty()
    const shops = await Promise.all(Array.from({ length: servers }, () => openShop({ url })))
    const health = await Promise.all(shops.map((shop) => shop.anyone().get('/api/health').expect(200)))
    expect(new Set(health.map(({ body }) => JSON.stringify(body))).size).toBe(1)
    const [{ customers, classes, cases }] = (await shops[0]?.services.database.query(
      'SELECT (SELECT COUNT(*) FROM customer) customers, (SELECT COUNT(*) FROM class) classes, ' +
        '(SELECT COUNT(*) FROM desk_case) cases',
    )) as [{ customers: string; classes: string; cases: string }]
    const once = await openShop()
    const [alone] = (await once.services.database.query(
      'SELECT (SELECT COUNT(*) FROM customer) customers, (SELECT COUNT(*) FROM class) classes, ' +
        '(SELECT COUNT(*) FROM desk_case) cases',
    )) as [unknown]
    expect({ customers, classes, cases }).toEqual(alone)
    await Promise.all([...shops, once].map((shop) => shop.close()))
  })
})

describe('a shop from before its people had ids of their own and its classes rows', () => {
  it('keeps every seat, loan, supply, event, case, message and word, row for row', async () => {
    const url = await empty()
    await withDatabase(url, async (database) => {
      const source = database as { migrations: { constructor: { name: string } }[] }
      const all = source.migrations
      // None of those that came since has been there.
      source.migrations = all.slice(
        0,
        all.findIndex((one) => one.constructor.name.startsWith('Records')),
      )
      await migrate(database)
      const insert = (statement: string, values: unknown[]) => database.query(statement, values)
      const people = [
        ['ada-thimble', 'Ada Thimble'],
        ['bo', 'Bo "the" Bobbin'],
      ]
      for (const [id, name] of people)
        await insert('INSERT INTO customer VALUES (?, 3, ?, ?)', [
          id,
          name,
          JSON.stringify({ name, machines: [], owns: [] }),
        ])
      const seats = [
        { name: 'Ada', customer: 'ada-thimble', model: 'wren-24', owns: ['u-pipe'], came: true, out: ['u-pipe'] },
        { name: 'Walk-in', owns: [] },
        { name: 'Long gone', customer: 'erased-once', owns: [] },
      ]
      const loans = [
        { item: 'u-pipe', pieces: 2 },
        { model: 'wren-24', pieces: 1 },
      ]
      const facts = { title: 'Old', starts: '2025-01-01T10:00:00', minutes: 60, techniques: [], pins: [], seats, loans }
      await insert("INSERT INTO class VALUES ('old', 4, '2025-01-01T10:00:00', ?)", [JSON.stringify(facts)])
      const supplies = [{ what: 'fabric', of: 'linen', pack: 10, width: 1450, price: 1200, shelf: 2.5 }]
      await insert("INSERT INTO shop_setting VALUES ('cupboard', ?)", [JSON.stringify({ version: 6, supplies })])
      const events = [{ title: 'Fair', starts: '2025-01-02T10:00:00', ends: '2025-01-02T11:00:00', place: 'Hall' }]
      await insert("INSERT INTO shop_setting VALUES ('calendar', ?)", [
        JSON.stringify({ events, read: '2025-01-01T00:00:00.000Z', file: 'shop.ics' }),
      ])
      const call = { question: 'Q', outcome: 'open', model: 'wren-24', followUp: '2025-01-09' }
      await insert("INSERT INTO desk_case (`at`, `by`, customer, words, facts) VALUES (NOW(3), 'x', 'bo', 'Q', ?)", [
        JSON.stringify(call),
      ])
      await insert("INSERT INTO ask_alias VALUES ('customer', 'bo', 'bobbin', 'x')", [])
      await insert(
        'INSERT INTO outbox_message (`at`, `by`, `to`, subject, customer, mail) VALUES ' +
          "(NOW(3), 'x', 'b@c.example', 's', 'bo', 'm')",
        [],
      )
      source.migrations = all
      await migrate(database)
    })
    const shop = await openShop({ url, demo: false })
    const desk = await shop.as('desk')
    const body = async (path: string) => (await desk.get(path).expect(200)).body
    const { rows: customers } = (await body('/api/customers')) as {
      rows: { version: number; customer: { id: string; name: string } }[]
    }
    expect(customers.map(({ version, customer }) => [version, customer.name])).toEqual([
      [3, 'Ada Thimble'],
      [3, 'Bo "the" Bobbin'],
    ])
    const [ada, bo] = customers.map(({ customer }) => customer.id)
    for (const id of [ada, bo]) expect(id).toMatch(/^c-[0-9a-f]{16}$/)
    expect(await body('/api/classes/old')).toMatchObject({
      version: 4,
      class: {
        seats: [
          { name: 'Ada', customer: ada, model: 'wren-24', owns: ['u-pipe'], came: true, out: ['u-pipe'] },
          { name: 'Walk-in', owns: [] },
          { name: 'Long gone', owns: [] },
        ],
        loans: [
          { item: 'u-pipe', pieces: 2 },
          { model: 'wren-24', pieces: 1 },
        ],
      },
    })
    expect(await body('/api/cupboard')).toEqual({
      version: 6,
      supplies: [{ what: 'fabric', of: 'linen', pack: 10, width: 1450, price: 1200, shelf: 2.5 }],
    })
    expect(await body('/api/calendar')).toEqual({
      events: [{ title: 'Fair', starts: '2025-01-02T10:00:00', ends: '2025-01-02T11:00:00', place: 'Hall' }],
      read: '2025-01-01T00:00:00.000Z',
      file: 'shop.ics',
    })
    expect(await body('/api/cases?due=2025-02-01&model=wren-24&outcome=open')).toMatchObject([
      { case: { question: 'Q', customer: bo } },
    ])
    expect(await body('/api/cases?model=other')).toEqual([])
    const { held } = await body(`/api/customers/${bo}/export`)
    expect(held).toMatchObject({ cases: [{ question: 'Q' }], words: ['bobbin'], messages: [{ to: 'b@c.example' }] })
    await shop.close()
  })
})

describe('places that were words', () => {
  it('become codes in rows, in what undo would bring back and in cases; values become figures', async () => {
    const shop = await openShop()
    const { database } = shop.services
    const worded = async (statement: string) => {
      const { affectedRows } = (await database.query(statement)) as { affectedRows: number }
      expect(affectedRows).toBeGreaterThan(0)
    }
    const word = (column: string) =>
      `\`${column}\` = REPLACE(REPLACE(\`${column}\`, '"twoThreadConverter"}', '"two-thread converter on"}'), ` +
      `'"downAndBack"', '"down and back"')`
    const [before] = (await database.query('SELECT GROUP_CONCAT(`facts` ORDER BY `id`) AS `all` FROM `technique`')) as [
      { all: string },
    ]
    await worded(`UPDATE \`technique\` SET ${word('facts')}`)
    await worded(
      'INSERT INTO `history` (`revision`, `noun`, `row`, `at`, `by`, `before`) VALUES ' +
        `(1, 'stitches', 'm/s', NOW(3), 'x', '{"setup":{"buttonholeLever":"down and back","own":"down and back"}}')`,
    )
    const shown = { positions: { buttonholeLever: 'down and back', length: 'just under ½' }, values: { length: 0.4 } }
    await database.query('UPDATE `desk_case` SET `facts` = JSON_SET(`facts`, "$.shown", JSON_COMPACT(?)) LIMIT 1', [
      JSON.stringify(shown),
    ])
    await database.query("DELETE FROM `migrations` WHERE `name` LIKE 'CodesOfPlaces%'")
    await migrate(database)
    const [after] = (await database.query('SELECT GROUP_CONCAT(`facts` ORDER BY `id`) AS `all` FROM `technique`')) as [
      { all: string },
    ]
    expect(after.all.replaceAll(' ', '')).toBe(before.all.replaceAll(' ', ''))
    const [history] = (await database.query("SELECT `before` FROM `history` WHERE `row` = 'm/s'")) as [
      { before: unknown },
    ]
    expect(JSON.stringify(history.before)).toContain('downAndBack')
    expect(JSON.stringify(history.before)).toContain('down and back')
    const cases = (await database.query('SELECT `facts` FROM `desk_case`')) as { facts: unknown }[]
    const told = cases.map(({ facts }) => (typeof facts === 'string' ? (JSON.parse(facts) as never) : facts))
    expect(told.map((facts) => (facts as { shown?: unknown }).shown)).toContainEqual({
      positions: { buttonholeLever: 'downAndBack', length: '0.4' },
      values: { length: 0.4 },
    })
    await shop.close()
  })
})

describe('steps that stood for blocks of moves', () => {
  it('are gone, and what stood beside them says its phase, in rows and in what undo would bring back', async () => {
    const shop = await openShop()
    const { database } = shop.services
    const texts = ['a', '{fit}', 'b', '{set}', 'c']
    const old = JSON.stringify({ methods: [{ stages: [{ steps: texts.map((text) => ({ text })) }] }] })
    await database.query("UPDATE `technique` SET `facts` = ? WHERE `id` = 'buttonhole'", [old])
    await database.query(
      'INSERT INTO `history` (`revision`, `noun`, `row`, `at`, `by`, `before`) VALUES ' +
        "(1, 'techniques', 'gone', NOW(3), 'x', ?)",
      [old],
    )
    await database.query("DELETE FROM `migrations` WHERE `name` LIKE 'PhasesOfSteps%'")
    await migrate(database)
    const rows = (await database.query(
      "SELECT `facts` AS `kept` FROM `technique` WHERE `id` = 'buttonhole' UNION ALL " +
        "SELECT `before` FROM `history` WHERE `row` = 'gone'",
    )) as { kept: unknown }[]
    expect(rows).toHaveLength(2)
    for (const { kept } of rows) {
      const read = (typeof kept === 'string' ? JSON.parse(kept) : kept) as {
        methods: { stages: { steps: unknown }[] }[]
      }
      expect(read.methods[0]?.stages[0]?.steps).toEqual([
        { text: 'a', phase: 'prepare' },
        { text: 'b', phase: 'fit' },
        { text: 'c' },
      ])
    }
    await shop.close()
  })
})

describe('a demo whose loading was cut off', () => {
  it.each(['desk_case', 'class', 'customer', 'user', 'make'])(
    'while %s was written is whole after the next start',
    async (table) => {
      const whole = await openShop()
      const url = await empty()
      // As a kill in the middle of that part leaves it: the database refuses the third row.
      await withDatabase(url, (database) => migrate(database))
      const counted = async (shop: Awaited<ReturnType<typeof openShop>>) =>
        Object.fromEntries(
          await Promise.all(
            ['desk_case', 'class', 'customer', 'user', 'make', 'model'].map(async (name) => {
              const [row] = (await shop.services.database.query(`SELECT COUNT(*) AS rows_ FROM \`${name}\``)) as [
                { rows_: string },
              ]
              return [name, String(row.rows_)]
            }),
          ),
        ) as Record<string, string>
      await withDatabase(url, (database) =>
        database.query(
          `CREATE TRIGGER cut BEFORE INSERT ON \`${table}\` FOR EACH ROW ` +
            `IF (SELECT COUNT(*) FROM \`${table}\`) >= 2 THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'cut'; END IF`,
        ),
      )
      await expect(openShop({ url })).rejects.toThrow(/cut/)
      await withDatabase(url, (database) => database.query('DROP TRIGGER cut'))
      const again = await openShop({ url })
      expect(await counted(again)).toEqual(await counted(whole))
      await Promise.all([whole.close(), again.close()])
    },
  )
})
