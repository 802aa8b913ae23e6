/**
 * The run sheet: what happens when, whom to help where, and which machine to demonstrate on. Minutes are whole, rounded
 * up.
 */
import type { Id } from '../catalogue/types'
import type { Mm } from '../units/quantities'
import type { ClassPlan, PlannedClass } from './plan'
import { mustPrecede } from './plan'
import type { ClassSewing, SeatSewing } from './sewing'
import { USUAL_SLACK } from './types'

/** Minutes to show a technique, and each further stage of it. */
const SHOW = 4
const SHOW_STAGE = 2
/** Minutes to look at one place of what was sewn. */
const INSPECT = 1
/** Learners sew so much slower than the machine runs: placing, stopping, looking, unpicking. */
export const PRACTICE_FACTOR = 6
/** Stitches a minute where neither card nor model says how fast: a careful walk. */
const CAREFUL = 400
/** A changeover so much longer than the middle one is helped with. */
const SLOW = 1.5

export type HelpReason = 'notReady' | 'noMachine' | 'otherWay' | 'slowChange' | 'byHand' | 'lentMachine' | 'hung'

export interface RunStage {
  /** Place of the technique in the class. */
  technique: number
  /** Minutes after the class begins. */
  starts: number
  show: number
  change: number
  sew: number
  inspect: number
  slack: number
  /** Seat that all wait for at the changeover, and its seconds. */
  slowest?: { seat: number; seconds: number }
  /** Seat that sews longest; undefined where nobody can. */
  longest?: number
  /** Where the sewing time comes from. */
  sewFrom: 'seam' | 'practice' | 'unstated'
  /** `hung`: the controls at which they still hang in practice. */
  help: { seat: number; why: HelpReason[]; hung?: string[] }[]
}

/** Controls at which a seat still hangs in practice, at a technique of the class. */
export type HungInPractice = (seat: number, technique: number) => readonly string[]

export interface RunSheet {
  stages: RunStage[]
  /** All together; and how much of the class is left, negative where it is too long. */
  minutes: number
  left: number
  /** The order is the educator's, and not the one in which the room waits least. */
  own: boolean
  /** Seconds the room waits, and would in the best order. */
  waits: number
  leastWaits?: number | undefined
  /** What must come first and does not. */
  violations: { technique: number; first: number }[]
  /** To demonstrate on: it stands for the most seats. */
  demonstrate?: { model: Id; shop: boolean; seats: number[]; cells: number } | undefined
}

export const runSheet = ({ asked, plan, sewing }: PlannedClass, hung: HungInPractice = () => []): RunSheet => {
  const order = orderTaught(asked, plan)
  const seats = asked.seats.map((_, s) => s)
  const slack = asked.slack ?? USUAL_SLACK
  let starts = 0
  let waits = 0
  const stages = order.map((t, place): RunStage => {
    const from = place === 0 ? undefined : order[place - 1]
    const seconds = seats.map((s) => sewing.seconds(s, from, t))
    const most = Math.max(0, ...seconds)
    waits += most
    const times = seats.map((s) => sewingTime(sewing.at(s, t), sewing.model(s, t)?.maxSpeed, asked.techniques[t]?.seam))
    const minutes = times.map((time) => time?.minutes ?? 0)
    const longest = Math.max(0, ...minutes)
    const sewn = seats.flatMap((s) => sewing.at(s, t) ?? [])
    const stage: RunStage = {
      technique: t,
      starts,
      show: SHOW + SHOW_STAGE * Math.max(0, ...sewn.map(({ answer }) => answer.stages.length - 1)),
      change: Math.ceil(most / 60),
      sew: Math.ceil(longest),
      inspect: Math.max(
        1,
        ...sewn.map(({ method }) => method.stages.reduce((sum, { inspect }) => sum + inspect.length * INSPECT, 0)),
      ),
      slack,
      ...(most > 0 ? { slowest: { seat: seconds.indexOf(most), seconds: most } } : {}),
      ...(longest > 0 ? { longest: minutes.indexOf(longest) } : {}),
      sewFrom: times.find((_, s) => minutes[s] === longest && longest > 0)?.from ?? 'unstated',
      help: helpAt(plan, sewing, t, seconds, from, hung),
    }
    starts += stage.show + stage.change + stage.sew + stage.inspect + stage.slack
    return stage
  })
  return {
    stages,
    minutes: starts,
    left: asked.minutes - starts,
    own: asked.order !== undefined && asked.order.length > 0,
    waits,
    leastWaits: plan.order?.waits,
    violations: mustPrecede(asked).flatMap((firsts, technique) =>
      firsts.filter((first) => order.indexOf(first) > order.indexOf(technique)).map((first) => ({ technique, first })),
    ),
    demonstrate: demonstrationMachine({ asked, sewing }),
  }
}

