import { describe, expect, it } from 'vitest'
import type { Item } from '../catalogue/types'
import { ask, bundleOf, foot, P, R, stage, stitch, technique } from './answers.testkit'

const model = { ...R, stitches: [stitch({ function: 'zigzag', defaults: { width: 2 } })] }
const stageWith = (id: string, functions: string[]) =>
  stage({ id, stitches: [{ function: 'zigzag' }], feet: functions.map((name) => ({ function: name })) })
const need = (id: string, functions: string[], more: Partial<Item> = {}) =>
  foot({ id, functions, slot: 8, price: 1000, ...more })
const toGet = (items: Item[], functions: string[][], question = {}) =>
  ask(
    bundleOf({
      models: [model],
      items,
      techniques: [technique(functions.map((list, i) => stageWith(`s${i}`, list)))],
    }),
    question,
  ).toGet

describe('what is to get', () => {
  it('counts one foot that serves two stages once', () =>
    expect(toGet([need('a', ['x']), need('b', ['y']), need('c', ['x', 'y'], { price: 9000 })], [['x'], ['y']])).toEqual(
      ['c'],
    ))

  it('takes a pack where it saves an item, and the foot alone where it does not', () => {
    const pack: Item = { id: 'pack', code: 'pack', name: 'pack', what: 'accessory', contains: ['a', 'b'], price: 9000 }
    const feet = [need('a', ['x']), need('b', ['y'])]
    expect(toGet([...feet, pack], [['x'], ['y']])).toEqual(['pack'])
    expect(toGet([...feet, pack], [['x']])).toEqual(['a'])
  })

  it.each([
    ['the better function before the price', [need('a', ['x'], { price: 9000 }), need('b', ['y'])], {}, ['a']],
    [
      'the stated slot before the price',
      [need('a', ['x'], { slot: undefined, price: 1 }), need('b', ['x'])],
      {},
      ['b'],
    ],
    ['the shelf before the price', [need('a', ['x'], { price: 1 }), need('b', ['x'])], { stock: ['b'] }, ['b']],
    ['the lower price', [need('a', ['x']), need('b', ['x'], { price: 1 })], {}, ['b']],
    ['a known price before an unknown one', [need('a', ['x'], { price: undefined }), need('b', ['x'])], {}, ['b']],
    ['then the ids', [need('b', ['x']), need('a', ['x'])], {}, ['a']],
  ] as const)('%s', (_, items, question, expected) =>
    expect(toGet([...items], [['x', 'y']], question)).toEqual(expected),
  )

  it('finds the way through many feet and adapters without trying every set', () => {
    const tall = { attachment: 'screwOn' as const, shank: 'low' as const }
    const jobs = ['x', 'y', 'z', 'w']
    const feet = jobs.flatMap((job) =>
      Array.from({ length: 25 }, (_, i) => need(`${job}${i}`, [job], { ...tall, price: 1000 + i })),
    )
    const adapter: Item = {
      id: 'adapter',
      code: 'adapter',
      name: 'adapter',
      what: 'adapter',
      turns: { from: { shank: 'high' }, to: { shank: 'low', attachment: 'screwOn' } },
    }
    expect(
      toGet(
        [...feet, adapter],
        jobs.slice(0, 3).map((job) => [job]),
      ),
    ).toEqual(['adapter', 'x0', 'y0', 'z0'])
  })

  it('counts packs that the machine came with as what they hold', () => {
    const pack: Item = { id: 'pack', code: 'pack', name: 'pack', what: 'accessory', contains: ['a'] }
    const bundle = bundleOf({
      models: [{ ...P, supplied: [...P.supplied, 'pack'], stitches: model.stitches }],
      items: [need('a', ['x']), pack],
      techniques: [technique([stageWith('s', ['x'])])],
    })
    expect(ask(bundle).verdict).toBe('ready')
  })
})
