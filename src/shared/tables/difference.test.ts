import { describe, expect, it } from 'vitest'
import { demoBundle } from '#demo/bundle'
import { differencesOf } from './difference'
import { namesOf, titleOf } from './titles'

const bundle = demoBundle()
const names = namesOf(bundle)
const told = (...args: Parameters<typeof differencesOf>) =>
  differencesOf(...args).map(({ heading, before, after }) => [heading, before, after])

describe('two states of a row', () => {
  it('differ field by field, in the words of the table', () => {
    const stitch = { id: 's', select: '1', function: 'zigzag', motion: 'forward', defaults: { width: 3, tension: 4 } }
    const after = { ...stitch, motion: 'sideMotion', defaults: { width: { from: 3, to: 4 } } }
    expect(told('stitches', stitch, after, names)).toEqual([
      ['Width mm', '3', '3–4'],
      ['Tension', '4', ''],
      ['Feed', 'forward', 'sideways'],
    ])
    expect(differencesOf('stitches', stitch, structuredClone(stitch), names)).toEqual([])
  })

  it('name what they point at', () => {
    const fit = { id: 'f', item: 'lf-07', model: 'ketch', fits: true, evidence: 'book', where: '' }
    expect(told('fits', fit, { ...fit, item: 'lf-01', fits: false }, names)).toEqual([
      ['Item', names.items?.['lf-07'], names.items?.['lf-01']],
      ['Fits', 'yes', 'no'],
    ])
  })

  it('tell deep parts by their place, counted from one, and whole parts by their name', () => {
    const [technique] = bundle.techniques
    const changed = structuredClone(technique)
    if (!technique || !changed) throw new Error('the demo has techniques')
    const [method] = changed.methods
    if (!method?.stages[0]) throw new Error('it has a stage')
    method.stages[0].name = 'Sew it'
    changed.methods.push({ ...method, id: 'more', name: 'One more way' })
    expect(told('techniques', technique, changed, names)).toEqual([
      ['methods › 1 › stages › 1 › name', technique.methods[0]?.stages[0]?.name, 'Sew it'],
      [`methods › ${technique.methods.length + 1}`, '', 'One more way'],
    ])
  })

  it('of a row that is new or gone hold every field of it', () => {
    const thread = { id: 't', name: 'Fine', tex: 20, fibre: 'cotton', use: 'lace' }
    expect(told('threads', null, thread, names)).toEqual([
      ['Name', '', 'Fine'],
      ['Tex', '', '20'],
      ['Fibre', '', 'cotton'],
      ['Use', '', 'lace'],
    ])
    expect(differencesOf('threads', thread, null, names)).toHaveLength(4)
  })
})

describe('a title', () => {
  it('is what people call a row', () => {
    const { models, items, fits, samples } = bundle
    expect(titleOf('models', models[0], names)).toBe('Larkfen Plover 60')
    expect(titleOf('items', items[0])).toBe(`${items[0]?.code} ${items[0]?.name}`)
    expect(titleOf('fits', fits[0], names)).toContain(' on ')
    expect(titleOf('samples', samples[0], names)).toMatch(/ on .* of \d+\s[A-Z][a-z]+\s20\d\d$/)
    expect(titleOf('threads', { id: 'x' })).toBe('x')
    expect(titleOf('makes', null)).toBe('nothing')
  })
})
