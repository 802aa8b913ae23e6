/** Overlockers, cover-stitch machines, and both in one. */
import type { Kind } from '../../catalogue/types'
import { control, duty, hazard, needing, open, resetting, type Usual } from './write'

const HABIT = {
  needleHeight: 4,
  footLift: 5,
  needle: 8,
  needles: 10,
  finger: 25,
  knives: 30,
  selector: 40,
  converter: 42,
  foot: 45,
  loopers: 50,
  threads: 52,
  power: 60,
  stitch: 70,
}
const BLADES = 'Blades: move them by their levers, never by the edge.'
const THREADED = [
  'thread:needle',
  'thread:lowerLooper',
  'thread:upperLooper',
  'thread:chainLooper',
  'thread:coverLooper',
]
const LOOPERS = THREADED.slice(1)

const needleIn = (which: string) =>
  control(HABIT.needles, 30, ['in', 'out'], {
    in: `Fit the ${which} needle, fully up`,
    out: `Take the ${which} needle out, its thread too`,
  })

const shared = {
  needleHeight: control(HABIT.needleHeight, 2, ['up', 'down'], {
    up: 'Needles up, by the handwheel',
    down: 'Needles down, by the handwheel',
  }),
  footLift: control(HABIT.footLift, 1, ['up', 'down'], { up: 'Presser foot up', down: 'Presser foot down' }),
  needle: open(HABIT.needle, 45),
  plate: open(HABIT.needles + 5, 90),
  foot: open(HABIT.foot, 15, 'none'),
  accessory: open(HABIT.foot + 1, 60, 'none'),
  power: control(HABIT.power, 5, ['off', 'on'], { off: 'Switch off', on: 'Switch on' }),
  stitch: open(HABIT.stitch, 4),
  ...Object.fromEntries(LOOPERS.map((id, i) => [id, open(HABIT.loopers + i / 10, 60)])),
  'thread:needle': open(HABIT.threads, 40, 'out'),
}

const normal = { power: 'on', accessory: 'none' }

const common = [
  ...needing(
    { power: ['off'] },
    'hands are at needles and loopers',
    'needle',
    'plate',
    'foot',
    'accessory',
    ...THREADED,
  ),
  ...needing({ needleHeight: ['up'] }, 'the clamp is reached with the needles up', 'needle'),
  ...needing({ needleHeight: ['up'] }, 'the needles stand in the way', 'plate', 'foot', 'accessory'),
  ...needing({ footLift: ['up'] }, 'the tension discs open only with the foot up', ...THREADED),
  ...needing({ 'thread:needle': ['out'] }, 'loopers first, needles last, or the threads catch below', ...LOOPERS),
  hazard({ control: 'power', to: 'off' }, 'Off whenever hands are at needles, loopers or knives.'),
  duty({ control: 'needle' }, 'Tighten the clamp screw, or it shakes loose'),
  duty(
    { control: 'power', to: 'on' },
    'Foot off the pedal. Turn the handwheel toward you by hand through one full stitch',
  ),
  resetting('needle-unthreads', { control: 'needle' }, { 'thread:needle': 'out' }),
]

const needlesOf = (ids: Record<string, string>) => ({
  controls: Object.fromEntries(Object.entries(ids).map(([id, word]) => [id, needleIn(word)])),
  normal: Object.fromEntries(Object.keys(ids).map((id) => [id, 'in'])),
  rules: [
    ...needing({ power: ['off'] }, 'hands are at the needles', ...Object.keys(ids)),
    ...needing({ needleHeight: ['up'] }, 'the clamp is reached with the needles up', ...Object.keys(ids)),
    ...Object.entries(ids).flatMap(([id]) => [
      duty({ control: id, to: 'out' }, 'Tighten its clamp screw, or it shakes loose'),
      duty({ control: id, to: 'in' }, 'Tighten its clamp screw; thread it last'),
    ]),
  ],
})

