/** Thick thread in the bobbin, and circles on a pivot. */
import type { Stage, Step } from '#core/catalogue/types'
import { closed, endsBack, onTop } from './decorating'
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
import { SEWING_MACHINES, ZIGZAG_MACHINES, HOLD_TAILS } from './words'

// ── bobbin work ───────────────────────────────────────────────────────────────────────────────────────────────
const wound: Step[] = [
  prepare('Draw the pattern on the stabiliser, mirrored. Lay it on the wrong side of the fabric.'),
  prepare('Wind the thick thread slowly, or by hand, until the bobbin is two thirds full.', {
    caution: 'No thread cutter from here on: it jams on thick thread.',
  }),
]
const thickEnds = finish('Draw all thick ends to one side with a large needle. Knot and bury them on the wrong side.')
const alarmOn = finish('Switch the bobbin alarm on again, where you switched it off.', {
  when: { kind: ['computerised'] },
})
const labelled = finish('Write stitch, the machine’s own values and yours on the sample.')

const upsideDown: Step[] = [
  ready('Switch the bobbin alarm off, where the machine has one: it does not know this thread.', {
    when: { kind: ['computerised'] },
  }),
  start('Wrong side up: what lies underneath becomes the right side.'),
  start('Bring the thick end up: one stitch by the handwheel, then pull the loop out. Do so at every start.'),
  start('Lower the foot. Hold the thick end to one side.'),
]
const perStitch: Step[] = [
  next('Another stitch: set tension and length again.', {
    when: { kind: ['computerised'], withoutFeature: ['defaultTensionOffset:1', 'defaultTensionOffset:2'] },
  }),
  next('Another stitch: set the length again. The tension offset stays.', {
    when: { feature: ['defaultTensionOffset:2'] },
  }),
]
const bobbinRest: Partial<Stage> = {
  threads: [thread('bobbin', 'perle-8'), thread('needle', 'sewing-polyester')],
  needle: [needle('topstitch', 90)],
  maxSpeed: 400,
  minutes: 25,
  inspect: [see('right', 'the cord lies smooth, without loops: this side lay underneath')],
  faults: [
    fault('loops', 'Cord loops', ['tension', 'low'], {
      control: 'accessory',
      text: 'where the thread runs under a spring: that spring a little tighter',
    }),
    fault('bunches', 'Cord bunches', ['length', 'low']),
    fault('draws-in', 'Cord is drawn into the fabric', ['tension', 'high']),
  ],
}
const holdsUp = set('tension', { numbers: 2 }, 'the top thread holds the cord up')
const open = set('length', between(3, 4.5, 3.5), 'open: the cord must lie, not bunch')
const LINES = ['straight', 'zigzag', 'serpentine']
const OPEN_FEET = ['openToe', 'satin', ['standard', 'a flat sole may catch the cord'] as [string, string]]

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
      'Lines, with a loose bobbin case',
      'the thick thread runs freely; the everyday case stays as it is',
      [
        stage(
          'draw',
          'Sew upside down on the drawn line',
          SEWING_MACHINES,
          LINES,
          OPEN_FEET,
          [
            step('Put the bobbin into {accessory.code} and draw the thread under its spring.', {
              before: 'accessory',
              check: 'it pulls as easily as a ribbon; if not, leave it out of the spring',
            }),
            ...upsideDown,
            step('Sew slowly along the line.'),
            ...perStitch,
          ],
          {
            accessories: ['bobbinCase.loose'],
            stitchMust: { avoid: ['triple', 'dense'] },
            targets: [holdsUp, open],
            ...bobbinRest,
          },
        ),
      ],
      { prepare: wound, finish: [thickEnds, alarmOn, labelled] },
    ),
    method(
      'motifs',
      'Motifs, with a loose bobbin case',
      'open motifs, lengthened; dense and triple ones are not for this',
      [
        stage(
          'draw',
          'Sew the motifs upside down',
          ZIGZAG_MACHINES,
          ['decorative'],
          OPEN_FEET,
          [
            step('Put the bobbin into {accessory.code} and draw the thread under its spring.', {
              before: 'accessory',
              check: 'it pulls as easily as a ribbon; if not, leave it out of the spring',
            }),
            ...upsideDown,
            start('Begin each motif at the start of the pattern.'),
            step('Sew slowly. Finish the motif before you stop.'),
            ...perStitch,
          ],
          {
            accessories: ['bobbinCase.loose'],
            stitchMust: { avoid: ['triple', 'dense'] },
            targets: [holdsUp, set('length', { times: 1.5 }, 'half as long again: the cord must lie, not bunch')],
            ...bobbinRest,
          },
        ),
      ],
      { prepare: wound, finish: [thickEnds, alarmOn, labelled] },
    ),
    method(
      'spring-out',
      'Lines, the everyday case without its spring',
      'nothing to buy; the cord runs without any tension',
      [
        stage(
          'draw',
          'Sew upside down on the drawn line',
          SEWING_MACHINES,
          LINES.map((name): [string, string] => [name, 'no tension on the cord: it lies less even']),
          OPEN_FEET,
          [
            step('Leave the thread out of the case’s tension spring: straight up through the opening.', {
              after: 'thread:bobbin',
            }),
            ...upsideDown,
            step('Sew slowly along the line.'),
            ...perStitch,
          ],
          { stitchMust: { avoid: ['triple', 'dense'] }, targets: [holdsUp, open], ...bobbinRest },
        ),
      ],
      { prepare: wound, finish: [thickEnds, alarmOn, labelled] },
    ),
  ],
)

