/** Stage × machines: every pair that could serve, in order of preference. (answers §3) */
import {
  bookCodes,
  isPlateCover,
  namedFeet,
  withContents,
  type CatalogueIndex,
  type PlacedStitch,
} from '../catalogue/index'
import type { Accepted, Fabric, Id, Item, Model, Positions, Stage, Stitch } from '../catalogue/types'
import { TOLERANCE } from '../units/quantities'
import type { FitLookup } from './fit'
import type { FittingsLookup } from './fittings'
import type { ClearanceLookup } from './judge'
import { needleFor } from './needle'
import { variantsOf, type PairContext, type Variant } from './pair'
import { comparePreference, keyCosts, type Ranked } from './preference'
import type { Reason } from './reasons'
import { rememberedReaches, type ReachLookup } from './reach'
import { draftSettings, type SettingsDraft, type SettingsInput } from './settings'
import { beadThread } from './threads'
import type { FitEvidence, Question } from './types'
import { holds, type Circumstances } from './when'

export interface StageContext {
  index: CatalogueIndex
  fitOf: FitLookup
  technique: Id
  method: Id
  /** The model asked about, then the others the person has. */
  machines: readonly Model[]
  fabric: Fabric
  had: ReadonlySet<Id>
  job: Question['job']
  at: (model: Model) => Circumstances
  /** Needle plates to try on a model where nothing asks for one: fitted, supplied, owned by id. */
  platesOn: (model: Model) => (Item | undefined)[]
  /** Settings before clearance, remembered: feet share them. */
  draftsOf: (input: SettingsInput) => SettingsDraft
  clearingOf: ClearanceLookup
  /** What of a pair things are worked out from. */
  factsOf: (pair: PairContext) => Omit<SettingsInput['facts'], 'foot'>
  fittingsOf: FittingsLookup
  /** Whether a standard foot that is not had may be got where a stage takes any foot. */
  getStandard: boolean
  /** Looks only at what is had: the variants that need nothing, in the same order. */
  hadOnly: boolean
}

export interface Refusal {
  machine: number
  stitch: Ranked
  foot: Ranked | undefined
  /** What was refused, where it was a pair. */
  of?: { stitch: Id; foot: Id }
  reason: Reason
}

export interface StageVariants {
  /** Best first. */
  variants: Variant[]
  refusals: Refusal[]
}

export const stageVariants = (stage: Stage, context: StageContext): StageVariants => {
  const variants: Variant[] = []
  const refusals: Refusal[] = []
  context.machines.forEach((model, machine) => {
    if (!stage.kinds.includes(model.kind)) return
    const at = context.at(model)
    const needle = needleFor(stage, at, context.job)
    const listed = Array.isArray(stage.feet) ? listedFeet(stage.feet, at, context) : []
    for (const stitchAs of accepted(stage.stitches, at)) {
      const refuse = (foot: Ranked | undefined, reason: Reason, of?: Refusal['of']) =>
        refusals.push(
          of ? { machine, stitch: stitchAs, foot, reason, of } : { machine, stitch: stitchAs, foot, reason },
        )
      const placed = context.index.stitches.get(model.id)?.get(stitchAs.function as string) ?? []
      for (const { stitch, place } of placed) {
        const unfit = stitchMustReason(context.index, stage, { stitch, place }, model)
        if (unfit) {
          refuse(undefined, unfit)
          continue
        }
        const choices = footChoices(stage, model, stitch, listed, context).filter(
          ({ foot }) => !context.hadOnly || foot === undefined || context.had.has(foot.id),
        )
        if (choices.length === 0) refuse(undefined, { code: 'noFootListed', functions: footFunctions(stage) })
        for (const { foot, footAs, named, onlyIfHad } of choices) {
          const fit = foot ? context.fitOf(foot, model) : undefined
          const of = foot && { stitch: stitch.id, foot: foot.id }
          if (fit && fit.fits !== 'yes') {
            for (const reason of fit.reasons.slice(0, 1)) refuse(footAs, reason, of)
            continue
          }
          const pair: PairContext = {
            machine,
            model,
            stage,
            stitch,
            place,
            stitchAs,
            foot,
            footAs,
            named,
            onlyIfHad,
            fit,
            needle: { size: needle.size },
            job: context.job,
          }
          const found = variantsOf(pair, context)
          variants.push(...withoutDominated(found.variants.sort(compareVariants)))
          for (const reason of found.stops) refuse(footAs, reason, of)
        }
      }
      if (placed.length === 0) {
        refuse(undefined, { code: 'functionMissing', functions: [stitchAs.function as string] })
      }
    }
  })
  return { variants: variants.sort(compareVariants), refusals }
}

