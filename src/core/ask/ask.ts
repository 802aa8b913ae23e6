/**
 * One line of free text to what is asked: machine or customer, technique or trouble, fabric. Whole names are taken
 * first, then whole words that only one thing of a kind has; those are sure. What is left may make a guess, which says
 * so, with what else it could be. (classes-and-desk, Ask line)
 */
import type { Id } from '../catalogue/types'
import { KINDS, type AskIndex, type Askable, type AskKind } from './askIndex'
import { ofOneWord, type Candidate } from './oneWord'
import { readWords, type ReadWord } from './reading'
import { wholeNames } from './wholeNames'

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

/** The machines of a customer, who has no others. */
type Owned = (customer: Id) => readonly Id[]

export const understand = (index: AskIndex, line: string, owns: Owned = () => []): Understood => {
  const reading = new LineReading(index, line, owns)
  reading.takeWholeNames()
  reading.doubtTechnique()
  reading.admitOtherTechnique()
  reading.takeSingleWords({ sure: true })
  reading.takeSingleWords({ sure: false })
  return reading.understood()
}

/** Kinds whose names are names alone. */
const PROPER: readonly AskKind[] = ['customer', 'model']

/** A line with what has been taken of it so far; each step takes or doubts something more. */
class LineReading {
  private readonly words: readonly ReadWord[]
  private readonly chosen = new Map<AskKind, readonly Candidate[]>()
  /** Places of words that are taken. */
  private readonly used = new Set<number>()

  constructor(
    private readonly index: AskIndex,
    line: string,
    private readonly owns: Owned,
  ) {
    this.words = readWords(line, index.vocabulary)
  }

  takeWholeNames(): void {
    const whole = wholeNames(this.index, this.words)
    /** What is said of a name that is beyond doubt means nothing else. */
    const proper = new Set<number>()
    for (const kind of KINDS) {
      // A name lives on words of its own, not only on what another's whole name has said; jeans are jeans anyhow.
      const isApart = ({ places }: Candidate) => kind === 'fabric' || places.some((place) => !this.used.has(place))
      this.choose(
        kind,
        whole.filter(
          (one) => this.askable(one)?.kind === kind && isApart(one) && !one.places.some((place) => proper.has(place)),
        ),
      )
      for (const { sure, places } of this.chosenOf(kind))
        if (sure && PROPER.includes(kind)) for (const place of places) proper.add(place)
    }
  }

  /**
   * "Gathers by itself" names no technique, nor does any trouble's word, unless the trouble is called by it. "A seam in
   * jersey" is no jersey seam for certain: out of order, and a fabric that is said by the same word.
   */
  doubtTechnique(): void {
    const troubleWords = new Set(
      this.chosenOf('trouble').flatMap((one) => (one.sure ? one.places.filter((at) => !this.isCalledBy(one, at)) : [])),
    )
    const fabricWords = new Set(this.chosenOf('fabric').flatMap(({ places }) => places))
    const isTrouble = ({ places }: Candidate) => places.every((at) => troubleWords.has(at))
    const isFabric = ({ loose, places }: Candidate) => loose > 0 && places.some((at) => fabricWords.has(at))
    this.replace('technique', (one) => ({ ...one, sure: one.sure && !isTrouble(one) && !isFabric(one) }))
  }

  /** A word that is left and tells another technique beyond doubt: one of the two was meant. */
  admitOtherTechnique(): void {
    const named = this.chosenOf('technique')
    if (named.length === 0) return
    const others = this.leftWords('technique').filter(
      ({ sure, of }) => sure && !named.some((technique) => technique.of === of),
    )
    if (others.length === 0) return
    this.chosen.set('technique', [...named, ...others])
    this.replace('technique', (one) => ({ ...one, sure: false }))
  }

  /** Of kinds that nothing has named yet. */
  takeSingleWords({ sure }: { sure: boolean }): void {
    for (const kind of KINDS)
      if (!this.chosen.has(kind))
        this.choose(
          kind,
          this.leftWords(kind, this.idOf('technique')).filter((one) => one.sure === sure),
        )
  }

  understood(): Understood {
    const taken = KINDS.flatMap((kind) => {
      const ofKind = this.chosen.get(kind)
      return ofKind ? [takenOf(this.index, this.words, kind, ofKind)] : []
    })
    const isLeft = ({ tells }: ReadWord, place: number) => tells && !this.used.has(place)
    return { taken, left: this.words.filter(isLeft).map(({ text }) => text) }
  }

  private choose(kind: AskKind, found: readonly Candidate[]): void {
    const fitting = kind === 'trouble' ? this.fittingTroubles(found) : found
    const best = bestOf(kind === 'model' ? this.ownModels(fitting) : fitting)
    if (best.length === 0) return
    this.chosen.set(kind, best)
    for (const place of best[0]?.places ?? []) this.used.add(place)
  }

  /** Of a known customer's machines, where a word of one was said; else as named. */
  private ownModels(candidates: readonly Candidate[]): readonly Candidate[] {
    const own = new Set(this.owns(this.idOf('customer') ?? ''))
    const isOwn = (of: number) => own.has(this.index.askables[of]?.id ?? '')
    const named = candidates.filter(({ of }) => isOwn(of))
    if (named.length > 0) return named
    const said = this.leftWords('model', undefined, isOwn)
    const models = new Set(said.map(({ of }) => of))
    if (models.size > 0) return said.map((one) => ({ ...one, sure: models.size === 1 }))
    // A word of what they do not own is no machine of theirs; named in full it is another's, or a new one.
    return own.size > 0 ? candidates.map((one) => ({ ...one, sure: one.sure && one.weight > 0 })) : candidates
  }

  /** Of troubles the named technique's own, then those whatever is sewn, then where no technique is named any. */
  private fittingTroubles(found: readonly Candidate[]): readonly Candidate[] {
    const technique = this.idOf('technique')
    const of = (one: Candidate) => this.askable(one)?.of
    const own = technique === undefined ? [] : found.filter((one) => of(one) === technique)
    const general = found.filter((one) => of(one) === undefined)
    return own.length > 0 ? own : general.length > 0 || technique !== undefined ? general : found
  }

  /** What each word that is left may mean of a kind. */
  private leftWords(kind: AskKind, technique?: Id, isMeant?: (of: number) => boolean): Candidate[] {
    return this.words.flatMap((_, place) =>
      this.used.has(place) ? [] : ofOneWord(this.index, kind, this.words, place, this.chosen, technique, isMeant),
    )
  }

  private isCalledBy({ of }: Candidate, place: number): boolean {
    return this.index.phrases.some(
      (phrase) => phrase.of === of && phrase.isName && phrase.stems.some((one) => this.words[place]?.readings.has(one)),
    )
  }

  private replace(kind: AskKind, change: (one: Candidate) => Candidate): void {
    const ofKind = this.chosen.get(kind)
    if (ofKind) this.chosen.set(kind, ofKind.map(change))
  }

  private chosenOf(kind: AskKind): readonly Candidate[] {
    return this.chosen.get(kind) ?? []
  }

  private askable({ of }: Candidate): Askable | undefined {
    return this.index.askables[of]
  }

  private idOf(kind: AskKind): Id | undefined {
    const [one] = this.chosenOf(kind)
    return one && this.askable(one)?.id
  }
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
