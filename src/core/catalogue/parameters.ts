/**
 * Every parameter once: what it measures, how finely a hand turns it, when it is set, how charts head its column. What
 * speaks of parameters derives from this table; a new one is an entry here and its word (`shared/messages/words.ts`),
 * which the compiler asks for.
 */
import type { Parameter } from './types'

interface ParameterEntry {
  /** `mm`: values are millimetres whatever the model shows. `number`: they are what its own scale counts in. */
  measures: 'mm' | 'number'
  /** Of mm: whether the figure is said with its unit. A place of the needle is a place, not a length. */
  unitSaid?: boolean
  /** Left of a centre is below 0. */
  signed?: boolean
  /** Of numbers: how much one is where the model's scale does not say; left out: 1. */
  number?: number
  /** What a hand turns at a time where the scale has no step, in its unit. */
  handStep: number
  /** The least difference that is seen on fabric, in its unit; left out: one number of the scale. */
  noticed?: number
  /** And that share of the value itself: nobody tells stitches of 3.5 mm from stitches of 3.6. Left out: 0. */
  noticedShare?: number
  /** Set in mm also where the model does not state its scale; others take no target then. */
  setUnscaled?: boolean
  /** It decides where the needle goes: it is set with the needle up, and proved by the handwheel. */
  movesNeedle?: boolean
  /** On machines with a panel it is set there, with the power on. */
  onPanel?: boolean
  /**
   * Its whole heading in a stitch chart, lower-cased, without its unit and the words that say only how it is meant;
   * left out: not told from a heading.
   */
  heading?: RegExp
  /** No machine's scale goes beyond this, in its unit; left out: not known. */
  most?: number
}

/** In the order in which they are given and set; a heading is told from the later first, which say more. */
const ENTRIES = {
  width: {
    measures: 'mm',
    setUnscaled: true,
    unitSaid: true,
    handStep: 0.5,
    noticed: 0.25,
    movesNeedle: true,
    onPanel: true,
    heading: /^(width|w|swing)$/,
    most: 15,
  },
  length: {
    measures: 'mm',
    setUnscaled: true,
    unitSaid: true,
    handStep: 0.2,
    noticed: 0.1,
    noticedShare: 0.08,
    onPanel: true,
    heading: /^(length|l|spi|stitches ?(\/|per)( ?in(ch)?)?)$/,
    most: 15,
  },
  needlePosition: {
    measures: 'mm',
    setUnscaled: true,
    signed: true,
    handStep: 0.5,
    noticed: 0.25,
    movesNeedle: true,
    onPanel: true,
    heading: /^(needle|(needle|needle bar|n) ?pos(ition|n)?|position of (the )?needle|np)$/,
    most: 8,
  },
  tension: {
    measures: 'number',
    handStep: 0.5,
    onPanel: true,
    heading: /^((upper|top|needle)? ?(thread)? ?tension|tens|t)$/,
  },
  pressure: { measures: 'number', handStep: 0.5, heading: /^(((presser )?foot)? ?pressure)$/ },
  differential: {
    measures: 'number',
    number: 0.1,
    handStep: 0.2,
    noticed: 0.1,
    heading: /^differential( feed)?( ratio)?$/,
  },
  cuttingWidth: { measures: 'mm', unitSaid: true, handStep: 0.5, noticed: 0.25, heading: /^cutting ?width$/, most: 15 },
  balance: { measures: 'number', handStep: 0.5, onPanel: true, heading: /^balance$/ },
  elongation: { measures: 'number', handStep: 0.5, onPanel: true, heading: /^elongation$/ },
} as const satisfies Record<string, ParameterEntry>

/** A parameter without a place: all tensions are `tension`. */
export type PlainParameter = keyof typeof ENTRIES

/** In the order in which they are given. */
export const PARAMETERS = Object.keys(ENTRIES) as readonly PlainParameter[]

/** Without its place: `tension` of `tension:leftNeedle`. */
export const plainOf = (parameter: Parameter): PlainParameter => parameter.split(':')[0] as PlainParameter

export const entryOf = (parameter: Parameter): ParameterEntry => ENTRIES[plainOf(parameter)]

/** Whether a word names a parameter, with or without a place. */
export const isParameter = (word: string): word is Parameter => (word.split(':')[0] as string) in ENTRIES

export const isInMm = (parameter: Parameter): boolean => entryOf(parameter).measures === 'mm'

/** The least difference from a value that is seen on fabric, in its unit. `number`: how much one is on the scale. */
export const leastSeen = (parameter: Parameter, value: number, number: number | undefined): number => {
  const { noticed, noticedShare = 0, handStep } = entryOf(parameter)
  return Math.max(noticed ?? number ?? (isInMm(parameter) ? handStep : 1), noticedShare * Math.abs(value))
}

/** The order they are given in: as listed, then by name. */
export const compareParameters = (a: Parameter, b: Parameter): number =>
  PARAMETERS.indexOf(plainOf(a)) - PARAMETERS.indexOf(plainOf(b)) || (a < b ? -1 : a > b ? 1 : 0)

/** Those of which something holds, in their order. */
export const parametersThat = (holds: (entry: ParameterEntry) => unknown): PlainParameter[] =>
  PARAMETERS.filter((parameter) => holds(ENTRIES[parameter]))
