/** What the workers for heavy work can do. The server itself never loads it: what it needs is large. */
import { isMainThread, type MessagePort } from 'node:worker_threads'
import { readCatalogue, readMerging } from '../features/bundle/readCatalogue'
import { readCalendar } from '../features/classes/calendarFile'
import { optimum } from '../features/classes/solver'
import { joinPdf } from '../print/join'
import { drawPdf } from '../print/pdf'

export const tasks = { optimum, drawPdf, joinPdf, readCalendar, readCatalogue, readMerging }
export type Tasks = typeof tasks

export interface TaskRequest {
  task: keyof Tasks
  given: unknown[]
  /** Told when the task begins, so that neither waiting nor a worker's own start counts against it. */
  begun: MessagePort
}

/**
 * The worker's entry, called by its name. A fault is told by its message: what a library throws may not be one that can
 * be sent.
 * @public
 */
export const work = async ({ task, given, begun }: TaskRequest): Promise<unknown> => {
  if (isMainThread) throw new Error('heavy work is not done beside the desk')
  begun.postMessage(true)
  begun.close()
  try {
    return await (tasks[task] as (...all: unknown[]) => unknown)(...given)
  } catch (error) {
    throw new Error(error instanceof Error ? error.message : String(error))
  }
}
