/** Sewing buttons and rings on by machine. (workbench, Button sew-on) */
import { needleMargin, slotEdges } from '../answer/clearance'
import { nearest, reachOf } from '../answer/reach'
import type { Scale, Slot } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm, type NeedleSize } from '../units/quantities'
import { figure, within, type Figure } from './figure'
import { PLAY_OF_RING, playOfHoles, widthForHoles, widthForRing } from './holes'

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
export const holesWidth = (spacing: Mm, machine: SewOnMachine): SewOnWidth =>
  judged(widthForHoles(spacing), playOfHoles(machine.needleSize), machine)

/** The swing that falls just outside and just inside a ring: its wire and 1 mm on each side. */
export const ringWidth = (wire: Mm, machine: SewOnMachine): SewOnWidth =>
  judged(widthForRing(wire), PLAY_OF_RING, machine)

const judged = (width: Figure, play: Mm, { maxWidth, scale, slots, needleSize }: SewOnMachine): SewOnWidth => {
  const most = maxWidth ?? Infinity
  if (width.value > most + play + TOLERANCE) return { width, set: undefined, verdict: 'beyond' }
  const place = nearest(reachOf(scale), Math.min(width.value, most), { ties: 'lower' })
  const set = place === undefined ? undefined : tidy(place.value)
  if (set === undefined || Math.abs(set - width.value) > play + TOLERANCE) {
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
