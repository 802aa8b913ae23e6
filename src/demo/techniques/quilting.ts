import { between, fault, method, see, set, stage, step, technique } from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES } from './words'

export const freeMotion = technique(
  'free-motion',
  'Free-motion quilting',
  'piecing and quilting',
  3,
  'drawing with the needle in every direction',
  ['FMQ', 'stippling', 'meander'],
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
            step('Bring the bobbin thread up: one stitch by the handwheel, pull the loop, hold both tails.', {
              phase: 'start',
              check: 'no tail left underneath',
            }),
            step('Hands flat as a frame, speed even, both together. Stop with the needle down.', {
              caution: 'Fingers never nearer than the foot’s edge.',
            }),
            step('End with five tiny stitches in place.'),
          ],
          {
            features: { need: ['feedDogsDown'], avoid: ['dualFeed'] },
            targets: [
              set('pressure', { numbers: -2 }, 'the layers must glide'),
              set('needlePosition', { abs: 0 }, 'the foot is round about the centre'),
            ],
            needle: [{ point: 'quilting', size: 90 }],
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
              fault('breaks', 'Thread breaks', 'jerks: move evenly; a larger needle'),
            ],
          },
        ),
      ],
      { prepare: [step('Baste every hand’s breadth. Practise on a scrap sandwich of the same layers.')] },
    ),
  ],
)

