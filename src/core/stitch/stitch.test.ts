import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { functions } from '#demo/makes'
import { swingSpan } from '../answer/clearance'
import { beadWidth } from './buttonhole'
import { readMotif, writeMotif } from './motifText'
import { extentOf, sew } from './sew'
import type { Point, SewnStitch, StitchSpec } from './types'

const known = new Map(functions.map((one) => [one.id, one]))
const functionOf = (id: string) => {
  const found = known.get(id)
  if (!found) throw new Error(`no function ${id}`)
  return found
}
const spec = (id: string, more: Partial<StitchSpec> = {}): StitchSpec => {
  const { swing, ...rest } = functionOf(id)
  return { function: rest, swing, width: 4, length: 2, needlePosition: 0, repeats: 2, ...more }
}
const sewn = (id: string, more: Partial<StitchSpec> = {}): SewnStitch => sew(spec(id, more)) as SewnStitch

describe('a stitch', () => {
  it.each<[string, Partial<StitchSpec>, Point[]]>([
    [
      'straight',
      { needlePosition: 1.5 },
      [
        [1.5, 0],
        [1.5, 2],
        [1.5, 4],
      ],
    ],
    [
      'straight.triple',
      { repeats: 1 },
      [
        [0, 0],
        [0, 2],
        [0, 0],
        [0, 2],
      ],
    ],
    [
      'zigzag',
      { repeats: 1 },
      [
        [2, 0],
        [-2, 2],
        [2, 4],
      ],
    ],
    [
      'zigzag.threeStep',
      { width: 6, length: 1, repeats: 1 },
      [
        [-1, 0],
        [-3, 1],
        [-1, 2],
        [1, 3],
        [3, 4],
        [1, 5],
        [-1, 6],
      ],
    ],
    [
      'blindHem.woven',
      { width: 3, length: 1.5, repeats: 1 },
      [
        [-3, 0],
        [0, 1.5],
        [0, 3],
        [0, 4.5],
        [0, 6],
        [-3, 7.5],
      ],
    ],
    [
      'blanket',
      { width: 3, repeats: 1 },
      [
        [0, 0],
        [0, 2],
        [3, 2],
        [0, 2],
      ],
    ],
    [
      'buttonSew',
      { repeats: 2 },
      [
        [-2, 0],
        [2, 0],
        [-2, 0],
        [2, 0],
        [-2, 0],
      ],
    ],
  ])('%s falls where it is told', (id, more, points) => expect(sewn(id, more).penetrations).toEqual(points))

  it('picks the fold every length × stitches of a repeat', () => {
    const { penetrations } = sewn('blindHem.woven', { width: 2.8, length: 1.5, repeats: 4 })
    const picks = penetrations.filter(([x]) => x < -1).map(([, y]) => y)
    expect(picks).toEqual([0, 7.5, 15, 22.5, 30])
  })

  it('leaves the gap that is asked for between a buttonhole’s beads', () => {
    const { penetrations } = sewn('buttonhole.standard', { width: 5, length: 0.4, gap: 1.2 })
    const inside = penetrations.filter(([, y]) => y > 3 && y < 15).map(([x]) => Math.abs(x))
    expect(Math.min(...inside)).toBeCloseTo(0.6)
  })

  it('ends a keyhole in an eye as wide as its beads, sews a knit’s beads open, lays a cord under corded ones', () => {
    const style = (id: string): SewnStitch =>
      sew({
        ...spec('buttonhole.standard', { width: 6, length: 0.5, sewnLength: 22 }),
        function: { id, family: 'buttonhole' },
      }) as SewnStitch
    const [square, keyhole, knit, corded] = ['standard', 'keyhole', 'knit', 'corded'].map((id) =>
      style(`buttonhole.${id}`),
    ) as [SewnStitch, SewnStitch, SewnStitch, SewnStitch]
    for (const one of [square, keyhole, knit, corded])
      expect(extentOf(one)).toMatchObject({ left: -3, right: 3, near: 0 })
    expect(extentOf(square).far).toBe(22)
    expect(extentOf(keyhole).far).toBeCloseTo(22, 0)
    const eye = keyhole.penetrations.filter(([, y]) => y > 16.1).map(([x, y]) => Math.hypot(x, y - 19))
    expect(eye.length).toBeGreaterThan(10)
    for (const reach of eye) expect(Math.min(Math.abs(reach - 3), Math.abs(reach - 0.4))).toBeLessThan(0.01)
    expect(knit.penetrations.length).toBeLessThan(square.penetrations.length * 0.6)
    expect(corded.paths.filter(({ thread }) => thread === 'cord')).toHaveLength(1)
    expect(square.paths.some(({ thread }) => thread === 'cord')).toBe(false)
  })

  it('is drawn for every function of the shop but a motif without points', () => {
    const missing = functions.filter(({ id }) => !sew(spec(id))).map(({ id }) => id)
    expect(missing).toEqual(['decorative'])
    for (const { id } of functions.filter((one) => one.id !== 'decorative')) {
      const { paths, penetrations } = sewn(id)
      expect(penetrations.length, id).toBeGreaterThan(1)
      expect(new Set(paths.map(({ face }) => face)), id).toEqual(new Set(['top', 'under']))
    }
  })

  it('reaches as far as width and needle position say', () => {
    const swinging = functions.filter(
      ({ swing, family }) => swing !== 'none' && family !== 'overlock' && family !== 'cover' && family !== 'decorative',
    )
    const about = fc.record({
      width: fc.double({ min: 0.5, max: 9, noNaN: true }),
      length: fc.double({ min: 0.2, max: 5, noNaN: true }),
      needlePosition: fc.double({ min: -3.5, max: 3.5, noNaN: true }),
      repeats: fc.integer({ min: 1, max: 20 }),
    })
    fc.assert(
      fc.property(fc.constantFrom(...swinging), about, ({ id, swing }, more) => {
        const { left, right } = extentOf(sewn(id, more))
        const span = swingSpan(swing, more.needlePosition, more.width)
        expect(left).toBeCloseTo(span.from, 4)
        expect(right).toBeCloseTo(span.to, 4)
      }),
    )
  })

  it('is as long as its feeds come to, and no thread is shorter than the way it bridges', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('straight', 'zigzag', 'zigzag.threeStep', 'serpentine', 'blindHem.woven'),
        fc.integer({ min: 1, max: 50 }),
        fc.double({ min: 0.2, max: 5, noNaN: true }),
        (id, repeats, length) => {
          const stitch = sewn(id, { repeats, length })
          const { near, far } = extentOf(stitch)
          expect(far - near).toBeCloseTo((stitch.penetrations.length - 1) * length, 3)
          for (const { points } of stitch.paths) {
            let way = 0
            points.forEach(
              ([x, y], i) =>
                (way += i === 0 ? 0 : Math.hypot(x - (points[i - 1] as Point)[0], y - (points[i - 1] as Point)[1])),
            )
            expect(way).toBeGreaterThanOrEqual(far - near - 1e-6)
          }
        },
      ),
    )
  })

  it('wraps the edge where it is an overlock, and turns it under where it is rolled', () => {
    const plain = sewn('overlock3.wide', { width: 6 })
    expect(plain.edge).toBe(0)
    expect(extentOf(plain)).toEqual({ left: -6, right: 0, near: 0, far: 4 })
    const under = (stitch: SewnStitch) =>
      Math.max(...stitch.paths.filter(({ face }) => face === 'under').flatMap(({ points }) => points.map(([x]) => x)))
    expect(under(plain)).toBe(0)
    expect(under(sewn('rolled3', { width: 1.5 }))).toBeLessThan(0)
    const twoNeedles = sewn('overlock4', { width: 6 })
    expect(new Set(twoNeedles.penetrations.map(([x]) => x))).toEqual(new Set([-6, -4]))
  })

  it('sews a cover with its needles a width apart', () => {
    expect(new Set(sewn('cover3', { width: 5 }).penetrations.map(([x]) => x))).toEqual(new Set([-2.5, 0, 2.5]))
    expect(sewn('cover2.wide').paths.at(-1)).toMatchObject({ thread: 'coverLooper', face: 'under' })
  })

  it('leaves the gap of a buttonhole free between its bars', () => {
    const { penetrations } = sewn('buttonhole.standard', { width: 5, length: 0.4, sewnLength: 26 })
    expect(beadWidth(5)).toBe(2.1)
    const inGap = penetrations.filter(([x, y]) => Math.abs(x) < 0.39 && y > 1.6 && y < 24.4)
    expect(inGap).toEqual([])
    expect(extentOf(sewn('buttonhole.rounded', { width: 5, length: 0.4, sewnLength: 26 })).far).toBeLessThanOrEqual(26)
  })

  it.each<[Partial<StitchSpec>, string]>([
    [{ width: -1 }, 'width of -1'],
    [{ width: NaN }, 'width of NaN'],
    [{ length: 0 }, 'length of 0'],
    [{ length: Infinity }, 'length of Infinity'],
    [{ repeats: 0 }, '0 repeats'],
    [{ repeats: 1.5 }, '1.5 repeats'],
    [{ repeats: 1e9 }, 'repeats cannot be drawn'],
  ])('refuses %o', (more, why) => expect(() => sew(spec('zigzag', more))).toThrow(why))
})

