/** All techniques on all models in a fabric: decided once, and after a change only where it can matter. */
import type { Fabric, Id } from '../catalogue/types'
import { QuestionError } from '../answer/question'
import type { AnswerContext } from '../answer/explain'
import { affectedBy, type Affected, type RowChange } from './affected'
import { CellRow } from './cells'
import type { Decision } from './decide'
import type { Judged } from './fabricEngine'
import type { PreparedModel } from './prepared'
import { CoverageEngine } from './engine'

export class Coverage {
  private engine: CoverageEngine
  private rows = new Map<Id, Map<Id, CellRow>>()
  private places: ReadonlyMap<Id, number>
  /** How many cells were decided, for measuring. */
  decided = 0

  constructor(private answering: AnswerContext) {
    this.engine = new CoverageEngine(answering)
    this.places = placesOf(answering)
  }

  /** The catalogue after some changes; `undefined` where nobody can tell what changed. */
  update(answering: AnswerContext, changes: readonly RowChange[] | undefined): void {
    const places = placesOf(answering)
    const sameModels = places.size === this.places.size && [...places].every(([id, at]) => this.places.get(id) === at)
    const keepsSweep = changes?.every(({ row }) => OF_MODELS.has(row.resource)) ?? false
    this.answering = answering
    this.places = places
    if (keepsSweep) this.engine.update(answering)
    else this.engine = new CoverageEngine(answering)
    if (!changes || !sameModels) {
      this.forgetAll()
      return
    }
    for (const change of changes) {
      const affected = affectedBy(change, answering.index)
      if (affected) this.forget(affected)
    }
  }

  get judged(): Judged {
    return this.engine.judged
  }

  /** Throws `QuestionError` where the catalogue has no such technique, model or fabric. */
  cell(technique: Id, model: Id, fabric: Id): Decision {
    const { index } = this.answering
    const at = this.places.get(model)
    const of = index.models.get(model)
    if (at === undefined || !of)
      throw new QuestionError([{ path: ['model'], message: `no model “${model}” in the catalogue` }])
    const row = this.rowOf(technique, fabric)
    if (row.isOpen(at)) this.decide(row, at, this.engine.on(of), index.fabrics.get(fabric) as Fabric)
    return row.decision(at, of)
  }

  /** Every technique, its models in the order of the catalogue. Throws as `cell` does. */
  all(fabric: Id): CellRow[] {
    const rows = [...this.deciding(fabric, Infinity)].at(-1)
    return rows as CellRow[]
  }

  /** The same, a pause after so many cells: each yields the rows so far. */
  *deciding(fabric: Id, cellsAtOnce: number): Generator<CellRow[]> {
    const { bundle, fabrics } = this.answering.index
    const rows = bundle.techniques.map(({ id }) => this.rowOf(id, fabric))
    const inFabric = fabrics.get(fabric) as Fabric
    const models: PlacedModel[] = []
    let since = 0
    for (const [at, model] of bundle.models.entries()) {
      if (!rows.some((row) => row.isOpen(at))) continue
      models.push({ at, on: this.engine.on(model) })
      if ((since += rows.length) >= cellsAtOnce) {
        since = 0
        yield rows
      }
    }
    // Alike models after one another, a few at a time: what they and a technique are decided by stays near.
    models.sort((a, b) => a.on.number - b.on.number || a.on.place - b.on.place)
    for (let from = 0; from < models.length; from += NEAR) {
      const near = models.slice(from, from + NEAR)
      for (const row of rows) {
        for (const { at, on } of near) if (row.isOpen(at)) this.decide(row, at, on, inFabric)
        if ((since += near.length) >= cellsAtOnce) {
          since = 0
          yield rows
        }
      }
    }
    yield rows
  }

  /** All cells are decided anew when they are asked for; what is alike stays known. */
  forgetAll(): void {
    this.rows.clear()
  }

  private decide(row: CellRow, at: number, on: PreparedModel, fabric: Fabric): void {
    row.put(at, this.engine.cell(row.technique, on, fabric))
    this.decided++
  }

  private rowOf(technique: Id, fabric: Id): CellRow {
    const { index } = this.answering
    const [sought, inFabric] = [index.techniques.get(technique), index.fabrics.get(fabric)]
    if (!sought)
      throw new QuestionError([{ path: ['technique'], message: `no technique “${technique}” in the catalogue` }])
    if (!inFabric) throw new QuestionError([{ path: ['fabric'], message: `no fabric “${fabric}” in the catalogue` }])
    const ofFabric = this.rows.get(fabric) ?? new Map<Id, CellRow>()
    this.rows.set(fabric, ofFabric)
    const known = ofFabric.get(technique)
    if (known) return known
    const row = new CellRow(sought, index.bundle.models.length)
    ofFabric.set(technique, row)
    return row
  }

  private forget({ techniques, models, fabrics }: Affected): void {
    for (const [fabric, ofFabric] of this.rows) {
      if (fabrics !== 'all' && !fabrics.has(fabric)) continue
      for (const technique of [...ofFabric.keys()]) {
        if (techniques !== 'all' && !techniques.has(technique)) continue
        if (models === 'all') ofFabric.delete(technique)
        else {
          for (const model of models) {
            const at = this.places.get(model)
            if (at !== undefined) ofFabric.get(technique)?.open(at)
          }
        }
      }
    }
  }
}

interface PlacedModel {
  at: number
  on: PreparedModel
}

/** So many models and what is known of them fit into a processor's own memory. */
const NEAR = 32

/** Changes that leave what an engine knows of items, fits, techniques and fabrics as it is. */
const OF_MODELS: ReadonlySet<string> = new Set(['models', 'stitches', 'samples', 'threads'])

const placesOf = ({ index }: AnswerContext): Map<Id, number> =>
  new Map(index.bundle.models.map(({ id }, at) => [id, at]))
