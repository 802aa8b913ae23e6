/**
 * Labels at the sides of a picture with leaders to the marks in it: no two labels overlap, no leader crosses another
 * or runs through a mark. A label stands beside its mark where that goes. Else, of the marks that go to a side, the
 * labels are given out from the top down, each to the mark whose leader has all marks that are left on its lower side;
 * later leaders stay there, so none crosses. (Boundary labelling with straight leaders.)
 */

export interface Mark {
  id: string
  x: number
  y: number
}

export interface PictureSize {
  width: number
  height: number
}

export interface Label {
  /** Marks in one place have one label. */
  ids: string[]
  side: 'left' | 'right'
  /** The middle of the label, from the top; where its leader meets the side. */
  y: number
  mark: { x: number; y: number }
}

export interface Labelling {
  labels: Label[]
  /** As high as the picture, or as many labels need. */
  height: number
}

/** Marks nearer than this are one, in units of the picture. */
const SAME = 0.5

interface Spot {
  ids: string[]
  x: number
  y: number
}

const spotsOf = (marks: readonly Mark[]): Spot[] => {
  const spots: Spot[] = []
  for (const { id, x, y } of marks) {
    const same = spots.find((spot) => Math.hypot(spot.x - x, spot.y - y) < SAME)
    if (same) same.ids.push(id)
    else spots.push({ ids: [id], x, y })
  }
  return spots
}

/** Above zero where `spot` lies below the line from the port to `through`, seen from a port at the left side. */
const below = (port: number, through: Spot, spot: Spot): number =>
  (spot.y - port) * through.x - (through.y - port) * spot.x

/** Labels of one side from the top down; `from` is 0 at that side. */
const sideLabels = (spots: readonly Spot[], ports: readonly number[]): Map<Spot, number> => {
  const left = [...spots]
  const given = new Map<Spot, number>()
  for (const port of ports) {
    const [first, ...others] = left
    if (!first) break
    const next = others.reduce((best, spot) => {
      const turn = below(port, best, spot)
      // Of two on one line the nearer: the other's leader would run through it.
      return turn < 0 || (turn === 0 && spot.x < best.x) ? spot : best
    }, first)
    given.set(next, port)
    left.splice(left.indexOf(next), 1)
  }
  return given
}

/** How far a mark is from another's leader. */
const apart = (spot: Spot, { port, of }: { port: number; of: Spot }): number => {
  const length = Math.hypot(of.x, of.y - port)
  const along = length === 0 ? 0 : (spot.x * of.x + (spot.y - port) * (of.y - port)) / length
  if (along <= 0 || along >= length) return Infinity
  return Math.abs(below(port, of, spot)) / length
}

const leastApart = (given: ReadonlyMap<Spot, number>): number => {
  let least = Infinity
  for (const [of, port] of given)
    for (const spot of given.keys()) if (spot !== of) least = Math.min(least, apart(spot, { port, of }))
  return least
}

/** Labels as near the height of their marks as they can be, in the marks' order; leaders may cross. */
const besideMarks = (spots: readonly Spot[], height: number, label: number): Map<Spot, number> => {
  // What is left of a mark's height where all labels above it have their room, in runs of one height: the next run
  // must not lie higher. (Isotonic regression, pool adjacent violators.)
  const runs: { of: Spot[]; at: number }[] = []
  ;[...spots]
    .sort((a, b) => a.y - b.y)
    .forEach((spot, i) => {
      let run = { of: [spot], at: spot.y - i * label }
      for (let before = runs.at(-1); before && before.at > run.at; before = runs.at(-1)) {
        const [m, n] = [before.of.length, run.of.length]
        run = { of: [...before.of, ...run.of], at: (m * before.at + n * run.at) / (m + n) }
        runs.pop()
      }
      runs.push(run)
    })
  const lowest = height - (spots.length - 0.5) * label
  return new Map(
    runs
      .flatMap(({ of, at }) => of.map((spot) => ({ spot, at: Math.min(lowest, Math.max(label / 2, at)) })))
      .map(({ spot, at }, i) => [spot, at + i * label]),
  )
}

/** Whether leaders of one side cross; both begin at the side. */
const doCross = (a: { port: number; of: Spot }, b: { port: number; of: Spot }): boolean => {
  const turns = (one: typeof a, other: typeof a) =>
    Math.sign((other.port - one.port) * one.of.x) !== Math.sign(below(one.port, one.of, other.of))
  return turns(a, b) && turns(b, a)
}

