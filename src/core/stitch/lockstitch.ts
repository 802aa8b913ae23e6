/** Stitches of needle and bobbin thread: balanced, each thread lies from one penetration to the next on its face. */
import { swingSpan } from '../answer/clearance'
import { tidy } from '../units/quantities'
import type { RepeatStep } from './repeats'
import type { Point, SewnStitch, StitchSpec } from './types'

export const lockstitch = (penetrations: Point[]): SewnStitch => ({
  penetrations,
  paths: [
    { thread: 'needle', face: 'top', points: penetrations },
    { thread: 'bobbin', face: 'under', points: penetrations },
  ],
})

/** Repeats of steps across the swing. The first penetration is where the needle stands before the first step. */
export const inRepeats = (spec: StitchSpec, repeat: readonly RepeatStep[]): SewnStitch => {
  const { from, to } = swingSpan(spec.swing, spec.needlePosition, spec.swing === 'none' ? 0 : spec.width)
  const xOf = (at: number) => tidy(from + at * (to - from))
  const points: Point[] = [[xOf(repeat.at(-1)?.at ?? 0), 0]]
  let y = 0
  for (let i = 0; i < spec.repeats; i++) {
    for (const { at, feed } of repeat) {
      y = tidy(y + feed * spec.length)
      points.push([xOf(at), y])
    }
  }
  return lockstitch(points)
}

/** A motif by its own points, scaled to the width and pattern length that are set. */
export const motif = (spec: StitchSpec, points: readonly Point[]): SewnStitch => {
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)]
  const [left, wide] = [Math.min(...xs), Math.max(...xs) - Math.min(...xs)]
  const [start, long] = [Math.min(...ys), Math.max(...ys) - Math.min(...ys)]
  const span = swingSpan(spec.swing, spec.needlePosition, spec.width)
  const across = wide > 0 ? (span.to - span.from) / wide : 0
  const along = long > 0 ? spec.length / long : 0
  const all: Point[] = []
  for (let i = 0; i < spec.repeats; i++) {
    for (const [j, [x, y]] of points.entries()) {
      // Where one repeat ends the next begins.
      if (i > 0 && j === 0 && points.length > 1 && y === start) continue
      all.push([tidy(span.from + (x - left) * across), tidy((y - start) * along + i * spec.length)])
    }
  }
  return lockstitch(all)
}

/** Across two holes and back, where the fabric stands still. */
export const sewOn = (spec: StitchSpec): SewnStitch => {
  const { from, to } = swingSpan(spec.swing, spec.needlePosition, spec.width)
  return lockstitch(Array.from({ length: 2 * spec.repeats + 1 }, (_, i): Point => [i % 2 === 0 ? from : to, 0]))
}
