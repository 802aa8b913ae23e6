/** One stage of the chosen method, told in full. */
import { namedFeet } from '../catalogue/index'
import type { Id, Item, Model, Parameter, Stage } from '../catalogue/types'
import { alternativesOf, compared } from './alternatives'
import { nearestRefusal, type MethodContext, type MethodResult } from './method'
import { needleFor } from './needle'
import { clearRanges, settledDrafts } from './judge'
import { cautionsOf, type PairContext, type Variant } from './pair'
import type { Ranked } from './preference'
import type { Reason } from './reasons'
import { finishSetting } from './finishSetting'
import { contradictedPlates, evidenceOf, fittedPlate, type StageVariants } from './stage'
import { threadsFor } from './threads'
import type { Setting, StageAnswer } from './types'
import type { Circumstances } from './when'

export const answerStage = (stage: Stage, at: number, taken: MethodResult, context: MethodContext): StageAnswer => {
  const purchase = taken.purchase
  const variant = purchase?.chosen[at]
  const found = taken.stages[at]
  if (!purchase || !variant || !found) throw new Error(`stage ${stage.id} has no answer`)
  const { pair, fitting, plate, house } = variant
  const { model, stitch, foot } = pair
  const circumstances: Circumstances = { model, fabric: context.fabric, layers: context.layers }
  const { reasons: needleReasons, ...needle } = needleFor(stage, circumstances, context.job)
  const speed = maxSpeed(stage, variant)
  return {
    stage: stage.id,
    model: model.id,
    stitch: stitch.id,
    select: stitch.select,
    function: stitch.function,
    ...(foot ? { foot: foot.id } : {}),
    chain: fitting.chain,
    ...(plate ? { plate: plate.id } : {}),
    accessories: fitting.items.filter(isExtra(variant)).map(({ id }) => id),
    fitEvidence: evidenceOf(variant),
    ...(house
      ? {
          proved: {
            sample: house.sample.id,
            samples: house.samples,
            people: house.people,
            days: house.days,
            last: house.last,
            pinned: house.pinned,
          },
        }
      : {}),
    needle: { ...(needle.system ? { system: needle.system } : {}), point: needle.point, size: needle.size },
    threads: threadsFor(stage, circumstances),
    ...(speed === undefined ? {} : { maxSpeed: speed }),
    setup: variant.settings.setup,
    features: fitting.met,
    settings: settingsOf(variant),
    reasons: [
      ...(pair.fit?.reasons ?? []),
      ...swingLimit(variant),
      ...plateChange(variant, context),
      ...plateContradiction(variant, context),
      ...fitting.met.flatMap(({ feature, item }): Reason[] =>
        item === undefined ? [] : [{ code: 'bringsFeature', item, feature }],
      ),
      ...tradeOffsOf(variant),
      ...betterFunctions(variant, found),
      ...bookFeetLeft(variant, found, context),
      ...staleSamples(variant),
      ...needleReasons,
    ],
    cautions: cautionsOf(variant),
    alternatives: alternativesOf(variant, found.variants, purchase.toGet, context.index),
  }
}

/** All that is fitted beside foot, chain and needle plate. */
const isExtra =
  ({ pair, fitting }: Variant) =>
  (item: { id: Id }): boolean =>
    item !== pair.foot && !fitting.chain.includes(item.id)

const settingsOf = (variant: Variant): StageAnswer['settings'] => {
  const { model } = variant.pair
  const drafts = settledDrafts(variant)
  const clear = clearRanges(variant, drafts)
  const settings: Partial<Record<Parameter, Setting>> = {}
  for (const [parameter, draft] of drafts) {
    settings[parameter] = finishSetting(draft, {
      scale: model.scales[parameter],
      setup: variant.settings.setup,
      offsetLimit: parameter === 'tension' ? offsetLimit(model) : undefined,
      clear: parameter === 'width' ? clear.width : parameter === 'needlePosition' ? clear.needlePosition : undefined,
    })
  }
  return settings
}

/** `defaultTensionOffset:<limit>`: steps that one offset can hold for every stitch. */
const offsetLimit = (model: Model): number | undefined => {
  const word = model.features.find((feature) => feature.startsWith('defaultTensionOffset:'))
  const limit = word === undefined ? NaN : Number(word.slice('defaultTensionOffset:'.length))
  return Number.isFinite(limit) ? limit : undefined
}

const maxSpeed = (stage: Stage, { pair, fitting, plate }: Variant): number | undefined => {
  const speeds = [pair.model.maxSpeed, stage.maxSpeed, ...fitting.items.map((item) => item.maxSpeed), plate?.maxSpeed]
  const stated = speeds.filter((speed) => speed !== undefined)
  return stated.length > 0 ? Math.min(...stated) : undefined
}

