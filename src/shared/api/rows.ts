import { z } from 'zod'
import { Id, Kind, Model, Motion, StitchFunction } from './catalogue'
import { Resource } from './resources'

/** A row with the version an edit must name. */
export const RowView = z.object({ version: z.int(), value: z.unknown() })
export const RowWrite = z.strictObject({
  /** The version the writer saw; null for a new row. */
  version: z.int().positive().nullable(),
  value: z.unknown(),
})
export const RowParams = z.strictObject({ resource: Resource.exclude(['stitches']), id: Id })
export const StitchParams = z.strictObject({ model: Id, id: Id })
export const RemoveQuery = z.strictObject({
  version: z.coerce.number().int().positive(),
  /** `yes`: what speaks of it alone goes with it, lists that name it are trimmed; see its removal plan. */
  along: z.enum(['yes']).optional(),
})

/** What the three picks choose from. */
export const PickLists = z.object({
  models: z.array(
    z.object({
      id: Id,
      name: z.string(),
      make: z.string(),
      kind: Kind,
      aliases: z.array(z.string()),
      stitches: z.int(),
    }),
  ),
  techniques: z.array(z.object({ id: Id, name: z.string(), family: z.string(), aliases: z.array(z.string()) })),
  fabrics: z.array(z.object({ id: Id, name: z.string(), structure: z.string(), weight: z.string() })),
})
export type PickLists = z.infer<typeof PickLists>

/** A model's own page: all about it, with the version of each row. */
export const ModelPage = z.object({
  version: z.int(),
  model: Model,
  make: z.string(),
  stitchVersions: z.record(z.string(), z.int()),
  /** What was sewn on it, by stitch. */
  samples: z.array(z.object({ id: Id, stitch: Id })),
})
export type ModelPage = z.infer<typeof ModelPage>

export const HistoryEntry = z.object({
  id: z.int(),
  revision: z.int(),
  resource: Resource,
  row: z.string(),
  at: z.string(),
  by: z.string(),
  before: z.unknown(),
  after: z.unknown(),
})
export const HistoryQuery = z.strictObject({
  revision: z.coerce.number().int().positive().optional(),
  resource: Resource.optional(),
  row: z.string().max(250).optional(),
  before: z.coerce.number().int().positive().optional(),
})

/** Rows written or removed together: all or nothing. */
export const Changes = z.strictObject({
  changes: z
    .array(
      z.strictObject({
        resource: Resource,
        id: Id,
        /** The model a stitch belongs to. */
        model: Id.optional(),
        /** The version the writer saw; null for a new row. */
        version: z.int().positive().nullable(),
        /** Null removes the row. */
        value: z.unknown(),
      }),
    )
    .min(1)
    .max(20_000),
})
export type Changes = z.input<typeof Changes>

export const Changed = z.object({
  revision: z.int(),
  added: z.int(),
  changed: z.int(),
  removed: z.int(),
  same: z.int(),
})
export type Changed = z.infer<typeof Changed>

export const TableParams = z.strictObject({ resource: Resource })
export const TableQuery = z.strictObject({ model: Id.optional() })
export const TableRow = z.object({ id: Id, model: Id.optional(), version: z.int(), value: z.unknown() })
export type TableRow = z.infer<typeof TableRow>

export const NamesView = z.partialRecord(Resource, z.record(z.string(), z.string()))

const NamedRow = z.object({ resource: Resource, id: Id, model: Id.optional(), title: z.string() })
export const RemovalView = z.object({
  along: z.array(NamedRow),
  changed: z.array(NamedRow),
  held: z.array(NamedRow),
})
export type RemovalView = z.infer<typeof RemovalView>

export const CopyModel = z.strictObject({ name: z.string().trim().min(1).max(120) })

/** One write of the history: everything that one person changed at once. */
export const WriteView = z.object({
  revision: z.int(),
  at: z.string(),
  by: z.string(),
  counts: z.array(z.object({ resource: Resource, added: z.int(), changed: z.int(), removed: z.int() })),
  first: z.array(
    z.object({
      id: z.int(),
      resource: Resource,
      row: z.string(),
      title: z.string(),
      did: z.enum(['added', 'changed', 'removed']),
    }),
  ),
  rows: z.int(),
})
export type WriteView = z.infer<typeof WriteView>
export const WritesQuery = z.strictObject({
  resource: Resource.optional(),
  row: z.string().max(250).optional(),
  /** A model with all its stitches. */
  model: Id.optional(),
  before: z.coerce.number().int().positive().optional(),
})
/** `only`: ids of entries of that write; left out: all of it. */
export const Undo = z.strictObject({ revision: z.int().positive(), only: z.array(z.int()).min(1).optional() })

/** What functions are told from: every native name in use, and the functions themselves. */
export const NativeNames = z.object({
  functions: z.array(StitchFunction),
  known: z.array(z.object({ name: z.string(), function: z.string(), motion: Motion, make: Id, count: z.int() })),
})
export type NativeNames = z.infer<typeof NativeNames>

/** What a shop once told about a make's files. */
export const ImportHabit = z.strictObject({
  /** Heading, tidied → field and unit. */
  columns: z.record(
    z.string().max(200),
    z.strictObject({
      field: z.string().max(60),
      part: z.string().max(10).optional(),
      unit: z.string().max(10).optional(),
      carries: z.boolean().optional(),
    }),
  ),
  /** Mark in a fit chart → what it says. */
  marks: z.record(z.string().max(60), z.string().max(120)).optional(),
})
export type ImportHabit = z.infer<typeof ImportHabit>
export const HabitParams = z.strictObject({
  kind: z.string().regex(/^[a-z-]{1,40}$/i),
  make: z.string().regex(/^[^\s/]{1,120}$/u),
})
