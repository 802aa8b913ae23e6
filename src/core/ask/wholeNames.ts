/** Names of which every word stands in the line. */
import type { AskIndex, AskKind, Phrase } from './askIndex'
import { COMMON } from './commonWords'
import { otherNumber, type Candidate } from './oneWord'
import type { ReadWord } from './reading'

/** Of what kinds a longer name takes in what is a part of it: "lining satin" is no satin stitch. */
const SWALLOWS: Record<AskKind, readonly AskKind[]> = {
  customer: ['model', 'technique', 'trouble', 'fabric'],
  model: ['technique', 'trouble', 'fabric'],
  technique: ['trouble'],
  trouble: [],
  fabric: ['technique', 'trouble'],
}

/** Names of which every word was said; of one thing the fullest. */
export const wholeNames = ({ askables, phrases, byStem }: AskIndex, words: readonly ReadWord[]): Candidate[] => {
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
