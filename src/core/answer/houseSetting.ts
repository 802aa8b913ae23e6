/** The house setting: one sample that was really sewn and that the shop stands by. (answers §4.2) */
import { sampleKey, type CatalogueIndex } from '../catalogue/index'
import type { Fabric, Id, Model, Parameter, Sample, Scale, Stage, Stitch } from '../catalogue/types'
import { TOLERANCE } from '../units/quantities'

export interface HouseSetting {
  sample: Sample
  samples: number
  people: number
  days: number
  last: string
  pinned: boolean
}

export interface HouseSettingQuery {
  model: Model
  technique: Id
  method: Id
  stage: Stage
  fabric: Fabric
  stitch: Stitch
  foot: Id | undefined
}

/** What a "number" is on a scale that states none, for comparing samples. */
const DEFAULT_NUMBER = 0.1

/** The pinned sample, latest first; else the one nearest the medians. `stale`: good ones of another edition. */
export const houseSettingOf = (
  index: CatalogueIndex,
  cell: HouseSettingQuery,
): { house?: HouseSetting; stale: Sample[] } => {
  if (index.samples.size === 0) return { stale: [] }
  const { model, technique, method, stage, fabric, stitch } = cell
  const key = sampleKey({
    model: model.id,
    technique,
    method,
    stage: stage.id,
    fabric: fabric.id,
    stitch: stitch.id,
  })
  const sewn = index.samples.get(key)
  if (!sewn) return { stale: [] }
  const good = sewn.filter(
    (sample) => sample.verdict === 'good' && (sample.foot === undefined || sample.foot === cell.foot),
  )
  const stale = good.filter((sample) => isStale(sample, model))
  const current = good.filter((sample) => !isStale(sample, model))
  const pinned = current.filter((sample) => sample.pinned).sort(latestFirst)
  const sample = pinned[0] ?? nearestMedians(current, model)
  if (!sample) return { stale }
  const DATE = 'yyyy-mm-dd'.length
  const days = new Set(current.map(({ on }) => on.slice(0, DATE)))
  return {
    stale,
    house: {
      sample,
      samples: current.length,
      people: new Set(current.map(({ by }) => by)).size,
      days: days.size,
      last: [...days].sort().at(-1) as string,
      pinned: pinned.length > 0,
    },
  }
}

/** A sample and a model that both state an edition, and differ. */
export const isStale = (sample: Sample, model: Model): boolean =>
  sample.edition !== undefined && model.edition !== undefined && sample.edition !== model.edition

const latestFirst = (a: Sample, b: Sample): number =>
  a.on !== b.on ? (a.on > b.on ? -1 : 1) : a.id < b.id ? -1 : a.id > b.id ? 1 : 0

const nearestMedians = (samples: readonly Sample[], model: Model): Sample | undefined => {
  const medians = mediansOf(samples)
  let best: { sample: Sample; distance: number } | undefined
  for (const sample of [...samples].sort(latestFirst)) {
    const distance = meanDistance(sample, medians, model)
    if (distance !== undefined && (!best || distance < best.distance - TOLERANCE)) best = { sample, distance }
  }
  return best?.sample
}

const usedEntries = (sample: Sample) => Object.entries(sample.used) as [Parameter, number][]

/** Per parameter, over the samples that state it; of an even number the lower middle. */
export const mediansOf = (samples: readonly Sample[]): Map<Parameter, number> => {
  const used = new Map<Parameter, number[]>()
  for (const sample of samples) {
    for (const [parameter, value] of usedEntries(sample)) {
      used.set(parameter, [...(used.get(parameter) ?? []), value])
    }
  }
  return new Map(
    [...used].map(([parameter, values]) => {
      const sorted = values.sort((a, b) => a - b)
      return [parameter, sorted[Math.floor((sorted.length - 1) / 2)] as number]
    }),
  )
}

/** Undefined for a sample that states nothing. */
const meanDistance = (sample: Sample, medians: ReadonlyMap<Parameter, number>, model: Model): number | undefined => {
  const entries = usedEntries(sample)
  if (entries.length === 0) return undefined
  const distances = entries.map(
    ([parameter, used]) => Math.abs(used - (medians.get(parameter) as number)) / numberOf(model.scales[parameter]),
  )
  return distances.reduce((sum, distance) => sum + distance, 0) / entries.length
}

/** How much a "number" is on a scale. */
export const numberOf = (scale: Scale | 'absent' | undefined): number =>
  (scale === undefined || scale === 'absent' ? undefined : scale.number) ?? DEFAULT_NUMBER
