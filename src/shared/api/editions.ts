/** New editions of shipped techniques on the wire. */
import { z } from 'zod'
import { Id } from './catalogue'

export const TechniqueParams = z.strictObject({ technique: Id })

export const EditionOffer = z.object({
  technique: Id,
  name: z.string(),
  /** Of the shop's row, to write against. */
  version: z.int(),
  parts: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      is: z.enum(['added', 'changed']),
      /** Field by field; none for what is new. */
      differences: z.array(z.object({ heading: z.string(), before: z.string(), after: z.string() })),
    }),
  ),
})
export type EditionOffer = z.infer<typeof EditionOffer>

const MOST_PARTS = 200
export const EditionTaken = z.strictObject({
  version: z.int().nonnegative(),
  /** Ids of parts; none: the shop keeps its own. */
  take: z.array(z.string().min(1).max(200)).max(MOST_PARTS),
})
