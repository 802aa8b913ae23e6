/** Which feet a stitch could be sewn with for a stage: what is had, and everything that comes into question. */
import type { Item, Model } from '../catalogue/types'
import type { Ranked } from '../answer/preference'
import type { Reason } from '../answer/reasons'
import { NO_FUNCTION } from '../answer/stage'
import type { Known, KnownModel, KnownStitch, StitchList } from './known'
import type { Plan, Seat, Source } from './plan'
import type { Sameness } from './sameness'
import type { Footing } from './ways'

export const STANDARD: Ranked = { ...NO_FUNCTION, function: 'standard' }
const WITHOUT_FOOT: Ranked = { ...NO_FUNCTION, rank: 1 }
const NOTHING: never[] = []

export class Seats {
  private readonly noFoot: Footing
  private readonly standard: number
  private readonly noSeat: readonly Seat[]

  constructor(
    private readonly source: Source,
    private readonly known: Known,
    sameness: Sameness,
  ) {
    this.noFoot = {
      foot: undefined,
      fit: undefined,
      number: sameness.ofFooting(undefined, undefined),
      unfit: undefined,
    }
    this.standard = sameness.ofFootFunction('standard')
    this.noSeat = [{ footing: this.noFoot, as: NO_FUNCTION }]
  }

  /** No foot, or feet of the listed functions that are had; undefined where it depends on the stitch. */
  listedHad({ stage, feet }: Plan, on: KnownModel): readonly Seat[] | undefined {
    if (stage.feet === 'any') return undefined
    if (stage.feet === 'none') return this.noSeat
    let had: Seat[] | undefined
    for (const as of feet) {
      for (const footing of on.hadFeet[as.number] ?? NOTHING) {
        if (footing.unfit === undefined) (had ??= []).push({ footing, as })
      }
    }
    return had ?? NOTHING
  }

  /** Where any foot will do: stitch by stitch what is had of them; empty where it is nothing for any stitch. */
  anyHad(list: StitchList, on: KnownModel): readonly (readonly Seat[])[] {
    return (list.anyFoot ??= this.findAnyHad(list, on))
  }

  private findAnyHad({ stitches }: StitchList, on: KnownModel): readonly (readonly Seat[])[] {
    const had = stitches.map((known) => this.anyFootHad(known, on))
    return had.some((seats) => seats.length > 0) ? had : NOTHING
  }

  /** The one the book names, a standard one, the unnamed one on the machine. */
  private anyFootHad(known: KnownStitch, on: KnownModel): readonly Seat[] {
    const standard = on.hadFeet[this.standard] ?? NOTHING
    const had: Seat[] = []
    const take = (footing: Footing | undefined) => {
      if (footing && footing.unfit === undefined) had.push({ footing, as: NO_FUNCTION })
    }
    for (const { id } of known.named.keys()) take(on.footings.get(id))
    for (const footing of standard) if (!known.named.has(footing.foot as Item)) take(footing)
    if (known.stitch.foot === undefined && standard.length === 0) had.push({ footing: this.noFoot, as: WITHOUT_FOOT })
    return had.length > 0 ? had : NOTHING
  }

  /**
   * Every foot a stitch could be sewn with for the stage, had or not, fitting or not, in the order they are tried: as
   * they fit the place, the model's own aside.
   */
  all(plan: Plan, known: KnownStitch, on: KnownModel): readonly Seat[] {
    const { stage } = plan
    if (stage.feet === 'none') return this.noSeat
    const listed = (plan.all[on.place] ??= this.listAll(plan, on))
    if (stage.feet !== 'any') return listed
    const named = [...known.named.keys()].map((foot) => ({ footing: this.known.footing(foot, on), as: NO_FUNCTION }))
    const unnamed = known.stitch.foot === undefined && on.hadFeet[this.standard] === undefined
    return [
      ...named,
      ...listed.filter(({ footing }) => !known.named.has(footing.foot as Item)),
      ...(unnamed ? [{ footing: this.noFoot, as: WITHOUT_FOOT }] : []),
    ]
  }

  /** Why a foot does not fit, said of this very model. */
  unfitReason(foot: Item, model: Model): Reason {
    return this.source.answering.fitOf(foot, model).reasons[0] as Reason
  }

  private listAll({ stage, feet }: Plan, on: KnownModel): Seat[] {
    const { feetByFunction } = this.source.answering.index
    return (stage.feet === 'any' ? [STANDARD] : feet).flatMap((as) =>
      (feetByFunction.get(as.function as string) ?? NOTHING).map((foot) => ({
        footing: this.known.footing(foot, on),
        as: stage.feet === 'any' ? NO_FUNCTION : as,
      })),
    )
  }
}
