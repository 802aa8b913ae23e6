/**
 * What a fault looks like: the very stitch of a card sewn wrongly, to the same scale, so that a piece in hand can be
 * laid beside it. (show.md)
 */
import type { FaultShows } from '../catalogue/types'
import { BAR_TACK } from '../stitch/buttonhole'
import { sew } from '../stitch/sew'
import type { Point, SewnStitch, StitchSpec, ThreadPath } from '../stitch/types'
import { tidy, type Mm } from '../units/quantities'
import type { FabricLayout } from './fabricParts'
import type { CardSketch } from './sketch'

export interface WrongPiece {
  sewn: SewnStitch
  /** As it should be, to be drawn faintly beneath. */
  right: SewnStitch
  /** The side on which it is seen. */
  face: 'top' | 'under'
  fabric: FabricLayout
  /** Creases, ridges, rolled edges and fibres of the fabric itself, mm as the stitch's. */
  cloth: Point[][]
}

interface Piece extends Pick<CardSketch, 'set' | 'fabric'> {
  right: SewnStitch
  /** Where the stitch's edges lie, and where it ends, mm. */
  left: Mm
  rightEdge: Mm
  far: Mm
}
type Wrong = Partial<Pick<WrongPiece, 'sewn' | 'face' | 'fabric' | 'cloth'>>

/** Undefined where the stitch cannot be drawn, or the fault is nothing that is seen in the stitch. */
export const wrongPieceOf = ({ set, fabric }: Pick<CardSketch, 'set' | 'fabric'>, shows: FaultShows) => {
  const right = sew(set)
  if (!right) return undefined
  const [xs, ys] = [right.penetrations.map(([x]) => x), right.penetrations.map(([, y]) => y)]
  const piece = { set, fabric, right, left: Math.min(...xs), rightEdge: Math.max(...xs), far: Math.max(...ys) }
  const wrong = WRONG[shows](piece)
  return wrong && ({ sewn: right, right, face: 'top', fabric, cloth: [], ...wrong } satisfies WrongPiece)
}

/** Every point of a stitch put elsewhere. */
const moved = ({ penetrations, paths, ...rest }: SewnStitch, move: (point: Point) => Point): SewnStitch => {
  const put = (point: Point): Point => {
    const [x, y] = move(point)
    return [tidy(x), tidy(y)]
  }
  return {
    ...rest,
    penetrations: penetrations.map(put),
    paths: paths.map((path) => ({ ...path, points: path.points.map(put) })),
  }
}
const sewnWith = (set: StitchSpec, change: Partial<StitchSpec>): SewnStitch | undefined => sew({ ...set, ...change })

/** As much of the seam as the right piece has. */
const sewnLonger = ({ set }: Piece, times: number): SewnStitch | undefined =>
  sewnWith(set, { length: set.length * times, repeats: Math.max(1, Math.round(set.repeats / times)) })

const FOLD_MISSED: Mm = 0.4
const EDGE_MISSED: Mm = 1

/** The fold, or the edge, lies beyond the needle's reach. */
const missed = ({ fabric, right }: Piece): Wrong | undefined => {
  const [line] = fabric.lines
  if (!line) return undefined
  if (line.name === 'fold') {
    const least = line.at + FOLD_MISSED
    return { sewn: moved(right, ([x, y]) => [Math.max(x, least), y]) }
  }
  return { sewn: moved(right, ([x, y]) => [x - EDGE_MISSED, y]) }
}

/** A row that leaves its line and comes back once. */
const off = ({ right, far, rightEdge, left }: Piece): Wrong => {
  const reach = Math.max(1.2, (rightEdge - left) / 2)
  return { sewn: moved(right, ([x, y]) => [x + reach * Math.sin((2 * Math.PI * y) / Math.max(far, 1)), y]) }
}

const LOOP: Mm = 0.9
const HANG: Mm = 1.6

/** A thread that lies slack: it hangs off an edge, ladders across, or stands out beneath as loops. */
const loop = ({ set, right }: Piece): Wrong | undefined => {
  // What is laid beneath a buttonhole's beads shows between stitches that lie too far apart.
  if (set.function.family === 'buttonhole') return asWrong(sewnWith(set, { length: set.length * 2 }))
  if (right.edge !== undefined) {
    const at = right.edge
    return { sewn: moved(right, ([x, y]) => [Math.abs(x - at) < LOOP / 10 ? x + HANG : x, y]) }
  }
  const slack: ThreadPath = {
    thread: 'needle',
    face: 'under',
    points: right.penetrations.flatMap(([x, y]): Point[] => [
      [x, y],
      [tidy(x - LOOP / 3), tidy(y + LOOP / 2)],
      [x, tidy(y + LOOP)],
      [tidy(x + LOOP / 3), tidy(y + LOOP / 2)],
      [x, y],
    ]),
  }
  return { sewn: { ...right, paths: [...right.paths, slack] }, face: 'under' }
}