/** The educator's order, what it does not name at its end; else the best one, else as listed. */
export const orderTaught = ({ techniques, order = [] }: PlannedClass['asked'], plan: ClassPlan): number[] => {
  const own = order.map((id) => techniques.findIndex(({ technique }) => technique === id)).filter((at) => at >= 0)
  const best = plan.order?.order ?? techniques.map((_, t) => t)
  return [...new Set([...own, ...best])]
}

/** Path / feed / speed × the practice factor where the path is told, else the practice times of the stages; minutes. */
const sewingTime = (
  sewn: SeatSewing | undefined,
  maxSpeed: number | undefined,
  seam: Mm | undefined,
): { minutes: number; from: 'seam' | 'practice' } | undefined => {
  if (!sewn) return undefined
  const parts = sewn.answer.stages.map((stage) => {
    const length = stage.settings.length?.value
    if (seam !== undefined && typeof length === 'number' && length > 0)
      return {
        minutes: (seam / length / Math.min(stage.maxSpeed ?? CAREFUL, maxSpeed ?? CAREFUL, CAREFUL)) * PRACTICE_FACTOR,
        from: 'seam' as const,
      }
    const minutes = sewn.method.stages.find(({ id }) => id === stage.stage)?.minutes
    return minutes === undefined ? undefined : { minutes: minutes, from: 'practice' as const }
  })
  const timed = parts.flatMap((part) => part ?? [])
  if (timed.length === 0) return undefined
  return {
    minutes: timed.reduce((sum, { minutes }) => sum + minutes, 0),
    from: timed.some(({ from }) => from === 'seam') ? 'seam' : 'practice',
  }
}

const helpAt = (
  { seats }: ClassPlan,
  sewing: ClassSewing,
  t: number,
  seconds: readonly number[],
  from: number | undefined,
  hung: HungInPractice,
): RunStage['help'] => {
  const methods = seats.flatMap((_, s) => sewing.at(s, t)?.method.id ?? [])
  const usual = mostFrequent(methods)
  const sorted = [...seconds].sort((a, b) => a - b)
  const middle = sorted[sorted.length >> 1] ?? 0
  return seats.flatMap(({ ready, machine, model }, seat) => {
    const sewn = sewing.at(seat, t)
    const plan = sewing.changeover(seat, from, t)?.plan
    const why: HelpReason[] = []
    if (model === undefined) why.push('noMachine')
    else if (!ready && seats[seat]?.cells[t]?.verdict !== 'ready') why.push('notReady')
    if (sewn && sewn.method.id !== usual) why.push('otherWay')
    if ((seconds[seat] ?? 0) > middle * SLOW && (seconds[seat] ?? 0) - middle >= 30) why.push('slowChange')
    if (plan?.outcome === 'look' || plan?.outcome === 'blocked') why.push('byHand')
    if (
      machine !== undefined &&
      sewing.model(seat, t)?.id === machine &&
      (from === undefined || sewing.model(seat, from)?.id !== machine)
    )
      why.push('lentMachine')
    const at = [...hung(seat, t)]
    if (at.length > 0) why.push('hung')
    return why.length > 0 ? [{ seat, why, ...(at.length > 0 ? { hung: at } : {}) }] : []
  })
}

const mostFrequent = (words: readonly Id[]): Id | undefined => {
  const count = new Map<Id, number>()
  for (const word of words) count.set(word, (count.get(word) ?? 0) + 1)
  return [...count].sort(([a, x], [b, y]) => y - x || a.localeCompare(b))[0]?.[0]
}

/**
 * A machine stands for another at a technique where both sew it the same way and the same controls are moved. The one
 * that does so most often, counted over seats and techniques; among equals one of the shop's own.
 */
const demonstrationMachine = ({ asked, sewing }: Pick<PlannedClass, 'asked' | 'sewing'>): RunSheet['demonstrate'] => {
  const moved = (s: number, t: number): string | undefined => {
    const sewn = sewing.at(s, t)
    const controls = sewn?.changeovers.flatMap(({ plan }) =>
      plan.outcome === 'plan' ? plan.steps.map(({ control }) => control) : ['?'],
    )
    return sewn && [sewn.method.id, ...new Set(controls)].sort().join(' ')
  }
  const models = asked.seats.map((_, s) => sewing.model(s, 0)?.id)
  const shops = new Set(asked.loans.flatMap(({ model, pieces }) => (model !== undefined && pieces > 0 ? [model] : [])))
  const candidates = [...new Set(models.flatMap((id) => id ?? []))].map((model) => {
    const own = models.indexOf(model)
    const same = asked.seats.map(
      (_, s) => asked.techniques.filter((__, t) => moved(own, t) !== undefined && moved(s, t) === moved(own, t)).length,
    )
    return {
      model,
      shop: shops.has(model),
      seats: same.flatMap((count, s) => (count === asked.techniques.length ? [s] : [])),
      cells: same.reduce((sum, count) => sum + count, 0),
    }
  })
  return candidates.sort(
    (a, b) =>
      b.cells - a.cells ||
      b.seats.length - a.seats.length ||
      Number(b.shop) - Number(a.shop) ||
      a.model.localeCompare(b.model),
  )[0]
}
