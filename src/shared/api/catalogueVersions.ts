/**
 * Earlier versions of the catalogue file as the present one. Version 1 had the places of usual controls in words
 * ("down and back"); they are codes now. Version 2 had two steps that stood for blocks of the planned moves, `{fit}`
 * and `{set}`; steps say their phase now. Nothing is checked here: what comes out is, by the schemas.
 */
import { sameValue } from '#core/catalogue/sameValue'
import type { Resource } from './resources'

export const CATALOGUE_VERSION = 3

/** Control → word of version 1 → code. */
const CODES: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  ankle: { 'its own': 'own' },
  buttonholeLever: { 'down and back': 'downAndBack' },
  stitch: { 'as switched on': 'switchedOn' },
  table: { 'cover table': 'coverTable', 'overlock table': 'overlockTable' },
  upperLooper: { 'two-thread converter on': 'twoThreadConverter' },
}

/** A file as it was read; what is of no earlier version stays as it is. */
export const presentCatalogue = (file: unknown): unknown => {
  if (!isObject(file)) return file
  if (file['version'] === 1) return presentCatalogue(fromVersion1(file))
  if (file['version'] !== 2) return file
  return {
    ...file,
    version: CATALOGUE_VERSION,
    ...each(file, 'techniques', (technique) => rowFromVersion2('techniques', technique)),
  }
}

const fromVersion1 = (file: Json): Json => {
  return {
    ...file,
    version: 2,
    ...each(file, 'models', (model) => ({ ...rowFromVersion1('models', model), ...each(model, 'stitches', stitch) })),
    ...each(file, 'items', (item) => rowFromVersion1('items', item)),
    ...each(file, 'techniques', (technique) => rowFromVersion1('techniques', technique)),
  }
}

/** One row as it is kept; the same object where nothing changes. */
export const rowFromVersion1 = (resource: Resource, row: Json): Json => {
  const present = ROWS[resource]?.(row) ?? row
  return sameValue(present, row) ? row : present
}

/** One row of version 2 as it is kept; the same object where nothing changes. */
export const rowFromVersion2 = (resource: Resource, row: Json): Json => {
  if (resource !== 'techniques') return row
  const inStage = (one: Json): Json => ({ ...one, ...at(one, 'steps', stepsInPhases) })
  const present = {
    ...row,
    ...each(row, 'methods', (method) => ({ ...method, ...each(method, 'stages', inStage) })),
  }
  return sameValue(present, row) ? row : present
}

/** What stood before the fitting is prepared, what stood between it and the setting is done while fitting. */
const stepsInPhases = (steps: unknown): unknown => {
  if (!Array.isArray(steps)) return steps
  const placeOf = (slot: string) => steps.findIndex((step: unknown) => isObject(step) && step['text'] === slot)
  const [fit, set] = [placeOf('{fit}'), placeOf('{set}')]
  return steps.flatMap((step: unknown, i): unknown[] => {
    if (i === fit || i === set) return []
    const phase = i < fit ? 'prepare' : i < set ? 'fit' : undefined
    return [isObject(step) && phase !== undefined && !('phase' in step) ? { ...step, phase } : step]
  })
}

/** Positions that somebody has told, by their controls. */
export const positionsFromVersion1 = (positions: unknown): unknown =>
  isObject(positions)
    ? Object.fromEntries(Object.entries(positions).map(([control, at]) => [control, code(control, at)]))
    : positions

type Json = Record<string, unknown>
const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value)

const code = (control: unknown, at: unknown): unknown => {
  const codes = typeof control === 'string' && Object.hasOwn(CODES, control) ? CODES[control] : undefined
  return codes && typeof at === 'string' && Object.hasOwn(codes, at) ? codes[at] : at
}

const codes = (control: string, list: unknown): unknown =>
  Array.isArray(list) ? list.map((at) => code(control, at)) : list

/** A key that is there, changed. */
const at = (of: Json, key: string, change: (value: unknown) => unknown): Json =>
  key in of ? { [key]: change(of[key]) } : {}

const each = (of: Json, key: string, change: (value: Json) => Json): Json =>
  at(of, key, (list) => (Array.isArray(list) ? list.map((one: unknown) => (isObject(one) ? change(one) : one)) : list))

const eachIn = (value: unknown, change: (key: string, value: unknown) => [string, unknown]): unknown =>
  isObject(value) ? Object.fromEntries(Object.entries(value).map(([key, one]) => change(key, one))) : value

const stitch = (row: Json): Json => ({ ...row, ...at(row, 'setup', positionsFromVersion1) })
const step = (row: Json): Json => ({ ...row, ...at(row, 'does', positionsFromVersion1) })
const stage = (row: Json): Json => ({ ...stitch(row), ...each(row, 'steps', step) })

const move = (value: unknown): unknown =>
  isObject(value)
    ? {
        ...value,
        ...at(value, 'from', (from) => code(value['control'], from)),
        ...at(value, 'to', (to) => code(value['control'], to)),
      }
    : value

const rule = (row: Json): Json => ({
  ...row,
  ...at(row, 'needs', (needs) => eachIn(needs, (control, places) => [control, codes(control, places)])),
  ...at(row, 'resets', positionsFromVersion1),
  ...at(row, 'for', move),
  ...at(row, 'after', move),
  ...at(row, 'on', move),
})

const control = (id: string, value: unknown): unknown =>
  isObject(value)
    ? {
        ...value,
        ...at(value, 'positions', (positions) => codes(id, positions)),
        ...at(value, 'say', (say) => eachIn(say, (place, text) => [String(code(id, place)), text])),
      }
    : value

const controls = (value: unknown): unknown =>
  isObject(value)
    ? {
        ...value,
        ...at(value, 'controls', (listed) => eachIn(listed, (id, one) => [id, control(id, one)])),
        ...at(value, 'normal', positionsFromVersion1),
        ...each(value, 'rules', rule),
      }
    : value

const scale = (value: unknown): unknown =>
  isObject(value)
    ? { ...value, ...each(value, 'faces', (face) => ({ ...face, ...at(face, 'when', positionsFromVersion1) })) }
    : value

const ROWS: Partial<Record<Resource, (row: Json) => Json>> = {
  models: (row) => ({
    ...row,
    ...at(row, 'controls', controls),
    ...at(row, 'scales', (scales) => eachIn(scales, (parameter, one) => [parameter, scale(one)])),
  }),
  stitches: stitch,
  items: stitch,
  techniques: (row) => ({
    ...row,
    ...each(row, 'methods', (method) => ({ ...method, ...each(method, 'stages', stage) })),
  }),
}
