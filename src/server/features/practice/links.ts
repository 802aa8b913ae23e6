/** Links to a practice machine as they are kept: of the token only its hash. */
import { PracticeLinkRow } from '../../database/entities/index'
import { digest, newToken } from '../../http/token'
import type { Services } from '../../services'

/** Those whose time is not over, latest first. */
export const liveLinks = async ({ database, now }: Services): Promise<PracticeLinkRow[]> =>
  (await database.manager.find(PracticeLinkRow, { order: { id: 'DESC' } })).filter(({ expires }) => expires > now())

/** Undefined for a token that nobody gave, that was revoked, or whose time is over. */
export const linkByToken = async ({ database, now }: Services, token: string): Promise<PracticeLinkRow | undefined> => {
  const row = await database.manager.findOneBy(PracticeLinkRow, { tokenHash: digest(token) })
  return row && row.expires > now() ? row : undefined
}

/** Its number, and the token that nobody can read again. */
export const addLink = async (
  { writes }: Services,
  link: Omit<PracticeLinkRow, 'id' | 'tokenHash'>,
): Promise<{ id: number; token: string }> => {
  const token = newToken()
  const id = await writes.run('practice', async (manager) => {
    const { identifiers } = await manager.insert(PracticeLinkRow, { ...link, tokenHash: digest(token) })
    return identifiers[0]?.['id'] as number
  })
  return { id, token }
}

/** Whether there was one; what was practised with it goes too. */
export const revokeLink = ({ writes }: Services, id: number): Promise<boolean> =>
  writes.run('practice', async (manager) => Boolean((await manager.delete(PracticeLinkRow, { id })).affected))
