import type { Method, Stage, Step } from '#core/catalogue/types'
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
  worked,
} from './write'
import {
  HOLD_TAILS,
  HOLD_TAILS_ONLY,
  SEWING_MACHINES,
  STANDS_STILL,
  ZIGZAG_MACHINES,
  OVER_START,
  OFF_EDGE,
} from './words'

export const freeMotion = technique(
  'free-motion',
  'Free-motion quilting',
  'piecing and quilting',
  3,
  'drawing with the needle in every direction',
  ['FMQ', 'stippling', 'meander', 'freehand quilting', 'freehand'],
  [
    method(
      'feed-down',
      'Feed dogs down, free-motion foot',
      'the hands are the feed',
      [
        stage(
          'quilt',
          'Quilt the pattern',
          SEWING_MACHINES,
          ['straight'],
          ['freeMotion'],
          [
            start('Lower the foot, though it hovers: without that the thread has no tension.'),
            start('Bring the bobbin thread up: one stitch by the handwheel, then pull the loop out.', {
              check: 'no tail is left underneath',
            }),
            HOLD_TAILS_ONLY,
            start('Sew three or four tiny stitches on the spot.'),
            step('Lay your hands flat, like a frame. Move them evenly, and keep the pedal even.', {
              caution: 'Fingers never nearer than the foot’s edge.',
            }),
            step('Stop with the needle down before you move your hands.'),
            step('End with five tiny stitches on the spot.'),
          ],
          {
            features: { need: STANDS_STILL, avoid: ['dualFeed'] },
            targets: [
              set('pressure', { numbers: -2 }, 'the layers must glide'),
              set('needlePosition', { abs: 0 }, 'the foot is round about the centre'),
            ],
            needle: [needle('quilting', 90)],
            threads: [thread('needle', 'cotton-50')],
            maxSpeed: 800,
            minutes: 30,
            inspect: [
              see('right', 'stitches of one length, curves round'),
              see('wrong', 'no eyelashes on the outside of curves'),
            ],
            faults: [
              fault('eyelashes', 'Eyelashes beneath', 'hands too fast in the curve: slow hands, steady pedal', [
                'tension',
                'low',
              ]),
              fault('long', 'Stitches too long', 'hands slower, or pedal faster'),
              fault('breaks', 'Thread breaks', 'jerks: move evenly', 'a larger needle'),
            ],
          },
        ),
      ],
      { prepare: [prepare('Baste every hand’s breadth. Make a scrap of the same three layers.')] },
    ),
  ],
)

// ── quarter inch ──────────────────────────────────────────────────────────────────────────────────────────────
const pieced = (id: string, feet: Parameters<typeof stage>[4], own: Step[], rest: Partial<Stage> = {}): Stage =>
  stage(
    id,
    'Sew the seams',
    SEWING_MACHINES,
    ['straight'],
    feet,
    [
      ...own,
      start('Begin on a small scrap, then feed in the first pieces.'),
      step('Stop with the needle down. Chain the pieces one after another.'),
      finish('Press the seams open, or to one side where they meet.'),
    ],
    {
      targets: [
        set('length', between(1.6, 2, 1.8), 'short: the seams are pressed open'),
        set('needlePosition', worked('quarterInch', { abs: 0 }), 'so that the seam comes out at 6.35 mm'),
      ],
      minutes: 10,
      inspect: [see('wrong', 'three 38.1 mm strips sewn side by side and pressed: the middle one is 25.4 mm wide')],
      faults: [
        fault(
          'full',
          'Middle strip too narrow',
          ['needlePosition', 'low'],
          'the seams are too wide: a tape or screwed guide a hair nearer the needle',
        ),
        fault(
          'scant',
          'Middle strip too wide',
          ['needlePosition', 'high'],
          'the seams are too narrow: a tape or screwed guide a hair further out',
        ),
        fault('curve', 'Seams bend at their ends', 'begin on a scrap; sew to the very end'),
      ],
      ...rest,
    },
  )

