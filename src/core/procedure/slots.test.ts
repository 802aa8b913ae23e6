import { describe, expect, it } from 'vitest'
import { bundleOf, fabric, foot, P, plates, stageAnswer, stitch } from '../answer/answers.testkit'
import type { Setting, StageAnswer } from '../answer/types'
import { indexCatalogue } from '../catalogue/index'
import type { Item, Thread } from '../catalogue/types'
import { fillSlots, slotsIn, slotValues, type SlotFacts } from './slots'

const bead = foot({ id: 'bead', code: 'K7', name: 'Beading foot', minWidth: 2.5, edge: { right: 6.35 }, maxButton: 22 })
const guide: Item = { id: 'guide', code: 'G1', name: 'Guide', what: 'accessory' }
const fixed = foot({ id: 'fixed', guide: { kind: 'right', offset: -2 } })
const screw = foot({ id: 'screw', guide: { kind: 'adjustable', range: { from: -4, to: -1 } } })
const index = indexCatalogue({
  ...bundleOf({
    models: [{ ...P, stitches: [stitch({ function: 'blindHem.woven', nativeName: 'Hem, woven' })] }],
    items: [bead, foot({ id: 'plain' }), guide, fixed, screw],
    techniques: [],
  }),
  threads: [{ id: 'poly', name: 'fine polyester' } as Thread],
})
const setting = (shown: string) => ({ shown, value: 1 }) as Setting
const valuesOf = (answer: Partial<StageAnswer> = {}, job?: SlotFacts['job']) =>
  Object.fromEntries(
    slotValues({
      index,
      answer: stageAnswer({
        stage: 'sew',
        model: 'p',
        stitch: 'blindHem.woven',
        function: 'blindHem.woven',
        ...answer,
      }),
      fabric,
      job,
    }),
  )

describe('the words of a card for a technique’s own texts', () => {
  it('are of what is chosen, fitted and set', () => {
    const answer: Partial<StageAnswer> = {
      select: '12',
      foot: 'bead',
      plate: plates.wide.id,
      accessories: ['guide'],
      settings: { width: setting('3.5'), tension: setting('4') },
      threads: [
        { place: 'bobbin', thread: 'wool' },
        { place: 'needle', thread: 'poly' },
      ] as StageAnswer['threads'],
    }
    expect(valuesOf(answer)).toMatchObject({
      'stitch.select': '12',
      'stitch.name': 'Hem, woven',
      'foot.code': 'K7',
      'foot.name': 'Beading foot',
      'plate.name': plates.wide.name,
      'accessory.code': 'G1',
      needle: 'universal 80',
      thread: 'fine polyester',
      swingAt: '5',
      pin: '2.5 mm',
      edge: '6.35 mm',
      maxButton: '22 mm',
      width: '3.5',
      tension: '4',
    })
  })

  it('stand for what is there where nothing else is named, and are left out where there is no word', () => {
    const bare = valuesOf({ stitch: 'nowhere', function: 'straight', select: '1' })
    expect(bare).toEqual({
      'stitch.select': '1',
      'stitch.name': '1',
      'foot.code': 'the foot',
      'foot.name': 'the foot',
      'plate.name': 'the needle plate',
      needle: 'universal 80',
      thread: 'the thread',
    })
    expect(valuesOf({ foot: 'plain' })).not.toHaveProperty('pin')
    expect(valuesOf({ threads: [{ place: 'needle', thread: 'gone' }] as StageAnswer['threads'] }).thread).toBe(
      'the thread',
    )
  })

  it('have a place for a guide that can be moved, also where its screw does not reach; for a fixed one none', () => {
    const hem = (foot: string, width: number) =>
      valuesOf({ foot, settings: { width: { ...setting(''), value: width } } })
    expect(hem('screw', 3)).toMatchObject({ guide: '2.5 mm' })
    expect(hem('screw', 7)).toMatchObject({ guide: 'so that the swing just takes the fold,' })
    expect(hem('fixed', 3)).not.toHaveProperty('guide')
    expect(hem('plain', 3)).not.toHaveProperty('guide')
  })

  it('are of the piece in hand where somebody has told it', () => {
    const measured = { holeSpacing: 3.4, ringWire: 2, hemDepth: 25 }
    expect(valuesOf({}, { radius: 120, buttonOpening: 23, measured } as SlotFacts['job'])).toMatchObject({
      radius: '120 mm',
      opening: '23 mm',
      holes: '3.4 mm',
      ring: '2 mm',
      hem: '25 mm',
    })
  })
})

describe('a text with slots', () => {
  it.each<[string, Record<string, string>, string | undefined]>([
    ['Set {width} and {length}.', { width: '3.0', length: '2.5' }, 'Set 3.0 and 2.5.'],
    ['{width}{width}', { width: '4.0' }, '4.04.0'],
    ['Put {foot.code} on', { 'foot.code': '' }, 'Put  on'],
    ['Never under {pin} here.', {}, undefined],
    ['At {radius|your radius}.', {}, 'At your radius.'],
    ['At {radius|your radius}.', { radius: '60 mm' }, 'At 60 mm.'],
    ['so {pin|} wide', {}, 'so  wide'],
    ['Test on a scrap {nobody.knows}.', {}, 'Test on a scrap.'],
    ['No braces', {}, 'No braces'],
  ])('“%s”, %o', (text, values, filled) => expect(fillSlots(text, new Map(Object.entries(values)))).toBe(filled))

  it('names its slots', () => expect(slotsIn('a {width} b {foot.code|the foot}')).toEqual(['width', 'foot.code']))
})
