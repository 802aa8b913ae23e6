import type { MigrationInterface, QueryRunner } from 'typeorm'

const TOPICS = [
  'classes',
  'customers',
  'cases',
  'cupboard',
  'calendar',
  'settings',
  'words',
  'people',
  'outbox',
  'sharedCards',
  'practice',
  'samplePhotos',
  'labels',
]

export class Records1764500000000 implements MigrationInterface {
  name = 'Records1764500000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `change_topic` (`topic` varchar(40) NOT NULL, `version` int NOT NULL DEFAULT 0, ' +
        'PRIMARY KEY (`topic`)) ENGINE=InnoDB',
    )
    for (const topic of TOPICS) await runner.query('INSERT IGNORE INTO `change_topic` (`topic`) VALUES (?)', [topic])
    await runner.query(
      'CREATE TABLE `shop_history` (`id` int NOT NULL AUTO_INCREMENT, `resource` varchar(40) NOT NULL, ' +
        '`of_id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `version` int NOT NULL, `at` datetime(3) NOT NULL, ' +
        '`by` varchar(255) NOT NULL, `before` json NULL, `after` json NULL, PRIMARY KEY (`id`), ' +
        'KEY `shop_history_row_ix` (`resource`, `of_id`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `kept_outcome` (`user` varchar(120) COLLATE utf8mb4_bin NOT NULL, ' +
        '`key` varchar(80) COLLATE utf8mb4_bin NOT NULL, `at` datetime(3) NOT NULL, `outcome` json NOT NULL, ' +
        'PRIMARY KEY (`user`, `key`), KEY `kept_outcome_at_ix` (`at`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['kept_outcome', 'shop_history', 'change_topic']) await runner.query(`DROP TABLE \`${table}\``)
  }
}
