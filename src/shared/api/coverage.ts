import { z } from 'zod'
import type * as core from '#core/coverage/decide'
import type * as gaps from '#core/coverage/gaps'
import { Reason, Verdict } from './answer'
import { Id, Kind } from './catalogue'

const DecidedStage = z.object({
  stage: Id,
  model: Id,
  stitch: Id,
  select: z.string(),
  foot: Id.optional(),
  evidence: z.enum(['bench', 'book', 'workedOut']),
  proved: z.int(),
})
const Decision = z.object({
  verdict: Verdict,
  method: Id.optional(),
  stages: z.array(DecidedStage),
  toGet: z.array(Id),
  reason: Reason.optional(),
})

/** What sentences about cells name. */
const named = z.record(z.string(), z.string())
export const Named = z.object({
  items: z.record(
    z.string(),
    z.object({ code: z.string(), name: z.string(), what: z.string(), price: z.number().optional() }),
  ),
  models: named,
  functions: named,
  methods: named,
  threads: named,
  stitches: named,
})

export const ColumnQuery = z.strictObject({ model: Id, fabric: Id })
export const ColumnView = z.object({
  cells: z.array(z.object({ technique: Id, decision: Decision })),
  names: Named,
})
export interface ColumnView {
  cells: { technique: string; decision: core.Decision }[]
  names: z.infer<typeof Named>
}

export const GridQuery = z.strictObject({ fabric: Id })
/** By customers' machines or booked seats, not by cells. */
export const GapsQuery = GridQuery.extend({ by: z.enum(['cells', 'machines', 'seats']).optional() })
/** One letter a cell, techniques down, models across, so that a large shop's grid is small on the wire. */
export const GridView = z.object({
  models: z.array(z.object({ id: Id, name: z.string(), make: z.string(), kind: Kind })),
  techniques: z.array(z.object({ id: Id, name: z.string(), family: z.string() })),
  /** r ready, i needs items, o other route, n not on this model. */
  verdicts: z.array(z.string()),
  /** b tried at the bench, k by the book, w worked out, - nothing fitted. */
  evidence: z.array(z.string()),
  /** p where every stage was sewn well. */
  proved: z.array(z.string()),
})
export type GridView = z.infer<typeof GridView>

const Cell = z.object({ technique: Id, model: Id })
export const GapsView = z.object({
  gaps: z.array(
    z.object({
      closer: z.union([
        z.object({ closes: z.literal('buy'), item: Id }),
        z.object({ closes: z.literal('chart'), model: Id }),
        z.object({
          closes: z.literal('state'),
          fact: z.object({
            of: z.enum(['model', 'item']),
            id: Id,
            key: z.enum(['shank', 'attachment', 'fitStatement']),
          }),
        }),
      ]),
      cells: z.array(Cell),
      partly: z.int(),
      machines: z.int(),
      seats: z.int(),
    }),
  ),
  cover: z.object({ steps: z.array(z.object({ items: z.array(Id), closes: z.int() })), closed: z.int() }),
  needing: z.int(),
  unproved: z.array(Cell),
  names: Named,
})
export interface GapsView {
  gaps: gaps.Gap[]
  cover: gaps.Cover
  /** Cells for which something is to get. */
  needing: number
  /** Ready, and nobody has sewn it well yet. */
  unproved: { technique: string; model: string }[]
  names: z.infer<typeof Named>
}
