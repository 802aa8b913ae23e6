import type { Thread } from '#core/catalogue/types'
import { fabricUnder } from '#core/card/fabricParts'
import { figure } from '#core/workbench/figure'
import { bobbinHolds, diameterOf, perMetre, perStitch } from '#core/workbench/thread'
import { RATIO_SOURCE, THREAD_RATIOS, threadByRatio } from '#core/workbench/threadRatios'
import {
  FIBRES,
  choice,
  length,
  number,
  plainly,
  startsAt,
  type WorkbenchContext,
  type Calculator,
} from '../calculator'

const bobbinThread = (bench: WorkbenchContext) => {
  const threads = bench.stage()?.threads ?? []
  return threads.find(({ place }) => place === 'bobbin') ?? threads.find(({ place }) => place === 'needle')
}

export const thread: Calculator = {
  id: 'thread',
  group: 'Thread',
  name: 'Needle and bobbin',
  does: 'What a seam takes, and how far a bobbin goes.',
  fields: () => [
    length('length', 'Stitch length', '2.5'),
    length('width', 'Width, 0 for straight', '0'),
    length('thickness', 'Fabric, pressed together', '1'),
    number('seam', 'Seam, metres', '10'),
    number('tex', 'Thread weight, tex', '30'),
    choice('fibre', 'Fibre', 'polyester', FIBRES),
    number('capacity', 'Bobbin holds of 50 wt cotton, m', '60'),
    choice('wound', 'Wound', 'machine', [
      ['machine', 'by the machine'],
      ['hand', 'by hand, thick thread'],
    ]),
  ],
  start: (bench) => {
    const stage = bench.stage()
    const from = stage && `${stage.select}`
    const wound = bobbinThread(bench)
    return {
      length: startsAt(stage?.settings.length, from),
      width: startsAt(stage?.function.swing === 'none' ? undefined : stage?.settings.width, from),
      thickness: startsAt(
        bench.hand.fabric && Math.round(bench.hand.fabric.thickness * 100) / 100,
        bench.hand.fabric?.name,
      ),
      tex: startsAt(wound?.tex, wound?.name),
      fibre: startsAt(wound?.fibre, wound?.name),
      capacity: startsAt(bench.hand.model?.bobbin?.capacity, bench.hand.model?.name),
    }
  },
  compute: ({ number: n, choice: c }) => {
    const seam = perMetre(n('length'), n('width'), n('thickness'))
    const used = { tex: n('tex'), fibre: c('fibre') as Thread['fibre'] }
    const held = bobbinHolds(n('capacity'), used, c('wound') === 'hand')
    const all = figure(
      'm',
      'seam × a metre’s thread',
      { seam: n('seam'), 'a metre': seam.value },
      n('seam') * seam.value,
    )
    const bobbins = figure(
      'count',
      '⌈thread / held⌉',
      { thread: all.value, held: held.value },
      Math.ceil(all.value / held.value),
    )
    return [
      { label: 'Each thread, a stitch', figure: perStitch(n('length'), n('width'), n('thickness')) },
      { label: 'Each thread, a metre of seam', figure: seam },
      { label: 'Each thread, all of it', figure: all },
      { label: 'Thickness of the thread', figure: diameterOf(used) },
      { label: 'The bobbin holds', figure: held },
      {
        label: 'Seam from a full bobbin',
        figure: figure(
          'm',
          'held / a metre’s thread',
          { held: held.value, 'a metre': seam.value },
          held.value / seam.value,
        ),
      },
      { label: 'Bobbins to wind', figure: bobbins },
    ]
  },
  picture: ({ number: n }, bench) => {
    const straight = n('width') === 0
    const set = {
      function: straight ? { id: 'straight', family: 'straight' } : { id: 'zigzag', family: 'zigzag' },
      swing: straight ? ('none' as const) : ('centred' as const),
      width: n('width'),
      length: n('length'),
      needlePosition: 0,
      repeats: 12,
    }
    return { name: straight ? 'Straight stitch' : 'Zigzag', sketch: plainly(set, bench.stage()) }
  },
}

/** A stitch of each class, to look at. */
const DRAWN: Record<string, { id: string; family: string }> = {
  '401': { id: 'chain', family: 'cover' },
  '503': { id: 'rolled2', family: 'overlock' },
  '504': { id: 'overlock3.wide', family: 'overlock' },
  '505': { id: 'flatlock3', family: 'overlock' },
  '514': { id: 'overlock4', family: 'overlock' },
  '406': { id: 'cover2.wide', family: 'cover' },
  '407': { id: 'cover3', family: 'cover' },
}

export const loopers: Calculator = {
  id: 'loopers',
  group: 'Thread',
  name: 'Needles and loopers',
  does: 'Thread of chain, overlock and cover stitches by their class.',
  fields: (chosen) => {
    const shipped = THREAD_RATIOS.find(({ stitch }) => stitch === chosen('stitch'))
    return [
      choice(
        'stitch',
        'Stitch',
        '504',
        THREAD_RATIOS.map(({ stitch, name }) => [stitch, `${stitch} ${name}`] as const),
      ),
      number('seam', 'Seam, metres', '10'),
      number('ratio', 'Thread a metre of seam, metres', String(shipped?.ratio ?? 14)),
      number('needles', 'Of it the needles take, %', String(Math.round((shipped?.needles ?? 0.2) * 100))),
    ]
  },
  start: (bench) => {
    const stitchFunction = bench.stage('overlock', 'cover')?.function
    const ratio = THREAD_RATIOS.find(({ stitch }) => stitch === stitchFunction?.iso4915)
    return { stitch: startsAt(ratio?.stitch, stitchFunction?.name) }
  },
  compute: ({ number: n }) => {
    const { all, needles, loopers: under } = threadByRatio(n('seam'), n('ratio'), n('needles') / 100)
    return [
      { label: 'Thread in all', figure: all, note: `Ratios: ${RATIO_SOURCE}.` },
      { label: 'Needles', figure: needles },
      { label: 'Loopers', figure: under },
    ]
  },
  picture: ({ choice: c }) => {
    const drawn = DRAWN[c('stitch')]
    if (!drawn) return undefined
    const set = { function: drawn, swing: 'none' as const, width: 5, length: 2.5, needlePosition: 0, repeats: 8 }
    return {
      name: THREAD_RATIOS.find(({ stitch }) => stitch === c('stitch'))?.name ?? '',
      sketch: { ...plainly(set), fabric: fabricUnder(set, undefined, 0) },
    }
  },
}
