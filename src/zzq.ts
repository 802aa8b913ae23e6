import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { demoBundle } from '#demo/bundle'
const b = demoBundle(); const index = indexCatalogue(b); const a = { index, fitOf: fitLookup(index) }
for (const m of ['ketch','plover-60','halyard-9','wren-24','yawl']) for (const f of b.fabrics) {
  const r = explain(a, { technique: 'blind-hem', model: m, fabric: f.id })
  console.log(m, f.id, r.verdict, r.method, JSON.stringify(r.stages[0]?.settings.width?.value), r.stages[0]?.foot, JSON.stringify(r.methods.find(x=>x.method==='with-guide')?.reasons.slice(0,1) ?? r.stages[0]?.reasons.filter(x=>x.code==='tradeOff')).slice(0,230))
}
