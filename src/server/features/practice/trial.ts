/** The machine to try on that a question comes to. */
import type { Question } from '#core/answer/types'
import { trialOf, type Trial } from '#core/practice/trial'
import { Invalid } from '../../http/problems'
import { answered } from '../cards/routes'
import type { Snapshot } from '../catalogue/snapshot'

/** Throws `Invalid` for what the catalogue has not, and where nothing can be sewn. */
export const trialFor = (snapshot: Snapshot, question: Question, stage: string | undefined): Trial => {
  const trial = trialOf(snapshot, question, answered(snapshot, question), stage)
  if (trial) return trial
  throw new Invalid('There is nothing to practise here.', [
    stage === undefined
      ? {
          path: ['technique'],
          message: 'it cannot be sewn on this machine in this fabric: its card says what stops it',
        }
      : { path: ['stage'], message: `the card has no stage “${stage}”` },
  ])
}

/** What names a question in lists; an id where the catalogue has lost the row since. */
export const namesOf = (
  { index }: Snapshot,
  asked: { model: string; technique: string; fabric: string; stage?: string | undefined },
) => {
  const technique = index.techniques.get(asked.technique)
  const stage = technique?.methods.flatMap(({ stages }) => stages).find(({ id }) => id === asked.stage)
  return {
    model: index.models.get(asked.model)?.name ?? asked.model,
    technique: technique?.name ?? asked.technique,
    fabric: index.fabrics.get(asked.fabric)?.name ?? asked.fabric,
    stage: stage?.name ?? asked.stage ?? '',
  }
}
