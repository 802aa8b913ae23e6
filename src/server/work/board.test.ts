import { describe, expect, it } from 'vitest'
import { Stopped, Work, WorkBoard } from './board'

describe('long work', () => {
  it('tells how far it is', async () => {
    const work = new Work()
    expect([work.done, work.of]).toEqual([0, 1])
    await work.reportProgress(3, 10)
    expect([work.done, work.of]).toEqual([3, 10])
  })

  it('goes no further once it was stopped, and says that nothing was changed', async () => {
    const work = new Work()
    await work.reportProgress(1, 2)
    work.stop()
    await expect(work.reportProgress(2, 2)).rejects.toThrow(Stopped)
    await expect(work.reportProgress(2, 2)).rejects.toMatchObject({ status: 409, more: { stopped: true } })
  })

  it('goes no further once nobody waits for it', async () => {
    const work = new Work()
    work.over()
    await expect(work.reportProgress(1, 2)).rejects.toThrow(Stopped)
  })

  it('ends what a worker does for it, whether that began before it was stopped or after', () => {
    const work = new Work()
    const { signal } = work
    expect(signal.aborted).toBe(false)
    work.stop()
    expect(signal.aborted).toBe(true)
    expect(work.signal).toBe(signal)
    const late = new Work()
    late.stop()
    expect(late.signal.aborted).toBe(true)
  })
})

describe('work by its name', () => {
  it('is found by whoever asked for it, and by nobody else', () => {
    const board = new WorkBoard()
    const work = board.begin('maren', 'plan-1234')
    expect(board.find('maren', 'plan-1234')).toBe(work)
    expect(board.find('osk', 'plan-1234')).toBeUndefined()
    expect(board.find('maren', 'plan-5678')).toBeUndefined()
  })

  it('is gone when it is over', () => {
    const board = new WorkBoard()
    board.begin('maren', 'plan-1234').over()
    expect(board.find('maren', 'plan-1234')).toBeUndefined()
  })

  it('that has none is seen by nobody', () => {
    const board = new WorkBoard()
    const work = board.begin('maren', undefined)
    expect(board.find('maren', 'undefined')).toBeUndefined()
    expect(() => work.over()).not.toThrow()
  })
})
