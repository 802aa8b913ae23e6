/**
 * Diagnosis by difference: what a machine shows against what its card says. Hazards first, then the causes of a trouble
 * by how far each is off, whether the trouble names it, and how often it was the cause before; then the least moves
 * that put it right. (classes-and-desk, The desk)
 */
import { entryOf } from '../catalogue/parameters'
import type { Parameter, Positions, Scale } from '../catalogue/types'
import { planChangeover, type ChangeoverPlan } from '../changeover/plan'
import { asTheCardSays, missing, type MachineState } from '../practice/machine'
import { sewWith, type Finding } from '../practice/sew'
import type { Trial, TrialValues } from '../practice/trial'
import { TOLERANCE } from '../units/quantities'
import type { Trouble } from './troubleTypes'

/** What somebody has told of the machine; what is left out nobody has looked at. */
export interface Shown {
  positions: Positions
  values: TrialValues
}

export interface ShownDifference {
  control: string
  at: string
  wanted: string
  /** In the model's steps; left out where it is not a value. */
  steps?: number
  toward?: 'high' | 'low'
}

export interface Cause {
  /** Closed cases count by it. */
  key: string
  /** Greater is likelier; only the order means something. */
  score: number
  /** What to do, where the trouble says so. */
  text?: string | undefined
  parameter?: Parameter | undefined
  toward?: 'high' | 'low' | undefined
  difference?: ShownDifference | undefined
  /**
   * `otherWay`: off, and not the way this comes of. `asCard`: looked at, and as it should be. `notTold`: nobody has
   * looked. `elsewhere`: nothing the machine shows.
   */
  comparison: 'differs' | 'otherWay' | 'asCard' | 'notTold' | 'elsewhere'
  named: boolean
  /** Of so many closed cases of this trouble it was the cause in so many. */
  history: { was: number; of: number }
}

export interface Diagnosis {
  hazards: Finding[]
  causes: Cause[]
  differences: ShownDifference[]
  /** From what it shows to what the card says. */
  plan: ChangeoverPlan
}

/** How often each cause was the one, by its key. */
export type History = Readonly<Record<string, number>>

interface Named {
  key: string
  text?: string
  parameter?: Parameter | undefined
  toward?: 'high' | 'low' | undefined
}

/**
 * How much a cause counts: named and off that way; not looked at yet; nothing to be seen; off the other way; as the
 * card.
 */
const LIKELY = { off: 1, notTold: 0.3, elsewhere: 0.35, otherWay: 0.12, asCard: 0.04 }
/** A difference that the trouble does not name, by what differs. */
const UNNAMED: Record<string, number> = { stitch: 0.5, foot: 0.5, plate: 0.4, needle: 0.4, feedDogs: 0.5 }
const UNNAMED_OTHER = 0.3
/** What is named later is less usual. */
const RANK = 0.93
/** One step off counts for so much less than many. */
const PER_STEP = 0.6
const CLOSED_AS_IF = 3
const HISTORY_WEIGHT = 3

export const diagnose = (
  trial: Trial,
  trouble: Pick<Trouble, 'causes'>,
  shown: Shown,
  history: History = {},
): Diagnosis => {
  const state = stateShown(trial, shown)
  const differences = differencesOf(trial, shown)
  const of = Object.values(history).reduce((sum, count) => sum + count, 0)
  const weigh = (cause: Omit<Cause, 'history'>): Cause => {
    const was = history[cause.key] ?? 0
    return { ...cause, score: cause.score * (1 + (HISTORY_WEIGHT * was) / (of + CLOSED_AS_IF)), history: { was, of } }
  }
  const named = trouble.causes.map((cause, rank) => weigh(namedCause(trial, shown, differences, cause, rank)))
  const taken = new Set(named.flatMap(({ difference }) => difference?.control ?? []))
  const others = differences
    .filter(({ control }) => !taken.has(control))
    .map((difference): Cause =>
      weigh({
        key: keyOf(difference),
        score: (UNNAMED[difference.control] ?? UNNAMED_OTHER) * sizeOf(difference),
        difference,
        comparison: 'differs',
        named: false,
      }),
    )
  const from = { ...asTheCardSays(trial).positions, ...shown.positions }
  return {
    hazards: sewWith(trial, state).findings.filter(({ code }) => code === 'strike' || code === 'pulledTwoWays'),
    causes: [...named, ...others].sort((a, b) => b.score - a.score),
    differences,
    plan: planChangeover({ controls: trial.controls, from, goal: trial.goal }),
  }
}

