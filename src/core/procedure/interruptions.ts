/** What comes in between: an empty bobbin, a thread or needle that breaks, a machine that was switched off. */
import { loopersOf } from '../catalogue/kinds'
import type { Positions } from '../catalogue/types'
import { AS_BEFORE, UNKNOWN } from '../changeover/positions'
import { dutiesOf, hazardsOf, isItemControl, rulesOfMoves } from '../changeover/rules'
import { usual } from '../changeover/usual/texts'
import { toldOnce } from './cautions'
import { untold, named, type Unnamed } from './ids'
import { inBreaths, toldMove, type Telling } from './moves'
import { TYING_ON, type Interruption, type InterruptionOf, type ToldStep } from './types'

export interface InterruptedAt {
  telling: Telling
  goal: Positions
  /** The procedure that is interrupted. */
  steps: readonly ToldStep[]
  /** What is sewn is one piece from end to end. */
  isPattern: boolean
  /** The technique's own steps that are bound to moves of a control. */
  ownOf: (control: string) => Unnamed[]
}

/** Each comes back to the step that was interrupted, with all set again that it undid. */
export const interruptionsOf = (at: InterruptedAt): Interruption[] => {
  const { controls } = at.telling
  const thread = threadAct('thread:needle', at)
  const needle = at.goal['needle']
  const acts: [InterruptionOf, Act[]][] = [
    ['bobbin', [['bobbin', 'full'], ...bobbinThread(at)]],
    ['thread', [thread]],
    ['looper', looperActs(loopersUsed(at), thread)],
    [
      'tyingOn',
      looperActs(
        loopersUsed(at).filter(([, to]) => to !== AS_BEFORE),
        thread,
      ),
    ],
    ['needle', [...(needle === undefined ? [] : [['needle', needle] as Act]), thread]],
    ['switchedOff', [['power', 'on']]],
  ]
  return acts.flatMap(([of, listed]) => {
    const done = listed.filter(([control]) => controls[control] !== undefined)
    if (done.length === 0 || (of === 'switchedOff' && !forgets(at))) return []
    const told = sideSteps(of, done, at)
    if (of === 'needle') told[0]?.cautions.unshift({ text: usual('findEveryPiece'), control: 'needle' })
    return [{ of, steps: toldOnce(named(told).map(inInterruption(of))) }]
  })
}

/** Of a bobbin whose thread the card names. */
const bobbinThread = ({ goal }: InterruptedAt): Act[] => {
  const { 'thread:bobbin': thread = UNKNOWN } = goal
  return thread === UNKNOWN || thread === AS_BEFORE ? [] : [['thread:bobbin', thread]]
}

/** The thread that was in, named or not. */
const threadAct = (control: string, { goal }: InterruptedAt): Act => {
  const { [control]: thread = UNKNOWN } = goal
  return [control, thread === UNKNOWN ? AS_BEFORE : thread]
}

/** Those that always sew, and others that the card threads. */
const loopersUsed = (at: InterruptedAt): Act[] =>
  [
    ...new Set([
      ...loopersOf(at.telling.model.kind, at.goal['mode']).map((place) => `thread:${place}`),
      ...threaded(at),
    ]),
  ]
    .map((control) => threadAct(control, at))
    .filter(([control, thread]) => at.telling.controls[control] !== undefined && thread !== 'out')

const threaded = ({ goal }: InterruptedAt): string[] => Object.keys(goal).filter((id) => /^thread:\w+Looper$/.test(id))

/** Needle threads out first and in again last; the loopers between as they are threaded. */
const looperActs = (loopers: readonly Act[], thread: Act): Act[] =>
  loopers.length > 0 ? [['thread:needle', 'out'], ...loopers, thread] : []

/** A control and where it goes. */
type Act = [control: string, to: string]

const inInterruption =
  (of: InterruptionOf) =>
  (step: ToldStep): ToldStep => ({ ...step, id: step.id.replace(':', `:${of}-`) })

const sideSteps = (of: InterruptionOf, acts: readonly Act[], at: InterruptedAt): Unnamed[] => {
  if (of === 'switchedOff') return [move(['power', 'on'], at), ...again(at, true), ...startAnew(at)]
  const safe = safeState(acts, at)
  if (!safe) return [untold('interruption', { tells: 'anew', because: 'covered' })]
  const power = safe['power']
  return [
    ...inBreaths([
      ...Object.entries(safe).map((one) => move(one, at)),
      ...(of === 'tyingOn'
        ? TYING_ON.map((part) => untold('interruption', { tells: 'tyingOn', part }))
        : acts.flatMap((one) => actSteps(one, acts, at))),
      ...(SHUT in safe ? [move([SHUT, 'shut'], at)] : []),
      ...(power !== undefined && mustTurn([...Object.keys(safe), ...acts.map(([control]) => control)], at)
        ? [move(['handwheel', 'turned'], at)]
        : []),
      ...(power === undefined ? [] : [move(['power', 'on'], at, power)]),
    ]),
    ...again(at, power === 'off' && forgets(at)),
    ...startAnew(at),
  ]
}

