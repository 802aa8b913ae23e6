/** `handhold bench`: how fast and how large, as medians and ratios. Nothing here passes or fails. */
import { writeFileSync } from 'node:fs'
import { cpus, totalmem } from 'node:os'
import { join } from 'node:path'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import type { Bundle, Model, Stitch } from '#core/catalogue/types'
import { Coverage } from '#core/coverage/coverage'
import { sew } from '#core/stitch/sew'
import { functions } from '#demo/makes'
import { MADE_FABRICS, madeCatalogue, type MadeSize } from '#demo/madeCatalogue'
import { benchAsk } from './benchAsk'
import { benchClass } from './benchClass'
import { benchImport } from './benchImport'
import { benchPlans } from './benchPlans'
import { benchSql } from './benchSql'

const LARGE: MadeSize = { models: 1000, stitchesEach: 120, feet: 400, techniques: 60 }
const SIZES = [250, 1000, 2000]
const RUNS = 7
const CARDS = 3000

const say = (line: string) => process.stdout.write(`${line}\n`)
const row = (name: string, value: string) => say(`${name.padEnd(58)} ${value.padStart(14)}`)
const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 0)} ms`

/** Median time of one run, in ms; `before` is not counted. */
const median = (work: (run: number) => void, before: (run: number) => void = () => undefined, runs = RUNS): number => {
  const times = Array.from({ length: runs }, (_, run) => {
    before(run)
    const from = performance.now()
    work(run)
    return performance.now() - from
  })
  return times.sort((a, b) => a - b)[runs >> 1] as number
}

const heapMegabytes = (): number => {
  globalThis.gc?.()
  return process.memoryUsage().heapUsed / 1024 / 1024
}

const answeringOf = (bundle: Bundle) => {
  const index = indexCatalogue(bundle)
  return { index, fitOf: fitLookup(index) }
}

/** The catalogue with one stitch's width changed. */
const withOneChange = (
  bundle: Bundle,
  run: number,
): { bundle: Bundle; model: Model; before: Stitch; after: Stitch } => {
  const at = run * 7
  const old = bundle.models[at] as Model
  const before = old.stitches[run] as Stitch
  const after: Stitch = { ...before, defaults: { ...before.defaults, width: 3.3 + run / 10 } }
  const model = { ...old, stitches: old.stitches.map((stitch) => (stitch === before ? after : stitch)) }
  return {
    bundle: { ...bundle, models: bundle.models.map((one) => (one === old ? model : one)) },
    model,
    before,
    after,
  }
}

const measure = (size: MadeSize) => {
  const empty = heapMegabytes()
  let bundle = madeCatalogue(size)
  let answering = answeringOf(bundle)
  const catalogue = heapMegabytes() - empty
  const index = median(() => answeringOf(bundle))
  let coverage = new Coverage(answering)
  const first = median(
    () => coverage.all('cloth'),
    () => (coverage = new Coverage(answeringOf(bundle))),
    3,
  )
  coverage = new Coverage(answering)
  coverage.all('cloth')
  const again = median(
    () => coverage.all('cloth'),
    () => coverage.forgetAll(),
  )
  const heap = heapMegabytes() - empty
  const others = new Coverage(answering)
  others.all('cloth')
  const other = median((run) => others.all(`cloth${run + 1}`), undefined, MADE_FABRICS - 1)
  const cells = bundle.models.length * bundle.techniques.length
  const judged = coverage.judged.byKeys / coverage.judged.all
  let changed = withOneChange(bundle, 0)
  const update = median(
    () => {
      const index = indexCatalogue(changed.bundle, answering.index)
      answering = { index, fitOf: answering.fitOf }
      const { model, before, after } = changed
      coverage.update(answering, [{ row: { resource: 'stitches', id: after.id, model: model.id }, before, after }])
      coverage.all('cloth')
      bundle = changed.bundle
    },
    (run) => (changed = withOneChange(bundle, run)),
  )
  let at = 0
  const card = median(
    () => {
      for (let i = 0; i < CARDS; i++, at++) {
        const technique = `technique${(at * 7) % size.techniques}`
        explain(answering, { technique, model: `model${(at * 37) % size.models}`, fabric: 'cloth' })
      }
    },
    undefined,
    3,
  )
  return {
    bundle,
    coverage,
    catalogue,
    heap,
    index,
    first,
    other,
    again,
    update,
    cells,
    judged,
    cards: (card / CARDS) * cells,
  }
}

say(
  `Node ${process.version}, ${cpus()[0]?.model ?? 'processor not told'}, ${cpus().length} cores, ` +
    `${(totalmem() / 2 ** 30).toFixed(0)} GB`,
)
if (process.argv[2] === 'class') {
  await benchClass(row)
  process.exit()
}
/** Every stitch of the shop sewn to 10,000 penetrations: the slowest of their medians. */
const PENETRATIONS = 10_000
const geometry = functions.map(({ swing, ...told }): { name: string; time: number } => {
  const spec = { function: told, swing, width: 5, length: 0.4, needlePosition: 0, repeats: 1, sewnLength: 20 }
  const each = (sew({ ...spec, repeats: 2 })?.penetrations.length ?? 0) / 2
  const repeats = Math.max(1, Math.ceil(PENETRATIONS / Math.max(1, each)))
  // A buttonhole has no repeats: it is sewn as long as it takes.
  const sewnLength = told.family === 'buttonhole' || told.id === 'barTack' ? 2000 : 20
  return { name: told.name, time: median(() => void sew({ ...spec, repeats, sewnLength })) }
})
const slowest = geometry.reduce((a, b) => (b.time > a.time ? b : a))
row(`10,000 penetrations, slowest (${slowest.name.toLowerCase()})`, ms(slowest.time))
say('\nChangeovers of the demo’s models')
benchPlans(row)
say('')
await benchClass(row)
benchAsk(row)
let smallest: number | undefined
for (const models of SIZES) {
  const size = { ...LARGE, models }
  say(`\n${models} models × ${size.stitchesEach} stitches, ${size.feet} feet, ${size.techniques} techniques`)
  const found = measure(size)
  row('  index built', ms(found.index))
  row(`  all ${found.cells} cells, the first time`, ms(found.first))
  row('  all cells in another fabric', ms(found.other))
  row('  all cells decided anew', ms(found.again))
  row('  cells a second on one core', ((found.cells / found.again) * 1000).toFixed(0))
  row('  methods judged by the best first', `${(found.judged * 100).toFixed(1)} %`)
  row('  after one stitch: index and coverage', ms(found.update))
  row(`  all full cards with every reason (from ${CARDS})`, ms(found.cards))
  row('  heap of catalogue and index', `${found.catalogue.toFixed(0)} MB`)
  row('  and of its coverage', `${found.heap.toFixed(0)} MB`)
  smallest ??= found.again / found.cells
  row(`  a cell against ${SIZES[0]} models`, `× ${(found.again / found.cells / smallest).toFixed(2)}`)
  if (models !== LARGE.models) continue
  const folder = process.env.HANDHOLD_BENCH_FOLDER ?? 'test-results/bench'
  await benchImport(found.bundle, folder, row)
  for (const models of [1000, 3000])
    writeFileSync(join(folder, `made-${models}.json`), JSON.stringify(madeCatalogue({ ...LARGE, models })))
  const url = process.env.HANDHOLD_BENCH_DATABASE
  if (url === undefined) continue
  const rows = found.coverage.all('cloth')
  const sql = await benchSql(
    url,
    found.bundle,
    (technique, model) => rows[technique]?.verdict(model) ?? 'notOnThisModel',
  )
  for (const [how, { time, same }] of Object.entries(sql)) {
    row(`  a simpler question in SQL, ${how}`, ms(time))
    row('    against the cells decided anew', `× ${(time / found.again).toFixed(1)}`)
    row('    cells of which it says the same', `${(same * 100).toFixed(0)} %`)
  }
}
