import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useAsk } from './useAsk'

/** The server's answers, each held back until the test lets it go. */
let waiting: { q: string; say: (body: unknown, ok?: boolean) => void }[]
let line: ReturnType<typeof useAsk>
const settle = () => new Promise((done) => setTimeout(done))
const letGo = async (q: string, ok = true) => {
  const at = waiting.findIndex((one) => one.q === q)
  waiting.splice(at, 1)[0]?.say(ok ? { picks: { left: [q] }, stops: [] } : { title: 'Not now.', status: 503 }, ok)
  await settle()
}
const type = (text: string) => {
  line.typed.value = text
  return line.ask()
}

beforeEach(() => {
  waiting = []
  vi.stubGlobal(
    'fetch',
    (path: string) =>
      new Promise((done) => {
        const q = new URLSearchParams(path.split('?')[1]).get('q') ?? ''
        waiting.push({
          q,
          say: (body, ok = true) => done(new Response(JSON.stringify(body), { status: ok ? 200 : 503 })),
        })
      }),
  )
  line = useAsk()
})
afterEach(() => vi.unstubAllGlobals())

describe('the ask line', () => {
  it('answers Enter also when what was typed is asked for a second time meanwhile', async () => {
    const entered = type('hem')
    void line.ask()
    expect(waiting).toHaveLength(1)
    await letGo('hem')
    expect((await entered)?.picks.left).toEqual(['hem'])
  })

  it('gives Enter the answer to what stands there, never to what stood there before', async () => {
    const before = type('hem')
    await letGo('hem')
    const entered = type('hem on the overlocker')
    let given: unknown = 'nothing yet'
    void entered.then((view) => (given = view?.picks.left))
    await settle()
    expect(given).toBe('nothing yet')
    expect(line.answer.value?.line).toBe('hem')
    await letGo('hem on the overlocker')
    expect([(await before)?.picks.left, given]).toEqual([['hem'], ['hem on the overlocker']])
  })

  it('drops a slower answer to an earlier line', async () => {
    const first = type('he')
    const second = type('hem')
    await letGo('hem')
    await letGo('he')
    expect(line.answer.value?.line).toBe('hem')
    expect(await first).toBeUndefined()
    expect(await second).toBeDefined()
  })

  it('gives nothing when the server does not answer, says why, and asks again at the next Enter', async () => {
    await Promise.all([type('hem'), letGo('hem', false)])
    expect(line.problem.value).toBe('Not now.')
    const [again] = await Promise.all([line.ask(), letGo('hem')])
    expect([again?.picks.left, line.problem.value]).toEqual([['hem'], ''])
  })

  it('keeps what it told while a later line fails, but does not give it for that line', async () => {
    await Promise.all([type('hem'), letGo('hem')])
    const [given] = await Promise.all([type('hem 2'), letGo('hem 2', false)])
    expect([given, line.answer.value?.line]).toEqual([undefined, 'hem'])
  })

  it('asks nothing for an empty line and forgets what it told', async () => {
    await Promise.all([type('hem'), letGo('hem')])
    expect(await type('  ')).toBeUndefined()
    expect([line.answer.value, line.problem.value, waiting]).toEqual([undefined, '', []])
  })

  it('tells no answer that comes after the line was emptied', async () => {
    const entered = type('hem')
    line.clear()
    await letGo('hem')
    expect([await entered, line.answer.value]).toEqual([undefined, undefined])
  })
})
