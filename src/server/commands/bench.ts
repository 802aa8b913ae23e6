/** `handhold bench`: how fast and how large, as medians and ratios. Nothing here passes or fails. */
import { cpus } from 'node:os'
import { Bench } from 'tinybench'
import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { decide } from '#core/coverage/decide'
import type { Question } from '#core/answer/types'
import { benchImport } from './benchImport'
import { madeCatalogue, type MadeSize } from '#demo/madeCatalogue'

const LARGE: MadeSize = { models: 1000, stitchesEach: 120, feet: 400, techniques: 60 }
const SIZES = [250, 500, 1000]

const say = (line: string) => process.stdout.write(`${line}\n`)
const row = (name: string, value: string) => say(`${name.padEnd(58)} ${value.padStart(14)}`)
const ms = (value: number) => `${value.toFixed(2)} ms`

const questionsOf = (size: MadeSize): Question[] =>
  Array.from({ length: 2000 }, (_, i) => ({
    technique: `technique${(i * 7) % size.techniques}`,
    model: `model${(i * 37) % size.models}`,
    fabric: 'cloth',
  }))

/** Median time of one run of `work`, in ms. */
const median = async (work: () => void, time = 1500): Promise<number> => {
  const bench = new Bench({ time, warmupTime: 200, iterations: 5 })
  bench.add('work', work)
  const [task] = await bench.run()
  if (task?.result.state !== 'completed') throw new Error('the measurement did not complete')
  return task.result.latency.p50
}

const heapMegabytes = (): number => {
  globalThis.gc?.()
  return process.memoryUsage().heapUsed / 1024 / 1024
}

say(`Node ${process.version}, ${cpus()[0]?.model ?? 'processor not told'}, ${cpus().length} cores`)
say('')
let smallest: number | undefined
for (const models of SIZES) {
  const size = { ...LARGE, models }
  const before = heapMegabytes()
  const bundle = madeCatalogue(size)
  const index = indexCatalogue(bundle)
  const heap = heapMegabytes() - before
  const building = await median(() => indexCatalogue(bundle), 800)
  const answering = { index, fitOf: fitLookup(index) }
  const questions = questionsOf(size)
  const first = performance.now()
  for (const question of questions) explain(answering, question)
  const cold = (performance.now() - first) / questions.length
  let at = 0
  const one = await median(() => explain(answering, questions[at++ % questions.length] as Question))
  say(`${models} models × ${size.stitchesEach} stitches, ${size.feet} feet, ${size.techniques} techniques`)
  row('  index built', ms(building))
  row('  answer, the whole with every ground, first time', ms(cold))
  row('  answer, again', ms(one))
  let cell = 0
  const brief = await median(() => decide(answering, questions[cell++ % questions.length] as Question))
  row('  cell of the coverage, decided', ms(brief))
  row('  against the whole answer', `÷ ${(one / brief).toFixed(2)}`)
  row('  answers a second on one core', (1000 / one).toFixed(0))
  row('  heap of catalogue and index', `${heap.toFixed(0)} MB`)
  smallest ??= one
  if (models === LARGE.models) {
    await benchImport(bundle, process.env.HANDHOLD_BENCH_FOLDER ?? 'test-results/bench', row)
  }
  row(`  time of an answer against ${SIZES[0]} models`, `× ${(one / smallest).toFixed(2)}`)
  say('')
}
