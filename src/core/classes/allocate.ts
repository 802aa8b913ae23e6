/**
 * Who is lent what and who buys what: the most seats ready, then the least bought, then the fewest loans, then the
 * best-ranked ways. A small integer programme, solved one aim after the other by whatever solver is given.
 */
import type { Id } from '../catalogue/types'
import type { LoanStock, SeatOption, SeatOptionsOf, ReportProgress, Pin } from './types'

export interface AllocationInput {
  seats: number
  techniques: number
  optionsOf: SeatOptionsOf
  loans: readonly LoanStock[]
  pins: readonly Pin[]
}

export interface Programme {
  /** Binary variables, by name. */
  names: string[]
  /** Each: sum of coefficient × variable, compared with a number. */
  rows: { terms: Record<string, number>; is: '<=' | '>=' | '='; value: number }[]
}

/** Maximises the terms over 0/1 values of all names; undefined where no values meet the rows. */
export type Solver = (
  programme: Programme,
  maximise: Record<string, number>,
) => Promise<{ value: number; on: Set<string> } | undefined>

export interface SeatPlan {
  ready: boolean
  machine?: Id | undefined
  loans: Id[]
  buys: Id[]
  /** By technique; undefined where the seat is not made ready. */
  chosen: (SeatOption | undefined)[]
}

export interface Allocation {
  seats: SeatPlan[]
  ready: number
  bought: number
  lent: number
}

/**
 * Undefined where the pins cannot all be kept: more of a piece is pinned than the shop has. `aims`: only the first of
 * them.
 */
export const allocate = async (
  input: AllocationInput,
  solve: Solver,
  { reportProgress = () => undefined, aims: most = 4 }: { reportProgress?: ReportProgress; aims?: number } = {},
): Promise<Allocation | undefined> => {
  const programme = programmeOf(input)
  const aims = aimsOf(input, programme).slice(0, most)
  // The last aim that is solved also says how.
  const sure = aims.slice(1).some((aim) => Object.keys(aim).length > 0) ? surelyReady(input) : undefined
  let solution: Awaited<ReturnType<Solver>>
  const rows = [...programme.rows]
  for (const [done, aim] of aims.entries()) {
    await reportProgress(done, aims.length)
    if (Object.keys(aim).length === 0) continue
    if (done === 0 && sure !== undefined) {
      rows.push({ terms: aim, is: '>=', value: sure })
      continue
    }
    solution = await solve({ ...programme, rows }, aim)
    if (!solution) return undefined
    rows.push({ terms: aim, is: '>=', value: solution.value })
  }
  const on = solution?.on ?? new Set<string>()
  const seats = Array.from({ length: input.seats }, (_, seat) => seatPlan(input, on, seat))
  const sum = (count: (plan: SeatPlan) => number) => seats.reduce((all, plan) => all + count(plan), 0)
  return {
    seats,
    ready: sum(({ ready }) => (ready ? 1 : 0)),
    bought: sum(({ buys }) => buys.length),
    lent: sum(({ loans, machine }) => loans.length + (machine === undefined ? 0 : 1)),
  }
}

/**
 * How many can be ready, where it needs no search: each seat has ways on its own machine for all that is taught, with
 * nothing in them that is pinned not to be had, so that buying is enough; or none at all for something.
 */
const surelyReady = ({ seats, techniques, optionsOf, pins }: AllocationInput): number | undefined => {
  let sure = 0
  for (let s = 0; s < seats; s++) {
    const refused = new Set(pins.flatMap(({ seat, item, how }) => (seat === s && how === 'not' ? [item] : [])))
    const ways = Array.from({ length: techniques }, (_, t) => optionsOf(s, t))
    if (ways.some((options) => options.length === 0)) continue
    const canBuy = ({ machine, need }: SeatOption) => machine === undefined && !need.some((id) => refused.has(id))
    if (!ways.every((options) => options.some(canBuy))) return undefined
    sure++
  }
  return sure
}

const ready = (seat: number) => `r${seat}`
const optionVariable = (seat: number, technique: number, option: number) => `x${seat}_${technique}_${option}`
const loan = (seat: number, item: number) => `l${seat}_${item}`
const buy = (seat: number, item: number) => `b${seat}_${item}`
const lent = (seat: number, model: number) => `m${seat}_${model}`

interface Named {
  items: Id[]
  models: Id[]
}

const namedIn = ({ seats, techniques, optionsOf, pins }: AllocationInput): Named => {
  const items = new Set(pins.map(({ item }) => item))
  const models = new Set<Id>()
  for (let s = 0; s < seats; s++)
    for (let t = 0; t < techniques; t++)
      for (const { need, machine } of optionsOf(s, t)) {
        need.forEach((id) => items.add(id))
        if (machine !== undefined) models.add(machine)
      }
  return { items: [...items].sort(), models: [...models].sort() }
}

