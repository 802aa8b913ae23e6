/**
 * A foot drawn plainly from above, from what is known of it. Millimetres from where the needle stands at centre: x to
 * the right, y toward whoever sews.
 */
import { slotEdges } from '../answer/clearance'
import type { Item } from '../catalogue/types'
import type { Mm } from '../units/quantities'

/** What a drawing is made from. */
export type FootShape = {
  [K in 'slot' | 'guide' | 'minWidth' | 'functions' | 'maxButton']?: Item[K] | undefined
}

export interface Box {
  left: Mm
  right: Mm
  back: Mm
  front: Mm
}

export interface FootPlan {
  sole: Box
  /** Where the needle may go; `stated` is false where nobody has said, and it is drawn for the look of it only. */
  slot: Box & { stated: boolean }
  /** Cut open toward the front: two toes and nothing between. */
  openToe: boolean
  /** A pin that the stitch goes over. */
  pin?: Box
  guide?: { at: Mm; kind: 'left' | 'right' | 'centre' | 'adjustable'; back: Mm; front: Mm }
  /** A frame that slides, with room for the button behind. */
  button?: Box
}

const TOE: Mm = 4
const LEAST_HALF: Mm = 7
const UNSTATED_SLOT: Mm = 5
const PIN: Mm = 0.8
const FRAME = { back: 42, front: 14 }

export const footPlan = ({ slot, guide, minWidth, functions = [], maxButton }: FootShape): FootPlan => {
  const { left, right } = slotEdges(slot ?? UNSTATED_SLOT)
  const does = (name: string) => functions.some((one) => one === name || one.startsWith(`${name}.`))
  const frame = does('buttonhole')
  const openToe = does('openToe')
  const [back, front] = frame ? [-FRAME.back, FRAME.front] : [-13, 13]
  const sole: Box = {
    left: Math.min(left - TOE, -LEAST_HALF),
    right: Math.max(right + TOE, LEAST_HALF),
    back,
    front,
  }
  // A frame's slot runs along it: the beads are sewn inside.
  const slotBox = frame ? { back: -12, front: 10 } : { back: -4, front: openToe ? front : 4.5 }
  const at = guide?.offset
  const kind = guide?.kind ?? 'none'
  return {
    sole:
      at === undefined ? sole : { ...sole, left: Math.min(sole.left, at - 1.5), right: Math.max(sole.right, at + 1.5) },
    slot: { left, right, ...slotBox, stated: slot !== undefined },
    openToe,
    ...(minWidth === undefined ? {} : { pin: { left: -PIN / 2, right: PIN / 2, back: -9, front: 2.5 } }),
    ...(at === undefined || kind === 'none'
      ? {}
      : { guide: { at, kind, back: kind === 'centre' ? 3 : -4, front: front + 3 } }),
    ...(frame && maxButton !== undefined
      ? { button: { left: -maxButton / 2, right: maxButton / 2, back: back + 3, front: back + 3 + maxButton } }
      : {}),
  }
}

/** Around a foot and its guide, so much is left free on each side. */
const ROOM: Mm = 3

/** What is drawn of it. */
export const footBox = ({ sole, guide }: FootPlan): Box => ({
  left: sole.left - ROOM,
  right: sole.right + ROOM,
  back: sole.back - ROOM,
  front: Math.max(sole.front, guide?.front ?? 0) + ROOM,
})
