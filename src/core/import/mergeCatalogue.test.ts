import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkBundle } from '../catalogue/check'
import { rowKey, rowsOf } from '../catalogue/rows'
import { sameValue } from '../catalogue/sameValue'
import type { Bundle, Model } from '../catalogue/types'
import { scene } from '../answer/scenes.testkit'
import { runs } from '../runs.testkit'
import { compareCatalogues, mergeWrites, partKey, type MergeChoices, type MergeRow } from './mergeCatalogue'
import { idsFor, inOurIds } from './otherIds'

const NONE: MergeChoices = { left: new Set(), turned: new Set(), removed: new Set() }
const choosing = (choices: Partial<Record<keyof MergeChoices, string[]>>): MergeChoices => ({
  left: new Set(choices.left),
  turned: new Set(choices.turned),
  removed: new Set(choices.removed),
})

/** Writes by the simplest means: rows put into the lists of a bundle. */
const written = (bundle: Bundle, writes: ReturnType<typeof mergeWrites>): Bundle => {
  const all = new Map(rowsOf(bundle).map((one) => [rowKey(one.row), one]))
  for (const { row, value } of writes) {
    if (value === null) all.delete(rowKey(row))
    else all.set(rowKey(row), { row, value })
  }
  const list = (resource: string) =>
    [...all.values()].filter(({ row }) => row.resource === resource).map(({ value }) => value)
  const models = (list('models') as Omit<Model, 'stitches'>[]).map((head) => ({
    ...head,
    stitches: [...all.values()]
      .filter(({ row }) => row.resource === 'stitches' && row.model === head.id)
      .map(({ value }) => value),
  }))
  const others = Object.fromEntries(
    ['makes', 'functions', 'threads', 'items', 'fits', 'fabrics', 'techniques', 'samples'].map((one) => [
      one,
      list(one),
    ]),
  )
  return { ...bundle, ...others, models } as Bundle
}

const scale = { shows: 'mm' as const, from: 0, to: 7, step: 0.1 }
const shop = (): Bundle => ({
  format: 'handhold-catalogue',
  version: 3,
  makes: [{ id: 'gannet', name: 'Gannet' }],
  functions: [{ id: 'zigzag', name: 'zigzag', family: 'zigzag', swing: 'centred' }],
  threads: [],
  models: [
    {
      id: 'g1',
      make: 'gannet',
      name: 'One',
      kind: 'computerised',
      maxWidth: 7,
      supplied: ['a'],
      features: [],
      scales: { width: scale, length: { ...scale, to: 5 } },
      stitches: [{ id: 's1', select: '1', function: 'zigzag', motion: 'forward', defaults: { width: 3, length: 2 } }],
    },
  ],
  items: [{ id: 'a', make: 'gannet', code: 'A', name: 'standard foot', what: 'foot', price: 1200 }],
  fits: [{ id: 'f1', item: 'a', model: 'g1', fits: true, evidence: 'book', where: 'p. 4' }],
  fabrics: [],
  techniques: [],
  samples: [],
})
const edit = (bundle: Bundle, change: (bundle: Bundle) => void): Bundle => {
  const copy = structuredClone(bundle)
  change(copy)
  return copy
}
const model = (bundle: Bundle): Model => bundle.models[0] as Model
const stitch = (bundle: Bundle) => model(bundle).stitches[0] as Model['stitches'][number]
const kinds = (rows: readonly MergeRow[]) => rows.map(({ row, is }) => `${rowKey(row)} ${is}`)