describe('a bar tack', () => {
  it('runs there and back along its line, then covers it from end to end, side to side', () => {
    const { penetrations } = sewn('barTack', { width: 2, length: 1, sewnLength: 6 })
    const [runs, cover] = [penetrations.slice(0, 8), penetrations.slice(8)]
    expect(runs.map(([, y]) => y)).toEqual([0, 2, 4, 6, 6, 4, 2, 0])
    expect(runs.every(([x]) => x === 0)).toBe(true)
    expect(cover.map(([, y]) => y)).toEqual([0, 1, 2, 3, 4, 5, 6])
    expect(cover.map(([x]) => x)).toEqual([-1, 1, -1, 1, -1, 1, -1])
  })
})

describe('a rolled edge', () => {
  const reach = (id: string, face: 'top' | 'under') =>
    sewn(id, { width: 2, length: 1, repeats: 2 })
      .paths.filter((path) => path.face === face && path.thread.endsWith('Looper'))
      .map(({ points }) => Math.max(...points.map(([x]) => x)))
  it('has its edge rolled in on the under side, by most of its width; a flat one has not', () => {
    for (const id of ['rolled3', 'rolled2']) expect([reach(id, 'top'), reach(id, 'under')]).toEqual([[0], [-0.4]])
    expect([reach('overlock3.narrow', 'top'), reach('overlock3.narrow', 'under')]).toEqual([[0], [0]])
  })
})

