import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createSSRApp } from 'vue'
import { renderToString } from 'vue/server-renderer'
import { ApiProblem } from '../api/client'
import { useWork } from './work'

const asked: string[] = []
let told: unknown

beforeEach(() => {
  vi.useFakeTimers()
  asked.length = 0
  told = { working: true, done: 3, of: 12 }
  vi.stubGlobal('fetch', async (path: string, { method }: RequestInit) => {
    asked.push(`${method} ${path.replace(/\/[\d-]+$/, '/…')}`)
    return new Response(JSON.stringify(told))
  })
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

const inPage = async (): Promise<ReturnType<typeof useWork>> => {
  let work: ReturnType<typeof useWork> | undefined
  const setup = () => {
    work = useWork()
    return () => null
  }
  await renderToString(createSSRApp({ setup }))
  return work as ReturnType<typeof useWork>
}

/** Work, and the way to end it as the server would. */
const begin = async () => {
  const work = await inPage()
  let end: (result: string) => void = () => undefined
  let fail: (error: Error) => void = () => undefined
  const result = work.run(
    () =>
      new Promise<string>((resolve, reject) => {
        end = resolve
        fail = reject
      }),
  )
  return { work, result, end: (value: string) => end(value), fail: (error: Error) => fail(error) }
}

describe('work that takes long', () => {
  it('shows nothing where it is short', async () => {
    const { work, result, end } = await begin()
    expect(work.busy.value).toBe(true)
    await vi.advanceTimersByTimeAsync(300)
    end('done')
    expect(await result).toBe('done')
    expect([work.busy.value, work.progress.value]).toEqual([false, undefined])
    expect(asked).toEqual([])
  })

  it('asks again and again how far it is, until it is over', async () => {
    const { work, result, end } = await begin()
    await vi.advanceTimersByTimeAsync(450)
    expect(work.progress.value).toBe(0.25)
    told = { working: true, done: 6, of: 12 }
    await vi.advanceTimersByTimeAsync(300)
    expect(work.progress.value).toBe(0.5)
    // The answer is on its way: what was told last stands.
    told = { working: false }
    await vi.advanceTimersByTimeAsync(300)
    expect(work.progress.value).toBe(0.5)
    end('done')
    await result
    const before = asked.length
    await vi.advanceTimersByTimeAsync(2000)
    expect(asked.length).toBe(before)
  })

  it('comes to nothing where it was stopped, and fails as its request fails', async () => {
    const stopped = await begin()
    await stopped.work.stop()
    expect(asked).toEqual(['DELETE /api/work/…'])
    stopped.fail(new ApiProblem({ title: 'Stopped', status: 409, stopped: true }))
    expect(await stopped.result).toBeUndefined()
    const failed = await begin()
    failed.fail(new ApiProblem({ title: 'No', status: 422 }))
    await expect(failed.result).rejects.toThrow('No')
    expect(failed.work.busy.value).toBe(false)
  })

  it('has nothing to stop when there is none', async () => {
    const work = await inPage()
    await work.stop()
    expect(asked).toEqual([])
  })
})
