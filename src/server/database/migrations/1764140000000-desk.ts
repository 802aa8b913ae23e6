import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Desk1764140000000 implements MigrationInterface {
  name = 'Desk1764140000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `desk_case` (`id` int NOT NULL AUTO_INCREMENT, `version` int NOT NULL DEFAULT 1, ' +
        '`at` datetime(3) NOT NULL, `by` varchar(255) NOT NULL, `customer` varchar(120) COLLATE ' +
        'utf8mb4_bin NULL, `trouble` varchar(120) COLLATE utf8mb4_bin NULL, `words` text NOT NULL, ' +
        '`facts` json NOT NULL, PRIMARY KEY (`id`), KEY `desk_case_customer_ix` (`customer`), KEY ' +
        '`desk_case_trouble_ix` (`trouble`), FULLTEXT KEY `desk_case_words_ft` (`words`), CONSTRAINT ' +
        '`desk_case_customer_fk` FOREIGN KEY (`customer`) REFERENCES `customer` (`id`) ON DELETE SET ' +
        'NULL ON UPDATE NO ACTION) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `ask_alias` (`kind` varchar(20) NOT NULL, `of_id` varchar(120) COLLATE utf8mb4_bin ' +
        'NOT NULL, `words` varchar(120) COLLATE utf8mb4_bin NOT NULL, `by` varchar(255) NOT NULL, ' +
        'PRIMARY KEY (`kind`, `of_id`, `words`)) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `shared_card` (`id` int NOT NULL AUTO_INCREMENT, `token_hash` char(64) NOT NULL, ' +
        '`by` varchar(255) NOT NULL, `expires` datetime(3) NOT NULL, `facts` json NOT NULL, PRIMARY KEY ' +
        '(`id`), UNIQUE KEY `shared_card_token_uq` (`token_hash`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['shared_card', 'ask_alias', 'desk_case']) await runner.query(`DROP TABLE \`${table}\``)
  }
}
