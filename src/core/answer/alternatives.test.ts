import { describe, expect, it } from 'vitest'
import type { FitStatement, Item, Model } from '../catalogue/types'
import { ask, bundleOf, codes, foot, only, P, stage, stitch, technique, type Scene } from './answers.testkit'

const zigzag = stitch({ function: 'zigzag', defaults: { width: 3, length: 2, needlePosition: 0 } })
const says = (item: string, evidence: 'bench' | 'book', chain: string[] = []): FitStatement => ({
  id: `${item}-${evidence}`,
  item,
  model: 'p',
  fits: true,
  evidence,
  where: 'p. 1',
  ...(chain.length > 0 ? { chain } : {}),
})
const open = (id: string, more: Partial<Item> = {}) => foot({ id, functions: ['satin'], slot: 7, ...more })

/** Feet that do the same job on P: what is chosen, and the others in order with what is better and worse of each. */
const among = (
  items: Item[],
  {
    fits = [],
    model = {},
    owned = [],
    more = {},
  }: {
    fits?: FitStatement[]
    model?: Partial<Model>
    owned?: string[]
    more?: Partial<Scene>
  } = {},
) => {
  const answer = only(
    ask(
      bundleOf({
        models: [{ ...P, stitches: [zigzag], ...model }],
        items,
        fits,
        techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'satin' }] })])],
        ...more,
      }),
      { owned },
    ),
  )
  return {
    chosen: answer.foot,
    others: answer.alternatives.map(({ foot: id, better, worse }) => [id, codes(better), codes(worse)]),
  }
}

describe('pairs that are had', () => {
  it('stand by their fit evidence where all else is alike: bench, book, worked out', () => {
    // By id the worked-out one would be first.
    const items = ['a-worked', 'b-book', 'c-bench'].map((id) => open(id))
    const fits = [says('b-book', 'book'), says('c-bench', 'bench')]
    const owned = items.map(({ id }) => id)
    expect(among(items, { fits, owned })).toEqual({
      chosen: 'c-bench',
      others: [
        ['b-book', [], ['weakerEvidence']],
        ['a-worked', [], ['weakerEvidence']],
      ],
    })
  })

  it('say what is better of the one that was not taken, and what is worse', () => {
    const items = [open('a-named', { code: 'N', slot: undefined }), open('b-open')]
    const model = { stitches: [{ ...zigzag, foot: 'N' }] }
    const found = among(items, { model, owned: ['a-named', 'b-open'], fits: [says('a-named', 'bench')] })
    expect(found).toEqual({
      chosen: 'b-open',
      others: [['a-named', ['bookNamesIt', 'strongerEvidence'], ['slotUnknown']]],
    })
  })

  it('stand before those to get, which say what they would need', () => {
    const items = [open('a-toGet', { price: 1 }), open('y-had', { slot: undefined }), open('z-had', { slot: 4 })]
    expect(among(items, { owned: ['y-had', 'z-had'] })).toEqual({
      chosen: 'z-had',
      others: [
        ['y-had', ['fullWidth'], ['slotUnknown']],
        ['a-toGet', ['fullWidth'], ['wouldNeed']],
      ],
    })
  })
})

describe('a pair that can be fitted in two ways', () => {
  it('is told by the one with the fewest things to get', () => {
    // The other foot fits by either adapter; the one that is owned leaves nothing but the foot to get.
    const items = [
      open('a-mine'),
      open('b-high', { attachment: 'screwOn', shank: 'high' }),
      { id: 'adapter-1', code: '1', name: '1', what: 'adapter' as const },
      { id: 'adapter-2', code: '2', name: '2', what: 'adapter' as const },
    ].map((item) =>
      item.what === 'adapter'
        ? { ...item, turns: { from: { shank: 'low' as const }, to: { shank: 'high' as const } } }
        : item,
    ) as Item[]
    const answer = only(
      ask(
        bundleOf({
          models: [{ ...P, stitches: [zigzag] }],
          items,
          techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'satin' }] })])],
        }),
        { owned: ['a-mine', 'adapter-2'] },
      ),
    )
    expect(answer.foot).toBe('a-mine')
    expect(answer.alternatives.map(({ foot: id, toGet }) => [id, toGet])).toEqual([['b-high', ['b-high']]])
  })
})
