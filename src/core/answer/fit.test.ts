import { describe, expect, it } from 'vitest'
import { indexCatalogue } from '../catalogue/index'
import type { FitStatement, Item, Model } from '../catalogue/types'
import { bundleOf, codes, foot, P, R } from './answers.testkit'
import { fitLookup } from './fit'

const fitOf = (item: Item, model: Model, more: { items?: Item[]; fits?: FitStatement[] } = {}) => {
  const index = indexCatalogue(
    bundleOf({
      models: [model],
      items: [item, ...(more.items ?? [])],
      techniques: [],
      ...(more.fits ? { fits: more.fits } : {}),
    }),
  )
  return fitLookup(index)(item, model)
}
const said = (fields: Partial<FitStatement> & { fits: boolean }): FitStatement => ({
  id: `f-${JSON.stringify(fields)}`,
  item: 'it',
  evidence: 'book',
  where: 'p. 3',
  ...fields,
})
const snap = foot({ id: 'it' })
const low = foot({ id: 'it', attachment: 'screwOn', shank: 'low' })
const adapter = (id: string, turns: Item['turns'], more: Partial<Item> = {}): Item => ({
  id,
  code: id,
  name: id,
  what: 'adapter',
  turns,
  ...more,
})
const highLow = adapter('hl', {
  from: { shank: 'high', attachment: 'screwOn' },
  to: { shank: 'low', attachment: 'screwOn' },
})
const grouped = { ...P, groups: ['g'] }

describe('fit by rule', () => {
  it.each([
    ['snap-on, same pattern', snap, P, 'yes'],
    ['snap-on of another pattern', foot({ id: 'it', make: 'other' }), P, 'no'],
    ['snap-on on a screw-on place', snap, { ...P, attachment: 'screwOn' as const }, 'no'],
    ['screw-on under an ankle that comes off', low, P, 'yes'],
    ['screw-on of another shank', low, R, 'no'],
    ['bayonet of its own', foot({ id: 'it', attachment: 'own:b' }), { ...P, attachment: 'own:b' as const }, 'yes'],
    ['nothing stated of the model', snap, { ...P, attachment: undefined }, 'unknown'],
    ['shank not stated', low, { ...P, shank: undefined }, 'unknown'],
    [
      'shank not stated but the attachment says no',
      low,
      { ...P, shank: undefined, attachment: 'own:b' as const },
      'no',
    ],
    ['nothing stated of the foot', foot({ id: 'it', attachment: undefined }), P, 'unknown'],
    ['needs what the model has not', foot({ id: 'it', needs: { features: ['dualFeed'] } }), P, 'no'],
  ] as const)('%s: %s', (_, item, model, fits) => expect(fitOf(item, model as Model).fits).toBe(fits))

  it('goes through the shortest chain, and through two adapters where it must', () => {
    expect(fitOf(low, R, { items: [highLow] })).toMatchObject({ fits: 'yes', chains: [['hl']], evidence: 'workedOut' })
    const ankle = adapter('an', {
      from: { shank: 'low', attachment: 'screwOn' },
      to: { attachment: 'snapOn', pattern: 'hook' },
    })
    const hooked = foot({ id: 'it', make: 'other' })
    expect(fitOf(hooked, R, { items: [highLow, ankle] }).chains).toEqual([['hl', 'an']])
    expect(fitOf(hooked, P, { items: [highLow, ankle] }).chains).toEqual([['an']])
  })

  it('does not take an adapter that is stated unfit, nor one for other groups', () => {
    const unfit = [{ ...said({ fits: false, model: 'r' }), item: 'hl' }]
    expect(fitOf(low, R, { items: [highLow], fits: unfit }).fits).toBe('no')
    expect(fitOf(low, R, { items: [{ ...highLow, forGroups: ['elsewhere'] }] }).fits).toBe('no')
  })

  it('says what is missing and would settle it', () =>
    expect(fitOf(low, { ...P, shank: undefined }).missing).toEqual([{ of: 'model', id: 'p', key: 'shank' }]))
})

