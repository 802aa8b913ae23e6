/** What a catalogue from elsewhere would bring, in words. */
import { rowKey } from '#core/catalogue/rows'
import { sameValue } from '#core/catalogue/sameValue'
import { partKey, usualSide, type MergeRow } from '#core/import/mergeCatalogue'
import type { MergeLine } from '#shared/api/merging'
import { showCell } from '#shared/tables/cells'
import { columnsOf, parametersOf } from '#shared/tables/columns'
import { partWords, placeWords } from '#shared/tables/partWords'
import { titleOf, type RowNames } from '#shared/tables/titles'

/** The whole of a row that was removed here: it is brought back or stays away. */
const WHOLE = { path: [] }

const partsOf = (row: MergeRow, names: RowNames): MergeLine['parts'] => {
  if (row.is === 'new' || row.is === 'gone') return []
  if (row.ours === undefined)
    return [
      {
        key: partKey(row.row, WHOLE),
        place: 'all of it',
        here: 'removed here',
        there: row.is === 'changedHere' ? 'as it was' : 'changed there',
        by: 'both',
        usual: 'yours',
      },
    ]
  const { resource } = row.row
  const columns = columnsOf(resource, parametersOf(resource, [row.ours, row.theirs]))
  return row.parts.map((part) => {
    // As the shelf heads and shows it, where it is a cell there.
    const column = columns.find(({ path }) => sameValue(path, part.path))
    const word = (value: unknown) =>
      (column ? showCell(column.kind, value, names) : partWords(value, names)) || 'not stated'
    return {
      key: partKey(row.row, part),
      place: column?.heading ?? placeWords(part.path, row.theirs ?? row.ours),
      here: word(part.yours),
      there: word(part.theirs),
      by: part.by,
      usual: usualSide(row, part),
    }
  })
}

/** Stitches of a model that is new, or gone, are counted with it. */
export const mergeLines = (rows: readonly MergeRow[], names: RowNames): MergeLine[] => {
  const isWhole = ({ is }: MergeRow) => is === 'new' || is === 'gone'
  const whole = new Set(rows.filter(isWhole).flatMap(({ row, is }) => (row.resource === 'models' ? [is + row.id] : [])))
  const stitches = new Map<string, number>()
  const isAlong = ({ row, is }: MergeRow) => row.model !== undefined && whole.has(is + row.model)
  for (const one of rows)
    if (isAlong(one)) stitches.set(one.row.model as string, (stitches.get(one.row.model as string) ?? 0) + 1)
  return rows
    .filter((one) => !isAlong(one))
    .map((one): MergeLine => {
      const { row, is, ours, theirs, mayBeOther, isBench } = one
      const title = titleOf(row.resource, ours ?? theirs, names)
      return {
        key: rowKey(row),
        resource: row.resource,
        title: row.model === undefined ? title : `${names.models?.[row.model] ?? row.model}: ${title}`,
        is,
        mayBeOther,
        isBench,
        stitches: row.resource === 'models' ? (stitches.get(row.id) ?? 0) : 0,
        parts: partsOf(one, names),
      }
    })
}
