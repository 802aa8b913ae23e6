import { describe, expect, it } from 'vitest'
import { stopHearer, type StopGrammar } from './stopGrammar'

const grammar: StopGrammar = {
  concepts: { body: 'finger hand', sharp: 'needle =saw' },
  harmless: [['hand', 'sew|quilt']],
  rules: [
    { id: 'hurt', has: ['@sharp', '=in', '@body'], within: 4, inOrder: true },
    { id: 'hurt', has: ['cut', '@body'], within: 3 },
    { id: 'wet', has: ['spill|pour', 'machine'], unless: 'fabric' },
  ],
  firstAid: ['hurt'],
}
const hear = stopHearer(grammar)

describe('the grammar of stops', () => {
  it.each<[string, string[]]>([
    ['a needle in my finger', ['hurt']],
    // Not in this order; too far apart.
    ['my finger in a needle', []],
    ['a needle in the box beside her hand', []],
    ['my hand is cut', ['hurt']],
    ['cutting myself in the hand', []],
    ['saw in a hand', ['hurt']],
    ['saws in a hand', []],
    // A row of harmless words says nothing, the same word beside it does.
    ['cut hand sewing thread', []],
    ['cut hand, sewing', ['hurt']],
    ['I spilled it over the machine', ['wet']],
    ['the MACHINE was poured over', ['wet']],
    ['spilled over fabric and machine', []],
    ['cut my hand and poured tea in the machine', ['hurt', 'wet']],
    ['', []],
  ])('“%s”', (line, ids) => {
    expect(hear(line).map(({ id }) => id)).toEqual(ids)
  })

  it('takes a word for one thing only, and tells the words it heard', () => {
    const twice = stopHearer({ ...grammar, rules: [{ id: 'x', has: ['@body', '@body'] }] })
    expect(twice('my finger')).toEqual([])
    expect(twice('finger and hand')).toEqual([{ id: 'x', firstAid: false, words: 'finger hand' }])
  })

  it('refuses a rule of a concept that there is not', () => {
    expect(() => stopHearer({ ...grammar, rules: [{ id: 'x', has: ['@nothing'] }] })).toThrow('@nothing')
  })
})
