import type { MigrationInterface, QueryRunner } from 'typeorm'

type Json = Record<string, unknown>

/** Seats, loans, supplies and events get rows of their own; cases are filtered by the database. */
export class RowsOfClasses1764520000000 implements MigrationInterface {
  name = 'RowsOfClasses1764520000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `class_seat` (`class` varchar(120) COLLATE utf8mb4_bin NOT NULL, `place` int NOT NULL, ' +
        '`name` varchar(255) NOT NULL, `customer` varchar(120) COLLATE utf8mb4_bin NULL, ' +
        '`model` varchar(120) COLLATE utf8mb4_bin NULL, `facts` json NOT NULL, PRIMARY KEY (`class`, `place`), ' +
        'KEY `class_seat_customer_ix` (`customer`), CONSTRAINT `class_seat_class_fk` FOREIGN KEY (`class`) ' +
        'REFERENCES `class` (`id`) ON DELETE CASCADE ON UPDATE NO ACTION, CONSTRAINT `class_seat_customer_fk` ' +
        'FOREIGN KEY (`customer`) REFERENCES `customer` (`id`) ON DELETE SET NULL ON UPDATE NO ACTION) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `class_loan` (`class` varchar(120) COLLATE utf8mb4_bin NOT NULL, `place` int NOT NULL, ' +
        '`item` varchar(120) COLLATE utf8mb4_bin NULL, `model` varchar(120) COLLATE utf8mb4_bin NULL, ' +
        '`pieces` int NOT NULL, PRIMARY KEY (`class`, `place`), CONSTRAINT `class_loan_class_fk` ' +
        'FOREIGN KEY (`class`) REFERENCES `class` (`id`) ON DELETE CASCADE ON UPDATE NO ACTION) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `supply` (`place` int NOT NULL, `what` varchar(20) NOT NULL, `of_id` varchar(255) NOT NULL, ' +
        '`pack` double NOT NULL, `width` double NULL, `price` int NULL, `shelf` double NOT NULL, ' +
        'PRIMARY KEY (`place`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `calendar_event` (`id` int NOT NULL AUTO_INCREMENT, `starts` varchar(30) NOT NULL, ' +
        '`ends` varchar(30) NOT NULL, `title` text NOT NULL, `place` text NULL, PRIMARY KEY (`id`), ' +
        'KEY `calendar_event_starts_ix` (`starts`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `daily_task` (`day` date NOT NULL, `at` datetime(3) NOT NULL, PRIMARY KEY (`day`)) ENGINE=InnoDB',
    )
    for (const [column, type] of [
      ['outcome', 'varchar(20)'],
      ['model', 'varchar(120) COLLATE utf8mb4_bin'],
      ['technique', 'varchar(120) COLLATE utf8mb4_bin'],
      ['follow_up', 'varchar(10)'],
    ] as const) {
      await runner.query(`ALTER TABLE \`desk_case\` ADD \`${column}\` ${type} NULL`)
      await runner.query(`ALTER TABLE \`desk_case\` ADD KEY \`desk_case_${column}_ix\` (\`${column}\`)`)
    }
    await runner.query(
      "UPDATE `desk_case` SET `outcome` = JSON_VALUE(`facts`, '$.outcome'), " +
        "`model` = JSON_VALUE(`facts`, '$.model'), `technique` = JSON_VALUE(`facts`, '$.technique'), " +
        "`follow_up` = JSON_VALUE(`facts`, '$.followUp')",
    )
    const classes = (await runner.query('SELECT `id`, `facts` FROM `class`')) as { id: string; facts: unknown }[]
    for (const { id, facts } of classes) await partClass(runner, id, asJson(facts))
    await partSetting(runner, 'cupboard', 'supplies', 'supply', (one, place) => ({
      place,
      what: one['what'],
      of_id: one['of'],
      pack: one['pack'],
      width: one['width'] ?? null,
      price: one['price'] ?? null,
      shelf: one['shelf'],
    }))
    await partSetting(runner, 'calendar', 'events', 'calendar_event', (one) => ({
      starts: one['starts'],
      ends: one['ends'],
      title: one['title'],
      place: one['place'] ?? null,
    }))
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['daily_task', 'calendar_event', 'supply', 'class_loan', 'class_seat'])
      await runner.query(`DROP TABLE \`${table}\``)
  }
}

const asJson = (facts: unknown): Json => (typeof facts === 'string' ? JSON.parse(facts) : facts) as Json

/** Whole or not at all; one that was parted already has no seats in its facts. */
const partClass = async (runner: QueryRunner, id: string, { seats, loans, ...facts }: Json): Promise<void> => {
  if (!Array.isArray(seats)) return
  await runner.query('START TRANSACTION')
  const known = new Set(((await runner.query('SELECT `id` FROM `customer`')) as { id: string }[]).map((row) => row.id))
  for (const [place, seat] of (seats as Json[]).entries()) {
    const { name, customer, model, ...content } = seat
    await insert(runner, 'class_seat', {
      class: id,
      place,
      name,
      customer: known.has(String(customer)) ? customer : null,
      model: model ?? null,
      facts: JSON.stringify(content),
    })
  }
  for (const [place, { item, model, pieces }] of ((loans ?? []) as Json[]).entries())
    await insert(runner, 'class_loan', { class: id, place, item: item ?? null, model: model ?? null, pieces })
  await runner.query('UPDATE `class` SET `facts` = ? WHERE `id` = ?', [JSON.stringify(facts), id])
  await runner.query('COMMIT')
}

const partSetting = async (
  runner: QueryRunner,
  name: string,
  list: string,
  table: string,
  rowOf: (one: Json, place: number) => Json,
): Promise<void> => {
  const [row] = (await runner.query('SELECT `facts` FROM `shop_setting` WHERE `name` = ?', [name])) as {
    facts: unknown
  }[]
  if (!row) return
  const { [list]: all, ...facts } = asJson(row.facts)
  if (!Array.isArray(all)) return
  await runner.query('START TRANSACTION')
  for (const [place, one] of (all as Json[]).entries()) await insert(runner, table, rowOf(one, place))
  await runner.query('UPDATE `shop_setting` SET `facts` = ? WHERE `name` = ?', [JSON.stringify(facts), name])
  await runner.query('COMMIT')
}

const insert = async (runner: QueryRunner, table: string, row: Json): Promise<void> => {
  const columns = Object.keys(row)
  await runner.query(
    `INSERT INTO \`${table}\` (${columns.map((column) => `\`${column}\``).join()}) ` +
      `VALUES (${columns.map(() => '?').join()})`,
    Object.values(row),
  )
}
