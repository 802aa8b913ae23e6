import type { ChartFault } from '#core/import/chart'
import type { ChartField } from '#core/import/columns'
import type { CellFault } from '#core/import/readValue'

export const fieldWord: Record<ChartField, string> = {
  number: 'Number or place',
  menu: 'Menu or mode',
  name: 'Name',
  function: 'Function',
  foot: 'Foot',
  page: 'Page',
  width: 'Width',
  length: 'Length',
  tension: 'Tension',
  needlePosition: 'Needle position',
  pressure: 'Foot pressure',
}

/** What is wrong with a cell, to follow its text. */
export const cellFaultText: Record<CellFault, string> = {
  notANumber: 'is not a number',
  looksLikeDate: 'looks like a date; a spreadsheet may have made one of a range',
  noResult: 'is a formula whose result is not in the file',
  rangeFalls: 'is a range whose first end is above its second',
  unitNotALength: 'carries a unit where the machine has marks of its own',
  negative: 'is below 0',
  noDensity: 'makes no stitch length',
  tooLarge: 'is far too large for a stitch',
}

const WHY: Record<ChartFault['why'], string> = {
  ...cellFaultText,
  noNumber: 'has no stitch number',
  sameNumber: 'is chosen by an earlier row already',
}

/** "Row 7, column 4 (Width): “3..5” is not a number." */
export const faultText = ({ row, column, heading, text, why }: ChartFault): string => {
  const where = `Row ${row}, column ${column}${heading ? ` (${heading})` : ''}`
  return `${where}: ${text ? `“${text}” ` : 'the row '}${WHY[why]}.`
}
