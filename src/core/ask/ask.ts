/**
 * One line of free text to what is asked: machine or customer, technique or trouble, fabric. Every word is given to
 * what it names best; what is not beyond doubt says so, with what else it could be. (classes-and-desk, Ask line)
 */
import MiniSearch from 'minisearch'
import type { Id } from '../catalogue/types'
import { stem, significantWords } from './words'

export type AskKind = 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'
const KINDS: readonly AskKind[] = ['model', 'customer', 'technique', 'trouble', 'fabric']

/** Something a line may name. */
export interface Askable {
  kind: AskKind
  id: Id
  name: string
  /** Other words people say for it. */
  also: readonly string[]
}

export interface TakenWords {
  kind: AskKind
  id: Id
  name: string
  /** The words of the line that were taken for it. */
  words: string[]
  /** Beyond doubt; else one of `others` may be meant. */
  sure: boolean
  others: { id: Id; name: string }[]
}

export interface Understood {
  taken: TakenWords[]
  /** Words of which nothing was made. */
  left: string[]
}

interface Phrase {
  id: number
  of: number
  text: string
  /** Stems, with how telling each is. */
  stems: string[]
}

interface Scored {
  of: number
  /** How telling the words are that it has, and how much of its own name was said. */
  weight: number
  covered: number
  /** What it is worth to take it. */
  value: number
  /** Places of the line's words, each with how near it came. */
  words: Map<number, number>
}

export interface AskIndex {
  askables: readonly Askable[]
  phrases: Phrase[]
  search: MiniSearch<Phrase>
  /** How telling a stem is, by kind. */
  weights: Map<AskKind, Map<string, number>>
}

export const indexAskables = (askables: readonly Askable[]): AskIndex => {
  const phrases: Phrase[] = []
  askables.forEach(({ name, also }, of) => {
    for (const text of new Set([name, ...also])) {
      const stems = [...new Set(significantWords(text).map(stem))]
      if (stems.length > 0) phrases.push({ id: phrases.length, of, text: stems.join(' '), stems })
    }
  })
  const search = new MiniSearch<Phrase>({
    fields: ['text'],
    tokenize: (text) => text.split(' '),
    processTerm: (term) => term,
  })
  search.addAll(phrases)
  return {
    askables,
    phrases,
    search,
    weights: new Map(KINDS.map((kind) => [kind, weightsOf(askables, phrases, kind)])),
  }
}

/** ln(1 + how many of the kind there are / how many say it): a word that only one has tells most. */
const weightsOf = (askables: readonly Askable[], phrases: readonly Phrase[], kind: AskKind): Map<string, number> => {
  const said = new Map<string, Set<number>>()
  const all = new Set<number>()
  for (const { of, stems } of phrases) {
    if (askables[of]?.kind !== kind) continue
    all.add(of)
    for (const word of stems) said.set(word, (said.get(word) ?? new Set()).add(of))
  }
  return new Map([...said].map(([word, those]) => [word, Math.log(1 + all.size / those.size)]))
}

const FUZZY = 0.25
const PREFIX = 0.82
const MISTYPED = 0.6
/** As many of a kind as are weighed against those of the others. */
const WEIGHED = 4
/** A name of which less was said is not taken at all. */
const LEAST_COVERED = 0.2
/** Beyond doubt: so much of its name was said, no word of it guessed further, and nothing else comes so near. */
const SURE_COVERED: Record<AskKind, number> = {
  model: 0.45,
  customer: 0.45,
  technique: 0.7,
  trouble: 0.6,
  fabric: 0.45,
}
const SURE_WORD = 0.7
const RUNNER_UP = 0.8
const OTHER_KIND = 0.5

export const understand = (index: AskIndex, line: string): Understood => {
  const words = significantWords(line)
  const scored = scoreAll(index, words.map(stem))
  const byKind = KINDS.map((kind) =>
    scored
      .filter(({ of }) => index.askables[of]?.kind === kind)
      .sort(better)
      .slice(0, WEIGHED),
  )
  const chosen = choose(byKind)
  const taken = chosen.flatMap((one) => (one ? [take(index, words, one, scored, chosen)] : []))
  const used = new Set(chosen.flatMap((one) => (one ? [...one.words.keys()] : [])))
  return { taken, left: words.filter((_, i) => !used.has(i)) }
}

