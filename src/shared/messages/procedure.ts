/** A procedure in words: each step an imperative, with its check and the cautions that begin at it. */
import type { ToldCause, ToldMove, ToldStep, Through, Procedure } from '#core/procedure/types'
import { numbersOf } from '#core/procedure/ids'
import type { ControlRule } from '#core/catalogue/types'
import { AS_BEFORE, needleAt, UNKNOWN } from '#core/changeover/positions'
import type { Speech } from './en'
import { needleWord, positionWord } from './positions'
import { ruleWords } from './usual'
import { capital, controlWord, list, parameterWord, positionsWords, sideWord, small, threadPlaceWord } from './words'

/** One step as any teller shows it. */
export interface StepWords {
  id: string
  phase: ToldStep['phase']
  /** Counted from 1 in its own list. */
  number: number
  text: string
  check?: string | undefined
  cautions: string[]
  ifWrong?: string | undefined
}

export interface SideWords {
  title: string
  steps: StepWords[]
}

/** A whole procedure as every teller shows it: none leaves out, adds or orders anything. */
export interface ProcedureWords {
  steps: StepWords[]
  next: SideWords | undefined
  interruptions: SideWords[]
  back: StepWords[]
}

export const procedureWords = ({ steps, next, interruptions, back }: Procedure, say: Speech): ProcedureWords => {
  const numbers = numbersOf(steps)
  const of = (listed: readonly ToldStep[], own = numbersOf(listed)) =>
    listed.map((step, i) => stepWords(step, i + 1, say, new Map([...numbers, ...own])))
  return {
    steps: of(steps, numbers),
    next: next.length > 0 ? { title: 'Each next one', steps: of(next) } : undefined,
    interruptions: interruptions.map((one) => ({
      title: INTERRUPTIONS[one.of],
      steps: of(one.steps).map((step, i) =>
        i === 0 && one.of === 'needle' ? { ...step, cautions: [BROKEN_NEEDLE, ...step.cautions] } : step,
      ),
    })),
    back: of(back),
  }
}

/** Steps told alone. */
export const stepsWords = (steps: readonly ToldStep[], say: Speech): StepWords[] => {
  const numbers = numbersOf(steps)
  return steps.map((step, i) => stepWords(step, i + 1, say, numbers))
}

const BROKEN_NEEDLE = 'Find every piece of the needle before going on.'
const INTERRUPTIONS: Record<Procedure['interruptions'][number]['of'], string> = {
  bobbin: 'The bobbin is empty',
  thread: 'The needle thread breaks',
  needle: 'The needle breaks',
  switchedOff: 'It was switched off',
}

const stepWords = (step: ToldStep, number: number, say: Speech, numbers: ReadonlyMap<string, number>): StepWords => {
  const { id, phase } = step
  const told = toldWords(step, say, numbers)
  const own = step.tells === 'own' && step.caution !== undefined ? [step.caution] : []
  const cautions = step.cautions.map(({ text, control, until }) => {
    const last = until === undefined ? undefined : numbers.get(until)
    return `${ruleWords(text, control)}${last === undefined ? '' : ` Until step ${last}.`}`
  })
  return {
    id,
    phase,
    number,
    ...told,
    cautions: [...cautions, ...own, ...(told.cautions ?? [])],
  }
}

type Words = Pick<StepWords, 'text' | 'check' | 'ifWrong'> & { cautions?: string[] }

