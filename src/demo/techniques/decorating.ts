import type { Stage, StageTarget } from '#core/catalogue/types'
import {
  between,
  fault,
  finish,
  method,
  needle,
  prepare,
  see,
  set,
  stage,
  start,
  step,
  technique,
  thread,
  worked,
} from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES, HOLD_TAILS, KNOT_TAILS, OVER_START } from './words'

export const onTop: Pick<Stage, 'needle' | 'threads'> = {
  needle: [needle('topstitch', 90), needle('embroidery', 75, { weight: ['light'] })],
  threads: [thread('needle', 'rayon-40')],
}
export const closed: StageTarget[] = [
  set('length', worked('beadLength', between(0.35, 0.45, 0.4)), 'closed with this thread, and still fed'),
  set('tension', { numbers: -1 }, 'a looser top rolls to the wrong side'),
]
const stabilised = prepare('Lay stabiliser under the ground, two layers if it is thin.')
export const endsBack = finish('Pull the thread ends to the back and knot them. Tear or wash the stabiliser away.')

export const applique = technique(
  'applique',
  'Appliqué in satin stitch',
  'decoration',
  2,
  'badges, banners, letters',
  ['satin stitch', 'patch sewn on'],
  [
    method(
      'satin',
      'Edge stitched, then covered',
      'a smooth, firm edge',
      [
        stage(
          'hold',
          'Stitch the edge',
          SEWING_MACHINES,
          ['straight'],
          ['openToe', 'standard'],
          [
            prepare('Fuse or pin the piece onto the ground.'),
            HOLD_TAILS,
            step('Sew on its very edge, all around. Turn with the needle down.'),
            step('Sew over the start by three stitches.'),
            finish('Trim what stands over, close to the stitches.'),
          ],
          {
            targets: [set('length', between(1.5, 2, 1.8), 'follows curves')],
            minutes: 8,
            inspect: [see('right', 'the edge is held all along')],
            faults: [fault('off', 'Row leaves the edge', 'slower, and needle down at every stop')],
          },
        ),
        stage(
          'cover',
          'Cover in satin stitch',
          ZIGZAG_MACHINES,
          ['satin', ['zigzag', 'set close by hand']],
          ['satin', 'openToe', ['standard', 'a flat sole drags on the bead']],
          [
            start('Lay the edge so that the right swing falls just off the piece.'),
            HOLD_TAILS,
            step('Lay a hand flat on each side. Guide, never pull.'),
            step('Outside corner: stop with the needle down on the outside, turn, sew over the last stitches.'),
            step('Inside corner: stop with the needle down on the inside, past the corner by the width, and turn.'),
            step('Sew over the start by three stitches and lock off.'),
          ],
          {
            ...onTop,
            targets: [set('width', between(3, 5, 4), 'covers edge and stitching'), ...closed],
            maxSpeed: 500,
            minutes: 15,
            inspect: [
              see('right', 'no fabric shows, the edge is smooth'),
              see('wrong', 'the top thread is drawn under on both sides'),
              see('corner', 'no gap outside'),
            ],
            faults: [
              fault('tunnels', 'Fabric tunnels', 'a second layer of stabiliser', ['tension', 'high']),
              fault('gaps', 'Fabric shows', ['length', 'high']),
              fault('jams', 'Packs and stops', ['length', 'low'], 'a satin foot: its sole is hollow'),
            ],
          },
        ),
      ],
      { prepare: [stabilised], finish: [endsBack] },
    ),
    method('blanket', 'Blanket stitch', 'light, like handwork; no stabiliser', [
      stage(
        'cover',
        'Stitch the edge',
        ZIGZAG_MACHINES,
        ['blanket', ['zigzag', 'a row of points instead']],
        ['openToe', 'satin', 'standard'],
        [
          prepare('Fuse the piece onto the ground.'),
          start('Lay the edge so that the line falls on the ground and the points go into the piece.'),
          HOLD_TAILS,
          step('At a corner: needle down in the ground, turn, one point exactly into the corner.'),
          KNOT_TAILS,
        ],
        {
          targets: [
            set('width', between(2.5, 4, 3), 'points to be seen'),
            set('length', between(2.2, 3, 2.5), 'evenly spaced points'),
          ],
          minutes: 12,
          inspect: [see('corner', 'a point exactly in the corner')],
          faults: [fault('off', 'Line runs onto the piece', 'needle down, and turn oftener in curves')],
        },
      ),
    ]),
    method('raw-edge', 'Raw edge, straight stitched', 'on any machine; the edge may fray a little', [
      stage(
        'hold',
        'Stitch the edge',
        SEWING_MACHINES,
        [['straight', 'the raw edge stays open']],
        ['openToe', 'standard', 'straight'],
        [
          prepare('Fuse the piece onto the ground.'),
          HOLD_TAILS,
          step('Sew 2 mm inside its edge, all around. Turn with the needle down.'),
          OVER_START,
        ],
        {
          targets: [set('length', between(1.8, 2.5, 2), 'follows curves')],
          minutes: 8,
          inspect: [see('right', 'the row is parallel to the edge')],
          faults: [fault('off', 'Row leaves the edge', 'slower, and needle down at every stop')],
        },
      ),
    ]),
  ],
)

export const borders = technique(
  'decorative-borders',
  'Decorative borders',
  'decoration',
  1,
  'rows of built-in motifs',
  ['fancy stitches', 'embroidery stitches'],
  [
    method(
      'row',
      'A row along a line',
      'one motif repeated',
      [
        stage(
          'row',
          'Sew the row',
          ZIGZAG_MACHINES,
          [
            'decorative',
            ['blanket', 'a plain edge of points'],
            ['serpentine', 'a plain wave'],
            ['zigzag.threeStep', 'a utility stitch as ornament'],
            ['zigzag', 'a plain zigzag as ornament'],
          ],
          ['satin', 'openToe', ['standard', 'a flat sole drags on dense motifs']],
          [
            start('Lay the drawn line under the middle of the foot.'),
            HOLD_TAILS,
            step('Let the machine feed. Your hands only guide.'),
            step('Finish the motif before you stop, and lock off.'),
          ],
          {
            ...onTop,
            targets: [set('tension', { numbers: -1 }, 'a looser top: no bobbin thread above')],
            maxSpeed: 600,
            minutes: 12,
            inspect: [see('right', 'motifs close, straight along the line')],
            faults: [
              fault(
                'distorts',
                'Motif leans or opens',
                'do not pull',
                { parameter: 'elongation', text: 'the elongation a step up or down' },
                ['balance', 'low'],
              ),
              fault('puckers', 'Puckers', 'a second layer of stabiliser'),
            ],
          },
        ),
      ],
      { prepare: [stabilised, prepare('Draw the line on the right side.')], finish: [endsBack] },
    ),
  ],
)
