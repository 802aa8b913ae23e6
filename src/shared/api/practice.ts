/** Practice on the wire: a machine to try on, what was done on it, links for people without an account. */
import { MACHINE_VIEWS } from '#core/catalogue/types'
import { z } from 'zod'
import type * as attempt from '#core/practice/attempt'
import type * as trial from '#core/practice/trial'
import { StageAnswer } from './answer'
import { CardQuery } from './card'
import {
  Controls,
  Fabric,
  Id,
  Item,
  ModelHead,
  Positions,
  Stage,
  Stitch,
  StitchFunction,
  byParameter,
} from './catalogue'

const word = z.string().max(300)
const Places = z.record(z.string().max(120), word)

/** As a card is asked for, and which of its stages. */
export const TrialQuery = CardQuery.omit({ now: true, after: true, alternatives: true }).extend({
  stage: Id.optional(),
})

export type TrialView = trial.Trial
export const TrialView = z.object({
  technique: z.object({ id: Id, name: z.string() }),
  stage: Stage.pick({ id: true, name: true, faults: true, inspect: true, twinSpacing: true }).extend({
    functions: z.array(z.string()),
  }),
  fabric: Fabric.pick({ id: true, name: true, structure: true, needle: true }),
  model: ModelHead.pick({
    id: true,
    name: true,
    make: true,
    kind: true,
    maxWidth: true,
    needleTravel: true,
    bobbin: true,
    features: true,
    needle: true,
    scales: true,
  }),
  controls: Controls,
  normal: Positions,
  goal: Positions,
  planned: z.int().optional(),
  answer: StageAnswer.pick({
    stitch: true,
    foot: true,
    plate: true,
    chain: true,
    settings: true,
    setup: true,
    needle: true,
    threads: true,
  }),
  stitches: z.array(
    Stitch.pick({
      id: true,
      select: true,
      nativeName: true,
      function: true,
      motion: true,
      swing: true,
      defaults: true,
      ranges: true,
      setup: true,
      attributes: true,
      points: true,
      lengthMeaning: true,
      brings: true,
      sequence: true,
    }),
  ),
  functions: z.array(StitchFunction),
  items: z.array(
    Item.pick({
      id: true,
      code: true,
      name: true,
      what: true,
      slot: true,
      minWidth: true,
      maxWidth: true,
      motions: true,
      denies: true,
      functions: true,
      guide: true,
      dualFeedCutOut: true,
      maxButton: true,
    }),
  ),
  needles: z.array(z.string()),
  threads: z.array(z.object({ id: Id, name: z.string() })),
  threadDiameter: z.number().optional(),
})

/** The simulated machine of a person: what it was sent, what it shows. */
export const MachineShown = z.strictObject({
  model: Id,
  technique: Id.optional(),
  stage: Id.optional(),
  fabric: Id.optional(),
  positions: Places,
  values: byParameter(z.number().min(-10_000).max(10_000)),
  due: z.array(word).max(50),
})
export type MachineShown = z.infer<typeof MachineShown>
export const MachineView = z.object({ machine: MachineShown.optional(), at: z.string().optional() })

const Refused = z.object({ control: word, to: word, rules: z.array(word).max(20) })

/** What came of an attempt. */
export const Review = z.strictObject({
  reached: z.boolean(),
  missed: z.array(z.object({ control: word, at: word, wanted: word })).max(100),
  refused: z.array(Refused).max(500),
  passedBy: z.array(word).max(100),
  undone: z.array(word).max(100),
  strikes: z.int().min(0).max(10_000),
  badSamples: z.int().min(0).max(10_000),
  moves: z.int().min(0).max(10_000),
  extra: z.int().min(0).max(10_000).optional(),
})

export const AttemptWrite = z.strictObject({ model: Id, technique: Id, stage: Id, fabric: Id, review: Review })
export type AttemptWrite = z.infer<typeof AttemptWrite>

export const AttemptView = AttemptWrite.extend({
  id: z.int(),
  by: z.string(),
  at: z.string(),
  names: z.object({ model: z.string(), technique: z.string(), fabric: z.string(), stage: z.string() }),
  query: z.record(z.string(), z.string()),
})
export type AttemptView = z.infer<typeof AttemptView>

export const AttemptsView = z.object({
  attempts: z.array(AttemptView),
  /** What went wrong last for this person and has not gone well since. */
  next: z.array(AttemptView),
})

/** A card's stage to be set up, or the way back to normal sewing from the task before. */
const LessonTask = z.union([
  z.strictObject({ technique: Id, fabric: Id, method: Id.optional(), stage: Id.optional() }),
  z.strictObject({ normal: z.literal(true) }),
])
export type LessonTask = z.infer<typeof LessonTask>
/** Tasks one after the other on the same machine, which stands as the task before left it. */
export const LessonWrite = z.strictObject({
  name: z.string().trim().min(1).max(120),
  model: Id,
  tasks: z.array(LessonTask).min(1).max(20),
})
export type LessonWrite = z.infer<typeof LessonWrite>
export const LessonRow = z.object({ id: z.int(), version: z.int(), lesson: LessonWrite })
export type LessonRow = z.infer<typeof LessonRow>
export const LessonChange = z.strictObject({ version: z.int(), lesson: LessonWrite })
export const LessonParams = z.strictObject({ id: z.coerce.number().int().min(1) })

export const ProgressView = z.object({
  people: z.array(
    z.object({
      by: z.string(),
      attempts: z.int(),
      reached: z.int(),
      last: z.string(),
      hangs: z.array(z.object({ control: z.string(), times: z.int(), settled: z.boolean() })),
    }),
  ),
  controls: z.array(z.object({ control: z.string(), people: z.array(z.string()), times: z.int() })),
})
export type ProgressView = z.infer<typeof ProgressView>

export const LinkWrite = z.strictObject({
  model: Id,
  technique: Id,
  fabric: Id,
  method: Id.optional(),
  stage: Id.optional(),
  /** Whom it is for, in the shop's own words; never sent with the link. */
  note: z.string().max(200).optional(),
  days: z.int().min(1).max(365),
})
export const LinkView = z.object({
  id: z.int(),
  note: z.string(),
  by: z.string(),
  expires: z.string(),
  names: z.object({ model: z.string(), technique: z.string(), fabric: z.string() }),
  attempts: z.int(),
})
export type LinkView = z.infer<typeof LinkView>
/** The address is told once, when the link is made: only its hash is kept. */
export const LinkMade = z.object({ id: z.int(), path: z.string(), expires: z.string() })

export const LinkParams = z.strictObject({ token: z.string().min(20).max(80) })
export const LinkPhotoParams = LinkParams.extend({ view: z.enum(MACHINE_VIEWS) })
/** When it was kept, for the browser’s own store: the photograph itself is asked by side alone. */
export const LinkPhotoQuery = z.strictObject({ at: z.string().max(40).optional() })
export const SharedAttempt = z.strictObject({ name: z.string().trim().min(1).max(80), review: Review })

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<keyof trial.Trial, keyof z.infer<typeof TrialView>>(true)
same<keyof attempt.Review, keyof z.infer<typeof Review>>(true)
