/** What is to get for a stage that nothing had can serve: the fewest and best things. */
import type { Item } from '../catalogue/types'
import { compareIds } from '../answer/order'
import type { Ranked } from '../answer/preference'
import { priceOf } from '../answer/purchases'
import { NO_FUNCTION } from '../answer/stage'
import type { PreparedModels, PreparedModel, PreparedStitch, StitchList } from './prepared'
import { betterToGet, compareOffers, leastKey, offerKey, type Choice, type Offer } from './offer'
import type { FeetToGet, FootGroup, ListOffer, Plan, FootChoice, Source, ToGet } from './plan'
import type { EquivalenceKeys } from './equivalence'
import { STANDARD, type FootChoices } from './footChoices'
import type { FootCandidate, StageStitch, Pairings } from './pairings'

const NOTHING: never[] = []

export class Buying {
  /** By the number of the feet that are taken, then of the place. */
  private readonly feet: FeetToGet[][] = []

  constructor(
    private readonly source: Source,
    private readonly known: PreparedModels,
    private readonly equivalence: EquivalenceKeys,
    private readonly pairings: Pairings,
    private readonly choices: FootChoices,
  ) {}

  /**
   * The best of what would work with the fewest to get; `listed` is what is had already. `unsure` where something comes
   * in packs too: one of them may hold all that is needed, and more.
   */
  best(plan: Plan, listed: readonly FootChoice[] | undefined, on: PreparedModel): Choice | undefined | 'unsure' {
    const takesAny = plan.stage.feet === 'any'
    const toGet = this.toGet(plan, on)
    if (toGet.from.packed) return 'unsure'
    let best: Choice | undefined
    const take = (known: PreparedStitch, stitchAs: Ranked, offer: Offer) =>
      (best = betterToGet(best, known, stitchAs, offer))
    for (const stitchAs of plan.stitches) {
      if (best && cannotBetter(stitchAs, best)) continue
      const list = on.stitches[stitchAs.number]
      if (!list) continue
      const anyHad = listed ? undefined : this.choices.anyHad(list, on)
      for (let i = 0; i < list.stitches.length; i++) {
        const known = list.stitches[i] as PreparedStitch
        const stageStitch = this.pairings.stageStitchOf(plan, known, on.model)
        if (stageStitch.unfit) continue
        for (const { candidate, as } of listed ?? anyHad?.[i] ?? NOTHING) {
          for (const offer of this.offers(plan, stageStitch, known, stitchAs, candidate, as, true))
            take(known, stitchAs, offer)
        }
        if (takesAny) {
          for (const foot of known.named.keys()) {
            if (on.had.has(foot.id)) continue
            if (this.source.answering.index.packsOf.has(foot.id)) return 'unsure'
            const candidate = this.known.candidate(foot, on)
            if (candidate.unfit !== undefined) continue
            for (const offer of this.offers(plan, stageStitch, known, stitchAs, candidate, NO_FUNCTION, false))
              take(known, stitchAs, offer)
          }
        }
        const offer = this.bestListed(plan, toGet, stageStitch, known, stitchAs, on)
        if (offer) take(known, stitchAs, offer)
      }
    }
    return best
  }

  /** The same on a model that knows none of the feet: its stitches are offered what all alike are. */
  bestOfAlike(plan: Plan, on: PreparedModel): Choice | undefined | 'unsure' {
    const toGet = this.toGet(plan, on)
    if (toGet.from.packed) return 'unsure'
    let best: Choice | undefined
    for (const stitchAs of plan.stitches) {
      if (best && cannotBetter(stitchAs, best)) continue
      const list = on.stitches[stitchAs.number]
      const found = list && this.bestOfList(plan, toGet, list, stitchAs, on)
      if (found) best = betterToGet(best, list.stitches[found.at] as PreparedStitch, stitchAs, found.offer)
    }
    return best
  }

  private bestOfList(plan: Plan, toGet: ToGet, list: StitchList, stitchAs: Ranked, on: PreparedModel) {
    const ofRank = (toGet.bestOfList[stitchAs.rank] ??= new Map<number, ListOffer | undefined>())
    const known = ofRank.get(list.number)
    if (known || ofRank.has(list.number)) return known
    let best: Choice | undefined
    for (const stitch of list.stitches) {
      const stageStitch = this.pairings.stageStitchOf(plan, stitch, on.model)
      const offer = stageStitch.unfit ? undefined : this.bestListed(plan, toGet, stageStitch, stitch, stitchAs, on)
      if (offer) best = betterToGet(best, stitch, stitchAs, offer)
    }
    const found = best && { at: list.stitches.indexOf(best.known), offer: best.offer }
    ofRank.set(list.number, found)
    return found
  }