const FIBRE: Mm = 1.8
const GAPES: Mm = 1.2
const CLOSED: Mm = 0.05

/** Fabric shows where thread should cover; no gap to cut; fibres stand out; a seam gapes. */
const gap = (piece: Piece): Wrong | undefined => {
  const { set, right, fabric, far } = piece
  if (set.function.family === 'buttonhole') {
    const { needlePosition: at, width } = set
    // The beads meet between the ends, their outer edges where they were.
    const isInner = ([x, y]: Point) => Math.abs(x - at) < width / 2 - 0.01 && y > BAR_TACK && y < far - width
    return { sewn: moved(right, ([x, y]) => [isInner([x, y]) ? at + CLOSED * Math.sign(x - at) : x, y]) }
  }
  if (right.edge !== undefined) {
    const [at, count] = [right.edge, Math.max(3, Math.round(far / 1.6))]
    return {
      cloth: Array.from({ length: count }, (_, i): Point[] => [
        [at, (far * (i + 0.3)) / count],
        [tidy(at + FIBRE * (i % 3 === 0 ? 1 : 0.6)), tidy((far * (i + 0.3)) / count + 0.3)],
      ]),
    }
  }
  if (set.swing !== 'none' && set.width > 0) return asWrong(sewnLonger(piece, 2.5))
  const at = set.needlePosition
  const edges = [-GAPES, GAPES].map((side): Point[] => [
    [at + side, 0],
    [at + side, far],
  ])
  const across = right.penetrations.map(([x, y]): Point[] => [
    [tidy(x - GAPES), y],
    [tidy(x + GAPES), y],
  ])
  return {
    fabric,
    cloth: edges,
    sewn: { ...right, paths: across.map((points) => ({ thread: 'needle', face: 'top', points })) },
  }
}
const asWrong = (sewn: SewnStitch | undefined): Wrong | undefined => sewn && { sewn }

/** Of a buttonhole's beads the right one is sewn with half the stitches. */
const unequal = ({ set, right, far }: Piece): Wrong | undefined => {
  if (set.function.family !== 'buttonhole') return undefined
  const { needlePosition: at, width } = set
  const ofBead = right.penetrations.filter(([x, y]) => x > at && y > BAR_TACK && y < far - width)
  return leavingOut(right, (point) => ofBead.indexOf(point) % 4 > 1)
}

const CREASE_EVERY: Mm = 2.4
const CREASE: Mm = 1.6

/** Creases across the row, and a row that is drawn short. */
const pucker = ({ right, far, left, rightEdge }: Piece): Wrong => {
  const count = Math.max(2, Math.floor(far / CREASE_EVERY))
  return {
    sewn: moved(right, ([x, y]) => [x, y + 0.45 * Math.sin((2 * Math.PI * y * count) / Math.max(far, 1))]),
    cloth: Array.from({ length: count }, (_, i): Point[] => {
      const y = (far * (i + 0.5)) / count
      const bend = i % 2 === 0 ? 0.4 : -0.4
      return [
        [tidy(left - CREASE), tidy(y + bend)],
        [tidy((left + rightEdge) / 2), tidy(y)],
        [tidy(rightEdge + CREASE), tidy(y - bend)],
      ]
    }),
  }
}

/** The fabric stands up between the stitch's edges: it is drawn together to a tunnel. */
const ridge = ({ right, left, rightEdge, far }: Piece): Wrong => {
  const [middle, half] = [(left + rightEdge) / 2, Math.max(0.6, (rightEdge - left) * 0.3)]
  const narrowed = moved(right, ([x, y]) => [middle + (x - middle) * 0.6, y])
  return {
    sewn: narrowed,
    cloth: [-0.5, 0, 0.5].map((at): Point[] => [
      [tidy(middle + at * half), 0],
      [tidy(middle + at * half), far],
    ]),
  }
}

const WAVE: Mm = 0.8
const WAVE_LENGTH: Mm = 6

/** Edge and row lie in waves: stretched as it was sewn. */
const wave = ({ right, far, left, rightEdge, fabric }: Piece): Wrong => {
  const swell = (y: Mm) => WAVE * Math.sin((2 * Math.PI * y) / WAVE_LENGTH)
  const steps = Math.max(8, Math.round(far))
  const along = (x: Mm): Point[] =>
    Array.from({ length: steps + 1 }, (_, i): Point => [tidy(x + swell((far * i) / steps)), tidy((far * i) / steps)])
  const edge = fabric.lines[0]?.at ?? rightEdge + 1.5
  return {
    sewn: moved(right, ([x, y]) => [x + swell(y), y]),
    fabric: { parts: fabric.parts, lines: [] },
    cloth: [along(edge), along(left - 1.5)],
  }
}

