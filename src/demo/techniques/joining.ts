import type { Stage, StageTarget } from '#core/catalogue/types'
import { between, fault, method, needle, next, prepare, see, set, stage, start, step, technique, thread } from './write'
import { HOLD_TAILS, SEWING_MACHINES, ZIGZAG_MACHINES, LOCK_END, KNOT_TAILS, OFF_EDGE } from './words'

const QUILT_LENGTH: StageTarget = set('length', between(2.8, 3.5, 3), 'longer stitches sink less into wadding')
const layersBasted = prepare('Baste the layers, the backing taut. Mark the first line.')
const quiltInspect: Stage['inspect'] = [
  see('right', 'stitches level, no tucks where lines cross'),
  see('wrong', 'backing flat, no pleats'),
]
const tucks = fault('tucks', 'Tucks at crossings', 'baste closer', 'sew all lines in one direction')
const lines = 'Sew from the centre outward, slowly to medium, all lines in one direction.'
const slipIn = start('Raise the foot as high as it goes and slip the layers in.')
const pivot = step('To turn: needle down, foot up. Most such feet have a mark a quarter inch before the needle.')
const quilted: Pick<Stage, 'threads'> = { threads: [thread('needle', 'cotton-50')] }

export const walkingFootQuilting = technique(
  'walking-foot-quilting',
  'Quilting with even feed',
  'piecing and quilting',
  1,
  'straight lines and gentle waves through top, wadding and backing without creep',
  ['walking foot quilting', 'straight-line quilting'],
  [
    method(
      'dual-feed',
      'With the built-in dual feed',
      'nothing to screw on, and you see the line',
      [
        stage(
          'lines',
          'Quilt the lines',
          SEWING_MACHINES,
          ['straight'],
          ['guide.centre', 'standard'],
          [slipIn, HOLD_TAILS, step(lines), pivot, OFF_EDGE],
          {
            features: { need: ['dualFeed'] },
            targets: [QUILT_LENGTH, set('needlePosition', { abs: 0 }, 'the needle on the line')],
            ...quilted,
            maxSpeed: 700,
            minutes: 20,
            inspect: quiltInspect,
            faults: [tucks],
          },
        ),
      ],
      { when: { feature: ['dualFeed'] }, prepare: [layersBasted] },
    ),
    method(
      'walking-foot',
      'With a walking foot',
      'feeds top and bottom alike on any machine it fits',
      [
        stage(
          'lines',
          'Quilt the lines',
          SEWING_MACHINES,
          ['straight'],
          ['walking'],
          [
            step('Turn the handwheel toward you by hand.', {
              after: 'foot',
              check: 'the fork rides up and down with the needle bar; its clack is normal',
            }),
            slipIn,
            HOLD_TAILS,
            step(lines),
            pivot,
            OFF_EDGE,
          ],
          {
            features: { avoid: ['dualFeed'] },
            targets: [QUILT_LENGTH],
            ...quilted,
            maxSpeed: 700,
            minutes: 20,
            inspect: quiltInspect,
            faults: [
              tucks,
              fault('rattles', 'Foot works loose', 'its screw was tightened by fingers only: use a driver'),
            ],
          },
        ),
        stage(
          'waves',
          'Quilt waves between the lines',
          ZIGZAG_MACHINES,
          ['serpentine', ['straight', 'straight lines instead of waves']],
          ['walking'],
          [
            slipIn,
            HOLD_TAILS,
            step('Sew row by row, the edge of {foot.code} along the tips of the last wave.'),
            OFF_EDGE,
          ],
          {
            features: { avoid: ['dualFeed'] },
            targets: [
              set('width', between(4.5, 7, 6), 'a wide wave forgives a wandering line'),
              set('length', between(2.5, 3.5, 3), 'lengthened well past its own: an easy curve'),
            ],
            ...quilted,
            maxSpeed: 600,
            minutes: 15,
            inspect: [see('right', 'waves nest, their tips one foot’s width apart')],
            faults: [fault('cramped', 'Wave cramped', ['length', 'low'])],
          },
        ),
      ],
      { prepare: [layersBasted] },
    ),
    method(
      'standard-foot',
      'With the standard foot, closely basted',
      'nothing to buy; only for thin wadding and short lines',
      [
        stage(
          'lines',
          'Quilt the lines',
          SEWING_MACHINES,
          ['straight'],
          [['standard', 'the top layer creeps: short lines, slowly']],
          [
            HOLD_TAILS,
            step('Sew from the centre outward, slowly, all lines in one direction.'),
            step('Stop often with the needle down. Lift the foot and let the layers settle.'),
            OFF_EDGE,
          ],
          {
            targets: [QUILT_LENGTH, set('pressure', { numbers: -1 }, 'less pressure pushes the top layer less')],
            ...quilted,
            maxSpeed: 400,
            minutes: 20,
            inspect: quiltInspect,
            faults: [
              fault('tucks', 'Tucks at crossings', ['pressure', 'high'], 'baste closer', 'better, take a walking foot'),
            ],
          },
        ),
      ],
      {
        prepare: [
          prepare('Baste every 5 cm in both directions, the backing taut. Mark the lines.', {
            check: 'no layer can be pushed over another by hand',
          }),
        ],
      },
    ),
  ],
)

