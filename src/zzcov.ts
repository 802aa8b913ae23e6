import { explain } from '#core/answer/explain'
import { fitLookup } from '#core/answer/fit'
import { indexCatalogue } from '#core/catalogue/index'
import { demoBundle } from '#demo/bundle'
const b = demoBundle(); const index = indexCatalogue(b); const a = { index, fitOf: fitLookup(index) }
const rows: Record<string, Record<string, number>> = {}
const no: string[] = []
for (const t of b.techniques) for (const m of b.models) for (const f of b.fabrics) {
  const r = explain(a, { technique: t.id, model: m.id, fabric: f.id })
  const k = `${t.id.padEnd(24)} ${m.kind}`
  rows[k] ??= {}; rows[k][r.verdict] = (rows[k][r.verdict] ?? 0) + 1
  if (r.verdict === 'notOnThisModel' && ['mechanical','computerised','straightStitch'].includes(m.kind)) no.push(`${t.id} ${m.id} ${f.id} ${r.reasons.map((x) => x.code + (x.code==='methodStopped' ? ':'+(x as never as {stops:{code:string}}).stops.code : '')).join(',')}`)
}
for (const [k, v] of Object.entries(rows)) console.log(k.padEnd(42), ['ready','otherRoute','needsItems','notOnThisModel'].map((x) => String(v[x] ?? 0).padStart(4)).join(''))
console.log('--- not on this model, sewing machines', no.length)
const g: Record<string, string[]> = {}
for (const n of no) { const [t, m, f, why] = n.split(' '); (g[`${t} ${m} ${why}`] ??= []).push(f!) }
for (const [k, v] of Object.entries(g)) console.log(k, v.length)
