import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { keyText, type Stored } from './mapper'
import { emptyRows, snapshotOf, type Rows } from './snapshot'

const stored = (
  resource: Stored['key']['resource'],
  value: { id: string },
  ordinal: number,
  model?: string,
): Stored => ({
  key: { resource, id: value.id, ...(model === undefined ? {} : { model }) },
  value,
  ordinal,
  version: 1,
})

const demo = demoBundle()

const demoRows = (): Rows => {
  const rows = emptyRows()
  const put = (row: Stored) => rows[row.key.resource].set(keyText(row.key), row)
  for (const resource of [
    'makes',
    'functions',
    'threads',
    'items',
    'fits',
    'fabrics',
    'techniques',
    'samples',
  ] as const) {
    demo[resource].forEach((value, i) => put(stored(resource, value, i)))
  }
  demo.models.forEach(({ stitches, ...head }, i) => {
    put(stored('models', head as { id: string }, i))
    stitches.forEach((stitch, place) => put(stored('stitches', stitch, place, head.id)))
  })
  return rows
}

/** One row written anew, removed, or put at the end of its list. */
const edited = (rows: Rows, resource: Stored['key']['resource'], which: number, act: number): Rows => {
  const own = new Map(rows[resource])
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
  return { ...rows, [resource]: own }
}

it('a snapshot has all rows in their order, however they lie in their tables', () => {
  const rows = demoRows()
  const backwards = Object.fromEntries(
    Object.entries(rows).map(([resource, own]) => [resource, new Map([...own].reverse())]),
  ) as Rows
  const { bundle } = snapshotOf(1, backwards)
  for (const list of ['makes', 'models', 'items', 'fits', 'techniques', 'samples'] as const)
    expect(bundle[list], list).toEqual(demo[list])
})

describe('a snapshot after a write', () => {
  it('is the one made anew from all rows, whatever was written', () => {
    const resources = fc.constantFrom('models', 'stitches', 'items', 'fits', 'techniques', 'makes')
    const acts = fc.array(fc.tuple(resources, fc.nat(500), fc.nat(2)), { minLength: 1, maxLength: 6 })
    fc.assert(
      fc.property(acts, (all) => {
        let rows = demoRows()
        let snapshot = snapshotOf(1, rows)
        for (const [resource, which, act] of all) {
          rows = edited(rows, resource as Stored['key']['resource'], which, act)
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
