/** Lockstitches told as one repeat: where across the swing and how far along each penetration falls. */
import type { StitchSpec } from './types'

/** `at`: place across the swing, 0 its left edge, 1 its right one. `feed`: stitch lengths fed before it. */
export interface RepeatStep {
  at: number
  feed: number
}

const LEFT = 0
const MIDDLE = 0.5
const RIGHT = 1

const steps = (...pairs: [at: number, feed: number][]): RepeatStep[] => pairs.map(([at, feed]) => ({ at, feed }))

const straight = () => steps([MIDDLE, 1])
const zigzag = () => steps([LEFT, 1], [RIGHT, 1])

/** Straight stitches on the line, then one to the other side of the swing; `at`: where the line lies. */
const withPick =
  (line: (i: number) => number, pick: number) =>
  ({ function: { repeat = 5, swingAt = repeat } }: StitchSpec): RepeatStep[] =>
    Array.from({ length: repeat }, (_, i) => ({ at: i + 1 === swingAt ? pick : line(i), feed: 1 }))

const QUARTER = 0.75

type Repeat = (spec: StitchSpec) => RepeatStep[]

/** By function, else by family; one line each. */
const repeatsByFunction: Record<string, Repeat> = {
  straight,
  'straight.basting': straight,
  'straight.triple': () => steps([MIDDLE, 1], [MIDDLE, -1], [MIDDLE, 1]),
  zigzag,
  satin: zigzag,
  'zigzag.threeStep': () => steps([0, 1], [1 / 3, 1], [2 / 3, 1], [1, 1], [2 / 3, 1], [1 / 3, 1]),
  serpentine: ({ function: { repeat = 12 } }) =>
    Array.from({ length: repeat }, (_, i) => ({ at: (1 + Math.sin((2 * Math.PI * i) / repeat)) / 2, feed: 1 })),
  'blindHem.woven': withPick(() => RIGHT, LEFT),
  'blindHem.knit': withPick((i) => (i % 2 === 0 ? RIGHT : QUARTER), LEFT),
  'overcast.light': () => steps([LEFT, 1], [RIGHT, 0.5], [LEFT, 0.5]),
  'overcast.heavy': () => steps([LEFT, 1], [RIGHT, 0], [LEFT, 0], [RIGHT, 1], [LEFT, 0]),
  'overcast.stretch': () => steps([LEFT, 1], [RIGHT, 0.5], [LEFT, -0.5], [LEFT, 1], [RIGHT, -0.5], [LEFT, 0.5]),
  blanket: () => steps([LEFT, 1], [RIGHT, 0], [LEFT, 0]),
}

/** Undefined for a function that is not sewn in repeats of steps. */
export const repeatOf = ({ id, family }: StitchSpec['function']): Repeat | undefined =>
  repeatsByFunction[id] ?? (family === 'straight' ? straight : family === 'zigzag' ? zigzag : undefined)
