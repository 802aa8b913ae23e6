/** Double-fold binding: what covers the back, what the ditch catches, how many strips. (workbench, Binding) */
import type { Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Below, the stitches in the ditch miss the fold; above, the back shows a wide lip. */
const MARGIN = { least: 2, most: 10 }
/** Added to a perimeter for the join and the corners. */
const JOIN_AND_CORNERS: Mm = 250

export interface BindingCover {
  back: Figure
  margin: Figure
  verdict: 'good' | 'misses' | 'wideBack'
}

/** `strip` cut width, `seam` allowance, `thickness` of the edge to be bound. */
export const bindingCover = (strip: Mm, seam: Mm, thickness: Mm): BindingCover => {
  const from = {
    S: within('strip', strip, 0, 300, true),
    s: within('seam', seam, 0, 60, true),
    T: within('thickness', thickness, 0, 40),
  }
  const back = figure('mm', 'S / 2 − 2 × s − T', from, strip / 2 - 2 * seam - thickness)
  const margin = figure('mm', 'S / 2 − 3 × s − T', from, strip / 2 - 3 * seam - thickness)
  const verdict = margin.value < MARGIN.least ? 'misses' : margin.value > MARGIN.most ? 'wideBack' : 'good'
  return { back, margin, verdict }
}

/** Binding to make ready for a perimeter. */
export const bindingLength = (perimeter: Mm): Figure =>
  figure(
    'mm',
    'perimeter + 250',
    { perimeter: within('perimeter', perimeter, 0, 100_000, true) },
    perimeter + JOIN_AND_CORNERS,
  )

/** Strips across the usable width, joined on the bias. */
export const stripsFor = (length: Mm, strip: Mm, usable: Mm): Figure => {
  within('usable width', usable, strip, 10_000, true)
  within('length', length, 0, 200_000, true)
  const count = Math.max(1, Math.ceil((length - strip) / (usable - strip) - 1e-9))
  return figure('count', '⌈(length − S) / (usable − S)⌉', { length, S: strip, usable }, count)
}
