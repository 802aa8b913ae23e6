/** Words for what moves from one machine to another. */
import type { Carried } from '#core/translate/carry'
import type { MovedValue } from '#core/translate/moveValue'
import type { ReachDifference, ReachOf } from '#core/translate/translateMachine'
import { isInMm } from '#core/catalogue/parameters'
import type { Parameter } from '#core/catalogue/types'
import { formatNumber } from '#core/units/format'
import type { Speech } from './en'
import { list, parameterWord } from './words'

export const carriesWord: Record<Carried['carries'], string> = {
  asItIs: 'Carries over',
  withAdapter: 'With an adapter',
  no: 'Stays behind',
  unknown: 'Not known',
}

export const carriedText = ({ chain, instead, reasons }: Carried, say: Speech): string =>
  [
    chain.length > 0 ? `By way of ${say.items(chain)}.` : '',
    ...reasons
      .slice(0, 1)
      .filter(({ code }) => code !== 'fitStated' && code !== 'fitByRule')
      .map((reason) => say.reason(reason)),
    instead.length > 0
      ? `Instead: ${list(
          instead.map((id) => say.item(id)),
          'or',
        )}.`
      : '',
  ]
    .filter(Boolean)
    .join(' ')

/** What the second machine makes of the first one's value. */
export const movedText = (moved: MovedValue | undefined, parameter: Parameter): string => {
  if (!moved) return ''
  if (moved.is === 'noControl') return 'no control for it'
  if (moved.is === 'notComparable') return 'marks cannot be compared: sew a scrap'
  if (moved.is === 'wouldHit') {
    const { from, to } = moved.clear
    return `the needle would hit: clear from ${formatNumber(from)} to ${formatNumber(to)} mm`
  }
  const unit = isInMm(parameter) ? ' mm' : ''
  const lost =
    Math.abs(moved.lost) < 1e-6
      ? ''
      : `, ${formatNumber(Math.abs(moved.lost))}${unit} ${moved.lost < 0 ? 'less' : 'more'}`
  return `${moved.shown}${lost}${moved.unchecked ? '; by hand through one stitch first' : ''}`
}

const PLAIN: Record<string, string> = { maxWidth: 'Widest stitch', maxSpeed: 'Fastest', twinMax: 'Widest twin needle' }

export const reachWord = (of: ReachDifference['of']): string => PLAIN[of] ?? parameterWord(of as Parameter)

export const reachText = (of: ReachDifference['of'], reach: ReachOf): string => {
  if (reach.is === 'unknown') return 'not stated'
  if (reach.is === 'absent') return 'no control'
  const unit = of === 'maxSpeed' ? ' stitches a minute' : of in PLAIN || isInMm(of as Parameter) ? ' mm' : ''
  if (reach.is === 'figure') return `${formatNumber(reach.value)}${unit}`
  const places = reach.places === 'free' ? 'turns freely' : `${reach.places} ${reach.places === 1 ? 'place' : 'places'}`
  return `${formatNumber(reach.from)} to ${formatNumber(reach.to)}${unit}, ${places}`
}
