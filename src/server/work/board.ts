/** Long work that people wait for: how far it is, and whether it is still wanted. */
import { setImmediate as others } from 'node:timers/promises'
import { Problem } from '../http/problems'

/** The work was stopped by whoever asked for it, or they went away. Nothing of it is kept. */
export class Stopped extends Problem {
  constructor() {
    super(409, 'Stopped, as you asked. Nothing was changed.', { stopped: true })
  }
}

/** How long a piece of work keeps others waiting at most, ms, if its steps are short. */
const TURN = 12

export class Work {
  done = 0
  of = 1
  private stopped = false
  private end: AbortController | undefined
  private turn = performance.now()

  constructor(private readonly ended: () => void = () => undefined) {}

  /** Ends what a worker does for it, once nobody waits any more. Made where it is asked for: most work has none. */
  get signal(): AbortSignal {
    this.end ??= new AbortController()
    if (this.stopped) this.end.abort()
    return this.end.signal
  }

  /** It is answered, or nobody waits for it any more. */
  readonly over = (): void => {
    this.stop()
    this.ended()
  }

  stop(): void {
    this.stopped = true
    this.end?.abort()
  }

  /** Says how far it is and lets others have their turn. Throws `Stopped`. */
  readonly reportProgress = async (done: number, of: number): Promise<void> => {
    this.done = done
    this.of = of
    if (performance.now() - this.turn > TURN) {
      await others()
      this.turn = performance.now()
    }
    if (this.stopped) throw new Stopped()
  }
}

/** Work by the name its sender gave it; only they see and stop it. What has no name is seen by nobody. */
export class WorkBoard {
  private readonly running = new Map<string, Work>()

  begin(owner: string, name: string | undefined): Work {
    if (name === undefined) return new Work()
    const key = keyOf(owner, name)
    const work = new Work(() => this.running.delete(key))
    this.running.set(key, work)
    return work
  }

  find(owner: string, name: string): Work | undefined {
    return this.running.get(keyOf(owner, name))
  }
}

const keyOf = (owner: string, name: string): string => `${owner} ${name}`
