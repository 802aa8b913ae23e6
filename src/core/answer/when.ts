import type { Fabric, Model, When } from '../catalogue/types'

/** What a `when` is asked of. */
export interface Circumstances {
  model: Model
  fabric: Fabric
  /** The question's layers, else the fabric's. */
  layers: number
}

/** All named keys must hold; lists are any-of, the two feature lists all-of. No `when` always holds. */
export const holds = (when: When | undefined, { model, fabric, layers }: Circumstances): boolean => {
  if (!when) return true
  const anyOf = <T>(list: readonly T[] | undefined, value: T) => list === undefined || list.includes(value)
  return (
    anyOf(when.fabric, fabric.id) &&
    anyOf(when.structure, fabric.structure) &&
    anyOf(when.weight, fabric.weight) &&
    (when.behaviour === undefined || when.behaviour.some((word) => fabric.behaviours.includes(word))) &&
    (when.minLayers === undefined || layers >= when.minLayers) &&
    anyOf(when.kind, model.kind) &&
    (when.feature === undefined || when.feature.every((word) => model.features.includes(word))) &&
    (when.withoutFeature === undefined || when.withoutFeature.every((word) => !model.features.includes(word))) &&
    anyOf(when.make, model.make) &&
    anyOf(when.model, model.id)
  )
}

/** How many keys a `when` names: more are more specific. */
export const specificity = (when: When | undefined): number =>
  when === undefined ? 0 : Object.values(when).filter((value) => value !== undefined).length

/** The entry whose `when` holds with the most named keys; the first listed on a tie. */
export const mostSpecific = <T extends { when?: When }>(entries: readonly T[], at: Circumstances): T | undefined => {
  let best: T | undefined
  for (const entry of entries) {
    if (holds(entry.when, at) && (!best || specificity(entry.when) > specificity(best.when))) best = entry
  }
  return best
}
