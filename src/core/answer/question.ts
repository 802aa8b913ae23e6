import type { CatalogueIndex } from '../catalogue/index'
import type { Fabric, Model, Technique } from '../catalogue/types'
import type { Question } from './types'

export interface QuestionIssue {
  path: (string | number)[]
  message: string
}

/** A question that names something the catalogue has not. */
export class QuestionError extends Error {
  constructor(readonly issues: QuestionIssue[]) {
    super(issues.map(({ path, message }) => `${path.join('.')}: ${message}`).join('; '))
    this.name = 'QuestionError'
  }
}

/** Looks up what a question names; throws `QuestionError` listing every name that is unknown. */
export const checkQuestion = (
  index: CatalogueIndex,
  question: Question,
): { technique: Technique; machines: Model[]; fabric: Fabric } => {
  const issues: QuestionIssue[] = []
  const find = <T>(map: ReadonlyMap<string, T>, id: string, what: string, path: (string | number)[]): T | undefined => {
    const found = map.get(id)
    if (!found) issues.push({ path, message: `no ${what} “${id}” in the catalogue` })
    return found
  }
  const technique = find(index.techniques, question.technique, 'technique', ['technique'])
  const fabric = find(index.fabrics, question.fabric, 'fabric', ['fabric'])
  const model = find(index.models, question.model, 'model', ['model'])
  const also = (question.also ?? []).map((id, i) => find(index.models, id, 'model', ['also', i]))
  for (const key of ['owned', 'stock'] as const) {
    question[key]?.forEach((id, i) => find(index.items, id, 'item', [key, i]))
  }
  const { method } = question
  if (method !== undefined && technique && !technique.methods.some(({ id }) => id === method)) {
    issues.push({ path: ['method'], message: `technique “${technique.id}” has no method “${method}”` })
  }
  if (issues.length > 0) throw new QuestionError(issues)
  const machines = [...new Set([model as Model, ...(also as Model[])])]
  return { technique: technique as Technique, machines, fabric: fabric as Fabric }
}
