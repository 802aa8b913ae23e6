/** Hems that are folded and topstitched. */
import type { Method, Stage } from '#core/catalogue/types'
import {
  between,
  fault,
  finish,
  method,
  needle,
  prepare,
  ready,
  see,
  set,
  stage,
  start,
  step,
  technique,
  thread,
} from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES, OVERLOCKERS, HOLD_TAILS, KNIVES, TAIL_LAST, OVER_START_ROUND } from './words'

const neaten = stage(
  'edge',
  'Finish the raw edge',
  [...OVERLOCKERS, ...ZIGZAG_MACHINES],
  [
    'overlock3.narrow',
    ['overcast.light', 'a softer edge than an overlocker’s'],
    ['overcast.heavy', 'a thicker edge than an overlocker’s'],
    ['zigzag', 'an open edge: trim it close'],
  ],
  'any',
  [
    start('One layer, right side up. Lower the foot. Trim a thread’s width only.', {
      when: { kind: OVERLOCKERS },
      caution: KNIVES,
    }),
    start('One layer, right side up. Trim the edge clean first. Lower the foot.', { when: { kind: ZIGZAG_MACHINES } }),
    step('Run the edge along the mark in front of the knife. Do not pull.', { when: { kind: OVERLOCKERS } }),
    step('Let the stitch fall just over the edge. Do not pull.', { when: { kind: ZIGZAG_MACHINES } }),
    { ...TAIL_LAST, when: { kind: OVERLOCKERS } },
  ],
  {
    targets: [set('length', between(2, 3, 2.5), 'holds what frays without stiffening the edge')],
    inspect: [see('right', 'the edge is flat, not curled under')],
    faults: [fault('curls', 'Edge curls', ['width', 'high'], 'the edge is not up to the guide')],
    minutes: 4,
  },
)

const inTheRound = start('Round work goes on the free arm. Start at a seam.')

