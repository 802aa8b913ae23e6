/** Chain and cover stitches: lines of the needles above, the looper across below. (ISO 4915, 401, 406, 407) */
import { tidy } from '../units/quantities'
import type { Point, SewnStitch, StitchSpec, ThreadPath } from './types'

const needlesOf = (id: string): number => (id === 'chain' ? 1 : id === 'cover3' ? 3 : 2)

export const cover = ({ function: { id }, width, length, needlePosition: at, repeats }: StitchSpec): SewnStitch => {
  const needles = needlesOf(id)
  const lines = Array.from({ length: needles }, (_, i) =>
    tidy(needles === 1 ? at : at - width / 2 + (width * i) / (needles - 1)),
  )
  const places = Array.from({ length: repeats + 1 }, (_, i) => tidy(i * length))
  const [first, last] = [lines[0] as number, lines.at(-1) as number]
  const looper: Point[] = places.flatMap((y, i): Point[] => {
    if (i === repeats) return [[first, y]]
    const half = tidy(y + length / 2)
    // A chain's loop runs ahead and comes back; a cover's lies from needle to needle and back.
    return needles === 1
      ? [
          [at, y],
          [at, tidy(y + length)],
          [at, half],
        ]
      : [...lines.map((x): Point => [x, y]), [last, half]]
  })
  return {
    penetrations: places.flatMap((y) => lines.map((x): Point => [x, y])),
    paths: [
      ...lines.map((x): ThreadPath => ({ thread: 'needle', face: 'top', points: places.map((y): Point => [x, y]) })),
      { thread: needles === 1 ? 'chainLooper' : 'coverLooper', face: 'under', points: looper },
    ],
  }
}
