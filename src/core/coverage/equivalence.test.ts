import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { FitStatement, Item, Model, Stage, Stitch } from '../catalogue/types'
import { EquivalenceKeys } from './equivalence'

const adapter: Item = { id: 'adapter', code: 'A', name: 'Adapter', what: 'adapter' }
const hem = foot({ id: 'hem', functions: ['hem'], slot: 6 })
const named = technique([stage({ stitches: [{ function: 'zigzag', when: { model: ['named'] } }] })])
const says = (id: string, model: string, more: Partial<FitStatement> = {}): FitStatement =>
  ({ id, item: 'hem', model, fits: true, evidence: 'book', where: 'p. 3', ...more }) as FitStatement
const equivalence = (more: { items?: Item[]; fits?: FitStatement[] } = {}) =>
  new EquivalenceKeys(
    indexCatalogue(
      bundleOf({
        models: [P],
        items: [adapter, hem, ...(more.items ?? [])],
        fits: more.fits ?? [],
        techniques: [named],
      }),
    ),
  )

describe('models', () => {
  const model = (more: Partial<Model> = {}): Model => ({ ...P, ...more })
  it.each<[string, Partial<Model>, boolean]>([
    ['another id and name', { id: 'other', name: 'Other' }, true],
    ['other stitches', { stitches: [stitch({ function: 'satin' })] }, true],
    ['a foot more in the box', { supplied: [...P.supplied, 'hem'] }, true],
    ['another shank: that is its place', { shank: 'high' }, true],
    ['an adapter more in the box', { supplied: [...P.supplied, 'adapter'] }, false],
    ['another kind', { kind: 'mechanical' }, false],
    ['a narrower swing', { maxWidth: 5 }, false],
    ['a feature', { features: ['dualFeed'] }, false],
    ['another scale', { scales: { ...P.scales, width: { shows: 'mm', from: 0, to: 7, step: 0.5 } } }, false],
    ['a group nobody speaks of', { groups: ['nobody'] }, true],
    ['a name that a condition asks for', { id: 'named' }, false],
  ])('with %s', (_, more, alike) => {
    const same = equivalence()
    expect(same.ofModel(model(more)) === same.ofModel(model())).toBe(alike)
  })

  it('stand in the same place by shank, attachment and what is stated of them', () => {
    const same = equivalence({
      fits: [says('1', 'a'), says('2', 'b'), says('3', 'c', { fits: false }), says('4', 'd', { evidence: 'bench' })],
    })
    const place = (id: string, more: Partial<Model> = {}) => same.ofPlace({ ...P, id, ...more })
    expect(place('a')).toBe(place('b'))
    expect(new Set([place('a'), place('c'), place('d'), place('nobody')]).size).toBe(4)
    expect(place('nobody', { shank: 'high' })).not.toBe(place('nobody'))
    expect(place('nobody', { maxWidth: 3 })).toBe(place('nobody'))
    expect(place('nobody', { make: 'other' })).not.toBe(place('nobody'))
  })
})

describe('stitches', () => {
  const zigzag = stitch({ id: 'a', function: 'zigzag', defaults: { width: 3, length: 2 } })
  it.each<[string, Partial<Stitch>, boolean]>([
    ['another number and name', { id: 'b', select: '7', nativeName: 'Other' }, true],
    ['another function of the same swing', { function: 'serpentine' }, true],
    ['another function of another swing', { function: 'straight' }, false],
    ['its own swing', { swing: 'left' }, false],
    ['another foot in the book', { foot: 'hem' }, true],
    ['another default', { defaults: { width: 3.5, length: 2 } }, false],
    ['a default less', { defaults: { width: 3 } }, false],
    ['a range', { defaults: { width: { from: 2, to: 3 }, length: 2 } }, false],
    ['its own limits', { ranges: { width: { from: 0, to: 5 } } }, false],
    ['an attribute', { attributes: ['dense'] }, false],
    ['another motion', { motion: 'forwardReverse' }, false],
  ])('with %s', (_, more, alike) => {
    const same = equivalence()
    expect(same.ofStitch({ ...zigzag, ...more }) === same.ofStitch(zigzag)).toBe(alike)
  })

  it('of functions that some foot denies are told apart by function', () => {
    const same = equivalence({ items: [foot({ id: 'denies', denies: ['serpentine'] })] })
    expect(same.ofStitch({ ...zigzag, function: 'serpentine' })).not.toBe(same.ofStitch(zigzag))
  })

  it('one after another are alike only in the same order', () => {
    const same = equivalence()
    const list = (...numbers: number[]) => same.ofList(numbers.map((number) => ({ number })))
    expect(list(1, 2)).toBe(list(1, 2))
    expect(new Set([list(1, 2), list(2, 1), list(1), list(12), list()]).size).toBe(5)
  })
})

describe('stages and feet', () => {
  it('a stage is alike whatever it is called and takes', () => {
    const same = equivalence()
    const one: Stage = stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'hem' }] })
    const number = same.ofStage(one)
    expect(same.ofStage({ ...one, id: 'other', name: 'Other', stitches: [], feet: 'any', steps: [] })).toBe(number)
    expect(same.ofStage({ ...one, feet: 'none' })).not.toBe(number)
    expect(same.ofStage({ ...one, twinSpacing: 2 })).not.toBe(number)
    expect(same.ofStage({ ...one, targets: [{ parameter: 'width', to: { abs: 2 }, because: '' }] })).not.toBe(number)
  })

  it('feet are taken alike in the same functions, ranks and costs', () => {
    const same = equivalence()
    const taken = (rank: number, name: string, tradeOff?: string) =>
      same.ofFeet(stage({ feet: [] }), [{ rank, function: name, tradeOff }])
    expect(taken(0, 'hem')).toBe(taken(0, 'hem'))
    expect(new Set([taken(0, 'hem'), taken(1, 'hem'), taken(0, 'edge'), taken(0, 'hem', 'less good')]).size).toBe(4)
    expect(same.ofFeet(stage({ feet: 'any' }), [])).not.toBe(same.ofFeet(stage({ feet: 'none' }), []))
  })

  it('a foot is alike by shape and by the chains it is fitted through, not by name or price', () => {
    const same = equivalence()
    const fit = (chains: string[][]) => ({
      fits: 'yes' as const,
      evidence: 'book' as const,
      chains,
      reasons: [],
      missing: [],
    })
    const number = same.ofCandidate(hem, fit([[]]))
    expect(
      same.ofCandidate({ ...hem, id: 'other', name: 'Other', code: 'O', price: 3, functions: [] }, fit([[]])),
    ).toBe(number)
    expect(same.ofCandidate({ ...hem, slot: 5 }, fit([[]]))).not.toBe(number)
    expect(same.ofCandidate(hem, fit([['adapter']]))).not.toBe(number)
    expect(same.ofCandidate(undefined, undefined)).not.toBe(number)
  })
})
