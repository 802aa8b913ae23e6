/** The answer without its telling: verdict, what is chosen, what is to get, the first reason. For thousands of cells. */
import type { Id } from '../catalogue/types'
import { contextOf, methodReason, methodsAsked, takenMethod, techniqueVerdict, type Answering } from '../answer/explain'
import { judgeMethodBriefly, type MethodResult } from '../answer/method'
import type { Reason } from '../answer/reasons'
import { evidenceOf } from '../answer/stage'
import type { Answer, FitEvidence, Question, Verdict } from '../answer/types'

export interface Decision {
  verdict: Verdict
  /** Left out where no method works. */
  method?: Id
  stages: DecidedStage[]
  toGet: Id[]
  /** What is said first: what stops it, what it costs, what is to get; undefined where it is simply ready. */
  reason: Reason | undefined
}

export interface DecidedStage {
  stage: Id
  model: Id
  stitch: Id
  select: string
  foot?: Id
  evidence: FitEvidence
  /** Good samples behind the shop's own setting. */
  proved: number
}

/** Equal to what `explain` says of the same question. Throws `QuestionError` as it does. */
export const decide = (answering: Answering, question: Question): Decision => {
  const context = contextOf(answering, question)
  const { considered, applicable } = methodsAsked(context, question)
  const results: MethodResult[] = []
  for (const method of applicable) {
    const result = judgeMethodBriefly(method, context.technique.methods.indexOf(method), context)
    results.push(result)
    // The best-ranked ready method is taken, whatever those below it come to.
    if (result.verdict === 'ready') break
  }
  const taken = takenMethod(results)
  if (!taken?.purchase) {
    const [first] = considered
    const result = results.find(({ method }) => method === first)
    const reason: Reason | undefined = result
      ? methodReason(result)
      : first && { code: 'methodNotForThis', method: first.id }
    return { verdict: 'notOnThisModel', stages: [], toGet: [], reason }
  }
  const { chosen, toGet } = taken.purchase
  const stages = taken.method.stages.map((stage, i): DecidedStage => {
    const variant = chosen[i]
    if (!variant) throw new Error(`stage ${stage.id} has no choice`)
    const { model, stitch, foot } = variant.pair
    return {
      stage: stage.id,
      model: model.id,
      stitch: stitch.id,
      select: stitch.select,
      ...(foot ? { foot: foot.id } : {}),
      evidence: evidenceOf(variant),
      proved: variant.house?.samples ?? 0,
    }
  })
  const verdict = techniqueVerdict(taken, results)
  const better = results.find(({ rank }) => rank < taken.rank)
  return {
    verdict,
    method: taken.method.id,
    stages,
    toGet,
    reason: methodReason(taken) ?? (better && methodReason(better)),
  }
}

/** The same, taken out of an answer that was told in full. */
export const decisionOf = (answer: Answer): Decision => {
  const base = { verdict: answer.verdict, toGet: answer.toGet }
  if (answer.method === undefined) return { ...base, stages: [], reason: answer.reasons[0] }
  const stages = answer.stages.map(({ stage, model, stitch, select, foot, fitEvidence, proved }): DecidedStage => ({
    stage,
    model,
    stitch,
    select,
    ...(foot === undefined ? {} : { foot }),
    evidence: fitEvidence,
    proved: proved?.samples ?? 0,
  }))
  return { ...base, method: answer.method, stages, reason: ownReason(answer) ?? answer.reasons[0] }
}

const ownReason = ({ method, verdict, toGet, stages }: Answer): Reason | undefined => {
  if (verdict === 'needsItems') return { code: 'methodNeeds', method: method as Id, toGet }
  const costly = stages
    .filter(({ reasons }) => reasons.some(({ code }) => code === 'tradeOff'))
    .map(({ stage }) => stage)
  return costly.length > 0 ? { code: 'methodHasTradeOff', method: method as Id, stages: costly } : undefined
}
