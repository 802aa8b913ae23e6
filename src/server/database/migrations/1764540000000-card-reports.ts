import type { MigrationInterface, QueryRunner } from 'typeorm'

export class CardReports1764540000000 implements MigrationInterface {
  name = 'CardReports1764540000000'

  async up(runner: QueryRunner): Promise<void> {
    const id = (name: string) => `\`${name}\` varchar(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, `
    const gone = ' ON DELETE SET NULL ON UPDATE NO ACTION'
    await runner.query(
      'CREATE TABLE `card_report` (`id` int NOT NULL AUTO_INCREMENT, `link` int NULL, `key_hash` char(64) NOT NULL, ' +
        `\`at\` datetime(3) NOT NULL, \`sender\` char(64) NULL, ${id('model')}${id('technique')}${id('fabric')}` +
        `${id('method')}\`worked\` json NULL, \`case_id\` int NULL, ` +
        'UNIQUE INDEX `card_report_key_uq` (`key_hash`), ' +
        'INDEX `card_report_card_ix` (`model`, `technique`, `fabric`, `method`), ' +
        'INDEX `card_report_sender_ix` (`sender`, `at`), PRIMARY KEY (`id`), ' +
        `CONSTRAINT \`card_report_link_fk\` FOREIGN KEY (\`link\`) REFERENCES \`shared_card\`(\`id\`)${gone}, ` +
        `CONSTRAINT \`card_report_case_fk\` FOREIGN KEY (\`case_id\`) REFERENCES \`desk_case\`(\`id\`)${gone}` +
        ') ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `card_report`')
  }
}
