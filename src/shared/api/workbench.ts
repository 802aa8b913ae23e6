/** The workbench on the wire: what lies in hand, and drawings to be printed at 1:1. */
import { z } from 'zod'
import type * as core from '#core/card/workbenchInput'
import type * as sheet from '#core/workbench/sheet'
import { CardSketch, FootShape, idList } from './card'
import {
  Calculation,
  Fabric,
  Id,
  Item,
  Kind,
  Range,
  Scale,
  Slot,
  Stitch,
  StitchFunction,
  Thread,
  byParameter,
} from './catalogue'

/** As a card is asked for, but that anything may still be open. */
export const WorkbenchQuery = z.strictObject({
  technique: Id.optional(),
  model: Id.optional(),
  fabric: Id.optional(),
  method: Id.optional(),
  layers: z.coerce.number().int().positive().max(50).optional(),
  also: idList.optional(),
  owned: idList.optional(),
})

const MOST_MM = 10_000
const mm = z.number().min(-MOST_MM).max(MOST_MM)
const At = z.tuple([mm, mm])

const WorkbenchFoot = FootShape.extend({
  id: Id,
  code: z.string(),
  name: z.string(),
  overrun: z.number().optional(),
  edge: Item.shape.edge,
})

export const WorkbenchInputView = z.object({
  model: z
    .object({
      id: Id,
      name: z.string(),
      kind: Kind,
      maxWidth: z.number().optional(),
      twinMax: z.number().optional(),
      maxSpeed: z.number().optional(),
      travel: Range.optional(),
      bobbin: z.object({ class: z.string(), capacity: z.number() }).optional(),
      scales: z.record(z.string(), Scale),
      motifs: z.array(z.object({ id: Id, name: z.string(), points: z.array(At).optional() })),
      plateSlot: Slot.optional(),
    })
    .optional(),
  fabric: z
    .object({
      name: z.string(),
      ...Fabric.pick({ structure: true, weight: true, behaviours: true }).shape,
      thickness: z.number(),
      needleSize: z.number(),
    })
    .optional(),
  stages: z.array(
    z.object({
      stage: Id,
      name: z.string(),
      select: z.string(),
      function: StitchFunction,
      works: z.array(Calculation),
      sketch: CardSketch.optional(),
      foot: WorkbenchFoot.optional(),
      plateSlot: Slot.optional(),
      needleSize: z.number(),
      threads: z.array(Thread.pick({ name: true, tex: true, fibre: true }).extend({ place: z.string() })),
      circular: Item.shape.circular,
      startsAt: Stitch.shape.startsAt,
      sews: Stitch.shape.sews,
      settings: byParameter(z.number()),
    }),
  ),
  guides: z.array(WorkbenchFoot),
})
/** As the core gives it; the wire carries the same. */
export type WorkbenchInputView = core.WorkbenchInput

const Weight = z.enum(['thin', 'strong', 'dashed'])
const size = z.number().positive().max(MOST_MM)

/** Bounded, so that printing it stays quick. */
export const Sheet: z.ZodType<sheet.Sheet> = z.strictObject({
  title: z.string().max(300),
  width: size,
  height: size,
  marks: z
    .array(
      z.union([
        z.strictObject({
          is: z.literal('line'),
          points: z.array(At).min(2).max(2000),
          weight: Weight,
          closed: z.boolean().optional(),
        }),
        z.strictObject({ is: z.literal('circle'), at: At, radius: size, weight: Weight }),
        z.strictObject({
          is: z.literal('text'),
          at: At,
          text: z.string().max(300),
          size: z.number().min(1).max(50),
          align: z.enum(['start', 'middle', 'end']),
        }),
      ]),
    )
    .max(2000),
}) as unknown as z.ZodType<sheet.Sheet>
