/**
 * How far good samples agree: median, least and most of every value, and where they disagree beyond what the shop
 * bears.
 */
import { isStale, mediansOf } from '../answer/houseSetting'
import { entryOf, isInMm } from '../catalogue/parameters'
import type { Id, Model, Parameter, Sample } from '../catalogue/types'
import { TOLERANCE, tidy } from '../units/quantities'

/** What good samples may differ by: in mm where a scale reads mm, else in the scale's numbers. */
export interface ShopTolerance {
  mm: number
  numbers: number
}
export const USUAL_TOLERANCE: ShopTolerance = { mm: 0.5, numbers: 1 }

export interface Spread {
  parameter: Parameter
  median: number
  least: number
  most: number
  /** Samples that state it. */
  samples: number
  /** `most` and `least` are further apart than the shop bears. */
  disputed: boolean
}

/** The samples that count toward a house setting: good, of the model's edition, under this foot where they name one. */
export const standing = (samples: readonly Sample[], model: Model, stitch: Id, foot: Id | undefined): Sample[] =>
  samples.filter(
    (sample) =>
      sample.verdict === 'good' &&
      sample.stitch === stitch &&
      (sample.foot === undefined || sample.foot === foot) &&
      !isStale(sample, model),
  )

/** One entry a parameter that any of them states, in the order in which they are first stated. */
export const spreadOf = (samples: readonly Sample[], model: Model, tolerance = USUAL_TOLERANCE): Spread[] =>
  [...mediansOf(samples)].map(([parameter, median]) => {
    const values = samples.flatMap(({ used }) => used[parameter] ?? [])
    const [least, most] = [Math.min(...values), Math.max(...values)]
    const bears = isInMm(parameter) ? tolerance.mm : tolerance.numbers * numberOfOther(model, parameter)
    return { parameter, median, least, most, samples: values.length, disputed: most - least > bears + TOLERANCE }
  })

const numberOfOther = (model: Model, parameter: Parameter): number => {
  const scale = model.scales[parameter]
  return (typeof scale === 'object' ? scale.number : undefined) ?? entryOf(parameter).number ?? 1
}

/** The middle of several sewn tries, tidied; undefined for none. */
export const meanOf = (values: readonly number[]): number | undefined =>
  values.length === 0 ? undefined : tidy(values.reduce((sum, one) => sum + one, 0) / values.length)
