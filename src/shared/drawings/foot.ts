/** A foot from above at 1:1, whoever sews at the bottom. */
import type { FabricLayout } from '#core/card/fabricParts'
import { footBox, footPlan, type Box, type FootShape } from '#core/card/footPlan'
import { drawing, element, type Drawing } from './svg'

const rect = ({ left, right, back, front }: Box) => ({ x: left, y: back, width: right - left, height: front - back })

export const footDrawing = (shape: FootShape, fabric: FabricLayout | undefined): Drawing => {
  const plan = footPlan(shape)
  const { left, right, back, front } = footBox(plan)
  const { guide } = plan
  const outlined = { fill: 'none', stroke: '#000', 'stroke-width': 0.3 }
  const touching = (fabric?.lines ?? []).filter(({ at }) => at > left && at < right)
  return drawing(
    [left, back, right - left, front - back],
    1,
    element('rect', { ...rect(plan.sole), rx: 2.5, ...outlined, fill: '#eee', 'stroke-width': 0.4 }),
    ...(plan.button ? [element('rect', { ...rect(plan.button), ...outlined, 'stroke-dasharray': '1.2 0.8' })] : []),
    element('rect', {
      ...rect(plan.slot),
      ...outlined,
      fill: '#fff',
      'stroke-dasharray': plan.slot.stated ? undefined : '0.8 0.6',
    }),
    ...(plan.pin ? [element('rect', { ...rect(plan.pin), fill: '#000' })] : []),
    ...(guide
      ? [
          element('line', {
            x1: guide.at,
            x2: guide.at,
            y1: guide.back,
            y2: guide.front,
            stroke: '#000',
            'stroke-width': 1,
          }),
        ]
      : []),
    ...touching.map(({ at }) =>
      element('line', {
        x1: at,
        x2: at,
        y1: back,
        y2: front,
        stroke: '#000',
        'stroke-width': 0.35,
        'stroke-dasharray': '1.4 0.9',
      }),
    ),
    element('path', { d: 'M-1.1 0h2.2M0 -1.1v2.2', stroke: '#000', 'stroke-width': 0.5 }),
  )
}
