/** What was practised lately, by whomever, with an account or by a link. */
import type { HungInPractice } from '#core/classes/runSheet'
import type { PlannedClass } from '#core/classes/plan'
import { hungAt, type PastAttempt } from '#core/practice/progress'
import { AttemptWrite } from '#shared/api/practice'
import { PracticeAttemptRow } from '../../database/entities/index'
import type { Services } from '../../services'

/** Older ones say little of what hands know today. */
const MOST = 2000

export const pastAttempts = async ({ database }: Pick<Services, 'database'>): Promise<PastAttempt[]> => {
  const rows = await database.manager.find(PracticeAttemptRow, { order: { id: 'DESC' }, take: MOST })
  return rows.map(({ by, at, content }) => ({ ...AttemptWrite.parse(content), by, at: at.toISOString() }))
}

/** For the seats of a class, by the names they came with. */
export const hungIn = async (
  services: Pick<Services, 'database'>,
  { asked, sewing }: PlannedClass,
): Promise<HungInPractice> => {
  const attempts = await pastAttempts(services)
  return (seat, t) => {
    const [by, model, technique] = [asked.seats[seat]?.name, sewing.model(seat, t)?.id, asked.techniques[t]?.technique]
    if (by === undefined || model === undefined || technique === undefined) return []
    return hungAt(attempts, { by, model, technique })
  }
}
