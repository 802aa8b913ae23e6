/** Motifs on a circle: how many, how long each, what is left over. (workbench, Circles) */
import { tidy, type Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Motif lengths are not stretched further unless somebody allows it. */
const USUAL_CHANGE = 0.15
/** Inside, stitches nearer than this pack and jam. */
const PACKS: Mm = 0.2

export interface MotifFit {
  count: number
  /** Pattern length to set, on the model's step. */
  length: Mm
  /** Of the motif's own length. */
  change: Figure
  /** Left open where the last meets the first; below 0 they overlap. */
  leftOver: Figure
}

export const circumference = (radius: Mm): Figure =>
  figure('mm', '2 × π × r', { r: within('radius', radius, 0, 2000, true) }, 2 * Math.PI * radius)

/**
 * Every count whose change stays within bounds, least left over first, then least change. `step`: the model's step of
 * the pattern length, 0 where it turns freely.
 */
export const fitMotif = (radius: Mm, motif: Mm, step: Mm, most = USUAL_CHANGE): MotifFit[] => {
  const C = 2 * Math.PI * within('radius', radius, 0, 2000, true)
  const p = within('motif', motif, 0, C, true)
  within('step', step, 0, p)
  within('change', most, 0, 0.9)
  const fits: MotifFit[] = []
  const from = Math.max(1, Math.floor(C / (p * (1 + most))) - 1)
  for (let n = from; n <= Math.ceil(C / (p * (1 - most))) + 1; n++) {
    const exact = C / n
    const length = step > 0 ? tidy(Math.round(exact / step) * step) : tidy(exact)
    if (length <= 0 || Math.abs(length / p - 1) > most + 1e-9) continue
    fits.push({
      count: n,
      length,
      change: figure('percent', '(length / p − 1) × 100', { length, p }, (length / p - 1) * 100),
      leftOver: figure('mm', 'C − n × length', { C, n, length }, C - n * length),
    })
  }
  const left = ({ leftOver }: MotifFit) => Math.abs(leftOver.value)
  return fits.sort(
    (a, b) => left(a) - left(b) || Math.abs(a.change.value) - Math.abs(b.change.value) || a.count - b.count,
  )
}

/** Spacing of a satin's stitches at the inner and outer edge of a circle. */
export const circleSpacing = (radius: Mm, width: Mm, length: Mm): { inner: Figure; outer: Figure; packs: boolean } => {
  const r = within('radius', radius, width / 2, 2000, true)
  const from = { L: within('length', length, 0, 20, true), r, w: within('width', width, 0, 20) }
  const inner = figure('mm', 'L × (r − w / 2) / r', from, (length * (r - width / 2)) / r)
  return {
    inner,
    outer: figure('mm', 'L × (r + w / 2) / r', from, (length * (r + width / 2)) / r),
    packs: inner.value < PACKS,
  }
}

/** Angle that a line of letters takes; less than a whole turn. */
export const letteringAngle = (textLength: Mm, radius: Mm): Figure => {
  within('radius', radius, 0, 2000, true)
  within('text length', textLength, 0, 2 * Math.PI * radius)
  return figure('radians', 'length / r', { length: textLength, r: radius }, textLength / radius)
}
