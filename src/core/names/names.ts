/**
 * The names of what a page speaks of, put beside it where it is made. Ids of stitches and methods are unique within
 * their model and technique alone: they are named by both.
 */
import type { MissingFact, Reason } from '../answer/reasons'
import type { Answer, Question, StageAnswer } from '../answer/types'
import type { CatalogueIndex } from '../catalogue/index'
import type { Id, Positions } from '../catalogue/types'
import { isItemControl } from '../changeover/rules'
import { REFERENCES, type ReferenceKind } from './references'

export interface Names {
  items: Record<Id, { code: string; name: string; what: string; price?: number | undefined }>
  models: Record<Id, string>
  functions: Record<string, string>
  threads: Record<Id, string>
  /** By `within(technique, method)`. */
  methods: Record<string, string>
  /** By `within(model, stitch)`. */
  stitches: Record<string, string>
}

/** Of nothing. */
export const NO_NAMES: Names = { items: {}, models: {}, functions: {}, threads: {}, methods: {}, stitches: {} }

/** The key of what is unique only within another; no id holds a slash. */
export const within = (parent: Id, id: Id): string => `${parent}/${id}`

/** A stitch as a person finds it: "12 (Blind hem)". */
export const stitchName = ({ select, nativeName }: { select: string; nativeName?: string | undefined }): string =>
  nativeName && nativeName !== select ? `${select} (${nativeName})` : select

export const noNames = (): Names => ({ items: {}, models: {}, functions: {}, threads: {}, methods: {}, stitches: {} })

/** Looks up the names of what it is told of; what the catalogue has not stays without. */
export class Naming {
  readonly names = noNames()

  constructor(private readonly index: CatalogueIndex) {}

  items(ids: readonly (Id | undefined)[]): this {
    for (const id of ids) {
      const item = id === undefined ? undefined : this.index.items.get(id)
      if (item) this.names.items[item.id] = { code: item.code, name: item.name, what: item.what, price: item.price }
    }
    return this
  }

  models(ids: readonly (Id | undefined)[]): this {
    for (const id of ids) {
      const model = id === undefined ? undefined : this.index.models.get(id)
      if (model) this.names.models[model.id] = model.name
    }
    return this
  }

  functions(ids: readonly string[]): this {
    for (const id of ids) {
      const named = this.index.functions.get(id)
      if (named) this.names.functions[id] = named.name
    }
    return this
  }

  threads(ids: readonly Id[]): this {
    for (const id of ids) {
      const thread = this.index.threads.get(id)
      if (thread) this.names.threads[id] = thread.name
    }
    return this
  }

  methods(technique: Id, ids: readonly (Id | undefined)[]): this {
    for (const { id, name } of this.index.techniques.get(technique)?.methods ?? [])
      if (ids.includes(id)) this.names.methods[within(technique, id)] = name
    return this
  }

  stitches(model: Id, ids: readonly Id[]): this {
    for (const stitch of this.index.models.get(model)?.stitches ?? [])
      if (ids.includes(stitch.id)) this.names.stitches[within(model, stitch.id)] = stitchName(stitch)
    return this
  }

  reasons(reasons: readonly (Reason | undefined)[]): this {
    for (const reason of reasons) if (reason) this.reason(reason)
    return this
  }

  question({ technique, method, model, also = [], owned = [], stock = [] }: Question): this {
    return this.models([model, ...also])
      .items([...owned, ...stock])
      .methods(technique, [method])
  }

  answer(technique: Id, { method, methods, toGet, reasons, stages }: Answer): this {
    for (const stage of stages) this.stage(stage)
    this.methods(technique, [method, ...methods.map((other) => other.method)])
      .items(toGet)
      .reasons(reasons)
    for (const other of methods) this.items(other.toGet).reasons(other.reasons)
    return this
  }

  stage(stage: StageAnswer): this {
    const { model, stitch, function: named, foot, chain, plate, accessories, threads, settings, alternatives } = stage
    this.models([model])
      .stitches(model, [stitch])
      .functions([named])
      .items([foot, ...chain, plate, ...accessories])
      .threads(threads.map(({ thread }) => thread))
      .reasons([...stage.reasons, ...stage.cautions])
    for (const setting of Object.values(settings)) this.reasons(setting?.reasons ?? [])
    for (const other of alternatives)
      this.models([other.model])
        .stitches(other.model, [other.stitch])
        .items([other.foot, ...other.toGet])
        .reasons([...other.better, ...other.worse])
    return this
  }

  /** What a machine's controls may stand at: items, threads, its own stitches. */
  positions(model: Id, ...stands: readonly Positions[]): this {
    for (const positions of stands)
      for (const [control, at] of Object.entries(positions)) {
        if (isItemControl(control)) this.items(at.split('+'))
        else if (control.startsWith('thread:')) this.threads([at])
        else if (control === 'stitch') this.stitches(model, [at])
      }
    return this
  }

  fact({ of, id }: MissingFact): this {
    return of === 'model' ? this.models([id]) : this.items([id])
  }

  private reason(reason: Reason): void {
    const fields = reason as unknown as Record<string, unknown>
    for (const [field, kind] of Object.entries(REFERENCES[reason.code]) as [string, ReferenceKind][]) {
      const value = fields[field]
      const ids = (Array.isArray(value) ? value : value === undefined ? [] : [value]) as Id[]
      if (kind === 'item') this.items(ids)
      else if (kind === 'model') this.models(ids)
      else if (kind === 'function') this.functions(ids)
      else if (kind === 'stitch') this.stitches(fields['model'] as Id, ids)
      else if (kind === 'method') this.methods(fields['technique'] as Id, ids)
      else if (kind === 'fact') for (const fact of ids) this.fact(fact as unknown as MissingFact)
      else this.reasons(ids as unknown as Reason[])
    }
  }
}
