import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { indexCatalogue } from '../catalogue/index'
import type { FitStatement, Item, Model } from '../catalogue/types'
import { bundleOf, foot, P, plates } from './answers.testkit'
import { fencesAround, swingSpan } from './clearance'
import { fitLookup } from './fit'
import { willItFit, type FitLimit } from './willItFit'

const report = (item: Item, model: Model = P, fits: FitStatement[] = []) => {
  const index = indexCatalogue(bundleOf({ models: [model], items: [item], techniques: [], fits }))
  return willItFit({ index, fitOf: fitLookup(index) }, item, model)
}
const said = (id: string, fits: boolean, more: Partial<FitStatement> = {}): FitStatement => ({
  id,
  item: 'it',
  model: 'p',
  fits,
  evidence: 'book',
  where: 'p. 3',
  ...more,
})
const it_ = (more: Partial<Item> = {}) => foot({ id: 'it', ...more })

describe('will it fit', () => {
  it('weighs what is stated: bench over book, model over group, a conflict shown', () => {
    const grouped = { ...P, groups: ['g'] }
    const standing = (...fits: FitStatement[]) =>
      report(it_(), grouped, fits).statements.map(({ id, standing }) => [id, standing])
    expect(standing(said('book', true), said('bench', false, { evidence: 'bench' }))).toEqual([
      ['bench', 'decides'],
      ['book', 'overruled'],
    ])
    expect(standing(said('group', true, { model: undefined, group: 'g' }), said('model', true))).toEqual([
      ['model', 'decides'],
      ['group', 'agrees'],
    ])
    expect(standing(said('one', true), said('two', false))).toEqual([
      ['one', 'contested'],
      ['two', 'contested'],
    ])
    expect(report(it_(), grouped, [said('one', true), said('two', false)]).fit).toMatchObject({ fits: 'no' })
    expect(report(it_(), { ...grouped, supplied: ['plate-zigzag', 'it'] })).toMatchObject({
      supplied: true,
      statements: [{ about: 'supplied', standing: 'decides' }],
    })
  })

  it('says what would settle an unknown', () => {
    expect(report(it_({ attachment: undefined })).fit).toMatchObject({
      fits: 'unknown',
      missing: [{ of: 'item', id: 'it', key: 'attachment' }],
    })
    expect(report({ ...plates.wide, id: 'it' }).fit.missing).toEqual([{ of: 'item', id: 'it', key: 'fitStatement' }])
  })

  it('names the member of the family that fits instead', () => {
    const wide = foot({ id: 'wide', family: 'hem', forGroups: ['wide'] })
    const narrow = foot({ id: 'narrow', family: 'hem', forGroups: ['narrow'] })
    const model = { ...P, groups: ['wide'] }
    const index = indexCatalogue(
      bundleOf({ models: [model], items: [wide, narrow, foot({ id: 'other' })], techniques: [] }),
    )
    const answering = { index, fitOf: fitLookup(index) }
    expect(willItFit(answering, narrow, model)).toMatchObject({ fit: { fits: 'no' }, instead: ['wide'] })
    expect(willItFit(answering, wide, model)).toMatchObject({ fit: { fits: 'yes' }, instead: [] })
  })

  it('tells the limits that hold although it fits, and none where it does not', () => {
    const limits = (more: Partial<Item>, model: Model = P) => report(it_(more), model).limits
    expect(limits({ slot: undefined })).toEqual([{ limit: 'widthUnknown' }])
    // 5 mm of opening less 0.6 mm for a size 80 needle on each side.
    expect(limits({ slot: 5 })).toEqual([{ limit: 'width', upTo: 3.8, by: 'foot', needle: 80, modelMax: 7 }])
    expect(limits({ slot: { left: -4, right: 2 } })).toMatchObject([{ limit: 'width', upTo: 2.8 }])
    expect(limits({ slot: 9, maxWidth: 5 })).toMatchObject([{ limit: 'width', upTo: 5, by: 'foot' }])
    expect(limits({ slot: 9 })).toEqual([])
    expect(limits({ slot: 9 }, { ...P, supplied: ['plate-straight'] })).toMatchObject([{ upTo: 0.4, by: 'plate' }])
    const codes = limits({
      slot: 9,
      minWidth: 4,
      motions: ['forward'],
      denies: ['straight'],
      maxSpeed: 600,
      needs: { without: ['dualFeed'], plates: ['x'], items: ['y'] },
    })
    expect(codes.map(({ limit }) => limit)).toEqual([
      'pin',
      'motions',
      'functions',
      'speed',
      'needsItems',
      'needsPlate',
      'needsOff',
    ])
    const blocked = { ...P, features: ['dualFeed'] }
    expect(limits({ slot: 9, dualFeedCutOut: false }, blocked)).toEqual([{ limit: 'inTheWay', feature: 'dualFeed' }])
    expect(limits({ slot: 9 }, blocked)).toEqual([])
    expect(limits({ slot: 3, attachment: 'own:b' })).toEqual([])
  })

  it('never calls a width clear that hits, nor stops short of one that is clear', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.3, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (wide, aside) => {
          const item = it_({ slot: { left: aside - wide / 2, right: aside + wide / 2 } })
          const limit = report(item).limits.find(
            (one): one is Extract<FitLimit, { limit: 'width' }> => one.limit === 'width',
          )
          const fences = fencesAround({
            model: P,
            foot: item,
            plates: [plates.zigzag],
            needleSize: 80,
            twinSpacing: undefined,
          })
          const clear = (width: number) => {
            const { from, to } = swingSpan('centred', 0, width)
            return fences.every(({ span }) => from >= span.from - 1e-6 && to <= span.to + 1e-6)
          }
          return limit ? (limit.upTo === 0 || clear(limit.upTo)) && !clear(limit.upTo + 0.01) : clear(7)
        },
      ),
    )
  })
})
