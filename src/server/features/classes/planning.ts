/** Plans of classes, worked out once for a class and a catalogue as they are. */
import { QuestionError } from '#core/answer/question'
import type { Solver } from '#core/classes/allocate'
import { planClass, type PlannedClass } from '#core/classes/plan'
import type { SewingClass } from '#core/classes/types'
import { Invalid } from '../../http/problems'
import type { Work } from '../../work/board'
import type { Workers } from '../../work/workers'
import type { Snapshot } from '../catalogue/snapshot'

const MOST_REMEMBERED = 16

export class ClassPlanning {
  private readonly plans = new Map<string, PlannedClass>()

  constructor(private readonly workers: Workers) {}

  readonly solve: Solver = (programme, maximise) => this.workers.run('optimum', [programme, maximise])

  /** Throws `Invalid` for what the catalogue has lost since the class was written, `Stopped` where it was stopped. */
  async of(snapshot: Snapshot, asked: SewingClass, reportProgress: Work['reportProgress']): Promise<PlannedClass> {
    const key = `${snapshot.revision} ${JSON.stringify(asked)}`
    const planned = this.plans.get(key) ?? (await plan(snapshot, asked, this.solve, reportProgress))
    this.plans.delete(key)
    this.plans.set(key, planned)
    if (this.plans.size > MOST_REMEMBERED) this.plans.delete(this.plans.keys().next().value as string)
    return planned
  }
}

const plan = async (
  snapshot: Snapshot,
  asked: SewingClass,
  solve: Solver,
  reportProgress: Work['reportProgress'],
): Promise<PlannedClass> => {
  try {
    return await planClass(snapshot, asked, solve, reportProgress)
  } catch (error) {
    if (error instanceof QuestionError) throw new Invalid('The class speaks of something that is gone.', error.issues)
    throw error
  }
}
