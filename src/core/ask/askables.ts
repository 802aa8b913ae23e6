/**
 * What a line may name: the catalogue's models, techniques and fabrics, the shop's customers, troubles, learned words.
 */
import type { CatalogueIndex } from '../catalogue/index'
import type { Id, Kind } from '../catalogue/types'
import type { Trouble } from '../desk/troubleTypes'
import type { Askable, AskKind } from './askIndex'
import { stem, wordsOf } from './words'

/** What people say for the words of a catalogue. */
export interface AskVocabulary {
  /** Words that mean one thing. */
  same: readonly (readonly string[])[]
  /** What a fabric is called: `named`, words of which its name in the catalogue has one. */
  fabrics: readonly { named: readonly string[]; also: readonly string[] }[]
  /** What every machine of a kind is called. */
  kinds: Partial<Record<Kind, readonly string[]>>
}

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
  vocabulary: AskVocabulary,
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
  const heads = [...index.techniques.values()].flatMap(({ name }) => headOf(name))
  const ownHead = (name: string) => headOf(name).filter((head) => heads.filter((other) => other === head).length === 1)
  const faults = new Map<Id, Askable>()
  for (const technique of index.techniques.values())
    for (const method of technique.methods)
      for (const stage of method.stages)
        for (const fault of stage.faults) {
          const id = faultId(technique.id, fault.id)
          if (!faults.has(id))
            faults.set(id, {
              ...made('trouble', id, `${fault.name} (${technique.name.toLowerCase()})`, [fault.name]),
              of: technique.id,
            })
        }
  return [
    ...[...index.models.values()].map(({ id, name, make, kind, aliases = [] }) => ({
      ...made('model', id, name, [`${index.makes.get(make)?.name ?? make} ${name}`, ...aliases]),
      kindWords: vocabulary.kinds[kind] ?? [],
    })),
    ...customers.map(({ id, name }) => made('customer', id, name)),
    ...[...index.techniques.values()].map(({ id, name, aliases = [] }) =>
      made('technique', id, name, [...ownHead(name), ...aliases]),
    ),
    ...troubles.map(({ id, name, words }) => made('trouble', id, name, words)),
    ...faults.values(),
    ...[...index.fabrics.values()].map(({ id, name }) => made('fabric', id, name, everyday(name, vocabulary))),
  ]
}

/** "Binding" of "Binding by machine": what stands before how it is done. */
const headOf = (name: string): string[] => {
  const [head = '', ...rest] = name.split(/,|\s(?:in|with|by|on|of|for)\s/)
  return rest.length > 0 ? [head] : []
}

/** What is said at home for a fabric of that name. */
const everyday = (name: string, { fabrics }: AskVocabulary): string[] => {
  const own = new Set(wordsOf(name).map(stem))
  const names = (phrase: string) => wordsOf(phrase).every((word) => own.has(stem(word)))
  return fabrics.flatMap(({ named, also }) => (named.some(names) ? also : []))
}
