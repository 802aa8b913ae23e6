/** Narrowing: the clear width and needle position that lose least. (answers §2) */
import type { Mm } from '../units/quantities'
import { TOLERANCE, tidy } from '../units/quantities'
import type { Swing } from '../catalogue/types'
import { clearPositions, greatestClearWidth, wouldHit, type Fence, type FootLimits, type Path } from './clearance'
import { placesBetween, type Reach } from './reach'

/** A number that may be narrowed: what was wanted, what stands now, and what the scale reaches. */
export interface Narrowable {
  wanted: number
  stands: number
  reach: Reach
}

export interface NarrowInput {
  swing: Swing
  /** Undefined where the width is a range or unknown: it is then taken as `path` has it. */
  width: (Narrowable & { least: Mm }) | undefined
  position: Narrowable | undefined
  /** The pair as it stands. */
  path: Path
  fences: readonly Fence[]
  limits: FootLimits
}

export interface Narrowed {
  width?: Mm
  position?: Mm
}

/** No more than a third of a width, or of a needle's distance from the centre, is given up. */
const KEPT_SHARE = 2 / 3

interface Candidate {
  width: Mm | undefined
  position: Mm | undefined
}

/** The clear pair with the least loss, the wider on a tie; undefined where none is clear. */
export const narrow = (input: NarrowInput): Narrowed | undefined => {
  let best: (Candidate & { loss: number }) | undefined
  for (const candidate of candidatePairs(input)) {
    const loss = share(candidate.width, input.width?.wanted) + share(candidate.position, input.position?.wanted)
    const gain = best ? best.loss - loss : Infinity
    const wider = (candidate.width ?? 0) > (best?.width ?? 0) + TOLERANCE
    if (gain > TOLERANCE || (gain > -TOLERANCE && wider)) best = { ...candidate, loss }
  }
  if (!best) return undefined
  return {
    ...(best.width === undefined ? {} : { width: best.width }),
    ...(best.position === undefined ? {} : { position: best.position }),
  }
}

/** Share of what was wanted that is lost; nothing is lost by standing beyond it. */
const share = (value: number | undefined, wanted: number | undefined): number =>
  value === undefined || !wanted ? 0 : Math.max(0, 1 - Math.abs(value) / Math.abs(wanted))

const isClear = ({ width, position }: Candidate, { path, fences, limits }: NarrowInput): boolean =>
  wouldHit(
    {
      swing: path.swing,
      widthKnown: path.widthKnown,
      narrowest: width ?? path.narrowest,
      widest: width ?? path.widest,
      positions: position === undefined ? path.positions : [position],
    },
    fences,
    limits,
  ) === undefined

/** All that are clear and may lose least. */
function* candidatePairs(input: NarrowInput): Generator<Candidate> {
  const widths = widthCandidates(input)
  const positions = positionCandidates(input)
  for (const position of positions) {
    for (const width of widths) {
      const candidate = { width, position }
      if (!isClear(candidate, input)) continue
      yield candidate
      // Widths come widest first, so the first that clears at a position loses least there.
      break
    }
  }
  for (const candidate of freelyTurning(input, widths, positions)) if (isClear(candidate, input)) yield candidate
}

const widthCandidates = ({ width, swing }: NarrowInput): (number | undefined)[] => {
  if (!width) return [undefined]
  if (swing === 'none') return [width.stands]
  const least = Math.max(width.wanted * KEPT_SHARE, width.least)
  const narrower = placesBetween(width.reach, least, width.wanted).map(({ value }) => value)
  return [width.stands, ...narrower].sort((a, b) => b - a)
}

const positionCandidates = ({ position }: NarrowInput): (number | undefined)[] => {
  if (!position) return [undefined]
  return [position.stands, ...placesBetween(position.reach, ...keptPositions(position)).map(({ value }) => value)]
}

const keptPositions = ({ wanted }: Narrowable): [number, number] =>
  wanted > 0 ? [wanted * KEPT_SHARE, wanted] : [wanted, wanted * KEPT_SHARE]

/**
 * A freely turning control is not tried place by place. The loss is linear between the places where a limit begins
 * to bind, so these are enough: for each position the widest that clears, for each width the nearest position that
 * clears, and where both turn freely the widths at which the position must begin to move.
 */
function* freelyTurning(
  input: NarrowInput,
  widths: readonly (number | undefined)[],
  positions: readonly (number | undefined)[],
): Generator<Candidate> {
  const { swing, width, position, fences, limits } = input
  const freeWidth = width && swing !== 'none' && width.reach.kind === 'free' ? width : undefined
  const freePosition = position && position.reach.kind === 'free' ? position : undefined
  const widest = (at: number): number | undefined => {
    if (!freeWidth) return undefined
    const limit = Math.min(
      greatestClearWidth(swing, at, fences),
      limits.foot?.maxWidth ?? Infinity,
      freeWidth.wanted,
      freeWidth.reach.kind === 'free' ? freeWidth.reach.to : Infinity,
    )
    const least = Math.max(freeWidth.wanted * KEPT_SHARE, freeWidth.least)
    return limit >= least - TOLERANCE ? tidy(limit) : undefined
  }
  const nearestPosition = (w: number): number | undefined => {
    if (!freePosition) return undefined
    const clear = clearPositions(swing, w, fences)
    const [low, high] = keptPositions(freePosition)
    const from = Math.max(low, clear.from)
    const to = Math.min(high, clear.to)
    return from > to + TOLERANCE ? undefined : tidy(Math.min(Math.max(freePosition.wanted, from), to))
  }
  for (const at of positions) {
    const w = widest(at ?? input.path.positions[0] ?? 0)
    if (w !== undefined && input.path.positions.length > 0) yield { width: w, position: at }
  }
  for (const w of widths) {
    const at = nearestPosition(w ?? input.path.widest ?? 0)
    if (at !== undefined) yield { width: w, position: at }
  }
  if (freeWidth && freePosition) {
    const span = clearPositions('none', 0, fences)
    const turns = [span.from, (span.from + span.to) / 2, span.to, ...keptPositions(freePosition)]
    for (const at of turns.filter(Number.isFinite)) {
      const [low, high] = keptPositions(freePosition)
      const kept = Math.min(Math.max(at, low), high)
      const w = widest(kept)
      if (w !== undefined) yield { width: w, position: kept }
    }
  }
}
