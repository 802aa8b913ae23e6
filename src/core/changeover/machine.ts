/** The controls and rules of a model: the usual of its kind, with what the model adds or says otherwise. */
import { PARAMETERS, plainOf } from '../catalogue/parameters'
import type { ControlRule, Controls, Id, Item, Kind, Model, Parameter, Positions, Scale } from '../catalogue/types'
import { ABSENT, valuePosition } from './positions'
import { household } from './usual/household'
import { overlockers } from './usual/overlockers'
import { open, type Usual } from './usual/write'

type Items = ReadonlyMap<Id, Item>

export const USUAL: Record<Kind, Usual> = { ...household, ...overlockers } as Record<Kind, Usual>

const VALUE_SECONDS = 4
/** Values are set in the order in which they are given, after the stitch. */
const VALUE_HABIT = 80

/**
 * Every control the model has, with where it sits; what its kind has by a feature only where the model has that.
 * `items`: to know the needle plate that is fitted.
 */
export const controlsOf = (model: Model, items: Items, usual: Usual = USUAL[model.kind]): Controls => {
  const own = model.controls
  const listed = Object.entries(usual.controls).filter(([id]) => hasIt(model, usual, id))
  const values = Object.entries(model.scales)
    .filter(([, scale]) => scale !== 'absent')
    .map(([parameter]): [string, Controls['controls'][string]] => [
      parameter,
      open(VALUE_HABIT + PARAMETERS.indexOf(plainOf(parameter as Parameter)), VALUE_SECONDS),
    ])
  const merged = new Map([...listed, ...values])
  for (const [id, told] of Object.entries(own?.controls ?? {})) {
    const before = merged.get(id)
    merged.set(id, { ...before, ...told, ...(before?.say || told.say ? { say: { ...before?.say, ...told.say } } : {}) })
  }
  const controls = Object.fromEntries([...merged].filter(([, { positions }]) => !positions.includes(ABSENT)))
  const normal = Object.fromEntries(
    Object.entries({ ...usual.normal, ...fittedPlate(model, items), ...own?.normal }).filter(([id]) => id in controls),
  )
  return { controls, normal, rules: rulesOf(usual.rules, own?.rules ?? [], controls) }
}

const hasIt = (model: Model, { only }: Usual, id: string): boolean => {
  if (id === 'ankle') return model.attachment === 'snapOn'
  if (id === 'adapter') return model.attachment === undefined || !model.attachment.startsWith('own:')
  return only[id] === undefined || only[id].some((feature) => model.features.includes(feature))
}

/**
 * A rule of the model takes the place of the usual one with the same id; one that needs nothing takes it away. A usual
 * rule that speaks of what this model has not is left out, or the part of it that does.
 */
const rulesOf = (usual: ControlRule[], own: ControlRule[], controls: Controls['controls']): ControlRule[] => {
  const ofModel = new Set(own)
  const rules = new Map([...usual, ...own].map((rule) => [rule.id, rule]))
  return [...rules.values()].flatMap((rule): ControlRule[] => {
    if ('needs' in rule) {
      const needs = ofModel.has(rule)
        ? rule.needs
        : Object.fromEntries(Object.entries(rule.needs).filter(([id]) => id in controls))
      if (Object.keys(needs).length === 0) return []
      return rule.for.control in controls || ofModel.has(rule) ? [{ ...rule, needs }] : []
    }
    const { control } = 'hazard' in rule ? rule.on : rule.after
    if (ofModel.has(rule)) return [rule]
    if ('resets' in rule && rule.resets !== 'stitchDefaults' && !Object.keys(rule.resets).some((id) => id in controls))
      return []
    return control in controls ? [rule] : []
  })
}

/** The first needle plate that came with it. */
const fittedPlate = (model: Model, items: Items): Positions => {
  const plate = model.supplied.find((id) => items.get(id)?.what === 'plate')
  return plate === undefined ? {} : { plate }
}

/** How a value's control stands where somebody wrote what it reads: a mark, or the figure it shows. */
const valueStanding = (word: string, scale: Scale): string => {
  const mark = scale.marks?.find((one) => one.mark === word)
  const shown = Number(word)
  if (mark) return valuePosition(mark.value)
  return word !== '' && Number.isFinite(shown) ? valuePosition(shown - (scale.shownOffset ?? 0)) : word
}

/** Values stand at figures, however somebody wrote what they read. */
export const inFigures = (positions: Readonly<Positions>, { scales }: Pick<Model, 'scales'>): Positions =>
  Object.fromEntries(
    Object.entries(positions).map(([id, at]) => {
      const scale = scales[id as Parameter]
      return [id, typeof scale === 'object' ? valueStanding(at, scale) : at]
    }),
  )

/** A machine that sews one stitch, and wakes on no other, always stands at it. */
const onlyStitch = ({ stitches, kind }: Model): Positions => {
  const [first, ...more] = stitches
  return first && more.length === 0 && kind === 'straightStitch' ? { stitch: first.id } : {}
}

/** Normal sewing: as its controls say, with the foot for it that came with the machine. */
export const normalSewing = (model: Model, items: Items, { normal, controls }: Controls): Positions => {
  const foot = model.supplied.find((id) => items.get(id)?.functions?.includes('standard'))
  const stands = { ...onlyStitch(model), ...inFigures(normal, model) }
  return foot === undefined || !('foot' in controls) ? stands : { foot, ...stands }
}

/** Values that a chosen stitch sets anew, or may: all but those that the book says are kept. */
export const isReset = (scale: Scale | 'absent' | undefined): boolean => scale !== 'absent' && scale?.kept !== true
