/** What stops a stage that nothing can serve: the nearest to working, as the full answer says it. */
import type { Item } from '../catalogue/types'
import { compareRefused, nearnessOf, type Refused } from '../answer/preference'
import type { Reason } from '../answer/reasons'
import { footFunctions } from '../answer/stage'
import type { PreparedModel, PreparedStitch } from './prepared'
import type { Plan } from './plan'
import type { FootChoices } from './footChoices'
import type { FootCandidate, Stop, Pairings } from './pairings'

const NOTHING: never[] = []

export const firstStop = (plan: Plan, on: PreparedModel, pairings: Pairings, footChoices: FootChoices): Reason => {
  const { stage } = plan
  const { model } = on
  if (!plan.runs) return { code: 'needsMachineOfKind', kinds: stage.kinds }
  const missing: string[] = []
  const nobody: Reason = { code: 'noFootListed', functions: footFunctions(stage) }
  // Its own feet fit as it is told of the model itself.
  const someOwn = !Array.isArray(stage.feet) || plan.feet.some((as) => on.hadFeet[as.number])
  let best: Refusal | undefined
  const isNearer = (nearness: number, stitchRank: number, footRank: number): boolean =>
    !best || compareRefused({ nearness, machine: 0, stitchRank, footRank }, best) < 0
  for (const { rank: stitchRank, function: name, number } of plan.stitches) {
    const stitches = on.stitches[number]?.stitches ?? NOTHING
    if (stitches.length === 0) missing.push(name as string)
    for (const known of stitches) {
      const stageStitch = pairings.stageStitchOf(plan, known, model)
      if (stageStitch.unfit) {
        const nearness = nearnessOf(stageStitch.unfit)
        if (isNearer(nearness, stitchRank, 0))
          best = { nearness, machine: 0, stitchRank, footRank: 0, why: 'stitch', known }
        continue
      }
      const choices = footChoices.all(plan, known, on)
      if (choices.length === 0) {
        const nearness = nearnessOf(nobody)
        if (isNearer(nearness, stitchRank, 0)) best = { nearness, machine: 0, stitchRank, footRank: 0, why: 'noFoot' }
      }
      for (const { candidate: placed, as } of choices) {
        // Nothing comes nearer, and all that follow rank lower.
        if (best?.nearness === 0 && best.footRank === 0) return told(best, plan, on, pairings, footChoices)
        const candidate = (someOwn && placed.foot && on.candidates.get(placed.foot.id)) || placed
        const { foot, unfit } = candidate
        if (foot && unfit !== undefined) {
          if (unfit < Infinity && isNearer(unfit, stitchRank, as.rank))
            best = { nearness: unfit, machine: 0, stitchRank, footRank: as.rank, why: 'foot', foot }
          continue
        }
        const named = foot !== undefined && known.named.has(foot)
        const { stops } = pairings.pairing(stageStitch, candidate, named)
        for (let at = 0; at < stops.length; at++) {
          const { nearness } = stops[at] as Stop
          if (isNearer(nearness, stitchRank, as.rank))
            best = {
              nearness,
              machine: 0,
              stitchRank,
              footRank: as.rank,
              why: 'pair',
              known,
              candidate,
              named,
              stops,
              at,
            }
        }
      }
    }
  }
  return best ? told(best, plan, on, pairings, footChoices) : { code: 'functionMissing', functions: missing }
}

/** What refused, and how near it came; it is told of the nearest only. */
type Refusal = Refused &
  (
    | { why: 'stitch'; known: PreparedStitch }
    | { why: 'noFoot' }
    | { why: 'foot'; foot: Item }
    | {
        why: 'pair'
        known: PreparedStitch
        candidate: FootCandidate
        named: boolean
        stops: readonly Stop[]
        at: number
      }
  )

const told = (
  refusal: Refusal,
  { stage }: Plan,
  { model }: PreparedModel,
  pairings: Pairings,
  footChoices: FootChoices,
): Reason => {
  switch (refusal.why) {
    case 'stitch':
      return pairings.unfit(stage, refusal.known, model)
    case 'noFoot':
      return { code: 'noFootListed', functions: footFunctions(stage) }
    case 'foot':
      return footChoices.unfitReason(refusal.foot, model)
    case 'pair': {
      const { known, candidate, named, stops, at } = refusal
      const { reason, names } = stops[at] as Stop
      return names ? (pairings.stopsOf(stage, known.stitch, model, candidate, named)[at] as Reason) : reason
    }
  }
}
