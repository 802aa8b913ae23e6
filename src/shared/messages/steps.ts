/** The steps that the card makes itself, as short imperatives, with the usual cautions at their step. */
import type { CardMove, CardStep } from '#core/card/steps'
import type { ControlRule } from '#core/catalogue/types'
import { capital, controlWord, list, small, positionsWords, threadPlaceWord } from './words'
import { UNKNOWN } from '#core/changeover/positions'
import type { Speech } from './en'
import { needleWord, positionWord } from './positions'
import { ruleWords } from './usual'

export interface StepText {
  text: string
  check?: string | undefined
  caution?: string | undefined
  ifWrong?: string | undefined
}

export const stepText = (step: CardStep, say: Speech): StepText => {
  switch (step.step) {
    case 'authored':
      return step
    case 'moves':
      return movesText(step, say)
    case 'look':
      return {
        text:
          `First look: how ${step.controls.length === 1 ? 'does this stand' : 'do these stand'}? ` +
          `${list(step.controls.map(withPlace))}.`,
        caution: 'From how it may stand, no order of moves is sure to be safe. Say it under “How does it stand now?”.',
      }
    case 'blocked':
      return {
        text: `No safe order of moves brings the ${controlWord(step.control)} to ${positionWord(step.to)}.`,
        caution: `${step.rules.map(ruleText).join(' ')} Mend the rules of this model on the Shelf, or follow its book.`,
      }
    case 'scrap':
      return { text: 'Sew a scrap first: same fabric, same layers. Look at both sides.' }
  }
}

/** Moves told in one breath: "Needle up, presser foot up, switch off." */
const movesText = ({ moves, unknown }: Extract<CardStep, { step: 'moves' }>, say: Speech): StepText => {
  const cautions = [
    ...moves.flatMap(({ hazards, control }) => hazards.map((text) => ruleWords(text, control))),
    ...(unknown ? ['Something about foot, plate or width is not stated: by hand through a whole repeat.'] : []),
  ]
  const duties = moves.flatMap((move) => move.duties.map((text) => ruleWords(text, move.control)))
  return {
    text: `${inOneBreath(moves, say)}.${duties.map((duty) => ` ${duty}.`).join('')}`,
    ...checkOf(moves),
    ...(cautions.length > 0 ? { caution: [...new Set(cautions)].join(' ') } : {}),
  }
}

const inOneBreath = (moves: readonly CardMove[], say: Speech): string => {
  const [first, ...rest] = moves.filter(({ means }) => means !== 'value').map((move) => moveText(move, say))
  const values = moves
    .filter(({ means }) => means === 'value')
    .map((move) => `${controlWord(move.control)} ${valueText(move)}`)
  const acts = first === undefined ? '' : [first, ...rest.map(small)].join(', ')
  if (values.length === 0) return acts
  return acts === '' ? `Set ${list(values)}` : `${acts}, then ${list(values)}`
}

const valueText = ({ to, shown }: CardMove): string => shown ?? positionWord(to)

/** One move as an imperative, without its full stop. */
export const moveText = (move: CardMove, say: Speech): string => {
  const { control, to, means } = move
  if (move.say !== undefined) return `${ruleWords(move.say, control)}${placeText(move)}`
  switch (means) {
    case 'item':
      return itemText(move, say)
    case 'needle':
      return `Fit a ${needleWord(to) ?? to} needle, fully up`
    case 'thread':
      return threadText(move, say)
    case 'stitch':
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

const itemText = ({ control, to }: CardMove, say: Speech): string => {
  const named = to.split('+').map((id) => say.item(id))
  if (to === 'none' || to === 'off') return `Take the ${control === 'accessory' ? 'attachment' : control} off`
  if (to === 'own') return 'Screw the machine’s own ankle back on'
  if (control === 'plate') return `Change to the ${list(named)}`
  return `${control === 'adapter' || control === 'ankle' ? 'Screw on' : 'Fit'} ${list(named)}`
}

const threadText = ({ control, to }: CardMove, say: Speech): string => {
  const place = threadPlaceWord(control.slice('thread:'.length))
  if (to === 'out') return `Take the ${place} thread out`
  if (to === 'asBefore') return `Thread the ${place} again`
  return place === 'bobbin' ? `Put ${say.thread(to)} in the bobbin` : `Thread the ${place} with ${say.thread(to)}`
}

const checkOf = (moves: readonly CardMove[]): { check?: string } => {
  const control = moves.at(-1)?.control
  if (control === 'plate') return { check: 'it lies flush and clicks in' }
  if (control === 'foot' && moves.at(-1)?.to !== 'none') return { check: 'not back to front' }
  return {}
}

const placeText = ({ where }: { where?: string | undefined }): string => (where === undefined ? '' : ` (${where})`)
const withPlace = ({ control, where }: { control: string; where?: string | undefined }): string =>
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
