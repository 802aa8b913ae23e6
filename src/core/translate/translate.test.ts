import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, Q, R } from '../answer/answers.testkit'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { reaches, reachOf } from '../answer/reach'
import { indexCatalogue } from '../catalogue/index'
import type { Item, Model, Scale, Stage, Stitch, Technique } from '../catalogue/types'
import { carry } from './carry'
import { heldClear, moveValue } from './moveValue'
import { translateCard } from './translateCard'
import { translateMachine } from './translateMachine'

const mm = (to: number, step: number): Scale => ({ shows: 'mm', from: 0, to, step })
const marks = (normal: number | undefined, more: Partial<Scale> = {}): Scale => ({
  shows: 'marks',
  from: 0,
  to: 9,
  step: 0.5,
  ...(normal === undefined ? {} : { normal }),
  ...more,
})

describe('a value on another scale', () => {
  it('moves as millimetres and says what it lost', () => {
    expect(moveValue('width', 3.2, mm(7, 0.1), mm(6, 0.5))).toEqual({ is: 'moved', value: 3, shown: '3.0', lost: -0.2 })
    expect(moveValue('width', 8, mm(9, 0.1), mm(7, 0.1))).toMatchObject({ value: 7, lost: -1 })
    expect(moveValue('length', 2.5, mm(5, 0.1), { shows: 'spi', from: 0.5, to: 5 })).toMatchObject({
      shown: '10.2 spi',
      lost: 0,
    })
    expect(moveValue('width', 3, mm(7, 0.1), 'absent')).toEqual({ is: 'noControl' })
    expect(moveValue('width', 3, mm(7, 0.1), undefined)).toEqual({ is: 'notComparable' })
  })

  it('never lets the fabric stand still', () => {
    expect(moveValue('length', 0.3, mm(5, 0.1), mm(4, 1))).toMatchObject({ value: 1 })
    expect(moveValue('length', 0, mm(5, 0.1), mm(4, 1))).toMatchObject({ value: 0 })
  })

  it('moves tension from normal to normal, and other marks not at all', () => {
    expect(moveValue('tension', 6, marks(4), marks(5))).toMatchObject({ value: 7, lost: 0 })
    expect(moveValue('tension', 6, marks(4), marks(5, { number: 0.5 }))).toMatchObject({ value: 6 })
    expect(moveValue('tension', 6, marks(undefined), marks(5))).toEqual({ is: 'notComparable' })
    expect(moveValue('differential', 1.5, marks(undefined), marks(undefined))).toEqual({ is: 'notComparable' })
  })

  it('is never said where the needle would hit, and by hand first where nobody knows', () => {
    const moved = moveValue('width', 3.2, mm(7, 0.1), mm(6, 0.5))
    expect(heldClear('width', moved, { from: 0, to: 4 })).toEqual(moved)
    expect(heldClear('width', moved, { from: 0, to: 2.6 })).toEqual({ is: 'wouldHit', clear: { from: 0, to: 2.6 } })
    expect(heldClear('width', moved, undefined)).toMatchObject({ value: 3, unchecked: true })
    expect(heldClear('length', moved, undefined)).toEqual(moved)
  })

  it('stands on the scale, and no place of it is nearer', () => {
    const scale = fc.record({ to: fc.integer({ min: 3, max: 9 }), step: fc.constantFrom(0.1, 0.25, 0.5, 1) })
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9, noNaN: true }), scale, (value, { to, step }) => {
        const moved = moveValue('width', value, undefined, mm(to, step))
        if (moved.is !== 'moved') throw new Error('it moves')
        const reach = reachOf(mm(to, step))
        expect(reaches(reach, moved.value)).toBe(true)
        const distances = reach.kind === 'list' ? reach.places.map((place) => Math.abs(place.value - value)) : []
        expect(Math.abs(moved.value - value)).toBeLessThanOrEqual(Math.min(...distances) + 1e-6)
        expect(moved.lost).toBeCloseTo(moved.value - value, 5)
      }),
    )
  })
})

const stitch = (id: string, named: string, more: Partial<Stitch> = {}): Stitch => ({
  id,
  select: `No ${id}`,
  function: named,
  motion: 'forward',
  nativeName: `${named} ${id}`,
  defaults: { width: 3, length: 2 },
  ...more,
})
const stage: Stage = {
  id: 'sew',
  name: 'Sew',
  kinds: ['computerised', 'mechanical'],
  stitches: [{ function: 'zigzag' }],
  feet: [{ function: 'join' }],
  targets: [
    { parameter: 'width', to: { abs: 4.2 }, because: '' },
    { parameter: 'length', to: { abs: 2 }, because: '' },
  ],
  steps: [],
  inspect: [],
  faults: [],
}
const technique: Technique = {
  id: 't',
  name: 'T',
  family: 'hems',
  for: '',
  level: 1,
  methods: [{ id: 'm', name: 'M', because: '', stages: [stage] }],
}
const join = (id: string, more: Partial<Item> = {}): Item => foot({ id, functions: ['join'], slot: 9, ...more })
const shank: Item = {
  id: 'hl',
  code: 'hl',
  name: 'hl',
  what: 'adapter',
  turns: { from: { shank: 'high', attachment: 'screwOn' }, to: { shank: 'low', attachment: 'screwOn' } },
}

