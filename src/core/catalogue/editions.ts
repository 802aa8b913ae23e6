/** A new edition of a shipped technique beside what a shop has made of it: what it brings, taken whole or in parts. */
import { sameValue } from './sameValue'
import type { Method, Technique } from './types'

/** What can be taken by itself: the facts of the technique, or one of its methods. */
export interface EditionPart {
  /** `facts`, or `method:` with its id. */
  id: string
  is: 'added' | 'changed'
  /** Undefined where the shop has no such method. */
  own: Partial<Technique> | Method | undefined
  shipped: Partial<Technique> | Method
}

const FACTS = 'facts'
const idOf = ({ id }: Method): string => `method:${id}`
const factsOf = ({ methods: _, ...facts }: Technique): Partial<Technique> => facts

/** Where the edition differs; what only the shop has stays and is not told. */
export const editionParts = (own: Technique, shipped: Technique): EditionPart[] => {
  const [facts, shippedFacts] = [factsOf(own), factsOf(shipped)]
  const methods = shipped.methods.flatMap((method): EditionPart[] => {
    const had = own.methods.find(({ id }) => id === method.id)
    if (sameValue(had, method)) return []
    return [{ id: idOf(method), is: had ? 'changed' : 'added', own: had, shipped: method }]
  })
  return sameValue(facts, shippedFacts)
    ? methods
    : [{ id: FACTS, is: 'changed', own: facts, shipped: shippedFacts }, ...methods]
}

/** The shop's technique with these parts of the edition; a new method stands after the one it follows there. */
export const withParts = (own: Technique, shipped: Technique, taken: ReadonlySet<string>): Technique => {
  const methods = [...own.methods]
  shipped.methods.forEach((method, rank) => {
    if (!taken.has(idOf(method))) return
    const at = methods.findIndex(({ id }) => id === method.id)
    if (at >= 0) methods[at] = method
    else methods.splice(placeAfter(methods, shipped.methods.slice(0, rank)), 0, method)
  })
  return { ...own, ...(taken.has(FACTS) ? factsOf(shipped) : {}), methods }
}

/** Just behind the last of these that is there; first where none is. */
const placeAfter = (methods: readonly Method[], before: readonly Method[]): number =>
  1 + methods.findLastIndex(({ id }) => before.some((one) => one.id === id))
