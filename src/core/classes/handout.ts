/**
 * What is put into hands: the educator's side-by-side sheet, what each brings, the room's spare kit, who holds what.
 */
import type { Reason } from '../answer/reasons'
import type { Setting, StageAnswer } from '../answer/types'
import type { Id, Model, Parameter } from '../catalogue/types'
import { withContents } from '../catalogue/index'
import { isReset } from '../changeover/machine'
import type { PlannedClass } from './plan'
import { orderTaught } from './runSheet'

export interface SideCell {
  select: string
  foot?: Id | undefined
  chain: Id[]
  plate?: Id | undefined
  needle: string
  /** Only what must be changed on the machine. */
  changes: { parameter: Parameter; shown: string }[]
  /** The one thing to watch; left out where nothing is cautioned. */
  watch?: Reason
}

export type SidePart = 'select' | 'foot' | 'plate' | 'needle' | 'changes'

export interface SideRow {
  technique: Id
  method: Id
  stage: Id
  /** By machine, in the order of the sheet's machines; undefined where it is not sewn so there. */
  cells: (SideCell | undefined)[]
  /** By machine: what is not as on most machines. */
  differs: SidePart[][]
}

export interface SideBySide {
  /** The machines in the room with the seats that have them. */
  machines: { model: Id; seats: number[] }[]
  rows: SideRow[]
}

export const sideBySide = ({ index, asked, plan, sewing }: PlannedClass): SideBySide => {
  const used = asked.seats.map((_, s) => new Set(asked.techniques.flatMap((__, t) => sewing.model(s, t)?.id ?? [])))
  const models = [...new Set(used.flatMap((ids) => [...ids]))].sort()
  const machines = models.map((model) => ({ model, seats: used.flatMap((ids, s) => (ids.has(model) ? [s] : [])) }))
  const rows = orderTaught(asked, plan).flatMap((t): SideRow[] => {
    const found = machines.map(({ model, seats }) =>
      seats.flatMap((s) => (sewing.model(s, t)?.id === model ? (sewing.at(s, t) ?? []) : [])),
    )
    const keys = [
      ...new Set(
        found.flat().flatMap(({ method, answer }) => answer.stages.map(({ stage }) => `${method.id} ${stage}`)),
      ),
    ]
    return keys.map((key): SideRow => {
      const [method, stage] = key.split(' ') as [Id, Id]
      const cells = found.map((sewn) => {
        const told = sewn.find((one) => one.method.id === method)?.answer.stages.find((one) => one.stage === stage)
        return told && cellOf(told, index.models.get(told.model)?.scales)
      })
      return { technique: asked.techniques[t]?.technique ?? '', method, stage, cells, differs: differing(cells) }
    })
  })
  return { machines, rows }
}

/** A value that the machine keeps stands wherever it was left: it is told even where the card has the book's. */
const cellOf = (
  { select, foot, chain, plate, needle, settings, cautions }: StageAnswer,
  scales: Model['scales'] | undefined,
): SideCell => ({
  select,
  foot,
  chain,
  plate,
  needle: `${needle.point} ${needle.size}`,
  changes: (Object.entries(settings) as [Parameter, Setting][]).flatMap(([parameter, { changed, value, shown }]) =>
    changed || (value !== 'absent' && value !== 'unstated' && !isReset(scales?.[parameter]))
      ? [{ parameter, shown }]
      : [],
  ),
  ...(cautions[0] ? { watch: cautions[0] } : {}),
})

const PARTS: SidePart[] = ['select', 'foot', 'plate', 'needle', 'changes']

/** Against what most machines have; where no two agree, all differ. */
const differing = (cells: readonly (SideCell | undefined)[]): SidePart[][] => {
  const said = (cell: SideCell, part: SidePart) =>
    JSON.stringify(part === 'foot' ? [cell.foot, cell.chain] : (cell[part] ?? null))
  const known = cells.flatMap((cell) => cell ?? [])
  const usual = (part: SidePart): string | undefined => {
    const count = new Map<string, number>()
    for (const cell of known) count.set(said(cell, part), (count.get(said(cell, part)) ?? 0) + 1)
    const [first] = [...count].sort(([, a], [, b]) => b - a)
    return first && (first[1] > 1 || known.length === 1) ? first[0] : undefined
  }
  const usuals = new Map(PARTS.map((part) => [part, usual(part)]))
  return cells.map((cell) => (cell ? PARTS.filter((part) => said(cell, part) !== usuals.get(part)) : []))
}

export interface BringList {
  seat: number
  model?: Id | undefined
  lent: boolean
  /** Of their own that the class uses: what came with the machine, and what they own beside. */
  supplied: Id[]
  owned: Id[]
  bobbin?: string | undefined
}

/** What each person brings; a lent machine brings its own. */
export const bringLists = ({ asked, plan, sewing, index }: PlannedClass): BringList[] =>
  asked.seats.map((seat, s): BringList => {
    const own = seat.model === undefined ? undefined : index.models.get(seat.model)
    const model = own ?? index.models.get(plan.seats[s]?.machine ?? '')
    const used = new Set(
      asked.techniques.flatMap((_, t) =>
        (sewing.at(s, t)?.answer.stages ?? []).flatMap(({ foot, chain, plate, accessories }) =>
          [foot, ...chain, plate, ...accessories].flatMap((id) => id ?? []),
        ),
      ),
    )
    const lent = own === undefined && model !== undefined
    const supplied = lent ? new Set<Id>() : withContents(model?.supplied ?? [], index.items)
    const owned = withContents(seat.owns, index.items)
    const ids = [...used].sort()
    return {
      seat: s,
      model: model?.id,
      lent,
      supplied: ids.filter((id) => supplied.has(id)),
      owned: ids.filter((id) => !supplied.has(id) && owned.has(id)),
      bobbin: model?.bobbin?.class,
    }
  })

/** One thing that is lent to a seat. */
export interface Loan {
  seat: number
  item?: Id
  model?: Id
  state: 'planned' | 'out' | 'back'
}

/** As planned, and whatever else was given out. */
export const loansOf = ({ asked, plan, index }: PlannedClass): Loan[] =>
  asked.seats.flatMap(({ out = [], back = [] }, seat) => {
    const { loans = [], machine } = plan.seats[seat] ?? {}
    const given = [...new Set([...(machine === undefined ? [] : [machine]), ...loans, ...out])]
    return given.map((id): Loan => {
      const state = back.includes(id) ? 'back' : out.includes(id) ? 'out' : 'planned'
      return { seat, ...(id === machine || !index.items.has(id) ? { model: id } : { item: id }), state }
    })
  })
