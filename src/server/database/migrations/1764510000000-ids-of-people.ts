import { randomBytes } from 'node:crypto'
import type { MigrationInterface, QueryRunner } from 'typeorm'

type Json = Record<string, unknown>

/** Ids of customers were made of their names; they get ones that tell nothing, person by person. */
export class IdsOfPeople1764510000000 implements MigrationInterface {
  name = 'IdsOfPeople1764510000000'

  async up(runner: QueryRunner): Promise<void> {
    const rows = (await runner.query('SELECT `id` FROM `customer`')) as { id: string }[]
    for (const { id } of rows) if (!/^c-[0-9a-f]{16}$/.test(id)) await renamed(runner, id)
  }

  down(): Promise<void> {
    return Promise.resolve()
  }
}

const renamed = async (runner: QueryRunner, before: string): Promise<void> => {
  const id = `c-${randomBytes(8).toString('hex')}`
  await runner.query('START TRANSACTION')
  await runner.query(
    'INSERT INTO `customer` (`id`, `version`, `name`, `facts`) SELECT ?, `version`, `name`, `facts` FROM `customer` ' +
      'WHERE `id` = ?',
    [id, before],
  )
  await runner.query('UPDATE `outbox_message` SET `customer` = ? WHERE `customer` = ?', [id, before])
  await runner.query('UPDATE `desk_case` SET `customer` = ? WHERE `customer` = ?', [id, before])
  await runner.query("UPDATE `ask_alias` SET `of_id` = ? WHERE `kind` = 'customer' AND `of_id` = ?", [id, before])
  const classes = (await runner.query('SELECT `id`, `facts` FROM `class` WHERE INSTR(`facts`, ?) > 0', [
    JSON.stringify(before),
  ])) as { id: string; facts: unknown }[]
  for (const row of classes) {
    const content = (typeof row.facts === 'string' ? JSON.parse(row.facts) : row.facts) as Json & { seats: Json[] }
    const seats = content.seats.map((seat) => (seat['customer'] === before ? { ...seat, customer: id } : seat))
    await runner.query('UPDATE `class` SET `facts` = ? WHERE `id` = ?', [JSON.stringify({ ...content, seats }), row.id])
  }
  await runner.query('DELETE FROM `customer` WHERE `id` = ?', [before])
  await runner.query('COMMIT')
}
