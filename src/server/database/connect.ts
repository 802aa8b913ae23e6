import 'reflect-metadata'
import type { Connection, QueryOptions } from 'mysql2'
import { DataSource } from 'typeorm'
import { entities } from './entities/index'
import { migrations } from './migrations/index'

const CONNECT_MS = 5000
/** A statement that takes longer is given up: the longest of a large import takes a second. */
const STATEMENT_MS = 20_000
/** Requests that may wait for a connection of the pool. */
const MOST_WAITING = 1000

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
    boundStatements(connection)
  })
  return database
}

/** The driver knows a bound for one statement, and none for all. */
const boundStatements = (connection: Connection): void => {
  const query = connection.query.bind(connection) as (options: QueryOptions, ...rest: unknown[]) => unknown
  connection.query = ((statement: string | QueryOptions, ...rest: unknown[]) =>
    query(
      { timeout: STATEMENT_MS, ...(typeof statement === 'string' ? { sql: statement } : statement) },
      ...rest,
    )) as never
}
