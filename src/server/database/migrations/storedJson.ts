/** Facts that are kept as JSON, changed row by row. */
import type { QueryRunner } from 'typeorm'
import type { Resource } from '#shared/api/resources'

export type Json = Record<string, unknown>
export const isObject = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const read = (value: unknown): unknown => (typeof value === 'string' ? (JSON.parse(value) as unknown) : value)

/** `resource`: only the history of one. A row that `present` gives back as the same object is not written. */
export const change = async (
  runner: QueryRunner,
  table: string,
  keys: readonly string[],
  columns: readonly string[],
  present: (row: Json) => Json,
  resource?: Resource,
): Promise<void> => {
  const names = [...keys, ...columns].map((name) => `\`${name}\``).join(', ')
  const rows = (await runner.query(
    `SELECT ${names} FROM \`${table}\`${resource === undefined ? '' : ' WHERE `noun` = ?'}`,
    resource === undefined ? [] : [resource],
  )) as Json[]
  for (const row of rows)
    for (const column of columns) {
      const value = read(row[column])
      const next = isObject(value) ? present(value) : value
      if (next === value) continue
      await runner.query(
        `UPDATE \`${table}\` SET \`${column}\` = ? WHERE ${keys.map((key) => `\`${key}\` = ?`).join(' AND ')}`,
        [JSON.stringify(next), ...keys.map((key) => row[key])],
      )
    }
}
