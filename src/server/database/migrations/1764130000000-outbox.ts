import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Outbox1764130000000 implements MigrationInterface {
  name = 'Outbox1764130000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `outbox_message` (`id` int NOT NULL AUTO_INCREMENT, `at` datetime(3) NOT NULL, ' +
        '`by` varchar(255) NOT NULL, `to` varchar(255) NOT NULL, `subject` varchar(255) NOT NULL, ' +
        '`customer` varchar(120) COLLATE utf8mb4_bin NULL, `mail` mediumblob NOT NULL, PRIMARY KEY ' +
        '(`id`), KEY `outbox_message_customer_ix` (`customer`), CONSTRAINT `outbox_message_customer_fk` ' +
        'FOREIGN KEY (`customer`) REFERENCES `customer` (`id`) ON DELETE CASCADE ON UPDATE NO ACTION) ' +
        'ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `outbox_message`')
  }
}
