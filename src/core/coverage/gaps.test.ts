import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Decision } from './decide'
import { gapsOf, greedyCover, seatKey, type CoveredCell } from './gaps'
import { sharesOf } from './shares'

const cell = (technique: string, model: string, decision: Partial<Decision>): CoveredCell => ({
  technique,
  model,
  decision: { verdict: 'needsItems', stages: [], toGet: [], reason: undefined, ...decision },
})
const needs = (technique: string, ...toGet: string[]) => cell(technique, 'p', { toGet })
const index = indexCatalogue(
  bundleOf({
    models: [{ ...P, stitches: [] }],
    items: [foot({ id: 'a', price: 20 }), foot({ id: 'b', price: 10 }), foot({ id: 'c' })],
    techniques: [],
  }),
)

describe('gaps', () => {
  it('are grouped by what closes them, most cells first, cheaper before dearer, unknown price last', () => {
    const gaps = gapsOf(
      [needs('t1', 'a'), needs('t2', 'a'), needs('t3', 'b'), needs('t4', 'c'), needs('t5', 'a', 'b')],
      index,
    )
    expect(gaps.map(({ closer, cells, partly }) => [closer, cells.length, partly])).toEqual([
      [{ closes: 'buy', item: 'a' }, 2, 1],
      [{ closes: 'buy', item: 'b' }, 1, 1],
      [{ closes: 'buy', item: 'c' }, 1, 0],
    ])
  })

  it('of as many cells come by how often they are one of several, then by price, then by name', () => {
    const order = (...cells: CoveredCell[]) =>
      gapsOf(cells, index).map(({ closer }) => (closer.closes === 'buy' ? closer.item : closer.closes))
    expect(order(needs('1', 'c'), needs('2', 'a'), needs('3', 'b'))).toEqual(['b', 'a', 'c'])
    expect(order(needs('1', 'c'), needs('2', 'a'), needs('3', 'b'), needs('4', 'c', 'd'))).toEqual(['c', 'b', 'a', 'd'])
    expect(order(needs('1', 'y'), needs('2', 'x'))).toEqual(['x', 'y'])
  })

  it('come by customers’ machines of their models, each model once, or by the seats booked for their cells', () => {
    const cells = [
      needs('t1', 'a'),
      needs('t2', 'a'),
      cell('t1', 'q', { toGet: ['b'] }),
      cell('t2', 'r', { toGet: ['c'] }),
    ]
    const machines = new Map([
      ['p', 2],
      ['q', 3],
    ])
    const seats = new Map([
      [seatKey('t2', 'r'), 9],
      [seatKey('t1', 'p'), 4],
      [seatKey('t2', 'p'), 1],
    ])
    const told = (by: 'cells' | 'machines' | 'seats') =>
      gapsOf(cells, index, { machines, seats }, by).map(({ closer, machines: own, seats: booked }) => [
        closer.closes === 'buy' ? closer.item : '',
        own,
        booked,
      ])
    const [a, b, c] = [
      ['a', 2, 5],
      ['b', 3, 0],
      ['c', 0, 9],
    ]
    expect(told('cells')).toEqual([a, b, c])
    expect(told('machines')).toEqual([b, a, c])
    expect(told('seats')).toEqual([c, a, b])
  })

  it('name the chart to import and the fact to state', () => {
    const fact = { of: 'item' as const, id: 'a', key: 'attachment' as const }
    const unknown = { code: 'fitUnknown' as const, item: 'a', missing: [fact] }
    const withStitches = indexCatalogue(
      bundleOf({
        models: [{ ...P, stitches: [{ id: 's', select: '1', function: 'zigzag', motion: 'forward' }] }],
        items: [],
        techniques: [],
      }),
    )
    const stopped = cell('t', 'p', {
      verdict: 'notOnThisModel',
      reason: { code: 'methodStopped', technique: 't', method: 'm', stage: 's', stops: unknown },
    })
    expect(gapsOf([stopped], index)).toMatchObject([{ closer: { closes: 'chart', model: 'p' } }])
    expect(gapsOf([stopped], withStitches)).toMatchObject([{ closer: { closes: 'state', fact } }])
    expect(gapsOf([cell('t', 'p', { verdict: 'notOnThisModel' })], withStitches)).toEqual([])
  })
})

describe('the purchases that close most', () => {
  it('are taken one after another, sets whole, within the number', () => {
    const cells = [needs('1', 'a'), needs('2', 'a'), needs('3', 'b'), needs('4', 'b', 'c'), needs('5', 'c', 'd')]
    expect(greedyCover(cells, 3)).toEqual({
      steps: [
        { items: ['a'], closes: 2 },
        { items: ['b'], closes: 1 },
        { items: ['c'], closes: 1 },
      ],
      closed: 4,
    })
    expect(greedyCover(cells, 1)).toMatchObject({ closed: 2 })
    expect(greedyCover([needs('1', 'x', 'y')], 3)).toEqual({ steps: [{ items: ['x', 'y'], closes: 1 }], closed: 1 })
    expect(greedyCover([], 3)).toEqual({ steps: [], closed: 0 })
  })

  it('close most for each item, of all that is still missing, until nothing more can be bought', () => {
    const sets = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { minLength: 1, maxLength: 3 })
    fc.assert(
      fc.property(fc.array(sets, { maxLength: 12 }), fc.nat(5), (missing, most) => {
        const { steps, closed } = greedyCover([...missing.map((items) => needs('t', ...items)), DONE], most)
        const closedBy = (had: readonly string[]) =>
          missing.filter((items) => items.every((id) => had.includes(id))).length
        /** Cells for an item, of each set that is bought for one cell and not too many. */
        const offers = (had: readonly string[]) =>
          missing.flatMap((items) => {
            const need = items.filter((id) => !had.includes(id))
            const cells = closedBy([...had, ...need]) - closedBy(had)
            return need.length > 0 && had.length + need.length <= most ? [cells / need.length] : []
          })
        let had: string[] = []
        for (const { items, closes } of steps) {
          expect(closes).toBe(closedBy([...had, ...items]) - closedBy(had))
          expect(closes / items.length).toBeCloseTo(Math.max(...offers(had)), 9)
          had = [...had, ...items]
        }
        expect(closed).toBe(closedBy(had))
        expect(offers(had)).toEqual([])
      }),
    )
  })
})

const DONE = cell('done', 'p', { verdict: 'ready' })

describe('shares', () => {
  it('count every cell once, group by group', () => {
    const cells = [needs('t1', 'a'), cell('t1', 'q', { verdict: 'ready' }), cell('t2', 'p', { verdict: 'ready' })]
    expect(
      sharesOf(
        cells,
        ({ technique }) => technique,
        ({ decision }) => decision.verdict,
      ),
    ).toEqual([
      { group: 't1', counts: { ready: 1, otherRoute: 0, needsItems: 1, notOnThisModel: 0 }, cells: 2 },
      { group: 't2', counts: { ready: 1, otherRoute: 0, needsItems: 0, notOnThisModel: 0 }, cells: 1 },
    ])
    expect(
      sharesOf(
        [],
        () => '',
        () => 'ready',
      ),
    ).toEqual([])
  })
})
