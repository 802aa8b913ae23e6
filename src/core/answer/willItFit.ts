/** Will it fit? One item on one model, with all that is stated, what it limits, and what would settle an unknown. */
import { isPlateCover, withContents, type CatalogueIndex } from '../catalogue/index'
import type { Id, Item, Model, Motion } from '../catalogue/types'
import type { Mm, NeedleSize, StitchesPerMinute } from '../units/quantities'
import { tidy } from '../units/quantities'
import { fencesAround } from './clearance'
import type { Fit, FitLookup } from './fit'
import type { StatementScope } from './reasons'
import { weighedStatements, type Standing } from './rules/fitStatements'

/** What holds although it fits. */
export type FitLimit =
  /** Widest centred stitch that stays clear with a needle of this size, and what stops it. */
  | { limit: 'width'; upTo: Mm; by: 'foot' | 'plate' | 'travel'; needle: NeedleSize; modelMax?: Mm | undefined }
  | { limit: 'widthUnknown' }
  | { limit: 'pin'; minWidth: Mm }
  | { limit: 'motions'; allows: Motion[] }
  | { limit: 'functions'; denies: string[] }
  | { limit: 'speed'; upTo: StitchesPerMinute }
  | { limit: 'needsItems'; items: Id[] }
  | { limit: 'needsPlate'; plates: Id[] }
  | { limit: 'needsOff'; features: string[] }
  | { limit: 'inTheWay'; feature: string }

export interface FitStated {
  id: Id
  fits: boolean
  chain: Id[]
  evidence: 'book' | 'bench'
  about: StatementScope
  where: string
  /** Whether it decides, agrees from below, is overruled by a stronger one, or is contested by an equal. */
  standing: Standing
}

export interface FitReport {
  item: Id
  model: Id
  fit: Pick<Fit, 'fits' | 'evidence' | 'chains' | 'reasons' | 'missing'>
  supplied: boolean
  statements: FitStated[]
  limits: FitLimit[]
  /** Where it does not fit: members of its family that do. */
  instead: Id[]
}

/** The needle that most cloth is sewn with. */
const USUAL_NEEDLE: NeedleSize = 80

export const willItFit = (
  { index, fitOf }: { index: CatalogueIndex; fitOf: FitLookup },
  item: Item,
  model: Model,
): FitReport => {
  const supplied = withContents(model.supplied, index.items)
  const fit = fitOf(item, model)
  return {
    item: item.id,
    model: model.id,
    fit,
    supplied: supplied.has(item.id),
    statements: weighedStatements(index, item, model, supplied),
    limits: fit.fits === 'no' ? [] : limitsOf(index, item, model),
    instead: fit.fits === 'no' ? fittingMembers({ index, fitOf }, item, model) : [],
  }
}

/** A person asks for the family and gets the member that fits their machine. */
const fittingMembers = (
  { index, fitOf }: { index: CatalogueIndex; fitOf: FitLookup },
  { id, family }: Item,
  model: Model,
): Id[] =>
  family === undefined
    ? []
    : [...index.items.values()]
        .filter((other) => other.family === family && other.id !== id && fitOf(other, model).fits === 'yes')
        .map((other) => other.id)

const limitsOf = (index: CatalogueIndex, item: Item, model: Model): FitLimit[] => {
  const limits: (FitLimit | undefined)[] = [
    item.what === 'foot' ? widthLimit(index, item, model) : undefined,
    item.minWidth === undefined ? undefined : { limit: 'pin', minWidth: item.minWidth },
    item.motions && { limit: 'motions', allows: item.motions },
    item.denies && { limit: 'functions', denies: item.denies },
    item.maxSpeed !== undefined && (model.maxSpeed === undefined || item.maxSpeed < model.maxSpeed)
      ? { limit: 'speed', upTo: item.maxSpeed }
      : undefined,
    item.needs?.items && { limit: 'needsItems', items: item.needs.items },
    item.needs?.plates && { limit: 'needsPlate', plates: item.needs.plates },
    item.needs?.without && { limit: 'needsOff', features: item.needs.without },
    item.what === 'foot' && model.features.includes('dualFeed') && item.dualFeedCutOut === false
      ? { limit: 'inTheWay', feature: 'dualFeed' }
      : undefined,
  ]
  return limits.filter((limit) => limit !== undefined)
}

/** The width at which a centred stitch comes up against foot, fitted plate or the needle bar's own travel. */
const widthLimit = (index: CatalogueIndex, foot: Item, model: Model): FitLimit | undefined => {
  if (foot.slot === undefined && foot.maxWidth === undefined) return { limit: 'widthUnknown' }
  const plate = model.supplied
    .map((id) => index.items.get(id))
    .find((item) => item?.what === 'plate' && !isPlateCover(item))
  const fences = fencesAround({
    model,
    foot,
    plates: plate ? [plate] : [],
    needleSize: USUAL_NEEDLE,
    twinSpacing: undefined,
  })
  const widths: { upTo: Mm; by: 'foot' | 'plate' | 'travel' }[] = fences.map(({ kind, span }) => ({
    upTo: Math.max(0, tidy(2 * Math.min(-span.from, span.to))),
    by: kind,
  }))
  if (foot.maxWidth !== undefined) widths.push({ upTo: foot.maxWidth, by: 'foot' })
  const [tightest] = widths.sort((a, b) => a.upTo - b.upTo)
  if (!tightest || (model.maxWidth !== undefined && tightest.upTo >= model.maxWidth)) return undefined
  return { limit: 'width', ...tightest, needle: USUAL_NEEDLE, modelMax: model.maxWidth }
}
