/** What goes on together with a foot: its chain, what those need, the stage's accessories, what brings a feature. */
import type { Id, Item, Model, Stage, Stitch } from '../catalogue/types'
import type { CatalogueIndex } from '../catalogue/index'
import { isPlateCover } from '../catalogue/index'
import type { FitLookup } from './fit'
import { inRange, reaches, rememberedReaches } from './reach'
import type { Reason } from './reasons'

export interface Fitting {
  chain: Id[]
  /** Foot, chain, accessories, covers: everything but the needle plate, in the order it was asked for. */
  items: Item[]
  /** Needle plates of which one must be fitted, as listed; undefined where nothing needs one. */
  plates: Item[] | undefined
  /** The needed features as they are met; `item`: fitted only to bring it. */
  met: MetFeature[]
}

export interface MetFeature {
  feature: string
  item?: Id
}

/** The chains of what is no foot. */
export const NO_CHAIN: readonly Id[][] = [[]]

export interface FittingInput {
  index: CatalogueIndex
  fitOf: FitLookup
  model: Model
  stage: Stage
  stitch: Stitch
  foot: Item | undefined
  /** Those of one fit, by which they are remembered; `NO_CHAIN` without a foot. */
  chains: readonly Id[][]
}

export type FittingsLookup = (input: FittingInput) => ReturnType<typeof fittingsOf>

/**
 * A lookup that finds the fittings of a fit's chains on a model once for all stitches of a stage that bring nothing.
 */
export const memoizeFittings = (): FittingsLookup => {
  const byStage = new Map<Stage, Map<Model, Map<readonly Id[][], ReturnType<typeof fittingsOf>>>>()
  return (input) => {
    const { stage, model, chains, stitch } = input
    if (stitch.brings?.length || needsZeroLength(stage)) return fittingsOf(input)
    const ofStage = byStage.get(stage) ?? new Map<Model, Map<readonly Id[][], ReturnType<typeof fittingsOf>>>()
    byStage.set(stage, ofStage)
    const ofModel = ofStage.get(model) ?? new Map<readonly Id[][], ReturnType<typeof fittingsOf>>()
    ofStage.set(model, ofModel)
    const found = ofModel.get(chains) ?? fittingsOf(input)
    ofModel.set(chains, found)
    return found
  }
}

/** Each fitting in order of preference among equals (chain, then cheaper, then id), and what stopped the others. */
const fittingsOf = (input: FittingInput): { fittings: Fitting[]; stops: Reason[] } => {
  const { index, foot, chains, stage } = input
  const fittings: Fitting[] = []
  const stops: Reason[] = []
  for (const chain of chains) {
    const asked = [...(foot ? [foot] : []), ...chain.map((id) => index.items.get(id) as Item)]
    const started = withNeeds([], asked, input)
    if (!Array.isArray(started)) {
      stops.push(started)
      continue
    }
    for (const equipped of withAccessories(started, stage.accessories ?? [], input, stops)) {
      for (const { items, met } of withFeatures(equipped, [], input, stops)) {
        const plates = platesNeeded(items, input)
        if (plates && plates.length === 0) {
          const asking = items.find((item) => item.needs?.plates) as Item
          stops.push({ code: 'neededPlateUnfit', item: asking.id, plates: asking.needs?.plates ?? [] })
        } else fittings.push({ chain: [...chain], items, plates, met })
      }
    }
  }
  return { fittings, stops }
}

/** Adds items with all that they need; a reason where a needed item is unfit. */
const withNeeds = (fitted: readonly Item[], added: readonly Item[], input: FittingInput): Item[] | Reason => {
  const all = [...fitted]
  const open = [...added]
  for (let item = open.shift(); item !== undefined; item = open.shift()) {
    if (all.includes(item)) continue
    all.push(item)
    for (const id of item.needs?.items ?? []) {
      const needed = input.index.items.get(id)
      if (!needed || isUnfit(needed, input)) return { code: 'neededItemUnfit', item: item.id, needs: id }
      open.push(needed)
    }
  }
  return all
}

