/**
 * Where a control stands, as a word that plans compare: an id, a code, or a figure. How it is said is made elsewhere
 * (`shared/messages/positions.ts`).
 */
import type { Range } from '../catalogue/types'
import { tidy, type Mm, type NeedleSize } from '../units/quantities'

/** Where nobody has said how a control stands. */
export const UNKNOWN = '?'
/** Among a control's positions: any other word is one too (a foot, a stitch, a value). */
export const ANY = '*'
/** A control's only position where the model has it not, against the usual of its kind. */
export const ABSENT = 'absent'
/** A value as the chosen stitch brings it, where what that is has not been told in figures. */
export const AS_GIVEN = 'asGiven'
/** As it was before, where nobody has said how that was. */
export const AS_BEFORE = 'asBefore'
/** An open control in which nothing has been put yet. */
export const NOTHING = 'nothing'

const BETWEEN = '..'

/** `0.4`; a range as `4..5`; `auto`. */
export const valuePosition = (value: number | Range | 'auto'): string =>
  typeof value === 'object'
    ? `${tidy(value.from)}${BETWEEN}${tidy(value.to)}`
    : String(value === 'auto' ? value : tidy(value))

/** The value that stands there; undefined where the position is none. */
export const valueAt = (position: string): number | Range | 'auto' | undefined => {
  if (position === 'auto') return position
  const ends = position.split(BETWEEN).map((end) => (end === '' ? NaN : Number(end)))
  const [from, to] = ends
  if (from === undefined || ends.length > 2 || !ends.every(Number.isFinite)) return undefined
  return to === undefined ? from : { from, to }
}

export interface FittedNeedle {
  point: string
  size: NeedleSize
  /** Spacing of a twin. */
  twin?: Mm
}

/** `80/Microtex`; a twin as `75x4/Universal`: the point's name may hold anything. */
export const needlePosition = ({ point, size, twin }: FittedNeedle): string =>
  `${size}${twin === undefined ? '' : `x${twin}`}/${point}`

/** Undefined for what is no needle. */
export const needleAt = (position: string): FittedNeedle | undefined => {
  const [, size, twin, point = ''] = /^(\d+(?:\.\d+)?)(?:x(\d+(?:\.\d+)?))?\/(.*)$/s.exec(position) ?? []
  if (size === undefined) return undefined
  return { point, size: Number(size), ...(twin === undefined ? {} : { twin: Number(twin) }) }
}
