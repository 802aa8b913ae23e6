/** Sewing buttons and rings on by machine. (workbench, Button sew-on) */
import { needleMargin, slotEdges } from '../answer/clearance'
import { nearest, reachOf } from '../answer/reach'
import type { Scale, Slot } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm, type NeedleSize } from '../units/quantities'
import { figure, within, type Figure } from './figure'
import { widthForHoles, widthForRing } from './holes'

/** The blade may stand so far off a hole's middle: it still misses the rim of the usual hole. */
const OFF_CENTRE: Mm = 0.3

export interface SewOnMachine {
  /** Widest swing; left out: not stated. */
  maxWidth?: Mm | undefined
  scale?: Scale | undefined
  /** Of foot and needle plate; what is not stated is not compared. */
  slots: readonly (Slot | undefined)[]
  needleSize: NeedleSize
}

export interface SewOnWidth {
  width: Figure
  /** On the model's scale; undefined where it has none near enough to the holes. */
  set: Mm | undefined
  /**
   * `beyond`: wider than the model swings. `hits`: foot or plate are too narrow. `between`: no place of the scale meets
   * the holes.
   */
  verdict: 'good' | 'beyond' | 'hits' | 'between'
}

/** The swing that goes through two holes this far apart, centre to centre. */
export const holesWidth = (spacing: Mm, machine: SewOnMachine): SewOnWidth => judged(widthForHoles(spacing), machine)

/** The swing that falls just outside and just inside a ring: its wire and 1 mm on each side. */
export const ringWidth = (wire: Mm, machine: SewOnMachine): SewOnWidth => judged(widthForRing(wire), machine)

const judged = (width: Figure, { maxWidth, scale, slots, needleSize }: SewOnMachine): SewOnWidth => {
  if (maxWidth !== undefined && width.value > maxWidth + TOLERANCE) return { width, set: undefined, verdict: 'beyond' }
  const place = nearest(reachOf(scale), width.value, { ties: 'lower' })
  const set = place === undefined ? undefined : tidy(place.value)
  if (set === undefined || Math.abs(set - width.value) > 2 * OFF_CENTRE + TOLERANCE) {
    return { width, set: undefined, verdict: 'between' }
  }
  const reach = set / 2 + needleMargin(needleSize)
  const hits = slots.some((slot) => {
    if (slot === undefined) return false
    const { left, right } = slotEdges(slot)
    return reach > Math.min(-left, right) + TOLERANCE
  })
  return { width, set, verdict: hits ? 'hits' : 'good' }
}

/** Height of a thread shank: what lies under the button when it is closed, and a little ease. */
export const shankHeight = (layers: Mm, ease: Mm): Figure =>
  figure(
    'mm',
    'layers + ease',
    { layers: within('layers', layers, 0, 40), ease: within('ease', ease, 0, 10) },
    layers + ease,
  )
