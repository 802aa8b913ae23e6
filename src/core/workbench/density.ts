/**
 * Density: stitches in a length, time at the needle, and how much of a row is holes. (workbench, Density and coverage)
 */
import type { Mm, NeedleSize, StitchesPerMinute } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Holes to feed: over this coated and non-woven fabric is weakened; at 1 the holes meet. */
export const PERFORATES = { warn: 0.36, meets: 1 }

export const stitchesIn = (length: Mm, feed: Mm): Figure =>
  figure(
    'count',
    'length / feed',
    { length: within('length', length, 0, 1_000_000, true), feed: within('feed', feed, 0, 20, true) },
    length / feed,
  )

/** Minutes of sewing at a speed. */
export const minutesFor = (stitches: number, speed: StitchesPerMinute): Figure =>
  figure(
    'minutes',
    'stitches / speed',
    { stitches: within('stitches', stitches, 0, 1e9), speed: within('speed', speed, 0, 10_000, true) },
    stitches / speed,
  )

export interface Perforation {
  share: Figure
  /** Feed from which on the fabric keeps its strength. */
  safeFeed: Figure
  verdict: 'good' | 'weakens' | 'tears'
}

export const perforation = (size: NeedleSize, feed: Mm): Perforation => {
  const needle = within('needle', size, 40, 200) / 100
  const share = figure('ratio', 'needle / feed', { needle, feed: within('feed', feed, 0, 20, true) }, needle / feed)
  const verdict = share.value >= PERFORATES.meets ? 'tears' : share.value > PERFORATES.warn ? 'weakens' : 'good'
  return { share, safeFeed: figure('mm', 'needle / 0.36', { needle }, needle / PERFORATES.warn), verdict }
}
