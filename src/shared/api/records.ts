/** The history of what a shop keeps beside its catalogue. */
import { z } from 'zod'

export const SHOP_RESOURCES = ['classes', 'customers', 'cases', 'supplies', 'calendar', 'settings', 'lessons'] as const
export const ShopResource = z.enum(SHOP_RESOURCES)
export type ShopResource = z.infer<typeof ShopResource>

export const RecordWritesQuery = z.strictObject({
  resource: ShopResource.optional(),
  row: z.string().max(120).optional(),
  /** The id that the last page ended on. */
  before: z.coerce.number().int().optional(),
})

/** One write of one record. */
export const RecordWriteView = z.object({
  id: z.int(),
  resource: ShopResource,
  row: z.string(),
  title: z.string(),
  did: z.enum(['added', 'changed', 'removed']),
  at: z.string(),
  by: z.string(),
  /** It stands as this write left it and can be taken back; who was added as a customer goes by being erased. */
  stands: z.boolean(),
})
export type RecordWriteView = z.infer<typeof RecordWriteView>

/** Before and after; null where there was none. */
export const RecordWriteDetail = RecordWriteView.extend({ before: z.unknown(), after: z.unknown() })
export type RecordWriteDetail = z.infer<typeof RecordWriteDetail>

export const RecordUndone = z.object({ resource: ShopResource, row: z.string(), version: z.int().nullable() })

/** The version of what is to be removed, as whoever removes it saw it. */
export const VersionSeen = z.strictObject({ version: z.coerce.number().int() })
