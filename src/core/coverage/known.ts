/** What a sweep asks of models, stitches and feet again and again, looked up once. */
import { codeKey, withContents } from '../catalogue/index'
import type { Id, Item, Model, Stitch } from '../catalogue/types'
import { fitWhereSupplied } from '../answer/fit'
import type { Sameness } from './sameness'
import type { Seat, Source } from './plan'
import type { Footing } from './ways'

export interface KnownModel {
  model: Model
  number: number
  place: number
  had: ReadonlySet<Id>
  /** Feet that come with it, with their own fit. */
  footings: ReadonlyMap<Id, Footing>
  /** The same by function. */
  hadFeet: ReadonlyMap<string, readonly Footing[]>
  /** By function, in the order of the model. */
  stitches: ReadonlyMap<string, readonly KnownStitch[]>
}

export interface KnownStitch {
  stitch: Stitch
  place: number
  number: number
  /** Feet the book names for it. */
  named: readonly Item[]
  /** What is had of feet where any will do, once it was looked for. */
  anyFoot?: readonly Seat[]
}

const NONE: readonly never[] = []

export class Known {
  private readonly models = new WeakMap<Model, KnownModel>()
  /** By the number of the place. */
  private readonly footings: Map<Item, Footing>[] = []

  constructor(
    private readonly source: Source,
    private readonly sameness: Sameness,
  ) {}

  model(model: Model): KnownModel {
    const known = this.models.get(model) ?? this.look(model)
    this.models.set(model, known)
    return known
  }

  /** A foot as it fits every model of the place. What comes with one of them has its own fit there. */
  footing(foot: Item, { place, model }: KnownModel): Footing {
    const ofPlace = (this.footings[place] ??= new Map<Item, Footing>())
    const known = ofPlace.get(foot)
    if (known) return known
    const fit = fitWhereSupplied(this.source.answering.index, foot, model, new Set(this.sameness.suppliedBeside(model)))
    const footing = { foot, fit, number: this.sameness.ofFooting(foot, fit) }
    ofPlace.set(foot, footing)
    return footing
  }

  private look(model: Model): KnownModel {
    const { index, fitOf } = this.source.answering
    const had = withContents(model.supplied, index.items)
    const footings = new Map<Id, Footing>()
    const hadFeet = new Map<string, Footing[]>()
    for (const id of had) {
      const foot = index.items.get(id)
      if (foot?.what !== 'foot') continue
      const fit = fitOf(foot, model)
      const footing = { foot, fit, number: this.sameness.ofFooting(foot, fit) }
      footings.set(id, footing)
      for (const listed of new Set(foot.functions)) hadFeet.set(listed, [...(hadFeet.get(listed) ?? []), footing])
    }
    const stitches = new Map<string, KnownStitch[]>()
    for (const [listed, placed] of index.stitches.get(model.id) ?? []) {
      stitches.set(
        listed,
        placed.map(({ stitch, place }) => ({
          stitch,
          place,
          number: this.sameness.ofStitch(stitch),
          named:
            (stitch.foot === undefined ? undefined : index.feetByCode.get(codeKey(model.make, stitch.foot))) ?? NONE,
        })),
      )
    }
    const [number, place] = [this.sameness.ofModel(model), this.sameness.ofPlace(model)]
    return { model, number, place, had, footings, hadFeet, stitches }
  }
}
