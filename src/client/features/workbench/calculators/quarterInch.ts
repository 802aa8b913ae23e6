import { quarterInchCheck } from '#core/workbench/needleGuide'
import { formatNumber } from '#core/units/format'
import { length, number, type Calculator } from '../calculator'

export const quarterInch: Calculator = {
  id: 'quarter-inch',
  group: 'Rows',
  name: 'Quarter inch',
  does: 'Cut three strips of 38.1 mm (1½"), seam them, press, and measure the middle one.',
  fields: () => [length('measured', 'The middle measures', '25'), number('seams', 'Seams in the piece', '12')],
  compute: ({ number: n }) => {
    const { move, seam, over } = quarterInchCheck(n('measured'), n('seams'))
    const side =
      move.value > 0 ? 'right, toward the edge: the seams are full' : 'left, away from the edge: the seams are scant'
    return [
      {
        label: 'Move the needle',
        figure: move,
        note: move.value === 0 ? 'True: leave it.' : `${formatNumber(Math.abs(move.value), 2)} mm to the ${side}.`,
      },
      { label: 'Each seam is off by', figure: seam },
      {
        label: `Over ${formatNumber(n('seams'))} seams`,
        figure: over,
        note: 'What the piece would be too narrow, or below 0 too wide.',
      },
    ]
  },
}