const thickRow: Pick<Stage, 'needle' | 'threads'> = {
  needle: [needle('topstitch', 90)],
  threads: [thread('needle', 'topstitch-30')],
}
const rowLength = set('length', between(3, 3.5, 3.2), 'longer, so that thick thread lies on top')

export const centreGuide = technique(
  'centre-guide',
  'Joining and topstitching with a centre guide',
  'topstitching and joining',
  1,
  'butted edges joined flat, and rows parallel to an edge or seam',
  ['edge joining', 'topstitching', 'stitch in the ditch'],
  [
    method(
      'centre-guide',
      'With a centre guide foot',
      'the blade runs in the seam or on the edge; the needle moves, your eye rests',
      [
        stage(
          'join',
          'Join the edges',
          ZIGZAG_MACHINES,
          ['zigzag'],
          ['guide.centre'],
          [
            start('Begin on a scrap: lay both edges against the blade of {foot.code}, one on each side.'),
            HOLD_TAILS,
            step('Feed both edges against the blade, neither over the other.'),
            LOCK_END,
          ],
          {
            targets: [
              set('width', { abs: 2.2 }, 'takes a millimetre of each edge'),
              set('length', between(1, 1.8, 1.5), 'close enough to hold, open enough to fold'),
              set('needlePosition', { abs: 0 }, 'the blade stands between the edges'),
            ],
            minutes: 8,
            inspect: [see('right', 'edges touch, the zigzag takes both alike'), see('wrong', 'flat, no ridge')],
            faults: [
              fault(
                'one-edge',
                'Catches one edge only',
                { parameter: 'needlePosition', text: 'the needle is not at the centre' },
                'an edge slid under the blade',
              ),
            ],
          },
        ),
        stage(
          'topstitch',
          'Topstitch beside the seam',
          SEWING_MACHINES,
          ['straight'],
          ['guide.centre'],
          [
            start('Lay the blade of {foot.code} in the seam, the fabric flat on both sides.'),
            HOLD_TAILS,
            step('Watch the blade, not the needle.'),
            step('Turn with the needle down and the blade lifted clear.'),
            KNOT_TAILS,
            next('The row on the other side: needle as far to the right. Turn the handwheel by hand first.', {
              caution: 'Moved to the other side, the needle may hit the foot.',
            }),
          ],
          {
            ...thickRow,
            targets: [set('needlePosition', { abs: -2 }, 'a row 2 mm from the seam the blade runs in'), rowLength],
            minutes: 8,
            inspect: [see('right', 'a row parallel to the seam from end to end')],
            faults: [fault('wanders', 'Row wanders', 'the blade left the ditch: lift, set it anew, never force it')],
          },
        ),
      ],
      { prepare: [prepare('Finish both edges. Raw edges would pull out of the join.')] },
    ),
    method('standard-foot', 'With the standard foot, along a tape', 'no extra foot; topstitching only', [
      stage(
        'topstitch',
        'Topstitch beside the edge',
        SEWING_MACHINES,
        ['straight'],
        [['standard', 'no blade: parallel only as far as you can follow the tape; no joining']],
        [
          start('Stick a strip of tape on the bed, as far right of the needle as the row is to lie from the edge.'),
          start('Lay the edge along the tape.'),
          HOLD_TAILS,
          step('Watch the edge at the tape. Turn with the needle down.'),
          KNOT_TAILS,
        ],
        {
          ...thickRow,
          targets: [rowLength],
          minutes: 8,
          inspect: [see('right', 'parallel to the edge')],
          faults: [fault('wanders', 'Row wanders', 'look at the tape, not at the needle')],
        },
      ),
    ]),
  ],
)
