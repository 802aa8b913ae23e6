import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, Q, stage, stitch, technique } from '../answer/answers.testkit'
import { scene } from '../answer/scenes.testkit'
import { indexCatalogue, isPlateCover, withContents } from './index'
import type { Bundle, Item, Model } from './types'

const pack = (id: string, contains: string[]): Item => ({ id, code: id, name: id, what: 'accessory', contains })
const withItems = (...items: Item[]): Bundle => bundleOf({ models: [P], items, techniques: [technique([stage({})])] })

describe('packs', () => {
  const index = indexCatalogue(
    withItems(
      pack('box', ['set', 'a']),
      pack('set', ['b', 'c']),
      foot({ id: 'a' }),
      foot({ id: 'b' }),
      foot({ id: 'c' }),
    ),
  )

  it('are opened to any depth', () => {
    expect([...withContents(['box'], index.items)].sort()).toEqual(['a', 'b', 'box', 'c', 'set'])
    expect([...withContents(['set'], index.items)].sort()).toEqual(['b', 'c', 'set'])
  })

  it('hold what nobody knows, and end where they hold each other', () => {
    expect([...withContents(['gone'], index.items)]).toEqual(['gone'])
    const round = indexCatalogue(withItems(pack('x', ['y']), pack('y', ['x'])))
    expect([...withContents(['x'], round.items)].sort()).toEqual(['x', 'y'])
  })

  it('are found by what they hold', () => {
    expect(index.packsOf.get('b')?.sort()).toEqual(['box', 'set'])
    expect(index.packsOf.get('a')).toEqual(['box'])
    expect(index.packsOf.has('box')).toBe(false)
  })

  it('are found as asking every pack says, whatever holds what', () => {
    const holds = fc.array(fc.tuple(fc.nat(7), fc.nat(7)), { maxLength: 14 })
    fc.assert(
      fc.property(holds, (pairs) => {
        const ids = Array.from({ length: 8 }, (_, i) => `i${i}`)
        const items = ids.map((id, i) =>
          pack(
            id,
            pairs.flatMap(([of, held]) => (of === i && held !== i ? [`i${held}`] : [])),
          ),
        )
        const found = indexCatalogue(withItems(...items))
        for (const id of ids) {
          const holding = ids.filter((other) =>
            withContents(items.find((item) => item.id === other)?.contains ?? [], found.items).has(id),
          )
          expect(new Set(found.packsOf.get(id) ?? [])).toEqual(new Set(holding))
        }
      }),
    )
  })
})

describe('the catalogue arranged for questions', () => {
  const zigzag = stitch({ id: 'a', function: 'zigzag' })
  const other = stitch({ id: 'b', function: 'satin' })
  const model = (more: Partial<Model>): Model => ({ ...P, ...more })

  it('gives a model’s stitches by function, with their place', () => {
    const index = indexCatalogue({
      ...withItems(),
      models: [model({ stitches: [zigzag, other, { ...zigzag, id: 'c' }] })],
    })
    expect(
      index.stitches
        .get('p')
        ?.get('zigzag')
        ?.map(({ stitch: { id }, place }) => [id, place]),
    ).toEqual([
      ['a', 0],
      ['c', 2],
    ])
    expect(index.stitches.get('p')?.has('straight')).toBe(false)
  })

  it('keeps what it knows of models that are still the same, and only that', () => {
    const [same, changed] = [model({ stitches: [zigzag] }), { ...Q, stitches: [zigzag] }]
    const bundle = { ...withItems(), models: [same, changed] }
    const before = indexCatalogue(bundle)
    const after = indexCatalogue({ ...bundle, models: [same, { ...changed, stitches: [other] }] }, before)
    expect(after.stitches.get('p')).toBe(before.stitches.get('p'))
    expect([...(after.stitches.get('q')?.keys() ?? [])]).toEqual(['satin'])
  })

  it('finds feet by make and code; one without a make by none', () => {
    const index = indexCatalogue(
      withItems(foot({ id: 'x', code: 'K4' }), foot({ id: 'y', code: 'K4', make: 'other' }), {
        id: 'z',
        code: 'K4',
        name: 'z',
        what: 'foot',
      }),
    )
    expect(index.feetByCode.get('maker/K4')?.map(({ id }) => id)).toEqual(['x'])
    expect(index.feetByCode.get('other/K4')?.map(({ id }) => id)).toEqual(['y'])
  })

  it('lists a foot once for each of its jobs, and nothing else as a foot', () => {
    const index = indexCatalogue(
      withItems(foot({ id: 'x', functions: ['hem', 'edge', 'hem'] }), { ...pack('p', []), functions: ['hem'] }),
    )
    expect(index.feetByFunction.get('hem')?.map(({ id }) => id)).toEqual(['x'])
    expect(index.feetByFunction.get('edge')?.map(({ id }) => id)).toEqual(['x'])
    expect(index.accessoriesByFunction.get('hem')?.map(({ id }) => id)).toEqual(['p'])
  })

  it('tells a cover over the plate from a plate', () => {
    const plate: Item = { id: 'plate', code: '', name: '', what: 'plate', slot: 7 }
    expect([plate, { ...plate, brings: ['feedDogsCovered'] }, { ...plate, brings: [] }].map(isPlateCover)).toEqual([
      false,
      true,
      false,
    ])
  })

  it('leaves the bundle as it was', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2 ** 31 }), (seed) => {
        const { bundle } = scene(seed)
        const before = structuredClone(bundle)
        indexCatalogue(bundle)
        expect(bundle).toEqual(before)
      }),
      { numRuns: 50 },
    )
  })
})
