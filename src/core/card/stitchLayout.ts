/** A sewn stitch laid out to be drawn: everything in mm, the seam running across the page from left to right. */
import { slotEdges } from '../answer/clearance'
import type { FabricLayout, LineName, PartName } from './fabricParts'
import type { Slot } from '../catalogue/types'
import { extentOf } from '../stitch/sew'
import type { Point, SewnStitch, ThreadPath } from '../stitch/types'

export interface StitchLayout {
  /** Left, top, width, height of what is drawn, mm. */
  box: [number, number, number, number]
  threads: { thread: ThreadPath['thread']; d: string }[]
  /** The default's threads, faint. */
  given: string[]
  /** Creases, ridges and edges of the fabric itself. */
  cloth: string[]
  holes: Point[]
  /** Edges of foot and plate slots, places across the seam. */
  foot: [number, number] | undefined
  plate: [number, number] | undefined
  /** The fabric, from where to where across the page. */
  fabric: { top: number; height: number }
  /** Parts of the fabric, each with where its name stands. */
  parts: { name: PartName; at: number }[]
  /** Fold, edge, guide, each with where its name stands. */
  lines: { name: LineName; at: number; named: number }[]
  length: number
  /** Every mm, longer at five and ten. */
  ticks: number[]
}

export interface LayoutInput {
  set: SewnStitch
  given: SewnStitch | undefined
  face: 'top' | 'under'
  foot: Slot | undefined
  plate: Slot | undefined
  fabric: FabricLayout
  cloth?: readonly (readonly Point[])[]
  /** Seam drawn at most, mm. */
  most: number
  /** Whether there is room beside the seam for the names of lines and parts; where they are left out, there is. */
  names?: boolean
}

const ROOM = 1.5
/** Between one name's line of writing and the next. */
const LEADING = 1.3
/** To the right of the seam, for the names of the fabric's parts. */
const NAMES = 11.5

/** The middle of what is seen of a part, its open side going on to the picture's own. */
const middleOf = (
  up: number,
  from: number | undefined,
  to: number | undefined,
  top: number,
  bottom: number,
): number => {
  const ends = [from, to].map((end, i) => (end === undefined ? (up > 0 === (i === 0) ? top : bottom) : up * end))
  return round(((ends[0] as number) + (ends[1] as number)) / 2)
}

const round = (value: number) => Math.round(value * 1000) / 1000

/** Where names stand that lie at `places`: as near to them as keeps them `LEADING` apart, in their order. */
const keptApart = (places: readonly number[]): number[] => {
  const order = places.map((_, i) => i).sort((a, b) => (places[a] as number) - (places[b] as number))
  const found = [...places]
  order.forEach((i, nth) => {
    const before = found[order[nth - 1] ?? -1]
    if (before !== undefined) found[i] = Math.max(found[i] as number, before + LEADING)
  })
  return found.map(round)
}

/**
 * Right side: needle right is drawn downward, as if the seam were sewn from left to right. The wrong side is what is
 * seen with the fabric turned over along the seam.
 */
export const layStitch = ({
  set,
  given,
  face,
  foot,
  plate,
  fabric,
  cloth: own = [],
  most,
  names = true,
}: LayoutInput): StitchLayout => {
  const up = face === 'top' ? 1 : -1
  const reach = extentOf(set)
  const base = given && extentOf(given)
  const edges = (slot: Slot | undefined): [number, number] | undefined => {
    if (slot === undefined) return undefined
    const { left, right } = slotEdges(slot)
    return [up * left, up * right].sort((a, b) => a - b) as [number, number]
  }
  const [slot, plateSlot] = [edges(foot), edges(plate)]
  const across = [reach.left, reach.right, base?.left ?? 0, base?.right ?? 0].map((x) => up * x)
  const laid = own.flat().map(([x]) => up * x)
  const all = [...across, ...laid, ...(slot ?? []), ...(plateSlot ?? []), ...fabric.lines.map(({ at }) => up * at)]
  const top = Math.min(...all) - ROOM
  const bottom = Math.max(...all) + ROOM
  const hasNames = names && fabric.lines.length + fabric.parts.length > 0
  const length = Math.round(Math.min(most, Math.max(reach.far, 1)) * 10) / 10
  const pathOf = ({ points }: { points: readonly Point[] }): string =>
    points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(y)} ${round(up * x)}`).join('')
  const onFace = (stitch: SewnStitch) => stitch.paths.filter((path) => path.face === face)
  const gone = fabric.parts.find(({ name }) => name === 'noFabric')
  const edge = gone?.from === undefined ? undefined : up * gone.from
  const cloth = { top: edge !== undefined && up < 0 ? edge : top, bottom: edge !== undefined && up > 0 ? edge : bottom }
  // Where the fabric ends its edge is named already.
  const parts = fabric.parts
    .filter(({ name }) => name !== 'noFabric')
    .map(({ name, from, to }) => ({ name, at: middleOf(up, from, to, top, bottom) }))
  const lines = fabric.lines.map(({ name, at }) => ({ name, at: round(up * at) }))
  const named = keptApart([...lines, ...parts].map(({ at }) => at))
  return {
    box: [-ROOM, round(top), round(length + 2 * ROOM + (hasNames ? NAMES : 0)), round(bottom - top)],
    threads: onFace(set).map((path) => ({ thread: path.thread, d: pathOf(path) })),
    given: given ? onFace(given).map(pathOf) : [],
    cloth: own.map((points) => pathOf({ points })),
    holes: set.penetrations.map(([x, y]): Point => [round(y), round(up * x)]),
    foot: slot,
    plate: plateSlot,
    fabric: { top: round(cloth.top), height: round(cloth.bottom - cloth.top) },
    parts: parts.map((part, i) => ({ ...part, at: named[lines.length + i] as number })),
    lines: lines.map((line, i) => ({ ...line, named: named[i] as number })),
    length,
    ticks: Array.from({ length: Math.floor(length) + 1 }, (_, i) => i),
  }
}