describe('a catalogue from elsewhere', () => {
  const base = shop()
  const theirs = edit(base, (there) => {
    model(there).maxWidth = 9
    stitch(there).defaults = { width: 3.5, length: 2.4 }
    there.items.push({ id: 'b', make: 'gannet', code: 'B', name: 'hemmer', what: 'foot' })
    there.fits = [{ id: 'f2', item: 'b', model: 'g1', fits: true, evidence: 'book', where: 'p. 5' }]
  })
  const ours = edit(base, (here) => {
    stitch(here).defaults = { width: 3, length: 2.5 }
    ;(here.items[0] as { price?: number }).price = 1500
  })
  const rows = compareCatalogues({ ours, theirs, base })

  it('is told row by row and field by field: new, changed there, here, in both, gone', () => {
    expect(kinds(rows)).toEqual([
      'models/g1 changedThere',
      'stitches/g1/s1 changedInBoth',
      'items/a changedHere',
      'items/b new',
      'fits/f2 new',
      'fits/f1 gone',
    ])
    expect(rows[1]?.parts.map(({ path, by }) => `${path.join('.')} ${by}`)).toEqual([
      'defaults.width theirs',
      'defaults.length both',
    ])
  })

  it('is taken with what is changed here kept, and then there is nothing to do', () => {
    const after = written(ours, mergeWrites(rows, { ours, theirs }, NONE))
    expect(model(after).maxWidth).toBe(9)
    expect(stitch(after).defaults).toEqual({ width: 3.5, length: 2.5 })
    expect(after.items.map(({ price }) => price)).toEqual([1500, undefined])
    expect(after.fits.map(({ id }) => id)).toEqual(['f1', 'f2'])
    const again = compareCatalogues({ ours: after, theirs, base: theirs })
    expect(new Set(again.map(({ is }) => is))).toEqual(new Set(['changedHere']))
    expect(mergeWrites(again, { ours: after, theirs }, NONE)).toEqual([])
  })

  it('is taken in parts as a person says', () => {
    const [head, changed] = rows as [MergeRow, MergeRow]
    const choices = choosing({
      left: ['items/b'],
      turned: [partKey(head.row, { path: ['maxWidth'] }), partKey(changed.row, { path: ['defaults', 'length'] })],
      removed: ['fits/f1'],
    })
    const after = written(ours, mergeWrites(rows, { ours, theirs }, choices))
    expect(model(after).maxWidth).toBe(7)
    expect(stitch(after).defaults).toEqual({ width: 3.5, length: 2.4 })
    // What is said of the foot that was left is left with it.
    expect([after.items.length, after.fits.length]).toEqual([1, 0])
    expect(checkBundle(after)).toEqual([])
  })

  it('is wholly asked about, and kept as it is here, where nothing was taken from there before', () => {
    const first = compareCatalogues({ ours, theirs, base: undefined })
    expect(kinds(first)).toContain('models/g1 changedInBoth')
    expect(first.filter(({ is }) => is === 'gone')).toEqual([])
    const after = written(ours, mergeWrites(first, { ours, theirs }, NONE))
    expect([model(after).maxWidth, stitch(after).defaults]).toEqual([7, { width: 3, length: 2.5 }])
  })

  it('does not bring back what was removed here, unless a person says so', () => {
    const without = edit(ours, (here) => {
      here.fits = []
    })
    const kept = edit(theirs, (there) => there.fits.unshift(...base.fits))
    const found = compareCatalogues({ ours: without, theirs: kept, base })
    expect(kinds(found)).toContain('fits/f1 changedHere')
    expect(
      written(without, mergeWrites(found, { ours: without, theirs: kept }, NONE)).fits.map(({ id }) => id),
    ).toEqual(['f2'])
    const back = choosing({ turned: [partKey({ resource: 'fits', id: 'f1' }, { path: [] })] })
    expect(
      written(without, mergeWrites(found, { ours: without, theirs: kept }, back)).fits.map(({ id }) => id),
    ).toEqual(['f1', 'f2'])
  })

  it('removes with a machine all that cannot be without it', () => {
    const there = edit(base, (one) => {
      one.models = []
      one.fits = []
    })
    const found = compareCatalogues({ ours, theirs: there, base })
    const after = written(ours, mergeWrites(found, { ours, theirs: there }, choosing({ removed: ['models/g1'] })))
    expect([after.models, after.fits, after.items.length]).toEqual([[], [], 1])
  })

  it('keeps what was tried at the bench, though only they changed it', () => {
    const tried = edit(base, (here) => ((here.fits[0] as { evidence: string }).evidence = 'bench'))
    const denied = edit(base, (there) => ((there.fits[0] as { fits: boolean }).fits = false))
    const found = compareCatalogues({ ours: tried, theirs: denied, base: tried })
    expect(found.map(({ is, isBench }) => [is, isBench])).toEqual([['changedThere', true]])
    expect(mergeWrites(found, { ours: tried, theirs: denied }, NONE)).toEqual([])
  })
})

