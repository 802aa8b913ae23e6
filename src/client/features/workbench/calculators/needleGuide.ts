import type { WorkbenchFoot } from '#core/card/workbenchInput'
import { guidedRight, QUARTER_INCH, rowAt, twinRows, type NeedleReach, type RowSide } from '#core/workbench/needleGuide'
import { slotEdges } from '#core/answer/clearance'
import { showValue } from '#core/answer/show'
import { formatNumber } from '#core/units/format'
import {
  choice,
  length,
  number,
  plainly,
  startsAt,
  type WorkbenchContext,
  type Calculator,
  type FigureLine,
  type FieldValues,
} from '../calculator'

const USUAL_TRAVEL = { from: -3.5, to: 3.5 }

/** The card's foot where fabric is guided along it, else another that the machine takes; from centre. */
const guidedAlong = (bench: WorkbenchContext): { foot: WorkbenchFoot; at: number } | undefined => {
  const seam = bench.working('quarterInch')?.foot
  const seamAt = seam && guidedRight(seam)
  if (seam && seamAt !== undefined) return { foot: seam, at: seamAt }
  const fitted = bench.stage()?.foot
  const guides = [...(fitted?.guide && fitted.guide.kind !== 'none' ? [fitted] : []), ...bench.hand.guides]
  const foot = guides.find(({ guide }) => guide?.offset !== undefined)
  return foot?.guide?.offset === undefined ? undefined : { foot, at: foot.guide.offset }
}

const machineOf = ({ hand }: WorkbenchContext, needleSize: number): NeedleReach => ({
  scale: hand.model?.scales.needlePosition,
  travel: hand.model?.travel ?? USUAL_TRAVEL,
  needleSize,
})
const needleOf = (bench: WorkbenchContext) => bench.stage()?.needleSize ?? bench.hand.fabric?.needleSize
const slotOf = ({ number: n }: FieldValues) => ({ left: -n('left'), right: n('right') })

export const needleGuide: Calculator = {
  id: 'needle-guide',
  group: 'Rows',
  name: 'Needle and guide',
  does: 'Where to put the needle for a row at a distance from what the guide runs along.',
  fields: (chosen) => [
    length('distance', 'Row from the guided line', '2'),
    choice('side', 'The row lies', 'left', [
      ['left', 'left of it'],
      ['right', 'right of it'],
    ]),
    length('guide', 'Guide from centre, right positive', '0'),
    length('left', 'Opening, left of centre', '2.75'),
    length('right', 'Opening, right of centre', '2.75'),
    number('size', 'Needle, size', '80'),
    choice('rows', 'Rows at once', 'one', [
      ['one', 'one'],
      ['twin', 'two: twin needle'],
    ]),
    ...(chosen('rows') === 'twin' ? [length('spacing', 'Spacing of the needles', '4')] : []),
  ],
  start: (bench) => {
    const along = guidedAlong(bench)
    const foot = along?.foot
    const slot = foot?.slot === undefined ? undefined : slotEdges(foot.slot)
    return {
      guide: startsAt(along?.at, foot?.code),
      distance: bench.working('quarterInch') ? startsAt(QUARTER_INCH, 'a quarter inch') : undefined,
      left: startsAt(slot && -slot.left, foot?.code),
      right: startsAt(slot?.right, foot?.code),
      size: startsAt(needleOf(bench), bench.stage() ? 'the card' : bench.hand.fabric?.name),
    }
  },
  picture: (values, bench) => {
    const { number: n, choice: c } = values
    const { needle } = rowAt(
      { guide: n('guide'), slot: slotOf(values) },
      machineOf(bench, n('size')),
      c('side') as RowSide,
      n('distance'),
    )
    if (needle === undefined) return undefined
    const set = {
      function: { id: 'straight', family: 'straight' },
      swing: 'none' as const,
      width: 0,
      length: bench.stage()?.settings.length ?? 2.5,
      needlePosition: needle,
      repeats: 12,
    }
    return {
      name: 'Row beside the guide',
      sketch: {
        ...plainly(set),
        foot: slotOf(values),
        fabric: { parts: [], lines: [{ name: 'guide', at: n('guide') }] },
      },
    }
  },
  tries: (values, bench) => {
    const { number: n, choice: c } = values
    const { needle } = rowAt(
      { guide: n('guide'), slot: slotOf(values) },
      machineOf(bench, n('size')),
      c('side') as RowSide,
      n('distance'),
    )
    return needle === undefined ? undefined : { needlePosition: needle }
  },
  compute: (values, bench) => {
    const { number: n, choice: c } = values
    const side = c('side') as RowSide
    const machine = machineOf(bench, n('size'))
    const row = rowAt({ guide: n('guide'), slot: slotOf(values) }, machine, side, n('distance'))
    const others = bench.hand.guides
      .map((foot) => ({
        foot,
        row: rowAt({ guide: foot.guide?.offset ?? 0, slot: foot.slot }, machine, side, n('distance')),
      }))
      .filter((one) => one.row.exact)
      .map(({ foot }) => foot.code)
    const would =
      others.length > 0
        ? ` ${others.join(', ')} would reach it.`
        : ' No guided foot of this machine reaches it: mark the line, or use a guide on the plate.'
    const shown =
      row.needle === undefined ? '' : showValue(row.needle, 'needlePosition', bench.hand.model?.scales.needlePosition)
    const lines: FigureLine[] = [
      { label: 'Needle position wanted', figure: row.wanted, note: 'From centre, right positive.' },
      row.needle === undefined || row.distance === undefined
        ? {
            label: 'Set',
            words: 'none',
            warn: true,
            note: `No needle position of this machine is clear in this opening.${would}`,
          }
        : {
            label: 'Row that is sewn',
            figure: row.distance,
            warn: !row.exact,
            note: row.exact ? `Set the needle to ${shown}.` : `Nearest: needle at ${shown}.${would}`,
          },
    ]
    if (row.reach)
      lines.push({
        label: 'Within reach here',
        words: `${formatNumber(row.reach.from, 1)} to ${formatNumber(row.reach.to, 1)} mm`,
      })
    if (!bench.hand.model)
      lines.push({
        label: 'Machine',
        words: 'none picked',
        note: 'Reckoned with ±3.5 mm that turns freely. Pick a machine at the top for its own positions.',
      })
    if (c('rows') === 'twin') {
      const twin = twinRows(n('spacing'), bench.hand.model?.twinMax, slotOf(values), n('size'))
      lines.push({
        label: 'Room for both needles',
        figure: twin.needed,
        warn: twin.clear === false || twin.taken === false,
        note: twinNote(twin),
      })
    }
    return lines
  },
}

const twinNote = ({ clear, taken }: ReturnType<typeof twinRows>): string => {
  if (taken === false) return 'Wider than this machine takes.'
  if (clear === false) return 'The needles would hit this foot.'
  return taken === undefined
    ? 'Clear in the foot. How wide a twin needle this machine takes is not stated: ask its book.'
    : 'Clear, the needle at centre.'
}
