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
} from './write'
import {
  SEWING_MACHINES,
  ZIGZAG_MACHINES,
  OVERLOCKERS,
  STANDS_STILL,
  KNIT,
  HOLD_TAILS,
  HOLD_TAILS_ONLY,
  TAIL_HIDDEN,
  TAIL_FIRST,
  STRETCH_NEEDLE,
  TAIL_LAST,
  LOCK_END,
} from './words'

export const stretchSeam = technique(
  'stretch-seam',
  'Seam in stretch fabric',
  'edges and seams',
  1,
  'seams in breeches and jersey that do not break',
  ['knit seam', 'jersey seam', 'stretchy seam'],
  [
    method(
      'overlocker',
      'On an overlocker',
      'gives, trims and finishes at once',
      [
        stage(
          'seam',
          'Sew the seam',
          OVERLOCKERS,
          ['overlock4', 'overlock3.wide'],
          'any',
          [
            ...TAIL_FIRST,
            step('Do not pull: the differential feed takes up the knit.', {
              caution: 'Take each pin out before the knife reaches it.',
            }),
            TAIL_LAST,
          ],
          {
            targets: [set('differential', between(1.2, 1.6, 1.4), 'keeps the knit from waving')],
            minutes: 8,
            inspect: [see('right', 'pull it hard: no thread breaks')],
            faults: [fault('wavy', 'Waves', ['differential', 'low'])],
          },
        ),
      ],
      { when: KNIT, finish: [TAIL_HIDDEN] },
    ),
    method(
      'one-pass',
      'Closed overcast with even feed',
      'seam and finish in one pass on a sewing machine',
      [
        stage(
          'seam',
          'Sew the seam',
          ZIGZAG_MACHINES,
          ['overcast.stretch'],
          ['overcastGuide', 'standard'],
          [
            prepare('Trim both edges even: a sewing machine does not trim.'),
            start('Lay both raw edges under the foot so that the right swing falls just off them.'),
            HOLD_TAILS,
            step('Let the machine feed both layers. Do not pull.'),
            LOCK_END,
          ],
          {
            features: { need: ['dualFeed'] },
            targets: [set('pressure', { numbers: -1 }, 'less pressure, less wave')],
            ...STRETCH_NEEDLE,
            minutes: 10,
            inspect: [see('right', 'flat, and it springs back')],
            faults: [fault('wavy', 'Waves', ['pressure', 'high'])],
          },
        ),
      ],
      { when: KNIT },
    ),
    method(
      'narrow-zigzag',
      'Narrow zigzag',
      'on any zigzag machine',
      [
        stage(
          'seam',
          'Sew the seam',
          ZIGZAG_MACHINES,
          ['zigzag'],
          'any',
          [HOLD_TAILS, step('Sew without pulling.'), LOCK_END, finish('Press the seam open or to one side.')],
          {
            targets: [
              set('width', { abs: 0.8 }, 'just enough to give'),
              set('length', between(2, 3, 2.5), 'a seam that opens little'),
            ],
            ...STRETCH_NEEDLE,
            minutes: 8,
            inspect: [see('right', 'the seam does not gape')],
            faults: [
              fault('grins', 'Seam gapes', ['width', 'high']),
              fault('breaks', 'Breaks when stretched', ['width', 'low']),
            ],
          },
        ),
      ],
      { when: { kind: ZIGZAG_MACHINES } },
    ),
    method('triple', 'Triple straight stitch', 'for leather-like and heavy stretch; hard to unpick', [
      stage(
        'seam',
        'Sew the seam',
        SEWING_MACHINES,
        ['straight.triple'],
        'any',
        [HOLD_TAILS, step('Sew slowly. The machine goes back on itself: guide, do not push.'), LOCK_END],
        {
          targets: [set('length', between(2.5, 3.5, 3), 'three threads need room')],
          ...STRETCH_NEEDLE,
          minutes: 8,
          inspect: [see('right', 'straight, no loops')],
          faults: [fault('stiff', 'Seam is stiff', ['length', 'low'])],
        },
      ),
    ]),
    method('stretched', 'A straight seam, stretched a little', 'the last way, on a machine with no other stitch', [
      stage(
        'seam',
        'Sew the seam',
        SEWING_MACHINES,
        [['straight', 'gives little: it breaks when it is pulled hard']],
        'any',
        [
          HOLD_TAILS,
          step('Stretch both layers a little, one hand in front of the foot and one behind. Let the machine feed.'),
          LOCK_END,
        ],
        {
          targets: [set('length', between(1.8, 2.2, 2), 'short stitches give more')],
          ...STRETCH_NEEDLE,
          minutes: 8,
          inspect: [see('right', 'it lies flat once it is let go')],
          faults: [fault('breaks', 'Breaks when stretched', ['length', 'high'], 'sew a second row beside it')],
        },
      ),
    ]),
  ],
)

