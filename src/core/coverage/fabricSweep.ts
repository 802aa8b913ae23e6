/** The sweep of one fabric: methods judged by looking at the best first. */
import type { Fabric, Id, Method, Model, Stage, Technique } from '../catalogue/types'
import { contextOf } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import { comparePreference } from '../answer/preference'
import { accepted } from '../answer/stage'
import { holds, type Circumstances } from '../answer/when'
import { Buying } from './buying'
import { briefly, decideAmong, type BriefResult, type BriefStage, type Decided } from './decide'
import type { Known, KnownModel, KnownStitch } from './known'
import { choiceOf, costlyReason, hadOffer, hasTradeOff, leastKey, offerKey, type Choice } from './offer'
import type { Plan, Seat, Source } from './plan'
import type { Sameness } from './sameness'
import { Seats } from './seats'
import { firstStop } from './stops'
import { Ways, type Sewn } from './ways'

const NOTHING: never[] = []

/** Methods judged without looking at everything, and all that were judged; for measuring. */
export interface Judged {
  swiftly: number
  all: number
}

/** A method that applies to all models of one number. */
interface MethodPlan {
  technique: Id
  method: Method
  rank: number
  plans: readonly Plan[]
}

export class FabricSweep {
  private readonly ways: Ways
  private readonly plans = new Map<Technique, MethodPlan[][]>()
  private readonly sewn: Sewn[][][] = []
  private readonly seats: Seats
  private readonly buying: Buying

  constructor(
    private readonly source: Source,
    private readonly sameness: Sameness,
    known: Known,
    private readonly fabric: Fabric,
    private readonly judged: Judged,
  ) {
    this.ways = new Ways(source.answering, sameness, fabric)
    this.seats = new Seats(source, known, sameness)
    this.buying = new Buying(source, known, sameness, this.ways, this.seats)
  }

  cell(technique: Technique, on: KnownModel): Decided {
    return decideAmong<BriefStage, MethodPlan>(technique, technique.methods, this.plansOf(technique, on), (planned) => {
      const result = this.judge(planned, on)
      this.judged.all++
      if (result) this.judged.swiftly++
      return result ?? briefly(planned.method, this.contextOf(technique, on.model))
    })
  }

  /** Undefined where only looking at everything tells. */
  private judge(planned: MethodPlan, on: KnownModel): BriefResult | undefined {
    const { plans } = planned
    return plans.length === 1 ? this.judgeStage(planned, plans[0] as Plan, on) : this.judgeStages(planned, on)
  }

  private judgeStage(planned: MethodPlan, plan: Plan, on: KnownModel): BriefResult | undefined {
    if (!plan.runs) return this.stopped(planned, plan, on)
    if (!knowsFeet(plan, on)) return this.buy(planned, plan, this.buying.bestOfAlike(plan, on), on)
    const listed = this.seats.listedHad(plan, on)
    const had = this.bestHad(plan, listed, on)
    if (!had) return this.buy(planned, plan, this.buying.best(plan, listed, on), on)
    return hasTradeOff(had) ? costly(planned, [had]) : ready(planned, [had])
  }

  private buy(planned: MethodPlan, plan: Plan, best: Choice | undefined | 'unsure', on: KnownModel) {
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
  private judgeStages(planned: MethodPlan, on: KnownModel): BriefResult | undefined {
    const chosen: Choice[] = []
    for (const plan of planned.plans) {
      const had = plan.runs ? this.bestHad(plan, this.seats.listedHad(plan, on), on) : undefined
      if (had) chosen.push(had)
      else return plan.runs && !lacksStitches(plan, on) ? undefined : this.stopped(planned, plan, on)
    }
    return chosen.some(hasTradeOff) ? costly(planned, chosen) : ready(planned, chosen)
  }

  private stopped({ technique, method, rank }: MethodPlan, plan: Plan, on: KnownModel): BriefResult {
    const reason = (): Reason => ({
      code: 'methodStopped',
      technique,
      method: method.id,
      stage: plan.stage.id,
      stops: firstStop(plan, on, this.ways, this.seats),
    })
    return { method, rank, verdict: 'notOnThisModel', tradeOffs: 0, purchase: undefined, reason }
  }

  /** The best of what is had in full. */
  private bestHad(plan: Plan, listed: readonly Seat[] | undefined, on: KnownModel): Choice | undefined {
    if (listed?.length === 0) return undefined
    let best: Choice | undefined
    for (const stitchAs of plan.stitches) {
      if (best && leastKey(stitchAs) > best.key) continue
      const list = on.stitches[stitchAs.number]
      if (!list) continue
      const anyHad = listed ? undefined : this.seats.anyHad(list, on)
      if (anyHad?.length === 0) continue
      for (let i = 0; i < list.stitches.length; i++) {
        const known = list.stitches[i] as KnownStitch
        const sewn = this.ways.sewnOf(plan, known, on.model)
        if (sewn.unfit) continue
        for (const { footing, as } of listed ?? anyHad?.[i] ?? NOTHING) {
          const named = footing.foot && known.named.get(footing.foot)
          // The one before it comes first with the same foot.
          if (listed && known.repeats && named === undefined) continue
          for (const way of this.ways.pairing(sewn, footing, named !== undefined).ways) {
            if (way.extra.length > 0) continue
            const key = offerKey(stitchAs, as, footing, plan, way.narrowed)
            if (best && key > best.key) continue
            const choice = choiceOf(known, stitchAs, hadOffer({ footing, footAs: as, named, way, key }))
            if (!best || comparePreference(choice, best) < 0) best = choice
          }
        }
      }
    }
    return best
  }

  private plansOf(technique: Technique, on: KnownModel): readonly MethodPlan[] {
    let ofTechnique = this.plans.get(technique)
    if (!ofTechnique) this.plans.set(technique, (ofTechnique = []))
    return (ofTechnique[on.number] ??= technique.methods.flatMap((method, rank) =>
      holds(method.when, this.at(on.model))
        ? [{ technique: technique.id, method, rank, plans: method.stages.map((stage) => this.makePlan(stage, on)) }]
        : [],
    ))
  }

  private makePlan(stage: Stage, { model, number }: KnownModel): Plan {
    const at = this.at(model)
    const ofStage = (this.sewn[this.sameness.ofStage(stage)] ??= [])
    const feet = Array.isArray(stage.feet) ? accepted(stage.feet, at) : []
    return {
      stage,
      runs: stage.kinds.includes(model.kind),
      stitches: accepted(stage.stitches, at).map((as) => ({
        ...as,
        number: this.sameness.ofStitchFunction(as.function as string),
      })),
      feet: feet.map((as) => ({ ...as, number: this.sameness.ofFootFunction(as.function as string) })),
      feetNumber: this.sameness.ofFeet(stage, feet),
      sewn: (ofStage[number] ??= []),
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
const knowsFeet = ({ stage, feet }: Plan, on: KnownModel): boolean =>
  !Array.isArray(stage.feet) || feet.some((as) => on.knowsFoot[as.number])

const lacksStitches = ({ stitches }: Plan, on: KnownModel): boolean => stitches.every((as) => !on.stitches[as.number])

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
