import { between, fault, method, see, set, stage, step, technique } from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

const OVERLOCKERS = ['overlocker', 'overlockCover'] as const

const neaten = (id = 'edge', width = 'a narrow edge folds without a ridge') =>
  stage(
    id,
    'Finish the raw edge',
    [...OVERLOCKERS, ...ZIGZAG_MACHINES],
    [
      'overlock3.narrow',
      ['overcast.light', 'a softer edge than an overlocker’s'],
      ['zigzag', 'an open edge: trim close'],
    ],
    'any',
    [step('Single layer, right side up, the edge trimmed even as you go.', { phase: 'start' })],
    {
      targets: [set('length', between(2, 3, 2.5), width)],
      inspect: [see('right', 'edge flat, not curled under')],
      faults: [fault('curls', 'Edge curls', ['width', 'high'], 'guide set even with the pin of the foot')],
      minutes: 4,
    },
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
            step(
              'Finger-press both turns for the first 3 cm; two stitches, needle down, then draw the turn into ' +
                'the scroll of {foot.code}.',
              { phase: 'start', check: 'the scroll is full and the raw edge lies inside it' },
            ),
            step('Hold the edge upright and even; feed it so that it never passes the right edge of the scroll.', {
              ifWrong: 'Too little turns once and shows the raw edge; too much jams.',
            }),
          ],
          {
            targets: [set('length', between(1.8, 2.5, 2), 'short enough to hold a narrow turn')],
            maxSpeed: 500,
            minutes: 10,
            inspect: [
              see('right', 'an even hem, raw edge nowhere to be seen'),
              see('start', 'turned from the first stitch'),
            ],
            faults: [
              fault('raw-shows', 'Raw edge shows', 'too little in the scroll: guide more in'),
              fault('jams', 'Scroll jams', 'too much in the scroll, or a seam: trim the seam’s allowance thin'),
              fault(
                'start-lost',
                'First centimetres unturned',
                'start on a stitched scrap, or leave a length to cut off',
              ),
            ],
          },
        ),
      ],
      {
        when: { weight: ['light'] },
        prepare: [step('Trim whiskers; press the first turn of both ends.')],
        finish: [step('Cut off the started length; press.')],
      },
    ),
    method('overlock-fold', 'Overlocked, folded, topstitched', 'goes around corners and over seams on any fabric', [
      neaten(),
      stage(
        'hem',
        'Fold and topstitch',
        SEWING_MACHINES,
        ['straight'],
        ['edgeGuide', 'guide.centre', ['standard', 'watch the edge yourself'], ['openToe', 'watch the edge yourself']],
        [step('Press the edge under along its stitches; topstitch close to the fold.', { phase: 'prepare' })],
        {
          targets: [set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen')],
          minutes: 6,
          inspect: [see('right', 'row parallel to the fold'), see('wrong', 'edge caught all along')],
          faults: [fault('wavy', 'Hem waves', ['pressure', 'high'], 'sew in one direction, do not pull')],
        },
      ),
    ]),
  ],
)

export const topstitchedHem = technique(
  'topstitched-hem',
  'Overlocked and topstitched hem',
  'hems',
  1,
  'a flat single-turned hem on everyday clothes',
  ['jeans hem', 'single hem'],
  [
    method('guided', 'Along a guide foot', 'the guide keeps the depth, your eye rests', [
      neaten(),
      stage(
        'topstitch',
        'Topstitch the fold',
        SEWING_MACHINES,
        ['straight'],
        ['edgeGuide', 'guide.centre'],
        [
          step('Inside of the fold against the guide of {foot.code}, right side up; needle over the edge beneath.', {
            phase: 'start',
          }),
          step('On the free arm for anything round; start at a seam.', { phase: 'start' }),
        ],
        {
          targets: [set('length', between(2.5, 3.5, 3), 'long enough to lie on top')],
          needle: [{ point: 'topstitch', size: 90, when: { weight: ['heavy'] } }],
          minutes: 8,
          inspect: [see('right', 'parallel to the fold'), see('wrong', 'the edge is caught everywhere')],
          faults: [
            fault(
              'misses',
              'Edge not caught',
              'fold deeper than the foot reaches: needle further left, or mark the line',
            ),
          ],
        },
      ),
    ]),
    method('open-foot', 'Open foot, needle to the left', 'follows a deeper hem than a guide foot reaches', [
      neaten(),
      stage(
        'topstitch',
        'Topstitch by the toe',
        ZIGZAG_MACHINES,
        ['straight'],
        ['openToe', 'standard'],
        [step('Fold along the right toe of {foot.code}, needle at the left.', { phase: 'start' })],
        {
          targets: [
            set('needlePosition', { abs: -3 }, 'the needle far left reaches a deeper hem'),
            set('length', between(2.5, 3.5, 3), 'long enough to lie on top'),
          ],
          minutes: 8,
          inspect: [see('right', 'parallel to the fold')],
          faults: [fault('wanders', 'Row wanders', 'look at the toe, not at the needle')],
        },
      ),
    ]),
  ],
)

