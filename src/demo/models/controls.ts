/** How the demo's machines are handled: where things sit, what normal sewing is, what a model does its own way. */
import type {
  ControlPlace,
  ControlRule,
  ControlShape,
  Controls,
  MachineView,
  Model,
  Positions,
} from '#core/catalogue/types'
import { controlsOf } from '#core/changeover/machine'
import { items } from '../items'

/** The cover needles that a cover stitch sews with. */
const COVER_NEEDLES: Record<string, Positions> = {
  'cover2.wide': { leftCover: 'in', middleCover: 'out', rightCover: 'in' },
  'cover2.narrow': { leftCover: 'in', middleCover: 'in', rightCover: 'out' },
  cover3: { leftCover: 'in', middleCover: 'in', rightCover: 'in' },
  chain: { leftCover: 'out', middleCover: 'in', rightCover: 'out' },
}

interface Handled {
  /** Words for where a control sits. */
  where: Record<string, string>
  /** Where the same is in the outline, where it is not at its usual place. */
  at?: Record<string, ControlPlace>
  normal?: Positions
  more?: Controls['controls']
  rules?: ControlRule[]
}

const place = (view: MachineView, x: number, y: number, shape: ControlShape): ControlPlace => ({ view, x, y, shape })

const larkfen: Handled = {
  at: {
    stitch: place('front', 0.85, 0.26, 'key'),
    width: place('front', 0.85, 0.42, 'key'),
    length: place('front', 0.85, 0.54, 'key'),
    tension: place('front', 0.68, 0.3, 'screen'),
  },
  where: {
    power: 'right side, low',
    needleHeight: 'on the right',
    footLift: 'lever behind the needle',
    buttonholeLever: 'left of the needle, in the head, pulled straight down',
    feedDogs: 'slide at the back of the free arm',
    pressure: 'wheel inside the left cover',
    stitch: 'keys right of the screen',
    width: 'upper pair of keys',
    length: 'lower pair of keys',
    tension: 'on the screen, second page',
  },
  normal: { pressure: '3' },
}

/** A locked needle stands still: needle, thread and foot are changed without switching off; nothing else is. */
const LOCK_RULES = (moved: string[]): ControlRule[] =>
  moved.map((id) => ({
    id: `${id.replace(':', '-')}-power-off`,
    needs: { power: ['off', 'lock'] },
    for: { control: id },
    because: 'a foot on the pedal would drive the needle; locked, it stands still',
  }))
const lock = {
  more: {
    power: {
      positions: ['off', 'lock', 'on'],
      seconds: 5,
      habit: 60,
      say: { lock: 'Press the lock key: needle and pedal stand still' },
    },
  },
  rules: LOCK_RULES(['needle', 'ankle', 'foot', 'thread:needle']),
} satisfies Partial<Handled>

const ostrel: Handled = {
  at: {
    power: place('right', 0.36, 0.24, 'key'),
    buttonholeLever: place('needle', 0.3, 0.24, 'lever'),
    stitch: place('front', 0.76, 0.24, 'screen'),
    needlePosition: place('front', 0.76, 0.24, 'screen'),
    pressure: place('front', 0.76, 0.24, 'screen'),
    feedDogs: place('front', 0.76, 0.24, 'screen'),
    width: place('front', 0.68, 0.56, 'knob'),
    length: place('front', 0.84, 0.56, 'knob'),
  },
  where: {
    power: 'right side, behind the handwheel',
    needleHeight: 'on the right',
    footLift: 'lever behind the needle, or the knee lever',
    buttonholeLever: 'behind the threader, swings out and down',
    dualFeed: 'arm behind the foot',
    pressure: 'on the screen',
    width: 'left knob',
    length: 'right knob',
  },
  normal: { pressure: '5' },
  more: {
    feedDogs: {
      positions: ['up', 'down'],
      seconds: 4,
      habit: 65,
      say: {
        down: 'The machine drops the feed dogs; its sign on the screen shows it',
        up: 'The machine raises the feed dogs; its sign on the screen goes out',
      },
    },
  },
}

const dunmarrow: Handled = {
  at: {
    power: place('right', 0.5, 0.88, 'slot'),
    footLift: place('back', 0.82, 0.3, 'lever'),
    stitch: place('front', 0.68, 0.3, 'dial'),
    buttonholeStep: place('front', 0.68, 0.3, 'dial'),
    width: place('front', 0.68, 0.13, 'dial'),
    length: place('front', 0.85, 0.58, 'dial'),
    needlePosition: place('front', 0.17, 0.3, 'slot'),
    tension: place('left', 0.5, 0.3, 'wheel'),
  },
  where: {
    power: 'switch in the cord’s socket',
    needleHeight: 'the large wheel on the right',
    footLift: 'lever at the back',
    stitch: 'two rings on the front',
    width: 'small dial above the rings',
    length: 'large dial on the right',
    needlePosition: 'slide over the needle',
    tension: 'wheel on the face',
    buttonholeStep: 'the numbers inside the outer ring',
  },
  normal: { width: '0', length: '4', needlePosition: 'centre', tension: '4' },
}

