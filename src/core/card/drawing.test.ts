import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { slotEdges } from '../answer/clearance'
import type { StitchSpec } from '../stitch/types'
import { fabricUnder } from './fabricParts'
import { footPlan, type FootShape } from './footPlan'

const told = (id: string, family: string, more: Partial<StitchSpec> = {}) => ({
  function: { id, family },
  swing: 'centred' as const,
  width: 4,
  needlePosition: 0,
  ...more,
})

describe('the fabric under a stitch', () => {
  it('puts the fold at the foot’s guide, else where the bite takes it', () => {
    const hem = told('blindHem.woven', 'blindHem', { swing: 'left', width: 2.8 })
    expect(fabricUnder(hem, { guide: { kind: 'left', offset: -2 } }, 0.8)).toEqual({
      parts: [
        { name: 'garmentFoldedBack', to: -2 },
        { name: 'hemAllowance', from: -2 },
      ],
      lines: [{ name: 'fold', at: -2 }],
    })
    expect(fabricUnder(hem, undefined, 0.5).lines).toEqual([{ name: 'fold', at: -2.3 }])
    expect(fabricUnder(hem, { guide: { kind: 'none', offset: -9 } }, 0.5).lines).toEqual([{ name: 'fold', at: -2.3 }])
  })
  it('ends the fabric where the stitch wraps its edge', () => {
    expect(fabricUnder(told('overcast.light', 'overcast'), undefined, 0).lines).toEqual([{ name: 'edge', at: 2 }])
    expect(fabricUnder(told('overcast.light', 'overcast'), { guide: { kind: 'right', offset: 3 } }, 0).lines).toEqual([
      { name: 'edge', at: 3 },
    ])
    expect(fabricUnder(told('overlock4', 'overlock', { swing: 'none' }), undefined, 0).parts.at(-1)).toEqual({
      name: 'noFabric',
      from: 0,
    })
  })
  it('names a blade as a blade, and nothing where nothing is stated', () => {
    expect(fabricUnder(told('straight', 'straight'), { guide: { kind: 'centre', offset: 0 } }, 0).lines).toEqual([
      { name: 'blade', at: 0 },
    ])
    expect(fabricUnder(told('straight', 'straight'), {}, 0)).toEqual({ parts: [], lines: [] })
  })
})

describe('a foot drawn from its data', () => {
  const shapes = fc.record({
    slot: fc.option(fc.double({ min: 0.5, max: 12, noNaN: true }), { nil: undefined }),
    guide: fc.option(
      fc.record({
        kind: fc.constantFrom('left', 'right', 'centre', 'adjustable' as const),
        offset: fc.double({ min: -12, max: 12, noNaN: true }),
      }),
      { nil: undefined },
    ),
    minWidth: fc.option(fc.constant(4), { nil: undefined }),
    functions: fc.constantFrom(['openToe'], ['buttonhole.sensor'], ['standard'], undefined),
    maxButton: fc.option(fc.constant(25), { nil: undefined }),
  })
  it('keeps its slot as stated, within the sole, and its guide on it', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        const { sole, slot, guide, pin, openToe } = footPlan(shape as FootShape)
        if (shape.slot !== undefined) expect(slot).toMatchObject({ ...slotEdges(shape.slot), stated: true })
        else expect(slot.stated).toBe(false)
        expect(slot.left).toBeGreaterThan(sole.left)
        expect(slot.right).toBeLessThan(sole.right)
        expect(slot.front <= sole.front && slot.back >= sole.back).toBe(true)
        expect(openToe && slot.front !== sole.front).toBe(false)
        expect(guide?.at).toBe(shape.guide?.offset)
        if (guide) expect(guide.at > sole.left && guide.at < sole.right).toBe(true)
        expect(pin !== undefined).toBe(shape.minWidth !== undefined)
      }),
    )
  })
  it('leaves room for the longest button in a buttonhole foot only', () => {
    const { button } = footPlan({ functions: ['buttonhole.sensor'], slot: 7, maxButton: 25 })
    expect((button?.front ?? 0) - (button?.back ?? 0)).toBe(25)
    expect(footPlan({ functions: ['standard'], maxButton: 25 }).button).toBeUndefined()
  })
})
