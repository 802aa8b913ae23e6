import { describe, expect, it } from 'vitest'
import { sew } from '../stitch/sew'
import type { SewnStitch, StitchSpec } from '../stitch/types'
import { layStitch } from './stitchLayout'

const spec: StitchSpec = {
  function: { id: 'blindHem.woven', family: 'blindHem', repeat: 5, swingAt: 5 },
  swing: 'left',
  width: 2.8,
  length: 1.5,
  needlePosition: 0,
  repeats: 3,
}
const sewn = (more: Partial<StitchSpec> = {}) => sew({ ...spec, ...more }) as SewnStitch
const lay = (face: 'top' | 'under', more: Partial<Parameters<typeof layStitch>[0]> = {}) =>
  layStitch({
    set: sewn(),
    given: undefined,
    face,
    foot: { left: -3, right: 2 },
    plate: 8.6,
    fabric: { parts: [], lines: [] },
    most: 24,
    ...more,
  })

describe('a stitch laid out', () => {
  it('runs along the page at one scale both ways, nothing outside its box', () => {
    const { box, holes, length, plate } = lay('top')
    expect(length).toBe(22.5)
    expect(holes[0]).toEqual([0, -2.8])
    expect(plate).toEqual([-4.3, 4.3])
    const [left, top, width, height] = box
    expect(left).toBeLessThan(0)
    expect(left + width).toBeGreaterThan(length)
    expect(top).toBeLessThan(-4.3)
    expect(top + height).toBeGreaterThan(4.3)
  })

  it('shows the wrong side turned over along the seam', () => {
    expect(lay('under').holes[0]).toEqual([0, 2.8])
    expect(lay('under').foot).toEqual([-2, 3])
    expect(lay('top').foot).toEqual([-3, 2])
    expect(lay('under').threads.map(({ thread }) => thread)).toEqual(['bobbin'])
  })

  it('makes room for what the machine gives, and ends where it is told to', () => {
    const { box, given, length, ticks } = lay('top', { given: sewn({ width: 7 }), plate: undefined, most: 10 })
    expect(box[1]).toBeLessThan(-7)
    expect(given).toHaveLength(1)
    expect(length).toBe(10)
    expect(ticks).toHaveLength(11)
  })

  it('keeps names that lie close together apart, in their order', () => {
    const fabric = {
      parts: [{ name: 'garmentFoldedBack' as const, from: -2.3, to: -2 }],
      lines: [
        { name: 'fold' as const, at: -2 },
        { name: 'edge' as const, at: 4 },
      ],
    }
    const { parts, lines } = lay('top', { fabric })
    expect(parts[0]?.at).toBe(-2.15)
    expect(lines.map(({ at }) => at)).toEqual([-2, 4])
    expect(lines.map(({ named }) => named)).toEqual([-0.85, 4])
  })

  it('names the parts of the fabric where they lie, also turned over', () => {
    const fabric = {
      parts: [
        { name: 'garmentFoldedBack' as const, to: -2 },
        { name: 'hemAllowance' as const, from: -2 },
      ],
      lines: [{ name: 'fold' as const, at: -2 }],
    }
    const places = (face: 'top' | 'under') => {
      const { lines, parts } = lay(face, { fabric })
      return { fold: lines[0]?.at as number, garment: parts[0]?.at as number, hem: parts[1]?.at as number }
    }
    const [top, under] = [places('top'), places('under')]
    expect(top.fold).toBe(-2)
    expect(top.garment < top.fold && top.hem > top.fold).toBe(true)
    expect(under.fold).toBe(2)
    expect(under.garment > under.fold && under.hem < under.fold).toBe(true)
  })

  it('ends the fabric at the edge', () => {
    const fabric = {
      parts: [
        { name: 'fabric' as const, to: 1 },
        { name: 'noFabric' as const, from: 1 },
      ],
      lines: [{ name: 'edge' as const, at: 1 }],
    }
    const { fabric: top } = lay('top', { fabric })
    expect(top.top + top.height).toBeCloseTo(1)
    expect(lay('under', { fabric }).fabric.top).toBeCloseTo(-1)
  })
})
