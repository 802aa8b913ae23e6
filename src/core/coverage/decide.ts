/**
 * The answer without its telling: verdict, what is chosen, what is to get, the first reason. For thousands of cells.
 */
import type { Id, Item, Method, Stage, Stitch, Technique } from '../catalogue/types'
import {
  contextOf,
  methodReason,
  methodsAsked,
  isTakenBefore,
  techniqueVerdict,
  type AnswerContext,
} from '../answer/explain'
import { answerCosts, stageCosts } from '../answer/costs'
import { judgeMethodBriefly, type MethodContext } from '../answer/method'
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
  reason?: Reason | undefined
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

/** What a method comes to, without its telling. */
export interface BriefResult<S extends BriefStage = BriefStage> {
  method: Method
  rank: number
  verdict: Verdict
  /** Undefined where the method does not work. */
  purchase: { toGet: readonly Id[]; stages: readonly S[] } | undefined
  tradeOffs: number
  /** A function where it takes looking for: only what the answer speaks of is looked for. */
  reason: Reason | undefined | (() => Reason)
}

export interface BriefStage {
  stitch: Stitch
  foot: Item | undefined
  evidence: FitEvidence
  proved: number
}

/** A decision as it is found, before it is written out. */
export interface Decided<S extends BriefStage = BriefStage> {
  verdict: Verdict
  method: Method | undefined
  stages: readonly S[]
  toGet: readonly Id[]
  reason: Reason | undefined
}

/** Equal to what `explain` says of the same question. Throws `QuestionError` as it does. */
export const decide = (answering: AnswerContext, question: Question): Decision => {
  const { verdict, method, stages, toGet, reason } = decideBriefly(answering, question)
  return {
    verdict,
    ...(method ? { method: method.id } : {}),
    stages: stages.map(({ model, stitch, foot, evidence, proved }, i) => ({
      stage: (method?.stages[i] as Stage).id,
      model: model.id,
      stitch: stitch.id,
      select: stitch.select,
      ...(foot ? { foot: foot.id } : {}),
      evidence,
      proved,
    })),
    toGet: [...toGet],
    reason,
  }
}

/** By looking at every pair. */
export const decideBriefly = (answering: AnswerContext, question: Question) => {
  const context = contextOf(answering, question)
  const { considered, applicable } = methodsAsked(context, question)
  return decideAmong(context.technique, considered, applicable, (method) => briefly(method, context))
}

/** `judge` is asked of the applicable methods in rank order, of no more than it takes. */
export const decideAmong = <S extends BriefStage, Asked>(
  { id: technique }: Technique,
  considered: readonly Method[],
  applicable: readonly Asked[],
  judge: (asked: Asked) => BriefResult<S>,
): Decided<S> => {
  let first: BriefResult<S> | undefined
  let taken: BriefResult<S> | undefined
  for (const asked of applicable) {
    const result = judge(asked)
    first ??= result
    if (isTakenBefore(result, taken)) taken = result
    // The best-ranked ready method is taken, whatever those below it come to.
    if (result.verdict === 'ready') break
  }
  if (!taken?.purchase) {
    const [best] = considered
    const notForThis: Reason | undefined = best && { code: 'methodNotForThis', technique, method: best.id }
    const reason = first && first.method === best ? told(first.reason) : notForThis
    return { verdict: 'notOnThisModel', method: undefined, stages: [], toGet: NOTHING, reason }
  }
  const { method, purchase } = taken
  return {
    verdict: techniqueVerdict(taken, first),
    method,
    stages: purchase.stages,
    toGet: purchase.toGet,
    reason: told(taken.reason) ?? (first === taken ? undefined : told(first?.reason)),
  }
}

const told = (reason: BriefResult['reason']) => (typeof reason === 'function' ? reason() : reason)

const NOTHING: readonly never[] = []

/** A method judged by looking at every pair. */
export const briefly = (method: Method, context: MethodContext) => {
  const result = judgeMethodBriefly(method, context.technique.methods.indexOf(method), context)
  const { rank, verdict, tradeOffs, purchase } = result
  const stages = purchase?.chosen.map((variant) => {
    const { model, stitch, foot } = variant.pair
    return { model, stitch, foot, evidence: evidenceOf(variant), proved: variant.house?.samples ?? 0 }
  })
  const reason = methodReason(result, context.technique.id)
  return { method, rank, verdict, tradeOffs, reason, purchase: stages && purchase && { toGet: purchase.toGet, stages } }
}

/** The same, taken out of an answer that was told in full. */
export const decisionOf = (technique: Id, answer: Answer): Decision => {
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
  return { ...base, method: answer.method, stages, reason: ownReason(technique, answer) ?? answer.reasons[0] }
}

const ownReason = (technique: Id, { method, verdict, toGet, stages }: Answer): Reason | undefined => {
  if (verdict === 'needsItems') return { code: 'methodNeeds', technique, method: method as Id, toGet }
  const costly = stages.flatMap((told) => (stageCosts(told).length > 0 ? told.stage : []))
  return costly.length > 0
    ? { code: 'methodHasTradeOff', technique, method: method as Id, stages: costly, costs: answerCosts({ stages }) }
    : undefined
}
