/** Needles of a machine that has several places for them: which come out, which go in, and of what kind. */
import type { ControlRule, Controls, Positions } from '../catalogue/types'
import type { PlanStep } from '../changeover/plan'

/** The places for needles; each stands in or out. */
const PLACES: ReadonlySet<string> = new Set(['leftNeedle', 'rightNeedle', 'leftCover', 'middleCover', 'rightCover'])
const isOfNeedles = (control: string): boolean => control === 'needle' || PLACES.has(control)

/**
 * Needles that leave come out first, then those that stay are changed, then others go in: nobody fits a needle that the
 * next step takes out. The plan is left as it is where a rule of the machine makes one of these moves wait for another.
 */
export const needlesInOrder = (steps: readonly PlanStep[], rules: readonly ControlRule[]): readonly PlanStep[] => {
  const at = steps.findIndex(({ control }) => control === 'needle')
  if (at < 0 || rules.some(bindsNeedles)) return steps
  let [first, after] = [at, at + 1]
  while (isOfNeedles(steps[first - 1]?.control ?? '')) first--
  while (isOfNeedles(steps[after]?.control ?? '')) after++
  const turn = ({ control, to }: PlanStep): number => (control === 'needle' ? 1 : to === 'out' ? 0 : 2)
  const ordered = steps.slice(first, after).sort((one, other) => turn(one) - turn(other))
  return [...steps.slice(0, first), ...ordered, ...steps.slice(after)]
}

/** Whether a rule speaks of one needle's move and another's place. */
const bindsNeedles = (rule: ControlRule): boolean => {
  if ('needs' in rule) return isOfNeedles(rule.for.control) && Object.keys(rule.needs).some(isOfNeedles)
  if (!('resets' in rule) || rule.resets === 'stitchDefaults') return false
  return isOfNeedles(rule.after.control) && Object.keys(rule.resets).some(isOfNeedles)
}

/** What is told of a needle's move beside where it goes. */
export interface NeedleTold {
  /** Of one that goes in while the kind changes: its kind. */
  fits?: string
  /** Of the kind, where needles come out, go in or are out: the places whose needles stay, to be changed. */
  stay?: string[]
}

/** `moved`: all that the plan moves; `end`: how all stands once it is done. */
export const needleTold = (
  control: string,
  to: string,
  { controls, end, moved }: { controls: Controls['controls']; end: Positions; moved: ReadonlySet<string> },
): NeedleTold => {
  if (PLACES.has(control)) return to === 'in' && moved.has('needle') ? { fits: end['needle'] ?? '' } : {}
  const places = [...PLACES].filter((id) => id in controls)
  if (control !== 'needle' || !places.some((id) => moved.has(id) || end[id] === 'out')) return {}
  // Where nobody knows which needles are in, all of them are changed.
  if (places.some((id) => end[id] !== 'in' && end[id] !== 'out')) return {}
  return { stay: places.filter((id) => end[id] === 'in' && !moved.has(id)) }
}
