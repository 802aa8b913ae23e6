import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { fitLookup } from '../answer/fit'
import { scene } from '../answer/scenes.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Bundle, FitStatement, Item, Stitch } from '../catalogue/types'
import type { RowChange } from './affected'
import { Coverage } from './coverage'
import { runs } from '../runs.testkit'

const answeringOf = (bundle: Bundle) => {
  const index = indexCatalogue(bundle)
  return { index, fitOf: fitLookup(index) }
}
const allOf = (coverage: Coverage, bundle: Bundle) =>
  bundle.fabrics.flatMap(({ id: fabric }) =>
    bundle.techniques.flatMap(({ id: technique }) =>
      bundle.models.map(({ id: model }) => [fabric, technique, model, coverage.cell(technique, model, fabric)]),
    ),
  )

/** Another technique and fabric beside the scene's, so that there is something a change must not reach. */
const wider = (seed: number): Bundle => {
  const { bundle } = scene(seed)
  const other = scene(seed + 1).bundle
  return {
    ...bundle,
    fabrics: [...bundle.fabrics, ...other.fabrics.map((fabric) => ({ ...fabric, id: 'cloth2' }))],
    techniques: [...bundle.techniques, ...other.techniques.map((technique) => ({ ...technique, id: 'technique2' }))],
  }
}

/** Enough models that some keep their place while others do not. */
const withMore = (bundle: Bundle, { models }: Bundle): Bundle => ({
  ...bundle,
  models: [...bundle.models, ...models.map((model) => ({ ...model, id: `more-${model.id}` }))],
})

/** One random edit of a catalogue, as the rows it changes. */
const edit = (bundle: Bundle, kind: number, which: number, donor: Bundle): { next: Bundle; changes: RowChange[] } => {
  const at = <T>(list: readonly T[]): [T, number] => [list[which % list.length] as T, which % list.length]
  const swap = <T>(list: readonly T[], place: number, value: T): T[] =>
    list.map((old, i) => (i === place ? value : old))
  switch (kind) {
    case 0: {
      const [item, i] = at(bundle.items)
      const after: Item = { ...(donor.items[i] as Item), id: item.id, what: item.what }
      return {
        next: { ...bundle, items: swap(bundle.items, i, after) },
        changes: [{ row: { resource: 'items', id: item.id }, before: item, after }],
      }
    }
    case 1: {
      const [model, m] = at(bundle.models)
      const [stitch, s] = at(model.stitches)
      const after: Stitch = { ...((donor.models[m]?.stitches[s] ?? stitch) as Stitch), id: stitch.id }
      const models = swap(bundle.models, m, { ...model, stitches: swap(model.stitches, s, after) })
      return {
        next: { ...bundle, models },
        changes: [{ row: { resource: 'stitches', id: stitch.id, model: model.id }, before: stitch, after }],
      }
    }
    case 2: {
      const [model, m] = at(bundle.models)
      const after = { ...(donor.models[m] ?? model), id: model.id, stitches: model.stitches }
      return {
        next: { ...bundle, models: swap(bundle.models, m, after) },
        changes: [{ row: { resource: 'models', id: model.id }, before: model, after }],
      }
    }
    case 3: {
      const after = donor.fits.map((fit): FitStatement => ({ ...fit, id: `new-${fit.id}` }))
      const changes: RowChange[] = [
        ...bundle.fits.map((before) => ({
          row: { resource: 'fits' as const, id: before.id },
          before,
          after: undefined,
        })),
        ...after.map((fit) => ({ row: { resource: 'fits' as const, id: fit.id }, before: undefined, after: fit })),
      ]
      return { next: { ...bundle, fits: after }, changes }
    }
    case 4: {
      const [technique, t] = at(bundle.techniques)
      const after = { ...(donor.techniques[0] ?? technique), id: technique.id }
      return {
        next: { ...bundle, techniques: swap(bundle.techniques, t, after) },
        changes: [{ row: { resource: 'techniques', id: technique.id }, before: technique, after }],
      }
    }
    case 5: {
      const [stitchFunction, f] = at(bundle.functions)
      const after = {
        ...stitchFunction,
        swing: stitchFunction.swing === 'left' ? ('centred' as const) : ('left' as const),
      }
      return {
        next: { ...bundle, functions: swap(bundle.functions, f, after) },
        changes: [{ row: { resource: 'functions', id: stitchFunction.id }, before: stitchFunction, after }],
      }
    }
    // One goes, another comes first or last, or both: those after them have other places.
    case 6: {
      const [model, m] = at(bundle.models)
      const after = { ...(donor.models[0] ?? model), id: `new${donor.models.length}-${which}-${bundle.models.length}` }
      const [goes, comes] = [which % 4 < 2 && bundle.models.length > 1, which % 4 > 0]
      const left = goes ? bundle.models.filter((_, i) => i !== m) : bundle.models
      const row = (id: string) => ({ resource: 'models' as const, id })
      return {
        next: { ...bundle, models: comes ? (which % 8 < 4 ? [after, ...left] : [...left, after]) : left },
        changes: [
          ...(goes ? [{ row: row(model.id), before: model, after: undefined }] : []),
          ...(comes ? [{ row: row(after.id), before: undefined, after }] : []),
        ],
      }
    }
    default: {
      const [fabric, f] = at(bundle.fabrics)
      const after = {
        ...fabric,
        structure: fabric.structure === 'knit' ? ('woven' as const) : ('knit' as const),
        needle: { point: 'x', size: 100 },
      }
      return {
        next: { ...bundle, fabrics: swap(bundle.fabrics, f, after) },
        changes: [{ row: { resource: 'fabrics', id: fabric.id }, before: fabric, after }],
      }
    }
  }
}

