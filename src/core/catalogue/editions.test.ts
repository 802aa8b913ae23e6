import { describe, expect, it } from 'vitest'
import { stage, technique } from '../answer/answers.testkit'
import { editionParts, withParts } from './editions'
import type { Method, Technique } from './types'

const method = (id: string, because = 'so'): Method => ({ id, name: id, because, stages: [stage({ stitches: [] })] })
const with_ = (name: string, ...methods: Method[]): Technique => ({ ...technique([]), name, methods })
const shipped = with_('Hem', method('guide'), method('tape', 'anew'), method('eye'))
const ids = (own: Technique) => editionParts(own, shipped).map(({ id, is }) => `${is} ${id}`)

describe('an edition', () => {
  it('brings nothing where the shop has it already', () => {
    expect(ids(structuredClone(shipped))).toEqual([])
  })

  it('brings what is new and what is changed, and leaves what only the shop has', () => {
    expect(ids(with_('Our hem', method('guide'), method('own'), method('tape')))).toEqual([
      'changed facts',
      'changed method:tape',
      'added method:eye',
    ])
  })

  it('is taken in parts, each new method behind the one it follows', () => {
    const own = with_('Our hem', method('own'), method('tape'))
    const all = new Set(editionParts(own, shipped).map(({ id }) => id))
    const order = (taken: string[]) => withParts(own, shipped, new Set(taken)).methods.map(({ id }) => id)
    expect(order(['method:eye'])).toEqual(['own', 'tape', 'eye'])
    expect(order(['method:guide'])).toEqual(['guide', 'own', 'tape'])
    expect(withParts(own, shipped, new Set(['method:tape']))).toEqual(
      with_('Our hem', method('own'), method('tape', 'anew')),
    )
    const whole = withParts(own, shipped, all)
    expect(whole.name).toBe('Hem')
    expect(editionParts(whole, shipped)).toEqual([])
    expect(withParts(own, shipped, new Set())).toEqual(own)
  })
})
