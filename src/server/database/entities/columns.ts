/** Columns that many tables have. */
export const ID_COLUMN = { type: 'varchar', length: 120, collation: 'utf8mb4_bin' } as const
export const TEXT_COLUMN = { type: 'varchar', length: 255 } as const

/** What a JSON column holds. It is parsed where it is read: a row is not believed. */
export type Json = NonNullable<unknown>