describe('a motif', () => {
  const points: Point[] = [
    [0, 0],
    [2, 1],
    [-2, 3],
    [0, 4],
  ]

  it('is scaled to width and pattern length, and goes on where it ended', () => {
    const stitch = sewn('decorative', { points, width: 8, length: 6, repeats: 2 })
    expect(stitch.penetrations).toEqual([
      [0, 0],
      [4, 1.5],
      [-4, 4.5],
      [0, 6],
      [4, 7.5],
      [-4, 10.5],
      [0, 12],
    ])
  })

  it('comes back from its text as it was', () => {
    const numbers = fc.double({ min: -20, max: 20, noNaN: true }).map((value) => value + 0)
    fc.assert(
      fc.property(fc.array(fc.tuple(numbers, numbers), { minLength: 2, maxLength: 60 }), (list) => {
        expect(readMotif(writeMotif(list))).toEqual({ points: list })
      }),
    )
  })

  it.each<[string, number, string]>([
    ['', 1, 'first line'],
    ['handhold-motif 1\n0 0', 2, 'at least two'],
    ['handhold-motif 1\n0 0\n1 x', 3, '“1 x” is not two numbers'],
    ['handhold-motif 1\r\n0 0\r\n1 2 3', 3, 'not two numbers'],
    ['handhold-motif 1\n# a leaf\n\n0 0 # start\n1', 5, 'not two numbers'],
  ])('says the line that cannot be read: %j', (text, line, fault) =>
    expect(readMotif(text)).toMatchObject({ line, fault: expect.stringContaining(fault) }),
  )
})
