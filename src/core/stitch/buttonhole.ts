/** Buttonholes and bar tacks: beads of close zigzag around a gap, bars across the ends. (workbench, Buttonhole fitter) */
import { tidy, type Mm } from '../units/quantities'
import { lockstitch } from './lockstitch'
import type { Point, SewnStitch, StitchSpec } from './types'

/** Left between the beads for the blade, where nobody has said otherwise. */
const USUAL_GAP: Mm = 0.8
/** A bar tack at each end of a buttonhole. */
export const BAR_TACK: Mm = 1.5
const USUAL_LENGTH: Mm = 20
/** Steps of a rounded end's fan. */
const FAN = 7

export const beadWidth = (width: Mm, gap: Mm = USUAL_GAP): Mm => tidy(Math.max(width / 4, (width - gap) / 2))

/** From the near end: left bead away, far end, right bead back, near bar. */
export const buttonhole = (spec: StitchSpec): SewnStitch => {
  const { width, length, needlePosition: at, sewnLength = USUAL_LENGTH, function: { id } } = spec // prettier-ignore
  const bead = beadWidth(width)
  const [left, right] = [at - width / 2, at + width / 2]
  const [near, far] = [0, sewnLength]
  const points: Point[] = []
  const zigzag = (a: Mm, b: Mm, from: Mm, to: Mm) => {
    const count = Math.max(2, 2 * Math.round(Math.abs(to - from) / (2 * length)))
    for (let i = 0; i <= count; i++) points.push([i % 2 === 0 ? a : b, from + ((to - from) * i) / count])
  }
  const rounded = id === 'buttonhole.rounded' || id === 'buttonhole.keyhole'
  const end = far - (rounded ? width / 2 : BAR_TACK)
  zigzag(left, left + bead, near + BAR_TACK, end)
  if (rounded) {
    for (let i = 0; i <= FAN; i++) {
      const angle = Math.PI - (Math.PI * i) / FAN
      const reach = i % 2 === 0 ? width / 2 - bead : width / 2
      points.push([at + reach * Math.cos(angle), end + reach * Math.sin(angle)])
    }
  } else zigzag(left, right, end, far)
  zigzag(right, right - bead, end, near + BAR_TACK)
  zigzag(left, right, near, near + BAR_TACK)
  return lockstitch(points.map(([x, y]): Point => [tidy(x), tidy(y)]))
}

/** There, back, and close across: run stitches under a satin. */
export const barTack = (spec: StitchSpec): SewnStitch => {
  const { width, length, needlePosition: at, sewnLength = Math.max(6, width * 3) } = spec
  const run = Math.max(1, Math.round(sewnLength / 2))
  const runs: Point[] = [0, 1].flatMap((back) =>
    Array.from({ length: run + 1 }, (_, i): Point => [at, tidy((sewnLength * (back ? run - i : i)) / run)]),
  )
  const count = Math.max(2, 2 * Math.round(sewnLength / (2 * length)))
  const cover = Array.from({ length: count + 1 }, (_, i): Point => [tidy(at + (i % 2 === 0 ? -1 : 1) * (width / 2)), tidy((sewnLength * i) / count)]) // prettier-ignore
  return lockstitch([...runs, ...cover])
}
