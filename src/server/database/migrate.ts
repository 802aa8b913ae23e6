/**
 * The database brought up to date: by one server at a time, in steps that may be cut off at any moment and are then
 * done again.
 */
import { randomUUID } from 'node:crypto'
import { setTimeout as pause } from 'node:timers/promises'
import type { DataSource, MigrationInterface, QueryRunner } from 'typeorm'
import { isLost } from './faults'

/** A server that has died gives its lease back after so long. */
const LEASE_SECONDS = 20
const RENEW_MS = 4000
const ASK_AGAIN_MS = 200

/**
 * Does `work` while no other server does, waiting for one that does. It is held by a leased row, since a named lock
 * does not hold across the nodes of a cluster. `renewed` throws where the lease was lost meanwhile: another server
 * may then be at it.
 */
export const alone = async (database: DataSource, work: (renewed: () => void) => Promise<void>): Promise<void> => {
  const holder = randomUUID()
  await database.query(
    'CREATE TABLE IF NOT EXISTS `lease` (`id` tinyint NOT NULL, `holder` char(36) NOT NULL, ' +
      '`until` datetime(3) NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
  )
  await again(() => database.query("INSERT IGNORE INTO `lease` VALUES (1, '', '2000-01-01')"))
  const take = async (): Promise<boolean> => {
    const { affectedRows } = (await database.query(
      'UPDATE `lease` SET `holder` = ?, `until` = NOW(3) + INTERVAL ? SECOND ' +
        'WHERE `id` = 1 AND (`holder` = ? OR `until` < NOW(3))',
      [holder, LEASE_SECONDS, holder],
    )) as { affectedRows: number }
    return affectedRows > 0
  }
  while (!(await again(take))) await pause(ASK_AGAIN_MS)
  let lost = false
  const renewing = setInterval(() => {
    take().then(
      (held) => (lost ||= !held),
      () => undefined,
    )
  }, RENEW_MS)
  try {
    await work(() => {
      if (lost) throw new Error('another server has taken over bringing the database up to date')
    })
  } finally {
    clearInterval(renewing)
    await database.query("UPDATE `lease` SET `until` = '2000-01-01' WHERE `id` = 1 AND `holder` = ?", [holder])
  }
}

/** Two who write the one row at once: a cluster lets one of them lose, who tries again. */
const again = async <Result>(act: () => Promise<Result>): Promise<Result> => {
  for (let tries = 1; ; tries++) {
    try {
      return await act()
    } catch (error) {
      if (tries >= 20 || !isLost(error)) throw error
      await pause(ASK_AGAIN_MS)
    }
  }
}

/**
 * Does what of the data source's migrations has not been done. A migration is noted when all of it is done; one that
 * was cut off is begun anew, and what of it stands already is let be.
 */
export const migrate = async (database: DataSource, renewed: () => void = () => undefined): Promise<void> => {
  const runner = database.createQueryRunner()
  try {
    await runner.query(
      'CREATE TABLE IF NOT EXISTS `migrations` (`id` int NOT NULL AUTO_INCREMENT, `timestamp` bigint NOT NULL, ' +
        '`name` varchar(255) NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
    )
    const noted = (await runner.query('SELECT `name` FROM `migrations`')) as { name: string }[]
    const done = new Set(noted.map(({ name }) => name))
    for (const migration of database.migrations) {
      const name = nameOf(migration)
      if (done.has(name)) continue
      renewed()
      await migration.up(repeatable(runner, renewed))
      await runner.query('INSERT INTO `migrations` (`timestamp`, `name`) VALUES (?, ?)', [timestampOf(name), name])
    }
  } finally {
    await runner.release()
  }
}

const nameOf = (migration: MigrationInterface): string => migration.name ?? migration.constructor.name
const timestampOf = (name: string): number => Number(/\d{13}$/.exec(name)?.[0] ?? 0)

/** What a statement says whose work stands already: a table, a column, a key that is there, or one that is gone. */
const STANDS_ALREADY = new Set([
  'ER_TABLE_EXISTS_ERROR',
  'ER_DUP_FIELDNAME',
  'ER_DUP_KEYNAME',
  'ER_FK_DUP_NAME',
  'ER_DUP_CONSTRAINT_NAME',
  'ER_MULTIPLE_PRI_KEY',
  'ER_CANT_DROP_FIELD_OR_KEY',
  'ER_BAD_TABLE_ERROR',
])
/** MariaDB tells a foreign key that is there by the number of its storage engine. */
const DUPLICATE_KEY = /errno: 121\b/

/**
 * A query runner whose statements that make or drop may be done twice: each of them is whole or not done at all, so
 * what stands already stands as it should. Statements that write rows must be so by themselves (`INSERT IGNORE`).
 */
const repeatable = (runner: QueryRunner, renewed: () => void): QueryRunner =>
  new Proxy(runner, {
    get: (target, key) => {
      if (key !== 'query') return Reflect.get(target, key) as unknown
      return async (statement: string, values?: unknown[]): Promise<unknown> => {
        renewed()
        try {
          return (await target.query(statement, values)) as unknown
        } catch (error) {
          const { code, message } = error as NodeJS.ErrnoException
          const makes = /^\s*(CREATE|ALTER|DROP|RENAME)\b/i.test(statement)
          if (makes && (STANDS_ALREADY.has(code ?? '') || DUPLICATE_KEY.test(message))) return undefined
          throw error
        }
      }
    },
  })