describe('an id that is another thing in another shop', () => {
  const ours = shop()
  const theirs = edit(shop(), (there) => {
    there.items[0] = { id: 'a', make: 'gannet', code: 'Z', name: 'zip foot', what: 'foot' }
    there.fits[0] = { id: 'f1', item: 'a', model: 'g1', fits: false, evidence: 'book', where: 'p. 9' }
  })
  const given = { ours, theirs, base: undefined }

  it('is asked about by what people call it', () => {
    const asked = compareCatalogues(given).filter(({ mayBeOther }) => mayBeOther)
    expect(asked.map(({ row }) => rowKey(row))).toEqual(['items/a'])
  })

  it('gets an id of its own wherever it is named; what has no name gets one unasked', () => {
    const ids = idsFor(given, {}, new Set(['items/a']))
    expect(ids).toEqual({ 'items/a': 'a-2', 'fits/f1': 'f1-2' })
    const renamed = inOurIds(theirs, ids)
    expect(checkBundle(renamed)).toEqual([])
    expect([model(renamed).supplied, renamed.fits[0]?.item]).toEqual([['a-2'], 'a-2'])
    const rows = compareCatalogues({ ours, theirs: renamed, base: undefined })
    expect(kinds(rows)).toEqual(['models/g1 changedInBoth', 'items/a-2 new', 'fits/f1-2 new'])
    // Taken again by the same ids, nothing is new.
    const after = written(ours, mergeWrites(rows, { ours, theirs: renamed }, NONE))
    expect(idsFor({ ours: after, theirs, base: renamed }, ids, new Set())).toEqual(ids)
    const settled = { ours: after, theirs: renamed, base: renamed }
    expect(mergeWrites(compareCatalogues(settled), settled, NONE)).toEqual([])
  })
})

describe('whatever the catalogues', () => {
  /** Somebody's changes: some rows lose, gain or move a field, by a seed. */
  const changed = (bundle: Bundle, seed: number): Bundle => {
    let n = seed
    const next = (of: number) => (n = (n * 48271) % 2147483647) % of
    return edit(bundle, (copy) => {
      for (const item of copy.items) {
        if (next(3) === 0) item.price = next(90) * 100
        if (next(5) === 0) delete item.maxWidth
      }
      for (const { stitches } of copy.models)
        for (const one of stitches) if (next(3) === 0) one.defaults = { ...one.defaults, length: next(40) / 10 }
      copy.fits = copy.fits.filter(() => next(6) > 0)
    })
  }

  it('keeps all that is changed here, takes all that only they changed, and is settled after', () => {
    fc.assert(
      fc.property(fc.nat(100_000), fc.nat(9_000), fc.nat(9_000), (seed, mine, other) => {
        const base = scene(seed + 1).bundle
        const [ours, theirs] = [changed(base, mine + 1), changed(base, other + 20_001)]
        const rows = compareCatalogues({ ours, theirs, base })
        const after = written(ours, mergeWrites(rows, { ours, theirs }, NONE))
        const [was, here, there, is] = [base, ours, theirs, after].map(
          (one) => new Map(rowsOf(one).map(({ row, value }) => [rowKey(row), value as Record<string, unknown>])),
        ) as [Map<string, Record<string, unknown>>, ...Map<string, Record<string, unknown>>[]]
        for (const [key, own] of here as Map<string, Record<string, unknown>>) {
          const [old, theirs, now] = [was.get(key), there?.get(key), is?.get(key)]
          for (const field of ['price', 'maxWidth'])
            if (!sameValue(own[field], old?.[field]) || theirs === undefined)
              expect(now?.[field], `${key} ${field}`).toEqual(own[field])
            else expect(now?.[field], `${key} ${field}`).toEqual(theirs[field])
        }
        const again = compareCatalogues({ ours: after, theirs, base: theirs })
        expect(mergeWrites(again, { ours: after, theirs }, NONE)).toEqual([])
        expect(again.every((one) => one.is === 'changedHere')).toBe(true)
      }),
      { numRuns: runs(300) },
    )
  })
})
