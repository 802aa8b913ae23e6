/** A pair on a needle plate: what the needle would hit, and what it takes to clear. (answers §2) */
import type { Item, Parameter, Swing } from '../catalogue/types'
import { entryOf } from '../catalogue/parameters'
import { sameValue } from '../catalogue/sameValue'
import { TOLERANCE, tidy } from '../units/quantities'
import {
  clearPositions,
  fencesAround,
  greatestClearWidth,
  wouldHit,
  type Fence,
  type FootLimits,
  type Path,
} from './clearance'
import { narrow, type Narrowed } from './narrow'
import type { PairContext, Variant } from './pair'
import { highEnd, lowEnd, type Reason } from './reasons'
import type { Draft, SettingsDraft } from './settings'

export interface Clearance {
  fences: Fence[]
  path: Path
  narrowed: Narrowed | undefined
  narrowedBy: Reason | undefined
}

export interface ClearanceInput {
  pair: PairContext
  /** The stitch's own swing, else its function's. */
  swing: Swing
  plate: Item | undefined
  covers: readonly Item[]
  settings: SettingsDraft
}

export type ClearanceLookup = (input: ClearanceInput) => Clearance | { refused: Reason }

/** Feet with the same opening and limits clear alike; a lookup that works each out once. */
export const clearanceLookup = (): ClearanceLookup => {
  interface Known {
    named: boolean
    plate: Item | undefined
    covers: readonly Item[]
    foot: Item | undefined
    found: Clearance | { refused: Reason }
  }
  const bySettings = new Map<SettingsDraft, Known[]>()
  return (input) => {
    const { pair, plate, covers, settings } = input
    const { foot } = pair
    const named = pair.named !== undefined
    // Few differ: looking through them is quicker than a key.
    const ofSettings = bySettings.get(settings) ?? []
    for (const one of ofSettings) {
      if (one.plate !== plate || one.named !== named || !sameShape(one.foot, foot)) continue
      if (sameItems(one.covers, covers)) return keyOf(one.found, one.foot, foot)
    }
    if (ofSettings.length === 0) bySettings.set(settings, ofSettings)
    const found = clearanceOf(input)
    ofSettings.push({ named, plate, covers, foot, found })
    return found
  }
}

const sameItems = (some: readonly Item[], others: readonly Item[]): boolean =>
  some.length === others.length && some.every((item, i) => item === others[i])

/** Whether clearance cannot tell two feet apart. */
const sameShape = (a: Item | undefined, b: Item | undefined): boolean =>
  a === b ||
  (a !== undefined &&
    b !== undefined &&
    a.minWidth === b.minWidth &&
    a.maxWidth === b.maxWidth &&
    sameValue(a.slot, b.slot))

/** The same finding, said of another foot. */
const keyOf = (
  found: Clearance | { refused: Reason },
  of: Item | undefined,
  foot: Item | undefined,
): Clearance | { refused: Reason } => {
  if (of === foot || !of || !foot) return found
  const renamed = (reason: Reason): Reason =>
    'item' in reason && reason.item === of.id ? ({ ...reason, item: foot.id } as Reason) : reason
  if ('refused' in found) return { refused: renamed(found.refused) }
  return found.narrowedBy ? { ...found, narrowedBy: renamed(found.narrowedBy) } : found
}

const clearanceOf = ({ pair, swing, plate, covers, settings }: ClearanceInput): Clearance | { refused: Reason } => {
  const fences = fencesAround({
    model: pair.model,
    foot: pair.foot,
    plates: [...(plate ? [plate] : []), ...covers],
    needleSize: pair.needle.size,
    twinSpacing: pair.stage.twinSpacing,
  })
  const meant = settings.drafts.get('width')
  if (meant?.meant && !keepsMeaning(meant)) return { refused: lostMeaning(meant) }
  const path = pathOf(swing, settings, pair)
  const limits: FootLimits = { foot: pair.foot, trusted: pair.named !== undefined }
  const hit = wouldHit(path, fences, limits)
  if (!hit) return { fences, path, narrowed: undefined, narrowedBy: undefined }
  // What means something is never narrowed.
  if (meant?.meant) return { refused: lostMeaning(meant, hit) }
  const width = settings.drafts.get('width')
  const position = settings.drafts.get('needlePosition')
  const narrowed = narrow({
    swing,
    width: isNumber(width) && swing !== 'none' ? { ...numbers(width), least: leastWidth(width, pair) } : undefined,
    position: isNumber(position) ? numbers(position) : undefined,
    path,
    fences,
    limits,
  })
  return narrowed ? { fences, path, narrowed, narrowedBy: hit } : { refused: hit }
}

/** Whether a width that means something can be set near enough to it. */
const keepsMeaning = ({ meant, value }: Draft): boolean =>
  meant === undefined || typeof value !== 'number' || Math.abs(value - meant.value) <= meant.play + TOLERANCE

const lostMeaning = ({ parameter, meant, value }: Draft, by?: Reason): Reason => ({
  code: 'meaningLost',
  parameter,
  wanted: meant?.value ?? 0,
  ...(typeof value === 'number' ? { nearest: value } : {}),
  instead: meant?.instead ?? 'byHand',
  ...(by ? { by } : {}),
})

