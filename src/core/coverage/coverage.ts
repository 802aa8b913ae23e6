/** All techniques on all models in a fabric: decided once, and after a change only where it can matter. */
import type { Id } from '../catalogue/types'
import type { Answering } from '../answer/explain'
import { affectedBy, type Affected, type RowChange } from './affected'
import { decide, type Decision } from './decide'

type Row = Map<Id, Decision>

export class Coverage {
  /** Fabric → technique → model. A cell that is not there is decided when it is asked for. */
  private readonly fabrics = new Map<Id, Map<Id, Row>>()
  /** How many cells were decided, for measuring. */
  decided = 0

  constructor(private answering: Answering) {}

  /** The catalogue after some changes; `undefined` where nobody can tell what changed. */
  update(answering: Answering, changes: readonly RowChange[] | undefined): void {
    this.answering = answering
    if (!changes) {
      this.fabrics.clear()
      return
    }
    for (const change of changes) {
      const affected = affectedBy(change, answering.index)
      if (affected) this.forget(affected)
    }
  }

  /** Throws `QuestionError` where the catalogue has no such technique, model or fabric. */
  cell(technique: Id, model: Id, fabric: Id): Decision {
    const ofFabric = this.fabrics.get(fabric) ?? new Map<Id, Row>()
    this.fabrics.set(fabric, ofFabric)
    const row = ofFabric.get(technique) ?? new Map<Id, Decision>()
    ofFabric.set(technique, row)
    const known = row.get(model)
    if (known) return known
    const decision = decide(this.answering, { technique, model, fabric })
    this.decided++
    row.set(model, decision)
    return decision
  }

  private forget({ techniques, models, fabrics }: Affected): void {
    for (const [fabric, ofFabric] of this.fabrics) {
      if (fabrics !== 'all' && !fabrics.has(fabric)) continue
      for (const [technique, row] of ofFabric) {
        if (techniques !== 'all' && !techniques.has(technique)) continue
        if (models === 'all') row.clear()
        else for (const model of models) row.delete(model)
      }
    }
  }
}
