/** What a line of text may name, found by its words. */
import type { Id } from '../catalogue/types'
import { COMMON } from './commonWords'
import { meaningOf, vocabularyOf, type Vocabulary } from './reading'
import { significantWords, stem, wordsOf } from './words'

export type AskKind = 'model' | 'customer' | 'technique' | 'trouble' | 'fabric'

/** Something a line may name. */
export interface Askable {
  kind: AskKind
  id: Id
  name: string
  /** Other words people say for it. */
  also: readonly string[]
  /** A fault of this technique: a word of it is enough once that is named. */
  of?: Id
  /** What everything of its kind is called: such a word tells it only among a customer's own. */
  kindWords?: readonly string[]
}

export interface Phrase {
  of: number
  isName: boolean
  stems: readonly string[]
}

export interface AskIndex {
  askables: readonly Askable[]
  phrases: readonly Phrase[]
  /** Phrases that have a stem. */
  byStem: ReadonlyMap<string, readonly number[]>
  /** What of a kind has a stem in any of its phrases. */
  having: ReadonlyMap<AskKind, ReadonlyMap<string, ReadonlySet<number>>>
  vocabulary: Vocabulary
}

/** In the order in which they take words: what a name says is no more said of a fabric. */
export const KINDS: readonly AskKind[] = ['customer', 'model', 'technique', 'trouble', 'fabric']

/** `same`: words that mean one thing. */
export const indexAskables = (askables: readonly Askable[], same: readonly (readonly string[])[] = []): AskIndex => {
  const meaning = meaningOf(same)
  const phrases: Phrase[] = []
  const byStem = new Map<string, number[]>()
  const having = new Map<AskKind, Map<string, Set<number>>>(KINDS.map((kind) => [kind, new Map()]))
  const add = (kind: AskKind, one: string, of: number) => {
    const ofKind = having.get(kind) as Map<string, Set<number>>
    ofKind.set(one, (ofKind.get(one) ?? new Set()).add(of))
  }
  askables.forEach(({ kind, name, also, kindWords = [] }, of) => {
    for (const one of kindWords.flatMap((word) => stemsOf(word, meaning))) {
      byStem.set(one, byStem.get(one) ?? [])
      add(kind, one, of)
    }
    for (const text of new Set([name, ...also])) {
      const stems = stemsOf(text, meaning)
      if (stems.length === 0) continue
      const isNamed = kind !== 'fabric' || text === name || stems.length === 1
      for (const one of stems) {
        byStem.set(one, [...(byStem.get(one) ?? []), phrases.length])
        if (isNamed) add(kind, one, of)
      }
      phrases.push({ of, isName: text === name, stems })
    }
  })
  return { askables, phrases, byStem, having, vocabulary: vocabularyOf(byStem.keys(), meaning) }
}

/** The words that tell it; every word where those alone are common ones. */
const stemsOf = (text: string, meaning: (stem: string) => string): string[] => {
  const telling = [...new Set(significantWords(text).map((word) => meaning(stem(word))))]
  return telling.every((one) => COMMON.has(one))
    ? [...new Set(wordsOf(text).map((word) => meaning(stem(word))))]
    : telling
}
