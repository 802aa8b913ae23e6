/** What the machine of a trial would sew as it stands, before anyone tries it on fabric. */
import { fencesAround, wouldHit } from '../answer/clearance'
import type { Reason } from '../answer/reasons'
import { leastSeen } from '../catalogue/parameters'
import type { Item, Model, Parameter, Range, Stitch } from '../catalogue/types'
import { specFrom } from '../card/sketch'
import type { StitchSpec } from '../stitch/types'
import { coveringFeed } from '../workbench/buttonholeFit'
import { perforation } from '../workbench/density'
import { needleAt, UNKNOWN, valueAt } from '../changeover/positions'
import { missing, stitchOf, type MachineState } from './machine'
import type { Trial, TrialItem } from './trial'

export type Finding =
  | { code: 'powerOff' }
  | { code: 'noStitch' }
  | { code: 'footUp' }
  | { code: 'strike'; reason: Reason }
  | { code: 'dutyLeft'; duty: string }
  | { code: 'standsStill'; why: 'length' | 'feedDogs' }
  | { code: 'pulledTwoWays'; foot: string; motion: string }
  | { code: 'otherStitch'; wanted: string; at: string }
  | { code: 'otherFoot'; wanted: string; at: string }
  | { code: 'stands'; control: string; at: string; wanted: string }
  | { code: 'packs'; length: number; least: number }
  | { code: 'gaps'; length: number; most: number }
  | { code: 'perforates'; tears: boolean; safe: number }
  /** The card's own fault of the stage, and the value that brings it about. */
  | { code: 'fault'; fault: string; parameter: Parameter; toward: 'high' | 'low' }
  | { code: 'offCard'; parameter: Parameter; at: number; wanted: number }

export interface TrialSample {
  /** `stops`: nothing is sewn, or the needle hits. */
  verdict: 'stops' | 'bad' | 'good'
  findings: Finding[]
  /** To be drawn; undefined where nothing is sewn or a value is not known in figures. */
  spec?: StitchSpec | undefined
}

const STOPS: ReadonlySet<Finding['code']> = new Set(['powerOff', 'noStitch', 'strike'])

export const sewWith = (trial: Trial, state: MachineState): TrialSample => {
  const findings = [...whatStops(trial, state), ...howItSews(trial, state)]
  const stops = findings.some(({ code }) => STOPS.has(code))
  const verdict = stops ? 'stops' : findings.length > 0 ? 'bad' : 'good'
  return { verdict, findings, spec: stops ? undefined : specOf(trial, state) }
}

const whatStops = (trial: Trial, state: MachineState): Finding[] => {
  const { positions } = state
  if ('power' in positions && positions['power'] !== 'on') return [{ code: 'powerOff' }]
  if (!stitchOf(trial, state)) return [{ code: 'noStitch' }]
  const strike = strikeOf(trial, state)
  return strike ? [{ code: 'strike', reason: strike }] : []
}

/** The needle against foot, plate and its own travel, with the values in force; unknown ones at their worst. */
const strikeOf = (trial: Trial, state: MachineState): Reason | undefined => {
  const stitch = stitchOf(trial, state)
  const stitchFunction = trial.functions.find(({ id }) => id === stitch?.function)
  if (!stitch || !stitchFunction) return undefined
  const foot = itemAt(trial, state, 'foot')
  const plate = itemAt(trial, state, 'plate')
  const swing = stitch.swing ?? stitchFunction.swing
  const width = widthOf(state)
  const needle = needleAt(state.positions['needle'] ?? '')
  const fences = fencesAround({
    model: trial.model as Model,
    foot: foot as Item | undefined,
    plates: plate ? [plate as Item] : [],
    needleSize: needle?.size ?? trial.answer.needle.size,
    twinSpacing: needle?.twin,
  })
  const path = {
    swing,
    narrowest: width?.from ?? stitch.ranges?.width?.from ?? 0,
    widest: width?.to ?? stitch.ranges?.width?.to ?? trial.model.maxWidth,
    widthKnown: width !== undefined,
    positions: [state.values.needlePosition ?? 0],
  }
  const trusted = foot?.id === trial.answer.foot && stitch.id === trial.answer.stitch
  return wouldHit(path, fences, { foot: foot as Item | undefined, trusted })
}

/** The width in force; where it stands somewhere in a range, its two ends. */
const widthOf = ({ values, positions }: MachineState): Range | undefined => {
  if (values.width !== undefined) return { from: values.width, to: values.width }
  const stands = valueAt(positions['width'] ?? UNKNOWN)
  return typeof stands === 'number' ? { from: stands, to: stands } : typeof stands === 'object' ? stands : undefined
}

