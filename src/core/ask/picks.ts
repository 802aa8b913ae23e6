/** What was understood, as the picks of a card: a customer brings their machine and feet, a fault its technique. */
import type { Id } from '../catalogue/types'
import type { Understood } from './ask'
import type { AskKind } from './askIndex'

export interface AskedPick {
  id: Id
  name: string
  sure: boolean
  others: { id: Id; name: string }[]
  /** The words it was taken from; left out where it follows from something else. */
  words?: string[]
  from?: AskKind
}

export interface AskedPicks extends Partial<Record<AskKind, AskedPick>> {
  owned: Id[]
  left: string[]
}

export interface Owner {
  id: Id
  machines: readonly { model: Id }[]
  owns: readonly Id[]
}

/** What is known of what may follow from something else. */
export interface AskedNames {
  model: (id: Id) => string
  technique: (id: Id) => string
  /** Whether a machine can do a technique, or nobody knows that it cannot; in that fabric, else in any. */
  sews: (model: Id, technique: Id, fabric: Id | undefined) => boolean
}

export const picksFrom = ({ taken, left }: Understood, owners: readonly Owner[], names: AskedNames): AskedPicks => {
  const picks: AskedPicks = { owned: [], left }
  for (const { kind, ...one } of taken) picks[kind] = one
  const owner = owners.find(({ id }) => id === picks.customer?.id)
  if (owner) picks.owned = [...owner.owns]
  const technique = picks.trouble?.id.includes('.')
    ? picks.trouble.id.slice(0, picks.trouble.id.indexOf('.'))
    : undefined
  if (!picks.technique && technique !== undefined)
    picks.technique = {
      id: technique,
      name: names.technique(technique),
      sure: picks.trouble?.sure ?? false,
      others: [],
      from: 'trouble',
    }
  const machines = [...new Set(owner?.machines.map(({ model }) => model) ?? [])]
  const { model } = picks
  if (model && !model.sure && machines.length > 0) {
    const own = machines.filter((id) => id !== model.id && !model.others.some((other) => other.id === id))
    model.others = [...own.map((id) => ({ id, name: names.model(id) })), ...model.others]
  }
  if (!picks.model && machines.length > 0) {
    // Of several machines nobody knows which they sit at, unless only one of them can do it.
    const wanted = picks.technique?.sure ? picks.technique.id : undefined
    const fabric = picks.fabric?.sure ? picks.fabric.id : undefined
    const able = machines.filter((id) => wanted === undefined || names.sews(id, wanted, fabric))
    const [first, ...rest] = (able.length > 0 ? able : machines) as [Id, ...Id[]]
    picks.model = {
      id: first,
      name: names.model(first),
      sure: (picks.customer?.sure ?? false) && rest.length === 0,
      others: rest.map((id) => ({ id, name: names.model(id) })),
      from: 'customer',
    }
  }
  return picks
}
