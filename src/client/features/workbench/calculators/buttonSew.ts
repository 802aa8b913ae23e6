import { holesWidth, ringWidth, shankHeight, type SewOnWidth } from '#core/workbench/buttonSewOn'
import { showValue } from '#core/answer/show'
import {
  choice,
  length,
  number,
  startsAt,
  type WorkbenchContext,
  type Calculator,
  type FieldValues,
} from '../calculator'

const stageOf = (bench: WorkbenchContext) => bench.working('holeSpacing', 'ring') ?? bench.stage('buttonSew')

const SAYS: Record<SewOnWidth['verdict'], (machine: string, shown: string) => string> = {
  good: (_, shown) =>
    `Set ${shown}. Feed dogs down or length 0, then turn the handwheel through the left and the right hole.`,
  beyond: (machine) => `Wider than ${machine} swings: sew it on by hand.`,
  hits: () => 'The needle would hit the foot or the needle plate: another foot, or by hand.',
  between: (machine) => `No place on ${machine}’s scale meets both holes: sew it on by hand.`,
}

const widthOf = ({ number: n, choice: c }: FieldValues, bench: WorkbenchContext): SewOnWidth => {
  const { hand } = bench
  const here = stageOf(bench)
  const machine = {
    maxWidth: hand.model?.maxWidth,
    scale: hand.model?.scales.width,
    slots: [here?.foot?.slot, here?.plateSlot ?? hand.model?.plateSlot],
    needleSize: n('size'),
  }
  return c('what') === 'ring' ? ringWidth(n('wire'), machine) : holesWidth(n('spacing'), machine)
}

export const buttonSew: Calculator = {
  id: 'button',
  group: 'Fastenings',
  name: 'Button and ring',
  does: 'The width that goes through the holes, and the height of the shank.',
  fields: (chosen) => [
    choice('what', 'Sewn on', 'two', [
      ['two', 'button, two holes'],
      ['four', 'button, four holes'],
      ['ring', 'ring'],
    ]),
    ...(chosen('what') === 'ring'
      ? [length('wire', 'Thickness of the ring', '2')]
      : [length('spacing', 'Hole to hole, middle to middle', '4')]),
    number('size', 'Needle, size', '80'),
    length('layers', 'Layers at the closure', '3'),
    length('ease', 'Ease of the shank', '0.5'),
  ],
  start: (bench) => ({
    size: startsAt(
      stageOf(bench)?.needleSize ?? bench.hand.fabric?.needleSize,
      stageOf(bench) ? 'the card' : bench.hand.fabric?.name,
    ),
    layers: startsAt(
      bench.hand.fabric && Math.round(bench.hand.fabric.thickness * 20) / 10,
      bench.hand.fabric && `twice ${bench.hand.fabric.name}`,
    ),
  }),
  compute: (values, bench) => {
    const { number: n, choice: c } = values
    const made = widthOf(values, bench)
    const machine = bench.hand.model?.name ?? 'the machine'
    const shown = made.set === undefined ? '' : `width ${showValue(made.set, 'width', bench.hand.model?.scales.width)}`
    return [
      { label: 'Width', figure: made.width, warn: made.verdict !== 'good', note: SAYS[made.verdict](machine, shown) },
      ...(c('what') === 'four'
        ? [
            {
              label: 'Four holes',
              words: 'Two pairs',
              note: 'Sew two holes, cut, move the button, sew the other two. The width stays.',
            },
          ]
        : []),
      {
        label: 'Shank',
        figure: shankHeight(n('layers'), n('ease')),
        note: 'By the foot’s bar, or a pin laid across the button. Wind the threads around it and tie off.',
      },
    ]
  },
  tries: (values, bench) => {
    const { set, verdict } = widthOf(values, bench)
    return set === undefined || verdict !== 'good' ? undefined : { width: set }
  },
  picture: (values, bench) => {
    const made = widthOf(values, bench)
    const here = stageOf(bench)
    if (made.set === undefined || made.verdict !== 'good') return undefined
    return {
      name: 'Button sew-on',
      sketch: {
        set: {
          function: { id: 'buttonSew', family: 'fastening' },
          swing: 'centred',
          width: made.set,
          length: 1,
          needlePosition: 0,
          repeats: 4,
        },
        ...(here?.foot?.slot === undefined ? {} : { foot: here.foot.slot }),
        ...(here?.plateSlot === undefined ? {} : { plate: here.plateSlot }),
        fabric: { parts: [], lines: [] },
      },
    }
  },
}
