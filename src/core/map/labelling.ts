/**
 * Labels at the sides of a picture with leaders to the marks in it: no two labels overlap, no leader crosses another
 * or runs through a mark. Of the marks that go to a side the labels are given out from the top down, each to the mark
 * whose leader has all marks that are left on its lower side; later leaders stay there, so none crosses. (Boundary
 * labelling with straight leaders.)
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

/** Where the first label stands and how far apart they are: tried until no leader runs near a mark. */
const TRIES = 24

/** The best of some arrangements of a side: the leaders keep farthest from the marks, up to `clear`. */
const arranged = (spots: readonly Spot[], height: number, label: number, clear: number): Map<Spot, number> => {
  const least = spots.length * label
  let best: { given: Map<Spot, number>; apart: number } | undefined
  for (let n = 0; n < TRIES; n++) {
    // From as wide apart as there is room for to close together, at the top, the middle and the bottom.
    const room = Math.max(least, height - ((height - least) * (n % 8)) / 8)
    const start = ((height - room) * Math.floor(n / 8)) / 2
    const gap = spots.length === 0 ? 0 : room / spots.length
    const given = sideLabels(
      spots,
      spots.map((_, i) => start + gap * (i + 0.5)),
    )
    const near = leastApart(given)
    if (!best || near > best.apart) best = { given, apart: near }
    if (near >= clear) break
  }
  return best?.given ?? new Map()
}

/**
 * `label`: the height of one, with the room about it. `clear`: how far leaders keep from other marks where they can;
 * they never run through one. Marks lie within the picture.
 */
export const labelled = (marks: readonly Mark[], size: PictureSize, label: number, clear: number): Labelling => {
  const spots = spotsOf(marks).sort((a, b) => a.x - b.x || a.y - b.y)
  const half = Math.ceil(spots.length / 2)
  const height = Math.max(size.height, half * label)
  const top = (height - size.height) / 2
  // To the nearer side, as long as there is room at both.
  const most = Math.max(half, Math.floor(height / label))
  const nearer = spots.filter(({ x }) => x < size.width / 2).length
  const at = Math.min(most, Math.max(spots.length - most, nearer))
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
