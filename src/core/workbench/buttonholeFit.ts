/** Buttonhole fitter: opening, sewn length, beads, gap and placement. (workbench, Buttonhole fitter) */
import type { Mm } from '../units/quantities'
import { figure, OutOfReach, within, type Figure } from './figure'

export type Button =
  | { shape: 'flat'; diameter: Mm; thickness: Mm }
  /** Domed above a flat back: the cap's height. */
  | { shape: 'domed'; diameter: Mm; height: Mm }
  | { shape: 'ball'; diameter: Mm }
  /** A strip wrapped once around the widest part. */
  | { shape: 'measured'; wrap: Mm }

export type Ease = 'snug' | 'easy' | 'coat'

/** Added to the opening, mm. Snug: a slight push, for fabric wears it open. */
export const EASE: Record<Ease, Mm> = { snug: 0, easy: 1, coat: 2 }
const MOST: Mm = 150

/** The slit a button needs, without ease. Throws `OutOfReach`. */
export const openingOf = (button: Button): { opening: Figure; parts: Record<string, Figure> } => {
  if (button.shape === 'measured') {
    const w = within('wrap', button.wrap, 0, 2 * MOST, true)
    return { opening: figure('mm', 'w / 2', { w }, w / 2), parts: {} }
  }
  const d = within('diameter', button.diameter, 0, MOST, true)
  if (button.shape === 'flat') {
    const t = within('thickness', button.thickness, 0, MOST)
    return { opening: figure('mm', 'd + t', { d, t }, d + t), parts: {} }
  }
  if (button.shape === 'ball') return { opening: figure('mm', 'π × d / 2', { d }, (Math.PI * d) / 2), parts: {} }
  const h = within('height', button.height, 0, d / 2, true)
  const radius = (d * d) / 4 / (2 * h) + h / 2
  const arc = 2 * radius * Math.asin(Math.min(1, d / (2 * radius)))
  return {
    opening: figure('mm', '(d + arc) / 2', { d, arc }, (d + arc) / 2),
    parts: {
      radius: figure('mm', '(d² / 4 + h²) / (2 × h)', { d, h }, radius),
      arc: figure('mm', '2 × R × asin(d / (2 × R))', { d, R: radius }, arc),
    },
  }
}

/** What is sewn: the opening with its ease, and a bar tack at each end. */
export const sewnLengthOf = (opening: Mm, ease: Ease, barTack: Mm): Figure => {
  within('bar tack', barTack, 0, 10)
  const e = EASE[ease]
  return figure(
    'mm',
    'opening + ease + 2 × bar tack',
    { opening, ease: e, 'bar tack': barTack },
    opening + e + 2 * barTack,
  )
}

/** Below: the blade catches the beads. Above: threads of the fabric whisker into the slit. */
export const GAP = { least: 0.4, most: 1.5 }

export interface Beads {
  gap: Figure
  verdict: 'good' | 'bladeCatches' | 'whiskers'
}

/** Throws `OutOfReach` where the beads would lie over each other. */
export const beadsOf = (width: Mm, bead: Mm): Beads => {
  const W = within('width', width, 0, 20, true)
  if (!(bead > 0) || bead > W / 2) throw new OutOfReach('bead', bead, { from: 0, to: W / 2, open: true })
  const gap = figure('mm', 'W − 2 × b', { W, b: bead }, W - 2 * bead)
  const verdict = gap.value < GAP.least ? 'bladeCatches' : gap.value > GAP.most ? 'whiskers' : 'good'
  return { gap, verdict }
}

/** Places of buttonholes along an edge, mm; `at` an anchor that one of them must hit. */
export interface Placement {
  places: Mm[]
  spacing: Figure
  /** Which of them hits the anchor. */
  anchored?: number
}

/**
 * Equally spaced from first to last, one alone in the middle. With an anchor (bust, waistband) one of them hits it and
 * the spacing is the one closest to even for which it does: counted from the anchor, none before `first` or after
 * `last`.
 */
export const placeButtonholes = (first: Mm, last: Mm, count: number, at?: Mm): Placement => {
  within('last', last, first, first + 5000, count > 1)
  if (!Number.isInteger(count) || count < 1 || count > 100) throw new OutOfReach('count', count, { from: 1, to: 100 })
  if (count === 1) {
    const middle = at ?? (first + last) / 2
    return {
      places: [middle],
      spacing: figure('mm', 'one alone', { first, last }, 0),
      ...(at === undefined ? {} : { anchored: 0 }),
    }
  }
  const even = (last - first) / (count - 1)
  if (at === undefined) {
    const spacing = figure('mm', '(last − first) / (n − 1)', { first, last, n: count }, even)
    return { places: Array.from({ length: count }, (_, i) => first + i * even), spacing }
  }
  within('anchor', at, first, last)
  let best: { i: number; step: number } | undefined
  for (let i = 0; i < count; i++) {
    const [before, after] = [
      i === 0 ? Infinity : (at - first) / i,
      i === count - 1 ? Infinity : (last - at) / (count - 1 - i),
    ]
    const step = Math.min(before, after)
    if (!best || Math.abs(step - even) < Math.abs(best.step - even) - 1e-9) best = { i, step }
  }
  const { i, step } = best as { i: number; step: number }
  const spacing = figure(
    'mm',
    'the nearest to even that hits the anchor',
    { first, last, n: count, anchor: at, even },
    step,
  )
  return { places: Array.from({ length: count }, (_, k) => at + (k - i) * step), spacing, anchored: i }
}

/** Feed per bead stitch that covers without packing: from 1.6 to 2.1 thread diameters; never 0. */
export const coveringFeed = (diameter: Mm): { from: Figure; to: Figure } => {
  within('thread diameter', diameter, 0, 3, true)
  return {
    from: figure('mm', '1.6 × d', { d: diameter }, 1.6 * diameter),
    to: figure('mm', '2.1 × d', { d: diameter }, 2.1 * diameter),
  }
}

/** Where a machine begins against the mark: from tries, each the place it began less the mark, mm. */
export const startOffset = (tries: readonly Mm[]): { mean: Figure; spread: Figure; enough: boolean } => {
  if (tries.length === 0) throw new OutOfReach('tries', 0, { from: 1, to: 100 })
  const mean = tries.reduce((sum, one) => sum + one, 0) / tries.length
  const spread = Math.max(...tries.map((one) => Math.abs(one - mean)))
  const n = tries.length
  return {
    mean: figure('mm', 'mean of n tries', { n }, mean),
    spread: figure('mm', 'farthest from the mean', { n }, spread),
    enough: n >= ENOUGH_TRIES,
  }
}

const ENOUGH_TRIES = 3
