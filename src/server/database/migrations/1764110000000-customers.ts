import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Customers1764110000000 implements MigrationInterface {
  name = 'Customers1764110000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `customer` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `version` int NOT ' +
        'NULL, `name` varchar(255) NOT NULL, `facts` json NOT NULL, PRIMARY KEY (`id`), KEY ' +
        '`customer_name_ix` (`name`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `customer`')
  }
}