const overlockWhere: Record<string, string> = {
  power: 'switch low on the right, it also lights the lamp',
  needleHeight: 'on the right',
  footLift: 'lever at the back, left of the post',
  upperKnife: 'knob right of the foot: push in and turn',
  lowerKnife: 'button below the knife: push to the right',
  stitchFinger: 'lever beside the needle plate',
  hemSelector: 'lever in front of the needle plate',
  upperLooper: 'behind the looper cover; the converter clips into its eye',
  cuttingWidth: 'dial behind the looper cover',
  length: 'dial on the left side',
  differential: 'dial on the left side, the inner ring',
}

const eddy: Handled = {
  where: overlockWhere,
  normal: { length: 'N', differential: 'N' },
}

const shoal: Handled = {
  where: {
    power: 'switch on the right',
    needleHeight: 'on the right',
    length: 'dial on the right',
    differential: 'lever on the right',
  },
  normal: { length: 'N', differential: 'N', pressure: '3', leftCover: 'in', middleCover: 'in', rightCover: 'in' },
}

const confluence: Handled = {
  where: {
    ...overlockWhere,
    mode: 'drum behind the looper cover: press and turn',
    table: 'left of the needle plate, slides off to the left',
  },
  normal: { length: 'N', differential: 'N', cuttingWidth: 'N' },
  rules: [
    {
      id: 'mode-needles',
      needs: { leftNeedle: ['in', 'out'], table: ['coverTable', 'overlockTable'] },
      for: { control: 'mode', to: 'overlock' },
      because: 'something of the other mode may stand in its way',
    },
    {
      id: 'cover-needs-mode',
      needs: { mode: ['cover'] },
      for: { control: 'table', to: 'coverTable' },
      because: 'the overlock loopers stand where it goes',
    },
  ],
}

const ripple: Handled = {
  at: {
    power: place('front', 0.88, 0.95, 'key'),
    footLift: place('front', 0.5, 0.95, 'lever'),
    feedDogs: place('front', 0.6, 0.34, 'knob'),
    tension: place('left', 0.5, 0.3, 'dial'),
  },
  where: {
    power: 'switch under the table',
    needleHeight: 'the large wheel on the right',
    footLift: 'by the knee lever',
    length: 'dial on the right',
    feedDogs: 'knob in front of the arm',
    tension: 'dial on the face',
  },
  normal: { length: '2.5', pressure: '3', tension: '4' },
}

const handled: Record<string, Handled> = {
  'plover-60': larkfen,
  'heron-200': { ...larkfen, ...lock },
  'wren-24': {
    at: { ...larkfen.at, stitch: place('front', 0.58, 0.24, 'dial') },
    where: { ...larkfen.where, stitch: 'one dial on the front', feedDogs: 'slide under the arm' },
  },
  'halyard-9': ostrel,
  'halyard-7': ostrel,
  'capstan-11': { ...ostrel, ...lock, more: { ...ostrel.more, ...lock.more } },
  'spindrift-e': {
    at: { needleHeight: place('front', 0.12, 0.42, 'key') },
    where: { power: 'right side', needleHeight: 'needle key', footLift: 'lever behind the needle' },
  },
  ketch: dunmarrow,
  yawl: dunmarrow,
  sloop: {
    ...dunmarrow,
    at: { ...dunmarrow.at, feedDogs: place('back', 0.6, 0.66, 'lever') },
    where: {
      ...dunmarrow.where,
      buttonholeLever: 'behind the lamp, pulled straight down',
      feedDogs: 'lever behind the arm',
    },
  },
  dinghy: { at: dunmarrow.at ?? {}, where: dunmarrow.where, normal: { width: '0', length: '4', tension: '4' } },
  'eddy-4': { ...eddy, normal: { ...eddy.normal, ...overlockTensions() } },
  'eddy-self': eddy,
  'shoal-3': shoal,
  'shoal-2': {
    ...shoal,
    at: { length: place('open', 0.5, 0.3, 'screw') },
    where: { ...shoal.where, length: 'screw under the flap' },
  },
  'confluence-5': confluence,
  'ripple-s1': ripple,
}

function overlockTensions(): Positions {
  return {
    'tension:leftNeedle': '4',
    'tension:rightNeedle': '4',
    'tension:upperLooper': '4',
    'tension:lowerLooper': '4',
  }
}

const itemsById = new Map(items.map((item) => [item.id, item]))

/** The model with its controls; a cover stitch also says which needles it sews with. */
export const withControls = (model: Model): Model => {
  const own = handled[model.id]
  if (!own) throw new Error(`nobody has said how the ${model.name} is handled`)
  const { where, at = {}, normal = {}, more = {}, rules = [] } = own
  const usual = controlsOf({ ...model, controls: { controls: more, normal: {}, rules: [] } }, itemsById)
  const placed = Object.entries(usual.controls).flatMap(([id, control]) =>
    where[id] === undefined && at[id] === undefined
      ? []
      : [[id, { ...control, ...(where[id] ? { where: where[id] } : {}), ...(at[id] ? { at: at[id] } : {}) }]],
  )
  return {
    ...model,
    controls: { controls: { ...more, ...Object.fromEntries(placed) }, normal, rules },
    stitches:
      model.kind === 'coverstitch'
        ? model.stitches.map((stitch) => ({ ...stitch, setup: { ...COVER_NEEDLES[stitch.function], ...stitch.setup } }))
        : model.stitches,
  }
}
