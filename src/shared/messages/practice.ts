/** What a practice machine says: why a move is not made, what it would sew, a few lines at the end. */
import type { Review } from '#core/practice/attempt'
import { showValue } from '#core/answer/show'
import type { Finding } from '#core/practice/sew'
import type { Trial } from '#core/practice/trial'
import { meaning } from '#core/procedure/moves'
import { formatNumber } from '#core/units/format'
import { noNames, stitchName, within } from '#core/names/names'
import { speech, type Speech } from './en'
import type { Parameter, Positions } from '#core/catalogue/types'
import { NOTHING } from '#core/changeover/positions'
import { positionWord, valueWord } from './positions'
import { moveText } from './moves'
import { PLACE, ruleWords } from './usual'
import { capital, controlWord, list, small, motionWord, parameterWord } from './words'

/** Names of what the trial's machine can be set to. */
export const trialSpeech = ({ items, stitches, threads, model }: Trial): Speech =>
  speech({
    ...noNames(),
    items: Object.fromEntries(
      items.map(({ id, code, name, what }) => [
        id,
        code === '' ? { code: `other ${what}`, name: 'not listed', what } : { code, name, what },
      ]),
    ),
    stitches: Object.fromEntries(stitches.map((stitch) => [within(model.id, stitch.id), stitchName(stitch)])),
    threads: Object.fromEntries(threads.map(({ id, name }) => [id, name])),
    models: { [model.id]: model.name },
  })

/** What a move leaves to do, and what to mind with it: the usual ones speak of no control by name. */
export const dutyText = (duty: string): string => ruleWords(duty, '')
export const hazardText = (hazard: string): string => ruleWords(hazard, '')

/** Nothing may be chosen yet, or whatever the machine wakes on. */
const stitchWord = (trial: Trial, id: string): string =>
  trial.stitches.some((stitch) => stitch.id === id) ? trialSpeech(trial).stitch(trial.model.id, id) : positionWord(id)

/** How a control stands, as a person says it; `stands`: the others, as the card has them where left out. */
export const placeWord = (trial: Trial, control: string, at: string, stands: Positions = trial.goal): string => {
  const say = trialSpeech(trial)
  if (control === 'stitch') return stitchWord(trial, at)
  if (control.startsWith('thread:')) return say.thread(at) === at ? positionWord(at) : say.thread(at)
  if (control in trial.model.scales)
    return valueWord(at, control as Parameter, trial.model.scales[control as Parameter], stands)
  return at
    .split('+')
    .map((word) => (trial.items.some(({ id }) => id === word) ? say.item(word) : positionWord(word)))
    .join(' and ')
}

/** A value as this machine shows it. */
export const shownIn = ({ model, goal }: Trial, parameter: Parameter, value: number): string =>
  showValue(value, parameter, model.scales[parameter], goal)

const mm = (value: number): string => `${formatNumber(Math.round(value * 100) / 100)} mm`

export const findingText = (finding: Finding, trial: Trial): string => {
  const say = trialSpeech(trial)
  switch (finding.code) {
    case 'powerOff':
      return 'Nothing happens: the power is off.'
    case 'noStitch':
      return 'No stitch is chosen yet.'
    case 'footUp':
      return 'The presser foot is up: no tension on the thread, a nest below.'
    case 'strike':
      return `Stop. ${say.reason(finding.reason)}`
    case 'dutyLeft':
      return `Left undone: ${small(dutyText(finding.duty))}.`
    case 'standsStill':
      return finding.why === 'length'
        ? 'The fabric stands still: length 0 sews one hole.'
        : 'The fabric stands still: the feed dogs are down.'
    case 'pulledTwoWays':
      return (
        `${say.item(finding.foot)} pulls the fabric one way while the stitch moves it ` +
        `${motionWord(finding.motion)}.`
      )
    case 'otherStitch':
      return `Sews ${stitchWord(trial, finding.at)}; the card has ${stitchWord(trial, finding.wanted)}.`
    case 'otherFoot':
      return (
        `The card has ${say.item(finding.wanted)}, not ` +
        `${finding.at === 'none' || finding.at === NOTHING ? 'no foot' : say.item(finding.at)}.`
      )
    case 'stands':
      return (
        `${capital(controlWord(finding.control))}: ${placeWord(trial, finding.control, finding.at)}; the card has ` +
        `${placeWord(trial, finding.control, finding.wanted)}.`
      )
    case 'packs':
      return (
        `Packs: stitches ${mm(finding.length)} apart lie on each other with this thread, from ${mm(finding.least)} ` +
        'they cover.'
      )
    case 'gaps':
      return `Gaps: at ${mm(finding.length)} fabric shows between the stitches, up to ${mm(finding.most)} they cover.`
    case 'perforates':
      return (
        `${finding.tears ? 'Cuts' : 'Weakens'} ${trial.fabric.name.toLowerCase()} like a stamp: holes too close, ` +
        `from ${mm(finding.safe)} it keeps its strength.`
      )
    case 'fault':
      return (
        `${finding.fault}: ${parameterWord(finding.parameter).toLowerCase()} too ${finding.toward}. Mend: bring it ` +
        `${finding.toward === 'high' ? 'down' : 'up'}.`
      )
    case 'offCard':
      return (
        `${parameterWord(finding.parameter)} stands at ${shownIn(trial, finding.parameter, finding.at)}; ` +
        `the card has ${shownIn(trial, finding.parameter, finding.wanted)}.`
      )
  }
}

/** The words on a button that moves a control, from how its model says it. */
export const actText = (trial: Trial, control: string, to: string): string => {
  const say = trial.controls.controls[control]?.say?.[to]
  if (say !== undefined) return ruleWords(say, control).replace(PLACE, '')
  return moveText(
    { model: trial.model.id, control, from: '', to, means: meaning(control, trial.model) },
    trialSpeech(trial),
  )
}

/** A few lines on an attempt. */
export const reviewLines = (review: Review, trial: Trial): string[] => {
  const { reached, missed, refused, passedBy, undone, strikes, badSamples, moves, extra } = review
  const named = (control: string, position: string) =>
    `${controlWord(control)} to ${placeWord(trial, control, position)}`
  const open = missed.map(({ control, wanted }) => named(control, wanted))
  const denied = [...new Set(refused.map(({ control, to }) => named(control, to)))]
  return [
    reached ? `It stands as the card has it, after ${count(moves, 'move')}.` : `Not there yet: ${list(open)}.`,
    ...(extra === undefined || extra === 0 || !reached
      ? []
      : [`${count(extra, 'move')} more than the shortest safe way.`]),
    ...(refused.length > 0 ? [`The machine refused ${count(refused.length, 'move')}: ${list(denied)}.`] : []),
    ...passedBy.map((hazard) => `Passed by: ${hazardText(hazard)}`),
    ...undone.map((duty) => `Left undone: ${small(dutyText(duty))}.`),
    ...(strikes > 0 ? [`The needle would have hit ${count(strikes, 'time')}: turn the handwheel first.`] : []),
    ...(badSamples > 0 ? [`${capital(count(badSamples, 'bad sample'))} sewn on the way.`] : []),
  ]
}

const count = (number: number, word: string): string => `${number} ${word}${number === 1 ? '' : 's'}`
