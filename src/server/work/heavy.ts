/** What runs in the thread for heavy work: tasks by name, one after another. */
import { parentPort } from 'node:worker_threads'
import { readCalendar } from '../features/classes/calendarFile'
import { optimum } from '../features/classes/solver'
import { joinPdf } from '../print/join'
import { drawPdf } from '../print/pdf'

export const tasks = { optimum, drawPdf, joinPdf, readCalendar }
export type Tasks = typeof tasks

export interface TaskRequest {
  id: number
  task: keyof Tasks
  given: unknown[]
}
export type TaskReply = { id: number } & ({ result: unknown } | { error: string })

parentPort?.on('message', ({ id, task, given }: TaskRequest) => {
  const work = tasks[task] as (...all: unknown[]) => unknown
  Promise.resolve()
    .then(() => work(...given))
    .then((result) => parentPort?.postMessage({ id, result } satisfies TaskReply))
    .catch((error: unknown) =>
      parentPort?.postMessage({
        id,
        error: error instanceof Error ? error.message : String(error),
      } satisfies TaskReply),
    )
})