export const gathering = technique(
  'gathering',
  'Gathering',
  'edges and seams',
  1,
  'ruffles, puffed sleeves and skirts',
  ['ruffle', 'shirring'],
  [
    method(
      'differential',
      'By differential feed',
      'an overlocker gathers and finishes at once',
      [
        stage(
          'gather',
          'Gather the edge',
          OVERLOCKERS,
          ['overlock4', 'overlock3.wide'],
          'any',
          [
            ...TAIL_FIRST,
            step('Let the machine push the fabric together. Do not hold it back.'),
            TAIL_LAST,
            finish('Pull the needle thread of the left needle to gather a little more.'),
          ],
          {
            targets: [
              set('differential', { abs: 2 }, 'all it has: it pushes the fabric together'),
              set('length', { abs: 4 }, 'longer gathers more'),
              set('tension:leftNeedle', { numbers: 2 }, 'a tighter needle thread draws up'),
            ],
            minutes: 6,
            inspect: [see('right', 'even folds')],
            faults: [fault('little', 'Gathers too little', ['length', 'low'], 'heavy fabric: gather by two rows')],
          },
        ),
      ],
      {
        when: { weight: ['light'] },
        prepare: [
          prepare('Sew 20 cm of a scrap and measure it: cut length is 20 divided by that, times what you need.'),
        ],
      },
    ),
    method(
      'foot',
      'With a gathering foot',
      'gathers one layer and sews it to a flat one',
      [
        stage(
          'gather',
          'Gather and attach',
          SEWING_MACHINES,
          ['straight'],
          ['gathering'],
          [
            start('Lay the layer to be gathered under the foot, right side up.'),
            start('Slip the flat layer into the slot of {foot.code}, right side down.'),
            HOLD_TAILS,
            step('Hold the flat layer back lightly. Let the lower one run in.'),
            LOCK_END,
          ],
          {
            targets: [
              set('length', { abs: 4 }, 'longer gathers more'),
              set('tension', { numbers: 2 }, 'tighter gathers more'),
            ],
            features: { avoid: ['dualFeed'] },
            minutes: 8,
            inspect: [see('right', 'the flat layer lies flat')],
            faults: [fault('little', 'Gathers too little', ['length', 'low'], ['tension', 'low'])],
          },
        ),
      ],
      { when: { weight: ['light', 'medium'] } },
    ),
    method('two-rows', 'Two rows of long stitches', 'to an exact length, on any machine', [
      stage(
        'gather',
        'Sew two rows and draw up',
        SEWING_MACHINES,
        ['straight', 'straight.basting'],
        'any',
        [
          start('Lower the foot. Leave tails of 10 cm at both ends. Do not lock.'),
          step('Sew one row just inside the seam line, right side up.'),
          step('Sew a second row 6 mm beside it, toward the edge.'),
          finish('Draw both bobbin threads from both ends, to the length you need. Knot them and spread the folds.'),
          finish('Sew the seam between the rows. Pull the lower row out.'),
        ],
        {
          targets: [
            set('length', { abs: 4 }, 'long stitches slide'),
            set('tension', { numbers: -1 }, 'a loose top thread draws without breaking'),
          ],
          minutes: 12,
          inspect: [see('right', 'both rows parallel, no stitch locked')],
          faults: [fault('breaks', 'Thread breaks when drawn', ['tension', 'high'], 'draw both rows together')],
        },
      ),
    ]),
  ],
)

