/** The engine of one fabric: methods judged by looking at the best first. */
import type { Fabric, Id, Method, Model, Stage, Technique } from '../catalogue/types'
import { contextOf } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import { comparePreference } from '../answer/preference'
import { accepted } from '../answer/stage'
import { holds, type Circumstances } from '../answer/when'
import { Buying } from './buying'
import { briefly, decideAmong, type BriefResult, type BriefStage, type Decided } from './decide'
import type { PreparedModels, PreparedModel, PreparedStitch } from './prepared'
import { choiceOf, costlyReason, hadOffer, hasTradeOff, leastKey, offerKey, type Choice } from './offer'
import type { Plan, FootChoice, Source } from './plan'
import type { EquivalenceKeys } from './equivalence'
import { FootChoices } from './footChoices'
import { firstStop } from './stops'
import { Pairings, type StageStitch } from './pairings'

const NOTHING: never[] = []

/** Methods judged without looking at everything, and all that were judged; for measuring. */
export interface Judged {
  byKeys: number
  all: number
}

/** A method that applies to all models of one number. */
interface MethodPlan {
  technique: Id
  method: Method
  rank: number
  plans: readonly Plan[]
}

export class FabricEngine {
  private readonly pairings: Pairings
  private readonly plans = new Map<Technique, MethodPlan[][]>()
  private readonly stageStitches: StageStitch[][][] = []
  private readonly choices: FootChoices
  private readonly buying: Buying

  constructor(
    private readonly source: Source,
    private readonly equivalence: EquivalenceKeys,
    known: PreparedModels,
    private readonly fabric: Fabric,
    private readonly judged: Judged,
  ) {
    this.pairings = new Pairings(source.answering, equivalence, fabric)
    this.choices = new FootChoices(source, known, equivalence)
    this.buying = new Buying(source, known, equivalence, this.pairings, this.choices)
  }

  cell(technique: Technique, on: PreparedModel): Decided {
    return decideAmong<BriefStage, MethodPlan>(technique, technique.methods, this.plansOf(technique, on), (planned) => {
      const result = this.judge(planned, on)
      this.judged.all++
      if (result) this.judged.byKeys++
      return result ?? briefly(planned.method, this.contextOf(technique, on.model))
    })
  }

  /** Undefined where only looking at everything tells. */
  private judge(planned: MethodPlan, on: PreparedModel): BriefResult | undefined {
    const { plans } = planned
    return plans.length === 1 ? this.judgeStage(planned, plans[0] as Plan, on) : this.judgeStages(planned, on)
  }

  private judgeStage(planned: MethodPlan, plan: Plan, on: PreparedModel): BriefResult | undefined {
    if (!plan.runs) return this.stopped(planned, plan, on)
    if (!knowsFeet(plan, on)) return this.buy(planned, plan, this.buying.bestOfAlike(plan, on), on)
    const listed = this.choices.listedHad(plan, on)
    const had = this.bestHad(plan, listed, on)
    if (!had) return this.buy(planned, plan, this.buying.best(plan, listed, on), on)
    return hasTradeOff(had) ? costly(planned, [had]) : ready(planned, [had])
  }

  private buy(planned: MethodPlan, plan: Plan, best: Choice | undefined | 'unsure', on: PreparedModel) {
    if (best === 'unsure') return undefined
    if (!best) return this.stopped(planned, plan, on)
    const { technique, method, rank } = planned
    const { offer } = best
    const toGet = offer.need
    // Offered again and again, said once.
    const reason = (offer.reason ??= { code: 'methodNeeds', technique, method: method.id, toGet })
    const purchase = { toGet, stages: [best] }
    return { method, rank, verdict: 'needsItems' as const, tradeOffs: hasTradeOff(best) ? 1 : 0, purchase, reason }
  }

  /** Of several stages only what is had: what to get for them is looked for together. */
  private judgeStages(planned: MethodPlan, on: PreparedModel): BriefResult | undefined {
    const chosen: Choice[] = []
    for (const plan of planned.plans) {
      const had = plan.runs ? this.bestHad(plan, this.choices.listedHad(plan, on), on) : undefined
      if (had) chosen.push(had)
      else return plan.runs && !lacksStitches(plan, on) ? undefined : this.stopped(planned, plan, on)
    }
    return chosen.some(hasTradeOff) ? costly(planned, chosen) : ready(planned, chosen)
  }

