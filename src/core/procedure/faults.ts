/**
 * What helps where the sewn piece is not good, in this card's own figures: one step on this model's scale, never where
 * the needle would hit, nor past what the stitch, the foot or the scale allows. (procedure.md)
 */
import { fencesAround, inTheWay } from '../answer/clearance'
import { agreeing, inRange, reachOf } from '../answer/reach'
import { highEnd, lowEnd } from '../answer/reasons'
import { faceOf, showValue } from '../answer/show'
import type { Setting, StageAnswer } from '../answer/types'
import { entryOf, leastSeen } from '../catalogue/parameters'
import type { Cause, Item, Model, Parameter, Positions, Scale, Stage, Stitch, Swing } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm } from '../units/quantities'
import { fillSlots, type SlotValues } from './slots'
import type { FaultLimit, ToldCause, ToldFault } from './types'

export interface FaultContext {
  answer: StageAnswer
  model: Model
  stitch: Stitch | undefined
  foot: Item | undefined
  plate: Item | undefined
  /** What lies over the plate. */
  covers: readonly Item[]
  swing: Swing
  twinSpacing: Mm | undefined
  /** The controls the model has. */
  controls: ReadonlySet<string>
  slots: SlotValues
}

/** Every fault, with the causes that can be on this machine. */
export const faultsOf = (faults: Stage['faults'], context: FaultContext): ToldFault[] =>
  faults.map(({ id, name, shows, causes }) => ({
    id,
    name,
    ...(shows === undefined ? {} : { shows }),
    causes: causes.flatMap((cause) => causeOf(cause, context)),
  }))

const causeOf = (cause: Cause, context: FaultContext): ToldCause[] => {
  const { parameter, toward, control, text } = cause
  if (control !== undefined && !context.controls.has(control)) return []
  if (parameter !== undefined && toward !== undefined) return valueCause(parameter, toward, context)
  if (text === undefined || (parameter !== undefined && context.model.scales[parameter] === 'absent')) return []
  const told = fillSlots(text, context.slots)
  return told === undefined ? [] : [{ tells: 'text', text: told }]
}

/** It stands too low or too high: the next place the other way. */
const valueCause = (parameter: Parameter, toward: 'low' | 'high', context: FaultContext): ToldCause[] => {
  const { answer, model } = context
  const scale = model.scales[parameter]
  const setting = answer.settings[parameter]
  if (scale === 'absent' || (scale === undefined && setting === undefined)) return []
  const way = toward === 'low' ? 'up' : 'down'
  const base = baseOf(setting, scale, way)
  if (base === undefined) {
    // A needle of which nothing is said stands in the middle, as clearance has it.
    const step = (way === 'up' ? 1 : -1) * entryOf(parameter).handStep
    const limit = parameter === 'needlePosition' ? limitOf(step, parameter, context) : undefined
    if (limit) return [{ tells: 'limit', parameter, toward: way, by: limit }]
    return [{ tells: 'value', parameter, toward: way, shown: '', by: 'step' }]
  }
  const next = nextPlace(base, way, parameter, scale, answer.setup)
  if (next !== undefined && isTooFar(base, next, parameter)) return []
  const limit = next === undefined ? 'scale' : limitOf(next, parameter, context)
  if (next === undefined || limit) return [{ tells: 'limit', parameter, toward: way, by: limit ?? 'scale' }]
  const isFree = scale?.step === 0
  const isAtMark = scale?.marks?.some(({ value }) => Math.abs(value - base) <= TOLERANCE) ?? false
  if (isFree && !isAtMark) return [{ tells: 'value', parameter, toward: way, shown: '', by: 'little' }]
  const isClicking = scale?.shows === 'marks' && scale.step === undefined
  return [
    {
      tells: 'value',
      parameter,
      toward: way,
      shown: faceOf(next, scale, answer.setup)?.mark ?? showValue(isFree ? base : next, parameter, scale, answer.setup),
      by: isFree ? 'little' : isClicking ? 'click' : 'step',
    },
  ]
}

