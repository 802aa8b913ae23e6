/** Seams of machines with loopers. */
import { between, fault, finish, method, prepare, see, set, stage, start, step, technique } from './write'
import {
  OVERLOCKERS,
  COVER_MACHINES,
  KNIT,
  NOT_KNIT,
  TAIL_HIDDEN,
  TAIL_FIRST,
  startUncut,
  KNIFE_AWAY,
  KNIFE_STAYS,
  TAIL_LAST,
} from './words'

export const overlockSeam = technique(
  'overlock-seam',
  'Overlock seam',
  'overlock',
  1,
  'a seam sewn, trimmed and finished in one',
  ['serged seam', 'safety seam'],
  [
    method(
      'four-thread',
      'Four threads',
      'the strongest: two needle rows',
      [
        stage(
          'seam',
          'Sew the seam',
          OVERLOCKERS,
          ['overlock4', ['overlock3.wide', 'one needle row: not for strain']],
          'any',
          [
            ...TAIL_FIRST,
            step('Run the edges along the mark in front of the knife. Watch the mark, not the needles.', {
              caution: 'Take each pin out before the knife reaches it.',
            }),
            TAIL_LAST,
          ],
          {
            targets: [
              set('differential', { abs: 1 }, 'woven: neither gathered nor stretched', NOT_KNIT),
              set('differential', between(1.2, 1.6, 1.4), 'a knit is held back so that it does not wave', KNIT),
              set('length', between(2.2, 3, 2.5), 'the everyday seam'),
            ],
            minutes: 8,
            inspect: [
              see('right', 'the seam stays closed when it is pulled'),
              see('wrong', 'the loops meet at the edge, neither over nor under'),
            ],
            faults: [
              fault('loops-hang', 'Loops hang off the edge', ['cuttingWidth', 'low'], ['tension:upperLooper', 'low']),
              fault('edge-rolls', 'Edge rolls inside the stitch', ['cuttingWidth', 'high']),
              fault('gapes', 'Seam gapes', ['tension:leftNeedle', 'low']),
              fault('wavy', 'Seam waves', ['differential', 'low']),
            ],
          },
        ),
      ],
      { finish: [TAIL_HIDDEN] },
    ),
  ],
)

export const flatlock = technique(
  'flatlock',
  'Flatlock',
  'overlock',
  3,
  'a flat, pulled-open seam that decorates',
  ['flat seam'],
  [
    method('two-thread', 'Two threads', 'the flattest, the longest ladders', [
      stage(
        'seam',
        'Sew and pull open',
        OVERLOCKERS,
        ['flatlock2', ['flatlock3', 'a little thicker']],
        'any',
        [
          prepare('Loops outside: lay wrong sides together. Ladders outside: lay right sides together.'),
          start('Lower the foot. Run a tail of 5 cm. Hold it behind the foot.'),
          ...startUncut('Start slowly and steadily.'),
          step('Guide the edge so that half of each loop hangs off it.', { when: KNIFE_AWAY }),
          step('Run the edge left of the knife, so that it trims nothing and half of each loop hangs off the edge.', {
            when: KNIFE_STAYS,
          }),
          TAIL_LAST,
          finish('Pull the seam open until it lies flat. Press.'),
        ],
        {
          setup: { upperKnife: 'disengaged' },
          targets: [
            set('length', between(2.5, 4, 3), 'open enough to lie flat'),
            set('differential', { abs: 1 }, 'it must not gather'),
          ],
          minutes: 10,
          inspect: [see('right', 'it lies flat, the loops even')],
          faults: [
            fault(
              'ridge',
              'Will not pull flat',
              ['tension:leftNeedle', 'high'],
              'the loops do not hang far enough over the edge',
            ),
          ],
        },
      ),
    ]),
  ],
)

export const chainRows = technique(
  'chain-stitch',
  'Chain stitch rows',
  'cover stitch',
  2,
  'basting, elastic rows and ornament',
  ['chain'],
  [
    method('chain', 'One needle and the looper', 'elastic, quickly pulled out', [
      stage(
        'row',
        'Sew the row',
        COVER_MACHINES,
        ['chain', ['cover2.narrow', 'two rows instead of one']],
        'any',
        [
          start('Lower the foot. Start on a scrap and go straight on into the fabric.'),
          step('Sew along the line without pulling.'),
          step('End on a scrap. Free the work as the machine’s book says and cut the threads.', {
            caution: 'The chain runs open from its end: tie it.',
          }),
          finish('Pull the threads to the wrong side and tie them.'),
        ],
        {
          targets: [
            set('length', between(2.5, 3.5, 3), 'an even chain'),
            set('differential', { abs: 1 }, 'neither gathered nor stretched'),
          ],
          minutes: 6,
          inspect: [see('wrong', 'even links')],
          faults: [
            fault('skips', 'Skips', 'a new needle, pushed fully up', 'thread the looper first, the needle last'),
          ],
        },
      ),
    ]),
  ],
)
