/** Diagnosis with what the shop has seen: for the desk, and for a customer's telephone. */
import type { Question } from '#core/answer/types'
import type { CatalogueIndex } from '#core/catalogue/index'
import { historyOf } from '#core/desk/cases'
import { diagnose, faultTrouble } from '#core/desk/diagnosis'
import type { Shown } from '#core/desk/shown'
import type { DiagnosisView } from '#shared/api/desk'
import { TROUBLES } from '#shared/messages/troubles'
import type { Services } from '../../services'
import type { Snapshot } from '../catalogue/snapshot'
import { trialFor } from '../practice/trial'
import { asCases } from './cases'

/** Of a trouble, whether of a technique or of the desk. */
export const troubleName = (index: CatalogueIndex, id: string): string => {
  const [technique = '', fault] = id.split('.')
  const found = index.techniques.get(technique)
  const named = found?.methods
    .flatMap(({ stages }) => stages.flatMap(({ faults }) => faults))
    .find((one) => one.id === fault)
  return named && found
    ? `${named.name} (${found.name.toLowerCase()})`
    : (TROUBLES.find((one) => one.id === id)?.name ?? id)
}

/** Throws `Invalid` where there is nothing to sew. */
export const diagnosisOf = async (
  { cases }: Pick<Services, 'cases'>,
  snapshot: Snapshot,
  question: Question,
  { trouble = '', stage, shown }: { trouble?: string | undefined; stage?: string | undefined; shown: Shown },
): Promise<DiagnosisView> => {
  const trial = trialFor(snapshot, question, stage)
  const own = `${question.technique}.`
  const fault = trouble.startsWith(own) ? faultTrouble(trial, trouble.slice(own.length)) : undefined
  const cause = fault ?? TROUBLES.find(({ id }) => id === trouble) ?? { causes: [] }
  const history = historyOf(asCases(await cases.all({ trouble, outcome: 'solved' })), trouble)
  return {
    ...diagnose(trial, cause, shown, history, snapshot.index.items),
    troubleName: troubleName(snapshot.index, trouble),
  }
}
