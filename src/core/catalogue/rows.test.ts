import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, stage, stitch, technique } from '../answer/answers.testkit'
import { referencesOf } from './references'
import { LISTS, rowKey, rowsOf } from './rows'

const zigzag = stitch({ id: 'z', function: 'zigzag' })
const bundle = bundleOf({
  models: [{ ...P, stitches: [zigzag] }],
  items: [foot({ id: 'open' })],
  fits: [{ id: 'said', item: 'open', model: 'p', fits: true, evidence: 'book', where: 'p. 1' }],
  techniques: [technique([stage({})], 'hem')],
})

describe('rows of a catalogue', () => {
  it('are all of its lists, a model’s stitches after it', () => {
    const { stitches: _, ...head } = { ...P, stitches: [zigzag] }
    const rows = rowsOf(bundle)
    const models = rows.filter(({ row }) => row.resource === 'models' || row.resource === 'stitches')
    expect(models).toEqual([
      { row: { resource: 'models', id: 'p' }, value: head },
      { row: { resource: 'stitches', id: 'z', model: 'p' }, value: zigzag },
    ])
    for (const list of LISTS.filter((one) => one !== 'models'))
      expect(rows.filter(({ row }) => row.resource === list).map(({ value }) => value)).toEqual(bundle[list])
  })

  it('have each a key of its own', () => {
    expect(rowKey({ resource: 'items', id: 'k4' })).toBe('items/k4')
    expect(rowKey({ resource: 'stitches', id: 'b12', model: 'plover-60' })).toBe('stitches/plover-60/b12')
    const keys = rowsOf(bundle).map(({ row }) => rowKey(row))
    expect(new Set(keys).size).toBe(keys.length)
  })

  it('come after the rows of other lists they cannot be without: they are written one by one', () => {
    const place = new Map(rowsOf(bundle).map(({ row }, i) => [rowKey(row), i]))
    const needed = referencesOf(bundle).filter(({ from, to, whenGone }) => {
      return whenGone !== 'takenOut' && from.resource !== to.resource && place.has(rowKey(to))
    })
    expect(needed.length).toBeGreaterThan(3)
    for (const { from, to } of needed)
      expect(place.get(rowKey(to)), rowKey(from)).toBeLessThan(place.get(rowKey(from)) as number)
  })
})
