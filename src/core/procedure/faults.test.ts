import { describe, expect, it } from 'vitest'
import { bundleOf, foot, only, P, ask, stage, stitch, technique } from '../answer/answers.testkit'
import type { Cause, Item, Model, Range, Scale, Stitch } from '../catalogue/types'
import { faultsOf } from './faults'

const mm = (from: number, to: number, step: number): Scale => ({ shows: 'mm', from, to, step })
const marks = (...values: number[]) => values.map((value) => ({ mark: `${value}`, value }))

interface Scene {
  cause: Cause
  width?: Scale | 'absent'
  scales?: Partial<Model['scales']>
  set?: number | Range
  of?: Partial<Stitch>
  slot?: Partial<Item>
  plate?: Partial<Item>
  controls?: string[]
}

const told = ({
  cause,
  width = mm(0, 7, 0.5),
  set,
  of = {},
  slot = { slot: 9 },
  plate = {},
  controls = [],
  scales = {},
}: Scene) => {
  const model: Model = {
    ...P,
    maxWidth: 7,
    scales: { ...P.scales, ...scales, width },
    supplied: ['k', 'lies'],
    stitches: [stitch({ function: 'zigzag', defaults: { width: set ?? 3 }, ...of })],
  }
  const k = foot({ id: 'k', functions: ['standard'], ...slot })
  const lies: Item = { id: 'lies', code: 'lies', name: 'Plate', what: 'plate', slot: 9, ...plate }
  const bundle = bundleOf({
    models: [model],
    items: [k, lies],
    techniques: [technique([stage({ stitches: [{ function: 'zigzag' }] })])],
  })
  const answer = only(ask(bundle))
  const faults = [{ id: 'f', name: 'Fault', causes: [cause] }]
  const context = {
    answer,
    model,
    stitch: model.stitches[0],
    foot: k,
    plate: lies,
    covers: [],
    swing: 'centred' as const,
    twinSpacing: undefined,
    controls: new Set(controls),
    slots: new Map([['width', '3.0']]),
  }
  return faultsOf(faults, context)[0]?.causes
}

const TENSION: Scale = { shows: 'marks', from: 0, to: 9, step: 1, normal: 4 }
const low: Cause = { parameter: 'width', toward: 'low' }
const high: Cause = { parameter: 'width', toward: 'high' }