  private stopped({ technique, method, rank }: MethodPlan, plan: Plan, on: PreparedModel): BriefResult {
    const reason = (): Reason => ({
      code: 'methodStopped',
      technique,
      method: method.id,
      stage: plan.stage.id,
      stops: firstStop(plan, on, this.pairings, this.choices),
    })
    return { method, rank, verdict: 'notOnThisModel', tradeOffs: 0, purchase: undefined, reason }
  }

  /** The best of what is had in full. */
  private bestHad(plan: Plan, listed: readonly FootChoice[] | undefined, on: PreparedModel): Choice | undefined {
    if (listed?.length === 0) return undefined
    let best: Choice | undefined
    for (const stitchAs of plan.stitches) {
      if (best && leastKey(stitchAs) > best.key) continue
      const list = on.stitches[stitchAs.number]
      if (!list) continue
      const anyHad = listed ? undefined : this.choices.anyHad(list, on)
      if (anyHad?.length === 0) continue
      for (let i = 0; i < list.stitches.length; i++) {
        const known = list.stitches[i] as PreparedStitch
        const stageStitch = this.pairings.stageStitchOf(plan, known, on.model)
        if (stageStitch.unfit) continue
        for (const { candidate, as } of listed ?? anyHad?.[i] ?? NOTHING) {
          const named = candidate.foot && known.named.get(candidate.foot)
          // The one before it comes first with the same foot.
          if (listed && known.repeats && named === undefined) continue
          for (const option of this.pairings.pairing(stageStitch, candidate, named !== undefined).options) {
            if (option.extra.length > 0) continue
            const key = offerKey(stitchAs, as, candidate, plan, option.narrowed)
            if (best && key > best.key) continue
            const choice = choiceOf(known, stitchAs, hadOffer({ candidate, footAs: as, named, option, key }))
            if (!best || comparePreference(choice, best) < 0) best = choice
          }
        }
      }
    }
    return best
  }

  private plansOf(technique: Technique, on: PreparedModel): readonly MethodPlan[] {
    let ofTechnique = this.plans.get(technique)
    if (!ofTechnique) this.plans.set(technique, (ofTechnique = []))
    return (ofTechnique[on.number] ??= technique.methods.flatMap((method, rank) =>
      holds(method.when, this.at(on.model))
        ? [{ technique: technique.id, method, rank, plans: method.stages.map((stage) => this.makePlan(stage, on)) }]
        : [],
    ))
  }

  private makePlan(stage: Stage, { model, number }: PreparedModel): Plan {
    const at = this.at(model)
    const ofStage = (this.stageStitches[this.equivalence.ofStage(stage)] ??= [])
    const feet = Array.isArray(stage.feet) ? accepted(stage.feet, at) : []
    return {
      stage,
      runs: stage.kinds.includes(model.kind),
      stitches: accepted(stage.stitches, at).map((as) => ({
        ...as,
        number: this.equivalence.ofStitchFunction(as.function as string),
      })),
      feet: feet.map((as) => ({ ...as, number: this.equivalence.ofFootFunction(as.function as string) })),
      feetNumber: this.equivalence.ofFeet(stage, feet),
      stageStitches: (ofStage[number] ??= []),
      toGet: [],
      all: [],
    }
  }

  private at(model: Model): Circumstances {
    return { model, fabric: this.fabric, layers: this.fabric.layers }
  }

  private contextOf(technique: Technique, model: Model) {
    return contextOf(this.source.answering, { technique: technique.id, model: model.id, fabric: this.fabric.id })
  }
}

/** Feet of its own, or named by its book, may be among those the plan takes. */
const knowsFeet = ({ stage, feet }: Plan, on: PreparedModel): boolean =>
  !Array.isArray(stage.feet) || feet.some((as) => on.knowsFoot[as.number])

const lacksStitches = ({ stitches }: Plan, on: PreparedModel): boolean =>
  stitches.every((as) => !on.stitches[as.number])

const ready = ({ method, rank }: MethodPlan, stages: readonly Choice[]): BriefResult => ({
  method,
  rank,
  verdict: 'ready',
  tradeOffs: 0,
  purchase: { toGet: NOTHING, stages },
  reason: undefined,
})

const costly = ({ technique, method, rank }: MethodPlan, stages: readonly Choice[]): BriefResult => {
  const tradeOffs = stages.filter(hasTradeOff).length
  const purchase = { toGet: NOTHING, stages }
  return { method, rank, verdict: 'otherRoute', tradeOffs, purchase, reason: costlyReason(technique, method, stages) }
}
