import type { MigrationInterface, QueryRunner } from 'typeorm'

export class HistoryPlaceAndImportHabits1764050000000 implements MigrationInterface {
  name = 'HistoryPlaceAndImportHabits1764050000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE `history` ADD `ordinal` int NULL')
    await runner.query('CREATE INDEX `history_revision_ix` ON `history` (`revision`)')
    await runner.query(
      'CREATE TABLE `import_habit` (`kind` varchar(60) NOT NULL, `make` varchar(120) COLLATE ' +
        'utf8mb4_bin NOT NULL, `facts` json NOT NULL, PRIMARY KEY (`kind`, `make`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `import_habit`')
    await runner.query('DROP INDEX `history_revision_ix` ON `history`')
    await runner.query('ALTER TABLE `history` DROP COLUMN `ordinal`')
  }
}
