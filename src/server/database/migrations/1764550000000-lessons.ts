import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Lessons1764550000000 implements MigrationInterface {
  name = 'Lessons1764550000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `practice_lesson` (`id` int NOT NULL AUTO_INCREMENT, `version` int NOT NULL DEFAULT 1, ' +
        '`name` varchar(255) NOT NULL, `facts` json NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `practice_lesson`')
  }
}