const swingLimit = ({ pair: { foot, model } }: Variant): Reason[] => {
  if (!foot || model.maxWidth === undefined) return []
  const slot =
    foot.slot === undefined ? Infinity : typeof foot.slot === 'number' ? foot.slot : foot.slot.right - foot.slot.left
  const upTo = Math.min(slot, foot.maxWidth ?? Infinity)
  return upTo < model.maxWidth ? [{ code: 'limitsSwing', item: foot.id, upTo, modelMax: model.maxWidth }] : []
}

const plateChange = ({ pair, plate }: Variant, { index }: MethodContext): Reason[] => {
  const fitted = fittedPlate(pair.model, index)
  return plate && plate.id !== fitted
    ? [{ code: 'changePlate', ...(fitted === undefined ? {} : { from: fitted }), to: plate.id }]
    : []
}

const plateContradiction = ({ pair, plate }: Variant, context: MethodContext): Reason[] => {
  const plates = plate ? [] : contradictedPlates(context, pair.model)
  return plates.length > 0 ? [{ code: 'platesContradicted', plates }] : []
}

/** Feet of an accepted function that the book names for the stitch, where another is taken: each with why. */
const bookFeetLeft = (chosen: Variant, found: StageVariants, { index }: MethodContext): Reason[] => {
  const { pair } = chosen
  const { stage, stitch, model } = pair
  if (pair.named === 0 || pair.foot === undefined) return []
  const isAccepted = ({ functions = [] }: Item) =>
    !Array.isArray(stage.feet) || stage.feet.some((accepted) => functions.includes(accepted.function))
  return [...namedFeet(index, model.make, stitch)].flatMap(([foot, place]): Reason[] => {
    if (foot === pair.foot || !isAccepted(foot) || (pair.named !== undefined && place >= pair.named)) return []
    const variant = found.variants.find((one) => one.pair.stitch === stitch && one.pair.foot === foot)
    const refusal = found.refusals.find(({ of }) => of?.stitch === stitch.id && of.foot === foot.id)
    const why = variant ? compared(variant, chosen).worse[0] : refusal?.reason
    return why ? [{ code: 'bookFootNotTaken', foot: foot.id, why }] : []
  })
}

const tradeOffsOf = ({ pair }: Variant): Reason[] =>
  (['stitch', 'foot'] as const).flatMap((of) => {
    const ranked = of === 'stitch' ? pair.stitchAs : pair.footAs
    return ranked.tradeOff === undefined
      ? []
      : [{ code: 'tradeOff' as const, of, function: ranked.function ?? '', text: ranked.tradeOff }]
  })

/** What each better-ranked function would need, or what stops it. */
const betterFunctions = (chosen: Variant, { variants, refusals }: StageVariants): Reason[] =>
  (['stitch', 'foot'] as const).flatMap((of) => {
    const rankedOf = (pair: Pick<PairContext, 'stitchAs' | 'footAs'>): Ranked =>
      of === 'stitch' ? pair.stitchAs : pair.footAs
    const mine = rankedOf(chosen.pair).rank
    // Where any foot will do its place has no function: nothing is preferred that could be told.
    const better = new Map<number, string>()
    const take = (ranked: Ranked | undefined) => {
      if (ranked?.function !== undefined && ranked.rank < mine) better.set(ranked.rank, ranked.function)
    }
    for (const { pair } of variants) take(rankedOf(pair))
    for (const refusal of refusals) take(of === 'stitch' ? refusal.stitch : refusal.foot)
    return [...better]
      .sort(([a], [b]) => a - b)
      .flatMap(([rank, name]): Reason[] => {
        const possible = variants.filter(({ pair }) => rankedOf(pair).rank === rank)
        if (possible.length > 0) {
          const cheapest = possible.reduce((a, b) => (b.need.length < a.need.length ? b : a))
          return cheapest.need.length > 0
            ? [{ code: 'betterFunctionNeeds', of, function: name, toGet: [...cheapest.need].sort() }]
            : [{ code: 'betterFunctionNarrower', of, function: name }]
        }
        const refusal = nearestRefusal(
          refusals.filter((candidate) => (of === 'stitch' ? candidate.stitch : candidate.foot)?.rank === rank),
        )
        return refusal ? [{ code: 'betterFunctionStopped', of, function: name, stops: refusal.reason }] : []
      })
  })

const staleSamples = ({ stale, pair }: Variant): Reason[] => {
  const { edition } = pair.model
  return stale.length > 0 && edition !== undefined
    ? [{ code: 'houseStale', samples: stale.map(({ id }) => id), now: edition }]
    : []
}
