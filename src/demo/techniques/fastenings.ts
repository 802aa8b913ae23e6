import {
  between,
  fault,
  finish,
  method,
  needle,
  next,
  see,
  set,
  stage,
  start,
  step,
  technique,
  thread,
  worked,
} from './write'
import { SEWING_MACHINES, ZIGZAG_MACHINES, STANDS_STILL, HOLD_TAILS } from './words'

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
