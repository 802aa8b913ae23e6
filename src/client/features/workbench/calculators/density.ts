import type { Thread } from '#core/catalogue/types'
import { coveringFeed } from '#core/workbench/buttonholeFit'
import { minutesFor, perforation, stitchesIn } from '#core/workbench/density'
import { nextRatio, TEST_LENGTH } from '#core/workbench/differential'
import { diameterOf } from '#core/workbench/thread'
import { formatNumber } from '#core/units/format'
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

const HOLES = {
  good: 'The fabric keeps its strength.',
  weakens:
    'Over 0.36: coated and non-woven fabric is weakened along the row. Lengthen the stitch or take a finer needle.',
  tears: 'The holes meet: it tears like a stamp.',
}
const stageOf = (bench: WorkbenchContext) => bench.working('beadLength', 'cover') ?? bench.stage()
const beadThread = (bench: WorkbenchContext) => {
  const threads = stageOf(bench)?.threads ?? []
  return threads.find(({ place }) => place === 'upperLooper') ?? threads.find(({ place }) => place === 'needle')
}

export const density: Calculator = {
  id: 'density',
  group: 'Rows',
  name: 'Density',
  does: 'How close a cover is sewn, how long it takes, and whether the row perforates.',
  fields: () => [
    length('feed', 'Stitch length', '0.4'),
    length('row', 'Row, long', '1000'),
    number('speed', 'Stitches a minute', '500'),
    number('size', 'Needle, size', '90'),
    number('tex', 'Thread weight, tex', '27'),
    choice('fibre', 'Fibre', 'rayon', FIBRES),
  ],
  start: (bench) => {
    const stage = stageOf(bench)
    const used = beadThread(bench)
    return {
      feed: startsAt(stage?.settings.length, stage && `${stage.select}`),
      speed: startsAt(
        bench.hand.model?.maxSpeed && Math.round(bench.hand.model.maxSpeed / 2),
        bench.hand.model && `half of what ${bench.hand.model.name} does`,
      ),
      size: startsAt(stage?.needleSize ?? bench.hand.fabric?.needleSize, stage ? 'the card' : bench.hand.fabric?.name),
      tex: startsAt(used?.tex, used?.name),
      fibre: startsAt(used?.fibre, used?.name),
    }
  },
  compute: ({ number: n, choice: c }, bench) => {
    const cover = coveringFeed(diameterOf({ tex: n('tex'), fibre: c('fibre') as Thread['fibre'] }).value)
    const stitches = stitchesIn(n('row'), n('feed'))
    const holes = perforation(n('size'), n('feed'))
    const delicate = ['coated', 'nonWoven'].includes(bench.hand.fabric?.structure ?? '')
    const heals = bench.hand.fabric && !delicate
    return [
      { label: 'Covers from', figure: cover.from, note: 'Closer packs and jams; never 0.' },
      { label: 'Covers up to', figure: cover.to, note: 'Beyond, fabric shows between the stitches.' },
      { label: 'Stitches', figure: stitches },
      { label: 'At the needle', figure: minutesFor(stitches.value, n('speed')) },
      {
        label: 'Needle to stitch length',
        figure: holes.share,
        warn: holes.verdict !== 'good' && !heals,
        note: heals ? `${bench.hand.fabric?.name}: a woven or knit closes around the needle.` : HOLES[holes.verdict],
      },
      { label: 'Strong from a stitch length of', figure: holes.safeFeed, note: 'For coated and non-woven fabric.' },
    ]
  },
  picture: ({ number: n }, bench) => {
    const satin = {
      function: { id: 'satin', family: 'zigzag' },
      swing: 'centred' as const,
      width: 4,
      length: n('feed'),
      needlePosition: 0,
      repeats: Math.min(2000, Math.ceil(12 / n('feed'))),
    }
    return { name: 'Cover at this stitch length', sketch: plainly(satin, stageOf(bench)) }
  },
}

const WITHOUT =
  'Without differential feed, in this order: lower the pressure; engage dual feed; wash-away tape under the ' +
  'edge; a longer stitch.'

export const differential: Calculator = {
  id: 'differential',
  group: 'Rows',
  name: 'Differential feed',
  does: `Sew ${TEST_LENGTH} mm along an edge and measure what it became.`,
  fields: () => [number('now', 'Set now', '1'), length('measured', `${TEST_LENGTH} mm became`, '108')],
  tries: ({ number: n }, bench) => {
    const { set } = nextRatio(n('now'), n('measured'), bench.hand.model?.scales.differential)
    return set === undefined ? undefined : { differential: set }
  },
  compute: ({ number: n }, bench) => {
    const scale = bench.hand.model?.scales.differential
    const { next, set, verdict, held } = nextRatio(n('now'), n('measured'), scale)
    const said = { flat: 'It lies flat: leave it.', wavy: 'Wavy: it grew.', puckered: 'Puckered: it shrank.' }[verdict]
    return [
      { label: 'Next', figure: next, note: said },
      bench.hand.model && !scale
        ? { label: `On ${bench.hand.model.name}`, words: 'none, or not stated', note: WITHOUT, warn: true }
        : {
            label: bench.hand.model ? `Set on ${bench.hand.model.name}` : 'Set',
            words: set === undefined ? 'no place' : formatNumber(set),
            warn: held,
            note: held ? `Its range ends here. ${WITHOUT}` : 'Sew 100 mm again.',
          },
    ]
  },
}
