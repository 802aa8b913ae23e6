/** A card: the answer put together with what is needed to read it, still without sentences. */
import type { ControlPlace, Fabric, Model, Parameter, Positions, Range, Scale, Stage, Step } from '../catalogue/types'
import type { CatalogueIndex } from '../catalogue/index'
import { sampleKey, withContents } from '../catalogue/index'
import type { Reason } from '../answer/reasons'
import { guidePlace, withGuideSet } from '../answer/guidePlace'
import { fittedPlate } from '../answer/stage'
import type { Answer, Question, Setting, StageAnswer, Verdict } from '../answer/types'
import type { FootShape } from './footPlan'
import { Naming, type Names } from '../names/names'
import { sketchOf, type CardSketch } from './sketch'
import type { Changeover } from '../changeover/changeover'
import { ANY } from '../changeover/positions'
import { changeoversOf, found } from './changeovers'
import { standingOf, type Standing } from './standing'
import { holds } from '../answer/when'
import { controlsIn } from '../map/stepMarks'
import { outlineOf, placeOf, type Outline } from '../map/usualPlaces'
import { procedureOf, type ProcedureInput } from '../procedure/procedure'
import type { Procedure } from '../procedure/types'
import { spreadOf, standing, USUAL_TOLERANCE, type ShopTolerance, type Spread } from '../samples/spread'

export interface Card {
  question: Question
  verdict: Verdict
  technique: { id: string; name: string; family: string; for: string }
  model: { id: string; name: string; make: string; kind: string; edition?: string | undefined }
  fabric: { id: string; name: string; layers: number }
  /** The method the card follows. */
  method?: { id: string; name: string; because: string }
  methods: CardMethod[]
  toGet: string[]
  reasons: Reason[]
  stages: CardStage[]
  names: Names
}

export interface CardMethod {
  id: string
  name: string
  because: string
  verdict?: Verdict | undefined
  toGet: string[]
  reasons: Reason[]
}

export type ItemSource = 'supplied' | 'owned' | 'toGet'

export interface CardItem {
  id: string
  source: ItemSource
}

/** One value of the card, with the scale it is read on. */
export interface CardValue extends Standing {
  parameter: Parameter
  setting: Setting
  scale?: Scale | 'absent' | undefined
  /** Parts of the scale where the needle would hit. */
  hits: Range[]
}

export interface CardStage {
  stage: string
  name: string
  answer: StageAnswer
  /** How many other ways the answer has; `answer.alternatives` holds the best of them unless all were asked for. */
  alternativeCount: number
  kind: string
  modelName: string
  shank?: string | undefined
  stitchName?: string | undefined
  functionName: string
  bookPage?: string | undefined
  foot?: (CardItem & { shape?: FootShape }) | undefined
  chain: CardItem[]
  plate?: (CardItem & { change: boolean }) | undefined
  accessories: CardItem[]
  feedAids: string[]
  /** To be set. */
  changes: CardValue[]
  /** Left as they stand, or not to be set at all. */
  unchanged: CardValue[]
  /** Choosing another stitch takes these changes back, or may. */
  resets: boolean
  procedure: Procedure
  /** The machine's outline, and where the controls that are spoken of sit in it. */
  map: { outline: Outline; places: Record<string, ControlPlace> }
  changeover: CardChangeover
  inspect: Stage['inspect']
  minutes?: number | undefined
  sketch?: CardSketch | undefined
  /** The sample the shop stands by, and where good samples disagree by more than it bears. */
  house?: { sample: string; disputed: Spread[] } | undefined
}

/** How the machine is brought to a stage, and back. */
export interface CardChangeover {
  /** Seconds of the moves there; undefined where no order of them is legal or known to be. */
  seconds?: number | undefined
  /** How it stands at the start, as far as anybody has said. */
  from: Positions
  /** How it must stand. */
  goal: Positions
  backSeconds?: number | undefined
  /** What can be asked about: how it stands, where it sits. */
  controls: { control: string; positions: string[]; normal?: string | undefined; where?: string | undefined }[]
}

export interface CardOptions {
  tolerance?: ShopTolerance
  /** How the asked model stands before the first stage; what it does not say, as for normal sewing. `?`: not known. */
  now?: Positions
  /** Every other way, and not only the best few. */
  allAlternatives?: boolean
}

/** As many other ways as anybody reads before asking for all. */
const ALTERNATIVES_SHOWN = 12