// ── narrow hem ────────────────────────────────────────────────────────────────────────────────────────────────
const turnedTwice = (because: string, tradeOff?: string): Method =>
  method(
    'turned',
    'Turned twice, pressed and topstitched',
    because,
    [
      stage(
        'hem',
        'Topstitch the hem',
        SEWING_MACHINES,
        [tradeOff === undefined ? 'straight' : ['straight', tradeOff]],
        ['edgeGuide', 'guide.centre', 'standard', 'openToe'],
        [
          inTheRound,
          start('Lay the inner fold beneath the needle, a thread’s width inside it.'),
          HOLD_TAILS,
          step('Sew in one direction without pulling. Needle down at each corner.'),
          OVER_START_ROUND,
        ],
        {
          targets: [set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen')],
          minutes: 10,
          inspect: [see('right', 'the row is parallel to the fold'), see('wrong', 'the fold is caught all along')],
          faults: [fault('wavy', 'Hem waves', ['pressure', 'high'], 'sew in one direction, do not pull')],
        },
      ),
    ],
    { prepare: [prepare('Press the first turn, then the second. Pin or baste what slips.')] },
  )

export const narrowHem = technique(
  'narrow-hem',
  'Narrow hem',
  'hems',
  2,
  'a fine double-turned hem on scarves, linings and ruffles',
  ['hemmer foot', 'shirt hem', 'tiny hem', 'pin hem', 'scarf hem'],
  [
    method(
      'hemmer',
      'With a curling hemmer foot',
      'both turns in one pass on fluid fabric',
      [
        stage(
          'hem',
          'Curl and sew the hem',
          SEWING_MACHINES,
          ['straight'],
          ['hemmer'],
          [
            start('Lay the pressed start under the foot and lower it. Sew two stitches and stop with the needle down.'),
            start('Hold both thread tails and draw the turn into the scroll of {foot.code}.', {
              check: 'the scroll is full, the raw edge inside it',
            }),
            step('Hold the edge upright and even. Feed it so that it never passes the right edge of the scroll.', {
              ifWrong: 'Too little in the scroll shows the raw edge. Too much jams it.',
            }),
          ],
          {
            targets: [set('length', between(1.8, 2.5, 2), 'short enough to hold a narrow turn')],
            threads: [thread('needle', 'fine-polyester')],
            maxSpeed: 500,
            minutes: 10,
            inspect: [
              see('right', 'an even hem, no raw edge to be seen'),
              see('start', 'turned from the first stitch'),
            ],
            faults: [
              fault('raw-shows', 'Raw edge shows', 'too little in the scroll: guide more in'),
              fault('jams', 'Scroll jams', 'too much in the scroll, or a seam: trim the seam’s allowance thin'),
              fault('start-lost', 'First centimetres unturned', 'start on a stitched scrap, or leave 3 cm to cut off'),
            ],
          },
        ),
      ],
      {
        when: { weight: ['light'] },
        prepare: [
          prepare('Trim whiskers off the edge. Leave 3 cm more at both ends.'),
          prepare('Press both turns of the first 3 cm.'),
        ],
        finish: [finish('Cut off the spoilt beginning. Press.')],
      },
    ),
    turnedTwice('on any fabric and any machine; corners and curves by hand'),
    method('overlock-fold', 'Overlocked, folded, topstitched', 'goes around corners and over seams on any fabric', [
      neaten,
      stage(
        'hem',
        'Fold and topstitch',
        SEWING_MACHINES,
        ['straight'],
        ['edgeGuide', 'guide.centre', ['standard', 'watch the edge yourself'], ['openToe', 'watch the edge yourself']],
        [
          prepare('Press the edge under along its stitches.'),
          inTheRound,
          start('Lay the fold along the guide or the toe of {foot.code}, the stitched edge beneath.'),
          HOLD_TAILS,
          step('Sew in one direction. Turn each corner with the needle down.'),
          step('In the round: sew over the start by three stitches.'),
        ],
        {
          targets: [set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen')],
          minutes: 6,
          inspect: [see('right', 'the row is parallel to the fold'), see('wrong', 'the edge is caught all along')],
          faults: [fault('wavy', 'Hem waves', ['pressure', 'high'], 'sew in one direction, do not pull')],
        },
      ),
    ]),
  ],
)

// ── topstitched hem ───────────────────────────────────────────────────────────────────────────────────────────
const topstitching: Pick<Stage, 'needle' | 'inspect' | 'minutes'> = {
  needle: [needle('topstitch', 90, { weight: ['heavy'] })],
  minutes: 8,
  inspect: [see('right', 'the row is parallel to the fold'), see('wrong', 'the edge is caught everywhere')],
}
const onTop = set('length', between(2.5, 3.5, 3), 'long enough to lie on top')
const depth = prepare('Press the hem up. Measure how deep it is.', { measures: 'hemDepth' })

export const topstitchedHem = technique(
  'topstitched-hem',
  'Overlocked and topstitched hem',
  'hems',
  1,
  'a flat single-turned hem on everyday clothes',
  ['jeans hem', 'single hem'],
  [
    method('guided', 'Along a guide foot', 'the guide keeps the depth, your eye rests', [
      neaten,
      stage(
        'topstitch',
        'Topstitch the fold',
        SEWING_MACHINES,
        ['straight'],
        ['edgeGuide', 'guide.centre'],
        [
          depth,
          inTheRound,
          start('Right side up. Lay the fold along the guide of {foot.code}.', {
            check: 'the needle falls on the finished edge beneath',
            ifWrong: 'It misses the edge: the hem is deeper than this foot reaches. Move the needle further left.',
          }),
          HOLD_TAILS,
          step('Run the fold along the guide. Sew over the start by three stitches.'),
        ],
        {
          targets: [onTop],
          ...topstitching,
          faults: [
            fault(
              'misses',
              'Edge not caught',
              'the hem is deeper than the foot reaches: needle further left, or mark the line',
            ),
          ],
        },
      ),
    ]),
    method(
      'open-foot',
      'Open foot, needle to the left, along a tape',
      'follows a deeper hem than a guide foot reaches',
      [
        neaten,
        stage(
          'topstitch',
          'Topstitch by the toe',
          ZIGZAG_MACHINES,
          ['straight'],
          ['openToe', 'standard'],
          [
            depth,
            inTheRound,
            ready('Lay a strip of tape on the machine’s bed, {hem|the hem’s depth} right of the needle, less 2 mm.'),
            start('Right side up. Lay the fold along the tape.', {
              check: 'the needle falls on the finished edge beneath',
            }),
            HOLD_TAILS,
            step('Watch the fold at the tape, not the needle. Sew over the start by three stitches.'),
          ],
          {
            targets: [set('needlePosition', { abs: -3 }, 'the needle far left reaches a deeper hem'), onTop],
            ...topstitching,
            faults: [fault('wanders', 'Row wanders', 'look at the tape, not at the needle')],
          },
        ),
      ],
    ),
    turnedTwice('without an edge finish, on any machine', 'thicker: the edge is turned under'),
  ],
)
