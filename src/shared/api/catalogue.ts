/** The open catalogue file as schemas: what comes in over the wire or from a file is checked by these. */
import { z } from 'zod'
import { CALCULATIONS } from '#core/answer/calculations'
import { PARAMETERS } from '#core/catalogue/parameters'
import { CONTROL_SHAPES, FAULT_SHOWS, MACHINE_VIEWS, STEP_PHASES } from '#core/catalogue/types'
import type * as core from '#core/catalogue/types'

/** Ids are slugs: no spaces, nothing a path or a shell would read. */
export const Id = z
  .string()
  .regex(/^[^\s/\\<>"'`;]{1,120}$/u, 'an id has 1 to 120 characters, without spaces, slashes or quotes')
const text = z.string().min(1, 'must not be empty').max(10_000)
/** A name, or what else stands in a column of its own: as long as the column is. */
const line = z.string().min(1, 'must not be empty').max(255)
const words = z.array(text)
const finite = z.number()
const positive = finite.positive()
const notNegative = finite.nonnegative()

const rising = <T extends { from: number; to: number }>(schema: z.ZodType<T>): z.ZodType<T> =>
  schema.refine(({ from, to }) => from <= to, { message: '“from” must not be above “to”', path: ['from'] })

export const Range: z.ZodType<core.Range> = rising(z.strictObject({ from: finite, to: finite }))
export const Positions = z.record(text, text)

export const Source = z.strictObject({ evidence: z.enum(['book', 'bench', 'workedOut']), where: z.string().optional() })

export const Make = z.strictObject({ id: Id, name: line, footPattern: text.optional() })

export const Swing = z.enum(['none', 'centred', 'left', 'right'])

export const StitchFunction = z.strictObject({
  id: Id,
  name: line,
  family: line,
  swing: Swing,
  iso4915: text.optional(),
  repeat: z.int().positive().optional(),
  swingAt: z.int().positive().optional(),
})

export const Thread = z.strictObject({
  id: Id,
  name: line,
  tex: positive,
  fibre: z.enum(['polyester', 'cotton', 'rayon', 'nylon', 'metallic']),
  use: z.string(),
})

export const Kind = z.enum([
  'mechanical',
  'computerised',
  'straightStitch',
  'overlocker',
  'coverstitch',
  'overlockCover',
  'embroidery',
])

const own = (...known: string[]) => new RegExp(`^(${known.join('|')}|own:.+)$`)
const Shank = z
  .string()
  .regex(own('low', 'high', 'slant'), 'low, high, slant or own:…') as unknown as z.ZodType<core.Shank>
const ATTACHMENTS = 'snap-on (snapOn), screw-on (screwOn) or own:…'
const Attachment = z.string().regex(own('snapOn', 'screwOn'), ATTACHMENTS) as unknown as z.ZodType<core.Attachment>

const PARAMETER = new RegExp(`^(${PARAMETERS.join('|')}|tension:.+)$`)
const ParameterText = z.string().regex(PARAMETER, 'not a parameter Handhold knows')
export const Parameter = ParameterText as unknown as z.ZodType<core.Parameter>

export const byParameter = <Value extends z.ZodType>(value: Value) =>
  z.record(ParameterText, value) as unknown as z.ZodType<Partial<Record<core.Parameter, z.infer<Value>>>>

const Mark = z.strictObject({ mark: text, value: finite })
const risingMarks = z
  .array(Mark)
  .refine((marks) => marks.every((mark, i) => i === 0 || mark.value >= (marks[i - 1] as core.Mark).value), {
    message: 'marks must rise',
  })

export const Scale: z.ZodType<core.Scale> = rising(
  z.strictObject({
    shows: z.enum(['mm', 'spi', 'marks']),
    from: finite,
    to: finite,
    step: notNegative.optional(),
    marks: risingMarks.optional(),
    shownOffset: finite.optional(),
    normal: finite.optional(),
    number: positive.optional(),
    kept: z.union([z.boolean(), z.literal('perStitch')]).optional(),
    faces: z.array(z.strictObject({ when: Positions, marks: z.array(Mark) })).optional(),
  }),
)

export const Motion = z.enum(['forward', 'forwardReverse', 'sideMotion'])

export const Stitch = z.strictObject({
  id: Id,
  select: line,
  function: Id,
  nativeName: z.string().optional(),
  motion: Motion,
  swing: Swing.optional(),
  attributes: words.optional(),
  defaults: byParameter(z.union([finite, Range, z.literal('auto')])).optional(),
  ranges: byParameter(Range).optional(),
  lengthMeaning: z.enum(['stitch', 'pattern']).optional(),
  foot: z.union([text, words.min(1)]).optional(),
  brings: words.optional(),
  setup: Positions.optional(),
  sequence: z.array(z.strictObject({ at: text, does: text, until: text.optional() })).optional(),
  startsAt: z.enum(['nearEnd', 'farEnd']).optional(),
  sews: z.enum(['towardYou', 'awayFromYou']).optional(),
  points: z.array(z.tuple([finite, finite])).optional(),
  source: Source.optional(),
})

/** A part of a whole. */
const share = z.number().min(0).max(1)
export const ControlPlace = z.strictObject({
  view: z.enum(MACHINE_VIEWS),
  x: share,
  y: share,
  shape: z.enum(CONTROL_SHAPES),
})
const ControlMove = z.strictObject({ control: text, to: text.optional() })
export const Controls = z.strictObject({
  controls: z.record(
    text,
    z.strictObject({
      positions: words.min(1),
      seconds: notNegative,
      habit: finite,
      say: z.record(text, text).optional(),
      where: text.optional(),
      at: ControlPlace.optional(),
    }),
  ),
  normal: Positions,
  rules: z.array(
    z.union([
      z.strictObject({
        id: Id,
        needs: z.record(text, words),
        for: z.strictObject({ control: text, from: text.optional(), to: text.optional() }),
        because: text,
      }),
      z.strictObject({ id: Id, resets: z.union([z.literal('stitchDefaults'), Positions]), after: ControlMove }),
      z.strictObject({ id: Id, duty: text, after: ControlMove }),
      z.strictObject({ id: Id, hazard: text, on: ControlMove }),
    ]),
  ),
})

/** A model without its stitches, as it is kept and edited. */
export const ModelHead = z.strictObject({
  id: Id,
  make: Id,
  name: line,
  series: text.optional(),
  market: text.optional(),
  edition: text.optional(),
  aliases: words.optional(),
  kind: Kind,
  groups: words.optional(),
  shank: Shank.optional(),
  attachment: Attachment.optional(),
  maxWidth: notNegative.optional(),
  needleTravel: Range.optional(),
  maxSpeed: positive.optional(),
  needle: z.strictObject({ system: text, maxSize: positive.optional(), positions: words.optional() }).optional(),
  twinMax: notNegative.optional(),
  supplied: z.array(Id),
  features: words,
  scales: byParameter(z.union([z.literal('absent'), Scale])),
  bobbin: z.strictObject({ class: text, capacity: positive }).optional(),
  controls: Controls.optional(),
  source: Source.optional(),
})

export const Model = ModelHead.extend({ stitches: z.array(Stitch) })

export const Slot = z.union([
  notNegative,
  z
    .strictObject({ left: finite, right: finite })
    .refine(({ left, right }) => left <= right, { message: 'the left edge must not lie right of the right one' }),
])

const Place = z.strictObject({ shank: Shank.optional(), attachment: Attachment.optional() })

export const Item = z.strictObject({
  id: Id,
  make: Id.optional(),
  code: line,
  name: line,
  what: z.enum(['foot', 'ankle', 'adapter', 'plate', 'accessory']),
  family: Id.optional(),
  forGroups: words.optional(),
  price: notNegative.optional(),
  contains: z.array(Id).optional(),
  shank: Shank.optional(),
  attachment: Attachment.optional(),
  turns: z.strictObject({ from: Place, to: Place.extend({ pattern: text.optional() }) }).optional(),
  slot: Slot.optional(),
  minWidth: notNegative.optional(),
  functions: words.optional(),
  motions: z.array(Motion).optional(),
  maxWidth: notNegative.optional(),
  denies: words.optional(),
  maxSpeed: positive.optional(),
  guide: z
    .strictObject({
      kind: z.enum(['none', 'centre', 'right', 'left', 'adjustable']),
      offset: finite.optional(),
      range: Range.optional(),
      turn: positive.optional(),
    })
    .optional(),
  edge: z.strictObject({ left: notNegative.optional(), right: notNegative.optional() }).optional(),
  dualFeedCutOut: z.boolean().optional(),
  sole: text.optional(),
  maxButton: positive.optional(),
  overrun: finite.optional(),
  needs: z
    .strictObject({
      items: z.array(Id).optional(),
      features: words.optional(),
      without: words.optional(),
      plates: z.array(Id).optional(),
    })
    .optional(),
  brings: words.optional(),
  setup: Positions.optional(),
  circular: z
    .strictObject({
      minRadius: notNegative,
      maxRadius: positive,
      mountGroup: text,
      pivotSide: z.enum(['left', 'right']),
    })
    .optional(),
  packSize: positive.optional(),
  unit: text.optional(),
  source: Source.optional(),
})

export const FitStatement = z
  .strictObject({
    id: Id,
    item: Id,
    model: Id.optional(),
    group: text.optional(),
    fits: z.boolean(),
    chain: z.array(Id).optional(),
    evidence: z.enum(['book', 'bench']),
    where: z.string(),
  })
  .refine(({ model, group }) => model !== undefined || group !== undefined, {
    message: 'names neither a model nor a group',
    path: ['model'],
  })

const Structure = z.enum(['woven', 'knit', 'nonWoven', 'coated'])
const Weight = z.enum(['light', 'medium', 'heavy'])

export const Fabric = z.strictObject({
  id: Id,
  name: line,
  structure: Structure,
  weight: Weight,
  layers: z.int().positive(),
  thickness: notNegative,
  behaviours: words,
  needle: z.strictObject({ point: text, size: positive }),
  thread: Id.optional(),
})

export const When = z.strictObject({
  fabric: z.array(Id).optional(),
  structure: z.array(Structure).optional(),
  weight: z.array(Weight).optional(),
  behaviour: words.optional(),
  minLayers: z.int().positive().optional(),
  kind: z.array(Kind).optional(),
  feature: words.optional(),
  withoutFeature: words.optional(),
  make: z.array(Id).optional(),
  model: z.array(Id).optional(),
})

export const Step = z.strictObject({
  text,
  when: When.optional(),
  check: text.optional(),
  caution: text.optional(),
  ifWrong: text.optional(),
  phase: z.enum(STEP_PHASES).optional(),
  before: text.optional(),
  after: text.optional(),
  does: Positions.optional(),
  measures: text.optional(),
  sequence: z.boolean().optional(),
})

const Cause = z.strictObject({
  parameter: Parameter.optional(),
  toward: z.enum(['high', 'low']).optional(),
  control: text.optional(),
  text: text.optional(),
})

const Accepted = z.strictObject({ function: text, when: When.optional(), tradeOff: text.optional() })

export const Calculation = z.enum(Object.keys(CALCULATIONS) as core.Calculation[])

const PlainTarget = z.union([
  z.literal('default'),
  z.strictObject({ abs: finite }),
  z.strictObject({ times: positive }),
  z.strictObject({ plus: finite }),
  z.strictObject({ numbers: finite }),
  z
    .strictObject({ from: finite, to: finite, prefer: finite })
    .refine(({ from, to, prefer }) => from <= prefer && prefer <= to, {
      message: '“prefer” must lie between “from” and “to”',
      path: ['prefer'],
    }),
])
const Target = z.union([PlainTarget, z.strictObject({ calc: Calculation, else: PlainTarget.optional() })])
const StageTarget = z
  .strictObject({ parameter: Parameter, when: When.optional(), to: Target, because: text })
  .refine(
    ({ parameter, to }) => typeof to !== 'object' || !('calc' in to) || CALCULATIONS[to.calc].parameter === parameter,
    {
      message: 'is worked out for another parameter',
      path: ['to', 'calc'],
    },
  )

export const Stage = z.strictObject({
  id: Id,
  name: text,
  kinds: z.array(Kind),
  stitches: z.array(Accepted),
  stitchMust: z
    .strictObject({ minWidth: notNegative.optional(), avoid: words.optional(), motions: z.array(Motion).optional() })
    .optional(),
  feet: z.union([z.enum(['any', 'none']), z.array(Accepted)]),
  accessories: words.optional(),
  features: z
    .strictObject({ need: z.array(z.union([text, words.min(1)])).optional(), avoid: words.optional() })
    .optional(),
  twinSpacing: positive.optional(),
  needle: z
    .array(
      z.strictObject({
        when: When.optional(),
        point: text.optional(),
        size: positive.optional(),
        system: text.optional(),
      }),
    )
    .optional(),
  threads: z
    .array(
      z.strictObject({
        when: When.optional(),
        place: z.enum(['needle', 'bobbin', 'upperLooper', 'lowerLooper', 'chainLooper', 'coverLooper']),
        thread: Id,
      }),
    )
    .optional(),
  maxSpeed: positive.optional(),
  targets: z.array(StageTarget),
  setup: Positions.optional(),
  materials: z
    .array(
      z.strictObject({
        what: text,
        per: z.enum(['piece', 'metre', 'seat']),
        amount: positive,
        unit: text,
        when: When.optional(),
      }),
    )
    .optional(),
  minutes: notNegative.optional(),
  steps: z.array(Step),
  inspect: z.array(z.strictObject({ side: z.enum(['right', 'wrong', 'start', 'end', 'corner']), good: text })),
  faults: z.array(
    z.strictObject({
      id: Id,
      name: text,
      shows: z.enum(FAULT_SHOWS).optional(),
      causes: z.array(Cause),
    }),
  ),
})

export const Method = z.strictObject({
  id: Id,
  name: text,
  because: z.string(),
  when: When.optional(),
  prepare: z.array(Step).optional(),
  stages: z.array(Stage).min(1),
  finish: z.array(Step).optional(),
})

export const Technique = z.strictObject({
  id: Id,
  name: line,
  aliases: words.optional(),
  family: line,
  for: z.string(),
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  methods: z.array(Method),
})

export const Sample = z.strictObject({
  id: Id,
  model: Id,
  edition: text.optional(),
  technique: Id,
  method: Id,
  stage: Id,
  fabric: Id,
  layers: z.int().positive().optional(),
  stitch: Id,
  foot: Id.optional(),
  needleSize: positive.optional(),
  threads: z.array(Id).optional(),
  used: byParameter(finite),
  measured: z.record(text, finite).optional(),
  verdict: z.enum(['good', 'usable', 'redo']),
  fault: Id.optional(),
  pinned: z.boolean().optional(),
  on: z.string().regex(/^\d{4}-\d{2}-\d{2}/, 'a date as 2026-03-09'),
  by: text,
  note: z.string().optional(),
})

export const Bundle = z.strictObject({
  format: z.literal('handhold-catalogue'),
  version: z.literal(3),
  makes: z.array(Make),
  functions: z.array(StitchFunction),
  threads: z.array(Thread),
  models: z.array(Model),
  items: z.array(Item),
  fits: z.array(FitStatement),
  fabrics: z.array(Fabric),
  techniques: z.array(Technique),
  samples: z.array(Sample),
})

// The schemas and the core's plain types are held equal at compile time.
type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<z.infer<typeof Bundle>, core.Bundle>(true)
same<z.infer<typeof Model>, core.Model>(true)
same<z.infer<typeof Item>, core.Item>(true)
same<z.infer<typeof Technique>, core.Technique>(true)
same<z.infer<typeof Sample>, core.Sample>(true)
same<z.infer<typeof FitStatement>, core.FitStatement>(true)
