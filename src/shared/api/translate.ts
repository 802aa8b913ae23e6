import { z } from 'zod'
import type * as card from '#core/translate/translateCard'
import type * as machine from '#core/translate/translateMachine'
import { Reason, Verdict } from './answer'
import { idList } from './card'
import { Id, Parameter, Range } from './catalogue'
import { Named } from './coverage'

export const TranslateCardQuery = z.strictObject({
  technique: Id,
  model: Id,
  to: Id,
  fabric: Id,
  method: Id.optional(),
  owned: idList.optional(),
})
export const TranslateMachineQuery = z.strictObject({ model: Id, to: Id, fabric: Id, owned: idList.optional() })

export const Carried = z.object({
  item: Id,
  carries: z.enum(['asItIs', 'withAdapter', 'no', 'unknown']),
  chain: z.array(Id),
  instead: z.array(Id),
  reasons: z.array(Reason),
})
const CardSide = z.object({
  model: Id,
  verdict: Verdict,
  method: Id.optional(),
  toGet: z.array(Id),
  reasons: z.array(Reason),
})
const StageSide = z.object({
  stage: Id,
  name: z.string(),
  model: Id,
  select: z.string(),
  function: z.string(),
  foot: Id.optional(),
  chain: z.array(Id),
})
const Moved = z.union([
  z.object({
    is: z.literal('moved'),
    value: z.number(),
    shown: z.string(),
    lost: z.number(),
    unchecked: z.boolean().optional(),
  }),
  z.object({ is: z.literal('wouldHit'), clear: Range }),
  z.object({ is: z.enum(['noControl', 'notComparable']) }),
])

export const CardTranslationView = z.object({
  from: CardSide,
  to: CardSide,
  stages: z.array(
    z.object({
      from: StageSide.optional(),
      to: StageSide.optional(),
      settings: z.array(
        z.object({
          parameter: Parameter,
          from: z.string().optional(),
          to: z.string().optional(),
          moved: Moved.optional(),
        }),
      ),
    }),
  ),
  items: z.array(Carried),
  names: Named,
})
export interface CardTranslationView extends card.CardTranslation {
  names: z.infer<typeof Named>
}

const Choosing = z.object({ stitch: Id, select: z.string(), name: z.string().optional() })
const ReachOf = z.union([
  z.object({ is: z.enum(['unknown', 'absent']) }),
  z.object({ is: z.literal('figure'), value: z.number() }),
  z.object({ is: z.literal('scale'), from: z.number(), to: z.number(), places: z.union([z.int(), z.literal('free')]) }),
])
export const MachineTranslationView = z.object({
  from: Id,
  to: Id,
  stitches: z.array(z.object({ function: z.string(), from: z.array(Choosing), to: z.array(Choosing) })),
  reach: z.array(
    z.object({ of: z.union([Parameter, z.enum(['maxWidth', 'maxSpeed', 'twinMax'])]), from: ReachOf, to: ReachOf }),
  ),
  features: z.object({ lost: z.array(z.string()), gained: z.array(z.string()) }),
  items: z.array(Carried),
  techniques: z.array(z.object({ technique: Id, from: Verdict, to: Verdict })),
  names: Named,
})
export interface MachineTranslationView extends machine.MachineTranslation {
  names: z.infer<typeof Named>
}
