/** What an engine asks of models, stitches and feet again and again, looked up once. */
import { bookCodes, namedFeet, withContents } from '../catalogue/index'
import type { Id, Item, Model, Stitch } from '../catalogue/types'
import { fitWhereSupplied } from '../answer/fit'
import type { EquivalenceKeys } from './equivalence'
import type { FootChoice, Source } from './plan'
import { candidateOf, type FootCandidate } from './pairings'

export interface PreparedModel {
  model: Model
  number: number
  place: number
  had: ReadonlySet<Id>
  /** Feet that come with it, with their own fit. */
  candidates: ReadonlyMap<Id, FootCandidate>
  /** The same by the number of the function. */
  hadFeet: Sparse<readonly FootCandidate[]>
  /** By the number of the function. */
  stitches: Sparse<StitchList>
  /** By the number of a function: some foot of it is had, or named by the book for a stitch. */
  knowsFoot: Sparse<true>
}

type Sparse<Of> = readonly (Of | undefined)[]

/** A model's stitches of one function, in the order of the model. */
export interface StitchList {
  stitches: readonly PreparedStitch[]
  /** Equal for lists of stitches that are alike one by one. */
  number: number
  /** What is had of feet where any will do, stitch by stitch, once it was looked for. */
  anyFoot?: readonly (readonly FootChoice[])[]
}

export interface PreparedStitch {
  stitch: Stitch
  place: number
  number: number
  /** An earlier one of the same function is alike. */
  repeats: boolean
  /** Feet the book names for it, each with its place in the book's list. */
  named: ReadonlyMap<Item, number>
}

const NONE: ReadonlyMap<Item, number> = new Map()

export class PreparedModels {
  private readonly models = new WeakMap<Model, PreparedModel>()
  /** By the number of the place. */
  private readonly candidates: Map<Item, FootCandidate>[] = []

  constructor(
    private readonly source: Source,
    private readonly equivalence: EquivalenceKeys,
  ) {}

  model(model: Model): PreparedModel {
    let known = this.models.get(model)
    if (!known) this.models.set(model, (known = this.look(model)))
    return known
  }

  /** A foot as it fits every model of the place. What comes with one of them has its own fit there. */
  candidate(foot: Item, { place, model }: PreparedModel): FootCandidate {
    const ofPlace = (this.candidates[place] ??= new Map<Item, FootCandidate>())
    const known = ofPlace.get(foot)
    if (known) return known
    const fit = fitWhereSupplied(
      this.source.answering.index,
      foot,
      model,
      new Set(this.equivalence.suppliedBeside(model)),
    )
    const candidate = candidateOf(foot, fit, this.equivalence.ofCandidate(foot, fit))
    ofPlace.set(foot, candidate)
    return candidate
  }

  private look(model: Model): PreparedModel {
    const { index, fitOf } = this.source.answering
    const had = withContents(model.supplied, index.items)
    const candidates = new Map<Id, FootCandidate>()
    const hadFeet: FootCandidate[][] = []
    const knowsFoot: true[] = []
    for (const id of had) {
      const foot = index.items.get(id)
      if (foot?.what !== 'foot') continue
      const fit = fitOf(foot, model)
      const candidate = candidateOf(foot, fit, this.equivalence.ofCandidate(foot, fit))
      candidates.set(id, candidate)
      for (const listed of new Set(foot.functions)) {
        const number = this.equivalence.ofFootFunction(listed)
        knowsFoot[number] = true
        ;(hadFeet[number] ??= []).push(candidate)
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
        for (const listed of functions) knowsFoot[this.equivalence.ofFootFunction(listed)] = true
      ofBook.set(book, feet)
      return feet
    }
    const stitches: StitchList[] = []
    for (const [listed, placed] of index.stitches.get(model.id) ?? []) {
      const numbers = placed.map(({ stitch }) => this.equivalence.ofStitch(stitch))
      const alike = placed.map(({ stitch, place }, i): PreparedStitch => {
        const number = numbers[i] as number
        return { stitch, place, number, repeats: numbers.indexOf(number) < i, named: namedBy(stitch) }
      })
      stitches[this.equivalence.ofStitchFunction(listed)] = { stitches: alike, number: this.equivalence.ofList(alike) }
    }
    const [number, place] = [this.equivalence.ofModel(model), this.equivalence.ofPlace(model)]
    return { model, number, place, had, candidates, hadFeet, stitches, knowsFoot }
  }
}
