/** The whole answer with every ground for it. (answers §3–4) */
import { withContents, type CatalogueIndex } from '../catalogue/index'
import type { Id, Method, Model } from '../catalogue/types'
import type { FitLookup } from './fit'
import { memoizeFittings } from './fittings'
import { clearanceLookup } from './judge'
import { judgeMethod, judgeMethodBriefly, type MethodContext, type MethodResult } from './method'
import { costsOf } from './preference'
import type { Purchase } from './purchases'
import { checkQuestion } from './question'
import type { Reason } from './reasons'
import { hasTradeOff, memoizeDrafts } from './stage'
import { answerStage } from './stageAnswer'
import type { Answer, MethodAnswer, Question, Verdict } from './types'
import { holds } from './when'

export interface AnswerContext {
  index: CatalogueIndex
  fitOf: FitLookup
}

/** Throws `QuestionError` where the question names something that the catalogue has not. */
export const explain = (answering: AnswerContext, question: Question): Answer =>
  explainIn(contextOf(answering, question), question)

/**
 * The answer, and the answers to the same with a method asked for by name: what they share is worked out once.
 * `applies`: whether the condition of a method holds, for who asks for none by name.
 */
export const explainEach = (
  answering: AnswerContext,
  question: Omit<Question, 'method'>,
): { answer: Answer; by: (method: Id) => Answer; applies: (method: Method) => boolean } => {
  const context = contextOf(answering, question)
  const { applicable } = methodsAsked(context, question)
  return {
    answer: explainIn(context, question),
    by: (method) => explainIn(context, { ...question, method }),
    applies: (method) => applicable.includes(method),
  }
}

const explainIn = (context: MethodContext, question: Question): Answer => {
  const { technique } = context
  const { considered, applicable } = methodsAsked(context, question)
  // Only the method that is taken is told in full.
  const brief = applicable.map((method) => judgeMethodBriefly(method, technique.methods.indexOf(method), context))
  const best = takenMethod(brief)
  const results = brief.map((result) =>
    result === best && result.brief ? judgeMethod(result.method, result.rank, context) : result,
  )
  const taken = results.find(({ method }) => method === best?.method)
  const inapplicable: MethodAnswer[] = considered
    .filter((method) => !applicable.includes(method))
    .map(({ id }) => ({
      method: id,
      verdict: 'notOnThisModel',
      toGet: [],
      reasons: [{ code: 'methodNotForThis', technique: technique.id, method: id }],
    }))
  const others = results.filter((result) => result !== taken).map((result) => methodAnswer(result, technique.id))
  const methods = [...others, ...inapplicable].sort(byRankIn(technique.methods.map(({ id }) => id)))

  if (!taken?.purchase) {
    return {
      verdict: 'notOnThisModel',
      stages: [],
      toGet: [],
      reasons: methods.flatMap(({ reasons }) => reasons),
      methods,
    }
  }
  const { purchase } = taken
  return {
    verdict: techniqueVerdict(taken, results[0]),
    method: taken.method.id,
    stages: taken.method.stages.map((stage, i) => answerStage(stage, i, taken, context)),
    toGet: purchase.toGet,
    reasons: results
      .filter(({ rank }) => rank < taken.rank)
      .flatMap((result) => methodAnswer(result, technique.id).reasons),
    methods,
  }
}

/** Everything a question is judged by, looked up. */
export const contextOf = ({ index, fitOf }: AnswerContext, question: Question): MethodContext => {
  const { technique, machines, fabric } = checkQuestion(index, question)
  return {
    index,
    fitOf,
    technique,
    machines,
    fabric,
    layers: question.layers ?? fabric.layers,
    had: withContents([...machines.flatMap(({ supplied }) => supplied), ...(question.owned ?? [])], index.items),
    stock: withContents(question.stock ?? [], index.items),
    job: question.job,
    shared: { draftsOf: memoizeDrafts(), clearingOf: clearanceLookup(), fittingsOf: memoizeFittings() },
  }
}

/**
 * The methods in question, and those of them whose condition holds; a method asked for by name is not asked for its.
 */
export const methodsAsked = (
  { technique, machines, fabric, layers }: MethodContext,
  { method: named }: Question,
): { considered: Method[]; applicable: Method[] } => {
  const at = { model: machines[0] as Model, fabric, layers }
  const considered = technique.methods.filter(({ id }) => named === undefined || id === named)
  return { considered, applicable: considered.filter(({ when }) => named !== undefined || holds(when, at)) }
}

/** What methods are compared by. */
type Judged = Pick<MethodResult, 'verdict' | 'tradeOffs'> & { purchase: { toGet: readonly Id[] } | undefined }

/** Best-ranked ready, else best-ranked other route, else fewest items, fewest trade-offs, best rank. */
export const takenMethod = <Result extends Judged>(results: readonly Result[]): Result | undefined =>
  results.reduce((best: Result | undefined, result) => (isTakenBefore(result, best) ? result : best), undefined)

/** Whether a method is taken rather than the best of those ranked before it. */
export const isTakenBefore = (method: Judged, best: Judged | undefined): boolean => {
  if (!method.purchase || !best) return method.purchase !== undefined
  if (method.verdict !== best.verdict) return TAKEN[method.verdict] > TAKEN[best.verdict]
  if (method.verdict !== 'needsItems') return false
  return (toGetFor(method) - toGetFor(best) || method.tradeOffs - best.tradeOffs) < 0
}

const toGetFor = ({ purchase }: Judged): number => purchase?.toGet.length ?? 0

const TAKEN: Record<Verdict, number> = { ready: 3, otherRoute: 2, needsItems: 1, notOnThisModel: 0 }

/** A ready method that is not the best-ranked applicable one is another route to the technique. */
export const techniqueVerdict = <Result extends Judged>(taken: Result, first: Result | undefined): Verdict =>
  taken.verdict === 'ready' && taken !== first ? 'otherRoute' : taken.verdict

const methodAnswer = (result: MethodResult, technique: Id): MethodAnswer => ({
  method: result.method.id,
  verdict: result.verdict,
  toGet: result.purchase?.toGet ?? [],
  reasons: [methodReason(result, technique)].flatMap((reason) => reason ?? []),
})

export const methodReason = (
  { method: { id: method }, verdict, purchase, stops }: MethodResult,
  technique: Id,
): Reason | undefined => {
  if (purchase && verdict === 'needsItems') return { code: 'methodNeeds', technique, method, toGet: purchase.toGet }
  if (purchase && verdict === 'otherRoute') {
    const costs = costsOf(purchase.chosen.map(({ pair }) => pair))
    return { code: 'methodHasTradeOff', technique, method, stages: costlyStages(purchase), costs }
  }
  return stops && { code: 'methodStopped', technique, method, stage: stops.stage, stops: stops.reason }
}

/** Stages whose choice has a trade-off. */
const costlyStages = ({ chosen }: Purchase): Id[] => chosen.filter(hasTradeOff).map(({ pair }) => pair.stage.id)

const byRankIn =
  (order: readonly Id[]) =>
  (a: MethodAnswer, b: MethodAnswer): number =>
    order.indexOf(a.method) - order.indexOf(b.method)
