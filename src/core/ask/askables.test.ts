import { describe, expect, it } from 'vitest'
import type { CatalogueIndex } from '../catalogue/index'
import type { Trouble } from '../desk/troubleTypes'
import { askablesOf, faultId, type AskVocabulary, type Learned } from './askables'

const byId = <One extends { id: string }>(...all: One[]) => new Map(all.map((one) => [one.id, one]))
const fault = (id: string, name: string) => ({ id, name })
const methods = (...faults: { id: string; name: string }[]) => [{ stages: [{ faults }] }]
const index = {
  makes: byId({ id: 'tern', name: 'Tern' }),
  models: byId(
    { id: 'p60', make: 'tern', name: 'Plover 60', kind: 'computerised', aliases: ['the white one'] },
    { id: 'e4', make: 'gone', name: 'Eddy 4', kind: 'overlocker' },
  ),
  techniques: byId(
    { id: 'bind', name: 'Binding by machine', methods: methods(fault('creeps', 'Edge creeps')), aliases: ['bias'] },
    { id: 'zip', name: 'Zip, lapped or centred', methods: [] },
    { id: 'seam', name: 'Seam in stretch fabric', methods: methods(fault('pops', 'Seam pops')) },
    { id: 'flat', name: 'Seam with tape', methods: methods(fault('pops', 'Pops')) },
  ),
  fabrics: byId({ id: 'j', name: 'Stretch jersey' }, { id: 'w', name: 'Two-way stretch' }, { id: 'f', name: 'Felt' }),
} as unknown as CatalogueIndex
const VOCABULARY: AskVocabulary = {
  same: [],
  kinds: { overlocker: ['overlocker'] },
  fabrics: [
    { named: ['jersey', 'knit'], also: ['t-shirt', 'tee'] },
    { named: ['two-way stretch'], also: ['leggings'] },
    { named: ['way'], also: ['everything'] },
  ],
}
const LEARNED: Learned[] = [
  { kind: 'technique', of: 'bind', words: 'edge tape' },
  { kind: 'fabric', of: 'zip', words: 'never' },
]
const TROUBLES: Trouble[] = [{ id: 'skips', name: 'Skipped stitches', words: ['skipping'], causes: [] }]

const all = askablesOf(index, [{ id: 'c1', name: 'Ada Quill' }], LEARNED, TROUBLES, VOCABULARY)
const of = (kind: string, id: string) => all.find((one) => one.kind === kind && one.id === id)

describe('what a line may name', () => {
  it('is a model by its name, with its make, by its aliases and what its kind is called', () => {
    expect(of('model', 'p60')).toMatchObject({
      name: 'Plover 60',
      also: ['Tern Plover 60', 'the white one'],
      kindWords: [],
    })
    expect(of('model', 'e4')).toMatchObject({ also: ['gone Eddy 4'], kindWords: ['overlocker'] })
  })

  it('is a technique by its name, by what stands before how it is done if that is its alone, by learnt words', () => {
    expect(of('technique', 'bind')?.also).toEqual(['Binding', 'bias', 'edge tape'])
    expect(of('technique', 'zip')?.also).toEqual(['Zip'])
    // Two are a seam of some kind.
    expect(of('technique', 'seam')?.also).toEqual([])
    expect(of('technique', 'flat')?.also).toEqual([])
  })

  it('is a fabric by what it is called at home, whole words of its name alone', () => {
    expect(of('fabric', 'j')?.also).toEqual(['t-shirt', 'tee'])
    expect(of('fabric', 'w')?.also).toEqual(['leggings', 'everything'])
    expect(of('fabric', 'f')?.also).toEqual([])
  })

  it('is a trouble, and a technique’s fault by the technique', () => {
    expect(of('trouble', 'skips')).toEqual({
      kind: 'trouble',
      id: 'skips',
      name: 'Skipped stitches',
      also: ['skipping'],
    })
    expect(of('trouble', faultId('seam', 'pops'))).toEqual({
      kind: 'trouble',
      id: 'seam.pops',
      name: 'Seam pops (seam in stretch fabric)',
      also: ['Seam pops'],
      of: 'seam',
    })
    expect(all.filter(({ kind }) => kind === 'trouble')).toHaveLength(4)
  })

  it('is a customer by name', () => {
    expect(of('customer', 'c1')).toEqual({ kind: 'customer', id: 'c1', name: 'Ada Quill', also: [] })
  })
})
