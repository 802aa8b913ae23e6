/** Thread and bobbins: how much a seam takes and how far a bobbin goes. (workbench, Thread and bobbins) */
import type { Thread } from '../catalogue/types'
import type { Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Thread drawn back and lost at the take-up lever. */
const TAKE_UP = 1.1
/** Density of the fibre, g/cm³. */
const DENSITY: Record<Thread['fibre'], number> = {
  polyester: 1.38,
  cotton: 1.54,
  rayon: 1.52,
  nylon: 1.14,
  metallic: 1.6,
}
/** Share of a thread's round that is fibre. */
const FILLED = 0.6
/** Bobbins are rated with 50 wt cotton. */
const RATED: Pick<Thread, 'tex' | 'fibre'> = { tex: 30, fibre: 'cotton' }
const HAND_WOUND = 0.85

/** Thread diameter from its weight: √(4 tex / (π × 1000 × ρ × φ)), mm. */
export const diameterOf = ({ tex, fibre }: Pick<Thread, 'tex' | 'fibre'>): Figure => {
  within('tex', tex, 0, 3000, true)
  const rho = DENSITY[fibre]
  return figure(
    'mm',
    '√(4 × tex / (π × 1000 × ρ × φ))',
    { tex, ρ: rho, φ: FILLED },
    Math.sqrt((4 * tex) / (Math.PI * 1000 * rho * FILLED)),
  )
}

/** Of a balanced lockstitch, each thread: its way along the fabric, and once through it. */
export const perStitch = (length: Mm, width: Mm, thickness: Mm): Figure => {
  const L = within('length', length, 0, 20, true)
  const w = within('width', width, 0, 20)
  const T = within('thickness', thickness, 0, 30)
  return figure('mm', '(√(L² + w²) + T) × 1.10', { L, w, T }, (Math.hypot(L, w) + T) * TAKE_UP)
}

/** Metres of one thread in a metre of seam. */
export const perMetre = (length: Mm, width: Mm, thickness: Mm): Figure => {
  const one = perStitch(length, width, thickness)
  return figure('m', 'a stitch’s thread / L', { 'a stitch’s thread': one.value, L: length }, one.value / length)
}

/** Metres a bobbin holds of a thread, from its capacity of 50 wt cotton. */
export const bobbinHolds = (capacity: number, thread: Pick<Thread, 'tex' | 'fibre'>, handWound = false): Figure => {
  within('capacity', capacity, 0, 1000, true)
  const [rated, own] = [diameterOf(RATED).value, diameterOf(thread).value]
  const held = capacity * (rated / own) ** 2 * (handWound ? HAND_WOUND : 1)
  return figure(
    'm',
    handWound ? 'capacity × (d₅₀ / d)² × 0.85' : 'capacity × (d₅₀ / d)²',
    { capacity, 'd₅₀': rated, d: own },
    held,
  )
}
