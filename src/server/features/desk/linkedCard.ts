/** What a link to a card opens. */
import { z } from 'zod'
import type { Question } from '#core/answer/types'
import { SharedCardWrite, type PassQuery } from '#shared/api/desk'
import { NotFound } from '../../http/problems'
import type { Services } from '../../services'
import { defined } from '../practice/linkRoutes'
import { cardLinkByToken } from './cardLinks'

export const GONE = 'This link does not hold any more. Ask the shop for a new one.'

export const Asked = SharedCardWrite.omit({ days: true })
/** Opens any card, for the codes on a class's handouts: a card holds nothing of a customer. */
export const Pass = z.strictObject({ pass: z.string() })

export interface LinkedCard {
  link: number
  question: Question
  /** One link for a whole class: each card of it is somebody else's. */
  many: boolean
}

/**
 * `query`: which of the cards a class's pass opens. Throws `NotFound` for a token that nobody gave, that was revoked,
 * or whose time is over: all the same from outside.
 */
export const linkedCard = async (
  services: Pick<Services, 'database' | 'now'>,
  token: string,
  query: z.output<typeof PassQuery>,
): Promise<LinkedCard> => {
  const row = await cardLinkByToken(services, token)
  if (!row) throw new NotFound(GONE)
  const many = Pass.safeParse(row.content).success
  const asked = Asked.safeParse(many ? query : row.content)
  if (!asked.success) throw new NotFound(GONE)
  return { link: row.id, question: defined(asked.data) as Question, many }
}