const knives = {
  controls: {
    stitchFinger: control(HABIT.finger, 6, ['on', 'off'], {
      on: 'Bring the stitch finger back on',
      off: 'Slide the stitch finger off',
    }),
    upperKnife: control(HABIT.knives, 5, ['engaged', 'disengaged'], {
      engaged: 'Engage the upper knife',
      disengaged: 'Disengage the upper knife',
    }),
    lowerKnife: control(HABIT.knives, 5, ['forward', 'retracted'], {
      forward: 'Bring the lower knife forward',
      retracted: 'Retract the lower knife',
    }),
    hemSelector: control(HABIT.selector, 3, ['standard', 'rolled'], {
      standard: 'Turn the hem selector to standard',
      rolled: 'Turn the hem selector to rolled',
    }),
    upperLooper: control(HABIT.converter, 15, ['in', 'two-thread converter on'], {
      in: 'Take the two-thread converter off the upper looper',
      'two-thread converter on': 'Put the two-thread converter on the upper looper',
    }),
  },
  normal: {
    stitchFinger: 'on',
    upperKnife: 'engaged',
    lowerKnife: 'forward',
    hemSelector: 'standard',
    upperLooper: 'in',
  },
  only: {
    stitchFinger: ['stitchFinger:lever'],
    upperKnife: ['upperKnife'],
    lowerKnife: ['lowerKnife:retracts'],
    hemSelector: ['hemSelector'],
    upperLooper: ['twoThreadConverter'],
  },
  rules: [
    ...needing(
      { power: ['off'] },
      'hands are at the blades',
      'stitchFinger',
      'upperKnife',
      'lowerKnife',
      'upperLooper',
    ),
    ...needing({ lowerKnife: ['retracted'] }, 'the lower knife stands in front of it', 'stitchFinger'),
    ...needing({ upperKnife: ['disengaged'] }, 'the upper knife lies over it', 'lowerKnife'),
    hazard({ control: 'upperKnife' }, BLADES),
    hazard({ control: 'lowerKnife' }, BLADES),
  ],
}

const overlockNeedles = needlesOf({ leftNeedle: 'left', rightNeedle: 'right' })
const coverNeedles = needlesOf({ leftCover: 'left cover', middleCover: 'middle cover', rightCover: 'right cover' })

const overlocker: Usual = {
  controls: { ...shared, ...overlockNeedles.controls, ...knives.controls },
  normal: { ...normal, ...overlockNeedles.normal, ...knives.normal },
  only: knives.only,
  rules: [...common, ...overlockNeedles.rules, ...knives.rules],
}

const coverstitch: Usual = {
  controls: { ...shared, ...coverNeedles.controls },
  normal: { ...normal, ...coverNeedles.normal },
  only: {},
  rules: [...common, ...coverNeedles.rules],
}

/** Its mode turns only with the power off and the needles up; the table takes the knife's place in cover mode. */
const overlockCover: Usual = {
  controls: {
    ...shared,
    ...overlockNeedles.controls,
    ...coverNeedles.controls,
    ...knives.controls,
    mode: control(HABIT.selector + 1, 10, ['overlock', 'cover'], {
      overlock: 'Turn the mode selector to overlock',
      cover: 'Turn the mode selector to cover',
    }),
    table: control(HABIT.selector + 2, 20, ['overlock table', 'cover table'], {
      'overlock table': 'Put the overlock table back on',
      'cover table': 'Put the cover table on in its place',
    }),
  },
  normal: {
    ...normal,
    ...overlockNeedles.normal,
    leftCover: 'out',
    middleCover: 'out',
    rightCover: 'out',
    ...knives.normal,
    mode: 'overlock',
    table: 'overlock table',
  },
  only: knives.only,
  rules: [
    ...common,
    ...overlockNeedles.rules,
    ...coverNeedles.rules,
    ...knives.rules,
    ...needing({ power: ['off'] }, 'loopers move when it is turned', 'mode', 'table'),
    ...needing({ needleHeight: ['up'] }, 'the needles stand between the loopers', 'mode'),
    ...needing({ upperKnife: ['disengaged'] }, 'the table goes where the upper knife works', 'table'),
    duty({ control: 'mode' }, 'Listen for its click; by hand, turn the handwheel a little if it does not come'),
  ],
}

export const overlockers: Partial<Record<Kind, Usual>> = { overlocker, coverstitch, overlockCover }
