import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { keyText, type Stored } from './mapper'
import { emptyRows, snapshotOf, type Rows } from './snapshot'

const stored = (noun: Stored['key']['noun'], value: { id: string }, ordinal: number, model?: string): Stored => ({
  key: { noun, id: value.id, ...(model === undefined ? {} : { model }) },
  value,
  ordinal,
  version: 1,
})

const demo = demoBundle()

const demoRows = (): Rows => {
  const rows = emptyRows()
  const put = (row: Stored) => rows[row.key.noun].set(keyText(row.key), row)
  for (const noun of ['makes', 'functions', 'threads', 'items', 'fits', 'fabrics', 'techniques', 'samples'] as const) {
    demo[noun].forEach((value, i) => put(stored(noun, value, i)))
  }
  demo.models.forEach(({ stitches, ...head }, i) => {
    put(stored('models', head as { id: string }, i))
    stitches.forEach((stitch, place) => put(stored('stitches', stitch, place, head.id)))
  })
  return rows
}

/** One row written anew, removed, or put at the end of its list. */
const edited = (rows: Rows, noun: Stored['key']['noun'], which: number, act: number): Rows => {
  const own = new Map(rows[noun])
  const [key, row] = [...own][which % Math.max(1, own.size)] ?? []
  if (key === undefined || row === undefined) return rows
  if (act === 0) own.delete(key)
  else
    own.set(key, {
      ...row,
      version: row.version + 1,
      ordinal: act === 1 ? row.ordinal : 1000,
      value: { ...(row.value as object), name: `changed ${which}` },
    })
  return { ...rows, [noun]: own }
}

describe('a snapshot after a write', () => {
  it('is the one made anew from all rows, whatever was written', () => {
    const nouns = fc.constantFrom('models', 'stitches', 'items', 'fits', 'techniques', 'makes')
    const acts = fc.array(fc.tuple(nouns, fc.nat(500), fc.nat(2)), { minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(acts, (all) => {
        let rows = demoRows()
        let snapshot = snapshotOf(1, rows)
        for (const [noun, which, act] of all) {
          rows = edited(rows, noun as Stored['key']['noun'], which, act)
          snapshot = snapshotOf(snapshot.revision + 1, rows, snapshot)
        }
        const anew = snapshotOf(snapshot.revision, rows)
        expect(snapshot.bundle).toEqual(anew.bundle)
        expect(snapshot.index).toEqual(anew.index)
      }),
      { numRuns: 30 },
    )
  })

  it('keeps every model of which no row moved', () => {
    const rows = demoRows()
    const before = snapshotOf(1, rows)
    const after = snapshotOf(2, edited(rows, 'stitches', 0, 1), before)
    const changed = after.bundle.models.filter((model, i) => model !== before.bundle.models[i])
    expect(changed.map(({ id }) => id)).toEqual([demo.models[0]?.id])
    expect(after.bundle.items).toBe(before.bundle.items)
    expect(after.fitOf).toBe(before.fitOf)
  })
})
