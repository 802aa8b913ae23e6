/** What many techniques say or name alike. */
import type { Kind, Stage, Step, When } from '#core/catalogue/types'
import { finish, needle, start, step } from './write'

export const SEWING_MACHINES: Kind[] = ['mechanical', 'computerised', 'straightStitch']
export const ZIGZAG_MACHINES: Kind[] = ['mechanical', 'computerised']
export const OVERLOCKERS: Kind[] = ['overlocker', 'overlockCover']
export const COVER_MACHINES: Kind[] = ['coverstitch', 'overlockCover']

/** Feed dogs down, or a stitch length of 0. */
export const STANDS_STILL = [['feedDogsDown', 'zeroLength']]

export const KNIT: When = { structure: ['knit'] }
export const NOT_KNIT: When = { structure: ['woven', 'nonWoven', 'coated'] }

/** Every changeover has lifted the foot: sewn so the threads would nest. */
export const HOLD_TAILS = start('Lower the foot. Hold both thread tails for the first few stitches, then let go.')
/** Where a step before has lowered it. */
export const HOLD_TAILS_ONLY = start('Hold both thread tails for the first few stitches, then let go.')
export const KNIVES = 'The knives are open: keep your fingers well in front of the foot.'
export const PIN = 'If the needle hits the pin it breaks: with this foot never a width under {pin}.'

/** Whether the upper knife can be put out of work: what then is said of it would be wrong. */
export const KNIFE_AWAY = { feature: ['upperKnife'] }
export const KNIFE_STAYS = { withoutFeature: ['upperKnife'] }

/** How a row of lockstitch ends so that it stays: where it may be seen, where it may not, where it goes round. */
export const LOCK_END = step('Lock the end.')
export const KNOT_TAILS = step('Draw the tails to the wrong side and knot them.')
export const OVER_START = step('Sew over the start by three stitches and lock.')
export const OFF_EDGE = step('Sew off the quilt’s edge. Lock a row that ends within it.')
export const OVER_START_ROUND = step('In the round: sew over the start by three stitches.')

/** An overlocker’s first and last centimetres. */
export const TAIL_FIRST: Step[] = [
  start('Lower the foot. Run a tail of 5 cm. Hold it behind the foot.'),
  start('Start slowly and steadily.', { caution: KNIVES }),
]
export const TAIL_LAST = step('Run off the end by 5 cm.')
/** Where it mostly goes round. */
export const TAIL_LAST_ROUND = step(
  'Run off the end by 5 cm. In the round: sew over the start by 1 cm, then run off the edge.',
)
/** How it is begun where the upper knife is out of work, if it can be. */
export const startUncut = (text: string): Step[] => [
  start(text, { when: KNIFE_AWAY }),
  start(text, { when: KNIFE_STAYS, caution: KNIVES }),
]
export const TAIL_HIDDEN = finish(
  'Draw the tail back under the stitches with a blunt needle, or put a drop of sealant on it.',
)
export const STRETCH_NEEDLE: Pick<Stage, 'needle'> = { needle: [needle('stretch', 75, KNIT)] }
