/**
 * Hems, ribbing and mitred corners: what to cut, how deep a foot can follow, where to mark. (workbench, Binding,
 * strips, hems)
 */
import { needleMargin, slotEdges } from '../answer/clearance'
import type { Slot } from '../catalogue/types'
import type { Mm, NeedleSize } from '../units/quantities'
import { figure, within, type Figure } from './figure'

/** Trimmed off by the knife while an edge is rolled: from 3 to 6 mm, so that it is cut clean all along. */
export const TRIM = { least: 3, most: 6 }

/** Length to cut where the knife trims the edge. */
export const cutForTrim = (finished: Mm, trim: Mm): Figure =>
  figure(
    'mm',
    'finished + trim',
    { finished: within('finished', finished, 0, 20_000, true), trim: within('trim', trim, 0, 30) },
    finished + trim,
  )

/** Length to cut for a hem turned once (`second` 0) or twice. */
export const cutForTurns = (finished: Mm, hem: Mm, second: Mm): Figure => {
  const from = {
    finished: within('finished', finished, 0, 20_000, true),
    hem: within('hem', hem, 0, 500, true),
    'second turn': within('second', second, 0, hem),
  }
  return figure('mm', 'finished + hem + second turn', from, finished + hem + second)
}

/** How deep a hem a foot can follow with the needle at the far side: from the needle to its guide or toe. */
export const guideReach = (edge: Mm, needle: Mm): Figure =>
  figure(
    'mm',
    'guide − needle',
    { guide: within('guide', edge, -40, 40), needle: within('needle', needle, -10, 10) },
    edge - needle,
  )

/** The needle as far left as an open foot's slot leaves clear. */
export const farLeft = (slot: Slot, travel: Mm, size: NeedleSize): Figure => {
  const { left } = slotEdges(slot)
  const margin = needleMargin(size)
  return figure(
    'mm',
    'max(slot + margin, travel)',
    { slot: left, margin, travel: -travel },
    Math.max(left + margin, -travel),
  )
}

export type RibStretch = 'little' | 'medium' | 'lots'
/** Ribbing to opening, by how far the ribbing stretches. */
export const RIB_RATIO: Record<RibStretch, number> = { little: 0.9, medium: 0.8, lots: 0.7 }

/** Ribbing for an opening: shorter by its stretch, a seam at both ends. */
export const ribbingCut = (
  opening: Mm,
  ratio: number,
  seam: Mm,
): { length: Figure; depth: (finished: Mm) => Figure } => {
  const from = {
    opening: within('opening', opening, 0, 5000, true),
    ratio: within('ratio', ratio, 0.4, 1),
    seam: within('seam', seam, 0, 40),
  }
  return {
    length: figure('mm', 'opening × ratio + 2 × seam', from, opening * ratio + 2 * seam),
    depth: (finished) =>
      figure(
        'mm',
        '2 × (finished + seam)',
        { finished: within('finished', finished, 0, 400, true), seam },
        2 * (finished + seam),
      ),
  }
}

export interface Mitre {
  /** On each raw edge, from the corner: the seam runs from here to the inner corner. */
  along: Figure
  up: Figure
  /** Length of the seam. */
  seam: Figure
}

/**
 * The mitre of a corner whose two hems are folded once: `hem` along the bottom, `side` up the side (a vent's facing is
 * such a side). Folded, the seam runs from the inner corner (side, hem) to (2 side, 2 hem); unfolded about each fold it
 * meets the raw edges at twice the side and twice the hem from the corner. Sewn with the corner folded so that the two
 * marks meet.
 */
export const mitreMarks = (hem: Mm, side: Mm): Mitre => {
  const from = { hem: within('hem', hem, 0, 500, true), side: within('side', side, 0, 500, true) }
  return {
    along: figure('mm', '2 × side', { side }, 2 * side),
    up: figure('mm', '2 × hem', { hem }, 2 * hem),
    seam: figure('mm', '√(hem² + side²)', from, Math.hypot(hem, side)),
  }
}

/** Backing folded over the front as a border: what it must stand out beyond the inner piece, and its cut size. */
export const foldedBorder = (inner: { width: Mm; height: Mm }, border: Mm, turn: Mm, thickness: Mm) => {
  const size = {
    width: within('width', inner.width, 0, 20_000, true),
    height: within('height', inner.height, 0, 20_000, true),
  }
  const from = {
    border: within('border', border, 0, 500, true),
    turn: within('turn', turn, 0, 100),
    T: within('thickness', thickness, 0, 40),
  }
  const out = figure('mm', 'border + turn + T', from, border + turn + thickness)
  const cut = (side: 'width' | 'height') =>
    figure('mm', `${side} + 2 × beyond`, { [side]: size[side], beyond: out.value }, size[side] + 2 * out.value)
  return { out, width: cut('width'), height: cut('height'), marks: mitreMarks(out.value, out.value) }
}
