/** Whether controls and rules hold together: nothing unknown named, nothing that contradicts, every place reached. */
import type { Controls } from '../catalogue/types'
import { planChangeover } from './plan'
import { ANY } from './positions'
import type { NeedsRule } from './rules'

export type ControlIssue =
  /** A rule or the normal setup speaks of a control that the machine has not. */
  | { issue: 'unknownControl'; where: string; control: string }
  | { issue: 'unknownPosition'; where: string; control: string; position: string }
  | { issue: 'ruleTwice'; rule: string }
  /** Two rules that can never both be met. */
  | { issue: 'contradict'; rules: [string, string]; control: string }
  /** From normal sewing it cannot be brought there; the rules that forbid it. */
  | { issue: 'unreachable'; control: string; position: string; rules: string[] }

export const controlIssues = (machine: Controls): ControlIssue[] => {
  const named = namedIssues(machine)
  return named.length > 0 ? named : [...contradictions(machine), ...unreachable(machine)]
}

/**
 * Everything named must be there: rules may speak of a control's places, of words for an open one, of resets' words.
 */
const namedIssues = ({ controls, normal, rules }: Controls): ControlIssue[] => {
  const issues: ControlIssue[] = []
  const check = (where: string, control: string, positions: readonly (string | undefined)[], strict = true) => {
    const declared = controls[control]
    if (!declared) {
      issues.push({ issue: 'unknownControl', where, control })
      return
    }
    for (const position of positions)
      if (
        strict &&
        position !== undefined &&
        !declared.positions.includes(ANY) &&
        !declared.positions.includes(position)
      )
        issues.push({ issue: 'unknownPosition', where, control, position })
  }
  for (const [control, position] of Object.entries(normal)) check('normal', control, [position])
  const ids = new Set<string>()
  for (const rule of rules) {
    if (ids.has(rule.id)) issues.push({ issue: 'ruleTwice', rule: rule.id })
    ids.add(rule.id)
    if ('needs' in rule) {
      check(rule.id, rule.for.control, [rule.for.from, rule.for.to])
      for (const [control, allowed] of Object.entries(rule.needs)) check(rule.id, control, allowed)
      continue
    }
    const at = 'hazard' in rule ? rule.on : rule.after
    check(rule.id, at.control, [at.to])
    // A reset may leave a control in a state that nobody can put it in: "due".
    if ('resets' in rule && rule.resets !== 'stitchDefaults')
      for (const control of Object.keys(rule.resets)) check(rule.id, control, [], false)
  }
  return issues
}

const contradictions = ({ rules }: Controls): ControlIssue[] => {
  const needs = rules.filter((rule): rule is NeedsRule => 'needs' in rule)
  return needs.flatMap((one, i) =>
    needs.slice(i + 1).flatMap((other): ControlIssue[] => {
      if (
        one.for.control !== other.for.control ||
        !meet(one.for.to, other.for.to) ||
        !meet(one.for.from, other.for.from)
      )
        return []
      return Object.entries(one.needs).flatMap(([control, allowed]): ControlIssue[] => {
        const also = other.needs[control]
        return also && !also.some((position) => allowed.includes(position))
          ? [{ issue: 'contradict', rules: [one.id, other.id], control }]
          : []
      })
    }),
  )
}

const meet = (one: string | undefined, other: string | undefined): boolean =>
  one === undefined || other === undefined || one === other

const unreachable = (machine: Controls): ControlIssue[] =>
  Object.entries(machine.controls).flatMap(([control, { positions }]) =>
    positions.flatMap((position): ControlIssue[] => {
      if (position === ANY) return []
      const plan = planChangeover({ controls: machine, from: machine.normal, goal: { [control]: position } })
      return plan.outcome === 'blocked'
        ? [{ issue: 'unreachable', control, position, rules: plan.rules.map(({ id }) => id) }]
        : []
    }),
  )