/** The machine as it is shown; what nobody told stands as the card says. */
const stateShown = (trial: Trial, { positions, values }: Shown): MachineState => {
  const card = asTheCardSays(trial)
  return { ...card, positions: { ...card.positions, power: 'on', ...positions }, values: { ...card.values, ...values } }
}

export const differencesOf = (trial: Trial, { positions, values }: Shown): ShownDifference[] => {
  const card = asTheCardSays(trial)
  const valued = (Object.entries(values) as [Parameter, number][]).flatMap(([parameter, at]): ShownDifference[] => {
    const wanted = card.values[parameter]
    if (wanted === undefined || Math.abs(at - wanted) <= TOLERANCE) return []
    return [
      {
        control: parameter,
        at: String(at),
        wanted: String(wanted),
        steps: Math.abs(at - wanted) / stepOf(parameter, trial.model.scales[parameter]),
        toward: at > wanted ? 'high' : 'low',
      },
    ]
  })
  const told = {
    ...trial,
    goal: Object.fromEntries(
      Object.entries(trial.goal).filter(
        ([control]) => positions[control] !== undefined && !(control in trial.model.scales),
      ),
    ),
  }
  const stands = missing(told, { ...card, positions }).filter(({ control }) => !NOT_ASKED.has(control))
  return [...valued, ...stands]
}

/** Whatever was done, these stand somehow. */
const NOT_ASKED: ReadonlySet<string> = new Set(['power', 'needleHeight', 'footLift', 'handwheel'])

/** The model's own step; where it turns freely, what a hand turns at a time. */
const stepOf = (parameter: Parameter, scale: Scale | 'absent' | undefined): number => {
  if (scale !== undefined && scale !== 'absent' && scale.step !== undefined && scale.step > 0 && scale.shows !== 'spi')
    return scale.step
  return entryOf(parameter).handStep
}

const sizeOf = ({ steps }: ShownDifference): number => (steps === undefined ? 0.9 : 1 - PER_STEP ** steps)

const keyOf = ({ control, toward }: ShownDifference): string =>
  toward === undefined ? control : `${control}.${toward}`

const namedCause = (
  trial: Trial,
  shown: Shown,
  differences: readonly ShownDifference[],
  cause: Named,
  rank: number,
): Omit<Cause, 'history'> => {
  const { key, text, parameter, toward } = cause
  const usual = RANK ** rank
  const told = (how: Cause['comparison'], likely: number, difference?: ShownDifference): Omit<Cause, 'history'> => ({
    key,
    text,
    parameter,
    toward,
    comparison: how,
    named: true,
    score: likely * usual,
    difference,
  })
  if (parameter === undefined) {
    // A cause that is a control by its key: the needle, the foot, the feed dogs.
    const difference = differences.find(({ control }) => control === key)
    if (difference) return told('differs', LIKELY.off * sizeOf(difference), difference)
    return shown.positions[key] === undefined
      ? told('elsewhere', LIKELY.elsewhere)
      : told('elsewhere', LIKELY.elsewhere / 2)
  }
  const difference = differences.find(({ control }) => control === parameter)
  if (difference)
    return difference.toward === toward || toward === undefined
      ? told('differs', LIKELY.off * sizeOf(difference), difference)
      : told('otherWay', LIKELY.otherWay, difference)
  const known = shown.values[parameter] !== undefined || shown.positions[parameter] !== undefined
  return known
    ? told('asCard', LIKELY.asCard)
    : told(trial.model.scales[parameter] === 'absent' ? 'elsewhere' : 'notTold', LIKELY.notTold)
}

/** A fault of a technique's stage as a trouble: its causes by parameter and direction, else by their place. */
export const faultTrouble = ({ stage }: Pick<Trial, 'stage'>, fault: string): Pick<Trouble, 'causes'> | undefined => {
  const found = stage.faults.find(({ id }) => id === fault)
  return (
    found && {
      causes: found.causes.map(({ parameter, toward, text }, i) => ({
        key: parameter === undefined ? `${fault}.${i}` : `${parameter}.${toward ?? 'off'}`,
        ...(text === undefined ? {} : { text }),
        ...(parameter ? { parameter } : {}),
        ...(toward ? { toward } : {}),
      })),
    }
  )
}
