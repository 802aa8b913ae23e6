/** What lies in hand for the workbench: the machine, the fabric, and what the card fits and sets. */
import { needleTravel } from '../answer/clearance'
import type { FitLookup } from '../answer/fit'
import type { Answer, Setting } from '../answer/types'
import type { CatalogueIndex } from '../catalogue/index'
import type {
  Calculation,
  Fabric,
  Item,
  Model,
  Parameter,
  Range,
  Scale,
  Slot,
  Stage,
  Stitch,
  StitchFunction,
  Technique,
  Thread,
} from '../catalogue/types'
import { stitchName } from '../names/names'
import type { Mm, NeedleSize } from '../units/quantities'
import type { FootShape } from './footPlan'
import { sketchOf, type CardSketch } from './sketch'

export interface WorkbenchFoot extends FootShape {
  id: string
  code: string
  name: string
  overrun?: Mm | undefined
  edge?: Item['edge']
}

/** Parameters whose scale a calculator puts its result on. */
const SCALES = ['width', 'length', 'needlePosition', 'differential'] as const
export type WorkbenchScale = (typeof SCALES)[number]

export interface WorkbenchModel {
  id: string
  name: string
  kind: Model['kind']
  maxWidth?: Mm | undefined
  twinMax?: Mm | undefined
  maxSpeed?: number | undefined
  travel?: Range | undefined
  bobbin?: { class: string; capacity: number } | undefined
  scales: Partial<Record<WorkbenchScale, Scale>>
  /** Decorative stitches, with their points where somebody has told them. */
  motifs: { id: string; name: string; points?: [number, number][] | undefined }[]
  /** Of the plate that is fitted when it is delivered. */
  plateSlot?: Slot | undefined
}

export interface WorkbenchStage {
  stage: string
  name: string
  select: string
  function: StitchFunction
  /** What the technique has worked out for it. */
  works: Calculation[]
  sketch?: CardSketch | undefined
  foot?: WorkbenchFoot | undefined
  plateSlot?: Slot | undefined
  needleSize: NeedleSize
  threads: (Pick<Thread, 'name' | 'tex' | 'fibre'> & { place: string })[]
  circular?: Item['circular'] | undefined
  /** Of a buttonhole: the mark it starts at, and which way it sews first. */
  startsAt?: Stitch['startsAt'] | undefined
  sews?: Stitch['sews'] | undefined
  /** Values that are known as numbers. */
  settings: Partial<Record<Parameter, number>>
}

export interface WorkbenchInput {
  model?: WorkbenchModel
  /** `thickness` of all layers together, pressed. */
  fabric?: Pick<Fabric, 'name' | 'structure' | 'weight' | 'behaviours'> & { thickness: Mm; needleSize: NeedleSize }
  stages: WorkbenchStage[]
  /**
   * Feet that fit the model, have a guide at a stated place and let a straight stitch through; a blade in the middle
   * first.
   */
  guides: WorkbenchFoot[]
}

export interface WorkbenchInputQuery {
  index: CatalogueIndex
  fitOf: FitLookup
}

/** `layers`: sewn through; left out: the fabric's own. */
export const workbenchInputOf = (
  { index, fitOf }: WorkbenchInputQuery,
  picked: { model?: Model; fabric?: Fabric; layers?: number; technique?: Technique; answer?: Answer },
): WorkbenchInput => {
  const { model, fabric, technique, answer } = picked
  return {
    ...(model ? { model: workbenchModel(index, model) } : {}),
    ...(fabric
      ? {
          fabric: {
            name: fabric.name,
            structure: fabric.structure,
            weight: fabric.weight,
            behaviours: fabric.behaviours,
            thickness: fabric.thickness * (picked.layers ?? fabric.layers),
            needleSize: fabric.needle.size,
          },
        }
      : {}),
    stages: (answer?.stages ?? []).flatMap((given) => {
      const method = technique?.methods.find(({ id }) => id === answer?.method)
      const stage = method?.stages.find(({ id }) => id === given.stage)
      return (stage && workbenchStage(index, given, stage, fabric)) ?? []
    }),
    guides: model ? guidesOn(index, fitOf, model) : [],
  }
}

const workbenchModel = (index: CatalogueIndex, model: Model): WorkbenchModel => {
  const scales: WorkbenchModel['scales'] = {}
  for (const parameter of SCALES) {
    const scale = model.scales[parameter]
    if (scale && scale !== 'absent') scales[parameter] = scale
  }
  const plate = model.supplied.map((id) => index.items.get(id)).find((item) => item?.what === 'plate')
  const motifs = model.stitches
    .filter((stitch) => stitch.function === 'decorative' || stitch.points)
    .map((stitch) => ({
      id: stitch.id,
      name: stitchName(stitch),
      points: stitch.points,
    }))
  const { id, name, kind, maxWidth, twinMax, maxSpeed, bobbin } = model
  return {
    id,
    name,
    kind,
    maxWidth,
    twinMax,
    maxSpeed,
    bobbin,
    travel: needleTravel(model),
    scales,
    motifs,
    plateSlot: plate?.slot,
  }
}

const workbenchStage = (
  index: CatalogueIndex,
  answer: Answer['stages'][number],
  stage: Stage,
  fabric: Fabric | undefined,
): WorkbenchStage | undefined => {
  const stitchFunction = index.functions.get(answer.function)
  if (!stitchFunction) return undefined
  const stitch = index.models.get(answer.model)?.stitches.find(({ id }) => id === answer.stitch)
  const item = (id: string | undefined) => (id === undefined ? undefined : index.items.get(id))
  const [foot, plate] = [item(answer.foot), item(answer.plate)]
  const settings: WorkbenchStage['settings'] = {}
  for (const [parameter, setting] of Object.entries(answer.settings) as [Parameter, Setting][]) {
    const value = setting.value === 'absent' ? setting.default : setting.value
    if (typeof value === 'number') settings[parameter] = value
  }
  return {
    stage: answer.stage,
    name: stage.name,
    works: stage.targets.flatMap(({ to }) => (typeof to === 'object' && 'calc' in to ? [to.calc] : [])),
    select: answer.select,
    function: stitchFunction,
    sketch: sketchOf(index, answer, fabric),
    foot: foot && workbenchFoot(foot),
    plateSlot: plate?.slot,
    needleSize: answer.needle.size,
    threads: answer.threads.flatMap(({ place, thread }) => {
      const found = index.threads.get(thread)
      return found ? [{ place, name: found.name, tex: found.tex, fibre: found.fibre }] : []
    }),
    startsAt: stitch?.startsAt,
    sews: stitch?.sews,
    circular: answer.accessories.map((id) => item(id)?.circular).find(Boolean),
    settings,
  }
}

const workbenchFoot = ({
  id,
  code,
  name,
  slot,
  guide,
  minWidth,
  functions,
  maxButton,
  overrun,
  edge,
}: Item): WorkbenchFoot => ({
  id,
  code,
  name,
  slot,
  guide,
  minWidth,
  functions,
  maxButton,
  overrun,
  edge,
})

const guidesOn = (index: CatalogueIndex, fitOf: FitLookup, model: Model): WorkbenchFoot[] =>
  [...index.items.values()]
    .filter(
      ({ what, guide, minWidth, denies }) =>
        what === 'foot' &&
        guide?.offset !== undefined &&
        guide.kind !== 'none' &&
        minWidth === undefined &&
        !denies?.includes('straight'),
    )
    .filter((item) => fitOf(item, model).fits === 'yes')
    .map(workbenchFoot)
    .sort((a, b) => Number(b.guide?.kind === 'centre') - Number(a.guide?.kind === 'centre'))
