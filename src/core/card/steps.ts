/**
 * The steps of a stage in the order of the trade: prepare, fit, power and stitch, values, sew, finish.
 * A stage that places `{fit}` itself tells in its own steps, in a legal order, how the controls are set; one that does
 * not gets a step naming them, with the order left to the machine’s book.
 */
import type { CatalogueIndex } from '../catalogue/index'
import type { Kind, Model, Parameter, Positions, Stage, Step } from '../catalogue/types'
import type { StageAnswer } from '../answer/types'
import { fillSlots, slotValues } from './slots'

export type CardStep =
  | {
      step: 'authored'
      phase: 'prepare' | 'sew' | 'finish'
      text: string
      check?: string | undefined
      caution?: string | undefined
      ifWrong?: string | undefined
    }
  | { step: 'stop'; needles: boolean }
  | { step: 'plate'; item: string }
  | { step: 'needle'; size: number; point: string; system?: string | undefined; twin?: number | undefined }
  | { step: 'adapter'; item: string }
  | { step: 'foot'; item: string }
  | { step: 'accessory'; item: string }
  | { step: 'controls'; setup: Positions }
  | { step: 'feedAid'; feature: string }
  | { step: 'start' }
  /** `powered`: switching on comes with it. */
  | { step: 'choose'; powered: boolean; select: string; values: { parameter: Parameter; shown: string }[] }
  | { step: 'handwheel'; unknown: boolean }
  | { step: 'scrap' }

export interface StepsInput {
  index: CatalogueIndex
  answer: StageAnswer
  model: Model
  stage: Stage
  /** What the controls must stand at, beyond what the stage's own steps say. */
  setup: Positions
  plateChanges: boolean
  authored: { prepare: readonly Step[]; sew: readonly Step[]; finish: readonly Step[] }
}

/** Machines whose values are set by hand stay set with the power off. */
const SET_BY_HAND: ReadonlySet<Kind> = new Set([
  'mechanical',
  'straightStitch',
  'overlocker',
  'coverstitch',
  'overlockCover',
])
const SEVERAL_NEEDLES: ReadonlySet<Kind> = new Set(['overlocker', 'coverstitch', 'overlockCover'])

export const cardSteps = (input: StepsInput): CardStep[] => {
  const { authored } = input
  const values = slotValues(input)
  const told =
    (phase: 'prepare' | 'sew' | 'finish') =>
    (step: Step): CardStep => ({
      step: 'authored',
      phase,
      text: fillSlots(step.text, values),
      ...(step.check === undefined ? {} : { check: fillSlots(step.check, values) }),
      ...(step.caution === undefined ? {} : { caution: step.caution }),
      ...(step.ifWrong === undefined ? {} : { ifWrong: fillSlots(step.ifWrong, values) }),
    })
  const blocks: Record<string, CardStep[]> = { '{fit}': fitSteps(input), '{set}': setSteps(input) }
  const placed = (slot: string) => authored.sew.some(({ text }) => text === slot)
  const sew = authored.sew.flatMap((step) => blocks[step.text] ?? [told('sew')(step)])
  return [
    ...authored.prepare.map(told('prepare')),
    ...(placed('{fit}') ? [] : (blocks['{fit}'] as CardStep[])),
    ...(placed('{set}') ? [] : (blocks['{set}'] as CardStep[])),
    ...sew,
    ...authored.finish.map(told('finish')),
  ]
}

const fitSteps = ({ answer, model, plateChanges, setup, stage, authored }: StepsInput): CardStep[] => [
  { step: 'stop', needles: SEVERAL_NEEDLES.has(model.kind) },
  ...(plateChanges && answer.plate !== undefined ? [{ step: 'plate' as const, item: answer.plate }] : []),
  { step: 'needle', ...answer.needle, twin: stage.twinSpacing },
  ...answer.chain.map((item) => ({ step: 'adapter' as const, item })),
  ...(answer.foot === undefined ? [] : [{ step: 'foot' as const, item: answer.foot }]),
  ...answer.accessories.map((item) => ({ step: 'accessory' as const, item })),
  ...(Object.keys(setup).length > 0 && !authored.sew.some(({ text }) => text === '{fit}')
    ? [{ step: 'controls' as const, setup }]
    : []),
]

const setSteps = ({ answer, model, stage }: StepsInput): CardStep[] => {
  const byHand = SET_BY_HAND.has(model.kind)
  const changed = Object.entries(answer.settings).flatMap(([parameter, setting]) =>
    setting?.changed ? [{ parameter: parameter as Parameter, shown: setting.shown }] : [],
  )
  const brought = new Set(answer.reasons.flatMap((reason) => (reason.code === 'bringsFeature' ? [reason.feature] : [])))
  const set: CardStep[] = [
    { step: 'choose', powered: !byHand, select: answer.select, values: changed },
    ...(stage.features?.need ?? [])
      .filter((feature) => !brought.has(feature))
      .map((feature): CardStep => ({ step: 'feedAid', feature })),
  ]
  const handwheel: CardStep = { step: 'handwheel', unknown: answer.cautions.length > 0 }
  const scrap: CardStep = { step: 'scrap' }
  return byHand ? [...set, handwheel, { step: 'start' }, scrap] : [...set, handwheel, scrap]
}
