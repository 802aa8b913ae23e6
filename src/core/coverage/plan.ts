/** What a sweep works with: stages on alike models, and the feet that come into question. */
import type { Item, Stage } from '../catalogue/types'
import type { Answering } from '../answer/explain'
import type { Ranked } from '../answer/pair'
import type { Reason } from '../answer/reasons'
import type { Offer } from './offer'
import type { Footing, Sewn } from './ways'

/** The catalogue as it is now, for all parts of a sweep. */
export interface Source {
  answering: Answering
}

/** A stage on all models of one number. */
export interface Plan {
  stage: Stage
  runs: boolean
  stitches: readonly Ranked[]
  feet: readonly Ranked[]
  /** By the stitch's number. */
  sewn: Sewn[]
  /** By the number of the place. */
  toGet: FeetToGet[]
  /** By the number of the place: all listed feet, fitting or not. */
  all: Seat[][]
  /** Said of every cell with a trade-off here. */
  costly: Reason
}

export interface FeetToGet {
  /** Best first, whatever stitch they are for. */
  groups: FootGroup[]
  feet: ReadonlySet<Item>
  /** Something that could be got comes in packs too. */
  packed: boolean
  /** The best foot to get for a stitch, by the stitch's number and its function's rank. */
  best: Map<number, Offer | undefined>[]
}

/** Feet that fit, alike in function, in whether their slot is stated and in how many adapters are to get with them. */
export interface FootGroup {
  as: Ranked
  unslotted: 0 | 1
  adapters: number
  /** Cheapest first, then by id. */
  feet: { footing: Footing; foot: Item; price: number }[]
}

/** A foot for a function. */
export interface Seat {
  footing: Footing
  as: Ranked
}
