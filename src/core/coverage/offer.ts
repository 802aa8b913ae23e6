/** A stitch with a foot, and the order in which they are preferred. */
import type { Id, Method, Stage } from '../catalogue/types'
import { compareIds } from '../answer/order'
import type { Ranked } from '../answer/pair'
import type { Reason } from '../answer/reasons'
import { compareNamed, costsOf, EVIDENCE_RANK } from '../answer/stage'
import type { BriefStage } from './decide'
import type { KnownStitch } from './known'
import type { Plan } from './plan'
import type { Footing, Way } from './ways'

/** A foot with a way of working, and what it is compared by. */
export interface Offer {
  footing: Footing
  footAs: Ranked
  /** Place among the feet the book names. */
  named: number | undefined
  way: Way
  /** Trade-off, ranks, slot, narrowing in one number: smaller is better. */
  key: number
  /** What is to get, sorted. */
  need: Id[]
  price: number
  /** What is said of it, once it was. */
  reason?: Reason
}

/** An offer with the stitch it is for. */
export interface Choice extends BriefStage {
  known: KnownStitch
  stitchAs: Ranked
  offer: Offer
}

/** More than any list of functions holds. */
const RANKS = 4096
export const unslotted = ({ foot }: Footing, { stage }: Plan): 0 | 1 =>
  (foot === undefined ? stage.feet === 'none' : foot.slot !== undefined) ? 0 : 1

/** The order of `compareVariants` up to narrowing, on one machine. */
export const keyOf = (stitchAs: Ranked, footAs: Ranked, worse: 0 | 1, narrowed: 0 | 1): number => {
  const costs = stitchAs.tradeOff !== undefined || footAs.tradeOff !== undefined ? 1 : 0
  return ((costs * RANKS + stitchAs.rank) * RANKS + footAs.rank) * 4 + worse * 2 + narrowed
}

export const choiceOf = (known: KnownStitch, stitchAs: Ranked, offer: Offer): Choice => {
  const { foot, fit } = offer.footing
  return { known, stitchAs, offer, stitch: known.stitch, foot, evidence: fit?.evidence ?? 'book', proved: 0 }
}

export const hasTradeOff = ({ stitchAs, offer }: Choice): boolean =>
  stitchAs.tradeOff !== undefined || offer.footAs.tradeOff !== undefined

export const costlyReason = (technique: Id, method: Method, chosen: readonly Choice[]): Reason => ({
  code: 'methodHasTradeOff',
  technique,
  method: method.id,
  stages: chosen.flatMap((choice, i) => (hasTradeOff(choice) ? [(method.stages[i] as Stage).id] : [])),
  costs: costsOf(chosen.map(({ stitchAs, offer: { footAs } }) => ({ stitchAs, footAs }))),
})

/** The order of `compareVariants`. */
export const compareChoices = (a: Choice, b: Choice): number =>
  a.offer.key - b.offer.key ||
  compareNamed(a.offer.named, b.offer.named) ||
  a.offer.way.chain - b.offer.way.chain ||
  EVIDENCE_RANK[a.evidence] - EVIDENCE_RANK[b.evidence] ||
  a.known.place - b.known.place ||
  compareIds([a.foot?.id ?? ''], [b.foot?.id ?? '']) ||
  a.offer.way.order - b.offer.way.order ||
  a.offer.way.plateOrder - b.offer.way.plateOrder

/** Fewest to get, then as purchases are compared; nothing is on a shelf. */
export const compareOffers = (a: Offer, b: Offer): number => {
  const fewer = a.need.length - b.need.length || a.key - b.key
  if (fewer !== 0) return fewer
  if (a.price !== b.price) return a.price < b.price ? -1 : 1
  return compareIds(a.need, b.need)
}

/** The better of what there is and another offer. */
export const betterToGet = (best: Choice | undefined, known: KnownStitch, stitchAs: Ranked, offer: Offer): Choice => {
  const fewer = best ? compareOffers(offer, best.offer) : -1
  if (best && fewer > 0) return best
  const choice = choiceOf(known, stitchAs, offer)
  return best && fewer === 0 && compareChoices(choice, best) >= 0 ? best : choice
}