/** Accepted functions whose `when` holds, with their rank. */
export const accepted = (list: readonly Accepted[], at: Circumstances): Ranked[] =>
  list.flatMap((entry, rank) =>
    holds(entry.when, at) ? [{ rank, function: entry.function, tradeOff: entry.tradeOff }] : [],
  )

export const stitchMustReason = (
  index: CatalogueIndex,
  stage: Stage,
  { stitch }: PlacedStitch,
  model: Model,
): Reason | undefined => {
  const must = stage.stitchMust
  const avoided = must?.avoid?.find((attribute) => stitch.attributes?.includes(attribute))
  if (avoided !== undefined) return { code: 'stitchAvoided', model: model.id, stitch: stitch.id, attribute: avoided }
  if (must?.motions && !must.motions.includes(stitch.motion)) {
    return { code: 'stitchMotionAvoided', model: model.id, stitch: stitch.id, motion: stitch.motion }
  }
  if (must?.minWidth !== undefined) {
    const reach = widestReach(stitch, model, index.memory.lasting(rememberedReaches))
    if (reach !== undefined && reach < must.minWidth - TOLERANCE) {
      return { code: 'stitchTooNarrow', model: model.id, stitch: stitch.id, reach, minWidth: must.minWidth }
    }
  }
  return undefined
}

/** The greatest width a stitch can be set to; undefined where nothing is stated. */
const widestReach = (stitch: PlacedStitch['stitch'], model: Model, reachOf: ReachLookup): number | undefined => {
  const scale = model.scales.width
  const limits = [stitch.ranges?.width?.to, model.maxWidth]
  if (scale === 'absent') {
    const given = stitch.defaults?.width
    limits.push(typeof given === 'number' ? given : typeof given === 'object' ? given.to : undefined)
  } else if (scale) {
    const reach = reachOf(scale)
    limits.push(scale.to, reach.kind === 'list' ? reach.places.at(-1)?.value : undefined)
  }
  const stated = limits.filter((limit) => limit !== undefined)
  return stated.length > 0 ? Math.min(...stated) : undefined
}

export const footFunctions = ({ feet }: Stage): string[] =>
  typeof feet === 'string' ? [] : feet.map((entry) => entry.function)

interface FootChoice {
  foot: Item | undefined
  footAs: Ranked
  named: number | undefined
  onlyIfHad: boolean
}

const footChoices = (
  stage: Stage,
  model: Model,
  stitch: Stitch,
  listed: readonly { foot: Item; footAs: Ranked }[],
  { index, had, getStandard }: StageContext,
): FootChoice[] => {
  const named = namedFeet(index, model.make, stitch)
  if (stage.feet === 'none') {
    return [{ foot: undefined, footAs: NO_FUNCTION, named: undefined, onlyIfHad: false }]
  }
  if (stage.feet === 'any') {
    const standard = (index.feetByFunction.get('standard') ?? []).filter(
      (foot) => !named.has(foot) && (getStandard || had.has(foot.id)),
    )
    const choices: FootChoice[] = [
      ...[...named].map(([foot, place]) => ({ foot, footAs: NO_FUNCTION, named: place, onlyIfHad: false })),
      ...standard.map((foot) => ({ foot, footAs: NO_FUNCTION, named: undefined, onlyIfHad: !had.has(foot.id) })),
    ]
    const supplied = withContents(model.supplied, index.items)
    const standardSupplied = [...supplied].some((id) => {
      const item = index.items.get(id)
      return item?.what === 'foot' && item.functions?.includes('standard')
    })
    if (bookCodes(stitch).length === 0 && !standardSupplied) {
      choices.push({ foot: undefined, footAs: { ...NO_FUNCTION, rank: 1 }, named: undefined, onlyIfHad: false })
    }
    return choices
  }
  return listed.map(({ foot, footAs }) => ({ foot, footAs, named: named.get(foot), onlyIfHad: false }))
}

/** Feet of the functions a stage lists, best function first; the same for every stitch. */
const listedFeet = (
  feet: readonly Accepted[],
  at: Circumstances,
  { index, had, hadOnly }: StageContext,
): { foot: Item; footAs: Ranked }[] =>
  accepted(feet, at).flatMap((footAs) =>
    (index.feetByFunction.get(footAs.function as string) ?? []).flatMap((foot) =>
      hadOnly && !had.has(foot.id) ? [] : [{ foot, footAs }],
    ),
  )

export const NO_FUNCTION: Ranked = { rank: 0, function: undefined, tradeOff: undefined }

export const evidenceOf = ({ preference }: Variant): FitEvidence => preference.evidence

export const hasTradeOff = ({ preference }: Variant): boolean => keyCosts(preference.key)

export const compareVariants = (a: Variant, b: Variant): number => comparePreference(a.preference, b.preference)

