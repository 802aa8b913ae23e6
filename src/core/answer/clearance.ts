/** Will the needle hit? Swing, margins, slots and the needle bar's own travel. (answers §2) */
import type { Item, Model, Range, Slot, Swing } from '../catalogue/types'
import { TOLERANCE, tidy, type Mm, type NeedleSize } from '../units/quantities'
import type { Reason, Side } from './reasons'

/** Margin kept on each side of the needle line: half the blade, and a little. */
export const needleMargin = (size: NeedleSize): Mm => size / 200 + 0.2

export const slotEdges = (slot: Slot): { left: Mm; right: Mm } =>
  typeof slot === 'number' ? { left: -slot / 2, right: slot / 2 } : slot

/** Share of the width that lies left and right of the needle position. */
const SHARES: Record<Swing, { left: number; right: number }> = {
  none: { left: 0, right: 0 },
  centred: { left: 0.5, right: 0.5 },
  left: { left: 1, right: 0 },
  right: { left: 0, right: 1 },
}

/** Where the needle goes: lowest and highest place from centre, mm. */
export const swingSpan = (swing: Swing, position: Mm, width: Mm): Range => ({
  from: position - SHARES[swing].left * width,
  to: position + SHARES[swing].right * width,
})

/** One thing the needle must stay within, as the span its centre may cover. */
export interface Fence {
  kind: 'foot' | 'plate' | 'travel'
  item?: Item
  span: Range
  /** Taken off the thing's own edges on both sides: margin and half a twin needle. */
  inset: Mm
}

export interface FenceInput {
  model: Model
  foot: Item | undefined
  /** The needle plate and any cover lying over it. */
  plates: readonly Item[]
  needleSize: NeedleSize
  twinSpacing: Mm | undefined
}

/** What is stated to stand around the needle; a slot that nobody stated is not compared. */
export const fencesAround = ({ model, foot, plates, needleSize, twinSpacing }: FenceInput): Fence[] => {
  const inset = needleMargin(needleSize) + (twinSpacing ?? 0) / 2
  const fences: Fence[] = []
  const around = (kind: 'foot' | 'plate', item: Item | undefined) => {
    if (item?.slot === undefined) return
    const { left, right } = slotEdges(item.slot)
    fences.push({ kind, item, span: { from: left + inset, to: right - inset }, inset })
  }
  around('foot', foot)
  for (const plate of plates) around('plate', plate)
  const travel = needleTravel(model)
  if (travel) fences.push({ kind: 'travel', span: travel, inset: 0 })
  return fences
}

/** How far the needle bar goes: as stated, else half the greatest width to each side; undefined where neither is. */
export const needleTravel = (model: Model): Range | undefined =>
  model.needleTravel ??
  (model.maxWidth === undefined ? undefined : { from: -model.maxWidth / 2, to: model.maxWidth / 2 })

/** What the foot itself asks of the width, beside its slot. */
export interface FootLimits {
  foot: Item | undefined
  /** The book's own pairing: an unknown width is not held against the foot. */
  trusted: boolean
}

/** A width and needle position as they stand. A range or an unknown is its worst ends. */
export interface Path {
  swing: Swing
  /** Narrowest and widest it may be, mm; `widest` undefined where nothing tells. */
  narrowest: Mm
  widest: Mm | undefined
  widthKnown: boolean
  /** Needle positions it takes, mm. */
  positions: readonly Mm[]
}

/** Undefined when clear; else the tightest thing on the side that hits, or what the foot says of the width. */
export const wouldHit = (path: Path, fences: readonly Fence[], limits: FootLimits): Reason | undefined =>
  footObjects(path, limits) ?? fenceHit(path, fences, limits)

