/** Customers on the wire. */
import { z } from 'zod'
import type * as core from '#core/customers/types'
import { idList } from './card'
import { Id } from './catalogue'

const short = z.string().trim().min(1).max(200)
export const Machine = z.strictObject({
  model: Id,
  serial: short.optional(),
  bought: z.iso.date().optional(),
})

export const CustomerWrite = z.strictObject({
  name: short,
  phone: short.optional(),
  email: z.email().max(200).optional(),
  note: z.string().max(2000).optional(),
  machines: z.array(Machine).max(50),
  owns: z.array(Id).max(500),
})
export type CustomerWrite = z.infer<typeof CustomerWrite>

export const Customer = CustomerWrite.extend({ id: Id })
export const CustomerRow = z.object({ version: z.int(), customer: Customer })
export type CustomerRow = z.infer<typeof CustomerRow>

/**
 * `q`: words, each of which is in the name, telephone, mail, a serial number or a machine's name; `ids`: only these;
 * `mail`: only whom a letter reaches.
 */
export const CustomersQuery = z.strictObject({
  q: z.string().max(200).optional(),
  ids: idList.pipe(z.array(Id).max(200)).optional(),
  mail: z.literal('yes').optional(),
  before: Id.optional(),
  most: z.coerce.number().int().min(1).max(500).optional(),
})
/** By name. `total`, `machines`: of all who are meant, whatever the page holds. */
export const CustomersPage = z.object({ rows: z.array(CustomerRow), total: z.int(), machines: z.int() })
export type CustomersPage = z.infer<typeof CustomersPage>
/** `names`: of a list, to see whom of it the shop knows. */
export const CustomersNamed = z.strictObject({ names: z.array(short).min(1).max(5000) })

/** `version`: the one the writer saw. */
export const CustomerChange = z.strictObject({ version: z.int(), customer: CustomerWrite })
/** `same`: who of the shop's customers it is, where somebody has said so. */
export const CustomersImport = z.strictObject({
  customers: z
    .array(CustomerWrite.extend({ same: Id.optional() }))
    .min(1)
    .max(5000),
})
export const CustomersImported = z.object({ added: z.int(), changed: z.int(), same: z.int() })
export type CustomersImported = z.infer<typeof CustomersImported>

/** All that the shop holds of one person. */
export const CustomerExport = z.object({
  format: z.literal('handhold-customer'),
  at: z.string(),
  customer: Customer,
  names: z.object({ models: z.record(z.string(), z.string()), items: z.record(z.string(), z.string()) }),
  /** Beside the customer's own row, place by place: seats, cases, words, messages, practice, history. */
  held: z.record(z.string(), z.array(z.unknown())),
})

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<keyof core.Customer, keyof z.infer<typeof Customer>>(true)
