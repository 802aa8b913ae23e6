/** The headings of a chart, also where they stand over two lines. */
import { columnOf, headingScore, tidyHeading, type ColumnHabit } from './columns'

/**
 * A second line of headings beneath or above the row that has most of them; what stands over several is said of each.
 */
export const headingsAt = (table: readonly (readonly string[])[], at: number): { headings: string[]; last: number } => {
  const own = at < 0 ? [] : (table[at] as readonly string[])
  const isSecond = (cells: readonly string[] | undefined): cells is readonly string[] =>
    cells !== undefined &&
    cells.filter((cell) => cell.trim() !== '').length > 1 &&
    !cells.some((cell) => /\d/.test(cell))
  const [above, below] = [table[at - 1], table[at + 1]]
  if (at >= 0 && isSecond(below) && below.some((cell, place) => isPart(cell, own[place]))) {
    return { headings: joinedHeadings(own, below), last: at + 1 }
  }
  if (at > 0 && isSecond(above) && headingScore(above) > 0) return { headings: joinedHeadings(above, own), last: at }
  return { headings: [...own], last: at }
}

/** A cell under a heading, or beside it under an empty one, that says which part of it. */
const isPart = (cell: string, above: string | undefined): boolean =>
  cell.trim() !== '' && (above ?? '').trim() === '' && columnOf(`width ${cell}`, 0).field === 'width'

const joinedHeadings = (upper: readonly string[], lower: readonly string[]): string[] => {
  let over = ''
  return Array.from({ length: Math.max(upper.length, lower.length) }, (_, place) => {
    over = (upper[place] ?? '').trim() || over
    const own = (lower[place] ?? '').trim()
    return own === '' ? (upper[place] ?? '') : isOfItself(own) ? own : `${over} · ${own}`
  })
}
/** It needs nothing over it: "No.", "Name". */
const isOfItself = (heading: string): boolean => columnOf(heading, 0).field !== undefined

export const knownHeadings = (cells: readonly string[], habits: Readonly<Record<string, ColumnHabit>>): number =>
  new Set(cells.map(tidyHeading).filter((heading) => heading !== '' && Object.hasOwn(habits, heading))).size
