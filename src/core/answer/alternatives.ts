import { bookCodes, withContents, type CatalogueIndex } from '../catalogue/index'
import type { Id } from '../catalogue/types'
import type { Variant } from './pair'
import { compareNamed, EVIDENCE_RANK } from './preference'
import type { Reason } from './reasons'
import { evidenceOf, hasTradeOff } from './stage'
import type { Alternative } from './types'

/** The stage's other pairs, best first, each once, with what is better and worse than the chosen one. */
export const alternativesOf = (
  chosen: Variant,
  variants: readonly Variant[],
  toGet: readonly Id[],
  index: CatalogueIndex,
): Alternative[] => {
  const got = withContents(toGet, index.items)
  const ways = new Map<string, Variant[]>()
  const own = pairKey(chosen)
  for (const variant of variants) {
    const key = pairKey(variant)
    if (key === own) continue
    const ofPair = ways.get(key)
    if (ofPair) ofPair.push(variant)
    else ways.set(key, [variant])
  }
  const best = [...ways.values()].map((ofPair) => bestOf(ofPair, got))
  const offered = best.filter((variant) => !variant.pair.onlyIfHad || variant.need.every((id) => got.has(id)))
  const had = offered.filter(({ need }) => need.every((id) => got.has(id)))
  const hadToo = new Set(had)
  return [...had, ...offered.filter((variant) => !hadToo.has(variant))].map((variant) => {
    const { pair, need } = variant
    return {
      model: pair.model.id,
      stitch: pair.stitch.id,
      ...(pair.foot ? { foot: pair.foot.id } : {}),
      toGet: [...need].sort(),
      ...compared(variant, chosen),
    }
  })
}

const pairKey = ({ pair }: Variant): string => `${pair.machine}\n${pair.stitch.id}\n${pair.foot?.id ?? ''}`

/** What is had before what is not, then the fewest to get, then the order of preference. */
const bestOf = (variants: readonly Variant[], got: ReadonlySet<Id>): Variant => {
  const missing = ({ need }: Variant) => need.filter((id) => !got.has(id)).length
  return variants.reduce((best, variant) => (missing(variant) < missing(best) ? variant : best))
}

/** What is better and worse of another pair than of the chosen one, in the order in which pairs are compared. */
export const compared = (other: Variant, chosen: Variant): Pick<Alternative, 'better' | 'worse'> => {
  const better: Reason[] = []
  const worse: Reason[] = []
  /** Says one thing of the alternative when it wins, another when it loses. */
  const weigh = (difference: number, wins: Reason, loses: Reason) => {
    if (difference > 0) better.push(wins)
    else if (difference < 0) worse.push(loses)
  }
  const [a, b] = [other.pair, chosen.pair]
  if (other.need.length > 0) worse.push({ code: 'wouldNeed', items: [...other.need].sort() })
  else if (chosen.need.length > 0) better.push({ code: 'nothingToGet' })
  if (hasTradeOff(chosen) && !hasTradeOff(other)) better.push({ code: 'noTradeOff' })
  for (const of of ['stitch', 'foot'] as const) {
    const [mine, theirs] = of === 'stitch' ? [a.stitchAs, b.stitchAs] : [a.footAs, b.footAs]
    const named = mine.function ?? ''
    if (mine.tradeOff !== undefined && mine.tradeOff !== theirs.tradeOff) {
      worse.push({ code: 'tradeOff', of, function: named, text: mine.tradeOff })
    } else {
      weigh(
        theirs.rank - mine.rank,
        { code: 'preferredFunction', of, function: named },
        { code: 'lessPreferredFunction', of, function: named },
      )
    }
  }
  if (a.machine !== b.machine) worse.push({ code: 'otherMachine', model: a.model.id })
  weigh(
    Number(other.slotStated) - Number(chosen.slotStated),
    { code: 'slotStated' },
    { code: 'slotUnknown', what: 'foot', ...(a.foot ? { item: a.foot.id } : {}) },
  )
  weigh(Number(isNarrowed(chosen)) - Number(isNarrowed(other)), { code: 'fullWidth' }, { code: 'isNarrowed' })
  const byBook = compareNamed(a.named, b.named)
  if (a.foot && byBook < 0) better.push({ code: 'bookNamesIt', foot: a.foot.id })
  if (byBook > 0 && bookCodes(a.stitch).length > 0)
    worse.push({ code: 'bookNamesAnother', feet: [...bookCodes(a.stitch)] })
  weigh(
    chosen.fitting.chain.length - other.fitting.chain.length,
    { code: 'shorterChain' },
    { code: 'longerChain', chain: other.fitting.chain },
  )
  const evidence = evidenceOf(other)
  weigh(
    EVIDENCE_RANK[evidenceOf(chosen)] - EVIDENCE_RANK[evidence],
    { code: 'strongerEvidence', evidence },
    { code: 'weakerEvidence', evidence },
  )
  return { better, worse }
}

const isNarrowed = ({ clearance }: Variant): boolean => clearance.narrowed !== undefined
