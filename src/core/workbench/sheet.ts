/**
 * A drawing in true millimetres that is printed at 1:1: mark strips, circle guides, corner templates. Origin at the
 * upper left, x to the right, y down. Every sheet carries a bar of 50 mm to lay a ruler against.
 */
import type { Mm } from '../units/quantities'
import { OutOfReach } from './figure'

export type At = readonly [x: Mm, y: Mm]

export type SheetMark =
  | { is: 'line'; points: At[]; weight: 'thin' | 'strong' | 'dashed'; closed?: boolean }
  | { is: 'circle'; at: At; radius: Mm; weight: 'thin' | 'strong' | 'dashed' }
  | { is: 'text'; at: At; text: string; size: Mm; align: 'start' | 'middle' | 'end' }

export interface Sheet {
  title: string
  width: Mm
  height: Mm
  marks: SheetMark[]
}

export const CHECK_BAR: Mm = 50
/** Room under a drawing for its bar and title. */
export const FOOTING: Mm = 16

export const line = (weight: 'thin' | 'strong' | 'dashed', ...points: At[]): SheetMark => ({
  is: 'line',
  points,
  weight,
})
export const text = (at: At, words: string, size: Mm, align: 'start' | 'middle' | 'end' = 'start'): SheetMark => ({
  is: 'text',
  at,
  text: words,
  size,
  align,
})

/** The bar, with its length beside it. */
const checkBar = ([x, y]: At): SheetMark[] => [
  line('strong', [x, y], [x + CHECK_BAR, y]),
  line('strong', [x, y - 2], [x, y + 2]),
  line('strong', [x + CHECK_BAR, y - 2], [x + CHECK_BAR, y + 2]),
  text([x + CHECK_BAR + 2, y + 1.2], '50 mm: lay a ruler here first', 3.2),
]

/** A drawing with its bar and title below it. */
export const sheetOf = (title: string, width: Mm, height: Mm, marks: SheetMark[]): Sheet => ({
  title,
  width: Math.max(width, 4 + CHECK_BAR + 50, 4 + title.length * 1.9),
  height: height + FOOTING,
  marks: [...marks, ...checkBar([2, height + 5]), text([2, height + 13], title, 3.6)],
})

export interface Paper {
  width: Mm
  height: Mm
  margin: Mm
}
export const A4: Paper = { width: 210, height: 297, margin: 10 }
/** Pages of a tiled drawing lie so far over each other. */
const OVERLAP: Mm = 10
const MOST_PAGES = 60

export interface SheetPage {
  /** Of the drawing that this page shows. */
  from: At
  width: Mm
  height: Mm
  row: number
  column: number
  landscape: boolean
}

/**
 * How a drawing falls onto pages, the way of the paper that takes fewer. Neighbours overlap by 10 mm.
 * Throws `OutOfReach` where it would be more than 60.
 */
export const pagesOf = (sheet: Sheet, paper: Paper = A4): SheetPage[] => {
  const ways = [false, true].map((landscape) => {
    const [wide, high] = landscape ? [paper.height, paper.width] : [paper.width, paper.height]
    const [w, h] = [wide - 2 * paper.margin, high - 2 * paper.margin - FOOTING]
    const along = (size: Mm, room: Mm) => (size <= room ? 1 : Math.ceil((size - OVERLAP) / (room - OVERLAP)))
    return { landscape, w, h, columns: along(sheet.width, w), rows: along(sheet.height, h) }
  })
  const best = ways.sort((a, b) => a.columns * a.rows - b.columns * b.rows)[0] as (typeof ways)[number]
  const count = best.columns * best.rows
  if (count > MOST_PAGES) throw new OutOfReach('pages', count, { from: 1, to: MOST_PAGES })
  return Array.from({ length: count }, (_, i): SheetPage => {
    const [row, column] = [Math.floor(i / best.columns), i % best.columns]
    return {
      from: [column * (best.w - OVERLAP), row * (best.h - OVERLAP)],
      width: best.w,
      height: best.h,
      row,
      column,
      landscape: best.landscape,
    }
  })
}
