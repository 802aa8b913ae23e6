/** A chart's value against the machine it is for. */
import { entryOf, type PlainParameter } from '../catalogue/parameters'
import type { Range, Scale } from '../catalogue/types'
import { tidy } from '../units/quantities'
import type { CellReading } from './readValue'

/** What the machine shows, as the value inside. */
export const inside = (reading: CellReading, scale: Scale | 'absent' | undefined): CellReading => {
  const offset = typeof scale === 'object' ? (scale.shownOffset ?? 0) : 0
  if (reading.is !== 'value' || offset === 0) return reading
  const within = ({ from, to }: Range): Range => ({ from: tidy(from - offset), to: tidy(to - offset) })
  const { value, range } = reading
  return {
    is: 'value',
    value: typeof value === 'number' ? tidy(value - offset) : value === 'auto' ? value : within(value),
    ...(range ? { range: within(range) } : {}),
  }
}

/** The mark that is called normal. */
export const normalOf = (scale: Scale | 'absent' | undefined): number | undefined =>
  typeof scale === 'object' ? scale.normal : undefined

/** Beyond what the machine's scale reaches, or where it is not stated any machine's; with what it may have been. */
export const beyondMachine = (
  reading: CellReading,
  field: PlainParameter,
  scale: Scale | 'absent' | undefined,
): { maybe?: string } | undefined => {
  if (reading.is !== 'value') return undefined
  const { signed, most = Infinity } = entryOf(field)
  const [from, to] = typeof scale === 'object' ? [scale.from, scale.to] : [signed ? -most : 0, most]
  const within = (value: number) => value >= from - EPSILON && value <= to + EPSILON
  const { value, range } = reading
  const own = value === 'auto' ? [] : typeof value === 'number' ? [value] : [value.from, value.to]
  const figures = [...own, ...(range ? [range.to] : [])]
  if (figures.every(within)) return undefined
  const tenth = typeof value === 'number' ? tidy(value / 10) : undefined
  return tenth !== undefined && within(tenth) ? { maybe: String(tenth) } : {}
}
const EPSILON = 1e-6
