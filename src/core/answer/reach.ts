/** Which values a model's scale can stand at. */
import type { Mark, Positions, Range, Scale } from '../catalogue/types'
import { MM_PER_INCH, TOLERANCE, tidy } from '../units/quantities'

/** `free` turns to any value between its ends; a list names every place, rising. */
export type Reach = { kind: 'free'; from: number; to: number } | { kind: 'list'; places: ScalePlace[] }

export interface ScalePlace {
  value: number
  mark?: string
  /** Controls that must stand so for this place of a two-faced dial to hold. */
  when?: Positions
}

/** Most places a grid may have; a finer one turns freely for all purposes. */
const MOST_PLACES = 20_000

const NOT_STATED: Reach = { kind: 'free', from: -Infinity, to: Infinity }

/** What the scale reaches; a scale that is not stated, or states no step, sets no places. */
export const reachOf = (scale: Scale | undefined): Reach => {
  return scale ? workOut(scale) : NOT_STATED
}

export type ReachLookup = (scale: Scale | undefined) => Reach

/** A lookup that works out each scale once, as long as the scale itself is kept. */
export const rememberedReaches = (): ReachLookup => {
  const known = new WeakMap<Scale, Reach>()
  return (scale) => {
    if (!scale) return NOT_STATED
    const reach = known.get(scale) ?? workOut(scale)
    known.set(scale, reach)
    return reach
  }
}

/** The places of a two-faced dial that can hold while the controls stand so. */
export const agreeing = (reach: Reach, setup: Positions): Reach =>
  reach.kind === 'free' || !reach.places.some(({ when }) => when)
    ? reach
    : { kind: 'list', places: reach.places.filter(({ when }) => agrees(when, setup)) }

export const agrees = (when: Positions | undefined, setup: Positions): boolean =>
  Object.entries(when ?? {}).every(([control, position]) => (setup[control] ?? position) === position)

const workOut = (scale: Scale): Reach => {
  if (scale.faces && scale.faces.length > 0) {
    const places = scale.faces.flatMap(({ when, marks }) => marks.map((mark) => ({ ...place(mark), when })))
    return list(places)
  }
  if (scale.step === undefined) {
    return scale.marks && scale.marks.length > 0
      ? list(scale.marks.map(place))
      : { kind: 'free', from: scale.from, to: scale.to }
  }
  if (scale.step <= 0) return { kind: 'free', from: scale.from, to: scale.to }
  const values = scale.shows === 'spi' ? densities(scale, scale.step) : grid(scale.from, scale.to, scale.step)
  return values ? list(values.map((value) => ({ value }))) : { kind: 'free', from: scale.from, to: scale.to }
}

const place = ({ mark, value }: Mark): ScalePlace => ({ value, mark })

const list = (places: ScalePlace[]): Reach => ({ kind: 'list', places: places.sort((a, b) => a.value - b.value) })

const grid = (from: number, to: number, step: number): number[] | undefined => {
  const count = Math.floor((to - from) / step + TOLERANCE) + 1
  if (count > MOST_PLACES) return undefined
  return Array.from({ length: Math.max(count, 0) }, (_, k) => tidy(from + k * step))
}

/** Stitches to the inch step down from the shortest stitch; a scale that starts at 0 steps up from its longest. */
const densities = (scale: Scale, step: number): number[] | undefined => {
  const values: number[] = []
  if (scale.from > 0) {
    for (let spi = MM_PER_INCH / scale.from; spi > TOLERANCE; spi -= step) {
      const mm = MM_PER_INCH / spi
      if (mm > scale.to + TOLERANCE || values.length > MOST_PLACES) break
      values.push(tidy(mm))
    }
    return values
  }
  if (scale.to <= 0) return [0]
  values.push(0)
  const FINEST_MM = 0.05
  for (let spi = MM_PER_INCH / scale.to; MM_PER_INCH / spi >= FINEST_MM; spi += step) {
    values.push(tidy(MM_PER_INCH / spi))
    if (values.length > MOST_PLACES) return undefined
  }
  return values
}

export interface NearestOptions {
  /** Which of two equally near places is taken. */
  ties: 'lower' | 'higher'
  /** Stay within, where a place is within. */
  within?: Range | undefined
  /** Leave out 0. */
  aboveZero?: boolean
}

/** The reachable place nearest to a value; undefined where the scale has no place at all. */
export const nearest = (reach: Reach, value: number, seeking: NearestOptions): ScalePlace | undefined => {
  if (reach.kind === 'free') {
    return { value: Math.min(Math.max(value, reach.from), reach.to) }
  }
  const allowed = seeking.aboveZero ? reach.places.filter((place) => place.value > TOLERANCE) : reach.places
  const { within } = seeking
  const inside = within ? allowed.filter((place) => inRange(place.value, within)) : []
  let best: ScalePlace | undefined
  for (const candidate of inside.length > 0 ? inside : allowed) {
    const gain = best ? Math.abs(best.value - value) - Math.abs(candidate.value - value) : Infinity
    if (gain > TOLERANCE || (gain > -TOLERANCE && seeking.ties === 'higher')) best = candidate
  }
  return best
}

/** The reachable places between two values, rising; for a free scale only those two ends. */
export const placesBetween = (reach: Reach, low: number, high: number): ScalePlace[] => {
  if (reach.kind === 'list') return reach.places.filter(({ value }) => inRange(value, { from: low, to: high }))
  const from = Math.max(low, reach.from)
  const to = Math.min(high, reach.to)
  if (from > to + TOLERANCE) return []
  return from === to ? [{ value: from }] : [{ value: from }, { value: to }]
}

export const inRange = (value: number, { from, to }: Range): boolean =>
  value >= from - TOLERANCE && value <= to + TOLERANCE

/** Whether the scale can stand exactly there. */
export const reaches = (reach: Reach, value: number): boolean =>
  reach.kind === 'free' ? inRange(value, reach) : reach.places.some((place) => Math.abs(place.value - value) <= 1e-6)
