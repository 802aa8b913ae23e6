/**
 * The order techniques are taught in: what must come first comes first, and the room waits least. At each change all
 * wait for the slowest seat; of equals the one with the least work for all seats together. Exact over all subsets.
 */
export interface OrderInput {
  techniques: number
  /** For each technique, those that must come before it. */
  after: readonly (readonly number[])[]
  /** Seconds of a seat's changeover to `next`; `from` undefined: from normal sewing. */
  seconds: (seat: number, from: number | undefined, next: number) => number
  seats: number
}

export interface TeachingOrder {
  order: number[]
  /** Seconds the room waits, over all changes. */
  waits: number
  /** Seconds of all seats together. */
  work: number
}

/** As many as are searched in full. */
export const MOST_TECHNIQUES = 10

interface Best {
  waits: number
  work: number
  order: number[]
}

/** Undefined where what must come first goes in a circle. Throws `RangeError` beyond `MOST_TECHNIQUES`. */
export const teachingOrder = ({ techniques, after, seconds, seats }: OrderInput): TeachingOrder | undefined => {
  if (techniques > MOST_TECHNIQUES) throw new RangeError(`at most ${MOST_TECHNIQUES} techniques are put in order`)
  const costs = new Map<string, { waits: number; work: number }>()
  const cost = (from: number | undefined, next: number) => {
    const key = `${from ?? '-'} ${next}`
    let cost = costs.get(key)
    if (!cost) {
      const each = Array.from({ length: seats }, (_, seat) => seconds(seat, from, next))
      cost = { waits: Math.max(0, ...each), work: each.reduce((sum, one) => sum + one, 0) }
      costs.set(key, cost)
    }
    return cost
  }
  const full = 2 ** techniques - 1
  // By the set that is taught and its last technique.
  const best = new Map<number, (Best | undefined)[]>([[0, [{ waits: 0, work: 0, order: [] }]]])
  for (let taught = 0; taught < full; taught++) {
    for (const now of best.get(taught) ?? []) {
      if (!now) continue
      for (let next = 0; next < techniques; next++) {
        if ((taught >> next) & 1 || !(after[next] ?? []).every((first) => (taught >> first) & 1)) continue
        const { waits, work } = cost(now.order.at(-1), next)
        const then: Best = { waits: now.waits + waits, work: now.work + work, order: [...now.order, next] }
        const set = taught | (1 << next)
        const list = best.get(set) ?? []
        const shortest = list[next]
        if (!shortest || before(then, shortest)) list[next] = then
        best.set(set, list)
      }
    }
  }
  return (best.get(full) ?? []).reduce<Best | undefined>(
    (least, one) => (one && (!least || before(one, least)) ? one : least),
    undefined,
  )
}

/** Waits first, then work, then as listed. */
const before = (a: Best, b: Best): boolean => {
  if (a.waits !== b.waits) return a.waits < b.waits
  if (a.work !== b.work) return a.work < b.work
  return a.order.join() < b.order.join()
}