const itemAt = ({ items }: Trial, { positions }: MachineState, control: 'foot' | 'plate'): TrialItem | undefined =>
  items.find(({ id, what }) => what === control && id === positions[control])

const howItSews = (trial: Trial, state: MachineState): Finding[] => {
  const stitch = stitchOf(trial, state)
  if (!stitch) return []
  return [
    ...state.due.map((duty): Finding => ({ code: 'dutyLeft', duty })),
    ...(state.positions['footLift'] === 'up' ? [{ code: 'footUp' } as const] : []),
    ...standing(trial, state),
    ...feeding(trial, state, stitch as Stitch),
    ...covering(trial, state, stitch as Stitch),
    ...offTheCard(trial, state),
  ]
}

/** Controls that do not stand so; values are told by what they bring about, and what nobody needs is not told. */
const standing = (trial: Trial, state: MachineState): Finding[] =>
  missing(trial, state).flatMap(({ control, at, wanted }): Finding[] => {
    if (control in trial.model.scales || control === 'power' || control === 'handwheel') return []
    if (control === 'stitch') return [{ code: 'otherStitch', wanted, at }]
    if (control === 'foot') return [{ code: 'otherFoot', wanted, at }]
    return [{ code: 'stands', control, at, wanted }]
  })

const feeding = (trial: Trial, state: MachineState, stitch: Stitch): Finding[] => {
  const { values, positions } = state
  const foot = itemAt(trial, state, 'foot')
  const wanted = trial.answer.settings.length?.value
  const stands: Finding[] =
    values.length === 0 && wanted !== 0 && trial.goal['feedDogs'] !== 'down'
      ? [{ code: 'standsStill', why: 'length' }]
      : positions['feedDogs'] === 'down' && trial.goal['feedDogs'] !== 'down'
        ? [{ code: 'standsStill', why: 'feedDogs' }]
        : []
  const pulled = foot?.motions && !foot.motions.includes(stitch.motion)
  return [...stands, ...(pulled ? [{ code: 'pulledTwoWays', foot: foot.id, motion: stitch.motion } as const] : [])]
}

/** A bead that should cover: its stitches may not lie on each other, nor show fabric between. (workbench) */
const covering = (trial: Trial, { values }: MachineState, stitch: Stitch): Finding[] => {
  const { length } = values
  if (length === undefined || length <= 0) return []
  const dense =
    stitch.function === 'satin' || stitch.function.startsWith('buttonhole') || stitch.attributes?.includes('dense')
  const found: Finding[] = []
  if (dense && trial.threadDiameter !== undefined) {
    const { from, to } = coveringFeed(trial.threadDiameter)
    if (length < from.value * PACKED) found.push({ code: 'packs', length, least: from.value })
    if (length > to.value * GAPING) found.push({ code: 'gaps', length, most: to.value })
  }
  if (trial.fabric.structure === 'coated' || trial.fabric.structure === 'nonWoven') {
    const { verdict, safeFeed } = perforation(trial.fabric.needle.size, length)
    if (verdict !== 'good') found.push({ code: 'perforates', tears: verdict === 'tears', safe: safeFeed.value })
  }
  return found
}
/** A little closer or wider than covers well is still sewn well. */
const PACKED = 0.75
const GAPING = 1.3

/** Values off the card, each told by the fault it brings about where the stage knows one. */
const offTheCard = (trial: Trial, { values }: MachineState): Finding[] =>
  (Object.entries(trial.answer.settings) as [Parameter, { value: unknown }][]).flatMap(
    ([parameter, { value }]): Finding[] => {
      const at = values[parameter]
      if (at === undefined || typeof value !== 'number') return []
      const scale = trial.model.scales[parameter]
      const number = typeof scale === 'object' ? scale.number : undefined
      if (Math.abs(at - value) < leastSeen(parameter, value, number)) return []
      const toward = at > value ? 'high' : 'low'
      const faults = trial.stage.faults.flatMap((fault) =>
        fault.causes
          .filter((cause) => cause.parameter === parameter && cause.toward === toward)
          .map((): Finding => ({ code: 'fault', fault: fault.name, parameter, toward })),
      )
      return faults.length > 0 ? faults : [{ code: 'offCard', parameter, at, wanted: value }]
    },
  )

const specOf = (trial: Trial, state: MachineState): StitchSpec | undefined => {
  const stitch = stitchOf(trial, state)
  const stitchFunction = trial.functions.find(({ id }) => id === stitch?.function)
  return stitch && stitchFunction
    ? specFrom(stitchFunction, stitch as Stitch, (parameter) => state.values[parameter])
    : undefined
}
