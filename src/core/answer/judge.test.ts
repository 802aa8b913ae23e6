import { describe, expect, it } from 'vitest'
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
