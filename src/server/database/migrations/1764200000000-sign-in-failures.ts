import type { MigrationInterface, QueryRunner } from 'typeorm'

export class SignInFailures1764200000000 implements MigrationInterface {
  name = 'SignInFailures1764200000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `sign_in_failure` (`id` int NOT NULL AUTO_INCREMENT, `account` char(64) NOT NULL, ' +
        '`address` varchar(60) NOT NULL, `at` datetime(3) NOT NULL, PRIMARY KEY (`id`), ' +
        'KEY `sign_in_failure_pair_ix` (`account`, `address`, `at`), ' +
        'KEY `sign_in_failure_address_ix` (`address`, `at`), KEY `sign_in_failure_at_ix` (`at`)) ENGINE=InnoDB',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `sign_in_failure`')
  }
}
