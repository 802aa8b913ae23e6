/** Plans of classes, worked out once for a class and a catalogue as they are. */
import { QuestionError } from '#core/answer/question'
import type { Solver } from '#core/classes/allocate'
import { planClass, type PlannedClass } from '#core/classes/plan'
import type { SewingClass } from '#core/classes/types'
import { Invalid } from '../../http/problems'
import { inThread } from '../../work/thread'
import type { Work } from '../../work/board'
import type { Snapshot } from '../catalogue/snapshot'

const MOST_REMEMBERED = 16

export const solve: Solver = (programme, maximise) => inThread('optimum', programme, maximise)

export class ClassPlanning {
  private readonly known = new Map<string, PlannedClass>()

  /** Throws `Invalid` for what the catalogue has lost since the class was written, `Stopped` where it was stopped. */
  async of(snapshot: Snapshot, asked: SewingClass, pace: Work['pace']): Promise<PlannedClass> {
    const key = `${snapshot.revision} ${JSON.stringify(asked)}`
    const planned = this.known.get(key) ?? (await plan(snapshot, asked, pace))
    this.known.delete(key)
    this.known.set(key, planned)
    if (this.known.size > MOST_REMEMBERED) this.known.delete(this.known.keys().next().value as string)
    return planned
  }
}

const plan = async (snapshot: Snapshot, asked: SewingClass, pace: Work['pace']): Promise<PlannedClass> => {
  try {
    return await planClass(snapshot, asked, solve, pace)
  } catch (error) {
    if (error instanceof QuestionError) throw new Invalid('The class speaks of something that is gone.', error.issues)
    throw error
  }
}