export const quarterInch = technique(
  'quarter-inch-seam',
  'Quarter-inch seam',
  'piecing and quilting',
  1,
  'patchwork that meets',
  ['1/4 inch', 'piecing', 'patchwork seam'],
  [
    method('guided', 'Quarter-inch foot with a guide', 'a parallel line without looking', [
      pieced(
        'piece',
        ['quarterInch.guide'],
        [
          start('Lay the raw edges against the guide of {foot.code}. Lower the foot.'),
          step('Run the edges along the guide. Do not push it aside.'),
        ],
      ),
    ]),
    method(
      'screwed',
      'A seam guide screwed to the bed',
      'a straight wall for the edge, with any straight-stitch foot',
      [
        pieced(
          'piece',
          ['quarterInch', 'straight', 'standard'],
          [
            ready('Screw {accessory.code} to the bed, 6.35 mm right of the needle. Measure it with a ruler.', {
              check: 'it stands parallel to the foot, clear of foot and feed dogs',
            }),
            start('Lay the raw edges against the seam guide. Lower the foot.'),
            step('Run the edges along the guide. Take it off where it hinders, as at a pinned corner.'),
          ],
          {
            accessories: ['seamGuide'],
            targets: [
              set('length', between(1.6, 2, 1.8), 'short: the seams are pressed open'),
              set('needlePosition', { abs: 0 }, 'the guide is measured from the centre'),
            ],
          },
        ),
      ],
    ),
    method('sight', 'Quarter-inch foot, the edge in sight', 'no guide hides the edge or can be pushed off', [
      pieced(
        'piece',
        ['quarterInch'],
        [
          start('Lay the raw edges level with the outer right edge of {foot.code}. Lower the foot.', {
            check: 'measure from the needle to that edge: 6.35 mm',
          }),
          step('Keep the edges level with the edge of the foot, in sight in front of the needle.'),
        ],
      ),
    ]),
    method('tape', 'A strip of tape on the bed', 'with any foot: the tape is measured from the needle', [
      pieced(
        'piece',
        'any',
        [
          ready('Stick a strip of tape on the bed, 6.35 mm right of the needle, parallel to the foot.', {
            check: 'measure it with a ruler from the needle itself',
          }),
          start('Lay the raw edges along the tape. Lower the foot.'),
          step('Watch the edges at the tape, not the needle.'),
        ],
        {
          targets: [
            set('length', between(1.6, 2, 1.8), 'short: the seams are pressed open'),
            set('needlePosition', { abs: 0 }, 'the tape is measured from the centre'),
          ],
        },
      ),
    ]),
  ],
)

export const waves = technique(
  'serpentine-quilting',
  'Quilting with waves',
  'piecing and quilting',
  1,
  'forgiving lines over a whole quilt',
  ['wave quilting', 'serpentine'],
  [
    method(
      'even-feed',
      'A lengthened wave, fed evenly',
      'rows by the foot’s edge, no marking',
      [
        stage(
          'quilt',
          'Quilt row by row',
          ZIGZAG_MACHINES,
          ['serpentine'],
          ['walking', ['standard', 'the top layer creeps: baste closely']],
          [
            start('Raise the foot as high as it goes and slip the layers in. First row down the middle.'),
            HOLD_TAILS,
            step('Sew slowly to medium, all rows in one direction.'),
            OFF_EDGE,
            next('Lay the edge of {foot.code} along the tips of the last wave.'),
          ],
          {
            targets: [
              set('width', between(4.5, 7, 6), 'a wide wave forgives'),
              set('length', between(2.5, 3.5, 3), 'well past its own length: an easy curve'),
            ],
            threads: [thread('needle', 'cotton-50')],
            maxSpeed: 600,
            minutes: 20,
            inspect: [see('right', 'waves nest, rows even')],
            faults: [
              fault('cramped', 'Wave cramped', ['length', 'low']),
              fault('tucks', 'Tucks', 'baste closer', 'sew all rows in one direction'),
            ],
          },
        ),
      ],
      { prepare: [prepare('Baste the layers, the backing taut.')] },
    ),
  ],
)

