import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { runs } from '../runs.testkit'
import { labelled, type Label, type Mark } from './labelling'

const SIZE = { width: 300, height: 210 }
const LABEL = 18
/** Marks keep this far from each other, as the drawing's do. */
const LEAST = 14
const CLEAR = 4

const marks = fc
  .array(fc.record({ x: fc.integer({ min: 4, max: 296 }), y: fc.integer({ min: 4, max: 206 }) }), { maxLength: 26 })
  .map((all) =>
    all.reduce<Mark[]>(
      (kept, one) =>
        kept.every(({ x, y }) => Math.hypot(x - one.x, y - one.y) >= LEAST)
          ? [...kept, { id: String(kept.length), ...one }]
          : kept,
      [],
    ),
  )

interface Line {
  ax: number
  ay: number
  bx: number
  by: number
}
const lineOf = ({ side, y, mark }: Label): Line => ({
  ax: side === 'left' ? 0 : SIZE.width,
  ay: y,
  bx: mark.x,
  by: mark.y,
})
const turn = (ax: number, ay: number, bx: number, by: number, cx: number, cy: number) =>
  Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax))
/** By the textbook: each line's ends lie on both sides of the other. */
const cross = (a: Line, b: Line): boolean =>
  turn(a.ax, a.ay, a.bx, a.by, b.ax, b.ay) !== turn(a.ax, a.ay, a.bx, a.by, b.bx, b.by) &&
  turn(b.ax, b.ay, b.bx, b.by, a.ax, a.ay) !== turn(b.ax, b.ay, b.bx, b.by, a.bx, a.by)
const distance = ({ ax, ay, bx, by }: Line, x: number, y: number): number => {
  const length = (bx - ax) ** 2 + (by - ay) ** 2
  const along = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length))
  return Math.hypot(x - ax - along * (bx - ax), y - ay - along * (by - ay))
}

describe('labels at the sides', () => {
  it('never overlap, their leaders never cross or run through a mark, and each mark has one', () => {
    let near = 0
    let all = 0
    fc.assert(
      fc.property(marks, (given) => {
        const { labels, height } = labelled(given, SIZE, LABEL, CLEAR)
        expect(labels.flatMap(({ ids }) => ids).sort()).toEqual(given.map(({ id }) => id).sort())
        const lines = labels.map(lineOf)
        labels.forEach((one, i) => {
          expect(one.y - LABEL / 2).toBeGreaterThanOrEqual(-1e-9)
          expect(one.y + LABEL / 2).toBeLessThanOrEqual(height + 1e-9)
          labels.forEach((other, j) => {
            if (i === j) return
            if (one.side === other.side) expect(Math.abs(one.y - other.y)).toBeGreaterThanOrEqual(LABEL - 1e-9)
            expect(cross(lines[i] as Line, lines[j] as Line)).toBe(false)
            const off = distance(lines[i] as Line, other.mark.x, other.mark.y)
            expect(off).toBeGreaterThan(0)
            all++
            if (off < CLEAR) near++
          })
        })
      }),
      { numRuns: runs(2000) },
    )
    // Most keep clear by as much as is asked.
    expect(near / all).toBeLessThan(0.01)
  })

  it('are one where marks lie in one place, and none without marks', () => {
    const { labels } = labelled(
      [
        { id: 'width', x: 90, y: 40 },
        { id: 'length', x: 90, y: 40 },
        { id: 'power', x: 280, y: 190 },
      ],
      SIZE,
      LABEL,
      CLEAR,
    )
    expect(labels.map(({ ids, side }) => [ids, side])).toEqual([
      [['width', 'length'], 'left'],
      [['power'], 'right'],
    ])
    expect(labelled([], SIZE, LABEL, CLEAR)).toEqual({ labels: [], height: SIZE.height })
  })

  it('stand beside their marks where there is room, and as near as there is where there is not', () => {
    const at = (id: string, x: number, y: number): Mark => ({ id, x, y })
    const heights = (all: readonly Mark[]) =>
      Object.fromEntries(labelled(all, SIZE, LABEL, CLEAR).labels.map(({ ids: [id], y }) => [id, y]))
    expect(heights([at('wheel', 290, 40), at('cover', 170, 150), at('thread', 30, 20)])).toEqual({
      wheel: 40,
      cover: 150,
      thread: 20,
    })
    expect(heights([at('upper', 40, 100), at('lower', 60, 110)])).toEqual({ upper: 96, lower: 114 })
    expect(heights([at('top', 40, 2)])).toEqual({ top: LABEL / 2 })
    expect(heights([at('bottom', 40, 208)])).toEqual({ bottom: SIZE.height - LABEL / 2 })
  })

  it('give way where a level leader would run near another mark', () => {
    const near = [
      { id: 'far', x: 130, y: 100 },
      { id: 'near', x: 40, y: 102 },
    ]
    for (const clear of [6, 10, 14]) {
      const { labels } = labelled(near, SIZE, LABEL, clear)
      const [far] = labels.filter(({ ids }) => ids[0] === 'far')
      expect(distance(lineOf(far as Label), 40, 102)).toBeGreaterThanOrEqual(clear)
      const [close] = labels.filter(({ ids }) => ids[0] === 'near')
      expect(distance(lineOf(close as Label), 130, 100)).toBeGreaterThanOrEqual(clear)
    }
  })

  it('are one for marks less than half a unit apart', () => {
    const at = (x: number) =>
      labelled(
        [
          { id: 'a', x: 50, y: 50 },
          { id: 'b', x, y: 50 },
        ],
        SIZE,
        LABEL,
        CLEAR,
      ).labels
    expect(at(50.4)).toHaveLength(1)
    expect(at(50.5)).toHaveLength(2)
  })

  it('stand at the nearer side, in a picture somewhat higher if need be', () => {
    const right = Array.from({ length: 13 }, (_, i): Mark => ({ id: `r${i}`, x: 180 + (i % 4) * 25, y: 10 + i * 15 }))
    const { labels, height } = labelled([...right, { id: 'l', x: 20, y: 100 }], SIZE, LABEL, CLEAR)
    expect(labels.filter(({ side }) => side === 'left').map(({ ids }) => ids)).toEqual([['l']])
    expect(height).toBe(13 * LABEL)
  })

  it('make the picture higher where there are many', () => {
    const many = Array.from({ length: 60 }, (_, i): Mark => ({ id: String(i), x: 5 + (i % 10) * 32, y: 5 + i * 3 }))
    const { labels, height } = labelled(many, SIZE, LABEL, CLEAR)
    expect([labels.length, height]).toEqual([60, 30 * LABEL])
    expect(labels.filter(({ side }) => side === 'left')).toHaveLength(30)
  })
})
