/** A procedure in words: each step an imperative, with its check and the cautions that begin at it. */
import { numbersOf } from '#core/procedure/ids'
import type { Procedure, Through, ToldMove, ToldStep } from '#core/procedure/types'
import type { Speech } from './en'
import { checkOf, inOneBreath, ruleText, withPlace } from './moves'
import { needleWord, positionWord } from './positions'
import { ruleWords } from './usual'
import { capital, controlWord, list, sideWord } from './words'

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
  /** What is measured here, by its key in a question. */
  measures?: string | undefined
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
    interruptions: interruptions.map((one) => ({ title: INTERRUPTIONS[one.of], steps: of(one.steps) })),
    back: of(back),
  }
}

/** Steps told alone. */
export const stepsWords = (steps: readonly ToldStep[], say: Speech): StepWords[] => {
  const numbers = numbersOf(steps)
  return steps.map((step, i) => stepWords(step, i + 1, say, numbers))
}

/** Steps that follow each other in one phase, together. */
export const byPhase = (steps: readonly StepWords[]): StepWords[][] => {
  const parts: StepWords[][] = []
  for (const step of steps) {
    const last = parts.at(-1)
    if (last?.[0]?.phase === step.phase) last.push(step)
    else parts.push([step])
  }
  return parts
}

const INTERRUPTIONS: Record<Procedure['interruptions'][number]['of'], string> = {
  bobbin: 'The bobbin is empty',
  thread: 'The needle thread breaks',
  looper: 'A looper thread breaks',
  tyingOn: 'Threads changed by tying on',
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

type Words = Pick<StepWords, 'text' | 'check' | 'ifWrong' | 'measures'> & { cautions?: string[] }

const toldWords = (step: ToldStep, say: Speech, numbers: ReadonlyMap<string, number>): Words => {
  const numberOf = (id: string) => String(numbers.get(id) ?? '')
  const steps = (from: string, to: string): string =>
    from === to ? `step ${numberOf(from)}` : `steps ${numberOf(from)} to ${numberOf(to)}`
  switch (step.tells) {
    case 'own': {
      const { text, check, ifWrong, measures } = step
      return { text, check, ifWrong, measures }
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
        text:
          'Lay fabric under the presser foot and lower it. Foot off the pedal. ' +
          `Turn the handwheel toward you ${THROUGH[step.through]}.`,
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
      const dial = capital(controlWord('buttonholeStep'))
      const at = /^\d+$/.test(step.at) ? `Place ${step.at}` : capital(step.at)
      const turn = step.moves.length > 0 ? `Needle up. ${dial} to ${step.at}: ` : `${at}: `
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
    case 'tyingOn':
      return { text: TYING_ON_WORDS[step.part] }
    case 'tail':
      return { text: 'Sew a tail of 5 cm, then a scrap: the stitch must form.' }
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

const TYING_ON_WORDS: Record<Extract<ToldStep, { tells: 'tyingOn' }>['part'], string> = {
  cut: 'Cut each old thread at its cone, not at the looper.',
  knot: 'Put the new cones on. Knot each new thread to its old one; trim the ends short.',
  loopers: 'With the tension discs open draw each looper’s thread through, until its knot is past the looper’s eye.',
  needles: 'Draw each needle’s thread until the knot is before the needle. Cut the knot off: it does not pass the eye.',
  needlesLast: 'Thread the needles last.',
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
      return `${inOneBreath(moves, say)}. Ready for the next start.`
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
  if (control === 'stitch') return say.stitch(model, to)
  if (control === 'needle') return `a ${needleWord(to) ?? positionWord(to)} needle`
  return list(to.split('+').map((id) => say.item(id)))
}
