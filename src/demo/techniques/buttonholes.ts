/** The buttonhole, by what machine, foot and button allow. */
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
import { ZIGZAG_MACHINES, KNIT, HOLD_TAILS } from './words'

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
  HOLD_TAILS,
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
        start('Lay one end under the middle of the foot and lower it: the swing covers both beads.'),
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
