/** Names of what a translation speaks of. */
import type { CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import { Naming } from '../names/names'
import type { Carried } from './carry'
import type { CardTranslation } from './translateCard'
import type { MachineTranslation } from './translateMachine'

export const nameCarried = (naming: Naming, items: readonly Carried[]): Naming => {
  for (const { item, chain, instead, reasons } of items) naming.items([item, ...chain, ...instead]).reasons(reasons)
  return naming
}

export const nameCards = (
  index: CatalogueIndex,
  technique: Id,
  { from, to, stages, items }: CardTranslation,
): Naming => {
  const naming = nameCarried(new Naming(index), items)
  for (const { model, method, toGet, reasons } of [from, to])
    naming.models([model]).methods(technique, [method]).items(toGet).reasons(reasons)
  for (const stage of stages.flatMap((pair) => [pair.from ?? [], pair.to ?? []].flat()))
    naming
      .models([stage.model])
      .functions([stage.function])
      .items([stage.foot, ...stage.chain])
  return naming
}

export const nameMachines = (index: CatalogueIndex, { from, to, stitches, items }: MachineTranslation): Naming =>
  nameCarried(new Naming(index), items)
    .models([from, to])
    .functions(stitches.map((stitch) => stitch.function))
