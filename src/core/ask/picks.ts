/** What was understood, as the picks of a card: a customer brings their machine and feet, a fault its technique. */
import type { Id } from '../catalogue/types'
import type { AskKind, Understood } from './ask'

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

/** `modelName`, `techniqueName`: of what follows from something else. */
export const picksFrom = (
  { taken, left }: Understood,
  owners: readonly Owner[],
  names: { model: (id: Id) => string; technique: (id: Id) => string },
): AskedPicks => {
  const picks: AskedPicks = { owned: [], left }
  for (const { kind, ...one } of taken) picks[kind] = one
  const owner = owners.find(({ id }) => id === picks.customer?.id)
  if (owner) picks.owned = [...owner.owns]
  const machines = [...new Set(owner?.machines.map(({ model }) => model) ?? [])]
  if (!picks.model && machines[0] !== undefined) {
    // Of several machines nobody knows which they sit at.
    const others = machines.slice(1).map((id) => ({ id, name: names.model(id) }))
    picks.model = {
      id: machines[0],
      name: names.model(machines[0]),
      sure: (picks.customer?.sure ?? false) && others.length === 0,
      others,
      from: 'customer',
    }
  }
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
  return picks
}
