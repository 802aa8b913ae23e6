/** Names of steps that stay the same whatever else is told. */
import type { Phase, Told, ToldStep } from './types'

type Unnamed = Told & Omit<ToldStep, 'id'>

/** `fit:foot-k7`, `sew:hold-both-tails-for-the`; the second of the same `…#2`. */
export const named = (steps: readonly Unnamed[], taken = new Map<string, number>()): ToldStep[] =>
  steps.map((step) => {
    const key = `${step.phase}:${keyOf(step)}`
    const occurrence = (taken.get(key) ?? 0) + 1
    taken.set(key, occurrence)
    return { ...step, id: occurrence === 1 ? key : `${key}#${occurrence}` }
  })

const keyOf = (told: Told): string => {
  switch (told.tells) {
    case 'moves':
      return told.moves.map(({ control, to }) => slug(`${control}-${to}`)).join('+')
    case 'own':
      return slug(told.text.split(/\s+/).slice(0, WORDS).join(' '))
    case 'inspect':
      return `${told.side}-${slug(told.good.split(/\s+/).slice(0, WORDS).join(' '))}`
    case 'reset':
      return `reset-${told.of}`
    case 'place':
      return `place-${slug(told.at)}`
    case 'anew':
      return `anew-${told.because}`
    case 'tyingOn':
      return `tying-on-${slug(told.part)}`
    case 'machine':
      return `machine-${slug(told.model)}`
    case 'blocked':
      return `blocked-${slug(told.control)}`
    default:
      return told.tells
  }
}

const WORDS = 5

const slug = (text: string): string =>
  text
    .replace(/([a-z])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '')

/** Where a step stands in a list, counted from 1. */
export const numbersOf = (steps: readonly ToldStep[]): Map<string, number> =>
  new Map(steps.map(({ id }, i) => [id, i + 1]))

export const untold = (
  phase: Phase,
  told: Told,
  { cautions = [], seconds = 0, leaves = {} }: Partial<Pick<ToldStep, 'cautions' | 'seconds' | 'leaves'>> = {},
): Unnamed => Object.assign({ phase, cautions, seconds, leaves }, told)
export type { Unnamed }
