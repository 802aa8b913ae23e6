/**
 * Buttonholes and bar tacks: beads of close zigzag around a gap, bars across the ends. (workbench, Buttonhole fitter)
 */
import { tidy, type Mm } from '../units/quantities'
import { lockstitch } from './lockstitch'
import type { Point, SewnStitch, StitchSpec } from './types'

/** Left between the beads for the blade, where nobody has said otherwise. */
const USUAL_GAP: Mm = 0.8
/** A bar tack at each end of a buttonhole. */
export const BAR_TACK: Mm = 1.5
const USUAL_LENGTH: Mm = 20

export const beadWidth = (width: Mm, gap: Mm = USUAL_GAP): Mm => tidy(Math.max(width / 4, (width - gap) / 2))

/** The shape of a style's far end, and how its beads are sewn. */
interface Style {
  end: 'bar' | 'fan' | 'eye'
  /** Beads of a knit's buttonhole are sewn open, so that they give: stitch lengths for each of the others'. */
  open?: number
  cord?: boolean
}

const styles: Record<string, Style> = {
  'buttonhole.rounded': { end: 'fan' },
  'buttonhole.keyhole': { end: 'eye' },
  'buttonhole.knit': { end: 'bar', open: 2 },
  'buttonhole.corded': { end: 'bar', cord: true },
}

/** Stitches around a round end, at least; even, so that they begin and end outside. */
const FAN = 8

/** From the near end: left bead away, far end, right bead back, near bar. */
export const buttonhole = (spec: StitchSpec): SewnStitch => {
  const {
    width,
    needlePosition: at,
    sewnLength = USUAL_LENGTH,
    gap,
    function: { id },
  } = spec
  const { end: shape, open = 1, cord = false } = styles[id] ?? { end: 'bar' }
  const length = spec.length * open
  const bead = beadWidth(width, gap)
  const [left, right] = [at - width / 2, at + width / 2]
  const [near, far] = [0, sewnLength]
  const points: Point[] = []
  const zigzag = (a: Mm, b: Mm, from: Mm, to: Mm) => {
    const count = Math.max(2, 2 * Math.round(Math.abs(to - from) / (2 * length)))
    for (let i = 0; i <= count; i++) points.push([i % 2 === 0 ? a : b, from + ((to - from) * i) / count])
  }
  /** Stitches in and out around a round end, from its left to its right. */
  const around = (y: Mm, from: number, to: number) => {
    const arc = (Math.abs(to - from) * width) / 2
    const steps = Math.max(FAN, 2 * Math.round(arc / (2 * length)))
    for (let i = 0; i <= steps; i++) {
      const angle = from + ((to - from) * i) / steps
      const reach = i % 2 === 0 ? width / 2 : width / 2 - bead
      points.push([at + reach * Math.cos(angle), y + reach * Math.sin(angle)])
    }
  }
  const end = far - (shape === 'bar' ? BAR_TACK : shape === 'fan' ? width / 2 : width)
  zigzag(left, left + bead, near + BAR_TACK, end)
  if (shape === 'fan') around(end, Math.PI, 0)
  // The eye: three quarters of a ring that opens toward the slit.
  else if (shape === 'eye') around(far - width / 2, 1.25 * Math.PI, -0.25 * Math.PI)
  else zigzag(left, right, end, far)
  zigzag(right, right - bead, end, near + BAR_TACK)
  zigzag(left, right, near, near + BAR_TACK)
  const sewn = lockstitch(points.map(([x, y]): Point => [tidy(x), tidy(y)]))
  if (!cord) return sewn
  const middle = (width - bead) / 2
  const laid = [
    [at - middle, near],
    [at - middle, far],
    [at + middle, far],
    [at + middle, near],
  ] as const
  return {
    ...sewn,
    paths: [...sewn.paths, { thread: 'cord', face: 'top', points: laid.map(([x, y]): Point => [tidy(x), tidy(y)]) }],
  }
}

/** There, back, and close across: run stitches under a satin. */
export const barTack = (spec: StitchSpec): SewnStitch => {
  const { width, length, needlePosition: at, sewnLength = Math.max(6, width * 3) } = spec
  const run = Math.max(1, Math.round(sewnLength / 2))
  const runs: Point[] = [0, 1].flatMap((back) =>
    Array.from({ length: run + 1 }, (_, i): Point => [at, tidy((sewnLength * (back ? run - i : i)) / run)]),
  )
  const count = Math.max(2, 2 * Math.round(sewnLength / (2 * length)))
  const cover = Array.from({ length: count + 1 }, (_, i): Point => [
    tidy(at + (i % 2 === 0 ? -1 : 1) * (width / 2)),
    tidy((sewnLength * i) / count),
  ])
  return lockstitch([...runs, ...cover])
}
