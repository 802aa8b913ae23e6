/** Blind hem: how much of the fold the swing takes, and how often. (workbench, Blind hem bite) */
import type { Fabric } from '../catalogue/types'
import type { Mm } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Bite aimed at, mm: needle and thread cross both plies of the fold, so the pick outside is about twice as wide. */
export const BITE: Record<Fabric['weight'] | 'lofty', Mm> = { light: 0.3, medium: 0.5, heavy: 0.8, lofty: 1 }

export const biteFor = ({ weight, behaviours }: Pick<Fabric, 'weight' | 'behaviours'>): Mm =>
  behaviours.includes('lofty') ? BITE.lofty : BITE[weight]

/** The width to set for a bite, where the guide stands so far from the straight stitches. */
export const widthForBite = (guide: Mm, bite: Mm): Figure => {
  within('guide', guide, 0, 10)
  within('bite', bite, 0, 5, true)
  return figure('mm', 'guide + bite', { guide, bite }, guide + bite)
}

/** Where an adjustable guide must stand from the straight stitches, for a bite of this width. */
export const guideForBite = (width: Mm, bite: Mm): Figure =>
  figure(
    'mm',
    'width − bite',
    { width: within('width', width, 0, 20), bite: within('bite', bite, 0, 5, true) },
    width - bite,
  )

/** How far the swing may miss its bite: a thread of the fold at least is taken, and no dot gets much longer. */
export const playOfBite = (bite: Mm): Mm => Math.min(bite - LEAST_BITE, MOST_BITE_PLAY)
const LEAST_BITE: Mm = 0.1
const MOST_BITE_PLAY: Mm = 0.3

/** Not above 0: the swing never reaches the fold. */
export const biteOf = (width: Mm, guide: Mm): Figure =>
  figure(
    'mm',
    'width − guide',
    { width: within('width', width, 0, 20), guide: within('guide', guide, 0, 10) },
    width - guide,
  )

/** Between two picks on the right side. */
export const pickEvery = (length: Mm, repeat: number): Figure =>
  figure(
    'mm',
    'length × stitches of a repeat',
    { length: within('length', length, 0, 10, true), 'stitches of a repeat': within('repeat', repeat, 1, 50) },
    length * repeat,
  )
