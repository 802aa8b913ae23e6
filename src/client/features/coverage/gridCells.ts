/** The grid as it is shown: techniques by family down, machines by make across, each cell found by where it stands. */
import type { GridView } from '#shared/api/coverage'
import { cellPasses, filtersCells, hasWords, type FilteredCell, type Filters } from './filters'
import { LETTER_EVIDENCE, LETTER_VERDICT } from './words'

export interface GridCells {
  rows: (GridView['techniques'][number] & { place: number })[]
  columns: (GridView['models'][number] & { place: number })[]
  at: (row: number, column: number) => FilteredCell
  /** The cell is there only because its row and column are. */
  isDim: (row: number, column: number) => boolean
}

/** A technique is shown where its words fit and some machine shown has a cell as it is looked for. */
export const gridCells = (view: GridView | undefined, filters: Filters): GridCells => {
  const columns = (view?.models ?? [])
    .map((model, place) => ({ ...model, place }))
    .filter(({ kind }) => filters.kind === '' || kind === filters.kind)
    .sort((a, b) => (a.make === b.make ? a.place - b.place : a.make < b.make ? -1 : 1))
  const cell = (technique: number, model: number): FilteredCell => ({
    verdict: LETTER_VERDICT[view?.verdicts[technique]?.[model] ?? 'n'] ?? 'notOnThisModel',
    evidence: LETTER_EVIDENCE[view?.evidence[technique]?.[model] ?? '-'],
    proved: view?.proved[technique]?.[model] === 'p',
  })
  const narrow = filtersCells(filters)
  const rows = (view?.techniques ?? [])
    .map((technique, place) => ({ ...technique, place }))
    .filter(({ name, family }) => hasWords(`${name} ${family}`, filters.words))
    .filter(({ place }) => !narrow || columns.some((model) => cellPasses(cell(place, model.place), filters)))
    .sort((a, b) => (a.family === b.family ? a.place - b.place : a.family < b.family ? -1 : 1))
  const at = (row: number, column: number) => cell(rows[row]?.place ?? -1, columns[column]?.place ?? -1)
  return { rows, columns, at, isDim: (row, column) => narrow && !cellPasses(at(row, column), filters) }
}
