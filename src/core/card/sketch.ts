/** What is needed to draw a stage's stitch to scale: as it is set, and as the machine gives it. */
import type { CatalogueIndex } from '../catalogue/index'
import type { Fabric, Parameter, Slot, Stitch, StitchFunction, Swing } from '../catalogue/types'
import { guidePlace, withGuideSet } from '../answer/guidePlace'
import type { Setting, StageAnswer } from '../answer/types'
import { biteFor } from '../workbench/blindHemBite'
import { fabricUnder, type FabricLayout } from './fabricParts'
import type { StitchSpec } from '../stitch/types'

export interface CardSketch {
  set: StitchSpec
  /** Left out where it is the same, or the book does not say it in numbers. */
  given?: StitchSpec
  /** Where the needle may go in foot and needle plate; left out where it is not stated or nothing is fitted. */
  foot?: Slot
  plate?: Slot
  fabric: FabricLayout
}

const REPEATS = 2
/** At least so much of the seam is drawn, mm. */
const LEAST_LENGTH = 20

/**
 * The stitch as these values shape it; undefined where one that does is not known as a number: nothing is drawn that
 * nobody has said.
 */
export const specFrom = (
  told: StitchFunction,
  stitch: Stitch,
  value: (parameter: Parameter) => number | undefined,
): StitchSpec | undefined => {
  const swing: Swing = stitch.swing ?? told.swing
  const width = told.family === 'overlock' ? (value('cuttingWidth') ?? value('width')) : value('width')
  const length = value('length')
  const needsWidth = swing !== 'none' || told.family === 'overlock' || (told.family === 'cover' && told.id !== 'chain')
  if (length === undefined || length <= 0 || (needsWidth && (width === undefined || width <= 0))) return undefined
  const { id, family, repeat, swingAt } = told
  const pattern = stitch.lengthMeaning === 'pattern' || stitch.points ? length : length * (repeat ?? 1)
  return {
    function: {
      id,
      family,
      ...(repeat === undefined ? {} : { repeat }),
      ...(swingAt === undefined ? {} : { swingAt }),
    },
    swing,
    width: width ?? 0,
    length,
    needlePosition: value('needlePosition') ?? 0,
    repeats: Math.max(REPEATS, Math.min(200, Math.ceil(LEAST_LENGTH / pattern))),
    ...(stitch.points ? { points: stitch.points } : {}),
  }
}

/** Undefined where a value that shapes the stitch is not known as a number: nothing is drawn that nobody has said. */
export const sketchOf = (index: CatalogueIndex, answer: StageAnswer, sewnOn?: Fabric): CardSketch | undefined => {
  const model = index.models.get(answer.model)
  const stitch = model?.stitches.find(({ id }) => id === answer.stitch)
  const stitchFunction = index.functions.get(answer.function)
  if (!model || !stitch || !stitchFunction) return undefined
  const specOf = (value: (setting: Setting) => unknown): StitchSpec | undefined =>
    specFrom(stitchFunction, stitch, (parameter) => {
      const setting = answer.settings[parameter]
      // Without a control the machine still sews what the book says it gives.
      const found = setting && (setting.value === 'absent' ? setting.default : value(setting))
      return typeof found === 'number' ? found : undefined
    })
  const set = specOf(({ value }) => value)
  if (!set) return undefined
  const given = specOf(({ default: byBook }) => byBook)
  const slotOf = (id: string | undefined) => (id === undefined ? undefined : index.items.get(id)?.slot)
  // Of an overlock stitch zero is the edge, of foot and plate the needle: they are not drawn beside it.
  const [foot, plate] = stitchFunction.family === 'overlock' ? [] : [slotOf(answer.foot), slotOf(answer.plate)]
  const differs =
    given && (given.width !== set.width || given.length !== set.length || given.needlePosition !== set.needlePosition)
  const item = answer.foot === undefined ? undefined : index.items.get(answer.foot)
  const fabric = sewnOn ?? { weight: 'medium' as const, behaviours: [] }
  const placed = item && withGuideSet(item, guidePlace(index, answer, item, fabric))
  return {
    set,
    fabric: fabricUnder(set, placed, biteFor(fabric)),
    ...(differs ? { given } : {}),
    ...(foot === undefined ? {} : { foot }),
    ...(plate === undefined ? {} : { plate }),
  }
}

/** Of an overlock stitch zero is its edge, of a foot the needle: its lines are not drawn on the foot. */
export const fabricBeside = (sketch: Pick<CardSketch, 'set' | 'fabric'> | undefined): FabricLayout | undefined =>
  sketch?.set.function.family === 'overlock' ? undefined : sketch?.fabric