/** The best phrase of each askable that says anything of the line. */
const scoreAll = ({ askables, phrases, search, weights }: AskIndex, stems: readonly string[]): Scored[] => {
  const near = new Map<number, Map<string, Map<number, number>>>()
  stems.forEach((word, i) => {
    const found = search.search(word, {
      prefix: word.length >= 3,
      fuzzy: word.length >= 4 && !/\d/.test(word) ? FUZZY : false,
      combineWith: 'OR',
    })
    for (const { id, terms } of found) {
      const phrase = near.get(id as number) ?? new Map<string, Map<number, number>>()
      near.set(id as number, phrase)
      for (const term of terms) {
        const like = term === word ? 1 : term.startsWith(word) ? PREFIX : MISTYPED
        const places = phrase.get(term) ?? new Map<number, number>()
        phrase.set(term, places)
        places.set(i, Math.max(places.get(i) ?? 0, like))
      }
    }
  })
  const best = new Map<number, Scored>()
  for (const [id, said] of near) {
    const { of, stems: own } = phrases[id] as Phrase
    const tells = weights.get(askables[of]?.kind as AskKind)
    const worth = (word: string) => tells?.get(word) ?? 0
    const words = new Map<number, number>()
    let weight = 0
    for (const [term, places] of said) {
      const [place, like] = [...places].sort((a, b) => b[1] - a[1])[0] as [number, number]
      weight += worth(term) * like
      words.set(place, Math.max(words.get(place) ?? 0, like))
    }
    const covered = weight / own.reduce((sum, word) => sum + worth(word), 0)
    const score = { of, weight, covered, value: weight * covered ** HALF[askables[of]?.kind as AskKind], words }
    const earlier = best.get(of)
    if (covered >= LEAST_COVERED && (!earlier || better(score, earlier) < 0)) best.set(of, score)
  }
  return [...best.values()]
}

/** Half of a fabric's or a machine's name is how people say it; half of a technique's names many. */
const HALF: Record<AskKind, number> = { model: 1, customer: 1, technique: 2, trouble: 1.5, fabric: 1 }
const better = (a: Scored, b: Scored): number => b.value - a.value || a.of - b.of

/** One of each kind or none, so that together they say most of the line; a word counts for the one it says most of. */
const choose = (byKind: readonly Scored[][]): (Scored | undefined)[] => {
  let best: { value: number; chosen: (Scored | undefined)[] } = { value: 0, chosen: byKind.map(() => undefined) }
  const go = (k: number, chosen: (Scored | undefined)[]): void => {
    const some = byKind[k]
    if (some) {
      for (const one of [...some, undefined]) go(k + 1, [...chosen, one])
      return
    }
    const value = worthOf(chosen.flatMap((one) => one ?? []))
    if (value !== undefined && value > best.value + 1e-9) best = { value, chosen }
  }
  go(0, [])
  return best.chosen
}

/** Of a choice each must keep so much of what it says. */
const LEAST_KEPT = 0.5

/** Undefined where one of them lives on words that say more of another. */
const worthOf = (chosen: readonly Scored[]): number | undefined => {
  const owner = new Map<number, Scored>()
  const share = (one: Scored, place: number) => ((one.words.get(place) ?? 0) * one.value) / one.words.size
  for (const one of chosen)
    for (const place of one.words.keys()) {
      const now = owner.get(place)
      if (!now || share(one, place) > share(now, place)) owner.set(place, one)
    }
  let value = 0
  for (const one of chosen) {
    const places = [...one.words.keys()]
    const kept = places.filter((place) => owner.get(place) === one).length / places.length
    if (kept < LEAST_KEPT) return undefined
    value += one.value * kept ** 2
  }
  return value
}

const take = (
  index: AskIndex,
  words: readonly string[],
  one: Scored,
  scored: readonly Scored[],
  chosen: readonly (Scored | undefined)[],
): TakenWords => {
  const kindOf = ({ of }: Scored) => index.askables[of]?.kind
  const { kind, id, name } = index.askables[one.of] as Askable
  const elsewhere = new Set(chosen.flatMap((other) => (other && other !== one ? [...other.words.keys()] : [])))
  const rivals = scored.filter((other) => other !== one && kindOf(other) === kind).sort(better)
  const free = (other: Scored) => [...other.words.keys()].some((place) => !elsewhere.has(place))
  const close = rivals.some((other) => other.value >= RUNNER_UP * one.value && free(other))
  // The same words may have been meant for something of another kind, which was not taken.
  const otherwise = scored.some(
    (other) =>
      kindOf(other) !== kind &&
      !chosen.includes(other) &&
      other.value >= OTHER_KIND * one.value &&
      [...one.words.keys()].every((place) => other.words.has(place)),
  )
  const own = [...one.words.keys()].every((place) => !elsewhere.has(place))
  const sure =
    !close &&
    !otherwise &&
    own &&
    one.covered >= SURE_COVERED[kind] &&
    [...one.words.values()].every((like) => like >= SURE_WORD)
  const others = rivals.filter((other) => other.value >= 0.4 * one.value).slice(0, 6)
  return {
    kind,
    id,
    name,
    words: [...one.words.keys()].sort((a, b) => a - b).map((place) => words[place] as string),
    sure,
    others: others.map(({ of }) => ({ id: index.askables[of]?.id ?? '', name: index.askables[of]?.name ?? '' })),
  }
}
