/** How the places of controls are said. */
import { inWords, showValue } from '#core/answer/show'
import type { Parameter, Positions, Scale } from '#core/catalogue/types'
import { needleAt, valueAt } from '#core/changeover/positions'

const WORDS: Record<string, string> = {
  '?': 'not known',
  nothing: '–',
  own: 'its own',
  switchedOn: 'as switched on',
  asGiven: 'as the machine gives it',
  asBefore: 'as before',
  twoThreadConverter: 'two-thread converter on',
  due: 'to be turned',
}

export const positionWord = (at: string): string => WORDS[at] ?? needleWord(at) ?? inWords(at)

/** "Microtex 70", "Universal 75, 4 mm apart"; undefined for what is no needle. */
export const needleWord = (at: string): string | undefined => {
  const needle = needleAt(at)
  return needle && `${needle.point} ${needle.size}${needle.twin === undefined ? '' : `, ${needle.twin} mm apart`}`
}

/** A value's place as the model shows it while its controls stand so. */
export const valueWord = (
  at: string,
  parameter: Parameter,
  scale: Scale | 'absent' | undefined,
  setup: Positions,
): string => {
  const value = valueAt(at)
  return value === undefined ? positionWord(at) : showValue(value, parameter, scale, setup)
}
