import 'reflect-metadata'
import type { Connection, QueryOptions } from 'mysql2'
import { DataSource } from 'typeorm'
import { entities } from './entities/index'
import { migrations } from './migrations/index'

const CONNECT_MS = 5000
/** What a statement may take: what is brought up to date, and what carries much, takes longer than an answer may. */
const STATEMENT_MS = { long: 20_000, served: 5000 }
/** Text and bytes of a statement that carries much; the longest of a large import takes a second. */
const MUCH = 64 * 1024
/** Requests that may wait for a connection of the pool. */
const MOST_WAITING = 1000

const serving = new WeakSet<DataSource>()

/** From now on somebody waits for each statement. */
export const beginServing = (database: DataSource): void => {
  serving.add(database)
}

/** A connection pool to the shop's database; nothing is created or changed by connecting. */
export const connect = async (url: string, { poolSize = 10 } = {}): Promise<DataSource> => {
  const database = await new DataSource({
    type: 'mariadb',
    url,
    entities,
    migrations,
    synchronize: false,
    charset: 'utf8mb4',
    timezone: 'Z',
    poolSize,
    connectTimeout: CONNECT_MS,
    extra: { queueLimit: MOST_WAITING },
  }).initialize()
  const { pool } = database.driver as unknown as {
    pool: { on: (event: string, act: (one: Connection) => void) => void }
  }
  const bounded = new WeakSet<Connection>()
  pool.on('acquire', (connection) => {
    if (bounded.has(connection)) return
    bounded.add(connection)
    boundStatements(connection, (statement) =>
      serving.has(database) && sizeOf(statement) < MUCH ? STATEMENT_MS.served : STATEMENT_MS.long,
    )
  })
  return database
}

type Statement = [statement: string | QueryOptions, values?: unknown]
type Ask = (statement: string | QueryOptions, ...rest: unknown[]) => unknown

/** The driver knows a bound for one statement, and none for all; what was given up goes on in its connection. */
const boundStatements = (connection: Connection, boundOf: (statement: Statement) => number): void => {
  const asked = connection as unknown as Record<'query' | 'execute', Ask>
  for (const way of ['query', 'execute'] as const) {
    const ask = asked[way].bind(connection)
    asked[way] = (statement, ...rest) =>
      ask(
        {
          timeout: boundOf([statement, rest[0]]),
          ...(typeof statement === 'string' ? { sql: statement } : statement),
        },
        ...rest.map((one) => (typeof one === 'function' ? endingWhatHangs(connection, one as Answered) : one)),
      )
  }
}

type Answered = (error: { code?: string } | null, ...rest: unknown[]) => unknown

const endingWhatHangs =
  (connection: Connection, answered: Answered): Answered =>
  (error, ...rest) => {
    if (error?.code === 'PROTOCOL_SEQUENCE_TIMEOUT') connection.destroy()
    return answered(error, ...rest)
  }

const sizeOf = ([statement, values]: Statement): number => {
  const text = typeof statement === 'string' ? statement : statement.sql
  const listed = Array.isArray(values) ? (values as unknown[]) : []
  return listed.reduce<number>((sum, value) => sum + lengthOf(value), text.length)
}

const lengthOf = (value: unknown): number =>
  typeof value === 'string' || Buffer.isBuffer(value)
    ? value.length
    : Array.isArray(value)
      ? value.reduce<number>((sum, one) => sum + lengthOf(one), 0)
      : 0
