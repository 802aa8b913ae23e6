/** The smallest set of items to get with which every stage of a method works. (answers §3, "What is to get") */
import { withContents, type CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import type { Variant } from './pair'
import { compareBids, type Bid } from './preference'

export interface Purchase {
  /** Sorted; empty where nothing is to get. */
  toGet: Id[]
  /** The best variant of each stage once these are had. */
  chosen: Variant[]
}

export interface PurchaseInput {
  index: CatalogueIndex
  /** Per stage, best first; none empty. */
  stages: readonly (readonly Variant[])[]
  stock: ReadonlySet<Id>
}

/** Undefined where no set of purchases makes every stage work. */
export const bestPurchase = ({ index, stages, stock }: PurchaseInput): Purchase | undefined => {
  for (const count of counting(stages)) {
    const purchases = [...setsOfSize(count, stages, index).values()]
      .map((toGet) => withChoice(toGet, stages, index))
      .filter((purchase) => purchase !== undefined)
      .filter(buysNoIdlePlate(index))
    const best = purchases
      .map((purchase) => ({ purchase, bid: bidOf(purchase, index, stock) }))
      .reduce<Bidder | undefined>((a, b) => (a && compareBids(a.bid, b.bid) <= 0 ? a : b), undefined)
    if (best) return best.purchase
  }
  return undefined
}

interface Bidder {
  purchase: Purchase
  bid: Bid
}

/** Set sizes to try: up to what getting everything for the neediest variant of each stage would take. */
const counting = (stages: readonly (readonly Variant[])[]): number[] => {
  const most = stages
    .map((variants) => Math.max(0, ...variants.map(({ need }) => need.length)))
    .reduce((sum, most) => sum + most, 0)
  return Array.from({ length: most + 1 }, (_, count) => count)
}

/** The first variant of each stage that is had in full once `toGet` is. */
const withChoice = (
  toGet: Id[],
  stages: readonly (readonly Variant[])[],
  index: CatalogueIndex,
): Purchase | undefined => {
  const got = withContents(toGet, index.items)
  const chosen: Variant[] = []
  for (const variants of stages) {
    const variant = variants.find(({ need }) => need.every((id) => got.has(id)))
    if (!variant) return undefined
    chosen.push(variant)
  }
  return { toGet, chosen }
}

/**
 * Every set of this size with which all stages work. Stage by stage one of its needs is taken as a whole, each missing
 * item bought alone or in a pack; a set of the smallest size holds nothing that no need asks for, so none is missed.
 */
const setsOfSize = (
  count: number,
  stages: readonly (readonly Variant[])[],
  index: CatalogueIndex,
): Map<string, Id[]> => {
  const found = new Map<string, Id[]>()
  const needs = stages.map(leastNeeds)
  const visited = new Set<string>()
  const extend = (bought: readonly Id[]): void => {
    const key = [...bought].sort().join('\n')
    if (visited.has(key)) return
    visited.add(key)
    const got = withContents(bought, index.items)
    const open = needs.find((ofStage) => !ofStage.some((need) => need.every((id) => got.has(id))))
    if (open) for (const need of open) meet(need, bought)
    else if (bought.length === count) found.set(key, [...bought].sort())
  }
  const meet = (need: readonly Id[], bought: readonly Id[]): void => {
    const got = withContents(bought, index.items)
    const missing = need.filter((id) => !got.has(id))
    const [first] = missing
    if (first === undefined) {
      extend(bought)
      return
    }
    const packs = index.packsOf.get(first) ?? []
    const singly = missing.every((id) => !index.packsOf.has(id))
    if (bought.length + (singly ? missing.length : 1) > count) return
    for (const offer of [first, ...packs]) meet(need, [...bought, offer])
  }
  extend([])
  return found
}

/** A stage's needs without those that ask for all that another asks for, and more. */
const leastNeeds = (variants: readonly Variant[]): (readonly Id[])[] => {
  const keyOf = (need: readonly Id[]) => (need.length > 1 ? [...need].sort().join('\n') : (need[0] ?? ''))
  const distinct = [...new Map(variants.map(({ need }) => [keyOf(need), need])).values()]
  const least: (readonly Id[])[] = []
  for (const need of distinct.sort((a, b) => a.length - b.length)) {
    if (!least.some((smaller) => smaller.every((id) => need.includes(id)))) least.push(need)
  }
  return least
}

/** Plates are got only because something fitted needs one. */
const buysNoIdlePlate =
  (index: CatalogueIndex) =>
  ({ toGet, chosen }: Purchase): boolean =>
    toGet.every(
      (id) =>
        index.items.get(id)?.what !== 'plate' ||
        chosen.some(({ plate, plateNeeded, fitting }) =>
          plate?.id === id ? plateNeeded : fitting.items.some((item) => item.id === id),
        ),
    )

const bidOf = ({ toGet, chosen }: Purchase, index: CatalogueIndex, stock: ReadonlySet<Id>): Bid => ({
  need: toGet,
  keys: chosen.map(({ preference }) => preference.key),
  isOnShelf: toGet.every((id) => stock.has(id)),
  price: priceOf(toGet, index),
})

/** Minor units; infinite where any price is unknown. */
export const priceOf = (need: readonly Id[], { items }: CatalogueIndex): number =>
  need.reduce((sum, id) => sum + (items.get(id)?.price ?? Infinity), 0)
