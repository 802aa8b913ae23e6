/** The ask line on a large shop: the demo's lines and names of the made catalogue, as they come and mistyped. */
import { understand } from '#core/ask/ask'
import { indexAskables } from '#core/ask/askIndex'
import { askablesOf } from '#core/ask/askables'
import { TROUBLES } from '#shared/messages/troubles'
import { VOCABULARY } from '#shared/messages/vocabulary'
import { indexCatalogue } from '#core/catalogue/index'
import { askLines } from '#demo/askLines'
import { demoBundle } from '#demo/bundle'
import { madeCatalogue } from '#demo/madeCatalogue'

const [MODELS, TECHNIQUES, CUSTOMERS] = [1000, 100, 3000]

export const benchAsk = (row: (name: string, value: string) => void): void => {
  const [made, demo] = [
    madeCatalogue({ models: MODELS, stitchesEach: 8, feet: 100, techniques: TECHNIQUES }),
    demoBundle(),
  ]
  const bundle = {
    ...made,
    makes: [...made.makes, ...demo.makes],
    models: [...made.models, ...demo.models],
    techniques: [...made.techniques, ...demo.techniques],
    fabrics: [...made.fabrics, ...demo.fabrics],
  }
  const customers = Array.from({ length: CUSTOMERS }, (_, i) => ({
    id: `c${i}`,
    name: `Person${i} of Street${i % 97}`,
  }))
  const from = performance.now()
  const index = indexAskables(askablesOf(indexCatalogue(bundle), customers, [], TROUBLES, VOCABULARY), VOCABULARY.same)
  row(
    `Ask line: ${bundle.models.length} models, ${bundle.techniques.length} techniques, ${CUSTOMERS} customers indexed`,
    `${(performance.now() - from).toFixed(0)} ms`,
  )
  const names = made.models
    .slice(0, 50)
    .map(({ name }, i) => `${name} ${made.techniques[i % TECHNIQUES]?.name ?? ''} ${made.fabrics[0]?.name ?? ''}`)
  const lines = [...askLines.map(({ line }) => line), ...names, ...names.map((line) => line.replace(/[aeiou]/, ''))]
  for (const line of lines) understand(index, line)
  const times = lines.map((line) => {
    const begun = performance.now()
    understand(index, line)
    return performance.now() - begun
  })
  const sorted = times.sort((a, b) => a - b)
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] as number).toFixed(1)
  row(`  a line understood, median; p95; slowest of ${lines.length}`, `${at(0.5)}; ${at(0.95)}; ${at(1)} ms`)
}