/** A bobbin of a named thread is told by its thread, and with what the technique says of either and of its case. */
const actSteps = (act: Act, acts: readonly Act[], at: InterruptedAt): Unnamed[] => {
  const [control] = act
  if (control === 'bobbin' && acts.some(([one]) => one === 'thread:bobbin')) return []
  const cased = control === 'bobbin' || control === 'thread:bobbin' ? caseOf(at) : []
  return [move(act, at), ...[control, ...cased].flatMap((one) => at.ownOf(one))]
}

/** Where a bobbin case of its own is in. */
const caseOf = ({ telling, goal }: InterruptedAt): string[] => {
  const { accessory: to } = goal
  const isIn = to !== undefined && toldMove({ control: 'accessory', from: to, to }, telling).isCase
  return isIn ? ['accessory'] : []
}

const SHUT = 'looperCover'

/** Whether the power comes on only once the handwheel is turned, and one of these moves asks for that. */
const mustTurn = (moved: readonly string[], { telling: { rules } }: InterruptedAt): boolean =>
  rulesOfMoves(rules, 'power').some((rule) => 'needs' in rule && rule.needs['handwheel'] !== undefined) &&
  rules.some(
    (rule) =>
      'resets' in rule &&
      rule.resets !== 'stitchDefaults' &&
      rule.resets['handwheel'] !== undefined &&
      moved.includes(rule.after.control),
  )

const move = ([control, to]: Act, { telling, goal }: InterruptedAt, from = goal[control] ?? ''): Unnamed => {
  const { controls, rules } = telling
  const made = { control, from, to }
  const duties = dutiesOf({ rules }, made).map(({ duty }) => ({ text: duty, control }))
  const cautions = hazardsOf({ rules }, made).map(({ hazard }) => ({ text: hazard, control }))
  return untold(
    'interruption',
    { tells: 'moves', moves: [toldMove(made, { ...telling, moved: new Set() })], duties },
    { cautions, seconds: controls[control]?.seconds ?? 0, leaves: { [control]: to } },
  )
}

/** Whether switching off takes back what was set. */
const forgets = ({ telling: { rules } }: InterruptedAt): boolean =>
  rulesOfMoves(rules, 'power').some((rule) => 'resets' in rule && rule.after.to === 'off')

/** How all must stand for the moves, in the order of habit; undefined where something that is fitted is in the way. */
const safeState = (acts: readonly Act[], { telling, goal }: InterruptedAt): Positions | undefined => {
  const { rules } = telling
  const moved = new Set(acts.map(([control]) => control))
  const safe: Positions = {}
  const open = acts.map(([control, to]) => ({ control, to }))
  const seen = new Set(moved)
  for (let next = open.pop(); next; next = open.pop()) {
    for (const rule of rulesOfMoves(rules, next.control)) {
      if (!('needs' in rule)) continue
      if (rule.for.from !== undefined || (rule.for.to !== undefined && rule.for.to !== next.to)) continue
      for (const [id, allowed] of Object.entries(rule.needs)) {
        if (moved.has(id)) continue
        const stands = MOVED_BY_SEWING.has(id) ? undefined : goal[id]
        if (telling.controls[id] === undefined || allowed.includes(stands ?? '')) continue
        if (isItemControl(id) || id.startsWith('thread:')) return undefined
        const place = allowed.includes('lock') ? 'lock' : (allowed[0] as string)
        safe[id] = place
        if (!seen.has(id)) open.push({ control: id, to: place })
        seen.add(id)
      }
    }
  }
  // What is opened toward the hands is opened once all else is safe.
  const habit = (id: string) => (id === SHUT ? Infinity : (telling.controls[id]?.habit ?? 0))
  return Object.fromEntries(Object.entries(safe).sort(([a], [b]) => habit(a) - habit(b)))
}

const MOVED_BY_SEWING: ReadonlySet<string> = new Set(['needleHeight', 'footLift'])

/** What was set is set again; what hands were at is proved again. */
const again = ({ steps }: InterruptedAt, isForgotten: boolean): Unnamed[] => {
  const proof = steps.find(({ tells }) => tells === 'proof')
  const first = isForgotten ? steps.find(({ phase }) => phase === 'set') : undefined
  const from = first ?? proof
  return from && proof ? [untold('interruption', { tells: 'again', from: from.id, to: proof.id })] : []
}

const startAnew = ({ isPattern }: InterruptedAt): Unnamed[] =>
  isPattern ? [untold('interruption', { tells: 'anew', because: 'pattern' })] : []
