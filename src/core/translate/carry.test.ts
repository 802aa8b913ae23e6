import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, R, stage, technique } from '../answer/answers.testkit'
import { fitLookup } from '../answer/fit'
import { indexCatalogue, withContents } from '../catalogue/index'
import type { Item } from '../catalogue/types'
import { carry, hadThings } from './carry'

const screwed = (id: string, shank: 'low' | 'high', more: Partial<Item> = {}): Item =>
  foot({ id, attachment: 'screwOn', shank, functions: ['hem'], ...more })
const adapter: Item = {
  id: 'adapter',
  code: 'A',
  name: 'Adapter',
  what: 'adapter',
  turns: { from: { shank: 'high', attachment: 'screwOn' }, to: { shank: 'low', attachment: 'screwOn' } },
}
const R0 = { ...R, attachment: 'screwOn' as const }
const carried = (item: Item, others: Item[], to = R0) => {
  const index = indexCatalogue(
    bundleOf({ models: [P, to], items: [item, ...others], techniques: [technique([stage({})])] }),
  )
  return carry({ index, fitOf: fitLookup(index) }, item, to)
}

describe('what becomes of a foot on another machine', () => {
  it('is kept as it is where it fits', () => {
    expect(carried(screwed('own', 'high'), [screwed('new', 'high')])).toMatchObject({
      carries: 'asItIs',
      chain: [],
      instead: [],
    })
  })

  it('takes an adapter where one helps, and says what would fit without', () => {
    expect(carried(screwed('own', 'low'), [adapter, screwed('new', 'high')])).toMatchObject({
      carries: 'withAdapter',
      chain: ['adapter'],
      instead: ['new'],
    })
  })

  it('is left where nothing helps, with why', () => {
    const { carries, instead, reasons } = carried(screwed('own', 'low'), [])
    expect([carries, instead]).toEqual(['no', []])
    expect(reasons.length).toBeGreaterThan(0)
  })

  it('is not known where the machine does not say what it takes', () => {
    const { shank: _, ...unstated } = R0
    expect(carried(screwed('own', 'low'), [], unstated).carries).toBe('unknown')
  })

  it('is replaced by its family before others of the same job', () => {
    const own = screwed('own', 'low', { family: 'hemmers' })
    expect(carried(own, [screwed('other', 'high'), screwed('kin', 'high', { family: 'hemmers' })]).instead).toEqual([
      'kin',
    ])
    expect(carried(own, [screwed('other', 'high')]).instead).toEqual(['other'])
  })

  it('is replaced by what comes with the machine, then by rank, price and id, three at most', () => {
    const others = [
      screwed('d', 'high', { price: 900 }),
      screwed('c', 'high'),
      screwed('b', 'high', { price: 500, functions: ['edge', 'hem'] }),
      screwed('a', 'high', { price: 900 }),
      screwed('e', 'high', { price: 9000 }),
    ]
    expect(carried(screwed('own', 'low'), others).instead).toEqual(['a', 'd', 'e'])
    expect(carried(screwed('own', 'low'), others, { ...R0, supplied: [...R0.supplied, 'b'] }).instead[0]).toBe('b')
  })
})

describe('what a person has', () => {
  it('are the things, in the catalogue’s order, not the packs', () => {
    const items = [foot({ id: 'b' }), foot({ id: 'a' }), { ...adapter, id: 'pack', contains: ['a', 'b'] }]
    const index = indexCatalogue(bundleOf({ models: [P], items, techniques: [technique([stage({})])] }))
    expect(hadThings(index, withContents(['pack'], index.items)).map(({ id }) => id)).toEqual(['b', 'a'])
  })
})
