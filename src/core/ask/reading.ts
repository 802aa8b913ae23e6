/** The words of a line as words that are known: run together, apart, mistyped. */
import MiniSearch from 'minisearch'
import { isEmptyWord, stem, wordsOf } from './words'

/** `whole`: said. `guess`: it might be meant. */
export type ReadingQuality = 'whole' | 'guess'

export interface ReadWord {
  text: string
  /** Stems it may stand for. */
  readings: ReadonlyMap<string, ReadingQuality>
  /** Says something of machine, technique or fabric. */
  tells: boolean
}

export interface Vocabulary {
  stems: ReadonlySet<string>
  /** The word that stands for one of several that mean the same. */
  meaning: (stem: string) => string
  /** Known stems by what they are with every doubled letter once. */
  bare: ReadonlyMap<string, string>
  near: MiniSearch<{ id: number; stem: string }>
}

/** `same`: words that mean one thing; the first stands for all. */
export const meaningOf = (same: readonly (readonly string[])[]): ((stem: string) => string) => {
  const first = new Map(same.flatMap((group) => group.map((word) => [stem(word), stem(group[0] as string)] as const)))
  return (word) => first.get(word) ?? word
}

export const vocabularyOf = (stems: Iterable<string>, meaning: (stem: string) => string): Vocabulary => {
  const known = [...new Set(stems)]
  const near = new MiniSearch<{ id: number; stem: string }>({
    fields: ['stem'],
    storeFields: ['stem'],
    tokenize: (text) => [text],
    processTerm: (term) => term,
  })
  near.addAll(known.flatMap((one, id) => (/\d/.test(one) ? [] : [{ id, stem: one }])))
  return { meaning, stems: new Set(known), bare: new Map(known.map((one) => [once(one), one])), near }
}

/** Doubled letters are the slip that is made most, and mean nothing else. */
const once = (word: string): string => word.replace(/(\p{L})\1+/gu, '$1')

/** A part of a word that was run together with another has so many letters. */
const PART = 3
/** From so many letters on a word that is one slip off is that word. */
const LONG = 7
/** From so many on it may be. */
const SHORT = 6

export const readWords = (line: string, vocabulary: Vocabulary): ReadWord[] => {
  const texts = wordsOf(line)
  const read: ReadWord[] = []
  for (let at = 0; at < texts.length; at += 1) {
    const text = texts[at] as string
    const next = texts[at + 1]
    const together = next === undefined || next.length < PART || /\d/.test(text + next) ? undefined : text + next
    const joined = together === undefined ? undefined : known(stem(together), vocabulary)
    if (joined !== undefined && next !== undefined) {
      read.push({ text: `${text} ${next}`, readings: new Map([[joined, 'whole']]), tells: true })
      at += 1
      continue
    }
    read.push({
      text,
      readings: readingsOf(text, at === texts.length - 1, vocabulary),
      tells: !isEmptyWord(text),
    })
  }
  return read
}

const known = (word: string, { stems, bare, meaning }: Vocabulary): string | undefined => {
  const meant = meaning(word)
  return stems.has(meant) ? meant : word.length > PART ? bare.get(once(word)) : undefined
}

/** `last`: perhaps it is still being typed. */
const readingsOf = (text: string, last: boolean, vocabulary: Vocabulary): Map<string, ReadingQuality> => {
  const own = stem(text)
  const there = known(own, vocabulary) ?? known(stem(once(text)), vocabulary)
  if (there !== undefined) return new Map([[there, 'whole']])
  const [turned, ...otherTurned] = text.length >= SHORT ? turnedOf(text, vocabulary) : []
  if (turned !== undefined && otherTurned.length === 0)
    return new Map([[turned, text.length >= LONG ? 'whole' : 'guess']])
  const parts = partsOf(text, vocabulary)
  if (parts) return new Map(parts.map((part) => [part, 'whole']))
  if (isEmptyWord(text) || /\d/.test(text)) return new Map()
  const slips = text.length < SHORT || own.length < PART + 1 ? [] : vocabulary.near.search(own, { fuzzy: 1 })
  const begun = last && text.length >= PART ? vocabulary.near.search(own, { prefix: true }) : []
  const [best] = slips.length > 0 ? slips : begun
  if (!best) return new Map()
  const sure = slips.length === 1 && text.length >= LONG
  return new Map([[best['stem'] as string, sure ? 'whole' : 'guess']])
}

/** Known words that it is with two neighbours in each other's place. */
const turnedOf = (text: string, vocabulary: Vocabulary): string[] => {
  const turned = Array.from({ length: text.length - 1 }, (_, at) =>
    known(stem(text.slice(0, at) + text[at + 1] + text[at] + text.slice(at + 2)), vocabulary),
  )
  return [...new Set(turned.filter((one) => one !== undefined))]
}

/** "blindhem" as "blind" and "hem"; undefined where no two known words make it. */
const partsOf = (text: string, vocabulary: Vocabulary): [string, string] | undefined => {
  for (let cut = text.length - PART; cut >= PART; cut -= 1) {
    const [one, other] = [vocabulary.meaning(stem(text.slice(0, cut))), vocabulary.meaning(stem(text.slice(cut)))]
    if (vocabulary.stems.has(one) && vocabulary.stems.has(other)) return [one, other]
  }
  return undefined
}
