/** The outbox on the wire. */
import { z } from 'zod'

export const OutboxMessage = z.object({
  id: z.int(),
  at: z.string(),
  by: z.string(),
  to: z.string(),
  subject: z.string(),
  bytes: z.int(),
})
export type OutboxMessage = z.infer<typeof OutboxMessage>
export const OutboxParams = z.strictObject({ id: z.coerce.number().int().min(1) })
