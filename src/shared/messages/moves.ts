/** Moves and rules in words. */
import type { ControlRule } from '#core/catalogue/types'
import { AS_BEFORE, needleAt, UNKNOWN } from '#core/changeover/positions'
import type { ToldMove } from '#core/procedure/types'
import type { Speech } from './en'
import { needleWord, positionWord } from './positions'
import { ruleWords } from './usual'
import { capital, controlWord, list, positionsWords, small, threadPlaceWord } from './words'

/** Moves told in one breath: "Needle up, presser foot up, switch off". */
export const inOneBreath = (moves: readonly ToldMove[], say: Speech): string => {
  const [first, ...rest] = moves.filter(({ means }) => means !== 'value').map((move) => moveText(move, say))
  const values = moves
    .filter(({ means }) => means === 'value')
    .map((move) => `${controlWord(move.control)} ${valueText(move)}`)
  const isPlaced = moves.some(({ where }) => where !== undefined)
  const acts =
    first === undefined ? '' : isPlaced ? [first, ...rest].join('. ') : [first, ...rest.map(small)].join(', ')
  if (values.length === 0) return acts
  return acts === '' ? `Set ${list(values)}` : `${acts}, then ${list(values)}`
}

const valueText = ({ to, shown }: ToldMove): string => shown ?? positionWord(to)

/** One move as an imperative, without its full stop. */
export const moveText = (move: ToldMove, say: Speech): string => {
  const { control, from, to, means } = move
  if (control === 'power' && from === 'lock' && to === 'on') return 'Press the lock key again'
  if (move.say !== undefined) return `${ruleWords(move.say, control)}${placeText(move)}`
  switch (means) {
    case 'item':
      return itemText(move, say)
    case 'needle':
      if (to === AS_BEFORE) return 'Fit the everyday needle, fully up'
      return needleAt(to)?.twin === undefined
        ? `Fit a ${needleWord(to) ?? to} needle, fully up`
        : `Fit a twin needle (${needleWord(to)}), fully up`
    case 'thread':
      return threadText(move, say)
    case 'stitch':
      if (to === AS_BEFORE) return 'Choose the stitch that was chosen before'
      return `Choose ${say.stitch(move.model, to)}`
    case 'value':
      return `Set ${controlWord(control)} to ${valueText(move)}`
    case 'position':
      return (
        `${move.from === UNKNOWN ? 'See that the' : 'Put the'} ${controlWord(control)} ` +
        `${move.from === UNKNOWN ? 'is at' : 'to'} ${positionWord(to)}${placeText(move)}`
      )
  }
}

const itemText = ({ control, from, to, snaps, isCase }: ToldMove, say: Speech): string => {
  const named = to.split('+').map((id) => say.item(id))
  if (isCase)
    return to === 'none' ? 'Put the everyday bobbin case back in' : `Put ${list(named)} in for the everyday case`
  if (to === 'none' || to === 'off') return `Take the ${control === 'accessory' ? 'attachment' : control} off`
  // What is on comes off first.
  const off =
    control !== 'foot' || from === 'none' || from === ''
      ? ''
      : from === UNKNOWN
        ? `Unless ${list(named)} is on already, take the old foot off. `
        : 'Take the foot that is on off. '
  if (to === AS_BEFORE) return `Put the ${control} that was there before back on`
  if (to === 'own') return 'Screw the machine’s own ankle back on'
  if (snaps) return `${off}Lay ${list(named)} under the bar, lower the bar until it clicks, and raise it`
  if (snaps) return `Lay ${list(named)} under the bar, lower the bar until it clicks, and raise it`
  if (control === 'plate') return `Change to the ${list(named)}`
  return `${off}${control === 'adapter' || control === 'ankle' ? 'Screw on' : 'Fit'} ${list(named)}`
}

const threadText = ({ control, to }: ToldMove, say: Speech): string => {
  const place = threadPlaceWord(control.slice('thread:'.length))
  if (to === 'out') return `Take the thread out of the ${place}`
  if (to === AS_BEFORE) return place === 'bobbin' ? 'Put the everyday bobbin in' : `Thread the ${place} as before`
  return place === 'bobbin' ? `Put ${say.thread(to)} in the bobbin` : `Thread the ${place} with ${say.thread(to)}`
}

export const checkOf = (moves: readonly ToldMove[]): { check?: string } => {
  const control = moves.at(-1)?.control
  if (control === 'plate') return { check: 'it lies flush and clicks in' }
  if (control === 'foot' && moves.at(-1)?.to !== 'none') return { check: 'not back to front' }
  return {}
}

const placeText = ({ where }: { where?: string | undefined }): string => (where === undefined ? '' : ` (${where})`)
export const withPlace = ({ control, where }: { control: string; where?: string | undefined }): string =>
  `${controlWord(control)}${placeText({ where })}`

/** A rule in words: "The left needle moves only while needle height is up: the clamp is reached …" */
export const ruleText = (rule: ControlRule): string => {
  if ('needs' in rule) {
    const needs = list(
      Object.entries(rule.needs).map(
        ([control, at]) => `${controlWord(control)} is ${list(at.map(positionWord), 'or')}`,
      ),
    )
    const to = rule.for.to === undefined ? '' : ` to ${positionWord(rule.for.to)}`
    const because = ruleWords(rule.because, rule.for.control)
    return `The ${controlWord(rule.for.control)} moves${to} only while ${needs}: ${because}.`
  }
  if ('resets' in rule) {
    const what = rule.resets === 'stitchDefaults' ? 'the values' : positionsWords(rule.resets)
    return `Moving the ${controlWord(rule.after.control)} resets ${what}.`
  }
  return 'duty' in rule
    ? `${capital(ruleWords(rule.duty, rule.after.control))}.`
    : ruleWords(rule.hazard, rule.on.control)
}
