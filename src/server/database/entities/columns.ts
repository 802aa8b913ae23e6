/** Columns that many tables have. */
export const ID = { type: 'varchar', length: 120, collation: 'utf8mb4_bin' } as const
export const TEXT = { type: 'varchar', length: 255 } as const
