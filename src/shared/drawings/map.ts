/** A view of a machine in outline with the steps' numbers at their controls. */
import { labelled } from '#core/map/labelling'
import { OUTLINE_LINES, OUTLINE_SIZE } from '#core/map/outlines'
import { SHAPE_LINES } from '#core/map/shapes'
import type { ViewMarks } from '#core/map/stepMarks'
import type { Outline } from '#core/map/usualPlaces'
import type { Mm } from '#core/units/quantities'
import { drawing, element, LEAST_TYPE, words, type Drawing } from './svg'

/** Room for numbers at each side, and how far leaders keep from other controls; units of the outline. */
const SIDE = 62
const CLEAR = 16
const GAP = 5
/** Paper is short: a drawing is no higher for its numbers’ sake. */
const AS_HIGH = 1
/** Numbers in a line. */
const A_LINE = 3

export const mapDrawing = (outline: Outline, { view, marks }: ViewMarks, width: Mm): Drawing => {
  const scale = width / (OUTLINE_SIZE.width + 2 * SIDE)
  const type = LEAST_TYPE / scale
  const numbersOf = (ids: readonly string[]): string[] => {
    const own = marks.filter(({ control }) => ids.includes(control)).flatMap(({ numbers }) => numbers)
    const all = [...new Set(own)].sort((a, b) => a - b)
    return Array.from({ length: Math.ceil(all.length / A_LINE) }, (_, i) =>
      all.slice(i * A_LINE, (i + 1) * A_LINE).join(', '),
    )
  }
  const points = marks.map(({ control, place }) => ({
    id: control,
    x: place.x * OUTLINE_SIZE.width,
    y: place.y * OUTLINE_SIZE.height,
  }))
  /** Room for the label with the most lines; marks in one place come together. */
  const most = Math.max(
    1,
    ...labelled(points, OUTLINE_SIZE, type, CLEAR, AS_HIGH).labels.map(({ ids }) => numbersOf(ids).length),
  )
  const { labels, height } = labelled(points, OUTLINE_SIZE, type * (1.1 * most + 0.3), CLEAR, AS_HIGH)
  const top = (height - OUTLINE_SIZE.height) / 2
  const drawn = OUTLINE_LINES[outline][view]
  const turned = drawn?.turned ? ` translate(${OUTLINE_SIZE.width} 0) scale(-1 1)` : ''
  return drawing(
    [-SIDE, 0, OUTLINE_SIZE.width + 2 * SIDE, height],
    scale,
    element(
      'g',
      { transform: `translate(0 ${top})${turned}` },
      element('path', { d: (drawn?.lines ?? []).join(''), fill: 'none', stroke: '#777', 'stroke-width': 1.6 }),
    ),
    element('path', {
      d: labels
        .map(({ side, y, mark }) => `M${side === 'left' ? 0 : OUTLINE_SIZE.width} ${y}L${mark.x} ${mark.y}`)
        .join(''),
      fill: 'none',
      stroke: '#777',
      'stroke-width': 1,
    }),
    ...labels.flatMap(({ ids, side, y, mark }) => {
      const shape = marks.find(({ control }) => control === ids[0])?.place.shape ?? 'knob'
      const edge = side === 'left' ? -GAP : OUTLINE_SIZE.width + GAP
      const lines = numbersOf(ids)
      return [
        element('path', {
          d: SHAPE_LINES[shape],
          transform: `translate(${mark.x} ${mark.y})`,
          fill: '#fff',
          stroke: '#000',
          'stroke-width': 2,
        }),
        ...lines.map((line, i) =>
          words(
            line,
            {
              x: edge,
              y: y + type * (0.35 + 1.1 * (i - (lines.length - 1) / 2)),
              'text-anchor': side === 'left' ? 'end' : 'start',
              'font-weight': 'bold',
            },
            type,
          ),
        ),
      ]
    }),
  )
}
