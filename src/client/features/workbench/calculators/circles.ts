import { circleSpacing, circumference, fitMotif, letteringAngle } from '#core/workbench/circles'
import { circleStages, type CircleStage } from '#core/workbench/circleStages'
import { figure } from '#core/workbench/figure'
import { circleGuide } from '#core/workbench/templates'
import { bobbinHolds } from '#core/workbench/thread'
import { formatNumber } from '#core/units/format'
import type { Thread } from '#core/catalogue/types'
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

const MOST_FITS = 4
const attachmentOf = (bench: WorkbenchContext) => bench.hand.stages.find(({ circular }) => circular)?.circular

const radiusNote = (bench: WorkbenchContext, radius: number): Pick<FigureLine, 'note' | 'warn'> => {
  const circular = attachmentOf(bench)
  if (!circular) return {}
  const { minRadius, maxRadius } = circular
  const out = radius < minRadius || radius > maxRadius
  return {
    warn: out,
    note:
      `The attachment reaches ${formatNumber(minRadius)} to ${formatNumber(maxRadius)} ` +
      `mm${out ? ': out of its reach' : ''}.`,
  }
}
const back = ({ number: n }: FieldValues) => ({
  words: `Card for a radius of ${formatNumber(n('radius'), 1)} mm`,
  query: { radius: String(n('radius')) },
})
const motifStep = (bench: WorkbenchContext) => bench.hand.model?.scales.length?.step

export const motifs: Calculator = {
  id: 'circle',
  group: 'Circles and motifs',
  name: 'Motifs in a circle',
  does: 'How many motifs close a circle, and what is left over.',
  fields: (chosen) => [
    length('radius', 'Radius', '60'),
    length('motif', 'One motif is long', '14.2'),
    length('step', 'Step of the machine’s pattern length', '0.1'),
    choice('most', 'A motif may change by', '15', [
      ['15', 'up to 15 %'],
      ['30', 'up to 30 %'],
    ]),
    choice('letters', 'Lettering', 'no', [
      ['no', 'no'],
      ['yes', 'yes'],
    ]),
    ...(chosen('letters') === 'yes' ? [length('text', 'Lettering, long', '120')] : []),
  ],
  start: (bench) => ({
    motif: startsAt(bench.stage('decorative')?.settings.length, bench.stage('decorative')?.select),
    step: startsAt(motifStep(bench), bench.hand.model?.name),
  }),
  compute: ({ number: n, choice: c }, bench) => {
    const fits = fitMotif(n('radius'), n('motif'), n('step'), Number(c('most')) / 100).slice(0, MOST_FITS)
    const letters = c('letters') === 'yes' ? letteringAngle(n('text'), n('radius')) : undefined
    return [
      { label: 'Around', figure: circumference(n('radius')), ...radiusNote(bench, n('radius')) },
      ...fits.map(({ count, length: long, change, leftOver }): FigureLine => ({
        label: `${count} motifs of ${formatNumber(long)} mm`,
        figure: leftOver,
        note:
          `${leftOver.value < 0 ? 'They overlap by so much' : 'So much stays open'}; each is ` +
          `${formatNumber(Math.abs(change.value), 1)} % ${change.value < 0 ? 'shorter' : 'longer'} than it was.`,
      })),
      ...(fits.length === 0
        ? [
            {
              label: 'Motifs',
              words: 'none closes',
              warn: true,
              note: 'No count keeps the motif’s change within bounds. Allow more, or change the radius.',
            },
          ]
        : []),
      ...(letters
        ? [
            {
              label: 'Lettering, angle',
              figure: letters,
              note: `Begin ${formatNumber(((letters.value / 2) * 180) / Math.PI, 1)}° before the middle.`,
            },
          ]
        : []),
    ]
  },
  sheet: ({ number: n, choice: c }) => {
    const [best] = fitMotif(n('radius'), n('motif'), n('step'), Number(c('most')) / 100)
    return { words: 'Circle guide', sheet: circleGuide(n('radius'), best?.count ?? 8) }
  },
  back,
}

