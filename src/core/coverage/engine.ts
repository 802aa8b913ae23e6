/**
 * Cell after cell of the coverage: what `decide` says, found by looking at the best first and at no more than it takes.
 * What is alike is judged once (`equivalence`, `pairings`); what is out of the ordinary is left to `decide`.
 */
import type { Fabric, Id, Model, Technique } from '../catalogue/types'
import type { AnswerContext } from '../answer/explain'
import { decideBriefly, type Decided } from './decide'
import { FabricEngine, type Judged } from './fabricEngine'
import { PreparedModels, type PreparedModel } from './prepared'
import type { Source } from './plan'
import { EquivalenceKeys } from './equivalence'

export class CoverageEngine {
  private readonly equivalence: EquivalenceKeys
  private readonly known: PreparedModels
  private readonly fabrics = new Map<Id, FabricEngine>()
  /** Cells with samples: a house setting is one stitch's own. */
  private sampled: ReadonlySet<string>
  private readonly source: Source
  readonly judged: Judged = { byKeys: 0, all: 0 }

  constructor(answering: AnswerContext) {
    this.source = { answering }
    this.equivalence = new EquivalenceKeys(answering.index)
    this.known = new PreparedModels(this.source, this.equivalence)
    this.sampled = sampledIn(answering)
  }

  /** The catalogue after a change of models, stitches or samples alone; what did not change is the same object. */
  update(answering: AnswerContext): void {
    this.source.answering = answering
    this.sampled = sampledIn(answering)
  }

  /** What cells of a model are decided by; found the first time it is asked for. */
  on(model: Model): PreparedModel {
    return this.known.model(model)
  }

  cell(technique: Technique, on: PreparedModel, fabric: Fabric): Decided {
    const { model } = on
    if (this.sampled.size > 0 && this.sampled.has(cellKey(technique.id, model.id, fabric.id))) {
      return decideBriefly(this.source.answering, { technique: technique.id, model: model.id, fabric: fabric.id })
    }
    let engine = this.fabrics.get(fabric.id)
    if (!engine) {
      engine = new FabricEngine(this.source, this.equivalence, this.known, fabric, this.judged)
      this.fabrics.set(fabric.id, engine)
    }
    return engine.cell(technique, on)
  }
}

const sampledIn = ({ index }: AnswerContext): Set<string> =>
  new Set(index.bundle.samples.map(({ technique, model, fabric }) => cellKey(technique, model, fabric)))

const cellKey = (technique: Id, model: Id, fabric: Id): string => `${technique}\n${model}\n${fabric}`
