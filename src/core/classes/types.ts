/** A class: who sits where with what, what is taught in which fabric, what the shop can lend. */
import type { Id } from '../catalogue/types'
import type { Mm } from '../units/quantities'

export interface ClassTechnique {
  technique: Id
  fabric: Id
  /** The way it is to be sewn at every seat that can. */
  method?: Id
  /** Techniques of the class that must come before it. */
  after?: Id[]
  /** What each person sews; left out: the practice times of the technique stand, and its thread is not reckoned. */
  seam?: Mm
  colour?: string
  /** Fabric that each person gets; `pieces` left out: one. */
  piece?: { width: Mm; length: Mm; pieces?: number }
}

export interface Seat {
  name: string
  /** Whose seat it is, where the shop knows them. */
  customer?: Id
  /** Their machine; left out: one of the shop's is lent. Where it cannot, one may be lent beside it. */
  model?: Id
  /** Beside what came with it. */
  owns: Id[]
  /** Left out: not marked. */
  came?: boolean
  /** By technique, once the class is over. */
  managed?: Record<Id, Managed>
  /** Items and models that were given out, and those of them that came back. */
  out?: Id[]
  back?: Id[]
}

export type Managed = 'alone' | 'withHelp' | 'notYet'

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
  /** The educator's own order of teaching; left out: the one in which the room waits least. */
  order?: Id[]
  /** Minutes left over after each technique; left out: `USUAL_SLACK`. */
  slack?: number
  /** Seats' worth of material kept ready beside what the seats take; left out: `USUAL_SPARES`. */
  spares?: number
}

export const USUAL_SLACK = 3
export const USUAL_SPARES = 1

/** One way a seat could do a technique. */
export interface SeatOption {
  /** A machine of the shop that it needs. */
  machine?: Id
  method: Id
  /** What must be lent or bought, sorted. */
  need: Id[]
  /** Smaller is the better-ranked way. */
  rank: number
}

/** What a seat could do for a technique; none: what stops it. */
export type SeatOptionsOf = (seat: number, technique: number) => readonly SeatOption[]

/**
 * Called between the pieces of long work with how many are done: shows it, lets others have their turn, and throws
 * where the work was stopped.
 */
export type ReportProgress = (done: number, of: number) => void | Promise<void>
