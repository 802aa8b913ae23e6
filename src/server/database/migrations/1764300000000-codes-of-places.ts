import type { MigrationInterface, QueryRunner } from 'typeorm'
import { isParameter } from '#core/catalogue/parameters'
import { valuePosition } from '#core/changeover/positions'
import { positionsFromVersion1, rowFromVersion1 } from '#shared/api/catalogueVersions'
import type { Resource } from '#shared/api/resources'
import { change, isObject, type Json } from './storedJson'

const TABLES: [table: string, resource: Resource, keys: string[]][] = [
  ['model', 'models', ['id']],
  ['stitch', 'stitches', ['model', 'id']],
  ['item', 'items', ['id']],
  ['technique', 'techniques', ['id']],
]

/** The places of usual controls are codes, and those of values figures: rows, what undo would bring back, cases. */
export class CodesOfPlaces1764300000000 implements MigrationInterface {
  name = 'CodesOfPlaces1764300000000'

  async up(runner: QueryRunner): Promise<void> {
    for (const [table, resource, keys] of TABLES)
      await change(runner, table, keys, ['facts'], (row) => rowFromVersion1(resource, row))
    for (const [, resource] of TABLES)
      await change(runner, 'history', ['id'], ['before', 'after'], (row) => rowFromVersion1(resource, row), resource)
    await change(runner, 'desk_case', ['id'], ['facts'], presentCase)
    // What a simulated machine shows is set anew with the next card that is sent to it.
    await runner.query('DELETE FROM `practice_machine`')
  }

  /** The words were for people; who goes back reads the codes. */
  async down(): Promise<void> {
    return Promise.resolve()
  }
}

const presentCase = (facts: Json): Json => {
  const { shown } = facts
  if (!isObject(shown)) return facts
  const values = isObject(shown['values']) ? shown['values'] : {}
  const told = positionsFromVersion1(shown['positions'])
  const positions = Object.entries(isObject(told) ? told : {}).flatMap(([control, at]) => {
    if (!isParameter(control)) return [[control, at]]
    const value = values[control]
    return typeof value === 'number' ? [[control, valuePosition(value)]] : []
  })
  return { ...facts, shown: { ...shown, positions: Object.fromEntries(positions) as Json } }
}