// ── circles ───────────────────────────────────────────────────────────────────────────────────────────────────
const onPin = ready('Take the cap off the pin. Press the marked centre onto the pin and put the cap on again.', {
  caution: 'The pin is sharp: its cap stays on but for this.',
})
const slideSet = step('Set the slide to {radius|your radius} and lock it.', { after: 'accessory' })
const sameHole = ready('Press the same hole onto the pin again: cap off, fabric on, cap on.', {
  check: 'the hole has not worn: a worn one shifts the ring',
  caution: 'The pin is sharp: its cap stays on but for this.',
})
const flat = step('Hold the fabric flat with both hands. Let it turn by itself, never push.')
const around = ['satin', 'openToe', ['standard', 'a flat sole drags on the bead'] as [string, string]]

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
      'round and round on the pin, the same hole for every stage',
      [
        stage(
          'base',
          'Base line',
          ZIGZAG_MACHINES,
          ['straight'],
          ['openToe', 'satin', 'standard'],
          [
            slideSet,
            onPin,
            HOLD_TAILS,
            flat,
            step('Sew over the start by three stitches.'),
            finish('Take the fabric off the pin. Trim what is to go, close outside the line.'),
          ],
          {
            accessories: ['circular'],
            targets: [
              set('length', between(2, 2.5, 2.2), 'an even round'),
              set('needlePosition', { abs: 0 }, 'the radius is measured to the centre'),
            ],
            maxSpeed: 500,
            minutes: 8,
            inspect: [see('end', 'the end meets the start')],
            faults: [fault('spiral', 'End misses the start', 'the fabric was pushed: let it turn by itself')],
          },
        ),
        stage(
          'satin',
          'Satin over the line',
          ZIGZAG_MACHINES,
          ['satin'],
          around,
          [slideSet, sameHole, HOLD_TAILS, flat, step('Sew over the start by three stitches and lock off.')],
          {
            accessories: ['circular'],
            ...onTop,
            targets: [set('width', between(3, 5, 4), 'covers the line'), ...closed],
            maxSpeed: 400,
            minutes: 10,
            inspect: [see('right', 'closed inside and outside')],
            faults: [fault('packs', 'Packs on the inside', ['length', 'low'], 'a larger radius', ['width', 'high'])],
          },
        ),
        stage(
          'outline',
          'Outline',
          ZIGZAG_MACHINES,
          ['straight.triple', 'straight'],
          ['openToe', 'satin'],
          [slideSet, sameHole, HOLD_TAILS, flat, step('Sew over the start by three stitches and lock off.')],
          {
            accessories: ['circular'],
            ...onTop,
            targets: [
              set('needlePosition', { abs: 3 }, 'a ring just outside the satin'),
              set('length', between(2.2, 3, 2.5), 'an even round'),
            ],
            minutes: 8,
            inspect: [see('right', 'the same distance all around')],
            faults: [fault('uneven', 'Distance changes', 'the hole has worn: back it with a scrap of stabiliser')],
          },
        ),
      ],
      {
        prepare: [
          prepare('Lay stabiliser beneath the whole circle. Mark its centre.'),
          prepare('Wind a full bobbin: the attachment will cover it.', {
            check: 'it holds thread for all stages: the workbench works it out',
          }),
        ],
        finish: [endsBack],
      },
    ),
  ],
)
