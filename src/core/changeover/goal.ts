/** How a machine must stand for a stage of a card, and what the things that are fitted ask of the moves. */
import type { CatalogueIndex } from '../catalogue/index'
import type { ControlRule, Controls, Id, Item, Model, Parameter, Positions, Stage } from '../catalogue/types'
import type { Setting, StageAnswer } from '../answer/types'
import { isReset, normalSewing } from './machine'
import { AS_BEFORE, needlePosition, UNKNOWN, valuePosition, type FittedNeedle } from './positions'
import type { Defaults } from './rules'
import { usual } from './usual/texts'

export interface StageGoal {
  goal: Positions
  /** What choosing the stage's stitch brings the values to. */
  defaults: Defaults
  /** The same once the power was off, where the machine remembers some value for its stitch until then. */
  defaultsAfterPower?: Defaults
  /** Rules and duties of what is fitted, beside the machine's own. */
  rules: ControlRule[]
}

/** What no stage leaves as it was only because it says nothing of it: the rest stands as for normal sewing. */
const NOT_FROM_NORMAL = new Set(['foot', 'stitch'])

export const stageGoal = (
  index: CatalogueIndex,
  answer: StageAnswer,
  stage: Stage,
  model: Model,
  controls: Controls,
): StageGoal => {
  const foot = answer.foot === undefined ? undefined : index.items.get(answer.foot)
  const accessories = answer.accessories.flatMap((id) => index.items.get(id) ?? [])
  const normal = Object.entries(normalSewing(model, index.items, controls)).filter(
    ([id]) => !NOT_FROM_NORMAL.has(id) && !(id in model.scales),
  )
  // As pairs: an object of as many shapes as there are stages would leave each of them behind.
  const wanted: [string, string][] = [
    ...normal,
    ...Object.entries(feedAids(answer)),
    ...Object.entries(joined(answer, foot, model, index)),
    ['needle', needlePosition(needleOf(answer, stage))],
    ...(answer.plate === undefined ? [] : [['plate', answer.plate] as [string, string]]),
    ...(answer.foot === undefined ? [] : [['foot', answer.foot] as [string, string]]),
    ['accessory', answer.accessories.length > 0 ? answer.accessories.join('+') : 'none'],
    ...answer.threads.map(({ place, thread }): [string, string] => [`thread:${place}`, thread]),
    ...Object.entries(looperThreads(answer, controls)),
    ...Object.entries(needleThreads(answer, controls)),
    ...Object.entries(step(answer, model)),
    ...Object.entries(answer.setup),
    ...Object.entries(valuesOf(answer)),
    ['stitch', answer.stitch],
    ['power', 'on'],
  ]
  const goal = Object.fromEntries(wanted.filter(([id]) => id in controls.controls))
  return {
    goal,
    defaults: defaultsOf(answer, model, false),
    ...(Object.values(model.scales).some((scale) => typeof scale === 'object' && scale.kept === 'perStitch')
      ? { defaultsAfterPower: defaultsOf(answer, model, true) }
      : {}),
    rules: [...accessories, ...(foot ? [foot] : [])].flatMap((item) => rulesFor(item, answer)),
  }
}

const needleOf = ({ needle: { point, size } }: StageAnswer, { twinSpacing }: Stage): FittedNeedle => ({
  point,
  size,
  ...(twinSpacing === undefined ? {} : { twin: twinSpacing }),
})

const feedAids = (answer: StageAnswer): Positions => {
  const needed = (feature: string) =>
    answer.features.some((need) => need.feature === feature && need.item === undefined)
  return {
    ...(needed('feedDogsDown') ? { feedDogs: 'down' } : {}),
    ...(needed('dualFeed') ? { dualFeed: 'engaged' } : {}),
    ...(needed('buttonSensor') ? { buttonholeLever: 'downAndBack' } : {}),
    ...(needed('twoThreadConverter') ? { upperLooper: 'twoThreadConverter' } : {}),
  }
}

/** Ankle and adapter as the foot needs them. */
const joined = (answer: StageAnswer, foot: Item | undefined, model: Model, index: CatalogueIndex): Positions => {
  const chain = answer.chain.flatMap((id) => index.items.get(id) ?? [])
  const adapters = chain.filter(({ what }) => what !== 'ankle').map(({ id }) => id)
  const ankle = chain.find(({ what }) => what === 'ankle')
  const off = foot?.attachment === 'screwOn' || adapters.length > 0
  return {
    adapter: adapters.length > 0 ? adapters.join('+') : 'none',
    ...(ankle ? { ankle: ankle.id } : off && model.attachment === 'snapOn' ? { ankle: 'off' } : {}),
  }
}

