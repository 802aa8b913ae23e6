import { describe, expect, it } from 'vitest'
import { bundleOf, codes, foot, P, stage, stitch } from '../answer/answers.testkit'
import { fitLookup } from '../answer/fit'
import { indexCatalogue } from '../catalogue/index'
import type { Method, Technique } from '../catalogue/types'
import { seatOptions } from './options'
import type { LoanStock, Seat } from './types'

const by = (id: string, sewn: string, feet: 'any' | string, more: Partial<Method> = {}): Method => ({
  id,
  name: id,
  because: '',
  stages: [stage({ stitches: [{ function: sewn }], feet: feet === 'any' ? 'any' : [{ function: feet }] })],
  ...more,
})
const taught = (id: string, methods: Method[]): Technique => ({
  id,
  name: id,
  family: 'hems',
  for: '',
  level: 1,
  methods,
})
const zigzag = stitch({ function: 'zigzag', defaults: { width: 3, length: 2 } })
const satin = (id: string) => foot({ id, functions: ['satin'], slot: 7 })
const twice = by('twice', 'zigzag', 'satin')
const index = indexCatalogue(
  bundleOf({
    models: [
      { ...P, stitches: [zigzag] },
      { ...P, id: 'q', stitches: [zigzag] },
      { ...P, id: 'bare', stitches: [] },
    ],
    items: [satin('s1'), satin('s2')],
    techniques: [
      taught('edge', [by('satin', 'zigzag', 'satin'), by('plain', 'zigzag', 'any')]),
      taught('none', [by('waves', 'serpentine', 'any')]),
      taught('stages', [
        { ...twice, stages: [...twice.stages, stage({ id: 'more', stitches: [{ function: 'zigzag' }] })] },
      ]),
      taught('kinds', [
        by('looped', 'zigzag', 'any', { when: { kind: ['overlocker'] } }),
        by('plain', 'zigzag', 'any'),
      ]),
    ],
  }),
)
const lends = (model: string, pieces = 1): LoanStock => ({ model, pieces })
const at = (technique: string, seat: Partial<Seat>, loans: LoanStock[] = [], method?: string) =>
  seatOptions(
    { index, fitOf: fitLookup(index) },
    { technique, fabric: 'cotton', ...(method ? { method } : {}) },
    { name: 'A', owns: [], ...seat },
    loans,
  )
const told = (...asked: Parameters<typeof at>) =>
  at(...asked).options.map(
    ({ machine, method, need, rank }) => `${machine ?? 'own'} ${method} ${need.join('+')} ${rank}`,
  )

describe('the ways of a seat', () => {
  it('are each method, and what another foot of it would need, the fewest things first', () => {
    expect(told('edge', { model: 'p' })).toEqual(['own plain  100', 'own satin s1 0', 'own satin s2 10'])
  })

  it('leave out what needs as much and is no better', () => {
    expect(told('edge', { model: 'p', owns: ['s2'] })).toEqual(['own satin  0'])
  })

  it('put the method first that the class asks for', () => {
    expect(told('edge', { model: 'p' }, [], 'plain')).toEqual(['own plain  0'])
  })

  it('are also those of each machine that can be lent, once, and never instead of the same one', () => {
    const all = ['q plain  100', 'q satin s1 0', 'q satin s2 10']
    expect(told('edge', { model: 'p', owns: ['s2'] }, [lends('q'), lends('q')])).toEqual(['own satin  0', 'q satin  0'])
    expect(told('edge', {}, [lends('q')])).toEqual(all)
    expect(told('edge', {}, [lends('q', 0)])).toEqual([])
    expect(told('edge', { model: 'q' }, [lends('q')])).toEqual(all.map((way) => way.replace('q', 'own')))
  })

  it('of several stages are told whole: no foot of one of them is changed', () => {
    expect(told('stages', { model: 'p' })).toEqual(['own twice s1 0'])
  })

  it('are none by a method whose condition does not hold, unless it is asked for', () => {
    expect(told('kinds', { model: 'p' })).toEqual(['own plain  100'])
    expect(told('kinds', { model: 'p' }, [], 'looped')).toEqual(['own looped  0'])
  })

  it('say why there is none on the own machine, though a lent one has some', () => {
    expect(at('edge', { model: 'p' }).reasons).toEqual([])
    const lent = at('edge', { model: 'bare' }, [lends('q')])
    expect(codes(lent.reasons)).toEqual(['methodStopped', 'methodStopped'])
    expect(lent.answer?.verdict).toBe('notOnThisModel')
    expect(lent.options.every(({ machine }) => machine === 'q')).toBe(true)
    // Nobody's reason is that a machine they do not sit at cannot do it.
    expect(at('edge', { model: 'p' }, [lends('bare')]).reasons).toEqual([])
    expect(codes(at('none', {}, [lends('q'), lends('p')]).reasons)).toEqual(['methodStopped', 'methodStopped'])
    expect(at('none', {}, [])).toEqual({ options: [], answer: undefined, reasons: [] })
  })
})