const stagesOf = ({ number: n }: FieldValues): CircleStage[] => [
  { name: 'base line', position: 0, width: 0, length: n('baseLength'), rounds: 1 },
  { name: 'satin', position: 0, width: n('width'), length: n('length'), rounds: 1 },
  { name: 'outline', position: n('outline'), width: 0, length: n('baseLength'), rounds: 1 },
]

export const stages: Calculator = {
  id: 'circle-stages',
  group: 'Circles and motifs',
  name: 'Stages and bobbin',
  does: 'Base line, satin and outline on one pivot, and the bobbin that must last for all of them.',
  fields: () => [
    length('radius', 'Radius', '60'),
    choice('side', 'The pivot stands', 'left', [
      ['left', 'left of the needle'],
      ['right', 'right of the needle'],
    ]),
    length('baseLength', 'Straight stitches, length', '2.5'),
    length('width', 'Satin, wide', '5'),
    length('length', 'Satin, stitch length', '0.4'),
    length('outline', 'Outline: needle from centre, right positive', '3'),
    length('thickness', 'Fabric, pressed together', '1'),
    number('tex', 'Bobbin thread, tex', '27'),
    number('capacity', 'Bobbin holds of 50 wt cotton, m', '60'),
  ],
  start: (bench) => {
    const satin = bench.hand.stages.find(({ function: told }) => told.id === 'satin' || told.family === 'zigzag')
    const { fabric, model } = bench.hand
    return {
      side: startsAt(attachmentOf(bench)?.pivotSide, attachmentOf(bench) && 'the attachment'),
      width: startsAt(satin?.settings.width, satin && `${satin.select}`),
      length: startsAt(satin?.settings.length, satin && `${satin.select}`),
      thickness: startsAt(fabric && Math.round(fabric.thickness * 100) / 100, fabric?.name),
      capacity: startsAt(model?.bobbin?.capacity, model?.name),
    }
  },
  compute: (values, bench) => {
    const { number: n, choice: c } = values
    const { stages: told, thread } = circleStages(n('radius'), c('side') as 'left', stagesOf(values), n('thickness'))
    const { inner, outer, packs } = circleSpacing(n('radius'), n('width'), n('length'))
    const held = bobbinHolds(n('capacity'), { tex: n('tex'), fibre: 'polyester' as Thread['fibre'] })
    const short = held.value < thread.value
    return [
      ...told.map(({ name, radius, thread: used }, i): FigureLine => ({
        label: `${name[0]?.toUpperCase()}${name.slice(1)}: radius`,
        figure: radius,
        note: `${formatNumber(used.value, 2)} m of each thread.`,
        ...(i === 0 ? radiusNote(bench, n('radius')) : {}),
      })),
      {
        label: 'Satin, spacing inside',
        figure: inner,
        warn: packs,
        ...(packs ? { note: 'Under 0.2 mm: it packs and jams.' } : {}),
      },
      { label: 'Satin, spacing outside', figure: outer },
      {
        label: 'Bobbin thread for all',
        figure: thread,
        warn: short,
        note: short
          ? `The bobbin holds ${formatNumber(held.value, 1)} m: not enough, and the attachment covers it.`
          : `The bobbin holds ${formatNumber(held.value, 1)} m. Put in a full one first: the attachment covers it.`,
      },
      {
        label: 'Circles from a bobbin',
        figure: figure(
          'count',
          '⌊held / thread⌋',
          { held: held.value, thread: thread.value },
          Math.floor(held.value / thread.value),
        ),
      },
    ]
  },
  picture: ({ number: n }) => {
    const satin = {
      function: { id: 'satin', family: 'zigzag' },
      swing: 'centred' as const,
      width: n('width'),
      length: n('length'),
      needlePosition: 0,
      repeats: Math.min(2000, Math.ceil(12 / n('length'))),
    }
    return { name: 'Satin of the circle, laid straight', sketch: plainly(satin) }
  },
  back,
}
