/** Links to cards as they are kept: of the token only its hash. */
import { LessThan } from 'typeorm'
import { SharedCardRow } from '../../database/entities/index'
import { daysAfter, digest, newToken } from '../../http/token'
import type { Services } from '../../services'

/** Those whose time is not over, latest first. */
export const liveCardLinks = async ({ database, now }: Services): Promise<SharedCardRow[]> =>
  (await database.manager.find(SharedCardRow, { order: { id: 'DESC' } })).filter(({ expires }) => expires > now())

/** Undefined for a token that nobody gave, that was revoked, or whose time is over. */
export const cardLinkByToken = async (
  { database, now }: Pick<Services, 'database' | 'now'>,
  token: string,
): Promise<SharedCardRow | undefined> => {
  const row = await database.manager.findOneBy(SharedCardRow, { tokenHash: digest(token) })
  return row && row.expires > now() ? row : undefined
}

/** The token that nobody can read again. Links whose time is over go. */
export const addCardLink = async (
  { writes }: Services,
  content: SharedCardRow['content'],
  days: number,
  { by, at }: { by: string; at: Date },
): Promise<{ token: string; expires: Date }> => {
  const token = newToken()
  const expires = daysAfter(at, days)
  await writes.run('sharedCards', async (manager) => {
    await manager.delete(SharedCardRow, { expires: LessThan(at) })
    await manager.insert(SharedCardRow, { tokenHash: digest(token), by, expires, content })
  })
  return { token, expires }
}

/** Whether there was one. */
export const revokeCardLink = ({ writes }: Services, id: number): Promise<boolean> =>
  writes.run('sharedCards', async (manager) => Boolean((await manager.delete(SharedCardRow, { id })).affected))
