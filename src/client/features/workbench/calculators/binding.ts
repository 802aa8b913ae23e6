import { bindingCover, bindingLength, stripsFor } from '#core/workbench/binding'
import { figure } from '#core/workbench/figure'
import { choice, length, startsAt, type Calculator } from '../calculator'

const COVERS = {
  good: 'caught.',
  misses: 'Under 2 mm: the stitches will miss the fold. Cut the strip wider.',
  wideBack: 'Over 10 mm: it shows a wide lip. Cut the strip narrower.',
}
const TWO_DECIMALS = 100

export const binding: Calculator = {
  id: 'binding',
  group: 'Hems and edges',
  name: 'Binding',
  does: 'What covers the other side, what the stitches catch, how many strips.',
  fields: () => [
    choice('first', 'Sewn first', 'front', [
      ['front', 'to the front, caught in the ditch'],
      ['back', 'to the back, topstitched on the front'],
    ]),
    length('strip', 'Strip, cut', '2 1/2"'),
    length('seam', 'Seam', '1/4"'),
    length('thickness', 'Edge to be bound, thick', '3'),
    length('perimeter', 'Perimeter', '6000'),
    length('usable', 'Usable width of the fabric', '1050'),
  ],
  start: ({ hand: { fabric } }) => ({
    thickness: startsAt(fabric && Math.round(fabric.thickness * TWO_DECIMALS) / TWO_DECIMALS, fabric?.name),
  }),
  compute: ({ number: n, choice: c }) => {
    const { back, margin, verdict } = bindingCover(n('strip'), n('seam'), n('thickness'))
    const needed = bindingLength(n('perimeter'))
    const strips = stripsFor(needed.value, n('strip'), n('usable'))
    const toBack = c('first') === 'back'
    const caught = toBack ? 'The topstitching on the front: ' : 'The ditch: the fold behind is '
    return [
      { label: toBack ? 'Covers the front by' : 'Covers the back by', figure: back },
      {
        label: toBack ? 'Beyond the first seam, on the front' : 'Margin in the ditch',
        figure: margin,
        note: verdict === 'good' ? `${caught}${COVERS.good}` : COVERS[verdict],
        warn: verdict !== 'good',
      },
      ...(toBack
        ? [
            {
              label: 'Topstitch from the seam behind',
              figure: figure('mm', 'margin − 1.5', { margin: margin.value }, margin.value - 1.5),
              note: 'About 1.5 mm inside the fold on the front; behind it lands so far from the first seam.',
            },
          ]
        : []),
      { label: 'Binding to make', figure: needed, note: 'With the join and the corners.' },
      { label: 'Strips, joined on the bias', figure: strips },
      {
        label: 'Fabric for them',
        figure: figure('mm', 'strips × S', { strips: strips.value, S: n('strip') }, strips.value * n('strip')),
        note: 'Cut across the width, selvage to selvage.',
      },
    ]
  },
}
