import type { Kind, Stage, Step } from '#core/catalogue/types'
import {
  between,
  fault,
  finish,
  method,
  needle,
  next,
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
import { HOLD_TAILS, KNIT, SEWING_MACHINES, STANDS_STILL, ZIGZAG_MACHINES } from './words'

const COMPUTERISED: Kind[] = ['computerised']
const WITHOUT_LEVER = { withoutFeature: ['buttonSensor', 'buttonholeLever'] }

const backed = step('Back the fabric with interfacing, or fold it in three: two firm layers at least.')
const direction = step('Lay them across the edge where it pulls, as at a waistband; along the edge on a plain front.')
const slit = step('Cut a slit of {opening|diameter plus thickness} in a scrap. Push the button through.', {
  check: 'it needs a slight push: a thick or domed button needs more than its diameter',
})
const startsMarked = [backed, direction, slit, step('Mark the line they stand on, and where each one starts.')]
const endsMarked = [backed, direction, slit, step('Mark the line they stand on, and both ends of each one.')]

const tried = step('Cut the buttonhole on the scrap and button it before you sew the garment.', { phase: 'reset' })
const cut: Step[] = [
  step('Put a pin across each bar tack. Cut from each end to the middle; leave a hair uncut at each bar.', {
    caution: 'Keep your free hand behind the blade.',
  }),
  step('Trim the loops. Put a drop of sealant on the cut and let it dry before pressing.'),
  step('Where the blade has cut a bead, sew over it once more.'),
]

const styles: Stage['stitches'] = [
  { function: 'buttonhole.knit', when: KNIT },
  { function: 'buttonhole.rounded', when: { weight: ['light'] } },
  { function: 'buttonhole.keyhole', when: { structure: ['woven'], weight: ['heavy'] } },
  { function: 'buttonhole.standard' },
]

const close = set('length', worked('beadLength', between(0.35, 0.5, 0.4)), 'close enough to cover, never 0')
const beads: Stage['targets'] = [
  close,
  set('length', between(0.8, 1.2, 1), 'open enough to give with the knit', KNIT),
  set('width', between(4, 5.5, 5), 'two beads and a gap the blade fits through'),
]
/** Heavy fabric’s own needle and thread are too thick for a close bead. */
const fine: Pick<Stage, 'needle' | 'threads'> = {
  needle: [needle('jeans', 90, { structure: ['woven'], weight: ['heavy'] })],
  threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
}

const inspect: Stage['inspect'] = [
  see('right', 'both beads equally wide, a clear gap of about 0.8 mm'),
  see('wrong', 'no loops of needle thread'),
  see('start', 'it begins on the mark'),
  see('end', 'the bar is closed and as wide as the first'),
]

const packs = fault('stuck', 'It stands still and packs', ['length', 'low'], 'a seam lifts the foot: level it')
const gapClosed = fault('gap-closed', 'No gap to cut', ['width', 'low'])
const unequal = fault(
  'unequal',
  'One bead is denser than the other',
  { parameter: 'balance', text: 'turn the balance one mark and sew another' },
  'the work was held back: let it run freely',
)
const tooSmall = fault(
  'too-small',
  'Too small for the button',
  { control: 'buttonholeLever', text: 'the button was not fully in the holder: push it shut' },
  'thickness and dome were forgotten: cut a slit in a scrap first',
)

const intoHolder = [
  step('Pull the holder of {foot.code} open. Put the button in and push the holder shut.', { before: 'foot' }),
  step('A thick or domed button: leave the holder open by its thickness.', { before: 'foot' }),
]
const underFoot = [
  start('Pass the needle thread down through the foot. Lay both threads to the side.'),
  start('Lay the mark under the needle: the garment’s edge parallel to the foot, its bulk to the left.'),
  start('Lower the foot. Hold both thread tails for the first few stitches, then let go.'),
]

const sensor = method(
  'sensor',
  'One step, the button in the foot',
  'the machine measures the button, so all come out alike',
  [
    stage(
      'sew',
      'Sew the buttonhole',
      COMPUTERISED,
      styles,
      ['buttonhole.sensor'],
      [
        ...intoHolder,
        step('Pull the buttonhole lever all the way down. Push it back behind its stop.', {
          does: { buttonholeLever: 'downAndBack' },
          check: 'nothing can nudge it: a nudged lever makes a short one',
        }),
        tried,
        ...underFoot,
        step('Let the machine sew in its own order. Wait until it stops by itself.', {
          ifWrong: 'It stops at once: the lever is not down and back.',
        }),
      ],
      {
        features: { need: ['buttonSensor'] },
        targets: beads,
        ...fine,
        setup: { buttonholeLever: 'downAndBack' },
        minutes: 10,
        inspect,
        faults: [
          tooSmall,
          fault(
            'stuck',
            'It stands still and packs',
            ['length', 'low'],
            'a seam lifts the foot: slide a levelling plate under it',
          ),
          gapClosed,
          unequal,
        ],
      },
    ),
  ],
  { when: { kind: COMPUTERISED }, prepare: startsMarked, finish: cut },
)

const leverAgain = 'Push the buttonhole lever up, then pull it down again until it clicks.'
const lever = method(
  'lever',
  'One step, a lever foot on a dial machine',
  'the foot measures the button; you stop it yourself',
  [
    stage(
      'sew',
      'Sew the buttonhole',
      ZIGZAG_MACHINES,
      styles,
      ['buttonhole.lever', 'buttonhole.sensor'],
      [
        ...intoHolder,
        step('Pull the buttonhole lever all the way down until it clicks.', {
          does: { buttonholeLever: 'downAndBack' },
        }),
        ready('Pull the buttonhole lever all the way down until it clicks.', { when: WITHOUT_LEVER }),
        step(leverAgain, { phase: 'reset', when: WITHOUT_LEVER }),
        tried,
        ...underFoot,
        step('Sew in the machine’s own order until the last bar begins. No signal tells you when it is done.', {
          ifWrong: 'It sews on in one place: the lever is not down.',
        }),
        step('Stop after two or three stitches of the last bar, or it goes round again.'),
        step('Pull the loop at the end to the wrong side and knot it.'),
        next(leverAgain, { when: WITHOUT_LEVER }),
      ],
      {
        targets: beads,
        ...fine,
        setup: { buttonholeLever: 'downAndBack' },
        minutes: 12,
        inspect,
        faults: [tooSmall, packs, gapClosed, unequal],
      },
    ),
  ],
  { prepare: startsMarked, finish: cut },
)

const memory = method(
  'memory',
  'Memory: the first one recorded, the rest repeated',
  'any length, longer than a holder takes; all like the first',
  [
    stage(
      'sew',
      'Sew the buttonhole',
      COMPUTERISED,
      styles,
      ['buttonhole.manual', 'openToe', ['standard', 'no marks on the foot: draw them on the fabric']],
      [
        ready('Clear the length that is recorded, as the machine’s book says.'),
        step('Clear the recorded length again, so that the garment’s first one is recorded anew.', { phase: 'reset' }),
        tried,
        start('Lay the first mark under the needle: the garment’s edge parallel to the foot, its bulk to the left.'),
        HOLD_TAILS,
        step('Sew to the mark at the other end. Tell the machine that the length is reached.', {
          ifWrong: 'Missed the mark: clear the length and begin a new one.',
        }),
        step('Let it finish by itself.'),
        next('Lay the next mark under the needle. It repeats the recorded length.'),
      ],
      {
        features: { need: ['buttonholeMemory'] },
        targets: beads,
        ...fine,
        minutes: 12,
        inspect,
        faults: [packs, gapClosed, unequal],
      },
    ),
  ],
  { when: { kind: COMPUTERISED }, prepare: endsMarked, finish: cut },
)

const placed = (kinds: Kind[], fn: string, own: Step[], unsaid: string): Stage =>
  stage(
    'sew',
    'Sew the buttonhole',
    kinds,
    [fn],
    ['buttonhole.manual', 'openToe', ['standard', 'no marks on the foot: count stitches']],
    [
      tried,
      start('Lay the first mark under the needle: the garment’s edge parallel to the foot, its bulk to the left.'),
      HOLD_TAILS,
      ...own,
      step(unsaid, { sequence: true }),
      step('The second bead runs level with the first, a cutting gap between them.'),
    ],
    { targets: beads, ...fine, minutes: 15, inspect, faults: [packs, gapClosed, unequal] },
  )

const manual = method(
  'manual',
  'Manual: step by step',
  'any length, and you see each side before the next',
  [placed(COMPUTERISED, 'buttonhole.stepped', [], 'Sew place by place, in the order of the machine’s book.')],
  { when: { kind: COMPUTERISED }, prepare: endsMarked, finish: cut },
)

const counted = method(
  'counted',
  'Counted: the first side told, the second repeated',
  'any length; the second bead has as many stitches as the first',
  [
    placed(
      COMPUTERISED,
      'buttonhole.counted',
      [ready('Clear what is counted, as the machine’s book says.')],
      'Sew the first side to the mark and tell the machine. It counts as many for the second.',
    ),
  ],
  { when: { kind: COMPUTERISED }, prepare: endsMarked, finish: cut },
)

const stepped = method(
  'stepped',
  'By the stepped dial',
  'any length, and you see each side before the next',
  [
    placed(
      ['mechanical'],
      'buttonhole.stepped',
      [step('Turn the dial only while the needle is up.', { caution: 'A dial turned with the needle down bends it.' })],
      'Sew place by place, as the machine’s book has them. Count the stitches of each bar.',
    ),
  ],
  { when: { kind: ['mechanical'] }, prepare: endsMarked, finish: cut },
)

const zigzag = method(
  'zigzag',
  'By hand, with a close zigzag',
  'the last way, on any zigzag machine: four passes along a drawn box',
  [
    stage(
      'sides',
      'Sew the two sides',
      ZIGZAG_MACHINES,
      ['satin', 'zigzag'],
      [
        'buttonhole.manual',
        { function: 'openToe' },
        'satin',
        ['standard', 'a flat sole drags on the bead: sew slowly'],
      ],
      [
        start('Lay the first side’s line under the middle of the foot, the garment’s bulk to the left.'),
        HOLD_TAILS,
        step('Sew to the far mark. Stop with the needle down on the side of the gap, and turn the work round.'),
        step('Sew back beside the first side. Leave a gap of 0.8 mm between them.'),
      ],
      {
        targets: [close, set('width', between(1.8, 2.3, 2), 'one bead: about 40 % of the buttonhole’s width')],
        ...fine,
        minutes: 12,
        inspect: [see('right', 'both beads equally wide, a clear gap of about 0.8 mm')],
        faults: [packs],
      },
    ),
    stage(
      'bars',
      'Close both ends',
      ZIGZAG_MACHINES,
      ['satin', 'zigzag'],
      ['buttonhole.manual', 'openToe', 'satin', ['standard', 'a flat sole drags on the bead: sew slowly']],
      [
        start('Lay one end under the middle of the foot: the swing covers both beads.'),
        step('Sew five or six stitches to and fro on the spot.'),
        step('Do the same at the other end.'),
        step('Pull the tails to the wrong side and knot them.'),
      ],
      {
        targets: [close, set('width', between(4, 5.5, 5), 'across both beads')],
        ...fine,
        minutes: 5,
        inspect: [see('end', 'each bar closed, as wide as both beads')],
        faults: [packs],
      },
    ),
  ],
  {
    prepare: [...endsMarked, step('Draw the two sides: 2.8 mm from middle to middle, from mark to mark.')],
    finish: cut,
  },
)

const corded = method(
  'corded',
  'Corded, so that it keeps its length',
  'a cord in the beads holds a knit; pulled tight and hidden at the end',
  [
    stage(
      'sew',
      'Sew over the cord',
      COMPUTERISED,
      ['buttonhole.corded', 'buttonhole.knit', 'buttonhole.standard'],
      ['cording', 'buttonhole.sensor', 'buttonhole.manual'],
      [
        step('Hook the middle of the cord over the spur of {foot.code}. Lay both ends under the foot.', {
          after: 'foot',
        }),
        tried,
        ...underFoot,
        step('Let the beads cover the cord. Do not pull at it.'),
        finish('Pull the cord’s ends until its loop lies under the bar. Draw them through with a needle and trim.'),
      ],
      {
        targets: beads,
        ...fine,
        minutes: 15,
        inspect: [see('right', 'no cord shows; it does not stretch')],
        faults: [fault('cord-shows', 'Cord shows', ['length', 'high'])],
      },
    ),
  ],
  { when: KNIT, prepare: startsMarked, finish: cut },
)

export const buttonhole = technique(
  'buttonhole',
  'Buttonhole',
  'buttonholes',
  2,
  'a buttonhole that fits its button, alike down the whole front',
  ['one-step buttonhole', 'automatic buttonhole', 'manual buttonhole', 'memory buttonhole'],
  [sensor, lever, memory, manual, counted, stepped, zigzag, corded],
)

const handwheelFirst = 'A needle on a button shatters: by hand first, every button anew.'

export const buttonSew = technique(
  'button-sew-on',
  'Button sew-on',
  'fastenings',
  1,
  'flat buttons with two or four holes',
  ['sew a button'],
  [
    method(
      'button-foot',
      'With a button foot',
      'the foot grips the button and leaves a little shank',
      [
        stage(
          'sew',
          'Sew the button on',
          ZIGZAG_MACHINES,
          ['buttonSew', 'zigzag'],
          [
            'buttonSew',
            ['openToe', 'leaves no shank: lay a pin across the button'],
            ['freeMotion', 'leaves no shank, and the button may slide: tape it'],
            ['standard', 'leaves no shank, and the button may slide: tape it'],
          ],
          [
            start('Lay button and fabric under the foot, the holes across. Lower the foot onto the button.'),
            start('Turn the handwheel toward you by hand: into the left hole, then into the right one.', {
              caution: handwheelFirst,
              ifWrong: 'It touches the button: move the button, or set the width to the holes anew.',
            }),
            step('Sew about eight stitches, slowly.'),
            step('Lock off: the tie-off key where there is one, else width 0 and three stitches in one hole.'),
            step('Four holes: lift the foot and move the button to the other pair. The width stays.'),
            step('Draw the work out to the back and cut long tails.'),
            finish('Pull the tails between button and fabric. Wind them round the thread and knot.'),
            next('Turn the handwheel by hand through both holes of the next button first.', {
              caution: handwheelFirst,
            }),
          ],
          {
            features: { need: STANDS_STILL },
            targets: [
              set('width', worked('holeSpacing', between(2.5, 4.5, 3.5)), 'the width equals the distance of the holes'),
            ],
            needle: [needle('universal', 80, { weight: ['heavy'] })],
            threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
            maxSpeed: 400,
            minutes: 5,
            inspect: [
              see('right', 'the button sits level, with room for the other layer'),
              see('wrong', 'a small tight knot'),
            ],
            faults: [
              fault('hits', 'Needle touches the button', {
                parameter: 'width',
                text: 'measure the holes from middle to middle and set that width',
              }),
              fault('tight', 'Too tight to button', 'lay a pin across the button while you sew: it makes a shank'),
              fault('loose', 'Comes loose', 'lock it off before you cut, or knot the tails beneath'),
            ],
          },
        ),
      ],
      {
        prepare: [
          step('Measure the holes from middle to middle.', { measures: 'holeSpacing' }),
          step('Mark the place. Hold the button there with a strip of tape that tears away.'),
        ],
      },
    ),
  ],
)

export const rings = technique(
  'rings-and-bows',
  'Rings and bows',
  'fastenings',
  2,
  'curtain rings, bows and trims sewn on by machine',
  ['curtain ring', 'bow'],
  [
    method(
      'machine',
      'By the button stitch',
      'quick, and the same each time',
      [
        stage(
          'sew',
          'Sew the ring on',
          ZIGZAG_MACHINES,
          ['buttonSew', 'zigzag'],
          ['buttonSew', ['openToe', 'hold the ring yourself'], ['standard', 'tape the ring in place']],
          [
            start('Lay the ring’s edge under the middle of the foot. Lower the foot onto it.'),
            start('Turn the handwheel toward you by hand: once just outside the ring, once just inside.', {
              caution: 'Take your fingers off the ring before the motor starts.',
              ifWrong: 'It touches the ring: set the width to the ring’s thickness and 2 mm.',
            }),
            step('Sew about eight stitches, slowly.'),
            step('Lock off inside the ring: the tie-off key where there is one, else width 0 and three stitches.'),
            step('Turn the ring and sew a second point opposite, so that it lies flat.'),
            step('A bow: one point over its knot, straight through all layers.'),
          ],
          {
            features: { need: STANDS_STILL },
            targets: [
              set('width', worked('ring', between(3, 5, 4)), 'the ring’s thickness and 1 mm on each side'),
              set('needlePosition', { abs: 0 }, 'the swing is counted from the centre'),
            ],
            needle: [needle('universal', 80, { weight: ['heavy'] })],
            threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
            maxSpeed: 300,
            minutes: 4,
            inspect: [see('wrong', 'threads even, the knot inside')],
            faults: [
              fault(
                'strikes',
                'Needle strikes the ring',
                ['width', 'low'],
                'the ring is thicker than this machine swings: sew it on by hand',
              ),
            ],
          },
        ),
      ],
      {
        prepare: [
          step('Measure how thick the ring is. The width is that and 2 mm.', { measures: 'ringWire' }),
          step('Mark each place on the tape.'),
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
        SEWING_MACHINES,
        [
          'barTack',
          ['satin', 'count the length yourself'],
          ['zigzag', 'set close, count the length yourself'],
          ['straight', 'three short rows to and fro, not a covered bar'],
        ],
        ['openToe', 'satin', 'standard', 'buttonhole.sensor'],
        [
          start('Lay the tack across the strain, its beginning under the needle.'),
          HOLD_TAILS,
          step('Sew to the other end. Let a machine that ends by itself finish.'),
          next('Go back to the start of the tack before each one.'),
        ],
        {
          targets: [
            set('width', between(1.5, 3, 2), 'a narrow bar holds better than a wide one'),
            set('length', worked('beadLength', between(0.35, 0.5, 0.4)), 'close, and still fed'),
            set('length', between(1.5, 2, 1.8), 'rows to and fro, one over the other', { kind: ['straightStitch'] }),
          ],
          needle: [needle('jeans', 90, { structure: ['woven'], weight: ['heavy'] })],
          threads: [thread('needle', 'sewing-polyester', { weight: ['heavy'] })],
          minutes: 4,
          inspect: [see('right', 'square ends, no loop')],
          faults: [
            fault('jams', 'It stops on the spot', ['length', 'low'], 'a thick seam tilts the foot: level it behind'),
          ],
        },
      ),
    ]),
  ],
)
