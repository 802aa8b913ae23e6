/** A whole machine against another: for who changes machines, and for the desk that is asked where something went. */
import { withContents } from '../catalogue/index'
import type { Id, Model, Parameter, Scale } from '../catalogue/types'
import type { AnswerContext } from '../answer/explain'
import { compareParameters } from '../catalogue/parameters'
import { reachOf } from '../answer/reach'
import type { Verdict } from '../answer/types'
import { decide } from '../coverage/decide'
import { carry, hadThings, type Carried } from './carry'

export interface MachineTranslation {
  from: Id
  to: Id
  /** Each function that either has, with how it is chosen on both; empty where it is missing. */
  stitches: { function: string; from: Choosing[]; to: Choosing[] }[]
  reach: ReachDifference[]
  features: { lost: string[]; gained: string[] }
  items: Carried[]
  /** What changes for the techniques, where anything does. */
  techniques: { technique: Id; from: Verdict; to: Verdict }[]
}

export interface Choosing {
  stitch: Id
  select: string
  name: string | undefined
}

export interface ReachDifference {
  of: 'maxWidth' | 'maxSpeed' | 'twinMax' | Parameter
  from: ReachOf
  to: ReachOf
}

/** A figure, or a scale by its ends and how many places it has; `free` turns without places. */
export type ReachOf =
  | { is: 'unknown' }
  | { is: 'absent' }
  | { is: 'figure'; value: number }
  | { is: 'scale'; from: number; to: number; places: number | 'free' }

/** Throws `QuestionError` where the catalogue has no such fabric. */
export const translateMachine = (
  answering: AnswerContext,
  from: Model,
  to: Model,
  { fabric, owned }: { fabric: Id; owned: readonly Id[] },
): MachineTranslation => {
  const { index } = answering
  const had = withContents([...from.supplied, ...owned], index.items)
  return {
    from: from.id,
    to: to.id,
    stitches: stitchesOn(from, to),
    reach: reachOn(from, to),
    features: {
      lost: from.features.filter((feature) => !to.features.includes(feature)),
      gained: to.features.filter((feature) => !from.features.includes(feature)),
    },
    items: hadThings(index, had)
      .filter(({ what }) => what !== 'plate')
      .map((item) => carry(answering, item, to)),
    techniques: index.bundle.techniques.flatMap(({ id }) => {
      const verdict = (model: Model) =>
        decide(answering, { technique: id, model: model.id, fabric, owned: [...owned] }).verdict
      const [before, after] = [verdict(from), verdict(to)]
      return before === after ? [] : [{ technique: id, from: before, to: after }]
    }),
  }
}

const stitchesOn = (from: Model, to: Model): MachineTranslation['stitches'] => {
  const choosing = (model: Model, named: string): Choosing[] =>
    model.stitches
      .filter((stitch) => stitch.function === named)
      .map(({ id, select, nativeName }) => ({ stitch: id, select, name: nativeName }))
  const functions = [...new Set([...from.stitches, ...to.stitches].map((stitch) => stitch.function))]
  return functions.map((named) => ({ function: named, from: choosing(from, named), to: choosing(to, named) }))
}

const reachOn = (from: Model, to: Model): ReachDifference[] => {
  const figure = (value: number | undefined): ReachOf =>
    value === undefined ? { is: 'unknown' } : { is: 'figure', value }
  const plain = (['maxWidth', 'maxSpeed', 'twinMax'] as const).map((of): ReachDifference => ({
    of,
    from: figure(from[of]),
    to: figure(to[of]),
  }))
  const parameters = [...new Set([...Object.keys(from.scales), ...Object.keys(to.scales)] as Parameter[])]
  const scales = parameters
    .sort(compareParameters)
    .map((of): ReachDifference => ({ of, from: scaleReach(from.scales[of]), to: scaleReach(to.scales[of]) }))
  return [...plain, ...scales].filter((difference) => JSON.stringify(difference.from) !== JSON.stringify(difference.to))
}

const scaleReach = (scale: Scale | 'absent' | undefined): ReachOf => {
  if (scale === undefined) return { is: 'unknown' }
  if (scale === 'absent') return { is: 'absent' }
  const reach = reachOf(scale)
  if (reach.kind === 'free') return { is: 'scale', from: scale.from, to: scale.to, places: 'free' }
  const values = reach.places.map(({ value }) => value)
  return { is: 'scale', from: Math.min(...values), to: Math.max(...values), places: values.length }
}
