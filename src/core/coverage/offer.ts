/** A stitch with a foot, and what is to get for it. */
import type { Id, Method, Stage } from '../catalogue/types'
import {
  compareBids,
  comparePreference,
  costsOf,
  keyCosts,
  keyOf,
  type Bid,
  type Preference,
  type Ranked,
} from '../answer/preference'
import type { Reason } from '../answer/reasons'
import type { BriefStage } from './decide'
import type { PreparedStitch } from './prepared'
import type { Plan } from './plan'
import type { FootCandidate, PairingOption } from './pairings'

/** A foot with a way of working, and what it is compared by. */
export interface Offer extends Bid {
  candidate: FootCandidate
  footAs: Ranked
  /** Place among the feet the book names. */
  named: number | undefined
  option: PairingOption
  key: number
  /** What is said of it, once it was. */
  reason?: Reason
}

/** An offer with the stitch it is for. */
export interface Choice extends BriefStage, Preference {
  known: PreparedStitch
  stitchAs: Ranked
  offer: Offer
}

/** The key of a way of working on the one machine that is asked about. */
export const offerKey = (
  stitchAs: Ranked,
  footAs: Ranked,
  { foot }: FootCandidate,
  { stage }: Plan,
  narrowed: boolean,
): number => {
  const unslotted = foot === undefined ? stage.feet !== 'none' : foot.slot === undefined
  return keyOf({ machine: 0, stitchAs, footAs, unslotted, narrowed })
}

/** The least key that a stitch's function can have. */
export const leastKey = (stitchAs: Ranked, footAs: Ranked = UNRANKED, unslotted = false): number =>
  keyOf({ machine: 0, stitchAs, footAs, unslotted, narrowed: false })

const UNRANKED: Ranked = { rank: 0, function: undefined, tradeOff: undefined }

/** Of what is had in full. */
export const hadOffer = ({
  candidate,
  footAs,
  named,
  option,
  key,
}: Pick<Offer, 'candidate' | 'footAs' | 'named' | 'option' | 'key'>): Offer => ({
  candidate,
  footAs,
  named,
  option,
  key,
  keys: NOTHING,
  need: NOTHING,
  isOnShelf: true,
  price: 0,
})

const NOTHING: never[] = []

export const choiceOf = (known: PreparedStitch, stitchAs: Ranked, offer: Offer): Choice => {
  const { foot, fit } = offer.candidate
  const { key, named, option } = offer
  return {
    known,
    stitchAs,
    offer,
    stitch: known.stitch,
    foot,
    evidence: fit?.evidence ?? 'book',
    proved: 0,
    key,
    named,
    chain: option.chain,
    place: known.place,
    footId: foot?.id ?? '',
    order: option.order,
    plateOrder: option.plateOrder,
  }
}

export const hasTradeOff = ({ key }: Choice): boolean => keyCosts(key)

export const costlyReason = (technique: Id, method: Method, chosen: readonly Choice[]): Reason => ({
  code: 'methodHasTradeOff',
  technique,
  method: method.id,
  stages: chosen.flatMap((choice, i) => (hasTradeOff(choice) ? [(method.stages[i] as Stage).id] : [])),
  costs: costsOf(chosen.map(({ stitchAs, offer: { footAs } }) => ({ stitchAs, footAs }))),
})

/** The fewest to get, then the best of them. */
export const compareOffers = (a: Offer, b: Offer): number => a.need.length - b.need.length || compareBids(a, b)

/** The better of what there is and another offer. */
export const betterToGet = (
  best: Choice | undefined,
  known: PreparedStitch,
  stitchAs: Ranked,
  offer: Offer,
): Choice => {
  const fewer = best ? compareOffers(offer, best.offer) : -1
  if (best && fewer > 0) return best
  const choice = choiceOf(known, stitchAs, offer)
  return best && fewer === 0 && comparePreference(choice, best) >= 0 ? best : choice
}
