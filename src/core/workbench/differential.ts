/** Differential feed from a sewn test. (workbench, Stretch and feed) */
import { nearest, reachOf } from '../answer/reach'
import type { Scale } from '../catalogue/types'
import type { Mm } from '../units/quantities'
import { tidy } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Sewn for the test. */
export const TEST_LENGTH: Mm = 100
/** A change of length under this is the ruler's. */
const FLAT: Mm = 0.5

export interface NextRatio {
  next: Figure
  /** On the model's range and step; undefined where the model has no place for it. */
  set: number | undefined
  /** `wavy`: it grew, ratio up. `puckered`: it shrank, ratio down. */
  verdict: 'flat' | 'wavy' | 'puckered'
  /** The model's range ends before what would be wanted. */
  held: boolean
}

/** 100 mm sewn at a ratio that became `measured`. */
export const nextRatio = (now: number, measured: Mm, scale: Scale | undefined): NextRatio => {
  const from = { now: within('ratio', now, 0.3, 4), m: within('measured', measured, 40, 250) }
  const next = figure('ratio', 'now × m / 100', from, (now * measured) / TEST_LENGTH)
  const place = nearest(reachOf(scale), next.value, { ties: 'lower' })
  const off = measured - TEST_LENGTH
  return {
    next,
    set: place && tidy(place.value),
    verdict: Math.abs(off) <= FLAT ? 'flat' : off > 0 ? 'wavy' : 'puckered',
    held: scale !== undefined && (next.value < scale.from - 1e-6 || next.value > scale.to + 1e-6),
  }
}
