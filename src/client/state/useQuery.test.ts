import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createPinia, setActivePinia } from 'pinia'
import { effectScope, ref, type EffectScope } from 'vue'
import { ApiProblem } from '../api/client'
import { useChanges } from './changes'
import { useAnswers, useQuery, type QueryOptions } from './useQuery'

let asked: string[]
let waiting: Map<string, { say: (answer: string) => void; fail: (error: Error) => void }>
let scope: EffectScope
const question = ref<string>()
beforeEach(() => {
  vi.useFakeTimers()
  setActivePinia(createPinia())
  asked = []
  waiting = new Map()
  question.value = 'a'
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.useRealTimers()
})

const settle = () => vi.advanceTimersByTimeAsync(0)
const begin = (how?: QueryOptions) => {
  const ask = (of: string) =>
    new Promise<string>((say, fail) => {
      asked.push(of)
      waiting.set(of, { say, fail })
    })
  return scope.run(() => useQuery('card', () => question.value, ask, how)) as ReturnType<
    typeof useQuery<string, string>
  >
}
const answer = async (of: string, words = `answer to ${of}`) => {
  waiting.get(of)?.say(words)
  await settle()
}
const refuse = async (of: string) => {
  waiting.get(of)?.fail(new ApiProblem({ title: `No ${of}.`, status: 404 }))
  await settle()
}
const put = async (next: string | undefined) => {
  question.value = next
  await settle()
}

describe('an answer', () => {
  it('is asked for at once and is busy until it is here', async () => {
    const told = begin()
    expect([asked, told.busy.value, told.answer.value]).toEqual([['a'], true, undefined])
    await answer('a')
    expect([told.busy.value, told.answer.value]).toEqual([false, 'answer to a'])
  })

  it('is dropped when it comes after the answer to a later question', async () => {
    const told = begin()
    await put('b')
    await answer('b')
    await answer('a')
    expect([told.answer.value, told.busy.value]).toEqual(['answer to b', false])
  })

  it('is dropped when it comes before, too: it is not what is asked', async () => {
    const told = begin()
    await put('b')
    await answer('a')
    expect([told.answer.value, told.busy.value]).toEqual([undefined, true])
  })

  it('stays for a moment while the next is on its way, and no longer', async () => {
    const told = begin({ stays: 250 })
    await answer('a')
    await put('b')
    expect(told.answer.value).toBe('answer to a')
    await vi.advanceTimersByTimeAsync(249)
    expect(told.answer.value).toBe('answer to a')
    await vi.advanceTimersByTimeAsync(1)
    expect(told.answer.value).toBeUndefined()
    await answer('b')
    await vi.advanceTimersByTimeAsync(1000)
    expect(told.answer.value).toBe('answer to b')
  })

  it('goes at once where nothing may stay', async () => {
    const told = begin({ stays: 0 })
    await answer('a')
    await put('b')
    expect(told.answer.value).toBeUndefined()
  })

  it('is none, and asks nothing, without a question', async () => {
    const told = begin({ wait: 120 })
    await answer('a')
    await put(undefined)
    expect([asked, told.answer.value, told.busy.value]).toEqual([['a'], undefined, false])
  })

  it('waits until somebody has typed, but not the first time', async () => {
    const told = begin({ wait: 120 })
    expect(asked).toEqual(['a'])
    await answer('a')
    for (const typed of ['ab', 'abc', 'abcd']) {
      await put(typed)
      await vi.advanceTimersByTimeAsync(100)
    }
    expect([asked, told.busy.value]).toEqual([['a'], true])
    await vi.advanceTimersByTimeAsync(20)
    expect(asked).toEqual(['a', 'abcd'])
  })

  it('is not asked for again where the question is put anew but is the same', async () => {
    const object = ref({ model: 'one' })
    let times = 0
    scope.run(() =>
      useQuery(
        'card',
        () => object.value,
        async () => ++times,
      ),
    )
    object.value = { model: 'one' }
    await settle()
    expect(times).toBe(1)
  })
})

describe('what somebody else writes', () => {
  const write = async (versions: Record<string, number>) => {
    useChanges().take(versions)
    await settle()
  }
  it('has the question asked again where the answer rests on it, and what stood there stays meanwhile', async () => {
    const told = begin()
    await write({ catalogue: 3, outbox: 1 })
    await answer('a')
    expect(asked).toEqual(['a'])
    await write({ outbox: 2 })
    expect(asked).toEqual(['a'])
    await write({ catalogue: 4 })
    expect([asked, told.answer.value]).toEqual([['a', 'a'], 'answer to a'])
    await answer('a', 'another answer')
    expect(told.answer.value).toBe('another answer')
  })

  it('is never answered from before it, and without it nothing is asked twice', async () => {
    await write({ catalogue: 3 })
    const told = begin()
    await answer('a')
    await put('b')
    await answer('b')
    await put('a')
    expect([asked, told.answer.value]).toEqual([['a', 'b'], 'answer to a'])
    await write({ catalogue: 4 })
    await put('b')
    expect(asked).toEqual(['a', 'b', 'a', 'b'])
  })

  it('is forgotten for who signs in next', async () => {
    begin()
    await answer('a')
    await put('b')
    await answer('b')
    useAnswers().forget()
    await put('a')
    expect(asked).toEqual(['a', 'b', 'a'])
  })
})

describe('a refusal', () => {
  it('is told, and the answer to an earlier question does not outlive it', async () => {
    const told = begin()
    await answer('a')
    await put('b')
    await refuse('b')
    expect([told.problem.value, told.busy.value]).toEqual(['No b.', false])
    await vi.advanceTimersByTimeAsync(250)
    expect(told.answer.value).toBeUndefined()
  })

  it('is forgotten with its question', async () => {
    const told = begin()
    await refuse('a')
    expect(told.problem.value).toBe('No a.')
    await put('b')
    expect(told.problem.value).toBe('')
    await put('a')
    await put('b')
    await refuse('a')
    expect(told.problem.value).toBe('')
  })
})

describe('asking the same once more', () => {
  it('keeps what stood there until the new answer is here', async () => {
    const told = begin()
    await answer('a')
    void told.again()
    await vi.advanceTimersByTimeAsync(1000)
    expect(told.answer.value).toBe('answer to a')
    await answer('a', 'as it is now')
    expect(told.answer.value).toBe('as it is now')
  })

  it('keeps it also where that is refused', async () => {
    const told = begin()
    await answer('a')
    void told.again()
    await refuse('a')
    expect([told.answer.value, told.problem.value]).toEqual(['answer to a', 'No a.'])
  })
})
