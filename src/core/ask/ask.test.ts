import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { understand } from './ask'
import { indexAskables, type Askable, type AskKind } from './askIndex'
import { areCommon } from './commonWords'
import { picksFrom } from './picks'
import { meaningOf, readWords, vocabularyOf } from './reading'
import { stem, significantWords, wordsOf } from './words'

const made = (kind: AskKind, id: string, name: string, ...also: string[]): Askable => ({ kind, id, name, also })
const ASKABLES: Askable[] = [
  made('model', 'm60', 'Plover 60', 'Tern Plover 60'),
  made('model', 'm80', 'Plover 80', 'Tern Plover 80'),
  made('model', 'ketch', 'Ketch', 'Other Ketch'),
  made('technique', 'hem', 'Blind hem', 'invisible hem'),
  made('technique', 'edge', 'Rolled edge'),
  made('fabric', 'wool', 'Wool suiting'),
  made('fabric', 'voile', 'Cotton voile'),
  made('customer', 'c1', 'Ada Quill'),
  made('trouble', 'skips', 'Skipped stitches', 'skips stitches', 'skipping'),
]
const index = indexAskables(ASKABLES)
const asked = (line: string) =>
  Object.fromEntries(understand(index, line).taken.map(({ kind, id, sure }) => [kind, sure ? id : `${id}?`]))

describe('words', () => {
  it.each<[string, string[]]>([
    ['Ünder Ærø', ['under', 'aero']],
    ['S60 size 70/10', ['s', '60', 'size', '70of10']],
    ['blind-hem, please!', ['blind', 'hem', 'please']],
    ['', []],
  ])('of “%s”', (line, expected) => {
    expect(wordsOf(line)).toEqual(expected)
  })

  it('that say nothing are left out, unless there are no others', () => {
    expect(significantWords('how do I sew a hem')).toEqual(['hem'])
    expect(significantWords('how do I')).toEqual(wordsOf('how do I'))
  })

  it('of one root are one', () => {
    expect(new Set(['hems', 'hem'].map(stem)).size).toBe(1)
    expect(new Set(['skipping', 'skips'].map(stem)).size).toBe(1)
  })
})

describe('words that many are called by', () => {
  it('are not learnt as one’s', () => {
    expect(areCommon(['hem'])).toBe(true)
    expect(areCommon(['the', 'seam'])).toBe(true)
    expect(areCommon(['whirligig', 'hem'])).toBe(false)
  })
})

describe('the words of a line', () => {
  const vocabulary = vocabularyOf(
    ['blind', 'hem', 'buttonhol', 'chiffon', 'gather', 'zip'],
    meaningOf([['zip', 'zipper']]),
  )
  it.each<[string, Record<string, string>]>([
    ['blindhem', { blind: 'whole', hem: 'whole' }],
    ['button hole', { buttonhol: 'whole' }],
    ['chifon', { chiffon: 'whole' }],
    ['gathring', { gather: 'whole' }],
    ['gathor', { gather: 'guess' }],
    ['buttonhloe', { buttonhol: 'whole' }],
    ['bilnd', {}],
    ['zippers', { zip: 'whole' }],
    ['butt', { buttonhol: 'guess' }],
    ['living', {}],
    ['to', {}],
  ])('“%s”', (line, readings) => {
    expect(Object.fromEntries(readWords(line, vocabulary).flatMap((word) => [...word.readings]))).toEqual(readings)
  })
})

