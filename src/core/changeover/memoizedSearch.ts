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
  const saidBy = sayings(numbering(most))
  return (input) => {
    const { key, wordOf, nameOf } = canonicalForm(input, saidBy(input.controls))
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

/** What the moves depend on of controls and their rules. */
interface Said {
  /** The same for controls that say the same of moves. */
  key: string
  /** Only an open control may stand at words that nobody listed. */
  open: { id: string; listed: readonly string[] }[]
  /** Each control and word that a rule names. */
  named: ReadonlySet<string>
}

/** Found once for controls that are asked about again. */
const sayings = (contentOf: (thing: object) => number): ((controls: Controls) => Said) => {
  const known = new WeakMap<Controls, Said>()
  return (controls) => {
    const cached = known.get(controls)
    if (cached) return cached
    const rules = controls.rules.filter((rule) => 'needs' in rule || 'resets' in rule)
    const said = {
      key: [contentOf(controls.controls), ...rules.map(contentOf)].join(' '),
      open: Object.entries(controls.controls).flatMap(([id, { positions }]) =>
        positions.includes(ANY) ? [{ id, listed: positions }] : [],
      ),
      named: new Set(rules.flatMap(namedBy)),
    }
    known.set(controls, said)
    return said
  }
}

/** What the moves depend on as one text, and the way between words and the names that stand for them there. */
const canonicalForm = ({ controls, from, goal, defaults }: SearchInput, { key, open, named: spoken }: Said) => {
  const names = new Map<string, Map<string, string>>()
  const words = new Map<string, string>()
  for (const { id, listed } of open) {
    const named = new Map<string, string>()
    for (const stands of [from, goal, defaults]) {
      const word = stands[id]
      if (word === undefined || word === UNKNOWN || named.has(word) || listed.includes(word)) continue
      if (spoken.has(placed(id, word))) continue
      const name = `${NAME}${named.size}`
      named.set(word, name)
      words.set(placed(id, name), word)
    }
    if (named.size > 0) names.set(id, named)
  }
  const nameOf = (control: string, word: string): string => names.get(control)?.get(word) ?? word
  const wordOf = (control: string, name: string): string => words.get(placed(control, name)) ?? name
  const named = (stands: Readonly<Positions>): string => {
    let text = ''
    for (const id in stands) if (id in controls.controls) text += `${placed(id, nameOf(id, stands[id] as string))}\n`
    return text
  }
  return { key: `${key}\n${named(from)}\n${named(goal)}\n${named(defaults)}`, nameOf, wordOf }
}

/** Begins no word of a book. */
const NAME = '\u0000'

const placed = (control: string, word: string): string => `${control}=${word}`

/** Each control and word that a rule names. */
const namedBy = (rule: ControlRule): string[] => {
  if ('needs' in rule) {
    const { for: of, needs } = rule
    const moved = [of.to, of.from].flatMap((word) => (word === undefined ? [] : [placed(of.control, word)]))
    return [...moved, ...Object.entries(needs).flatMap(([id, allowed]) => allowed.map((word) => placed(id, word)))]
  }
  if (!('resets' in rule)) return []
  const { after, resets } = rule
  return [
    ...(after.to === undefined ? [] : [placed(after.control, after.to)]),
    ...(resets === 'stitchDefaults' ? [] : Object.entries(resets).map(([id, word]) => placed(id, word))),
  ]
}
