import { FABRIC_LINES, FABRIC_PARTS } from '#core/card/fabricParts'
import { FAULT_SHOWS } from '#core/catalogue/types'
import { OUTLINES } from '#core/map/usualPlaces'
import { INTERRUPTIONS } from '#core/procedure/types'
import { z } from 'zod'
import type * as core from '#core/card/card'
import { Question, Reason, Setting, StageAnswer, Verdict } from './answer'
import {
  ControlPlace,
  Id,
  Item,
  Parameter,
  Positions,
  Range,
  Scale,
  Slot,
  Stage,
  StitchFunction,
  Swing,
  Technique,
} from './catalogue'

const ItemSource = z.enum(['supplied', 'owned', 'toGet'])
const CardItem = z.object({ id: Id, source: ItemSource })

const CardValue = z.object({
  parameter: Parameter,
  setting: Setting,
  scale: z.union([Scale, z.literal('absent')]).optional(),
  hits: z.array(Range),
  stands: z.union([z.number(), Range, z.literal('auto')]).optional(),
  resets: z.boolean(),
  act: z.enum(['set', 'leave', 'silent', 'absent']),
})

/** One step; the keys beside `tells` say what of. */
export const ToldStep = z.looseObject({ id: z.string(), phase: z.string(), tells: z.string() })
export const ToldCause = z.looseObject({ tells: z.string() })
const ToldFault = z.object({
  id: Id,
  name: z.string(),
  shows: z.enum(FAULT_SHOWS).optional(),
  causes: z.array(ToldCause),
})

/** What hands do, from how the machine stands to a sewn piece and back. */
const Procedure = z.object({
  steps: z.array(ToldStep),
  next: z.array(ToldStep),
  interruptions: z.array(z.object({ of: z.enum(INTERRUPTIONS), steps: z.array(ToldStep) })),
  back: z.array(ToldStep),
  faults: z.array(ToldFault),
})

/** A stitch to be drawn to scale. */
export const StitchSpec = z.object({
  function: StitchFunction.pick({ id: true, family: true, repeat: true, swingAt: true }),
  swing: Swing,
  width: z.number(),
  length: z.number(),
  needlePosition: z.number(),
  repeats: z.int().positive(),
  points: z.array(z.tuple([z.number(), z.number()])).optional(),
})

/** A foot's drawing is made from these. */
export const FootShape = Item.pick({ slot: true, guide: true, minWidth: true, functions: true, maxButton: true })

/** A stage's stitch as it lies on the fabric. */
export const CardSketch = z.object({
  set: StitchSpec,
  given: StitchSpec.optional(),
  foot: Slot.optional(),
  plate: Slot.optional(),
  fabric: z.object({
    parts: z.array(z.object({ name: z.enum(FABRIC_PARTS), from: z.number().optional(), to: z.number().optional() })),
    lines: z.array(z.object({ name: z.enum(FABRIC_LINES), at: z.number() })),
  }),
})

const CardStage = z.object({
  stage: Id,
  name: z.string(),
  answer: StageAnswer,
  alternativeCount: z.int(),
  kind: z.string(),
  modelName: z.string(),
  shank: z.string().optional(),
  stitchName: z.string().optional(),
  functionName: z.string(),
  bookPage: z.string().optional(),
  foot: CardItem.extend({ shape: FootShape.optional() }).optional(),
  chain: z.array(CardItem),
  plate: CardItem.extend({ change: z.boolean() }).optional(),
  accessories: z.array(CardItem),
  feedAids: z.array(z.string()),
  changes: z.array(CardValue),
  unchanged: z.array(CardValue),
  resets: z.boolean(),
  procedure: Procedure,
  map: z.object({ outline: z.enum(OUTLINES), places: z.record(z.string(), ControlPlace) }),
  changeover: z.object({
    seconds: z.number().optional(),
    from: Positions,
    goal: Positions,
    backSeconds: z.number().optional(),
    controls: z.array(
      z.object({
        control: z.string(),
        positions: z.array(z.string()),
        normal: z.string().optional(),
        where: z.string().optional(),
      }),
    ),
  }),
  inspect: Stage.shape.inspect,
  minutes: z.number().optional(),
  sketch: CardSketch.optional(),
  house: z
    .object({
      sample: Id,
      disputed: z.array(
        z.object({
          parameter: Parameter,
          median: z.number(),
          least: z.number(),
          most: z.number(),
          samples: z.int(),
          disputed: z.boolean(),
        }),
      ),
    })
    .optional(),
})

