import type { Verdict } from '#core/answer/types'
import { verdictWord } from '#shared/messages/words'

export const LETTER_VERDICT: Record<string, Verdict> = { r: 'ready', i: 'needsItems', o: 'otherRoute', n: 'notOnThisModel' } // prettier-ignore
export const EVIDENCE_WORD: Record<string, string> = { b: 'tried', k: 'by the book', w: 'worked out' }
export const verdicts: readonly Verdict[] = ['ready', 'otherRoute', 'needsItems', 'notOnThisModel']

/** A verdict where what is to get is not told. */
export const shortVerdict = (verdict: Verdict): string => (verdict === 'needsItems' ? 'To get' : verdictWord(verdict))
