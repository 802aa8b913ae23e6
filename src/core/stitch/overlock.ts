/**
 * Stitches over the fabric's edge: needles inside, loopers over and under, meeting at the edge. (ISO 4915, class 500)
 */
import { tidy, type Mm } from '../units/quantities'
import type { Point, SewnStitch, StitchSpec, ThreadPath } from './types'

/** Between the two needles of a four-thread overlock. */
const NEEDLES: Mm = 2
/** How far a rolled edge turns under, as a share of its width. */
const ROLLED = 0.8

interface Form {
  needles: 1 | 2
  /** What lies on each face between needle line and edge. */
  top: 'upperLooper' | 'lowerLooper' | 'needle'
  under: 'upperLooper' | 'lowerLooper' | 'needle'
  rolled?: boolean
}

const forms: Record<string, Form> = {
  overlock4: { needles: 2, top: 'upperLooper', under: 'lowerLooper' },
  'overlock3.wide': { needles: 1, top: 'upperLooper', under: 'lowerLooper' },
  'overlock3.narrow': { needles: 1, top: 'upperLooper', under: 'lowerLooper' },
  rolled3: { needles: 1, top: 'upperLooper', under: 'upperLooper', rolled: true },
  rolled2: { needles: 1, top: 'lowerLooper', under: 'lowerLooper', rolled: true },
  flatlock2: { needles: 1, top: 'lowerLooper', under: 'needle' },
  flatlock3: { needles: 1, top: 'upperLooper', under: 'needle' },
}

/** The edge is at x 0, the needle line a stitch width inside it. */
export const overlock = ({ function: { id }, width, length, repeats }: StitchSpec): SewnStitch => {
  const form = forms[id] ?? { needles: 1, top: 'upperLooper', under: 'lowerLooper' }
  const lines = form.needles === 2 ? [-width, -Math.max(0, width - NEEDLES)] : [-width]
  const places = Array.from({ length: repeats + 1 }, (_, i) => tidy(i * length))
  const loop = (thread: ThreadPath['thread'], face: ThreadPath['face'], reach: Mm): ThreadPath => ({
    thread,
    face,
    points: places.flatMap((y, i): Point[] =>
      i < repeats
        ? [
            [-width, y],
            [reach, tidy(y + length / 2)],
          ]
        : [[-width, y]],
    ),
  })
  return {
    penetrations: places.flatMap((y) => lines.map((x): Point => [x, y])),
    paths: [
      ...lines.map((x): ThreadPath => ({ thread: 'needle', face: 'top', points: places.map((y): Point => [x, y]) })),
      loop(form.top, 'top', 0),
      loop(form.under, 'under', form.rolled ? tidy(-width * (1 - ROLLED)) : 0),
    ],
    edge: 0,
  }
}
