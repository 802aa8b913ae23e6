import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { mitreMarks } from './hems'
import { A4, CHECK_BAR, FOOTING, pagesOf, type At, type Sheet, type SheetMark } from './sheet'
import { sheetSvg } from './sheetSvg'
import { circleGuide, cornerTemplate, markStrip } from './templates'

const lines = ({ marks }: Sheet) => marks.flatMap((mark) => (mark.is === 'line' ? [mark] : []))
const length = ([from = [0, 0], to = [0, 0]]: readonly At[]) => Math.hypot(to[0] - from[0], to[1] - from[1])
const reach = (mark: SheetMark): At[] => {
  if (mark.is === 'line') return mark.points
  if (mark.is === 'text') return [mark.at]
  const [x, y] = mark.at
  return [
    [x - mark.radius, y - mark.radius],
    [x + mark.radius, y + mark.radius],
  ]
}
const sheets: [string, Sheet][] = [
  ['strip', markStrip({ places: [40, 130, 220], sewnLength: 26, lie: 'vertical', edge: 16 })],
  ['across', markStrip({ places: [40, 130], sewnLength: 26, lie: 'horizontal', edge: 16, anchored: 1 })],
  ['circle', circleGuide(60, 26)],
  ['corner', cornerTemplate(40, 25, mitreMarks(40, 25))],
]

describe.each(sheets)('%s', (_, sheet) => {
  it('has a bar of 50 mm, and nothing outside', () => {
    expect(lines(sheet).filter((mark) => mark.points.length === 2 && length(mark.points) === CHECK_BAR)).toHaveLength(1)
    for (const [x, y] of sheet.marks.flatMap(reach)) {
      expect(x).toBeGreaterThanOrEqual(0)
      expect(x).toBeLessThanOrEqual(sheet.width)
      expect(y).toBeGreaterThanOrEqual(0)
      expect(y).toBeLessThanOrEqual(sheet.height)
    }
  })
  it('is an SVG in true millimetres', () => {
    const svg = sheetSvg(sheet)
    const [, width, height] = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg) as unknown as string[]
    expect(svg).toContain(`viewBox="0 0 ${width} ${height}"`)
    expect(Number(width)).toBeCloseTo(sheet.width, 3)
    expect(svg).toContain('50 mm')
  })
})

describe('a mark strip', () => {
  it('has each buttonhole at its place and length', () => {
    const bars = lines(markStrip({ places: [40, 130, 220], sewnLength: 26, lie: 'vertical', edge: 16 })).filter(
      ({ points }) => points[0]?.[1] === 16 && length(points) === 26,
    )
    const middles = bars.map(({ points: [from, to] }) => ((from?.[0] ?? 0) + (to?.[0] ?? 0)) / 2)
    expect(middles.map((x) => x - (middles[0] as number))).toEqual([0, 90, 180])
  })
  it('starts horizontal ones 3 mm past the centre line, toward the edge', () => {
    const [bar] = lines(markStrip({ places: [40], sewnLength: 26, lie: 'horizontal', edge: 16 })).filter(
      ({ points }) => length(points) === 26,
    )
    expect(bar?.points.map(([, y]) => y)).toEqual([13, 39])
  })
})