describe('coverage', () => {
  it('after any edits is what deciding anew gives', () => {
    // Each with how it comes: alone, or in one write with the next.
    const edits = fc.array(fc.tuple(fc.nat(7), fc.nat(20), fc.integer({ min: 0, max: 2 ** 31 }), fc.boolean()), {
      minLength: 1,
      maxLength: 5,
    })
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), edits, (seed, all) => {
        let bundle = withMore(wider(seed), scene(seed + 2).bundle)
        const coverage = new Coverage(answeringOf(bundle))
        allOf(coverage, bundle)
        let together: RowChange[] = []
        for (const [i, [kind, which, donor, alone]] of all.entries()) {
          const { next, changes } = edit(bundle, kind, which, scene(donor).bundle)
          bundle = next
          together.push(...changes)
          if (!alone && i < all.length - 1) continue
          coverage.update(answeringOf(bundle), together)
          together = []
        }
        expect(allOf(coverage, bundle)).toEqual(allOf(new Coverage(answeringOf(bundle)), bundle))
      }),
      { numRuns: runs(400) },
    )
  })

  it('decides again only what a change can reach', () => {
    const bundle = wider(7)
    const coverage = new Coverage(answeringOf(bundle))
    allOf(coverage, bundle)
    const all = coverage.decided
    expect(all).toBe(bundle.fabrics.length * bundle.techniques.length * bundle.models.length)
    const decidedAfter = (changes: RowChange[] | undefined) => {
      const before = coverage.decided
      coverage.update(answeringOf(bundle), changes)
      allOf(coverage, bundle)
      return coverage.decided - before
    }
    const [stitch] = bundle.models[0]?.stitches ?? []
    expect(decidedAfter([])).toBe(0)
    expect(decidedAfter([{ row: { resource: 'threads', id: 'x' }, before: {}, after: {} }])).toBe(0)
    expect(
      decidedAfter([{ row: { resource: 'stitches', id: 's0', model: 'm1' }, before: stitch, after: stitch }]),
    ).toBeLessThanOrEqual(all / 2)
    expect(decidedAfter([{ row: { resource: 'models', id: 'm2' }, before: {}, after: {} }])).toBe(all / 2)
    expect(decidedAfter([{ row: { resource: 'fabrics', id: 'cloth' }, before: {}, after: {} }])).toBe(all / 2)
    expect(decidedAfter([{ row: { resource: 'makes', id: 'maker' }, before: {}, after: {} }])).toBe(all)
    expect(decidedAfter(undefined)).toBe(all)
  })
})
