/** Needle and guide: a row at a distance from what the guide runs along. (workbench, Needle and guide) */
import { needleMargin, slotEdges } from '../answer/clearance'
import { nearest, reachOf } from '../answer/reach'
import type { Item, Range, Scale, Slot } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm, type NeedleSize } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** On which side of the guided line the row lies. */
export type RowSide = 'left' | 'right'

export interface GuidedFoot {
  /** Of the guide from centre, right positive, mm. */
  guide: Mm
  /** Where the needle may go; left out: not stated, so not compared. */
  slot?: Slot | undefined
}

export interface NeedleReach {
  /** The model's needle positions; left out: it turns to any place of its travel. */
  scale?: Scale | undefined
  travel: Range
  needleSize: NeedleSize
}

export interface RowPlace {
  /** Needle position that would sew the row. */
  wanted: Figure
  /** Nearest position that the model reaches and the foot leaves clear; undefined where none is clear. */
  needle: Mm | undefined
  /** Distance sewn from there; only where there is such a position. */
  distance?: Figure
  /** Wanted and sewn are the same. */
  exact: boolean
  /** Distances this foot can sew on this model. */
  reach: Range | undefined
}

const MOST_OFFSET: Mm = 40

export const QUARTER_INCH: Mm = 6.35

/** Where the needle stands for a row so far from what is guided, `guide` from centre. */
export const needleForRow = (guide: Mm, side: RowSide, distance: Mm): Figure => {
  const D = within('distance', distance, 0, 60)
  const g = within('guide', guide, -MOST_OFFSET, MOST_OFFSET)
  return figure('mm', side === 'left' ? 'g − D' : 'D + g', { D, g }, positionFor(g, side, D))
}

/** Where an edge is guided right of the needle: along a foot's guide there, else along its outer edge. */
export const guidedRight = ({ guide, edge }: Pick<Item, 'guide' | 'edge'>): Mm | undefined =>
  guide?.kind === 'right' ? guide.offset : edge?.right

/** A guide left of centre is `−g`: a row right of it lies at `D − g` of the guide's own distance. */
const positionFor = (guide: Mm, side: RowSide, distance: Mm): Mm =>
  side === 'left' ? guide - distance : distance + guide

/** Where the needle may stand under a foot: its travel, and the slot less the needle's margin. */
export const clearSpan = ({ slot }: Pick<GuidedFoot, 'slot'>, { travel, needleSize }: NeedleReach): Range => {
  if (slot === undefined) return travel
  const [{ left, right }, margin] = [slotEdges(slot), needleMargin(needleSize)]
  return { from: tidy(Math.max(travel.from, left + margin)), to: tidy(Math.min(travel.to, right - margin)) }
}

/** The row at a distance from the guided line. Throws `OutOfReach` for a distance below 0 or over 60 mm. */
export const rowAt = (foot: GuidedFoot, machine: NeedleReach, side: RowSide, distance: Mm): RowPlace => {
  const wanted = needleForRow(foot.guide, side, distance)
  const g = foot.guide
  const span = clearSpan(foot, machine)
  // Beyond the guide it would be a row on its other side.
  const clear =
    side === 'left' ? { from: span.from, to: Math.min(span.to, g) } : { from: Math.max(span.from, g), to: span.to }
  const places = reachOf(machine.scale)
  const ends = [clear.from, clear.to].flatMap((end) => standing(places, end, clear) ?? [])
  const needle = clear.from > clear.to + TOLERANCE ? undefined : standing(places, wanted.value, clear)
  if (needle === undefined || ends.length === 0) return { wanted, needle: undefined, exact: false, reach: undefined }
  const distanceFrom = (p: Mm) => tidy(side === 'left' ? g - p : p - g)
  const distances = ends.map(distanceFrom).map((d) => Math.max(0, d))
  return {
    wanted,
    needle,
    distance: figure('mm', side === 'left' ? 'g − p' : 'p − g', { g, p: needle }, distanceFrom(needle)),
    exact: Math.abs(needle - wanted.value) <= TOLERANCE,
    reach: { from: Math.min(...distances), to: Math.max(...distances) },
  }
}

/** The reachable place nearest to one, within a span; undefined where the model has none there. */
const standing = (places: ReturnType<typeof reachOf>, wanted: Mm, span: Range): Mm | undefined => {
  const held = Math.min(Math.max(wanted, span.from), span.to)
  const place = nearest(places, held, { ties: 'lower', within: span })
  if (place === undefined || place.value < span.from - TOLERANCE || place.value > span.to + TOLERANCE) return undefined
  return tidy(place.value)
}

/** Two rows at once: the twin needle's spacing, where both blades stay clear. */
export const twinRows = (spacing: Mm, most: Mm | undefined, slot: Slot | undefined, needleSize: NeedleSize) => {
  const s = within('spacing', spacing, 0, 10, true)
  const [edges, margin] = [slot === undefined ? undefined : slotEdges(slot), needleMargin(needleSize)]
  const needed = figure('mm', 'spacing + 2 × margin', { spacing: s, margin }, s + 2 * margin)
  const clear = edges === undefined ? undefined : s / 2 + margin <= Math.min(-edges.left, edges.right) + TOLERANCE
  return { needed, clear, taken: most === undefined ? undefined : s <= most + TOLERANCE }
}

/** Finished width of the middle of three strips of 38.1 mm (1½") seamed at a quarter inch. */
const MIDDLE: Mm = 25.4

export interface QuarterInch {
  /** Toward the edge that is guided; below 0 away from it. */
  move: Figure
  /** What each seam takes off the width too much; below 0 too little. */
  seam: Figure
  /** Over so many seams. */
  over: Figure
}

/** Three strips sewn and the middle one measured. */
export const quarterInchCheck = (measured: Mm, seams: number): QuarterInch => {
  const m = within('measured', measured, 15, 35)
  const n = within('seams', seams, 1, 1000)
  const move = figure('mm', '(25.4 − measured) / 2', { measured: m }, (MIDDLE - m) / 2)
  const seam = figure('mm', '2 × move', { move: move.value }, 2 * move.value)
  return { move, seam, over: figure('mm', 'n × a seam', { n, 'a seam': seam.value }, n * seam.value) }
}
