/** A laid out stitch at 1:1, for a sample to be laid beside it. */
import type { StitchLayout } from '#core/card/stitchLayout'
import type { ThreadPath } from '#core/stitch/types'
import { drawing, element, type Drawing } from './svg'

/** Threads are told apart without colour. */
const LOOKS: Partial<Record<ThreadPath['thread'], Record<string, string | number>>> = {
  bobbin: { stroke: '#666' },
  lowerLooper: { stroke: '#666' },
  chainLooper: { stroke: '#666' },
  coverLooper: { stroke: '#666' },
  upperLooper: { 'stroke-dasharray': '0.9 0.25' },
  cord: { stroke: '#888', 'stroke-width': 0.6 },
}

const line = (x1: number, y1: number, x2: number, y2: number, more: Record<string, string | number>) =>
  element('line', { x1, y1, x2, y2, stroke: '#000', ...more })

/** Many short lines in one: each part of a drawing costs its reader time. */
const stroked = (d: string, width: number, cap?: 'round') =>
  element('path', { d, fill: 'none', stroke: '#000', 'stroke-width': width, 'stroke-linecap': cap })

export const stitchDrawing = (layout: StitchLayout): Drawing => {
  const { box, fabric, length, lines, foot = [], plate = [], cloth, given, threads, holes, ticks } = layout
  const [left, top, width, height] = box
  const bottom = top + height
  /** What runs on past the seam that is drawn is covered again: not every reader of drawings can cut. */
  const beyond = (x: number, wide: number) =>
    element('rect', { x, y: top, width: Math.max(0, wide), height, fill: '#fff', stroke: 'none' })
  const drawn = [
    element('rect', { x: 0, y: fabric.top, width: length, height: fabric.height, fill: '#eee' }),
    ...lines.map(({ at }) => line(0, at, length, at, { 'stroke-width': 0.35 })),
    ...plate.map((y) => line(0, y, length, y, { 'stroke-width': 0.1, 'stroke-dasharray': '0.8 0.6' })),
    ...foot.map((y) => line(0, y, length, y, { 'stroke-width': 0.1 })),
    ...cloth.map((d) => element('path', { d, fill: 'none', stroke: '#000', 'stroke-width': 0.18 })),
    ...given.map((d) =>
      element('path', { d, fill: 'none', stroke: '#777', 'stroke-width': 0.13, 'stroke-dasharray': '0.5 0.4' }),
    ),
    ...threads.map(({ thread, d }) =>
      element('path', { d, fill: 'none', stroke: '#000', 'stroke-width': 0.28, ...LOOKS[thread] }),
    ),
    ...(holes.length > 0 ? [stroked(holes.map(([x, y]) => `M${x - 0.01} ${y}h0.02`).join(''), 0.4, 'round')] : []),
  ]
  const ruler = stroked(
    ticks.map((x) => `M${x} ${bottom}v${x % 10 === 0 ? -1.3 : x % 5 === 0 ? -0.9 : -0.5}`).join(''),
    0.1,
  )
  const end = left + width
  return drawing(box, 1, ...drawn, beyond(left, -left - 0.4), beyond(length + 0.2, end - length - 0.2), ruler)
}
