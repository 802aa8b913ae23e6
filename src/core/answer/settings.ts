/** What to set: absent, house, target, default or unstated, held to what the machine reaches. (answers §4) */
import { compareParameters, entryOf } from '../catalogue/parameters'
import type { Parameter, PlainTarget, Positions, Range, Scale, Stage, StageTarget, Stitch } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm } from '../units/quantities'
import { calculate, CALCULATIONS, type CalculationFacts, type Meaning } from './calculations'
import type { HouseSetting } from './houseSetting'
import { agreeing, inRange, nearest, reaches, type Reach, type ReachLookup } from './reach'
import { highEnd, type Reason } from './reasons'
import type { Setting } from './types'
import { mostSpecific, type Circumstances } from './when'

/** A setting before clearance. */
export interface Draft {
  parameter: Parameter
  value: Setting['value']
  default: number | Range | 'auto' | undefined
  from: Setting['from']
  reasons: Reason[]
  /** The value held to its limits, before it was put on the scale; only for numbers. */
  wanted?: number
  reach: Reach
  /** The range target in force. */
  within?: Range
  /** What it was worked out as where it means something, and how far off it may be. */
  meant?: Meaning & { value: Mm }
  /** Asked for as so many numbers up or down. */
  byNumbers: boolean
}

export interface SettingsInput {
  stage: Stage
  stitch: Stitch
  at: Circumstances
  house: HouseSetting | undefined
  /** For what is worked out. */
  facts: Pick<CalculationFacts, 'needleSize' | 'foot' | 'thread' | 'measured'>
  /** The length stands in for lowered feed dogs. */
  standsStill: boolean
  reachOf: ReachLookup
  /** What stage, stitch and items ask of the controls. */
  setup: Positions
}

export interface SettingsDraft {
  drafts: Map<Parameter, Draft>
  /** The setup, with what two-faced dials add to it. */
  setup: Positions
}

/** Every parameter with a target that holds, a default of the stitch or a value in the house sample. */
export const draftSettings = (input: SettingsInput): SettingsDraft => {
  const { stage, stitch, at, house } = input
  const targets = new Map<Parameter, StageTarget>()
  for (const parameter of new Set(stage.targets.map((target) => target.parameter))) {
    const target = mostSpecific(
      stage.targets.filter((candidate) => candidate.parameter === parameter),
      at,
    )
    if (target) targets.set(parameter, target)
  }
  const parameters = new Set<Parameter>([
    ...targets.keys(),
    ...(Object.keys(stitch.defaults ?? {}) as Parameter[]),
    ...(Object.keys(house?.sample.used ?? {}) as Parameter[]),
    ...(input.standsStill ? (['length'] as const) : []),
  ])
  const drafts = new Map<Parameter, Draft>()
  let setup = input.setup
  for (const parameter of [...parameters].sort(compareParameters)) {
    const { draft, face } = draftOf(parameter, targets.get(parameter), { ...input, setup })
    drafts.set(parameter, draft)
    if (face) {
      setup = { ...setup, ...face }
      draft.reasons.push({ code: 'faceHolds', when: face })
    }
  }
  return { drafts, setup }
}

