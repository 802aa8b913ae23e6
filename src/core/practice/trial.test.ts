/** What a practice machine is made of: one stage of a card, and what lies beside the machine. */
import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, foot, P, plates, stage, stitch, technique } from '../answer/answers.testkit'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { indexCatalogue } from '../catalogue/index'
import type { Question } from '../answer/types'
import { trialOf } from './trial'

const zigzag = stitch({ id: 'z', function: 'zigzag', ranges: { width: { from: 0, to: 7 } } })
const first = stage({ id: 'first', name: 'First', stitches: [{ function: 'zigzag' }] })
const second = stage({ id: 'second', name: 'Second', stitches: [{ function: 'straight' }], twinSpacing: 2 })
const bundle = bundleOf({
  models: [
    { ...P, supplied: ['plate-zigzag', 'usual'], stitches: [zigzag, stitch({ id: 's', function: 'straight' })] },
  ],
  items: [
    foot({ id: 'usual', code: 'U', slot: 8, motions: ['forward'] }),
    foot({ id: 'screwed', attachment: 'screwOn' }),
    foot({ id: 'mine', contains: ['inside'] }),
    foot({ id: 'inside' }),
    foot({ id: 'shops' }),
  ],
  fits: ['usual', 'mine', 'inside', 'shops'].map((item) => ({
    id: item,
    item,
    model: 'p',
    fits: true,
    evidence: 'book' as const,
    where: 'p. 1',
  })),
  fabrics: [fabric, { ...fabric, id: 'denim', needle: { ...fabric.needle, size: 100 } }],
  techniques: [technique([first, second], 'hem')],
})
const index = indexCatalogue(bundle)
const answering = { index, fitOf: fitLookup(index) }
const question: Question = { model: 'p', technique: 'hem', fabric: 'cotton' }
const trial = (wanted?: string, more: Partial<Question> = {}) => {
  const asked = { ...question, ...more }
  return trialOf(answering, asked, explain(answering, asked), wanted)
}

describe('a trial', () => {
  it('is of the first stage, or of the one that is named; of none where there is none such', () => {
    expect(trial()?.stage).toEqual({ id: 'first', name: 'First', faults: [], inspect: [], functions: ['zigzag'] })
    expect(trial('second')?.stage).toMatchObject({ id: 'second', twinSpacing: 2 })
    expect(trial('third')).toBeUndefined()
    expect(trial(undefined, { model: 'p', method: 'method' })?.technique).toEqual({ id: 'hem', name: 'hem' })
  })

  it('has beside it what is theirs or came with the machine, as far as it fits, and all their plates', () => {
    const ids = (owned: string[]) => trial(undefined, { owned })?.items.map(({ id }) => id)
    expect(ids([])).toEqual(['plate-zigzag', 'usual'])
    expect(ids(['mine', 'screwed', plates.straight.id])).toEqual([
      'plate-zigzag',
      'plate-straight',
      'usual',
      'mine',
      'inside',
    ])
  })

  it('knows of each thing and stitch only what sewing asks', () => {
    const { items, stitches, model, functions } = trial() ?? {}
    expect(items?.at(-1)).toEqual({
      id: 'usual',
      code: 'U',
      name: 'usual',
      what: 'foot',
      slot: 8,
      motions: ['forward'],
    })
    expect(stitches).toEqual([
      { id: 'z', select: '1', motion: 'forward', function: 'zigzag', ranges: { width: { from: 0, to: 7 } } },
      { id: 's', select: '1', motion: 'forward', function: 'straight' },
    ])
    expect(functions?.map(({ id }) => id)).toEqual(['zigzag', 'straight'])
    expect(model).toEqual({
      id: 'p',
      name: 'P',
      make: 'maker',
      kind: 'computerised',
      maxWidth: 7,
      scales: P.scales,
      features: [],
    })
  })

  it('has the card’s needle and those of the shop’s fabrics, each once', () => {
    const usual = trial()?.needles
    expect(usual).toHaveLength(2)
    expect(usual).toEqual(expect.arrayContaining([trial()?.goal['needle'], expect.stringMatching(/^100\//)]))
    expect(trial('second')?.needles).toHaveLength(3)
  })
})