const footObjects = (path: Path, { foot, trusted }: FootLimits): Reason | undefined => {
  if (!foot || (trusted && !path.widthKnown && path.swing !== 'none')) return undefined
  const swings = path.swing !== 'none'
  const narrowest = swings ? path.narrowest : 0
  const widest = swings ? path.widest : 0
  if (foot.minWidth !== undefined && narrowest < foot.minWidth - TOLERANCE) {
    return { code: 'needleWouldHitPin', item: foot.id, width: tidy(narrowest), minWidth: foot.minWidth }
  }
  if (foot.maxWidth !== undefined && widest !== undefined && widest > foot.maxWidth + TOLERANCE) {
    return { code: 'widerThanFoot', item: foot.id, width: tidy(widest), maxWidth: foot.maxWidth }
  }
  return undefined
}

const fenceHit = (path: Path, fences: readonly Fence[], limits: FootLimits): Reason | undefined => {
  let worst: { fence: Fence; side: Side; over: Mm; reach: Mm } | undefined
  for (const position of path.positions) {
    for (const fence of fences) {
      const { from, to } = swingSpan(path.swing, position, widthAgainst(fence, path, limits))
      const left = fence.span.from - from
      if (left > (worst ? worst.over : 0) + TOLERANCE) worst = { fence, side: 'left', over: left, reach: from }
      const right = to - fence.span.to
      if (right > (worst ? worst.over : 0) + TOLERANCE) worst = { fence, side: 'right', over: right, reach: to }
    }
  }
  if (!worst) return undefined
  const { fence, side, reach } = worst
  if (fence.kind === 'travel') {
    const travel = side === 'left' ? fence.span.from : fence.span.to
    return { code: 'beyondNeedleTravel', side, reach: tidy(reach), travel: tidy(travel) }
  }
  const outward = side === 'left' ? -1 : 1
  return {
    code: fence.kind === 'foot' ? 'needleWouldHitFoot' : 'needleWouldHitPlate',
    item: (fence.item as Item).id,
    side,
    reach: tidy(reach + outward * fence.inset),
    edge: tidy((side === 'left' ? fence.span.from : fence.span.to) + outward * fence.inset),
  }
}

/** The width compared with a fence: the widest, but an unknown one is not held against a foot the book trusts. */
const widthAgainst = (fence: Fence, path: Path, { trusted }: FootLimits): Mm => {
  if (path.swing === 'none') return 0
  if (fence.kind === 'foot' && trusted && !path.widthKnown) return 0
  return path.widest ?? path.narrowest
}

/** Those that a swing would strike or pass, from any of these needle positions. */
export const inTheWay = (swing: Swing, width: Mm, positions: readonly Mm[], fences: readonly Fence[]): Fence[] =>
  fences.filter(({ span }) =>
    positions.some((position) => {
      const { from, to } = swingSpan(swing, position, width)
      return from < span.from - TOLERANCE || to > span.to + TOLERANCE
    }),
  )

/** The needle positions from which a width is clear: an interval, empty where `from` exceeds `to`. */
export const clearPositions = (swing: Swing, width: Mm, fences: readonly Fence[]): Range => {
  const { left, right } = SHARES[swing]
  const { from, to } = commonSpan(fences)
  return { from: from + left * width, to: to - right * width }
}

/** The greatest clear width at a needle position; infinite where nothing limits it, negative where even 0 hits. */
export const greatestClearWidth = (swing: Swing, position: Mm, fences: readonly Fence[]): Mm => {
  const { left, right } = SHARES[swing]
  const { from, to } = commonSpan(fences)
  if (position < from - TOLERANCE || position > to + TOLERANCE) return -1
  const byLeft = left > 0 ? (position - from) / left : Infinity
  const byRight = right > 0 ? (to - position) / right : Infinity
  return Math.max(0, Math.min(byLeft, byRight))
}

const commonSpan = (fences: readonly Fence[]): Range => ({
  from: Math.max(-Infinity, ...fences.map(({ span }) => span.from)),
  to: Math.min(Infinity, ...fences.map(({ span }) => span.to)),
})