/** Where the needle goes from one end to the other at a click, that is no step toward a better row. */
const isTooFar = (base: number, next: number, parameter: Parameter): boolean =>
  parameter === 'needlePosition' && Math.abs(next - base) > FARTHEST_STEP
const FARTHEST_STEP: Mm = 1

const baseOf = (setting: Setting | undefined, scale: Scale | undefined, way: 'up' | 'down'): number | undefined => {
  const value = setting?.value
  if (typeof value === 'number') return value
  if (typeof value === 'object') return way === 'up' ? highEnd(value) : lowEnd(value)
  return scale?.normal
}

/** The nearest place that makes a difference on fabric; on a clicking dial the next. Undefined beyond the scale. */
const nextPlace = (
  base: number,
  way: 'up' | 'down',
  parameter: Parameter,
  scale: Scale | undefined,
  setup: Positions,
): number | undefined => {
  const sign = way === 'up' ? 1 : -1
  const reach = agreeing(reachOf(scale), setup)
  if (reach.kind === 'free') {
    const next = tidy(base + sign * entryOf(parameter).handStep)
    return !scale || inRange(next, reach) ? next : undefined
  }
  const isClicking = scale?.step === undefined
  const least = isClicking ? TOLERANCE : SEEN * leastSeen(parameter, base, scale.number)
  const beyond = reach.places
    .map(({ value }) => value)
    .filter((value) => sign * (value - base) >= least - TOLERANCE / 2)
  return way === 'up' ? beyond[0] : beyond.at(-1)
}

/** So much of the least difference that is seen is enough where a scale has no place just there. */
const SEEN = 0.8

const limitOf = (next: number, parameter: Parameter, context: FaultContext): FaultLimit | undefined => {
  const { stitch, foot, model } = context
  const isOutside = (range: { from?: number | undefined; to?: number | undefined } | undefined): boolean =>
    range !== undefined && (next < (range.from ?? -Infinity) - TOLERANCE || next > (range.to ?? Infinity) + TOLERANCE)
  if (parameter === 'width' && isOutside({ from: foot?.minWidth, to: foot?.maxWidth })) return 'foot'
  const opening = parameter === 'width' || parameter === 'needlePosition' ? openingLimit(next, parameter, context) : []
  if (opening.length > 0) return opening.length > 1 ? 'bothOpenings' : opening[0]
  if (isOutside(stitch?.ranges?.[parameter])) return 'stitch'
  if (parameter === 'width' && isOutside({ to: model.maxWidth })) return 'stitch'
  return undefined
}

/** What the needle would strike there, or that it does not go so far; a width that is not known is not compared. */
const openingLimit = (next: number, parameter: 'width' | 'needlePosition', context: FaultContext): FaultLimit[] => {
  const { answer, model, foot, plate, covers, swing, twinSpacing } = context
  const plates = [...(plate ? [plate] : []), ...covers]
  const given = (of: 'width' | 'needlePosition'): [low: number, high: number] => {
    const setting = answer.settings[of]
    const value = setting?.value === 'absent' ? setting.default : setting?.value
    return typeof value === 'number' || typeof value === 'object' ? [lowEnd(value), highEnd(value)] : [0, 0]
  }
  const width = parameter === 'width' ? next : given('width')[1]
  const positions = parameter === 'needlePosition' ? [next] : given('needlePosition')
  const fences = fencesAround({ model, foot, plates, needleSize: answer.needle.size, twinSpacing })
  const hit = inTheWay(swing, width, positions, fences)
  const isHit = (item: Item) => hit.some((fence) => fence.item?.id === item.id)
  if (covers.some(isHit)) return ['cover']
  const openings: FaultLimit[] = [
    ...(foot && isHit(foot) ? (['footOpening'] as const) : []),
    ...(plate && isHit(plate) ? (['plateOpening'] as const) : []),
  ]
  return openings.length === 0 && hit.length > 0 ? ['scale'] : openings
}
