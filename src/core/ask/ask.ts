/**
 * One line of free text to what is asked: machine or customer, technique or trouble, fabric. Whole names are taken
 * first, then whole words that only one thing of a kind has; those are sure. What is left may make a guess, which says
 * so, with what else it could be. (classes-and-desk, Ask line)
 */
import type { Id } from '../catalogue/types'
import { COMMON } from './commonWords'
import { ofOneWord, otherNumber, type Candidate } from './oneWord'
import { meaningOf, readWords, vocabularyOf, type ReadWord, type Vocabulary } from './reading'
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

export interface TakenWords {
  kind: AskKind
  id: Id
  name: string
  /** The words of the line that were taken for it. */
  words: string[]
  /** Beyond doubt; else one of `others` may be meant, or none. */
  sure: boolean
  others: { id: Id; name: string }[]
}

export interface Understood {
  taken: TakenWords[]
  /** Words of which nothing was made. */
  left: string[]
}

interface Phrase {
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
const KINDS: readonly AskKind[] = ['customer', 'model', 'technique', 'trouble', 'fabric']

/** Kinds whose names are names alone. */
const PROPER: readonly AskKind[] = ['customer', 'model']

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

/** `owns`: the machines of a customer, who has no others. */
export const understand = (
  index: AskIndex,
  line: string,
  owns: (customer: Id) => readonly Id[] = () => [],
): Understood => {
  const words = readWords(line, index.vocabulary)
  const whole = wholeNames(index, words)
  const chosen = new Map<AskKind, Candidate[]>()
  const used = new Set<number>()
  /** What is said of a name that is beyond doubt means nothing else. */
  const proper = new Set<number>()
  const idOf = (kind: AskKind) => {
    const [one] = chosen.get(kind) ?? []
    return one && index.askables[one.of]?.id
  }
  /** Of a known customer's machines, where a word of one was said; else as named. */
  const ownModels = (candidates: readonly Candidate[]): readonly Candidate[] => {
    const own = new Set(owns(idOf('customer') ?? ''))
    const isOwn = (of: number) => own.has(index.askables[of]?.id ?? '')
    const named = candidates.filter(({ of }) => isOwn(of))
    if (named.length > 0) return named
    const said = words.flatMap((_, place) =>
      used.has(place) ? [] : ofOneWord(index, 'model', words, place, chosen, undefined, isOwn),
    )
    const models = new Set(said.map(({ of }) => of))
    if (models.size > 0) return said.map((one) => ({ ...one, sure: models.size === 1 }))
    // A word of what they do not own is no machine of theirs; named in full it is another's, or a new one.
    return own.size > 0 ? candidates.map((one) => ({ ...one, sure: one.sure && one.weight > 0 })) : candidates
  }
  /** Of troubles the named technique's own, then those whatever is sewn, then where no technique is named any. */
  const fittingTroubles = (found: readonly Candidate[]): readonly Candidate[] => {
    const technique = idOf('technique')
    const of = (one: Candidate) => index.askables[one.of]?.of
    const own = technique === undefined ? [] : found.filter((one) => of(one) === technique)
    const general = found.filter((one) => of(one) === undefined)
    return own.length > 0 ? own : general.length > 0 || technique !== undefined ? general : found
  }
  const isCalled = (of: number, place: number) =>
    index.phrases.some(
      (phrase) => phrase.of === of && phrase.isName && phrase.stems.some((one) => words[place]?.readings.has(one)),
    )
  const choose = (kind: AskKind, found: readonly Candidate[]) => {
    const fitting = kind === 'trouble' ? fittingTroubles(found) : found
    const best = bestOf(kind === 'model' ? ownModels(fitting) : fitting)
    if (best.length === 0) return
    chosen.set(kind, best)
    for (const place of best[0]?.places ?? []) used.add(place)
  }
  for (const kind of KINDS) {
    const ofKind = whole.filter(({ of }) => index.askables[of]?.kind === kind)
    // A name lives on words of its own, not only on what another's whole name has said; jeans are jeans anyhow.
    const isApart = ({ places }: Candidate) => kind === 'fabric' || places.some((place) => !used.has(place))
    choose(
      kind,
      ofKind.filter((one) => isApart(one) && !one.places.some((place) => proper.has(place))),
    )
    for (const { sure, places } of chosen.get(kind) ?? [])
      if (sure && PROPER.includes(kind)) for (const place of places) proper.add(place)
  }
  // "Gathers by itself" names no technique, nor does any trouble's word, unless the trouble is called by it.
  const troubleWords = new Set(
    chosen.get('trouble')?.flatMap(({ of, places, sure }) => (sure ? places.filter((at) => !isCalled(of, at)) : [])),
  )
  // "A seam in jersey" is no jersey seam for certain: out of order, and a fabric that is said by the same word.
  const fabricWords = new Set(chosen.get('fabric')?.flatMap(({ places }) => places))
  const technique = chosen.get('technique')?.map((one) => ({
    ...one,
    sure:
      one.sure &&
      !one.places.every((at) => troubleWords.has(at)) &&
      !(one.loose > 0 && one.places.some((at) => fabricWords.has(at))),
  }))
  if (technique) chosen.set('technique', technique)
  // A word that is left and tells another technique beyond doubt: one of the two was meant.
  const rivals = technique
    ? words
        .flatMap((_, place) => (used.has(place) ? [] : ofOneWord(index, 'technique', words, place, chosen, undefined)))
        .filter(({ sure, of }) => sure && !technique.some((one) => one.of === of))
    : []
  if (technique && rivals.length > 0)
    chosen.set(
      'technique',
      [...technique, ...rivals].map((one) => ({ ...one, sure: false })),
    )
  for (const sure of [true, false])
    for (const kind of KINDS) {
      if (chosen.has(kind)) continue
      const technique = idOf('technique')
      choose(
        kind,
        words.flatMap((_, place) =>
          used.has(place)
            ? []
            : ofOneWord(index, kind, words, place, chosen, technique).filter((one) => one.sure === sure),
        ),
      )
    }
  const taken = KINDS.flatMap((kind) => {
    const ofKind = chosen.get(kind)
    return ofKind ? [takenOf(index, words, kind, ofKind)] : []
  })
  return { taken, left: words.flatMap(({ text, tells }, place) => (tells && !used.has(place) ? [text] : [])) }
}

/** Of what kinds a longer name takes in what is a part of it: "lining satin" is no satin stitch. */
const SWALLOWS: Record<AskKind, readonly AskKind[]> = {
  customer: ['model', 'technique', 'trouble', 'fabric'],
  model: ['technique', 'trouble', 'fabric'],
  technique: ['trouble'],
  trouble: [],
  fabric: ['technique', 'trouble'],
}

/** Names of which every word was said; of one thing the fullest. */
const wholeNames = ({ askables, phrases, byStem }: AskIndex, words: readonly ReadWord[]): Candidate[] => {
  const places = new Map<string, number>()
  words.forEach(({ readings }, place) => {
    for (const [one, quality] of readings) if (quality !== 'guess' && !places.has(one)) places.set(one, place)
  })
  const isNumberedOther = (said: readonly number[]) =>
    !said.some((place) => /^\d+$/.test(words[place]?.text ?? '')) && otherNumber(words, Math.max(...said))
  const seen = new Set([...places.keys()].flatMap((one) => byStem.get(one) ?? []))
  const best = new Map<number, Candidate>()
  for (const id of seen) {
    const { of, stems } = phrases[id] as Phrase
    const at = stems.map((one) => places.get(one))
    if (at.some((place) => place === undefined)) continue
    // A name that is a common word or a figure may be meant where nothing else can be called so.
    const weak = stems.every((one) => /^\d+$/.test(one)) || (stems.length === 1 && COMMON.has(stems[0] as string))
    const kind = askables[of]?.kind
    if (weak && kind !== 'model' && kind !== 'customer') continue
    const before = best.get(of)
    // Of two names of one thing that overlap all words are said of it.
    const apart = before !== undefined && !at.some((place) => before.places.includes(place as number))
    if (apart && before.weight >= stems.length) continue
    const said = [...new Set([...(before && !apart ? before.places : []), ...(at as number[])])]
    best.set(of, {
      of,
      places: said,
      weight: Math.max(before?.weight ?? 0, stems.length),
      loose: before && !apart ? Math.min(before.loose, looseness(at as number[])) : looseness(at as number[]),
      sure: !weak && (kind !== 'model' || !isNumberedOther(said)),
    })
  }
  const all = [...best.values()]
  const kindOf = ({ of }: Candidate) => askables[of]?.kind as AskKind
  return all.filter(
    (one) =>
      !all.some(
        (other) =>
          other.places.length > one.places.length &&
          (kindOf(other) === kindOf(one) || SWALLOWS[kindOf(other)].includes(kindOf(one))) &&
          one.places.every((place) => other.places.includes(place)),
      ),
  )
}

/** Words between those of a name, and those not in its order: "overlock seam jersey" is no jersey seam. */
const looseness = (at: readonly number[]): number => {
  const turned = at.filter((place, i) => i > 0 && place < (at[i - 1] as number)).length
  return Math.max(...at) - Math.min(...at) + 1 - new Set(at).size + turned
}

/** The fullest first; also what is as full, or lives on quite other words: two names of a kind are one too many. */
const bestOf = (candidates: readonly Candidate[]): Candidate[] => {
  const most = Math.max(...candidates.map(({ weight }) => weight))
  const fullest = candidates.filter(({ weight }) => weight === most)
  const full = fullest.filter(
    (one) => !fullest.some((other) => other.loose < one.loose && other.places.some((at) => one.places.includes(at))),
  )
  const apart = candidates.filter(
    (one) =>
      one.weight > 0 && one.weight < most && !full.some(({ places }) => places.some((at) => one.places.includes(at))),
  )
  const best = [...full, ...apart]
  const [first] = best
  if (!first) return []
  const several = new Set(best.map(({ of }) => of)).size > 1
  return [...new Map(best.map((one) => [one.of, { ...one, sure: one.sure && !several }])).values()]
}

const OTHERS = 6

const takenOf = (
  { askables }: AskIndex,
  words: readonly ReadWord[],
  kind: AskKind,
  candidates: readonly Candidate[],
): TakenWords => {
  const [first, ...rest] = candidates as [Candidate, ...Candidate[]]
  const named = ({ of }: Candidate) => ({ id: askables[of]?.id ?? '', name: askables[of]?.name ?? '' })
  return {
    kind,
    ...named(first),
    words: [...first.places].sort((a, b) => a - b).map((place) => words[place]?.text ?? ''),
    sure: first.sure,
    others: rest.slice(0, OTHERS).map(named),
  }
}
