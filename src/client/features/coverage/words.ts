import type { Verdict } from '#core/answer/types'
import { verdictWord } from '#shared/messages/words'

export const LETTER_VERDICT: Record<string, Verdict> = {
  r: 'ready',
  i: 'needsItems',
  o: 'otherRoute',
  n: 'notOnThisModel',
}
export const LETTER_EVIDENCE: Record<string, 'bench' | 'book' | 'workedOut'> = { b: 'bench', k: 'book', w: 'workedOut' }
export const EVIDENCE_WORD = { bench: 'tried', book: 'by the book', workedOut: 'worked out' } as const
export const verdicts: readonly Verdict[] = ['ready', 'otherRoute', 'needsItems', 'notOnThisModel']

/** A verdict where what is to get is not told. */
export const shortVerdict = (verdict: Verdict): string => (verdict === 'needsItems' ? 'To get' : verdictWord(verdict))
