import type { Stage } from '#core/catalogue/types'
import { TWIN_THREADING } from './hems'
import { between, fault, finish, method, needle, next, prepare, see, set, stage, start, step, technique } from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES, OVERLOCKERS, KNIT, HOLD_TAILS, KNOT_TAILS, OVER_START_ROUND } from './words'

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
      OVER_START_ROUND,
      KNOT_TAILS,
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
  ['double row hem', 'twin hem', 'double needle hem', 'two needle hem'],
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
            KNOT_TAILS,
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
            start('Start at a seam, the ribbing on top. Lower the foot, hold the tail behind it and start slowly.', {
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
