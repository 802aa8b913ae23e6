import { fabricUnder } from '#core/card/fabricParts'
import { guideForWidth } from '#core/answer/guidePlace'
import { BITE, biteFor, biteOf, guideForBite, pickEvery, widthForBite } from '#core/workbench/blindHemBite'
import { formatNumber } from '#core/units/format'
import {
  choice,
  length,
  number,
  startsAt,
  type WorkbenchContext,
  type Calculator,
  type FieldValues,
} from '../calculator'

const stageOf = (bench: WorkbenchContext) => bench.stage('blindHem')
const biteAsked = ({ choice: c }: FieldValues) => BITE[c('weight') as keyof typeof BITE]

/** From the straight stitches; one that can be moved stands where it makes the bite with the width that is set. */
const guideOf = (bench: WorkbenchContext): number | undefined => {
  const stage = stageOf(bench)
  const { fabric } = bench.hand
  const guide = stage?.foot?.guide
  const width = stage?.settings.width
  const moved = fabric && width !== undefined ? guideForWidth(guide, width, fabric) : undefined
  return moved ?? (guide?.offset === undefined ? undefined : Math.abs(guide.offset))
}

export const blindHem: Calculator = {
  id: 'blind-hem',
  group: 'Hems and edges',
  name: 'Blind hem bite',
  does: 'How much of the fold the swing takes, and how often it shows.',
  fields: () => [
    choice('weight', 'Fabric', 'medium', [
      ['light', 'light'],
      ['medium', 'medium'],
      ['heavy', 'heavy'],
      ['lofty', 'lofty'],
    ]),
    length('guide', 'Straight stitches to the guide', '2'),
    length('width', 'Width set now', '2.5'),
    length('length', 'Stitch length', '1.5'),
    number('repeat', 'Stitches of a repeat', '5'),
    number('swingAt', 'Which of them swings', '5'),
  ],
  start: (bench) => {
    const { fabric } = bench.hand
    const stage = stageOf(bench)
    const from = stage && `${stage.select}`
    const offset = guideOf(bench)
    const bite = fabric && Object.entries(BITE).find(([, mm]) => mm === biteFor(fabric))?.[0]
    return {
      weight: startsAt(bite, fabric?.name),
      guide: startsAt(offset, stage?.foot?.code),
      width: startsAt(stage?.settings.width, from),
      length: startsAt(stage?.settings.length, from),
      repeat: startsAt(stage?.function.repeat, from),
      swingAt: startsAt(stage?.function.swingAt ?? stage?.function.repeat, from),
    }
  },
  compute: (values) => {
    const { number: n } = values
    const bite = biteOf(n('width'), n('guide'))
    const asked = biteAsked(values)
    return [
      {
        label: 'Width to set',
        figure: widthForBite(n('guide'), asked),
        note: `For a bite of ${formatNumber(asked)} mm.`,
      },
      {
        label: 'Or set the guide',
        figure: guideForBite(n('width'), asked),
        note: 'From the straight stitches, for the width set now: a foot whose guide has a screw.',
      },
      {
        label: 'Bite of the width set now',
        figure: bite,
        ...(bite.value <= 0 ? { note: 'The swing does not reach the fold: it will miss.', warn: true } : {}),
        ...(bite.value > 2 * asked
          ? { note: 'Twice what the fabric hides: long dots on the right side.', warn: true }
          : {}),
      },
      { label: 'A pick shows every', figure: pickEvery(n('length'), n('repeat')) },
      {
        label: 'Find the swing',
        words: `Stitch ${formatNumber(n('swingAt'))} of ${formatNumber(n('repeat'))}`,
        note:
          'Where the machine does not show it: turn the handwheel to the swing, then place the fold under it. From ' +
          `the first straight stitch that is ${formatNumber(n('swingAt') - 1)} more.`,
      },
    ]
  },
  tries: (values) => ({ width: widthForBite(values.number('guide'), biteAsked(values)).value }),
  picture: (values, bench) => {
    const { number: n } = values
    const stage = stageOf(bench)
    const set = {
      function: {
        id: stage?.function.id ?? 'blindHem.woven',
        family: 'blindHem',
        repeat: n('repeat'),
        swingAt: n('swingAt'),
      },
      swing: 'left' as const,
      width: n('width'),
      length: n('length'),
      needlePosition: 0,
      repeats: 3,
    }
    const guide = { kind: 'left' as const, offset: -n('guide') }
    return {
      name: stage?.function.name ?? 'Blind hem',
      faint: 'with the width to set',
      sketch: {
        set,
        given: { ...set, width: widthForBite(n('guide'), biteAsked(values)).value },
        ...(stage?.foot?.slot === undefined ? {} : { foot: stage.foot.slot }),
        fabric: fabricUnder(set, { guide }, biteAsked(values)),
      },
    }
  },
}
