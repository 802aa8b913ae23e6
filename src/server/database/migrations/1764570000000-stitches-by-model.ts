import type { MigrationInterface, QueryRunner } from 'typeorm'

/**
 * The stitches of a model lie together: they are read and written so. By their own ids first, each of a large import
 * came to another place of the table. Nothing asks the database for a function’s stitches.
 */
export class StitchesByModel1764570000000 implements MigrationInterface {
  name = 'StitchesByModel1764570000000'

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE `stitch` DROP PRIMARY KEY, ADD PRIMARY KEY (`model`, `id`), ' +
        'DROP INDEX IF EXISTS `stitch_function_ix`',
    )
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE `stitch` DROP PRIMARY KEY, ADD PRIMARY KEY (`id`, `model`), ' +
        'ADD INDEX `stitch_function_ix` (`function`)',
    )
  }
}
