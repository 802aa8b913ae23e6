import { describe, expect, it } from 'vitest'
import { bundleOf, foot, P, Q, R, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { FitStatement, Item } from '../catalogue/types'
import { affectedBy, type RowChange } from './affected'
import { sharesOf } from './shares'

const listed = foot({ id: 'listed', functions: ['hem'] })
const packed = foot({ id: 'packed', functions: ['hem'] })
const needed = foot({ id: 'needed', functions: ['edge'] })
const pack: Item = { id: 'pack', code: 'pack', name: 'Pack', what: 'accessory', contains: ['packed'] }
const needing = foot({ id: 'needing', functions: ['edge'], needs: { items: ['needed'] } })
const stages = (id: string, sews: string, feet: 'any' | 'none' | string[]) =>
  technique(
    [
      stage({
        id: 's',
        stitches: [{ function: sews }],
        feet: Array.isArray(feet) ? feet.map((name) => ({ function: name })) : feet,
      }),
    ],
    id,
  )
const index = indexCatalogue(
  bundleOf({
    models: [{ ...P, groups: ['lows'] }, { ...Q, groups: ['lows'] }, R],
    items: [listed, packed, needed, pack, needing],
    techniques: [
      stages('hem', 'zigzag', ['hem']),
      stages('edge', 'satin', ['edge']),
      stages('free', 'straight', 'any'),
      stages('bare', 'straight', 'none'),
    ],
  }),
)
const affected = (row: RowChange['row'], before: unknown, after: unknown) => {
  const found = affectedBy({ row, before, after }, index)
  const plain = (set: ReadonlySet<string> | 'all') => (set === 'all' ? set : [...set].sort())
  return found && { techniques: plain(found.techniques), models: plain(found.models), fabrics: plain(found.fabrics) }
}
const ALL = { techniques: 'all', models: 'all', fabrics: 'all' }

describe('what a change can reach', () => {
  const zigzag = stitch({ id: 'z', function: 'zigzag' })
  const says = (more: Pick<Partial<FitStatement>, 'item' | 'model' | 'group' | 'chain'>): FitStatement => ({
    id: 'f',
    item: 'listed',
    fits: true,
    evidence: 'bench',
    where: 'bench',
    ...more,
  })
  it.each<[string, RowChange['row'], unknown, unknown, unknown]>([
    ['a thread: nothing', { resource: 'threads', id: 't' }, {}, {}, undefined],
    ['a make: everything', { resource: 'makes', id: 'maker' }, {}, {}, ALL],
    ['a model: its column', { resource: 'models', id: 'p' }, P, P, { ...ALL, models: ['p'] }],
    ['a technique: its row', { resource: 'techniques', id: 'hem' }, {}, {}, { ...ALL, techniques: ['hem'] }],
    ['a fabric: itself', { resource: 'fabrics', id: 'cotton' }, {}, {}, { ...ALL, fabrics: ['cotton'] }],
    [
      'a function: what accepts it',
      { resource: 'functions', id: 'straight' },
      {},
      {},
      { ...ALL, techniques: ['bare', 'free'] },
    ],
    [
      'a stitch: on its model what accepts its function',
      { resource: 'stitches', id: 'z', model: 'p' },
      zigzag,
      undefined,
      { ...ALL, techniques: ['hem'], models: ['p'] },
    ],
    [
      'a stitch of another function: both functions',
      { resource: 'stitches', id: 'z', model: 'p' },
      zigzag,
      { ...zigzag, function: 'satin' },
      { ...ALL, techniques: ['edge', 'hem'], models: ['p'] },
    ],
    [
      'a foot: what asks for its jobs, and where any foot will do',
      { resource: 'items', id: 'listed' },
      listed,
      listed,
      { ...ALL, techniques: ['free', 'hem'] },
    ],
    ['a foot that comes in a pack: everything', { resource: 'items', id: 'packed' }, packed, packed, ALL],
    ['a foot that another needs: everything', { resource: 'items', id: 'needed' }, needed, needed, ALL],
    ['a pack: everything', { resource: 'items', id: 'pack' }, pack, pack, ALL],
    [
      'a fit of a model: that foot there',
      { resource: 'fits', id: 'f' },
      undefined,
      says({ model: 'r' }),
      { ...ALL, techniques: ['free', 'hem'], models: ['r'] },
    ],
    [
      'a fit of a group: on all that are in it',
      { resource: 'fits', id: 'f' },
      undefined,
      says({ group: 'lows' }),
      { ...ALL, techniques: ['free', 'hem'], models: ['p', 'q'] },
    ],
    [
      'a fit through a chain: every technique',
      { resource: 'fits', id: 'f' },
      undefined,
      says({ model: 'r', chain: ['needed'] }),
      { ...ALL, models: ['r'] },
    ],
    [
      'a fit of an item nobody knows: every technique',
      { resource: 'fits', id: 'f' },
      says({ model: 'r', item: 'gone' }),
      undefined,
      { ...ALL, models: ['r'] },
    ],
    [
      'a sample: its cell',
      { resource: 'samples', id: 's' },
      undefined,
      { technique: 'hem', model: 'p', fabric: 'cotton' },
      { techniques: ['hem'], models: ['p'], fabrics: ['cotton'] },
    ],
    [
      'a sample that moves: both cells',
      { resource: 'samples', id: 's' },
      { technique: 'edge', model: 'q', fabric: 'cotton' },
      { technique: 'hem', model: 'p', fabric: 'cotton' },
      { techniques: ['edge', 'hem'], models: ['p', 'q'], fabrics: ['cotton'] },
    ],
  ])('%s', (_, row, before, after, expected) => {
    expect(affected(row, before, after)).toEqual(expected)
  })
})

describe('how a coverage is made up', () => {
  it('counts every cell once, by group, in the order groups turn up', () => {
    const cells = [
      ['b', 'ready'],
      ['a', 'ready'],
      ['b', 'needsItems'],
      ['b', 'ready'],
    ] as const
    const shares = sharesOf(
      cells,
      ([group]) => group,
      ([, verdict]) => verdict,
    )
    expect(shares.map(({ group, cells: of, counts }) => [group, of, counts.ready, counts.needsItems])).toEqual([
      ['b', 3, 2, 1],
      ['a', 1, 1, 0],
    ])
  })
})
