/** A file of rows and cells as it was read, before anything is made of it. */
export interface FileTable {
  /** The sheet's name; empty for a CSV file. */
  name: string
  /** Every row with its cells as text; a cell covered by a merged one is empty. */
  cells: string[][]
  notes: CellNote[]
}

/** What a spreadsheet keeps about a cell beside its text. Rows and columns are counted from 1. */
export interface CellNote {
  row: number
  column: number
  is:
    | { what: 'merged'; /** Row of the cell that covers it. */ from: number }
    | { what: 'date' }
    | { what: 'formula'; formula: string }
    /** A formula whose result is an error or is not kept in the file. */
    | { what: 'noResult'; formula: string }
}

export interface NoteLookup {
  at: (row: number, column: number) => CellNote['is'] | undefined
}

export const notesOf = ({ notes }: Pick<FileTable, 'notes'>): NoteLookup => {
  const byPlace = new Map(notes.map(({ row, column, is }) => [`${row}/${column}`, is]))
  return { at: (row, column) => byPlace.get(`${row}/${column}`) }
}

export const NO_NOTES: NoteLookup = { at: () => undefined }
