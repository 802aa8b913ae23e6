/** What a change to a class does, and what one more purchase of the shop would. */
import type { Id } from '../catalogue/types'
import { allocate, type Solver } from './allocate'
import type { ClassPlan, PlannedClass } from './plan'
import type { ReportProgress } from './types'

export interface PlanChange {
  ready: number
  bought: number
  lent: number
  /** Places of the seats that become ready, and that are not any more. */
  gained: number[]
  lost: number[]
  /** What seats are given anew, and what they are not given any more. */
  given: GivenThing[]
  taken: GivenThing[]
}

/** An item, or a machine of the shop. */
export interface GivenThing {
  seat: number
  item?: Id
  model?: Id
  how: 'loan' | 'buy'
}

export const isSameThing = (one: GivenThing, other: GivenThing): boolean =>
  one.seat === other.seat && one.item === other.item && one.model === other.model

/** Both plans have the same seats. */
export const changeBetween = (before: ClassPlan, after: ClassPlan): PlanChange => {
  const givenIn = ({ seats }: ClassPlan) =>
    seats.flatMap(({ loans, buys, machine }, seat): GivenThing[] => [
      ...loans.map((item) => ({ seat, item, how: 'loan' as const })),
      ...(machine === undefined ? [] : [{ seat, model: machine, how: 'loan' as const }]),
      ...buys.map((item) => ({ seat, item, how: 'buy' as const })),
    ])
  const without = (all: readonly GivenThing[], gone: readonly GivenThing[]) =>
    all.filter((one) => !gone.some((other) => isSameThing(one, other) && other.how === one.how))
  const turned = (from: ClassPlan, to: ClassPlan) =>
    to.seats.flatMap(({ ready }, seat) => (ready && !from.seats[seat]?.ready ? [seat] : []))
  return {
    ready: after.ready - before.ready,
    bought: after.bought - before.bought,
    lent: after.lent - before.lent,
    gained: turned(before, after),
    lost: turned(after, before),
    given: without(givenIn(after), givenIn(before)),
    taken: without(givenIn(before), givenIn(after)),
  }
}

export interface ClassPurchase {
  /** One more piece of it in what the shop lends; `model`: a machine. */
  item?: Id
  model?: Id
  /** More seats ready, and purchases that customers are spared. */
  ready: number
  spared: number
}

/**
 * What one more piece of each thing that seats need would change, the most useful first; without those that change
 * nothing.
 */
export const worthOfOneMore = async (
  { asked, plan, optionsOf }: PlannedClass,
  solve: Solver,
  reportProgress: ReportProgress = () => undefined,
): Promise<ClassPurchase[]> => {
  const { seats, techniques, loans, pins } = asked
  const [items, models] = [new Set<Id>(), new Set<Id>()]
  seats.forEach((_, s) =>
    techniques.forEach((__, t) =>
      optionsOf(s, t).forEach(({ need, machine }) => {
        need.forEach((id) => items.add(id))
        if (machine !== undefined) models.add(machine)
      }),
    ),
  )
  const candidates = [...[...items].sort().map((item) => ({ item })), ...[...models].sort().map((model) => ({ model }))]
  const worth: ClassPurchase[] = []
  for (const [done, more] of candidates.entries()) {
    await reportProgress(done, candidates.length)
    const found = await allocate(
      {
        seats: seats.length,
        techniques: techniques.length,
        optionsOf,
        loans: [...loans, { ...more, pieces: 1 }],
        pins,
      },
      solve,
      { aims: 2 },
    )
    if (!found) continue
    const [ready, spared] = [found.ready - plan.ready, plan.bought - found.bought]
    if (ready > 0 || (ready === 0 && spared > 0)) worth.push({ ...more, ready, spared })
  }
  return worth.sort(
    (a, b) =>
      b.ready - a.ready || b.spared - a.spared || (a.item ?? a.model ?? '').localeCompare(b.item ?? b.model ?? ''),
  )
}
