import { between, fault, method, see, set, stage, step, technique } from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

const bead = [
  set('length', between(0.35, 0.45, 0.4), 'closed, and still fed'),
  set('tension', { numbers: -1 }, 'a looser top rolls to the wrong side'),
]
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
            step('Piece fused or pinned, stabiliser under the ground; straight stitches on its very edge.', {
              phase: 'start',
            }),
            step('Trim what stands over, close.', { phase: 'finish' }),
          ],
          {
            targets: [set('length', between(1.5, 2, 1.8), 'follows curves')],
            minutes: 8,
            inspect: [see('right', 'edge held all along')],
            faults: [],
          },
        ),
        stage(
          'cover',
          'Cover in satin stitch',
          ZIGZAG_MACHINES,
          ['satin', ['zigzag', 'set close by hand']],
          ['satin', 'openToe', ['standard', 'a flat sole drags on the bead']],
          [
            step('Right swing just off the piece. Corners: needle down outside, turn, sew over the last stitches.'),
            step('Never pull: a hand flat on each side.'),
          ],
          {
            targets: [set('width', between(3, 5, 4), 'covers edge and stitching'), ...bead],
            maxSpeed: 500,
            minutes: 15,
            inspect: [
              see('right', 'no fabric shows, edge smooth'),
              see('wrong', 'top thread drawn under on both sides'),
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
      {
        prepare: [step('Stabiliser under the ground, two layers if it is thin.')],
        finish: [step('Pull ends to the back, knot. Tear or wash the stabiliser away.')],
      },
    ),
    method('blanket', 'Blanket stitch', 'light, like handwork; no stabiliser', [
      stage(
        'cover',
        'Stitch the edge',
        ZIGZAG_MACHINES,
        ['blanket', ['zigzag', 'a row of points instead']],
        ['openToe', 'satin', 'standard'],
        [step('The line of the stitch on the ground, the bites into the piece.', { phase: 'start' })],
        {
          targets: [
            set('width', between(2.5, 4, 3), 'bites to be seen'),
            set('length', between(2.2, 3, 2.5), 'evenly spaced bites'),
          ],
          minutes: 12,
          inspect: [see('corner', 'a bite exactly in the corner')],
          faults: [fault('off', 'Line runs onto the piece', 'needle down, turn oftener in curves')],
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
    method('row', 'A row along a line', 'one motif repeated', [
      stage(
        'row',
        'Sew the row',
        ZIGZAG_MACHINES,
        ['decorative', ['blanket', 'a plain edge of points']],
        ['satin', 'openToe', ['standard', 'a flat sole drags on dense motifs']],
        [
          step('Stabiliser beneath; a drawn line; begin at the start of the motif.', { phase: 'start' }),
          step('Let the machine feed: hands only guide. Finish the motif before you stop.'),
        ],
        {
          targets: [set('tension', { numbers: -1 }, 'a looser top: no bobbin thread above')],
          needle: [{ point: 'topstitch', size: 90 }],
          threads: [{ place: 'needle', thread: 'rayon-40' }],
          maxSpeed: 600,
          minutes: 12,
          inspect: [see('right', 'motifs close, straight along the line')],
          faults: [
            fault('distorts', 'Motif leans or opens', 'do not pull; adjust elongation or balance by a step', [
              'balance',
              'low',
            ]),
            fault('puckers', 'Puckers', 'a second layer of stabiliser'),
          ],
        },
      ),
    ]),
  ],
)

export const bobbinWork = technique(
  'bobbin-work',
  'Bobbin work',
  'decoration',
  3,
  'thread too thick for a needle, laid from beneath',
  ['upside-down embroidery', 'thick thread'],
  [
    method(
      'loose-case',
      'With a loose bobbin case',
      'the thick thread runs freely; the everyday case stays as it is',
      [
        stage(
          'draw',
          'Sew upside down on the drawn line',
          ZIGZAG_MACHINES,
          ['straight', 'zigzag', 'serpentine'],
          ['openToe', 'satin', ['standard', 'a flat sole may catch the cord']],
          [
            step('Thread the full bobbin past the tension spring of the loose case.', {
              before: 'accessory',
              check: 'it pulls as easily as a ribbon',
            }),
            step('Pattern drawn on the stabiliser, which lies on the wrong side: sew with the wrong side up.', {
              phase: 'start',
            }),
            step('Bring the thick tail up at the start, hold it aside; slow.', {
              phase: 'start',
              caution: 'No automatic cutter: it jams on thick thread.',
            }),
            step('Another stitch: set tension and length again, and write them down.', { phase: 'next' }),
          ],
          {
            accessories: ['bobbinCase.loose'],
            stitchMust: { avoid: ['triple', 'dense'] },
            targets: [
              set('tension', { numbers: 2 }, 'the top thread holds the cord up'),
              set('length', between(3, 4.5, 3.5), 'open: the cord must lie, not bunch'),
            ],
            threads: [
              { place: 'bobbin', thread: 'perle-8' },
              { place: 'needle', thread: 'sewing-polyester' },
            ],
            needle: [{ point: 'topstitch', size: 90 }],
            maxSpeed: 400,
            minutes: 25,
            inspect: [see('wrong', 'the cord, which was beneath, lies smooth, without loops')],
            faults: [
              fault('loops', 'Cord loops', ['tension', 'low'], 'bobbin case a little tighter'),
              fault('bunches', 'Cord bunches', ['length', 'low']),
              fault('draws-in', 'Cord is drawn into the fabric', ['tension', 'high']),
            ],
          },
        ),
      ],
      {
        prepare: [
          step('Wind the thick thread on a bobbin, by hand or slowly. Above, a thread of the same colour.'),
          step('Write number, given and changed values on the sample as you go.'),
        ],
        finish: [step('Thick ends through with a large needle, knotted on the stabiliser’s side.')],
      },
    ),
  ],
)

const around = 'round and round on the pin, the same hole for every stage'
export const circles = technique(
  'circles',
  'Circles on a pivot',
  'decoration',
  3,
  'true circles: badges, rings, lettering',
  ['circle sewing', 'circular attachment'],
  [
    method(
      'attachment',
      'With the circular attachment',
      around,
      [
        stage(
          'base',
          'Base line',
          ZIGZAG_MACHINES,
          ['straight'],
          ['openToe', 'satin', 'standard'],
          [
            step('Slide at the radius, its screw tight.', { after: 'accessory' }),
            step('Cap off, centre of the fabric on the pin, cap on again.', {
              phase: 'ready',
              caution: 'The pin is sharp: its cap stays on but for this.',
            }),
            step('Hold the fabric flat, never push; the end meets the start.'),
          ],
          {
            accessories: ['circular'],
            targets: [
              set('length', between(2, 2.5, 2.2), 'an even round'),
              set('needlePosition', { abs: 0 }, 'the radius is measured to the centre'),
            ],
            maxSpeed: 500,
            minutes: 8,
            inspect: [see('end', 'meets the start')],
            faults: [fault('spiral', 'End misses the start', 'fabric pushed: let it turn by itself')],
          },
        ),
        stage(
          'satin',
          'Satin over the line',
          ZIGZAG_MACHINES,
          ['satin'],
          ['satin', 'openToe'],
          [step('Same hole, same radius. Overlap the start by three stitches.', { phase: 'start' })],
          {
            accessories: ['circular'],
            targets: [set('width', between(3, 5, 4), 'covers the line'), ...bead],
            maxSpeed: 400,
            minutes: 10,
            inspect: [see('right', 'closed inside and outside')],
            faults: [fault('packs', 'Packs on the inside', ['length', 'low'], 'a larger radius, or narrower')],
          },
        ),
        stage(
          'outline',
          'Outline',
          ZIGZAG_MACHINES,
          ['straight', 'straight.triple'],
          ['openToe', 'satin'],
          [step('Same hole; the needle moved away from the pin.', { phase: 'start' })],
          {
            accessories: ['circular'],
            targets: [
              set('needlePosition', { abs: 3 }, 'a ring just outside the satin'),
              set('length', between(2.2, 3, 2.5), 'an even round'),
            ],
            minutes: 8,
            inspect: [see('right', 'same distance all around')],
            faults: [],
          },
        ),
      ],
      {
        prepare: [
          step('Stabiliser beneath the whole circle.'),
          step('Wind a full bobbin: the attachment will cover it.', {
            check: 'thread for all stages: see the workbench',
          }),
        ],
      },
    ),
  ],
)

export const barTacks = technique(
  'bar-tack',
  'Bar tack',
  'fastenings',
  1,
  'pocket corners, belt loops, strap ends',
  ['tack', 'reinforcement'],
  [
    method('stitch', 'With the bar-tack stitch', 'the same length each time', [
      stage(
        'tack',
        'Sew the tack',
        ZIGZAG_MACHINES,
        ['barTack', ['satin', 'count the length yourself'], ['zigzag', 'set close, count the length yourself']],
        ['openToe', 'satin', 'standard', 'buttonhole.sensor'],
        [step('Foot parallel to the strain; hold both tails; let it end by itself.', { phase: 'start' })],
        {
          targets: [
            set('width', between(1.5, 3, 2), 'narrow holds better than wide'),
            set('length', between(0.35, 0.5, 0.4), 'close, and still fed'),
          ],
          minutes: 4,
          inspect: [see('right', 'square ends, no loop')],
          faults: [fault('jams', 'Stops on the spot', ['length', 'low'], 'level the foot on thick seams')],
        },
      ),
    ]),
  ],
)

export const rings = technique(
  'rings-and-bows',
  'Rings and bows sewn on',
  'fastenings',
  2,
  'curtain rings, bows and trims by machine',
  ['curtain ring', 'bow'],
  [
    method('machine', 'By the button stitch', 'quick, the same each time', [
      stage(
        'sew',
        'Sew the ring on',
        ZIGZAG_MACHINES,
        ['buttonSew', ['zigzag', 'length 0 and feed dogs down by hand']],
        ['buttonSew', ['openToe', 'hold the ring yourself']],
        [
          step('One swing just outside, one just inside the ring: its thickness and 1 mm on each side.', {
            phase: 'ready',
          }),
          step('First stitches by the handwheel; eight stitches; three in place inside.', {
            phase: 'start',
            caution: 'Fingers off the ring before the motor starts.',
          }),
        ],
        {
          features: { need: ['feedDogsDown'] },
          targets: [
            set('width', between(3, 5, 4), 'wire of 2 mm, 1 mm on each side'),
            set('needlePosition', { abs: 0 }, 'the swing is counted from the centre'),
          ],
          maxSpeed: 300,
          minutes: 4,
          inspect: [see('wrong', 'threads even, knot inside')],
          faults: [
            fault(
              'strikes',
              'Needle strikes the ring',
              ['width', 'low'],
              'ring thicker than the machine swings: by hand',
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
        ['coverstitch', 'overlockCover'],
        ['chain', ['cover2.narrow', 'two rows instead of one']],
        'any',
        [
          step('Start on a scrap; end on a scrap, then pull the thread forward and cut.', {
            phase: 'start',
            caution: 'It runs open from its end: tie it.',
          }),
        ],
        {
          targets: [
            set('length', between(2.5, 3.5, 3), 'an even chain'),
            set('differential', { abs: 1 }, 'neither gathered nor stretched'),
          ],
          minutes: 6,
          inspect: [see('wrong', 'even links')],
          faults: [fault('skips', 'Skips', 'new needle; chain looper threaded last')],
        },
      ),
    ]),
  ],
)
