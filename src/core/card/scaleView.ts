/** Where a value lies on a drawn tape or dial. Pure figures for the drawing. */
import type { CardValue } from './card'
import type { Mark, Parameter, Positions, Range, Scale } from '../catalogue/types'
import { agrees } from '../answer/reach'
import { showValue } from '../answer/show'

export interface Tick {
  /** 0 at the start of the scale, 1 at its end. */
  at: number
  label: string
  major: boolean
}

export interface ScaleView {
  shape: 'tape' | 'dial'
  ticks: Tick[]
  /** Where it stands once the stitch is chosen, where that is known; two ends where the machine gives a range. */
  starts: number[]
  /** Where to set it. */
  set: number[]
  hits: { from: number; to: number }[]
}

const MOST_TICKS = 11

/** Undefined where there is no scale to draw on, or no number to draw. */
export const scaleView = (value: CardValue, setup: Positions): ScaleView | undefined => {
  const { parameter, scale, setting, hits } = value
  if (!scale || scale === 'absent') return undefined
  const marks = marksOf(scale, setup)
  const { from, to } = marks && scale.faces ? spanOf(marks) : scale
  if (!(to > from)) return undefined
  const share = (x: number) => Math.min(1, Math.max(0, (x - from) / (to - from)))
  const ends = (x: unknown): number[] =>
    typeof x === 'number' ? [share(x)] : isRange(x) ? [share(x.from), share(x.to)] : []
  const set = ends(setting.value)
  if (set.length === 0) return undefined
  return {
    shape: marks ? 'dial' : 'tape',
    ticks: marks
      ? marks.map(({ mark, value: at }) => ({ at: share(at), label: mark, major: true }))
      : evenTicks(scale, parameter, share),
    starts: ends(value.stands),
    set,
    hits: hits.map((hit) => ({ from: share(hit.from), to: share(hit.to) })).filter((hit) => hit.to > hit.from),
  }
}

const isRange = (x: unknown): x is Range => typeof x === 'object' && x !== null && 'from' in x && 'to' in x

const marksOf = (scale: Scale, setup: Positions): Mark[] | undefined =>
  scale.faces ? scale.faces.find(({ when }) => agrees(when, setup))?.marks : scale.marks

const spanOf = (marks: Mark[]): Range => ({
  from: Math.min(...marks.map(({ value }) => value)),
  to: Math.max(...marks.map(({ value }) => value)),
})

/** A tick at each whole step that leaves room for its figure, halves between. */
const evenTicks = (scale: Scale, parameter: Parameter, share: (x: number) => number): Tick[] => {
  const span = scale.to - scale.from
  const step = [0.5, 1, 2, 5, 10, 20, 50].find((candidate) => span / candidate <= MOST_TICKS) ?? span
  const ticks: Tick[] = []
  const first = Math.ceil(scale.from / step) * step
  for (let x = first; x <= scale.to + 1e-9; x += step) {
    ticks.push({ at: share(x), label: tickLabel(x, scale, parameter), major: true })
    if (x + step / 2 <= scale.to) ticks.push({ at: share(x + step / 2), label: '', major: false })
  }
  return ticks
}

const tickLabel = (x: number, scale: Scale, parameter: Parameter): string =>
  scale.shows === 'spi'
    ? showValue(x, parameter, scale).replace(' spi', '')
    : String(Number((x + (scale.shownOffset ?? 0)).toFixed(2))).replace('-', '−')

/** A dial turns through so much, degrees, from lower left over the top. */
const SWEEP = 270

/** How far a dial is turned at a place, degrees from straight up. */
export const dialTurn = (share: number): number => -SWEEP / 2 + share * SWEEP

/** A place on a dial of that radius about a centre, in the drawing's own unit, y downward. */
export const dialPoint = (share: number, radius: number, centre: number): { x: number; y: number } => {
  const angle = ((dialTurn(share) - 90) * Math.PI) / 180
  return { x: centre + radius * Math.cos(angle), y: centre + radius * Math.sin(angle) }
}

/** The rim between two places, as a path. */
export const dialArc = (from: number, to: number, radius: number, centre: number): string => {
  const [a, b] = [dialPoint(from, radius, centre), dialPoint(to, radius, centre)]
  return `M${a.x} ${a.y}A${radius} ${radius} 0 ${(to - from) * SWEEP > 180 ? 1 : 0} 1 ${b.x} ${b.y}`
}

/** Of a range its middle; of one place that. */
export const middleOf = (ends: readonly number[]): number => ends.reduce((sum, end) => sum + end, 0) / ends.length
