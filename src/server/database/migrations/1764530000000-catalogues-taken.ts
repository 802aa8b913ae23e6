import type { MigrationInterface, QueryRunner } from 'typeorm'

export class CataloguesTaken1764530000000 implements MigrationInterface {
  name = 'CataloguesTaken1764530000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `catalogue_taken` (`id` int NOT NULL AUTO_INCREMENT, `source` varchar(120) NOT NULL, ' +
        '`revision` int NULL, `at` datetime(3) NOT NULL, `by` varchar(255) NOT NULL, `ids` json NOT NULL, ' +
        '`bundle` longblob NOT NULL, PRIMARY KEY (`id`), KEY `catalogue_taken_source_ix` (`source`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `catalogue_taken`')
  }
}