const named = z.record(z.string(), z.string())

export type CardView = core.Card
export const CardView = z.object({
  question: Question,
  verdict: Verdict,
  technique: z.object({ id: Id, name: z.string(), family: z.string(), for: z.string() }),
  model: z.object({
    id: Id,
    name: z.string(),
    make: z.string(),
    kind: z.string(),
    edition: z.string().optional(),
  }),
  fabric: z.object({ id: Id, name: z.string(), layers: z.number() }),
  method: z.object({ id: Id, name: z.string(), because: z.string() }).optional(),
  methods: z.array(
    z.object({
      id: Id,
      name: z.string(),
      because: z.string(),
      verdict: Verdict.optional(),
      toGet: z.array(Id),
      reasons: z.array(Reason),
    }),
  ),
  toGet: z.array(Id),
  reasons: z.array(Reason),
  stages: z.array(CardStage),
  names: z.object({
    items: z.record(
      z.string(),
      z.object({ code: z.string(), name: z.string(), what: z.string(), price: z.number().optional() }),
    ),
    models: named,
    functions: named,
    methods: named,
    threads: named,
    stitches: named,
  }),
})

/** A list in an address: `owned=k4,k7`. */
export const idList = z
  .string()
  .transform((list) => list.split(',').filter(Boolean))
  .pipe(z.array(Id))

/** Controls and where they stand in an address: `leftNeedle:out,upperKnife:?`. */
const positionList = z.string().transform((list, context) => {
  const positions: Record<string, string> = {}
  for (const part of list.split(',').filter(Boolean)) {
    // A control may have a colon in its name (thread:needle); its position has none.
    const at = part.lastIndexOf(':')
    if (at <= 0 || at === part.length - 1) {
      context.addIssue({ code: 'custom', message: `“${part}” is not a control and its position, as in leftNeedle:out` })
      return z.NEVER
    }
    positions[part.slice(0, at)] = part.slice(at + 1)
  }
  return positions
})

/** Measured of the piece in hand, mm: `measured=holeSpacing:3.4,ringWire:2`. */
const MOST_MEASURED = 20
const measuredList = z.string().transform((text, context) => {
  const measured: Record<string, number> = {}
  const parts = text.split(',').filter(Boolean)
  if (parts.length > MOST_MEASURED) context.addIssue(`at most ${MOST_MEASURED} measures`)
  for (const part of parts) {
    const [, key, figure] = /^([A-Za-z]{1,60}):(\d{1,4}(?:\.\d{1,3})?)$/.exec(part) ?? []
    const value = Number(figure)
    if (key === undefined || !(value > 0)) context.addIssue(`“${part}” is not as “holeSpacing:3.4”`)
    else measured[key] = value
  }
  return measured
})

export const CardQuery = z.strictObject({
  technique: Id,
  model: Id,
  fabric: Id,
  method: Id.optional(),
  layers: z.coerce.number().int().positive().max(50).optional(),
  also: idList.optional(),
  owned: idList.optional(),
  needle: z.coerce.number().positive().max(200).optional(),
  /** Longest buttonhole slit the job asks for, and a circle's radius, mm. */
  opening: z.coerce.number().positive().max(300).optional(),
  radius: z.coerce.number().positive().max(2000).optional(),
  measured: measuredList.optional(),
  /** How the machine stands now, where it does not stand as for normal sewing; `?` for what is not known. */
  now: positionList.optional(),
  /** A technique that was sewn before on this machine: it starts from how that left it. */
  after: Id.optional(),
  /** `all`: every other way, and not only the best few. */
  alternatives: z.literal('all').optional(),
})

/** A card of a technique that is not saved yet: what it would say. */
export const DraftCard = z.strictObject({ technique: Technique, model: Id, fabric: Id, method: Id.optional() })
export type DraftCard = z.infer<typeof DraftCard>

type Extends<A, B> = [A] extends [B] ? true : false
const fits = <A, B>(_: Extends<A, B>): void => undefined
fits<keyof core.Card, keyof z.infer<typeof CardView>>(true)
fits<keyof core.CardStage, keyof z.infer<typeof CardStage>>(true)
fits<keyof z.infer<typeof CardStage>, keyof core.CardStage>(true)
