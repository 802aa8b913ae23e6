/** Classes on the wire. */
import { z } from 'zod'
import type * as plan from '#core/classes/plan'
import type * as core from '#core/classes/types'
import { Reason, Verdict } from './answer'
import { Id } from './catalogue'
import { Named } from './coverage'

const short = z.string().trim().min(1).max(200)
const ClassTechnique = z.strictObject({ technique: Id, fabric: Id, after: z.array(Id).max(20).optional() })
const Seat = z.strictObject({ name: short, model: Id.optional(), owns: z.array(Id).max(200) })
const LoanStock = z.strictObject({ item: Id.optional(), model: Id.optional(), pieces: z.int().min(0).max(100) })
const Pin = z.strictObject({ seat: z.int().min(0).max(59), item: Id, how: z.enum(['loan', 'buy', 'not']) })

export const ClassWrite = z.strictObject({
  title: short,
  starts: z.iso.datetime({ local: true }),
  minutes: z.int().min(10).max(1440),
  room: short.optional(),
  project: short.optional(),
  techniques: z.array(ClassTechnique).max(12),
  seats: z.array(Seat).max(60),
  loans: z.array(LoanStock).max(200),
  pins: z.array(Pin).max(500),
})
export type ClassWrite = z.infer<typeof ClassWrite>
export const ClassRow = z.object({ version: z.int(), class: ClassWrite.extend({ id: Id }) })
export type ClassRow = z.infer<typeof ClassRow>
export const ClassChange = z.strictObject({ version: z.int(), class: ClassWrite })

const ClassCell = z.object({
  verdict: Verdict,
  toGet: z.array(Id),
  method: Id.optional(),
  way: z.object({ method: Id, need: z.array(Id) }).optional(),
  reasons: z.array(Reason),
})
const PlannedSeat = z.object({
  name: z.string(),
  model: Id.optional(),
  ready: z.boolean(),
  machine: Id.optional(),
  loans: z.array(Id),
  buys: z.array(Id),
  short: z.array(Id),
  cells: z.array(ClassCell),
})
export const ClassPlanView = z.object({
  seats: z.array(PlannedSeat),
  ready: z.int(),
  bought: z.int(),
  lent: z.int(),
  solved: z.boolean(),
  order: z.object({ order: z.array(z.int()), waits: z.number(), work: z.number() }).optional(),
  names: Named,
})
export type ClassPlanView = plan.ClassPlan & { names: z.infer<typeof Named> }

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<keyof core.SewingClass, keyof z.infer<typeof ClassRow>['class']>(true)
same<keyof plan.PlannedSeat, keyof z.infer<typeof PlannedSeat>>(true)
