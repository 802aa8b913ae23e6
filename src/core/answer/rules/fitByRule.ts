import type { Attachment, Id, Item, Make, Model, Shank } from '../../catalogue/types'
import type { MissingFact, Reason } from '../reasons'
import type { Fit } from '../fit'
import { compareChains } from '../order'

/** Where a foot would be put: the model itself, or what an adapter makes of it. Undefined keys are not stated. */
interface JoiningPlace {
  shank: Shank | undefined
  attachment: Attachment | undefined
  pattern: string
}

/** A comparison's outcome; `no` keeps what differed, `unknown` what is not stated. */
type Comparison = { is: 'yes' } | { is: 'no'; needs: string; has: string } | { is: 'unknown'; missing: MissingFact[] }

const MOST_ADAPTERS = 2

/**
 * A foot's fit worked out from shank, attachment and pattern, through at most two adapters. Any chain that fits
 * settles it; failing that, any chain that might fit leaves it unknown.
 */
export const fitByRule = (
  foot: Item,
  model: Model,
  { makes, turners }: { makes: ReadonlyMap<Id, Make>; turners: readonly Item[] },
): Fit => {
  const patternOf = (make: Id | undefined) =>
    make === undefined ? 'generic' : (makes.get(make)?.footPattern ?? 'generic')
  const own: JoiningPlace = { shank: model.shank, attachment: model.attachment, pattern: patternOf(model.make) }
  const chains: Id[][] = []
  const missing: MissingFact[] = []
  let direct: Comparison | undefined

  const tryPlace = (place: JoiningPlace, chain: Item[], open: MissingFact[]): void => {
    const comparison = compareFoot(foot, patternOf(foot.make), place, model.id)
    if (chain.length === 0) direct = comparison
    if (comparison.is === 'yes' && open.length === 0) chains.push(chain.map(({ id }) => id))
    else if (comparison.is !== 'no') missing.push(...open, ...(comparison.is === 'unknown' ? comparison.missing : []))
    if (chain.length === MOST_ADAPTERS) return
    for (const turner of turners) {
      if (!turner.turns || chain.includes(turner)) continue
      const matched = compareFrom(turner.turns.from, place, model.id)
      if (matched.is === 'no') continue
      const { shank = place.shank, attachment = place.attachment, pattern = 'generic' } = turner.turns.to
      tryPlace(
        { shank, attachment, pattern },
        [...chain, turner],
        [...open, ...(matched.is === 'unknown' ? matched.missing : [])],
      )
    }
  }
  tryPlace(own, [], [])

  if (chains.length > 0) {
    chains.sort(compareChains)
    const reasons: Reason[] = [{ code: 'fitByRule', item: foot.id, chain: chains[0] as Id[] }]
    return { fits: 'yes', evidence: 'workedOut', chains, reasons, missing: [] }
  }
  if (missing.length > 0) return unknownFit(foot, distinct(missing))
  const differs = direct as Extract<Comparison, { is: 'no' }>
  return {
    fits: 'no',
    evidence: 'workedOut',
    chains: [],
    reasons: [{ code: 'doesNotFitByRule', item: foot.id, needs: differs.needs, has: differs.has }],
    missing: [],
    onlyByRule: true,
  }
}

const compareFoot = (foot: Item, pattern: string, place: JoiningPlace, model: Id): Comparison => {
  const { attachment } = foot
  const footSilent = (key: 'shank' | 'attachment'): MissingFact[] => [{ of: 'item', id: foot.id, key }]
  if (attachment === undefined) return { is: 'unknown', missing: footSilent('attachment') }
  if (attachment === 'screwOn') {
    return allOf([
      compare(place.attachment, ['snapOn', 'screwOn'], model, 'attachment'),
      foot.shank === undefined
        ? { is: 'unknown', missing: footSilent('shank') }
        : compare(place.shank, [foot.shank], model, 'shank'),
    ])
  }
  if (attachment === 'snapOn') {
    return allOf([
      compare(place.attachment, ['snapOn'], model, 'attachment'),
      pattern === place.pattern ? { is: 'yes' } : { is: 'no', needs: pattern, has: place.pattern },
    ])
  }
  return compare(place.attachment, [attachment], model, 'attachment')
}

/** A place matches an adapter's `from` in every key it names; `screwOn` also where an ankle comes off. */
const compareFrom = (from: { shank?: Shank; attachment?: Attachment }, place: JoiningPlace, model: Id): Comparison =>
  allOf([
    from.shank === undefined ? { is: 'yes' } : compare(place.shank, [from.shank], model, 'shank'),
    from.attachment === undefined
      ? { is: 'yes' }
      : compare(
          place.attachment,
          from.attachment === 'screwOn' ? ['screwOn', 'snapOn'] : [from.attachment],
          model,
          'attachment',
        ),
  ])

const compare = (
  has: string | undefined,
  accepted: readonly string[],
  model: Id,
  key: 'shank' | 'attachment',
): Comparison => {
  if (has === undefined) return { is: 'unknown', missing: [{ of: 'model', id: model, key }] }
  return accepted.includes(has) ? { is: 'yes' } : { is: 'no', needs: accepted.join('|'), has }
}

/** All must say yes: one no is a no, whatever the others leave open. */
const allOf = (comparisons: readonly Comparison[]): Comparison => {
  const refused = comparisons.find(({ is }) => is === 'no')
  if (refused) return refused
  const missing = comparisons.flatMap((comparison) => (comparison.is === 'unknown' ? comparison.missing : []))
  return missing.length > 0 ? { is: 'unknown', missing } : { is: 'yes' }
}

const distinct = (facts: readonly MissingFact[]): MissingFact[] => [
  ...new Map(facts.map((fact) => [`${fact.of}/${fact.id}/${fact.key}`, fact])).values(),
]

/** A fit that waits for somebody to state what is missing. */
export const unknownFit = (item: Item, missing: MissingFact[]): Fit => ({
  fits: 'unknown',
  evidence: 'workedOut',
  chains: [],
  reasons: [{ code: 'fitUnknown', item: item.id, missing }],
  missing,
})
