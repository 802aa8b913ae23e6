/** A technique's own steps among the planned moves: where each is told, and which moves it is the telling of. */
import type { Step } from '../catalogue/types'
import { untold, type Unnamed } from './ids'
import { movesOf } from './moves'
import { fillSlots, type SlotValues } from './slots'
import type { Phase } from './types'

/** What a step of a technique is told as; `phase`: where it does not say itself. Undefined where it cannot be said. */
export const ownStep = (step: Step, phase: Phase, slots: SlotValues): Unnamed | undefined => {
  const fill = (text: string | undefined) => (text === undefined ? undefined : fillSlots(text, slots))
  const text = fill(step.text)
  if (text === undefined) return undefined
  const [check, caution, ifWrong] = [fill(step.check), fill(step.caution), fill(step.ifWrong)]
  return untold(phase, {
    tells: 'own',
    text,
    moves: [],
    ...(step.measures === undefined ? {} : { measures: step.measures }),
    ...(check === undefined ? {} : { check }),
    ...(caution === undefined ? {} : { caution }),
    ...(ifWrong === undefined ? {} : { ifWrong }),
  })
}

/**
 * The planned moves, each a step yet, with the technique's own steps that are bound to them. A step that `does` moves
 * is told where the last of them is made, instead of the planner's words; what stands so already is not told.
 */
export const withOwn = (moves: readonly Unnamed[], own: readonly Step[], slots: SlotValues): Unnamed[] => {
  const told = [...moves]
  for (const step of own) {
    if (step.does) tellInstead(told, step, slots)
    else if (step.before !== undefined || step.after !== undefined) tellBeside(told, step, slots)
  }
  return told
}

/** Whether a step's place is told by a move. */
export const isBound = ({ does, before, after }: Step): boolean => Boolean(does) || (before ?? after) !== undefined

const tellInstead = (told: Unnamed[], step: Step, slots: SlotValues): void => {
  const does = step.does ?? {}
  const isIts = (one: Unnamed | undefined): boolean =>
    one?.tells === 'moves' && one.moves.every(({ control, to }) => does[control] === to)
  const last = told.findLastIndex(isIts)
  if (last < 0) return
  let first = last
  while (isIts(told[first - 1])) first--
  const replaced = told.slice(first, last + 1)
  const own = ownStep(step, (told[last] as Unnamed).phase, slots)
  if (!own) return
  told.splice(first, replaced.length, {
    ...own,
    moves: replaced.flatMap(movesOf),
    cautions: replaced.flatMap(({ cautions }) => cautions),
    seconds: replaced.reduce((sum, { seconds }) => sum + seconds, 0),
    leaves: Object.assign({}, ...replaced.map(({ leaves }) => leaves)) as Unnamed['leaves'],
  } as Unnamed)
}

/** Tied to the last move that puts something there; told only where there is one. */
const tellBeside = (told: Unnamed[], step: Step, slots: SlotValues): void => {
  const control = step.before ?? step.after
  const at = told.findLastIndex((one) =>
    movesOf(one).some((move) => move.control === control && !TAKEN_OFF.has(move.to)),
  )
  if (at < 0) return
  const own = ownStep(step, (told[at] as Unnamed).phase, slots)
  if (!own) return
  let place = step.before === undefined ? at + 1 : at
  // What was put beside the same move before it stays before it.
  while (step.before === undefined && told[place]?.tells === 'own' && movesOf(told[place] as Unnamed).length === 0)
    place++
  told.splice(place, 0, own)
}

const TAKEN_OFF: ReadonlySet<string> = new Set(['none', 'off', 'out'])
