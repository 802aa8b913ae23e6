/** What is said beside a value: what the machine gives, or where it stands and what the book says. */
import type { ShownFault } from '#core/answer/readShown'
import { showValue } from '#core/answer/show'
import type { CardValue } from '#core/card/card'
import type { Positions } from '#core/catalogue/types'
import { standsAt } from './moves'

/** A whole sentence. Only of a value that choosing a stitch sets anew is it said that the machine gives it. */
export const standingText = (
  { parameter, setting, scale, stands, resets }: CardValue,
  setup: Positions = {},
): string => {
  const shown = (value: Parameters<typeof showValue>[0]): string => {
    const whole = showValue(value, parameter, scale, setup)
    return typeof value === 'object' && !whole.startsWith('between ')
      ? `${shown(value.from)} to ${shown(value.to)}`
      : whole
  }
  const book = setting.default === undefined ? undefined : shown(setting.default)
  const says = book === undefined ? 'the book says nothing' : `the book says ${book}`
  if (resets)
    return stands !== undefined
      ? `Machine gives ${shown(stands)}.`
      : book === undefined
        ? 'The book does not say what the machine gives.'
        : `The book says ${book}; look what it shows.`
  if (stands === undefined) return `Nobody knows how it stands; ${says}.`
  return `${stands === 'auto' ? 'It shows “auto”' : `It stands ${standsAt(shown(stands), 'at')}`}; ${says}.`
}

/** What is wrong with a value that somebody read off a machine, to stand behind its name. */
export const shownFaultText = (fault: ShownFault): string => {
  switch (fault.code) {
    case 'notANumber':
      return `“${fault.text}” is not a number`
    case 'notAMark':
      return `is one of its marks, ${fault.marks.join(', ')}, or lies between two of them`
    case 'noLength':
      return 'is no length'
    case 'outside':
      return `goes from ${fault.from} to ${fault.to} on this machine`
  }
}

/** What cannot be stood at is asked again. */
export const betweenText = ([below, above]: readonly [string, string]): string =>
  below === above
    ? `this machine goes to ${below}: look again`
    : `this machine stands at ${below} or ${above}: look again`
