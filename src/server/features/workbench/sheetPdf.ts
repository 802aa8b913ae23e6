/** A drawing at 1:1 on A4 pages, each with a bar of 50 mm of its own. */
import type { CanvasElement, Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import {
  A4,
  CHECK_BAR,
  line,
  pagesOf,
  text,
  type At,
  type Sheet,
  type SheetMark,
  type SheetPage,
} from '#core/workbench/sheet'
import { OutOfReach } from '#core/workbench/figure'
import { Invalid } from '../../http/problems'
import { pdfOf, POINTS } from '../../print/drawn'
import type { Workers } from '../../work/workers'

const WEIGHT = { thin: 0.15, strong: 0.35, dashed: 0.2 }
const DASH = { length: 2 * POINTS, space: 1.5 * POINTS }

/** Throws `Invalid` for more pages than are printed. */
export const sheetOrRefuse = async (workers: Workers, sheet: Sheet): Promise<Buffer> => {
  try {
    return await sheetPdf(workers, sheet)
  } catch (error) {
    if (!(error instanceof OutOfReach)) throw error
    throw new Invalid(`That would be ${error.value} pages; at most ${error.reach.to} are printed.`, [])
  }
}

const sheetPdf = async (workers: Workers, sheet: Sheet): Promise<Buffer> => {
  const pages = pagesOf(sheet)
  const landscape = pages[0]?.landscape ?? false
  const document: TDocumentDefinitions = {
    info: { title: sheet.title },
    pageSize: 'A4',
    pageOrientation: landscape ? 'landscape' : 'portrait',
    pageMargins: 0,
    content: pages.map((page, i) => ({
      stack: drawn(sheet, page, pages.length),
      ...(i > 0 ? { pageBreak: 'before' as const } : {}),
    })),
  }
  return pdfOf(workers, document)
}

/** Half a centimetre beyond its page a mark is still drawn: the paper's margin cuts it. */
const BEYOND = 4

const drawn = (sheet: Sheet, page: SheetPage, count: number): Content[] => {
  const place = ([x, y]: At): At => [x - page.from[0] + A4.margin, y - page.from[1] + A4.margin]
  const right = A4.margin + page.width
  const bottom = A4.margin + page.height
  const clip = (marks: SheetMark[]) =>
    marks.flatMap((mark) =>
      clipped(moved(mark, place), {
        left: A4.margin - BEYOND,
        top: A4.margin - BEYOND,
        right: right + BEYOND,
        bottom: bottom + BEYOND,
      }),
    )
  const footing: SheetMark[] =
    count === 1
      ? []
      : [
          ...joins(right, bottom),
          line('strong', [A4.margin, bottom + 8], [A4.margin + CHECK_BAR, bottom + 8]),
          line('strong', [A4.margin, bottom + 6], [A4.margin, bottom + 10]),
          line('strong', [A4.margin + CHECK_BAR, bottom + 6], [A4.margin + CHECK_BAR, bottom + 10]),
          text(
            [A4.margin + CHECK_BAR + 2, bottom + 9],
            `50 mm · page ${page.row + 1}.${page.column + 1} of ${count} · overlap the crosses`,
            3.2,
          ),
        ]
  return contents([...clip(sheet.marks), ...footing])
}

/** Crosses that lie over each other when neighbouring pages are put together. */
const joins = (right: number, bottom: number): SheetMark[] => {
  const cross = (x: number, y: number) => [line('thin', [x - 3, y], [x + 3, y]), line('thin', [x, y - 3], [x, y + 3])]
  const middle = (A4.margin + bottom) / 2
  return [A4.margin + 5, right - 5].flatMap((x) => [A4.margin + 5, middle, bottom - 5].flatMap((y) => cross(x, y)))
}

const moved = (mark: SheetMark, place: (at: At) => At): SheetMark =>
  mark.is === 'line' ? { ...mark, points: mark.points.map(place) } : { ...mark, at: place(mark.at) }

interface Frame {
  left: number
  top: number
  right: number
  bottom: number
}

/** Lines are cut at the frame, piece by piece; what is not a line is left out unless its middle is inside. */
const clipped = (mark: SheetMark, frame: Frame): SheetMark[] => {
  if (mark.is !== 'line') {
    const [x, y] = mark.at
    return x >= frame.left && x <= frame.right && y >= frame.top && y <= frame.bottom ? [mark] : []
  }
  return mark.points.slice(1).flatMap((to, i): SheetMark[] => {
    const piece = cut(mark.points[i] as At, to, frame)
    return piece ? [{ ...mark, points: piece }] : []
  })
}

/** The part of a straight piece inside a frame. (Liang and Barsky, 1984) */
const cut = ([ax, ay]: At, [bx, by]: At, { left, top, right, bottom }: Frame): [At, At] | undefined => {
  const [dx, dy] = [bx - ax, by - ay]
  let [from, to] = [0, 1]
  for (const [step, room] of [
    [-dx, ax - left],
    [dx, right - ax],
    [-dy, ay - top],
    [dy, bottom - ay],
  ] as const) {
    if (step === 0) {
      if (room < 0) return undefined
      continue
    }
    if (step < 0) from = Math.max(from, room / step)
    else to = Math.min(to, room / step)
  }
  if (from > to) return undefined
  return [
    [ax + from * dx, ay + from * dy],
    [ax + to * dx, ay + to * dy],
  ]
}

const contents = (marks: SheetMark[]): Content[] => {
  const vectors = marks.flatMap((mark): CanvasElement[] => {
    if (mark.is === 'text') return []
    const lineWidth = WEIGHT[mark.weight] * POINTS
    const dash = mark.weight === 'dashed' ? { dash: DASH } : {}
    if (mark.is === 'circle') {
      const [x, y] = mark.at
      return [
        {
          type: 'ellipse',
          x: x * POINTS,
          y: y * POINTS,
          r1: mark.radius * POINTS,
          r2: mark.radius * POINTS,
          lineWidth,
          ...dash,
        },
      ]
    }
    const points = mark.points.map(([x, y]) => ({ x: x * POINTS, y: y * POINTS }))
    return [{ type: 'polyline', points, closePath: mark.closed ?? false, lineWidth, ...dash }]
  })
  const words = marks.flatMap((mark): Content[] => {
    if (mark.is !== 'text') return []
    const fontSize = mark.size * POINTS
    // Wide enough for any line: alignment is by the box.
    const WIDE = 400 * POINTS
    const x = mark.at[0] * POINTS - { start: 0, middle: WIDE / 2, end: WIDE }[mark.align]
    const alignment = ({ start: 'left', middle: 'center', end: 'right' } as const)[mark.align]
    return [
      {
        absolutePosition: { x, y: mark.at[1] * POINTS - fontSize },
        columns: [{ width: WIDE, text: mark.text, fontSize, alignment, noWrap: true }],
      },
    ]
  })
  return [{ canvas: vectors, absolutePosition: { x: 0, y: 0 } }, ...words]
}