export const heavySeam = technique(
  'heavy-seam',
  'Heavy seams and humps',
  'edges and seams',
  2,
  'denim hems, bag corners, quilted armour',
  ['jeans hump', 'thick seams', 'heavy seams'],
  [
    method('levelled', 'Foot levelled over the hump', 'feeds evenly up and down the step', [
      stage(
        'seam',
        'Sew over the hump',
        SEWING_MACHINES,
        ['straight'],
        ['standard', 'straight'],
        [
          prepare('Press the hump flat, or hammer it over a cloth.'),
          HOLD_TAILS,
          step('At the step: stop with the needle down and lift the foot.'),
          step('Slide a shim as thick as the step under the back of the foot. Lower the foot and sew on.'),
          step('Turn the handwheel by hand over the thickest part, foot off the pedal.', {
            caution: 'A bent needle strikes the plate: stop at the first knock and change it.',
          }),
          step('On the far side: needle down, foot up. Slide the shim under the front of the foot and sew down.'),
          step('Lock the end beside the thick part, never on it.'),
        ],
        {
          needle: [
            needle('jeans', 100, { weight: ['heavy'] }),
            needle('jeans', 90, { weight: ['medium'], structure: ['woven'] }),
          ],
          targets: [
            set('length', between(3, 4, 3.5), 'thick layers take up length'),
            set('pressure', { numbers: -1 }, 'room for the layers'),
          ],
          maxSpeed: 400,
          minutes: 8,
          inspect: [see('right', 'even stitches over the step')],
          faults: [
            fault('short', 'Tiny stitches at the step', 'the foot is tilted: level it'),
            fault('skips', 'Skips on top', 'a larger jeans needle'),
            fault('breaks', 'Needle breaks', 'handwheel over the hump; do not pull'),
          ],
        },
      ),
    ]),
  ],
)

export const mending = technique(
  'mending',
  'Mending a tear',
  'edges and seams',
  1,
  'tears and worn places',
  ['patch', 'tear'],
  [
    method(
      'three-step',
      'Three-step zigzag over a patch',
      'quick, flexible, strong',
      [
        stage(
          'mend',
          'Sew over the tear',
          ZIGZAG_MACHINES,
          ['zigzag.threeStep', ['zigzag', 'the tear shows more']],
          'any',
          [
            start('Lay the tear along the middle of the foot.'),
            HOLD_TAILS,
            step('Sew along the tear, a little past both its ends.'),
            step('Sew rows beside it, each over a third of the one before.'),
            LOCK_END,
          ],
          {
            targets: [
              set('width', between(4, 6, 5), 'reaches sound fabric on both sides'),
              set('length', between(0.6, 1.2, 0.8), 'close enough to close the tear'),
            ],
            needle: [needle('universal', 80, { structure: ['woven'], weight: ['heavy'] })],
            threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
            minutes: 8,
            inspect: [see('right', 'flat, the edges do not lift')],
            faults: [fault('stiff', 'Stiff as a board', ['length', 'low'])],
          },
        ),
      ],
      { prepare: [prepare('Fuse or baste a patch under the tear.')] },
    ),
    method(
      'darning',
      'Darned with the feed dogs down',
      'fills a hole, in any direction',
      [
        stage(
          'mend',
          'Darn',
          SEWING_MACHINES,
          ['straight'],
          ['freeMotion'],
          [
            start('Lower the foot, though it hovers: without that the thread has no tension.'),
            start('Bring the bobbin thread up: one stitch by the handwheel, then pull the loop out.'),
            HOLD_TAILS_ONLY,
            step('Move the frame to and fro in close rows, then across them.', {
              caution: 'Fingers outside the frame.',
            }),
            step('End with five tiny stitches on the spot.'),
          ],
          {
            features: { need: STANDS_STILL },
            targets: [
              set('tension', { numbers: -1 }, 'a soft darn'),
              set('pressure', { numbers: -2 }, 'the fabric must glide'),
            ],
            needle: [needle('universal', 80, { structure: ['woven'], weight: ['heavy'] })],
            threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
            maxSpeed: 600,
            minutes: 15,
            inspect: [see('right', 'an even weave, no ridge')],
            faults: [fault('breaks', 'Thread breaks', 'hands slower or pedal faster: keep both even')],
          },
        ),
      ],
      { prepare: [prepare('Lay a patch beneath. Stretch both in a frame.')] },
    ),
  ],
)