const crosses = (given: ReadonlyMap<Spot, number>): boolean => {
  const leaders = [...given].map(([of, port]) => ({ of, port }))
  return leaders.some((one, i) => leaders.slice(i + 1).some((other) => doCross(one, other)))
}

/** How far all labels of a side may stand above or below their marks, in labels. */
const SHIFTS = [0, -0.4, 0.4, -0.8, 0.8, -1.2, 1.2]

/** All up or down, as far as the picture goes. */
const movedBy = (given: ReadonlyMap<Spot, number>, by: number, height: number, label: number): Map<Spot, number> => {
  const ports = [...given.values()]
  const [first, last] = [Math.min(...ports), Math.max(...ports)]
  const inside = Math.min(height - label / 2 - last, Math.max(label / 2 - first, by))
  return new Map([...given].map(([spot, port]) => [spot, port + inside]))
}

/** Where the first label stands and how far apart they are: so many are tried. */
const TRIES = 24

/** Labels given out over from all the room there is to none between them, at the top, the middle and the bottom. */
const spread = (spots: readonly Spot[], height: number, label: number, n: number): Map<Spot, number> => {
  const least = spots.length * label
  const room = Math.max(least, height - ((height - least) * (n % 8)) / 8)
  const start = ((height - room) * Math.floor(n / 8)) / 2
  const gap = room / spots.length
  return sideLabels(
    spots,
    spots.map((_, i) => start + gap * (i + 0.5)),
  )
}

/** How far labels are from the heights of their marks, all together. */
const strain = (given: ReadonlyMap<Spot, number>): number =>
  [...given].reduce((sum, [{ y }, port]) => sum + Math.abs(y - port), 0)

/** The best arrangement of a side: leaders keep `clear` of marks, else as far as they can; then the most level. */
const arranged = (spots: readonly Spot[], height: number, label: number, clear: number): Map<Spot, number> => {
  const judged = (given: Map<Spot, number>) => ({
    given,
    apart: Math.min(clear, leastApart(given)),
    strain: strain(given),
  })
  const best = (all: readonly Map<Spot, number>[]) =>
    all.map(judged).sort((a, b) => b.apart - a.apart || a.strain - b.strain)[0]
  if (spots.length === 0) return new Map()
  const beside = besideMarks(spots, height, label)
  const shifted = SHIFTS.map((labels) => movedBy(beside, labels * label, height, label))
  const ordered = shifted.map((given) =>
    sideLabels(
      spots,
      [...given.values()].sort((a, b) => a - b),
    ),
  )
  const level = best([...shifted.filter((given) => !crosses(given)), ...ordered])
  if (level && level.apart === clear) return level.given
  const tries = Array.from({ length: TRIES }, (_, n) => spread(spots, height, label, n))
  return best([...(level ? [level.given] : []), ...tries])?.given ?? new Map()
}

/** A picture may become so much higher for labels to stand at the nearer side. */
const HIGHER = 1.3

/**
 * `label`: the height of one, with the room about it. `clear`: how far leaders keep from other marks where they can;
 * they never run through one. `higher`: by how much the picture may grow
 * for labels to stand at the nearer side, 1: not at all. Marks lie within the picture.
 */
export const labelled = (
  marks: readonly Mark[],
  size: PictureSize,
  label: number,
  clear: number,
  higher = HIGHER,
): Labelling => {
  const spots = spotsOf(marks).sort((a, b) => a.x - b.x || a.y - b.y)
  const half = Math.ceil(spots.length / 2)
  // To the nearer side, as long as there is room at both: a leader across the whole picture is worse than a higher one.
  const most = Math.max(half, Math.floor((higher * size.height) / label))
  const nearer = spots.filter(({ x }) => x < size.width / 2).length
  const at = Math.min(most, Math.max(spots.length - most, nearer))
  const height = Math.max(size.height, Math.max(at, spots.length - at) * label)
  const top = (height - size.height) / 2
  const split = { left: spots.slice(0, at), right: spots.slice(at) }
  const labels = (['left', 'right'] as const).flatMap((side) => {
    const own = split[side].map((spot) => ({
      ...spot,
      x: side === 'left' ? spot.x : size.width - spot.x,
      y: spot.y + top,
    }))
    return [...arranged(own, height, label, clear)].map(([spot, y]): Label => {
      const x = side === 'left' ? spot.x : size.width - spot.x
      return { ids: spot.ids, side, y, mark: { x, y: spot.y } }
    })
  })
  return { labels, height }
}
