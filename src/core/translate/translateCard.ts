/** One card on two machines, side by side: what the same thing is called, what moves across, what is lost. */
import { withContents } from '../catalogue/index'
import type { Id, Model, Parameter } from '../catalogue/types'
import { explain, type AnswerContext } from '../answer/explain'
import { showValue } from '../answer/show'
import { compareParameters } from '../catalogue/parameters'
import type { Answer, Question, Setting, StageAnswer, Verdict } from '../answer/types'
import { carry, hadThings, type Carried } from './carry'
import { heldClear, moveValue, type MovedValue } from './moveValue'

export interface CardTranslation {
  from: CardSide
  to: CardSide
  stages: TranslatedStage[]
  /** Feet and more that the first card fits. */
  items: Carried[]
}

export interface CardSide {
  model: Id
  verdict: Verdict
  method: Id | undefined
  toGet: Id[]
  reasons: Answer['reasons']
}

export interface StageSide {
  stage: Id
  name: string
  model: Id
  select: string
  function: string
  foot: Id | undefined
  chain: Id[]
}

export interface TranslatedStage {
  from: StageSide | undefined
  to: StageSide | undefined
  settings: TranslatedSetting[]
}

export interface TranslatedSetting {
  parameter: Parameter
  /** As each card sets it; undefined where that card says nothing. */
  from: string | undefined
  to: string | undefined
  /** The first card's value on the second machine's scale; undefined where it is no single number. */
  moved: MovedValue | undefined
}

/** Both cards are answered whole. Stages are paired by name, else by place. Throws as `explain` does. */
export const translateCard = (answering: AnswerContext, question: Question, to: Id): CardTranslation => {
  const { index } = answering
  const answers = [explain(answering, question), explain(answering, { ...question, model: to })] as const
  const [first, second] = answers
  const models = [index.models.get(question.model), index.models.get(to)] as [Model, Model]
  const partner = (stage: StageAnswer, i: number) =>
    second.stages.find((other) => other.stage === stage.stage) ?? second.stages[i]
  const paired = first.stages.map((stage, i) => ({ from: stage, to: partner(stage, i) }))
  const left = second.stages
    .filter((stage) => !paired.some((pair) => pair.to === stage))
    .map((stage) => ({ from: undefined, to: stage }))
  const fitted = new Set(
    first.stages.flatMap(({ foot, chain, accessories }) => [...(foot ? [foot] : []), ...chain, ...accessories]),
  )
  const had = withContents([...models[0].supplied, ...(question.owned ?? [])], index.items)
  const target = models[1]
  const methods = index.techniques.get(question.technique)?.methods ?? []
  const stageName = ({ method }: Answer, { stage }: StageAnswer) =>
    methods.find(({ id }) => id === method)?.stages.find(({ id }) => id === stage)?.name ?? stage
  return {
    from: side(models[0].id, first),
    to: side(to, second),
    stages: [...paired, ...left].map((pair) =>
      translateStage(answering, pair, {
        from: pair.from && stageName(first, pair.from),
        to: pair.to && stageName(second, pair.to),
      }),
    ),
    items: hadThings(index, new Set([...fitted].filter((id) => had.has(id) || first.toGet.includes(id)))).map((item) =>
      carry(answering, item, target),
    ),
  }
}

const side = (model: Id, { verdict, method, toGet, reasons }: Answer): CardSide => ({
  model,
  verdict,
  method,
  toGet,
  reasons,
})

const stageSide = (name: string, { stage, model, select, function: named, foot, chain }: StageAnswer): StageSide => ({
  stage,
  name,
  model,
  select,
  function: named,
  foot,
  chain,
})

const translateStage = (
  { index }: AnswerContext,
  { from, to }: { from: StageAnswer | undefined; to: StageAnswer | undefined },
  names: { from: string | undefined; to: string | undefined },
): TranslatedStage => {
  const parameters = new Set([from, to].flatMap((stage) => Object.keys(stage?.settings ?? {}) as Parameter[]))
  const scaleOn = (stage: StageAnswer | undefined, parameter: Parameter) =>
    stage && index.models.get(stage.model)?.scales[parameter]
  const settings = [...parameters].sort(compareParameters).flatMap((parameter): TranslatedSetting[] => {
    const [was, is] = [from?.settings[parameter], to?.settings[parameter]]
    if (isNothing(was) && isNothing(is)) return []
    const moved =
      typeof was?.value === 'number' && to
        ? moveValue(parameter, was.value, scaleOn(from, parameter), scaleOn(to, parameter))
        : undefined
    const held = moved && heldClear(parameter, moved, is?.clear)
    return [{ parameter, from: shownOf(was, parameter), to: shownOf(is, parameter), moved: held }]
  })
  return {
    from: from && stageSide(names.from ?? from.stage, from),
    to: to && stageSide(names.to ?? to.stage, to),
    settings,
  }
}

const isNothing = (setting: Setting | undefined): boolean =>
  setting === undefined || setting.value === 'absent' || setting.value === 'unstated'
const shownOf = (setting: Setting | undefined, parameter: Parameter): string | undefined =>
  isNothing(setting) || !setting ? undefined : setting.shown || showValue(setting.value, parameter, undefined)
