/** What would close the gaps of a coverage, ranked by how much each closes. */
import type { CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import type { MissingFact, Reason } from '../answer/reasons'
import type { Decision } from './decide'

export interface CoveredCell {
  technique: Id
  model: Id
  decision: Decision
}

export type Closer =
  | { closes: 'buy'; item: Id }
  /** A model of which no stitch is known. */
  | { closes: 'chart'; model: Id }
  | { closes: 'state'; fact: MissingFact }

export interface Gap {
  closer: Closer
  /** Cells that this alone closes, or may close where a fact is missing. */
  cells: { technique: Id; model: Id }[]
  /** Cells for which it is one of several things to get. */
  partly: number
  /** Customers' machines of the models whose cells it closes. */
  machines: number
  /** Seats of classes to come that are taught such a cell on such a model. */
  seats: number
}

type Ranking = 'cells' | 'machines' | 'seats'

/** What stands behind the cells: customers' machines by model, booked seats by `seatKey`. */
export interface Behind {
  machines: ReadonlyMap<Id, number>
  seats: ReadonlyMap<string, number>
}

export const seatKey = (technique: Id, model: Id): string => `${technique} ${model}`

const keyOf = (closer: Closer): string =>
  closer.closes === 'buy'
    ? `buy ${closer.item}`
    : closer.closes === 'chart'
      ? `chart ${closer.model}`
      : `state ${closer.fact.of} ${closer.fact.id} ${closer.fact.key}`

/**
 * Most cells first, or most customers' machines, or most booked seats; of equals the cheaper purchase, then by id.
 */
export const gapsOf = (
  cells: readonly CoveredCell[],
  index: CatalogueIndex,
  behind: Behind = { machines: new Map(), seats: new Map() },
  by: Ranking = 'cells',
): Gap[] => {
  const gaps = new Map<string, Gap>()
  const gapOf = (closer: Closer): Gap => {
    const gap = gaps.get(keyOf(closer)) ?? { closer, cells: [], partly: 0, machines: 0, seats: 0 }
    gaps.set(keyOf(closer), gap)
    return gap
  }
  for (const { technique, model, decision } of cells) {
    const at = { technique, model }
    if (decision.verdict === 'needsItems') {
      for (const item of decision.toGet) {
        const gap = gapOf({ closes: 'buy', item })
        if (decision.toGet.length === 1) gap.cells.push(at)
        else gap.partly++
      }
    } else if (decision.verdict === 'notOnThisModel') {
      if (index.models.get(model)?.stitches.length === 0) gapOf({ closes: 'chart', model }).cells.push(at)
      else for (const fact of missingIn(decision.reason)) gapOf({ closes: 'state', fact }).cells.push(at)
    }
  }
  const price = ({ closer }: Gap): number =>
    closer.closes === 'buy' ? (index.items.get(closer.item)?.price ?? Infinity) : 0
  for (const gap of gaps.values()) {
    for (const model of new Set(gap.cells.map((cell) => cell.model))) gap.machines += behind.machines.get(model) ?? 0
    for (const { technique, model } of gap.cells) gap.seats += behind.seats.get(seatKey(technique, model)) ?? 0
  }
  return [...gaps.values()].sort(
    (a, b) =>
      (by === 'cells' ? 0 : b[by] - a[by]) ||
      b.cells.length - a.cells.length ||
      b.partly - a.partly ||
      (price(a) === price(b) ? 0 : price(a) - price(b)) ||
      (keyOf(a.closer) < keyOf(b.closer) ? -1 : 1),
  )
}

/** Facts that a refusal waits for. */
const missingIn = (reason: Reason | undefined): MissingFact[] => {
  if (!reason) return []
  if (reason.code === 'fitUnknown') return reason.missing
  return reason.code === 'methodStopped' ? missingIn(reason.stops) : []
}

export interface Cover {
  /** In the order they are bought. */
  steps: { items: Id[]; closes: number }[]
  closed: number
}

/**
 * The few purchases that close most, taken greedily: at each step the set of one cell's missing items that closes most
 * cells for each item bought. At most `most` items.
 */
export const greedyCover = (cells: readonly CoveredCell[], most: number): Cover => {
  const open = cells.filter(({ decision }) => decision.verdict === 'needsItems').map(({ decision }) => decision.toGet)
  const bought = new Set<Id>()
  const steps: Cover['steps'] = []
  const closes = (set: ReadonlySet<Id>) => open.filter((toGet) => toGet.every((id) => set.has(id))).length
  let closed = 0
  while (bought.size < most) {
    let best: { items: Id[]; gain: number } | undefined
    const offers = new Map(
      open.map((toGet) => [toGet.filter((id) => !bought.has(id)).join('\n'), toGet.filter((id) => !bought.has(id))]),
    )
    for (const items of offers.values()) {
      if (items.length === 0 || bought.size + items.length > most) continue
      const gain = closes(new Set([...bought, ...items])) - closed
      const better =
        best === undefined ||
        gain * best.items.length > best.gain * items.length ||
        (gain * best.items.length === best.gain * items.length && items.join() < best.items.join())
      if (better) best = { items, gain }
    }
    if (!best || best.gain === 0) break
    for (const id of best.items) bought.add(id)
    closed += best.gain
    steps.push({ items: best.items, closes: best.gain })
  }
  return { steps, closed }
}
