/**
 * What somebody tells of a machine, and what of it is asked: only what this model, its stitch and its foot have, and
 * whatever decides where the needle goes.
 */
import { isPlateCover } from '../catalogue/index'
import { sewsWithLoopers } from '../catalogue/kinds'
import { compareParameters, isParameter, plainOf } from '../catalogue/parameters'
import type { Item, Parameter, Positions } from '../catalogue/types'
import { NOTHING } from '../changeover/positions'
import { asTheCardSays, type MachineState } from '../practice/machine'
import type { Trial, TrialItem, TrialValues } from '../practice/trial'
import type { Mm } from '../units/quantities'

/** What is left out nobody has looked at. */
export interface Shown {
  positions: Positions
  /** Inside values, as the scale reads what is shown. */
  values: TrialValues
  /** Width of the slot of a foot or plate that is in no list (`unlisted`), mm. */
  slots?: Partial<Record<Fitted, Mm>>
}

/** What is put against a card: a trouble's id, empty where none is named, and what the machine shows. */
export interface Compared {
  trouble: string
  shown: Shown
}

export type Fitted = 'foot' | 'plate'
export const FITTED: readonly Fitted[] = ['foot', 'plate']

/** Stands for a foot or plate that is in no list. */
export const unlisted = (what: Fitted): string => `unlisted:${what}`

/** Whatever was done, these stand somehow. */
const NOT_ASKED: ReadonlySet<string> = new Set(['power', 'needleHeight', 'footLift', 'handwheel', 'bobbin'])
/** What decides where the needle goes is asked, whether the card speaks of it or not. */
const ALWAYS: readonly string[] = ['stitch', ...FITTED, 'needle']

/** The trial with what was told to be fitted among its items. `items`: of the catalogue, by id. */
export const withTold = (trial: Trial, { positions, slots = {} }: Shown, items: ReadonlyMap<string, Item>): Trial => {
  const told = FITTED.flatMap((what): TrialItem[] => {
    const id = positions[what]
    if (id === undefined || trial.items.some((item) => item.id === id)) return []
    if (id === unlisted(what)) return [{ id, code: '', name: '', what, ...slotOf(slots[what]) }]
    const item = items.get(id)
    return item?.what === what ? [item] : []
  })
  return told.length === 0 ? trial : { ...trial, items: [...trial.items, ...told] }
}

const slotOf = (slot: Mm | undefined): { slot?: Mm } => (slot === undefined ? {} : { slot })

/** A plate that the needle goes through, a foot: what may be told to be fitted. */
export const canBeFitted = (item: Pick<Item, 'what' | 'brings'>, what: Fitted): boolean =>
  item.what === what && !isPlateCover(item as Item)

/**
 * What each value should be: as the card says, as the book gives it, else at the scale's normal mark. Left out where
 * nobody knows.
 */
export const wantedValues = (trial: Trial): TrialValues => {
  const values: TrialValues = { ...asTheCardSays(trial).values }
  for (const [parameter, scale] of Object.entries(trial.model.scales) as [Parameter, unknown][]) {
    if (values[parameter] !== undefined || typeof scale !== 'object') continue
    const byBook = trial.answer.settings[parameter]?.default
    const normal = (scale as { normal?: number }).normal
    if (typeof byBook === 'number') values[parameter] = byBook
    else if (trial.answer.settings[parameter]?.value === undefined && normal !== undefined) values[parameter] = normal
    else if (plainOf(parameter) === 'tension' && normal !== undefined) values[parameter] = normal
  }
  return values
}

/** The machine as it is shown; what nobody told stands as the card says. */
export const stateShown = (trial: Trial, { positions, values }: Shown): MachineState => {
  const card = asTheCardSays(trial)
  return { ...card, positions: { ...card.positions, power: 'on', ...positions }, values: { ...card.values, ...values } }
}

/** Whether the needle swings with the stitch that is shown; an unknown stitch may. */
const swings = (trial: Trial, { positions }: Shown): boolean => {
  const id = positions['stitch'] ?? trial.answer.stitch
  const stitch = trial.stitches.find((one) => one.id === id)
  const swing = stitch?.swing ?? trial.functions.find((one) => one.id === stitch?.function)?.swing
  return swing !== 'none'
}

/** What a model has of whose scale nobody has said anything. */
const UNSAID: Readonly<Record<'bobbin' | 'loopers', readonly string[]>> = {
  bobbin: ['width', 'length', 'needlePosition', 'tension', 'pressure'],
  loopers: ['length', 'tension', 'pressure', 'differential', 'cuttingWidth'],
}

/** Whether the machine, as it stands, has a parameter that can be off. */
export const hasParameter = (trial: Trial, shown: Shown, parameter: Parameter): boolean => {
  const scale = trial.model.scales[parameter]
  const plain = plainOf(parameter)
  if (scale === 'absent' || (plain === 'width' && !swings(trial, shown))) return false
  return scale !== undefined || UNSAID[sewsWithLoopers(trial.model.kind) ? 'loopers' : 'bobbin'].includes(plain)
}

/** Values that are asked: those with a scale of which the card, the book or the normal mark tells, and the needle's. */
export const askedValues = (trial: Trial, shown: Shown): Parameter[] => {
  const wanted = wantedValues(trial)
  return (Object.entries(trial.model.scales) as [Parameter, unknown][])
    .filter(
      ([parameter, scale]) =>
        typeof scale === 'object' &&
        hasParameter(trial, shown, parameter) &&
        (wanted[parameter] !== undefined || ['width', 'needlePosition'].includes(parameter)),
    )
    .map(([parameter]) => parameter)
    .sort(compareParameters)
}

/** Controls that are asked: what the card needs to stand somehow, and what decides where the needle goes. */
export const askedControls = (trial: Trial): string[] => {
  const has = (control: string) => control in trial.goal || control in trial.controls.controls
  const always = ALWAYS.filter((control) => has(control) || FITTED.some((what) => what === control))
  const others = Object.keys(trial.goal).filter(
    (control) =>
      !always.includes(control) && !isParameter(control) && !NOT_ASKED.has(control) && !control.startsWith('thread:'),
  )
  return [...always, ...others, ...(has('feedDogs') && !('feedDogs' in trial.goal) ? ['feedDogs'] : [])]
}

/** Where a control should stand; undefined where nobody knows. */
export const wantedPosition = (trial: Trial, control: string): string | undefined => {
  const stands = trial.goal[control] ?? trial.normal[control]
  return stands === undefined || stands === NOTHING ? undefined : stands
}

export const isAsked = (control: string): boolean => !NOT_ASKED.has(control)
