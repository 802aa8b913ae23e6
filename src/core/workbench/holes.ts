/** The swing through two holes, and around a ring. (workbench, Button sew-on) */
import type { Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** On each side of a ring's wire. */
const BESIDE_WIRE: Mm = 1

/** Through two holes this far apart, centre to centre. */
export const widthForHoles = (spacing: Mm): Figure =>
  figure('mm', 'hole to hole', { 'hole to hole': within('spacing', spacing, 0, 20, true) }, spacing)

/** Just outside and just inside a ring: its wire and 1 mm on each side. */
export const widthForRing = (wire: Mm): Figure =>
  figure('mm', 'wire + 2 × 1', { wire: within('wire', wire, 0, 15, true) }, wire + 2 * BESIDE_WIRE)
