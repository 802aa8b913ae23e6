/** What many techniques say or name alike. */
import type { Kind, When } from '#core/catalogue/types'
import { start } from './write'

export const SEWING_MACHINES: Kind[] = ['mechanical', 'computerised', 'straightStitch']
export const ZIGZAG_MACHINES: Kind[] = ['mechanical', 'computerised']
export const OVERLOCKERS: Kind[] = ['overlocker', 'overlockCover']
export const COVER_MACHINES: Kind[] = ['coverstitch', 'overlockCover']

/** Feed dogs down, or a stitch length of 0. */
export const STANDS_STILL = [['feedDogsDown', 'zeroLength']]

export const KNIT: When = { structure: ['knit'] }
export const NOT_KNIT: When = { structure: ['woven', 'nonWoven', 'coated'] }

export const HOLD_TAILS = start('Hold both thread tails for the first few stitches, then let go.')
export const KNIVES = 'The knives are open: keep your fingers well in front of the foot.'
export const PIN = 'If the needle hits the pin it breaks: with this foot never a width under {pin}.'
