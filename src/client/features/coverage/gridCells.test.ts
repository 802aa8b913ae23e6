import { describe, expect, it } from 'vitest'
import type { GridView } from '#shared/api/coverage'
import { noFilters, PROOFS, type Filters } from './filters'
import { gridCells } from './gridCells'
import { verdicts } from './words'

/** Two families mixed up, three makes' machines mixed up. */
const view = {
  models: [
    { id: 'w1', name: 'One', make: 'Wren', kind: 'computerised' },
    { id: 'f1', name: 'Lock', make: 'Finch', kind: 'overlocker' },
    { id: 'w2', name: 'Two', make: 'Wren', kind: 'mechanical' },
  ],
  techniques: [
    { id: 'hem', name: 'Blind hem', family: 'hems' },
    { id: 'edge', name: 'Rolled edge', family: 'edges' },
    { id: 'narrow', name: 'Narrow hem', family: 'hems' },
  ],
  verdicts: ['rni', 'nro', 'rri'],
  evidence: ['b-k', '-kw', 'kwk'],
  proved: ['p--', '-p-', '---'],
} as GridView
const shown = (filters: Partial<Filters>) => {
  const { rows, columns } = gridCells(view, { ...noFilters(), ...filters })
  return [rows.map(({ id }) => id).join(' '), columns.map(({ id }) => id).join(' ')]
}

describe('the grid', () => {
  it('stands by family and by make, each in the shop’s order', () => {
    expect(shown({})).toEqual(['edge hem narrow', 'f1 w1 w2'])
  })

  it('finds each cell where it now stands', () => {
    const { rows, columns, at } = gridCells(view, noFilters())
    const cellWords = ({ verdict, evidence, proved }: ReturnType<typeof at>) =>
      `${verdict} ${evidence ?? '-'}${proved ? ' proved' : ''}`
    const told = rows.map(({ id }, r) => `${id}: ${columns.map((_, c) => cellWords(at(r, c))).join(', ')}`)
    expect(told).toEqual([
      'edge: ready book proved, notOnThisModel -, otherRoute workedOut',
      'hem: notOnThisModel -, ready bench proved, needsItems book',
      'narrow: ready workedOut, ready book, needsItems book',
    ])
  })

  it('says of a place outside that nothing can be done there, not that something can', () => {
    const { at } = gridCells(view, noFilters())
    expect([at(9, 0), at(0, 9)]).toEqual([
      { verdict: 'notOnThisModel', evidence: undefined, proved: false },
      { verdict: 'notOnThisModel', evidence: undefined, proved: false },
    ])
    expect(gridCells(undefined, noFilters()).rows).toEqual([])
  })

  it.each<[string, Partial<Filters>, string, string]>([
    ['every word, in name or family', { words: 'HEM bl' }, 'hem', 'f1 w1 w2'],
    ['words of the family alone', { words: ' edges ' }, 'edge', 'f1 w1 w2'],
    ['a kind of machine', { kind: 'overlocker' }, 'edge hem narrow', 'f1'],
    ['a verdict that some cell has', { verdict: 'otherRoute' }, 'edge', 'f1 w1 w2'],
    ['a verdict, among machines of a kind only', { verdict: 'ready', kind: 'mechanical' }, '', 'w2'],
    ['proved', { proof: 'proved' }, 'edge hem', 'f1 w1 w2'],
    ['not proved, of what can be sewn', { proof: 'unproved' }, 'edge hem narrow', 'f1 w1 w2'],
    ['not proved, on an overlocker', { proof: 'unproved', kind: 'overlocker' }, 'narrow', 'f1'],
    ['fits tried', { proof: 'bench' }, 'hem', 'f1 w1 w2'],
    ['fits worked out', { proof: 'workedOut' }, 'edge narrow', 'f1 w1 w2'],
    ['verdict and proof of one cell, not of two', { verdict: 'needsItems', proof: 'proved' }, '', 'f1 w1 w2'],
  ])('is narrowed by %s', (_, filters, rows, columns) => {
    expect(shown(filters)).toEqual([rows, columns])
  })

  it('dims what a row shows beside what is looked for, and nothing where no cell is', () => {
    const { isDim } = gridCells(view, { ...noFilters(), verdict: 'ready' })
    expect([0, 1, 2].map((c) => isDim(1, c))).toEqual([true, false, true])
    const plain = gridCells(view, { ...noFilters(), words: 'hem', kind: 'overlocker' })
    expect(plain.isDim(0, 0)).toBe(false)
  })

  it('shows a row for every choice exactly where one of its cells is not dim', () => {
    for (const verdict of ['' as const, ...verdicts])
      for (const proof of ['' as const, ...PROOFS]) {
        const cells = gridCells(view, { ...noFilters(), verdict, proof })
        for (const [r] of cells.rows.entries()) expect(cells.columns.some((_, c) => !cells.isDim(r, c))).toBe(true)
      }
  })
})
