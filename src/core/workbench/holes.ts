/** The swing through two holes, and around a ring. (workbench, Button sew-on) */
import type { Mm, NeedleSize } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** On each side of a ring's wire. */
const BESIDE_WIRE: Mm = 1

/** So far off the middle the blade still misses the rim where nobody has said how wide the holes are. */
const USUAL_PLAY: Mm = 0.5

/** How far off the holes' middle the needle may pass: half of what the blade leaves of a hole. */
export const playOfHoles = (needleSize: NeedleSize, holeDiameter?: Mm): Mm =>
  holeDiameter === undefined ? USUAL_PLAY : Math.max(0, holeDiameter / 2 - needleSize / 200)

/** As far may a ring's swing be off. */
export const PLAY_OF_RING: Mm = USUAL_PLAY

/** Through two holes this far apart, centre to centre. */
export const widthForHoles = (spacing: Mm): Figure =>
  figure('mm', 'hole to hole', { 'hole to hole': within('spacing', spacing, 0, 20, true) }, spacing)

/** Just outside and just inside a ring: its wire and 1 mm on each side. */
export const widthForRing = (wire: Mm): Figure =>
  figure('mm', 'wire + 2 × 1', { wire: within('wire', wire, 0, 15, true) }, wire + 2 * BESIDE_WIRE)
