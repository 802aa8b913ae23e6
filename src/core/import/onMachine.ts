/** A chart's value against the machine it is for. */
import { entryOf, type PlainParameter } from '../catalogue/parameters'
import type { Scale } from '../catalogue/types'
import { tidy } from '../units/quantities'
import type { CellReading } from './readValue'

/** What the machine shows, as the value inside. */
export const inside = (reading: CellReading, scale: Scale | 'absent' | undefined): CellReading => {
  const offset = typeof scale === 'object' ? (scale.shownOffset ?? 0) : 0
  if (reading.is !== 'value' || reading.value === 'auto' || offset === 0) return reading
  const { value } = reading
  if (typeof value === 'number') return { is: 'value', value: tidy(value - offset) }
  return { is: 'value', value: { from: tidy(value.from - offset), to: tidy(value.to - offset) } }
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
  if (reading.is !== 'value' || reading.value === 'auto') return undefined
  const { signed, most = Infinity } = entryOf(field)
  const [from, to] = typeof scale === 'object' ? [scale.from, scale.to] : [signed ? -most : 0, most]
  const within = (value: number) => value >= from - EPSILON && value <= to + EPSILON
  const { value, range } = reading
  const figures = [...(typeof value === 'number' ? [value] : [value.from, value.to]), ...(range ? [range.to] : [])]
  if (figures.every(within)) return undefined
  const tenth = typeof value === 'number' ? tidy(value / 10) : undefined
  return tenth !== undefined && within(tenth) ? { maybe: String(tenth) } : {}
}
const EPSILON = 1e-6
