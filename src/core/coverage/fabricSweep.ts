/** The sweep of one fabric: methods judged by looking at the best first. */
import type { Fabric, Method, Model, Stage, Technique } from '../catalogue/types'
import { contextOf } from '../answer/explain'
import type { Reason } from '../answer/reasons'
import { accepted, NO_FUNCTION } from '../answer/stage'
import { holds, type Circumstances } from '../answer/when'
import { Buying } from './buying'
import { briefly, decideAmong, type BriefResult, type BriefStage, type Decided } from './decide'
import type { Known, KnownModel } from './known'
import { choiceOf, compareChoices, costlyReason, hasTradeOff, keyOf, unslotted, type Choice } from './offer'
import type { Plan, Source } from './plan'
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
    return decideAmong<BriefStage, MethodPlan>(technique.methods, this.plansOf(technique, on), (planned) => {
      const result = this.judge(planned, on)
      this.judged.all++
      if (result) this.judged.swiftly++
      return result ?? briefly(planned.method, this.contextOf(technique, on.model))
    })
  }

  /** Undefined where only looking at everything tells. */
  private judge({ method, rank, plans }: MethodPlan, on: KnownModel): BriefResult | undefined {
    const single = plans.length === 1
    const chosen: Choice[] = []
    let costs = 0
    for (const plan of plans) {
      const had = plan.runs ? this.bestHad(plan, on) : undefined
      if (had) {
        chosen.push(had)
        if (hasTradeOff(had)) costs++
        continue
      }
      if (plan.runs && !single && !lacksStitches(plan, on)) return undefined
      const bought = plan.runs && single ? this.buying.best(plan, on) : undefined
      if (bought === 'unsure') return undefined
      if (!bought) return this.stopped(method, rank, plan, on)
      const toGet = bought.offer.need
      return {
        method,
        rank,
        verdict: 'needsItems',
        tradeOffs: hasTradeOff(bought) ? 1 : 0,
        purchase: { toGet, stages: [bought] },
        reason: { code: 'methodNeeds', method: method.id, toGet },
      }
    }
    const purchase = { toGet: NOTHING, stages: chosen }
    if (costs === 0) return { method, rank, verdict: 'ready', tradeOffs: 0, purchase, reason: undefined }
    const reason = single ? (plans[0] as Plan).costly : costlyReason(method, chosen)
    return { method, rank, verdict: 'otherRoute', tradeOffs: costs, purchase, reason }
  }

  private stopped(method: Method, rank: number, plan: Plan, on: KnownModel): BriefResult {
    const reason = (): Reason => ({
      code: 'methodStopped',
      method: method.id,
      stage: plan.stage.id,
      stops: firstStop(plan, on, this.ways, this.seats),
    })
    return { method, rank, verdict: 'notOnThisModel', tradeOffs: 0, purchase: undefined, reason }
  }

  /** The best of what is had in full. */
  private bestHad(plan: Plan, on: KnownModel): Choice | undefined {
    const listed = this.seats.listedHad(plan, on)
    if (listed?.length === 0) return undefined
    let best: Choice | undefined
    for (const stitchAs of plan.stitches) {
      if (best && keyOf(stitchAs, NO_FUNCTION, 0, 0) > best.offer.key) continue
      for (const known of on.stitches[stitchAs.number]?.stitches ?? NOTHING) {
        const sewn = this.ways.sewnOf(plan, known, on.model)
        if (sewn.unfit) continue
        for (const { footing, as } of listed ?? this.seats.otherHad(plan, known, on)) {
          const named = footing.foot !== undefined && known.named.includes(footing.foot)
          // The one before it comes first with the same foot.
          if (listed && known.repeats && !named) continue
          for (const way of this.ways.pairing(sewn, footing, named).ways) {
            if (way.extra.length > 0) continue
            const key = keyOf(stitchAs, as, unslotted(footing, plan), way.narrowed)
            if (best && key > best.offer.key) continue
            const choice = choiceOf(known, stitchAs, { footing, footAs: as, named, way, key, need: NOTHING, price: 0 })
            if (!best || compareChoices(choice, best) < 0) best = choice
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
        ? [{ method, rank, plans: method.stages.map((stage) => this.makePlan(method, stage, on)) }]
        : [],
    ))
  }

  private makePlan(method: Method, stage: Stage, { model, number }: KnownModel): Plan {
    const at = this.at(model)
    const ofStage = (this.sewn[this.sameness.ofStage(stage)] ??= [])
    const feet = Array.isArray(stage.feet) ? accepted(stage.feet, at) : []
    return {
      stage,
      runs: stage.kinds.includes(model.kind),
      stitches: accepted(stage.stitches, at).map((as) => ({ ...as, number: this.sameness.ofStitchFunction(as.function as string) })), // prettier-ignore
      feet: feet.map((as) => ({ ...as, number: this.sameness.ofFootFunction(as.function as string) })),
      feetNumber: this.sameness.ofFeet(stage, feet),
      sewn: (ofStage[number] ??= []),
      toGet: [],
      all: [],
      costly: { code: 'methodHasTradeOff', method: method.id, stages: [stage.id] },
    }
  }

  private at(model: Model): Circumstances {
    return { model, fabric: this.fabric, layers: this.fabric.layers }
  }

  private contextOf(technique: Technique, model: Model) {
    return contextOf(this.source.answering, { technique: technique.id, model: model.id, fabric: this.fabric.id })
  }
}

const lacksStitches = ({ stitches }: Plan, on: KnownModel): boolean => stitches.every((as) => !on.stitches[as.number])