const programmeOf = (input: AllocationInput): Programme & Named => {
  const { seats, techniques, optionsOf, loans, pins } = input
  const { items, models } = namedIn(input)
  const names: string[] = []
  const rows: Programme['rows'] = []
  const pieces = (of: (stock: LoanStock) => boolean) => loans.filter(of).reduce((sum, stock) => sum + stock.pieces, 0)
  for (let s = 0; s < seats; s++) {
    names.push(ready(s))
    items.forEach((_, i) => {
      names.push(loan(s, i), buy(s, i))
      rows.push({ terms: { [loan(s, i)]: 1, [buy(s, i)]: 1 }, is: '<=', value: 1 })
    })
    models.forEach((_, m) => names.push(lent(s, m)))
    if (models.length > 0)
      rows.push({ terms: Object.fromEntries(models.map((_, m) => [lent(s, m), 1])), is: '<=', value: 1 })
    for (let t = 0; t < techniques; t++) {
      const options = optionsOf(s, t)
      options.forEach(({ need, machine }, o) => {
        names.push(optionVariable(s, t, o))
        for (const id of need)
          rows.push({
            terms: { [optionVariable(s, t, o)]: 1, [loan(s, items.indexOf(id))]: -1, [buy(s, items.indexOf(id))]: -1 },
            is: '<=',
            value: 0,
          })
        if (machine !== undefined)
          rows.push({
            terms: { [optionVariable(s, t, o)]: 1, [lent(s, models.indexOf(machine))]: -1 },
            is: '<=',
            value: 0,
          })
      })
      // Ready only with one way for each technique; no way is counted that is not needed.
      rows.push({
        terms: { [ready(s)]: 1, ...Object.fromEntries(options.map((_, o) => [optionVariable(s, t, o), -1])) },
        is: '=',
        value: 0,
      })
    }
  }
  items.forEach((id, i) =>
    rows.push({
      terms: Object.fromEntries(Array.from({ length: seats }, (_, s) => [loan(s, i), 1])),
      is: '<=',
      value: pieces(({ item }) => item === id),
    }),
  )
  models.forEach((id, m) =>
    rows.push({
      terms: Object.fromEntries(Array.from({ length: seats }, (_, s) => [lent(s, m), 1])),
      is: '<=',
      value: pieces(({ model }) => model === id),
    }),
  )
  for (const { seat, item, how } of pins) {
    const i = items.indexOf(item)
    rows.push({ terms: { [loan(seat, i)]: 1 }, is: '=', value: how === 'loan' ? 1 : 0 })
    rows.push({ terms: { [buy(seat, i)]: 1 }, is: '=', value: how === 'buy' ? 1 : 0 })
  }
  return { names, rows, items, models }
}

/** Most ready, least bought, fewest loans, best-ranked ways: each maximised in its turn. */
const aimsOf = (
  { seats, techniques, optionsOf }: AllocationInput,
  { items, models }: Named,
): Record<string, number>[] => {
  const each = Array.from({ length: seats }, (_, s) => s)
  const ranks: Record<string, number> = {}
  for (const s of each)
    for (let t = 0; t < techniques; t++)
      optionsOf(s, t).forEach(({ rank }, o) => {
        if (rank !== 0) ranks[optionVariable(s, t, o)] = -rank
      })
  return [
    Object.fromEntries(each.map((s) => [ready(s), 1])),
    Object.fromEntries(each.flatMap((s) => items.map((_, i) => [buy(s, i), -1]))),
    Object.fromEntries(
      each.flatMap((s) => [
        ...items.map((_, i) => [loan(s, i), -1] as const),
        ...models.map((_, m) => [lent(s, m), -1] as const),
      ]),
    ),
    ranks,
  ]
}

const seatPlan = (input: AllocationInput, on: ReadonlySet<string>, seat: number): SeatPlan => {
  const { items, models } = namedIn(input)
  const isReady = on.has(ready(seat))
  return {
    ready: isReady,
    machine: models.find((_, m) => on.has(lent(seat, m))),
    loans: items.filter((_, i) => on.has(loan(seat, i))),
    buys: items.filter((_, i) => on.has(buy(seat, i))),
    chosen: Array.from({ length: input.techniques }, (_, t) =>
      isReady ? input.optionsOf(seat, t).find((_, o) => on.has(optionVariable(seat, t, o))) : undefined,
    ),
  }
}