const strip = [see('wrong', 'three strips of 38.1 mm sewn: the middle one measures 25.4')]
export const quarterInch = technique(
  'quarter-inch-seam',
  'Quarter-inch seam',
  'piecing and quilting',
  1,
  'patchwork that meets',
  ['1/4 inch', 'piecing', 'patchwork seam'],
  [
    method('guided', 'Quarter-inch foot with a guide', 'a parallel line without looking', [
      stage(
        'piece',
        'Sew the seams',
        SEWING_MACHINES,
        ['straight'],
        ['quarterInch.guide'],
        [
          step('Edge against the guide of {foot.code}, never pushing it off.', { phase: 'start' }),
          step('Leader scrap first; chain the pieces.'),
        ],
        {
          targets: [
            set('length', between(1.6, 2, 1.8), 'short: seams are pressed open'),
            set('needlePosition', { abs: 0 }, 'the foot is measured from the centre'),
          ],
          minutes: 10,
          inspect: strip,
          faults: [
            fault('full', 'Middle strip too narrow', 'needle a step toward the edge'),
            fault('scant', 'Middle strip too wide', 'needle a step away from the edge'),
          ],
        },
      ),
    ]),
    method('sight', 'Quarter-inch foot, the edge in sight', 'no guide hides the edge or can be pushed off', [
      stage(
        'piece',
        'Sew the seams',
        SEWING_MACHINES,
        ['straight'],
        ['quarterInch', 'quarterInch.guide', ['standard', 'measure: the edge of a standard foot is no quarter inch']],
        [
          step('Edge along the inside of the right toe, in sight on both sides of the needle.', { phase: 'start' }),
          step('Leader scrap first; chain the pieces.'),
        ],
        {
          targets: [
            set('length', between(1.6, 2, 1.8), 'short: seams are pressed open'),
            set('needlePosition', { abs: 0 }, 'the foot is measured from the centre'),
          ],
          minutes: 10,
          inspect: strip,
          faults: [
            fault('full', 'Middle strip too narrow', 'needle a step toward the edge'),
            fault('curve', 'Seams bend at their ends', 'leader scrap; sew to the very end'),
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
    method('even-feed', 'A lengthened wave, fed evenly', 'rows by the foot’s edge, no marking', [
      stage(
        'quilt',
        'Quilt row by row',
        ZIGZAG_MACHINES,
        ['serpentine'],
        ['walking', ['standard', 'the top layer creeps: baste closely']],
        [
          step('First row down the middle; the tips of the last wave along the edge of {foot.code}.', {
            phase: 'start',
          }),
        ],
        {
          targets: [
            set('width', between(4.5, 7, 6), 'a wide wave forgives'),
            set('length', between(2.5, 3.5, 3), 'well past its own length: an easy curve'),
          ],
          maxSpeed: 600,
          minutes: 20,
          inspect: [see('right', 'waves nest, rows even')],
          faults: [
            fault('cramped', 'Wave cramped', ['length', 'low']),
            fault('tucks', 'Tucks', 'baste closer, all rows one way'),
          ],
        },
      ),
    ]),
  ],
)

export const binding = technique(
  'machine-binding',
  'Binding by machine',
  'piecing and quilting',
  2,
  'quilts, banners and edges in double-fold binding',
  ['quilt binding', 'bind'],
  [
    method(
      'front-first',
      'Front first, caught in the ditch',
      'nothing shows on the front',
      [
        stage(
          'attach',
          'Sew to the front',
          SEWING_MACHINES,
          ['straight'],
          ['walking', 'quarterInch', ['standard', 'layers creep: pin closely']],
          [
            step('Strip folded lengthwise, raw edges even with the quilt’s; start 20 cm from a corner, leave a tail.', {
              phase: 'start',
            }),
            step('Stop 6 mm before each corner, lock, fold up, fold down, on.'),
          ],
          {
            targets: [set('length', between(2.5, 3, 2.8), 'through all layers')],
            minutes: 20,
            inspect: [see('corner', 'a mitre forms by itself')],
            faults: [fault('creeps', 'Edge creeps', ['pressure', 'high'])],
          },
        ),
        stage(
          'ditch',
          'Stitch in the ditch',
          SEWING_MACHINES,
          ['straight'],
          ['guide.centre', ['openToe', 'watch the ditch yourself'], ['standard', 'watch the ditch yourself']],
          [
            step('Fold over the edge, pin from the front through the wider back; blade of {foot.code} in the ditch.', {
              phase: 'start',
            }),
            step('Corners folded the other way round on the back.'),
          ],
          {
            targets: [
              set('needlePosition', { abs: 0 }, 'in the ditch; a step away where it rides on the binding'),
              set('length', between(2.5, 3, 2.8), 'sinks into the ditch'),
            ],
            threads: [{ place: 'needle', thread: 'clear-nylon' }],
            minutes: 20,
            inspect: [see('wrong', 'fold caught by 2 mm and more, all around')],
            faults: [fault('missed', 'Back missed', 'strip wider, or pin closer; see the margin in the workbench')],
          },
        ),
      ],
      { when: { behaviour: ['lofty'] } },
    ),
    method('back-first', 'Back first, topstitched on the front', 'you see what you sew; a row shows', [
      stage(
        'attach',
        'Sew to the back',
        SEWING_MACHINES,
        ['straight'],
        ['walking', 'quarterInch', 'standard'],
        [
          step(
            'Strip folded lengthwise, raw edges even with the quilt’s, on the back; start 20 cm from a corner, ' +
              'leave a tail.',
            { phase: 'start' },
          ),
          step('Stop 6 mm before each corner, lock, fold up, fold down, on.'),
        ],
        {
          targets: [set('length', between(2.5, 3, 2.8), 'through all layers')],
          minutes: 20,
          inspect: [see('corner', 'a mitre forms by itself')],
          faults: [],
        },
      ),
      stage(
        'topstitch',
        'Topstitch the front',
        SEWING_MACHINES,
        ['straight'],
        ['edgeGuide', 'guide.centre', 'openToe', 'standard'],
        [
          step('Fold over to the front, just past the first seam; the toe of {foot.code} along the binding.', {
            phase: 'start',
          }),
        ],
        {
          targets: [set('length', between(2.8, 3.2, 3), 'a row that is meant to be seen')],
          minutes: 20,
          inspect: [see('right', 'row even, 1.5 mm from the fold')],
          faults: [fault('wobbles', 'Row wobbles', 'needle down at every stop; guide by the toe')],
        },
      ),
    ]),
  ],
)
