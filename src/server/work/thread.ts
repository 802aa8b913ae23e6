/** The thread for heavy work, so that nobody at the desk waits for it: begun when it is first needed. */
import { Worker } from 'node:worker_threads'
import type { TaskRequest, Tasks, TaskReply } from './heavy'

let worker: Worker | undefined
let count = 0
const waiting = new Map<number, { resolve: (result: unknown) => void; reject: (error: Error) => void }>()

type Done<Task extends keyof Tasks> = Awaited<ReturnType<Tasks[Task]>>

export const inThread = async <Task extends keyof Tasks>(
  task: Task,
  ...given: Parameters<Tasks[Task]>
): Promise<Done<Task>> => {
  const thread = (worker ??= begin())
  const id = ++count
  const reply = new Promise<unknown>((resolve, reject) => waiting.set(id, { resolve, reject }))
  thread.ref()
  thread.postMessage({ id, task, given } satisfies TaskRequest)
  try {
    return (await reply) as Done<Task>
  } finally {
    waiting.delete(id)
    if (waiting.size === 0) worker?.unref()
  }
}

const begin = (): Worker => {
  const thread = open()
  thread.on('message', (message: TaskReply) => {
    const asker = waiting.get(message.id)
    if ('error' in message) asker?.reject(new Error(message.error))
    else asker?.resolve(message.result)
  })
  const fail = (error: Error) => {
    if (worker === thread) worker = undefined
    for (const asker of waiting.values()) asker.reject(error)
  }
  thread.on('error', fail)
  thread.on('exit', () => fail(new Error('the thread for heavy work ended')))
  return thread
}

/** Built, it stands beside the server; from source it is TypeScript, which a thread must first be taught to read. */
const open = (): Worker => {
  if (!import.meta.url.endsWith('.ts')) return new Worker(new URL('./heavy.mjs', import.meta.url))
  const source = new URL('./heavy.ts', import.meta.url).href
  return new Worker(`import('tsx/esm/api').then(({ register }) => (register(), import(${JSON.stringify(source)})))`, {
    eval: true,
  })
}