describe('one line of free text', () => {
  it.each<[string, Record<string, string>]>([
    ['plover 60 blind hem wool', { model: 'm60', technique: 'hem', fabric: 'wool' }],
    ['invisible hem on the ketch', { model: 'ketch', technique: 'hem' }],
    ['rolled edge voile', { technique: 'edge', fabric: 'voile' }],
    ['Ada Quill skips stitches', { customer: 'c1', trouble: 'skips' }],
    ['ketch skipping', { model: 'ketch', trouble: 'skips' }],
    ['PLOVER 80', { model: 'm80' }],
    ['blnd hem', { technique: 'hem?' }],
  ])('“%s”', (line, expected) => {
    expect(asked(line)).toEqual(expected)
  })

  it('that fits two says so, and what else it could be', () => {
    const [taken] = understand(index, 'plover').taken
    expect(taken).toMatchObject({ kind: 'model', sure: false })
    expect([taken?.id, ...(taken?.others.map(({ id }) => id) ?? [])].sort()).toEqual(['m60', 'm80'])
  })

  it('takes no other number for the one that is known', () => {
    expect(asked('ketch 12')).toEqual({ model: 'ketch?' })
    expect(asked('ketch')).toEqual({ model: 'ketch' })
  })

  it('asks where two of a kind are named', () => {
    const [taken] = understand(index, 'blind hem or rolled edge').taken
    expect(taken).toMatchObject({ kind: 'technique', sure: false })
    expect([taken?.id, taken?.others[0]?.id].sort()).toEqual(['edge', 'hem'])
  })

  it('gives a customer only machines of their own, named in part', () => {
    const of = (line: string, own: string[]) =>
      understand(index, line, () => own).taken.find(({ kind }) => kind === 'model')
    expect(of('Ada Quill plover', ['m80', 'ketch'])).toMatchObject({ id: 'm80', sure: true })
    expect(of('Ada Quill plover', ['m60', 'm80'])).toMatchObject({ sure: false })
    expect(of('Ada Quill ketch', ['m60'])).toMatchObject({ id: 'ketch' })
  })

  it('knows a customer’s machine by what its kind is called, and is not sure of another’s by a word of it', () => {
    const overlocker = (id: string, name: string, ...also: string[]) => ({
      ...made('model', id, name, ...also),
      kindWords: ['overlocker'],
    })
    const kinds = indexAskables([
      ...ASKABLES,
      overlocker('o4', 'Eddy 4', 'small overlocker'),
      overlocker('o5', 'Eddy 5'),
    ])
    const of = (line: string, own: string[]) =>
      understand(kinds, line, () => own).taken.find(({ kind }) => kind === 'model')
    expect(of('Ada Quill overlocker skips', ['ketch', 'o5'])).toMatchObject({ id: 'o5', sure: true })
    expect(of('Ada Quill overlocker skips', ['ketch'])?.sure ?? false).toBe(false)
    expect(of('the small overlocker skips', [])).toMatchObject({ id: 'o4', sure: true })
    expect(of('an overlocker', [])).toMatchObject({ sure: false })
    expect(of('Ada Quill eddy', ['ketch'])?.sure).toBe(false)
  })

  it('guesses first of what most of the name is said', () => {
    const seams = indexAskables([
      made('technique', 'long', 'Overlocked and topstitched hem'),
      made('technique', 'short', 'Overlocked hem with braid'),
    ])
    expect(understand(seams, 'overlocked braid').taken[0]).toMatchObject({ id: 'short' })
  })

  it('keeps what it made nothing of', () => {
    expect(understand(index, 'blind hem xylophone')).toMatchObject({ left: ['xylophone'] })
    expect(understand(index, 'xylophone')).toEqual({ taken: [], left: ['xylophone'] })
  })

  it('takes one of a kind at most, and only words that were said, whatever the line', () => {
    const words = fc.array(
      fc.constantFrom(
        'plover',
        '60',
        '80',
        'ketch',
        'blind',
        'rolled',
        'hem',
        'edge',
        'wool',
        'voile',
        'ada',
        'skips',
        'stitches',
        'x',
        '!',
      ),
      { maxLength: 8 },
    )
    fc.assert(
      fc.property(words, (line) => {
        const { taken, left } = understand(index, line.join(' '))
        expect(new Set(taken.map(({ kind }) => kind)).size).toBe(taken.length)
        const said = new Set(significantWords(line.join(' ')))
        for (const word of [...taken.flatMap(({ words }) => words), ...left]) expect(said).toContain(word)
      }),
    )
  })
})

describe('picks', () => {
  const names = { model: (id: string) => `model ${id}`, technique: (id: string) => `technique ${id}`, sews: () => true }
  const picked = (line: string, machines: string[]) =>
    picksFrom(
      understand(index, line),
      [{ id: 'c1', machines: machines.map((model) => ({ model })), owns: ['foot'] }],
      names,
    )

  it('take the machine and the feet of a customer', () => {
    expect(picked('Ada Quill blind hem', ['ketch'])).toMatchObject({
      model: { id: 'ketch', name: 'model ketch', sure: true, from: 'customer' },
      owned: ['foot'],
    })
  })

  it('are not sure of one machine of several, and leave a named one alone', () => {
    expect(picked('Ada Quill', ['ketch', 'm60', 'm60']).model).toMatchObject({
      id: 'ketch',
      sure: false,
      others: [{ id: 'm60', name: 'model m60' }],
    })
    expect(picked('Ada Quill plover 80', ['ketch']).model).toMatchObject({ id: 'm80' })
    expect(picked('Ada Quill', []).model).toBeUndefined()
  })

  it('offer a customer’s own beside what is not sure', () => {
    expect(picked('Ada Quill plover', ['ketch', 'm60']).model).toMatchObject({
      sure: false,
      others: [{ id: 'ketch' }, { id: 'm80' }],
    })
  })

  it('are sure of the one machine of several that can do it, in the fabric that is told', () => {
    const taken = (fabric: boolean): Parameters<typeof picksFrom>[0]['taken'] => [
      { kind: 'customer', id: 'c1', name: 'Ada', words: ['ada'], sure: true, others: [] },
      { kind: 'technique', id: 'hem', name: 'Hem', words: ['hem'], sure: true, others: [] },
      ...(fabric
        ? [{ kind: 'fabric' as const, id: 'denim', name: 'Denim', words: ['denim'], sure: true, others: [] }]
        : []),
    ]
    const owner = { id: 'c1', machines: [{ model: 'ketch' }, { model: 'm60' }], owns: [] }
    const sews = (model: string, technique: string, fabric: string | undefined) =>
      technique === 'hem' && (fabric === undefined || model === 'm60')
    const model = (fabric: boolean) => picksFrom({ taken: taken(fabric), left: [] }, [owner], { ...names, sews }).model
    expect(model(true)).toMatchObject({ id: 'm60', sure: true, others: [] })
    expect(model(false)).toMatchObject({ id: 'ketch', sure: false, others: [{ id: 'm60' }] })
  })

  it('take the technique of a fault', () => {
    const fault: Parameters<typeof picksFrom>[0] = {
      taken: [{ kind: 'trouble', id: 'hem.ridge', name: 'Ridge', words: ['ridge'], sure: true, others: [] }],
      left: [],
    }
    expect(picksFrom(fault, [], names).technique).toMatchObject({ id: 'hem', from: 'trouble', sure: true })
  })
})
