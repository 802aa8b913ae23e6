/** Rows by the thousand: as few statements as can be, none larger than any server takes. */
import { escape } from 'mysql2'
import type { EntityManager, EntityTarget, ObjectLiteral } from 'typeorm'

/** Text of a statement, characters; a server's own bound is 16 MB where nobody raised it. */
const MOST_CHARACTERS = 1_000_000
const MOST_ROWS = 2000

type SqlCell = Parameters<typeof escape>[0]

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
 * Inserts rows of one table, in their order. `replace`: those that are there already, by their primary key, become
 * what is given. Rows are given by the entity's own keys; a key of none of them is left to the table.
 */
export const writeMany = async <Row extends object>(
  manager: EntityManager,
  entity: EntityTarget<ObjectLiteral>,
  rows: readonly Row[],
  { replace = false } = {},
): Promise<void> => {
  if (rows.length === 0) return
  const { table, all, primary } = columnsOf(manager, entity, rows)
  const others = all.map(({ name }) => name).filter((name) => !primary.has(name))
  const anew = others.map((name) => `${quoted(name)} = VALUES(${quoted(name)})`)
  const update = `ON DUPLICATE KEY UPDATE ${anew.join(', ')}`
  const into = `INSERT INTO ${quoted(table)} (${all.map(({ name }) => quoted(name)).join(', ')}) VALUES `
  const after = replace && others.length > 0 ? ` ${update}` : ''
  let open: string[] = []
  let characters = 0
  /** The next statement is put together while the server works on the last. */
  let working: Promise<unknown> = Promise.resolve()
  const send = async () => {
    if (open.length === 0) return
    const statement = `${into}${open.join(', ')}${after}`
    open = []
    characters = 0
    await working
    working = manager.query(statement)
    // A fault is met at the next statement, or at the end.
    working.catch(() => undefined)
  }
  for (const row of rows) {
    const cells = all.map(({ key, isJson }) => {
      const cell = (row as Record<string, SqlCell>)[key] ?? null
      return escape(isJson && cell !== null ? JSON.stringify(cell) : cell, false, 'Z')
    })
    const values = `(${cells.join(', ')})`
    if (open.length === MOST_ROWS || characters + values.length > MOST_CHARACTERS) await send()
    open.push(values)
    characters += values.length
  }
  await send()
  await working
}
