/** The workers for heavy work, so that nobody at the desk waits for it: bounded in number, queue, time and memory. */
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { MessageChannel } from 'node:worker_threads'
import { Piscina } from 'piscina'
import { Problem } from '../http/problems'
import { Stopped } from './board'
import type { Tasks, TaskRequest } from './heavy'

/** Two at least: one that is kept busy by a poisoned file never stops the others' pages. */
const WORKERS = Math.max(2, availableParallelism() - 1)
const MOST_WAITING = 64
const IDLE_MS = 10 * 60_000
/** A worker that needs more is ended, and its task with it. */
const MOST_MEGABYTES = 1024
/** How long a task may take, once it is begun. */
const MOST_SECONDS: Record<keyof Tasks, number> = {
  optimum: 60,
  drawPdf: 30,
  joinPdf: 60,
  readCalendar: 5,
  readCatalogue: 60,
  readMerging: 60,
}

type Done<Task extends keyof Tasks> = Awaited<ReturnType<Tasks[Task]>>

export class Workers {
  private readonly pool = new Piscina<TaskRequest, unknown>({
    filename: entry(),
    name: 'work',
    minThreads: 0,
    maxThreads: WORKERS,
    maxQueue: MOST_WAITING,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
    ...(isSource ? { execArgv: ['--import', 'tsx'] } : {}),
  })

  /** How many tasks are worked on at the same time. */
  readonly atOnce = WORKERS

  /** Seconds that a task may take, in place of its own bound. */
  constructor(private readonly seconds: Partial<Record<keyof Tasks, number>> = {}) {}

  /**
   * Throws `TooHeavy` where too many wait already, or the task took longer or needed more memory than it may;
   * `Stopped` where `signal` ended it; whatever else it throws is an `Error` with the task's own words.
   */
  async run<Task extends keyof Tasks>(
    task: Task,
    given: Parameters<Tasks[Task]>,
    signal?: AbortSignal,
  ): Promise<Done<Task>> {
    const seconds = this.seconds[task] ?? MOST_SECONDS[task]
    const late = new AbortController()
    const { port1: start, port2: begun } = new MessageChannel()
    let bell: NodeJS.Timeout | undefined
    start.once('message', () => (bell = setTimeout(() => late.abort(), seconds * 1000)))
    try {
      const ended = AbortSignal.any([late.signal, ...(signal ? [signal] : [])])
      return (await this.pool.run({ task, given, begun }, { signal: ended, transferList: [begun] })) as Done<Task>
    } catch (error) {
      const code = (error as NodeJS.ErrnoException).code
      if (signal?.aborted) throw new Stopped()
      if (late.signal.aborted) throw new TooHeavy(`It took longer than ${seconds} seconds and was stopped.`)
      if (code === 'ERR_WORKER_OUT_OF_MEMORY') throw new TooHeavy('It needed too much memory and was stopped.')
      if (error instanceof Error && error.message === 'Task queue is at limit')
        throw new TooHeavy('Too much is being worked on at the moment. Please try again in a minute.')
      throw error
    } finally {
      clearTimeout(bell)
      start.close()
    }
  }

  close(): Promise<void> {
    return this.pool.destroy()
  }
}

/** Heavy work that was not done, or not to its end. Nothing was changed. */
export class TooHeavy extends Problem {
  constructor(title: string) {
    super(503, title)
  }
}

const isSource = import.meta.url.endsWith('.ts')
/** Built, it stands beside the server; from source it is TypeScript, which a worker is taught to read. */
function entry(): string {
  return fileURLToPath(new URL(isSource ? './heavy.ts' : './heavy.mjs', import.meta.url))
}
