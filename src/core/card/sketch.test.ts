import { describe, expect, it } from 'vitest'
import { functions, stitch } from '../answer/answers.testkit'
import type { Parameter, StitchFunction } from '../catalogue/types'
import { specFrom } from './sketch'

describe('what is drawn of a stitch', () => {
  const told = (id: string) => functions.find((one) => one.id === id) as StitchFunction
  const spec = (
    id: string,
    values: Partial<Record<Parameter, number>>,
    more: Parameters<typeof stitch>[0] | object = {},
  ) => specFrom(told(id), stitch({ function: id, ...more }), (parameter) => values[parameter])

  it.each<[string, string, Partial<Record<Parameter, number>>]>([
    ['a zigzag of unknown width', 'zigzag', { length: 2 }],
    ['a zigzag of unknown length', 'zigzag', { width: 3 }],
    ['a zigzag that does not swing', 'zigzag', { width: 0, length: 2 }],
    ['a stitch that stands still', 'straight', { length: 0 }],
    ['an overlock stitch of unknown width', 'overlock3.narrow', { length: 2 }],
  ])('is nothing for %s', (_, id, values) => {
    expect(spec(id, values)).toBeUndefined()
  })

  it('is a straight stitch without a width, in the middle unless the needle stands elsewhere', () => {
    expect(spec('straight', { length: 2.5 })).toMatchObject({ width: 0, length: 2.5, needlePosition: 0 })
    expect(spec('straight', { length: 2.5, needlePosition: -1 })).toMatchObject({ needlePosition: -1 })
  })

  it('takes the cutting width of an overlock stitch before its width', () => {
    expect(spec('overlock3.narrow', { length: 2, width: 5, cuttingWidth: 4 })?.width).toBe(4)
    expect(spec('overlock3.narrow', { length: 2, width: 5 })?.width).toBe(5)
  })

  it('shows two repeats at least, and a stretch of seam that can be seen', () => {
    expect(spec('zigzag', { width: 3, length: 2 })?.repeats).toBe(10)
    // Five stitches a repeat: two are 20 mm already.
    expect(spec('blindHem.woven', { width: 3, length: 2 })?.repeats).toBe(2)
    expect(spec('zigzag', { width: 3, length: 40 })?.repeats).toBe(2)
    expect(spec('satin', { width: 3, length: 0.01 })?.repeats).toBe(200)
  })

  it('takes a length that means the whole pattern as one', () => {
    expect(spec('blindHem.woven', { width: 3, length: 2 }, { lengthMeaning: 'pattern' })?.repeats).toBe(10)
  })
})