export const twinHem = technique(
  'twin-needle-hem',
  'Twin-needle hem',
  'hems',
  2,
  'two rows above and a stretching zigzag beneath, on knits',
  ['double row hem', 'twin hem'],
  [
    method(
      'twin',
      'With a stretch twin needle',
      'two rows at once, parallel, with some give',
      [
        stage(
          'hem',
          'Sew the hem',
          ZIGZAG_MACHINES,
          ['straight'],
          ['standard', 'openToe'],
          [
            step(
              'Two spools, turning opposite ways; one thread left and one right of the tension disc, threaded by hand.',
              {
                after: 'needle',
                check: 'threader and cutter are off: they do not pass two needles',
                caution: 'Never widen a stitch with a twin needle fitted.',
              },
            ),
            step('Right side up, the hem’s edge beneath just inside the left row. Do not pull.'),
          ],
          {
            twinSpacing: 4,
            needle: [{ point: 'stretch twin', size: 75 }],
            targets: [
              set('length', between(2.8, 3.5, 3), 'longer: two rows tunnel less'),
              set('tension', { numbers: -1 }, 'a looser top lets the rows lie flat'),
              set('pressure', { numbers: -1 }, 'less pressure, less wave'),
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
                'wider spaced needles, or wash-away tape in the fold',
              ),
              fault('skips', 'One row skips', 'stretch needle new; both threads on their own side'),
              fault('pops', 'Pops when stretched', ['length', 'low'], 'woolly thread in the bobbin, wound by hand'),
            ],
          },
        ),
      ],
      { prepare: [step('Press the hem; fuse web or wash-away tape in the fold of thin knits.')] },
    ),
  ],
)

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
          ['standard'],
          [
            step(
              'Mark both sides at twice the hem from the corner. Fold right sides together so that the marks meet.',
              { phase: 'prepare' },
            ),
            step('From the fold at the inner corner to the marks; backstitch at both ends.', {
              check: 'the corner turns square before you trim',
            }),
            step('Trim to 6 mm, press open, turn.', { phase: 'finish' }),
          ],
          {
            targets: [set('length', between(1.8, 2.2, 2), 'short, so that the trimmed corner holds')],
            minutes: 8,
            inspect: [see('corner', 'square, no fabric folded into it')],
            faults: [
              fault(
                'dog-ear',
                'Corner will not turn square',
                'marks not at twice the hem: measure from the raw corner',
              ),
            ],
          },
        ),
        stage(
          'hem',
          'Topstitch the hem',
          SEWING_MACHINES,
          ['straight'],
          ['edgeGuide', 'guide.centre', 'standard'],
          [step('From the middle of a side, close to the inner fold; needle down at each corner.', { phase: 'start' })],
          {
            targets: [set('length', between(2.5, 3, 2.8), 'a row that is meant to be seen')],
            minutes: 10,
            inspect: [see('wrong', 'inner fold caught all along')],
            faults: [fault('creeps', 'Fold creeps ahead', ['pressure', 'high'], 'baste, or hold with wash-away tape')],
          },
        ),
      ],
      { prepare: [step('Press both turns on all sides, open them again.')] },
    ),
  ],
)

export const ribbing = technique(
  'ribbing',
  'Ribbing',
  'hems',
  2,
  'cuffs, necklines and waistbands that spring back',
  ['cuff', 'neckband'],
  [
    method('overlock', 'Seam and finish in one on an overlocker', 'strong, elastic, finished inside', [
      stage(
        'attach',
        'Sew the ribbing on',
        [...OVERLOCKERS],
        ['overlock4', ['overlock3.wide', 'not as strong under strain']],
        'any',
        [
          step('Quarter ring and opening, pin the quarters together, ribbing on top.', {
            phase: 'start',
            caution: 'Pins out before the knife reaches them.',
          }),
          step('Stretch the ribbing only, to the length of the opening; let the machine feed the rest.'),
        ],
        {
          targets: [
            set('differential', between(1, 1.3, 1.1), 'the ribbing is stretched by hand already'),
            set('length', between(2.5, 3, 2.5), 'a seam that gives'),
          ],
          minutes: 12,
          inspect: [see('right', 'gathered evenly, springs back')],
          faults: [
            fault('wavy', 'Neckline waves', 'ribbing cut too long: 0.8 of the opening or less'),
            fault('uneven', 'Gathers bunch', 'pin eighths, not quarters'),
          ],
        },
      ),
    ]),
    method(
      'zigzag',
      'Narrow zigzag, then an overcast',
      'without an overlocker',
      [
        stage(
          'attach',
          'Sew the ribbing on',
          ZIGZAG_MACHINES,
          [
            ['overcast.stretch', 'slower, thicker than an overlocker’s seam'],
            ['zigzag', 'needs a second row'],
          ],
          'any',
          [step('Quarter and pin as above; stretch the ribbing only.', { phase: 'start' })],
          {
            targets: [set('pressure', { numbers: -1 }, 'less pressure, less wave')],
            minutes: 15,
            inspect: [see('right', 'no stitch pops when it is pulled')],
            faults: [fault('pops', 'Seam pops', ['width', 'low'], 'a stretch needle')],
          },
        ),
      ],
      { finish: [step('Trim beside the stitches.')] },
    ),
  ],
)
