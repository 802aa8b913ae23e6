/** Overlockers, cover-stitch machines, and both in one. */
import type { Kind } from '../../catalogue/types'
import { ANY } from '../positions'
import { usual } from './texts'
import { control, duty, hazard, needing, onlyToRun, open, resetting, type Usual } from './write'

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
  stitch: 70,
  coverShut: 93,
  test: 95,
  power: 96,
}
const BLADES = usual('bladesByLevers')
const THREADED = [
  'thread:needle',
  'thread:lowerLooper',
  'thread:upperLooper',
  'thread:chainLooper',
  'thread:coverLooper',
]
const LOOPERS = THREADED.slice(1)

const needleIn = () =>
  control(HABIT.needles, 30, ['in', 'out'], { in: usual('fitThisNeedle'), out: usual('takeThisNeedleOut') })

const shared = {
  needleHeight: control(HABIT.needleHeight, 2, ['up', 'down'], {
    up: usual('needlesUp'),
    down: usual('needlesDown'),
  }),
  footLift: control(HABIT.footLift, 1, ['up', 'down'], { up: usual('footUp'), down: usual('footDown') }),
  needle: open(HABIT.needle, 45),
  plate: open(HABIT.needles + 5, 90),
  foot: open(HABIT.foot, 15, 'none'),
  accessory: open(HABIT.foot + 1, 60, 'none'),
  power: control(HABIT.power, 5, ['off', 'on'], { off: usual('switchOff'), on: usual('switchOn') }),
  stitch: open(HABIT.stitch, 4),
  ...Object.fromEntries(LOOPERS.map((id, i) => [id, control(HABIT.loopers + i / 10, 60, [ANY, 'out'])])),
  'thread:needle': open(HABIT.threads, 40, 'out'),
  looperCover: control(HABIT.coverShut, 3, ['shut', 'open'], {
    shut: usual('coverShut'),
    open: usual('coverOpen'),
  }),
  handwheel: control(HABIT.test, 8, ['turned'], { turned: usual('turnThroughOneStitch') }),
}

const normal = { power: 'on', accessory: 'none', looperCover: 'shut', handwheel: 'turned' }

const common = [
  ...needing({ power: ['off'] }, usual('handsAtLoopers'), 'needle', 'plate', 'foot', 'accessory', ...THREADED),
  ...needing({ needleHeight: ['up'] }, usual('clampWithNeedlesUp'), 'needle'),
  ...needing({ needleHeight: ['up'] }, usual('needlesInTheWay'), 'plate', 'foot', 'accessory'),
  ...needing({ footLift: ['up'] }, usual('discsOpenWithFootUp'), ...THREADED),
  ...needing({ needleHeight: ['up'] }, usual('threadedWithNeedleUp'), 'thread:needle'),
  ...needing({ 'thread:needle': ['out'] }, usual('loopersFirst'), ...LOOPERS),
  hazard({ control: 'power', to: 'off' }, usual('offForNeedlesLoopersKnives')),
  duty({ control: 'needle' }, usual('tightenClamp')),
  resetting('needle-unthreads', { control: 'needle' }, { 'thread:needle': 'out' }),
  ...needing({ looperCover: ['open'] }, usual('loopersBehindCover'), ...LOOPERS, 'upperLooper'),
  ...needing({ power: ['off'] }, usual('loopersMoveBehindCover'), 'looperCover'),
  ...onlyToRun({ looperCover: ['shut'] }, usual('fingersAtLoopers')),
  ...onlyToRun({ handwheel: ['turned'] }, usual('firstByHand')),
  // Whenever hands were at it.
  resetting('turn-after-off', { control: 'power', to: 'off' }, { handwheel: 'due' }),
]

