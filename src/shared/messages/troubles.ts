/**
 * What a machine does wrong whatever is sewn: the desk's common knowledge.
 */
import type { Parameter } from '#core/catalogue/types'
import type { Trouble, TroubleCause } from '#core/desk/troubleTypes'

const cause = (key: string, text: string, parameter?: Parameter, toward?: 'high' | 'low'): TroubleCause => ({
  key,
  text,
  ...(parameter ? { parameter } : {}),
  ...(toward ? { toward } : {}),
})

const NEEDLE = 'a needle that is blunt, bent, wrong way round, not fully up or of another system'
const THREADING = 'threaded with the foot down, or past the take-up lever'

export const TROUBLES: readonly Trouble[] = [
  {
    id: 'skips',
    name: 'Skipped stitches',
    words: ['skips stitches', 'skipping', 'misses stitches', 'leaves out stitches'],
    causes: [
      cause('needle', NEEDLE),
      cause('threading', THREADING),
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('pressure.low', 'the foot presses too lightly', 'pressure', 'low'),
      cause('needleKind', 'a needle that does not suit the fabric'),
    ],
  },
  {
    id: 'jam',
    name: 'Thread jam under the fabric',
    words: [
      'thread nest',
      'bird nest',
      'birdnest',
      'thread jam',
      'jammed',
      'tangled underneath',
      'knots under the fabric',
    ],
    causes: [
      cause('threading', THREADING),
      cause('tails', 'tails not held at the start'),
      cause('bobbin', 'bobbin of another class, or the wrong way round'),
      cause('lint', 'lint under the needle plate'),
    ],
    script: 'jam',
  },
  {
    id: 'thread-breaks',
    name: 'Needle thread breaks',
    words: ['thread breaks', 'upper thread snaps', 'thread shreds', 'thread tears'],
    causes: [
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('threading', THREADING),
      cause('needle', NEEDLE),
      cause('thread', 'old or rough thread, or too thick for the needle'),
      cause('burr', 'a burr where the needle once hit: to the workshop'),
    ],
  },
  {
    id: 'needle-breaks',
    name: 'Needle breaks',
    words: ['needle breaks', 'needle breaking', 'needle snaps', 'needle hits'],
    causes: [
      cause('width.high', 'the stitch swings wider than foot or needle plate allow', 'width', 'high'),
      cause('needlePosition', 'the needle stands where foot or plate is', 'needlePosition'),
      cause('pulling', 'the fabric was pulled'),
      cause('needleKind', 'too fine for the fabric'),
      cause('foot', 'a foot that does not fit, or is loose'),
    ],
  },
  {
    id: 'puckers',
    name: 'Seam puckers',
    words: ['puckers', 'puckering', 'seam draws up', 'gathers by itself'],
    causes: [
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('length.high', 'stitches too long for thin fabric', 'length', 'high'),
      cause('pressure.high', 'the foot presses too hard', 'pressure', 'high'),
      cause('needleKind', 'needle too thick'),
      cause('threadWeight', 'thread too thick'),
    ],
  },
  {
    id: 'no-feed',
    name: 'Fabric does not move',
    words: ['does not feed', 'fabric does not move', 'stands still', 'will not move forward', 'not feeding'],
    causes: [
      cause('feedDogs', 'feed dogs lowered or covered'),
      cause('length.low', 'stitch length near 0', 'length', 'low'),
      cause('pressure.low', 'foot up, or presses too lightly', 'pressure', 'low'),
      cause('lint', 'lint between the feed dogs'),
    ],
  },
  {
    id: 'loops',
    name: 'Loops beneath',
    words: [
      'loops underneath',
      'loops on the underside',
      'loopy underneath',
      'loose stitches below',
      'bobbin side loops',
    ],
    causes: [
      cause('threading', THREADING),
      cause('tension.low', 'top tension too low', 'tension', 'low'),
      cause('bobbin', 'bobbin not seated, or of another class'),
    ],
  },
  {
    id: 'loops-above',
    name: 'Bobbin thread shows above',
    words: ['bobbin thread on top', 'loops on top', 'bobbin thread shows above', 'lower thread comes up'],
    causes: [
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('bobbin', 'bobbin thread not under its spring'),
    ],
  },
  {
    id: 'noise',
    name: 'Noise',
    words: ['noisy', 'clicks', 'knocking noise', 'rattles', 'grinding'],
    causes: [
      cause('needle', NEEDLE),
      cause('lint', 'lint or a thread end under the needle plate'),
      cause('foot', 'foot or needle clamp loose'),
      cause('inside', 'inside the covers: to the workshop'),
    ],
  },
  {
    id: 'wont-start',
    name: 'Does not start',
    words: ['will not start', 'does not start', 'nothing happens', 'dead', 'no light'],
    causes: [
      cause('pedal', 'foot control not plugged in, or start key instead of it'),
      cause('winder', 'bobbin winder still pushed over'),
      cause('footUp', 'presser foot up'),
      cause('power', 'switch, plug, another socket'),
    ],
  },
  {
    id: 'tension-off',
    name: 'Tension uneven',
    words: ['tension uneven', 'tension wrong', 'bad tension', 'tension problem'],
    causes: [
      cause('threading', THREADING),
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('tension.low', 'top tension too low', 'tension', 'low'),
      cause('bobbin', 'bobbin not seated, or of another class'),
    ],
  },
  {
    id: 'bobbin-winding',
    name: 'Bobbin winds badly',
    words: ['bobbin winds loose', 'winding uneven', 'bobbin winder'],
    causes: [cause('guide', 'thread not in the winding guide'), cause('bobbin', 'bobbin of another class')],
  },
]
