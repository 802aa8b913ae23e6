/** A value of one machine put on another's scale. (answers §5) */
import { isInMm } from '../catalogue/parameters'
import type { Parameter, Range, Scale } from '../catalogue/types'
import { showValue } from '../answer/show'
import { inRange, nearest, reachOf } from '../answer/reach'
import { tidy, TOLERANCE } from '../units/quantities'

export type MovedValue =
  | {
      is: 'moved'
      value: number
      shown: string
      /** What the other scale could not take over; 0 where exact. */
      lost: number
      /** Foot or plate do not state their opening: the handwheel must find out. */
      unchecked?: boolean
    }
  /** The needle would hit the foot or plate of the other card there. */
  | { is: 'wouldHit'; clear: Range }
  /** The machine does it by itself, or not at all. */
  | { is: 'noControl' }
  /** The scale is not stated, or its marks cannot be compared. */
  | { is: 'notComparable' }

/**
 * Lengths move as millimetres. Tension and pressure move as numbers from the normal mark, where both machines state
 * one. Other marks mean something on their own machine only.
 */
export const moveValue = (
  parameter: Parameter,
  value: number,
  from: Scale | 'absent' | undefined,
  to: Scale | 'absent' | undefined,
): MovedValue => {
  if (to === 'absent') return { is: 'noControl' }
  if (to === undefined) return { is: 'notComparable' }
  const wanted = isInMm(parameter) ? value : fromNormal(value, from, to)
  if (wanted === undefined) return { is: 'notComparable' }
  const place = nearest(reachOf(to), wanted, { ties: 'lower', aboveZero: parameter === 'length' && value > TOLERANCE })
  if (!place) return { is: 'notComparable' }
  return {
    is: 'moved',
    value: tidy(place.value),
    shown: showValue(place.value, parameter, to),
    lost: tidy(place.value - wanted),
  }
}

const fromNormal = (value: number, from: Scale | 'absent' | undefined, to: Scale): number | undefined => {
  if (typeof from !== 'object' || from.normal === undefined || to.normal === undefined) return undefined
  return to.normal + ((value - from.normal) / (from.number ?? 1)) * (to.number ?? 1)
}

/** A moved width or needle position held against what is clear on the other card: one that hits is never said. */
export const heldClear = (parameter: Parameter, moved: MovedValue, clear: Range | undefined): MovedValue => {
  if (moved.is !== 'moved' || (parameter !== 'width' && parameter !== 'needlePosition')) return moved
  if (!clear) return { ...moved, unchecked: true }
  return inRange(moved.value, clear) ? moved : { is: 'wouldHit', clear }
}
