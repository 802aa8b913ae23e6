/** What refuses a stitch with all that is fitted for it, whatever the figures. One ordered list; the first that
 * objects is the reason given. */
import type { Item, Positions } from '../../catalogue/types'
import type { Fitting } from '../fittings'
import type { Reason } from '../reasons'
import type { PairContext } from '../pair'

type PairRule = (pair: PairContext, fitting: Fitting) => Reason | undefined

const motion: PairRule = ({ stitch, foot }) =>
  foot?.motions && !foot.motions.includes(stitch.motion)
    ? { code: 'motionNotAllowed', item: foot.id, motion: stitch.motion, allows: foot.motions }
    : undefined

const deniedFunction: PairRule = ({ stitch, foot }) =>
  foot?.denies?.includes(stitch.function)
    ? { code: 'functionDenied', item: foot.id, function: stitch.function }
    : undefined

/** The button itself where it was measured, else the opening it needs. */
const button: PairRule = ({ job, foot }) => {
  if (!job || foot?.maxButton === undefined) return undefined
  const { id: item, maxButton } = foot
  const { button: measured, buttonOpening: opening } = job
  if (measured)
    return measured.diameter > maxButton
      ? { code: 'buttonTooWide', item, diameter: measured.diameter, maxButton }
      : undefined
  return opening !== undefined && opening > maxButton ? { code: 'buttonTooLarge', item, opening, maxButton } : undefined
}

const radius: PairRule = ({ job }, { items }) => {
  if (job?.radius === undefined) return undefined
  const asked = job.radius
  const short = items.find(({ circular }) => circular && (asked < circular.minRadius || asked > circular.maxRadius))
  if (!short?.circular) return undefined
  const { minRadius, maxRadius } = short.circular
  return { code: 'radiusOutOfReach', item: short.id, radius: asked, from: minRadius, to: maxRadius }
}

const avoidedFeature: PairRule = ({ stage, stitch, model }, { items }) => {
  for (const feature of stage.features?.avoid ?? []) {
    if (stitch.brings?.includes(feature)) return { code: 'featureAvoided', feature, model: model.id, stitch: stitch.id }
    const item = items.find(({ brings }) => brings?.includes(feature))
    if (item) return { code: 'featureAvoided', feature, item: item.id }
  }
  return undefined
}

/** Needed by the stage and not met by the item itself, or brought by the stitch or another item. */
const isEngagedBeside = (
  feature: string,
  own: Item,
  { stitch }: Pick<PairContext, 'stitch'>,
  { items, met }: Pick<Fitting, 'items' | 'met'>,
): boolean =>
  (met.some((need) => need.feature === feature) && !own.brings?.includes(feature)) ||
  (stitch.brings?.includes(feature) ?? false) ||
  items.some((other) => other !== own && other.brings?.includes(feature))

/** `without` must not be engaged. */
const engagedAgainst: PairRule = (pair, fitting) => {
  for (const item of fitting.items) {
    const feature = item.needs?.without?.find((word) => isEngagedBeside(word, item, pair, fitting))
    if (feature !== undefined) return { code: 'engagedAgainst', item: item.id, feature }
  }
  return undefined
}

const DUAL_FEED = 'dualFeed'

/** Without a cut-out a foot does not go with the dual feed. */
const cutOut: PairRule = (pair, fitting) =>
  pair.foot?.dualFeedCutOut === false && isEngagedBeside(DUAL_FEED, pair.foot, pair, fitting)
    ? { code: 'footBlocksDualFeed', item: pair.foot.id }
    : undefined

/** What nobody has stated of the foot, while the dual feed is engaged. */
export const cutOutCaution = (pair: PairContext, fitting: Fitting): Reason[] =>
  pair.foot && pair.foot.dualFeedCutOut === undefined && isEngagedBeside(DUAL_FEED, pair.foot, pair, fitting)
    ? [{ code: 'cutOutUnknown', item: pair.foot.id }]
    : []

const twin: PairRule = ({ stage, model }) =>
  stage.twinSpacing !== undefined && model.twinMax !== undefined && stage.twinSpacing > model.twinMax
    ? { code: 'twinTooWide', spacing: stage.twinSpacing, max: model.twinMax }
    : undefined

const pairRules: readonly PairRule[] = [
  motion,
  deniedFunction,
  button,
  radius,
  twin,
  avoidedFeature,
  engagedAgainst,
  cutOut,
]

export const refusedBy = (pair: PairContext, fitting: Fitting): Reason | undefined => {
  for (const rule of pairRules) {
    const reason = rule(pair, fitting)
    if (reason) return reason
  }
  return undefined
}

/** What stage, stitch and items together ask of the controls, or the control they disagree about. */
export const mergedSetup = (
  { stage, stitch }: Pick<PairContext, 'stage' | 'stitch'>,
  { items }: Pick<Fitting, 'items'>,
): { setup: Positions } | { conflict: Reason } => {
  const setup: Positions = {}
  if (!stage.setup && !stitch.setup && items.every((item) => !item.setup)) return { setup }
  for (const asked of [stage.setup, stitch.setup, ...items.map((item) => item.setup)]) {
    for (const [control, position] of Object.entries(asked ?? {})) {
      const stands = setup[control]
      if (stands !== undefined && stands !== position) {
        return { conflict: { code: 'setupConflict', control, positions: [stands, position] } }
      }
      setup[control] = position
    }
  }
  return { setup }
}