  /** The best foot to get for a stitch: the same for all that are alike, unless the model's own feet come in. */
  private bestListed(
    plan: Plan,
    toGet: ToGet,
    stageStitch: StageStitch,
    known: PreparedStitch,
    stitchAs: Ranked,
    on: PreparedModel,
  ) {
    if (![...known.named.keys()].some((foot) => toGet.from.feet.has(foot))) {
      const ofRank = (toGet.best[stitchAs.rank] ??= new Map<number, Offer | undefined>())
      let offer = ofRank.get(known.number)
      if (!offer && !ofRank.has(known.number)) {
        offer = this.searchListed(plan, toGet.from, stageStitch, known, stitchAs, undefined)
        ofRank.set(known.number, offer)
      }
      if (!offer || !on.had.has((offer.candidate.foot as Item).id)) return offer
    }
    return this.searchListed(plan, toGet.from, stageStitch, known, stitchAs, on)
  }

  /** Goes through the groups, best first. `on`: leaves out its own feet, and the named ones where any foot will do. */
  private searchListed(
    plan: Plan,
    { groups }: FeetToGet,
    stageStitch: StageStitch,
    known: PreparedStitch,
    stitchAs: Ranked,
    on: PreparedModel | undefined,
  ): Offer | undefined {
    const takesAny = plan.stage.feet === 'any'
    let best: Offer | undefined
    for (const { as, unslotted, adapters, feet } of groups) {
      if (best && best.need.length <= adapters) break
      const key = leastKey(stitchAs, as, unslotted)
      if (best && best.need.length === adapters + 1 && key > best.key) continue
      for (const { candidate, foot, price } of feet) {
        // The rest of the group is dearer, or as dear and later by id.
        if (best && best.need.length === 1 && best.key === key && price >= best.price) break
        if (on && (on.had.has(foot.id) || (takesAny && known.named.has(foot)))) continue
        for (const offer of this.offers(plan, stageStitch, known, stitchAs, candidate, as, false)) {
          if (!best || compareOffers(offer, best) < 0) best = offer
        }
      }
    }
    return best
  }

  private offers(
    plan: Plan,
    stageStitch: StageStitch,
    known: PreparedStitch,
    stitchAs: Ranked,
    candidate: FootCandidate,
    footAs: Ranked,
    isHad: boolean,
  ): readonly Offer[] {
    const { foot } = candidate
    const named = foot && known.named.get(foot)
    const { options } = this.pairings.pairing(stageStitch, candidate, named !== undefined)
    if (options.length === 0) return NOTHING
    return options.map((option) => {
      const need = isHad || !foot ? [...option.extra].sort() : [foot.id, ...option.extra].sort()
      const key = offerKey(stitchAs, footAs, candidate, plan, option.narrowed)
      const price = priceOf(need, this.source.answering.index)
      return { candidate, footAs, named, option, key, keys: [key], need, isOnShelf: false, price }
    })
  }

  private toGet(plan: Plan, on: PreparedModel): ToGet {
    return (plan.toGet[on.place] ??= { from: this.feetToGet(plan, on), best: [], bestOfList: [] })
  }

  private feetToGet(plan: Plan, on: PreparedModel): FeetToGet {
    const alike = (this.feet[plan.feetNumber] ??= [])
    return (alike[on.place] ??= this.findFeet(plan, on))
  }

  private findFeet({ stage, feet }: Plan, on: PreparedModel): FeetToGet {
    const { index } = this.source.answering
    const beside = new Set(this.equivalence.suppliedBeside(on.model))
    const groups = new Map<string, FootGroup>()
    let packed = this.equivalence.packedBeside
    for (const as of stage.feet === 'any' ? [STANDARD] : feet) {
      for (const foot of index.feetByFunction.get(as.function as string) ?? []) {
        const candidate = this.known.candidate(foot, on)
        if (candidate.unfit !== undefined) continue
        packed ||= index.packsOf.has(foot.id)
        const unslotted = foot.slot === undefined
        const chains = candidate.fit?.chains ?? NOTHING
        const adapters = Math.min(...chains.map((chain) => chain.filter((id) => !beside.has(id)).length))
        const key = [adapters, as.rank, unslotted].join(' ')
        const group = groups.get(key) ?? { as: stage.feet === 'any' ? NO_FUNCTION : as, unslotted, adapters, feet: [] }
        groups.set(key, group)
        group.feet.push({ candidate, foot, price: foot.price ?? Infinity })
      }
    }
    const key = (group: FootGroup) => leastKey(NO_FUNCTION, group.as, group.unslotted)
    for (const group of groups.values())
      group.feet.sort((a, b) => (a.price === b.price ? compareIds([a.foot.id], [b.foot.id]) : a.price - b.price))
    const sorted = [...groups.values()].sort((a, b) => a.adapters - b.adapters || key(a) - key(b))
    return { groups: sorted, feet: new Set(sorted.flatMap((group) => group.feet.map(({ foot }) => foot))), packed }
  }
}

/** Something is to get with any stitch, and the best of this function would rank lower. */
const cannotBetter = (stitchAs: Ranked, { offer }: Choice): boolean =>
  offer.need.length === 1 && leastKey(stitchAs) > offer.key
