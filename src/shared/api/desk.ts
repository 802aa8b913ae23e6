/** The desk on the wire: the ask line, cases, diagnosis, looking back. */
import { z } from 'zod'
import type * as ask from '#core/ask/picks'
import { MACHINE_VIEWS } from '#core/catalogue/types'
import type * as cases from '#core/desk/cases'
import type * as diagnosis from '#core/desk/diagnosis'
import type * as trade from '#core/desk/tradeUp'
import { Reason, Verdict } from './answer'
import { byParameter, Id } from './catalogue'
import { idList } from './card'
import { Named } from './coverage'
import { Carried } from './translate'
import { Sheet } from './workbench'

const text = (most: number) => z.string().trim().max(most)
const kind = z.enum(['model', 'customer', 'technique', 'trouble', 'fabric'])

export const AskQuery = z.strictObject({ q: z.string().max(300) })
const NamedThing = z.object({ id: Id, name: z.string() })
const AskedPick = z.object({
  id: Id,
  name: z.string(),
  sure: z.boolean(),
  others: z.array(NamedThing),
  words: z.array(z.string()).optional(),
  from: kind.optional(),
})
export const AskView = z.object({
  picks: z.object({
    model: AskedPick.optional(),
    customer: AskedPick.optional(),
    technique: AskedPick.optional(),
    trouble: AskedPick.optional(),
    fabric: AskedPick.optional(),
    owned: z.array(Id),
    left: z.array(z.string()),
  }),
  stops: z.array(z.object({ id: z.string(), firstAid: z.boolean(), words: z.string() })),
})
export interface AskView {
  picks: ask.AskedPicks
  stops: { id: string; firstAid: boolean; words: string }[]
}
export const LearnWords = z.strictObject({ kind, of: Id, words: text(120).min(2) })
/** Words that somebody of the shop has confirmed, and what they mean here. */
export const LearnedWords = LearnWords.extend({ name: z.string(), by: z.string() })
export type LearnedWords = z.infer<typeof LearnedWords>

/** More controls and values than any machine has. */
const MOST_TOLD = 100
const few = (all: object): boolean => Object.keys(all).length <= MOST_TOLD
const TOO_MANY = { error: `more than ${MOST_TOLD} things are told of it` }
/** What was told of a machine; `slots`: width in mm of a foot's or plate's slot that is in no list. */
const Shown = z.strictObject({
  positions: z.record(z.string().max(80), z.string().max(200)).refine(few, TOO_MANY),
  values: byParameter(z.number()).refine(few, TOO_MANY),
  slots: z
    .strictObject({ foot: z.number().positive().max(60), plate: z.number().positive().max(60) })
    .partial()
    .optional(),
})
export const CaseWrite = z.strictObject({
  customer: Id.optional(),
  model: Id.optional(),
  technique: Id.optional(),
  fabric: Id.optional(),
  trouble: Id.optional(),
  question: text(2000).min(1),
  shown: Shown.optional(),
  rungs: z.array(z.string().max(40)).max(20).optional(),
  advice: text(4000).optional(),
  /** What stands at the link of who asked by telephone card. */
  answer: text(2000).optional(),
  outcome: z.enum(['open', 'solved', 'workshop', 'noAnswer']),
  cause: z.string().max(120).optional(),
  minutes: z.int().min(0).max(1000).optional(),
  followUp: z.iso.date().optional(),
  handedTo: text(120).optional(),
  stop: z.string().max(40).optional(),
})
export type CaseWrite = z.infer<typeof CaseWrite>
export const CaseRow = z.object({
  version: z.int(),
  /** `phone`: it came from a customer's telephone card. */
  case: CaseWrite.extend({ id: z.int(), at: z.string(), by: z.string(), phone: z.boolean().optional() }),
})
export type CaseRow = z.infer<typeof CaseRow>
export const CaseChange = z.strictObject({ version: z.int(), case: CaseWrite })
export const CaseParams = z.strictObject({ id: z.coerce.number().int().min(1) })
export const CasesQuery = z.strictObject({
  /** Words of question, advice or answer; the customer's, model's and technique's names too. */
  q: z.string().max(200).optional(),
  outcome: CaseWrite.shape.outcome.optional(),
  model: Id.optional(),
  technique: Id.optional(),
  trouble: Id.optional(),
  customer: Id.optional(),
  handedTo: z.string().max(120).optional(),
  /** Follow-ups due until this day. */
  due: z.iso.date().optional(),
  /** `phone`: asked by a customer’s telephone card, and nobody has answered yet. */
  waiting: z.enum(['phone']).optional(),
  /** The id that the last page ended on, and how many are on one. */
  before: z.coerce.number().int().optional(),
  most: z.coerce.number().int().min(1).max(500).optional(),
})

const Compared = z.strictObject({ stage: Id.optional(), trouble: Id.optional(), shown: Shown })
export const DiagnosisAsk = Compared.extend({
  technique: Id,
  model: Id,
  fabric: Id,
  method: Id.optional(),
  owned: z.array(Id).max(200).optional(),
})
/** `history`: closed cases of the trouble by cause. */
export const DiagnosisView = z.looseObject({ causes: z.array(z.looseObject({ key: z.string() })) })
export type DiagnosisView = diagnosis.Diagnosis & { troubleName?: string }

