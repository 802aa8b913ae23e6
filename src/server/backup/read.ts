/** A backup put into a database: first into a scratch one, checked there, then all at once into the shop. */
import { createReadStream } from 'node:fs'
import { pipeline } from 'node:stream'
import { createGunzip } from 'node:zlib'
import { createHash, randomBytes, type Hash } from 'node:crypto'
import type { Connection } from 'mysql2/promise'
import { DataSource } from 'typeorm'
import { migrate as bringUpToDate } from '../database/migrate'
import { migrations } from '../database/migrations/index'
import { BackupFault, cutIntoLines, decode, End, Head, Summing, TableLine, type Sums, type Value } from './format'
import { columnsOf, openPlain, quoted, rowLines, tablesIn } from './write'

const ROWS_AT_ONCE = 100

/**
 * Throws `BackupFault` for a file that is no backup, not whole, of a newer Handhold, or does not come back the same.
 */
export const inScratch = async <Result>(
  url: string,
  file: string,
  then: (scratch: string, sums: Sums) => Promise<Result>,
): Promise<Result> => {
  const name = `handhold_scratch_${randomBytes(6).toString('hex')}`
  const database = await openPlain(url)
  try {
    await database.query(`CREATE DATABASE ${quoted(name)} CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`)
    const sums = await load(withName(url, name), file)
    return await then(name, sums)
  } finally {
    await database.query(`DROP DATABASE IF EXISTS ${quoted(name)}`)
    await database.end()
  }
}

export const checkBackup = (url: string, file: string): Promise<Sums> =>
  inScratch(url, file, (_, sums) => Promise.resolve(sums))

/** One transaction: the shop is as it was, or as the backup has it. Nobody stays signed in. */
export const restoreBackup = (url: string, file: string): Promise<Sums> =>
  inScratch(url, file, async (scratch, sums) => {
    await migrate(
      url,
      migrations.map(({ name }) => name),
    )
    const database = await openPlain(url)
    try {
      const tables = await tablesIn(database)
      await database.query('SET FOREIGN_KEY_CHECKS = 0')
      await database.beginTransaction()
      for (const table of [...tables, 'session']) await database.query(`DELETE FROM ${quoted(table)}`)
      for (const table of tables) {
        const columns = (await columnsOf(database, table)).map(quoted).join(', ')
        await database.query(
          `INSERT INTO ${quoted(table)} (${columns}) SELECT ${columns} FROM ${quoted(scratch)}.${quoted(table)}`,
        )
      }
      await database.commit()
    } finally {
      await database.end()
    }
    return sums
  })

/** Rows that a shop is made with. */
const COUNTERS: ReadonlySet<string> = new Set(['catalogue_revision', 'change_topic'])

/** Whether there is anything in the shop that a restore would take the place of. */
export const isEmptyShop = async (url: string): Promise<boolean> => {
  const database = await openPlain(url)
  try {
    for (const table of await tablesIn(database)) {
      if (COUNTERS.has(table)) continue
      const [rows] = await database.query<never[]>(`SELECT 1 FROM ${quoted(table)} LIMIT 1`)
      if ((rows as unknown[]).length > 0) return false
    }
    return true
  } finally {
    await database.end()
  }
}

/** The file into an empty database as it was when it was written, checked, then brought up to date. */
const load = async (url: string, file: string): Promise<Sums> => {
  const seal = createHash('sha256')
  const lines = sealed(linesOf(file), seal)
  const head = readAs(Head, (await lines.next()).value, 'its first line')
  const ours = new Set(migrations.map(({ name }) => name))
  const newer = head.migrations.filter((name) => !ours.has(name))
  if (newer.length > 0)
    throw new BackupFault(`It was written by a newer Handhold (${newer.join(', ')}). Nothing was changed.`)
  await migrate(url, head.migrations)
  const database = await openPlain(url)
  try {
    await database.query('SET FOREIGN_KEY_CHECKS = 0')
    for (const table of await tablesIn(database)) await database.query(`DELETE FROM ${quoted(table)}`)
    const restored = await insertAll(database, lines, await tablesIn(database), seal)
    await checkWhole(database, restored)
    const found = await sumsIn(database, Object.keys(restored))
    for (const [table, { rows, sha256 }] of Object.entries(restored))
      if (found[table]?.rows !== rows || found[table]?.sha256 !== sha256)
        throw new BackupFault(`Table ${table} does not come back as it was written. Nothing was changed.`)
    await migrate(url, [...ours])
    return restored
  } finally {
    await database.end()
  }
}

/** The lines, with those before the one that is shown summed up. */
async function* sealed(lines: AsyncGenerator<string>, seal: Hash): AsyncGenerator<string> {
  let before: string | undefined
  for await (const line of lines) {
    if (before !== undefined) seal.update(before).update('\n')
    before = line
    yield line
  }
}

