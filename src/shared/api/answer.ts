/** The question and the answer on the wire. */
import { z } from 'zod'
import type * as core from '#core/answer/types'
import { Id, Positions, Range, byParameter } from './catalogue'

export const Question = z.strictObject({
  technique: Id,
  method: Id.optional(),
  model: Id,
  also: z.array(Id).optional(),
  fabric: Id,
  layers: z.int().positive().optional(),
  owned: z.array(Id).optional(),
  stock: z.array(Id).optional(),
  job: z
    .strictObject({
      needleSize: z.number().positive().optional(),
      radius: z.number().positive().optional(),
      buttonOpening: z.number().positive().optional(),
      button: z
        .strictObject({ diameter: z.number().positive(), thickness: z.number().nonnegative().optional() })
        .optional(),
      measured: z.record(z.string().min(1).max(60), z.number().positive()).optional(),
    })
    .optional(),
})

/** The code is one of docs/reasons.md; the other keys are the figures compared. */
export const Reason = z.looseObject({ code: z.string() })

export const Verdict = z.enum(['ready', 'needsItems', 'otherRoute', 'notOnThisModel'])

const value = z.union([z.number(), Range, z.literal('auto')])

export const Setting = z.object({
  value: z.union([value, z.enum(['absent', 'unstated'])]),
  shown: z.string(),
  default: value.optional(),
  from: z.enum(['house', 'target', 'default', 'unstated']),
  changed: z.boolean(),
  setAgain: z.enum(['no', 'afterChoosing', 'check']),
  clear: Range.optional(),
  reasons: z.array(Reason),
})

export const StageAnswer = z.object({
  stage: Id,
  model: Id,
  stitch: Id,
  select: z.string(),
  function: Id,
  foot: Id.optional(),
  chain: z.array(Id),
  plate: Id.optional(),
  accessories: z.array(Id),
  fitEvidence: z.enum(['bench', 'book', 'workedOut']),
  proved: z
    .object({
      sample: Id,
      samples: z.int(),
      people: z.int(),
      days: z.int(),
      last: z.string(),
      pinned: z.boolean(),
    })
    .optional(),
  needle: z.object({ system: z.string().optional(), point: z.string(), size: z.number() }),
  threads: z.array(z.object({ place: z.string(), thread: Id })),
  maxSpeed: z.number().optional(),
  setup: Positions,
  features: z.array(z.object({ feature: z.string(), item: Id.optional() })),
  settings: byParameter(Setting),
  reasons: z.array(Reason),
  cautions: z.array(Reason),
  alternatives: z.array(
    z.object({
      model: Id,
      stitch: Id,
      foot: Id.optional(),
      toGet: z.array(Id),
      better: z.array(Reason),
      worse: z.array(Reason),
    }),
  ),
})

export type Answer = core.Answer
export const Answer = z.object({
  verdict: Verdict,
  method: Id.optional(),
  stages: z.array(StageAnswer),
  toGet: z.array(Id),
  reasons: z.array(Reason),
  methods: z.array(z.object({ method: Id, verdict: Verdict, toGet: z.array(Id), reasons: z.array(Reason) })),
})

type Extends<A, B> = [A] extends [B] ? true : false
const fits = <A, B>(_: Extends<A, B>): void => undefined
fits<z.infer<typeof Question>, core.Question>(true)
fits<core.Question, z.infer<typeof Question>>(true)
fits<
  Omit<core.Answer, 'reasons' | 'stages' | 'methods'>,
  Omit<z.infer<typeof Answer>, 'reasons' | 'stages' | 'methods'>
>(true)
