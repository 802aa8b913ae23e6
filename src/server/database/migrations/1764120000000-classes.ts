import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Classes1764120000000 implements MigrationInterface {
  name = 'Classes1764120000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `class` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `version` int NOT NULL, ' +
        '`starts` varchar(30) NOT NULL, `facts` json NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `class`')
  }
}