/** What nobody has stated and the handwheel must find out. */
export const unstated = ({
  pair: { stage, model, foot },
  plate,
  clearance: { path },
  settings: { drafts },
}: Pick<Variant, 'pair' | 'plate' | 'clearance' | 'settings'>): Reason[] => {
  const cautions: Reason[] = []
  if (foot ? foot.slot === undefined : stage.feet !== 'none') {
    cautions.push({ code: 'slotUnknown', what: 'foot', ...(foot ? { item: foot.id } : {}) })
  }
  if (plate?.slot === undefined) {
    cautions.push({ code: 'slotUnknown', what: 'plate', ...(plate ? { item: plate.id } : {}) })
  }
  if (path.widest === undefined && path.swing !== 'none') cautions.push({ code: 'widthUnknown' })
  if (stage.twinSpacing !== undefined && model.twinMax === undefined) {
    cautions.push({ code: 'twinMaxUnknown', spacing: stage.twinSpacing })
  }
  for (const { parameter, from } of drafts.values())
    if (model.scales[parameter] === undefined && (from === 'target' || from === 'house'))
      if (entryOf(parameter).setUnscaled) cautions.push({ code: 'scaleUnknown', parameter })
  return cautions
}

const isNumber = (draft: Draft | undefined): draft is Draft & { value: number } => typeof draft?.value === 'number'

const numbers = (draft: Draft & { value: number }) => ({
  wanted: draft.wanted ?? draft.value,
  stands: draft.value,
  reach: draft.reach,
})

/** What narrowing must not go under, beside two thirds. */
const leastWidth = (width: Draft, { stage, stitch, foot }: PairContext): number =>
  Math.max(
    stage.stitchMust?.minWidth ?? 0,
    width.within?.from ?? 0,
    foot?.minWidth ?? 0,
    stitch.ranges?.width?.from ?? 0,
  )

/** Width and needle position as they stand, unknowns at their worst. */
const pathOf = (swing: Swing, { drafts }: SettingsDraft, { model, stitch }: PairContext): Path => {
  const width = asGiven(drafts.get('width'))
  const position = asGiven(drafts.get('needlePosition'))
  return {
    swing,
    narrowest: width === undefined ? (stitch.ranges?.width?.from ?? 0) : lowEnd(width),
    widest: width === undefined ? (stitch.ranges?.width?.to ?? model.maxWidth) : highEnd(width),
    widthKnown: width !== undefined,
    positions: position === undefined ? [0] : [...new Set([lowEnd(position), highEnd(position)])],
  }
}

/** Without a control the machine still does what the book says it gives. */
const asGiven = (draft: Draft | undefined) => {
  const value = draft?.value === 'absent' ? draft.default : draft?.value
  return typeof value === 'number' || typeof value === 'object' ? value : undefined
}

/** The narrowed values put into the drafts. */
export const settledDrafts = ({
  settings,
  clearance: { narrowed, narrowedBy },
}: Pick<Variant, 'settings' | 'clearance'>): Map<Parameter, Draft> => {
  const drafts = new Map(settings.drafts)
  const settle = (parameter: 'width' | 'needlePosition', value: number | undefined) => {
    const draft = drafts.get(parameter)
    if (!draft || value === undefined || typeof draft.value !== 'number' || !narrowedBy) return
    if (Math.abs(value - draft.value) < 1e-9) return
    const wanted = draft.wanted ?? draft.value
    drafts.set(parameter, {
      ...draft,
      value: tidy(value),
      reasons: [...draft.reasons, { code: 'narrowed', parameter, wanted, value: tidy(value), by: narrowedBy }],
    })
  }
  settle('width', narrowed?.width)
  settle('needlePosition', narrowed?.position)
  return drafts
}

/** What is clear with this foot and plate, held to what the model can do; undefined where no slot is stated. */
export const clearRanges = (
  { pair, clearance: { fences, path } }: Pick<Variant, 'pair' | 'clearance'>,
  drafts: ReadonlyMap<Parameter, Draft>,
): { width?: { from: number; to: number }; needlePosition?: { from: number; to: number } } => {
  if (!fences.some(({ kind }) => kind !== 'travel')) return {}
  const given = { width: asGiven(drafts.get('width')), position: asGiven(drafts.get('needlePosition')) }
  const { swing } = path
  const at = given.position === undefined ? 0 : highEnd(given.position)
  const low = given.position === undefined ? 0 : lowEnd(given.position)
  const greatest = Math.min(
    greatestClearWidth(swing, at, fences),
    greatestClearWidth(swing, low, fences),
    pair.foot?.maxWidth ?? Infinity,
    pair.model.maxWidth ?? Infinity,
  )
  const width = swing === 'none' ? 0 : given.width === undefined ? undefined : highEnd(given.width)
  const positions = width === undefined ? undefined : clearPositions(swing, width, fences)
  return {
    ...(swing !== 'none' && Number.isFinite(greatest) && greatest >= 0
      ? { width: { from: pair.foot?.minWidth ?? 0, to: tidy(greatest) } }
      : {}),
    ...(positions && positions.from <= positions.to && Number.isFinite(positions.to - positions.from)
      ? { needlePosition: { from: tidy(positions.from), to: tidy(positions.to) } }
      : {}),
  }
}
