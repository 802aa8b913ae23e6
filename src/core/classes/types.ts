/** A class: who sits where with what, what is taught in which fabric, what the shop can lend. */
import type { Id } from '../catalogue/types'

export interface ClassTechnique {
  technique: Id
  fabric: Id
  /** Techniques of the class that must come before it. */
  after?: Id[]
}

export interface Seat {
  name: string
  /** Their machine; left out: one of the shop's is lent. */
  model?: Id
  /** Beside what came with it. */
  owns: Id[]
}

/** What the shop lends: pieces of an item, or machines of a model. */
export interface LoanStock {
  item?: Id
  model?: Id
  pieces: number
}

/** A choice of the educator that the rest is solved around. */
export interface Pin {
  seat: number
  item: Id
  how: 'loan' | 'buy' | 'not'
}

export interface SewingClass {
  id: Id
  title: string
  /** ISO date and time, as on the shop's wall clock. */
  starts: string
  minutes: number
  room?: string
  project?: string
  techniques: ClassTechnique[]
  seats: Seat[]
  loans: LoanStock[]
  pins: Pin[]
}

/** One way a seat could do a technique. */
export interface Option {
  /** A machine of the shop that it needs. */
  machine?: Id
  method: Id
  /** What must be lent or bought, sorted. */
  need: Id[]
  /** Smaller is the better-ranked way. */
  rank: number
}

/** What a seat could do for a technique; none: what stops it. */
export type OptionsOf = (seat: number, technique: number) => readonly Option[]
