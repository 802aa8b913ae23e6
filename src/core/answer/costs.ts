/** What is lost by what was taken, as the catalogue says it. */
import type { Answer, StageAnswer } from './types'

export const stageCosts = ({ reasons }: Pick<StageAnswer, 'reasons'>): string[] =>
  reasons.flatMap((reason) => (reason.code === 'tradeOff' ? reason.text : []))

/** Of all stages, each once. */
export const answerCosts = ({ stages }: Pick<Answer, 'stages'>): string[] => [...new Set(stages.flatMap(stageCosts))]
