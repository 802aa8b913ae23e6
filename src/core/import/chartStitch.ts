/** The stitch that a row of a chart states. */
import { freeId, slug } from '../catalogue/ids'
import type { Motion, Parameter, Range, Stitch } from '../catalogue/types'
import type { ChartRow } from './chart'
import { valueFields, type ChartColumn } from './columns'
import type { FeetRead } from './feetInCell'

/** How a person gets to the stitch: its number, with menu or mode before it. */
export const selectOf = ({ texts }: ChartRow): string | undefined =>
  texts.number === undefined ? undefined : texts.menu === undefined ? texts.number : `${texts.menu} ${texts.number}`

export interface StitchChoice {
  id: string
  function: string
  motion: Motion
}

/** The stitch a row states. What the book does not state stays unstated. */
export const stitchOf = (row: ChartRow, { id, function: named, motion }: StitchChoice): Stitch => {
  const defaults: Partial<Record<Parameter, number | Range | 'auto'>> = {}
  for (const field of valueFields) {
    const reading = row.values[field]
    if (reading?.is === 'value') defaults[field] = reading.value
  }
  const { ranges } = row
  const see = Object.values(row.values).find((reading) => reading.is === 'silent' && reading.see !== undefined)
  const page = row.texts.page ?? (see?.is === 'silent' ? see.see : undefined)
  return {
    id,
    select: selectOf(row) ?? '',
    function: named,
    ...(row.texts.name === undefined ? {} : { nativeName: row.texts.name }),
    motion,
    ...(Object.keys(defaults).length > 0 ? { defaults } : {}),
    ...(Object.keys(ranges).length > 0 ? { ranges } : {}),
    ...footOf(row.feet),
    source: { evidence: 'book', ...(page === undefined ? {} : { where: pageText(page) }) },
  }
}

/** One foot as its code, several as their list. */
const footOf = (feet: FeetRead | undefined): Pick<Stitch, 'foot'> => {
  const [first, ...others] = feet?.codes ?? []
  return first === undefined ? {} : { foot: others.length === 0 ? first : [first, ...others] }
}

/** A known stitch with what a chart's columns state put over it; what the chart has no column for stays. */
export const stitchOver =
  (columns: readonly ChartColumn[]) =>
  (known: Stitch, read: Stitch): Stitch => {
    const fields = new Set(columns.map(({ field }) => field))
    const defaults = { ...known.defaults }
    for (const field of valueFields) {
      if (!fields.has(field)) continue
      const value = read.defaults?.[field]
      if (value === undefined) delete defaults[field]
      else defaults[field] = value
    }
    const ranges = { ...known.ranges, ...read.ranges }
    const { defaults: _, ranges: _ranges, foot: _foot, nativeName: _name, ...rest } = known
    const [nativeName, foot] = [
      fields.has('name') ? read.nativeName : known.nativeName,
      fields.has('foot') ? read.foot : known.foot,
    ]
    const where = read.source?.where ?? (known.source?.evidence === 'book' ? known.source.where : undefined)
    return {
      ...rest,
      select: read.select,
      function: read.function,
      motion: read.function === known.function ? known.motion : read.motion,
      ...(nativeName === undefined ? {} : { nativeName }),
      ...(Object.keys(defaults).length > 0 ? { defaults } : {}),
      ...(Object.keys(ranges).length > 0 ? { ranges } : {}),
      ...(foot === undefined ? {} : { foot }),
      source: { evidence: 'book', ...(where === undefined ? {} : { where }) },
    }
  }

const pageText = (page: string): string => (/^\d/.test(page) ? `p. ${page}` : page)

/** A lasting id for a new stitch, made from how it is chosen. */
export const stitchId = (select: string, taken: ReadonlySet<string>): string =>
  freeId(`s-${slug(select, 'stitch')}`, 'stitch', taken)
