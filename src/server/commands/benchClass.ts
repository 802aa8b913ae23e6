/** A large class planned: 24 seats, 8 techniques, 60 pieces to lend; every other seat owns something. */
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { planClass } from '#core/classes/plan'
import type { SewingClass } from '#core/classes/types'
import { demoBundle } from '#demo/bundle'
import { USUAL_TOLERANCE } from '#core/samples/spread'
import { suppliesOf } from '#core/classes/supplies'
import { CardBodies } from '../features/classes/handouts/cardBodies'
import { handout, type HandoutInput } from '../features/classes/handouts/handout'
import { optimum } from '../features/classes/solver'
import { Workers } from '../work/workers'

const RUNS = 5
const DRAWN = 3
const [SEATS, PIECES] = [24, 60]
const TAUGHT = [
  'blind-hem',
  'buttonhole',
  'piping',
  'zip',
  'walking-foot-quilting',
  'machine-binding',
  'quarter-inch-seam',
  'button-sew-on',
]

const median = (of: readonly number[]) => ([...of].sort((a, b) => a - b)[of.length >> 1] as number).toFixed(0)

/** A new catalogue each time, so that nothing is remembered of the run before. */
export const benchClass = async (row: (name: string, value: string) => void): Promise<void> => {
  const times: number[] = []
  let last: Pick<HandoutInput, 'planned' | 'answering'> | undefined
  let said = ''
  for (let run = 0; run < RUNS; run++) {
    const bundle = demoBundle()
    const index = indexCatalogue(bundle)
    const models = bundle.models.filter(({ kind }) => kind === 'mechanical' || kind === 'computerised')
    const items = bundle.items.filter(({ what }) => what !== 'plate').slice(0, PIECES)
    const seats = Array.from({ length: SEATS }, (_, i) => ({
      name: `Seat ${i}`,
      model: models[i % models.length]?.id ?? '',
      owns: i % 2 ? [items[(i * 7) % items.length]?.id ?? ''] : [],
    }))
    const asked: SewingClass = {
      id: 'bench',
      title: 'Bench',
      starts: '2026-12-01T10:00:00',
      minutes: 240,
      techniques: TAUGHT.map((technique) => ({ technique, fabric: 'cotton-shirting' })),
      seats,
      loans: items.map(({ id }) => ({ item: id, pieces: 1 })),
      pins: [],
    }
    const from = performance.now()
    const answering = { index, fitOf: fitLookup(index) }
    const planned = await planClass(answering, asked, optimum)
    times.push(performance.now() - from)
    const { plan } = planned
    last = { planned, answering }
    said = `${plan.ready} ready, ${plan.bought} bought, ${plan.lent} lent`
  }
  const [first] = times
  row(
    `Class of ${SEATS} × ${TAUGHT.length} × ${PIECES} (${said}), median; first`,
    `${median(times)}; ${first?.toFixed(0)} ms`,
  )
  if (!last) return
  const needs = suppliesOf(last.planned, []).map((need) => ({ ...need, name: need.of }))
  const workers = new Workers()
  const drawn: number[] = []
  const again: number[] = []
  for (let run = 0; run < DRAWN; run++) {
    const bodies = new CardBodies(workers)
    for (const times of [drawn, again]) {
      const from = performance.now()
      await handout(
        { ...last, tolerance: USUAL_TOLERANCE, cards: 'http://127.0.0.1/c/bench', needs, workers, bodies },
        'everything',
        () => Promise.resolve(),
      )
      times.push(performance.now() - from)
    }
  }
  await workers.close()
  row('  all its handouts as one PDF, median; printed again', `${median(drawn)}; ${median(again)} ms`)
}