/** It stood still: the last third lies on one spot. */
const pack = ({ right, far }: Piece): Wrong => {
  const from = far / 3
  const held = (y: Mm) => (y <= from ? y : y < 2 * from ? from + (y - from) * 0.12 : from * 1.12 + (y - 2 * from) * 0.5)
  return { sewn: moved(right, ([x, y]) => [x, held(y)]) }
}

const BITE_TOO_DEEP = 4

/** A blind hem's bites reach too far into the fold; of any other stitch each is twice as long. */
const long = (piece: Piece): Wrong | undefined => {
  const fold = piece.fabric.lines.find(({ name }) => name === 'fold')?.at
  if (fold === undefined) return asWrong(sewnLonger(piece, 2))
  return { sewn: moved(piece.right, ([x, y]) => [x < fold ? fold - BITE_TOO_DEEP * (fold - x) : x, y]) }
}

const short = (piece: Piece): Wrong | undefined => asWrong(sewnLonger(piece, 0.45))

/** Two of five penetrations are left out: the thread floats. */
const skip = ({ right }: Piece): Wrong => leavingOut(right, (_, i) => i % 5 > 2)

const leavingOut = (right: SewnStitch, isLeftOut: (point: Point, i: number) => boolean): Wrong => {
  const gone = new Set(right.penetrations.filter(isLeftOut).map(String))
  const kept = (points: Point[]) => points.filter((point) => !gone.has(String(point)))
  const paths = right.paths.map((path) => ({ ...path, points: kept(path.points) }))
  return { sewn: { ...right, penetrations: kept(right.penetrations), paths } }
}

/** The threads end in the middle of the seam, each with its tail. */
const broken = ({ right, far }: Piece): Wrong => {
  const [from, to] = [far * 0.42, far * 0.62]
  const parted = right.paths.flatMap((path): ThreadPath[] => {
    const before = path.points.filter(([, y]) => y <= from)
    const after = path.points.filter(([, y]) => y >= to)
    const tail = (points: Point[], at: Point | undefined, way: 1 | -1): Point[] =>
      at
        ? [...points, [tidy(at[0] + 0.7), tidy(at[1] + way * 0.6)], [tidy(at[0] + 0.5), tidy(at[1] + way * 1.3)]]
        : points
    return [
      { ...path, points: tail(before, before.at(-1), 1) },
      { ...path, points: tail([...after].reverse(), after[0], -1) },
    ].filter(({ points }) => points.length > 1)
  })
  return {
    sewn: {
      ...right,
      penetrations: right.penetrations.filter(([, y]) => y <= from || y >= to),
      paths: parted,
    },
  }
}

/** The edge rolls over the row. */
const curl = ({ right, fabric, rightEdge, far }: Piece): Wrong => {
  const at = fabric.lines.find(({ name }) => name === 'edge')?.at ?? rightEdge + 1
  const roll = (inside: Mm): Point[] => {
    const steps = Math.max(4, Math.round(far / 3))
    return Array.from({ length: steps + 1 }, (_, i): Point => [
      tidy(at - inside + (i % 2 === 0 ? 0 : 0.25)),
      tidy((far * i) / steps),
    ])
  }
  return {
    sewn: moved(right, ([x, y]) => [Math.min(x, at - 0.9), y]),
    fabric: { parts: fabric.parts, lines: [] },
    cloth: [roll(0.9), roll(0.5), roll(0.1)],
  }
}

const SCANT: Mm = 0.8

/** A hole too short; a seam allowance that is not what the line says. */
const size = ({ set, fabric, right }: Piece): Wrong | undefined => {
  if (set.function.family === 'buttonhole') {
    const whole = Math.max(...right.penetrations.map(([, y]) => y))
    return asWrong(sewnWith(set, { sewnLength: whole * 0.72 }))
  }
  return fabric.lines.length > 0 ? { sewn: moved(right, ([x, y]) => [x + SCANT, y]) } : undefined
}

/** One line each; what is heard, felt or measured elsewhere is not drawn. */
const WRONG: Record<FaultShows, (piece: Piece) => Wrong | undefined> = {
  missed,
  off,
  loop,
  gap,
  unequal,
  pucker,
  ridge,
  wave,
  pack,
  long,
  short,
  skip,
  break: broken,
  curl,
  size,
  hit: () => undefined,
  stiff: () => undefined,
  loose: () => undefined,
}
