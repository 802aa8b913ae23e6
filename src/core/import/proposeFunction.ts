/** Proposes the generic function of a stitch from its native name. A proposal waits for a person's yes. */
import type { Bundle, Motion, StitchFunction } from '../catalogue/types'

export interface KnownName {
  name: string
  function: string
  motion: Motion
  make: string
  /** How many stitches use it so. */
  count: number
}

export interface Proposal {
  function: string
  motion: Motion
  /** What it was told from. */
  from: 'sameMake' | 'otherMake' | 'words'
}

/** Every native name the catalogue already gives a function to, once for each use of it, with how often. */
export const knownNames = (bundle: Pick<Bundle, 'models'>): KnownName[] => {
  const uses = new Map<string, KnownName>()
  for (const { make, stitches } of bundle.models) {
    for (const { nativeName, function: named, motion } of stitches) {
      if (nativeName === undefined) continue
      const name = plain(nativeName)
      const key = [make, name, named, motion].join('\n')
      const use = uses.get(key)
      if (use) use.count++
      else uses.set(key, { name, function: named, motion, make, count: 1 })
    }
  }
  return [...uses.values()]
}

const plain = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()

const LEAST_SHARE = 0.6

/** Proposes the function of a native name; undefined where neither an earlier name nor the words come near. */
export type Proposer = (name: string) => Proposal | undefined

/**
 * Learns from every name the catalogue gives a function to: a name means what its make uses it for most often, then
 * what other makes do, then what its words say. What people corrected and applied is in the catalogue, so it counts.
 */
export const functionProposer = (
  make: string,
  names: readonly KnownName[],
  functions: readonly StitchFunction[],
): Proposer => {
  const own = mostUsed(names.filter((entry) => entry.make === make))
  const other = mostUsed(names.filter((entry) => entry.make !== make))
  const motions = new Map(names.map((entry) => [entry.function, entry.motion]))
  const byWords = functions.map(({ id, name }) => ({ id, words: words(plain(name)) }))
  return (name) => {
    const wanted = plain(name)
    if (wanted === '') return undefined
    const same = own.get(wanted)
    if (same) return { ...same, from: 'sameMake' }
    const elsewhere = other.get(wanted)
    if (elsewhere) return { ...elsewhere, from: 'otherMake' }
    const wantedWords = words(wanted)
    let best: { id: string; share: number } | undefined
    for (const entry of byWords) {
      const share = sharedWords(wantedWords, entry.words)
      if (share >= LEAST_SHARE && (!best || share > best.share)) best = { id: entry.id, share }
    }
    return best && { function: best.id, motion: motions.get(best.id) ?? 'forward', from: 'words' }
  }
}

/** Of the uses of each name the commonest; the first of equals. */
const mostUsed = (known: readonly KnownName[]): Map<string, { function: string; motion: Motion }> => {
  const uses = new Map<string, Map<string, { count: number; function: string; motion: Motion }>>()
  for (const { name, function: named, motion, count } of known) {
    const ofName = uses.get(name) ?? new Map<string, { count: number; function: string; motion: Motion }>()
    uses.set(name, ofName)
    const use = ofName.get(`${named}/${motion}`) ?? { count: 0, function: named, motion }
    ofName.set(`${named}/${motion}`, { ...use, count: use.count + count })
  }
  return new Map(
    [...uses].map(([name, ofName]) => {
      const [best] = [...ofName.values()].sort((a, b) => b.count - a.count)
      return [name, { function: best?.function ?? '', motion: best?.motion ?? 'forward' }]
    }),
  )
}

/** What says nothing of the function: small words, sizes, and where the needle stands. */
const FILLERS = new Set(
  'stitch st the for with and standard wide narrow left right centre center middle needle position'.split(' '),
)
/** Words for one thing. */
const ALIKE: Readonly<Record<string, string>> = { knits: 'stretch', knit: 'stretch', wovens: 'woven' }
const words = (text: string): Set<string> =>
  new Set(text.split(' ').flatMap((word) => (word && !FILLERS.has(word) ? (ALIKE[word] ?? word) : [])))

/** Shared words as a share of all words of both. */
const sharedWords = (a: ReadonlySet<string>, b: ReadonlySet<string>): number => {
  let shared = 0
  for (const word of a) if (b.has(word)) shared++
  const all = a.size + b.size - shared
  return all === 0 ? 0 : shared / all
}