const needlesOf = (...ids: string[]) => ({
  controls: Object.fromEntries(ids.map((id) => [id, needleIn()])),
  normal: Object.fromEntries(ids.map((id) => [id, 'in'])),
  rules: [
    ...needing({ power: ['off'] }, usual('handsAtNeedles'), ...ids),
    ...needing({ needleHeight: ['up'] }, usual('clampWithNeedlesUp'), ...ids),
    ...ids.flatMap((id) => [
      duty({ control: id, to: 'out' }, usual('tightenItsClamp')),
      duty({ control: id, to: 'in' }, usual('tightenItsClampThreadLast')),
    ]),
  ],
})

const toConvert = (needs: Record<string, string[]>, because: string) =>
  needing(needs, because, 'upperLooper').map((rule) =>
    'needs' in rule ? { ...rule, for: { ...rule.for, to: 'twoThreadConverter' } } : rule,
  )

const knives = {
  controls: {
    stitchFinger: control(HABIT.finger, 6, ['on', 'off'], {
      on: usual('fingerOn'),
      off: usual('fingerOff'),
    }),
    upperKnife: control(HABIT.knives, 5, ['engaged', 'disengaged'], {
      engaged: usual('upperKnifeEngaged'),
      disengaged: usual('upperKnifeDisengaged'),
    }),
    lowerKnife: control(HABIT.knives, 5, ['forward', 'retracted'], {
      forward: usual('lowerKnifeForward'),
      retracted: usual('lowerKnifeRetracted'),
    }),
    hemSelector: control(HABIT.selector, 3, ['standard', 'rolled'], {
      standard: usual('hemStandard'),
      rolled: usual('hemRolled'),
    }),
    upperLooper: control(HABIT.converter, 15, ['in', 'twoThreadConverter'], {
      in: usual('converterOff'),
      twoThreadConverter: usual('converterOn'),
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
    ...needing({ power: ['off'] }, usual('handsAtBlades'), 'stitchFinger', 'upperKnife', 'lowerKnife', 'upperLooper'),
    ...needing({ lowerKnife: ['retracted'] }, usual('lowerKnifeInFront'), 'stitchFinger'),
    ...needing({ upperLooper: ['in'] }, usual('converterClosesEye'), 'thread:upperLooper'),
    ...toConvert({ 'thread:upperLooper': ['out'] }, usual('converterClosesEye')),
    ...needing({ upperKnife: ['disengaged'] }, usual('upperKnifeOver'), 'lowerKnife'),
    hazard({ control: 'upperKnife' }, BLADES),
    hazard({ control: 'lowerKnife' }, BLADES),
  ],
}

const overlockNeedles = needlesOf('leftNeedle', 'rightNeedle')
const coverNeedles = needlesOf('leftCover', 'middleCover', 'rightCover')

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
      overlock: usual('modeOverlock'),
      cover: usual('modeCover'),
    }),
    table: control(HABIT.selector + 2, 20, ['overlockTable', 'coverTable'], {
      overlockTable: usual('overlockTable'),
      coverTable: usual('coverTable'),
    }),
  },
  normal: {
    ...normal,
    ...overlockNeedles.normal,
    leftCover: 'out',
    middleCover: 'out',
    rightCover: 'out',
    'thread:chainLooper': 'out',
    ...knives.normal,
    mode: 'overlock',
    table: 'overlockTable',
  },
  only: knives.only,
  rules: [
    ...common,
    ...overlockNeedles.rules,
    ...coverNeedles.rules,
    ...knives.rules,
    ...needing({ power: ['off'] }, usual('loopersMove'), 'mode', 'table'),
    ...needing({ needleHeight: ['up'] }, usual('needlesBetweenLoopers'), 'mode'),
    ...needing({ looperCover: ['open'] }, usual('loopersBehindCover'), 'mode'),
    ...needing({ upperKnife: ['disengaged'] }, usual('tableWhereKnifeWorks'), 'table'),
    duty({ control: 'mode' }, usual('listenForClick')),
  ],
}

export const overlockers: Partial<Record<Kind, Usual>> = { overlocker, coverstitch, overlockCover }