/** A needed foot or plate may be unknown to the rules; only a "does not fit" refuses it. */
const isUnfit = (item: Item, { fitOf, model }: FittingInput): boolean => {
  const { fits, onlyByRule } = fitOf(item, model)
  return fits === 'no' && !onlyByRule
}

const byPrice = (a: Item, b: Item): number =>
  (a.price ?? Infinity) - (b.price ?? Infinity) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)

/** `Infinity - Infinity` is no order; unknown prices are equal. */
const cheapestFirst = (items: readonly Item[]): Item[] =>
  [...items].sort((a, b) => (a.price === b.price ? (a.id < b.id ? -1 : 1) : byPrice(a, b)))

function* withAccessories(
  fitted: Item[],
  functions: readonly string[],
  input: FittingInput,
  stops: Reason[],
): Generator<Item[]> {
  const [wanted, ...rest] = functions
  if (wanted === undefined) {
    yield fitted
    return
  }
  if (fitted.some((item) => item.what === 'accessory' && item.functions?.includes(wanted))) {
    yield* withAccessories(fitted, rest, input, stops)
    return
  }
  const listed = input.index.accessoriesByFunction.get(wanted) ?? []
  const fitting = cheapestFirst(listed.filter((item) => input.fitOf(item, input.model).fits === 'yes'))
  if (fitting.length === 0) stops.push({ code: 'accessoryMissing', function: wanted })
  for (const item of fitting) {
    const next = withNeeds(fitted, [item], input)
    if (Array.isArray(next)) yield* withAccessories(next, rest, input, stops)
    else stops.push(next)
  }
}

/** The length at 0 in place of the feed dogs down. */
export const ZERO_LENGTH = 'zeroLength'

const needsZeroLength = ({ features }: Stage): boolean => (features?.need ?? []).flat().includes(ZERO_LENGTH)

/** The model's scale is stated and reaches 0, and the stitch's range, where stated, holds it. */
const standsStill = ({ index, model, stitch }: FittingInput): boolean => {
  const reachOf = index.memory.lasting(rememberedReaches)
  const scale = model.scales.length
  const range = stitch.ranges?.length
  return typeof scale === 'object' && reaches(reachOf(scale), 0) && (range === undefined || inRange(0, range))
}

/** The needs in turn: of each the first word that is met, else everything that would bring one of its words. */
function* withFeatures(
  items: Item[],
  met: MetFeature[],
  input: FittingInput,
  stops: Reason[],
): Generator<{ items: Item[]; met: MetFeature[] }> {
  const { model, stitch, stage, index, fitOf } = input
  const need = stage.features?.need?.[met.length]
  if (need === undefined) {
    yield { items, met }
    return
  }
  const isMet = (feature: string) =>
    feature === ZERO_LENGTH
      ? standsStill(input)
      : model.features.includes(feature) ||
        (stitch.brings ?? []).includes(feature) ||
        items.some((item) => item.brings?.includes(feature))
  const words = Array.isArray(need) ? need : [need]
  const first = words.find(isMet)
  if (first !== undefined) {
    yield* withFeatures(items, [...met, { feature: first }], input, stops)
    return
  }
  const bringing = words.flatMap((feature) =>
    cheapestFirst((index.bringers.get(feature) ?? []).filter((item) => fitOf(item, model).fits === 'yes')).map(
      (item) => ({ feature, item }),
    ),
  )
  if (bringing.length === 0) stops.push({ code: 'featureMissing', features: words })
  for (const { feature, item } of bringing) {
    const next = withNeeds(items, [item], input)
    if (Array.isArray(next)) yield* withFeatures(next, [...met, { feature, item: item.id }], input, stops)
    else stops.push(next)
  }
}

/** The needle plates that satisfy every item that needs one, in the order of the first that asks. */
const platesNeeded = (items: readonly Item[], { index, fitOf, model }: FittingInput): Item[] | undefined => {
  const lists = items.flatMap((item) => (item.needs?.plates ? [item.needs.plates] : []))
  const [first, ...others] = lists
  if (!first) return undefined
  return first
    .filter((id) => others.every((list) => list.includes(id)))
    .flatMap((id) => index.items.get(id) ?? [])
    .filter((plate) => plate.what === 'plate' && !isPlateCover(plate) && fitOf(plate, model).fits === 'yes')
}
