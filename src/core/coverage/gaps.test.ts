import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Decision } from './decide'
import { gapsOf, greedyCover, type CoveredCell } from './gaps'
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
})

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
