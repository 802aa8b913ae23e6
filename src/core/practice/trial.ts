/**
 * A machine to try on: one stage of a card with all that the machine could be set to, so that it runs without asking
 * the server again.
 */
import type { FitLookup } from '../answer/fit'
import type { Answer, Question, StageAnswer } from '../answer/types'
import { changeoversOf } from '../card/changeovers'
import { withContents, type CatalogueIndex } from '../catalogue/index'
import type {
  Controls,
  Fabric,
  Id,
  Item,
  Model,
  Parameter,
  Positions,
  Stage,
  Stitch,
  StitchFunction,
} from '../catalogue/types'
import { normalSewing } from '../changeover/machine'
import { needlePosition } from '../changeover/positions'
import { diameterOf } from '../workbench/thread'
import type { Mm } from '../units/quantities'

export interface Trial {
  technique: { id: Id; name: string }
  stage: Pick<Stage, 'id' | 'name' | 'faults' | 'inspect' | 'twinSpacing'> & { functions: string[] }
  fabric: Pick<Fabric, 'id' | 'name' | 'structure' | 'needle'>
  model: Pick<
    Model,
    'id' | 'name' | 'make' | 'kind' | 'maxWidth' | 'needleTravel' | 'scales' | 'bobbin' | 'features' | 'needle'
  >
  /** The model's, with the rules of what the stage fits. */
  controls: Controls
  /** How it stands before: as for normal sewing. */
  normal: Positions
  goal: Positions
  /** Moves of the least legal sequence from normal sewing to the goal; undefined where there is none. */
  planned?: number | undefined
  answer: Pick<StageAnswer, 'stitch' | 'foot' | 'plate' | 'chain' | 'settings' | 'setup' | 'needle' | 'threads'>
  stitches: TrialStitch[]
  functions: StitchFunction[]
  /** Feet, plates and accessories that fit and are had, and those of the card. */
  items: TrialItem[]
  /** What a needle position or a thread's place may hold. */
  needles: string[]
  threads: { id: Id; name: string }[]
  /** Of the needle thread, mm; undefined where no thread is named. */
  threadDiameter?: Mm | undefined
}

export type TrialStitch = Pick<
  Stitch,
  | 'id'
  | 'select'
  | 'nativeName'
  | 'function'
  | 'motion'
  | 'swing'
  | 'defaults'
  | 'ranges'
  | 'setup'
  | 'attributes'
  | 'points'
  | 'lengthMeaning'
  | 'brings'
  | 'sequence'
>
export type TrialItem = Pick<
  Item,
  | 'id'
  | 'code'
  | 'name'
  | 'what'
  | 'slot'
  | 'minWidth'
  | 'maxWidth'
  | 'motions'
  | 'denies'
  | 'functions'
  | 'guide'
  | 'dualFeedCutOut'
  | 'maxButton'
>

/** Undefined where the answer has no such stage. */
export const trialOf = (
  { index, fitOf }: { index: CatalogueIndex; fitOf: FitLookup },
  question: Question,
  answer: Answer,
  wanted: Id | undefined,
): Trial | undefined => {
  const technique = index.techniques.get(question.technique)
  const method = technique?.methods.find(({ id }) => id === answer.method)
  const at = wanted === undefined ? 0 : answer.stages.findIndex(({ stage }) => stage === wanted)
  const given = answer.stages[at]
  const stage = method?.stages.find(({ id }) => id === given?.stage)
  const model = given && index.models.get(given.model)
  const fabric = index.fabrics.get(question.fabric)
  const changeover = changeoversOf(index, answer, method?.stages ?? [], question.model)[at]
  if (!technique || !method || !given || !stage || !model || !fabric || !changeover) return undefined
  const { controls, goal, plan } = changeover
  const thread = index.threads.get(given.threads.find(({ place }) => place === 'needle')?.thread ?? '')
  return {
    technique: { id: technique.id, name: technique.name },
    stage: {
      id: stage.id,
      name: stage.name,
      faults: stage.faults,
      inspect: stage.inspect,
      ...(stage.twinSpacing === undefined ? {} : { twinSpacing: stage.twinSpacing }),
      functions: stage.stitches.map((one) => one.function),
    },
    fabric: picked(fabric, ['id', 'name', 'structure', 'needle']),
    model: picked(model, [
      'id',
      'name',
      'make',
      'kind',
      'maxWidth',
      'needleTravel',
      'scales',
      'bobbin',
      'features',
      'needle',
    ]),
    controls,
    normal: normalSewing(model, index.items, controls),
    goal,
    planned: plan.outcome === 'plan' ? plan.steps.length : undefined,
    answer: picked(given, ['stitch', 'foot', 'plate', 'chain', 'settings', 'setup', 'needle', 'threads']),
    stitches: model.stitches.map((stitch) =>
      picked(stitch, [
        'id',
        'select',
        'nativeName',
        'function',
        'motion',
        'swing',
        'defaults',
        'ranges',
        'setup',
        'attributes',
        'points',
        'lengthMeaning',
        'brings',
        'sequence',
      ]),
    ),
    functions: [...new Set(model.stitches.map((stitch) => stitch.function))].flatMap(
      (id) => index.functions.get(id) ?? [],
    ),
    items: itemsFor(index, fitOf, model, question, given),
    needles: needlesFor(index, goal['needle']),
    threads: [...index.threads.values()].map(({ id, name }) => ({ id, name })),
    ...(thread ? { threadDiameter: diameterOf(thread).value } : {}),
  }
}

const itemsFor = (
  index: CatalogueIndex,
  fitOf: FitLookup,
  model: Model,
  question: Question,
  given: StageAnswer,
): TrialItem[] => {
  const had = withContents([...model.supplied, ...(question.owned ?? [])], index.items)
  const used = new Set([given.foot, given.plate, ...given.chain, ...given.accessories])
  return [...index.items.values()]
    .filter(
      (item) => used.has(item.id) || (had.has(item.id) && (item.what === 'plate' || fitOf(item, model).fits === 'yes')),
    )
    .map((item) =>
      picked(item, [
        'id',
        'code',
        'name',
        'what',
        'slot',
        'minWidth',
        'maxWidth',
        'motions',
        'denies',
        'functions',
        'guide',
        'dualFeedCutOut',
        'maxButton',
      ]),
    )
}

/** The card's own, and the usual of the shop's fabrics. */
const needlesFor = (index: CatalogueIndex, wanted: string | undefined): string[] => {
  const usual = [...index.fabrics.values()].map(({ needle }) => needlePosition(needle))
  return [...new Set([...(wanted === undefined ? [] : [wanted]), ...usual])].sort()
}

const picked = <T extends object, Key extends keyof T>(from: T, keys: readonly Key[]): Pick<T, Key> =>
  Object.fromEntries(keys.flatMap((key) => (from[key] === undefined ? [] : [[key, from[key]]]))) as Pick<T, Key>

export type TrialValues = Partial<Record<Parameter, number>>