// ── binding ───────────────────────────────────────────────────────────────────────────────────────────────────
const strips: Step[] = [
  prepare('Cut strips of 50 mm. Join them on the diagonal, press the joins open.'),
  prepare('Press the strip in half along its length, right side out.'),
]
const attach = (side: 'front' | 'back'): Stage =>
  stage(
    'attach',
    `Sew to the ${side}`,
    SEWING_MACHINES,
    ['straight'],
    ['walking', 'quarterInch', ['standard', 'layers creep: pin closely']],
    [
      start(`Lay the strip on the ${side}, raw edges level with the quilt’s. Start 20 cm from a corner, leave a tail.`),
      start('The seam lies 6.35 mm from the edge: along the quarter-inch mark or edge of {foot.code}, or along tape.'),
      start('Lower the foot.'),
      step('Stop 6 mm before the corner and lock. Take the work out.'),
      step('Fold the strip up, then down along the next edge. Start at that edge.'),
      step('Stop 20 cm before the start. Join both tails on the diagonal, trim, and sew the rest.'),
      finish('Press the strip outward, over the edge.'),
    ],
    {
      targets: [set('length', between(2.5, 3, 2.8), 'through all layers')],
      minutes: 20,
      inspect: [see('corner', 'a mitre forms by itself')],
      faults: [fault('creeps', 'Edge creeps', ['pressure', 'high'], 'pin closer, or take a walking foot')],
    },
  )

const margin: Step[] = [
  prepare('Fold the strip over the edge. Pin it from the front, through the wider back.', {
    check: 'its fold lies 2 to 4 mm beyond the seam: less is missed, over 6 mm is a loose flap',
  }),
  prepare('Fold the corners the other way round than on the front.'),
]
const corner = step('At a corner turn the handwheel by hand until the needle is in the fold: the guide is lost there.')
const caught = see('wrong', 'the fold is caught by 2 mm and more, all around')
const missed = fault('missed', 'Back missed', 'pin closer', 'a wider strip: the workbench works its margin out')

const ditch = (id: string, name: string, because: string, narrow: boolean): Method =>
  method(
    id,
    name,
    because,
    [
      attach('front'),
      stage(
        'ditch',
        narrow ? 'Stitch beside the binding' : 'Stitch in the ditch',
        SEWING_MACHINES,
        ['straight'],
        narrow
          ? ['narrow']
          : ['guide.centre', ['openToe', 'watch the ditch yourself'], ['standard', 'watch the ditch yourself']],
        [
          ...margin,
          start(
            narrow
              ? 'Lay the toe of {foot.code} along the edge of the binding: the needle falls into the ditch.'
              : 'Lay the ditch under the needle, along the blade of {foot.code} where it has one.',
          ),
          HOLD_TAILS,
          step('Sew slowly. Open the ditch a little with your fingers.', {
            ifWrong: narrow ? 'It rides on the binding: hold the toe closer.' : 'It rides on the binding: a step away.',
          }),
          corner,
          OVER_START,
        ],
        {
          targets: [
            set('needlePosition', { abs: 0 }, narrow ? 'the narrow foot leaves no room' : 'the needle in the ditch'),
            set('length', between(2.5, 3, 2.8), 'sinks into the ditch'),
          ],
          threads: [thread('needle', 'clear-nylon')],
          minutes: 20,
          inspect: [caught],
          faults: [missed],
        },
      ),
    ],
    { when: { behaviour: ['lofty'] }, prepare: strips },
  )

export const binding = technique(
  'machine-binding',
  'Binding by machine',
  'piecing and quilting',
  2,
  'quilts, banners and edges in double-fold binding',
  ['quilt binding', 'bind'],
  [
    ditch('front-first', 'Front first, caught in the ditch', 'nothing shows on the front', false),
    ditch(
      'front-narrow',
      'Front first, a narrow foot along the binding',
      'the toe is the guide; no needle nudged',
      true,
    ),
    method(
      'back-first',
      'Back first, topstitched on the front',
      'you see what you sew; a row shows',
      [
        attach('back'),
        stage(
          'topstitch',
          'Topstitch the front',
          SEWING_MACHINES,
          ['straight'],
          ['edgeGuide', 'guide.centre', 'openToe', 'standard'],
          [
            prepare('Fold the strip over to the front, just past the first seam. Pin it.'),
            start('Lay the fold along the guide or the toe of {foot.code}, the needle 1.5 mm inside it.'),
            HOLD_TAILS,
            step('Sew along the fold. Stop with the needle down to turn.'),
            corner,
            OVER_START,
          ],
          {
            targets: [set('length', between(2.8, 3.2, 3), 'a row that is meant to be seen')],
            minutes: 20,
            inspect: [see('right', 'the row is even, 1.5 mm from the fold')],
            faults: [fault('wobbles', 'Row wobbles', 'needle down at every stop; watch the fold, not the needle')],
          },
        ),
      ],
      { prepare: strips },
    ),
  ],
)
