/** All that was sewn for one cell of the shop: the tries, the house setting, how far they agree, what they taught. */
import { houseSettingOf, isStale } from '../answer/houseSetting'
import type { CatalogueIndex } from '../catalogue/index'
import type { Fabric, Id, Model, Sample, Stage, Stitch } from '../catalogue/types'
import { specFrom } from '../card/sketch'
import type { StitchSpec } from '../stitch/types'
import { startOffset } from '../workbench/buttonholeFit'
import type { Figure } from '../workbench/figure'
import { quarterInchCheck } from '../workbench/needleGuide'
import { ladderOf, type TryRung } from './ladder'
import { meanOf, spreadOf, standing, USUAL_TOLERANCE, type ShopTolerance, type Spread } from './spread'

export interface EvidenceCell {
  model: Model
  technique: Id
  method: Id
  stage: Stage
  fabric: Fabric
  /** What the card sews it with. */
  stitch: Stitch
  foot: Id | undefined
}

export type SampleTry = TryRung & {
  stale: boolean
  /** What it sewed, drawn; left out where a value that shapes it is not known. */
  spec?: StitchSpec
  /** What the machine gives for its stitch, where the book says so in numbers. */
  given: Partial<Record<string, number>>
}

export interface Evidence {
  tries: SampleTry[]
  /** The sample that is the house setting. */
  house?: { sample: Id; pinned: boolean; samples: number; people: number; days: number; last: string; proved: boolean }
  spread: Spread[]
  disputed: boolean
  /** Where a buttonhole begins against its mark, from good and usable tries that measured it. */
  startOffset?: { mean: Figure; spread: Figure; enough: boolean; tries: number }
  /** Needle move from three-strip checks. */
  quarterInch?: { move: Figure; tries: number }
}

export const evidenceOf = (
  index: CatalogueIndex,
  cell: EvidenceCell,
  tolerance: ShopTolerance = USUAL_TOLERANCE,
): Evidence => {
  const { model, technique, method, stage, fabric, stitch, foot } = cell
  const samples = samplesOf(index, cell)
  const { house } = houseSettingOf(index, { model, technique, method, stage, fabric, stitch, foot })
  const spread = spreadOf(standing(samples, model, stitch.id, foot), model, tolerance)
  const measured = (name: string) =>
    samples.filter(({ verdict }) => verdict !== 'redo').flatMap((sample) => sample.measured?.[name] ?? [])
  const [offsets, middles] = [measured('startOffset'), measured('middle')]
  const middle = meanOf(middles.filter((value) => value >= 15 && value <= 35))
  return {
    tries: ladderOf(samples).map((rung) => ({ ...rung, ...sewnAs(index, model, rung.sample) })),
    ...(house
      ? {
          house: {
            sample: house.sample.id,
            pinned: house.pinned,
            samples: house.samples,
            people: house.people,
            days: house.days,
            last: house.last,
            proved: house.people > 1 || house.days > 1,
          },
        }
      : {}),
    spread,
    disputed: spread.some((one) => one.disputed),
    ...(offsets.length > 0 ? { startOffset: { ...startOffset(offsets), tries: offsets.length } } : {}),
    ...(middle === undefined ? {} : { quarterInch: { move: quarterInchCheck(middle, 1).move, tries: middles.length } }),
  }
}

const samplesOf = (index: CatalogueIndex, { model, technique, method, stage, fabric }: EvidenceCell): Sample[] =>
  [...index.samples.values()]
    .flat()
    .filter(
      (sample) =>
        sample.model === model.id &&
        sample.technique === technique &&
        sample.method === method &&
        sample.stage === stage.id &&
        sample.fabric === fabric.id,
    )

const sewnAs = (index: CatalogueIndex, model: Model, sample: Sample): Pick<SampleTry, 'stale' | 'spec' | 'given'> => {
  const stitch = model.stitches.find(({ id }) => id === sample.stitch)
  const stitchFunction = stitch && index.functions.get(stitch.function)
  const given = Object.fromEntries(
    Object.entries(stitch?.defaults ?? {}).filter((entry): entry is [string, number] => typeof entry[1] === 'number'),
  )
  const spec =
    stitch &&
    stitchFunction &&
    specFrom(stitchFunction, stitch, (parameter) => sample.used[parameter] ?? given[parameter])
  return { stale: isStale(sample, model), given, ...(spec ? { spec } : {}) }
}
