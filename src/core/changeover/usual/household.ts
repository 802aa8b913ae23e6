/** Machines that sew a lockstitch: computerised, mechanical, straight-stitch, embroidery. */
import { parametersThat } from '../../catalogue/parameters'
import type { Kind } from '../../catalogue/types'
import { control, duty, hazard, needing, open, resetting, type Usual } from './write'

/** Places in the trade's order: needle, plate, bobbin, thread, foot, power, stitch, values, test. */
const HABIT = {
  needleHeight: 4,
  footLift: 5,
  needle: 10,
  plate: 15,
  bobbin: 20,
  thread: 30,
  ankle: 40,
  foot: 45,
  accessory: 50,
  power: 60,
  feed: 65,
  stitch: 70,
  lever: 90,
  test: 95,
}

const fitted = ['needle', 'plate', 'ankle', 'adapter', 'foot', 'accessory', 'thread:bobbin']

const controls = {
  needleHeight: control(HABIT.needleHeight, 2, ['up', 'down'], {
    up: 'Needle up, by the handwheel, toward you',
    down: 'Needle down, by the handwheel, toward you',
  }),
  footLift: control(HABIT.footLift, 1, ['up', 'down'], { up: 'Presser foot up', down: 'Presser foot down' }),
  needle: open(HABIT.needle, 45),
  plate: open(HABIT.plate, 90),
  bobbin: control(HABIT.bobbin, 60, ['full', 'low'], { full: 'Put a full bobbin in' }),
  'thread:bobbin': open(HABIT.bobbin + 1, 40),
  'thread:needle': open(HABIT.thread, 40),
  adapter: open(HABIT.ankle - 1, 60, 'none'),
  ankle: open(HABIT.ankle, 40, 'its own', 'off'),
  foot: open(HABIT.foot, 15, 'none'),
  accessory: open(HABIT.accessory, 60, 'none'),
  power: control(HABIT.power, 5, ['off', 'on'], { off: 'Switch off', on: 'Switch on' }),
  feedDogs: control(HABIT.feed, 4, ['up', 'down'], { up: 'Bring the feed dogs up', down: 'Lower the feed dogs' }),
  dualFeed: control(HABIT.feed + 1, 4, ['off', 'engaged'], {
    off: 'Swing the built-in dual feed out of the way',
    engaged: 'Engage the built-in dual feed',
  }),
  stitch: open(HABIT.stitch, 6),
  buttonholeLever: control(HABIT.lever, 3, ['up', 'down and back'], {
    up: 'Push the buttonhole lever up',
    'down and back': 'Pull the buttonhole lever down and push it back',
  }),
  buttonholeStep: control(HABIT.lever - 1, 3, ['off', '1', '2', '3', '4', '5', '6'], {
    off: 'Turn the buttonhole dial back from its numbers',
  }),
  handwheel: control(HABIT.test, 8, ['turned'], {
    turned:
      'Foot off the pedal. Turn the handwheel toward you by hand through one full stitch: the needle must touch ' +
      'neither foot nor plate',
  }),
}

const normal = {
  power: 'on',
  adapter: 'none',
  ankle: 'its own',
  accessory: 'none',
  feedDogs: 'up',
  dualFeed: 'off',
  buttonholeLever: 'up',
  buttonholeStep: 'off',
  handwheel: 'turned',
}

const only = {
  feedDogs: ['feedDogsDown'],
  dualFeed: ['dualFeed'],
  buttonholeLever: ['buttonSensor'],
  buttonholeStep: ['buttonholeDial'],
}

const fitting = [
  ...needing({ power: ['off'] }, 'a foot on the pedal would drive the needle', ...fitted),
  ...needing(
    { needleHeight: ['up'] },
    'the needle stands in the way',
    'plate',
    'ankle',
    'adapter',
    'foot',
    'accessory',
  ),
  ...needing({ needleHeight: ['up'] }, 'the clamp is reached with the needle up', 'needle'),
  ...needing(
    { footLift: ['up'] },
    'the foot presses on what is to come off',
    'plate',
    'ankle',
    'adapter',
    'foot',
    'accessory',
  ),
  ...needing({ footLift: ['up'] }, 'the tension discs open only with the foot up', 'thread:needle'),
  ...needing({ foot: ['none'] }, 'the foot comes off before what carries it', 'ankle', 'adapter'),
  ...needing({ ankle: ['off'] }, 'the adapter goes where the ankle was', 'adapter'),
  duty({ control: 'needle' }, 'Tighten the clamp screw, or it shakes loose'),
  duty({ control: 'adapter' }, 'Tighten its screw with a driver, not by finger'),
  duty({ control: 'ankle', to: 'its own' }, 'Tighten its screw with a driver'),
  duty(
    { control: 'buttonholeLever', to: 'down and back' },
    'After each buttonhole put the lever up, and down again for the next',
  ),
  hazard({ control: 'power', to: 'off' }, 'Off whenever a foot, needle or needle plate is changed.'),
  hazard({ control: 'needle' }, 'Hold the needle by its shank; the old one goes into the needle box.'),
  hazard({ control: 'plate' }, 'Keep fingers and screws out of the opening.'),
]

const NEEDLE_MOVING = parametersThat(({ movesNeedle }) => movesNeedle)

/** What must be looked at by hand before the machine runs again. */
const tested = ['needle', 'plate', 'ankle', 'adapter', 'foot', 'accessory', 'stitch', ...NEEDLE_MOVING]
const byHand = tested.map((id) =>
  resetting(`turn-after-${id.replace(/([A-Z])/g, '-$1').toLowerCase()}`, { control: id }, { handwheel: 'due' }),
)

const computerised: Usual = {
  controls,
  normal: { ...normal, stitch: 'as switched on' },
  only,
  rules: [
    ...fitting,
    ...needing({ power: ['on'] }, 'its panel is dark', 'stitch', ...parametersThat(({ onPanel }) => onPanel)),
    resetting('off-forgets', { control: 'power', to: 'off' }, { stitch: 'as switched on' }),
    resetting('off-forgets-values', { control: 'power', to: 'off' }, 'stitchDefaults'),
    resetting('stitch-gives', { control: 'stitch' }, 'stitchDefaults'),
    ...byHand,
  ],
}

/** Where values are set by hand they stay; the handwheel is turned before switching on. */
const mechanical: Usual = {
  controls: { ...controls, power: { ...controls.power, habit: HABIT.test + 1 } },
  normal,
  only,
  rules: [
    ...fitting,
    ...needing(
      { needleHeight: ['up'] },
      'a dial turned with the needle in the fabric bends it',
      'stitch',
      ...NEEDLE_MOVING,
      'buttonholeStep',
    ),
    ...needing({ handwheel: ['turned'] }, 'first by hand: the needle must touch nothing', 'power').map((rule) =>
      'needs' in rule ? { ...rule, for: { control: 'power', to: 'on' } } : rule,
    ),
    ...byHand,
  ],
}

export const household: Partial<Record<Kind, Usual>> = {
  computerised,
  mechanical,
  straightStitch: mechanical,
  embroidery: computerised,
}
