import { nearest, reachOf } from '#core/answer/reach'
import { quarterInchCheck } from '#core/workbench/needleGuide'
import { formatNumber } from '#core/units/format'
import { TOLERANCE } from '#core/units/quantities'
import { length, number, type Calculator, type WorkbenchContext } from '../calculator'

/** What the machine in hand can do of it: its needle goes in steps. */
const stepNote = (move: number, { hand: { model } }: WorkbenchContext): string => {
  const scale = model?.scales.needlePosition
  if (!model || !scale) return ''
  const place = nearest(reachOf(scale), move, { ties: 'lower' })
  if (!place || Math.abs(place.value - move) <= TOLERANCE) return ''
  return Math.abs(place.value) <= TOLERANCE
    ? ` The ${model.name} has no such small step: move the guide, or run the edge a hair nearer.`
    : ` The nearest on the ${model.name}: ${formatNumber(place.value, 2)} mm.`
}

export const quarterInch: Calculator = {
  id: 'quarter-inch',
  group: 'Rows',
  name: 'Quarter inch',
  does: 'Cut three strips of 38.1 mm (1½"), seam them, press, and measure the middle one.',
  fields: () => [length('measured', 'The middle measures', '25'), number('seams', 'Seams in the piece', '12')],
  compute: ({ number: n }, bench) => {
    const { move, seam, over } = quarterInchCheck(n('measured'), n('seams'))
    const side =
      move.value > 0 ? 'right, toward the edge: the seams are full' : 'left, away from the edge: the seams are scant'
    return [
      {
        label: 'Move the needle',
        figure: move,
        note:
          move.value === 0
            ? 'True: leave it.'
            : `${formatNumber(Math.abs(move.value), 2)} mm to the ${side}.${stepNote(move.value, bench)}`,
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
