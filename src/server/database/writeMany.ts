/** Rows by the thousand: as few statements as can be, none larger than any server takes. */
import type { Connection } from 'mysql2'
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm'

/** What the rows of one statement carry, characters; a server's own bound is 16 MB where nobody raised it. */
const MOST_CHARACTERS = 1_000_000
/** A power of two: statements of so many rows and of its halves are prepared, whatever number is written. */
const MOST_ROWS = 128

type Cell = string | number | boolean | Date | Buffer | null

interface Columns {
  table: string
  all: { key: string; name: string; isJson: boolean }[]
  primary: ReadonlySet<string>
}

const columnsOf = (manager: EntityManager, entity: EntityTarget<ObjectLiteral>, rows: readonly object[]): Columns => {
  const metadata = manager.connection.getMetadata(entity)
  const given = new Set<string>()
  for (const row of rows) for (const key in row) given.add(key)
  const all = metadata.columns
    .filter(({ propertyName }) => given.has(propertyName))
    .map(({ propertyName, databaseName, type }) => ({ key: propertyName, name: databaseName, isJson: type === 'json' }))
  return {
    table: metadata.tableName,
    all,
    primary: new Set(metadata.primaryColumns.map(({ databaseName }) => databaseName)),
  }
}

const quoted = (name: string): string => `\`${name}\``

/**
 * Inserts rows of one table, in their order, within the manager's transaction. `replace`: those that are there already,
 * by their primary key, become what is given. Rows are given by the entity's own keys; a key of none of them is left to
 * the table. Prepared statements, as a database reads half a million rows of SQL no faster than it stores them.
 */
export const writeMany = async <Row extends object>(
  manager: EntityManager,
  entity: EntityTarget<ObjectLiteral>,
  rows: readonly Row[],
  { replace = false } = {},
): Promise<void> => {
  if (rows.length === 0) return
  const { queryRunner } = manager
  if (!queryRunner) throw new Error('rows are written within a transaction')
  const connection = (await queryRunner.connect()) as Connection
  const { table, all, primary } = columnsOf(manager, entity, rows)
  const others = all.map(({ name }) => name).filter((name) => !primary.has(name))
  const anew = others.map((name) => `${quoted(name)} = VALUES(${quoted(name)})`)
  const into = `INSERT INTO ${quoted(table)} (${all.map(({ name }) => quoted(name)).join(', ')}) VALUES `
  const after = replace && others.length > 0 ? ` ON DUPLICATE KEY UPDATE ${anew.join(', ')}` : ''
  const one = `(${all.map(() => '?').join(', ')})`
  let open: Cell[] = []
  let characters = 0
  /** The next statement is put together while the server works on the last. */
  let working: Promise<unknown> = Promise.resolve()
  const send = async () => {
    const cells = open
    open = []
    characters = 0
    for (let from = 0; from < cells.length;) {
      const count = largestPower((cells.length - from) / all.length)
      const upTo = from + count * all.length
      await working
      working = execute(connection, into + Array<string>(count).fill(one).join(', ') + after, cells.slice(from, upTo))
      // A fault is met at the next statement, or at the end.
      working.catch(() => undefined)
      from = upTo
    }
  }
  for (const row of rows) {
    for (const { key, isJson } of all) {
      const given = (row as Record<string, Cell>)[key] ?? null
      const cell = isJson && given !== null ? JSON.stringify(given) : given
      open.push(cell)
      if (typeof cell === 'string') characters += cell.length
    }
    if (open.length === MOST_ROWS * all.length || characters > MOST_CHARACTERS) await send()
  }
  await send()
  await working
}

/** Not above `MOST_ROWS`. */
const largestPower = (count: number): number => {
  let power = MOST_ROWS
  while (power > count) power /= 2
  return power
}

/** Begun at once, and not when whoever asks has time for it. */
const execute = (connection: Connection, statement: string, cells: Cell[]): Promise<void> =>
  new Promise((done, fail) => {
    connection.execute(statement, cells, (error) => (error ? fail(error) : done()))
  })
