/** A model's controls taken apart for editing, and what of them differs from the usual of its kind. */
import { sameValue } from '../catalogue/sameValue'
import type { ControlPlace, ControlRule, Controls, Positions } from '../catalogue/types'
import { ABSENT } from './positions'

export interface ControlPart {
  id: string
  positions: string[]
  /** How it stands in normal sewing. */
  normal?: string
  seconds: number
  habit: number
  where?: string
  at?: ControlPlace
  say?: Record<string, string>
}

/** One rule as a line: "moves only while", "takes back", "leaves to do", "caution". */
export interface RulePart {
  id: string
  says: 'needs' | 'resets' | 'resetsValues' | 'duty' | 'hazard'
  control: string
  from?: string
  to?: string
  /** What must stand so, several places parted by " or "; or what it is reset to. */
  stand?: Positions
  text?: string
}

export interface ControlParts {
  controls: ControlPart[]
  rules: RulePart[]
}

const OR = ' or '

export const partsOf = ({ controls, normal, rules }: Controls): ControlParts => ({
  controls: Object.entries(controls).map(([id, { positions, seconds, habit, where, at, say }]) => ({
    id,
    positions,
    ...(normal[id] === undefined ? {} : { normal: normal[id] }),
    seconds,
    habit,
    ...(where === undefined ? {} : { where }),
    ...(at === undefined ? {} : { at }),
    ...(say === undefined ? {} : { say }),
  })),
  rules: rules.map(rulePart),
})

const rulePart = (rule: ControlRule): RulePart => {
  const { id } = rule
  if ('needs' in rule) {
    const stand = Object.fromEntries(Object.entries(rule.needs).map(([control, at]) => [control, at.join(OR)]))
    return { id, says: 'needs', ...rule.for, stand, text: rule.because }
  }
  if ('duty' in rule) return { id, says: 'duty', ...rule.after, text: rule.duty }
  if ('hazard' in rule) return { id, says: 'hazard', ...rule.on, text: rule.hazard }
  return rule.resets === 'stitchDefaults'
    ? { id, says: 'resetsValues', ...rule.after }
    : { id, says: 'resets', ...rule.after, stand: rule.resets }
}

/** The rule of a line. */
export const ruleOf = ({ id, says, control, from, to, stand = {}, text = '' }: RulePart): ControlRule => {
  const at = { control, ...(to === undefined ? {} : { to }) }
  switch (says) {
    case 'needs':
      return {
        id,
        needs: Object.fromEntries(Object.entries(stand).map(([other, places]) => [other, places.split(OR)])),
        for: { ...at, ...(from === undefined ? {} : { from }) },
        because: text,
      }
    case 'resets':
      return { id, resets: stand, after: at }
    case 'resetsValues':
      return { id, resets: 'stitchDefaults', after: at }
    case 'duty':
      return { id, duty: text, after: at }
    case 'hazard':
      return { id, hazard: text, on: at }
  }
}

/** What must be kept with the model so that the usual of its kind becomes what was edited; undefined for nothing. */
export const ownOf = (usual: Controls, edited: ControlParts): Controls | undefined => {
  const before = partsOf(usual)
  const controls: Controls['controls'] = {}
  const normal: Positions = {}
  for (const { id, normal: stands, ...control } of edited.controls) {
    const usualControl = usual.controls[id]
    if (!usualControl || !sameValue(control, usualControl)) controls[id] = control
    if (stands !== undefined && stands !== usual.normal[id]) normal[id] = stands
  }
  for (const { id, seconds, habit } of before.controls)
    if (!edited.controls.some((part) => part.id === id)) controls[id] = { positions: [ABSENT], seconds, habit }
  const usualRules = new Map(before.rules.map((part) => [part.id, part]))
  const changed = edited.rules.filter((part) => !sameValue(part, usualRules.get(part.id))).map(ruleOf)
  const gone = before.rules.filter(({ id }) => !edited.rules.some((part) => part.id === id)).map(withoutRule)
  const rules = [...changed, ...gone]
  const nothing = Object.keys(controls).length + Object.keys(normal).length + rules.length === 0
  return nothing ? undefined : { controls, normal, rules }
}

/** Needs nothing: the usual rule with this id does not hold on the model. */
const withoutRule = ({ id, control }: RulePart): ControlRule => ({
  id,
  needs: {},
  for: { control },
  because: 'not so on this model',
})

/**
 * A sister's own controls with what this model says of how its kind works: rules, places, how long a move takes and
 * when its turn is. Where things sit, what is said of them there and what normal sewing is stay the sister's own.
 */
export const sharedWith = (own: Controls, sister: Controls | undefined): Controls => {
  const controls = { ...sister?.controls }
  for (const [id, { positions, seconds, habit, say }] of Object.entries(own.controls)) {
    const { where, at } = controls[id] ?? {}
    controls[id] = {
      ...{ positions, seconds, habit },
      ...(say ? { say } : {}),
      ...(where === undefined ? {} : { where }),
      ...(at === undefined ? {} : { at }),
    }
  }
  const rules = new Map([...(sister?.rules ?? []), ...own.rules].map((rule) => [rule.id, rule]))
  return { controls, normal: sister?.normal ?? {}, rules: [...rules.values()] }
}
