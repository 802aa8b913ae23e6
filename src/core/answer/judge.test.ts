import { describe, expect, it } from 'vitest'
import type { Item, Model, Stage, Stitch } from '../catalogue/types'
import { ask, bundleOf, codes, foot, only, P, stage, stitch, technique } from './answers.testkit'

const zigzag = (width: number) => stitch({ function: 'zigzag', defaults: { width, length: 2, needlePosition: 0 } })
const sewnWith = (
  given: Parameters<typeof foot>[0],
  { model = {}, of = {} }: { model?: Partial<typeof P>; of?: Partial<ReturnType<typeof stage>> } = {},
) =>
  only(
    ask(
      bundleOf({
        models: [{ ...P, supplied: ['plate-zigzag', given.id], stitches: [zigzag(3)], ...model }],
        items: [foot({ functions: ['satin'], ...given })],
        techniques: [technique([stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'satin' }], ...of })])],
      }),
    ),
  )

describe('a twin needle', () => {
  const twin = { of: { twinSpacing: 2 } }
  it('is cautioned where nobody has stated how wide a twin the model takes, and only there', () => {
    const unstated = sewnWith({ id: 'f', slot: 7 }, twin)
    expect(unstated.cautions.filter(({ code }) => code === 'twinMaxUnknown')).toEqual([
      { code: 'twinMaxUnknown', spacing: 2 },
    ])
    expect(codes(sewnWith({ id: 'f', slot: 7 }, { ...twin, model: { twinMax: 4 } }).cautions)).not.toContain(
      'twinMaxUnknown',
    )
    expect(codes(sewnWith({ id: 'f', slot: 7 }).cautions)).not.toContain('twinMaxUnknown')
  })
})

describe('the clear range that a card shows', () => {
  // Needle 80: margin 0.6 on each side.
  it.each([
    ['the foot’s opening', { id: 'f', slot: 5.5 }, {}, 4.3],
    ['the foot’s own greatest width', { id: 'f', slot: 7, maxWidth: 4 }, {}, 4],
    ['the needle plate', { id: 'f', slot: 20 }, { model: { maxWidth: 9 } }, 7.4],
    ['the model’s greatest width', { id: 'f', slot: 20 }, {}, 7],
  ] as const)('ends at %s', (_, given, more, to) => {
    expect(sewnWith(given, more).settings.width?.clear).toEqual({ from: 0, to })
  })

  it('begins at the least width over a pin', () => {
    expect(sewnWith({ id: 'f', slot: 7, minWidth: 1.5 }).settings.width?.clear?.from).toBe(1.5)
  })
})

describe('a foot beside another', () => {
  const shapes: Partial<Item>[] = [
    { slot: 8 },
    { slot: 5.5 },
    { slot: 2 },
    { slot: { left: -1, right: 4 } },
    { slot: 8, maxWidth: 4 },
    { slot: 8, maxWidth: 1 },
    { slot: 8, minWidth: 6 },
    {},
  ]
  const holes: Stage['targets'][number] = { parameter: 'width', to: { calc: 'holeSpacing' }, because: '' }
  interface Sewn {
    targets: Stage['targets']
    defaults: Stitch['defaults']
  }
  const given: Sewn = { targets: [], defaults: { width: 5, length: 2 } }

  /** What is said of foot `b` where `open` could be taken too: why it is not taken, or all of it. */
  const told = (shape: Partial<Item>, beside: readonly Item[], named: string[], { targets, defaults }: Sewn) => {
    const feet = [...beside, foot({ id: 'b', functions: ['satin'], ...shape })]
    const open = foot({ id: 'open', slot: 9, functions: ['satin'] })
    const model: Model = {
      ...P,
      supplied: [...P.supplied, ...[...feet, open].map(({ id }) => id)],
      stitches: [stitch({ function: 'zigzag', foot: named, defaults })],
    }
    const sewn = stage({ stitches: [{ function: 'zigzag' }], feet: [{ function: 'satin' }], targets })
    const scene = bundleOf({ models: [model], items: [...feet, open], techniques: [technique([sewn])] })
    const { foot: taken, ...answer } = only(ask(scene, { job: { measured: { holeSpacing: 5 } } }))
    if (taken === 'a') return undefined
    if (taken === 'b') return [answer.settings, answer.cautions]
    return answer.reasons.find((reason) => reason.code === 'bookFootNotTaken' && reason.foot === 'b')
  }

  it.each(shapes.flatMap((shape) => shapes.map((its) => [shape, its] as const)))(
    '%j is told of as alone, beside %j',
    (shape, its) => {
      const beside = [foot({ id: 'a', functions: ['satin'], ...its })]
      for (const sewn of [given, { ...given, targets: [holes] }, { ...given, defaults: {} }]) {
        const alone = told(shape, [], ['b'], sewn)
        expect(alone).toBeDefined()
        for (const named of [['b'], ['b', 'a'], ['a', 'b']]) {
          const both = told(shape, beside, named, sewn)
          if (both) expect(both).toEqual(alone)
        }
      }
    },
  )
})
