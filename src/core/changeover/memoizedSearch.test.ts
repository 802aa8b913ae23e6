import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import { memoizeSearch, type Search, type SearchInput } from './memoizedSearch'
import { searchAll } from './plan'
import { ANY } from './positions'
import { runs } from '../runs.testkit'

const NAMES = ['stitch', 'width', 'foot', 'lever', 'dial']
/** The first three may stand at any word. */
const OPEN = 3
const LISTED = ['one', 'two']
const WORDS = ['one', 'two', '3.5', '2.0', 'K4']

const name = fc.nat(NAMES.length - 1)
const word = fc.constantFrom(...WORDS)
/** Rules name what the book lists, and now and then a word that nobody listed. */
const ruled = fc.constantFrom(...LISTED, ...LISTED, ...LISTED, '3.5')
const rule: fc.Arbitrary<ControlRule[]> = fc
  .record({ control: name, other: name, to: fc.option(ruled), at: ruled, resets: fc.boolean(), stitch: fc.boolean() })
  .map(({ control, other, to, at, resets, stitch }) => {
    const id = `${control}-${other}-${to}-${at}`
    const of = { control: NAMES[control] as string, ...(to === null ? {} : { to }) }
    if (stitch) return [{ id, resets: 'stitchDefaults', after: { control: 'stitch' } }]
    if (control === other) return []
    const named = NAMES[other] as string
    return resets
      ? [{ id, resets: { [named]: at }, after: of }]
      : [{ id, needs: { [named]: [at] }, for: of, because: 'so' }]
  })
const machine: fc.Arbitrary<Controls> = fc.array(rule, { maxLength: 5 }).map((rules) => ({
  controls: Object.fromEntries(
    NAMES.map((id, i) => [id, { positions: i < OPEN ? [...LISTED, ANY] : LISTED, habit: i, seconds: 1 + (i % 3) }]),
  ),
  normal: {},
  rules: rules.flat(),
}))
const stands: fc.Arbitrary<Positions> = fc
  .array(fc.option(word, { freq: 3 }), { minLength: NAMES.length, maxLength: NAMES.length })
  .map((words) =>
    Object.fromEntries(
      words.flatMap((at, i) =>
        at === null ? [] : [[NAMES[i] as string, i < OPEN ? at : (LISTED[WORDS.indexOf(at) % 2] as string)]],
      ),
    ),
  )
const question: fc.Arbitrary<SearchInput> = fc.record({
  controls: machine,
  from: stands,
  goal: stands,
  defaults: stands.map(({ width }): Positions => (width === undefined ? {} : { width })),
})

/** The same question of another stitch, other figures, another foot. */
const renamed = (input: SearchInput): SearchInput => {
  const other = (of: Readonly<Positions>): Positions =>
    Object.fromEntries(Object.entries(of).map(([id, at]) => [id, LISTED.includes(at) ? at : `other ${at}`]))
  return { ...input, from: other(input.from), goal: other(input.goal), defaults: other(input.defaults) }
}

describe('remembered moves', () => {
  it('are those that a search anew would find, whatever things are called', () => {
    let searched = 0
    const counted: Search = (input) => (searched++, searchAll(input))
    const remembered = memoizeSearch(counted, 10_000)
    let asked = 0
    fc.assert(
      fc.property(question, (input) => {
        for (const one of [input, renamed(input)]) {
          expect(remembered(one)).toEqual(searchAll(one))
          asked++
        }
      }),
      { numRuns: runs(3000), seed: 11 },
    )
    // Often enough the second is of the first one's kin, or the test says nothing.
    expect(searched).toBeLessThan(asked * 0.9)
  })

  it('are searched for once for a kin, and again where a rule names the word', () => {
    let searched = 0
    const remembered = memoizeSearch((input) => (searched++, searchAll(input)), 10)
    const controls: Controls = {
      controls: {
        foot: { positions: [ANY], habit: 1, seconds: 5 },
        lever: { positions: ['up', 'down'], habit: 2, seconds: 1 },
      },
      normal: {},
      rules: [{ id: 'r', needs: { lever: ['down'] }, for: { control: 'foot', to: 'walking' }, because: 'so' }],
    }
    const from = { foot: 'standard', lever: 'up' }
    const asked = (foot: string) => remembered({ controls, from, goal: { foot }, defaults: {} })
    expect(asked('narrow')).toEqual([{ control: 'foot', to: 'narrow' }])
    expect(asked('wide')).toEqual([{ control: 'foot', to: 'wide' }])
    expect(searched).toBe(1)
    expect(asked('walking')).toEqual([
      { control: 'lever', to: 'down' },
      { control: 'foot', to: 'walking' },
    ])
    expect(searched).toBe(2)
  })
})
