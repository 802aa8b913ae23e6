/** Machines that sew a lockstitch: computerised, mechanical, straight-stitch, embroidery. */
import { parametersThat } from '../../catalogue/parameters'
import type { Kind } from '../../catalogue/types'
import { usual } from './texts'
import { control, duty, hazard, needing, onlyToRun, open, resetting, turnAgainAfter, type Usual } from './write'

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
    up: usual('needleUp'),
    down: usual('needleDown'),
  }),
  footLift: control(HABIT.footLift, 1, ['up', 'down'], { up: usual('footUp'), down: usual('footDown') }),
  needle: open(HABIT.needle, 45),
  plate: open(HABIT.plate, 90),
  bobbin: control(HABIT.bobbin, 60, ['full', 'low'], { full: usual('bobbinFull') }),
  'thread:bobbin': open(HABIT.bobbin + 1, 40),
  'thread:needle': open(HABIT.thread, 40),
  adapter: open(HABIT.ankle - 1, 60, 'none'),
  ankle: open(HABIT.ankle, 40, 'own', 'off'),
  foot: open(HABIT.foot, 15, 'none'),
  accessory: open(HABIT.accessory, 60, 'none'),
  power: control(HABIT.power, 5, ['off', 'on'], { off: usual('switchOff'), on: usual('switchOn') }),
  feedDogs: control(HABIT.feed, 4, ['up', 'down'], { up: usual('feedDogsUp'), down: usual('feedDogsDown') }),
  dualFeed: control(HABIT.feed + 1, 4, ['off', 'engaged'], {
    off: usual('dualFeedOff'),
    engaged: usual('dualFeedEngaged'),
  }),
  stitch: open(HABIT.stitch, 6),
  buttonholeLever: control(HABIT.lever, 3, ['up', 'downAndBack'], {
    up: usual('leverUp'),
    downAndBack: usual('leverDownAndBack'),
  }),
  buttonholeStep: control(HABIT.lever - 1, 3, ['off', '1', '2', '3', '4', '5', '6'], {
    off: usual('stepDialBack'),
  }),
  handwheel: control(HABIT.test, 8, ['turned'], {
    turned: usual('turnHandwheel'),
  }),
}

const normal = {
  power: 'on',
  adapter: 'none',
  ankle: 'own',
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
  buttonholeLever: ['buttonSensor', 'buttonholeLever'],
  buttonholeStep: ['buttonholeDial'],
}

const fitting = [
  ...needing({ power: ['off'] }, usual('pedalWouldDrive'), ...fitted),
  ...needing({ needleHeight: ['up'] }, usual('needleInTheWay'), 'plate', 'ankle', 'adapter', 'foot', 'accessory'),
  ...needing({ needleHeight: ['up'] }, usual('clampWithNeedleUp'), 'needle'),
  ...needing({ power: ['off'] }, usual('pedalWouldDrive'), 'thread:needle'),
  ...needing({ power: ['off'] }, usual('hookTurns'), 'bobbin'),
  ...needing({ needleHeight: ['up'] }, usual('needleInTheWay'), 'bobbin', 'thread:bobbin'),
  ...needing({ footLift: ['up'] }, usual('footPresses'), 'plate', 'ankle', 'adapter', 'foot', 'accessory'),
  ...needing({ footLift: ['up'] }, usual('discsOpenWithFootUp'), 'thread:needle'),
  ...needing({ needleHeight: ['up'] }, usual('threadedWithNeedleUp'), 'thread:needle'),
  ...needing({ foot: ['none'] }, usual('footBeforeCarrier'), 'ankle', 'adapter'),
  ...needing({ buttonholeLever: ['up'] }, usual('leverBeforeFoot'), 'foot'),
  ...needing({ ankle: ['off'] }, usual('adapterWhereAnkleWas'), 'adapter'),
  duty({ control: 'needle' }, usual('tightenClamp')),
  duty({ control: 'adapter' }, usual('tightenAdapter')),
  duty({ control: 'ankle', to: 'own' }, usual('tightenAnkle')),
  duty({ control: 'buttonholeLever', to: 'downAndBack' }, usual('leverAgain')),
  duty({ control: 'feedDogs', to: 'up' }, usual('feedDogsRise')),
  hazard({ control: 'power', to: 'off' }, usual('offForFootNeedlePlate')),
  hazard({ control: 'needle' }, usual('holdNeedleByShank')),
  hazard({ control: 'plate' }, usual('keepOutOfOpening')),
]

const NEEDLE_MOVING = parametersThat(({ movesNeedle }) => movesNeedle)

/** What must be looked at by hand before the machine runs again. */
const tested = ['needle', 'plate', 'ankle', 'adapter', 'foot', 'accessory', 'stitch', ...NEEDLE_MOVING]
const byHand = tested.map(turnAgainAfter)

const computerised: Usual = {
  controls,
  normal: { ...normal, stitch: 'switchedOn' },
  only,
  rules: [
    ...fitting,
    ...needing({ power: ['on'] }, usual('panelIsDark'), 'stitch', ...parametersThat(({ onPanel }) => onPanel)),
    resetting('off-forgets', { control: 'power', to: 'off' }, { stitch: 'switchedOn' }),
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
    ...needing({ needleHeight: ['up'] }, usual('dialBendsNeedle'), 'stitch', ...NEEDLE_MOVING, 'buttonholeStep'),
    ...onlyToRun({ handwheel: ['turned'] }, usual('firstByHand')),
    ...byHand,
  ],
}

export const household: Partial<Record<Kind, Usual>> = {
  computerised,
  mechanical,
  straightStitch: mechanical,
  embroidery: computerised,
}
