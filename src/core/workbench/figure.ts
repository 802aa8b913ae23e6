/** What every calculator gives: figures that say how they came about, and refusals that say what would do. */
import { tidy } from '../units/quantities'

export const FIGURE_UNITS = ['mm', 'm', 'count', 'ratio', 'percent', 'radians', 'minutes'] as const

/** One result with its formula and what went into it. */
export interface Figure {
  value: number
  unit: (typeof FIGURE_UNITS)[number]
  /** As a person writes it, in the names of `from`. */
  formula: string
  from: Record<string, number>
}

/** An input that cannot be reckoned with. `reach`: what could be. */
export class OutOfReach extends Error {
  constructor(
    readonly input: string,
    readonly value: number,
    readonly reach: { from: number; to: number; open?: boolean },
  ) {
    super(`${input}: ${value} is out of reach; from ${reach.from} to ${reach.to}`)
    this.name = 'OutOfReach'
  }
}

export const figure = (unit: Figure['unit'], formula: string, from: Record<string, number>, value: number): Figure => ({
  value: tidy(value),
  unit,
  formula,
  from,
})

/** Throws `OutOfReach` for what is no number, below `from` or above `to`; `open`: `from` itself is out. */
export const within = (input: string, value: number, from: number, to: number, open = false): number => {
  const low = open ? value <= from : value < from
  if (!Number.isFinite(value) || low || value > to)
    throw new OutOfReach(input, value, { from, to, ...(open ? { open } : {}) })
  return value
}
