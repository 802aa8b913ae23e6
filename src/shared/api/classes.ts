/** Classes on the wire. */
import { z } from 'zod'
import type * as changes from '#core/classes/change'
import type * as plan from '#core/classes/plan'
import type * as run from '#core/classes/runSheet'
import type * as supplies from '#core/classes/supplies'
import type * as core from '#core/classes/types'
import { Reason, Verdict } from './answer'
import { Id } from './catalogue'
import { Named } from './coverage'

const short = z.string().trim().min(1).max(200)
const mm = z.number().positive().max(100_000)
const ClassTechnique = z.strictObject({
  technique: Id,
  fabric: Id,
  method: Id.optional(),
  after: z.array(Id).max(20).optional(),
  seam: mm.optional(),
  colour: short.optional(),
  piece: z.strictObject({ width: mm, length: mm, pieces: z.int().min(1).max(100).optional() }).optional(),
})
const Seat = z.strictObject({
  name: short,
  customer: Id.optional(),
  model: Id.optional(),
  owns: z.array(Id).max(200),
  came: z.boolean().optional(),
  managed: z.record(Id, z.enum(['alone', 'withHelp', 'notYet'])).optional(),
  out: z.array(Id).max(200).optional(),
  back: z.array(Id).max(200).optional(),
})
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
  order: z.array(Id).max(12).optional(),
  slack: z.int().min(0).max(60).optional(),
  spares: z.int().min(0).max(20).optional(),
})
export type ClassWrite = z.infer<typeof ClassWrite>
export const ClassRow = z.object({ version: z.int(), class: ClassWrite.extend({ id: Id }) })
export type ClassRow = z.infer<typeof ClassRow>
export const ClassChange = z.strictObject({ version: z.int(), class: ClassWrite })

const ClassCell = z.object({
  verdict: Verdict,
  toGet: z.array(Id),
  method: Id.optional(),
  costs: z.array(z.string()),
  chosen: z.object({ method: Id, need: z.array(Id), machine: Id.optional() }).optional(),
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
  /** The ways there are, by technique of the class. */
  methods: z.array(z.array(z.object({ id: Id, name: z.string() }))),
  names: Named,
})
export type ClassPlanView = plan.ClassPlan & { methods: { id: string; name: string }[][]; names: z.infer<typeof Named> }

export const ClassDraft = z.strictObject({ class: ClassWrite })
const Given = z.array(
  z.object({ seat: z.int(), item: Id.optional(), model: Id.optional(), how: z.enum(['loan', 'buy']) }),
)
const seatPlaces = z.array(z.int())
/** What a change that is not kept yet would do. */
export const ClassChangeView = z.object({
  change: z.object({
    ready: z.int(),
    bought: z.int(),
    lent: z.int(),
    gained: seatPlaces,
    lost: seatPlaces,
    given: Given,
    taken: Given,
  }),
  solved: z.boolean(),
  names: Named,
})
export interface ClassChangeView {
  change: changes.PlanChange
  solved: boolean
  names: z.infer<typeof Named>
}
export const ClassPurchases = z.object({
  purchases: z.array(z.object({ item: Id.optional(), model: Id.optional(), ready: z.int(), spared: z.int() })),
  names: Named,
})
export interface ClassPurchases {
  purchases: changes.ClassPurchase[]
  names: z.infer<typeof Named>
}

const RunStage = z.object({
  technique: z.int(),
  starts: z.number(),
  show: z.number(),
  change: z.number(),
  sew: z.number(),
  inspect: z.number(),
  slack: z.number(),
  slowest: z.object({ seat: z.int(), seconds: z.number() }).optional(),
  longest: z.int().optional(),
  sewFrom: z.enum(['seam', 'practice', 'unstated']),
  help: z.array(
    z.object({
      seat: z.int(),
      why: z.array(z.enum(['notReady', 'noMachine', 'otherWay', 'slowChange', 'byHand', 'lentMachine', 'hung'])),
      hung: z.array(z.string()).optional(),
    }),
  ),
})
export const RunSheetView = z.object({
  stages: z.array(RunStage),
  minutes: z.number(),
  left: z.number(),
  own: z.boolean(),
  waits: z.number(),
  leastWaits: z.number().optional(),
  violations: z.array(z.object({ technique: z.int(), first: z.int() })),
  demonstrate: z.object({ model: Id, shop: z.boolean(), seats: seatPlaces, cells: z.int() }).optional(),
  names: Named,
})
export type RunSheetView = run.RunSheet & { names: z.infer<typeof Named> }

export const ShopCalendar = z.object({
  /** As read from the calendar file; times on the shop's wall clock. */
  events: z.array(
    z.strictObject({ title: z.string(), starts: z.string(), ends: z.string(), place: z.string().optional() }),
  ),
  read: z.string().optional(),
  file: z.string().optional(),
})
export type ShopCalendar = z.infer<typeof ShopCalendar>
export const Clashes = z.object({ clashes: ShopCalendar.shape.events, known: z.boolean() })
export type Clashes = z.infer<typeof Clashes>

const SupplyWhat = z.enum(['fabric', 'thread', 'bobbin', 'needle', 'material'])
export const Supply = z.strictObject({
  what: SupplyWhat,
  of: short,
  pack: z.number().positive().max(1_000_000),
  width: mm.optional(),
  price: z.int().min(0).max(100_000_000).optional(),
  shelf: z.number().min(0).max(100_000),
})
export const Cupboard = z.strictObject({ version: z.int(), supplies: z.array(Supply).max(2000) })
export type Cupboard = z.infer<typeof Cupboard>
export const SuppliesView = z.object({
  needs: z.array(
    z.object({
      what: SupplyWhat,
      of: z.string(),
      name: z.string(),
      colour: z.string().optional(),
      unit: z.string(),
      seats: z.array(z.object({ seat: z.int(), amount: z.number() })),
      unknown: seatPlaces,
      amount: z.number().optional(),
      cuts: z.array(z.object({ width: z.number(), length: z.number(), pieces: z.int() })).optional(),
      packs: z
        .object({ of: z.number(), need: z.number(), shelf: z.number(), buy: z.number(), cost: z.number().optional() })
        .optional(),
    }),
  ),
  spares: z.int(),
})
export interface SuppliesView {
  needs: (supplies.SupplyNeed & { name: string })[]
  spares: number
}

export const HandoutParams = z.strictObject({
  id: Id,
  part: z.enum(['cards', 'side-by-side', 'wall-a4', 'wall-a3', 'lists', 'run-sheet', 'shopping', 'everything']),
})
export type HandoutPart = z.infer<typeof HandoutParams>['part']
export const HandoutQuery = z.strictObject({
  /** Only this seat's, counted from 0. */
  seat: z.coerce.number().int().min(0).max(59).optional(),
})
export const ClassMessages = z.strictObject({ seats: z.array(z.int().min(0).max(59)).min(1).max(60) })
/** `without`: of whom no mail address is known; `cardless`: who has no machine, and so no card. */
export const ClassMessagesSent = z.object({
  sent: z.int(),
  without: z.array(z.string()),
  cardless: z.array(z.string()),
})
export type ClassMessagesSent = z.infer<typeof ClassMessagesSent>

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<keyof core.SewingClass, keyof z.infer<typeof ClassRow>['class']>(true)
same<keyof plan.PlannedSeat, keyof z.infer<typeof PlannedSeat>>(true)
same<keyof core.Seat, keyof z.infer<typeof Seat>>(true)
same<keyof core.ClassTechnique, keyof z.infer<typeof ClassTechnique>>(true)
same<keyof supplies.Supply, keyof z.infer<typeof Supply>>(true)
