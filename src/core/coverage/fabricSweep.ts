/** The sweep of one fabric: methods judged by looking at the best first. */
import type { Fabric, Id, Item, Method, Model, Stage, Technique } from '../catalogue/types'
import { contextOf } from '../answer/explain'
import { compareIds } from '../answer/order'
import type { Ranked } from '../answer/pair'
import type { Reason } from '../answer/reasons'
import { accepted, NO_FUNCTION } from '../answer/stage'
import { holds, type Circumstances } from '../answer/when'
import { briefly, decideAmong, type BriefResult, type BriefStage, type Decided } from './decide'
import type { Known, KnownModel, KnownStitch } from './known'
import type { Sameness } from './sameness'
import { firstStop } from './stops'
import {
  choiceOf,
  compareChoices,
  compareOffers,
  costlyReason,
  hasTradeOff,
  keyOf,
  unslotted,
  type Choice,
  type Offer,
} from './offer'
import type { FeetToGet, FootGroup, Plan, Source } from './plan'
import { Ways, type Footing, type Sewn } from './ways'
import { Seats, STANDARD } from './seats'

const NOTHING: never[] = []

/** Methods judged without looking at everything, and all that were judged; for measuring. */
export interface Judged {
  swiftly: number
  all: number
}

export class FabricSweep {
  readonly ways: Ways
  private readonly plans = new Map<Stage, Plan[]>()
  private readonly sewn: Sewn[][][] = []
  private readonly applicable = new Map<Technique, Method[][]>()
  readonly seats: Seats

  constructor(
    private readonly source: Source,
    private readonly sameness: Sameness,
    private readonly known: Known,
    private readonly fabric: Fabric,
    private readonly judged: Judged,
  ) {
    this.ways = new Ways(source.answering, sameness, fabric)
    this.seats = new Seats(source, known, sameness)
  }

  cell(technique: Technique, on: KnownModel): Decided {
    return decideAmong<BriefStage>(technique.methods, this.applicableOf(technique, on), (method) => {
      const result = this.judge(method, technique.methods.indexOf(method), on)
      this.judged.all++
      if (result) this.judged.swiftly++
      return result ?? briefly(method, this.contextOf(technique, on.model))
    })
  }

