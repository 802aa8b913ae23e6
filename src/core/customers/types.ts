/** People who bought from the shop, what they sew on and what they own. */
import type { Id } from '../catalogue/types'

/** A physical machine. */
export interface Machine {
  model: Id
  serial?: string
  /** ISO date. */
  bought?: string
}

export interface Customer {
  id: Id
  name: string
  phone?: string
  email?: string
  note?: string
  machines: Machine[]
  /** Beside what came with the machines. */
  owns: Id[]
}

/** How many machines of each model customers have. */
export const machinesByModel = (customers: readonly Pick<Customer, 'machines'>[]): Map<Id, number> => {
  const count = new Map<Id, number>()
  for (const { machines } of customers) for (const { model } of machines) count.set(model, (count.get(model) ?? 0) + 1)
  return count
}