const answering = (models: Model[], items: Item[]) => {
  const index = indexCatalogue(
    bundleOf({
      models,
      items: [...bundleOf({ models: [], items: [], techniques: [] }).items, ...items],
      techniques: [technique],
    }),
  )
  return { index, fitOf: fitLookup(index) }
}

describe('what carries over', () => {
  const snap = join('snap')
  const low = join('low', { attachment: 'screwOn', shank: 'low' })
  const bayonet = join('bayonet', { attachment: 'own:b' })
  const own = join('own', { attachment: 'screwOn', shank: 'high' })
  const silent = join('silent', { attachment: undefined })
  const r: Model = { ...R, supplied: [...R.supplied, 'own'] }
  const given = answering([P, r], [snap, low, bayonet, own, silent, shank])
  it.each([
    ['snap', 'asItIs', [], []],
    ['low', 'withAdapter', ['hl'], ['own', 'snap']],
    ['bayonet', 'no', [], ['own', 'snap']],
    ['silent', 'unknown', [], ['own', 'snap']],
  ])('%s: %s', (id, carries, chain, instead) => {
    expect(carry(given, given.index.items.get(id) as Item, r)).toMatchObject({ item: id, carries, chain, instead })
  })
})

describe('a card on another machine', () => {
  const p: Model = { ...P, supplied: [...P.supplied, 'snap'], stitches: [stitch('5', 'zigzag'), stitch('6', 'satin')] }
  const q: Model = { ...Q, stitches: [stitch('b', 'zigzag')] }
  const given = answering([p, q], [join('snap'), shank])
  const question = { technique: 't', model: 'p', fabric: given.index.bundle.fabrics[0]?.id ?? '' }
  const translated = translateCard(given, question, 'q')

  it('puts both cards side by side, each as it would be answered alone', () => {
    const [from, to] = ['p', 'q'].map((model) => explain(given, { ...question, model }))
    expect([translated.from.verdict, translated.to.verdict]).toEqual([from?.verdict, to?.verdict])
    expect(translated.stages).toHaveLength(1)
    expect(translated.stages[0]).toMatchObject({
      from: { select: 'No 5', foot: 'snap' },
      to: { select: 'No b', foot: 'snap' },
    })
    const width = translated.stages[0]?.settings.find(({ parameter }) => parameter === 'width')
    expect(width).toMatchObject({ from: '4.2', moved: { is: 'moved', value: 4, lost: -0.2 } })
    expect(width?.to).toBe(to?.stages[0]?.settings.width?.shown)
    expect(translated.items).toMatchObject([{ item: 'snap', carries: 'asItIs' }])
  })

  it('says no width of the first card that would hit on the second', () => {
    const narrow = answering(
      [p, { ...q, supplied: [...q.supplied, 'own'] }],
      [join('snap'), join('own', { slot: 5, make: 'maker' }), shank],
    )
    const { stages } = translateCard(narrow, question, 'q')
    const width = stages[0]?.settings.find(({ parameter }) => parameter === 'width')
    expect(stages[0]?.to?.foot).toBe('own')
    expect(width?.moved).toMatchObject({ is: 'wouldHit', clear: { to: 3.8 } })
  })

  it('a whole machine: where each stitch went, what reaches less, what becomes of each technique', () => {
    const whole = translateMachine(given, p, q, { fabric: question.fabric, owned: [] })
    expect(whole.stitches).toMatchObject([
      { function: 'zigzag', from: [{ select: 'No 5' }], to: [{ select: 'No b' }] },
      { function: 'satin', from: [{ select: 'No 6' }], to: [] },
    ])
    expect(whole.reach.find(({ of }) => of === 'maxWidth')).toEqual({
      of: 'maxWidth',
      from: { is: 'figure', value: 7 },
      to: { is: 'figure', value: 6 },
    })
    expect(whole.reach.find(({ of }) => of === 'needlePosition')?.to).toMatchObject({ from: -3, to: 3, places: 3 })
    const changed =
      translated.from.verdict === translated.to.verdict
        ? []
        : [{ technique: 't', from: translated.from.verdict, to: translated.to.verdict }]
    expect(whole.techniques).toEqual(changed)
    expect(translateMachine(given, p, p, { fabric: question.fabric, owned: [] })).toMatchObject({
      reach: [],
      techniques: [],
      features: { lost: [], gained: [] },
    })
  })
})
