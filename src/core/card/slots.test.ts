import { describe, expect, it } from 'vitest'
import { ask, bundleOf, foot, functions, only, P, stage, stitch, technique } from '../answer/answers.testkit'
import { indexCatalogue } from '../catalogue/index'
import type { Parameter, StitchFunction } from '../catalogue/types'
import { specFrom } from './sketch'
import { fillSlots, slotValues } from '../procedure/slots'

const cloth = { weight: 'medium' as const, behaviours: [] }

describe('a step', () => {
  it.each<[string, Record<string, string>, string | undefined]>([
    ['Choose {stitch.select}.', { 'stitch.select': 'Utility 114' }, 'Choose Utility 114.'],
    ['Set {width} and {length}.', { width: '3.0', length: '2.5' }, 'Set 3.0 and 2.5.'],
    ['Put {foot.code} on', { 'foot.code': '' }, 'Put  on'],
    ['Test on a scrap {nobody.knows}.', {}, 'Test on a scrap.'],
    ['Never under {pin} here.', {}, undefined],
    ['At {radius|your radius}.', {}, 'At your radius.'],
    ['At {radius|your radius}.', { radius: '60 mm' }, 'At 60 mm.'],
    ['{width}{length}', { width: '1', length: '2' }, '12'],
    ['No braces', {}, 'No braces'],
  ])('“%s”', (text, values, expected) => {
    expect(fillSlots(text, values)).toBe(expected)
  })

  it('speaks of the very stitch, foot and needle of its card, and of “the foot” where there is none', () => {
    const zigzag = stitch({
      id: 'z',
      function: 'zigzag',
      select: '9',
      nativeName: 'Zigzag wide',
      defaults: { width: 4, length: 2 },
    })
    const hem = technique([stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'hem' }] })])
    const bundle = bundleOf({
      models: [{ ...P, stitches: [zigzag], supplied: [...P.supplied, 'h'] }],
      items: [foot({ id: 'h', code: 'H', name: 'Hem foot', functions: ['hem'], slot: 8 })],
      techniques: [hem],
    })
    const values = slotValues({ index: indexCatalogue(bundle), answer: only(ask(bundle)), fabric: cloth })
    expect(values).toMatchObject({
      'stitch.select': '9',
      'stitch.name': 'Zigzag wide',
      'foot.code': 'H',
      'foot.name': 'Hem foot',
      needle: 'universal 80',
      thread: 'the thread',
      width: '4.0',
    })
    const bare = bundleOf({
      models: [{ ...P, stitches: [zigzag] }],
      techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], feet: 'none' })])],
    })
    expect(slotValues({ index: indexCatalogue(bare), answer: only(ask(bare)), fabric: cloth })['foot.code']).toBe(
      'the foot',
    )
  })
})

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