const counts = z.array(z.tuple([z.string(), z.int()]))
export const LookingView = z.object({
  cases: z.int(),
  techniques: counts,
  models: counts,
  troubles: counts,
  months: counts,
  minutes: z.int(),
  rising: z.array(z.object({ trouble: z.string(), before: z.int(), after: z.int() })),
  names: z.record(z.string(), z.string()),
})
export type LookingView = cases.Looking & { cases: number; names: Record<string, string> }

export const SharedCardWrite = z.strictObject({
  model: Id,
  technique: Id,
  fabric: Id,
  method: Id.optional(),
  owned: z.array(Id).max(200).optional(),
  days: z.int().min(1).max(365).default(30),
})
export const SharedCardMade = z.object({ token: z.string(), expires: z.string() })
export const SharedCardRow = z.object({ id: z.int(), by: z.string(), expires: z.string(), what: z.string() })
export type SharedCardRow = z.infer<typeof SharedCardRow>
/** Of a code on a handout: which card it opens. */
export const PassQuery = z.strictObject({ model: Id, technique: Id, fabric: Id, method: Id, owned: idList }).partial()
export const PhoneTrialQuery = PassQuery.extend({ stage: Id.optional() })
export const PhoneDiagnosis = Compared
/** Made by the telephone for each thing it tells: what is sent again is kept once, and its answer is read with it. */
const PhoneKey = z.string().regex(/^[\w-]{20,60}$/)
export const PhoneWorked = z.strictObject({ key: PhoneKey })
export const PhoneCase = z.strictObject({
  key: PhoneKey,
  stage: Id.optional(),
  trouble: Id.optional(),
  shown: Shown.optional(),
  rungs: CaseWrite.shape.rungs,
  stop: CaseWrite.shape.stop,
  /** In the sender's own words. */
  words: text(1000).min(1),
})
export const PhoneKept = z.object({ kept: z.literal(true) })
/** Keys, with commas: what this telephone has asked. */
export const PhoneKeys = z.strictObject({
  keys: z
    .string()
    .max(700)
    .regex(/^[\w,-]*$/)
    .default(''),
})
/** What was asked at a link, the latest first; `words` only to who asked it. */
export const PhoneTold = z.object({
  worked: z.boolean(),
  asked: z.array(
    z.object({
      at: z.string(),
      words: z.string().optional(),
      stop: z.string().optional(),
      answer: z.string().optional(),
    }),
  ),
})
export type PhoneTold = z.infer<typeof PhoneTold>
/** What a card worked with, as it is kept. */
export const WorkedStages = z.array(
  z.object({ stage: Id, stitch: Id, foot: Id.optional(), used: z.record(z.string(), z.number()) }),
)
/** For how many customers a card worked, with what it says now and with other values. */
export const WorkedCount = z.object({ now: z.int(), otherwise: z.int() })

export const TokenParams = z.strictObject({ token: z.string().min(20).max(100) })
/** A machine's photograph at a link; `at`: a newer one is another address. */
export const PhonePhotoParams = TokenParams.extend({ view: z.enum(MACHINE_VIEWS) })
export const PhonePhotoQuery = PassQuery.extend({ at: z.string().max(40).optional() })
/** `practice`: with a link to practise it. */
export const SendCard = z.strictObject({
  practice: z.boolean().optional(),
  customer: Id,
  model: Id,
  technique: Id,
  fabric: Id,
  method: Id.optional(),
  owned: z.array(Id).max(200).optional(),
})

const TradeSide = z.object({ verdict: Verdict, toGet: z.array(Id), reason: Reason.optional() })
export const TradeUpQuery = z.strictObject({ from: Id, to: Id })
export const TradeUpView = z.object({
  rows: z.array(
    z.object({
      technique: Id,
      fabric: Id,
      times: z.int(),
      from: TradeSide,
      to: TradeSide,
      name: z.string(),
      fabricName: z.string(),
    }),
  ),
  items: z.array(Carried),
  buy: z.array(Id),
  cost: z.int(),
  unpriced: z.array(Id),
  lost: z.array(Id),
  names: Named,
})
export type TradeUpView = Omit<trade.TradeUp, 'rows'> & {
  rows: (trade.TradeUp['rows'][number] & { name: string; fabricName: string })[]
  names: z.infer<typeof Named>
}

export const SendSheet = z.strictObject({ customer: Id, words: text(200).min(1), sheet: Sheet })
export const SentTo = z.object({ to: z.string() })
export type SentTo = z.infer<typeof SentTo>

type Same<A, B> = [A] extends [B] ? ([B] extends [A] ? true : false) : false
const same = <A, B>(_: Same<A, B>): void => undefined
same<keyof cases.DeskCase, keyof z.infer<typeof CaseRow>['case']>(true)