const draftOf = (
  parameter: Parameter,
  target: StageTarget | undefined,
  input: SettingsInput,
): { draft: Draft; face?: Positions | undefined } => {
  const { stage, stitch, at, house } = input
  const scale = at.model.scales[parameter]
  const byBook = stitch.defaults?.[parameter]
  const draft: Draft = {
    parameter,
    value: 'unstated',
    default: byBook,
    from: 'unstated',
    reasons: [],
    reach: agreeing(input.reachOf(scale === 'absent' ? undefined : scale), input.setup),
    byNumbers: false,
  }
  if (scale === 'absent') {
    const wanted = target && target.to !== 'default' ? target.because : undefined
    return {
      draft: { ...draft, value: 'absent', reasons: [{ code: 'noControl', ...(wanted ? { wanted } : {}) }] },
    }
  }
  const used = house?.sample.used[parameter]
  const takesTarget = scale !== undefined || entryOf(parameter).setUnscaled
  const measured = target && measuredFor(target, input)
  if (parameter === 'length' && input.standsStill) {
    draft.value = 0
    draft.from = 'target'
    draft.reasons.push({ code: 'standsStill' })
  } else if (target && measured && takesTarget) applyTarget(draft, target, scale, input)
  else if (house && used !== undefined) {
    const { sample, samples, people, days, last, pinned } = house
    draft.value = used
    draft.from = 'house'
    draft.reasons.push({ code: 'houseSetting', sample: sample.id, samples, people, days, last, pinned })
  } else if (target && takesTarget) applyTarget(draft, target, scale, input)
  else if (byBook !== undefined) {
    draft.value = byBook
    draft.from = 'default'
  } else draft.reasons.push({ code: 'bookSilent' })
  if (!takesTarget && draft.from !== 'house') {
    const because = target && target.to !== 'default' ? target.because : undefined
    draft.reasons.push({ code: 'settingUnstated', ...(because === undefined ? {} : { because }) })
  }

  if (parameter === 'width') raiseToMinimum(draft, stage.stitchMust?.minWidth)
  const limits = limitsOf(parameter, stitch, at.model.maxWidth, scale)
  if (draft.from === 'house' || draft.from === 'target') {
    return { draft, face: putOnScale(draft, limits, stage.stitchMust?.minWidth) }
  }
  if (draft.from === 'default' && typeof draft.value === 'number') {
    draft.wanted = draft.value
    if (scale && !reaches(draft.reach, draft.value)) {
      draft.reasons.push({ code: 'defaultOffScale', value: draft.value, from: scale.from, to: scale.to })
    }
    return { draft, face: nearest(exactly(draft.reach, draft.value), draft.value, { ties: 'lower' })?.when }
  }
  return { draft }
}

const exactly = (reach: Reach, value: number): Reach =>
  reach.kind === 'free'
    ? reach
    : { kind: 'list', places: reach.places.filter((place) => Math.abs(place.value - value) <= TOLERANCE) }

/** Worked out from what was measured for this very piece. */
const measuredFor = ({ to }: StageTarget, input: SettingsInput): boolean =>
  typeof to === 'object' &&
  'calc' in to &&
  CALCULATIONS[to.calc].measured === true &&
  calculate(to.calc, factsOf(input)) !== undefined

const factsOf = ({ facts, at }: SettingsInput): CalculationFacts => ({ ...facts, fabric: at.fabric })

const applyTarget = (
  draft: Draft,
  { to, because }: Pick<StageTarget, 'to' | 'because'>,
  scale: Scale | undefined,
  input: SettingsInput,
): void => {
  const byBook = draft.default
  const take = (value: number | Range) => {
    draft.value = value
    draft.from = 'target'
    draft.reasons.push({ code: 'target', to, because })
  }
  const takeWithin = ({ from, to: most, prefer }: { from: number; to: number; prefer: number }) => {
    draft.within = { from, to: most }
    if (typeof byBook === 'number' && inRange(byBook, draft.within)) {
      draft.value = byBook
      draft.from = 'default'
      draft.reasons.push({ code: 'defaultInRange', parameter: draft.parameter, from, to: most, because })
    } else take(prefer)
  }
  if (typeof to === 'object' && 'calc' in to) {
    const worked = calculate(to.calc, factsOf(input))
    if (!worked && to.else !== undefined) applyTarget(draft, { to: to.else, because }, scale, input)
    else if (!worked)
      draft.reasons.push({ code: 'factMissing', calc: to.calc, fact: CALCULATIONS[to.calc].fact, because })
    else if ('prefer' in worked) takeWithin(worked)
    else {
      draft.meant = { ...worked.meaning, value: worked.value }
      take(worked.value)
    }
    return
  }
  if (to === 'default') {
    if (byBook === undefined) draft.reasons.push({ code: 'bookSilent' })
    else {
      draft.value = byBook
      draft.from = 'default'
      draft.reasons.push({ code: 'target', to, because })
    }
  } else if ('abs' in to) take(to.abs)
  else if ('prefer' in to) takeWithin(to)
  else {
    const base = 'numbers' in to && (byBook === undefined || byBook === 'auto') ? scale?.normal : byBook
    draft.byNumbers = 'numbers' in to
    if (base === undefined || base === 'auto') draft.reasons.push({ code: 'targetNeedsDefault', to, because })
    else take(moved(base, to, scale?.number ?? 1))
  }
}

