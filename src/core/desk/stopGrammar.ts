/**
 * Hears in a line of free text a reason to tell no setting: by what its words mean together, not by how they are
 * spelled or in which order. The words and rules are data of a language; here is only how they are read.
 * (classes-and-desk, Stop)
 */
import { plainLetters, stem } from '../ask/words'

/** `sure` words that mean the same, by stem, separated by blanks; `=word`: exactly so. */
export type Concepts = Readonly<Record<string, string>>

export interface StopRule {
  id: string
  /**
   * All of these are said: each a word (by its stem), `=word` (exactly so) or `@concept`, alternatives separated by
   * `|`. Two of them are never the same word of the line.
   */
  has: readonly string[]
  /** From the first of them to the last there are at most so many words; a clause's length where left out. */
  within?: number
  /** In the order told. */
  inOrder?: boolean
  /** Not where one of these is said in the line, or in the same clause; as `has`. */
  unless?: string
}

export interface StopGrammar {
  concepts: Concepts
  /** Words in a row that mean nothing dangerous together; each as in `has`. */
  harmless: readonly (readonly string[])[]
  /** The gravest first; of the same id several. */
  rules: readonly StopRule[]
  /** Of these ids somebody needs help before anything else. */
  firstAid: readonly string[]
}

export interface HeardStop {
  id: string
  firstAid: boolean
  /** The words it was heard in. */
  words: string
}

interface Word {
  text: string
  stem: string
  clause: number
}
/** A word with the concepts it is one of. */
export interface StopWord extends Word {
  concepts: string[]
}

type Matcher = (word: Word) => boolean

/** The words of a line with what they mean. */
export const stopReader = (concepts: Concepts): ((line: string) => StopWord[]) => {
  const named = Object.keys(concepts).map((name) => ({ name, isOne: matcherOf(concepts)(`@${name}`) }))
  return (line) =>
    spoken(line).map((word) => ({
      ...word,
      concepts: named.filter(({ isOne }) => isOne(word)).map(({ name }) => name),
    }))
}

/** The rules ready to hear lines; throws where a rule names a concept that there is not. */
export const stopHearer = (grammar: StopGrammar): ((line: string) => HeardStop[]) => {
  const matcher = matcherOf(grammar.concepts)
  const harmless = grammar.harmless.map((row) => row.map(matcher))
  const rules = grammar.rules.map((rule) => ({
    ...rule,
    slots: rule.has.map(matcher),
    barred: rule.unless === undefined ? undefined : matcher(rule.unless),
  }))
  return (line) => {
    const words = withoutHarmless(spoken(line), harmless)
    const heard = new Map<string, HeardStop>()
    for (const { id, slots, within = Infinity, inOrder = false, barred } of rules) {
      if (heard.has(id)) continue
      const places = placesOf(words, slots, { within, inOrder })
      if (!places || (barred && words.some((word) => word && barred(word)))) continue
      const text = places.map((place) => (words[place] as Word).text).join(' ')
      heard.set(id, { id, firstAid: grammar.firstAid.includes(id), words: text })
    }
    return [...heard.values()]
  }
}

/** Words in small letters without accents; "n't" is "not"; what a comma or full stop divides are clauses. */
const spoken = (line: string): Word[] =>
  plainLetters(line)
    .replaceAll(/\bcan\s?(?:not\b|[’']?t\b)/g, 'can not')
    .replaceAll(/\bwon[’']?t\b/g, 'will not')
    .replaceAll(/n[’']t\b/g, ' not')
    .replaceAll(/\b(does|do|did|is|was|has|would)nt\b/g, '$1 not')
    .split(/[.,;:!?()–—]+/)
    .flatMap((part, clause) =>
      part
        .split(/[^\p{L}\d]+/u)
        .filter((text) => text !== '')
        .map((text) => ({ text, stem: rootOf(text), clause })),
    )

/** Short words lose their endings too: "moved" and "move", "sewing" and "sew" are one, "speed" is none. */
const rootOf = (word: string): string =>
  stem(word.length === 5 ? word.replace(/(?<=[^e])ed$/, 'e') : word.replace(/^(\p{L}{3})ing$/u, '$1'))

const matcherOf =
  (concepts: Concepts) =>
  (slot: string): Matcher => {
    const exact = new Set<string>()
    const stems = new Set<string>()
    for (const alternative of slot.split('|')) {
      const named = alternative.startsWith('@') ? concepts[alternative.slice(1)] : alternative
      if (named === undefined) throw new Error(`there is no concept “${alternative}”`)
      for (const word of named.split(/\s+/)) {
        if (word.startsWith('=')) exact.add(word.slice(1))
        else stems.add(rootOf(word))
      }
    }
    return ({ text, stem: own }) => exact.has(text) || stems.has(own)
  }

/** Undefined stands where words meant nothing dangerous together. */
const withoutHarmless = (
  words: readonly Word[],
  harmless: readonly (readonly Matcher[])[],
): readonly (Word | undefined)[] => {
  const left: (Word | undefined)[] = [...words]
  words.forEach((first, at) => {
    for (const row of harmless) {
      const said = row.every((matches, i) => {
        const word = words[at + i]
        return word !== undefined && word.clause === first.clause && matches(word)
      })
      if (said) row.forEach((_, i) => (left[at + i] = undefined))
    }
  })
  return left
}

/** A place in the line for every slot, near enough to each other; undefined where there is none. */
const placesOf = (
  words: readonly (Word | undefined)[],
  slots: readonly Matcher[],
  how: { within: number; inOrder: boolean },
): number[] | undefined => {
  const go = (taken: readonly number[]): number[] | undefined => {
    const matches = slots[taken.length]
    if (!matches) return [...taken].sort((a, b) => a - b)
    for (const [place, word] of words.entries()) {
      if (!word || taken.includes(place) || !matches(word)) continue
      const all = [...taken, place]
      if (how.inOrder && taken.length > 0 && place < (taken.at(-1) as number)) continue
      if (Math.max(...all) - Math.min(...all) >= how.within) continue
      const found = go(all)
      if (found) return found
    }
    return undefined
  }
  return go([])
}
