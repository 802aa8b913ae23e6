import type { MigrationInterface, QueryRunner } from 'typeorm'

const TABLES = [
  'CREATE TABLE `make` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `name` varchar(255) NOT NULL, PRIMARY " +
    'KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `stitch_function` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT ' +
    "NULL, `version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `name` varchar(255) NOT NULL, " +
    '`family` varchar(255) NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `thread` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `name` varchar(255) NOT NULL, PRIMARY " +
    'KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `model` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `make` varchar(120) COLLATE utf8mb4_bin " +
    'NOT NULL, `name` varchar(255) NOT NULL, `kind` varchar(40) NOT NULL, PRIMARY KEY (`id`)) ' +
    'ENGINE=InnoDB',
  'CREATE TABLE `stitch` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `model` varchar(120) COLLATE utf8mb4_bin " +
    'NOT NULL, `select` varchar(255) NOT NULL, `function` varchar(120) COLLATE utf8mb4_bin NOT NULL, ' +
    'INDEX `stitch_function_ix` (`function`), PRIMARY KEY (`id`, `model`)) ENGINE=InnoDB',
  'CREATE TABLE `item` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `make` varchar(120) COLLATE utf8mb4_bin " +
    'NULL, `code` varchar(255) NOT NULL, `name` varchar(255) NOT NULL, `what` varchar(20) NOT NULL, ' +
    'PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `fit_statement` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT ' +
    "NULL, `version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `item` varchar(120) COLLATE " +
    'utf8mb4_bin NOT NULL, `model` varchar(120) COLLATE utf8mb4_bin NULL, PRIMARY KEY (`id`)) ' +
    'ENGINE=InnoDB',
  'CREATE TABLE `fabric` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `name` varchar(255) NOT NULL, PRIMARY " +
    'KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `technique` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `name` varchar(255) NOT NULL, `family` " +
    'varchar(255) NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `sample` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `ordinal` int NOT NULL, ' +
    "`version` int NOT NULL DEFAULT '1', `facts` json NOT NULL, `model` varchar(120) COLLATE utf8mb4_bin " +
    'NOT NULL, `technique` varchar(120) COLLATE utf8mb4_bin NOT NULL, `fabric` varchar(120) COLLATE ' +
    'utf8mb4_bin NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `catalogue_revision` (`id` int NOT NULL, `revision` int NOT NULL, PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `history` (`id` int NOT NULL AUTO_INCREMENT, `revision` int NOT NULL, `noun` ' +
    'varchar(40) NOT NULL, `row` varchar(250) COLLATE utf8mb4_bin NOT NULL, `at` datetime(3) NOT NULL, ' +
    '`by` varchar(255) NOT NULL, `before` json NULL, `after` json NULL, INDEX `history_row_ix` (`noun`, ' +
    '`row`), PRIMARY KEY (`id`)) ENGINE=InnoDB',
  'CREATE TABLE `user` (`id` varchar(120) COLLATE utf8mb4_bin NOT NULL, `name` varchar(255) NOT NULL, ' +
    '`role` varchar(20) NOT NULL, `password_hash` varchar(255) NOT NULL, PRIMARY KEY (`id`)) ' +
    'ENGINE=InnoDB',
  'CREATE TABLE `session` (`token_hash` char(64) NOT NULL, `user` varchar(120) COLLATE utf8mb4_bin NOT ' +
    'NULL, `csrf` char(43) NOT NULL, `expires` datetime(3) NOT NULL, INDEX `session_expires_ix` ' +
    '(`expires`), PRIMARY KEY (`token_hash`)) ENGINE=InnoDB',
]

const KEYS = [
  'ALTER TABLE `model` ADD CONSTRAINT `model_make_fk` FOREIGN KEY (`make`) REFERENCES `make`(`id`) ON ' +
    'DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `stitch` ADD CONSTRAINT `stitch_model_fk` FOREIGN KEY (`model`) REFERENCES ' +
    '`model`(`id`) ON DELETE CASCADE ON UPDATE NO ACTION',
  'ALTER TABLE `item` ADD CONSTRAINT `item_make_fk` FOREIGN KEY (`make`) REFERENCES `make`(`id`) ON ' +
    'DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `fit_statement` ADD CONSTRAINT `fit_statement_item_fk` FOREIGN KEY (`item`) REFERENCES ' +
    '`item`(`id`) ON DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `fit_statement` ADD CONSTRAINT `fit_statement_model_fk` FOREIGN KEY (`model`) ' +
    'REFERENCES `model`(`id`) ON DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `sample` ADD CONSTRAINT `sample_model_fk` FOREIGN KEY (`model`) REFERENCES ' +
    '`model`(`id`) ON DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `sample` ADD CONSTRAINT `sample_technique_fk` FOREIGN KEY (`technique`) REFERENCES ' +
    '`technique`(`id`) ON DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `sample` ADD CONSTRAINT `sample_fabric_fk` FOREIGN KEY (`fabric`) REFERENCES ' +
    '`fabric`(`id`) ON DELETE NO ACTION ON UPDATE NO ACTION',
  'ALTER TABLE `session` ADD CONSTRAINT `session_user_fk` FOREIGN KEY (`user`) REFERENCES `user`(`id`) ' +
    'ON DELETE CASCADE ON UPDATE NO ACTION',
]

export class FirstTables1764000000000 implements MigrationInterface {
  name = 'FirstTables1764000000000'

  async up(runner: QueryRunner): Promise<void> {
    for (const statement of [...TABLES, ...KEYS]) await runner.query(statement)
    await runner.query('INSERT IGNORE INTO `catalogue_revision` (`id`, `revision`) VALUES (1, 0)')
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('SET FOREIGN_KEY_CHECKS = 0')
    for (const statement of TABLES) {
      const [, table] = /^CREATE TABLE `(\w+)`/.exec(statement) ?? []
      await runner.query(`DROP TABLE \`${table}\``)
    }
    await runner.query('SET FOREIGN_KEY_CHECKS = 1')
  }
}
