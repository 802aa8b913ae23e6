/** Everything of the shop but who is signed in, as it was at one moment, into one file. */
import { createHash } from 'node:crypto'
import { createWriteStream } from 'node:fs'
import { rename } from 'node:fs/promises'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import { createConnection, type Connection } from 'mysql2/promise'
import type { Connection as Raw } from 'mysql2'
import { encode, Summing, type End, type Head, type Sums } from './format'

/** Signing in again is all that is lost with it. */
const LEFT_OUT: ReadonlySet<string> = new Set([
  'session',
  'sign_in_failure',
  'migrations',
  'lease',
  'kept_outcome',
  'daily_task',
])

export const writeBackup = async (url: string, file: string, at: Date): Promise<Sums> => {
  const database = await openPlain(url)
  try {
    await database.query('SET TRANSACTION ISOLATION LEVEL REPEATABLE READ')
    await database.query('START TRANSACTION WITH CONSISTENT SNAPSHOT')
    const summing = new Summing()
    await pipeline(
      Readable.from(sealed(linesOf(database, summing, at), summing)),
      createGzip(),
      createWriteStream(`${file}.part`, { mode: 0o600 }),
    )
    await rename(`${file}.part`, file)
    return summing.sums()
  } finally {
    await database.end()
  }
}

async function* linesOf(database: Connection, summing: Summing, at: Date): AsyncGenerator<string> {
  const head: Head = {
    format: 'handhold-backup',
    version: 1,
    at: at.toISOString(),
    migrations: await migrationsIn(database),
  }
  yield `${JSON.stringify(head)}\n`
  for (const table of await tablesIn(database)) {
    const columns = await columnsOf(database, table)
    summing.of(table)
    yield `${JSON.stringify({ table, columns })}\n`
    for await (const line of rowLines(database, table, columns)) {
      summing.add(table, line)
      yield `${line}\n`
    }
  }
}

/** With a last line that says what the lines before it hold, and sums them up. */
async function* sealed(lines: AsyncGenerator<string>, summing: Summing): AsyncGenerator<string> {
  const whole = createHash('sha256')
  for await (const line of lines) {
    whole.update(line)
    yield line
  }
  yield `${JSON.stringify({ end: true, tables: summing.sums(), digest: whole.digest('hex') } satisfies End)}\n`
}

/** Rows of a table, one after another, in the order of its key. */
export async function* rowLines(
  database: Connection,
  table: string,
  columns: readonly string[],
): AsyncGenerator<string> {
  const key = await keyOf(database, table)
  const order = key.length > 0 ? ` ORDER BY ${key.map(quoted).join(', ')}` : ''
  // The promise wrapper does not stream; what it wraps does.
  const raw = (database as unknown as { connection: Raw }).connection
  const rows = raw
    .query({ sql: `SELECT ${columns.map(quoted).join(', ')} FROM ${quoted(table)}${order}`, rowsAsArray: true })
    .stream()
  for await (const row of rows as AsyncIterable<unknown[]>) yield JSON.stringify(row.map(encode))
}

export const quoted = (name: string): string => `\`${name.replaceAll('`', '``')}\``

/** Dates as the database writes them, so that nothing is rounded on its way. */
export const openPlain = (url: string): Promise<Connection> =>
  createConnection({ uri: url, dateStrings: true, jsonStrings: true, charset: 'utf8mb4', timezone: 'Z' })

export const tablesIn = async (database: Connection): Promise<string[]> => {
  const [rows] = await database.query<never[]>(
    'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = ' +
      "'BASE TABLE' ORDER BY table_name",
  )
  return (rows as { name: string }[]).map(({ name }) => name).filter((name) => !LEFT_OUT.has(name))
}

export const columnsOf = async (database: Connection, table: string): Promise<string[]> => {
  const [rows] = await database.query<never[]>(
    'SELECT column_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND table_name = ' +
      "? AND is_generated = 'NEVER' ORDER BY ordinal_position",
    [table],
  )
  return (rows as { name: string }[]).map(({ name }) => name)
}

const keyOf = async (database: Connection, table: string): Promise<string[]> => {
  const [rows] = await database.query<never[]>(
    'SELECT column_name AS name FROM information_schema.key_column_usage WHERE table_schema = DATABASE() AND ' +
      "table_name = ? AND constraint_name = 'PRIMARY' ORDER BY ordinal_position",
    [table],
  )
  return (rows as { name: string }[]).map(({ name }) => name)
}

const migrationsIn = async (database: Connection): Promise<string[]> => {
  const [rows] = await database.query<never[]>('SELECT name FROM migrations ORDER BY id')
  return (rows as { name: string }[]).map(({ name }) => name)
}
