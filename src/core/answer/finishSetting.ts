/**
 * A drafted value as the card gives it: shown as the model shows it, with whether it must be set again. (answers §4.7)
 */
import type { Positions, Range, Scale } from '../catalogue/types'
import { TOLERANCE, tidy } from '../units/quantities'
import { highEnd, lowEnd } from './reasons'
import type { Draft } from './settings'
import { showValue } from './show'
import type { Setting } from './types'

export interface FinishInput {
  scale: Scale | 'absent' | undefined
  setup: Positions
  /** Limit in steps of the model's one offset for every stitch; undefined where it has none. */
  offsetLimit: number | undefined
  clear: Range | undefined
}

/** The setting as the card gives it. */
export const finishSetting = (draft: Draft, { scale, setup, offsetLimit, clear }: FinishInput): Setting => {
  const changed = isChanged(draft)
  const reasons = [...draft.reasons]
  let setAgain: Setting['setAgain'] = 'no'
  const kept = scale === undefined || scale === 'absent' ? undefined : scale.kept
  if (changed && kept === undefined) setAgain = 'check'
  if (changed && kept === false) setAgain = 'afterChoosing'
  const offset = offsetOf(draft, scale, offsetLimit)
  if (offset) {
    reasons.push(offset)
    if (offset.rest === 0) setAgain = 'no'
  }
  return {
    value: draft.value,
    shown: showValue(draft.value, draft.parameter, scale, setup),
    ...(draft.default === undefined ? {} : { default: draft.default }),
    from: draft.from,
    changed,
    setAgain,
    ...(clear ? { clear } : {}),
    reasons,
  }
}

const isChanged = ({ value, default: byBook }: Draft): boolean => {
  if (value === 'absent' || value === 'unstated' || value === 'auto') return false
  if (byBook === undefined || byBook === 'auto') return true
  return Math.abs(lowEnd(value) - lowEnd(byBook)) > TOLERANCE || Math.abs(highEnd(value) - highEnd(byBook)) > TOLERANCE
}

/** How much of a change by numbers the model can hold once for every stitch. */
const offsetOf = (draft: Draft, scale: Scale | 'absent' | undefined, limit: number | undefined) => {
  if (limit === undefined || !draft.byNumbers || draft.from !== 'target' || typeof draft.value !== 'number') {
    return undefined
  }
  const stated = scale === undefined || scale === 'absent' ? undefined : scale
  const base = typeof draft.default === 'number' ? draft.default : stated?.normal
  if (base === undefined) return undefined
  const number = stated?.number ?? 1
  const total = tidy((draft.value - base) / number)
  if (total === 0) return undefined
  const offset = Math.sign(total) * Math.min(Math.abs(total), limit)
  return { code: 'tensionOffset' as const, offset, effective: draft.value, rest: tidy(total - offset) }
}
