/** Samples on the wire: logging them, all that was sewn for one cell, labels, the shop's tolerance. */
import { FIGURE_UNITS } from '#core/workbench/figure'
import { z } from 'zod'
import { MACHINE_VIEWS } from '#core/catalogue/types'
import type * as core from '#core/samples/evidence'
import { StitchSpec } from './card'
import { Id, Parameter, Sample, byParameter } from './catalogue'

/** As it is logged: id, day and name are given by the server, pinning is a lead's own act. */
export const SampleWrite = Sample.omit({ id: true, by: true, on: true, pinned: true })
export type SampleWrite = z.infer<typeof SampleWrite>

export const SampleParams = z.strictObject({ id: Id })
export const SampleLogged = z.object({ id: Id, version: z.int() })
export const Pin = z.strictObject({ pinned: z.boolean() })

export const SampleListed = z.object({
  id: Id,
  on: z.string(),
  by: z.string(),
  verdict: Sample.shape.verdict,
  pinned: z.boolean(),
  stale: z.boolean(),
  photo: z.boolean(),
  model: z.object({ id: Id, name: z.string() }),
  technique: z.object({ id: Id, name: z.string() }),
  method: Id,
  stage: z.object({ id: Id, name: z.string() }),
  fabric: z.object({ id: Id, name: z.string() }),
  select: z.string(),
  foot: z.string().optional(),
  used: byParameter(z.number()),
  fault: z.string().optional(),
  note: z.string().optional(),
})
export type SampleListed = z.infer<typeof SampleListed>

export const EvidenceQuery = z.strictObject({
  model: Id,
  technique: Id,
  method: Id,
  stage: Id,
  fabric: Id,
  /** What the card sews it with now. */
  stitch: Id,
  foot: Id.optional(),
})

const Figure = z.object({
  value: z.number(),
  unit: z.enum(FIGURE_UNITS),
  formula: z.string(),
  from: z.record(z.string(), z.number()),
})

export const ShopSettings = z.strictObject({
  /** What good samples may differ by before they count as disputed: mm, and a scale's own numbers. */
  tolerance: z.strictObject({ mm: z.number().min(0).max(20), numbers: z.number().min(0).max(20) }),
  /** Cases older than so many months lose whose they were. */
  forgetNamesAfter: z.int().min(1).max(240),
  /** Where the shop's pages are found from outside: links in mails and codes on paper begin with it. */
  publicAddress: z
    .string()
    .max(200)
    .regex(/^https?:\/\/[a-z0-9.-]+(:\d{1,5})?$/i, 'as http://shop.example or http://192.168.0.10:8470')
    .optional(),
})
export type ShopSettings = z.infer<typeof ShopSettings>
/** `version`: the one the writer saw. */
export const ShopSettingsRow = z.strictObject({ version: z.int().min(0), settings: ShopSettings })
export type ShopSettingsRow = z.infer<typeof ShopSettingsRow>

const Change = z.union([
  z.object({
    of: z.literal('parameter'),
    parameter: Parameter,
    from: z.number().optional(),
    to: z.number().optional(),
  }),
  z.object({
    of: z.enum(['stitch', 'foot', 'needleSize', 'layers', 'threads']),
    from: z.string().optional(),
    to: z.string().optional(),
  }),
])

export const EvidenceView = z.object({
  tries: z.array(
    z.object({
      sample: Sample,
      changes: z.array(Change),
      clean: z.boolean(),
      stale: z.boolean(),
      spec: StitchSpec.optional(),
      given: z.record(z.string(), z.number()),
    }),
  ),
  house: z
    .object({
      sample: Id,
      pinned: z.boolean(),
      samples: z.int(),
      people: z.int(),
      days: z.int(),
      last: z.string(),
      proved: z.boolean(),
    })
    .optional(),
  spread: z.array(
    z.object({
      parameter: Parameter,
      median: z.number(),
      least: z.number(),
      most: z.number(),
      samples: z.int(),
      disputed: z.boolean(),
    }),
  ),
  disputed: z.boolean(),
  startOffset: z.object({ mean: Figure, spread: Figure, enough: z.boolean(), tries: z.int() }).optional(),
  quarterInch: z.object({ move: Figure, tries: z.int() }).optional(),
  /** Samples that have a photo. */
  photos: z.array(Id),
  /** Names of stitches, feet and threads that the tries speak of. */
  names: z.record(z.string(), z.string()),
  tolerance: ShopSettings.shape.tolerance,
})
export type EvidenceView = core.Evidence & {
  photos: string[]
  names: Record<string, string>
  tolerance: ShopSettings['tolerance']
}

export const PhotoQuery = z.strictObject({ size: z.enum(['small', 'large']).optional() })
export const MachinePhotoParams = z.strictObject({ id: Id, view: z.enum(MACHINE_VIEWS) })
/** `at`: a newer photograph is another address. */
export const MachinePhotoQuery = z.strictObject({ at: z.string().max(40).optional() })
export const MachinePhoto = z.object({ model: Id, view: z.enum(MACHINE_VIEWS), at: z.string() })
export type MachinePhoto = z.infer<typeof MachinePhoto>
export const PhotoKept = z.object({ width: z.int(), height: z.int(), bytes: z.int() })

export const PrintJob = z.strictObject({ sample: Id })
export const PrintedLabel = z.object({ id: z.int(), sample: Id, at: z.string(), by: z.string() })
export type PrintedLabel = z.infer<typeof PrintedLabel>
export const PrintedParams = z.strictObject({ id: z.coerce.number().int().positive() })
