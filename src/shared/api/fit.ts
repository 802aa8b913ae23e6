import { z } from 'zod'
import type * as core from '#core/answer/willItFit'
import { Reason } from './answer'
import { Id, Motion } from './catalogue'

export const FitQuery = z
  .strictObject({ item: Id.optional(), model: Id.optional() })
  .refine(({ item, model }) => item !== undefined || model !== undefined, { message: 'name an item, a model or both' })

const FitLimit = z.union([
  z.object({
    limit: z.literal('width'),
    upTo: z.number(),
    by: z.enum(['foot', 'plate', 'travel']),
    needle: z.number(),
    modelMax: z.number().optional(),
  }),
  z.object({ limit: z.literal('widthUnknown') }),
  z.object({ limit: z.literal('pin'), minWidth: z.number() }),
  z.object({ limit: z.literal('motions'), allows: z.array(Motion) }),
  z.object({ limit: z.literal('functions'), denies: z.array(z.string()) }),
  z.object({ limit: z.literal('speed'), upTo: z.number() }),
  z.object({ limit: z.literal('needsItems'), items: z.array(Id) }),
  z.object({ limit: z.literal('needsPlate'), plates: z.array(Id) }),
  z.object({ limit: z.literal('needsOff'), features: z.array(z.string()) }),
  z.object({ limit: z.literal('inTheWay'), feature: z.string() }),
])

const FitReport = z.object({
  item: Id,
  model: Id,
  fit: z.object({
    fits: z.enum(['yes', 'no', 'unknown']),
    evidence: z.enum(['bench', 'book', 'workedOut']),
    chains: z.array(z.array(Id)),
    reasons: z.array(Reason),
    missing: z.array(
      z.object({ of: z.enum(['model', 'item']), id: Id, key: z.enum(['shank', 'attachment', 'fitStatement']) }),
    ),
  }),
  supplied: z.boolean(),
  statements: z.array(
    z.object({
      id: z.string(),
      fits: z.boolean(),
      chain: z.array(Id),
      evidence: z.enum(['book', 'bench']),
      about: z.enum(['model', 'group', 'supplied', 'forGroups']),
      where: z.string(),
      standing: z.enum(['decides', 'agrees', 'overruled', 'contested']),
    }),
  ),
  limits: z.array(FitLimit),
  instead: z.array(Id),
})

export const FitsView = z.object({
  reports: z.array(FitReport),
  names: z.object({
    items: z.record(
      z.string(),
      z.object({ code: z.string(), name: z.string(), what: z.string(), price: z.number().optional() }),
    ),
    models: z.record(z.string(), z.string()),
    functions: z.record(z.string(), z.string()),
  }),
})
/** As the core gives them; the wire carries the same. */
export interface FitsView {
  reports: core.FitReport[]
  names: {
    items: Record<string, { code: string; name: string; what: string; price?: number | undefined }>
    models: Record<string, string>
    functions: Record<string, string>
  }
}