export const cardOf = (
  index: CatalogueIndex,
  question: Question,
  answered: Answer,
  { tolerance = USUAL_TOLERANCE, now, allAlternatives = false }: CardOptions = {},
): Card => {
  const whole = worthIt(answered)
  const answer = allAlternatives ? whole : withFewAlternatives(whole)
  const technique = found(index.techniques.get(question.technique))
  const model = found(index.models.get(question.model))
  const fabric = found(index.fabrics.get(question.fabric))
  const method = technique.methods.find(({ id }) => id === answer.method)
  const others = new Map(answer.methods.map((other) => [other.method, other]))
  const layers = question.layers ?? fabric.layers
  const changeovers = changeoversOf(index, answer, method?.stages ?? [], question.model, now)
  return {
    question,
    verdict: answer.verdict,
    technique: { id: technique.id, name: technique.name, family: technique.family, for: technique.for },
    model: {
      id: model.id,
      name: model.name,
      make: index.makes.get(model.make)?.name ?? model.make,
      kind: model.kind,
      edition: model.edition,
    },
    fabric: { id: fabric.id, name: fabric.name, layers },
    ...(method ? { method: { id: method.id, name: method.name, because: method.because } } : {}),
    methods: technique.methods.map(({ id, name, because }) => ({
      id,
      name,
      because,
      verdict: id === answer.method ? answer.verdict : others.get(id)?.verdict,
      toGet: others.get(id)?.toGet ?? [],
      reasons: others.get(id)?.reasons ?? [],
    })),
    toGet: answer.toGet,
    reasons: answer.reasons,
    stages: answer.stages.map((given, i) => {
      const stage = found(method?.stages.find(({ id }) => id === given.stage))
      const last = i === answer.stages.length - 1
      const at = { model: found(index.models.get(given.model)), fabric, layers }
      const house = houseSample(index, question, given, tolerance)
      const alternativeCount = whole.stages[i]?.alternatives.length ?? 0
      const applying = (steps: readonly Step[] = []) => steps.filter((step) => holds(step.when, at))
      const authored = {
        prepare: i === 0 ? applying(method?.prepare) : [],
        sew: applying(stage.steps),
        finish: last ? applying(method?.finish) : [],
      }
      const before = answer.stages[i - 1]?.model
      const follows = before === undefined ? undefined : before === given.model ? 'sameMachine' : 'otherMachine'
      const view = cardStage(index, question, given, stage, fabric, found(changeovers[i]), authored, follows)
      return house ? { ...view, alternativeCount, house } : { ...view, alternativeCount }
    }),
    names: namesOf(index, question, answer, changeovers),
  }
}

const namesOf = (index: CatalogueIndex, question: Question, answer: Answer, changeovers: readonly Changeover[]) => {
  const naming = new Naming(index).question(question).answer(question.technique, answer)
  changeovers.forEach(({ plan, back, from, goal }, i) => {
    const moves = [plan, back].flatMap((one) => (one?.outcome === 'plan' ? one.steps : []))
    const stands = moves.map(({ control, to }) => ({ [control]: to }))
    naming.positions(found(answer.stages[i]).model, from, goal, ...stands)
  })
  return naming.names
}

const withFewAlternatives = (answer: Answer): Answer => ({
  ...answer,
  stages: answer.stages.map((stage) => ({ ...stage, alternatives: stage.alternatives.slice(0, ALTERNATIVES_SHOWN) })),
})

/** Nobody gets what is no better than what is there. */
const worthIt = (answer: Answer): Answer => ({
  ...answer,
  stages: answer.stages.map((stage) => ({
    ...stage,
    alternatives: stage.alternatives.filter(({ toGet, better }) => toGet.length === 0 || better.length > 0),
  })),
})

