import type { MigrationInterface, QueryRunner } from 'typeorm'

export class Practice1764100000000 implements MigrationInterface {
  name = 'Practice1764100000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `practice_machine` (`user` varchar(120) COLLATE utf8mb4_bin NOT NULL, `at` ' +
        'datetime(3) NOT NULL, `facts` json NOT NULL, PRIMARY KEY (`user`), CONSTRAINT ' +
        '`practice_machine_user_fk` FOREIGN KEY (`user`) REFERENCES `user` (`id`) ON DELETE CASCADE ON ' +
        'UPDATE NO ACTION) ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `practice_link` (`id` int NOT NULL AUTO_INCREMENT, `token_hash` char(64) NOT NULL, ' +
        '`note` varchar(255) NOT NULL, `by` varchar(255) NOT NULL, `expires` datetime(3) NOT NULL, ' +
        '`facts` json NOT NULL, PRIMARY KEY (`id`), UNIQUE KEY `practice_link_token_uq` (`token_hash`)) ' +
        'ENGINE=InnoDB',
    )
    await runner.query(
      'CREATE TABLE `practice_attempt` (`id` int NOT NULL AUTO_INCREMENT, `user` varchar(120) COLLATE ' +
        'utf8mb4_bin NULL, `link` int NULL, `by` varchar(255) NOT NULL, `at` datetime(3) NOT NULL, ' +
        '`facts` json NOT NULL, PRIMARY KEY (`id`), KEY `practice_attempt_user_ix` (`user`), KEY ' +
        '`practice_attempt_link_ix` (`link`), CONSTRAINT `practice_attempt_user_fk` FOREIGN KEY (`user`) ' +
        'REFERENCES `user` (`id`) ON DELETE CASCADE ON UPDATE NO ACTION, CONSTRAINT ' +
        '`practice_attempt_link_fk` FOREIGN KEY (`link`) REFERENCES `practice_link` (`id`) ON DELETE ' +
        'CASCADE ON UPDATE NO ACTION) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['practice_attempt', 'practice_link', 'practice_machine'])
      await runner.query(`DROP TABLE \`${table}\``)
  }
}
