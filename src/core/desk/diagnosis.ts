/**
 * Diagnosis by difference: what a machine shows against what its card says. Hazards first, then the causes of a trouble
 * by how far each is off, whether the trouble names it, and how often it was the cause before; then the least moves
 * that put it right. (classes-and-desk, The desk)
 */
import { entryOf, plainOf } from '../catalogue/parameters'
import type { Item, Parameter, Scale } from '../catalogue/types'
import { planChangeover, type ChangeoverPlan } from '../changeover/plan'
import { asTheCardSays } from '../practice/machine'
import { sewWith, type Finding } from '../practice/sew'
import type { Trial } from '../practice/trial'
import { TOLERANCE } from '../units/quantities'
import { hasParameter, isAsked, stateShown, wantedPosition, wantedValues, withTold, type Shown } from './shown'
import { canHappenOn, sewsWithLoopers } from '../catalogue/kinds'
import type { Trouble, TroubleCause } from './troubleTypes'

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
   * looked. `unstated`: looked at, and nobody has said how it should be. `elsewhere`: nothing the machine shows.
   */
  comparison: 'differs' | 'otherWay' | 'asCard' | 'notTold' | 'unstated' | 'elsewhere'
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

/**
 * How much a cause counts: named and off that way; not looked at yet; nothing to be seen; off the other way; as the
 * card.
 */
const LIKELY = { off: 1, notTold: 0.3, elsewhere: 0.35, otherWay: 0.12, asCard: 0.04 }
/** A difference that the trouble does not name, by what differs: what is read wrongly most easily tells least. */
const UNNAMED: Record<string, number> = {
  stitch: 0.5,
  foot: 0.5,
  plate: 0.4,
  needle: 0.4,
  feedDogs: 0.5,
  tension: 0.3,
  length: 0.15,
  width: 0.2,
}
const UNNAMED_OTHER = 0.25
/** What is named later is less usual. */
const RANK = 0.93
/** One step off counts for so much less than many. */
const PER_STEP = 0.6
/** A new shop's few cases count as if there were so many of others. */
const CLOSED_AS_IF = 4
/** All of many cases raise a cause to so much more: below what is seen to be off by far. */
const HISTORY_WEIGHT = 1.5
/** What is seen to be right, or off the way this does not come of, stays behind what is off. */
const BEHIND: ReadonlySet<Cause['comparison']> = new Set(['asCard', 'otherWay'])

/** `items`: of the catalogue, for feet and plates that the trial does not know. */
export const diagnose = (
  trialBefore: Trial,
  trouble: Pick<Trouble, 'causes'>,
  shown: Shown,
  history: History = {},
  items: ReadonlyMap<string, Item> = new Map(),
): Diagnosis => {
  const trial = withTold(trialBefore, shown, items)
  const differences = differencesOf(trial, shown)
  const of = Object.values(history).reduce((sum, count) => sum + count, 0)
  const weigh = (cause: Omit<Cause, 'history'>): Cause => {
    const was = history[cause.key] ?? 0
    return { ...cause, score: cause.score * (1 + (HISTORY_WEIGHT * was) / (of + CLOSED_AS_IF)), history: { was, of } }
  }
  const named = causesHere(trial, shown, trouble.causes).map((cause, rank) =>
    weigh(namedCause(trial, shown, differences, cause, rank)),
  )
  const taken = new Set(named.flatMap(({ difference }) => difference?.control ?? []))
  const others = differences
    .filter(({ control }) => !taken.has(control))
    .map((difference): Cause =>
      weigh({
        key: keyOf(difference),
        score: unnamedWeight(difference.control) * sizeOf(difference),
        difference,
        comparison: 'differs',
        named: false,
      }),
    )
  const from = { ...asTheCardSays(trial).positions, ...shown.positions }
  const behind = ({ comparison }: Cause) => Number(BEHIND.has(comparison))
  return {
    hazards: sewWith(trial, stateShown(trial, shown)).findings.filter(
      ({ code }) => code === 'strike' || code === 'pulledTwoWays',
    ),
    causes: [...named, ...others].sort((a, b) => behind(a) - behind(b) || b.score - a.score),
    differences,
    plan: planChangeover({ controls: trial.controls, from, goal: trial.goal }),
  }
}

/** Only what this machine, stitch and foot have is blamed; a tension is that of each needle where there are several. */
const causesHere = (trial: Trial, shown: Shown, causes: readonly TroubleCause[]): TroubleCause[] =>
  causes
    .filter((cause) => canHappenOn(cause, trial.model.kind))
    .flatMap((cause): TroubleCause[] => {
      const { parameter, toward } = cause
      if (parameter === undefined) return [cause]
      if (parameter !== 'tension' || trial.model.scales.tension !== undefined)
        return hasParameter(trial, shown, parameter) ? [cause] : []
      const placed = (Object.keys(trial.model.scales) as Parameter[]).filter(
        (one) => NEEDLE_TENSION.test(one) && hasParameter(trial, shown, one),
      )
      if (placed.length === 0) return sewsWithLoopers(trial.model.kind) ? [] : [cause]
      return placed.map((one) => ({ ...cause, key: `${one}.${toward ?? 'off'}`, parameter: one }))
    })
const NEEDLE_TENSION = /^tension:.*(Needle|Cover)$/

const unnamedWeight = (control: string): number =>
  UNNAMED[control] ?? UNNAMED[plainOf(control as Parameter)] ?? UNNAMED_OTHER

export const differencesOf = (trial: Trial, { positions, values }: Shown): ShownDifference[] => {
  const wantedOf = wantedValues(trial)
  const valued = (Object.entries(values) as [Parameter, number][]).flatMap(([parameter, at]): ShownDifference[] => {
    const wanted = wantedOf[parameter]
    if (
      wanted === undefined ||
      Math.abs(at - wanted) <= TOLERANCE ||
      !hasParameter(trial, { positions, values }, parameter)
    )
      return []
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
  const stands = Object.entries(positions).flatMap(([control, at]): ShownDifference[] => {
    const wanted = wantedPosition(trial, control)
    if (control in trial.model.scales || !isAsked(control) || wanted === undefined || wanted === at) return []
    return [{ control, at, wanted }]
  })
  return [...valued, ...stands]
}

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
  cause: TroubleCause,
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
  if (shown.values[parameter] === undefined) return told('notTold', LIKELY.notTold)
  return wantedValues(trial)[parameter] === undefined ? told('unstated', LIKELY.notTold) : told('asCard', LIKELY.asCard)
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
