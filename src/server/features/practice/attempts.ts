/** Practice as it is kept: attempts, and what somebody's simulated machine shows. */
import { MachineShown } from '#shared/api/practice'
import { PracticeAttemptRow, PracticeLinkRow, PracticeMachineRow } from '../../database/entities/index'
import type { Services } from '../../services'

/** Latest first. */
export const attemptsBy = ({ database }: Services, user: string, most: number): Promise<PracticeAttemptRow[]> =>
  database.manager.find(PracticeAttemptRow, { where: { user }, order: { id: 'DESC' }, take: most })

/** Latest first. */
export const attemptsAt = ({ database }: Services, link: number): Promise<PracticeAttemptRow[]> =>
  database.manager.find(PracticeAttemptRow, { where: { link }, order: { id: 'DESC' } })

export const countAttemptsAt = ({ database }: Services, link: number): Promise<number> =>
  database.manager.countBy(PracticeAttemptRow, { link })

/** Its number. `most`: how many one link may leave; undefined where it has left as many already. */
export const keepAttempt = (
  { writes }: Services,
  attempt: Omit<PracticeAttemptRow, 'id'>,
  most = Infinity,
): Promise<number | undefined> =>
  writes.run('practice', async (manager) => {
    const { link } = attempt
    if (link !== null) {
      // Who comes at the same moment waits for this row: however many they are, no more are kept.
      await manager.findOne(PracticeLinkRow, { where: { id: link }, lock: { mode: 'pessimistic_write' } })
      if ((await manager.countBy(PracticeAttemptRow, { link })) >= most) return undefined
    }
    const { identifiers } = await manager.insert(PracticeAttemptRow, attempt)
    return identifiers[0]?.['id'] as number
  })

/** Undefined where nothing was sent to it yet. */
export const machineOf = async (
  { database }: Services,
  user: string,
): Promise<{ machine: MachineShown; at: Date } | undefined> => {
  const row = await database.manager.findOneBy(PracticeMachineRow, { user })
  return row ? { machine: MachineShown.parse(row.content), at: row.at } : undefined
}

export const keepMachine = ({ writes }: Services, user: string, content: MachineShown, at: Date): Promise<unknown> =>
  writes.run('practice', (manager) => manager.upsert(PracticeMachineRow, { user, at, content }, ['user']))
