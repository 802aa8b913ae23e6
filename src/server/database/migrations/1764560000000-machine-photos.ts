import type { MigrationInterface, QueryRunner } from 'typeorm'

export class MachinePhotos1764560000000 implements MigrationInterface {
  name = 'MachinePhotos1764560000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE `machine_photo` (`model` varchar(120) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, ' +
        '`view` varchar(20) NOT NULL, `at` datetime(3) NOT NULL, `width` int NOT NULL, `height` int NOT NULL, ' +
        '`large` longblob NOT NULL, PRIMARY KEY (`model`, `view`)) ENGINE=InnoDB',
    )
    await runner.query("INSERT IGNORE INTO `change_topic` (`topic`) VALUES ('machinePhotos')")
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE `machine_photo`')
    await runner.query("DELETE FROM `change_topic` WHERE `topic` = 'machinePhotos'")
  }
}
