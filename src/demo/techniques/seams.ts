import type { Stage, Step } from '#core/catalogue/types'
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
import {
  HOLD_TAILS,
  KNIT,
  KNIVES,
  NOT_KNIT,
  OVERLOCKERS,
  SEWING_MACHINES,
  STANDS_STILL,
  ZIGZAG_MACHINES,
} from './words'

const tailFirst: Step[] = [
  start('Run a tail of 5 cm. Hold it behind the foot.'),
  start('Start slowly and steadily.', { caution: KNIVES }),
]
const tailHidden = finish('Draw the tail back under the stitches with a blunt needle, or put a drop of sealant on it.')
const stretchNeedle: Pick<Stage, 'needle'> = { needle: [needle('stretch', 75, KNIT)] }

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
            ...tailFirst,
            step('Run the edges along the mark in front of the knife. Watch the mark, not the needles.', {
              caution: 'Take each pin out before the knife reaches it.',
            }),
            step('Run off the end by 5 cm.'),
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
      { finish: [tailHidden] },
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
          ...tailFirst,
          step('Run the edge left of the knife, so that it trims nothing and half of each loop hangs off the edge.'),
          step('Run off the end by 5 cm.'),
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

export const stretchSeam = technique(
  'stretch-seam',
  'Seam in stretch fabric',
  'edges and seams',
  1,
  'seams in breeches and jersey that do not break',
  ['knit seam', 'jersey seam'],
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
            ...tailFirst,
            step('Do not pull: the differential feed takes up the knit.', {
              caution: 'Take each pin out before the knife reaches it.',
            }),
          ],
          {
            targets: [set('differential', between(1.2, 1.6, 1.4), 'keeps the knit from waving')],
            minutes: 8,
            inspect: [see('right', 'pull it hard: no thread breaks')],
            faults: [fault('wavy', 'Waves', ['differential', 'low'])],
          },
        ),
      ],
      { when: KNIT, finish: [tailHidden] },
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
          ],
          {
            features: { need: ['dualFeed'] },
            targets: [set('pressure', { numbers: -1 }, 'less pressure, less wave')],
            ...stretchNeedle,
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
          [HOLD_TAILS, step('Sew without pulling.'), finish('Press the seam open or to one side.')],
          {
            targets: [
              set('width', { abs: 0.8 }, 'just enough to give'),
              set('length', between(2, 3, 2.5), 'a seam that opens little'),
            ],
            ...stretchNeedle,
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
        [HOLD_TAILS, step('Sew slowly. The machine goes back on itself: guide, do not push.')],
        {
          targets: [set('length', between(2.5, 3.5, 3), 'three threads need room')],
          ...stretchNeedle,
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
        ],
        {
          targets: [set('length', between(1.8, 2.2, 2), 'short stitches give more')],
          ...stretchNeedle,
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
            ...tailFirst,
            step('Let the machine push the fabric together. Do not hold it back.'),
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
          start('Leave tails of 10 cm at both ends. Do not lock.'),
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

const quartered = [
  prepare('Cut the elastic to the body’s measure, less a tenth. Join its ends where it goes round.'),
  prepare('Quarter edge and elastic. Pin the quarters together.'),
]
export const elastic = technique(
  'elastic',
  'Elastic on an edge',
  'edges and seams',
  2,
  'waistbands, legs and cuffs',
  ['waist elastic'],
  [
    method('foot', 'With an elastic foot on an overlocker', 'stretches and attaches evenly', [
      stage(
        'attach',
        'Attach the elastic',
        OVERLOCKERS,
        ['overlock3.wide', 'overlock4'],
        ['elastic'],
        [
          ready('Lead the elastic through {foot.code}. Turn its screw until the elastic stretches by a third.'),
          start('Start with 2 cm of elastic alone, then bring in the fabric.', { caution: KNIVES }),
          step('Keep the elastic left of the knife: it trims the fabric only.', {
            caution: 'A nicked elastic breaks later.',
          }),
        ],
        {
          targets: [
            set('length', between(3, 4, 3.5), 'long stitches let elastic spring back'),
            set('differential', { abs: 1 }, 'the foot does the stretching'),
          ],
          minutes: 8,
          inspect: [see('right', 'it springs back to its length')],
          faults: [fault('slack', 'Edge is slack', 'the screw of the foot a little tighter')],
        },
      ),
    ]),
    method(
      'overlock-hand',
      'On an overlocker, stretched by hand',
      'no extra foot; as even as your hands',
      [
        stage(
          'attach',
          'Attach the elastic',
          OVERLOCKERS,
          [
            ['overlock3.wide', 'as even as your hands stretch it'],
            ['overlock4', 'as even as your hands stretch it'],
          ],
          'any',
          [
            start('Lay the elastic on the wrong side, its edge level with the fabric’s.'),
            start('Hold the tail behind the foot and start slowly.', { caution: KNIVES }),
            step('Stretch the elastic from pin to pin, one hand in front of the foot and one behind.', {
              caution: 'Take each pin out before the foot reaches it.',
            }),
          ],
          {
            setup: { upperKnife: 'disengaged' },
            targets: [
              set('length', between(3, 4, 3.5), 'long stitches let elastic spring back'),
              set('differential', { abs: 1 }, 'your hands do the stretching'),
            ],
            minutes: 12,
            inspect: [see('right', 'it springs back to its length')],
            faults: [fault('slack', 'Edge is slack', 'cut the elastic shorter')],
          },
        ),
      ],
      { prepare: quartered },
    ),
    method(
      'zigzag',
      'Three-step zigzag',
      'on any zigzag machine that has it',
      [
        stage(
          'attach',
          'Attach the elastic',
          ZIGZAG_MACHINES,
          ['zigzag.threeStep', ['zigzag', 'may break when it is stretched']],
          'any',
          [
            start('Lay the elastic on the wrong side, its edge level with the fabric’s.'),
            HOLD_TAILS,
            step('Stretch the elastic from pin to pin, one hand in front of the foot and one behind.'),
            step('Take each pin out before the foot reaches it.'),
            finish('Turn the edge over the elastic and sew it down the same way.'),
          ],
          {
            targets: [
              set('width', between(4, 6, 5), 'holds the whole elastic'),
              set('length', between(1, 1.6, 1.2), 'small steps'),
            ],
            ...stretchNeedle,
            minutes: 12,
            inspect: [see('right', 'no stitch pops at full stretch')],
            faults: [fault('pops', 'Stitches pop', ['width', 'low'], 'a stretch needle')],
          },
        ),
      ],
      { prepare: quartered },
    ),
    method('casing', 'In a casing', 'on any machine: the elastic is drawn through', [
      stage(
        'casing',
        'Sew the casing',
        SEWING_MACHINES,
        [['straight', 'the elastic can turn in its casing']],
        'any',
        [
          prepare('Press a casing as wide as the elastic and 3 mm. Turn its raw edge under.'),
          start('Start at a seam, a thread’s width inside the fold.'),
          HOLD_TAILS,
          step('Sew round. Leave 4 cm open.'),
          finish('Draw the elastic through, sew its ends together, close the gap.'),
        ],
        {
          targets: [set('length', between(2.2, 2.8, 2.5), 'a firm row')],
          minutes: 12,
          inspect: [see('right', 'the row is parallel to the edge')],
          faults: [fault('tight', 'Elastic will not go through', 'the casing is too narrow: 3 mm more')],
        },
      ),
    ]),
  ],
)

export const piping = technique(
  'piping',
  'Piping',
  'edges and seams',
  2,
  'cords in cushion and costume seams',
  ['welt', 'corded seam'],
  [
    method('foot', 'With a piping foot', 'the cord runs in the groove', [
      stage(
        'sew',
        'Sew the piping in',
        SEWING_MACHINES,
        ['straight'],
        ['piping', ['zip', 'the cord is held by hand against the foot']],
        [
          prepare('Fold a bias strip round the cord, right side out. Clip its edges at corners.'),
          start('Lay the strip on the right side of one layer, raw edges level, to the right.'),
          start('Lay the cord in the groove of {foot.code}, or close against its side.'),
          HOLD_TAILS,
          step('Sew the cord to this layer. At a corner: needle down, foot up, turn.'),
          step('Lay the other layer on top. Sew again, a thread’s width closer to the cord.'),
        ],
        {
          targets: [
            set('needlePosition', { abs: -0.5 }, 'close to the cord'),
            set('length', between(2, 2.5, 2.2), 'a firm seam'),
          ],
          minutes: 12,
          inspect: [see('right', 'no stitch shows beside the cord')],
          faults: [fault('first-shows', 'First row shows', 'sew the second row a step closer to the cord')],
        },
      ),
    ]),
  ],
)

export const zip = technique(
  'zip',
  'Zip, lapped or centred',
  'edges and seams',
  2,
  'skirts, bags, costumes',
  ['zipper'],
  [
    method(
      'zip-foot',
      'With a zip foot',
      'the foot runs on one side of the teeth only',
      [
        stage(
          'sew',
          'Sew the zip in',
          SEWING_MACHINES,
          ['straight'],
          ['zip'],
          [
            step('A zip foot with two places: clip it on so that it lies on the far side of the teeth.', {
              after: 'foot',
            }),
            start('Right side up, the needle on the side of the teeth that the foot leaves open.', {
              check: 'the needle clears foot and teeth',
            }),
            start('Pull the slider down past the foot.'),
            HOLD_TAILS,
            step('Stop before the slider, needle down. Foot up, slide it past, foot down, go on.'),
            step('At the bottom: needle down, turn, sew across, turn. Sew the other side from the bottom up.'),
            next('The other side: foot and needle to the other side of the teeth. Turn the handwheel by hand first.', {
              caution: 'Moved to the other side, the needle may hit the foot.',
            }),
          ],
          {
            targets: [
              set('needlePosition', { abs: -2.5 }, 'to the side that the foot leaves open'),
              set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
            ],
            minutes: 15,
            inspect: [see('right', 'both rows straight, equally far from the seam')],
            faults: [
              fault('bump', 'A bump at the slider', 'slide it out of the way, the needle down'),
              fault('needle-hits', 'Needle touches the teeth', 'needle further from the zip'),
            ],
          },
        ),
      ],
      {
        prepare: [
          prepare('Baste the seam shut and press it open.'),
          prepare('Lay the zip’s teeth under the seam. Tape or baste the zip in place.'),
        ],
        finish: [finish('Take the basting out. Open and close the zip.')],
      },
    ),
  ],
)

export const invisibleZip = technique(
  'invisible-zip',
  'Invisible zip',
  'edges and seams',
  3,
  'a zip that looks like a seam',
  ['concealed zip'],
  [
    method(
      'foot',
      'With an invisible zip foot',
      'its grooves open the coil',
      [
        stage(
          'sew',
          'Sew beside the coil',
          SEWING_MACHINES,
          ['straight'],
          ['zip.invisible', ['zip', 'unroll the coil with a fingernail as you go']],
          [
            start('Lay the coil in the groove of {foot.code}, the needle beside it.', {
              check: 'the needle falls beside the coil, not in it',
            }),
            HOLD_TAILS,
            step('Sew down to the slider and lock.'),
            step('Close the zip and mark the other side. Sew that side the same way, the coil in the other groove.', {
              check: 'it closes without a twist',
            }),
            finish('Change to a zip foot. Close the seam below, from two stitches above the end.'),
          ],
          {
            targets: [
              set('needlePosition', { abs: 0 }, 'beside the coil, not in it'),
              set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
            ],
            minutes: 20,
            inspect: [see('right', 'nothing but a seam to be seen')],
            faults: [
              fault('tape-shows', 'Tape shows', 'sew closer to the coil: press it flat first'),
              fault('sticks', 'Slider sticks', 'it is sewn into the coil: unpick and sew a thread’s width away'),
            ],
          },
        ),
      ],
      {
        prepare: [
          prepare('Press the coil flat with a cool iron, from the wrong side.'),
          prepare('Lay the open zip face down on the right side of the fabric, its edge level. Pin or tape it.'),
        ],
      },
    ),
  ],
)

export const heavySeam = technique(
  'heavy-seam',
  'Heavy seams and humps',
  'edges and seams',
  2,
  'denim hems, bag corners, quilted armour',
  ['jeans hump', 'thick seams'],
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
            HOLD_TAILS,
            step('Move the frame to and fro in close rows, then across them.', {
              caution: 'Fingers outside the frame.',
            }),
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
