/** One stitch with one foot on one machine for one stage: every way it can be fitted, judged on every plate. */
import { isPlateCover, swingOf } from '../catalogue/index'
import type { Id, Item, Model, Sample, Stage, Stitch } from '../catalogue/types'
import type { NeedleSize } from '../units/quantities'
import { worksOut } from './calculations'
import type { Fit } from './fit'
import { NO_CHAIN, ZERO_LENGTH, type Fitting } from './fittings'
import type { HouseSetting } from './houseSetting'
import { houseSettingOf } from './houseSetting'
import { unstated, type Clearance } from './judge'
import { rememberedReaches } from './reach'
import { keyOf, type Preference, type Ranked } from './preference'
import type { Reason } from './reasons'
import { cutOutCaution, mergedSetup, refusedBy } from './rules/pairRules'
import type { SettingsDraft, SettingsInput } from './settings'
import type { StageContext } from './stage'
import type { Question } from './types'

export interface PairContext {
  machine: number
  model: Model
  stage: Stage
  stitch: Stitch
  /** Place of the stitch in its model. */
  place: number
  stitchAs: Ranked
  foot: Item | undefined
  footAs: Ranked
  /** Place of the foot among those the book names for the stitch; undefined where it is none of them. */
  named: number | undefined
  /** A foot the stage takes only because it is had; it is not offered for buying. */
  onlyIfHad: boolean
  fit: Fit | undefined
  needle: { size: NeedleSize }
  job: Question['job']
}

/** One way of working: a pair with its fitting and plate, judged. */
export interface Variant {
  pair: PairContext
  fitting: Fitting
  plate: Item | undefined
  /** The plate is there because something fitted needs it. */
  plateNeeded: boolean
  preference: Preference
  slotStated: boolean
  clearance: Clearance
  settings: SettingsDraft
  house: HouseSetting | undefined
  /** Good samples of another edition. */
  stale: readonly Sample[]
  /** What is not had of all that is fitted. */
  need: readonly Id[]
}

/** Every variant of a pair that works, and the reasons why the others do not. */
export const variantsOf = (pair: PairContext, context: StageContext): { variants: Variant[]; stops: Reason[] } => {
  const { foot, fit, model, stage, stitch } = pair
  const found = context.fittingsOf({
    index: context.index,
    fitOf: context.fitOf,
    model,
    stage,
    stitch,
    foot,
    chains: fit ? fit.chains : NO_CHAIN,
  })
  const stops = [...found.stops]
  const { house, stale } = houseSettingOf(context.index, {
    model,
    technique: context.technique,
    method: context.method,
    stage,
    fabric: context.fabric,
    stitch,
    foot: foot?.id,
  })
  const swing = swingOf(stitch, context.index)
  const facts = worksOut(stage) ? { ...context.factsOf(pair), foot } : NO_FACTS
  const reachOf = context.index.memory.lasting(rememberedReaches)
  const slotStated = foot === undefined ? stage.feet === 'none' : foot.slot !== undefined
  const evidence = fit?.evidence ?? 'book'
  const variants: Variant[] = []
  found.fittings.forEach((fitting, order) => {
    if (context.hadOnly && fitting.items.some(({ id }) => !context.had.has(id))) return
    const refusal = refusedBy(pair, fitting)
    if (refusal) {
      stops.push(refusal)
      return
    }
    const merged = mergedSetup(pair, fitting)
    if ('conflict' in merged) {
      stops.push(merged.conflict)
      return
    }
    const settings = context.draftsOf({
      stage,
      stitch,
      at: context.at(model),
      house,
      facts,
      reachOf,
      standsStill: fitting.met.some(({ feature }) => feature === ZERO_LENGTH),
      setup: merged.setup,
    })
    const covers = fitting.items.filter(isPlateCover)
    const missing = missingOf(fitting.items, context.had)
    platesFor(fitting, model, context).forEach((plate, plateOrder) => {
      const clearance = context.clearingOf({ pair, swing, plate, covers, settings })
      if ('refused' in clearance) {
        stops.push(clearance.refused)
        return
      }
      const { machine, stitchAs, footAs } = pair
      const narrowed = clearance.narrowed !== undefined
      variants.push({
        pair,
        fitting,
        plate,
        plateNeeded: fitting.plates !== undefined,
        slotStated,
        preference: {
          key: keyOf({ machine, stitchAs, footAs, unslotted: !slotStated, narrowed }),
          named: pair.named,
          chain: fitting.chain.length,
          evidence,
          place: pair.place,
          footId: foot?.id ?? '',
          order,
          plateOrder,
        },
        clearance,
        settings,
        house,
        stale,
        need: plate && !context.had.has(plate.id) ? [...missing, plate.id] : missing,
      })
    })
  })
  return { variants, stops }
}

/** What nobody has stated of a way of working. */
export const cautionsOf = (variant: Variant): Reason[] => [
  ...unstated(variant),
  ...cutOutCaution(variant.pair, variant.fitting),
]

const missingOf = (items: readonly Item[], had: ReadonlySet<Id>): readonly Id[] => {
  let missing: Id[] | undefined
  for (const { id } of items) if (!had.has(id)) (missing ??= []).push(id)
  return missing ?? NOTHING
}

const NOTHING: readonly never[] = []

/** Of a stage that has nothing worked out. */
const NO_FACTS: SettingsInput['facts'] = { needleSize: 0, foot: undefined, thread: undefined, measured: {} }

/** Needle plates in the order they are tried; `undefined` stands for a fitted plate of which nothing is known. */
const platesFor = ({ plates }: Fitting, model: Model, context: StageContext): readonly (Item | undefined)[] => {
  if (!plates) return context.platesOn(model)
  const had = plates.filter((plate) => context.had.has(plate.id))
  return context.hadOnly ? had : [...had, ...plates.filter((plate) => !context.had.has(plate.id))]
}