const cardStage = (
  index: CatalogueIndex,
  question: Question,
  answer: StageAnswer,
  stage: Stage,
  fabric: Fabric,
  changeover: Changeover,
  authored: ProcedureInput['authored'],
  follows: ProcedureInput['follows'],
): Omit<CardStage, 'alternativeCount'> => {
  const model = found(index.models.get(answer.model))
  const stitch = model.stitches.find(({ id }) => id === answer.stitch)
  const supplied = withContents(
    [question.model, ...(question.also ?? [])].flatMap((id) => index.models.get(id)?.supplied ?? []),
    index.items,
  )
  const owned = withContents(question.owned ?? [], index.items)
  const item = (id: string): CardItem => ({
    id,
    source: supplied.has(id) ? 'supplied' : owned.has(id) ? 'owned' : 'toGet',
  })
  const values = (Object.entries(answer.settings) as [Parameter, Setting][]).map(([parameter, setting]): CardValue => {
    const scale = model.scales[parameter]
    const standing = standingOf(parameter, setting, scale, changeover)
    return { parameter, setting, scale, hits: hitsOn(scale, setting.clear), ...standing }
  })
  const changes = values.filter(({ act }) => act === 'set')
  const change = answer.plate !== undefined && answer.plate !== fittedPlate(model, index)
  const procedure = procedureOf({
    index,
    answer,
    stage,
    model,
    fabric,
    job: question.job,
    changeover,
    authored,
    follows,
  })
  return {
    stage: stage.id,
    name: stage.name,
    answer,
    kind: model.kind,
    modelName: model.name,
    shank: model.shank,
    stitchName: stitch?.nativeName,
    functionName: index.functions.get(answer.function)?.name ?? answer.function,
    bookPage: stitch?.source?.where,
    foot: answer.foot === undefined ? undefined : { ...item(answer.foot), ...shapeOf(index, answer, fabric) },
    chain: answer.chain.map(item),
    plate: answer.plate === undefined ? undefined : { ...item(answer.plate), change },
    accessories: answer.accessories.map(item),
    feedAids: answer.features.map(({ feature }) => feature),
    changes,
    unchanged: values.filter(({ act }) => act !== 'set'),
    resets: changes.some(({ resets }) => resets),
    procedure,
    map: { outline: outlineOf(model.kind), places: placesIn(model, procedure, changeover) },
    changeover: cardChangeover(changeover),
    inspect: stage.inspect,
    minutes: stage.minutes,
    sketch: sketchOf(index, answer, fabric),
  }
}

/** Places of what the procedure moves or looks at, and of what may be asked about. */
const placesIn = (
  model: Model,
  { steps, next, interruptions, back }: Procedure,
  changeover: Changeover,
): Record<string, ControlPlace> => {
  const told = [steps, next, back, ...interruptions.map((one) => one.steps)].flat()
  const controls = new Set([...told.flatMap(controlsIn), ...Object.keys(changeover.controls.controls)])
  return Object.fromEntries(
    [...controls].flatMap((control) => {
      const place = placeOf(model, control)
      return place ? [[control, place]] : []
    }),
  )
}

const cardChangeover = ({ plan, back, from, goal, controls }: Changeover): CardChangeover => ({
  seconds: plan.outcome === 'plan' ? plan.seconds : undefined,
  from,
  goal,
  backSeconds: back?.outcome === 'plan' ? back.seconds : undefined,
  controls: Object.entries(controls.controls).flatMap(([control, { positions, where }]) =>
    positions.includes(ANY) && where === undefined
      ? []
      : [{ control, positions: positions.filter((word) => word !== ANY), normal: controls.normal[control], where }],
  ),
})

const houseSample = (
  index: CatalogueIndex,
  { technique, fabric }: Question,
  { model: id, stage, stitch, foot, settings, proved }: StageAnswer,
  tolerance: ShopTolerance,
): CardStage['house'] => {
  const model = index.models.get(id)
  if (!proved || !model || !Object.values(settings).some((setting) => setting?.from === 'house')) return undefined
  const { sample } = proved
  const cells = (index.techniques.get(technique)?.methods ?? []).map(
    (method) => index.samples.get(sampleKey({ model: id, technique, method: method.id, stage, fabric, stitch })) ?? [],
  )
  const cell = cells.find((sewn) => sewn.some((one) => one.id === sample)) ?? []
  const spread = spreadOf(standing(cell, model, stitch, foot), model, tolerance)
  return { sample, disputed: spread.filter(({ disputed }) => disputed) }
}

/** What its drawing is made from; nothing for a foot of which nothing is stated that could be drawn. */
const shapeOf = (index: CatalogueIndex, answer: StageAnswer, fabric: Fabric): { shape?: FootShape } => {
  const fitted = answer.foot === undefined ? undefined : index.items.get(answer.foot)
  const item = fitted && withGuideSet(fitted, guidePlace(index, answer, fitted, fabric))
  if (!item || (item.slot === undefined && item.guide === undefined && item.maxButton === undefined)) return {}
  const { slot, guide, minWidth, functions, maxButton } = item
  return { shape: { slot, guide, minWidth, functions, maxButton } }
}

/** The parts of a scale that lie outside what is clear. */
const hitsOn = (scale: Scale | 'absent' | undefined, clear: Range | undefined): Range[] => {
  if (!clear || !scale || scale === 'absent') return []
  return [
    ...(clear.from > scale.from ? [{ from: scale.from, to: Math.min(clear.from, scale.to) }] : []),
    ...(clear.to < scale.to ? [{ from: Math.max(clear.to, scale.from), to: scale.to }] : []),
  ]
}