/** What of a pair things are worked out from; its guide is the foot's own. */
export const factsOf =
  ({ at, index, job }: Pick<StageContext, 'at' | 'index' | 'job'>): StageContext['factsOf'] =>
  ({ stage, needle, model }) => ({
    needleSize: needle.size,
    thread: beadThread(stage, at(model), index),
    measured: job?.measured ?? NOTHING_MEASURED,
  })

const NOTHING_MEASURED = {}

/** Drops a pair's variants that need all an earlier one needs: whatever is had, the earlier one comes first. */
export const withoutDominated = (variants: readonly Variant[]): readonly Variant[] =>
  variants.length < 2
    ? variants
    : variants.filter(
        (variant, i) => !variants.slice(0, i).some((earlier) => earlier.need.every((id) => variant.need.includes(id))),
      )

/** Drafts of one question, remembered by what they depend on: stitch, stage, house sample and setup. */
export const memoizeDrafts = (): StageContext['draftsOf'] => {
  const byStitch = new Map<SettingsInput['stitch'], { input: SettingsInput; drafts: SettingsDraft }[]>()
  return (input) => {
    const ofStitch = byStitch.get(input.stitch) ?? []
    const same = ofStitch.find(
      ({ input: other }) =>
        other.stage === input.stage &&
        other.house?.sample === input.house?.sample &&
        other.at.model === input.at.model &&
        other.standsStill === input.standsStill &&
        sameFacts(other, input) &&
        sameSetup(other.setup, input.setup),
    )
    if (same) return same.drafts
    const drafts = draftSettings(input)
    byStitch.set(input.stitch, [...ofStitch, { input, drafts }])
    return drafts
  }
}

/** Whether all that is worked out comes from the same facts; of a foot it may be any. */
const sameFacts = ({ facts: a }: SettingsInput, { facts: b }: SettingsInput): boolean =>
  a === b || (a.foot === b.foot && a.thread === b.thread && a.needleSize === b.needleSize)

const sameSetup = (a: Positions, b: Positions): boolean => {
  const keys = Object.keys(a)
  return keys.length === Object.keys(b).length && keys.every((key) => a[key] === b[key])
}

/** The needle plate that is on a machine as it comes: the first that is supplied. */
export const fittedPlate = ({ supplied }: Pick<Model, 'supplied'>, { items }: CatalogueIndex): Id | undefined =>
  supplied.find((id) => {
    const item = items.get(id)
    return item?.what === 'plate' && !isPlateCover(item)
  })

/** Needle plates that came with a model and are stated not to fit it, where none is left. */
export const contradictedPlates = ({ index, fitOf }: Pick<StageContext, 'index' | 'fitOf'>, model: Model): Id[] => {
  const supplied = suppliedInOrder(model, index).flatMap((id) => index.items.get(id) ?? [])
  const plates = supplied.filter((item) => item.what === 'plate' && !isPlateCover(item))
  return plates.every((plate) => fitOf(plate, model).fits !== 'yes') ? plates.map(({ id }) => id) : []
}

/** Fitting plates of a model: the fitted one, other supplied ones as listed, then owned ones by id. */
export const platesOf = (
  { index, fitOf, had }: Pick<StageContext, 'index' | 'fitOf' | 'had'>,
  extra: readonly Id[],
) => {
  const byModel = new Map<Id, (Item | undefined)[]>()
  const isPlate = (item: Item | undefined): item is Item => item?.what === 'plate' && !isPlateCover(item)
  return (model: Model): (Item | undefined)[] => {
    const cached = byModel.get(model.id)
    if (cached) return cached
    const fits = (item: Item) => fitOf(item, model).fits === 'yes'
    const suppliedIds = suppliedInOrder(model, index)
    const supplied = suppliedIds.flatMap((id) => index.items.get(id) ?? []).filter(isPlate)
    const owned = [...new Set([...had, ...extra])]
      .filter((id) => !suppliedIds.includes(id))
      .sort()
      .flatMap((id) => index.items.get(id) ?? [])
      .filter(isPlate)
    const plates = [...supplied.filter(fits), ...owned.filter(fits)]
    // Where what came with it is stated unfit, nothing is known of the one that is on it.
    const isBare = supplied.length === 0 || !plates.some(({ id }) => had.has(id))
    const all = isBare ? [undefined, ...plates] : plates
    byModel.set(model.id, all)
    return all
  }
}

/** What comes with a model in the order listed, each pack followed by its contents. */
export const suppliedInOrder = (model: Model, index: CatalogueIndex): Id[] => {
  const seen = new Set<Id>()
  const visit = (id: Id): void => {
    if (seen.has(id)) return
    seen.add(id)
    index.items.get(id)?.contains?.forEach(visit)
  }
  model.supplied.forEach(visit)
  return [...seen]
}
