/**
 * What a line may name: the catalogue's models, techniques and fabrics, the shop's customers, troubles, learned words.
 */
import type { CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import type { Trouble } from '../desk/troubleTypes'
import type { Askable, AskKind } from './ask'

/** A word somebody of the shop has confirmed. */
export interface Learned {
  kind: AskKind
  of: Id
  words: string
}

/** A fault of a technique, as a trouble. */
export const faultId = (technique: Id, fault: Id): Id => `${technique}.${fault}`

export const askablesOf = (
  index: CatalogueIndex,
  customers: readonly { id: Id; name: string }[],
  learned: readonly Learned[],
  troubles: readonly Trouble[],
): Askable[] => {
  const also = (kind: AskKind, id: Id, words: readonly string[]): string[] => [
    ...words,
    ...learned.filter((one) => one.kind === kind && one.of === id).map((one) => one.words),
  ]
  const made = (kind: AskKind, id: Id, name: string, words: readonly string[] = []): Askable => ({
    kind,
    id,
    name,
    also: also(kind, id, words),
  })
  const faults = new Map<Id, Askable>()
  for (const technique of index.techniques.values())
    for (const method of technique.methods)
      for (const stage of method.stages)
        for (const fault of stage.faults) {
          const id = faultId(technique.id, fault.id)
          if (!faults.has(id))
            faults.set(
              id,
              made('trouble', id, `${fault.name} (${technique.name.toLowerCase()})`, [
                `${technique.name} ${fault.name}`,
              ]),
            )
        }
  return [
    ...[...index.models.values()].map(({ id, name, make, aliases = [] }) =>
      made('model', id, name, [`${index.makes.get(make)?.name ?? make} ${name}`, ...aliases]),
    ),
    ...customers.map(({ id, name }) => made('customer', id, name)),
    ...[...index.techniques.values()].map(({ id, name, aliases = [] }) => made('technique', id, name, aliases)),
    ...troubles.map(({ id, name, words }) => made('trouble', id, name, words)),
    ...faults.values(),
    ...[...index.fabrics.values()].map(({ id, name }) => made('fabric', id, name)),
  ]
}