/** No thread is in a looper that the converter closes; one that is empty in normal sewing has the needles' thread. */
const looperThreads = (answer: StageAnswer, { normal }: Controls): Positions => {
  const { threads, setup } = answer
  const isNamed = threads.some(({ place }) => place === 'chainLooper')
  const isEmpty = normal['thread:chainLooper'] === 'out'
  return {
    ...(feedAids(answer)['upperLooper'] === 'twoThreadConverter' ? { 'thread:upperLooper': 'out' } : {}),
    ...(setup['mode'] === 'cover' && isEmpty && !isNamed
      ? { 'thread:chainLooper': needleThread(answer) ?? AS_BEFORE }
      : {}),
  }
}

/** An overlocker whose loopers are rethreaded has its needles threaded after them, with whatever they had. */
const needleThreads = (answer: StageAnswer, controls: Controls): Positions => {
  const places = [
    ...answer.threads.map(({ place }) => `thread:${place}`),
    ...Object.keys(looperThreads(answer, controls)),
  ]
  return 'thread:needle' in controls.controls &&
    needleThread(answer) === undefined &&
    places.some((place) => place.endsWith('Looper'))
    ? { 'thread:needle': AS_BEFORE }
    : {}
}

const needleThread = ({ threads }: StageAnswer): Id | undefined =>
  threads.find(({ place }) => place === 'needle')?.thread

/** A stitch sewn by steps begins at its first. */
const step = (answer: StageAnswer, model: Model): Positions => {
  const first = model.stitches.find(({ id }) => id === answer.stitch)?.sequence?.[0]
  return first ? { buttonholeStep: first.at } : {}
}

const settingsOf = ({ settings }: StageAnswer) => Object.entries(settings) as [Parameter, Setting][]

const valuesOf = (answer: StageAnswer): Positions =>
  Object.fromEntries(
    settingsOf(answer).flatMap(([parameter, { value }]) =>
      value === 'absent' || value === 'unstated' ? [] : [[parameter, valuePosition(value)]],
    ),
  )

const defaultsOf = (answer: StageAnswer, model: Model, afterPower: boolean): Positions =>
  Object.fromEntries(
    settingsOf(answer).flatMap(([parameter, setting]): [string, string][] => {
      const scale = model.scales[parameter]
      if (!isReset(scale) || setting.value === 'absent') return []
      // Where a changed value may survive, for this stitch or for all, it is not known what stands there.
      const forgets = typeof scale === 'object' && (scale.kept === false || (afterPower && scale.kept === 'perStitch'))
      if (!forgets) return [[parameter, UNKNOWN]]
      if (setting.default === undefined) return [[parameter, UNKNOWN]]
      return [[parameter, valuePosition(setting.default)]]
    }),
  )

/** What an item asks while it is put on: its setup stands before it, and what it covers is seen to first. */
const rulesFor = (item: Item, { accessories }: StageAnswer): ControlRule[] => {
  const control = item.what === 'foot' ? 'foot' : 'accessory'
  const to = item.what === 'foot' ? item.id : accessories.join('+')
  const needs = { ...(item.circular ? { bobbin: 'full' } : {}), ...item.setup }
  return [
    ...(Object.keys(needs).length > 0
      ? [
          {
            id: `setup-${item.id}`,
            needs: Object.fromEntries(Object.entries(needs).map(([id, at]) => [id, [at]])),
            for: { control, to },
            because: usual(item.circular ? 'coversBobbin' : 'liesOver'),
          },
        ]
      : []),
    ...(item.circular
      ? [
          {
            id: `beneath-${item.id}`,
            needs: { accessory: ['none'] },
            for: { control: 'bobbin' },
            because: usual('bobbinBeneath'),
          },
        ]
      : []),
    ...(item.functions?.includes('walking')
      ? [{ id: `fork-${item.id}`, duty: usual('forkOverClamp'), after: { control, to } }]
      : []),
    ...(item.circular
      ? [
          {
            id: `pin-${item.id}`,
            hazard: usual('pinIsSharp'),
            on: { control, to },
          },
        ]
      : []),
  ]
}
