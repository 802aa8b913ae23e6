import type { Method, Stage } from '#core/catalogue/types'
import { TWIN_THREADING } from './hems'
import {
  between,
  fault,
  finish,
  method,
  needle,
  next,
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
import { HOLD_TAILS, KNIT, KNIVES, OVERLOCKERS, SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

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
    start('One layer, right side up. On an overlocker trim a thread’s width only.', {
      when: { kind: OVERLOCKERS },
      caution: KNIVES,
    }),
    start('One layer, right side up. Trim the edge clean first.', { when: { kind: ZIGZAG_MACHINES } }),
    step('Run the edge along the mark in front of the knife. Do not pull.', { when: { kind: OVERLOCKERS } }),
    step('Let the stitch fall just over the edge. Do not pull.', { when: { kind: ZIGZAG_MACHINES } }),
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
  ['hemmer foot', 'shirt hem'],
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
            start('Lay the pressed start under the foot. Sew two stitches and stop with the needle down.'),
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

// ── twin needle ───────────────────────────────────────────────────────────────────────────────────────────────
const twinStage = (twinSpacing: number, size: number): Stage =>
  stage(
    'hem',
    'Sew the hem',
    ZIGZAG_MACHINES,
    ['straight'],
    ['standard', 'openToe'],
    [
      TWIN_THREADING,
      start('Right side up, the hem’s edge beneath just inside the left row.'),
      HOLD_TAILS,
      step('Sew without pulling. At a corner lift the needles out and turn: they bend when turned in the fabric.'),
    ],
    {
      twinSpacing,
      needle: [needle('stretch twin', size)],
      targets: [
        set('length', between(2.8, 3.5, 3), 'longer: two rows tunnel less'),
        set('tension', { numbers: -1 }, 'a looser top lets the rows lie flat'),
        set('pressure', { numbers: -1 }, 'less pressure, less wave'),
        set('needlePosition', { abs: 0 }, 'both needles must pass the plate'),
      ],
      features: { avoid: ['dualFeed'] },
      maxSpeed: 500,
      minutes: 10,
      inspect: [see('right', 'two even rows'), see('wrong', 'the bobbin’s zigzag reaches both rows')],
      faults: [
        fault(
          'tunnel',
          'A ridge between the rows',
          ['tension', 'high'],
          'needles closer together, or wash-away tape in the fold',
        ),
        fault('skips', 'One row skips', 'a new stretch needle; each thread on its own side of the disc'),
        fault('pops', 'Pops when stretched', ['length', 'low'], 'woolly thread in the bobbin, wound by hand'),
      ],
    },
  )
const taped = [prepare('Press the hem. Fuse web or lay wash-away tape in the fold of thin knits.')]

export const twinHem = technique(
  'twin-needle-hem',
  'Twin-needle hem',
  'hems',
  2,
  'two rows above and a stretching zigzag beneath, on knits',
  ['double row hem', 'twin hem'],
  [
    method('twin-narrow', 'With needles 2.5 mm apart', 'fine knits: closer rows tunnel less', [twinStage(2.5, 75)], {
      when: { structure: ['knit'], weight: ['light'] },
      prepare: taped,
    }),
    method('twin', 'With needles 4 mm apart', 'two rows at once, parallel, with some give', [twinStage(4, 75)], {
      prepare: taped,
    }),
    method(
      'twin-close',
      'With needles 2.5 mm apart, where no wider fits',
      'for a machine that takes no wider',
      [twinStage(2.5, 75)],
      { prepare: taped },
    ),
    method(
      'two-rows',
      'Two single rows',
      'where the machine takes no twin needle',
      [
        stage(
          'rows',
          'Sew both rows',
          SEWING_MACHINES,
          [
            ['zigzag', 'two passes, parallel only as your eye is'],
            ['straight', 'two passes; pops when it is pulled hard'],
          ],
          'any',
          [
            start('Right side up, the hem’s edge beneath just inside the first row.'),
            HOLD_TAILS,
            step('Sew the row nearer the edge first, without pulling.'),
            step('Sew the second row beside it, the toe of the foot along the first.'),
          ],
          {
            needle: [needle('stretch', 75, KNIT)],
            targets: [
              set('width', { abs: 0.8 }, 'just enough to give'),
              set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen'),
            ],
            minutes: 12,
            inspect: [see('right', 'two parallel rows')],
            faults: [fault('wavy', 'Hem waves', ['pressure', 'high'], 'hold the hem with wash-away tape')],
          },
        ),
      ],
      { prepare: taped },
    ),
  ],
)

// ── mitred hem ────────────────────────────────────────────────────────────────────────────────────────────────
export const mitredHem = technique(
  'mitred-hem',
  'Double-fold hem with mitred corners',
  'hems',
  2,
  'banners, cloths and curtains with flat corners',
  ['mitred corner', 'tablecloth hem'],
  [
    method(
      'mitre',
      'Corners sewn first, then the hem',
      'no layers pile up in the corner',
      [
        stage(
          'corner',
          'Sew the corners',
          SEWING_MACHINES,
          ['straight'],
          ['standard', 'straight'],
          [
            prepare('Mark both sides at twice the hem from the corner. Fold right sides together: the marks meet.'),
            start('Lay the fold at the inner corner under the needle.'),
            HOLD_TAILS,
            step('Sew from the inner corner to the marks. Lock both ends.', {
              check: 'the corner turns square before you trim it',
            }),
            next('Fold the next corner so that its marks meet.'),
            finish('Trim the corner to 6 mm. Press it open and turn it.'),
          ],
          {
            targets: [set('length', between(1.8, 2.2, 2), 'short, so that the trimmed corner holds')],
            minutes: 8,
            inspect: [see('corner', 'square, no fabric folded into it')],
            faults: [
              fault('dog-ear', 'Corner will not turn square', 'the marks are not at twice the hem: measure again'),
            ],
          },
        ),
        stage(
          'hem',
          'Topstitch the hem',
          SEWING_MACHINES,
          ['straight'],
          ['edgeGuide', 'guide.centre', 'standard', 'straight'],
          [
            start('Start in the middle of a side, a thread’s width inside the inner fold.'),
            HOLD_TAILS,
            step('Sew close to the fold. Turn each corner with the needle down.'),
            step('Sew over the start by three stitches.'),
          ],
          {
            targets: [set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen')],
            minutes: 10,
            inspect: [see('wrong', 'the inner fold is caught all along')],
            faults: [fault('creeps', 'Fold creeps ahead', ['pressure', 'high'], 'baste it, or hold it with tape')],
          },
        ),
      ],
      { prepare: [prepare('Press both turns on all sides. Open them again.')] },
    ),
  ],
)

// ── ribbing ───────────────────────────────────────────────────────────────────────────────────────────────────
const ribbingCut = [
  prepare('Cut the ribbing to about 0.8 of the opening; to 0.7 where it stretches a lot. Add two seams.'),
  prepare('Join its ends to a ring. Fold it in half, raw edges together.'),
  prepare('Quarter ribbing and opening. Pin the quarters together, ribbing on top.'),
]
export const ribbing = technique(
  'ribbing',
  'Ribbing',
  'hems',
  2,
  'cuffs, necklines and waistbands that spring back',
  ['cuff', 'neckband'],
  [
    method(
      'overlock',
      'Seam and finish in one on an overlocker',
      'strong, elastic, finished inside',
      [
        stage(
          'attach',
          'Sew the ribbing on',
          OVERLOCKERS,
          ['overlock4', ['overlock3.wide', 'not as strong under strain']],
          'any',
          [
            start('Start at a seam, the ribbing on top. Hold the tail behind the foot and start slowly.', {
              caution: 'Take each pin out before the knife reaches it.',
            }),
            step('Stretch the ribbing alone, from pin to pin, to the length of the opening.'),
            step('Sew over the start by 2 cm, then run off the edge.'),
          ],
          {
            targets: [
              set('differential', between(1, 1.3, 1.1), 'the ribbing is stretched by hand already'),
              set('length', between(2.5, 3, 2.5), 'a seam that gives'),
            ],
            minutes: 12,
            inspect: [see('right', 'gathered evenly, springs back')],
            faults: [
              fault('wavy', 'Neckline waves', 'the ribbing was cut too long: 0.8 of the opening or less'),
              fault('uneven', 'Gathers bunch', 'pin eighths, not quarters'),
            ],
          },
        ),
      ],
      { prepare: ribbingCut },
    ),
    method(
      'zigzag',
      'An overcast or a narrow zigzag',
      'without an overlocker',
      [
        stage(
          'attach',
          'Sew the ribbing on',
          ZIGZAG_MACHINES,
          [
            ['overcast.stretch', 'slower, thicker than an overlocker’s seam'],
            ['zigzag', 'needs a second row beside the first'],
          ],
          'any',
          [
            start('Start at a seam, the ribbing on top.'),
            HOLD_TAILS,
            step('Stretch the ribbing alone, from pin to pin. Take each pin out before the foot reaches it.'),
            step('Sew over the start by 1 cm and lock.'),
            finish('Trim beside the stitches. Steam it and let it spring back.'),
          ],
          {
            targets: [
              set('pressure', { numbers: -1 }, 'less pressure, less wave'),
              set('width', between(1.5, 6, 2), 'wide enough to give'),
            ],
            needle: [needle('stretch', 75, KNIT)],
            minutes: 15,
            inspect: [see('right', 'no stitch pops when it is pulled')],
            faults: [fault('pops', 'Seam pops', ['width', 'low'], 'a stretch needle')],
          },
        ),
      ],
      { prepare: ribbingCut },
    ),
  ],
)
