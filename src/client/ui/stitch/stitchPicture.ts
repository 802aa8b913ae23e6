/** A sewn stitch laid out to be drawn: everything in mm, the seam running across the page from left to right. */
import { slotEdges } from '#core/answer/clearance'
import type { Slot } from '#core/catalogue/types'
import { extentOf } from '#core/stitch/sew'
import type { Point, SewnStitch, ThreadPath } from '#core/stitch/types'

export interface StitchLayout {
  /** Left, top, width, height of what is drawn, mm. */
  box: [number, number, number, number]
  threads: { thread: ThreadPath['thread']; d: string }[]
  /** The default's threads, faint. */
  given: string[]
  holes: Point[]
  /** Edges of foot and plate slots, places across the seam. */
  foot: [number, number] | undefined
  plate: [number, number] | undefined
  /** Where the fabric ends. */
  edge: number | undefined
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
  /** Seam drawn at most, mm. */
  most: number
}

const ROOM = 1.5

const round = (value: number) => Math.round(value * 1000) / 1000

/**
 * Right side: needle right is drawn downward, as if the seam were sewn from left to right. The wrong side is what is
 * seen with the fabric turned over along the seam.
 */
export const layStitch = ({ set, given, face, foot, plate, most }: LayoutInput): StitchLayout => {
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
  const all = [...across, ...(slot ?? []), ...(plateSlot ?? []), ...(set.edge === undefined ? [] : [up * set.edge])]
  const top = Math.min(...all) - ROOM
  const bottom = Math.max(...all) + ROOM
  const length = Math.min(most, Math.max(reach.far, 1))
  const pathOf = ({ points }: ThreadPath): string =>
    points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(y)} ${round(up * x)}`).join('')
  const onFace = (stitch: SewnStitch) => stitch.paths.filter((path) => path.face === face)
  return {
    box: [-ROOM, round(top), round(length + 2 * ROOM), round(bottom - top)],
    threads: onFace(set).map((path) => ({ thread: path.thread, d: pathOf(path) })),
    given: given ? onFace(given).map(pathOf) : [],
    holes: set.penetrations.map(([x, y]): Point => [round(y), round(up * x)]),
    foot: slot,
    plate: plateSlot,
    edge: set.edge === undefined ? undefined : up * set.edge,
    length,
    ticks: Array.from({ length: Math.floor(length) + 1 }, (_, i) => i),
  }
}
