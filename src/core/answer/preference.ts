/**
 * In which order ways of working are preferred, what is got first, and which refusal tells most: once, for the whole
 * answer and for the coverage alike. (answers §3)
 */
import type { Id } from '../catalogue/types'
import { compareIds } from './order'
import type { Reason } from './reasons'
import type { FitEvidence } from './types'

/** An accepted function with its place in the ranking. */
export interface Ranked {
  rank: number
  function: string | undefined
  tradeOff: string | undefined
}

/** What a way of working is preferred by. */
export interface Preference {
  /** Trade-off, machine, ranks of stitch and foot, slot, narrowing, in one number: smaller is better. */
  key: number
  /** Place of the foot among those the book names for the stitch; undefined where it is none of them. */
  named: number | undefined
  /** Adapters. */
  chain: number
  evidence: FitEvidence
  /** Place of the stitch in its model. */
  place: number
  footId: Id
  /** Place of the fitting among the pair's own, and of the needle plate with it. */
  order: number
  plateOrder: number
}

/** More than any list of functions, or any person's machines, are. */
const RANKS = 4096
const TRADE_OFF = RANKS * RANKS * RANKS * 4

export interface Keyed {
  machine: number
  stitchAs: Ranked
  footAs: Ranked
  unslotted: boolean
  narrowed: boolean
}

/** `machine`, ranks: 0 to 4095. */
export const keyOf = ({ machine, stitchAs, footAs, unslotted, narrowed }: Keyed): number =>
  (costs({ stitchAs, footAs }) ? TRADE_OFF : 0) +
  ((machine * RANKS + stitchAs.rank) * RANKS + footAs.rank) * 4 +
  (unslotted ? 2 : 0) +
  (narrowed ? 1 : 0)

/** Whether something is lost by it. */
export const costs = ({ stitchAs, footAs }: Pick<Keyed, 'stitchAs' | 'footAs'>): boolean =>
  stitchAs.tradeOff !== undefined || footAs.tradeOff !== undefined

export const keyCosts = (key: number): boolean => key >= TRADE_OFF

/** What is lost by the functions that are taken, each thing once. */
export const costsOf = (taken: readonly Pick<Keyed, 'stitchAs' | 'footAs'>[]): string[] => [
  ...new Set(taken.flatMap(({ stitchAs, footAs }) => [stitchAs.tradeOff ?? [], footAs.tradeOff ?? []].flat())),
]

export const EVIDENCE_RANK: Record<FitEvidence, number> = { bench: 0, book: 1, workedOut: 2 }

/** The feet the book names before others, in its order. */
export const compareNamed = (a: number | undefined, b: number | undefined): number =>
  a === b ? 0 : a === undefined ? 1 : b === undefined ? -1 : a - b

/** The order of a stage's ways of working, and among one pair's the order in which they are tried. */
export const comparePreference = (a: Preference, b: Preference): number =>
  a.key - b.key ||
  compareNamed(a.named, b.named) ||
  a.chain - b.chain ||
  EVIDENCE_RANK[a.evidence] - EVIDENCE_RANK[b.evidence] ||
  a.place - b.place ||
  (a.footId === b.footId ? 0 : a.footId < b.footId ? -1 : 1) ||
  a.order - b.order ||
  a.plateOrder - b.plateOrder

/** Something to get for all stages of a method, with what each then takes. */
export interface Bid {
  /** Sorted. */
  need: Id[]
  /** Stage by stage. */
  keys: readonly number[]
  isOnShelf: boolean
  /** Minor units; infinite where any price is unknown. */
  price: number
}

/** Bids of as many things. */
export const compareBids = (a: Bid, b: Bid): number =>
  tradeOffs(a) - tradeOffs(b) ||
  compareKeys(a.keys, b.keys) ||
  Number(b.isOnShelf) - Number(a.isOnShelf) ||
  (a.price === b.price ? 0 : a.price - b.price) ||
  compareIds(a.need, b.need)

/** In how many stages something is lost. */
export const tradeOffs = ({ keys }: Pick<Bid, 'keys'>): number => {
  let sum = 0
  for (const key of keys) if (keyCosts(key)) sum++
  return sum
}

/** Stage by stage, whatever is lost in it. */
const compareKeys = (a: readonly number[], b: readonly number[]): number => {
  for (let i = 0; i < a.length; i++) {
    const difference = withoutCosts(a[i] as number) - withoutCosts(b[i] as number)
    if (difference !== 0) return difference
  }
  return 0
}

const withoutCosts = (key: number): number => (keyCosts(key) ? key - TRADE_OFF : key)

/** How near a pair came before it was refused, and how good it would have been. */
export interface Refused {
  /** Smaller is nearer. */
  nearness: number
  machine: number
  stitchRank: number
  footRank: number
}

/** The nearest tells most, then the best. */
export const compareRefused = (a: Refused, b: Refused): number =>
  a.nearness - b.nearness || a.machine - b.machine || a.stitchRank - b.stitchRank || a.footRank - b.footRank

/** How far from working a reason tells that a pair is; the smaller, the nearer. */
export const nearnessOf = ({ code }: Reason): number => NEARNESS[code] ?? 0

const NEARNESS: Partial<Record<Reason['code'], number>> = {
  functionMissing: 6,
  doesNotFitByRule: 5,
  doesNotFitStated: 4,
  lacksFeature: 3,
  fitUnknown: 2,
}
