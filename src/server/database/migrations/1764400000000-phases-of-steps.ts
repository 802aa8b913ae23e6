import type { MigrationInterface, QueryRunner } from 'typeorm'
import { rowFromVersion2 } from '#shared/api/catalogueVersions'
import { change } from './storedJson'

/** Steps say their phase; none stands for a block of planned moves any more: techniques, and what undo brings back. */
export class PhasesOfSteps1764400000000 implements MigrationInterface {
  name = 'PhasesOfSteps1764400000000'

  async up(runner: QueryRunner): Promise<void> {
    const present = (row: Record<string, unknown>) => rowFromVersion2('techniques', row)
    await change(runner, 'technique', ['id'], ['facts'], present)
    await change(runner, 'history', ['id'], ['before', 'after'], present, 'techniques')
  }

  /** A step's phase is left where it is. */
  async down(): Promise<void> {
    return Promise.resolve()
  }
}
