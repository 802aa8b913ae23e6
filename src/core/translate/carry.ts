/**
 * What becomes of a thing one owns when the machine changes: as it is, with an adapter, not at all, and what instead.
 */
import type { CatalogueIndex } from '../catalogue/index'
import type { Id, Item, Model } from '../catalogue/types'
import type { AnswerContext } from '../answer/explain'
import type { Reason } from '../answer/reasons'

export interface Carried {
  item: Id
  carries: 'asItIs' | 'withAdapter' | 'no' | 'unknown'
  /** The adapters it takes. */
  chain: Id[]
  /** Where it does not fit as it is: what does the same job on the new machine, what comes with it first. */
  instead: Id[]
  reasons: Reason[]
}

const MOST_INSTEAD = 3

export const carry = ({ index, fitOf }: AnswerContext, item: Item, to: Model): Carried => {
  const { fits, chains, reasons } = fitOf(item, to)
  const chain = chains[0] ?? []
  const carries = fits === 'yes' ? (chain.length === 0 ? 'asItIs' : 'withAdapter') : fits
  return {
    item: item.id,
    carries,
    chain,
    reasons,
    instead: carries === 'asItIs' ? [] : insteadOf({ index, fitOf }, item, to),
  }
}

/** Members of its family, else what is ranked for the same first job; what fits without an adapter. */
const insteadOf = ({ index, fitOf }: AnswerContext, item: Item, to: Model): Id[] => {
  const job = item.functions?.[0]
  const fitting = (other: Item) =>
    other.id !== item.id &&
    other.what === item.what &&
    fitOf(other, to).fits === 'yes' &&
    (fitOf(other, to).chains[0] ?? []).length === 0
  const all = [...index.items.values()]
  const family = item.family === undefined ? [] : all.filter((other) => other.family === item.family && fitting(other))
  const sameJob = job === undefined ? [] : all.filter((other) => other.functions?.includes(job) && fitting(other))
  const supplied = (other: Item) => (to.supplied.includes(other.id) ? 0 : 1)
  const rank = (other: Item) => other.functions?.indexOf(job ?? '') ?? 0
  const found = (family.length > 0 ? family : sameJob).sort(
    (a, b) =>
      supplied(a) - supplied(b) || rank(a) - rank(b) || compareKnown(a.price, b.price) || (a.id < b.id ? -1 : 1),
  )
  return found.slice(0, MOST_INSTEAD).map(({ id }) => id)
}

const compareKnown = (a: number | undefined, b: number | undefined): number =>
  a === b ? 0 : a === undefined ? 1 : b === undefined ? -1 : a - b

/** What a person has with a machine, in the catalogue's order: the things, not the packs they came in. */
export const hadThings = (index: CatalogueIndex, ids: ReadonlySet<Id>): Item[] =>
  [...index.items.values()].filter(({ id, contains }) => ids.has(id) && contains === undefined)
