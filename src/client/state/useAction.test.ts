import { describe, expect, it } from 'vitest'
import { ApiProblem } from '../api/client'
import { useAction } from './useAction'

describe('an act', () => {
  it('says what it did', async () => {
    const { act, said, problem } = useAction()
    expect(await act(() => Promise.resolve('Sent.'))).toBe(true)
    expect([said.value, problem.value]).toEqual(['Sent.', ''])
    expect(await act(async () => undefined)).toBe(true)
    expect(said.value).toBe('')
  })

  it('is done once, however often it is pressed until it is done', async () => {
    const { act, busy } = useAction()
    let times = 0
    let done: () => void = () => undefined
    const work = () => new Promise<void>((end) => (times++, (done = end)))
    const pressed = [act(work), act(work), act(work)]
    expect(busy.value).toBe(true)
    done()
    expect(await Promise.all(pressed)).toEqual([true, false, false])
    expect([times, busy.value]).toEqual([1, false])
    const next = act(work)
    done()
    expect([await next, times]).toEqual([true, 2])
  })

  it('tells why it was not done, and can be done again', async () => {
    const { act, said, problem, busy } = useAction()
    const refused = new ApiProblem({ title: 'No such mailbox.', status: 422 })
    expect(await act(() => Promise.reject(refused))).toBe(false)
    expect([problem.value, said.value, busy.value]).toEqual(['No such mailbox.', '', false])
    expect(await act(() => Promise.resolve('Sent.'))).toBe(true)
    expect(problem.value).toBe('')
  })

  it('is not kept waiting by what the page reads, and a page that cannot be read says why', async () => {
    const { act, read, problem, busy } = useAction()
    let fail: (error: Error) => void = () => undefined
    const reading = read(() => new Promise((_, refuse) => (fail = refuse)))
    expect([busy.value, await act(async () => undefined)]).toEqual([false, true])
    fail(new ApiProblem({ title: 'Not now.', status: 503 }))
    await reading
    expect(problem.value).toBe('Not now.')
  })
})
