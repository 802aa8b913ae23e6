/**
 * Questions for a plan that differ only in what things are called have the same moves: another foot in place of the
 * normal one, another figure in place of the machine's. Each such kin is searched for once.
 */
import { LRUCache } from 'lru-cache'
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import type { TakenMove } from './search'
import { ANY, UNKNOWN } from './positions'
import type { Defaults } from './rules'

export interface SearchInput {
  controls: Controls
  from: Readonly<Positions>
  goal: Readonly<Positions>
  defaults: Defaults
}

export type Search = (input: SearchInput) => TakenMove[] | undefined

/** A search that works each kin out once. `most`: kin that are remembered. */
export const memoizeSearch = (search: Search, most: number): Search => {
  const cache = new LRUCache<string, { named: TakenMove[] | undefined }>({ max: most })
  const contentOf = numbering(most)
  return (input) => {
    const { key, wordOf, nameOf } = canonicalForm(input, contentOf)
    const same = cache.get(key)
    if (same) return same.named?.map(({ control, to }) => ({ control, to: wordOf(control, to) }))
    const taken = search(input)
    cache.set(key, { named: taken?.map(({ control, to }) => ({ control, to: nameOf(control, to) })) })
    return taken
  }
}

/** A number for what a thing says: things that say the same have the same. */
const numbering = (most: number): ((thing: object) => number) => {
  const contents = new WeakMap<object, number>()
  const numbers = new LRUCache<string, number>({ max: most })
  let count = 0
  return (thing) => {
    const cached = contents.get(thing)
    if (cached !== undefined) return cached
    const text = JSON.stringify(thing)
    const number = numbers.get(text) ?? count++
    numbers.set(text, number)
    contents.set(thing, number)
    return number
  }
}

/** What the moves depend on as one text, and the way between words and the names that stand for them there. */
const canonicalForm = ({ controls, from, goal, defaults }: SearchInput, contentOf: (thing: object) => number) => {
  const rules = controls.rules.filter((rule) => 'needs' in rule || 'resets' in rule)
  const names = new Map<string, Map<string, string>>()
  const words = new Map<string, string>()
  for (const id of Object.keys(controls.controls)) {
    const listed = controls.controls[id]?.positions ?? []
    // Only an open control may stand at words that nobody listed.
    if (!listed.includes(ANY)) continue
    const named = new Map<string, string>()
    for (const stands of [from, goal, defaults]) {
      const word = stands[id]
      if (word === undefined || word === UNKNOWN || named.has(word) || listed.includes(word)) continue
      if (rules.some((rule) => speaksOf(rule, id, word))) continue
      const name = `${NAME}${named.size}`
      named.set(word, name)
      words.set(`${id}\n${name}`, word)
    }
    if (named.size > 0) names.set(id, named)
  }
  const nameOf = (control: string, word: string): string => names.get(control)?.get(word) ?? word
  const wordOf = (control: string, name: string): string => words.get(`${control}\n${name}`) ?? name
  const named = (stands: Readonly<Positions>): string =>
    Object.keys(stands)
      .flatMap((id) => (id in controls.controls ? [`${id}=${nameOf(id, stands[id] as string)}`] : []))
      .join('\n')
  const key = [contentOf(controls.controls), ...rules.map(contentOf), named(from), '', named(goal), '', named(defaults)]
  return { key: key.join('\n'), nameOf, wordOf }
}

/** Begins no word of a book. */
const NAME = '\u0000'

/** Whether a rule names this very word of the control. */
const speaksOf = (rule: ControlRule, control: string, word: string): boolean => {
  if ('needs' in rule) {
    const { for: of, needs } = rule
    return (of.control === control && (of.to === word || of.from === word)) || (needs[control]?.includes(word) ?? false)
  }
  if (!('resets' in rule)) return false
  const { after, resets } = rule
  return (after.control === control && after.to === word) || (resets !== 'stitchDefaults' && resets[control] === word)
}