describe('fit by statement', () => {
  it.each([
    [
      'bench over book',
      [said({ fits: true, model: 'p' }), said({ fits: false, model: 'p', evidence: 'bench' })],
      'no',
      'bench',
    ],
    ['model over group', [said({ fits: false, group: 'g' }), said({ fits: true, model: 'p' })], 'yes', 'book'],
    [
      'bench about a group over book about the model',
      [said({ fits: false, model: 'p' }), said({ fits: true, group: 'g', evidence: 'bench' })],
      'yes',
      'bench',
    ],
    [
      'among equals no wins',
      [said({ fits: true, model: 'p' }), said({ fits: false, model: 'p', where: 'p. 9' })],
      'no',
      'book',
    ],
  ] as const)('%s', (_, fits, verdict, evidence) =>
    expect(fitOf(snap, grouped, { fits: [...fits] })).toMatchObject({ fits: verdict, evidence }),
  )

  it('shows a conflict, and who was overruled', () => {
    const equals = [said({ fits: true, model: 'p' }), said({ fits: false, model: 'p', where: 'p. 9' })]
    expect(codes(fitOf(snap, P, { fits: equals }).reasons)).toContain('fitConflict')
    const uneven = [said({ fits: false, group: 'g' }), said({ fits: true, model: 'p' })]
    expect(codes(fitOf(snap, grouped, { fits: uneven }).reasons)).toEqual(['fitStated', 'fitOverruled'])
  })

  it('takes being supplied, packs opened, as the book’s word', () => {
    const pack: Item = { id: 'pack', code: 'pack', name: 'pack', what: 'accessory', contains: ['it'] }
    const hooked = foot({ id: 'it', make: 'other' })
    expect(fitOf(hooked, { ...P, supplied: ['pack'] }, { items: [pack] })).toMatchObject({
      fits: 'yes',
      evidence: 'book',
    })
  })

  it('takes a family member for its groups and no others', () => {
    const member = foot({ id: 'it', make: 'other', forGroups: ['g'] })
    expect(fitOf(member, grouped).fits).toBe('yes')
    expect(fitOf({ ...member, make: 'maker' }, P).fits).toBe('no')
  })

  it('brings its own chain', () => {
    const fits = [said({ fits: true, model: 'r', chain: ['hl'] })]
    expect(fitOf(snap, R, { items: [highLow], fits }).chains).toEqual([['hl']])
  })

  it('leaves a needle plate of which nothing is stated unknown', () => {
    const plate: Item = { id: 'it', code: 'it', name: 'it', what: 'plate', slot: 8 }
    expect(fitOf(plate, P).fits).toBe('unknown')
    expect(fitOf(plate, { ...P, supplied: ['it'] }).fits).toBe('yes')
  })
})

describe('many models asked one after another', () => {
  const ankle = adapter('an', { from: { shank: 'low', attachment: 'screwOn' }, to: { attachment: 'snapOn' } })
  const stated: Model[] = [
    P,
    R,
    { ...P, shank: undefined },
    { ...P, attachment: undefined },
    { ...P, shank: undefined, attachment: undefined },
    { ...P, shank: undefined },
    { ...P, attachment: 'screwOn' },
    { ...P, attachment: 'own:b' },
    { ...P, make: 'other' },
    { ...R, supplied: [...R.supplied, 'hl'] },
    { ...R, groups: ['g'] },
    { ...P, features: ['dualFeed'] },
  ]
  const models = stated.map((model, i): Model => ({ ...model, id: `m${i}` }))
  const feet = [
    foot({ id: 'snap' }),
    foot({ id: 'hooked', make: 'other' }),
    foot({ id: 'low', attachment: 'screwOn', shank: 'low' }),
    foot({ id: 'high', attachment: 'screwOn', shank: 'high' }),
    foot({ id: 'own', attachment: 'own:b' }),
    foot({ id: 'bare', attachment: undefined }),
    foot({ id: 'feeding', needs: { features: ['dualFeed'] } }),
    foot({ id: 'member', make: 'other', forGroups: ['g'] }),
  ]
  const unfit: FitStatement = { id: 'u', item: 'hl', model: 'm10', fits: false, evidence: 'book', where: 'p. 1' }
  const lookup = () =>
    fitLookup(indexCatalogue(bundleOf({ models, items: [...feet, ankle, highLow], techniques: [], fits: [unfit] })))

  it.each([
    ['in their order', models],
    ['from the last to the first', [...models].reverse()],
  ])('each takes what it would take alone: %s', (_, order) => {
    const together = lookup()
    for (const model of order)
      for (const item of feet)
        expect([model.id, item.id, together(item, model)]).toEqual([model.id, item.id, lookup()(item, model)])
    expect(new Set(models.flatMap((model) => feet.map((item) => together(item, model).fits)))).toEqual(
      new Set(['yes', 'no', 'unknown']),
    )
  })
})
