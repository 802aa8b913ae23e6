/** The rules of a machine by what they speak of, found once: a machine is asked about often, its rules never change. */
import { grouped } from '../catalogue/grouped'
import type { Controls } from '../catalogue/types'
import type { Defaults, NeedsRule, ResetsRule } from './rules'

/** Rules that speak of the moves of a control that the machine has. */
export interface Rulebook {
  /** By the control that is moved. */
  needsOf: Map<string, NeedsRule[]>
  /** By the controls they ask something of. */
  needsFrom: Map<string, NeedsRule[]>
  resetsAfter: Map<string, ResetsRule[]>
  /** By what they reset; `stitchDefaults` apart. */
  resetsOf: Map<string, ResetsRule[]>
  resetsToDefaults: ResetsRule[]
  /** Each control's place in the trade's order; of equal habit, as listed. */
  order: Map<string, number>
}

const rulebooks = new WeakMap<Controls, Rulebook>()

export const rulebookOf = (controls: Controls): Rulebook => {
  const cached = rulebooks.get(controls)
  if (cached) return cached
  const known = controls.controls
  const needs = controls.rules.filter((rule): rule is NeedsRule => 'needs' in rule && rule.for.control in known)
  const resets = controls.rules.filter((rule): rule is ResetsRule => 'resets' in rule && rule.after.control in known)
  const book: Rulebook = {
    needsOf: grouped(needs, (rule) => [rule.for.control]),
    needsFrom: grouped(needs, (rule) => Object.keys(rule.needs)),
    resetsAfter: grouped(resets, (rule) => [rule.after.control]),
    resetsOf: grouped(resets, (rule) => (rule.resets === 'stitchDefaults' ? [] : Object.keys(rule.resets))),
    resetsToDefaults: resets.filter((rule) => rule.resets === 'stitchDefaults'),
    order: orderOf(controls),
  }
  rulebooks.set(controls, book)
  return book
}

/** Whether a move of some other control brings this one anywhere. */
export const isResetByOthers = ({ resetsOf, resetsToDefaults }: Rulebook, id: string, defaults: Defaults): boolean =>
  resetsOf.has(id) || (resetsToDefaults.length > 0 && id in defaults)

const orderOf = ({ controls }: Controls): Map<string, number> =>
  new Map(
    Object.entries(controls)
      .sort(([, a], [, b]) => a.habit - b.habit)
      .map(([id], i) => [id, i]),
  )
