/** What an engine works with: stages on alike models, and the feet that come into question. */
import type { Item, Stage } from '../catalogue/types'
import type { AnswerContext } from '../answer/explain'
import type { Ranked } from '../answer/preference'
import type { Offer } from './offer'
import type { FootCandidate, StageStitch } from './pairings'

/** The catalogue as it is now, for all parts of an engine. */
export interface Source {
  answering: AnswerContext
}

/** A function that is accepted, with its number. */
export interface Listed extends Ranked {
  number: number
}

/** A stage on all models of one number. */
export interface Plan {
  stage: Stage
  runs: boolean
  stitches: readonly Listed[]
  feet: readonly Listed[]
  /** Equal for plans that take the same feet. */
  feetNumber: number
  /** By the stitch's number. */
  stageStitches: StageStitch[]
  /** By the number of the place. */
  toGet: ToGet[]
  /** By the number of the place: all listed feet, fitting or not. */
  all: FootChoice[][]
}

/** What could be got for a plan at a place. */
export interface ToGet {
  from: FeetToGet
  /** The best foot to get for a stitch, by the stitch's number and its function's rank. */
  best: Map<number, Offer | undefined>[]
  /** The same of a list of stitches, by the list's number, where none of them has to do with these feet. */
  bestOfList: Map<number, ListOffer | undefined>[]
}

export interface FeetToGet {
  /** Best first, whatever stitch they are for. */
  groups: FootGroup[]
  feet: ReadonlySet<Item>
  /** Something that could be got comes in packs too. */
  packed: boolean
}

/** An offer for the stitch at a place in its list. */
export interface ListOffer {
  at: number
  offer: Offer
}

/** Feet that fit, alike in function, in whether their slot is stated and in how many adapters are to get with them. */
export interface FootGroup {
  as: Ranked
  unslotted: boolean
  adapters: number
  /** Cheapest first, then by id. */
  feet: { candidate: FootCandidate; foot: Item; price: number }[]
}

/** A foot for a function. */
export interface FootChoice {
  candidate: FootCandidate
  as: Ranked
}
