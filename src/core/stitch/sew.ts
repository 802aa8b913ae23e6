/** From function, width, length and needle position to what is sewn: penetrations and thread paths. */
import { barTack, buttonhole } from './buttonhole'
import { cover } from './cover'
import { inRepeats, motif, sewOn } from './lockstitch'
import { overlock } from './overlock'
import { repeatOf } from './repeats'
import type { SewnStitch, StitchSpec } from './types'

/** Most penetrations that are made: what is longer is cut off by whoever asks for fewer repeats. */
const MOST_REPEATS = 20_000

/**
 * Undefined for a function whose shape nobody has told: a decorative motif without its points.
 * Throws `RangeError` where width is below 0, length not above 0, or repeats no whole number of 1 to 20,000.
 */
export const sew = (spec: StitchSpec): SewnStitch | undefined => {
  const { width, length, repeats, points } = spec
  if (!(width >= 0) || !Number.isFinite(width)) throw new RangeError(`a width of ${width} mm cannot be sewn`)
  if (!(length > 0) || !Number.isFinite(length)) throw new RangeError(`a stitch length of ${length} mm cannot be sewn`)
  if (!Number.isInteger(repeats) || repeats < 1 || repeats > MOST_REPEATS) {
    throw new RangeError(`${repeats} repeats cannot be drawn`)
  }
  const { id, family } = spec.function
  if (points && points.length > 0) return motif(spec, points)
  if (family === 'overlock') return overlock(spec)
  if (family === 'cover') return cover(spec)
  if (family === 'buttonhole') return buttonhole(spec)
  if (id === 'barTack') return barTack(spec)
  if (id === 'buttonSew') return sewOn(spec)
  const repeat = repeatOf(spec.function)
  return repeat && inRepeats(spec, repeat(spec))
}

/** How far a stitch reaches, mm. */
export const extentOf = ({ penetrations, paths }: SewnStitch) => {
  let [left, right, near, far] = [Infinity, -Infinity, Infinity, -Infinity]
  const reach = (points: readonly (readonly [number, number])[]) => {
    for (const [x, y] of points) {
      if (x < left) left = x
      if (x > right) right = x
      if (y < near) near = y
      if (y > far) far = y
    }
  }
  reach(penetrations)
  for (const { points } of paths) reach(points)
  return { left, right, near, far }
}