/** `times`, `plus` and `numbers` work on both ends of a range. */
const moved = (base: number | Range, to: Exclude<PlainTarget, string>, number: number): number | Range => {
  const move = (value: number): number => {
    if ('times' in to) return tidy(value * to.times)
    if ('plus' in to) return tidy(value + to.plus)
    return 'numbers' in to ? tidy(value + to.numbers * number) : value
  }
  return typeof base === 'number' ? move(base) : { from: move(base.from), to: move(base.to) }
}

const raiseToMinimum = (draft: Draft, minWidth: Mm | undefined): void => {
  if (minWidth === undefined || typeof draft.value !== 'number' || draft.value >= minWidth - TOLERANCE) return
  draft.reasons.push({ code: 'raisedToMinimum', minWidth, wanted: draft.value })
  draft.value = minWidth
  draft.from = 'target'
}

/** Feeds this short are warned never to be set to 0, mm. */
const NEARLY_STANDING = 0.5

interface Limit {
  from: number
  to: number
  by: 'stitch' | 'scale' | 'model'
}

const limitsOf = (
  parameter: Parameter,
  stitch: Stitch,
  maxWidth: Mm | undefined,
  scale: Scale | undefined,
): Limit[] => [
  ...(stitch.ranges?.[parameter] ? [{ ...(stitch.ranges[parameter] as Range), by: 'stitch' as const }] : []),
  ...(scale ? [{ from: scale.from, to: scale.to, by: 'scale' as const }] : []),
  ...(parameter === 'width' && maxWidth !== undefined ? [{ from: -Infinity, to: maxWidth, by: 'model' as const }] : []),
]

const hold = (value: number, limits: readonly Limit[]): { value: number; by?: Limit['by'] } => {
  let held: { value: number; by?: Limit['by'] } = { value }
  for (const { from, to, by } of limits) {
    if (held.value > to + TOLERANCE) held = { value: to, by }
    else if (held.value < from - TOLERANCE) held = { value: from, by }
  }
  return held
}

/** Holds a house or target value to its limits and puts a number on the scale. Returns what a two-faced dial needs. */
const putOnScale = (draft: Draft, limits: readonly Limit[], minWidth: Mm | undefined): Positions | undefined => {
  const { value: asked, parameter } = draft
  if (typeof asked === 'object') {
    const [from, to] = [hold(asked.from, limits), hold(asked.to, limits)]
    const by = to.by ?? from.by
    if (by) draft.reasons.push({ code: 'heldToLimit', parameter, wanted: highEnd(asked), value: to.value, by })
    draft.value = { from: from.value, to: to.value }
    return undefined
  }
  if (typeof asked !== 'number') return undefined
  const held = hold(asked, limits)
  if (held.by) draft.reasons.push({ code: 'heldToLimit', parameter, wanted: asked, value: held.value, by: held.by })
  draft.wanted = held.value
  const isLength = parameter === 'length'
  const aboveZero = isLength && Math.abs(asked) > TOLERANCE
  const place = nearest(draft.reach, held.value, {
    ties: isLength ? 'higher' : 'lower',
    within: stayWithin(draft, limits, minWidth),
    aboveZero,
  })
  const value = place ? tidy(place.value) : held.value
  if (Math.abs(value - held.value) > TOLERANCE) {
    const difference = tidy(value - held.value)
    draft.reasons.push({ code: 'nearestReachable', parameter, wanted: held.value, value, difference })
  }
  if (aboveZero && value <= NEARLY_STANDING) draft.reasons.push({ code: 'neverZero', asked })
  draft.value = value
  return place?.when
}

/** Where a reachable place is preferred: inside a range target, the least width, the stitch's range. */
const stayWithin = (draft: Draft, limits: readonly Limit[], minWidth: Mm | undefined): Range | undefined => {
  const range = draft.from === 'target' ? draft.within : undefined
  const low = Math.max(
    range?.from ?? -Infinity,
    draft.parameter === 'width' ? (minWidth ?? -Infinity) : -Infinity,
    ...limits.map(({ from }) => from),
  )
  const high = Math.min(range?.to ?? Infinity, ...limits.map(({ to }) => to))
  return Number.isFinite(low) || Number.isFinite(high) ? { from: low, to: high } : undefined
}
