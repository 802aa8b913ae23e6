/** What stops a stage that nothing can serve: the nearest to working, as the full answer says it. */
import { NEARNESS } from '../answer/method'
import type { Reason } from '../answer/reasons'
import { footFunctions } from '../answer/stage'
import type { KnownModel } from './known'
import type { Plan } from './plan'
import type { FabricSweep } from './fabricSweep'

const NOTHING: never[] = []

export const firstStop = (plan: Plan, on: KnownModel, sweep: FabricSweep): Reason => {
  const { stage } = plan
  const { model } = on
  if (!plan.runs) return { code: 'needsMachineOfKind', kinds: stage.kinds }
  const missing: string[] = []
  let best: { nearness: number; stitchRank: number; footRank: number; tell: () => Reason } | undefined
  const refuse = (nearness: number, stitchRank: number, footRank: number, tell: () => Reason) => {
    const nearer = best ? nearness - best.nearness || stitchRank - best.stitchRank || footRank - best.footRank : -1
    if (nearer < 0) best = { nearness, stitchRank, footRank, tell }
  }
  for (const { rank, function: name } of plan.stitches) {
    const stitches = on.stitches.get(name as string) ?? NOTHING
    if (stitches.length === 0) missing.push(name as string)
    for (const known of stitches) {
      const sewn = sweep.sewnOf(plan, known, model)
      if (sewn.unfit) {
        refuse(NEARNESS[sewn.unfit.code] ?? 0, rank, 0, () => sweep.ways.unfit(stage, known, model))
        continue
      }
      const choices = sweep.seats.all(plan, known, on)
      if (choices.length === 0) {
        refuse(NEARNESS.noFootListed ?? 0, rank, 0, () => ({ code: 'noFootListed', functions: footFunctions(stage) }))
      }
      for (const { footing: placed, as } of choices) {
        // Nothing comes nearer, and all that follow rank lower.
        if (best?.nearness === 0 && best.footRank === 0) return best.tell()
        const footing = (placed.foot && on.footings.get(placed.foot.id)) ?? placed
        const { fit, foot } = footing
        if (foot && fit?.fits !== 'yes') {
          const [reason] = fit?.reasons ?? []
          if (reason) refuse(NEARNESS[reason.code] ?? 0, rank, as.rank, () => sweep.unfitReason(foot, model))
          continue
        }
        const named = foot !== undefined && known.named.includes(foot)
        sweep.ways
          .pairing(sewn, footing, named)
          .stops.forEach(({ reason, nearness, names }, at) =>
            refuse(nearness, rank, as.rank, () =>
              names ? (sweep.ways.stopsOf(stage, known.stitch, model, footing, named)[at] as Reason) : reason,
            ),
          )
      }
    }
  }
  return best ? best.tell() : { code: 'functionMissing', functions: missing }
}
