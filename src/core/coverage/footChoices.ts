/** Which feet a stitch could be sewn with for a stage: what is had, and everything that comes into question. */
import type { Item, Model } from '../catalogue/types'
import type { Ranked } from '../answer/preference'
import type { Reason } from '../answer/reasons'
import { NO_FUNCTION } from '../answer/stage'
import type { PreparedModels, PreparedModel, PreparedStitch, StitchList } from './prepared'
import type { Plan, FootChoice, Source } from './plan'
import type { EquivalenceKeys } from './equivalence'
import type { FootCandidate } from './pairings'

export const STANDARD: Ranked = { ...NO_FUNCTION, function: 'standard' }
const WITHOUT_FOOT: Ranked = { ...NO_FUNCTION, rank: 1 }
const NOTHING: never[] = []

export class FootChoices {
  private readonly noFoot: FootCandidate
  private readonly standard: number
  private readonly noChoice: readonly FootChoice[]

  constructor(
    private readonly source: Source,
    private readonly known: PreparedModels,
    equivalence: EquivalenceKeys,
  ) {
    this.noFoot = {
      foot: undefined,
      fit: undefined,
      number: equivalence.ofCandidate(undefined, undefined),
      unfit: undefined,
    }
    this.standard = equivalence.ofFootFunction('standard')
    this.noChoice = [{ candidate: this.noFoot, as: NO_FUNCTION }]
  }

  /** No foot, or feet of the listed functions that are had; undefined where it depends on the stitch. */
  listedHad({ stage, feet }: Plan, on: PreparedModel): readonly FootChoice[] | undefined {
    if (stage.feet === 'any') return undefined
    if (stage.feet === 'none') return this.noChoice
    let had: FootChoice[] | undefined
    for (const as of feet) {
      for (const candidate of on.hadFeet[as.number] ?? NOTHING) {
        if (candidate.unfit === undefined) (had ??= []).push({ candidate, as })
      }
    }
    return had ?? NOTHING
  }

  /** Where any foot will do: stitch by stitch what is had of them; empty where it is nothing for any stitch. */
  anyHad(list: StitchList, on: PreparedModel): readonly (readonly FootChoice[])[] {
    return (list.anyFoot ??= this.findAnyHad(list, on))
  }

  private findAnyHad({ stitches }: StitchList, on: PreparedModel): readonly (readonly FootChoice[])[] {
    const had = stitches.map((known) => this.anyFootHad(known, on))
    return had.some((seats) => seats.length > 0) ? had : NOTHING
  }

  /** The one the book names, a standard one, the unnamed one on the machine. */
  private anyFootHad(known: PreparedStitch, on: PreparedModel): readonly FootChoice[] {
    const standard = on.hadFeet[this.standard] ?? NOTHING
    const had: FootChoice[] = []
    const take = (candidate: FootCandidate | undefined) => {
      if (candidate && candidate.unfit === undefined) had.push({ candidate, as: NO_FUNCTION })
    }
    for (const { id } of known.named.keys()) take(on.candidates.get(id))
    for (const candidate of standard) if (!known.named.has(candidate.foot as Item)) take(candidate)
    if (known.stitch.foot === undefined && standard.length === 0) had.push({ candidate: this.noFoot, as: WITHOUT_FOOT })
    return had.length > 0 ? had : NOTHING
  }

  /**
   * Every foot a stitch could be sewn with for the stage, had or not, fitting or not, in the order they are tried: as
   * they fit the place, the model's own aside.
   */
  all(plan: Plan, known: PreparedStitch, on: PreparedModel): readonly FootChoice[] {
    const { stage } = plan
    if (stage.feet === 'none') return this.noChoice
    const listed = (plan.all[on.place] ??= this.listAll(plan, on))
    if (stage.feet !== 'any') return listed
    const named = [...known.named.keys()].map((foot) => ({
      candidate: this.known.candidate(foot, on),
      as: NO_FUNCTION,
    }))
    const unnamed = known.stitch.foot === undefined && on.hadFeet[this.standard] === undefined
    return [
      ...named,
      ...listed.filter(({ candidate }) => !known.named.has(candidate.foot as Item)),
      ...(unnamed ? [{ candidate: this.noFoot, as: WITHOUT_FOOT }] : []),
    ]
  }

  /** Why a foot does not fit, said of this very model. */
  unfitReason(foot: Item, model: Model): Reason {
    return this.source.answering.fitOf(foot, model).reasons[0] as Reason
  }

  private listAll({ stage, feet }: Plan, on: PreparedModel): FootChoice[] {
    const { feetByFunction } = this.source.answering.index
    return (stage.feet === 'any' ? [STANDARD] : feet).flatMap((as) =>
      (feetByFunction.get(as.function as string) ?? NOTHING).map((foot) => ({
        candidate: this.known.candidate(foot, on),
        as: stage.feet === 'any' ? NO_FUNCTION : as,
      })),
    )
  }
}
