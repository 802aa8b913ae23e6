/** What a stitch comes out as, by figures that stand just within and just beyond each bound. */
import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, P, stage, stitch, technique } from '../answer/answers.testkit'
import { explain } from '../answer/explain'
import { fitLookup } from '../answer/fit'
import { indexCatalogue } from '../catalogue/index'
import type { TrialStitch } from './trial'
import { asTheCardSays } from './machine'
import { sewWith, type Finding } from './sew'
import { trialOf, type Trial } from './trial'

const bead = stitch({ id: 'bead', function: 'satin', defaults: { width: 4, length: 0.4 } })
const sewn = stage({
  stitches: [{ function: 'satin' }],
  targets: [
    { parameter: 'length', to: { abs: 0.4 }, because: 'it covers' },
    { parameter: 'width', to: { abs: 4 }, because: 'it holds' },
  ],
  faults: [
    {
      id: 'loose',
      name: 'Loose',
      causes: [
        { parameter: 'length', toward: 'high' },
        { parameter: 'width', toward: 'low' },
      ],
    },
  ],
})
const bundle = bundleOf({ models: [{ ...P, stitches: [bead] }], techniques: [technique([sewn], 'edge')] })
const answering = { index: indexCatalogue(bundle), fitOf: fitLookup(indexCatalogue(bundle)) }
const question = { model: 'p', technique: 'edge', fabric: fabric.id }
const usual = trialOf(answering, question, explain(answering, question), undefined) as Trial

interface Case {
  values?: { length?: number; width?: number }
  positions?: Record<string, string>
  due?: string[]
  trial?: Partial<Trial>
  as?: Partial<TrialStitch>
}
const sew = ({ values, positions, due, trial: own, as }: Case) => {
  const trial: Trial = { ...usual, ...own, stitches: usual.stitches.map((one) => ({ ...one, ...as })) }
  const card = asTheCardSays(trial)
  return sewWith(trial, {
    positions: { ...card.positions, ...positions },
    values: { ...card.values, ...values },
    due: due ?? card.due,
  })
}
const found = (given: Case, ...codes: Finding['code'][]) =>
  sew(given)
    .findings.filter(({ code }) => codes.includes(code))
    .map(({ code }) => code)

describe('what is sewn', () => {
  it('is good as the card says, bad with a finding, and nothing where it stops', () => {
    expect(sew({})).toMatchObject({ verdict: 'good', findings: [], spec: { width: 4 } })
    expect(sew({ due: ['tighten it'] })).toMatchObject({
      verdict: 'bad',
      findings: [{ code: 'dutyLeft', duty: 'tighten it' }],
      spec: { width: 4 },
    })
    expect(sew({ positions: { power: 'off' } })).toEqual({
      verdict: 'stops',
      findings: expect.arrayContaining([{ code: 'powerOff' }]) as Finding[],
      spec: undefined,
    })
  })

  /** Thread of 0.2 mm covers from 0.32 to 0.42 mm; three quarters of the one and 1.3 of the other still do. */
  it.each<[number, Finding['code'][]]>([
    [0.23, ['packs']],
    [0.25, []],
    [0.5, []],
    [0.56, ['gaps']],
  ])('covers at a stitch length of %s mm, or says why not', (length, codes) => {
    const thick = { trial: { threadDiameter: 0.2 }, values: { length } }
    expect(found(thick, 'packs', 'gaps')).toEqual(codes)
    const open = { ...thick, as: { function: 'zigzag' } }
    expect(found(open, 'packs', 'gaps')).toEqual([])
    expect(found({ ...open, as: { function: 'zigzag', attributes: ['dense'] } }, 'packs', 'gaps')).toEqual(codes)
    expect(found({ ...open, as: { function: 'buttonhole.square' } }, 'packs', 'gaps')).toEqual(codes)
  })

  it('says in figures what would have covered', () => {
    const { findings } = sew({ trial: { threadDiameter: 0.2 }, values: { length: 0.1 } })
    expect(findings).toContainEqual({ code: 'packs', length: 0.1, least: expect.closeTo(0.32) as number })
  })

  /** A needle of size 80 makes holes of 0.8 mm: at 0.36 of the stitch length it weakens, where they meet it tears. */
  it.each<['woven' | 'coated' | 'nonWoven', number, object[]]>([
    ['woven', 1, []],
    ['coated', 2.3, []],
    ['coated', 2, [{ code: 'perforates', tears: false }]],
    ['nonWoven', 0.5, [{ code: 'perforates', tears: true }]],
  ])('perforates %s fabric at %s mm as far as its holes go', (structure, length, wanted) => {
    const { findings } = sew({ trial: { fabric: { ...usual.fabric, structure } }, values: { length } })
    const perforated = findings.filter(({ code }) => code === 'perforates')
    expect(perforated).toHaveLength(wanted.length)
    expect(perforated).toMatchObject(wanted)
  })

  it('tells a value off the card by the fault it brings about, another by its figures, an unseen one not', () => {
    const off = (values: Case['values']) =>
      sew({ values: values ?? {} }).findings.filter(({ code }) => code === 'fault' || code === 'offCard')
    expect(off({ length: 2 })).toEqual([{ code: 'fault', fault: 'Loose', parameter: 'length', toward: 'high' }])
    expect(off({ width: 3 })).toEqual([{ code: 'fault', fault: 'Loose', parameter: 'width', toward: 'low' }])
    expect(off({ width: 5 })).toEqual([{ code: 'offCard', parameter: 'width', at: 5, wanted: 4 }])
    expect(off({ width: 4.01 })).toEqual([])
  })

  it('stands still at length 0 or with the feed dogs down, unless they are to be', () => {
    expect(found({ values: { length: 0 } }, 'standsStill')).toEqual(['standsStill'])
    const down = { positions: { feedDogs: 'down' } }
    expect(found(down, 'standsStill')).toEqual(['standsStill'])
    const asked = { trial: { goal: { ...usual.goal, feedDogs: 'down' } } }
    expect(found({ ...down, ...asked }, 'standsStill')).toEqual([])
    expect(found({ ...down, ...asked, values: { length: 0 } }, 'standsStill')).toEqual([])
  })
})
