import { between, fault, method, see, set, stage, step, technique } from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

const OVERLOCKERS = ['overlocker', 'overlockCover'] as const
const KNIT = { structure: ['knit' as const] }

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
          [...OVERLOCKERS],
          ['overlock4', ['overlock3.wide', 'one needle row: not for strain']],
          'any',
          [
            step('Edges even; guide the edge along the knife’s mark, not the needle.', {
              phase: 'start',
              caution: 'The knives are open: fingers behind the foot only.',
            }),
            step('Run 5 cm of chain on and off; take pins out before the knife.'),
          ],
          {
            targets: [
              set('differential', { abs: 1 }, 'woven: neither gathered nor stretched', {
                structure: ['woven', 'coated', 'nonWoven'],
              }),
              set('differential', between(1.2, 1.6, 1.4), 'a knit is held back so that it does not wave', KNIT),
              set('length', between(2.2, 3, 2.5), 'the everyday seam'),
            ],
            minutes: 8,
            inspect: [
              see('right', 'seam closed when pulled open'),
              see('wrong', 'loops meet at the edge, neither over nor under'),
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
      { finish: [step('Thread the tail back under with a blunt needle, or a drop of seam sealant; dry; trim.')] },
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
        [...OVERLOCKERS],
        ['flatlock2', ['flatlock3', 'a little thicker']],
        'any',
        [
          step('Knife up and away, or let it trim nothing: loops must hang half off the edge.', { phase: 'ready' }),
          step(
            'Sew wrong sides together for loops outside, right sides together for ladders outside; pull the seam ' +
              'open flat.',
          ),
        ],
        {
          targets: [
            set('length', between(2.5, 4, 3), 'open enough to lie flat'),
            set('differential', { abs: 1 }, 'it must not gather'),
          ],
          minutes: 10,
          inspect: [see('right', 'lies flat, loops even')],
          faults: [
            fault('ridge', 'Will not pull flat', ['tension:leftNeedle', 'high'], 'loops not far enough over the edge'),
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
          [...OVERLOCKERS],
          ['overlock4', 'overlock3.wide'],
          'any',
          [step('Do not pull; let differential feed take it.')],
          {
            targets: [set('differential', between(1.2, 1.6, 1.4), 'keeps the knit from waving')],
            minutes: 8,
            inspect: [see('right', 'pull hard: no thread breaks')],
            faults: [fault('wavy', 'Waves', ['differential', 'low'])],
          },
        ),
      ],
      { when: KNIT },
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
          [step('Edge against the guide; sew, then trim what stands out.')],
          {
            features: { need: ['dualFeed'] },
            targets: [set('pressure', { numbers: -1 }, 'less pressure, less wave')],
            needle: [{ point: 'stretch', size: 75 }],
            minutes: 10,
            inspect: [see('right', 'flat, springs back')],
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
          [step('Sew without pulling; press open or to one side.')],
          {
            targets: [
              set('width', { abs: 0.8 }, 'just enough to give'),
              set('length', between(2, 3, 2.5), 'a seam that opens little'),
            ],
            needle: [{ point: 'stretch', size: 75 }],
            minutes: 8,
            inspect: [see('right', 'seam does not grin open')],
            faults: [
              fault('grins', 'Seam grins', ['width', 'high']),
              fault('breaks', 'Breaks when stretched', ['width', 'low']),
            ],
          },
        ),
      ],
      { when: KNIT },
    ),
    method('triple', 'Triple straight stitch', 'the seam of leather-like and heavy stretch; hard to unpick', [
      stage(
        'seam',
        'Sew the seam',
        SEWING_MACHINES,
        ['straight.triple'],
        'any',
        [step('Slowly; the machine goes back on itself: do not push.')],
        {
          targets: [set('length', between(2.5, 3.5, 3), 'three threads need room')],
          minutes: 8,
          inspect: [see('right', 'straight, no loops')],
          faults: [fault('stiff', 'Seam is stiff', ['length', 'low'])],
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
          [...OVERLOCKERS],
          ['overlock4', 'overlock3.wide'],
          'any',
          [
            step('Sew 20 cm of the same fabric first and measure what it becomes.', {
              phase: 'start',
              check: 'finished length divided by cut length',
            }),
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
      { when: { weight: ['light'] } },
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
          [step('Layer to be gathered under the foot, flat layer in the slot of {foot.code}.', { phase: 'start' })],
          {
            targets: [
              set('length', { abs: 4 }, 'longer gathers more'),
              set('tension', { numbers: 2 }, 'tighter gathers more'),
            ],
            features: { avoid: ['dualFeed'] },
            minutes: 8,
            inspect: [see('right', 'flat layer lies flat')],
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
          step('Two rows 6 mm apart, tails of 10 cm; no lock.'),
          step('Draw both bobbin threads from both ends; spread; pin; sew between the rows.'),
        ],
        {
          targets: [
            set('length', { abs: 4 }, 'long stitches slide'),
            set('tension', { numbers: -1 }, 'a loose top thread draws without breaking'),
          ],
          minutes: 12,
          inspect: [see('right', 'folds even, both rows parallel')],
          faults: [fault('breaks', 'Thread breaks when drawn', ['tension', 'high'], 'draw both rows together')],
        },
      ),
    ]),
  ],
)

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
        [...OVERLOCKERS],
        ['overlock3.wide', 'overlock4'],
        ['elastic'],
        [
          step('Elastic through the foot, its screw turned until it stretches by a third.', { phase: 'ready' }),
          step('Knife off the elastic: only fabric is trimmed.', {
            phase: 'start',
            caution: 'A nicked elastic breaks later.',
          }),
        ],
        {
          targets: [
            set('length', between(3, 4, 3.5), 'long stitches let elastic spring back'),
            set('differential', { abs: 1 }, 'the foot does the stretching'),
          ],
          minutes: 8,
          inspect: [see('right', 'springs back to its length')],
          faults: [fault('slack', 'Edge is slack', 'foot’s screw tighter')],
        },
      ),
    ]),
    method('zigzag', 'Three-step zigzag', 'on any zigzag machine that has it', [
      stage(
        'attach',
        'Attach the elastic',
        ZIGZAG_MACHINES,
        ['zigzag.threeStep', ['zigzag', 'may break when stretched']],
        'any',
        [step('Quarter edge and elastic; stretch the elastic between the pins, both hands, front and back.')],
        {
          targets: [
            set('width', between(4, 6, 5), 'holds the whole elastic'),
            set('length', between(1, 1.6, 1.2), 'small steps'),
          ],
          minutes: 12,
          inspect: [see('right', 'no stitch pops at full stretch')],
          faults: [fault('pops', 'Stitches pop', ['width', 'low'], 'stretch needle')],
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
          step('Cord in the groove of {foot.code}, raw edges to the right; needle close to the cord.', {
            phase: 'start',
          }),
          step('Second pass with the other layer on top, a thread’s width closer.'),
        ],
        {
          targets: [
            set('needlePosition', { abs: -0.5 }, 'a little closer to the cord than the first row'),
            set('length', between(2, 2.5, 2.2), 'a firm seam'),
          ],
          minutes: 12,
          inspect: [see('right', 'no stitch shows beside the cord')],
          faults: [fault('first-shows', 'First row shows', 'second row closer: needle a step toward the cord')],
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
            step('Needle clear of the teeth on the side the foot leaves open; slider down, past the foot.', {
              phase: 'start',
              check: 'turn the handwheel once: the needle clears foot and teeth',
            }),
            step('Needle down before the slider, foot up, slider past, on.'),
          ],
          {
            targets: [
              set('needlePosition', { abs: -2.5 }, 'to the side that the foot leaves open'),
              set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
            ],
            minutes: 15,
            inspect: [see('right', 'rows straight, equally far from the seam')],
            faults: [
              fault('bump', 'A bump at the slider', 'slider moved out of the way, needle down'),
              fault('needle-hits', 'Needle touches the teeth', 'needle further from the zip'),
            ],
          },
        ),
      ],
      { prepare: [step('Baste the seam shut, press it open; centre the zip under it, tape or baste it.')] },
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
    method('foot', 'With an invisible zip foot', 'its grooves open the coil', [
      stage(
        'sew',
        'Sew beside the coil',
        SEWING_MACHINES,
        ['straight'],
        ['zip.invisible', ['zip', 'unroll the coil with a fingernail as you go']],
        [
          step('Press the coil flat, cool iron. Right side of the tape on the right side of the fabric.', {
            phase: 'prepare',
          }),
          step('Coil in the groove of {foot.code}, needle in the middle; sew to the slider; the other side likewise.', {
            phase: 'start',
            check: 'close it after each side',
          }),
          step('Close the seam below with a zip foot, starting two stitches above the end.'),
        ],
        {
          targets: [
            set('needlePosition', { abs: 0 }, 'beside the coil, not in it'),
            set('length', between(2.2, 2.8, 2.5), 'a firm, even row'),
          ],
          minutes: 20,
          inspect: [see('right', 'nothing but a seam to be seen')],
          faults: [
            fault('tape-shows', 'Tape shows', 'closer to the coil: press it flat first'),
            fault('sticks', 'Slider sticks', 'stitched into the coil: unpick and sew a thread’s width away'),
          ],
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
  ['jeans hump', 'thick seams'],
  [
    method(
      'levelled',
      'Foot levelled over the hump',
      'feeds evenly up and down the step',
      [
        stage(
          'seam',
          'Sew over the hump',
          SEWING_MACHINES,
          ['straight'],
          ['standard', 'straight'],
          [
            step('Press or hammer the hump flat.', { phase: 'prepare' }),
            step(
              'At the step: needle down, foot up, level the foot from behind with a shim as thick as the step; ' +
                'sew on; take it out at the other side.',
            ),
            step('Handwheel over the thickest part, foot off the pedal.', {
              caution: 'A bent needle strikes the plate: stop at the first knock and change it.',
            }),
          ],
          {
            needle: [{ point: 'jeans', size: 100 }],
            targets: [
              set('length', between(3, 4, 3.5), 'thick layers take up length'),
              set('pressure', { numbers: -1 }, 'room for the layers'),
            ],
            maxSpeed: 400,
            minutes: 8,
            inspect: [see('right', 'even stitches over the step')],
            faults: [
              fault('short', 'Tiny stitches at the step', 'foot tilted: level it'),
              fault('skips', 'Skips on top', 'a larger jeans needle'),
              fault('breaks', 'Needle breaks', 'handwheel over the hump; do not pull'),
            ],
          },
        ),
      ],
      { when: { weight: ['heavy', 'medium'] } },
    ),
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
          [step('The middle of the stitch along the tear.'), step('Rows beside each other, overlapping by a third.')],
          {
            targets: [
              set('width', between(4, 6, 5), 'reaches sound fabric on both sides'),
              set('length', between(0.6, 1.2, 0.8), 'close enough to close the tear'),
            ],
            minutes: 8,
            inspect: [see('right', 'flat, edges do not lift')],
            faults: [fault('stiff', 'Stiff as a board', ['length', 'low'])],
          },
        ),
      ],
      { prepare: [step('A patch under the tear, fused or basted.')] },
    ),
    method('darning', 'Darned with the feed dogs down', 'fills a hole, in any direction', [
      stage(
        'mend',
        'Darn',
        SEWING_MACHINES,
        ['straight'],
        ['freeMotion'],
        [step('In a frame, patch beneath; rows to and fro, then across.', { caution: 'Fingers outside the frame.' })],
        {
          features: { need: ['feedDogsDown'] },
          targets: [
            set('tension', { numbers: -1 }, 'a soft darn'),
            set('pressure', { numbers: -2 }, 'the fabric must glide'),
          ],
          maxSpeed: 600,
          minutes: 15,
          inspect: [see('right', 'even weave, no ridge')],
          faults: [fault('breaks', 'Thread breaks', 'hands slower or pedal faster: keep both even')],
        },
      ),
    ]),
  ],
)
