/** A fit chart: models across, feet down, a mark in each cell. An empty cell states nothing; it is no "no". */
import type { FitStatement, Id } from '../catalogue/types'

/** What a mark says; `through`: it fits with these adapters. */
export type MarkMeaning = { says: 'fits'; through: Id[] } | { says: 'doesNotFit' } | { says: 'nothing' }

export interface FitChart {
  headingRow: number
  models: { place: number; heading: string; model: Id | undefined }[]
  feet: { row: number; text: string; item: Id | undefined; marks: Record<number, string> }[]
  /** Every different mark with how often it stands. */
  marks: { mark: string; count: number; means: MarkMeaning | undefined }[]
}

export interface FitChartContext {
  /** The one model or item that a heading or a first cell names. */
  modelOf: (text: string) => Id | undefined
  itemOf: (text: string) => Id | undefined
  /** What a mark meant in an earlier chart of the make. */
  habits?: Readonly<Record<string, MarkMeaning>>
}

const FITS = /^(x|✓|✔|●|•|○?yes|y|ja|oui|ok|1)$/i
const NOT = /^(no|n|✗|✘|not|0)$/i
const TICK = /^(✓|✔|☑|√)$/
const CROSS = /^(x|×)$/i
const NOTHING = /^[-–—?]*$/

/**
 * What most charts mean by a mark; undefined where a person must say. "o" and "(x)" mean different things in each, and
 * so does a cross beside ticks. `ticked`: the chart has ticks.
 */
const usualMeaning = (mark: string, ticked: boolean): MarkMeaning | undefined => {
  if (NOTHING.test(mark)) return { says: 'nothing' }
  if (ticked && CROSS.test(mark)) return undefined
  if (FITS.test(mark)) return { says: 'fits', through: [] }
  return NOT.test(mark) ? { says: 'doesNotFit' } : undefined
}

/** The row with most model names is the heading; undefined where none names a model. */
export const readFitChart = (
  table: readonly (readonly string[])[],
  { modelOf, itemOf, habits = {} }: FitChartContext,
): FitChart | undefined => {
  const scores = table.map((cells) => cells.slice(1).filter((cell) => modelOf(cell.trim()) !== undefined).length)
  const best = Math.max(0, ...scores)
  if (best === 0) return undefined
  const at = scores.indexOf(best)
  const models = (table[at] as readonly string[]).flatMap((cell, place) =>
    place === 0 || cell.trim() === '' ? [] : [{ place, heading: cell.trim(), model: modelOf(cell.trim()) }],
  )
  const counts = new Map<string, number>()
  const feet = table.slice(at + 1).flatMap((cells, i) => {
    const text = (cells[0] ?? '').trim()
    if (text === '') return []
    const marks: Record<number, string> = {}
    for (const { place } of models) {
      const mark = (cells[place] ?? '').trim()
      if (mark === '') continue
      marks[place] = mark
      counts.set(mark, (counts.get(mark) ?? 0) + 1)
    }
    return [{ row: at + i + 2, text, item: itemOf(text), marks }]
  })
  const ticked = [...counts.keys()].some((mark) => TICK.test(mark))
  const marks = [...counts].map(([mark, count]) => {
    const asItem = itemOf(mark)
    const means =
      habits[mark] ?? usualMeaning(mark, ticked) ?? (asItem ? { says: 'fits' as const, through: [asItem] } : undefined)
    return { mark, count, means }
  })
  return { headingRow: at + 1, models, feet, marks }
}

export interface StatedCell {
  row: number
  place: number
  statement: Omit<FitStatement, 'id' | 'evidence' | 'where'>
}

/**
 * What the chart states, cell by cell; cells of unknown feet, unknown models and marks nobody explained are left out.
 */
export const statedFits = ({ models, feet, marks }: FitChart): StatedCell[] => {
  const meanings = new Map(marks.map(({ mark, means }) => [mark, means]))
  return feet.flatMap(({ row, item, marks: own }) =>
    models.flatMap(({ place, model }): StatedCell[] => {
      const means = own[place] === undefined ? undefined : meanings.get(own[place] as string)
      if (item === undefined || model === undefined || !means || means.says === 'nothing') return []
      const fits = means.says === 'fits'
      const chain = means.says === 'fits' && means.through.length > 0 ? { chain: means.through } : {}
      return [{ row, place, statement: { item, model, fits, ...chain } }]
    }),
  )
}