/** Throws `BackupFault` where a table is left out, or a row speaks of one that is not there. */
const checkWhole = async (database: Connection, restored: Sums): Promise<void> => {
  const missing = (await tablesIn(database)).filter((table) => !restored[table])
  if (missing.length > 0)
    throw new BackupFault(`The backup is not whole: it says nothing of ${missing.join(', ')}. Nothing was changed.`)
  if (restored['catalogue_revision']?.rows !== 1)
    throw new BackupFault('The backup is not whole: the catalogue has no revision. Nothing was changed.')
  const [keys] = await database.query<never[]>(
    'SELECT table_name AS `table`, column_name AS `column`, referenced_table_name AS parent, ' +
      'referenced_column_name AS parentKey FROM information_schema.key_column_usage ' +
      'WHERE table_schema = DATABASE() AND referenced_table_name IS NOT NULL',
  )
  for (const { table, column, parent, parentKey } of keys as Record<
    'table' | 'column' | 'parent' | 'parentKey',
    string
  >[]) {
    const [orphans] = await database.query<never[]>(
      `SELECT 1 FROM ${quoted(table)} child LEFT JOIN ${quoted(parent)} parent ` +
        `ON parent.${quoted(parentKey)} = child.${quoted(column)} ` +
        `WHERE child.${quoted(column)} IS NOT NULL AND parent.${quoted(parentKey)} IS NULL LIMIT 1`,
    )
    if ((orphans as unknown[]).length > 0)
      throw new BackupFault(`A row of ${table} speaks of a ${parent} that is not in the backup. Nothing was changed.`)
  }
}

const insertAll = async (
  database: Connection,
  lines: AsyncIterator<string>,
  tables: readonly string[],
  seal: Hash,
): Promise<Sums> => {
  let open: { table: string; columns: string[] } | undefined
  let rows: unknown[][] = []
  const flush = async () => {
    if (open && rows.length > 0) {
      const { table, columns } = open
      const into = `${quoted(table)} (${columns.map(quoted).join(', ')})`
      await database.query(`INSERT INTO ${into} VALUES ?`, [rows]).catch(() => {
        throw new BackupFault(`Its rows of ${table} are not rows of that table. Nothing was changed.`)
      })
    }
    rows = []
  }
  for (let next = await lines.next(); !next.done; next = await lines.next()) {
    const said = json(next.value)
    if (Array.isArray(said)) {
      rows.push((said as Value[]).map(decode))
      if (rows.length >= ROWS_AT_ONCE) await flush()
      continue
    }
    await flush()
    const end = End.safeParse(said)
    if (end.success) {
      if (end.data.digest !== undefined && end.data.digest !== seal.digest('hex'))
        throw new BackupFault('The backup is not as it was written. Nothing was changed.')
      return end.data.tables
    }
    open = readAs(TableLine, next.value, 'a line of it')
    if (!tables.includes(open.table))
      throw new BackupFault(`The backup speaks of a table that Handhold has not: ${open.table}. Nothing was changed.`)
  }
  throw new BackupFault('The backup is not whole: its last line is missing. Nothing was changed.')
}

const sumsIn = async (database: Connection, tables: readonly string[]): Promise<Sums> => {
  const summing = new Summing()
  for (const table of tables) {
    summing.of(table)
    for await (const line of rowLines(database, table, await columnsOf(database, table))) summing.add(table, line)
  }
  return summing.sums()
}

const migrate = async (url: string, names: readonly string[]): Promise<void> => {
  const wanted = migrations.filter(({ name }) => names.includes(name))
  const source = await new DataSource({
    type: 'mariadb',
    url,
    entities: [],
    migrations: wanted,
    synchronize: false,
    charset: 'utf8mb4',
    timezone: 'Z',
  }).initialize()
  try {
    await bringUpToDate(source)
  } finally {
    await source.destroy()
  }
}

async function* linesOf(file: string): AsyncGenerator<string> {
  const unpacked = createGunzip()
  let broken: Error | undefined
  pipeline(createReadStream(file), unpacked, (error) => {
    broken = error ?? undefined
  })
  try {
    yield* cutIntoLines(unpacked.setEncoding('utf8'))
  } catch (error) {
    if (error instanceof BackupFault) throw error
    broken = error as Error
  }
  if (broken) throw new BackupFault(`The file cannot be unpacked: ${broken.message}. Nothing was changed.`)
}

const readAs = <Shape>(
  schema: { parse: (value: unknown) => Shape },
  line: string | undefined,
  where: string,
): Shape => {
  try {
    return schema.parse(json(line ?? ''))
  } catch {
    throw new BackupFault(`This is no backup of Handhold: ${where} does not say so. Nothing was changed.`)
  }
}

const json = (line: string): unknown => {
  try {
    return JSON.parse(line)
  } catch {
    throw new BackupFault('The backup is not whole: a line is cut off. Nothing was changed.')
  }
}

const withName = (url: string, name: string): string => {
  const next = new URL(url)
  next.pathname = `/${name}`
  return next.href
}