describe('what helps', () => {
  it.each<[string, Scene, object[]]>([
    ['one step up', { cause: low }, [{ tells: 'value', toward: 'up', shown: '3.5', by: 'step' }]],
    ['one step down', { cause: high }, [{ tells: 'value', toward: 'down', shown: '2.5' }]],
    ['between two places the next', { cause: low, set: 2.8 }, [{ shown: '3.0' }]],
    ['a fine scale: what makes a difference', { cause: low, width: mm(0, 7, 0.1) }, [{ shown: '3.2' }]],
    [
      'a clicking dial: the next mark',
      { cause: low, width: { shows: 'marks', from: 0, to: 5, marks: marks(0, 1, 2, 3, 4, 5) } },
      [{ by: 'click', shown: '4' }],
    ],
    [
      'a free dial: a little past its mark',
      { cause: low, width: { shows: 'marks', from: 0, to: 5, step: 0, marks: marks(0, 1, 2, 3, 4, 5) } },
      [{ by: 'little', shown: '3' }],
    ],
    [
      'where the needle would hit: no wider',
      { cause: low, slot: { slot: 4.2 } },
      [{ tells: 'limit', by: 'footOpening' }],
    ],
    [
      'where the plate is what it would hit, that is told',
      { cause: low, plate: { slot: 4.2 } },
      [{ tells: 'limit', by: 'plateOpening' }],
    ],
    [
      'where both are',
      { cause: low, slot: { slot: 4.2 }, plate: { slot: 4.2 } },
      [{ tells: 'limit', by: 'bothOpenings' }],
    ],
    [
      'a needle that would hit on the right',
      {
        cause: { parameter: 'needlePosition', toward: 'low' },
        slot: { slot: { left: -9, right: 2.1 } },
        scales: { needlePosition: mm(-3.5, 3.5, 0.5) },
      },
      [{ tells: 'limit', by: 'footOpening' }],
    ],
    [
      'under the foot’s pin: no narrower',
      { cause: high, slot: { slot: 9, minWidth: 3 } },
      [{ tells: 'limit', by: 'foot' }],
    ],
    ['past the foot’s own most', { cause: low, slot: { slot: 9, maxWidth: 3 } }, [{ tells: 'limit', by: 'foot' }]],
    [
      'past what the stitch reaches',
      { cause: low, of: { ranges: { width: { from: 0, to: 3.2 } } } },
      [{ tells: 'limit', by: 'stitch' }],
    ],
    ['past the scale', { cause: low, set: 7 }, [{ tells: 'limit', by: 'scale' }]],
    ['without the control: nothing', { cause: low, width: 'absent' }, []],
    ['another control that is not there: nothing', { cause: { control: 'stitchFinger', text: 'finger on' } }, []],
    [
      'another control that is there',
      { cause: { control: 'stitchFinger', text: 'finger on' }, controls: ['stitchFinger'] },
      [{ tells: 'text', text: 'finger on' }],
    ],
    ['from a range: up from its upper end', { cause: low, set: { from: 3, to: 4 } }, [{ shown: '4.5', toward: 'up' }]],
    ['from a range: down from its lower end', { cause: high, set: { from: 3, to: 4 } }, [{ shown: '2.5' }]],
    [
      'a free dial between its marks: a little, without a figure',
      { cause: low, set: 2.7, width: { shows: 'marks', from: 0, to: 5, step: 0, marks: marks(0, 1, 2, 3, 4, 5) } },
      [{ by: 'little', shown: '', toward: 'up' }],
    ],
    [
      'a clicking dial at its end',
      { cause: low, set: 5, width: { shows: 'marks', from: 0, to: 5, marks: marks(0, 1, 2, 3, 4, 5) } },
      [{ tells: 'limit', by: 'scale' }],
    ],
    [
      'the tension, from normal: up where it is too low',
      { cause: { parameter: 'tension', toward: 'low' }, scales: { tension: TENSION } },
      [{ tells: 'value', parameter: 'tension', toward: 'up', shown: '5' }],
    ],
    [
      'the tension, from normal: down where it is too high',
      { cause: { parameter: 'tension', toward: 'high' }, scales: { tension: TENSION } },
      [{ tells: 'value', toward: 'down', shown: '3' }],
    ],
    [
      'from where nobody knows: which way, without a figure',
      {
        cause: { parameter: 'pressure', toward: 'low' },
        scales: { pressure: { shows: 'marks', from: 0, to: 3, step: 1 } },
      },
      [{ tells: 'value', toward: 'up', shown: '', by: 'step' }],
    ],
    [
      'a needle that goes from end to end at a click: nothing',
      {
        cause: { parameter: 'needlePosition', toward: 'low' },
        scales: { needlePosition: { shows: 'marks', from: -3, to: 3, normal: 0, marks: marks(-3, 0, 3) } },
      },
      [],
    ],
    [
      'a needle that goes by tenths: a step',
      { cause: { parameter: 'needlePosition', toward: 'low' }, scales: { needlePosition: mm(-3.5, 3.5, 0.5) } },
      [{ tells: 'value', parameter: 'needlePosition', toward: 'up' }],
    ],
    ['words, filled', { cause: { text: 'wider than {width}' } }, [{ tells: 'text', text: 'wider than 3.0' }]],
    ['words of what the card does not say: nothing', { cause: { text: 'beyond {pin}' } }, []],
    ['words of a value that it has', { cause: { parameter: 'width', text: 'too wide' } }, [{ text: 'too wide' }]],
    ['words of a value that it has not: nothing', { cause: { parameter: 'width', text: 'x' }, width: 'absent' }, []],
    [
      'a value that the model does not know at all: nothing',
      { cause: { parameter: 'ratio', toward: 'low' } as never },
      [],
    ],
  ])('%s', (_, scene, causes) => {
    const found = told(scene)
    expect(found).toHaveLength(causes.length)
    expect(found).toMatchObject(causes)
  })
})
