/** Does an item fit a model? Statements first, then rule; three-valued, because unknown is never no. (answers §1) */
import { isPlateCover, withContents, type CatalogueIndex } from '../catalogue/index'
import type { Id, Item, Model } from '../catalogue/types'
import { compareChains } from './order'
import type { MissingFact, Reason } from './reasons'
import { fitByRule, unknownFit } from './rules/fitByRule'
import { decideByStatements } from './rules/fitStatements'
import type { FitEvidence } from './types'

export interface Fit {
  fits: 'yes' | 'no' | 'unknown'
  evidence: FitEvidence
  /** The chains through which it fits, shortest first, then by ids; empty unless it fits. */
  chains: Id[][]
  reasons: Reason[]
  missing: MissingFact[]
  /** It does not fit as worked out from shank, attachment and pattern; nobody has stated it. */
  onlyByRule?: true
}

export type FitLookup = (item: Item, model: Model) => Fit

/**
 * A lookup that remembers by item and by the model as it is: fit depends on the catalogue alone, not on who owns what,
 * and a model that changed is another.
 */
export const fitLookup = (index: CatalogueIndex): FitLookup => {
  const byModel = new WeakMap<Model, { supplied: Set<Id>; byRule: (foot: Item) => Fit; fits: Map<Id, Fit> }>()
  const ruling = sharedRule(index)
  const lookup: FitLookup = (item, model) => {
    let ofModel = byModel.get(model)
    if (!ofModel) {
      const supplied = withContents(model.supplied, index.items)
      ofModel = { supplied, byRule: ruling(model, supplied), fits: new Map() }
      byModel.set(model, ofModel)
    }
    const fit = ofModel.fits.get(item.id) ?? fitWhereSupplied(index, item, model, ofModel.supplied, ofModel.byRule)
    ofModel.fits.set(item.id, fit)
    return fit
  }
  return lookup
}

/** The fit by rule alone, found once for all models that state the same of shank, attachment and adapters. */
const sharedRule = (index: CatalogueIndex) => {
  const places = new Map<string, Map<Id, Fit>>()
  return (model: Model, supplied: ReadonlySet<Id>): ((foot: Item) => Fit) => {
    const { shank, attachment, make, id } = model
    const turners = usableTurners(index, model, supplied)
    const unstated = shank === undefined || attachment === undefined ? id : ''
    const place = [
      shank,
      attachment,
      index.makes.get(make)?.footPattern,
      unstated,
      ...turners.map((turner) => turner.id),
    ].join('\n')
    const fits = places.get(place) ?? new Map<Id, Fit>()
    places.set(place, fits)
    return (foot) => {
      const fit = fits.get(foot.id) ?? fitByRule(foot, model, { makes: index.makes, turners })
      fits.set(foot.id, fit)
      return fit
    }
  }
}

const usableTurners = (index: CatalogueIndex, model: Model, supplied: ReadonlySet<Id>): Item[] =>
  index.turners.filter(({ id }) => isUsable(index, id, model, supplied))

/** The fit on a model with which all of `supplied` comes, packs opened. */
export const fitWhereSupplied = (
  index: CatalogueIndex,
  item: Item,
  model: Model,
  supplied: ReadonlySet<Id>,
  byRule = (foot: Item): Fit =>
    fitByRule(foot, model, { makes: index.makes, turners: usableTurners(index, model, supplied) }),
): Fit => {
  const lacking = item.needs?.features?.find((feature) => !model.features.includes(feature))
  if (lacking !== undefined) return no('workedOut', [{ code: 'lacksFeature', item: item.id, feature: lacking }])

  const stated = decideByStatements(index, item, model, supplied)
  if (stated && !stated.fits) return no(stated.evidence, stated.reasons)
  const usable = (id: Id): boolean => isUsable(index, id, model, supplied)
  if (stated) {
    const chains = stated.chains.filter((chain) => chain.every(usable)).sort(compareChains)
    if (chains.length > 0) {
      return { fits: 'yes', evidence: stated.evidence, chains, reasons: stated.reasons, missing: [] }
    }
    const blocked = stated.chains.flat().find((id) => !usable(id)) as Id
    return no(stated.evidence, [{ code: 'neededItemUnfit', item: item.id, needs: blocked }])
  }
  return item.what === 'foot' ? byRule(item) : fitOfOthers(item, model)
}

/** Fit of what is no foot and of which nothing is stated. */
const fitOfOthers = (item: Item, model: Model): Fit => {
  if (item.what === 'plate' || isPlateCover(item)) {
    const missing: MissingFact[] = [{ of: 'item', id: item.id, key: 'fitStatement' }]
    return unknownFit(item, missing)
  }
  if (item.circular) {
    const mount = `circularMount:${item.circular.mountGroup}`
    if (!model.features.includes(mount)) {
      return no('workedOut', [{ code: 'lacksFeature', item: item.id, feature: mount }])
    }
  }
  return {
    fits: 'yes',
    evidence: 'workedOut',
    chains: [[]],
    reasons: [{ code: 'fitByRule', item: item.id, chain: [] }],
    missing: [],
  }
}

/** Whether an item of a chain may be used: in the catalogue, not stated unfit, its needed features there. */
const isUsable = (index: CatalogueIndex, id: Id, model: Model, supplied: ReadonlySet<Id>): boolean => {
  const item = index.items.get(id)
  if (!item) return false
  if (item.needs?.features?.some((feature) => !model.features.includes(feature))) return false
  return decideByStatements(index, item, model, supplied)?.fits !== false
}

const no = (evidence: FitEvidence, reasons: Reason[]): Fit => ({
  fits: 'no',
  evidence,
  chains: [],
  reasons,
  missing: [],
})
