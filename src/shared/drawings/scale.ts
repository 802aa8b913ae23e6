/** Tapes and dials on paper: where a value stands, where to set it, where the needle would hit. */
import { dialArc, dialPoint, dialTurn, middleOf, type ScaleView } from '#core/card/scaleView'
import { drawing, element, LEAST_TYPE, words, type Drawing } from './svg'

const black = { stroke: '#000', fill: 'none' }

/** Slanted lines within a rectangle: no colour, and no pattern that a reader of drawings may not know. */
const hatched = (from: number, to: number, top: number, bottom: number): string => {
  const [every, high] = [1, bottom - top]
  const lines: string[] = []
  for (let x = from - high; x < to; x += every) {
    const [start, end] = [Math.max(x, from), Math.min(x + high, to)]
    lines.push(`M${start} ${top + (start - x)}L${end} ${top + (end - x)}`)
  }
  return lines.join('')
}

const TAPE = { width: 46, edge: 3, top: 4.4, bottom: 8, mark: 3.6 }

/** 46 mm wide, its figures of the least type. */
const tape = (view: ScaleView): Drawing => {
  const { width, edge, top, bottom } = TAPE
  const x = (share: number) => edge + share * (width - 2 * edge)
  const set = x(middleOf(view.set))
  const start = view.starts.length > 0 ? x(middleOf(view.starts)) : undefined
  const labelled = view.ticks.filter(({ label }) => label !== '')
  /** Every figure keeps its room. */
  const every = labelled.length > 8 ? 2 : 1
  return drawing(
    [0, 0, width, bottom + LEAST_TYPE + 1],
    1,
    element('rect', { x: 0.2, y: top, width: width - 0.4, height: bottom - top, ...black, 'stroke-width': 0.25 }),
    ...view.hits.map((hit) =>
      element('path', { d: hatched(x(hit.from), x(hit.to), top, bottom), ...black, 'stroke-width': 0.2 }),
    ),
    element('path', {
      d: view.ticks.map((tick) => `M${x(tick.at)} ${top}v${tick.major ? 2 : 1}`).join(''),
      ...black,
      'stroke-width': 0.25,
    }),
    ...labelled
      .filter((_, i) => i % every === 0)
      .map((tick) => words(tick.label, { x: x(tick.at), y: bottom + LEAST_TYPE, 'text-anchor': 'middle' }, LEAST_TYPE)),
    ...(start === undefined
      ? []
      : [
          element('path', {
            d: `M${start - 1.2} 1.4h2.4l-1.2 2.4z`,
            fill: '#fff',
            stroke: '#000',
            'stroke-width': 0.3,
          }),
        ]),
    element('path', { d: `M${set - 1.4} 0.4h2.8v2l-1.4 2-1.4-2z`, fill: '#000' }),
  )
}

const DIAL = { size: 30, radius: 8 }

/** 30 mm across. */
const dial = (view: ScaleView): Drawing => {
  const { size, radius: r } = DIAL
  const c = size / 2
  const set = middleOf(view.set)
  const start = view.starts.length > 0 ? middleOf(view.starts) : undefined
  const turned = (share: number) => `rotate(${dialTurn(share)} ${c} ${c})`
  return drawing(
    [0, 0, size, size - 2],
    1,
    element('path', { d: dialArc(0, 1, r, c), ...black, 'stroke-width': 0.3 }),
    ...view.hits.map((hit) =>
      element('path', {
        d: dialArc(hit.from, hit.to, r, c),
        ...black,
        'stroke-width': 1.6,
        'stroke-dasharray': '0.4 0.6',
      }),
    ),
    element('path', {
      d: view.ticks
        .map((tick) => [dialPoint(tick.at, r - 0.5, c), dialPoint(tick.at, r + 1, c)] as const)
        .map(([from, to]) => `M${from.x} ${from.y}L${to.x} ${to.y}`)
        .join(''),
      ...black,
      'stroke-width': 0.3,
    }),
    ...view.ticks.map((tick) => {
      const at = dialPoint(tick.at, r + 4, c)
      return words(tick.label, { x: at.x, y: at.y + LEAST_TYPE / 3, 'text-anchor': 'middle' }, LEAST_TYPE)
    }),
    ...(start === undefined
      ? []
      : [
          element('path', {
            d: `M${c - 1.1} ${c - r - 2}h2.2l-1.1 2z`,
            transform: turned(start),
            fill: '#fff',
            stroke: '#000',
            'stroke-width': 0.3,
          }),
        ]),
    element('path', {
      d: `M${c - 1.2} ${c}v${3 - r}l1.2 -2.4l1.2 2.4v${r - 3}z`,
      transform: turned(set),
      fill: '#000',
    }),
    element('circle', { cx: c, cy: c, r: 1.6, fill: '#000' }),
  )
}

export const scaleDrawing = (view: ScaleView): Drawing => (view.shape === 'dial' ? dial(view) : tape(view))

/** Fifty millimetres, for a ruler to be laid beside it. */
export const checkBar = (): Drawing =>
  drawing(
    [-0.2, 0, 50.4, 3],
    1,
    element('path', {
      d: ['M0 1.5h50', ...[10, 20, 30, 40].map((x) => `M${x} 0.7v1.6`), 'M0 0v3', 'M50 0v3'].join(''),
      ...black,
      'stroke-width': 0.25,
    }),
  )
