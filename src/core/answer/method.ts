/** A method on the machines at hand: what each stage would take, what is to get, the verdict. */
import type { CatalogueIndex } from '../catalogue/index'
import type { Fabric, Id, Method, Model, Technique } from '../catalogue/types'
import type { FitLookup } from './fit'
import { compareRefused, nearnessOf, tradeOffs, type Refused } from './preference'
import { bestPurchase, type Purchase } from './purchases'
import type { Reason } from './reasons'
import {
  factsOf,
  footFunctions,
  hasTradeOff,
  platesOf,
  stageVariants,
  type Refusal,
  type StageContext,
  type StageVariants,
} from './stage'
import type { Question, Verdict } from './types'
import type { Circumstances } from './when'

export interface MethodContext {
  index: CatalogueIndex
  fitOf: FitLookup
  technique: Technique
  machines: readonly Model[]
  fabric: Fabric
  layers: number
  had: ReadonlySet<Id>
  stock: ReadonlySet<Id>
  job: Question['job']
  /** What methods and looks at them share; a stage of a method is its own in all three. */
  shared: Pick<StageContext, 'draftsOf' | 'clearingOf' | 'fittingsOf'>
}

export interface MethodResult {
  method: Method
  rank: number
  verdict: Verdict
  stages: StageVariants[]
  /** Undefined where the method does not work. */
  purchase: Purchase | undefined
  tradeOffs: number
  /** The first thing that stops it. */
  stops?: { stage: Id; reason: Reason }
}

/**
 * A standard foot that is not had is looked at only where without it something would be to get, or a better stitch is
 * passed over: it is taken because it is had, so it can matter only as something to get.
 */
export const judgeMethod = (method: Method, rank: number, context: MethodContext): MethodResult => {
  const result = judged(method, rank, context, {})
  const takesAny = method.stages.some(({ feet }) => feet === 'any')
  return takesAny && wouldGet(result) ? judged(method, rank, context, { getStandard: true }) : result
}

const wouldGet = ({ purchase }: MethodResult): boolean =>
  !purchase ||
  purchase.toGet.length > 0 ||
  purchase.chosen.some(({ pair: { stage, stitchAs } }) => stage.feet === 'any' && stitchAs.rank > 0)

/**
 * The same verdict, stitches, feet and purchases without what is only for telling: where a method works with what is
 * had, nothing else is looked at. Its `stages` then hold only what needs nothing, and no refusals.
 */
export const judgeMethodBriefly = (
  method: Method,
  rank: number,
  context: MethodContext,
): MethodResult & { brief: boolean } => {
  const had = judged(method, rank, context, { hadOnly: true })
  return had.purchase ? { ...had, brief: true } : { ...judgeMethod(method, rank, context), brief: false }
}

const judged = (
  method: Method,
  rank: number,
  context: MethodContext,
  { getStandard = false, hadOnly = false }: { getStandard?: boolean; hadOnly?: boolean },
): MethodResult => {
  const { index, fitOf, technique, machines, fabric, had, job, stock } = context
  const at = (model: Model): Circumstances => ({ model, fabric, layers: context.layers })
  const stageContext: StageContext = {
    index,
    fitOf,
    technique: technique.id,
    method: method.id,
    machines,
    fabric,
    had,
    job,
    at,
    ...context.shared,
    getStandard,
    hadOnly,
    factsOf: factsOf({ at, index, job }),
    platesOn: platesOf({ index, fitOf, had }, hadOnly ? [] : platesSomeFootNeeds(method, index)),
  }
  const stages = method.stages.map((stage) => stageVariants(stage, stageContext))
  const stopped = stages.findIndex(({ variants }) => variants.length === 0)
  const purchase =
    stopped >= 0 ? undefined : bestPurchase({ index, stages: stages.map(({ variants }) => variants), stock })
  const base = {
    method,
    rank,
    stages,
    purchase,
    tradeOffs: purchase ? tradeOffs({ keys: purchase.chosen.map(({ preference }) => preference.key) }) : 0,
  }
  if (purchase) return { ...base, verdict: verdictOf(purchase) }
  const failing = method.stages[Math.max(stopped, 0)]
  return {
    ...base,
    verdict: 'notOnThisModel',
    ...(failing
      ? { stops: { stage: failing.id, reason: firstStop(failing, stages[Math.max(stopped, 0)], context) } }
      : {}),
  }
}

const verdictOf = ({ toGet, chosen }: Purchase): Verdict => {
  if (toGet.length > 0) return 'needsItems'
  return chosen.some(hasTradeOff) ? 'otherRoute' : 'ready'
}

/** Plates that a purchase for one stage could bring for another. */
const platesSomeFootNeeds = (method: Method, index: CatalogueIndex): Id[] => {
  if (method.stages.length < 2) return []
  const feet = method.stages.flatMap(footFunctions).flatMap((listed) => index.feetByFunction.get(listed) ?? [])
  return [...new Set(feet.flatMap((foot) => foot.needs?.plates ?? []))]
}

export const nearestRefusal = (refusals: readonly Refusal[]): Refusal | undefined =>
  [...refusals].sort((a, b) => compareRefused(refusedAs(a), refusedAs(b)))[0]

const refusedAs = ({ machine, stitch, foot, reason }: Refusal): Refused => ({
  nearness: nearnessOf(reason),
  machine,
  stitchRank: stitch.rank,
  footRank: foot?.rank ?? 0,
})

const firstStop = (
  stage: Method['stages'][number],
  found: StageVariants | undefined,
  { machines }: MethodContext,
): Reason => {
  if (!machines.some(({ kind }) => stage.kinds.includes(kind))) {
    return { code: 'needsMachineOfKind', kinds: stage.kinds }
  }
  const refusals = found?.refusals ?? []
  const missing = refusals.flatMap(({ reason }) => (reason.code === 'functionMissing' ? reason.functions : []))
  const nearest = nearestRefusal(refusals)
  return nearest && nearest.reason.code !== 'functionMissing'
    ? nearest.reason
    : { code: 'functionMissing', functions: [...new Set(missing)] }
}