  /** Undefined where only looking at everything tells. */
  private judge(method: Method, rank: number, on: KnownModel): BriefResult | undefined {
    const single = method.stages.length === 1
    const chosen: Choice[] = []
    let costs = 0
    for (const stage of method.stages) {
      const plan = this.planOf(method, stage, on)
      const had = plan.runs ? this.bestHad(plan, on) : undefined
      if (had) {
        chosen.push(had)
        if (hasTradeOff(had)) costs++
        continue
      }
      if (plan.runs && !single && !this.lacksStitches(plan, on)) return undefined
      const bought = plan.runs && single ? this.bestToGet(plan, on) : undefined
      if (bought === 'unsure') return undefined
      if (bought) {
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
      const stops: Reason = { code: 'methodStopped', method: method.id, stage: stage.id, stops: firstStop(plan, on, this) } // prettier-ignore
      return { method, rank, verdict: 'notOnThisModel', tradeOffs: 0, purchase: undefined, reason: stops }
    }
    const purchase = { toGet: NOTHING, stages: chosen }
    if (costs === 0) return { method, rank, verdict: 'ready', tradeOffs: 0, purchase, reason: undefined }
    const reason = single ? this.planOf(method, method.stages[0] as Stage, on).costly : costlyReason(method, chosen)
    return { method, rank, verdict: 'otherRoute', tradeOffs: costs, purchase, reason }
  }

  private lacksStitches({ stitches }: Plan, on: KnownModel): boolean {
    return stitches.every((as) => !on.stitches.has(as.function as string))
  }

  /** The best of what is had in full. */
  private bestHad(plan: Plan, on: KnownModel): Choice | undefined {
    const listed = this.seats.listedHad(plan, on)
    if (listed?.length === 0) return undefined
    let best: Choice | undefined
    for (const stitchAs of plan.stitches) {
      if (best && keyOf(stitchAs, NO_FUNCTION, 0, 0) > best.offer.key) continue
      for (const known of on.stitches.get(stitchAs.function as string) ?? NOTHING) {
        const sewn = this.sewnOf(plan, known, on.model)
        if (sewn.unfit) continue
        for (const { footing, as } of listed ?? this.seats.otherHad(plan, known, on)) {
          const named = footing.foot !== undefined && known.named.includes(footing.foot)
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

  /**
   * The best of what would work with the fewest to get. `unsure` where something comes in packs too: one of them may
   * hold all that is needed, and more.
   */
  private bestToGet(plan: Plan, on: KnownModel): Choice | undefined | 'unsure' {
    const takesAny = plan.stage.feet === 'any'
    const toGet = this.feetToGet(plan, on)
    if (toGet.packed) return 'unsure'
    const listed = this.seats.listedHad(plan, on)
    let best: Choice | undefined
    const take = (known: KnownStitch, stitchAs: Ranked, offer: Offer) => {
      if (best && compareOffers(offer, best.offer) > 0) return
      const choice = choiceOf(known, stitchAs, offer)
      if (!best || (compareOffers(offer, best.offer) || compareChoices(choice, best)) < 0) best = choice
    }
    for (const stitchAs of plan.stitches) {
      for (const known of on.stitches.get(stitchAs.function as string) ?? NOTHING) {
        const sewn = this.sewnOf(plan, known, on.model)
        if (sewn.unfit) continue
        for (const { footing, as } of listed ?? this.seats.otherHad(plan, known, on)) {
          for (const offer of this.offers(plan, sewn, known, stitchAs, footing, as, true)) take(known, stitchAs, offer)
        }
        if (takesAny) {
          for (const foot of known.named) {
            if (on.had.has(foot.id)) continue
            if (this.source.answering.index.packsOf.has(foot.id)) return 'unsure'
            const footing = this.known.footing(foot, on)
            if (footing.fit?.fits !== 'yes') continue
            for (const offer of this.offers(plan, sewn, known, stitchAs, footing, NO_FUNCTION, false)) take(known, stitchAs, offer) // prettier-ignore
          }
        }
        const offer = this.bestListed(plan, toGet, sewn, known, stitchAs, on)
        if (offer) take(known, stitchAs, offer)
      }
    }
    return best
  }

  /** The best foot to get for a stitch: the same for all that are alike, unless the model's own feet come in. */
  private bestListed(plan: Plan, toGet: FeetToGet, sewn: Sewn, known: KnownStitch, stitchAs: Ranked, on: KnownModel) {
    if (!known.named.some((foot) => toGet.feet.has(foot))) {
      const ofRank = (toGet.best[stitchAs.rank] ??= new Map<number, Offer | undefined>())
      let offer = ofRank.get(known.number)
      if (!offer && !ofRank.has(known.number)) {
        offer = this.searchListed(plan, toGet, sewn, known, stitchAs, undefined)
        ofRank.set(known.number, offer)
      }
      if (!offer || !on.had.has((offer.footing.foot as Item).id)) return offer
    }
    return this.searchListed(plan, toGet, sewn, known, stitchAs, on)
  }

  /** Goes through the groups, best first. `on`: leaves out its own feet, and the named ones where any foot will do. */
  private searchListed(
    plan: Plan,
    { groups }: FeetToGet,
    sewn: Sewn,
    known: KnownStitch,
    stitchAs: Ranked,
    on: KnownModel | undefined,
  ): Offer | undefined {
    const takesAny = plan.stage.feet === 'any'
    let best: Offer | undefined
    for (const { as, unslotted: worse, adapters, feet } of groups) {
      if (best && best.need.length <= adapters) break
      const key = keyOf(stitchAs, as, worse, 0)
      if (best && best.need.length === adapters + 1 && key > best.key) continue
      for (const { footing, foot, price } of feet) {
        // The rest of the group is dearer, or as dear and later by id.
        if (best && best.need.length === 1 && best.key === key && price >= best.price) break
        if (on && (on.had.has(foot.id) || (takesAny && known.named.includes(foot)))) continue
        for (const offer of this.offers(plan, sewn, known, stitchAs, footing, as, false)) {
          if (!best || compareOffers(offer, best) < 0) best = offer
        }
      }
    }
    return best
  }

  private offers(
    plan: Plan,
    sewn: Sewn,
    known: KnownStitch,
    stitchAs: Ranked,
    footing: Footing,
    footAs: Ranked,
    isHad: boolean,
  ): readonly Offer[] {
    const { foot } = footing
    const named = foot !== undefined && known.named.includes(foot)
    const { ways } = this.ways.pairing(sewn, footing, named)
    if (ways.length === 0) return NOTHING
    return ways.map((way) => {
      const need = isHad || !foot ? [...way.extra].sort() : [foot.id, ...way.extra].sort()
      const key = keyOf(stitchAs, footAs, unslotted(footing, plan), way.narrowed)
      return { footing, footAs, named, way, key, need, price: this.priceOf(need) }
    })
  }

  private priceOf(need: readonly Id[]): number {
    let sum = 0
    for (const id of need) sum += this.source.answering.index.items.get(id)?.price ?? Infinity
    return sum
  }

  /** Why a foot does not fit, said of this very model. */
  unfitReason(foot: Item, model: Model): Reason {
    return this.source.answering.fitOf(foot, model).reasons[0] as Reason
  }

  private feetToGet(plan: Plan, on: KnownModel): FeetToGet {
    return (plan.toGet[on.place] ??= this.findFeet(plan, on))
  }

  private findFeet({ stage, feet }: Plan, on: KnownModel): FeetToGet {
    const { index } = this.source.answering
    const beside = new Set(this.sameness.suppliedBeside(on.model))
    const groups = new Map<string, FootGroup>()
    let packed = this.sameness.packedBeside
    for (const as of stage.feet === 'any' ? [STANDARD] : feet) {
      for (const foot of index.feetByFunction.get(as.function as string) ?? []) {
        const footing = this.known.footing(foot, on)
        if (footing.fit?.fits !== 'yes') continue
        packed ||= index.packsOf.has(foot.id)
        const unslotted = foot.slot === undefined ? 1 : 0
        const adapters = Math.min(...footing.fit.chains.map((chain) => chain.filter((id) => !beside.has(id)).length))
        const key = [adapters, as.rank, unslotted].join(' ')
        const group = groups.get(key) ?? { as: stage.feet === 'any' ? NO_FUNCTION : as, unslotted, adapters, feet: [] }
        groups.set(key, group)
        group.feet.push({ footing, foot, price: foot.price ?? Infinity })
      }
    }
    const key = (group: FootGroup) => keyOf(NO_FUNCTION, group.as, group.unslotted, 0)
    for (const group of groups.values()) group.feet.sort((a, b) => (a.price === b.price ? compareIds([a.foot.id], [b.foot.id]) : a.price - b.price)) // prettier-ignore
    const sorted = [...groups.values()].sort((a, b) => a.adapters - b.adapters || key(a) - key(b))
    return { groups: sorted, feet: new Set(sorted.flatMap((group) => group.feet.map(({ foot }) => foot))), packed, best: [] } // prettier-ignore
  }

  private planOf(method: Method, stage: Stage, on: KnownModel): Plan {
    let ofStage = this.plans.get(stage)
    if (!ofStage) this.plans.set(stage, (ofStage = []))
    return (ofStage[on.number] ??= this.makePlan(method, stage, on))
  }

  private makePlan(method: Method, stage: Stage, { model, number }: KnownModel): Plan {
    const at = this.at(model)
    const ofStage = (this.sewn[this.sameness.ofStage(stage)] ??= [])
    return {
      stage,
      runs: stage.kinds.includes(model.kind),
      stitches: accepted(stage.stitches, at),
      feet: Array.isArray(stage.feet) ? accepted(stage.feet, at) : [],
      sewn: (ofStage[number] ??= []),
      toGet: [],
      all: [],
      costly: { code: 'methodHasTradeOff', method: method.id, stages: [stage.id] },
    }
  }

  sewnOf({ sewn, stage }: Plan, { stitch, place, number }: KnownStitch, model: Model): Sewn {
    return (sewn[number] ??= this.ways.sewnWith(stage, stitch, place, model))
  }

  private applicableOf(technique: Technique, { model, number }: KnownModel): Method[] {
    let ofTechnique = this.applicable.get(technique)
    if (!ofTechnique) this.applicable.set(technique, (ofTechnique = []))
    return (ofTechnique[number] ??= technique.methods.filter(({ when }) => holds(when, this.at(model))))
  }

  private at(model: Model): Circumstances {
    return { model, fabric: this.fabric, layers: this.fabric.layers }
  }

  private contextOf(technique: Technique, model: Model) {
    return contextOf(this.source.answering, { technique: technique.id, model: model.id, fabric: this.fabric.id })
  }
}