describe('what a sheet shows', () => {
  const at = (sheet: Sheet) => lines(sheet).map(({ weight, points }) => `${weight} ${points.map(String).join(' ')}`)
  const words = ({ marks }: Sheet) => marks.flatMap((mark) => (mark.is === 'text' ? [`${mark.at} ${mark.text}`] : []))
  const drawn = (all: string[], ...some: string[]) => expect(all).toEqual(expect.arrayContaining(some))

  it('along an edge: edge, centre line, each buttonhole with its ends, its place beneath', () => {
    const strip = markStrip({ places: [40, 130], sewnLength: 20, lie: 'vertical', edge: 16 })
    expect(strip.width).toBe(90 + 2 * 25)
    drawn(
      at(strip),
      'strong 0,0 140,0',
      'dashed 0,16 140,16',
      'strong 15,16 35,16',
      'strong 15,14 15,18',
      'strong 35,14 35,18',
      'strong 105,16 125,16',
    )
    drawn(words(strip), '2,3.6 edge', '2,15 centre line', '25,26 1 · 40 mm = 1 9/16"', '115,26 2 · 130 mm = 5⅛"')
  })

  it('across the edge: from 3 mm past the centre line inward, the anchor named', () => {
    const strip = markStrip({ places: [40, 130], sewnLength: 20, lie: 'horizontal', edge: 16, anchored: 1 })
    expect(strip.width).toBe(90 + 2 * 15)
    drawn(at(strip), 'strong 15,13 15,33', 'strong 13,13 17,13', 'strong 13,33 17,33', 'strong 105,13 105,33')
    drawn(words(strip), '15,46 1 · 40 mm = 1 9/16"', '105,46 2 · anchor · 130 mm = 5⅛"')
  })

  it('a circle: both folds from the centre, a mark for each motif of the quarter', () => {
    const sheet = circleGuide(60, 4)
    drawn(at(sheet), 'thin 6,6 72,6', 'thin 6,6 6,72', 'strong 63.5,6 68.5,6', 'strong 6,63.5 6,68.5')
    expect(sheet.marks).toContainEqual({ is: 'circle', at: [6, 6], radius: 1, weight: 'strong' })
    const [arc] = lines(sheet).filter(({ points }) => points.length > 100)
    expect([arc?.points[0], arc?.points.at(-1)]).toEqual([
      [66, 6],
      [6, 66],
    ])
    expect(words(sheet)).toContain('9,11 centre, on the pivot')
  })

  it('a corner: both raw edges, both folds, the seam through where they meet, the trim outside it', () => {
    const sheet = cornerTemplate(40, 40, mitreMarks(40, 40))
    // The raw corner is at 4,100.
    drawn(at(sheet), 'strong 96,100 4,100 4,4', 'dashed 4,60 96,60', 'dashed 44,100 44,4', 'strong 84,100 44,60 4,20')
    const [trim] = lines(sheet).filter(({ weight, points }) => weight === 'thin' && points.length === 2)
    const [[x = 0, y = 0] = [], [u = 0, v = 0] = []] = trim?.points ?? []
    // Parallel to the seam, 6 mm outside it.
    expect([y, u]).toEqual([100, 4])
    expect((84 - x) / Math.SQRT2).toBeCloseTo(6, 5)
    expect((v - 20) / Math.SQRT2).toBeCloseTo(6, 5)
    drawn(words(sheet), '46,58 inner corner', '85,98 80 mm = 3⅛"', '6,19 80 mm = 3⅛"')
  })
})

describe('a circle’s guide', () => {
  it('has its arc at the radius and a mark a motif over a quarter', () => {
    const sheet = circleGuide(60, 26)
    const [arc] = lines(sheet).filter(({ points }) => points.length > 100)
    for (const [x, y] of arc?.points ?? []) expect(Math.hypot(x - 6, y - 6)).toBeCloseTo(60, 4)
    expect(lines(sheet).filter(({ points }) => Math.abs(length(points) - 5) < 1e-4)).toHaveLength(7)
  })
})

describe('a corner’s template', () => {
  it('has the seam through the inner corner, meeting both marks', () => {
    const seam = lines(cornerTemplate(40, 25, mitreMarks(40, 25))).find(
      ({ points, weight }) => points.length === 3 && weight === 'strong' && points[1]?.[0] === 29,
    )
    const [a, b, c] = seam?.points as [At, At, At]
    expect(length([a, b])).toBeCloseTo(Math.hypot(40, 25), 5)
    expect(length([b, c])).toBeCloseTo(Math.hypot(40, 25), 5)
  })
})

describe('pages', () => {
  it('cover the whole drawing, each within the paper', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 20, max: 1200, noNaN: true }),
        fc.double({ min: 20, max: 900, noNaN: true }),
        (width, height) => {
          const pages = pagesOf({ title: '', width, height, marks: [] })
          const shown = (at: 0 | 1, size: 'width' | 'height') =>
            Math.max(...pages.map((page) => page.from[at] + page[size]))
          expect(shown(0, 'width')).toBeGreaterThanOrEqual(width - 1e-9)
          expect(shown(1, 'height')).toBeGreaterThanOrEqual(height - 1e-9)
          for (const page of pages) {
            const [wide, high] = page.landscape ? [A4.height, A4.width] : [A4.width, A4.height]
            expect(page.width + 2 * A4.margin).toBeLessThanOrEqual(wide)
            expect(page.height + FOOTING + 2 * A4.margin).toBeLessThanOrEqual(high)
            // No gap to the one before.
            if (page.column > 0)
              expect(pages.some((other) => other.row === page.row && other.from[0] + other.width >= page.from[0])).toBe(
                true,
              )
          }
        },
      ),
    )
  })
  it('takes the paper whichever way needs fewer', () => {
    const strip = markStrip({ places: [40, 400], sewnLength: 26, lie: 'vertical', edge: 16 })
    expect(pagesOf(strip)).toHaveLength(2)
    expect(pagesOf(strip)[0]?.landscape).toBe(true)
  })
})
