/** Names of what a class and its plan speak of. */
import type { CatalogueIndex } from '../catalogue/index'
import { Naming } from '../names/names'
import type { PlanChange } from './change'
import type { PlannedClass } from './plan'

export const nameClass = ({ index, asked, plan }: Pick<PlannedClass, 'index' | 'asked' | 'plan'>): Naming => {
  const naming = new Naming(index)
    .items([...asked.loans, ...asked.pins].map(({ item }) => item))
    .models(asked.loans.map(({ model }) => model))
  for (const { model, owns, out = [], back = [] } of asked.seats)
    naming.models([model, ...out, ...back]).items([...owns, ...out, ...back])
  for (const seat of plan.seats) {
    naming.models([seat.model, seat.machine]).items([...seat.loans, ...seat.buys, ...seat.short])
    seat.cells.forEach(({ toGet, method, chosen, reasons }, t) =>
      naming
        .items([...toGet, ...(chosen?.need ?? [])])
        .models([chosen?.machine])
        .methods(asked.techniques[t]?.technique ?? '', [method, chosen?.method])
        .reasons(reasons),
    )
  }
  return naming
}

export const nameChange = (index: CatalogueIndex, { given, taken }: PlanChange): Naming => {
  const things = [...given, ...taken]
  return new Naming(index).items(things.map(({ item }) => item)).models(things.map(({ model }) => model))
}