const toldWords = (step: ToldStep, say: Speech, numbers: ReadonlyMap<string, number>): Words => {
  const numberOf = (id: string) => String(numbers.get(id) ?? '')
  const steps = (from: string, to: string): string =>
    from === to ? `step ${numberOf(from)}` : `steps ${numberOf(from)} to ${numberOf(to)}`
  switch (step.tells) {
    case 'own': {
      const { text, check, ifWrong } = step
      return { text, check, ifWrong }
    }
    case 'moves': {
      const duties = step.duties.map(({ text, control }) => ` ${ruleWords(text, control)}.`)
      return { text: `${inOneBreath(step.moves, say)}.${duties.join('')}`, ...checkOf(step.moves) }
    }
    case 'carried':
      return {
        text:
          `On the machine from the stage before: ${list(step.positions.map((move) => carriedWord(move, say)))}. ` +
          'Only what a step names is changed.',
      }
    case 'machine':
      return { text: `Go to the ${say.model(step.model)}: this stage is sewn there.` }
    case 'look':
      return {
        text:
          `First look: how ${step.controls.length === 1 ? 'does this stand' : 'do these stand'}? ` +
          `${list(step.controls.map(withPlace))}.`,
        cautions: [
          'From how it may stand, no order of moves is sure to be safe. Say it under “How does it stand now?”.',
        ],
      }
    case 'blocked':
      return {
        text: `No safe order of moves brings the ${controlWord(step.control)} to ${positionWord(step.to)}.`,
        cautions: [...step.rules.map(ruleText), 'Mend the rules of this model on the Shelf, or follow its book.'],
      }
    case 'proof':
      return {
        text: `Fabric under the foot, foot off the pedal. Turn the handwheel toward you ${THROUGH[step.through]}.`,
        check: 'the needle touches neither foot nor plate; again after every change on the scrap',
        cautions: step.unstated
          ? ['Something about foot, plate or width is not stated: slowly, and stop at any touch.']
          : [],
      }
    case 'scrap':
      return {
        text:
          `Do ${steps(step.from, step.to)} first on a scrap: same fabric, same layers, same stabiliser. ` +
          'Look at both sides.',
      }
    case 'reset':
      return { text: resetText(step, say) }
    case 'runs':
      return { text: runsText(step) }
    case 'place': {
      const dial = controlWord('buttonholeStep')
      const turn = step.moves.length > 0 ? `Needle up, ${dial} to ${step.at}: ` : `At ${step.at}: `
      return { text: `${turn}${step.does}${step.until === undefined ? '' : `, until ${step.until}`}.` }
    }
    case 'inspect':
      return { text: `Look, ${sideWord(step.side).toLowerCase()}: ${step.good}.` }
    case 'asBefore':
      return {
        text:
          `Put ${list(step.controls.map((control) => `the ${controlWord(control)}`))} back as ` +
          `${step.controls.length === 1 ? 'it was' : 'they were'} before.`,
      }
    case 'again':
      return { text: `Then ${steps(step.from, step.to)} again.` }
    case 'anew':
      return {
        text:
          step.because === 'pattern'
            ? 'What was begun cannot be taken up in its middle: unpick it, or begin on a new place.'
            : 'The attachment covers it: finish this round by hand, take the attachment off, and begin anew.',
      }
  }
}

const THROUGH: Record<Through, string> = {
  oneStitch: 'through one full stitch',
  bothSides: 'through both sides of the stitch',
  toSwing: 'up to the swing to the side and through it',
  repeat: 'through a whole repeat',
}

const resetText = ({ of, moves, bobbin }: Extract<ToldStep, { tells: 'reset' }>, say: Speech): string => {
  switch (of) {
    case 'lever':
    case 'step':
      return `${inOneBreath(moves, say)}: ready for the next start.`
    case 'patternStart':
      return 'Go back to the start of the pattern.'
    case 'altered':
      return (
        `Trim the tails${bobbin ? ' and see that the bobbin holds enough' : ''}. ` +
        'What you altered on the scrap is what stands now: write it down.'
      )
  }
}

const runsText = ({ startsAt, sews }: Extract<ToldStep, { tells: 'runs' }>): string => {
  const starts = startsAt === undefined ? [] : [`starts at the ${startsAt === 'nearEnd' ? 'end near you' : 'far end'}`]
  const runs = sews === undefined ? [] : [`sews ${sews === 'towardYou' ? 'toward you' : 'away from you'} first`]
  return `It ${list([...starts, ...runs])}.`
}

const carriedWord = ({ control, to, model }: ToldMove, say: Speech): string => {
  if (control === 'stitch') return `stitch ${say.stitch(model, to)}`
  if (control === 'needle') return `a ${needleWord(to) ?? positionWord(to)} needle`
  return list(to.split('+').map((id) => say.item(id)))
}

const inOneBreath = (moves: readonly ToldMove[], say: Speech): string => {
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

/** A cause of a fault with what helps, in this card's figures. */
export const toldCauseText = (cause: ToldCause): string => {
  if (cause.tells === 'text') return cause.text
  const { parameter, toward } = cause
  const word = parameterWord(parameter).toLowerCase()
  if (cause.tells === 'limit') {
    const [up, down] = FURTHER[parameter] ?? [`${word} no higher`, `${word} no lower`]
    return `${toward === 'up' ? up : down}: ${LIMITS[cause.by]}`
  }
  if (cause.shown === '') return `${word} ${toward} a little`
  switch (cause.by) {
    case 'step':
      return `${word} to ${cause.shown}`
    case 'click':
      return `${word} one click ${toward}, to ${cause.shown}`
    case 'little':
      return `${word} a little ${toward === 'up' ? 'past' : 'below'} ${cause.shown}`
  }
}

const FURTHER: Record<string, [up: string, down: string]> = {
  width: ['no wider', 'no narrower'],
  length: ['no longer', 'no shorter'],
}
const LIMITS: Record<Extract<ToldCause, { tells: 'limit' }>['by'], string> = {
  clearance: 'the needle would hit; take a foot with a wider opening',
  foot: 'the foot does not allow it',
  stitch: 'the stitch does not go further',
  scale: 'the machine does not go further',
}

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

const checkOf = (moves: readonly ToldMove[]): Pick<StepWords, 'check'> => {
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
