/** Moves and rules in words. */
import type { ControlRule } from '#core/catalogue/types'
import { AS_BEFORE, needleAt, UNKNOWN } from '#core/changeover/positions'
import type { ToldMove } from '#core/procedure/types'
import type { Speech } from './en'
import { positionWord } from './positions'
import { PLACE, ruleWords } from './usual'
import { capital, controlWord, list, positionsWords, threadPlaceWord, withArticle } from './words'

/** Moves told in one breath, one act a sentence; without the last full stop. */
export const inOneBreath = (moves: readonly ToldMove[], say: Speech): string => {
  const acts = moves.filter(({ means }) => means !== 'value').map((move) => moveText(move, say))
  const [kept, set] = [true, false].map((isKept) =>
    moves.filter(({ means, to }) => means === 'value' && (to === AS_BEFORE) === isKept),
  ) as [ToldMove[], ToldMove[]]
  return [
    ...acts,
    ...(set.length > 0 ? [`Set ${list(set.map(valueText))}`] : []),
    ...(kept.length > 0 ? [putBack(kept)] : []),
  ].join('. ')
}

/** "the width to 2.5", "the length just under 1". */
const valueText = ({ control, to, shown, holds }: ToldMove): string => {
  const at = shown ?? positionWord(to)
  const counts = holds && shown !== undefined ? ` (it counts while ${positionsWords(holds)})` : ''
  return `the ${controlWord(control)} ${standsAt(at, 'to')}${counts}`
}

/** What nobody has said of normal sewing stands again as it was found. */
const putBack = (moves: readonly ToldMove[]): string => {
  const named = list(moves.map(({ control }) => `the ${controlWord(control)}`))
  return `Put ${named} back as ${moves.length === 1 ? 'it was' : 'they were'}`
}

/** "at 3", "to 3", "just under 3", "between 2 and 3". */
export const standsAt = (shown: string, before: 'at' | 'to'): string =>
  /^(just|between) /.test(shown) ? shown : `${before} ${shown}`

/** One move as an imperative, without its full stop. */
export const moveText = (move: ToldMove, say: Speech): string => {
  const { control, from, to, means } = move
  if (control === 'power' && from === 'lock' && to === 'on') return 'Press the lock key again'
  if (move.say !== undefined) return placed(ruleWords(move.say, control), move) + fitsText(move)
  switch (means) {
    case 'item':
      return itemText(move, say)
    case 'needle':
      return needleText(move)
    case 'thread':
      return threadText(move, say)
    case 'stitch':
      if (to === AS_BEFORE)
        return move.isSetUp ? 'Back to the values of normal sewing' : 'Choose the stitch that was chosen before'
      if (move.isDialled) return 'The buttonhole dial chooses the stitch'
      if (move.isSetUp) return `The values follow the book’s ${say.stitch(move.model, to)}`
      return `Choose ${say.stitch(move.model, to)}`
    case 'value':
      return to === AS_BEFORE ? putBack([move]) : `Set ${valueText(move)}`
    case 'position':
      return move.from === UNKNOWN
        ? placed(`See that the ${controlWord(control)} is at ${positionWord(to)}`, move)
        : placed(`Turn the ${controlWord(control)} to ${positionWord(to)}`, move)
  }
}

/** "stretch, size 80". */
const kindOfNeedle = (at: string): string => {
  const needle = needleAt(at)
  return needle ? `${needle.point}, size ${needle.size}` : at
}

/** Which needle goes in there. */
const fitsText = ({ fits }: ToldMove): string => {
  if (fits === undefined || fits === '' || fits === UNKNOWN) return ''
  return fits === AS_BEFORE ? ', the everyday one' : `: ${kindOfNeedle(fits)}`
}

/** The needles that stay in are changed; where none stays, what is to go in is laid ready. */
const changedNeedlesText = (at: string, stay: readonly string[]): string => {
  const isEveryday = at === AS_BEFORE
  if (stay.length === 0) return isEveryday ? 'Lay the everyday needles ready' : `Lay needles ready: ${kindOfNeedle(at)}`
  const changed = `Change the ${list(stay.map((place) => controlWord(place)))}`
  if (!isEveryday) return `${changed}: ${kindOfNeedle(at)}, pushed fully up`
  return `${changed} back to the everyday ${stay.length === 1 ? 'one' : 'ones'}, pushed fully up`
}

const needleText = ({ to: at, needles, stay }: ToldMove): string => {
  if (stay) return changedNeedlesText(at, stay)
  if (at === AS_BEFORE) return `Fit the everyday ${needles ? 'needles' : 'needle'}, pushed fully up`
  const needle = needleAt(at)
  if (!needle) return `Fit a ${at} needle, pushed fully up`
  const { point, size, twin } = needle
  if (needles) return `Fit ${point} needles, size ${size}, pushed fully up`
  const name = twin === undefined || /\btwin\b/.test(point) ? point : `${point} twin`
  const apart = twin === undefined ? '' : `, ${twin} mm apart`
  return `Fit ${withArticle(name)} needle, size ${size}${apart}, pushed fully up`
}

const itemText = ({ control, from, to, snaps, screws, isCase }: ToldMove, say: Speech): string => {
  const named = list(to.split('+').map((id) => say.item(id)))
  if (isCase) return to === 'none' ? 'Put your everyday bobbin case back' : `Put ${named} in for the everyday case`
  if (to === 'none' || to === 'off') return `Take ${control === 'accessory' ? said(from, say) : `the ${control}`} off`
  if (to === AS_BEFORE) return `Put the ${control} that was there before back on`
  if (to === 'own') return 'Screw the machine’s own ankle back on'
  if (control === 'plate') return `Nothing under the foot: change to the ${named}`
  if (control !== 'foot') return `${control === 'adapter' || control === 'ankle' ? 'Screw on' : 'Fit'} ${named}`
  // What is on comes off first.
  if (from === UNKNOWN) {
    const change = `If ${named} is not on, take the old foot off and`
    if (snaps) return `${change} lay it under the bar. ${CLICK}`
    return screws ? `${change} screw it on. ${SCREW}` : `${change} fit it`
  }
  const off = from === 'none' || from === '' ? '' : 'Take the foot off. '
  if (snaps) return `${off}Lay ${named} under the bar. ${CLICK}`
  return screws ? `${off}Screw on ${named}. ${SCREW}` : `${off}Fit ${named}`
}

const CLICK = 'Lower the bar until it clicks, then raise it'
const SCREW = 'Tighten its screw with a driver'

/** What was put on, by its name where it is known. */
const said = (from: string, say: Speech): string =>
  from === UNKNOWN || from === '' ? 'the attachment' : list(from.split('+').map((id) => say.item(id)))

const threadText = ({ control, from, to, needles }: ToldMove, say: Speech): string => {
  const place = threadPlaceWord(control.slice('thread:'.length))
  if (needles === 'all' && to === 'out')
    return from === UNKNOWN
      ? 'Take the thread out of each needle that still has one'
      : 'Take the thread out of each needle'
  if (needles && to !== AS_BEFORE)
    return `Thread ${needles === 'both' ? 'both needles' : 'each needle that is in'} with ${say.thread(to)}`
  if (needles === 'all') return 'Thread the needles as before'
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

/** Where a control sits is said beside its name, where the text has a place for it, else at the end. */
const placed = (text: string, move: { where?: string | undefined }): string =>
  text.includes(PLACE) ? text.replace(PLACE, placeText(move)) : text + placeText(move)

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
