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

/** Of machines with a bobbin, or of those with loopers. */
const only = (sewsWith: 'bobbin' | 'loopers', one: TroubleCause): TroubleCause => ({ ...one, sewsWith })

const NEEDLE = 'a needle that is blunt, bent, wrong way round, not fully up or of another system'
const threading: readonly TroubleCause[] = [
  only('bobbin', cause('threading', 'threaded with the foot down, or past the take-up lever')),
  only('loopers', cause('threading', 'a looper threaded out of its order, or a thread off its guide')),
]

export const TROUBLES: readonly Trouble[] = [
  {
    id: 'skips',
    name: 'Skipped stitches',
    words: ['skips stitches', 'skipping', 'misses stitches', 'leaves out stitches'],
    causes: [
      cause('needle', NEEDLE),
      ...threading,
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
      'nest underneath',
      'knots underneath',
      'knots on the bottom',
      'eats the fabric',
      'swallows the fabric',
      'chews the fabric',
      'pulls the fabric down',
      'thread tangle',
    ],
    causes: [
      ...threading,
      cause('tails', 'tails not held at the start'),
      only('bobbin', cause('bobbin', 'bobbin of another class, or the wrong way round')),
      cause('lint', 'lint under the needle plate'),
    ],
    script: 'jam',
  },
  {
    id: 'thread-breaks',
    name: 'Needle thread breaks',
    words: [
      'top thread breaks',
      'thread keeps breaking',
      'thread breaks',
      'upper thread snaps',
      'thread shreds',
      'thread tears',
    ],
    causes: [
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      ...threading,
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
    words: [
      'does not feed',
      'fabric does not move',
      'stands still',
      'will not move forward',
      'not feeding',
      'does not transport',
      'stays in place',
      'stays where it is',
      'sews on the spot',
      'does not pull the fabric',
      'will not pull the fabric',
      'does not take the fabric',
      'fabric slips',
    ],
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
      'loops below',
      'bobbin side loops',
    ],
    causes: [
      ...threading,
      cause('tension.low', 'top tension too low', 'tension', 'low'),
      only('bobbin', cause('bobbin', 'bobbin not seated, or of another class')),
    ],
  },
  {
    id: 'loops-above',
    name: 'Bobbin thread shows above',
    words: [
      'bobbin thread on top',
      'loops on top',
      'bobbin thread shows above',
      'lower thread comes up',
      'bobbin thread comes up',
      'see the bobbin thread',
    ],
    causes: [
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      only('bobbin', cause('bobbin', 'bobbin thread not under its spring')),
    ],
  },
  {
    id: 'noise',
    name: 'Noise',
    words: [
      'noisy',
      'loud',
      'knocks',
      'clicks',
      'knocking noise',
      'rattles',
      'racket',
      'clatters',
      'grinding',
      'squeaks',
      'makes a noise',
    ],
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
    words: [
      'will not start',
      'does not start',
      'will not switch on',
      'does not switch on',
      'will not turn on',
      'does not turn on',
      'nothing happens',
      'dead',
      'no light',
    ],
    causes: [
      cause('pedal', 'foot control not plugged in, or start key instead of it'),
      only('bobbin', cause('winder', 'bobbin winder still pushed over')),
      only('loopers', cause('cover', 'a cover open, or the foot up: many do not start then')),
      cause('footUp', 'presser foot up'),
      cause('power', 'switch, plug, another socket'),
    ],
  },
  {
    id: 'tension-off',
    name: 'Tension uneven',
    words: ['tension uneven', 'tension wrong', 'bad tension', 'tension problem', 'tension is off', 'tension not right'],
    causes: [
      ...threading,
      cause('tension.high', 'top tension too high', 'tension', 'high'),
      cause('tension.low', 'top tension too low', 'tension', 'low'),
      only('bobbin', cause('bobbin', 'bobbin not seated, or of another class')),
    ],
  },
  {
    id: 'waves',
    name: 'Seam or edge waves',
    words: [
      'wavy',
      'wavy hem',
      'wavy seam',
      'seam waves',
      'stretched out',
      'edge waves',
      'lettuce by itself',
      'seam stretches out',
    ],
    causes: [
      cause('differential.low', 'differential too low', 'differential', 'low'),
      cause('pressure.high', 'the foot presses too hard', 'pressure', 'high'),
      cause('length.low', 'stitches too short for a stretchy fabric', 'length', 'low'),
      cause('pulling', 'the fabric was pulled'),
    ],
  },
  {
    id: 'distorted',
    name: 'Pattern stitch distorted',
    words: ['pattern distorted', 'motif out of shape', 'decorative stitch does not meet', 'stitches do not meet'],
    causes: [
      cause('balance', 'the balance of forward and backward', 'balance'),
      cause('elongation', 'drawn out', 'elongation'),
      cause('stabiliser', 'nothing stiff under a soft fabric'),
      cause('pulling', 'the fabric was held or pushed'),
      cause('foot', 'a foot whose sole is flat: a dense stitch needs a tunnel'),
    ],
  },
  {
    id: 'unequal-beads',
    name: 'Buttonhole’s sides unequal',
    words: ['buttonhole uneven', 'one side denser', 'unequal beads', 'sides of the buttonhole differ'],
    causes: [
      cause('balance', 'the balance of forward and backward', 'balance'),
      cause('drag', 'the garment’s weight drags, or lies uneven under the foot'),
      cause('stabiliser', 'nothing stiff under it'),
      cause('pressure.low', 'the foot presses too lightly', 'pressure', 'low'),
    ],
  },
  {
    id: 'edge-loops',
    name: 'Loops at the edge',
    words: ['loops hang over the edge', 'looper threads hang', 'edge loops', 'threads off the edge'],
    causes: [
      cause('cuttingWidth.low', 'cut too narrow for the stitch', 'cuttingWidth', 'low'),
      cause('tension:upperLooper.low', 'upper looper too loose', 'tension:upperLooper', 'low'),
      cause('tension:lowerLooper.low', 'lower looper too loose', 'tension:lowerLooper', 'low'),
      ...threading,
      cause('knife', 'knife blunt, or off'),
    ],
  },
  {
    id: 'edge-rolls',
    name: 'Edge rolls in the seam',
    words: ['edge rolls', 'edge curls inside the overlock', 'bunches in the seam'],
    causes: [
      cause('cuttingWidth.high', 'cut too wide for the stitch', 'cuttingWidth', 'high'),
      cause('tension:upperLooper.high', 'upper looper too tight', 'tension:upperLooper', 'high'),
      cause('tension:lowerLooper.high', 'lower looper too tight', 'tension:lowerLooper', 'high'),
      cause('fingers', 'stitch finger in or out against the seam'),
    ],
  },
  {
    id: 'bobbin-winding',
    name: 'Bobbin winds badly',
    words: [
      'bobbin winds loose',
      'bobbin winds uneven',
      'bobbin fills uneven',
      'bobbin does not fill',
      'bobbin wound uneven',
      'winding uneven',
      'bobbin winder',
      'bobbin does not wind',
    ],
    causes: [cause('guide', 'thread not in the winding guide'), cause('bobbin', 'bobbin of another class')],
  },
]
