/** What a single word of a line may mean of a kind that no whole name has named. */
import type { Id } from '../catalogue/types'
import type { AskIndex, AskKind } from './askIndex'
import { COMMON } from './commonWords'
import type { ReadWord } from './reading'
import { stem } from './words'

/** Something the line may mean. */
export interface Candidate {
  of: number
  /** Places of the line's words it lives on. */
  places: readonly number[]
  /** How many of its words are named, and none of them guessed. */
  weight: number
  /** How far its words are from standing together in its order; 0: they do. */
  loose: number
  sure: boolean
}

/** At most so many may be meant by a word that is no name. */
const MOST_MEANT = 8

/** A word that stands in many names asks which technique, where nothing else is said of one. */
const ASKS: ReadonlySet<string> = new Set(['hem', 'seam', 'edge'].map(stem))

/** What one word may mean of a kind that nothing whole has named; `isMeant`: of which of them at all. */
export const ofOneWord = (
  index: AskIndex,
  kind: AskKind,
  words: readonly ReadWord[],
  place: number,
  chosen: ReadonlyMap<AskKind, readonly Candidate[]>,
  technique: Id | undefined,
  isMeant: (of: number) => boolean = () => true,
): Candidate[] => {
  const { having, askables, phrases } = index
  const { readings, tells } = words[place] as ReadWord
  if (!tells) return []
  const count = (of: AskKind, one: string) => having.get(of)?.get(one)?.size ?? 0
  return [...readings].flatMap(([one, quality]): Candidate[] => {
    if (/^\d/.test(one)) return []
    const all = [...(having.get(kind)?.get(one) ?? [])].filter(isMeant)
    // A fault may be meant by one word only where its technique is named, and not by a word of that technique's names.
    const meant =
      kind !== 'trouble'
        ? all
        : phrases.some(({ of, stems }) => askables[of]?.id === technique && stems.includes(one))
          ? []
          : all.filter((of) => technique !== undefined && askables[of]?.of === technique)
    if (meant.length === 0 || meant.length > MOST_MEANT) return []
    const common = COMMON.has(one)
    if (common && !(kind === 'technique' && ASKS.has(one) && !chosen.has('trouble'))) return []
    // What names a fabric is no part of a technique's name, and what many techniques are called no fabric.
    if (kind === 'technique' && !common && count('fabric', one) > 0 && all.length < 2) return []
    if (kind === 'fabric' && count('technique', one) > 1) return []
    const shared = kind === 'fabric' && count('technique', one) > 0
    const elsewhere = (['customer', 'model', 'technique', 'fabric'] as const).some(
      (other) => other !== kind && kind !== 'fabric' && !chosen.has(other) && count(other, one) > 0,
    )
    // Much of a technique's or a fault's name must be said; that comes first of which most is said.
    const isPartly = kind === 'technique' || kind === 'trouble'
    const said = new Map(isPartly ? meant.map((of) => [of, saidOf(index, of, words)]) : [])
    const enough = !isPartly || meant.every((of) => (said.get(of) ?? 0) >= 1)
    const sure = meant.length === 1 && quality !== 'guess' && !common && !elsewhere && !shared && enough
    const bestFirst = [...meant].sort((a, b) => (said.get(b) ?? 0) - (said.get(a) ?? 0))
    return bestFirst.map((of) => ({
      of,
      places: [place],
      weight: 0,
      loose: 0,
      sure: sure && !(kind === 'model' && otherNumber(words, place)),
    }))
  })
}

/** So much of its own name makes it sure, and so much of what else it is called. */
const ENOUGH = { name: 0.6, also: 0.65 }

/**
 * How much of what it is called is said, from 1 on enough: the walking foot is no quilting, a curtain no curtain ring.
 */
const saidOf = ({ askables, phrases }: AskIndex, of: number, words: readonly ReadWord[]): number => {
  const said = new Set(words.flatMap(({ readings }) => [...readings.keys()]))
  const worth = (stems: readonly string[]) => stems.reduce((sum, one) => sum + (COMMON.has(one) ? 0.5 : 1), 0)
  // A fault's name with its technique's is said by half where the technique is.
  const isFault = askables[of]?.of !== undefined
  const own = phrases.filter((phrase) => phrase.of === of && !(isFault && phrase.isName))
  const shares = own.map(
    ({ stems, isName }) =>
      worth(stems.filter((one) => said.has(one))) / worth(stems) / ENOUGH[isName || isFault ? 'name' : 'also'],
  )
  return Math.max(0, ...shares)
}

/** A figure behind a word that nothing has: perhaps another model than the one that is known. */
export const otherNumber = (words: readonly ReadWord[], place: number): boolean => {
  const next = words[place + 1]
  return next !== undefined && /^\d+$/.test(next.text)
}
