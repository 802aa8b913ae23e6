import type { ChartFault } from '#core/import/chart'
import type { PlainParameter } from '#core/catalogue/parameters'
import type { ChartField, ColumnPart, TextField } from '#core/import/columns'
import type { CellFault } from '#core/import/readValue'
import { parameterWord } from './words'

const TEXT_WORDS: Record<TextField, string> = {
  number: 'Number or place',
  menu: 'Menu or mode',
  name: 'Name',
  function: 'Function',
  foot: 'Foot',
  page: 'Page',
}

export const fieldWord = (field: ChartField): string =>
  field in TEXT_WORDS ? TEXT_WORDS[field as TextField] : parameterWord(field as PlainParameter)

/** What of a value a column states. */
export const partWord = (part: ColumnPart): string => PART_WORDS[part]
const PART_WORDS: Record<ColumnPart, string> = {
  default: 'default',
  min: 'least',
  max: 'most',
  range: 'range',
}

/** What is wrong with a cell, to follow its text. */
export const cellFaultText: Record<CellFault, string> = {
  notANumber: 'is not a number',
  looksLikeDate: 'looks like a date; a spreadsheet may have made one of a range',
  plusMinus: 'may be nought or the normal mark: say which',
  spoilt: 'was made so by a spreadsheet; what it was is not in the file',
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
  beyond: 'is beyond this machine',
  oneEnd: 'is one end of a range; the other stands neither in the chart nor on the machine’s scale',
  tooLong: 'stands beyond the last heading; were there decimal commas without quotes?',
}

/** "Row 7, column 4 (Width): “3..5” is not a number." */
export const faultText = ({ row, column, heading, text, why, maybe }: ChartFault): string => {
  const where = `Row ${row}, column ${column}${heading ? ` (${heading})` : ''}`
  return `${where}: ${text ? `“${text}” ` : 'the row '}${WHY[why]}${maybe === undefined ? '' : `; ${maybe}?`}.`
}
