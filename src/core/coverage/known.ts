/** What a sweep asks of models, stitches and feet again and again, looked up once. */
import { bookCodes, namedFeet, withContents } from '../catalogue/index'
import type { Id, Item, Model, Stitch } from '../catalogue/types'
import { fitWhereSupplied } from '../answer/fit'
import type { Sameness } from './sameness'
import type { Seat, Source } from './plan'
import { footingOf, type Footing } from './ways'

export interface KnownModel {
  model: Model
  number: number
  place: number
  had: ReadonlySet<Id>
  /** Feet that come with it, with their own fit. */
  footings: ReadonlyMap<Id, Footing>
  /** The same by the number of the function. */
  hadFeet: Sparse<readonly Footing[]>
  /** By the number of the function. */
  stitches: Sparse<StitchList>
  /** By the number of a function: some foot of it is had, or named by the book for a stitch. */
  knowsFoot: Sparse<true>
}

type Sparse<Of> = readonly (Of | undefined)[]

/** A model's stitches of one function, in the order of the model. */
export interface StitchList {
  stitches: readonly KnownStitch[]
  /** Equal for lists of stitches that are alike one by one. */
  number: number
  /** What is had of feet where any will do, stitch by stitch, once it was looked for. */
  anyFoot?: readonly (readonly Seat[])[]
}

export interface KnownStitch {
  stitch: Stitch
  place: number
  number: number
  /** An earlier one of the same function is alike. */
  repeats: boolean
  /** Feet the book names for it, each with its place in the book's list. */
  named: ReadonlyMap<Item, number>
}

const NONE: ReadonlyMap<Item, number> = new Map()

export class Known {
  private readonly models = new WeakMap<Model, KnownModel>()
  /** By the number of the place. */
  private readonly footings: Map<Item, Footing>[] = []

  constructor(
    private readonly source: Source,
    private readonly sameness: Sameness,
  ) {}

  model(model: Model): KnownModel {
    let known = this.models.get(model)
    if (!known) this.models.set(model, (known = this.look(model)))
    return known
  }

  /** A foot as it fits every model of the place. What comes with one of them has its own fit there. */
  footing(foot: Item, { place, model }: KnownModel): Footing {
    const ofPlace = (this.footings[place] ??= new Map<Item, Footing>())
    const known = ofPlace.get(foot)
    if (known) return known
    const fit = fitWhereSupplied(this.source.answering.index, foot, model, new Set(this.sameness.suppliedBeside(model)))
    const footing = footingOf(foot, fit, this.sameness.ofFooting(foot, fit))
    ofPlace.set(foot, footing)
    return footing
  }

  private look(model: Model): KnownModel {
    const { index, fitOf } = this.source.answering
    const had = withContents(model.supplied, index.items)
    const footings = new Map<Id, Footing>()
    const hadFeet: Footing[][] = []
    const knowsFoot: true[] = []
    for (const id of had) {
      const foot = index.items.get(id)
      if (foot?.what !== 'foot') continue
      const fit = fitOf(foot, model)
      const footing = footingOf(foot, fit, this.sameness.ofFooting(foot, fit))
      footings.set(id, footing)
      for (const listed of new Set(foot.functions)) {
        const number = this.sameness.ofFootFunction(listed)
        knowsFoot[number] = true
        ;(hadFeet[number] ??= []).push(footing)
      }
    }
    const ofBook = new Map<string, ReadonlyMap<Item, number>>()
    const namedBy = (stitch: Stitch): ReadonlyMap<Item, number> => {
      if (stitch.foot === undefined) return NONE
      const book = bookCodes(stitch).join('\n')
      const known = ofBook.get(book)
      if (known) return known
      const feet = namedFeet(index, model.make, stitch)
      for (const { functions = [] } of feet.keys())
        for (const listed of functions) knowsFoot[this.sameness.ofFootFunction(listed)] = true
      ofBook.set(book, feet)
      return feet
    }
    const stitches: StitchList[] = []
    for (const [listed, placed] of index.stitches.get(model.id) ?? []) {
      const numbers = placed.map(({ stitch }) => this.sameness.ofStitch(stitch))
      const alike = placed.map(({ stitch, place }, i): KnownStitch => {
        const number = numbers[i] as number
        return { stitch, place, number, repeats: numbers.indexOf(number) < i, named: namedBy(stitch) }
      })
      stitches[this.sameness.ofStitchFunction(listed)] = { stitches: alike, number: this.sameness.ofList(alike) }
    }
    const [number, place] = [this.sameness.ofModel(model), this.sameness.ofPlace(model)]
    return { model, number, place, had, footings, hadFeet, stitches, knowsFoot }
  }
}
