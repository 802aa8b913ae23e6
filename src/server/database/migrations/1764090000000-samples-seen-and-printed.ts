import type { MigrationInterface, QueryRunner } from 'typeorm'

export class SamplesSeenAndPrinted1764090000000 implements MigrationInterface {
  name = 'SamplesSeenAndPrinted1764090000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `sample_photo` (`sample` varchar(120) COLLATE utf8mb4_bin NOT NULL, `at` ' +
        'datetime(3) NOT NULL, `width` int NOT NULL, `height` int NOT NULL, `large` longblob NOT NULL, ' +
        '`small` mediumblob NOT NULL, PRIMARY KEY (`sample`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `printed_label` (`id` int NOT NULL AUTO_INCREMENT, `sample` varchar(120) COLLATE ' +
        'utf8mb4_bin NOT NULL, `at` datetime(3) NOT NULL, `by` varchar(255) NOT NULL, `pdf` mediumblob ' +
        'NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `shop_setting` (`name` varchar(60) NOT NULL, `facts` json NOT NULL, PRIMARY KEY ' +
        '(`name`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['shop_setting', 'printed_label', 'sample_photo']) await runner.query(`DROP TABLE \`${table}\``)
  }
}
